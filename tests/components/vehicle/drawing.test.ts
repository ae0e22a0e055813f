import { describe, expect, it } from 'vitest'
import { Drawing } from '@/vehicle/drawing'
import { type Model, project, unproject, VIEWS } from '@/vehicle/model'
import { NONE, outlinesOf } from '@/vehicle/outlines'
import { extentOf, MARGIN, see } from '@/vehicle/raster'
import { unpack } from '@/vehicle/unpack'
import { boxes, finish, mark, vehicle } from './boxes'

const SCALE = 0.1

/** Pixels that path data of straight lines encloses: what lies to the right of the way counts. */
function areaOf(path: string): number {
    let area = 0
    for (const loop of path.split('M').slice(1)) {
        const points = loop
            .replace('Z', '')
            .split('L')
            .map((point) => point.split(' ').map(Number))
        for (const [at, [x = 0, y = 0]] of points.entries()) {
            const [nextX = 0, nextY = 0] = points[(at + 1) % points.length] ?? []
            area += (x * nextY - nextX * y) / 2
        }
    }
    return area
}

describe('a view', () => {
    it('is as large as the vehicle, and agrees with the others', () => {
        const model = vehicle()
        const { left, top, front, rear } = Object.fromEntries(VIEWS.map((view) => [view, see(model, view, SCALE)]))
        expect([left?.width, left?.height]).toEqual([200 + 2 * MARGIN, 150 + 2 * MARGIN])
        expect([top?.width, top?.height]).toEqual([200 + 2 * MARGIN, 100 + 2 * MARGIN])
        expect([front?.width, front?.height]).toEqual([rear?.width, rear?.height])
        expect(front?.height).toBe(left?.height)
        expect(front?.width).toBe(top?.height)
    })
    it('turns a point and back', () => {
        for (const view of VIEWS)
            expect(unproject(view, ...project(view, 12, 34, 56)).map((value) => value + 0)).toEqual([12, 34, 56])
    })
    it('shows what is nearest', () => {
        // From the front, a low box hides the lower part of a high one behind it.
        const model = boxes(
            { zone: 'glacis', x: [0, 100], y: [0, 500], z: [-500, 500] },
            { zone: 'turret', x: [500, 600], y: [0, 1000], z: [-500, 500] },
        )
        const scene = see(model, 'front', SCALE)
        const zoneAt = (down: number) =>
            model.zones[model.zoneOf[scene.face[Math.round(MARGIN + down * SCALE) * scene.width + 50] ?? -1] ?? -1]
        expect(zoneAt(250)).toBe('turret')
        expect(zoneAt(750)).toBe('glacis')
    })
    it('is the mirror of the other end, for what is the same on both', () => {
        const model = vehicle()
        const [front, rear] = [see(model, 'front', SCALE), see(model, 'rear', SCALE)]
        const shape = (face: Int32Array) => Array.from(face, (one) => one >= 0)
        expect(shape(front.face)).toEqual(shape(rear.face))
    })
})

describe('the zones of a view', () => {
    const drawn = (model: Model, view: (typeof VIEWS)[number]) =>
        new Drawing(model).draw(view, SCALE, finish().belongs, []).regions
    it('have the size that they are seen in', () => {
        const regions = Object.fromEntries(drawn(vehicle(), 'left').map(({ zone, path }) => [zone, areaOf(path)]))
        expect(regions).toEqual({ hull: 200 * 60, turret: 80 * 50, wheels: 160 * 40 })
    })
    it('cover the whole of what is seen, each point once, from every side', () => {
        for (const view of VIEWS) {
            const scene = see(vehicle(), view, SCALE)
            const seen = scene.face.reduce((count, face) => count + (face >= 0 ? 1 : 0), 0)
            const covered = drawn(vehicle(), view).reduce((sum, { path }) => sum + areaOf(path), 0)
            expect(covered).toBe(seen)
        }
    })
    it('leave out what the plan has no zone for', () => {
        const regions = new Drawing(vehicle()).draw('left', SCALE, [{ kind: 'turret', zone: 'turret' }], []).regions
        expect(regions.map(({ zone }) => zone)).toEqual(['turret'])
    })
    it('have holes where others lie within them, and touch at corners without becoming one', () => {
        const [o, i] = [NONE, 0]
        const ring = Uint8Array.from({ length: 42 }, (_, at) => {
            const [x, y] = [at % 7, Math.floor(at / 7)]
            return x > 1 && x < 5 && y > 1 && y < 4 ? o : i
        })
        expect(areaOf(outlinesOf(ring, 7, 6).get(0) ?? '')).toBe(42 - 6)
        const chess = Uint8Array.from([i, i, i, o, o, o, i, i, i, o, o, o, o, o, o, i, i, i, o, o, o, i, i, i])
        expect(outlinesOf(chess, 6, 4).get(0)?.match(/M/g)).toHaveLength(2)
    })
})

