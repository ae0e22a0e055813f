import { useEffect, useState } from 'react'
import { addressOf } from './api'
import { spreadOf, type Values } from './values'

/** Pixels across which a photograph is counted: enough for its values, and done in a moment. */
const WIDE = 240

/** How the values of a photograph are spread, and how much of it has gone to pure black or white. */
export function Histogram({ photo, title }: { photo: string; title: string }) {
    const [values, setValues] = useState<Values | null>(null)
    useEffect(() => {
        let isStale = false
        const image = new Image()
        image.onload = () => {
            const canvas = document.createElement('canvas')
            canvas.width = WIDE
            canvas.height = Math.max(1, Math.round((WIDE * image.naturalHeight) / image.naturalWidth))
            const context = canvas.getContext('2d', { willReadFrequently: true })
            if (context === null || isStale) return
            context.drawImage(image, 0, 0, canvas.width, canvas.height)
            setValues(spreadOf(context.getImageData(0, 0, canvas.width, canvas.height).data))
        }
        image.src = addressOf(photo, 'small')
        return () => {
            isStale = true
        }
    }, [photo])
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
        </figure>
    )
}
