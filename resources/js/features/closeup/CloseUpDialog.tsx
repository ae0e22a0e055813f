import { useQuery, useQueryClient } from '@tanstack/react-query'
import { ChevronLeft, ChevronRight, Clapperboard, ImageDown } from 'lucide-react'
import { useCallback, useEffect, useMemo, useRef, useState } from 'react'
import { drawPiece } from '@/closeup/desk'
import { USUAL_LIGHT, type Wish } from '@/closeup/piece'
import { Button } from '@/design/Button'
import { Dialog } from '@/design/Dialog'
import { Select } from '@/design/Field'
import { IconButton } from '@/design/Icon'
import { RetryNotice } from '@/design/Notice'
import type { BuildFacts, Zone } from '@/features/build'
import { vehicleQuery } from '@/features/vehicle'
import { numberOf, seedOf, shapeName } from '@/features/vehicle/api'
import { save } from '@/features/vehicle/exporting'
import type { Packed } from '@/vehicle/unpack'
import { type Against, askedFor, pieceQuery } from './api'
import { type Frame, filmOf } from './film'
import { Piece } from './Piece'

type Props = {
    open: boolean
    onOpenChange: (open: boolean) => void
    build: string
    /** Tells one state of the plan from another. */
    stamp: string
    facts: BuildFacts
    zone: Zone
    /** Steps on this zone, in order, each with the name of its jar. */
    steps: readonly { id: string; number: number; name: string; jar: string | null }[]
    /** The one that is looked at first. */
    step: string
    /** What it is held against; null: nothing but other steps. */
    against: Against | null
}

/** One piece of the model from close: step by step, in a light that can be moved, and beside it what would go wrong. */
export default function CloseUpDialog(props: Props) {
    const { open, onOpenChange, zone, against } = props
    return (
        <Dialog
            open={open}
            onOpenChange={onOpenChange}
            width={against === null ? 'max-w-3xl' : 'max-w-6xl'}
            title={`${zone.name} from close`}
            description={
                against === null
                    ? 'A simulated picture of some centimetres of the model, in the colours of the forecast.'
                    : 'finding' in against
                      ? 'Simulated: on the left the step as it is meant, on the right what the check warns of.'
                      : 'Simulated: the same step with the one jar and with the other, in the same light.'
            }
        >
            <Pieces {...props} />
        </Dialog>
    )
}

/** What the two pictures of a pair are called. */
const titlesOf = (against: Against): readonly [string, string] =>
    'finding' in against ? ['As it is meant', against.finding.happens] : [against.used, against.jar.name]

function Pieces({ build, stamp, facts, zone, steps, step, against }: Props) {
    const [at, setAt] = useState(step)
    // A step that is looked at beside it; null: none is.
    const [other, setOther] = useState<string | null>(null)
    const [light, setLight] = useState(USUAL_LIGHT)
    const [isWet, setWet] = useState(false)
    const place = Math.max(
        0,
        steps.findIndex((one) => one.id === at),
    )
    const shape = useQuery(vehicleQuery(facts))
    const left = useQuery(pieceQuery(build, stamp, zone.id, against === null ? (other ?? at) : at))
    const right = useQuery({
        ...pieceQuery(build, stamp, zone.id, at, askedFor(against)),
        enabled: against !== null || other !== null,
    })
    const wish = useMemo<Wish>(() => ({ ...lookOf(facts), light, isWet }), [facts, light, isWet])
    const frame = useRef<HTMLDivElement | null>(null)
    const failed = [shape, left, right].find((query) => query.isError)
    if (failed?.error != null) return <RetryNotice error={failed.error} onRetry={() => void failed.refetch()} />
    const isPair = against !== null || other !== null
    const [packed, vehicle] = [shape.data, shapeName(facts)]
    const pictures = [left.data, ...(isPair ? [right.data] : [])]
    return (
        <div ref={frame} className="flex flex-col gap-2">
            <div className={isPair ? 'grid gap-2 sm:grid-cols-2' : ''}>
                {pictures.map((piece, side) => (
                    // biome-ignore lint/suspicious/noArrayIndexKey: the left one stays the left one
                    <figure key={side}>
                        {packed === undefined || piece === undefined ? (
                            <p className="grid aspect-[3/2] place-items-center bg-sheet text-soft">Drawing…</p>
                        ) : (
                            <Piece vehicle={vehicle} packed={packed} piece={piece} wish={wish} label={piece.says} />
                        )}
                        <figcaption className="mt-1">
                            {against === null ? (
                                (piece?.says ?? '')
                            ) : (
                                <strong className="font-semibold">{titlesOf(against)[side]}</strong>
                            )}
                        </figcaption>
                    </figure>
                ))}
            </div>
            {against === null && steps.length > 1 && (
                <Slide steps={steps} place={place} onStep={setAt} other={other} onOther={setOther} />
            )}
            <div className="flex flex-wrap items-center gap-x-4 gap-y-2 border-t border-line pt-2">
                <label className="flex items-center gap-2">
                    Lamp
                    <input
                        type="range"
                        className="w-28 accent-ink pointer-coarse:h-11"
                        min={-180}
                        max={180}
                        step={10}
                        value={light}
                        aria-valuetext={`${light}° from above`}
                        onChange={(event) => setLight(Number(event.target.value))}
                    />
                </label>
                <Button aria-pressed={isWet} onClick={() => setWet(!isWet)}>
                    While it is wet
                </Button>
                <IconButton
                    label="Save the picture"
                    onClick={() => savePicture(frame.current, `${facts.name} ${zone.name}`)}
                >
                    <ImageDown className="size-4" aria-hidden />
                    <span className="text-fine">PNG</span>
                </IconButton>
                {against === null && packed !== undefined && steps.length > 1 && (
                    <Film {...{ build, stamp, facts, zone, steps, packed, wish }} />
                )}
            </div>
        </div>
    )
}

