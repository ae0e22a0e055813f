import { sums } from '../vehicle/marking'
import { type Model, project, VIEWS, type View } from '../vehicle/model'
import { type Frame, frameOf, NOTHING, type Scene, see } from '../vehicle/raster'
import { clouds, layer } from './grain'

/** Where a piece is cut from: a window of a view, in millimetres of the vehicle. */
export type Cut = {
    view: View
    right0: number
    down0: number
    wideMm: number
    tallMm: number
    top: number
    low: number
}

/** The surface of a piece. Millimetres are those of the model; one value a pixel. */
export type Relief = {
    width: number
    height: number
    /** Pixels a millimetre of the model. */
    dots: number
    cut: Cut
    scene: Scene
    /** 1 where it is the zone that is asked for. */
    own: Uint8Array
    /** Towards the eye. */
    level: Float32Array
    /** What stands on the plates of the vehicle or is cut into them: rivets, joints, welds. */
    detail: Float32Array
    /** 0 to 1: lower than what is close around, higher than it, and lower than what is farther around. */
    recess: Float32Array
    edge: Float32Array
    corner: Float32Array
    /** How much it looks up: 0 upright or below, 1 level. */
    up: Float32Array
    /** How far down the zone: 0 at its upper end, 1 at its lower. */
    fall: Float32Array
    /** Noise that has been asked for, by its words: it is the same at every step. */
    noises: Map<string, Float32Array>
    /** Where other zones are seen, by their kinds; null: hardly anywhere. */
    masks: Map<string, Uint8Array | null>
}

/** More than a piece with many marks asks for. */
const MOST_NOISES = 32

/** Smooth noise of two sizes, in cells of so many millimetres, stretched downwards; kept. */
export const cloudsOn = (relief: Relief, mm: number, seed: number): Float32Array =>
    noiseOn(relief, `clouds ${mm} ${seed}`, () => clouds(relief.width, relief.height, mm * relief.dots, seed))

/** Of one size, as broad and as tall as said; kept. */
export const layerOn = (relief: Relief, acrossMm: number, downMm: number, seed: number): Float32Array =>
    noiseOn(relief, `layer ${acrossMm} ${downMm} ${seed}`, () =>
        layer(relief.width, relief.height, acrossMm * relief.dots, downMm * relief.dots, seed),
    )

/** What depends on the relief and on words alone is worked out once. */
export function noiseOn({ noises }: Relief, words: string, make: () => Float32Array): Float32Array {
    const known = noises.get(words)
    if (known !== undefined) return known
    const noise = make()
    const [oldest] = noises.keys()
    if (noises.size >= MOST_NOISES && oldest !== undefined) noises.delete(oldest)
    noises.set(words, noise)
    return noise
}

/** Pixels a millimetre of the vehicle at which it is looked for a good place. */
const COARSE = 0.06
/** Millimetres of the model from side to side, the largest first that the zone still fills. */
const WIDTHS = [56, 44, 34, 26, 20]
/** So much of a piece is at least of its zone; where none is, less will do: small parts are seen where they sit. */
const FILLED = [0.5, 0.25, 0.1, 0.02]

/** What a view has of a zone, in coarse dots: how much of it, and how much detail, in every box from the corner. */
type Look = { scene: Scene; rows: readonly [first: number, last: number]; own: Uint32Array; detail: Uint32Array }

/** The place of the vehicle that shows most of what a zone has: filled by it, with detail, down to its lower end. */
export function cutFor(model: Model, kind: string, kinds: readonly string[], scale: number, shape: number): Cut | null {
    const [alone, others] = [bestCut(model, [kind], scale, shape), bestCut(model, kinds, scale, shape)]
    // The zone as such first; where it is but a strip, what is painted as it is shows more.
    if (alone === null || others === null) return alone?.cut ?? others?.cut ?? null
    return alone.level > 1 && others.level < alone.level ? others.cut : alone.cut
}

type Found = { cut: Cut; worth: number; level: number }

function bestCut(model: Model, kinds: readonly string[], scale: number, shape: number): Found | null {
    // One for each share that may have to do.
    const best: (Found | undefined)[] = []
    for (const view of VIEWS) {
        const look = lookAt(model, view, kinds)
        if (look === null) continue
        for (const mm of WIDTHS) {
            const wide = Math.round(mm * scale * COARSE)
            const tall = Math.round((mm / shape) * scale * COARSE)
            for (let y = -tall / 2; y < look.scene.height; y += STRIDE)
                for (let x = -wide / 2; x < look.scene.width; x += STRIDE) {
                    const own = inBox(look.own, look.scene, x, y, wide, tall)
                    const level = FILLED.findIndex((least) => own >= least)
                    if (level < 0) continue
                    const worth = worthOf(look, level, own, x, y, wide, tall) + mm * (level > 0 ? -0.03 : 0.012)
                    const before = best[level]
                    if (before === undefined || worth > before.worth)
                        best[level] = { level, worth, cut: cutAt(look, mm * scale, shape, x, y) }
                }
        }
    }
    return best.find((one) => one !== undefined) ?? null
}

