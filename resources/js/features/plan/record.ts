import { type Entry, entryOf, type LogEntry, type Verdict } from '@/features/build'

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
