import { describe, expect, it } from 'vitest'
import { arrange, type Sizes } from '@/features/vehicle/arrange'

const tank: Sizes = {
    left: { width: 5600, height: 2400 },
    top: { width: 5600, height: 2600 },
    front: { width: 2600, height: 2400 },
    rear: { width: 2600, height: 2400 },
}

describe('the views of a vehicle', () => {
    it('stand in one row where there is little height, and in two where there is much', () => {
        const tops = (width: number, height: number) =>
            new Set(
                arrange(tank, width, height).views.map(({ view, top, height: high }) =>
                    view === 'top' ? 0 : top + high,
                ),
            ).size
        expect(arrange(tank, 980, 180).views).toHaveLength(4)
        expect(tops(980, 180)).toBe(2)
        expect(tops(980, 640)).toBe(3)
    })
    it('keep to their place and never lie over each other', () => {
        for (const [width, height] of [
            [980, 180],
            [980, 640],
            [360, 150],
            [1600, 400],
        ] as const) {
            const { views } = arrange(tank, width, height)
            for (const one of views) {
                expect(one.left).toBeGreaterThanOrEqual(0)
                expect(one.left + one.width).toBeLessThanOrEqual(width)
                expect(one.top + one.height).toBeLessThanOrEqual(height)
                for (const other of views)
                    if (one !== other)
                        expect(
                            one.left + one.width <= other.left ||
                                other.left + other.width <= one.left ||
                                one.top + one.height <= other.top ||
                                other.top + other.height <= one.top,
                        ).toBe(true)
            }
        }
    })
    it('are fewer where all would be too small to be told apart', () => {
        expect(arrange(tank, 360, 150).views.map(({ view }) => view)).toEqual(['left'])
    })
    it('are all in one scale', () => {
        const { scale, views } = arrange(tank, 980, 640)
        for (const { view, width } of views) expect(width).toBeCloseTo(tank[view].width * scale)
    })
})
