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

/** How light and dark a picture is, from its pixels (red, green, blue and alpha, 0 to 255). */
export function spreadOf(pixels: ArrayLike<number>): Values {
    const bars = Array.from({ length: STEPS }, () => 0)
    const count = pixels.length / 4
    let black = 0
    let white = 0
    for (let at = 0; at < pixels.length; at += 4) {
        // Rec. 709: how light a colour of the screen looks.
        const value = 0.2126 * (pixels[at] ?? 0) + 0.7152 * (pixels[at + 1] ?? 0) + 0.0722 * (pixels[at + 2] ?? 0)
        const step = Math.min(STEPS - 1, Math.floor((value / 256) * STEPS))
        bars[step] = (bars[step] ?? 0) + 1 / count
        if (value <= BLACK) black += 1 / count
        else if (value >= WHITE) white += 1 / count
    }
    return { bars, black, white }
}
