import { act, render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { MemoryRouter } from 'react-router'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { Alarm, Countdowns, forgetAll, type Reminder, remind } from '@/features/remind'
import { sayNow } from '@/features/remind/Countdowns'
import { due } from '@/features/remind/reminders'

const at = (minute: number) => new Date(Date.UTC(2026, 10, 27, 19, minute))
const wash = (changes: Partial<Reminder> = {}): Reminder => ({
    id: 'b w',
    build: 'b',
    step: 'w',
    name: 'Morrin dark wash',
    sign: 'dull',
    laid: at(0),
    opens: at(20),
    bestUntil: at(240),
    closes: at(1440),
    told: [],
    ...changes,
})
beforeEach(() => forgetAll())
afterEach(() => vi.useRealTimers())

describe('the window of a wash', () => {
    it.each([
        [5, 'Wait 15 min, until it is dull.'],
        [30, 'Clean it now: best for 3 h 30 min more.'],
        [300, 'Clean it now: it has set in 19 h.'],
        [1500, 'It has set.'],
    ])('is told at minute %i', (minute, says) => {
        expect(sayNow(wash(), at(minute))).toBe(says)
    })
    it('rings when it opens and a quarter of an hour before it closes, each once', () => {
        const told = (minute: number, one = wash()) => due([one], at(minute)).map((news) => news.at)
        expect(told(19)).toEqual([])
        expect(told(20)).toEqual(['opens'])
        expect(told(25, wash({ told: ['opens'] }))).toEqual([])
        expect(told(1425, wash({ told: ['opens'] }))).toEqual(['closes'])
        expect(told(1440)).toEqual([])
    })
    it('is said on every page until it is heard, and not again after a reload', async () => {
        vi.useFakeTimers({ now: at(19), shouldAdvanceTime: true })
        remind(wash())
        const { unmount } = render(<Alarm />)
        expect(screen.getByRole('alert')).toBeEmptyDOMElement()
        await act(() => vi.advanceTimersByTimeAsync(70_000))
        expect(screen.getByText('Morrin dark wash: clean it now, if it is dull.')).toBeVisible()
        await userEvent.click(screen.getByRole('button', { name: 'Heard' }))
        expect(screen.getByRole('alert')).toBeEmptyDOMElement()
        unmount()
        render(<Alarm />)
        expect(screen.getByRole('alert')).toBeEmptyDOMElement()
    })
    it('counts down where the hands are, leads to its step, and is forgotten with one press', async () => {
        vi.useFakeTimers({ now: at(5), shouldAdvanceTime: true })
        remind(wash())
        render(
            <MemoryRouter>
                <Countdowns />
            </MemoryRouter>,
        )
        expect(screen.getByText('Wait 15 min, until it is dull.')).toBeVisible()
        expect(screen.getByRole('link', { name: 'Morrin dark wash' })).toHaveAttribute('href', '/builds/b?step=w')
        await userEvent.click(screen.getByRole('button', { name: 'Forget Morrin dark wash' }))
        expect(screen.queryByText(/Wait/)).toBeNull()
    })
    it('does without what cannot be read', () => {
        localStorage.setItem('ulvrach.kept.reminders', 'not a list')
        window.dispatchEvent(new StorageEvent('storage', { key: 'ulvrach.kept.reminders' }))
        render(
            <MemoryRouter>
                <Countdowns />
            </MemoryRouter>,
        )
        expect(screen.queryByRole('list')).toBeNull()
    })
})
