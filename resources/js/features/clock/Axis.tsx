import { useState } from 'react'
import { Button } from '@/design/Button'
import type { Item, Timetable } from './api'
import { type Formats, midnights, minutesBetween, placeOf, sayDries, sayWork } from './times'

/** Days that the axis shows at once; null: all of them. */
const SPANS: readonly (readonly [string, number | null])[] = [
    ['a day', 1],
    ['two days', 2],
    ['a week', 7],
    ['all', null],
]

/** Pixels of an axis on a desk, and what the beginning of a name needs of them. */
const USUAL_WIDTH = 850
const ROOM = 32

const ROW = 46
const HEAD = 22

type Props = { timetable: Timetable; format: Formats; chosen: Item | null; onChoose: (item: Item) => void }

/** All builds on one axis: when the hands are on them, what dries meanwhile, and the present moment. */
export function Axis({ timetable, format, chosen, onChoose }: Props) {
    const { now, ends, builds, sessions, items, timeZone } = timetable
    // A week is what a screen can show so that a session is more than a line; a tablet shows a day or two.
    const [span, setSpan] = useState<number | null>(() => (window.innerWidth < 1100 ? 2 : 7))
    if (ends === null) return null
    const days = Math.max(3, Math.ceil(minutesBetween(now, ends) / 1440) + 1)
    const x = (moment: Date) => `${100 * Math.min(1, Math.max(0, placeOf(moment, now, days)))}%`
    const width = (from: Date, to: Date) => `${100 * Math.max(0.3, placeOf(to, from, days) * 100) * 0.01}%`
    const high = HEAD + builds.length * ROW
    const shown = Math.min(days, span ?? days)
    const every = Math.ceil(shown / 12)
    return (
        <div className="border-y border-rule bg-sheet">
            <div className="no-print flex items-center gap-1 border-b border-line px-2 py-1">
                <span className="mr-1 text-fine text-soft">Show</span>
                {SPANS.filter(([, length]) => length === null || length < days).map(([name, length]) => (
                    <Button
                        key={name}
                        tone={span === length ? 'act' : 'quiet'}
                        className="text-fine"
                        aria-pressed={span === length}
                        onClick={() => setSpan(length)}
                    >
                        {name}
                    </Button>
                ))}
            </div>
            <div className="flex">
                <div className="w-36 shrink-0 border-r border-line" style={{ paddingTop: HEAD }}>
                    {builds.map((build) => (
                        <p
                            key={build.id}
                            className="narrow line-clamp-2 flex items-center px-2 text-fine leading-tight font-medium"
                            style={{ height: ROW }}
                        >
                            {build.name}
                        </p>
                    ))}
                </div>
                {/* biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls must be reached by keyboard */}
                <section className="min-w-0 flex-1 overflow-x-auto" aria-label="Timetable" tabIndex={0}>
                    <svg
                        width={`${(100 * days) / shown}%`}
                        height={high}
                        role="img"
                        aria-label={`Timetable of ${builds.length} builds over ${days} days`}
                    >
                        {sessions.map((session) => (
                            <rect
                                key={session.from.getTime()}
                                x={x(session.from)}
                                width={width(session.from, session.to)}
                                y={HEAD}
                                height={high - HEAD}
                                className="fill-press"
                            />
                        ))}
                        {midnights(now, days, timeZone).map((day, index) => (
                            <g key={day.getTime()}>
                                <line
                                    x1={x(day)}
                                    x2={x(day)}
                                    y1={index % every === 0 ? 0 : HEAD - 5}
                                    y2={high}
                                    className="stroke-line"
                                />
                                {index % every === 0 && (
                                    <text x={x(day)} dx={4} y={14} className="narrow fill-soft text-fine">
                                        {format.day(day)}
                                    </text>
                                )}
                            </g>
                        ))}
                        {builds.map(
                            (build, row) =>
                                build.due !== null &&
                                build.due > now && (
                                    <g key={build.id}>
                                        <svg x={x(build.due)} y={HEAD + row * ROW + 4} overflow="visible">
                                            <title>{`${build.name} is to be finished by then`}</title>
                                            <path
                                                d="M0 0h-9l3 4-3 4H0z"
                                                className={(build.slackMinutes ?? 0) < 0 ? 'fill-risk' : 'fill-good'}
                                            />
                                        </svg>
                                        <line
                                            x1={x(build.due)}
                                            x2={x(build.due)}
                                            y1={HEAD + row * ROW + 4}
                                            y2={HEAD + (row + 1) * ROW}
                                            className="stroke-rule"
                                        />
                                    </g>
                                ),
                        )}
                        {items.map((item) => {
                            const row = builds.findIndex((build) => build.id === item.build)
                            const y = HEAD + row * ROW
                            return (
                                <g key={`${item.build} ${item.step} ${item.part}`}>
                                    {item.dries !== null && (
                                        <>
                                            <title>{`${sayWork(item)}: ${sayDries(item.dries, format)}`}</title>
                                            <line
                                                x1={x(item.to)}
                                                x2={x(item.dries.soonest.recoatable)}
                                                y1={y + ROW - 9}
                                                y2={y + ROW - 9}
                                                className="stroke-soft"
                                                strokeWidth={3}
                                            />
                                            <line
                                                x1={x(item.dries.soonest.recoatable)}
                                                x2={x(item.dries.recoatable)}
                                                y1={y + ROW - 9}
                                                y2={y + ROW - 9}
                                                className="stroke-risk"
                                                strokeWidth={3}
                                                strokeDasharray="2 2"
                                            />
                                        </>
                                    )}
                                    {item.closes !== null && (
                                        <line
                                            x1={x(item.closes)}
                                            x2={x(item.closes)}
                                            y1={y + 5}
                                            y2={y + ROW - 13}
                                            className="stroke-risk"
                                            strokeWidth={2}
                                        />
                                    )}
                                    {/* biome-ignore lint/a11y/noStaticElementInteractions: the list has buttons */}
                                    <rect
                                        x={x(item.from)}
                                        width={width(item.from, item.to)}
                                        y={y + 8}
                                        height={ROW - 22}
                                        fill={item.colour ?? 'var(--color-soft)'}
                                        stroke={item === chosen ? 'var(--color-ink)' : 'var(--color-rule)'}
                                        strokeWidth={item === chosen ? 3 : 0.4}
                                        className="cursor-pointer"
                                        onClick={() => onChoose(item)}
                                    />
                                    {(minutesBetween(item.from, item.to) / (shown * 1440)) * USUAL_WIDTH >= ROOM && (
                                        <svg
                                            x={x(item.from)}
                                            y={y + 8}
                                            width={width(item.from, item.to)}
                                            height={ROW - 22}
                                            overflow="hidden"
                                            className="pointer-events-none"
                                            aria-hidden="true"
                                        >
                                            <text
                                                x={4}
                                                y={16}
                                                className="narrow text-fine font-medium"
                                                fill="white"
                                                stroke="rgb(0 0 0 / 0.55)"
                                                strokeWidth={2.5}
                                                paintOrder="stroke"
                                            >
                                                {item.number} {sayWork(item)}
                                            </text>
                                        </svg>
                                    )}
                                </g>
                            )
                        })}
                        <line x1={x(now)} x2={x(now)} y1={0} y2={high} className="stroke-stop" strokeWidth={2} />
                    </svg>
                </section>
            </div>
        </div>
    )
}
