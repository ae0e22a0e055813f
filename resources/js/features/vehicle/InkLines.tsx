import { memo } from 'react'
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

type Props = {
    ink: Ink
    /** Pixels on screen per millimetre, and units of the drawing per pixel on screen. */
    scale: number
    units: number
}

/** What is drawn in ink, as paths by their weight. */
export const InkLines = memo(function InkLines({ ink, scale, units }: Props) {
    const fineness = Math.max(0.6, Math.min(1.2, scale / AT_THE_DESK)) * units
    const isSmall = scale < SMALL
    return (
        <g fill="none" stroke="#2e2e2e" strokeLinecap="round" strokeLinejoin="round">
            {Object.entries(WEIGHTS).map(([weight, { width, opacity, dashes }]) =>
                isSmall && (weight === 'weld' || weight === 'fold') ? null : (
                    <path
                        key={weight}
                        d={ink.paths[weight as Weight] ?? ''}
                        strokeWidth={width * fineness}
                        opacity={(opacity ?? 1) * (isSmall && weight === 'detail' ? 0.7 : 1)}
                        strokeDasharray={dashes?.map((length) => length * fineness).join(' ')}
                    />
                ),
            )}
            {!isSmall && (
                <>
                    <path d={ink.rivetsDark} strokeWidth={RIVET * fineness} />
                    <path d={ink.rivetsLight} stroke="#fff" strokeOpacity={0.35} strokeWidth={fineness} />
                </>
            )}
        </g>
    )
})
