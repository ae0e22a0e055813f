import type { Fields } from './fields'
import { smoothstep } from './noise'

/**
 * What else decides where a mark lies: how many of its kind come before it, so that nothing moves when a step of
 * another kind is put in, and the number that is painted on.
 */
export type Scheme = { nth: number; number: string; isZone: (at: number) => boolean; seed: number }

type Point = readonly [x: number, y: number]

/** Figures as they are cut into a stencil: strokes in a box four wide and seven high. */
const LOOP: readonly Point[] = [
    ...([
        [3.2, 1.1],
        [2.5, 0.5],
        [1.7, 0.6],
        [0.9, 1.4],
        [0.6, 2.8],
        [0.6, 4.8],
        [0.9, 5.9],
        [1.6, 6.45],
    ] as const),
    ...([
        [2.4, 6.45],
        [3.1, 5.9],
        [3.4, 5],
        [3.4, 4.3],
        [3.1, 3.4],
        [2.4, 2.9],
        [1.6, 2.9],
        [0.9, 3.5],
    ] as const),
    [0.6, 4.4],
]
const HALF_A_RING: readonly Point[] = [
    [2, 0.5],
    [1.1, 0.8],
    [0.6, 1.9],
    [0.5, 3.5],
]
const turned = (points: readonly Point[]): Point[] => points.map(([x, y]) => [WIDE - x, HIGH - y])
const mirrored = (points: readonly Point[]): Point[] => points.map(([x, y]) => [WIDE - x, y])
export const WIDE = 4
export const HIGH = 7
/** Half the width of a stroke, and what is left between two figures. */
const STROKE = 0.52
export const BETWEEN = 1.1

const FIGURES: Record<string, readonly (readonly Point[])[]> = {
    0: [HALF_A_RING, mirrored(HALF_A_RING), turned(HALF_A_RING), turned(mirrored(HALF_A_RING))],
    1: [
        [
            [1.1, 1.4],
            [2.2, 0.5],
            [2.2, 6.5],
        ],
    ],
    2: [
        [
            [0.6, 1.9],
            [0.8, 1.1],
            [1.4, 0.6],
            [2, 0.5],
            [2.7, 0.65],
            [3.3, 1.2],
            [3.4, 1.9],
            [3.1, 2.8],
        ],
        [
            [3.1, 2.8],
            [0.6, 6.5],
            [3.5, 6.5],
        ],
    ],
    3: [
        [
            [0.6, 1.3],
            [1.2, 0.65],
            [2, 0.5],
            [2.8, 0.7],
            [3.3, 1.3],
            [3.3, 2.2],
            [2.8, 3],
            [1.8, 3.3],
        ],
        [
            [1.8, 3.3],
            [2.9, 3.6],
            [3.4, 4.4],
            [3.4, 5.3],
            [2.9, 6.2],
            [2, 6.5],
            [1.1, 6.3],
            [0.5, 5.6],
        ],
    ],
    4: [
        [
            [2.8, 6.5],
            [2.8, 0.5],
            [0.5, 4.6],
            [3.6, 4.6],
        ],
    ],
    5: [
        [
            [3.2, 0.5],
            [0.9, 0.5],
            [0.7, 3.1],
            [1.4, 2.7],
            [2.1, 2.6],
            [2.9, 2.9],
            [3.4, 3.7],
        ],
        [
            [3.4, 3.7],
            [3.4, 5.2],
            [2.9, 6.1],
            [2, 6.5],
            [1.1, 6.3],
            [0.5, 5.7],
        ],
    ],
    6: [LOOP],
    7: [
        [
            [0.5, 0.5],
            [3.5, 0.5],
            [1.6, 6.5],
        ],
    ],
    8: [
        [
            [2, 3.2],
            [1.1, 2.8],
            [0.7, 1.9],
            [0.9, 1],
            [1.5, 0.5],
            [2.5, 0.5],
            [3.1, 1],
            [3.3, 1.9],
            [2.9, 2.8],
            [2, 3.2],
        ],
        [
            [2, 3.2],
            [0.9, 3.9],
            [0.5, 4.9],
            [0.8, 6],
            [1.5, 6.5],
            [2.5, 6.5],
            [3.2, 6],
            [3.5, 4.9],
            [3.1, 3.9],
            [2, 3.2],
        ],
    ],
    9: [turned(LOOP)],
}

/** Millimetres: as tall as a squadron paints it, and the least that is worth a stencil. */
const TALLEST = 330
const SMALLEST = 110
/** What is left free round the number, as a share of its height. */
const MARGIN = 0.16

/** Lays the number on the largest plate of each zone that has it, where the whole of it has room; else nowhere. */
export function markingOf(fields: Fields, scheme: Scheme, taken: Uint8Array): void {
    if (fields.scene.view === 'top') return
    const plates = new Map<number, Map<number, number>>()
    for (let at = 0; at < fields.pixels.length; at++) {
        if (!scheme.isZone(at) || !isTowardsEye(fields, at)) continue
        const zone = fields.zone[at] ?? 0
        const sizes = plates.get(zone) ?? new Map<number, number>()
        const part = fields.part[at] ?? 0
        sizes.set(part, (sizes.get(part) ?? 0) + 1)
        plates.set(zone, sizes)
    }
    for (const sizes of plates.values()) {
        const [largest] = [...sizes].sort(([, one], [, other]) => other - one)
        if (largest !== undefined) stencil(fields, scheme, largest[0], taken)
    }
}

