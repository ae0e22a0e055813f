import { type RefObject, useEffect, useLayoutEffect, useRef, useState } from 'react'
import type { Painted } from '@/vehicle/drawing'
import { draw, paint } from '@/vehicle/studio'
import { attic } from './attic'
import { Easel, type Pair, type Wanted } from './easel'

type Standing = { pair: Pair | null; failure: string | null }

/** What is on the easel for what is wanted; paint goes onto the canvas together with its ink. */
export function useEasel(canvas: RefObject<HTMLCanvasElement | null>, wanted: Wanted): Standing {
    const [standing, setStanding] = useState<Standing>({ pair: null, failure: null })
    const last = useRef<Pair | null>(null)
    const easel = useRef<Easel | null>(null)
    easel.current ??= new Easel(
        { draw, paint },
        (pair, failure) => {
            const before = last.current
            last.current = pair
            // Only the paint is another: no ink and no zone has to be drawn again for it.
            if (pair !== null && before !== null && isSameGround(pair, before)) put(canvas.current, pair)
            else setStanding({ pair, failure })
        },
        undefined,
        attic,
    )
    useLayoutEffect(() => {
        if (standing.pair !== null && last.current !== null) put(canvas.current, last.current)
    }, [canvas, standing])
    // Before the picture is drawn: what was painted once is there at once.
    useLayoutEffect(() => easel.current?.want(wanted), [wanted])
    useEffect(() => () => easel.current?.close(), [])
    return standing
}

const isSameGround = (one: Pair, other: Pair): boolean =>
    one.drawn === other.drawn && one.of.scale === other.of.scale && one.of.dots === other.of.dots

function put(canvas: HTMLCanvasElement | null, { painted, isFinal, of }: Pair): void {
    if (canvas === null) return
    const { width, height, pixels }: Painted = painted
    // Setting a size clears the canvas, and takes time, also when it is the same.
    if (canvas.width !== width) canvas.width = width
    if (canvas.height !== height) canvas.height = height
    canvas.getContext('2d')?.putImageData(new ImageData(pixels, width, height), 0, 0)
    // Says that the picture is the one that was asked for, and not on its way to it.
    if (isFinal) canvas.setAttribute('data-step', String(of.step))
}
