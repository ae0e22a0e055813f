import type { Scheme } from './cover'
import type { Fields } from './fields'

/** Stencilled figures, seven wide and nine high, with the bridges that a stencil needs. */
const FIGURES: Record<string, readonly string[]> = {
    '0': ['.##.##.', '##...##', '##...##', '##...##', '.......', '##...##', '##...##', '##...##', '.##.##.'],
    '1': ['...##..', '..###..', '.####..', '...##..', '.......', '...##..', '...##..', '...##..', '..####.'],
    '2': ['.##.##.', '##...##', '.....##', '....##.', '...##..', '..##...', '.##....', '##.....', '##.####'],
    '3': ['.##.##.', '##...##', '.....##', '..##.#.', '..##.#.', '.....##', '.....##', '##...##', '.##.##.'],
    '4': ['....##.', '...###.', '..####.', '.##.##.', '##..##.', '.......', '##.####', '....##.', '....##.'],
    '5': ['##.####', '##.....', '##.....', '##.##..', '.....#.', '.....##', '.....##', '##...##', '.##.##.'],
    '6': ['.##.##.', '##...##', '##.....', '##.##..', '##...#.', '##...##', '##...##', '##...##', '.##.##.'],
    '7': ['##.####', '.....##', '.....##', '....##.', '.......', '...##..', '..##...', '..##...', '..##...'],
    '8': ['.##.##.', '##...##', '##...##', '.##.##.', '.##.##.', '##...##', '##...##', '##...##', '.##.##.'],
    '9': ['.##.##.', '##...##', '##...##', '##...##', '.#.####', '.....##', '.....##', '##...##', '.##.##.'],
}
const WIDE = 7
const HIGH = 9
/** Millimetres that a figure is high at most; smaller where there is no room. */
const TALLEST = 330
const SMALLEST = 110

/**
 * Lays the number on the freest flat place of each zone that has it: where it is farthest from any line. None is laid
 * where there is no room, and nothing on faces that are seen aslant.
 */
export function markingOf(fields: Fields, scheme: Scheme, taken: Uint8Array): void {
    const { scene, pixels, zone, free, part } = fields
    if (scene.view === 'top') return
    const best = new Map<number, number>()
    for (let at = 0; at < pixels.length; at++) {
        if (!scheme.isZone(at) || !isTowardsEye(fields, at)) continue
        const known = best.get(zone[at] ?? 0)
        if (known === undefined || (free[at] ?? 0) > (free[known] ?? 0)) best.set(zone[at] ?? 0, at)
    }
    const where = new Int32Array(scene.width * scene.height).fill(-1)
    for (let at = 0; at < pixels.length; at++) where[pixels[at] ?? 0] = at
    for (const at of best.values()) {
        const room = (free[at] ?? 0) / scene.scale
        const tall = Math.min(TALLEST, 1.05 * room)
        if (tall < SMALLEST) continue
        const cell = (tall / HIGH) * scene.scale
        const columns = scheme.number.length * (WIDE + 1) - 1
        const middle = pixels[at] ?? 0
        const left = (middle % scene.width) - (columns * cell) / 2
        const top = Math.floor(middle / scene.width) - (HIGH * cell) / 2
        for (let y = Math.floor(top); y <= top + HIGH * cell; y++)
            for (let x = Math.floor(left); x <= left + columns * cell; x++) {
                const to = where[y * scene.width + x] ?? -1
                if (to < 0 || !scheme.isZone(to) || part[to] !== part[at]) continue
                taken[to] = 255 * inked(scheme.number, (x - left) / cell, (y - top) / cell, 1 / cell)
            }
    }
}

/** Which share of a pixel is inked: looked at in nine places, so that edges come out even. */
function inked(number: string, column: number, row: number, pixel: number): number {
    let hits = 0
    for (let look = 0; look < 9; look++) {
        const x = column + (((look % 3) + 0.5) / 3) * pixel
        const figure = FIGURES[number[Math.floor(x / (WIDE + 1))] ?? '']
        if (
            figure?.[Math.floor(row + ((Math.floor(look / 3) + 0.5) / 3) * pixel)]?.[Math.floor(x % (WIDE + 1))] === '#'
        )
            hits++
    }
    return hits / 9
}

function isTowardsEye({ scene, pixels }: Fields, at: number): boolean {
    const axis = scene.view === 'left' ? 2 : 0
    return Math.abs(scene.normal[3 * (pixels[at] ?? 0) + axis] ?? 0) > 100
}
