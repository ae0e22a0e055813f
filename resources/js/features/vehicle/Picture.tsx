import { type ReactNode, useEffect, useMemo, useRef, useState } from 'react'
import type { Finish } from '@/contract'
import type { Drawn } from '@/vehicle/drawing'
import type { View } from '@/vehicle/model'
import { MARGIN } from '@/vehicle/raster'
import { draw, type Shape } from '@/vehicle/studio'
import { finishKey } from './api'
import { InkLines } from './InkLines'
import { usePainted } from './usePainted'

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
    const dots = scale * Math.min(2, window.devicePixelRatio || 1)
    const { finish, step, isFlat, number, seed } = look
    const key = useMemo(() => finishKey(finish), [finish])
    const wish = useMemo(
        () => ({ view, scale: dots, finish, key, number, seed, step, isFlat }),
        [view, dots, finish, key, number, seed, step, isFlat],
    )
    const failure = usePainted(canvas, shape, wish)
    const inkScale = Math.max(dots, Math.min(INK_FINE, INK_FINER * scale))
    const { drawn, failed } = useDrawn(shape, view, inkScale, finish)
    const units = inkScale / scale

    return (
        <figure
            className="relative m-0"
            style={{ width, height }}
            data-view={view}
            data-drawn={drawn === null ? undefined : ''}
        >
            <canvas ref={canvas} className="absolute max-w-none" style={placed(dots, scale, width, height)} />
            {drawn !== null && (
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
                    aria-label={`The ${VIEW_NAME[view]}`}
                    role="group"
                >
                    <InkLines ink={drawn.ink} scale={scale} units={units} />
                    {over?.(drawn, units)}
                </svg>
            )}
            {(failure ?? failed) !== null && (
                <p className="absolute inset-0 grid place-items-center text-center text-fine text-soft">
                    The {VIEW_NAME[view]} could not be drawn.
                </p>
            )}
        </figure>
    )
}

/** A picture of dots has a margin of its own, whatever its size. */
const placed = (dots: number, scale: number, width: number, height: number) => {
    const margin = (MARGIN * scale) / dots
    return { left: -margin, top: -margin, width: width + 2 * margin, height: height + 2 * margin }
}

function useDrawn(shape: Shape, view: View, scale: number, finish: Finish) {
    const [state, setState] = useState<{ drawn: Drawn | null; failed: string | null }>({ drawn: null, failed: null })
    // Zones move with the plan's zones only, not with each of its steps.
    const zones = JSON.stringify({ belongs: finish.belongs, panels: finish.panels })
    useEffect(() => {
        let isStale = false
        draw(shape, view, scale, JSON.parse(zones)).then(
            (drawn) => isStale || setState({ drawn, failed: null }),
            (error: Error) => isStale || setState({ drawn: null, failed: error.message }),
        )
        return () => {
            isStale = true
        }
    }, [shape, view, scale, zones])
    return state
}
