import { describe, expect, it } from 'vitest'
import { inWords, onPlanClock } from '@/design/duration'
import { unbroken } from '@/design/locale'

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

    it('counts a plan in hours since it began, so that nothing reads like a time of day', () => {
        expect(onPlanClock(0)).toBe('0 min')
        expect(onPlanClock(1440 + 351)).toBe('29 h 51 min')
        expect(onPlanClock(5 * 1440 + 60)).toBe('5 d 1 h')
    })
})

describe('times', () => {
    it('are one word, also where the half of the day is said', () => {
        expect(unbroken('Tue, Nov 24, 7:30 PM')).toBe('Tue, Nov 24, 7:30\u00a0PM')
        expect(unbroken('7:30\u202fp.m.')).toBe('7:30\u00a0p.m.')
        expect(unbroken('Tue 24 Nov, 19:30')).toBe('Tue 24 Nov, 19:30')
    })
})
