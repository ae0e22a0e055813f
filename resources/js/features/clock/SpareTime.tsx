import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Button } from '@/design/Button'
import { inWords } from '@/design/duration'
import { RetryNotice } from '@/design/Notice'
import { type Item, type Timetable, timetableQuery } from './api'
import { formats, keyOf, minutesBetween, type Piece, piecesOf, sayWork } from './times'
import { WorkList } from './WorkList'

const CHOICES = [20, 40, 90]

/** What fits into the minutes that one has right now, besides the week, and what that does to the finish. */
export function SpareTime({ plain }: { plain: Timetable }) {
    const [spare, setSpare] = useState<number>()
    const laid = useQuery({ ...timetableQuery({ spare: spare ?? 0 }), enabled: spare !== undefined })
    return (
        <div className="mt-2 border-t border-line pt-2">
            <fieldset className="flex flex-wrap items-center gap-2">
                <legend className="sr-only">Minutes at the bench right now</legend>
                <span>At the bench now, for</span>
                {CHOICES.map((minutes) => (
                    <Button
                        key={minutes}
                        aria-pressed={spare === minutes}
                        tone={spare === minutes ? 'act' : 'plain'}
                        onClick={() => setSpare(spare === minutes ? undefined : minutes)}
                    >
                        {inWords(minutes)}
                    </Button>
                ))}
            </fieldset>
            <div aria-live="polite">
                {laid.isLoading && <p className="mt-1 text-soft">Looking what fits…</p>}
                {laid.isError && <RetryNotice error={laid.error} onRetry={() => void laid.refetch()} />}
                {spare !== undefined && laid.data !== undefined && (
                    <Fits plain={plain} laid={laid.data} minutes={spare} />
                )}
            </div>
        </div>
    )
}

function Fits({ plain, laid, minutes }: { plain: Timetable; laid: Timetable; minutes: number }) {
    const until = new Date(laid.now.getTime() + minutes * 60_000)
    const pieces = piecesOf(laid.items).filter((piece) => piece.from < until)
    const urgent = urgentBesides(plain, laid, until)
    if (pieces.length === 0)
        return (
            <p className="mt-1">
                <Urgent items={urgent} />
                Nothing fits: what comes next is still drying, takes longer, or may not be done at this hour.
            </p>
        )
    const gain = plain.ends === null || laid.ends === null ? 0 : minutesBetween(laid.ends, plain.ends)
    return (
        <>
            <Urgent items={urgent} />
            <WorkList pieces={inSpareTime(pieces, until)} timetable={laid} />
            <p className="mt-1 text-soft">
                {laid.conflicts.length < plain.conflicts.length && 'A window is kept that would close otherwise. '}
                {gain > 0 && laid.ends !== null
                    ? `All could be done ${inWords(gain)} earlier, ${formats(laid.timeZone).both(laid.ends)}.`
                    : 'The finish stays where it is; a later session gets lighter.'}
            </p>
        </>
    )
}

/** What will not wait for the next session, and needs more than there is. */
function urgentBesides(plain: Timetable, laid: Timetable, until: Date): Item[] {
    const missed = new Set(plain.conflicts.flatMap(({ steps }) => steps.map((step) => `${step.build} ${step.step}`)))
    return laid.items.filter((item) => missed.has(`${item.build} ${item.step}`) && item.from >= until)
}

function Urgent({ items }: { items: readonly Item[] }) {
    return items.map((item) => (
        <span key={keyOf(item)} className="mt-1 block border-l-2 border-stop pl-1.5 font-medium">
            Urgent: {item.number} {sayWork(item)}. It takes {inWords(item.minutes)}, more than you have, and its window
            closes before the next session: take the time, or do a part of it.
        </span>
    ))
}

/** What has a window first, then what fits whole, what is put down again last; each in the order of its hours. */
function inSpareTime(pieces: readonly Piece[], until: Date): Piece[] {
    const rank = ({ item, of }: Piece) => (of > 1 || item.to > until ? 2 : item.closes === null ? 1 : 0)
    return pieces.toSorted((one, other) => rank(one) - rank(other) || one.from.getTime() - other.from.getTime())
}
