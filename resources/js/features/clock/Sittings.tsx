import { classes } from '@/design/classes'
import { inWords } from '@/design/duration'
import { SeverityMark } from '@/design/Severity'
import type { Item, Timetable } from './api'
import { dryingBetween, type Formats, minutesBetween, type Sitting, sittingsOf } from './times'

type Props = {
    timetable: Timetable
    format: Formats
    chosen: Item | null
    onChoose: (item: Item) => void
    onPutOff: (item: Item, until: Date) => void
}

/** Session after session: what is done in each, and what dries between them. */
export function Sittings({ timetable, format, chosen, onChoose, onPutOff }: Props) {
    const sittings = sittingsOf(timetable)
    return (
        <ol className="flex flex-col gap-1.5">
            {sittings.map((sitting, place) => (
                <li key={sitting.session.from.getTime()}>
                    {place > 0 && (
                        <Meanwhile
                            timetable={timetable}
                            before={sittings[place - 1]}
                            sitting={sitting}
                            format={format}
                        />
                    )}
                    <SessionCard
                        sitting={sitting}
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

function SessionCard({ sitting, timetable, format, chosen, onChoose, onPutOff }: Props & { sitting: Sitting }) {
    const { session, items, busy, free } = sitting
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
                {items.map((item) => (
                    <span
                        key={item.build + item.step + item.part}
                        className="absolute inset-y-0 border-x border-sheet"
                        style={{
                            left: `${(100 * minutesBetween(session.from, item.from)) / total}%`,
                            width: `${(100 * Math.min(item.minutes, minutesBetween(item.from, session.to))) / total}%`,
                            backgroundColor: item.colour ?? 'var(--color-soft)',
                        }}
                    />
                ))}
            </div>
            <ul>
                {items.map((item) => (
                    <li key={item.build + item.step + item.part}>
                        <button
                            type="button"
                            draggable
                            aria-pressed={item === chosen}
                            onDragStart={(event) =>
                                event.dataTransfer.setData(DRAGGED, String(timetable.items.indexOf(item)))
                            }
                            onClick={() => onChoose(item)}
                            className={classes(
                                'grid min-h-8 w-full grid-cols-[6.5rem_1rem_1fr_auto] items-center gap-2 px-3 py-0.5',
                                'text-left hover:bg-press pointer-coarse:min-h-11',
                                item === chosen ? 'bg-press' : '',
                            )}
                        >
                            <span className="text-soft">
                                {format.time(item.from)}–{format.time(item.to)}
                            </span>
                            <span
                                className="size-4 border border-rule"
                                style={{ backgroundColor: item.colour ?? 'var(--color-line)' }}
                                aria-hidden="true"
                            />
                            <span className="min-w-0 truncate">
                                <span className="font-medium">
                                    {item.number} {item.technique}
                                    {item.part !== null && `, ${item.part}`}
                                </span>{' '}
                                <span className="text-soft">{names.get(item.build)}</span>
                            </span>
                            {item.closes !== null && (
                                <span className="flex items-center gap-1 text-fine">
                                    <SeverityMark severity="risk" className="size-3.5" /> closes{' '}
                                    {format.near(item.closes, item.from)}
                                </span>
                            )}
                        </button>
                    </li>
                ))}
            </ul>
        </section>
    )
}

type MeanwhileProps = { timetable: Timetable; before: Sitting | undefined; sitting: Sitting; format: Formats }

/** The time between two sessions is work too: what dries in it. */
function Meanwhile({ timetable, before, sitting, format }: MeanwhileProps) {
    if (before === undefined) return null
    const drying = dryingBetween(timetable.items, before.session.to, sitting.session.from)
    return (
        <p className="px-3 py-1 text-fine text-soft">
            {inWords(minutesBetween(before.session.to, sitting.session.from))} between
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
