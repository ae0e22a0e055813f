import type { Trial as AnsweredTrial, Entry } from '@/contract'

type Trial = NonNullable<AnsweredTrial>

/** An entry as it is sent: the server adds what it knows better. */
export type LogEntry = Pick<Entry, 'id' | 'kind' | 'at' | 'step'> & Partial<Entry>

/** "2026-11-24T19:30:00Z", the form in which moments are kept. */
export function momentOf(date: Date): string {
    return `${date.toISOString().slice(0, 16)}:00Z`
}

/** An entry about a step, as of now; its id is made here, so that one that is sent twice counts once. */
export function entryOf(kind: Entry['kind'], step: string, more: Partial<Entry> = {}): LogEntry {
    return { id: crypto.randomUUID(), kind, at: momentOf(new Date()), step, ...more }
}

/** A trial as it is sent: which films the liquid has met is worked out by the server. */
export function trialOf(said: Pick<Trial, 'where' | 'rubs' | 'passed'> & Partial<Trial>): Trial {
    return { rule: null, zone: null, moved: null, card: null, tried: [], ...said }
}
