import { describe, expect, it } from 'vitest'
import { rank } from '@/features/build'

const wash = (search: string) => rank(search, 'Pin wash', ['panel line', 'recess wash'], ['tint'])

describe('a search', () => {
    it.each([
        ['', 0],
        ['pin', 0],
        ['panel line', 1],
        ['wash', 2],
        ['line panel', 3],
        ['recess', 3],
        ['tint', 4],
        ['anel', 5],
        ['gloss', null],
        ['pin gloss', null],
    ])('for “%s” ranks %s', (search, place) => {
        expect(wash(search)).toBe(place)
    })
    it('reads British and American spelling alike, and any punctuation', () => {
        expect(rank('Spray a color', 'Spray a colour')).toBe(0)
        expect(rank('gray', 'Slate', ['dark grey'])).toBe(3)
        expect(rank('dry-brush', 'Dry brush')).toBe(0)
        expect(rank('tires', 'Paint rubber', ['tyres'])).toBe(1)
    })
})
