import { useQueries, useQuery } from '@tanstack/react-query'
import { Printer } from 'lucide-react'
import { useEffect } from 'react'
import { Button } from '@/design/Button'
import { inWords } from '@/design/duration'
import { RetryNotice } from '@/design/Notice'
import { knowledgeQuery, type StepKnowledge } from '@/features/plan'
import { type Timetable, timetableQuery } from './api'
import { type Formats, formats, keyOf, type Piece, sayConflict, sayHow, sayWork, sittingsOf } from './times'
import { Where } from './WorkRow'

/** The next session on paper: in order, with waits, windows, looks and cautions. It also reads well on the screen. */
export function Sheet() {
    const timetable = useQuery(timetableQuery({}))
    const sitting = timetable.data === undefined ? undefined : sittingsOf(timetable.data)[0]
    const steps = [...new Map((sitting?.pieces ?? []).map(({ item }) => [`${item.build} ${item.step}`, item])).values()]
    const known = useQueries({
        queries: steps.map((item) => knowledgeQuery(item.build, timetable.data?.stamps[item.build] ?? '', item.step)),
    })
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
    const hazards = [
        ...new Map(known.flatMap((one) => one.data?.hazards ?? []).map((hazard) => [hazard.code, hazard])).values(),
    ]
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
                {hazards.length > 0 && (
                    <section className="mt-3 border border-rule p-2">
                        <h2 className="font-semibold">Have ready</h2>
                        <ul>
                            {hazards.map((hazard) => (
                                <li key={hazard.code}>
                                    <strong className="font-semibold">{hazard.title}.</strong> {hazard.advice}
                                </li>
                            ))}
                        </ul>
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
                            knowledge={
                                known[
                                    steps.findIndex(
                                        (one) => one.build === piece.item.build && one.step === piece.item.step,
                                    )
                                ]?.data
                            }
                        />
                    ))}
                </ol>
            </div>
        </main>
    )
}

type EntryProps = { piece: Piece; timetable: Timetable; format: Formats; knowledge: StepKnowledge | undefined }

function Entry({ piece, timetable, format, knowledge }: EntryProps) {
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
                        ` Then touch-dry ${format.both(item.dries.touchDry)}, ` +
                            `recoatable ${format.both(item.dries.recoatable)}.`}
                </p>
                {knowledge !== undefined && isFirst && (
                    <ul className="mt-1 list-none text-fine">
                        {knowledge.lookFirst.map((question) => (
                            <li key={question}>☐ {question}</li>
                        ))}
                        <li>
                            <span className="text-soft">Signs:</span> {knowledge.signs.join(' · ')}
                        </li>
                        <li>
                            <span className="text-soft">Tools:</span> {knowledge.tools.join(' · ')}
                        </li>
                        {knowledge.cautions.length > 0 && (
                            <li>
                                <span className="text-soft">Mind:</span> {knowledge.cautions.join(' ')}
                            </li>
                        )}
                    </ul>
                )}
            </div>
        </li>
    )
}
