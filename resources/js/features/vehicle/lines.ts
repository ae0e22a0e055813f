import type { Ink, Weight } from '@/vehicle/ink'

/** Pixels on screen at the size that a desk has room for; smaller drawings have finer lines. */
const WEIGHTS: Record<Weight, { width: number; opacity?: number; dashes?: readonly number[] }> = {
    fold: { width: 0.4, opacity: 0.5 },
    weld: { width: 1.2, dashes: [0.6, 1.7] },
    detail: { width: 0.5, opacity: 0.8 },
    crease: { width: 0.62, opacity: 0.88 },
    slot: { width: 1.4 },
    overlap: { width: 1 },
    outline: { width: 1.5 },
}
const RIVET = 0.7
/** Pixels per millimetre of that size. */
const AT_THE_DESK = 0.13
/** Below this size rivets and welds would only grey what they are on. */
const SMALL = 0.07

const INK = '#2e2e2e'

/** One path of a drawing in ink. */
export type InkPath = {
    key: string
    d: string
    stroke: string
    width: number
    opacity: number
    dashes: string | undefined
}

/**
 * What is drawn in ink, in the order in which it lies. Scale: pixels on screen per millimetre; units: those of the
 * drawing per pixel on screen.
 */
export function linesOf(ink: Ink, scale: number, units: number): InkPath[] {
    const fineness = Math.max(0.6, Math.min(1.2, scale / AT_THE_DESK)) * units
    const isSmall = scale < SMALL
    const lines: InkPath[] = []
    for (const [weight, { width, opacity = 1, dashes }] of Object.entries(WEIGHTS)) {
        if (isSmall && (weight === 'weld' || weight === 'fold')) continue
        lines.push({
            key: weight,
            d: ink.paths[weight as Weight] ?? '',
            stroke: INK,
            width: width * fineness,
            opacity: opacity * (isSmall && weight === 'detail' ? 0.7 : 1),
            dashes: dashes?.map((length) => length * fineness).join(' '),
        })
    }
    const rivet = { opacity: 1, dashes: undefined }
    if (!isSmall)
        lines.push(
            { ...rivet, key: 'rivets', d: ink.rivetsDark, stroke: INK, width: RIVET * fineness },
            { ...rivet, key: 'light', d: ink.rivetsLight, stroke: '#fff', width: fineness, opacity: 0.35 },
        )
    return lines
}
