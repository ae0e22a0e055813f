import { screen } from '@testing-library/react'
import { describe, expect, it } from 'vitest'
import type { AlmanacData } from '@/features/almanac/api'
import { finds, findsTechnique } from '@/features/almanac/find'
import { Materials, sayRange } from '@/features/almanac/Materials'
import { show } from './kit'

const almanac = {
    attack: [{ film: 'lacquer', label: 'lacquer', levels: { water: [0, 0], lacquer: [3, 3] } }],
    air: { temperatureC: 18, humidityPercent: 58 },
    drying: [
        {
            name: 'clay wash',
            touchDry: [20, 20],
            recoatable: [20, 20],
            solventProof: null,
            instead: 'never: water takes it off',
            workable: [
                { what: 'wiped back', from: 20, best: null, until: null },
                { what: 'moved', from: 0, best: 5, until: 10 },
            ],
            reason: 'no binder',
        },
    ],
} as unknown as AlmanacData

describe('the almanac', () => {
    it('finds every word, in any order', () => {
        expect(finds('gloss FILTER', 'A filter beads on gloss')).toBe(true)
        expect(finds('gloss rust', 'A filter beads on gloss')).toBe(false)
        expect(finds('', 'anything')).toBe(true)
    })
    it('finds a trial by its name, not by all that it takes', () => {
        const trial = {
            name: 'Test patch',
            purpose: 'Tries it out.',
            words: ['spoon'],
            stage: 'ground',
            families: Array.from({ length: 9 }, () => 'hairspray'),
        }
        expect(findsTechnique('hairspray', trial)).toBe(false)
        expect(findsTechnique('patch', trial)).toBe(true)
        expect(findsTechnique('spoon', trial)).toBe(true)
    })
    it('shows what a carrier does to a film, and what never dries', () => {
        show(<Materials almanac={almanac} search="" />)
        expect(screen.getByText('3 / 3')).toHaveAttribute(
            'title',
            'dissolves, crazes or wrinkles / dissolves, crazes or wrinkles',
        )
        expect(screen.getByText('never: water takes it off')).toBeVisible()
    })
    it('says for how long a material can be worked, in the air of the room, and draws it', () => {
        show(<Materials almanac={almanac} search="" />)
        expect(screen.getByText('wiped back: from 20 min, at any later time')).toBeVisible()
        expect(screen.getByText('moved: at once, easy until 5 min, gone after 10 min')).toBeVisible()
        expect(screen.getByRole('heading', { name: /at 18 °C and 58 %/ })).toBeVisible()
        expect(screen.getByRole('img', { name: 'Timeline of clay wash' })).toBeVisible()
    })
    it('says ranges in words', () => {
        expect(sayRange([15, 30])).toBe('15 min to 30 min')
        expect(sayRange([1440, 1440])).toBe('1 d')
        expect(sayRange(null)).toBe('never')
    })
})
