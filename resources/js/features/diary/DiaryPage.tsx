import { useQuery } from '@tanstack/react-query'
import { Download, Printer } from 'lucide-react'
import { useDeferredValue, useEffect, useState } from 'react'
import { Link } from 'react-router'
import { Button } from '@/design/Button'
import { classes } from '@/design/classes'
import { inWords } from '@/design/duration'
import { Select, TextField } from '@/design/Field'
import { LOCALE, timesIn } from '@/design/locale'
import { RetryNotice } from '@/design/Notice'
import { Archive } from './Archive'
import { type Diary, diaryQuery, type Written } from './api'
import { Correct } from './Correct'
import { byDay, found, SAID } from './find'
import { OwnNumbers } from './OwnNumbers'

/** What was really done: where one was, everything that was written down, and how one's hands stand to the tables. */
export function DiaryPage() {
    const diary = useQuery(diaryQuery)
    useEffect(() => {
        document.title = 'Diary · Ulvrach'
    }, [])
    if (diary.isError) {
        return (
            <main className="p-8">
                <RetryNotice error={diary.error} onRetry={() => void diary.refetch()} />
            </main>
        )
    }
    if (diary.data === undefined) return <main className="p-8 text-soft">Leafing back…</main>
    return <Pages diary={diary.data} />
}

function Pages({ diary }: { diary: Diary }) {
    const [words, setWords] = useState('')
    const [build, setBuild] = useState('')
    const shown = found(diary, useDeferredValue(words), build)
    const nameOf = new Map(diary.builds.map(({ id, name }) => [id, name]))
    return (
        <main className="min-h-0 flex-1 overflow-y-auto">
            <div className="mx-auto max-w-5xl p-4">
                <div className="mb-3 flex flex-wrap items-end gap-2">
                    <h1 className="wide mr-auto text-xl font-semibold">Diary</h1>
                    <a
                        href="/api/diary.csv"
                        className={classes(
                            'no-print inline-flex min-h-8 items-center gap-1.5 rounded-plate border border-rule px-2.5',
                            'bg-sheet font-medium hover:bg-press pointer-coarse:min-h-11',
                        )}
                    >
                        <Download className="size-4" aria-hidden /> As a table
                    </a>
                    <Button className="no-print" onClick={() => window.print()}>
                        <Printer className="size-4" aria-hidden /> Print
                    </Button>
                </div>
                {diary.entries.length === 0 ? (
                    <p className="rounded-plate border border-dashed border-rule p-10 text-center text-soft">
                        Nothing is written down yet. What is begun and done{' '}
                        <Link to="/work" className="underline">
                            at the bench
                        </Link>{' '}
                        stands here, with its hour.
                    </p>
                ) : (
                    <div className="grid items-start gap-5 lg:grid-cols-[1fr_19rem]">
                        <section aria-label="What was written down">
                            <div className="no-print mb-2 grid grid-cols-[1fr_12rem] gap-2 max-sm:grid-cols-1">
                                <TextField
                                    label="Find: a jar, a technique, a zone, a word"
                                    value={words}
                                    onChange={(event) => setWords(event.target.value)}
                                />
                                <Select
                                    label="Of"
                                    value={build}
                                    choices={[
                                        { value: '', label: 'all builds' },
                                        ...diary.builds.map(({ id, name }) => ({ value: id, label: name })),
                                    ]}
                                    onChange={(event) => setBuild(event.target.value)}
                                />
                            </div>
                            {shown.length === 0 && <p className="p-6 text-center text-soft">Nothing of that kind.</p>}
                            {byDay(shown, diary.timeZone, LOCALE).map(([day, entries]) => (
                                <section key={day} className="mb-4">
                                    <h2 className="wide border-b border-rule font-semibold">{day}</h2>
                                    <ol>
                                        {entries.map((entry) => (
                                            <Line
                                                key={entry.id}
                                                entry={entry}
                                                name={nameOf.get(entry.build) ?? ''}
                                                timeZone={diary.timeZone}
                                            />
                                        ))}
                                    </ol>
                                </section>
                            ))}
                        </section>
                        <div className="flex flex-col gap-4 lg:order-none max-lg:order-first">
                            <WhereIWas diary={diary} />
                            <OwnNumbers diary={diary} />
                        </div>
                    </div>
                )}
                <Archive />
            </div>
        </main>
    )
}

function Line({ entry, name, timeZone }: { entry: Written; name: string; timeZone: string }) {
    const [isOpen, setOpen] = useState(false)
    const time = timesIn({ hour: '2-digit', minute: '2-digit', timeZone })
    return (
        <li
            className={classes(
                'grid grid-cols-[4.5rem_1fr_auto] gap-2 border-b border-line py-1',
                entry.stands ? '' : 'text-soft line-through',
            )}
        >
            <span className="text-soft">{time.format(entry.at)}</span>
            <span className="min-w-0 leading-tight">
                <span className="font-medium">{SAID[entry.kind] ?? entry.kind}</span>
                {entry.words !== '' && `: ${entry.words}`}
                <span className="block text-fine text-soft">
                    <Link to={`/builds/${entry.build}?step=${entry.step ?? ''}`} className="hover:underline">
                        {name}
                    </Link>
                    {entry.zones.length > 0 && `, ${entry.zones.join(', ')}`}
                    {entry.air !== null &&
                        `; ${entry.air.temperatureC.toFixed(1)} °C, ${Math.round(entry.air.humidityPercent)} %`}
                </span>
                {entry.text !== '' && <span className="block">{entry.text}</span>}
                {isOpen && <Correct entry={entry} onClose={() => setOpen(false)} />}
            </span>
            {entry.stands && entry.kind !== 'withdrawn' && !isOpen && (
                <button
                    type="button"
                    className="no-print self-start text-fine text-soft underline pointer-coarse:min-h-11"
                    onClick={() => setOpen(true)}
                >
                    Correct
                </button>
            )}
        </li>
    )
}

/** On return: what was last done of each build, and what comes next. */
function WhereIWas({ diary }: { diary: Diary }) {
    const moment = timesIn({
        weekday: 'short',
        day: 'numeric',
        month: 'short',
        hour: '2-digit',
        minute: '2-digit',
        timeZone: diary.timeZone,
    })
    return (
        <section aria-label="Where you were" className="rounded-plate border border-line bg-panel p-3">
            <h2 className="wide font-semibold">Where you were</h2>
            <ul className="mt-1 flex flex-col gap-3">
                {diary.builds.map(({ id, name, lastDone, next, left, done, steps, plannedMinutes, spentMinutes }) => (
                    <li key={id}>
                        <Link to={`/builds/${id}`} className="font-medium underline">
                            {name}
                        </Link>
                        <span className="text-soft">
                            {' '}
                            {done} of {steps}
                        </span>{' '}
                        <Link to={`/builds/${id}/card`} className="text-fine text-soft underline">
                            finish card
                        </Link>
                        {lastDone !== null && (
                            <p className="text-fine">
                                Last: {lastDone.words}, {moment.format(lastDone.at)}
                            </p>
                        )}
                        {next.length > 0 && <p className="text-fine">Next: {next.join(' · ')}</p>}
                        {left.length > 0 && <p className="text-fine text-soft">Left out: {left.join(' · ')}</p>}
                        {spentMinutes > 0 && (
                            <p className="text-fine text-soft">
                                {inWords(spentMinutes)} at work where {inWords(plannedMinutes)} were planned
                            </p>
                        )}
                    </li>
                ))}
            </ul>
        </section>
    )
}
