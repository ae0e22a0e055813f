import { describe, expect, it } from 'vitest'
import { atticOn, type Left } from '@/features/vehicle/attic'

/** A disk in memory, used as idb-keyval uses its own: a transaction hands over a store of keys. */
function disk() {
    const held = new Map<string, unknown>()
    const request = <T>(result: T) => {
        const asked = { result, onsuccess: null as (() => void) | null, oncomplete: null as (() => void) | null }
        queueMicrotask(() => {
            asked.onsuccess?.()
            asked.oncomplete?.()
        })
        return asked
    }
    const store = {
        get: (key: string) => request(held.get(key)),
        put: (value: unknown, key: string) => {
            held.set(key, value)
        },
        delete: (key: string) => {
            held.delete(key)
        },
        clear: () => held.clear(),
        get transaction() {
            return request(undefined)
        },
    }
    const use = async (_mode: IDBTransactionMode, act: (store: never) => unknown) => act(store as never)
    return { held, use: use as unknown as Parameters<typeof atticOn>[0] }
}

const left = (paint: string): Left => ({
    ink: 'ink',
    paint,
    drawn: {} as Left['drawn'],
    painted: {} as Left['painted'],
})
const rested = () => new Promise((done) => setTimeout(done, 30))

describe('what is kept of pictures from visit to visit', () => {
    it('is what stood last, of this version of the program alone', async () => {
        const { use } = disk()
        const attic = atticOn(use, 'v1', 1)
        attic.keep('tank', left('first'))
        attic.keep('tank', left('last'))
        await rested()
        expect((await attic.find('tank'))?.paint).toBe('last')
        expect(await atticOn(use, 'v2', 1).find('tank')).toBeUndefined()
    })
    it('is a number of pictures, the oldest of which give way', async () => {
        const { use, held } = disk()
        const attic = atticOn(use, 'v1', 1)
        for (let build = 0; build < 60; build++) attic.keep(`build ${build}`, left('paint'))
        await rested()
        expect(held.size).toBe(48 + 1)
        expect(await attic.find('build 0')).toBeUndefined()
        expect(await attic.find('build 59')).toBeDefined()
    })
    it('is forgotten with the person, also what was just to be kept', async () => {
        const { use, held } = disk()
        const attic = atticOn(use, 'v1', 1)
        attic.keep('tank', left('paint'))
        await rested()
        attic.keep('lorry', left('paint'))
        await attic.forget()
        await rested()
        expect(held.size).toBe(0)
    })
    it('is nothing where the browser keeps nothing', async () => {
        const refuses = (async () => {
            throw new Error('not here')
        }) as unknown as Parameters<typeof atticOn>[0]
        const attic = atticOn(refuses, 'v1', 1)
        attic.keep('tank', left('paint'))
        await rested()
        expect(await attic.find('tank')).toBeUndefined()
        await expect(attic.forget()).resolves.toBeUndefined()
    })
})
