import { clear, createStore, del, get, set, type UseStore } from 'idb-keyval'
import type { Drawn, Painted } from '@/vehicle/drawing'

/** A picture as it was left: one for each build, view and size, the last that stood there. */
export type Left = { ink: string; paint: string; drawn: Drawn; painted: Painted }

/** What pictures are kept on from one visit to the next. A browser may forbid it: then they are painted anew. */
export type Attic = {
    find: (place: string) => Promise<Left | undefined>
    keep: (place: string, left: Left) => void
    forget: () => Promise<void>
}

/** Where nothing is kept. */
export const NO_ATTIC: Attic = {
    find: async () => undefined,
    keep: () => undefined,
    forget: async () => undefined,
}

/** Pictures that are kept: some builds in all their views, each some hundred kilobytes. */
const MOST = 48
/** Milliseconds for which a picture must stand before it is worth keeping: a slider makes dozens that are not. */
const STANDS = 1_500
const ORDER = 'order'

/** @param version of the program that draws: what another one has drawn is not what this one would. */
export function atticOn(disk: UseStore, version: string, wait = STANDS): Attic {
    const soon = new Map<string, ReturnType<typeof setTimeout>>()
    let writing: Promise<unknown> = Promise.resolve()
    // One after the other, so that the list of what is there is never older than what is there.
    const inTurn = (work: () => Promise<unknown>) => {
        writing = writing.then(work).catch(() => undefined)
        return writing
    }
    const write = async (key: string, left: Left) => {
        const order = ((await get<string[]>(ORDER, disk)) ?? []).filter((one) => one !== key)
        for (const old of order.splice(0, Math.max(0, order.length + 1 - MOST))) await del(old, disk)
        await set(key, left, disk)
        await set(ORDER, [...order, key], disk)
    }
    return {
        find: (place) => get<Left>(`${version} ${place}`, disk).catch(() => undefined),
        keep: (place, left) => {
            clearTimeout(soon.get(place))
            soon.set(
                place,
                setTimeout(() => {
                    soon.delete(place)
                    void inTurn(() => write(`${version} ${place}`, left))
                }, wait),
            )
        },
        forget: async () => {
            for (const timer of soon.values()) clearTimeout(timer)
            soon.clear()
            await inTurn(() => clear(disk))
        },
    }
}

const isThere = typeof indexedDB !== 'undefined'

export const attic: Attic = isThere ? atticOn(createStore('ulvrach-pictures', 'left'), __DRAWING__) : NO_ATTIC
