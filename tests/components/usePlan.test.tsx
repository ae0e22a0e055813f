import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { act, renderHook, waitFor } from '@testing-library/react'
import type { ReactNode } from 'react'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { buildQuery, usePlan } from '@/features/plan/usePlan'
import { serverAnswers, state, step } from './kit'

const edits = [{ edit: 'remove-step' as const, id: 'a' }]
function plan() {
    const queries = new QueryClient({ defaultOptions: { queries: { retry: false, staleTime: Number.POSITIVE_INFINITY } } })
    queries.setQueryData(buildQuery('build-1').queryKey, state([step('a')]))
    const wrapper = ({ children }: { children: ReactNode }) => (
        <QueryClientProvider client={queries}>{children}</QueryClientProvider>
    )
    return renderHook(() => usePlan('build-1'), { wrapper }).result
}
const sent = (fetch: ReturnType<typeof serverAnswers>) =>
    fetch.mock.calls.map(([path, init]) => [path, JSON.parse(String(init?.body)).version])
afterEach(() => vi.restoreAllMocks())

describe('saving a plan', () => {
    it('sends edits one after the other, each on the version before it', async () => {
        const fetch = serverAnswers({ body: state([step('a')], [], 2) }, { body: state([], [], 3) })
        const result = plan()
        await act(async () => {
            const first = result.current.edit(edits)
            const second = result.current.edit(edits)
            expect(await Promise.all([first, second])).toEqual([true, true])
        })
        expect(sent(fetch)).toEqual([
            ['/api/builds/build-1/edits', 1],
            ['/api/builds/build-1/edits', 2],
        ])
        await waitFor(() => expect(result.current.query.data?.version).toBe(3))
    })
    it('keeps a change made on an outdated plan until it is sent again', async () => {
        const theirs = state([step('a'), step('theirs')], [], 5)
        const fetch = serverAnswers(
            { status: 409, body: { message: 'Changed in another window.', current: theirs } },
            { body: state([], [], 6) },
        )
        const result = plan()
        await act(async () => expect(await result.current.edit(edits)).toBe(false))
        expect(result.current.unsaved).toMatchObject({ reason: 'outdated', message: 'Changed in another window.' })
        expect(result.current.query.data?.version).toBe(1)
        await act(() => result.current.sendAgain())
        expect(sent(fetch)[1]).toEqual(['/api/builds/build-1/edits', 5])
        expect(result.current.unsaved).toBeNull()
    })
    it('shows the other plan when a change is given up', async () => {
        serverAnswers({ status: 409, body: { message: 'Changed.', current: state([], [], 5) } })
        const result = plan()
        await act(async () => void (await result.current.edit(edits)))
        act(() => result.current.giveUp())
        await waitFor(() => expect(result.current.query.data?.version).toBe(5))
        expect(result.current.unsaved).toBeNull()
    })
    it('keeps every change while the server is away, and sends them all when it is back', async () => {
        const fetch = vi.spyOn(globalThis, 'fetch').mockRejectedValueOnce(new TypeError('offline'))
        const result = plan()
        await act(async () => {
            await result.current.edit(edits)
            await result.current.edit(edits)
        })
        expect(result.current.unsaved).toMatchObject({ reason: 'offline', changes: [{ kind: 'edit' }, { kind: 'edit' }] })
        fetch.mockImplementation(async () => new Response(JSON.stringify(state([], [], 2))))
        await act(() => result.current.sendAgain())
        expect(fetch).toHaveBeenCalledTimes(3)
        expect(result.current.unsaved).toBeNull()
    })
    it('says at the field what the server refuses', async () => {
        const faults = [{ path: '/edits/0/step/coats', message: 'Must be 1 or more.' }]
        serverAnswers({ status: 422, body: { message: 'Must be 1 or more.', faults } })
        const result = plan()
        await act(async () => void (await result.current.edit(edits)))
        expect(result.current.unsaved).toMatchObject({ reason: 'refused', faults })
    })
})
