import { describe, expect, it } from 'vitest'
import { hexOf, labOf, lightOf, lightOfLab, readColour } from '@/design/colour'
import { type Pixels, picked } from '@/features/photos/light'

/** A picture of which the left half is the card and the right half the paint, under a light. */
function picture(card: string, paint: string, light: readonly [number, number, number] = [1, 1, 1]): Pixels {
    const bytes = (hex: string) =>
        [1, 3, 5].map((at, place) => {
            const value = Number.parseInt(hex.slice(at, at + 2), 16) / 255
            const linear = value <= 0.04045 ? value / 12.92 : ((value + 0.055) / 1.055) ** 2.4
            const lit = linear * (light[place] ?? 1)
            return Math.round(255 * (lit <= 0.0031308 ? lit * 12.92 : 1.055 * lit ** (1 / 2.4) - 0.055))
        })
    const data: number[] = []
    for (let row = 0; row < 40; row++)
        for (let column = 0; column < 80; column++) data.push(...bytes(column < 40 ? card : paint), 255)
    return { width: 80, height: 40, data }
}
const WHITE = hexOf(lightOfLab([95, 0, 0]))
const GREY = hexOf(lightOfLab([49.5, 0, 0]))
const [CARD, PAINT] = [
    { x: 20, y: 20 },
    { x: 60, y: 20 },
]
const apart = (one: string, other: string) => {
    const bytes = (hex: string) => [1, 3, 5].map((at) => Number.parseInt(hex.slice(at, at + 2), 16))
    return Math.max(...bytes(one).map((byte, place) => Math.abs(byte - (bytes(other)[place] ?? 0))))
}

describe('a colour from a photograph', () => {
    it('is the colour of the paint, whatever the light', () => {
        for (const light of [
            [1, 1, 1],
            [0.9, 0.7, 0.4],
            [0.3, 0.35, 0.5],
        ] as const) {
            const found = picked(picture(WHITE, '#566043', light), PAINT, CARD, 'white', 7)
            expect(apart(found.hex, '#566043')).toBeLessThanOrEqual(2)
            expect(found.spread).toBeLessThan(0.1)
            expect(found.isClipped).toBe(false)
        }
        expect(
            apart(picked(picture(GREY, '#b59c6b', [0.8, 0.6, 0.4]), PAINT, CARD, 'grey', 7).hex, '#b59c6b'),
        ).toBeLessThanOrEqual(2)
    })
    it('tells when the spot is uneven, and when the camera has lost it', () => {
        expect(picked(picture(WHITE, '#566043'), { x: 41, y: 20 }, CARD, 'white', 7).spread).toBeGreaterThan(4)
        expect(picked(picture('#ffffff', '#566043'), PAINT, CARD, 'white', 7).isClipped).toBe(true)
        expect(picked(picture(WHITE, '#000000'), PAINT, CARD, 'white', 7).isClipped).toBe(true)
    })
    it('stays within the picture at its edge', () => {
        expect(picked(picture(WHITE, '#566043'), { x: 79, y: 39 }, { x: 0, y: 0 }, 'white', 7).hex).toMatch(
            /^#[0-9a-f]{6}$/,
        )
    })
})

describe('colours that are typed', () => {
    it('go there and back', () => {
        for (const hex of ['#566043', '#000000', '#ffffff', '#c8642a', '#1f3f96']) {
            const [r = 0, g = 0, b = 0] = [1, 3, 5].map((at) => Number.parseInt(hex.slice(at, at + 2), 16))
            expect(hexOf(lightOfLab(labOf(lightOf(r, g, b))))).toBe(hex)
        }
    })
    it('are digits, or lightness and two axes, with a comma as well', () => {
        expect(readColour('566043')).toBe('#566043')
        expect(readColour(' #566043 ')).toBe('#566043')
        // L*, a* and b* of #566043 as the core has them.
        expect(readColour('39.155 -9.558 15.328')).toBe('#566043')
        expect(readColour('39,155; -9,558; 15,328')).toBe('#566043')
        expect([readColour('olive'), readColour('1 2'), readColour('120 0 0'), readColour('')]).toEqual([
            null,
            null,
            null,
            null,
        ])
    })
})
