import { useQuery } from '@tanstack/react-query'
import { Printer } from 'lucide-react'
import { useEffect } from 'react'
import { Button } from '@/design/Button'
import { inWords } from '@/design/duration'
import { RetryNotice } from '@/design/Notice'
import { openingsOf } from '@/design/spans'
import { type Card, type Desk, deskQuery } from '@/features/work/api'
import { dropsOf, readyFor, washUpOf } from '@/features/work/desk'
import { type Timetable, timetableQuery } from './api'
import { busySessionsOf, type Formats, formats, keyOf, type Piece, sayConflict, sayHow, sayWork } from './times'
import { Where } from './WorkRow'

/** The next session on paper: in order, with waits, windows, looks and cautions. It also reads well on the screen. */
export function Sheet() {
    const timetable = useQuery(timetableQuery({}))
    const sitting = timetable.data === undefined ? undefined : busySessionsOf(timetable.data)[0]
    const steps = [...new Map((sitting?.pieces ?? []).map(({ item }) => [`${item.build} ${item.step}`, item])).values()]
    // The same cards that the bench shows.
    const desk = useQuery({ ...deskQuery, refetchInterval: false })
    useEffect(() => {
        document.title = 'Bench sheet · Ulvrach'
    }, [])
    if (timetable.isPending) return <main className="p-8 text-soft">Writing the sheet…</main>
    if (timetable.isError) {
        return (
            <main className="p-8">
                <RetryNotice error={timetable.error} onRetry={() => void timetable.refetch()} />
            </main>
        )
    }
    if (sitting === undefined) return <main className="p-8 text-soft">Nothing is left to do.</main>
    const format = formats(timetable.data.timeZone)
    const cards = steps.flatMap((item) => cardOf(desk.data, item.build, item.step) ?? [])
    const ready = readyFor(cards, desk.data?.mixes)
    const hazards = [...new Map(cards.flatMap((card) => card.hazards).map((one) => [one.code, one])).values()]
    return (
        <main className="flex-1 overflow-y-auto print:overflow-visible">
            <div className="mx-auto max-w-3xl bg-sheet p-6 print:max-w-none print:p-0">
                <div className="flex items-baseline gap-3 border-b-2 border-ink pb-1">
                    <h1 className="wide flex-1 text-xl font-semibold">
                        Bench sheet, {format.day(sitting.session.from)} {format.time(sitting.session.from)}–
                        {format.time(sitting.session.to)}
                    </h1>
                    <Button className="no-print" tone="act" onClick={() => window.print()}>
                        <Printer className="size-4" aria-hidden /> Print
                    </Button>
                </div>
                {timetable.data.conflicts.map((conflict) => (
                    <p key={conflict.message} className="mt-2 border-l-2 border-risk pl-2">
                        {sayConflict(conflict, timetable.data)}
                    </p>
                ))}
                {desk.isError && <RetryNotice error={desk.error} onRetry={() => void desk.refetch()} />}
                {cards.length > 0 && (
                    <section className="mt-3 border border-rule p-2">
                        <h2 className="font-semibold">Have ready</h2>
                        <ul className="columns-2 text-fine">
                            {ready.jars.map(({ id, name, ml, drops }) => (
                                <li key={id}>
                                    ☐ {name}
                                    {ml >= 0.1 && `, ${ml.toFixed(1)} ml`}
                                    {drops !== '' && ` (${drops})`}
                                </li>
                            ))}
                            {ready.things.map((thing) => (
                                <li key={thing}>☐ {thing}</li>
                            ))}
                        </ul>
                        {hazards.length > 0 && (
                            <ul className="mt-1">
                                {hazards.map((hazard) => (
                                    <li key={hazard.code}>
                                        <strong className="font-semibold">{hazard.title}.</strong> {hazard.advice}
                                    </li>
                                ))}
                            </ul>
                        )}
                        <p className="text-fine text-soft">Labels, safety data sheets and local rules come first.</p>
                    </section>
                )}
                <ol className="mt-3 flex flex-col gap-3">
                    {sitting.pieces.map((piece) => (
                        <Entry
                            key={`${keyOf(piece.item)} ${piece.number}`}
                            piece={piece}
                            timetable={timetable.data}
                            format={format}
                            card={cardOf(desk.data, piece.item.build, piece.item.step)}
                            mixes={desk.data?.mixes ?? []}
                        />
                    ))}
                </ol>
                {cards.length > 0 && (
                    <section className="mt-3 break-inside-avoid border border-rule p-2">
                        <h2 className="font-semibold">Before you leave</h2>
                        <ul className="text-fine">
                            {washUpOf(cards).map((says) => (
                                <li key={says}>☐ {says}</li>
                            ))}
                        </ul>
                    </section>
                )}
            </div>
        </main>
    )
}

