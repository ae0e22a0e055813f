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
    if (all === 0) return { drops: [], paint: 0, thinner: 0 }
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

/**
 * How much of what is laid is paint, as people write it: "2:1" (paint to thinner), "60 %", "0.6", "3 to 1". Null: it
 * cannot be read, or would be no paint at all.
 */
export function readThinning(text: string): number | null {
    const plain = text.trim().toLowerCase().replaceAll(',', '.')
    const ratio = /^(\d+(?:\.\d+)?)\s*(?::|to|\/|\+)\s*(\d+(?:\.\d+)?)$/.exec(plain)
    if (ratio !== null) return within(Number(ratio[1]) / (Number(ratio[1]) + Number(ratio[2])))
    const single = /^(\d+(?:\.\d+)?)\s*(%|per cent|percent)?$/.exec(plain)
    if (single === null) return null
    const number = Number(single[1])
    return within(single[2] !== undefined || number > 1 ? number / 100 : number)
}

const within = (share: number): number | null => (share >= 0.01 && share <= 1 ? share : null)

export type Pass = { thinner: number; paint: number }

/**
 * What to add to so many millilitres in the cup, so that the next pass has another share of paint: thinner, or paint of
 * the same mix where it is to be thicker. More: millilitres of another paint that go in as well.
 */
export function nextPass(millilitres: number, share: number, wanted: number, more = 0): Pass {
    const paint = millilitres * share + more
    const thinner = millilitres * (1 - share)
    const lacks = (paint * (1 - wanted)) / wanted - thinner
    return lacks >= 0 ? { thinner: lacks, paint: 0 } : { thinner: 0, paint: (thinner * wanted) / (1 - wanted) - paint }
}

/** Whole drops, but where it is none. */
export const sayDrops = (millilitres: number): string => {
    const drops = Math.max(1, Math.round(millilitres / DROP))
    return millilitres > 2 ? `${millilitres.toFixed(1)} ml` : `${drops} ${drops === 1 ? 'drop' : 'drops'}`
}
