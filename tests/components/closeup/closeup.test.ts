import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { CloseUp } from '@/closeup/closeup'
import { FAULTS } from '@/closeup/faults'
import { lit } from '@/closeup/light'
import type { Piece, PieceMark, Shown, Wish } from '@/closeup/piece'
import { anywhere, cutFor, reliefOf } from '@/closeup/relief'
import { byteOf, lightOfHex, type Surface } from '@/closeup/surface'
import type { Model } from '@/vehicle/model'
import { boxes, vehicle } from '../vehicle/boxes'

const WIDTH = 240
const wish = (changes: Partial<Wish> = {}): Wish => ({
    width: WIDTH,
    height: 160,
    seed: 7,
    light: -40,
    isWet: false,
    figures: '47',
    ...changes,
})
const colours = { face: '#66704a', recess: '#2e291c', edge: '#7d8765', lower: '#7a7458' }
const plain = { face: '#66704a', recess: '#66704a', edge: '#66704a', lower: '#66704a' }
const shown = (changes: Partial<Shown> = {}): Shown => ({
    kinds: ['hull-sides'],
    colours,
    gloss: 0,
    marks: [],
    ...changes,
})
const piece = (changes: Partial<Piece> = {}): Piece => ({
    ...shown(),
    zone: { id: 'hull', name: 'Hull', kind: 'hull-sides' },
    scale: 35,
    number: 3,
    name: 'Spray a colour',
    before: shown({ colours: { ...colours, face: '#9a9a8e' } }),
    own: '#4c3a28',
    under: '#8b8b88',
    bare: '#babab6',
    isSprayed: true,
    beside: [],
    fault: null,
    says: '',
    ...changes,
})
const mark = (changes: Partial<PieceMark>): PieceMark => ({
    kind: 'chip',
    effect: 'chips',
    step: 1,
    colour: '#382a24',
    amount: 0.5,
    isSoft: false,
    isWet: false,
    places: [],
    share: null,
    perCm2: 6,
    leastMm: 0.2,
    usualMm: 0.4,
    mostMm: 2,
    ...changes,
})

/** A hull with a row of rivets along its middle, a joint across it and a turret beside. */
function riveted(): Model {
    const model = vehicle()
    const rivets = [500, 700, 900, 1100, 1300].flatMap((x) => [x, 700, 500, 0, 0, 1, 16])
    const joint = Float32Array.from([1000, 420, 500, 1000, 980, 500])
    return { ...model, rivets: Float32Array.from(rivets), lines: [{ stroke: 'detail', points: joint }] }
}

/** What the worn and muddy piece came to when it was looked at last, and found good. */
const SHARES = [0.016, 0.017, 0.001, 0.197]
const MEANS = ['#66704a', '#393624', '#63543d']

const closeUp = new CloseUp(riveted())
const painted = (changes: Partial<Piece> = {}, seed = 7) => closeUp.painted(piece(changes), wish({ seed }))
/** Small, for what is told apart by the hundred. */
const SMALL = { width: 144, height: 96 }
const hex = (channel: number) => Math.round(channel).toString(16).padStart(2, '0')
/** The mean of what is thrown back where a test says so, as it would be written. */
function mean(surface: Surface, isAsked: (at: number) => boolean): number[] {
    const sum = [0, 0, 0]
    let count = 0
    for (let at = 0; at < surface.relief.own.length; at++) {
        if (surface.relief.own[at] !== 1 || !isAsked(at)) continue
        for (const [channel, light] of surface.read(at).entries()) sum[channel] = (sum[channel] ?? 0) + light
        count++
    }
    expect(count).toBeGreaterThan(50)
    return sum.map((light) => byteOf(light / count))
}
const isFace = (surface: Surface) => (at: number) =>
    (surface.relief.recess[at] ?? 1) === 0 &&
    (surface.relief.edge[at] ?? 1) === 0 &&
    (surface.relief.corner[at] ?? 1) === 0 &&
    (surface.relief.fall[at] ?? 1) < 0.4
/** Share of the zone's pixels that two surfaces have painted otherwise, by more than can be overlooked. */
function apart(one: Surface, other: Surface): number {
    let [differing, all] = [0, 0]
    for (let at = 0; at < one.relief.own.length; at++) {
        if (one.relief.own[at] !== 1) continue
        all++
        const [a, b] = [one.read(at), other.read(at)]
        const colour = Math.max(...a.map((light, channel) => Math.abs(byteOf(light) - byteOf(b[channel] ?? 0))))
        const shine = Math.abs((one.gloss[at] ?? 0) - (other.gloss[at] ?? 0))
        const height = Math.abs((one.bump[at] ?? 0) - (other.bump[at] ?? 0))
        if (colour > 6 || shine > 0.2 || height > 0.01) differing++
    }
    return differing / all
}

