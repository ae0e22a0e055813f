import { describe, expect, it } from 'vitest'
import type { Attic, Left } from '@/features/vehicle/attic'
import { Easel, type Pair, type Wanted } from '@/features/vehicle/easel'
import { forgetGallery } from '@/features/vehicle/gallery'
import type { Drawn, Painted } from '@/vehicle/drawing'
import type { Shape } from '@/vehicle/studio'

let builds = 0
/** A build of a kind; each has a name of its own, so that nothing of another test is kept for it. */
const build = (kind: string, changes: Partial<Wanted> = {}): Wanted => ({
    shape: { name: `${kind} ${++builds}`, packed: {} } as unknown as Shape,
    view: 'left',
    scale: 0.1,
    dots: 0.1,
    inkScale: 0.2,
    finish: { belongs: [], panels: [], marks: [] } as unknown as Wanted['finish'],
    key: `finish ${builds}`,
    number: '27',
    seed: builds,
    step: 1,
    isFlat: false,
    ...changes,
})

/** What was promised by now is kept. */
const rested = async () => {
    for (let turn = 0; turn < 10; turn++) await Promise.resolve()
}

/** A studio that answers when it is told to, in the order in which it was asked. */
function studio(attic?: Attic) {
    const asked: { says: string; answer: () => void; fail: () => void }[] = []
    const ask = <T>(says: string, gives: T) =>
        new Promise<T>((resolve, reject) => {
            asked.push({ says, answer: () => resolve(gives), fail: () => reject(new Error('It broke off.')) })
        })
    const shown: string[] = []
    const say = (pair: Pair | null, failure: string | null) => {
        if (pair === null) shown.push(failure ?? 'nothing')
        else
            shown.push(
                `${pair.drawn.width}/${Math.round(1000 * pair.painted.width) / 1000}${pair.isFinal ? '' : ' coarse'}`,
            )
    }
    const easel = new Easel(
        {
            draw: (shape, _view, scale) => ask(`ink of ${shape.name} ${scale}`, { width: scale } as unknown as Drawn),
            paint: (shape, wish) =>
                ask(`paint of ${shape.name} ${wish.scale} ${wish.step}`, {
                    width: wish.scale,
                    pixels: new Uint8ClampedArray(4),
                } as unknown as Painted),
        },
        say,
        async () => undefined,
        attic,
    )
    const answer = async (count = 1) => {
        await rested()
        for (let left = count; left > 0; left--) {
            asked.shift()?.answer()
            await rested()
        }
    }
    return { easel, asked, shown, answer }
}

describe('what a picture shows while what it is to show changes', () => {
    it('is ink and paint together, coarse first where it is large', async () => {
        const { easel, shown, answer } = studio()
        easel.want(build('tank'))
        await answer()
        expect(shown).toEqual([])
        await answer(2)
        expect(shown).toEqual(['0.2/0.035 coarse', '0.2/0.1'])
    })
    it('is as it was left at the last visit, at once, and painted anew once anything has changed', async () => {
        const kept = new Map<string, Left>()
        const attic: Attic = {
            find: async (place) => kept.get(place),
            keep: (place, left) => void kept.set(place, left),
            forget: async () => kept.clear(),
        }
        const tank = build('tank')
        const before = studio(attic)
        before.easel.want(tank)
        await before.answer(3)
        expect(kept.size).toBe(1)
        // Another visit: what the window remembered is gone.
        forgetGallery()
        const again = studio(attic)
        again.easel.want(tank)
        await again.answer()
        expect(again.asked).toEqual([])
        expect(again.shown).toEqual(['0.2/0.1'])
        forgetGallery()
        const changed = studio(attic)
        changed.easel.want({ ...tank, key: 'another finish' })
        await rested()
        expect(changed.asked.map(({ says }) => says.split(' ')[0])).toEqual(['paint'])
        forgetGallery()
        const updated = studio(attic)
        updated.easel.want({ ...tank, shape: { ...tank.shape, stamp: 'of the next version' } })
        await rested()
        expect(updated.asked.map(({ says }) => says.split(' ')[0])).toEqual(['ink'])
    })
    it('is never another build, however late that one is finished', async () => {
        const { easel, shown, asked, answer } = studio()
        const tank = build('tank', { dots: 0.04 })
        easel.want(tank)
        await answer()
        // The card shows a lorry by now; the tank's paint comes all the same.
        easel.want(build('lorry', { dots: 0.04, inkScale: 0.3 }))
        await answer()
        expect(shown).toEqual([])
        await answer(2)
        expect(shown).toEqual(['0.3/0.04'])
        expect(asked).toEqual([])
    })
    it('goes at once when another build is asked for, also one of the same kind', async () => {
        const { easel, shown, answer } = studio()
        const first = build('tank', { dots: 0.04 })
        easel.want(first)
        await answer(2)
        easel.want({ ...first, seed: 999, number: '31', key: 'other' })
        expect(shown).toEqual(['0.2/0.04', 'nothing'])
    })
    it('keeps the old size until the new one is whole', async () => {
        const { easel, shown, answer } = studio()
        const small = build('tank')
        easel.want(small)
        await answer(3)
        shown.length = 0
        easel.want({ ...small, scale: 0.2, dots: 0.2, inkScale: 0.4 })
        await answer()
        expect(shown).toEqual([])
        await answer(2)
        expect(shown.map((one) => one.split('/')[0])).toEqual(['0.4', '0.4'])
    })
    it('is there at once where it was painted before, and nothing that is late takes its place', async () => {
        const { easel, shown, asked, answer } = studio()
        const one = build('tank', { dots: 0.04 })
        easel.want(one)
        await answer(2)
        easel.want({ ...one, step: 2 })
        easel.want(one)
        expect(shown).toEqual(['0.2/0.04', '0.2/0.04'])
        await answer()
        expect(shown).toHaveLength(2)
        // Another picture of the same, as on another page.
        const other = studio()
        other.easel.want({ ...one })
        expect(other.shown).toEqual(['0.2/0.04'])
        expect(asked).toEqual([])
    })
    it('follows a slider: of what is asked for meanwhile only the last is painted', async () => {
        const { easel, asked, shown, answer } = studio()
        const one = build('tank', { dots: 0.04 })
        easel.want(one)
        await answer(2)
        for (const step of [2, 3, 4, 5]) easel.want({ ...one, step })
        await answer()
        expect(asked.map(({ says }) => says.split(' ').at(-1))).toEqual(['5'])
        await answer()
        expect(shown).toHaveLength(3)
    })
    it('says why there is no picture, of the one that is wanted', async () => {
        const { easel, asked, shown } = studio()
        easel.want(build('tank', { dots: 0.04 }))
        await rested()
        asked.shift()?.fail()
        await rested()
        expect(shown).toEqual(['It broke off.'])
        easel.close()
        easel.want(build('lorry', { dots: 0.04 }))
        easel.close()
        asked.shift()?.fail()
        for (let turn = 0; turn < 10; turn++) await Promise.resolve()
        expect(shown).toHaveLength(1)
    })
})