/** Coarse dots from one place that is tried to the next. */
const STRIDE = 4

function worthOf(look: Look, level: number, own: number, x: number, y: number, wide: number, tall: number): number {
    const detail = inBox(look.detail, look.scene, x, y, wide, tall)
    const reach = (y + tall - look.rows[0]) / Math.max(1, look.rows[1] - look.rows[0])
    const isLow = level === 0 && look.scene.view !== 'top' && reach > 0.85 && reach < 1.25
    return Math.min(1, 1.25 * own) + Math.min(0.6, 7 * detail) + (isLow ? 0.25 : 0)
}

const cutAt = ({ scene, rows }: Look, wideMm: number, shape: number, x: number, y: number): Cut => ({
    view: scene.view,
    right0: scene.right0 + x / COARSE,
    down0: scene.down0 + y / COARSE,
    wideMm,
    tallMm: wideMm / shape,
    top: scene.down0 + rows[0] / COARSE,
    low: scene.down0 + rows[1] / COARSE,
})

/** null: nothing of the zone is turned towards the eye. */
function lookAt(model: Model, view: View, kinds: readonly string[]): Look | null {
    const isOwn = Uint8Array.from(model.zones, (kind) => (kinds.includes(kind) ? 1 : 0))
    const scene = see(model, view, COARSE)
    const { width, height } = scene
    const filled = new Uint8Array(width * height)
    const rich = new Uint8Array(width * height)
    const rows: [number, number] = [height, -1]
    const nearly = view === 'left' ? 2 : view === 'top' ? 1 : 0
    for (let pixel = 0; pixel < filled.length; pixel++) {
        const face = scene.face[pixel] as number
        if (face < 0 || isOwn[model.zoneOf[face] as number] === 0) continue
        // What is seen from aside is narrow in this view, and broad in another.
        if (Math.abs(scene.normal[3 * pixel + nearly] as number) < 50) continue
        filled[pixel] = 1
        rows[0] = Math.min(rows[0], Math.floor(pixel / width))
        rows[1] = Math.max(rows[1], Math.floor(pixel / width))
    }
    if (rows[1] < 0) return null
    for (const { points } of model.lines) trace(scene, points, filled, rich)
    for (let at = 0; at < model.rivets.length; at += 7) trace(scene, model.rivets.subarray(at, at + 3), filled, rich)
    return { scene, rows, own: sums(filled, width, height), detail: sums(rich, width, height) }
}

/** Of a zone that fills no piece, or is nowhere seen: the middle of its view from the left. */
export function anywhere(model: Model, scale: number, shape: number): Cut {
    const whole = frameOf(model, 'left', 1, 0)
    const wideMm = 44 * scale
    const tallMm = wideMm / shape
    return {
        view: 'left',
        right0: whole.right0 + (whole.width - wideMm) / 2,
        down0: whole.down0 + (whole.height - tallMm) / 2,
        wideMm,
        tallMm,
        top: whole.down0,
        low: whole.down0 + whole.height,
    }
}

/** Marks where lines and rivets of the zone itself are seen. */
function trace(scene: Scene, points: Float32Array, filled: Uint8Array, into: Uint8Array): void {
    for (let at = 0; at < points.length; at += 3) {
        const [u, v, near] = project(scene.view, points[at] ?? 0, points[at + 1] ?? 0, points[at + 2] ?? 0)
        const x = Math.floor((u - scene.right0) * scene.scale)
        const y = Math.floor((v - scene.down0) * scene.scale)
        if (x < 0 || y < 0 || x >= scene.width || y >= scene.height) continue
        const pixel = y * scene.width + x
        if (filled[pixel] === 1 && Math.abs((scene.near[pixel] as number) - near) < 40) into[pixel] = 1
    }
}

/** Which share of a box is taken. */
function inBox(taken: Uint32Array, { width, height }: Scene, x: number, y: number, wide: number, tall: number): number {
    const [left, right] = [Math.max(0, Math.floor(x)), Math.min(width, Math.floor(x + wide))]
    const [top, bottom] = [Math.max(0, Math.floor(y)), Math.min(height, Math.floor(y + tall))]
    if (right <= left || bottom <= top) return 0
    const upper = top * (width + 1)
    const lower = bottom * (width + 1)
    const count =
        (taken[lower + right] as number) -
        (taken[lower + left] as number) -
        (taken[upper + right] as number) +
        (taken[upper + left] as number)
    return count / (wide * tall)
}

