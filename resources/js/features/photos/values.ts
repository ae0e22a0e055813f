export type Values = {
    /** Shares of 32 steps from dark to light. */
    bars: number[]
    /** Shares that have no drawing left. */
    black: number
    white: number
}

const STEPS = 32
/** Of 255: below and above, a sensor tells nothing apart. */
const BLACK = 4
const WHITE = 251

const isBlack = (value: number) => value <= BLACK
const isWhite = (value: number) => value >= WHITE

/** Rec. 709: how light a colour of the screen looks. */
const lightness = (pixels: ArrayLike<number>, at: number): number =>
    0.2126 * (pixels[at] ?? 0) + 0.7152 * (pixels[at + 1] ?? 0) + 0.0722 * (pixels[at + 2] ?? 0)

/** Where no drawing is left: black in blue, white in red, all else clear. */
export function lostOf(pixels: ArrayLike<number>): Uint8ClampedArray<ArrayBuffer> {
    const lost = new Uint8ClampedArray(pixels.length)
    for (let at = 0; at < pixels.length; at += 4) {
        const value = lightness(pixels, at)
        if (isBlack(value)) lost.set([40, 90, 255, 255], at)
        else if (isWhite(value)) lost.set([255, 50, 40, 255], at)
    }
    return lost
}

/** How light and dark a picture is, from its pixels (red, green, blue and alpha, 0 to 255). */
export function spreadOf(pixels: ArrayLike<number>): Values {
    const bars = Array.from({ length: STEPS }, () => 0)
    const count = pixels.length / 4
    let black = 0
    let white = 0
    for (let at = 0; at < pixels.length; at += 4) {
        const value = lightness(pixels, at)
        const step = Math.min(STEPS - 1, Math.floor((value / 256) * STEPS))
        bars[step] = (bars[step] ?? 0) + 1 / count
        if (isBlack(value)) black += 1 / count
        else if (isWhite(value)) white += 1 / count
    }
    return { bars, black, white }
}
