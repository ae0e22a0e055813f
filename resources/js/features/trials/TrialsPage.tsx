import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { Link, useNavigate } from 'react-router'
import type { Trials } from '@/contract'
import { Button } from '@/design/Button'
import { TextField } from '@/design/Field'
import { LOCALE } from '@/design/locale'
import { RetryNotice } from '@/design/Notice'
import { addField, type Card, startTrial, trialsQuery } from './api'
import { Blind } from './Blind'
import { FieldView } from './FieldView'

const DAY = new Intl.DateTimeFormat(LOCALE, { day: 'numeric', month: 'short', year: 'numeric' })

/** What was tried before it went on a model, side by side, and what came of it. */
export function TrialsPage() {
    const trials = useQuery(trialsQuery)
    useEffect(() => {
        document.title = 'Trials · Ulvrach'
    }, [])
    if (trials.isError) {
        return (
            <main className="p-8">
                <RetryNotice error={trials.error} onRetry={() => void trials.refetch()} />
            </main>
        )
    }
    if (trials.data === undefined) return <main className="p-8 text-soft">Laying out the cards…</main>
    const { cards, others } = trials.data
    return (
        <main className="min-h-0 flex-1 overflow-y-auto">
            <div className="mx-auto max-w-6xl p-4">
                <div className="mb-3 flex flex-wrap items-end gap-3">
                    <h1 className="wide mr-auto text-xl font-semibold">Trials</h1>
                    <NewTrial />
                </div>
                <p className="mb-4 max-w-[65ch] text-soft">
                    The last layer on a field is what is tried on those below it. What held or came off counts on every
                    build where the same liquid meets the same film in the same way.
                </p>
                {cards.length === 0 && others.length === 0 && (
                    <p className="rounded-plate border border-dashed border-rule p-10 text-center text-soft">
                        Nothing was tried yet. Give a card a name, or press “Try it on a card first” at a finding of a
                        plan: the card then has the layers that are meant to be there.
                    </p>
                )}
                <div className="flex flex-col gap-6">
                    {cards.map((card) => (
                        <CardView key={card.id} card={card} />
                    ))}
                </div>
                <OnModels others={others} />
            </div>
        </main>
    )
}

function NewTrial() {
    const [name, setName] = useState('')
    const navigate = useNavigate()
    const start = useMutation({
        mutationFn: () => startTrial(name.trim()),
        onSuccess: ({ id }) => navigate(`/builds/${id}`),
    })
    return (
        <form
            className="flex items-end gap-2"
            onSubmit={(event) => {
                event.preventDefault()
                if (name.trim() !== '') start.mutate()
            }}
        >
            <TextField
                label="What is tried"
                value={name}
                maxLength={120}
                placeholder="Wash on bare matte paint"
                fault={start.error?.message}
                onChange={(event) => setName(event.target.value)}
            />
            <Button type="submit" tone="act" disabled={name.trim() === '' || start.isPending}>
                New card
            </Button>
        </form>
    )
}

function CardView({ card }: { card: Card }) {
    const queries = useQueryClient()
    const [isBlind, setBlind] = useState(false)
    const last = card.fields.at(-1)
    const beside = useMutation({
        mutationFn: (zone: string) => addField(card, zone, `Field ${card.fields.length + 1}`),
        onSettled: () => queries.invalidateQueries({ queryKey: trialsQuery.queryKey }),
    })
    return (
        <section aria-label={card.name} className="rounded-plate border border-line bg-panel p-3">
            <div className="flex flex-wrap items-center gap-2">
                <h2 className="wide mr-auto text-lg font-semibold">
                    <Link to={`/builds/${card.id}`} className="hover:underline">
                        {card.name}
                    </Link>
                </h2>
                {card.fields.length > 1 && <Button onClick={() => setBlind(true)}>Judge blind</Button>}
                {last !== undefined && (
                    <Button disabled={beside.isPending} onClick={() => beside.mutate(last.zone)}>
                        Another method beside it
                    </Button>
                )}
                <Link to={`/builds/${card.id}`} className="underline pointer-coarse:py-2">
                    Change its layers
                </Link>
            </div>
            {beside.isError && (
                <p role="alert" className="text-stop">
                    {beside.error.message}
                </p>
            )}
            <div className={`mt-3 grid gap-4 sm:grid-cols-2 ${card.fields.length > 2 ? 'lg:grid-cols-3' : ''}`}>
                {card.fields.map((field) => (
                    <FieldView key={field.zone} card={card} field={field} />
                ))}
            </div>
            {isBlind && <Blind card={card} onClose={() => setBlind(false)} />}
        </section>
    )
}

/** What was tried on hidden spots of the models themselves. */
function OnModels({ others }: { others: Trials['others'] }) {
    if (others.length === 0) return null
    return (
        <section aria-label="Tried on models" className="mt-6">
            <h2 className="wide border-b border-rule font-semibold">Tried on models</h2>
            <ul>
                {others.map((one) => (
                    <li key={one.entry} className="grid grid-cols-[7rem_1fr] gap-2 border-b border-line py-1.5">
                        <span className="text-soft">{DAY.format(one.at)}</span>
                        <span>
                            <strong>{one.passed ? 'Held' : 'Came off'}</strong>
                            {` after ${one.rubs} rubs on ${one.where}: ${one.words}, `}
                            <Link className="underline" to={`/builds/${one.build}`}>
                                {one.name}
                            </Link>
                            {one.tried.length > 0 && (
                                <span className="block text-fine text-soft">{one.tried.join('; ')}</span>
                            )}
                            {one.text !== '' && <span className="block">{one.text}</span>}
                        </span>
                    </li>
                ))}
            </ul>
        </section>
    )
}
