import {
    type BuildState,
    type Entry,
    entryOf,
    type LogEntry,
    momentOf,
    type Step,
    type Verdict,
} from '@/features/build'

export function isDone(verdict: Verdict, step: string): boolean {
    return verdict.steps.find((one) => one.id === step)?.done != null
}

/** Entries that no later one corrects. */
export function standing(log: readonly Entry[]): readonly Entry[] {
    const corrected = new Set(log.map((entry) => entry.corrects))
    return log.filter((entry) => entry.kind !== 'withdrawn' && !corrected.has(entry.id))
}

/** The entries that say that these steps are done, or, where all of them are, that none is. */
export function toggleDone(log: readonly Entry[], verdict: Verdict, steps: readonly string[]): LogEntry[] {
    const open = steps.filter((step) => !isDone(verdict, step))
    if (open.length > 0) return open.map((step) => entryOf('finished', step))
    return standing(log)
        .filter((entry) => entry.kind === 'finished' && entry.step !== null && steps.includes(entry.step))
        .map((entry) => entryOf('withdrawn', entry.step ?? '', { corrects: entry.id }))
}

/** The trials at a step that speak of a rule, and still count. */
export function trialsOf(log: readonly Entry[], step: string, rule: string): readonly Entry[] {
    return standing(log).filter((entry) => entry.step === step && entry.trial?.rule === rule)
}

/**
 * Steps before these, on the same zones, that nobody has said to be done: masks cannot come off before there was paint.
 */
export function stillBefore({ plan, verdict }: Pick<BuildState, 'plan' | 'verdict'>, steps: readonly string[]): Step[] {
    const last = plan.steps.findLastIndex((one) => steps.includes(one.id))
    const zones = new Set(plan.steps.filter((one) => steps.includes(one.id)).flatMap((one) => one.zones))
    return plan.steps.filter(
        (one, index) =>
            index < last &&
            !steps.includes(one.id) &&
            !isDone(verdict, one.id) &&
            one.zones.some((zone) => zones.has(zone)),
    )
}

/** The entry of a kind about a step that still counts; undefined: there is none. */
export const entryAbout = (log: readonly Entry[], kind: Entry['kind'], step: string): Entry | undefined =>
    standing(log).findLast((entry) => entry.kind === kind && entry.step === step)

/** When each of these was begun and finished, where it is said at all, in place of what was said before. */
export function saidDone(
    log: readonly Entry[],
    steps: readonly string[],
    { begun, finished }: { begun: Date | null; finished: Date },
): LogEntry[] {
    return steps.flatMap((step) =>
        (
            [
                ['begun', begun],
                ['finished', finished],
            ] as const
        ).flatMap(([kind, at]) => {
            const before = entryAbout(log, kind, step)
            if (at === null) return []
            return [entryOf(kind, step, { at: momentOf(at), ...(before === undefined ? {} : { corrects: before.id }) })]
        }),
    )
}