type EntryProps = {
    piece: Piece
    timetable: Timetable
    format: Formats
    card: Card | undefined
    mixes: Desk['mixes']
}

const cardOf = (desk: Desk | undefined, build: string, step: string): Card | undefined =>
    desk?.cards.find((card) => card.build === build && card.step === step)

function Entry({ piece, timetable, format, card, mixes }: EntryProps) {
    const { item } = piece
    const build = timetable.builds.find((one) => one.id === item.build)?.name
    const isFirst = item.part === null || item.part.startsWith('coat 1 ')
    return (
        <li className="grid break-inside-avoid grid-cols-[7rem_1fr] gap-x-3 border-b border-line pb-2">
            <div>
                <p className="font-semibold">
                    ☐ {format.time(piece.from)}–{format.time(piece.to)}
                </p>
                <Where item={item} timetable={timetable} className="mt-1 block" />
            </div>
            <div>
                <p>
                    <strong className="font-semibold">
                        {item.number} {sayWork(item)}
                    </strong>{' '}
                    {sayHow(piece, format)} <span className="text-soft">({build})</span>
                </p>
                <p className="text-fine">
                    {inWords(item.minutes)} of work. {item.reason}
                    {item.closes !== null && ` Its window closes ${format.both(item.closes)}.`}
                    {item.dries !== null &&
                        ` Then ${openingsOf(item.dries)
                            .slice(0, 2)
                            .map((opening) => `${opening.says} ${format.between(opening)}`)
                            .join(', ')}.`}
                </p>
                {card !== undefined && isFirst && <Details card={card} mixes={mixes} />}
            </div>
        </li>
    )
}

/** What the card at the bench says too: where, how much of what, how it is cleaned and when, and what to mind. */
function Details({ card, mixes }: { card: Card; mixes: Desk['mixes'] }) {
    const drops = dropsOf(card.jar?.id ?? '', card.take?.jarMl ?? 0, mixes)
    const cleaning = card.cleaning.map(({ opens, bestUntil, closes }) =>
        [
            `from ${inWords(opens)} after the last stroke`,
            bestUntil === null ? '' : `best until ${inWords(bestUntil)}`,
            closes === null ? '' : `gone after ${inWords(closes)}`,
        ]
            .filter((part) => part !== '')
            .join(', '),
    )
    const lines: [string, string][] = [
        ['Where', card.where.join(', ')],
        ['How', [...(drops === '' ? [] : [drops]), ...card.how].join('; ')],
        ['Clean', [...card.cleanUp.map(({ says }) => says), ...cleaning].join('; ')],
        ['Signs', card.signs.join(' · ')],
        ['Mind', card.cautions.join(' ')],
        ['Note', card.note],
    ]
    return (
        <ul className="mt-1 list-none text-fine">
            {card.lookFirst.map((question) => (
                <li key={question}>☐ {question}</li>
            ))}
            {lines.map(
                ([name, says]) =>
                    says !== '' && (
                        <li key={name}>
                            <span className="text-soft">{name}:</span> {says}
                        </li>
                    ),
            )}
        </ul>
    )
}
