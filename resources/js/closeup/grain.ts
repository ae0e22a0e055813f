import { chance } from '../vehicle/noise'

/** Chance from a seed, the same on all machines: one number after the other, from 0 to 1. */
export class Dice {
    private at = 0

    constructor(private readonly seed: number) {}

    next(): number {
        this.at += 1
        return chance(this.at * 7919, this.seed)
    }

    between(from: number, to: number): number {
        return from + (to - from) * this.next()
    }

    /** About 0, two thirds of them within 1. */
    bell(): number {
        return (this.next() + this.next() + this.next() + this.next() - 2) * 1.73
    }

    /** Few large ones among many about as large as usual. */
    size(least: number, usual: number, most: number): number {
        return Math.max(least, Math.min(most, usual * Math.exp(0.62 * this.bell())))
    }
}

/** One value from 0 to 1 for every pixel: smooth noise with cells of so many pixels, of two sizes laid together. */
export function clouds(width: number, height: number, cell: number, seed: number, stretch = 1): Float32Array {
    const field = layer(width, height, cell, cell * stretch, seed)
    const fine = layer(width, height, cell / 2.3, (cell * stretch) / 2.3, seed + 1)
    for (let at = 0; at < field.length; at++) field[at] = 0.68 * (field[at] as number) + 0.32 * (fine[at] as number)
    return field
}

/** The same of one size: a lattice of chance, and between its knots an eased way. */
export function layer(width: number, height: number, across: number, down: number, seed: number): Float32Array {
    const columns = Math.ceil(width / across) + 2
    const rows = Math.ceil(height / down) + 2
    const knots = new Float32Array(columns * rows)
    for (let at = 0; at < knots.length; at++) knots[at] = chance(at * 31 + 7, seed)
    const field = new Float32Array(width * height)
    const places = new Int32Array(width)
    const shares = new Float32Array(width)
    for (let x = 0; x < width; x++) {
        const u = x / across
        const place = Math.floor(u)
        places[x] = place
        shares[x] = eased(u - place)
    }
    for (let y = 0; y < height; y++) {
        const v = y / down
        const row = Math.floor(v)
        const share = eased(v - row)
        const upper = row * columns
        const lower = upper + columns
        for (let x = 0; x < width; x++) {
            const place = places[x] as number
            const s = shares[x] as number
            const a = knots[upper + place] as number
            const b = knots[lower + place] as number
            const above = a + s * ((knots[upper + place + 1] as number) - a)
            const below = b + s * ((knots[lower + place + 1] as number) - b)
            field[y * width + x] = above + share * (below - above)
        }
    }
    return field
}

const eased = (share: number): number => share * share * (3 - 2 * share)

/** Noise at one place, for outlines that are asked for at few places only. */
export function roughness(x: number, y: number, cell: number, seed: number): number {
    const u = x / cell
    const v = y / cell
    const column = Math.floor(u)
    const row = Math.floor(v)
    const s = eased(u - column)
    const t = eased(v - row)
    const at = (c: number, r: number) => chance(Math.imul(c, 73856093) ^ Math.imul(r, 19349663), seed)
    const above = at(column, row) * (1 - s) + at(column + 1, row) * s
    const below = at(column, row + 1) * (1 - s) + at(column + 1, row + 1) * s
    return above * (1 - t) + below * t
}

/** Above which value so large a share of the pixels of a field lies, where they are asked for at all. */
export function limitFor(share: number, field: Float32Array, isAsked: Uint8Array): number {
    const counts = new Uint32Array(512)
    let all = 0
    for (let at = 0; at < field.length; at += 3)
        if (isAsked[at] === 1) {
            const place = Math.max(0, Math.min(511, Math.floor(511 * (field[at] as number))))
            counts[place] = (counts[place] as number) + 1
            all += 1
        }
    let above = 0
    for (let place = 511; place >= 0; place--) {
        above += counts[place] as number
        if (above >= share * all) return place / 511
    }
    return 0
}
