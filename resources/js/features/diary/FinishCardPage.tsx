import { useQuery } from '@tanstack/react-query'
import { Download, Printer } from 'lucide-react'
import { Suspense, useEffect } from 'react'
import { Link, useParams } from 'react-router'
import type { FinishCard } from '@/contract'
import { Button } from '@/design/Button'
import { inWords } from '@/design/duration'
import { later } from '@/design/later'
import { LOCALE } from '@/design/locale'
import { RetryNotice } from '@/design/Notice'
import { addressOf, photosQuery } from '@/features/photos'
import { finishCardQuery } from './api'

const VehicleThumb = later(() => import('@/features/vehicle/VehicleThumb'))

const DAY = new Intl.DateTimeFormat(LOCALE, { day: 'numeric', month: 'long', year: 'numeric' })
const SHORT = new Intl.DateTimeFormat(LOCALE, { day: 'numeric', month: 'short' })
const PICTURE = { width: 600, height: 180 }
const VIEWS = ['left', 'top'] as const

/** What a finish came to, on a card that is kept with the model; it also reads well on the screen. */
export function FinishCardPage() {
    const { buildId = '' } = useParams()
    const card = useQuery(finishCardQuery(buildId))
    useEffect(() => {
        document.title = `${card.data?.name ?? 'Finish card'} · Ulvrach`
    }, [card.data?.name])
    if (card.isError) {
        return (
            <main className="p-8">
                <RetryNotice error={card.error} onRetry={() => void card.refetch()} />
            </main>
        )
    }
    if (card.data === undefined) return <main className="p-8 text-soft">Writing the card…</main>
    return <Card card={card.data} build={buildId} />
}

function Card({ card, build }: { card: FinishCard; build: string }) {
    const photos = useQuery(photosQuery(build))
    const facts = [card.vehicle, `1:${card.scale}`].filter((part) => part !== '').join(', ')
    return (
        <main className="flex-1 overflow-y-auto p-4 print:overflow-visible print:p-0">
            <div className="no-print mx-auto mb-3 flex max-w-3xl flex-wrap items-center gap-3">
                <Link className="mr-auto underline" to={`/builds/${build}`}>
                    To its plan
                </Link>
                <a className="flex items-center gap-1.5 underline" href={`/api/builds/${build}/card.md`} download>
                    <Download className="size-4" aria-hidden /> As a file
                </a>
                <Button onClick={() => window.print()}>
                    <Printer className="size-4" aria-hidden /> Print
                </Button>
            </div>
            <article className="mx-auto max-w-3xl border border-rule bg-sheet p-5 print:max-w-none print:border-0">
                <h1 className="wide border-b-2 border-ink pb-1 text-xl font-semibold">{card.name}</h1>
                <p className="mt-1 text-soft">
                    {facts}
                    {card.begunAt !== null && `. Begun ${DAY.format(card.begunAt)}`}
                    {card.doneAt !== null && `, finished ${DAY.format(card.doneAt)}`}
                    {card.doneAt === null && `. ${card.done} of ${card.steps.length} steps are done`}
                    {card.spentMinutes > 0 &&
                        `. ${inWords(card.spentMinutes)} at work where ${inWords(card.plannedMinutes)} were planned`}
                    .
                </p>
                <div className="mt-3 overflow-hidden bg-stage p-2" aria-hidden="true">
                    <Suspense fallback={<div style={{ height: PICTURE.height }} />}>
                        <VehicleThumb
                            vehicle={card.picture}
                            name={card.name}
                            finish={card.picture.finish}
                            views={VIEWS}
                            {...PICTURE}
                        />
                    </Suspense>
                </div>
                {card.story !== '' && <p className="mt-3 max-w-[65ch]">{card.story}</p>}
                {(photos.data ?? []).length > 0 && (
                    <ul className="mt-3 grid grid-cols-3 gap-2" aria-label="Photographs">
                        {photos.data?.map((photo) => (
                            <li key={photo.photo}>
                                <img
                                    src={addressOf(photo.photo, 'small')}
                                    alt={`As it was on ${DAY.format(photo.taken)}`}
                                    className="aspect-4/3 w-full bg-card object-cover"
                                />
                                <span className="text-fine text-soft">{nameOf(card, photo)}</span>
                            </li>
                        ))}
                    </ul>
                )}
                {card.steps.length === 0 && <p className="mt-3 text-soft">Nothing is planned yet.</p>}
                <table className="mt-4 w-full border-collapse text-left">
                    <tbody>
                        {card.steps.map((step) => (
                            <tr
                                key={step.step}
                                className="break-inside-avoid border-b border-line align-top *:py-1 *:pr-2"
                            >
                                <td className="w-8 text-right text-soft tabular-nums">{step.number}</td>
                                <td className="w-7">
                                    <span
                                        aria-hidden="true"
                                        className="mt-0.5 block size-5 border border-rule/70 bg-card"
                                        style={step.colour === null ? {} : { background: step.colour }}
                                    />
                                </td>
                                <td className="leading-tight">
                                    <span className="font-medium">{step.technique}</span>
                                    {step.jar !== null && `, ${step.jar}`}
                                    {step.coats > 1 && `, ${step.coats} coats`}
                                    {step.recipe !== '' && <span className="block text-fine">{step.recipe}</span>}
                                    <span className="block text-fine text-soft">{step.where.join(', ')}</span>
                                    {step.told.map((told) => (
                                        <span key={told} className="block">
                                            {told}
                                        </span>
                                    ))}
                                </td>
                                <td className="w-24 text-right whitespace-nowrap text-soft">
                                    {step.doneAt === null ? 'not done' : SHORT.format(step.doneAt)}
                                </td>
                            </tr>
                        ))}
                    </tbody>
                </table>
                {card.told.length > 0 && (
                    <ul className="mt-3">
                        {card.told.map((told) => (
                            <li key={told}>{told}</li>
                        ))}
                    </ul>
                )}
            </article>
        </main>
    )
}

function nameOf(card: FinishCard, photo: { of: string; id: string }): string {
    const step = card.steps.find(({ step: id }) => photo.of === 'step' && id === photo.id)
    return step === undefined ? 'How it ought to look' : `${step.number} ${step.technique}`
}
