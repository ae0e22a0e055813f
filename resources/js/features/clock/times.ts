import { Temporal } from 'temporal-polyfill'
import { timesIn } from '@/design/locale'
import { type Opening, openingsOf, sayBetween } from '@/design/spans'
import type { Item, Session, Timetable } from './api'

const DAY = 86_400_000

export const minutesBetween = (from: Date, to: Date): number => Math.round((to.getTime() - from.getTime()) / 60_000)

/** Dates in the zone of the bench, whatever zone the reader is in. */
export function formats(timeZone: string) {
    const make = (options: Intl.DateTimeFormatOptions) => timesIn({ ...options, timeZone })
    const day = make({ weekday: 'short', day: 'numeric', month: 'short' })
    const time = make({ hour: '2-digit', minute: '2-digit' })
    return {
        day: (date: Date) => day.format(date),
        time: (date: Date) => time.format(date),
        /** The time alone on the same day as another moment, else day and time. */
        near: (date: Date, other: Date) =>
            day.format(date) === day.format(other) ? time.format(date) : `${day.format(date)}, ${time.format(date)}`,
        both: (date: Date) => `${day.format(date)}, ${time.format(date)}`,
        /** "Fri 27 Nov, 20:40–21:00": what nobody knows to the minute. */
        between: (opening: Pick<Opening, 'soonest' | 'sure'>) => sayBetween(opening, timeZone),
    }
}
export type Formats = ReturnType<typeof formats>

/** What is done of a piece of work in one session; more than one where it is put down and taken up again. */
export type Piece = { item: Item; from: Date; to: Date; number: number; of: number }

export type BusySession = { session: Session; pieces: Piece[]; busy: number; free: number }

export const keyOf = (item: Item): string => `${item.build} ${item.step} ${item.part}`

/** "Vellow 05 worn rubber on tyres": the colour or effect leads, the place follows. */
export function sayWork(item: Pick<Item, 'product' | 'technique' | 'where'>): string {
    const lead = item.product ?? item.technique
    return item.where === '' ? lead : `${lead} on ${item.where}`
}

/** "brush a colour, coat 1 of 2, 1 of 2, goes on Tue 1 Dec": how it is done, and what of it. */
export function sayHow({ item, number, of }: Piece, format: Formats): string {
    const next = item.pieces[number]
    return [
        ...(item.product === null ? [] : [item.technique.toLowerCase()]),
        ...(item.part === null ? [] : [item.part]),
        ...(of > 1 ? [`${number} of ${of}`] : []),
        ...(next === undefined ? [] : [`goes on ${format.day(next.from)}`]),
    ].join(', ')
}

export const piecesOf = (items: readonly Item[]): Piece[] =>
    items.flatMap((item) =>
        item.pieces.map((piece, place) => ({ item, ...piece, number: place + 1, of: item.pieces.length })),
    )

/** The sessions in which something is done, with what is done in each. */
export function busySessionsOf(timetable: Timetable): BusySession[] {
    const all = piecesOf(timetable.items).sort((one, other) => one.from.getTime() - other.from.getTime())
    return timetable.sessions
        .filter((session) => session.isUsed)
        .map((session) => {
            const pieces = all.filter((piece) => piece.from >= session.from && piece.from < session.to)
            const busy = pieces.reduce((sum, piece) => sum + minutesBetween(piece.from, piece.to), 0)
            return { session, pieces, busy, free: minutesBetween(session.from, session.to) - busy }
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

/** "ready for another coat Fri 27 Nov, 20:40–21:00": the state that the next coat waits for. */
export const sayDries = (dries: NonNullable<Item['dries']>, format: Formats): string =>
    openingsOf(dries)
        .slice(1, 2)
        .map((opening) => `${opening.says} ${format.between(opening)}`)
        .join('')

/** What becomes dry between two moments, the last to be ready last. */
export function dryingBetween(items: readonly Item[], from: Date, to: Date): { item: Item; state: string; at: Date }[] {
    return items
        .flatMap((item) => {
            if (item.dries === null || item.to > from) return []
            // That a film may be touched is waited for by nobody.
            const states = openingsOf(item.dries).slice(1).reverse()
            const next = states.find(({ sure }) => sure > from && sure <= to)
            return next === undefined ? [] : [{ item, state: next.says, at: next.sure }]
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
