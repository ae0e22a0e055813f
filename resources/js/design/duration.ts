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

/** A plan's minute as day and time of a plan that has not begun: "day 1, 0:30". */
export function onPlanClock(minute: number): string {
    const day = Math.floor(minute / DAY) + 1
    const rest = minute % DAY
    return `day ${day}, ${Math.floor(rest / HOUR)}:${String(rest % HOUR).padStart(2, '0')}`
}

const CLOCK: Intl.DateTimeFormatOptions = {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
    hour: '2-digit',
    minute: '2-digit',
}
const HERE = new Intl.DateTimeFormat('en-GB', CLOCK)
const elsewhere = new Map<string, Intl.DateTimeFormat>()

/** "Tue 24 Nov, 19:30" at the reader's place, or in another time zone. */
export function onWallClock(moment: Date, timeZone?: string): string {
    if (timeZone === undefined) return HERE.format(moment)
    const format = elsewhere.get(timeZone) ?? new Intl.DateTimeFormat('en-GB', { ...CLOCK, timeZone })
    elsewhere.set(timeZone, format)
    return format.format(moment)
}
