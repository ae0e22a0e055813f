import { useEffect, useRef, useState } from 'react'
import { addressOf } from './api'
import { pixelsOf } from './pixels'
import { lostOf, spreadOf, type Values } from './values'

/** How the values of a photograph are spread, and how much of it has gone to pure black or white, and where. */
export function Histogram({ photo, title }: { photo: string; title: string }) {
    const [seen, setSeen] = useState<{ photo: string; values: Values; pixels: ImageData } | null>(null)
    const [isWhere, setWhere] = useState(false)
    useEffect(() => {
        let isStale = false
        void pixelsOf(photo).then((pixels) => {
            if (!isStale && pixels !== null) setSeen({ photo, pixels, values: spreadOf(pixels.data) })
        })
        return () => {
            isStale = true
        }
    }, [photo])
    const values = seen?.photo === photo ? seen.values : null
    if (values === null) return <p className="text-soft">{title}: counting its values…</p>
    const most = Math.max(...values.bars)
    const percent = (share: number) => `${(100 * share).toFixed(share < 0.01 && share > 0 ? 1 : 0)} %`
    return (
        <figure className="m-0">
            <svg
                viewBox={`0 0 ${values.bars.length} 20`}
                preserveAspectRatio="none"
                className="h-16 w-full rounded-plate border border-line bg-sheet"
                aria-hidden="true"
            >
                {values.bars.map((share, place) => (
                    <rect
                        // biome-ignore lint/suspicious/noArrayIndexKey: a bar is its place
                        key={place}
                        x={place}
                        width="0.92"
                        y={20 - (20 * share) / most}
                        height={(20 * share) / most}
                        className="fill-ink"
                    />
                ))}
            </svg>
            <figcaption className="text-fine text-soft">
                {title}: {percent(values.black)} pure black, {percent(values.white)} pure white. Where that is much, the
                light is too hard for the eye to judge contrast by it.
            </figcaption>
            {values.black + values.white > 0 && (
                <label className="flex min-h-8 items-center gap-1.5 text-fine pointer-coarse:min-h-11">
                    <input type="checkbox" checked={isWhere} onChange={(event) => setWhere(event.target.checked)} />
                    Show where: black in blue, white in red
                </label>
            )}
            {isWhere && seen !== null && <Lost photo={photo} pixels={seen.pixels} />}
        </figure>
    )
}

/** The photograph, and over it the places that have no drawing left. */
function Lost({ photo, pixels }: { photo: string; pixels: ImageData }) {
    const canvas = useRef<HTMLCanvasElement>(null)
    useEffect(() => {
        const context = canvas.current?.getContext('2d')
        context?.putImageData(new ImageData(lostOf(pixels.data), pixels.width, pixels.height), 0, 0)
    }, [pixels])
    return (
        <div className="relative">
            <img src={addressOf(photo, 'small')} alt="" className="block w-full grayscale" />
            <canvas
                ref={canvas}
                width={pixels.width}
                height={pixels.height}
                aria-label="Where no drawing is left"
                className="absolute inset-0 size-full"
            />
        </div>
    )
}
