import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { Button } from '@/design/Button'
import { classes } from '@/design/classes'
import { inWords } from '@/design/duration'
import { Select, TextField } from '@/design/Field'
import { timesIn } from '@/design/locale'
import { entryOf, trialOf } from '@/features/build'
import { OfBuild } from '@/features/photos'
import { type Card, type Field, logTrial, type Result, trialsQuery } from './api'

const MOMENT = timesIn({ day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' })
const PLACES = ['plastic card', 'spoon', 'underside', 'scrap part'] as const

type Props = { card: Card; field: Field }

/** One method: what lies there, what was tried on it, what came of it, and how it looks. */
export function FieldView({ card, field }: Props) {
    const { tried } = field
    return (
        <section
            aria-label={`${field.name}, ${card.name}`}
            className="flex min-w-0 flex-col gap-2 border-l-2 border-rule pl-3"
        >
            <h3 className="font-semibold">{field.name}</h3>
            {tried === null ? (
                <p className="text-soft">
                    Bare.{' '}
                    <Link to={`/builds/${card.id}`} className="underline">
                        Lay its layers down
                    </Link>
                    , and at last what is to be tried on them.
                </p>
            ) : (
                <>
                    {/* As matter lies: what is tried on top, the first coat at the bottom. */}
                    <ol className="flex flex-col-reverse" aria-label="Layers, from the first coat up">
                        {[...field.layers, tried].map((layer) => (
                            <li
                                key={layer.step}
                                className={classes(
                                    'flex items-center gap-2 border-b border-line py-1 leading-tight',
                                    layer === tried ? 'font-semibold' : '',
                                )}
                            >
                                <span
                                    aria-hidden="true"
                                    className="size-5 shrink-0 border border-rule/70 bg-card"
                                    style={layer.colour === null ? {} : { background: layer.colour }}
                                />
                                <span className="min-w-0 flex-1">
                                    {layer.jar ?? layer.technique}
                                    <span className="block text-fine font-normal text-soft">
                                        {layer.technique}
                                        {layer.coats > 1 && `, ${layer.coats} coats`}
                                        {layer.after !== null && layer.after > 0 && `, ${inWords(layer.after)} later`}
                                        {layer.doneAt !== null && ` · done ${MOMENT.format(layer.doneAt)}`}
                                    </span>
                                </span>
                            </li>
                        ))}
                    </ol>
                    <p className="text-fine">
                        {tried.liquids.length === 0
                            ? 'Nothing liquid is tried here.'
                            : `${tried.liquids.join('; ')} on ${tried.films.map(({ says }) => says).join(' and ')}`}
                    </p>
                    <Results card={card} step={tried.step} results={field.results} />
                    {field.results.length === 0 ? (
                        <ResultForm card={card} field={field} tried={tried} />
                    ) : (
                        <details>
                            <summary className="cursor-pointer pointer-coarse:py-2">Tried once more</summary>
                            <ResultForm card={card} field={field} tried={tried} />
                        </details>
                    )}
                    <OfBuild
                        build={card.id}
                        of="step"
                        id={tried.step}
                        title="How it looks"
                        label={`How it looks: ${field.name}, ${card.name}`}
                        name={`${card.name}, ${field.name}`}
                        none="Not photographed yet."
                        nameOf={(_, id) => card.fields.find((one) => one.tried?.step === id)?.name ?? 'a layer'}
                    />
                </>
            )}
        </section>
    )
}

function Results({ card, step, results }: { card: Card; step: string; results: readonly Result[] }) {
    const queries = useQueryClient()
    const takeBack = useMutation({
        mutationFn: (entry: string) => logTrial(card.id, entryOf('withdrawn', step, { corrects: entry })),
        onSettled: () => queries.invalidateQueries({ queryKey: trialsQuery.queryKey }),
    })
    return (
        <ul>
            {results.map((result) => (
                <li key={result.entry} className="border-b border-line py-1">
                    <span className={classes('font-semibold', result.passed ? 'text-ink' : 'text-stop')}>
                        {result.passed ? 'Held' : 'Came off'}
                    </span>{' '}
                    after {result.rubs} rubs, {result.where}
                    <span className="block text-fine text-soft">
                        {MOMENT.format(result.at)}
                        {result.air !== null &&
                            `, ${result.air.temperatureC.toFixed(1)} °C, ${Math.round(result.air.humidityPercent)} %`}
                    </span>
                    {result.text !== '' && <span className="block">{result.text}</span>}
                    {result.tried.length > 0 && (
                        <details className="text-fine text-soft">
                            <summary className="cursor-pointer pointer-coarse:py-2">What it speaks for</summary>
                            {result.tried.map((pair) => (
                                <span key={pair} className="block pl-4">
                                    {pair}
                                </span>
                            ))}
                        </details>
                    )}
                    <Button
                        tone="quiet"
                        className="text-fine"
                        disabled={takeBack.isPending}
                        onClick={() => takeBack.mutate(result.entry)}
                    >
                        Take it back
                    </Button>
                </li>
            ))}
        </ul>
    )
}

function ResultForm({ card, field, tried }: Props & { tried: NonNullable<Field['tried']> }) {
    const queries = useQueryClient()
    const [rubs, setRubs] = useState('20')
    const [where, setWhere] = useState<string>(PLACES[0])
    const [moved, setMoved] = useState('')
    const [text, setText] = useState('')
    const count = /^\d{1,4}$/.test(rubs.trim()) && Number(rubs) <= 1000 ? Number(rubs) : null
    const keep = useMutation({
        mutationFn: (passed: boolean) =>
            logTrial(
                card.id,
                entryOf('trial', tried.step, {
                    text: text.trim(),
                    trial: trialOf({
                        where,
                        rubs: count ?? 0,
                        passed,
                        zone: field.zone,
                        moved: passed || moved === '' ? null : moved,
                    }),
                }),
            ),
        onSuccess: async () => {
            setText('')
            await queries.invalidateQueries({ queryKey: trialsQuery.queryKey })
        },
    })
    return (
        <form aria-label={`What came of ${field.name}, ${card.name}`} className="flex flex-col gap-2" noValidate>
            <div className="grid grid-cols-[4.5rem_1fr] gap-2">
                <TextField
                    label="Rubs"
                    inputMode="numeric"
                    value={rubs}
                    fault={count === null ? 'Up to 1000.' : undefined}
                    onChange={(event) => setRubs(event.target.value)}
                />
                <Select
                    label="On"
                    value={where}
                    choices={PLACES.map((place) => ({ value: place, label: place }))}
                    onChange={(event) => setWhere(event.target.value)}
                />
            </div>
            {tried.films.length > 1 && (
                <Select
                    label="If it came off: which film"
                    value={moved}
                    choices={[
                        { value: '', label: 'the topmost' },
                        ...tried.films.map(({ step, says }) => ({ value: step, label: says })),
                    ]}
                    onChange={(event) => setMoved(event.target.value)}
                />
            )}
            <TextField
                label="What was seen"
                value={text}
                maxLength={2000}
                onChange={(event) => setText(event.target.value)}
            />
            <div className="flex flex-wrap gap-2">
                <Button tone="act" disabled={count === null || keep.isPending} onClick={() => keep.mutate(true)}>
                    It held
                </Button>
                <Button disabled={count === null || keep.isPending} onClick={() => keep.mutate(false)}>
                    It came off
                </Button>
            </div>
            {keep.isError && (
                <p role="alert" className="text-fine text-stop">
                    {keep.error.message}
                </p>
            )}
        </form>
    )
}