describe('ink', () => {
    it('goes round what is seen, and is the same each time', () => {
        const draw = () => new Drawing(vehicle()).draw('left', SCALE, finish().belongs, []).ink
        expect(draw()).toEqual(draw())
        expect(draw().paths.outline).toMatch(/^M/)
    })
})

/** The colour of one place of the vehicle, in millimetres from the upper left of the view. */
function colourAt(painted: { width: number; pixels: Uint8ClampedArray }, right: number, down: number): string {
    const at = 4 * (Math.round(MARGIN + down * SCALE) * painted.width + Math.round(MARGIN + right * SCALE))
    const hex = [...painted.pixels.slice(at, at + 3)].map((value) => value.toString(16).padStart(2, '0'))
    return `#${hex.join('')}`
}

describe('paint', () => {
    const HULL = [1000, 800] as const
    const TURRET = [1000, 250] as const
    const plan = finish(
        mark({ zones: ['hull', 'turret'], colour: '#7c7d7b' }),
        mark({ step: 1, colour: '#566043' }),
        mark({ step: 2, effect: 'mask', colour: null, until: 4 }),
        mark({ step: 3, colour: '#112233', zones: ['turret'] }),
        mark({ step: 5, effect: 'chips', colour: '#112233', zones: ['turret'], amount: 0.8 }),
        mark({ step: 6, effect: 'dust', colour: '#b8a57f', zones: ['hull'], amount: 0.6 }),
    )
    const wish = { view: 'left', scale: SCALE, finish: plan, key: 'one', number: '27', seed: 5 } as const
    const painted = (step: number, drawing = new Drawing(vehicle())) => drawing.paint({ ...wish, step, isFlat: true })
    it('lays each step on its zones', () => {
        expect(colourAt(painted(0), ...HULL)).toBe('#7c7d7b')
        expect(colourAt(painted(1), ...HULL)).toBe('#566043')
        expect(colourAt(painted(1), ...TURRET)).toBe('#7c7d7b')
    })
    it('shows what is masked as masked, until the mask comes off', () => {
        expect(colourAt(painted(2), ...HULL)).toBe('#cdc4a0')
        expect(colourAt(painted(4), ...HULL)).toBe('#566043')
    })
    it('moves nothing that a step does not change, whichever way one slides', () => {
        const drawing = new Drawing(vehicle())
        const [before, chipped] = [painted(4, drawing), painted(5, drawing)]
        const changed = new Set<string>()
        for (let at = 0; at < before.pixels.length; at += 4)
            if (before.pixels[at] !== chipped.pixels[at])
                changed.add(Math.floor(at / 4 / before.width) < MARGIN + 50 ? 'turret' : 'below')
        expect([...changed]).toEqual(['turret'])
        expect(painted(4, drawing).pixels).toEqual(before.pixels)
        expect(painted(6, drawing).pixels).toEqual(painted(6).pixels)
    })
    it('keeps chance to the build and to the kind of work: a step put in before moves no chips', () => {
        const chips = (step: number, seed: number) => {
            const later = plan.marks.map((one) => ({ ...one, step: one.step + step }))
            return new Drawing(vehicle()).paint({
                ...wish,
                finish: { ...plan, marks: later },
                seed,
                step: 5 + step,
                isFlat: true,
            }).pixels
        }
        expect(chips(1, 5)).toEqual(chips(0, 5))
        expect(chips(0, 6)).not.toEqual(chips(0, 5))
    })
    it('lights a form from above, and can do without', () => {
        const drawing = new Drawing(vehicle())
        const brightness = (view: 'top' | 'left') => {
            const lit = drawing.paint({ ...wish, view, step: 1, isFlat: false })
            return Number.parseInt(colourAt(lit, 100, view === 'top' ? 500 : 800).slice(1, 3), 16)
        }
        expect(brightness('top')).toBeGreaterThan(brightness('left'))
        expect(colourAt(drawing.paint({ ...wish, view: 'top', step: 1, isFlat: true }), 100, 500)).toBe('#566043')
    })
    it('gives each zone its part of the picture, and leaves what is beside it clear', () => {
        const { pixels, width } = painted(1)
        expect(pixels[3]).toBe(0)
        expect(pixels[4 * (MARGIN + 100) * width + 4 * (MARGIN + 100) + 3]).toBe(255)
    })
})