/** What is the same in every picture of a build. */
const lookOf = (facts: BuildFacts): Omit<Wish, 'light' | 'isWet'> => ({
    width: 960,
    height: 640,
    seed: seedOf(facts.name),
    figures: numberOf(facts.name),
})

/** From step to step, and which other one is looked at beside it. */
function Slide({
    steps,
    place,
    onStep,
    other,
    onOther,
}: {
    steps: Props['steps']
    place: number
    onStep: (step: string) => void
    other: string | null
    onOther: (step: string | null) => void
}) {
    const go = (to: number) => {
        const next = steps[to]
        if (next !== undefined) onStep(next.id)
    }
    return (
        <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
            <div className="flex min-w-64 flex-1 items-center gap-1">
                <IconButton label="The step before" disabled={place === 0} onClick={() => go(place - 1)}>
                    <ChevronLeft className="size-4" aria-hidden />
                </IconButton>
                <input
                    type="range"
                    aria-label="After which step"
                    aria-valuetext={`${steps[place]?.number} ${steps[place]?.name}`}
                    className="min-w-24 flex-1 accent-ink pointer-coarse:h-11"
                    min={0}
                    max={steps.length - 1}
                    value={place}
                    onChange={(event) => go(Number(event.target.value))}
                />
                <IconButton label="The next step" disabled={place === steps.length - 1} onClick={() => go(place + 1)}>
                    <ChevronRight className="size-4" aria-hidden />
                </IconButton>
            </div>
            <Select
                label="Beside it"
                value={other ?? ''}
                choices={[
                    { value: '', label: 'nothing' },
                    ...steps.map(({ id, number, name }) => ({ value: id, label: `${number} ${name}` })),
                ]}
                onChange={(event) => onOther(event.target.value === '' ? null : event.target.value)}
            />
        </div>
    )
}

type FilmProps = Pick<Props, 'build' | 'stamp' | 'facts' | 'zone' | 'steps'> & { packed: Packed; wish: Wish }

/** All steps on this zone as one file that any browser plays. */
function Film({ build, stamp, facts, zone, steps, packed, wish }: FilmProps) {
    const client = useQueryClient()
    const [done, setDone] = useState<number | null>(null)
    const [failure, setFailure] = useState<string | null>(null)
    const isEnded = useRef(false)
    const make = async () => {
        isEnded.current = false
        setFailure(null)
        try {
            const frames: Frame[] = []
            for (const [index, { id, number, name, jar }] of steps.entries()) {
                setDone(index)
                const piece = await client.fetchQuery(pieceQuery(build, stamp, zone.id, id))
                const picture = await drawPiece(shapeName(facts), packed, piece, wish)
                if (isEnded.current) return setDone(null)
                const caption = jar === null ? `${number} ${name}` : `${number} ${name} with ${jar}`
                frames.push({ picture, caption, more: piece.says })
            }
            save(await filmOf(`${facts.name}: ${zone.name}`, frames), `${facts.name} ${zone.name}.html`)
        } catch (error) {
            setFailure(error instanceof Error ? error.message : String(error))
        }
        setDone(null)
    }
    const stop = useCallback(() => {
        isEnded.current = true
    }, [])
    useEffect(() => stop, [stop])
    return (
        <>
            <Button onClick={() => (done === null ? void make() : stop())}>
                <Clapperboard className="size-4" aria-hidden />
                {done === null ? 'Save as a film' : `Step ${done + 1} of ${steps.length}: stop`}
            </Button>
            {failure !== null && <p className="text-stop">The film could not be made. {failure}</p>}
        </>
    )
}

/** Keeps the last picture of the dialog: what goes wrong, where it is shown. */
function savePicture(frame: HTMLElement | null, name: string): void {
    const pictures = frame?.querySelectorAll('canvas') ?? []
    pictures[pictures.length - 1]?.toBlob((blob) => {
        if (blob !== null) save(blob, `${name}.png`)
    })
}
