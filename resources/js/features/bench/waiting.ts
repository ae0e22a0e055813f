import { inWords, onWallClock } from '@/design/duration'
import type { BenchCard, Curing, Next } from './api'

const minutesBetween = (from: Date, to: Date): number => Math.ceil((to.getTime() - from.getTime()) / 60_000)

export type Standing = { state: 'ready' | 'closing' | 'missed' | 'waiting'; text: string }

/** What a build waits for, as the first thing to read on the bench. */
export function standingOf(next: Next, now: Date): Standing {
    const closes = next.closesAt === null ? null : minutesBetween(now, next.closesAt)
    if (closes !== null && closes < 0) {
        return { state: 'missed', text: `Its window closed ${inWords(-closes)} ago` }
    }
    if (next.startsAt !== null && next.startsAt > now) {
        return {
            state: 'waiting',
            text: `Ready in ${inWords(minutesBetween(now, next.startsAt))}, ${onWallClock(next.startsAt)}`,
        }
    }
    return closes === null
        ? { state: 'ready', text: 'Ready now' }
        : { state: 'closing', text: `Ready now; its window closes in ${inWords(closes)}` }
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
    const stages = [
        ['touch-dry', row.touchDryAt],
        ['recoatable', row.recoatableAt],
        ['solvent-proof', row.solventProofAt],
    ] as const
    for (const [state, at] of stages) {
        if (at !== null && at > now) {
            return { state, text: `in ${inWords(minutesBetween(now, at))}` }
        }
    }
    return null
}

/** A card on which all was tried is looked at among the trials, and waits for nothing here. */
export const isOnBench = (card: BenchCard): boolean =>
    card.kind !== 'test-card' || card.steps === 0 || card.done < card.steps
