import { timesIn } from './locale'

const HOUR = 60
const DAY = 1440

/** "20 min", "2 h", "1 h 30 min", "1 d 4 h": at most two units, as the core says it. */
export function inWords(minutes: number): string {
    const whole = Math.max(0, Math.round(minutes))
    if (whole < HOUR) return `${whole} min`
    if (whole < DAY) return pair(Math.floor(whole / HOUR), 'h', whole % HOUR, 'min')
    return pair(Math.floor(whole / DAY), 'd', Math.floor((whole % DAY) / HOUR), 'h')
}

function pair(large: number, largeUnit: string, small: number, smallUnit: string): string {
    return small === 0 ? `${large} ${largeUnit}` : `${large} ${largeUnit} ${small} ${smallUnit}`
}

/** A plan's minute, as the time since it began: "29 h 51 min". Days would read like times of day. */
export function onPlanClock(minute: number): string {
    const whole = Math.max(0, Math.round(minute))
    return whole < 100 * HOUR && whole >= HOUR
        ? pair(Math.floor(whole / HOUR), 'h', whole % HOUR, 'min')
        : inWords(whole)
}

const CLOCK: Intl.DateTimeFormatOptions = {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
    hour: '2-digit',
    minute: '2-digit',
}
const HERE = timesIn(CLOCK)
const elsewhere = new Map<string, ReturnType<typeof timesIn>>()

/** "Tue 24 Nov, 19:30" at the reader's place, or in another time zone. */
export function onWallClock(moment: Date, timeZone?: string): string {
    if (timeZone === undefined) return HERE.format(moment)
    const format = elsewhere.get(timeZone) ?? timesIn({ ...CLOCK, timeZone })
    elsewhere.set(timeZone, format)
    return format.format(moment)
}

/** The time alone on the same day as another moment, else day and time. */
export function onWallClockNear(moment: Date, other: Date, timeZone?: string): string {
    const part = (date: Date, options: Intl.DateTimeFormatOptions) =>
        timesIn({ ...options, ...(timeZone === undefined ? {} : { timeZone }) }).format(date)
    const day: Intl.DateTimeFormatOptions = { dateStyle: 'short' }
    return part(moment, day) === part(other, day)
        ? part(moment, { hour: '2-digit', minute: '2-digit' })
        : onWallClock(moment, timeZone)
}

/** "2026-11-27T19:30" on the clock of whoever types it. */
export const typedForm = (date: Date): string =>
    new Date(date.getTime() - date.getTimezoneOffset() * 60_000).toISOString().slice(0, 16)