describe('panels, patterns and earth', () => {
    const drawing = new Drawing(vehicle())
    const on = (...marks: ReturnType<typeof mark>[]) => ({
        ...finish(...marks),
        // The faces of the hull that look to the left and upwards.
        panels: [
            { panel: 'side', zone: 'hull', plate: 'hull-sides 0-5' },
            { panel: 'deck', zone: 'hull', plate: 'hull-sides 0-3' },
        ],
    })
    const at = (shown: ReturnType<typeof on>, view: 'left' | 'top', isFlat = true) =>
        drawing.paint({
            view,
            scale: SCALE,
            finish: shown,
            key: JSON.stringify(shown),
            number: '21',
            seed: 1,
            step: 9,
            isFlat,
        })
    const shareOf = (painted: { pixels: Uint8ClampedArray }, red: number) => {
        let [shown, all] = [0, 0]
        for (let from = 0; from < painted.pixels.length; from += 4) {
            if (painted.pixels[from + 3] === 0) continue
            all++
            if (Math.abs((painted.pixels[from] ?? 0) - red) < 12) shown++
        }
        return shown / all
    }

    it('keeps a tint to its panel, and to all of a zone that has none among them', () => {
        const tint = mark({ colour: '#000000', zones: ['hull', 'turret'], panels: ['side'], step: 1 })
        const shown = on(mark({ colour: '#ffffff', zones: ['hull', 'turret'] }), tint)
        expect(colourAt(at(shown, 'left'), 1000, 800)).toBe('#000000')
        expect(colourAt(at(shown, 'top'), 100, 500)).toBe('#ffffff')
        expect(colourAt(at(shown, 'top'), 1000, 500)).toBe('#000000')
    })
    it('draws the border of a panel where it is seen, and nowhere else', () => {
        const { panels } = drawing.draw('left', SCALE, on().belongs, on().panels)
        expect(panels.map(({ panel, path }) => [panel, areaOf(path)])).toEqual([['side', 200 * 60]])
    })
    it.each(['patches', 'bands'])('gives a camouflage in %s its share, the same from every side', (pattern) => {
        const all = ['hull', 'turret', 'wheels']
        const shown = (share: number) =>
            on(
                mark({ zones: all, colour: '#ffffff' }),
                mark({ effect: 'patches', zones: all, colour: '#000000', share, pattern }),
            )
        const shares = [20, 50, 80].map((share) => shareOf(at(shown(share), 'left'), 0))
        expect(shares[0]).toBeLessThan(0.4)
        expect(shares[1]).toBeGreaterThan((shares[0] ?? 1) + 0.1)
        expect(shares[2]).toBeGreaterThan((shares[1] ?? 1) + 0.1)
        expect(shares[2]).toBeGreaterThan(0.6)
        // Where the deck meets the side, a patch goes over the edge.
        const [side, deck] = [at(shown(50), 'left'), at(shown(50), 'top')]
        for (const right of [100, 300, 500, 1500, 1700, 1900]) {
            const [below, above] = [colourAt(side, right, 510), colourAt(deck, right, 990)]
            if (below === '#000000' || below === '#ffffff') expect([right, above]).toEqual([right, below])
        }
    })
    it('leaves the markings bare that a white was painted round, and buries them under any other coat', () => {
        const shown = (sparesMarkings: boolean) =>
            on(
                mark({ zones: ['hull', 'turret'], colour: '#404040' }),
                mark({ effect: 'marking', zones: ['turret'], colour: '#ff0000', step: 1 }),
                mark({ zones: ['hull', 'turret'], colour: '#ffffff', step: 2, sparesMarkings }),
            )
        const reds = ({ pixels }: { pixels: Uint8ClampedArray }) =>
            pixels.filter((value, at) => at % 4 === 0 && value > 200 && (pixels[at + 1] ?? 0) < 40).length
        expect(reds(at(shown(true), 'left'))).toBeGreaterThan(100)
        expect(reds(at(shown(false), 'left'))).toBe(0)
    })
    it('darkens what lay loose when it is fixed, and nothing else', () => {
        const dust = mark({ effect: 'dust', colour: '#ffffff', amount: 1, step: 1 })
        const loose = on(mark({ zones: ['hull', 'turret'] }), dust)
        const fixed = on(
            ...loose.marks,
            mark({ effect: 'fixed', colour: null, amount: 0.25, zones: ['hull', 'turret'], step: 2 }),
        )
        const light = (shown: typeof loose, down: number) =>
            Number.parseInt(colourAt(at(shown, 'left'), 1000, down).slice(1, 3), 16)
        expect(light(fixed, 1050)).toBeLessThan(light(loose, 1050) - 2)
        expect(light(fixed, 250)).toBe(light(loose, 250))
    })
    it('lets wet earth shine until a coat dulls it, and shows it darker', () => {
        const mud = (sheen: string | null) =>
            mark({ effect: 'mud', colour: '#808080', amount: 1, sheen, step: 1, zones: ['wheels'] })
        const wheels = new Drawing(boxes({ zone: 'wheels', x: [0, 900], y: [0, 100], z: [-400, 400] }))
        const seen = (marks: ReturnType<typeof mark>[], isFlat: boolean) => {
            const shown = finish(...marks)
            const { pixels } = wheels.paint({
                view: 'top',
                scale: SCALE,
                finish: shown,
                key: JSON.stringify(shown),
                number: '',
                seed: 1,
                step: 9,
                isFlat,
            })
            return pixels.reduce((sum, value) => sum + value, 0)
        }
        const dulled = mark({ effect: 'sheen', colour: null, sheen: 'matte', step: 2, zones: ['wheels'] })
        expect(seen([mud('gloss')], true)).toBeLessThan(seen([mud(null)], true))
        expect(seen([mud('gloss')], false)).toBeGreaterThan(seen([mud('gloss'), dulled], false))
    })
})