describe('a piece', () => {
    it('is cut where the zone fills it, as large as the model is there', () => {
        const cut = cutFor(riveted(), 'hull-sides', ['hull-sides'], 35, 1.5)
        expect(cut?.view).not.toBe('top')
        const relief = reliefOf(riveted(), cut ?? anywhere(riveted(), 35, 1.5), ['hull-sides'], 35, WIDTH)
        const own = relief.own.reduce((sum, one) => sum + one, 0) / relief.own.length
        expect(own).toBeGreaterThan(0.45)
        expect(relief.dots).toBeCloseTo((WIDTH / (cut?.wideMm ?? 1)) * 35, 5)
    })

    it('is somewhere also where the zone is nowhere seen', () => {
        expect(cutFor(vehicle(), 'glass', ['glass'], 35, 1.5)).toBeNull()
        const picture = closeUp.draw(piece({ zone: { id: 'x', name: 'X', kind: 'glass' }, kinds: ['glass'] }), wish())
        expect([picture.width, picture.height]).toEqual([240, 160])
    })

    it('finds rivets and joints by their height alone', () => {
        const { relief } = painted()
        const at = (x: number, y: number) => {
            const { scene } = relief
            return (
                Math.round((-y - scene.down0) * scene.scale) * relief.width +
                Math.round((x - scene.right0) * scene.scale)
            )
        }
        expect(relief.recess[at(1000, 550)]).toBeGreaterThan(0.3)
        expect(relief.edge[at(900, 700)]).toBeGreaterThan(0.3)
        expect(relief.recess[at(800, 600)]).toBe(0)
        expect(relief.edge[at(800, 600)]).toBe(0)
    })

    it('shows a plain face in the colour of the forecast, whatever lies elsewhere', () => {
        for (const face of ['#66704a', '#1d1c1a', '#e4e0d2', '#8a4b2c']) {
            const surface = painted({ colours: { ...colours, face } })
            const is = mean(surface, isFace(surface))
            for (const [channel, byte] of [...lightOfHex(face)].map(byteOf).entries())
                expect(Math.abs((is[channel] ?? 0) - byte)).toBeLessThanOrEqual(3)
        }
    })

    it('lights a face that lies open as bright as it is', () => {
        const flat = new CloseUp(boxes({ zone: 'hull-sides', x: [0, 3000], y: [0, 2000], z: [-500, 500] }))
        const surface = flat.painted(piece({ colours: plain }), wish())
        const shown = lit(surface, -40, false)
        const at = 4 * (80 * surface.relief.width + 120)
        expect(`#${hex(shown[at] ?? 0)}${hex(shown[at + 1] ?? 0)}${hex(shown[at + 2] ?? 0)}`).toMatch(/^#6[4-9a-b]/)
        // The lamp from the other side changes nothing on what is flat, and something where there is relief.
        const other = lit(surface, 140, false)
        expect(Math.abs((other[at] ?? 0) - (shown[at] ?? 0))).toBeLessThan(4)
        expect(lit(painted(), 140, false)).not.toEqual(lit(painted(), -40, false))
    })

    it('is the same for the same seed, and another for another', () => {
        const marks = [mark({}), mark({ kind: 'streak', effect: 'streaks', step: 2 })]
        expect(closeUp.draw(piece({ marks }), wish())).toEqual(closeUp.draw(piece({ marks }), wish()))
        expect(apart(painted({ marks }), painted({ marks }, 8))).toBeGreaterThan(0)
    })

    it('turns darker while it is wet, and shines by its sheen', () => {
        const [dry, wet] = [closeUp.draw(piece(), wish()), closeUp.draw(piece(), wish({ isWet: true }))]
        const sum = (pixels: Uint8ClampedArray) => pixels.reduce((all, one) => all + one, 0)
        expect(sum(wet.pixels)).toBeLessThan(sum(dry.pixels))
        expect(closeUp.draw(piece({ gloss: 1 }), wish())).not.toEqual(dry)
    })
})

describe('marks on it', () => {
    it('cover more, the more of them there are', () => {
        const none = painted({ marks: [] })
        const shares = [2, 8, 30].map((perCm2) => apart(none, painted({ marks: [mark({ perCm2 })] })))
        expect(shares[0]).toBeGreaterThan(0)
        expect(shares[1]).toBeGreaterThan(shares[0] ?? 0)
        expect(shares[2]).toBeGreaterThan(shares[1] ?? 0)
    })

    it('lie at edges and rivets and hardly in the middle of a plate', () => {
        const [none, chipped] = [painted(), painted({ marks: [mark({ perCm2: 10, mostMm: 0.5 })] })]
        let [edges, open] = [0, 0]
        for (let at = 0; at < none.relief.own.length; at++) {
            if (none.relief.own[at] !== 1 || none.read(at)[0] === chipped.read(at)[0]) continue
            if (isFace(none)(at)) open++
            else edges++
        }
        expect(edges).toBeGreaterThan(open)
    })

    it('have a dark core inside their pale rim', () => {
        const rim = mark({ colour: '#ffffff', step: 1 })
        const core = mark({ colour: '#000000', step: 2 })
        const surface = painted({ marks: [rim, core] })
        const base = painted()
        let [rims, cores] = [0, 0]
        for (let at = 0; at < surface.relief.own.length; at++) {
            const light = surface.read(at)[0]
            if (surface.relief.own[at] !== 1 || light === base.read(at)[0]) continue
            if (light > 0.7) rims++
            if (light < 0.02) cores++
        }
        expect(rims).toBeGreaterThan(5)
        expect(cores).toBeGreaterThan(5)
    })

    it('keep to the lower third if that is said', () => {
        const low = painted({ marks: [mark({ perCm2: 20, mostMm: 0.4, places: ['lower-third'] })] })
        const none = painted()
        for (let at = 0; at < none.relief.own.length; at++)
            if ((none.relief.fall[at] ?? 1) < 0.5) expect(low.read(at)).toEqual(none.read(at))
    })

    it('stand up where they are thick, and shine where they are wet', () => {
        const mud = (isWet: boolean) =>
            painted({ marks: [mark({ kind: 'heap', effect: 'mud', colour: '#5a4630', isWet })] })
        expect(Math.max(...mud(false).bump)).toBeGreaterThan(0.05)
        expect(Math.max(...mud(false).gloss)).toBe(0)
        expect(Math.max(...mud(true).gloss)).toBeGreaterThan(0.5)
    })

    it('are laid on what stands beside it too, and never on what is none of theirs', () => {
        const beside = [{ kind: 'turret', ...shown({ kinds: ['turret'], colours: { ...colours, face: '#ff0000' } }) }]
        const turret = new CloseUp(riveted())
        const asked = piece({ zone: { id: 't', name: 'T', kind: 'turret' }, kinds: ['turret'], beside: [], scale: 72 })
        const alone = turret.painted(asked, wish())
        const both = turret.painted({ ...asked, beside: [{ kind: 'hull-sides', ...shown() }] }, wish())
        let others = 0
        for (let at = 0; at < alone.relief.own.length; at++) {
            if (alone.relief.own[at] === 1) expect(both.read(at)).toEqual(alone.read(at))
            else if (both.read(at)[0] > 0) others++
        }
        expect(others).toBeGreaterThan(0)
        expect(painted({ beside }).read(0)).toBeDefined()
    })
})

describe('a worn and muddy piece', () => {
    // Numbers, and no picture: what lies there may be drawn better, and stays as much and in the same colours.
    const marks = [
        mark({ step: 2, colour: '#6b755d' }),
        mark({ step: 3 }),
        mark({ kind: 'streak', effect: 'streaks', colour: '#675c43', step: 4, perCm2: 1, usualMm: 5, mostMm: 12 }),
        mark({ kind: 'heap', effect: 'mud', colour: '#5a4630', step: 5, perCm2: 8 }),
    ]
    const after = marks.map((_, last) => painted({ marks: marks.slice(0, last + 1) }))

    it('is taken by each mark in the share that was kept', () => {
        const shares = after.map((surface, place) => Number(apart(after[place - 1] ?? painted(), surface).toFixed(3)))
        expect(shares).toEqual(SHARES)
    })

    it('comes to the mean colour that was kept, on faces, in recesses and low down', () => {
        const end = after.at(-1) ?? painted()
        const { recess, fall } = end.relief
        const means = [isFace(end), (at: number) => (recess[at] ?? 0) > 0.5, (at: number) => (fall[at] ?? 0) > 0.8].map(
            (isAsked) => `#${mean(end, isAsked).map(hex).join('')}`,
        )
        expect(means).toEqual(MEANS)
    })
})

describe('what goes wrong', () => {
    const looks: string[] = JSON.parse(readFileSync('contract/answers.schema.json', 'utf8')).$defs.faultLook.enum
    const marks = [mark({ kind: 'marking', effect: 'marking', colour: '#e1ddca', step: 0 })]
    const withFault = (look: string, rule = 'a-rule') =>
        closeUp.painted(piece({ marks, gloss: 0.4, fault: { rule, look } }), wish(SMALL))
    const meant = () => closeUp.painted(piece({ marks, gloss: 0.4 }), wish(SMALL))

    it('has a picture for each look that the server knows', () => {
        expect(Object.keys(FAULTS).sort()).toEqual([...looks].sort())
    })

    it.each(looks)('can be told from the same step done right: %s', (look) => {
        expect(apart(meant(), withFault(look))).toBeGreaterThan(0.01)
    })

    it('looks different for each of them', () => {
        const pictures = looks.map((look) => withFault(look))
        for (const [place, one] of pictures.entries())
            for (const other of pictures.slice(place + 1)) expect(apart(one, other)).toBeGreaterThan(0.01)
    })

    it('lies elsewhere for another rule of the same look', () => {
        expect(apart(withFault('lifted', 'one-rule'), withFault('lifted', 'another'))).toBeGreaterThan(0.02)
    })
})
