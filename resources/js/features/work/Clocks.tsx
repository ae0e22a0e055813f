import { Check, Hourglass, LifeBuoy } from 'lucide-react'
import { type ReactNode, useState } from 'react'
import { classes } from '@/design/classes'
import { inWords } from '@/design/duration'
import { minutesUntil, sayUntil } from '@/design/spans'
import type { Clock, Desk } from './api'
import { DOUBTED, isTouch, type Line, nextOf, type Standing, shownLines, standingOf, ticking } from './desk'

type Props = {
    desk: Desk
    now: Date
    /** The sign was seen that the number was waiting for. */
    onReady: (clock: Clock, line: Line, sign: string) => void
    /** The number says that it is ready, and the sign is not there. */
    onNotYet: (clock: Clock, line: Line) => void
    onWrong: (clock: Clock) => void
}

const WORD: Record<Exclude<Standing, 'waits' | 'perhaps'>, string> = {
    open: 'from now on',
    best: 'now, at its best',
    late: 'now, getting late',
    over: 'too late',
}
/** What is still to come, in the words of all screens; what has come, as it stands. */
const sayStanding = (standing: Standing, until: string | null, left: string): string =>
    standing === 'waits' || standing === 'perhaps' ? (until ?? '') : `${WORD[standing]}${left}`

const TONE: Record<Standing, string> = {
    waits: 'text-soft',
    perhaps: 'text-ink',
    open: 'text-good',
    best: 'text-good',
    late: 'text-ink',
    over: 'text-stop',
}

/** All that dries or stands open at the bench, the soonest change first, as bars that move. */
export function Clocks({ desk, now, onReady, onNotYet, onWrong }: Props) {
    const clocks = ticking(desk.clocks, now)
    const nameOf = new Map(desk.builds.map(({ id, name }) => [id, name]))
    if (clocks.length === 0) return <p className="p-2 text-soft">Nothing dries, nothing stands open.</p>
    return (
        <ul aria-label="What dries" className="flex flex-col gap-2">
            {clocks.map((clock) => (
                <li
                    key={`${clock.build} ${clock.step}`}
                    className="rounded-plate border border-line bg-panel px-3 py-2 leading-snug"
                >
                    <div className="flex items-start gap-2">
                        <p className="flex-1 text-base font-semibold">
                            {clock.name}
                            <span className="font-normal text-soft">
                                {' '}
                                on {nameOf.get(clock.build) ?? 'a build'}, step {clock.number}
                            </span>
                        </p>
                        <button
                            type="button"
                            aria-label={`Something went wrong with ${clock.name}, step ${clock.number}`}
                            onClick={() => onWrong(clock)}
                            className="-mt-1 -mr-2 grid size-[64px] shrink-0 place-items-center hover:bg-press"
                        >
                            <LifeBuoy className="size-6" aria-hidden />
                        </button>
                    </div>
                    {shownLines(clock, now).map((line) => (
                        <Row
                            key={line.id}
                            line={line}
                            laid={clock.doneAt}
                            now={now}
                            sign={clock.sign}
                            onReady={(sign) => onReady(clock, line, sign)}
                            onNotYet={() => onNotYet(clock, line)}
                        />
                    ))}
                </li>
            ))}
        </ul>
    )
}

type RowProps = {
    line: Line
    laid: Date
    now: Date
    sign: string | null
    onReady: (sign: string) => void
    onNotYet: () => void
}

/** What is seen of any film that is dry to the touch. */
const TOUCH = 'a gloved knuckle leaves no mark and does not stick'

function Row({ line, laid, now, sign, onReady, onNotYet }: RowProps) {
    const [isSeen, setSeen] = useState(false)
    const [isNotYet, setNotYet] = useState(false)
    const standing = standingOf(line, now)
    const next = nextOf(line, now)
    const until = sayUntil({ soonest: line.opensSoonest, sure: line.opensAt }, now)
    const left = next === null ? '' : `, ${inWords(minutesUntil(now, next))} left`
    const seen = line.closesAt !== null ? sign : isTouch(line) ? TOUCH : null
    const isOpening = standing === 'waits' || standing === 'perhaps'
    const isFresh = now.getTime() - line.opensAt.getTime() < DOUBTED
    return (
        <div className="mt-1">
            <p className="flex flex-wrap items-baseline gap-x-2">
                <span className="flex-1">{line.says}</span>
                <strong className={classes('font-semibold', isNotYet ? 'text-risk' : TONE[standing])}>
                    {isNotYet ? 'not yet, look again' : sayStanding(standing, until, left)}
                </strong>
            </p>
            <Bar line={line} laid={laid} now={now} />
            {seen !== null && !isSeen && (isOpening || isNotYet) && (
                <LookButton
                    onClick={() => {
                        setSeen(true)
                        setNotYet(false)
                        onReady(seen)
                    }}
                >
                    <Check className="size-5 shrink-0" aria-hidden /> The sign beats the number. I see it: {seen}
                </LookButton>
            )}
            {seen !== null && !isSeen && !isOpening && !isNotYet && standing !== 'over' && isFresh && (
                <LookButton
                    onClick={() => {
                        setNotYet(true)
                        onNotYet()
                    }}
                >
                    <Hourglass className="size-5 shrink-0" aria-hidden /> Not yet. It should be so by now: {seen}
                </LookButton>
            )}
        </div>
    )
}

function LookButton({ onClick, children }: { onClick: () => void; children: ReactNode }) {
    return (
        <button
            type="button"
            onClick={onClick}
            className={classes(
                'mt-1 inline-flex min-h-[64px] w-full items-center gap-2 rounded-plate border border-rule px-3',
                'text-left hover:bg-press',
            )}
        >
            {children}
        </button>
    )
}

/** From the last stroke on: grey while one waits, hatched while it is in doubt, whole at its best, pale when late. */
function Bar({ line, laid, now }: Pick<RowProps, 'line' | 'laid' | 'now'>) {
    const last = Math.max((line.closesAt ?? line.opensAt).getTime(), now.getTime())
    const end = last + 0.15 * (last - laid.getTime())
    const place = (at: Date) => (100 * (at.getTime() - laid.getTime())) / Math.max(1, end - laid.getTime())
    const closes = line.closesAt === null ? 100 : place(line.closesAt)
    const best = line.bestUntil === null ? closes : place(line.bestUntil)
    const [soonest, opens] = [place(line.opensSoonest), place(line.opensAt)]
    const part = (from: number, to: number, className: string) =>
        to <= from ? null : <rect x={from} width={to - from} height="8" className={className} />
    return (
        <svg viewBox="0 0 100 8" preserveAspectRatio="none" className="mt-0.5 h-3 w-full" aria-hidden="true">
            {part(0, soonest, 'fill-press')}
            {part(soonest, opens, 'fill-risk opacity-50')}
            {part(opens, best, 'fill-good')}
            {part(best, closes, 'fill-good opacity-50')}
            {part(closes, 100, 'fill-stop opacity-40')}
            <rect x={Math.min(99.2, place(now))} width="0.8" height="8" className="fill-ink" />
        </svg>
    )
}