/** The surface of a piece in so many pixels. */
export function reliefOf(model: Model, cut: Cut, kinds: readonly string[], scale: number, width: number): Relief {
    const perMm = width / cut.wideMm
    const height = Math.round(cut.tallMm * perMm)
    const frame: Frame = { right0: cut.right0, down0: cut.down0, width, height }
    const scene = see(model, cut.view, perMm, frame)
    const dots = perMm * scale
    const size = width * height
    const relief: Relief = {
        width,
        height,
        dots,
        cut,
        scene,
        own: new Uint8Array(size),
        level: new Float32Array(size),
        detail: new Float32Array(size),
        recess: new Float32Array(size),
        edge: new Float32Array(size),
        corner: new Float32Array(size),
        up: new Float32Array(size),
        fall: new Float32Array(size),
        noises: new Map(),
        masks: new Map(),
    }
    const isOwn = model.zones.map((kind) => kinds.includes(kind))
    for (let at = 0; at < size; at++) {
        const face = scene.face[at] as number
        if (face >= 0 && isOwn[model.zoneOf[face] as number] === true) relief.own[at] = 1
        relief.up[at] = Math.max(0, (scene.normal[3 * at + 1] as number) / 127)
        const down = cut.down0 + Math.floor(at / width) / perMm
        relief.fall[at] = Math.max(0, Math.min(1, (down - cut.top) / Math.max(1, cut.low - cut.top)))
    }
    for (const { stroke, points } of model.lines)
        for (let at = 3; at < points.length; at += 3) engrave(relief, STROKES[stroke], points, at)
    rivet(relief, model.rivets, scale)
    for (let at = 0; at < size; at++) {
        const near = scene.near[at] as number
        relief.level[at] = (near === NOTHING ? -400 : near / scale) + (relief.detail[at] as number)
    }
    curve(relief)
    return relief
}

/** How a line stands in relief, in millimetres of the model: half its width, how high, and how often it ripples. */
type Cast = { half: number; high: number; ripple: number }
const STROKES: Record<string, Cast> = {
    detail: { half: 0.1, high: -0.14, ripple: 0 },
    slot: { half: 0.26, high: -0.34, ripple: 0 },
    weld: { half: 0.26, high: 0.17, ripple: 0.34 },
    fold: { half: 0.75, high: 0.3, ripple: 0 },
}

/** Millimetres of the vehicle by which a line may lie off the face that it is drawn on. */
const ON_FACE = 30

function engrave(relief: Relief, cast: Cast | undefined, points: Float32Array, at: number): void {
    if (cast === undefined) return
    const { scene, width, height, dots, detail } = relief
    const from = project(scene.view, points[at - 3] ?? 0, points[at - 2] ?? 0, points[at - 1] ?? 0)
    const to = project(scene.view, points[at] ?? 0, points[at + 1] ?? 0, points[at + 2] ?? 0)
    const [x0, y0] = [(from[0] - scene.right0) * scene.scale, (from[1] - scene.down0) * scene.scale]
    const [x1, y1] = [(to[0] - scene.right0) * scene.scale, (to[1] - scene.down0) * scene.scale]
    const reach = 1.6 * cast.half * dots
    const [u, v] = [x1 - x0, y1 - y0]
    const length = Math.hypot(u, v)
    if (length < 0.5) return
    for (let y = rowAbove(Math.min(y0, y1) - reach); y <= Math.min(height - 1, Math.max(y0, y1) + reach); y++)
        for (let x = rowAbove(Math.min(x0, x1) - reach); x <= Math.min(width - 1, Math.max(x0, x1) + reach); x++) {
            const share = Math.max(0, Math.min(1, ((x - x0) * u + (y - y0) * v) / (length * length)))
            const away = Math.hypot(x - x0 - share * u, y - y0 - share * v) / dots / cast.half
            if (away > 1.6) continue
            const place = y * width + x
            const near = from[2] + share * (to[2] - from[2])
            if (Math.abs((scene.near[place] as number) - near) > ON_FACE) continue
            const wave = cast.ripple > 0 ? 0.75 + 0.25 * Math.cos((6.28 * share * length) / dots / cast.ripple) : 1
            const high = cast.high * wave * Math.max(0, 1 - (away / 1.3) ** 2)
            if (Math.abs(high) > Math.abs(detail[place] as number)) detail[place] = high
        }
}

const rowAbove = (value: number): number => Math.max(0, Math.floor(value))

