import { Temporal } from 'temporal-polyfill'
import type { Item, Session, Timetable } from './api'

const DAY = 86_400_000

export const minutesBetween = (from: Date, to: Date): number => Math.round((to.getTime() - from.getTime()) / 60_000)

/** Dates in the zone of the bench, whatever zone the reader is in. */
export function formats(timeZone: string) {
    const make = (options: Intl.DateTimeFormatOptions) => new Intl.DateTimeFormat('en-GB', { ...options, timeZone })
    const day = make({ weekday: 'short', day: 'numeric', month: 'short' })
    const time = make({ hour: '2-digit', minute: '2-digit' })
    return {
        day: (date: Date) => day.format(date),
        time: (date: Date) => time.format(date),
        /** The time alone on the same day as another moment, else day and time. */
        near: (date: Date, other: Date) =>
            day.format(date) === day.format(other) ? time.format(date) : `${day.format(date)}, ${time.format(date)}`,
        both: (date: Date) => `${day.format(date)}, ${time.format(date)}`,
    }
}
export type Formats = ReturnType<typeof formats>

export type Sitting = { session: Session; items: Item[]; busy: number; free: number }

/**
 * The sessions in which something is done, with what is done; an item that goes on into the next session counts where
 * it begins.
 */
export function sittingsOf(timetable: Timetable): Sitting[] {
    return timetable.sessions
        .filter((session) => session.isUsed)
        .map((session) => {
            const items = timetable.items.filter((item) => item.from >= session.from && item.from < session.to)
            const busy = items.reduce(
                (sum, item) => sum + minutesBetween(item.from, item.to < session.to ? item.to : session.to),
                0,
            )
            return { session, items, busy, free: minutesBetween(session.from, session.to) - busy }
        })
}

/** Where a moment stands on an axis of so many days, from 0 to 1. */
export const placeOf = (moment: Date, from: Date, days: number): number =>
    (moment.getTime() - from.getTime()) / (days * DAY)

/**
 * Midnights of a zone between two moments, for the lines of an axis; days on which clocks change are longer or shorter.
 */
export function midnights(from: Date, days: number, timeZone: string): Date[] {
    const first = Temporal.Instant.fromEpochMilliseconds(from.getTime()).toZonedDateTimeISO(timeZone).startOfDay()
    return Array.from(
        { length: days + 1 },
        (_, day) => new Date(first.add({ days: day }).startOfDay().epochMilliseconds),
    ).filter((date) => date >= from)
}

/** What cannot be kept, with the builds it is about. */
export function sayConflict(conflict: Timetable['conflicts'][number], { builds }: Pick<Timetable, 'builds'>): string {
    const names = builds
        .filter((build) => conflict.steps.some((step) => step.build === build.id))
        .map((build) => build.name)
    return names.length === 0 ? conflict.message : `${names.join(', ')}: ${conflict.message}`
}

/** What becomes dry between two moments, the last to be ready last. */
export function dryingBetween(items: readonly Item[], from: Date, to: Date): { item: Item; state: string; at: Date }[] {
    return items
        .flatMap((item) => {
            if (item.dries === null || item.to > from) return []
            const states = [
                ['solvent-proof', item.dries.solventProof],
                ['recoatable', item.dries.recoatable],
            ] as const
            const next = states.find(([, at]) => at !== null && at > from && at <= to)
            return next?.[1] == null ? [] : [{ item, state: next[0], at: next[1] }]
        })
        .sort((one, other) => one.at.getTime() - other.at.getTime())
}

/** "19:30" to minutes of the day; undefined if it is no time. "24:00" ends a day. */
export function readTime(text: string): number | undefined {
    const match = /^(\d{1,2})[:.](\d{2})$/.exec(text.trim())
    if (match === null) return undefined
    const minutes = Number(match[1]) * 60 + Number(match[2])
    return Number(match[2]) < 60 && minutes <= 1440 ? minutes : undefined
}

export const sayTime = (minutes: number): string =>
    `${Math.floor(minutes / 60)}:${String(minutes % 60).padStart(2, '0')}`

/** "23:00–6:00" to one span, which may go through midnight; undefined if it cannot be read. */
export function readNight(text: string): [number, number] | undefined {
    const [from, to, more] = text.split(/[–-]/).map(readTime)
    const isOne = from !== undefined && to !== undefined && more === undefined && from < 1440 && to < 1440
    return isOne && text.split(/[–-]/).length === 2 ? [from, to] : undefined
}

/** "19:30–22:00, 14:00–16:00" to spans; undefined if it cannot be read. Empty: no session. */
export function readSpans(text: string): [number, number][] | undefined {
    if (text.trim() === '') return []
    const spans: [number, number][] = []
    for (const part of text.split(',')) {
        const [from, to, more] = part.split(/[–-]/)
        const start = readTime(from ?? '')
        const end = readTime(to ?? '')
        if (more !== undefined || start === undefined || end === undefined || start >= end) return undefined
        spans.push([start, end])
    }
    return spans
}

export const saySpans = (spans: readonly (readonly [number, number])[]): string =>
    spans.map(([from, to]) => `${sayTime(from)}–${sayTime(to)}`).join(', ')
