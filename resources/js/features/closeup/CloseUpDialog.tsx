import { useQuery } from '@tanstack/react-query'
import { ChevronLeft, ChevronRight, ImageDown } from 'lucide-react'
import { useMemo, useRef, useState } from 'react'
import { USUAL_LIGHT, type Wish } from '@/closeup/piece'
import { Button } from '@/design/Button'
import { Dialog } from '@/design/Dialog'
import { IconButton } from '@/design/Icon'
import { RetryNotice } from '@/design/Notice'
import type { BuildFacts, Finding, Zone } from '@/features/build'
import { vehicleQuery } from '@/features/vehicle'
import { numberOf, seedOf, shapeName } from '@/features/vehicle/api'
import { pieceQuery } from './api'
import { Piece } from './Piece'

type Props = {
    open: boolean
    onOpenChange: (open: boolean) => void
    build: string
    /** Tells one state of the plan from another. */
    stamp: string
    facts: BuildFacts
    zone: Zone
    /** Steps on this zone, in order. */
    steps: readonly { id: string; number: number; name: string }[]
    /** The one that is looked at first. */
    step: string
    /** What would go wrong at that step; null: it is looked at as it is meant. */
    finding: Finding | null
}

/** One piece of the model from close: step by step, in a light that can be moved, and beside it what would go wrong. */
export default function CloseUpDialog(props: Props) {
    const { open, onOpenChange, zone, finding } = props
    return (
        <Dialog
            open={open}
            onOpenChange={onOpenChange}
            width={finding === null ? 'max-w-3xl' : 'max-w-6xl'}
            title={`${zone.name} from close`}
            description={
                finding === null
                    ? 'A simulated picture of some centimetres of the model, in the colours of the forecast.'
                    : 'Simulated: on the left the step as it is meant, on the right what the check warns of.'
            }
        >
            <Pieces {...props} />
        </Dialog>
    )
}

function Pieces({ build, stamp, facts, zone, steps, step, finding }: Props) {
    const [at, setAt] = useState(step)
    const [light, setLight] = useState(USUAL_LIGHT)
    const [isWet, setWet] = useState(false)
    const place = Math.max(
        0,
        steps.findIndex((one) => one.id === at),
    )
    const shape = useQuery(vehicleQuery(facts))
    const meant = useQuery(pieceQuery(build, stamp, zone.id, at, null))
    const wrong = useQuery({
        ...pieceQuery(build, stamp, zone.id, at, finding?.code ?? null),
        enabled: finding !== null,
    })
    const wish = useMemo<Wish>(
        () => ({
            width: 960,
            height: 640,
            seed: seedOf(facts.name),
            light,
            isWet,
            figures: numberOf(facts.name),
        }),
        [facts.name, light, isWet],
    )
    const frame = useRef<HTMLDivElement | null>(null)
    const failed = [shape, meant, wrong].find((query) => query.isError)
    if (failed?.error != null) return <RetryNotice error={failed.error} onRetry={() => void failed.refetch()} />
    const go = (by: number) => {
        const next = steps[place + by]
        if (next !== undefined) setAt(next.id)
    }
    const [packed, vehicle] = [shape.data, shapeName(facts)]
    return (
        <div ref={frame} className="flex flex-col gap-2">
            <div className={finding === null ? '' : 'grid gap-2 sm:grid-cols-2'}>
                {packed !== undefined && meant.data !== undefined ? (
                    <figure>
                        <Piece
                            vehicle={vehicle}
                            packed={packed}
                            piece={meant.data}
                            wish={wish}
                            label={meant.data.says}
                        />
                        {finding !== null && <figcaption className="mt-1 font-semibold">As it is meant</figcaption>}
                    </figure>
                ) : (
                    <p className="grid aspect-[3/2] place-items-center bg-sheet text-soft">Drawing…</p>
                )}
                {finding !== null && packed !== undefined && wrong.data !== undefined && (
                    <figure>
                        <Piece
                            vehicle={vehicle}
                            packed={packed}
                            piece={wrong.data}
                            wish={wish}
                            label={wrong.data.says}
                        />
                        <figcaption className="mt-1 font-semibold">{finding.happens}</figcaption>
                    </figure>
                )}
            </div>
            <p aria-live="polite" className="text-soft">
                {(finding === null ? meant.data : wrong.data)?.says ?? ''}
            </p>
            <div className="flex flex-wrap items-center gap-x-4 gap-y-2 border-t border-line pt-2">
                {finding === null && steps.length > 1 && (
                    <div className="flex min-w-64 flex-1 items-center gap-1">
                        <IconButton label="The step before" disabled={place === 0} onClick={() => go(-1)}>
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
                            onChange={(event) => setAt(steps[Number(event.target.value)]?.id ?? at)}
                        />
                        <IconButton label="The next step" disabled={place === steps.length - 1} onClick={() => go(1)}>
                            <ChevronRight className="size-4" aria-hidden />
                        </IconButton>
                    </div>
                )}
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
                <IconButton label="Save the picture" onClick={() => save(frame.current, `${facts.name} ${zone.name}`)}>
                    <ImageDown className="size-4" aria-hidden />
                    <span className="text-fine">PNG</span>
                </IconButton>
            </div>
        </div>
    )
}

/** Keeps the last picture of the dialog: what goes wrong, where it is shown. */
function save(frame: HTMLElement | null, name: string): void {
    const pictures = frame?.querySelectorAll('canvas') ?? []
    pictures[pictures.length - 1]?.toBlob((blob) => {
        if (blob === null) return
        const link = document.createElement('a')
        link.href = URL.createObjectURL(blob)
        link.download = `${name}.png`
        link.click()
        URL.revokeObjectURL(link.href)
    })
}
