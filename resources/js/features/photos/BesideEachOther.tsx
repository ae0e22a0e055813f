import { useState } from 'react'
import { Select } from '@/design/Field'
import { LOCALE } from '@/design/locale'
import { addressOf } from './api'
import { Histogram } from './Histogram'

const MOMENT = new Intl.DateTimeFormat(LOCALE, { day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' })

type Photo = { id: string; taken: Date; name: string }

/** One photograph over the other, parted by a line that is drawn across; below them how their values are spread. */
export function BesideEachOther({ photos, last }: { photos: readonly Photo[]; last: string }) {
    const [after, setAfter] = useState(last)
    const [before, setBefore] = useState(photos.findLast(({ id }) => id !== last)?.id ?? last)
    const [share, setShare] = useState(50)
    const choices = photos.map(({ id, name, taken }) => ({ value: id, label: `${name}, ${MOMENT.format(taken)}` }))
    return (
        <div className="flex flex-col gap-3">
            <div className="grid gap-2 sm:grid-cols-2">
                <Select
                    label="Before"
                    value={before}
                    choices={choices}
                    onChange={(event) => setBefore(event.target.value)}
                />
                <Select
                    label="After"
                    value={after}
                    choices={choices}
                    onChange={(event) => setAfter(event.target.value)}
                />
            </div>
            <div className="relative aspect-4/3 overflow-hidden rounded-plate bg-card">
                <img src={addressOf(before)} alt="Before" className="absolute inset-0 size-full object-contain" />
                <img
                    src={addressOf(after)}
                    alt="After"
                    className="absolute inset-0 size-full bg-card object-contain"
                    style={{ clipPath: `inset(0 0 0 ${share}%)` }}
                />
                <span
                    aria-hidden="true"
                    className="absolute inset-y-0 w-0.5 bg-white outline outline-black/50"
                    style={{ left: `${share}%` }}
                />
            </div>
            <input
                type="range"
                min={0}
                max={100}
                value={share}
                aria-label="How much of the photograph before is seen, in per cent"
                onChange={(event) => setShare(event.target.valueAsNumber)}
                className="accent-ink pointer-coarse:h-11"
            />
            <div className="grid gap-3 sm:grid-cols-2">
                <Histogram photo={before} title="Before" />
                <Histogram photo={after} title="After" />
            </div>
        </div>
    )
}
