import { replaceEqualDeep } from '@tanstack/react-query'
import { useEffect, useMemo, useRef } from 'react'
import { onWallClockNear } from '@/design/duration'
import { SEVERITIES, type Severity } from '@/design/Severity'
import type { SwatchLook } from '@/design/Swatch'
import {
    type Ground,
    groundAfter,
    type Library,
    type Plan,
    type StepVerdict,
    techniqueOf,
    type Verdict,
} from '@/features/build'
import { sayExtent, spotsOf } from '../state/extent'
import type { InWeek } from '../state/useSessions'
import { bestShare, clockOf, type FindingIndex, sayInWeek, sayWindows, waitBefore } from '../state/verdicts'
import type { Column } from '../state/view'

/** Where a step meets a zone, or a folded group of zones. */
export type Cell = {
    key: string
    zones: readonly string[]
    name: string
    isOn: boolean
    /** On some zones of the group only. */
    isPart: boolean
    severity: Severity | null
    /** What the zone shows after the step; null: the bare part, or not the same on all zones of the group. */
    ground: Ground | null
}

/** A row of the board as it looks: no more than is drawn, so that two rows that are equal look alike. */
export type Row = {
    id: string
    number: number
    technique: string
    kind: string
    product: string | null
    look: SwatchLook
    /** Where on its zones, in words; empty: everywhere. */
    where: string
    /** Per cent of a zone that it lies on, where that is in spots; null: on all of it. */
    spots: number | null
    /** Drawn as one body with the row above, or the row below. */
    joins: { above: boolean; below: boolean }
    /** Done in one sitting with the row above, or the row below. */
    together: { above: boolean; below: boolean }
    isDone: boolean
    isLocked: boolean
    starts: string
    /** Until when it has to be begun; null: at any time. */
    latest: string | null
    /** What may follow it and when, a line each. */
    windows: string
    bestShare: number | null
    waitMinutes: number
    /** The numbers of the steps that it is worked into while they are open: one body with them. */
    into: readonly number[]
    worst: Severity | null
    cells: readonly Cell[]
}

export function rowsOf(
    plan: Plan,
    verdict: Verdict,
    findings: FindingIndex,
    library: Library,
    columns: readonly Column[],
    sessions: ReadonlyMap<string, InWeek> | null,
): Row[] {
    const sittings = new Map(verdict.sittings.flatMap((one, number) => one.steps.map((id) => [id, number] as const)))
    const goesOn = (index: number): boolean => {
        const sitting = sittings.get(plan.steps[index]?.id ?? '')
        return sitting !== undefined && sittings.get(plan.steps[index - 1]?.id ?? '') === sitting
    }
    return plan.steps.map((step, index) => {
        const technique = techniqueOf(library, step.technique)
        const product = plan.products.find((one) => one.id === step.product)
        const times = verdict.steps[index]
        return {
            id: step.id,
            number: index + 1,
            technique: technique.name,
            kind: technique.kind,
            product: product?.name ?? null,
            look: {
                coverage: technique.coverage,
                colour: product?.colour ?? null,
                sheen: product?.sheen ?? null,
                kind: technique.kind,
                sprayed: step.application === 'airbrush' || step.application === 'can',
            },
            where: sayExtent(step.extent, plan),
            spots: spotsOf(step.extent),
            joins: { above: isInto(verdict, plan, index), below: isInto(verdict, plan, index + 1) },
            together: { above: goesOn(index), below: goesOn(index + 1) },
            isDone: times?.done != null,
            isLocked: step.locked,
            ...whenOf(times, verdict.clockZero, sessions?.get(step.id)),
            windows: times === undefined ? '' : sayWindows(times, clockOf(verdict.clockZero).say),
            bestShare: times === undefined ? null : bestShare(times),
            waitMinutes: waitBefore(verdict, index),
            into: (times?.into ?? []).map((id) => plan.steps.findIndex((one) => one.id === id) + 1),
            worst: findings.worstOfStep(step.id),
            cells: columns.map((column) => {
                const zones = column.zones.map((zone) => zone.id)
                const on = zones.filter((zone) => step.zones.includes(zone)).length
                return {
                    key: column.key,
                    zones,
                    // Without the step's number, which the row tells: a cell stays as it is when steps before it come
                    // and go.
                    name: `${column.isFolded ? `${column.group}, ${column.name}` : column.name}: ${technique.name}`,
                    isOn: on > 0,
                    isPart: on > 0 && on < zones.length,
                    severity:
                        SEVERITIES.find((one) => zones.some((zone) => findings.worstOfCell(step.id, zone) === one)) ??
                        null,
                    ground: groundOf(verdict, zones, index),
                }
            }),
        }
    })
}

function groundOf(verdict: Verdict, zones: readonly string[], step: number): Ground | null {
    const [first, ...others] = zones.map((zone) => groundAfter(verdict.finish.paints, zone, step))
    const isSame = (one: Ground | null) =>
        one?.colour === first?.colour &&
        one?.patch === first?.patch &&
        one?.line === first?.line &&
        one?.mark === first?.mark
    return first !== undefined && others.every(isSame) ? first : null
}

/** Whether a step goes into the one right before it while that is open. */
function isInto(verdict: Verdict, plan: Plan, index: number): boolean {
    const before = plan.steps[index - 1]
    return before !== undefined && verdict.steps[index]?.into.includes(before.id) === true
}

/** The session in which it stands, where a week is described; else when it could be begun. */
function whenOf(
    times: StepVerdict | undefined,
    clockZero: string | null,
    session: InWeek | undefined,
): Pick<Row, 'starts' | 'latest'> {
    if (times === undefined) return { starts: '', latest: null }
    if (times.done === null && session !== undefined) {
        return {
            starts: sayInWeek(session.starts, session),
            latest: session.closes === null ? null : onWallClockNear(session.closes, session.starts, session.timeZone),
        }
    }
    const clock = clockOf(clockZero)
    return { starts: clock.at(times.start), latest: times.closes === null ? null : clock.say(times.closes) }
}

/** The rows by step; one that looks as it did before is the same object as before, and need not be drawn again. */
export function useRows(
    plan: Plan,
    verdict: Verdict,
    findings: FindingIndex,
    library: Library,
    columns: readonly Column[],
    sessions: ReadonlyMap<string, InWeek> | null,
): ReadonlyMap<string, Row> {
    const drawn = useRef<ReadonlyMap<string, Row>>(new Map())
    const rows = useMemo(
        () =>
            new Map(
                rowsOf(plan, verdict, findings, library, columns, sessions).map((row) => [
                    row.id,
                    replaceEqualDeep(drawn.current.get(row.id), row),
                ]),
            ),
        [plan, verdict, findings, library, columns, sessions],
    )
    useEffect(() => {
        drawn.current = rows
    }, [rows])
    return rows
}
