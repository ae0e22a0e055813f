import { useQuery } from '@tanstack/react-query'
import { useRef, useState } from 'react'
import { Button } from '@/design/Button'
import { Select } from '@/design/Field'
import { addressOf, ownPhotosQuery } from './api'
import { picked, REFERENCES, type Reference, type Spot } from './light'

type Props = { onTake: (hex: string) => void }

const fetchPhoto = async (photo: string): Promise<Blob> => (await fetch(addressOf(photo))).blob()

/** Pixels of the picture on screen at most, and around a spot that are looked at. */
const WIDEST = 520
const RADIUS = 7

/** CIELAB that pixels of one paint may differ from their mean before the spot is no even paint. */
const EVEN = 4

/** A colour from a photograph of dry paint with a white or grey card beside it; the picture stays in the browser. */
export default function PhotoColour({ onTake }: Props) {
    const canvas = useRef<HTMLCanvasElement>(null)
    const [size, setSize] = useState<{ width: number; height: number } | null>(null)
    const [fault, setFault] = useState<string | null>(null)
    const [known, setKnown] = useState<Reference>('white')
    const [card, setCard] = useState<Spot | null>(null)
    const [paint, setPaint] = useState<Spot | null>(null)
    const kept = useQuery(ownPhotosQuery)
    const open = async (file: Blob | undefined) => {
        if (file === undefined) return
        setCard(null)
        setPaint(null)
        try {
            const picture = await createImageBitmap(file)
            const share = Math.min(1, WIDEST / picture.width)
            const drawn = { width: Math.round(picture.width * share), height: Math.round(picture.height * share) }
            const target = canvas.current
            if (target === null) return
            target.width = drawn.width
            target.height = drawn.height
            target.getContext('2d', { willReadFrequently: true })?.drawImage(picture, 0, 0, drawn.width, drawn.height)
            setSize(drawn)
            setFault(null)
        } catch {
            setSize(null)
            setFault('This picture cannot be read: JPEG, PNG or WebP.')
        }
    }
    const pixels = () => {
        const context = canvas.current?.getContext('2d', { willReadFrequently: true })
        return size === null || context == null ? null : context.getImageData(0, 0, size.width, size.height)
    }
    const seen = pixels()
    const found = seen === null || card === null || paint === null ? null : picked(seen, paint, card, known, RADIUS)
    const press = (spot: Spot) => {
        if (card === null) setCard(spot)
        else setPaint(spot)
    }
    return (
        <div className="flex flex-col gap-2 rounded-plate border border-line p-2">
            <div className="flex flex-wrap items-end gap-3">
                <label className="flex flex-col gap-0.5">
                    <span className="text-fine text-soft">Photograph of the dry paint</span>
                    <input
                        type="file"
                        accept="image/jpeg,image/png,image/webp"
                        className="pointer-coarse:min-h-11"
                        onChange={(event) => void open(event.target.files?.[0])}
                    />
                </label>
                {(kept.data ?? []).length > 0 && (
                    <Select
                        label="Or one that is kept"
                        defaultValue=""
                        choices={[
                            { value: '', label: 'none of them' },
                            ...(kept.data ?? []).map(({ id, name }) => ({ value: id, label: name })),
                        ]}
                        onChange={(event) => {
                            const photo = event.target.value
                            if (photo !== '') void fetchPhoto(photo).then(open, () => setFault('It cannot be fetched.'))
                        }}
                    />
                )}
                <Select
                    label="Beside it"
                    value={known}
                    choices={REFERENCES.map(({ value, label }) => ({ value, label }))}
                    onChange={(event) => setKnown(event.target.value === 'grey' ? 'grey' : 'white')}
                />
            </div>
            {fault !== null && (
                <p role="alert" className="text-stop">
                    {fault}
                </p>
            )}
            {size !== null && (
                <p aria-live="polite" className="text-fine">
                    {card === null
                        ? 'Press on the card first.'
                        : paint === null
                          ? 'Now press on the paint.'
                          : 'Press on another spot of the paint to compare.'}
                    {card !== null && (
                        <Button
                            className="ml-2 text-fine"
                            onClick={() => {
                                setCard(null)
                                setPaint(null)
                            }}
                        >
                            Another card
                        </Button>
                    )}
                </p>
            )}
            <div className="relative w-fit" hidden={size === null}>
                <canvas
                    ref={canvas}
                    aria-label="The photograph"
                    className="max-w-full cursor-crosshair"
                    onPointerDown={(event) => {
                        const box = event.currentTarget.getBoundingClientRect()
                        const share = event.currentTarget.width / Math.max(1, box.width)
                        press({
                            x: Math.round((event.clientX - box.left) * share),
                            y: Math.round((event.clientY - box.top) * share),
                        })
                    }}
                />
                {size !== null && card !== null && <Ring spot={card} size={size} name="card" />}
                {size !== null && paint !== null && <Ring spot={paint} size={size} name="paint" />}
            </div>
            {found !== null && (
                <div className="flex items-center gap-3" role="status">
                    <span className="h-11 w-20" style={{ background: found.hex }} />
                    <span className="min-w-0 flex-1 text-fine">
                        {found.hex}, give or take {found.spread.toFixed(1)}
                        {found.spread > EVEN && ': the spot is uneven, take a calmer one'}
                        {found.isClipped && ': part of it is burnt out or black, and the colour cannot be trusted'}.
                    </span>
                    <Button onClick={() => onTake(found.hex)}>Take this colour</Button>
                </div>
            )}
        </div>
    )
}

function Ring({ spot, size, name }: { spot: Spot; size: { width: number; height: number }; name: string }) {
    return (
        <span
            aria-hidden="true"
            className="pointer-events-none absolute rounded-full border-2 border-white outline outline-black"
            style={{
                left: `${(100 * (spot.x - RADIUS)) / size.width}%`,
                top: `${(100 * (spot.y - RADIUS)) / size.height}%`,
                width: `${(200 * RADIUS) / size.width}%`,
                aspectRatio: 1,
            }}
            data-spot={name}
        />
    )
}
