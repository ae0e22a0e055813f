import type { Part } from './api'

/** Millilitres of a drop from a dropper bottle or pipette; thin paint falls in smaller ones, thick in larger. */
export const DROP = 0.05

export type Measured = { drops: readonly { jar: string; drops: number }[]; paint: number; thinner: number }

/**
 * Whole drops for about so many millilitres in the cup. Every jar gets its parts the same number of times, so that the
 * colour is exactly the one that was computed; what comes out is a little less or more than was asked for.
 */
export function measure(parts: readonly Part[], share: number, millilitres: number): Measured {
    const all = parts.reduce((sum, part) => sum + part.parts, 0)
    const times = Math.max(1, Math.round((millilitres * share) / (all * DROP)))
    const paint = times * all * DROP
    return {
        drops: parts.map(({ jar, parts: of }) => ({ jar, drops: times * of })),
        paint,
        thinner: paint / share - paint,
    }
}

/** "2 paint to 1 thinner", as it is said at the bench: small whole numbers, near enough. */
export function sayThinning(share: number): string {
    if (share >= 0.995) return 'as it comes'
    for (let all = 2; all <= 12; all++) {
        const paint = Math.round(share * all)
        if (paint > 0 && paint < all && Math.abs(paint / all - share) < 0.012)
            return `${paint} paint to ${all - paint} thinner`
    }
    return `1 paint to ${Math.round(1 / share) - 1} thinner`
}
