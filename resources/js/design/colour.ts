/** Light as a screen mixes it: red, green and blue from 0 to 1, twice as much being twice the light. */
export type Light = readonly [number, number, number]
export type Lab = readonly [number, number, number]

/** sRGB, IEC 61966-2-1. */
const toLinear = (value: number): number => (value <= 0.04045 ? value / 12.92 : ((value + 0.055) / 1.055) ** 2.4)
const fromLinear = (value: number): number => (value <= 0.0031308 ? value * 12.92 : 1.055 * value ** (1 / 2.4) - 0.055)

/** From the bytes of a picture. */
export const lightOf = (red: number, green: number, blue: number): Light => [
    toLinear(red / 255),
    toLinear(green / 255),
    toLinear(blue / 255),
]

export function hexOf(light: Light): string {
    const byte = (value: number) => Math.round(255 * fromLinear(Math.min(1, Math.max(0, value))))
    return `#${light.map((value) => byte(value).toString(16).padStart(2, '0')).join('')}`
}

/** To XYZ and back, CSS Color 4. */
const TO_XYZ: readonly Lab[] = [
    [506752 / 1228815, 87881 / 245763, 12673 / 70218],
    [87098 / 409605, 175762 / 245763, 12673 / 175545],
    [7918 / 409605, 87881 / 737289, 1001167 / 1053270],
]
const FROM_XYZ: readonly Lab[] = [
    [12831 / 3959, -329 / 214, -1974 / 3959],
    [-851781 / 878810, 1648619 / 878810, 36519 / 878810],
    [705 / 12673, -2585 / 12673, 705 / 667],
]
/** D65. */
const WHITE: Lab = [0.3127 / 0.329, 1, (1 - 0.3127 - 0.329) / 0.329]
const EPSILON = 216 / 24389
const KAPPA = 24389 / 27

const times = (matrix: readonly Lab[], [x, y, z]: Light): Lab => {
    const row = (place: number) => {
        const [a = 0, b = 0, c = 0] = matrix[place] ?? []
        return a * x + b * y + c * z
    }
    return [row(0), row(1), row(2)]
}

export function labOf(light: Light): Lab {
    const [x, y, z] = times(TO_XYZ, light)
    const root = (value: number, white: number) => {
        const share = value / white
        return share > EPSILON ? Math.cbrt(share) : (KAPPA * share + 16) / 116
    }
    const [a, b, c] = [root(x, WHITE[0]), root(y, WHITE[1]), root(z, WHITE[2])]
    return [116 * b - 16, 500 * (a - b), 200 * (b - c)]
}

export function lightOfLab([l, a, b]: Lab): Light {
    const middle = (l + 16) / 116
    const [first, last] = [middle + a / 500, middle - b / 200]
    const cube = (value: number) => (value ** 3 > EPSILON ? value ** 3 : (116 * value - 16) / KAPPA)
    const y = l > KAPPA * EPSILON ? middle ** 3 : l / KAPPA
    return times(FROM_XYZ, [cube(first) * WHITE[0], y * WHITE[1], cube(last) * WHITE[2]])
}

/** "#566043", "566043", or L*, a* and b* as in "38.9 -9 14,5"; null: it is neither. */
export function readColour(text: string): string | null {
    const hex = /^#?([0-9a-f]{6})$/i.exec(text.trim())?.[1]
    if (hex !== undefined) return `#${hex.toLowerCase()}`
    const apart = text.trim().split(/[\s;/]+|,\s+/)
    const numbers = (apart.length === 3 ? apart : text.split(',')).map((one) =>
        Number(one.trim().replace(',', '.').replace('−', '-') || Number.NaN),
    )
    const [l = Number.NaN, a = Number.NaN, b = Number.NaN] = numbers
    const isLab = numbers.length === 3 && l >= 0 && l <= 100 && Math.abs(a) <= 160 && Math.abs(b) <= 160
    return isLab ? hexOf(lightOfLab([l, a, b])) : null
}
