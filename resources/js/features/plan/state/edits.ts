import type {
    BenchConditions,
    BuildFacts,
    Library,
    Plan,
    Product,
    SchoolChoice,
    Step,
    Technique,
    Zone,
} from '@/features/build'
import { EVERYWHERE, orUsual } from './extent'

/** Changes to a plan in the open edit format; the server applies and checks them. */
export type PlanEdit =
    | {
          edit: 'add-step'
          id: string
          technique: string
          at: number
          zones: string[] | null
          with: string | null
          merge: Step['merge']
      }
    | { edit: 'change-technique'; id: string; technique: string }
    | { edit: 'insert-step'; step: Step; at: number }
    | { edit: 'remove-step'; id: string }
    | { edit: 'move-step'; id: string; to: number }
    | { edit: 'replace-step'; step: Step }
    | { edit: 'put-product'; product: Product }
    | { edit: 'put-zone'; zone: Zone }
    | { edit: 'remove-zone'; id: string }
    | { edit: 'describe-build'; build: BuildFacts }
    | { edit: 'set-school'; school: SchoolChoice }
    | { edit: 'set-bench'; bench: BenchConditions }

export function newId(prefix: string): string {
    return `${prefix.slice(0, 28)}-${crypto.getRandomValues(new Uint32Array(1))[0]?.toString(36) ?? '0'}`.slice(0, 40)
}

/** Jars that a technique takes, each once: those of the plan, those that the person owns, those to begin with. */
export function fittingProducts(
    plan: Plan,
    library: Library,
    technique: Technique,
    owned: readonly Product[],
): { inPlan: Product[]; own: Product[]; starter: Product[] } {
    const have = new Set<string>()
    const fitting = (jars: readonly Product[]) => {
        const some = jars.filter((jar) => technique.families.includes(jar.family) && !have.has(jar.id))
        for (const { id } of some) have.add(id)
        return some
    }
    return { inPlan: fitting(plan.products), own: fitting(owned), starter: fitting(library.starterShelf) }
}

/** A step as it is asked for. */
export type NewStep = {
    technique: string
    /** null: where such work usually goes. */
    zones: readonly string[] | null
    /** null: what suits the work. */
    jar: Product | null
    merge: Step['merge']
}

/** The edits that add a step before a place in the plan; the server completes it with what suits the work. */
export function addStep(plan: Plan, { technique, zones, jar, merge }: NewStep, at: number) {
    const id = newId(technique)
    const isThere = jar === null || plan.products.some((product) => product.id === jar.id)
    const edits: PlanEdit[] = [
        ...(isThere ? [] : [{ edit: 'put-product' as const, product: jar }]),
        {
            edit: 'add-step',
            id,
            technique,
            at,
            zones: zones === null ? null : [...zones],
            with: jar?.id ?? null,
            merge,
        },
    ]
    return { edits, id }
}

/** Puts a step on these zones, or takes it off if it is on all of them. */
export function toggleZones(plan: Plan, step: Step, zones: readonly string[]): PlanEdit {
    const on = new Set(step.zones)
    const isOnAll = zones.every((zone) => on.has(zone))
    for (const zone of zones) {
        if (isOnAll) on.delete(zone)
        else on.add(zone)
    }
    return {
        edit: 'replace-step',
        step: { ...step, zones: plan.zones.map((zone) => zone.id).filter((id) => on.has(id)) },
    }
}

export function togglePanel(step: Step, panel: string): PlanEdit {
    const now = step.extent ?? EVERYWHERE
    const panels = now.panels.includes(panel) ? now.panels.filter((id) => id !== panel) : [...now.panels, panel]
    return { edit: 'replace-step', step: { ...step, extent: orUsual({ ...now, panels }) } }
}

/** Places on either side of the hand that a dragged step may well be taken to next. */
const NEAR = 3

export const moveTo = (id: string, to: number): PlanEdit[] => [{ edit: 'move-step', id, to }]

/** The moves to the places around one, nearest first. */
export function movesAround(plan: Plan, id: string, to: number): PlanEdit[][] {
    const places = Array.from(
        { length: 2 * NEAR },
        (_, count) => to + (count % 2 === 0 ? -1 : 1) * (1 + Math.floor(count / 2)),
    )
    return places.filter((place) => place >= 0 && place < plan.steps.length).map((place) => moveTo(id, place))
}
