import type { Severity } from '@/design/Severity'
import type { Library, Plan, Step, Zone } from '@/features/build'
import type { FindingIndex } from './verdicts'

/** What of the plan is shown: folded parts, and the findings that are looked for. Nothing of it changes the plan. */
export type View = {
    foldedParts: ReadonlySet<string>
    foldedGroups: ReadonlySet<string>
    filter: Filter
}
export type Filter = 'all' | Severity | 'accepted'

export const FILTERS: readonly Filter[] = ['all', 'stop', 'risk', 'note', 'accepted']
export const wholeView: View = { foldedParts: new Set(), foldedGroups: new Set(), filter: 'all' }

/** Fewer steps or zones than this are legible without parts and groups. */
const PARTS_FROM = 13
const GROUPS_FROM = 9

/** A column of the board: one zone, or a folded group of zones. */
export type Column = { key: string; name: string; group: string; zones: readonly Zone[]; isFolded: boolean }

export function columnsOf(all: readonly Zone[], library: Library, foldedGroups: ReadonlySet<string>): Column[] {
    const groupOf = (zone: Zone) => library.zoneKinds.find((kind) => kind.code === zone.kind)?.group ?? 'body'
    const columns: Column[] = []
    for (const group of new Set(all.map(groupOf))) {
        const zones = all.filter((zone) => groupOf(zone) === group)
        if (foldedGroups.has(group) && zones.length > 1) {
            columns.push({ key: `group:${group}`, name: `${zones.length} zones`, group, zones, isFolded: true })
        } else {
            columns.push(
                ...zones.map((zone) => ({ key: zone.id, name: zone.name, group, zones: [zone], isFolded: false })),
            )
        }
    }
    return columns
}

export const hasGroups = (plan: Plan): boolean => plan.zones.length >= GROUPS_FROM

export type Part = { key: string; name: string; steps: readonly Step[] }

/** The steps in runs of one kind of work, in the order of the plan. */
export function partsOf(plan: Plan, library: Library): Part[] {
    const partOf = new Map(library.techniques.map((technique) => [technique.code, technique.part]))
    const parts: { key: string; name: string; steps: Step[] }[] = []
    for (const step of plan.steps) {
        const last = parts[parts.length - 1]
        const name = partOf.get(step.technique) ?? last?.name ?? 'Ground'
        if (last?.name === name) last.steps.push(step)
        else
            parts.push({ key: `${name} ${parts.filter((part) => part.name === name).length + 1}`, name, steps: [step] })
    }
    return parts
}

export const hasParts = (plan: Plan): boolean => plan.steps.length >= PARTS_FROM

/** Whether a step is shown under a filter. */
export function passes(filter: Filter, step: Step, findings: FindingIndex): boolean {
    return (
        filter === 'all' ||
        findings
            .ofStep(step.id)
            .some((finding) => (finding.accepted === null ? finding.severity === filter : filter === 'accepted'))
    )
}

/** The steps that can be seen, in the order of the plan. */
export function visibleSteps(plan: Plan, library: Library, view: View, findings: FindingIndex): Step[] {
    const shown = plan.steps.filter((step) => passes(view.filter, step, findings))
    if (!hasParts(plan)) return shown
    const folded = new Set(
        partsOf(plan, library)
            .filter((part) => view.foldedParts.has(part.key))
            .flatMap((part) => part.steps.map((step) => step.id)),
    )
    return shown.filter((step) => !folded.has(step.id))
}

export function toggled<T>(set: ReadonlySet<T>, value: T): ReadonlySet<T> {
    const next = new Set(set)
    if (!next.delete(value)) next.add(value)
    return next
}

/** Columns of the board’s grid: the time, the step, and the zones. */
export const boardColumns = (columns: readonly Column[]): string =>
    `5.5rem minmax(13rem, 17rem) repeat(${columns.length}, minmax(2.75rem, 1fr))`
