import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { CalendarDays, Download, Printer } from 'lucide-react'
import { useEffect, useState } from 'react'
import { Link } from 'react-router'
import { Button } from '@/design/Button'
import { classes } from '@/design/classes'
import { inWords } from '@/design/duration'
import { iconLink } from '@/design/Icon'
import { RetryNotice } from '@/design/Notice'
import { SeverityMark } from '@/design/Severity'
import { openingsOf } from '@/design/spans'
import { Axis } from './Axis'
import { type Item, keepPutOff, type Question, type Timetable, timetableQuery } from './api'
import { Dates } from './Dates'
import { EarlierEnd } from './EarlierEnd'
import { HeldBack } from './HeldBack'
import { RoomLine } from './RoomLine'
import { Sessions } from './Sessions'
import { type Formats, formats, keyOf, sayConflict, sayWork } from './times'
import { WeekDialog } from './WeekDialog'
import { WhatIf } from './WhatIf'

const EVERYTHING: Question = {}

/** When everything is done: all builds laid into the week, with what holds each step where it stands. */
export function Clock() {
    const question = EVERYTHING
    const timetable = useQuery({ ...timetableQuery(question), placeholderData: (before) => before })
    const [isWeekOpen, setWeekOpen] = useState(false)
    useEffect(() => {
        document.title = 'Clock · Ulvrach'
    }, [])
    return (
        <main className="flex min-h-0 flex-1 flex-col">
            {timetable.isPending && <p className="p-8 text-soft">Laying your builds into the week…</p>}
            {timetable.isError && (
                <div className="mx-auto flex w-full max-w-2xl flex-col gap-3 p-8">
                    <RetryNotice error={timetable.error} onRetry={() => void timetable.refetch()} />
                    <Button onClick={() => setWeekOpen(true)}>Your week at the bench</Button>
                </div>
            )}
            {timetable.data !== undefined && !timetable.isError && (
                <Laid
                    timetable={timetable.data}
                    question={question}
                    isLaying={timetable.isFetching}
                    onWeek={() => setWeekOpen(true)}
                />
            )}
            <WeekDialog open={isWeekOpen} onOpenChange={setWeekOpen} />
        </main>
    )
}

type LaidProps = {
    timetable: Timetable
    question: Question
    isLaying: boolean
    onWeek: () => void
}

function Laid({ timetable, question, isLaying, onWeek }: LaidProps) {
    const [chosenKey, setChosenKey] = useState<string | null>(null)
    const format = formats(timetable.timeZone)
    const chosen = timetable.items.find((item) => keyOf(item) === chosenKey) ?? null
    const queries = useQueryClient()
    const wish = useMutation({
        mutationFn: keepPutOff,
        onSuccess: () => queries.invalidateQueries({ queryKey: ['clock'] }),
    })
    const wishes = timetable.putOff.map(({ until, ...one }) => ({ ...one, until: stamp(until) }))
    const putOff = (item: Item, until: Date) =>
        wish.mutate([
            ...wishes.filter((one) => one.step !== item.step || one.build !== item.build),
            { build: item.build, step: item.step, until: stamp(until) },
        ])
    return (
        <>
            <Head timetable={timetable} question={question} isLaying={isLaying} format={format} onWeek={onWeek} />
            {timetable.unreadable.map((build) => (
                <p key={build.id} className="flex items-start gap-1.5 border-b border-stop bg-stop-wash px-3 py-1.5">
                    <SeverityMark severity="stop" className="mt-0.5 size-4" />
                    <span>
                        “{build.name}” is left out. {build.message}
                    </span>
                </p>
            ))}
            <HeldBack timetable={timetable} />
            {timetable.items.length === 0 ? (
                <p className="p-10 text-center text-soft">
                    Nothing is left to do. <Link to="/">Back to the bench</Link>
                </p>
            ) : (
                <div className="flex min-h-0 flex-1 max-md:flex-col max-md:overflow-y-auto">
                    <div className="min-w-0 flex-1 overflow-y-auto max-md:shrink-0 max-md:overflow-visible">
                        {timetable.conflicts.map((conflict) => (
                            <p
                                key={conflict.message}
                                className="flex items-start gap-1.5 border-b border-risk bg-risk-wash px-3 py-1.5"
                            >
                                <SeverityMark severity="risk" className="mt-0.5 size-4" />
                                {sayConflict(conflict, timetable)} The rest is laid without it.
                            </p>
                        ))}
                        <Axis
                            timetable={timetable}
                            format={format}
                            chosen={chosen}
                            onChoose={(item) => setChosenKey(keyOf(item))}
                        />
                        <div className="p-3">
                            <Sessions
                                timetable={timetable}
                                format={format}
                                chosen={chosen}
                                onChoose={(item) => setChosenKey(keyOf(item))}
                                onPutOff={putOff}
                            />
                        </div>
                    </div>
                    <aside
                        aria-label="The chosen work"
                        className={classes(
                            'no-print flex w-[21.5rem] shrink-0 flex-col gap-4 overflow-y-auto border-l',
                            'border-rule bg-panel p-3 max-md:w-full max-md:overflow-visible max-md:border-t',
                        )}
                    >
                        {chosen === null ? (
                            <p className="text-soft">Choose a piece of work to see what holds it where it stands.</p>
                        ) : (
                            <Chosen item={chosen} timetable={timetable} format={format} onPutOff={putOff} />
                        )}
                        <RoomLine onChange={onWeek} />
                        <Dates timetable={timetable} format={format} />
                        <PutOffs
                            wishes={wishes}
                            onChange={(next) => wish.mutate(next)}
                            timetable={timetable}
                            format={format}
                        />
                        {wish.isError && <p role="alert">{wish.error.message}</p>}
                        <WhatIf timetable={timetable} base={question} format={format} />
                    </aside>
                </div>
            )}
        </>
    )
}

