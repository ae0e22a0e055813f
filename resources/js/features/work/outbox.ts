import { clear, get, set } from 'idb-keyval'
import { ApiError } from '@/app/http'
import type { LogEntry } from '@/features/build'
import { keepBuildPhoto } from '@/features/photos/api'
import { type Desk, sendEntry } from './api'
import {
    type Bench,
    type BenchEvent,
    EMPTY,
    happened,
    type Next,
    nextOf,
    type Waiting,
    type WaitingPhoto,
} from './waiting'

export type { Waiting, WaitingPhoto } from './waiting'

/** What a device keeps things on. A browser may forbid it: then nothing is kept, and what is on screen goes on. */
export type Disk = {
    read: (key: string) => Promise<unknown>
    write: (key: string, value: unknown) => Promise<void>
    wipe: () => Promise<void>
}

const KEYS = { entries: 'outbox', photos: 'photos' } as const

/** Sends one thing; fails as `send` of app/http does. */
export type Network = (next: Next) => Promise<unknown>

/** Answers after which the same may be tried again: out of reach, or not at this moment. */
const RETRIED = new Set([0, 401, 408, 419, 425, 429])
const mayPass = (error: unknown) => !(error instanceof ApiError) || RETRIED.has(error.status) || error.status >= 500

export type Outbox = {
    current: () => Bench
    subscribe: (listener: () => void) => () => void
    /** Safe once the promise is done: it is on the disk then. */
    tell: (event: BenchEvent) => Promise<void>
    /** Reads what a visit before this one has left. */
    open: () => Promise<void>
    /**
     * Sends what waits of this person. What the server refuses is set aside with its reason, and what cannot be sent
     * now holds back what comes after it. Resolves to whether nothing of theirs can be sent any more.
     */
    sendAll: (user: string) => Promise<boolean>
    /** The next person at this device finds nothing. */
    forget: () => Promise<void>
}

/** The machine of what waits (./waiting), with a disk under it and a network beside it. */
export function outboxOn(disk: Disk, network: Network): Outbox {
    const listeners = new Set<() => void>()
    let bench = EMPTY
    let opening: Promise<void> | null = null
    let writing: Promise<void> = Promise.resolve()

    // Written one after the other, so that what is on the disk is never older than what came before it, and only once
    // what a visit before this one has left there was read.
    const keep = (key: 'entries' | 'photos'): void => {
        const read = open()
        writing = writing.then(() => read).then(() => disk.write(KEYS[key], bench[key]))
    }
    const tell = (event: BenchEvent): Promise<void> => {
        const before = bench
        bench = happened(before, event)
        for (const listener of listeners) listener()
        if (bench.entries !== before.entries) keep('entries')
        if (bench.photos !== before.photos) keep('photos')
        return writing
    }
    const open = (): Promise<void> => {
        opening ??= Promise.all([disk.read(KEYS.entries), disk.read(KEYS.photos)]).then(([entries, photos]) => {
            void tell({
                kind: 'opened',
                entries: (entries as readonly Waiting[] | undefined) ?? [],
                photos: (photos as readonly WaitingPhoto[] | undefined) ?? [],
            })
        })
        return opening
    }
    const sendOne = async (next: Next): Promise<boolean> => {
        try {
            await network(next)
            await tell({ kind: 'sent', id: next.id })
            return true
        } catch (error) {
            if (mayPass(error)) return false
            await tell({
                kind: 'refused',
                id: next.id,
                why: error instanceof Error ? error.message : 'It was refused.',
            })
            return true
        }
    }
    let sending: { user: string; done: Promise<boolean> } | null = null
    const sendAll = async (user: string): Promise<boolean> => {
        // What was left by a visit before this one comes first.
        await open()
        // One at a time, whoever asks; somebody else's round is waited for and is not theirs.
        while (sending !== null && sending.user !== user) await sending.done
        if (sending === null) {
            const done = (async () => {
                for (let next = nextOf(bench, user); next !== null; next = nextOf(bench, user)) {
                    if (!(await sendOne(next))) return false
                }
                return true
            })().finally(() => {
                sending = null
            })
            sending = { user, done }
        }
        return sending.done
    }
    const forget = async (): Promise<void> => {
        await tell({ kind: 'forgotten' })
        await disk.wipe()
    }
    return {
        current: () => bench,
        subscribe: (listener) => {
            listeners.add(listener)
            return () => listeners.delete(listener)
        },
        tell,
        open,
        sendAll,
        forget,
    }
}

const orNothing = <T>(asked: () => Promise<T>): Promise<T | undefined> =>
    Promise.resolve()
        .then(asked)
        .catch(() => undefined)

const device: Disk = {
    read: (key) => orNothing(() => get(key)),
    write: async (key, value) => void (await orNothing(() => set(key, value))),
    wipe: async () => void (await orNothing(clear)),
}

export const outbox = outboxOn(device, (next) =>
    next.kind === 'entry'
        ? sendEntry(next.of.build, next.of.entry)
        : keepBuildPhoto(next.of.build, 'step', next.of.step, next.of.picture, next.id),
)

export const post = (user: string, build: string, entry: LogEntry): Promise<void> =>
    outbox.tell({ kind: 'logged', user, build, entry })

/** The same of a photograph of a step. */
export const postPhoto = (user: string, build: string, step: string, picture: Blob): Promise<void> =>
    outbox.tell({ kind: 'photographed', user, build, step, id: crypto.randomUUID(), picture })

export const dismiss = (id: string): Promise<void> => outbox.tell({ kind: 'dismissed', id })

export type Kept = { user: string; desk: Desk }

/** Counted up when the shape of a desk changes: what an older program has kept is not read. */
const DESK = 'desk-3'

export const keepDesk = (kept: Kept): Promise<void> => device.write(DESK, kept)
export const keptDesk = async (): Promise<Kept | undefined> => (await device.read(DESK)) as Kept | undefined

export const forgetWork = (): Promise<void> => outbox.forget()
