import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { act, renderHook, waitFor } from '@testing-library/react'
import type { ReactNode } from 'react'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { movesAround, moveTo } from '@/features/plan/state/edits'
import { usePreview } from '@/features/plan/state/usePreview'
import { plan, state, step } from './kit'

const saved = state(['a', 'b', 'c', 'd', 'e'].map((id) => step(id)))

/** A server whose answer to a move is a plan with the step there; each answer waits until it is let go. */
function slowServer() {
    const waiting: { to: number; answer: () => void }[] = []
    const asked: number[] = []
    vi.spyOn(globalThis, 'fetch').mockImplementation((_, init) => {
        const [{ to }] = JSON.parse(String(init?.body)).edits
        asked.push(to)
        const body = { plan: plan([step(`moved to ${to}`)]), verdict: saved.verdict }
        return new Promise((done) =>
            waiting.push({ to, answer: () => done(new Response(JSON.stringify(body), { status: 200 })) }),
        )
    })
    const answer = (to: number) =>
        act(async () => {
            const at = waiting.findIndex((one) => one.to === to)
            waiting.splice(at, 1)[0]?.answer()
            await new Promise((done) => setTimeout(done))
        })
    return { asked, answer }
}

function hand(state = saved) {
    const queries = new QueryClient({ defaultOptions: { queries: { retry: false } } })
    const wrapper = ({ children }: { children: ReactNode }) => (
        <QueryClientProvider client={queries}>{children}</QueryClientProvider>
    )
    return renderHook(() => usePreview(state), { wrapper }).result
}
const shown = (result: ReturnType<typeof hand>) => result.current.shown?.plan.steps[0]?.id
afterEach(() => vi.restoreAllMocks())

describe('a change that is in the hand', () => {
    it('looks around while the hand rests, nearest first and one at a time, and asks no second time', async () => {
        const server = slowServer()
        const result = hand()
        act(() => void result.current.ask(moveTo('a', 1), movesAround(saved.plan, 'a', 1)))
        expect(server.asked).toEqual([1])
        await server.answer(1)
        expect(shown(result)).toBe('moved to 1')
        expect(server.asked).toEqual([1, 0])
        await server.answer(0)
        await server.answer(2)
        expect(server.asked).toEqual([1, 0, 2, 3])

        await act(async () => void result.current.ask(moveTo('a', 2)))
        await waitFor(() => expect(shown(result)).toBe('moved to 2'))
        expect(server.asked).toEqual([1, 0, 2, 3])
    })
    it('shows the newest place, whichever answer comes last, and stops looking around an old one', async () => {
        const server = slowServer()
        const result = hand()
        act(() => void result.current.ask(moveTo('a', 1), movesAround(saved.plan, 'a', 1)))
        act(() => void result.current.ask(moveTo('a', 4)))
        await server.answer(4)
        await server.answer(1)
        expect(shown(result)).toBe('moved to 4')
        expect(server.asked).toEqual([1, 4])
    })
    it('shows nothing more once it is put down', async () => {
        const server = slowServer()
        const result = hand()
        act(() => void result.current.ask(moveTo('a', 1)))
        act(() => result.current.clear())
        await server.answer(1)
        expect(result.current.shown).toBeNull()
    })
    it('asks ahead without showing anything, and not before the last change is saved', async () => {
        const server = slowServer()
        const result = hand()
        act(() => void result.current.foresee([moveTo('a', 1), moveTo('a', 2)]))
        await server.answer(1)
        await server.answer(2)
        expect(server.asked).toEqual([1, 2])
        expect(result.current.shown).toBeNull()
        const early = hand({ ...saved, isSaved: false })
        await act(() => early.current.foresee([moveTo('a', 3)]))
        await act(() => early.current.ask(moveTo('a', 3)))
        expect(server.asked).toEqual([1, 2])
    })
    it('goes on without a preview where the server has none', async () => {
        vi.spyOn(globalThis, 'fetch').mockRejectedValue(new TypeError('offline'))
        const result = hand()
        await act(() => result.current.ask(moveTo('a', 1)))
        expect(result.current.shown).toBeNull()
    })
})

describe('the places around a step', () => {
    it.each([
        [2, [1, 3, 0, 4]],
        [0, [1, 2, 3]],
        [4, [3, 2, 1]],
    ])('of place %d are the nearest first', (to, places) => {
        expect(movesAround(saved.plan, 'a', to)).toEqual(places.map((place) => moveTo('a', place)))
    })
})
