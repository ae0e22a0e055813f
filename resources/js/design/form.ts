import { z } from 'zod'

type Range = { from: number; to: number; whole?: boolean; says: string }

/** A number as people type it, with a comma or a point; `says` what can be entered where it cannot be read as one. */
export const typedNumber = (range: Range) =>
    z.string().transform((text, check) => {
        const number = readNumber(text, range)
        if (number !== null) return number
        check.addIssue({ code: 'custom', message: range.says })
        return z.NEVER
    })

/** The same, or nothing: null. */
export const typedNumberOrNone = (range: Range) =>
    z.string().transform((text, check) => {
        if (text.trim() === '') return null
        const number = readNumber(text, range)
        if (number === null) check.addIssue({ code: 'custom', message: range.says })
        return number
    })

function readNumber(text: string, { from, to, whole = false }: Range): number | null {
    const number = text.trim() === '' ? Number.NaN : Number(text.trim().replace(',', '.'))
    return number >= from && number <= to && (!whole || Number.isInteger(number)) ? number : null
}

/** A choice, or a day: the empty one stands for nothing. */
export const textOrNone = z.string().transform((text) => (text === '' ? null : text))
