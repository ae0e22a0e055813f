import { memo } from 'react'
import type { Ink } from '@/vehicle/ink'
import { linesOf } from './lines'

type Props = {
    ink: Ink
    /** Pixels on screen per millimetre, and units of the drawing per pixel on screen. */
    scale: number
    units: number
}

/** What is drawn in ink, as paths by their weight. */
export const InkLines = memo(function InkLines({ ink, scale, units }: Props) {
    return (
        <g fill="none" strokeLinecap="round" strokeLinejoin="round">
            {linesOf(ink, scale, units).map(({ key, d, stroke, width, opacity, dashes }) => (
                <path key={key} d={d} stroke={stroke} strokeWidth={width} opacity={opacity} strokeDasharray={dashes} />
            ))}
        </g>
    )
})
