import { clear, get, set } from 'idb-keyval'
import { ApiError } from '@/app/http'
import type { LogEntry } from '@/features/build'
import { keepBuildPhoto } from '@/features/photos/api'
import { type Desk, sendEntry } from './api'

/** Something that was logged at the bench; it waits here until the server has it. */
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

export type Kept = { user: string; desk: Desk }

/** Counted up when the shape of a desk changes: what an older program has kept is not read. */
const DESK = 'desk-2'

/** What a browser that forbids its store answers: nothing is kept, and what is on screen goes on. */
async function orNothing<T>(asked: () => Promise<T>): Promise<T | undefined> {
    try {
        return await asked()
    } catch {
        return undefined
    }
}

const listeners = new Set<() => void>()
const RETRIED = new Set([0, 401, 408, 419, 425, 429])

type Item = { user: string; isSent: boolean; refusal: string | null }
type Box<T> = {
    all: () => readonly T[]
    keep: (next: readonly T[]) => Promise<unknown>
    change: (id: string, some: Partial<T>) => Promise<unknown>
    open: () => Promise<void>
    send: (user: string) => Promise<boolean>
    forget: () => Promise<void>
}

/** Things of one kind that wait on the disk of this device until the server has them. */
function boxOf<T extends Item>(
    key: string,
    idOf: (one: T) => string,
    sendOne: (one: T) => Promise<unknown>,
    isDone: (one: T) => Partial<T> | null,
): Box<T> {
    let waiting: readonly T[] = []
    let isRead = false
    let writing: Promise<unknown> = Promise.resolve()
    // Written one after the other, so that what is on the disk is never older than what came before it.
    const keep = (next: readonly T[]) => {
        waiting = next
        for (const listener of listeners) listener()
        writing = writing.then(() => orNothing(() => set(key, waiting)))
        return writing
    }
    const change = (id: string, some: Partial<T>) =>
        keep(waiting.map((one) => (idOf(one) === id ? { ...one, ...some } : one)))
    return {
        all: () => waiting,
        keep,
        change,
        open: async () => {
            if (isRead) return
            isRead = true
            const kept = await orNothing(() => get<readonly T[]>(key))
            if (kept !== undefined && kept.length > 0) await keep([...kept, ...waiting])
        },
        // The oldest first, and nothing after one that cannot be sent now, so that the order is kept.
        send: async (user) => {
            for (;;) {
                const next = waiting.find((one) => one.user === user && !one.isSent && one.refusal === null)
                if (next === undefined) return true
                const id = idOf(next)
                try {
                    await sendOne(next)
                    const after = isDone(next)
                    await (after === null ? keep(waiting.filter((one) => idOf(one) !== id)) : change(id, after))
                } catch (error) {
                    const status = error instanceof ApiError ? error.status : 0
                    if (RETRIED.has(status) || status >= 500) return false
                    const refusal = error instanceof Error ? error.message : 'It was refused.'
                    await change(id, { refusal } as Partial<T>)
                }
            }
        },
        forget: async () => {
            waiting = []
            isRead = false
            for (const listener of listeners) listener()
            await writing
        },
    }
}

// What was sent is remembered until the desk that knows of it is here.
const entries = boxOf<Waiting>(
    'outbox',
    ({ entry }) => entry.id,
    ({ build, entry }) => sendEntry(build, entry),
    () => ({ isSent: true }),
)
const photos = boxOf<WaitingPhoto>(
    'photos',
    ({ id }) => id,
    ({ build, step, picture, id }) => keepBuildPhoto(build, 'step', step, picture, id),
    () => null,
)

/** What a visit before this one has left to be sent. */
export const openOutbox = async (): Promise<void> => {
    await Promise.all([entries.open(), photos.open()])
}

export function subscribeOutbox(listener: () => void): () => void {
    listeners.add(listener)
    return () => listeners.delete(listener)
}
export const currentOutbox = (): readonly Waiting[] => entries.all()
export const currentPhotos = (): readonly WaitingPhoto[] => photos.all()

/** Safe once the promise is done: it is on the disk then. */
export const post = (user: string, build: string, entry: LogEntry): Promise<unknown> =>
    entries.keep([...entries.all(), { user, build, entry, isSent: false, refusal: null }])

/** The same of a photograph of a step. */
export const postPhoto = (user: string, build: string, step: string, picture: Blob): Promise<unknown> =>
    photos.keep([
        ...photos.all(),
        { id: crypto.randomUUID(), user, build, step, picture, isSent: false, refusal: null },
    ])

export const dismiss = (id: string): Promise<unknown> =>
    entries.keep(entries.all().filter(({ entry }) => entry.id !== id))
export const dismissPhoto = (id: string): Promise<unknown> => photos.keep(photos.all().filter((one) => one.id !== id))

/** To be called when the desk has been fetched anew: what it knows need not be remembered here. */
export const settle = (ids: ReadonlySet<string>): Promise<unknown> =>
    entries.keep(entries.all().filter(({ isSent, entry }) => !(isSent && ids.has(entry.id))))

export const sentIds = (): ReadonlySet<string> =>
    new Set(
        entries
            .all()
            .filter(({ isSent }) => isSent)
            .map(({ entry }) => entry.id),
    )

let isSending: Promise<boolean> | null = null

/**
 * Sends what waits: entries, then photographs, of each the oldest first. What the server refuses is set aside with its
 * reason. Resolves to whether nothing waits any more.
 */
export function sendAll(user: string): Promise<boolean> {
    isSending ??= (async () => (await entries.send(user)) && (await photos.send(user)))().finally(() => {
        isSending = null
    })
    return isSending
}

export const keepDesk = (kept: Kept): Promise<unknown> => orNothing(() => set(DESK, kept))
export const keptDesk = (): Promise<Kept | undefined> => orNothing(() => get<Kept>(DESK))

/** The next person at this device finds nothing. */
export async function forgetWork(): Promise<void> {
    await Promise.all([entries.forget(), photos.forget()])
    await orNothing(clear)
}
