import { useEffect, useRef, useState } from 'react'
import type { Picture } from '@/closeup/closeup'
import { drawPiece } from '@/closeup/desk'
import type { Piece as Shown, Wish } from '@/closeup/piece'
import { classes } from '@/design/classes'
import type { Packed } from '@/vehicle/unpack'

/** The first picture is drawn in dots so coarse that nobody waits for it. */
const COARSE = 0.25

type Props = {
    vehicle: string
    packed: Packed
    piece: Shown
    wish: Wish
    label: string
    className?: string
}

/** A piece as a picture: coarse at once, then fine. Of wishes that follow each other fast only the last is drawn. */
export function Piece({ vehicle, packed, piece, wish, label, className }: Props) {
    const canvas = useRef<HTMLCanvasElement | null>(null)
    const [failure, setFailure] = useState<string | null>(null)
    const last = useRef<{ piece: Shown; wish: Wish } | null>(null)
    const isBusy = useRef(false)
    useEffect(() => {
        last.current = { piece, wish }
        if (isBusy.current) return
        isBusy.current = true
        void follow().finally(() => {
            isBusy.current = false
        })

        async function follow(): Promise<void> {
            while (last.current !== null) {
                const now = last.current
                try {
                    const dots = { width: COARSE * now.wish.width, height: COARSE * now.wish.height }
                    put(canvas.current, await drawPiece(vehicle, packed, now.piece, { ...now.wish, ...dots }), false)
                    if (last.current === now) {
                        put(canvas.current, await drawPiece(vehicle, packed, now.piece, now.wish), true)
                        if (last.current === now) last.current = null
                    }
                    setFailure(null)
                } catch (error) {
                    setFailure(error instanceof Error ? error.message : String(error))
                    last.current = null
                }
            }
        }
    }, [vehicle, packed, piece, wish])
    return (
        <div className={classes('relative', className ?? '')}>
            <canvas
                ref={canvas}
                role="img"
                aria-label={label}
                className="block aspect-[3/2] w-full rounded-plate bg-sheet"
            />
            {failure !== null && <p className="absolute inset-x-0 bottom-0 bg-panel p-2">{failure}</p>}
        </div>
    )
}

function put(canvas: HTMLCanvasElement | null, { width, height, pixels }: Picture, isFinal: boolean): void {
    if (canvas === null) return
    canvas.width = width
    canvas.height = height
    canvas.getContext('2d')?.putImageData(new ImageData(pixels, width, height), 0, 0)
    if (isFinal) canvas.setAttribute('data-drawn', 'fine')
    else canvas.removeAttribute('data-drawn')
}
