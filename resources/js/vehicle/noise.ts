/** Noise that is the same everywhere for the same seed: whole-number arithmetic only, so that all machines agree. */

const OF_X = 374761393
const OF_Y = 668265263
const OF_Z = 2147483647
const OF_SEED = 1274126177

function mixed(sides: number): number {
    const h = Math.imul(sides ^ (sides >>> 13), OF_SEED)
    return ((h ^ (h >>> 16)) >>> 0) / 4294967296
}

const hash = (x: number, y: number, z: number, seed: number): number =>
    mixed(Math.imul(x, OF_X) ^ Math.imul(y, OF_Y) ^ Math.imul(z, OF_Z) ^ Math.imul(seed, OF_SEED))

const eased = (share: number): number => share * share * (3 - 2 * share)

/** Smooth noise from 0 to 1 at a place in space, with cells of length 1 that stand askew, lest plates show squares. */
export function noise(right: number, up: number, out: number, seed: number): number {
    const x = 0.64 * right + 0.48 * up - 0.6 * out
    const y = -0.6 * right + 0.8 * up
    const z = 0.48 * right + 0.36 * up + 0.8 * out
    const x0 = Math.floor(x)
    const y0 = Math.floor(y)
    const z0 = Math.floor(z)
    const u = eased(x - x0)
    const v = eased(y - y0)
    const w = eased(z - z0)
    // The eight corners of a cell share their sides, and each side is mixed in once.
    const s = Math.imul(seed, OF_SEED)
    const left = Math.imul(x0, OF_X) ^ s
    const right1 = Math.imul(x0 + 1, OF_X) ^ s
    const low = Math.imul(y0, OF_Y)
    const high = Math.imul(y0 + 1, OF_Y)
    const near = Math.imul(z0, OF_Z)
    const far = Math.imul(z0 + 1, OF_Z)
    const a = mixed(left ^ low ^ near) * (1 - u) + mixed(right1 ^ low ^ near) * u
    const b = mixed(left ^ high ^ near) * (1 - u) + mixed(right1 ^ high ^ near) * u
    const c = mixed(left ^ low ^ far) * (1 - u) + mixed(right1 ^ low ^ far) * u
    const d = mixed(left ^ high ^ far) * (1 - u) + mixed(right1 ^ high ^ far) * u
    return (a * (1 - v) + b * v) * (1 - w) + (c * (1 - v) + d * v) * w
}

/** The same along one line, for what varies in one direction only. */
export function lineNoise(x: number, seed: number): number {
    const x0 = Math.floor(x)
    const u = eased(x - x0)
    return hash(x0, 0, 0, seed) * (1 - u) + hash(x0 + 1, 0, 0, seed) * u
}

/** A number from 0 to 1 that belongs to another: the tone of a part, the turn of a panel. */
export const chance = (one: number, seed: number): number => hash(one, 17, 5, seed)

export function smoothstep(from: number, to: number, value: number): number {
    const share = Math.max(0, Math.min(1, (value - from) / (to - from)))
    return share * share * (3 - 2 * share)
}
