import { ArrowUpRight } from 'lucide-react'
import { Link } from 'react-router'
import { classes } from '@/design/classes'
import { inWords } from '@/design/duration'
import { iconLink } from '@/design/Icon'
import type { Item, Timetable } from './api'
import { type BusySession, busySessionsOf, dryingBetween, type Formats, keyOf, minutesBetween } from './times'
import { linkOf, Tick, WorkText } from './WorkRow'

type Props = {
    timetable: Timetable
    format: Formats
    chosen: Item | null
    onChoose: (item: Item) => void
    onPutOff: (item: Item, until: Date) => void
}

/** Session after session: what is done in each, and what dries between them. */
export function Sessions({ timetable, format, chosen, onChoose, onPutOff }: Props) {
    const sessions = busySessionsOf(timetable)
    return (
        <ol className="flex flex-col gap-1.5">
            {sessions.map((session, place) => (
                <li key={session.session.from.getTime()}>
                    {place > 0 && (
                        <Meanwhile
                            timetable={timetable}
                            before={sessions[place - 1]}
                            session={session}
                            format={format}
                        />
                    )}
                    <SessionCard
                        session={session}
                        timetable={timetable}
                        format={format}
                        chosen={chosen}
                        onChoose={onChoose}
                        onPutOff={onPutOff}
                    />
                </li>
            ))}
        </ol>
    )
}

const DRAGGED = 'application/x-ulvrach-item'

function SessionCard({
    session: busySession,
    timetable,
    format,
    chosen,
    onChoose,
    onPutOff,
}: Props & { session: BusySession }) {
    const { session, pieces, busy, free } = busySession
    const names = new Map(timetable.builds.map((build) => [build.id, build.name]))
    const total = minutesBetween(session.from, session.to)
    return (
        <section
            aria-label={`Session ${format.both(session.from)}`}
            className="rounded-plate border border-line bg-sheet"
            onDragOver={(event) => event.preventDefault()}
            onDrop={(event) => {
                const item = timetable.items[Number(event.dataTransfer.getData(DRAGGED))]
                if (item !== undefined && item.from < session.from) onPutOff(item, session.from)
            }}
        >
            <header className="flex flex-wrap items-baseline gap-x-3 border-b border-line px-3 py-1">
                <h2 className="wide font-semibold">{format.day(session.from)}</h2>
                <p>
                    {format.time(session.from)}–{format.time(session.to)}
                </p>
                <p className="flex-1 text-right text-fine text-soft">
                    {inWords(busy)} at work{free >= 5 && `, ${inWords(free)} free or changing colours`}
                </p>
            </header>
            <div className="relative h-2 bg-press" aria-hidden="true">
                {pieces.map(({ item, from, to, number }) => (
                    <span
                        key={`${keyOf(item)} ${number}`}
                        className="absolute inset-y-0 border-x border-sheet"
                        style={{
                            left: `${(100 * minutesBetween(session.from, from)) / total}%`,
                            width: `${(100 * minutesBetween(from, to)) / total}%`,
                            backgroundColor: item.colour ?? 'var(--color-soft)',
                        }}
                    />
                ))}
            </div>
            <ul>
                {pieces.map((piece) => (
                    <li
                        key={`${keyOf(piece.item)} ${piece.number}`}
                        className={classes(
                            'flex flex-wrap items-center gap-1 pr-2 hover:bg-press',
                            piece.item === chosen ? 'bg-press' : '',
                            togetherWith(timetable, piece.item) > 1 ? 'border-l-4 border-rule' : '',
                        )}
                    >
                        <TogetherNote timetable={timetable} item={piece.item} format={format} />
                        <button
                            type="button"
                            draggable
                            aria-pressed={piece.item === chosen}
                            onDragStart={(event) =>
                                event.dataTransfer.setData(DRAGGED, String(timetable.items.indexOf(piece.item)))
                            }
                            onClick={() => onChoose(piece.item)}
                            className={classes(
                                'grid min-h-10 min-w-0 flex-1 grid-cols-[7.5rem_1fr_auto] items-center gap-2 px-3',
                                'py-0.5 text-left pointer-coarse:min-h-11 max-sm:grid-cols-1 max-sm:gap-0',
                            )}
                        >
                            <span className="text-soft">
                                {format.time(piece.from)}–{format.time(piece.to)}
                            </span>
                            <WorkText piece={piece} timetable={timetable} format={format} />
                            {piece.item.closes !== null && (
                                <span className="text-fine font-medium text-stop">
                                    by {format.near(piece.item.closes, piece.from)}
                                </span>
                            )}
                        </button>
                        <Link
                            to={linkOf(piece)}
                            {...iconLink(`To step ${piece.item.number} of ${names.get(piece.item.build) ?? ''}`)}
                        >
                            <ArrowUpRight className="size-4" aria-hidden />
                        </Link>
                        <Tick piece={piece} />
                    </li>
                ))}
            </ul>
        </section>
    )
}

const togetherWith = ({ sittings }: Timetable, item: Item): number => sittings[item.sitting]?.items.length ?? 1

/** Above the first piece of a sitting: from when to when one is bound to it, and why. */
function TogetherNote({ timetable, item, format }: { timetable: Timetable; item: Item; format: Formats }) {
    const sitting = timetable.sittings[item.sitting]
    const isFirst = sitting !== undefined && timetable.items[sitting.items[0] ?? -1] === item
    if (!isFirst || sitting.items.length < 2) return null
    return (
        <p className="w-full px-3 pt-1 text-fine text-soft">
            <span className="font-medium text-ink">
                One sitting, {format.time(sitting.from)}–{format.time(sitting.to)}.
            </span>{' '}
            {sitting.says}
        </p>
    )
}

type MeanwhileProps = { timetable: Timetable; before: BusySession | undefined; session: BusySession; format: Formats }

/** The time between two sessions is work too: what dries in it. */
function Meanwhile({ timetable, before, session, format }: MeanwhileProps) {
    if (before === undefined) return null
    const drying = dryingBetween(timetable.items, before.session.to, session.session.from)
    return (
        <p className="px-3 py-1 text-fine text-soft">
            {inWords(minutesBetween(before.session.to, session.session.from))} between
            {drying.length > 0 &&
                `: ${drying
                    .slice(-3)
                    .map(
                        ({ item, state, at }) =>
                            `${item.number} ${item.product ?? item.technique} ${state} ${format.both(at)}`,
                    )
                    .join(' · ')}`}
        </p>
    )
}
