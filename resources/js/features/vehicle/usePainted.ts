import { type RefObject, useEffect, useRef, useState } from 'react'
import type { Painted, Wish } from '@/vehicle/drawing'
import { paint, type Shape } from '@/vehicle/studio'

/** The first picture of a finish is painted in coarse dots, which take a tenth of the time. */
const COARSE = 0.35
/** Dots per millimetre below which a picture is small enough to wait for. */
const SMALL = 0.045
/**
 * Milliseconds for which a changed plan must rest before it is painted: verdicts come first, and while a step is moved
 * past others no hand has time for a picture of each place.
 */
const REST = 200

/**
 * Paints what is wished onto a canvas in the background. While a picture is being painted, only the last wish is
 * remembered, so that a slider is followed and never chased. Returns why there is no picture; null: there is one, or
 * there will be.
 */
export function usePainted(canvas: RefObject<HTMLCanvasElement | null>, shape: Shape, wish: Wish): string | null {
    const [failure, setFailure] = useState<string | null>(null)
    const next = useRef<{ shape: Shape; wish: Wish } | null>(null)
    const isBusy = useRef(false)
    const seen = useRef('')
    const finish = useRef('')

    useEffect(
        () => () => {
            next.current = null
        },
        [],
    )
    useEffect(() => {
        next.current = { shape, wish }
        if (isBusy.current) return
        isBusy.current = true
        const follow = async () => {
            while (next.current !== null) {
                const now = next.current
                next.current = null
                if (finish.current !== '' && finish.current !== now.wish.key) await rest()
                if (next.current !== null) continue
                finish.current = now.wish.key
                const ground = `${now.shape.name} ${now.wish.scale}`
                if (seen.current !== ground && now.wish.scale > SMALL) {
                    seen.current = ground
                    put(canvas.current, await paint(now.shape, { ...now.wish, scale: COARSE * now.wish.scale }))
                }
                if (next.current !== null) continue
                put(canvas.current, await paint(now.shape, now.wish))
                // Says that the picture is the one that was asked for, and not on its way to it.
                canvas.current?.setAttribute('data-step', String(now.wish.step))
            }
        }
        follow()
            .then(
                () => setFailure(null),
                (error: Error) => setFailure(error.message),
            )
            .finally(() => {
                isBusy.current = false
            })
    }, [canvas, shape, wish])
    return failure
}

const rest = () => new Promise((resolve) => setTimeout(resolve, REST))

function put(canvas: HTMLCanvasElement | null, { width, height, pixels }: Painted): void {
    if (canvas === null) return
    // Setting a size clears the canvas, and takes time, also when it is the same.
    if (canvas.width !== width) canvas.width = width
    if (canvas.height !== height) canvas.height = height
    canvas.getContext('2d')?.putImageData(new ImageData(pixels, width, height), 0, 0)
}
