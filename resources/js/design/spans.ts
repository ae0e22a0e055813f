import { inWords, onWallClock, onWallClockNear } from './duration'

/** When a film opens: the sure moments, and beside them the soonest, as the server says them. */
export type Cures = {
    touchDry: Date
    recoatable: Date
    solventProof: Date | null
    soonest: { touchDry: Date; recoatable: Date; solventProof: Date | null }
}

/** The states of a film, as every screen calls them. */
export const STATES = [
    ['touchDry', 'dry to the touch'],
    ['recoatable', 'ready for another coat'],
    ['solventProof', 'safe for spirit'],
] as const

/** Something that nobody knows to the minute. */
export type Opening = { says: string; soonest: Date; sure: Date }

/** What a film becomes, in order; what it never becomes is left out. */
export const openingsOf = (cures: Cures): Opening[] =>
    STATES.flatMap(([state, says]) => {
        const sure = cures[state]
        return sure === null ? [] : [{ says, soonest: cures.soonest[state] ?? sure, sure }]
    })

/** "15–30 min", "2 h", "50 min – 1 h 20 min": a length of which two ends are known, as the core says it. */
export function rangeInWords(soonest: number, sure: number): string {
    const [from, to] = [inWords(soonest), inWords(sure)]
    if (from === to) return to
    const [one, other] = [from.split(' '), to.split(' ')]
    const isOneUnit = one.length === 2 && other.length === 2 && one[1] === other[1]
    return isOneUnit ? `${one[0]}–${to}` : `${from} – ${to}`
}

/** Whole minutes from now on, the last one begun. */
export const minutesUntil = (now: Date, then: Date): number =>
    Math.max(0, Math.ceil((then.getTime() - now.getTime()) / 60_000))

/** "in 15–30 min", "perhaps now, surely in 14 min"; null once it is sure. */
export function sayUntil({ soonest, sure }: Pick<Opening, 'soonest' | 'sure'>, now: Date): string | null {
    if (sure <= now) return null
    return soonest <= now
        ? `perhaps now, surely in ${inWords(minutesUntil(now, sure))}`
        : `in ${rangeInWords(minutesUntil(now, soonest), minutesUntil(now, sure))}`
}

/** "Fri 27 Nov, 20:40–21:00": the moments themselves. */
export function sayBetween({ soonest, sure }: Pick<Opening, 'soonest' | 'sure'>, timeZone?: string): string {
    return soonest < sure
        ? `${onWallClock(soonest, timeZone)}–${onWallClockNear(sure, soonest, timeZone)}`
        : onWallClock(sure, timeZone)
}