describe('what is sent', () => {
    it('is unpacked as it was: halves of a millimetre, the lowest byte first', () => {
        const base64 = (numbers: ArrayLike<number> & { buffer: ArrayBufferLike }) =>
            btoa(String.fromCharCode(...new Uint8Array(numbers.buffer)))
        const model = unpack({
            zones: ['turret'],
            parts: [{ name: 'roof', assembly: 'turret' }],
            points: base64(Int16Array.from([3, -4001, 0])),
            triangles: base64(Uint16Array.from([0, 0, 0])),
            zoneOf: base64(Uint8Array.from([0])),
            partOf: base64(Uint16Array.from([0])),
            smoothness: base64(Uint8Array.from([2])),
            plates: ['turret-roof-top'],
            plateOf: base64(Uint16Array.from([0])),
            lines: [{ stroke: 'weld', points: base64(Int16Array.from([1, 2, 3])) }],
            rivets: base64(Float32Array.from([1, 2, 3, 0, 1, 0, 11])),
        })
        expect([...model.points]).toEqual([1.5, -2000.5, 0])
        expect(model.lines[0]?.stroke).toBe('weld')
        expect([...model.rivets]).toEqual([1, 2, 3, 0, 1, 0, 11])
        expect(extentOf(model, 'left').down).toEqual([2000.5, 2000.5])
    })
})
