import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { poured, Tones } from '@/features/mix/Tones'
import { serverKnows, show } from './kit'

const rung = (parts: number, to: number, lighter: number) => ({ parts, to, colour: '#8a8f70', lighter, fades: 3 })
const ladder = { jar: 'white', name: 'Chalk white', turnsAt: 1, rungs: [rung(1, 12, 4), rung(1, 3, 12)] }
const cup = { parts: [{ jar: 'green', parts: 3 }], share: 0.5, retarder: 0, flow: 0, wanted: null }
afterEach(() => vi.restoreAllMocks())

describe('tones of a cup', () => {
    it('are asked for, say from where on they turn, and are poured with one press', async () => {
        serverKnows({ 'POST /mixes/tones': { ladders: [ladder] } })
        const onChange = vi.fn()
        show(<Tones cup={cup} shelf="1" onChange={onChange} />)
        await userEvent.click(screen.getByRole('button', { name: 'lighter' }))
        expect(await screen.findByText(/turns from 1 to 3 on/)).toBeVisible()
        await userEvent.click(screen.getByRole('button', { name: '1 to 12: 4 lighter, 3 paler' }))
        expect(onChange).toHaveBeenCalledWith([
            { jar: 'green', parts: 12 },
            { jar: 'white', parts: 1 },
        ])
    })
    it('says so where no jar does, and what went wrong', async () => {
        serverKnows({ 'POST /mixes/tones': { ladders: [] } })
        const { unmount } = show(<Tones cup={cup} shelf="1" onChange={vi.fn()} />)
        await userEvent.click(screen.getByRole('button', { name: 'darker' }))
        expect(await screen.findByText('No jar of this family makes it darker without turning it.')).toBeVisible()
        unmount()
        vi.restoreAllMocks()
        serverKnows({})
        show(<Tones cup={cup} shelf="2" onChange={vi.fn()} />)
        await userEvent.click(screen.getByRole('button', { name: 'darker' }))
        expect(await screen.findByRole('alert')).toHaveTextContent('Nobody knows')
    })
    it('has nothing to offer for an empty cup', () => {
        show(<Tones cup={{ ...cup, parts: [] }} shelf="1" onChange={vi.fn()} />)
        expect(screen.queryByRole('button')).toBeNull()
    })
    it('are whole parts, of which none vanishes', () => {
        const parts = [
            { jar: 'green', parts: 5 },
            { jar: 'white', parts: 1 },
        ]
        expect(poured(parts, 'white', 1, 2)).toEqual([
            { jar: 'green', parts: 5 },
            { jar: 'white', parts: 4 },
        ])
        const many = [
            { jar: 'green', parts: 50 },
            { jar: 'buff', parts: 1 },
        ]
        const result = poured(many, 'white', 1, 12)
        expect(Math.max(...result.map((part) => part.parts))).toBeLessThanOrEqual(99)
        expect(Math.min(...result.map((part) => part.parts))).toBeGreaterThanOrEqual(1)
    })
})
