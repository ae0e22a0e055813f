import { describe, expect, it } from 'vitest'
import { inWords, onPlanClock } from '@/design/duration'

describe('lengths of time', () => {
    it.each([
        [0, '0 min'],
        [59, '59 min'],
        [60, '1 h'],
        [90, '1 h 30 min'],
        [1440, '1 d'],
        [1680, '1 d 4 h'],
        [-5, '0 min'],
    ])('says %i minutes as “%s”', (minutes, words) => {
        expect(inWords(minutes)).toBe(words)
    })

    it('counts the days of a plan from one', () => {
        expect(onPlanClock(0)).toBe('day 1, 0:00')
        expect(onPlanClock(1440 + 65)).toBe('day 2, 1:05')
    })
})
