import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Button } from '@/design/Button'
import { Dialog } from '@/design/Dialog'
import { Select } from '@/design/Field'
import { entryOf } from '@/features/build'
import { addressOf, photosQuery } from '@/features/photos'
import { type Card, type Field, logTrial, trialsQuery } from './api'

type Props = { card: Card; onClose: () => void }

/** Two fields without their names, in an order that nobody knows; which is which is told once it is judged. */
export function Blind({ card, onClose }: Props) {
    const photos = useQuery(photosQuery(card.id))
    const photoOf = (field: Field) =>
        photos.data?.findLast((photo) => photo.of === 'step' && photo.id === field.tried?.step)?.photo
    const shown = card.fields.filter((field) => photoOf(field) !== undefined)
    const [one, setOne] = useState<string | null>(null)
    const [other, setOther] = useState<string | null>(null)
    const first = shown.find(({ zone }) => zone === one) ?? shown[0]
    const second = shown.find(({ zone }) => zone === other && zone !== first?.zone) ?? shown.find((it) => it !== first)
    const choices = shown.map(({ zone, name }) => ({ value: zone, label: name }))
    return (
        <Dialog
            open
            onOpenChange={(isOpen) => !isOpen && onClose()}
            width="max-w-4xl"
            title="Judge blind"
            description="Which is which is told once you have judged."
        >
            {photos.isPending ? (
                <p className="text-soft">Fetching the photographs…</p>
            ) : first === undefined || second === undefined ? (
                <p>Two fields have to be photographed first: under “How it looks”, each by itself.</p>
            ) : (
                <>
                    {shown.length > 2 && (
                        <div className="mb-3 grid grid-cols-2 gap-2">
                            <Select
                                label="Of"
                                value={first.zone}
                                choices={choices}
                                onChange={(event) => setOne(event.target.value)}
                            />
                            <Select
                                label="And"
                                value={second.zone}
                                choices={choices}
                                onChange={(event) => setOther(event.target.value)}
                            />
                        </div>
                    )}
                    <Pair
                        key={`${first.zone} ${second.zone}`}
                        card={card}
                        fields={[first, second]}
                        photoOf={(field) => photoOf(field) ?? ''}
                    />
                </>
            )}
        </Dialog>
    )
}

const SIGNS = ['I', 'II'] as const

type PairProps = { card: Card; fields: readonly [Field, Field]; photoOf: (field: Field) => string }

function Pair({ card, fields, photoOf }: PairProps) {
    const queries = useQueryClient()
    // Thrown once, so that the two do not change places under the eye.
    const [order] = useState<readonly [Field, Field]>(() => (Math.random() < 0.5 ? fields : [fields[1], fields[0]]))
    const [judged, setJudged] = useState<number | null>(null)
    const keep = useMutation({
        mutationFn: (place: number) => {
            const [better, worse] = place === 1 ? [order[1], order[0]] : order
            const says =
                place === 2
                    ? `Judged blind: no difference between “${better.name}” and “${worse.name}”.`
                    : `Judged blind: “${better.name}” looks better than “${worse.name}”.`
            return logTrial(card.id, entryOf('note', better.tried?.step ?? '', { text: says }))
        },
        onSuccess: async (_, place) => {
            setJudged(place)
            await queries.invalidateQueries({ queryKey: trialsQuery.queryKey })
            await queries.invalidateQueries({ queryKey: ['diary'] })
        },
    })
    return (
        <>
            <div className="grid gap-3 sm:grid-cols-2">
                {order.map((field, place) => (
                    <figure key={field.zone}>
                        <img
                            src={addressOf(photoOf(field))}
                            alt={`Field ${SIGNS[place]}`}
                            className="aspect-4/3 w-full rounded-plate bg-card object-contain"
                        />
                        <figcaption className="text-center font-semibold">
                            {judged === null ? SIGNS[place] : `${SIGNS[place]}: ${field.name}`}
                        </figcaption>
                    </figure>
                ))}
            </div>
            <div className="mt-3 flex flex-wrap items-center gap-2">
                {judged === null ? (
                    [`${SIGNS[0]} looks better`, `${SIGNS[1]} looks better`, 'No difference'].map((says, place) => (
                        <Button key={says} disabled={keep.isPending} onClick={() => keep.mutate(place)}>
                            {says}
                        </Button>
                    ))
                ) : (
                    <p role="status">It stands in the diary.</p>
                )}
                {keep.isError && (
                    <p role="alert" className="text-stop">
                        {keep.error.message}
                    </p>
                )}
            </div>
        </>
    )
}