const stamp = (date: Date): string => `${date.toISOString().slice(0, 19)}Z`

function sayProven({ builds, isOptimal }: Timetable): string {
    const dates = builds.some((build) => build.due !== null) ? ' that meets the dates' : ''
    return isOptimal ? `, no earlier end is possible${dates}` : ''
}

type HeadProps = LaidProps & { format: Formats }

function Head({ timetable, question, isLaying, format, onWeek }: HeadProps) {
    return (
        <div className="no-print flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-line bg-panel px-3 py-1.5">
            <h1 className="wide min-w-40 flex-1 text-base font-semibold">
                {timetable.ends === null ? 'Nothing to lay' : `All done ${format.both(timetable.ends)}`}
            </h1>
            <p aria-live="polite" className="text-soft">
                {isLaying
                    ? 'Laying…'
                    : `${timetable.sessionsUsed} sessions, ${timetable.setups} airbrush changes${sayProven(timetable)}`}
            </p>
            <span className="flex items-center gap-1">
                {!timetable.isOptimal && timetable.items.length > 0 && (
                    <EarlierEnd key={JSON.stringify(question)} question={question} format={format} />
                )}
                <Link to="/sheet" {...iconLink('Bench sheet of the next session')}>
                    <Printer className="size-4" aria-hidden />
                </Link>
                <a href="/api/calendar" download {...iconLink('Calendar file')}>
                    <Download className="size-4" aria-hidden />
                </a>
                <Button tone="act" onClick={onWeek}>
                    <CalendarDays className="size-4" aria-hidden /> Your week
                </Button>
            </span>
        </div>
    )
}

type ChosenProps = { item: Item; timetable: Timetable; format: Formats; onPutOff: (item: Item, until: Date) => void }

function Chosen({ item, timetable, format, onPutOff }: ChosenProps) {
    const build = timetable.builds.find((one) => one.id === item.build)
    const later = timetable.sessions.filter((session) => session.from > item.from).slice(0, 30)
    return (
        <section aria-label="What holds it" className="flex flex-col gap-1.5">
            <h2 className="wide text-base leading-tight font-semibold">
                {item.number} {sayWork(item)}
            </h2>
            <p>
                <Link className="underline" to={`/builds/${item.build}?step=${item.step}`}>
                    {build?.name}
                </Link>
                , {[item.technique.toLowerCase(), item.part].filter((part) => part !== null).join(', ')}
            </p>
            {item.pieces.map((piece) => (
                <p key={piece.from.getTime()} className="font-medium">
                    {format.both(piece.from)}–{format.time(piece.to)}
                </p>
            ))}
            <p>{inWords(item.minutes)} of work.</p>
            <p>{item.reason}</p>
            {item.closes !== null && (
                <p className="border-l-2 border-risk pl-1.5">Its window closes {format.both(item.closes)}.</p>
            )}
            {item.dries !== null && (
                <dl className="grid grid-cols-[auto_1fr] gap-x-3 text-fine">
                    {openingsOf(item.dries).map((opening) => (
                        <div key={opening.says} className="contents">
                            <dt className="text-soft">{opening.says}</dt>
                            <dd>{format.between(opening)}</dd>
                        </div>
                    ))}
                </dl>
            )}
            <label className="flex flex-col gap-0.5">
                <span className="text-fine text-soft">Put it off to</span>
                <select
                    value=""
                    onChange={(event) => {
                        const session = later[Number(event.target.value)]
                        if (session !== undefined) onPutOff(item, session.from)
                    }}
                    className="min-h-8 rounded-plate border border-rule bg-sheet px-2 pointer-coarse:min-h-11"
                >
                    <option value="">a later session…</option>
                    {later.map((session, place) => (
                        <option key={session.from.getTime()} value={place}>
                            {format.both(session.from)}
                        </option>
                    ))}
                </select>
            </label>
        </section>
    )
}

type Wish = { build: string; step: string; until: string }
type PutOffsProps = {
    wishes: readonly Wish[]
    onChange: (wishes: Wish[]) => void
    timetable: Timetable
    format: Formats
}

/** Work that shall be done later than it could be; it stays so until it is taken back or its time has come. */
function PutOffs({ wishes, onChange, timetable, format }: PutOffsProps) {
    if (wishes.length === 0) return null
    return (
        <section aria-label="Put off">
            <h2 className="border-b border-line text-fine font-semibold text-soft">Put off</h2>
            <ul>
                {wishes.map((one) => {
                    const item = timetable.items.find((other) => other.build === one.build && other.step === one.step)
                    return (
                        <li key={one.build + one.step} className="flex items-center gap-2 py-0.5">
                            <span className="flex-1">
                                {item === undefined ? 'A step' : `${item.number} ${sayWork(item)}`} to{' '}
                                {format.both(new Date(one.until))}
                            </span>
                            <Button tone="quiet" onClick={() => onChange(wishes.filter((other) => other !== one))}>
                                Take back
                            </Button>
                        </li>
                    )
                })}
            </ul>
        </section>
    )
}
