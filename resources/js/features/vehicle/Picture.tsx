import { type ReactNode, useMemo, useRef } from 'react'
import type { Finish } from '@/contract'
import { classes } from '@/design/classes'
import type { Drawn } from '@/vehicle/drawing'
import type { View } from '@/vehicle/model'
import { MARGIN } from '@/vehicle/raster'
import type { Shape } from '@/vehicle/studio'
import { finishKey } from './api'
import type { Pair, Wanted } from './easel'
import { InkLines } from './InkLines'
import { useEasel } from './useEasel'

/** What is painted, whatever the view: up to which step, and what chance is led by. */
export type Look = { finish: Finish; step: number; isFlat: boolean; number: string; seed: number }

export const VIEW_NAME: Record<View, string> = { left: 'left side', top: 'top', front: 'front', rear: 'rear' }

/** How much finer ink is found out than it is shown: where parts hide each other is seen on dots. */
const INK_FINER = 2
/** Pixels per millimetre that are fine enough for any size. */
const INK_FINE = 0.11

type Props = {
    shape: Shape
    view: View
    /** Pixels on screen per millimetre, and how large the vehicle is in them. */
    scale: number
    width: number
    height: number
    look: Look
    /** What lies over the drawing, in its units, of which there are so many per pixel on screen. */
    over?: (drawn: Drawn, units: number) => ReactNode
}

/** One view of a vehicle: paint on a canvas, ink above it, and above that what can be touched. */
export function Picture({ shape, view, scale, width, height, look, over }: Props) {
    const canvas = useRef<HTMLCanvasElement>(null)
    const { finish, step, isFlat, number, seed } = look
    const key = useMemo(() => finishKey(finish), [finish])
    const wanted = useMemo(() => {
        const dots = scale * Math.min(2, window.devicePixelRatio || 1)
        const inkScale = Math.max(dots, Math.min(INK_FINE, INK_FINER * scale))
        return { shape, view, scale, dots, inkScale, finish, key, number, seed, step, isFlat }
    }, [shape, view, scale, finish, key, number, seed, step, isFlat])
    const { pair, failure } = useEasel(canvas, wanted)
    // Until the pair of this size is there, the old one is scaled as a whole, and kept within its frame.
    const grown = pair === null ? 1 : scale / pair.of.scale
    return (
        <figure
            className={classes('relative m-0', grown === 1 ? '' : 'overflow-hidden')}
            style={{ width, height }}
            data-view={view}
            data-drawn={pair === null || grown !== 1 ? undefined : ''}
        >
            {/* Always the same canvas, so that what is on it stays while its frame changes. */}
            <div
                className="absolute top-0 left-0 origin-top-left"
                style={{
                    width: width / grown,
                    height: height / grown,
                    transform: grown === 1 ? undefined : `scale(${grown})`,
                }}
            >
                <canvas
                    ref={canvas}
                    className={classes('absolute max-w-none', pair === null ? 'invisible' : '')}
                    style={pair === null ? undefined : placed(pair.of, width / grown, height / grown)}
                />
                {pair !== null && <Ink pair={pair} over={over} />}
            </div>
            {failure !== null && (
                <p className="absolute inset-0 grid place-items-center text-center text-fine text-soft">
                    The {VIEW_NAME[view]} could not be drawn.
                </p>
            )}
        </figure>
    )
}

function Ink({ pair: { of, drawn }, over }: { pair: Pair; over: Props['over'] }) {
    const units = of.inkScale / of.scale
    return (
        // biome-ignore lint/a11y/useSemanticElements: a group of a drawing is no group of fields
        <svg
            className="absolute overflow-visible"
            style={{
                left: -MARGIN / units,
                top: -MARGIN / units,
                width: drawn.width / units,
                height: drawn.height / units,
            }}
            viewBox={`0 0 ${drawn.width} ${drawn.height}`}
            aria-label={`The ${VIEW_NAME[of.view]}`}
            role="group"
        >
            <InkLines ink={drawn.ink} scale={of.scale} units={units} />
            {over?.(drawn, units)}
        </svg>
    )
}

/** A picture of dots has a margin of its own, whatever its size. */
const placed = ({ dots, scale }: Wanted, width: number, height: number) => {
    const margin = (MARGIN * scale) / dots
    return { left: -margin, top: -margin, width: width + 2 * margin, height: height + 2 * margin }
}
