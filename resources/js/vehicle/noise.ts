/** Noise that is the same everywhere for the same seed: whole-number arithmetic only, so that all machines agree. */

function hash(x: number, y: number, z: number, seed: number): number {
    let h = Math.imul(x, 374761393) ^ Math.imul(y, 668265263) ^ Math.imul(z, 2147483647) ^ Math.imul(seed, 1274126177)
    h = Math.imul(h ^ (h >>> 13), 1274126177)
    return ((h ^ (h >>> 16)) >>> 0) / 4294967296
}

const eased = (share: number): number => share * share * (3 - 2 * share)

/** Smooth noise from 0 to 1 at a place in space, with cells of length 1 that stand askew, lest plates show squares. */
export function noise(right: number, up: number, out: number, seed: number): number {
    const x = 0.64 * right + 0.48 * up - 0.6 * out
    const y = -0.6 * right + 0.8 * up
    const z = 0.48 * right + 0.36 * up + 0.8 * out
    const [x0, y0, z0] = [Math.floor(x), Math.floor(y), Math.floor(z)]
    const [u, v, w] = [eased(x - x0), eased(y - y0), eased(z - z0)]
    const a = hash(x0, y0, z0, seed) * (1 - u) + hash(x0 + 1, y0, z0, seed) * u
    const b = hash(x0, y0 + 1, z0, seed) * (1 - u) + hash(x0 + 1, y0 + 1, z0, seed) * u
    const c = hash(x0, y0, z0 + 1, seed) * (1 - u) + hash(x0 + 1, y0, z0 + 1, seed) * u
    const d = hash(x0, y0 + 1, z0 + 1, seed) * (1 - u) + hash(x0 + 1, y0 + 1, z0 + 1, seed) * u
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