function stencil(fields: Fields, scheme: Scheme, part: number, taken: Uint8Array): void {
    const { scene, pixels } = fields
    const { width, height } = scene
    const entry = new Int32Array(width * height).fill(-1)
    const isFree = new Uint8Array(width * height)
    for (let at = 0; at < pixels.length; at++) {
        const pixel = pixels[at] ?? 0
        entry[pixel] = at
        if (fields.part[at] === part && scheme.isZone(at) && isTowardsEye(fields, at)) isFree[pixel] = 1
    }
    const room = sums(isFree, width, height)
    const across = scheme.number.length * (WIDE + BETWEEN) - BETWEEN
    for (let tall = TALLEST; tall >= SMALLEST; tall *= 0.88) {
        const cell = (tall * scene.scale) / HIGH
        const margin = MARGIN * tall * scene.scale
        const place = findRoom(room, width, height, across * cell + 2 * margin, HIGH * cell + 2 * margin)
        if (place === null) continue
        const [left, top] = [place[0] + margin, place[1] + margin]
        for (let y = Math.floor(top); y <= top + HIGH * cell; y++)
            for (let x = Math.floor(left); x <= left + across * cell; x++) {
                const at = entry[y * width + x] ?? -1
                if (at >= 0)
                    taken[at] = 255 * inked(scheme.number, (x + 0.5 - left) / cell, (y + 0.5 - top) / cell, cell)
            }
        return
    }
}

/** How many pixels are free above and to the left of each corner. */
export function sums(isFree: Uint8Array, width: number, height: number): Uint32Array {
    const room = new Uint32Array((width + 1) * (height + 1))
    for (let y = 0; y < height; y++) {
        let row = 0
        for (let x = 0; x < width; x++) {
            row += isFree[y * width + x] ?? 0
            room[(y + 1) * (width + 1) + x + 1] = (room[y * (width + 1) + x + 1] ?? 0) + row
        }
    }
    return room
}

/** Where a box is free in whole, as near to the middle of what is free as can be; null: nowhere. */
export function findRoom(room: Uint32Array, width: number, height: number, wide: number, tall: number): Point | null {
    const [w, h] = [Math.ceil(wide), Math.ceil(tall)]
    const row = width + 1
    const found: Point[] = []
    for (let y = 0; y + h <= height; y += 2)
        for (let x = 0; x + w <= width; x += 2) {
            const [a, b] = [y * row + x, (y + h) * row + x]
            const free = (room[b + w] ?? 0) - (room[b] ?? 0) - (room[a + w] ?? 0) + (room[a] ?? 0)
            if (free === w * h) found.push([x, y])
        }
    return found[Math.floor(found.length / 2)] ?? null
}

/** Which share of a pixel is inked; the place is in units of the figures, of which one is so many pixels. */
export function inked(number: string, x: number, y: number, cell: number): number {
    const place = Math.floor(x / (WIDE + BETWEEN))
    const strokes = FIGURES[number[place] ?? ''] ?? []
    const nearest = Math.min(...strokes.map((stroke) => distanceTo(stroke, x - place * (WIDE + BETWEEN), y)))
    return 1 - smoothstep(-0.5, 0.5, (nearest - STROKE) * cell)
}

function distanceTo(stroke: readonly Point[], x: number, y: number): number {
    let nearest = Number.POSITIVE_INFINITY
    for (let place = 1; place < stroke.length; place++) {
        const [x0, y0] = stroke[place - 1] ?? [0, 0]
        const [x1, y1] = stroke[place] ?? [0, 0]
        const [u, v] = [x1 - x0, y1 - y0]
        const along = Math.max(0, Math.min(1, ((x - x0) * u + (y - y0) * v) / (u * u + v * v)))
        nearest = Math.min(nearest, Math.hypot(x - x0 - along * u, y - y0 - along * v))
    }
    return nearest
}

function isTowardsEye({ scene, pixels }: Fields, at: number): boolean {
    const axis = scene.view === 'left' ? 2 : 0
    return Math.abs(scene.normal[3 * (pixels[at] ?? 0) + axis] ?? 0) > 100
}

/** What lies within so many millimetres of where something is taken, as much as there. */
export function widened({ scene, pixels }: Fields, taken: Uint8Array, byMm: number): Uint8Array {
    const reach = Math.max(1, Math.round(byMm * scene.scale))
    const { width, height } = scene
    const seen = new Uint8Array(width * height)
    for (let at = 0; at < pixels.length; at++) seen[pixels[at] ?? 0] = taken[at] ?? 0
    const across = most(seen, width, height, 1, reach)
    const wide = most(across, height, width, width, reach)
    return Uint8Array.from(pixels, (pixel) => wide[pixel] ?? 0)
}

/** The most within reach along each row; a step of 1 goes along rows, one of the width along columns. */
function most(from: Uint8Array, length: number, rows: number, step: number, reach: number): Uint8Array {
    const to = new Uint8Array(from.length)
    const between = step === 1 ? length : 1
    for (let row = 0; row < rows; row++)
        for (let at = 0; at < length; at++) {
            const value = from[row * between + at * step] ?? 0
            if (value === 0) continue
            const last = Math.min(length - 1, at + reach)
            for (let near = Math.max(0, at - reach); near <= last; near++) {
                const place = row * between + near * step
                if ((to[place] ?? 0) < value) to[place] = value
            }
        }
    return to
}
