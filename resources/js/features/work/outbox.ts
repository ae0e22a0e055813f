import { clear, get, set } from 'idb-keyval'
import { ApiError } from '@/app/http'
import type { LogEntry } from '@/features/build'
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

export type Kept = { user: string; desk: Desk }

const OUTBOX = 'outbox'
const DESK = 'desk'

/** What a browser that forbids its store answers: nothing is kept, and what is on screen goes on. */
async function orNothing<T>(asked: () => Promise<T>): Promise<T | undefined> {
    try {
        return await asked()
    } catch {
        return undefined
    }
}

const listeners = new Set<() => void>()
let waiting: readonly Waiting[] = []
let isRead = false
let writing: Promise<unknown> = Promise.resolve()

/** Written one after the other, so that what is on the disk is never older than what came before it. */
function keep(next: readonly Waiting[]): Promise<unknown> {
    waiting = next
    for (const listener of listeners) listener()
    writing = writing.then(() => orNothing(() => set(OUTBOX, waiting)))
    return writing
}

/** What a visit before this one has left to be sent. */
export async function openOutbox(): Promise<void> {
    if (isRead) return
    isRead = true
    const kept = await orNothing(() => get<readonly Waiting[]>(OUTBOX))
    if (kept !== undefined && kept.length > 0) await keep([...kept, ...waiting])
}

export function subscribeOutbox(listener: () => void): () => void {
    listeners.add(listener)
    return () => listeners.delete(listener)
}
export const currentOutbox = (): readonly Waiting[] => waiting

/** Safe once the promise is done: it is on the disk then. */
export const post = (user: string, build: string, entry: LogEntry): Promise<unknown> =>
    keep([...waiting, { user, build, entry, isSent: false, refusal: null }])

export const dismiss = (id: string): Promise<unknown> => keep(waiting.filter(({ entry }) => entry.id !== id))

/** To be called when the desk has been fetched anew: what it knows need not be remembered here. */
export const settle = (ids: ReadonlySet<string>): Promise<unknown> =>
    keep(waiting.filter(({ isSent, entry }) => !(isSent && ids.has(entry.id))))

export const sentIds = (): ReadonlySet<string> =>
    new Set(waiting.filter(({ isSent }) => isSent).map(({ entry }) => entry.id))

const change = (id: string, some: Partial<Waiting>) =>
    keep(waiting.map((one) => (one.entry.id === id ? { ...one, ...some } : one)))

const RETRIED = new Set([0, 401, 408, 419, 425, 429])

let isSending: Promise<boolean> | null = null

/**
 * Sends what waits, the oldest first, and stops at the first that cannot be sent now, so that the order is kept. What
 * the server refuses is set aside with its reason. Resolves to whether nothing waits any more.
 */
export function sendAll(user: string): Promise<boolean> {
    isSending ??= sendWaiting(user).finally(() => {
        isSending = null
    })
    return isSending
}

async function sendWaiting(user: string): Promise<boolean> {
    for (;;) {
        const next = waiting.find((one) => one.user === user && !one.isSent && one.refusal === null)
        if (next === undefined) return true
        try {
            await sendEntry(next.build, next.entry)
            await change(next.entry.id, { isSent: true })
        } catch (error) {
            const status = error instanceof ApiError ? error.status : 0
            if (RETRIED.has(status) || status >= 500) return false
            await change(next.entry.id, { refusal: error instanceof Error ? error.message : 'It was refused.' })
        }
    }
}

export const keepDesk = (kept: Kept): Promise<unknown> => orNothing(() => set(DESK, kept))
export const keptDesk = (): Promise<Kept | undefined> => orNothing(() => get<Kept>(DESK))

/** The next person at this device finds nothing. */
export async function forgetWork(): Promise<void> {
    waiting = []
    isRead = false
    for (const listener of listeners) listener()
    await writing
    await orNothing(clear)
}
