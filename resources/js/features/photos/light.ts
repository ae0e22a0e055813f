import { hexOf, type Lab, type Light, labOf, lightOf, lightOfLab } from '@/design/colour'

/** Pixels of a picture, four bytes each, row by row. */
export type Pixels = { width: number; height: number; data: Uint8ClampedArray | readonly number[] }
export type Spot = { x: number; y: number }

/** What is known of the reference beside the paint: its lightness, being without colour. */
export const REFERENCES = [
    { value: 'white', label: 'white card or paper', l: 95 },
    { value: 'grey', label: 'grey card of 18 %', l: 49.5 },
] as const
export type Reference = (typeof REFERENCES)[number]['value']

/** Bytes beyond which the camera has recorded no more than "all" or "nothing". */
const CLIPPED = 252
const BLACK = 3

/** What is seen within so many pixels of a spot. */
export function look(pixels: Pixels, { x, y }: Spot, radius: number): { lights: Light[]; isClipped: boolean } {
    const lights: Light[] = []
    let clipped = 0
    for (let row = Math.max(0, Math.ceil(y - radius)); row <= Math.min(pixels.height - 1, y + radius); row++) {
        for (
            let column = Math.max(0, Math.ceil(x - radius));
            column <= Math.min(pixels.width - 1, x + radius);
            column++
        ) {
            if ((column - x) ** 2 + (row - y) ** 2 > radius ** 2) continue
            const at = 4 * (row * pixels.width + column)
            const [red = 0, green = 0, blue = 0] = [pixels.data[at], pixels.data[at + 1], pixels.data[at + 2]]
            if (Math.max(red, green, blue) >= CLIPPED || Math.max(red, green, blue) <= BLACK) clipped++
            lights.push(lightOf(red, green, blue))
        }
    }
    return { lights, isClipped: clipped > lights.length / 20 }
}

const mean = (lights: readonly Light[]): Light => {
    const sum = (place: 0 | 1 | 2) => lights.reduce((all, light) => all + light[place], 0) / Math.max(1, lights.length)
    return [sum(0), sum(1), sum(2)]
}

/**
 * By how much each channel is to be scaled, so that the reference throws back what it ought to (von Kries); null: it is
 * burnt out or black.
 */
export function evening(pixels: Pixels, reference: Spot, known: Reference, radius: number): Light | null {
    const card = look(pixels, reference, radius)
    return card.isClipped || card.lights.length === 0 ? null : scaling(card.lights, known)
}

function scaling(card: readonly Light[], known: Reference): Light {
    const wanted = lightOfLab([REFERENCES.find((one) => one.value === known)?.l ?? 95, 0, 0])
    const seen = mean(card)
    const share = (place: 0 | 1 | 2) => wanted[place] / Math.max(1e-4, seen[place])
    return [share(0), share(1), share(2)]
}

/**
 * The colour of a spot, in the light that the reference shows: each channel is scaled by what of it the reference ought
 * to throw back (von Kries). Spread: how far single pixels are from it, CIELAB, in the mean.
 */
export function picked(
    pixels: Pixels,
    paint: Spot,
    reference: Spot,
    known: Reference,
    radius: number,
): { hex: string; spread: number; isClipped: boolean } {
    const card = look(pixels, reference, radius)
    const spot = look(pixels, paint, radius)
    const by = scaling(card.lights, known)
    const scale = (light: Light): Light => [light[0] * by[0], light[1] * by[1], light[2] * by[2]]
    const colour = scale(mean(spot.lights))
    const own = labOf(colour)
    const apart = spot.lights.map((light) => distance(labOf(scale(light)), own))
    return {
        hex: hexOf(colour),
        spread: apart.reduce((all, one) => all + one, 0) / Math.max(1, apart.length),
        isClipped: card.isClipped || spot.isClipped,
    }
}

const distance = (one: Lab, other: Lab): number => Math.hypot(one[0] - other[0], one[1] - other[1], one[2] - other[2])
