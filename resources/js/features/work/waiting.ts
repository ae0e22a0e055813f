import type { LogEntry } from '@/features/build'

/** Something that was logged at the bench; it waits on this device until the server has it. */
export type Waiting = {
    /** Whose it is: nobody else's session may send it. */
    user: string
    build: string
    entry: LogEntry
    /** The server has it, and the desk has not been fetched since. */
    isSent: boolean
    /** Why the server will not have it; null: it has not said so. */
    refusal: string | null
}

/** A photograph of a step that waits for the server; its id is made here, so that one sent twice is kept once. */
export type WaitingPhoto = Pick<Waiting, 'user' | 'build' | 'isSent' | 'refusal'> & {
    id: string
    step: string
    picture: Blob
}

/** All that waits on this device, of everybody who was here, each in the order in which it happened. */
export type Bench = {
    entries: readonly Waiting[]
    photos: readonly WaitingPhoto[]
    /** Entries that the server had before the desk was last asked for: its answer knows of them. */
    known: ReadonlySet<string>
}

export type BenchEvent =
    /** What a visit before this one has left was read; it came before all that has happened since. */
    | { kind: 'opened'; entries: readonly Waiting[]; photos: readonly WaitingPhoto[] }
    | { kind: 'logged'; user: string; build: string; entry: LogEntry }
    | { kind: 'photographed'; user: string; build: string; step: string; id: string; picture: Blob }
    | { kind: 'sent'; id: string }
    | { kind: 'refused'; id: string; why: string }
    /** Somebody has read why it was refused, and lets it go. */
    | { kind: 'dismissed'; id: string }
    | { kind: 'desk-asked' }
    | { kind: 'desk-came' }
    | { kind: 'forgotten' }

export const EMPTY: Bench = { entries: [], photos: [], known: new Set() }

/** What waits after something has happened. What is told of things that do not wait here changes nothing. */
export function happened(bench: Bench, event: BenchEvent): Bench {
    const { entries, photos, known } = bench
    switch (event.kind) {
        case 'opened':
            return {
                ...bench,
                entries: [...event.entries, ...without(entries, event.entries, ({ entry }) => entry.id)],
                photos: [...event.photos, ...without(photos, event.photos, ({ id }) => id)],
            }
        case 'logged': {
            const { user, build, entry } = event
            const waits = { user, build, entry, isSent: false, refusal: null }
            return { ...bench, entries: [...without(entries, [waits], (one) => one.entry.id), waits] }
        }
        case 'photographed': {
            const { kind: _, ...photo } = event
            return { ...bench, photos: [...photos, { ...photo, isSent: false, refusal: null }] }
        }
        case 'sent':
            return {
                ...bench,
                entries: entries.map((one) => (one.entry.id === event.id ? { ...one, isSent: true } : one)),
                photos: photos.filter(({ id }) => id !== event.id),
            }
        case 'refused': {
            const told = { refusal: event.why }
            return {
                ...bench,
                entries: entries.map((one) => (one.entry.id === event.id ? { ...one, ...told } : one)),
                photos: photos.map((one) => (one.id === event.id ? { ...one, ...told } : one)),
            }
        }
        case 'dismissed':
            return {
                ...bench,
                entries: entries.filter(({ entry }) => entry.id !== event.id),
                photos: photos.filter(({ id }) => id !== event.id),
            }
        case 'desk-asked':
            return { ...bench, known: new Set(entries.filter(({ isSent }) => isSent).map(({ entry }) => entry.id)) }
        case 'desk-came':
            return known.size === 0
                ? bench
                : { ...bench, entries: entries.filter(({ entry }) => !known.has(entry.id)), known: new Set() }
        case 'forgotten':
            return EMPTY
    }
}

export type Next = { kind: 'entry'; id: string; of: Waiting } | { kind: 'photo'; id: string; of: WaitingPhoto }

/**
 * What is to be sent next while this person is at the bench: entries before photographs, so that the step that a
 * photograph is of has been heard of, and of each the oldest first. Null: nothing of theirs can be sent.
 */
export function nextOf({ entries, photos }: Bench, user: string): Next | null {
    const isOpen = (one: Waiting | WaitingPhoto) => one.user === user && !one.isSent && one.refusal === null
    const entry = entries.find(isOpen)
    if (entry !== undefined) return { kind: 'entry', id: entry.entry.id, of: entry }
    const photo = photos.find(isOpen)
    return photo === undefined ? null : { kind: 'photo', id: photo.id, of: photo }
}

function without<T>(all: readonly T[], those: readonly T[], idOf: (one: T) => string): T[] {
    const ids = new Set(those.map(idOf))
    return all.filter((one) => !ids.has(idOf(one)))
}
