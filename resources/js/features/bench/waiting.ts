import { inWords } from '@/design/duration'
import { minutesUntil, openingsOf, sayBetween, sayUntil } from '@/design/spans'
import type { BenchCard, Curing, Next } from './api'

export type Standing = { state: 'ready' | 'closing' | 'missed' | 'waiting'; text: string }

/** What a build waits for, as the first thing to read on the bench. */
export function standingOf(next: Next, now: Date): Standing {
    const { closesAt } = next
    if (closesAt !== null && closesAt < now) {
        return {
            state: 'missed',
            text: `Its window closed ${inWords(Math.floor((now.getTime() - closesAt.getTime()) / 60_000))} ago`,
        }
    }
    if (next.opensAt !== null && next.opensAt > now) {
        const opens = { soonest: next.opensSoonest ?? next.opensAt, sure: next.opensAt }
        return { state: 'waiting', text: `Ready ${sayUntil(opens, now)} (${sayBetween(opens)})` }
    }
    return closesAt === null
        ? { state: 'ready', text: 'Ready now' }
        : { state: 'closing', text: `Ready now; its window closes in ${inWords(minutesUntil(now, closesAt))}` }
}

const URGENCY: Record<Standing['state'], number> = { closing: 0, missed: 1, ready: 2, waiting: 3 }

/** What cannot wait comes first, then what is under way, then what has not begun or is finished. */
export function byUrgency(cards: readonly BenchCard[], now: Date): BenchCard[] {
    const rank = ({ next, done }: BenchCard) =>
        next === null ? 9 : done === 0 ? 8 : URGENCY[standingOf(next, now).state]
    return cards.toSorted((one, other) => rank(one) - rank(other))
}

/** The state that a drying layer reaches next, or null once it is through or never will be. */
export function nextCure(row: Curing, now: Date): { state: string; text: string } | null {
    for (const opening of openingsOf(row.cures)) {
        const text = sayUntil(opening, now)
        if (text !== null) return { state: opening.says, text }
    }
    return null
}

/** A card on which all was tried is looked at among the trials, and waits for nothing here. */
export const isOnBench = (card: BenchCard): boolean =>
    card.kind !== 'test-card' || card.steps === 0 || card.done < card.steps