/** Heads of rivets and bolts, half as high as they are wide. */
function rivet(relief: Relief, rivets: Float32Array, scale: number): void {
    const { scene, width, height, dots, detail } = relief
    for (let at = 0; at < rivets.length; at += 7) {
        const [u, v, near] = project(scene.view, rivets[at] ?? 0, rivets[at + 1] ?? 0, rivets[at + 2] ?? 0)
        const [, , towards] = project(scene.view, rivets[at + 3] ?? 0, rivets[at + 4] ?? 0, rivets[at + 5] ?? 0)
        if (towards < 0.4) continue
        const [cx, cy] = [(u - scene.right0) * scene.scale, (v - scene.down0) * scene.scale]
        const radius = Math.max(0.26, (rivets[at + 6] ?? 0) / scale)
        const reach = radius * dots
        for (let y = rowAbove(cy - reach); y <= Math.min(height - 1, cy + reach); y++)
            for (let x = rowAbove(cx - reach); x <= Math.min(width - 1, cx + reach); x++) {
                const away = Math.hypot(x - cx, y - cy) / reach
                const place = y * width + x
                if (away >= 1 || Math.abs((scene.near[place] as number) - near) > ON_FACE) continue
                detail[place] = 0.85 * radius * Math.sqrt(1 - away * away)
            }
    }
}

/** Millimetres of the model that it is looked around, and the bend at which a place is wholly recess or edge. */
const CLOSE = { reach: 0.22, bend: 0.07 }
const WIDE = { reach: 1.1, bend: 0.24 }
/** What stands nearer or farther by more counts as this much. */
const MOST_STEP = 0.5
const SIDES: readonly (readonly [number, number])[] = [
    [1, 0],
    [0, 1],
    [0.7, 0.7],
    [0.7, -0.7],
]

function curve(relief: Relief): void {
    const { recess, edge, corner } = relief
    bends(relief, CLOSE.reach, (at, bend) => {
        recess[at] = Math.max(0, Math.min(1, bend / CLOSE.bend - 0.15))
        edge[at] = Math.max(0, Math.min(1, -bend / CLOSE.bend - 0.15))
    })
    bends(relief, WIDE.reach, (at, bend) => {
        corner[at] = Math.max(0, Math.min(1, bend / WIDE.bend - 0.1))
    })
    // It was looked to a few sides only: without this the sides would show as steps.
    const { width, height, dots } = relief
    for (let pass = 0; pass < 2; pass++) blur(corner, width, height, Math.round(0.35 * WIDE.reach * dots))
    for (let at = 0; at < corner.length; at++)
        recess[at] = Math.min(1, (recess[at] as number) + 0.35 * (corner[at] as number) ** 1.5)
}

/** The mean over a box around each place, first along rows and then down columns. */
function blur(field: Float32Array, width: number, height: number, reach: number): void {
    const line = new Float32Array(Math.max(width, height))
    const along = (first: number, step: number, count: number) => {
        let sum = 0
        for (let place = -reach; place < count; place++) {
            if (place + reach < count) sum += field[first + (place + reach) * step] as number
            if (place - reach > 0) sum -= field[first + (place - reach - 1) * step] as number
            if (place >= 0) line[place] = sum / (2 * reach + 1)
        }
        for (let place = 0; place < count; place++) field[first + place * step] = line[place] as number
    }
    for (let y = 0; y < height; y++) along(y * width, 1, width)
    for (let x = 0; x < width; x++) along(x, width, height)
}

/** How much each place is lower than the middle of what lies to both its sides, in millimetres; above 0 a hollow. */
function bends(relief: Relief, reachMm: number, take: (at: number, bend: number) => void): void {
    const { width, height, dots, level } = relief
    const across = SIDES.map(([x]) => Math.round(x * reachMm * dots))
    const down = SIDES.map(([, y]) => Math.round(y * reachMm * dots))
    const far = Math.max(...across, ...down)
    const away = across.map((dx, side) => (down[side] as number) * width + dx)
    for (let y = 0; y < height; y++) {
        const isInside = y >= far && y < height - far
        for (let x = 0; x < width; x++) {
            const at = y * width + x
            const own = level[at] as number
            if (own < -300) continue
            let bend = 0
            for (let side = 0; side < 4; side++) {
                const dx = across[side] as number
                const dy = down[side] as number
                // At the rim of the picture nobody knows what lies beyond.
                if (!isInside && (y + dy < 0 || y - dy < 0 || y + dy >= height || y - dy >= height)) continue
                if (x + dx >= width || x - dx < 0 || x + dx < 0 || x - dx >= width) continue
                const there = at + (away[side] as number)
                const back = at - (away[side] as number)
                const one = (level[there] as number) - own
                const other = (level[back] as number) - own
                bend += one > MOST_STEP ? MOST_STEP : one < -MOST_STEP ? -MOST_STEP : one
                bend += other > MOST_STEP ? MOST_STEP : other < -MOST_STEP ? -MOST_STEP : other
            }
            take(at, bend / 8)
        }
    }
}
