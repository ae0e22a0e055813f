import { useId, useState } from 'react'
import { Button } from '@/design/Button'
import type { Light } from '@/design/colour'
import { Select } from '@/design/Field'
import { LOCALE } from '@/design/locale'
import { addressOf } from './api'
import { Histogram } from './Histogram'
import { evening, type Spot } from './light'
import { pixelsOf } from './pixels'

const MOMENT = new Intl.DateTimeFormat(LOCALE, { day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' })

/** Pixels around a press that are looked at, in the small picture. */
const RADIUS = 4

type Photo = { id: string; taken: Date; name: string }

/**
 * One photograph over the other, parted by a line that is drawn across; below them how their values are spread. Where
 * a grey card is in both, a press on each evens their light.
 */
export function BesideEachOther({ photos, last }: { photos: readonly Photo[]; last: string }) {
    const [after, setAfter] = useState(last)
    const [before, setBefore] = useState(photos.findLast(({ id }) => id !== last)?.id ?? last)
    const [share, setShare] = useState(50)
    const [lights, setLights] = useState<ReadonlyMap<string, Light>>(new Map())
    const [asked, setAsked] = useState<string | null>(null)
    const [fault, setFault] = useState('')
    const filter = useId()
    const choices = photos.map(({ id, name, taken }) => ({ value: id, label: `${name}, ${MOMENT.format(taken)}` }))
    const isEvened = lights.has(before) && lights.has(after)
    const press = async (photo: string, at: Spot) => {
        const pixels = await pixelsOf(photo)
        if (pixels === null) return
        const spot = { x: at.x * pixels.width, y: at.y * pixels.height }
        const light = evening(pixels, spot, 'grey', RADIUS)
        setFault(light === null ? 'That spot is burnt out or black: press on the grey card.' : '')
        if (light === null) return
        const known = new Map(lights).set(photo, light)
        setLights(known)
        setAsked([before, after].find((one) => !known.has(one)) ?? null)
    }
    const look = (photo: string) => (isEvened ? { filter: `url(#${filter}-${photo})` } : {})
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
            <svg className="absolute size-0" aria-hidden="true">
                {[...lights].map(([photo, [red, green, blue]]) => (
                    <filter key={photo} id={`${filter}-${photo}`} colorInterpolationFilters="linearRGB">
                        <feColorMatrix values={`${red} 0 0 0 0  0 ${green} 0 0 0  0 0 ${blue} 0 0  0 0 0 1 0`} />
                    </filter>
                ))}
            </svg>
            {asked !== null ? (
                <PressOnCard
                    photo={asked}
                    name={asked === before ? 'before' : 'after'}
                    onPress={(spot) => void press(asked, spot)}
                />
            ) : (
                <div className="relative aspect-4/3 overflow-hidden rounded-plate bg-card">
                    <img
                        src={addressOf(before)}
                        alt="Before"
                        className="absolute inset-0 size-full object-contain"
                        style={look(before)}
                    />
                    <div className="absolute inset-0" style={{ clipPath: `inset(0 0 0 ${share}%)` }}>
                        <img
                            src={addressOf(after)}
                            alt="After"
                            className="size-full bg-card object-contain"
                            style={look(after)}
                        />
                    </div>
                    <span
                        aria-hidden="true"
                        className="absolute inset-y-0 w-0.5 bg-white outline outline-black/50"
                        style={{ left: `${share}%` }}
                    />
                </div>
            )}
            {asked === null && (
                <input
                    type="range"
                    min={0}
                    max={100}
                    value={share}
                    aria-label="How much of the photograph before is seen, in per cent"
                    onChange={(event) => setShare(event.target.valueAsNumber)}
                    className="accent-ink pointer-coarse:h-11"
                />
            )}
            <div className="flex flex-wrap items-center gap-2">
                {asked === null && !isEvened && (
                    <Button onClick={() => setAsked(lights.has(before) ? after : before)}>
                        Even the light by a grey card
                    </Button>
                )}
                {(asked !== null || isEvened) && (
                    <Button
                        onClick={() => {
                            setAsked(null)
                            setLights(new Map())
                            setFault('')
                        }}
                    >
                        {isEvened ? 'As they were taken' : 'Leave it'}
                    </Button>
                )}
                {isEvened && <span role="status">Both as in one light.</span>}
                {fault !== '' && (
                    <span role="alert" className="text-stop">
                        {fault}
                    </span>
                )}
            </div>
            <div className="grid gap-3 sm:grid-cols-2">
                <Histogram photo={before} title="Before" />
                <Histogram photo={after} title="After" />
            </div>
        </div>
    )
}

type PressProps = { photo: string; name: string; onPress: (spot: Spot) => void }

/** A press on the card, in shares of the picture. */
function PressOnCard({ photo, name, onPress }: PressProps) {
    return (
        <button
            type="button"
            aria-label={`Press on the grey card in the photograph ${name}`}
            className="relative block cursor-crosshair"
            onClick={(event) => {
                const box = event.currentTarget.getBoundingClientRect()
                onPress({
                    x: (event.clientX - box.left) / Math.max(1, box.width),
                    y: (event.clientY - box.top) / Math.max(1, box.height),
                })
            }}
        >
            <img src={addressOf(photo)} alt="" className="block w-full" />
            <span className="absolute inset-x-0 top-0 bg-black/60 p-2 font-semibold text-white">
                Press on the grey card in the photograph {name}
            </span>
        </button>
    )
}
