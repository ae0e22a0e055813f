import { screen } from '@testing-library/react'
import { describe, expect, it } from 'vitest'
import type { AlmanacData } from '@/features/almanac/api'
import { finds, findsTechnique } from '@/features/almanac/find'
import { Materials, sayRange } from '@/features/almanac/Materials'
import { show } from './kit'

const almanac = {
    attack: [{ film: 'lacquer', label: 'lacquer', levels: { water: [0, 0], lacquer: [3, 3] } }],
    drying: [{ name: 'clay wash', touchDry: [20, 20], recoatable: [20, 20], solventProof: null, reason: 'no binder' }],
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
        expect(screen.getByText('never')).toBeVisible()
    })
    it('says ranges in words', () => {
        expect(sayRange([15, 30])).toBe('15 min to 30 min')
        expect(sayRange([1440, 1440])).toBe('1 d')
        expect(sayRange(null)).toBe('never')
    })
})
