import type { Relief } from './relief'

export type Colour = readonly [red: number, green: number, blue: number]

const LINEAR = Float32Array.from({ length: 256 }, (_, byte) => {
    const share = byte / 255
    return share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4
})
const STAGES = 4096
const BYTES = Uint8ClampedArray.from({ length: STAGES + 1 }, (_, stage) => {
    const light = stage / STAGES
    return 255 * (light <= 0.0031308 ? 12.92 * light : 1.055 * light ** (1 / 2.4) - 0.055)
})

/** Light of a colour as it is written, from 0 to 1 a channel: shares of light add up, bytes do not. */
export const lightOfHex = (hex: string): Colour => [
    LINEAR[Number.parseInt(hex.slice(1, 3), 16)] ?? 0,
    LINEAR[Number.parseInt(hex.slice(3, 5), 16)] ?? 0,
    LINEAR[Number.parseInt(hex.slice(5, 7), 16)] ?? 0,
]

export const byteOf = (light: number): number =>
    BYTES[light <= 0 ? 0 : light >= 1 ? STAGES : (STAGES * light + 0.5) | 0] as number

/** What the pixels of a piece throw back, how they shine and how they stand out. */
export class Surface {
    /** Where a mark of wear lies, for what runs from it. */
    readonly worn: number[] = []

    private constructor(
        readonly relief: Relief,
        /** Light thrown back, three a pixel. */
        readonly colour: Float32Array,
        readonly gloss: Float32Array,
        /** Millimetres that lie on the relief: a coat, a clod, the lip of a chip. */
        readonly bump: Float32Array,
    ) {}

    static of(relief: Relief): Surface {
        const size = relief.width * relief.height
        return new Surface(relief, new Float32Array(3 * size), new Float32Array(size), new Float32Array(size))
    }

    /** The same pixels, for work on another zone. */
    on(own: Uint8Array): Surface {
        return new Surface({ ...this.relief, own }, this.colour, this.gloss, this.bump)
    }

    /** Lays so much of a colour over a pixel. */
    mix(at: number, light: Colour, share: number): void {
        // Without a list of what was there: this is asked a million times a picture.
        const { colour } = this
        const to = 3 * at
        const red = colour[to] as number
        const green = colour[to + 1] as number
        const blue = colour[to + 2] as number
        colour[to] = red + share * (light[0] - red)
        colour[to + 1] = green + share * (light[1] - green)
        colour[to + 2] = blue + share * (light[2] - blue)
    }

    /** Lets so many times as much light come back. */
    scale(at: number, times: number): void {
        for (let channel = 3 * at; channel < 3 * at + 3; channel++)
            this.colour[channel] = (this.colour[channel] as number) * times
    }

    shine(at: number, gloss: number, share = 1): void {
        const was = this.gloss[at] as number
        this.gloss[at] = was + share * (gloss - was)
    }

    read(at: number): Colour {
        return [this.colour[3 * at] as number, this.colour[3 * at + 1] as number, this.colour[3 * at + 2] as number]
    }
}
