import { describe, expect, it } from 'vitest'
import { openingsOf, rangeInWords, sayUntil } from '@/design/spans'
import said from '../spans.json'

const now = new Date('2026-11-20T12:00:00Z')
const at = (minutes: number) => new Date(now.getTime() + minutes * 60_000)

describe('a time that nobody knows to the minute', () => {
    it.each(said)('is said as the core says it: $words', ({ soonest, sure, words }) => {
        expect(rangeInWords(soonest, sure)).toBe(words)
    })
    it('is counted down at both ends, then in doubt, then no more', () => {
        const opening = { soonest: at(15), sure: at(30) }
        expect(sayUntil(opening, now)).toBe('in 15–30 min')
        expect(sayUntil(opening, at(14.5))).toBe('in 1–16 min')
        expect(sayUntil(opening, at(15))).toBe('perhaps now, surely in 15 min')
        expect(sayUntil(opening, at(30))).toBeNull()
        expect(sayUntil({ soonest: at(20), sure: at(20) }, now)).toBe('in 20 min')
    })
    it('leaves out what a film never becomes', () => {
        const soonest = { touchDry: at(1), recoatable: at(2), solventProof: null }
        const cures = { touchDry: at(2), recoatable: at(3), solventProof: null, soonest }
        expect(openingsOf(cures).map(({ says }) => says)).toEqual(['dry to the touch', 'ready for another coat'])
    })
})
