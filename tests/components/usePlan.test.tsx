import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { act, cleanup, renderHook, waitFor } from '@testing-library/react'
import type { ReactNode } from 'react'
import { afterEach, describe, expect, it, vi } from 'vitest'
import type { Step } from '@/features/build'
import type { PlanEdit } from '@/features/plan/state/edits'
import { buildQuery, previewQuery, usePlan } from '@/features/plan/state/usePlan'
import { serverAnswers, state, step } from './kit'

const edits = [{ edit: 'remove-step' as const, id: 'a' }]
function plan(foreseen: { edits: PlanEdit[]; steps: Step[] }[] = []) {
    const queries = new QueryClient({
        defaultOptions: { queries: { retry: false, staleTime: Number.POSITIVE_INFINITY } },
    })
    queries.setQueryData(buildQuery('build-1').queryKey, state([step('a')]))
    for (const { edits, steps } of foreseen) {
        const { plan, verdict } = state(steps)
        queries.setQueryData(previewQuery('build-1', '1.0', edits).queryKey, { plan, verdict })
    }
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
    it('sends again by itself, later each time, and is done when the server is back', async () => {
        vi.useFakeTimers({ shouldAdvanceTime: true })
        const fetch = vi
            .spyOn(globalThis, 'fetch')
            .mockRejectedValueOnce(new TypeError('offline'))
            .mockRejectedValueOnce(new TypeError('offline'))
            .mockResolvedValue(new Response(JSON.stringify(state([], [], 2))))
        const result = plan()
        await act(async () => void (await result.current.edit(edits)))
        expect(result.current.unsaved).toMatchObject({ reason: 'offline' })
        await act(() => vi.advanceTimersByTimeAsync(1_100))
        expect(fetch).toHaveBeenCalledTimes(2)
        await act(() => vi.advanceTimersByTimeAsync(1_100))
        expect(fetch).toHaveBeenCalledTimes(2)
        await act(() => vi.advanceTimersByTimeAsync(1_100))
        expect(fetch).toHaveBeenCalledTimes(3)
        expect(result.current.unsaved).toBeNull()
        vi.useRealTimers()
    })
    it('keeps what is not confirmed across a reload, and sends it then', async () => {
        vi.spyOn(globalThis, 'fetch').mockRejectedValueOnce(new TypeError('offline'))
        const before = plan()
        await act(async () => void (await before.current.edit(edits)))
        cleanup()
        const fetch = serverAnswers({ body: state([], [], 2) })
        const after = plan()
        await waitFor(() => expect(after.current.query.data?.version).toBe(2))
        // Once before the reload, in vain, and once after it.
        expect(sent(fetch)).toEqual([
            ['/api/builds/build-1/edits', 1],
            ['/api/builds/build-1/edits', 1],
        ])
        expect(after.current.unsaved).toBeNull()
        expect(localStorage.getItem('ulvrach.kept.changes.build-1')).toBeNull()
    })
    it('asks first where the plan has changed since', async () => {
        localStorage.setItem(
            'ulvrach.kept.changes.build-1',
            JSON.stringify({ version: 7, changes: [{ kind: 'edit', edits }] }),
        )
        const fetch = serverAnswers({ body: state([], [], 2) })
        const result = plan()
        await waitFor(() => expect(result.current.unsaved).toMatchObject({ reason: 'outdated' }))
        expect(fetch).not.toHaveBeenCalled()
        await act(() => result.current.sendAgain())
        expect(sent(fetch)).toEqual([['/api/builds/build-1/edits', 1]])
    })
    it('keeps every change while the server is away, and sends them all when it is back', async () => {
        const fetch = vi.spyOn(globalThis, 'fetch').mockRejectedValueOnce(new TypeError('offline'))
        const result = plan()
        await act(async () => {
            await result.current.edit(edits)
            await result.current.edit(edits)
        })
        expect(result.current.unsaved).toMatchObject({
            reason: 'offline',
            changes: [{ kind: 'edit' }, { kind: 'edit' }],
        })
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

/** A server that answers nothing until it is let go, request by request. */
function heldServer() {
    const held: ((answer: Response) => void)[] = []
    const fetch = vi.spyOn(globalThis, 'fetch').mockImplementation(() => new Promise((done) => held.push(done)))
    const letGo = (body: unknown, status = 200) =>
        act(async () => {
            held.shift()?.(new Response(JSON.stringify(body), { status }))
            await new Promise((done) => setTimeout(done))
        })
    return { fetch, letGo }
}
type Result = ReturnType<typeof plan>
const steps = (result: Result) => result.current.state?.plan.steps.map((one) => one.id)
const press = (call: () => Promise<unknown>) =>
    act(async () => {
        void call()
        await new Promise((done) => setTimeout(done))
    })

describe('a change whose outcome is known', () => {
    /** The first plan has the step a; b, then c have been added since. */
    async function afterTwoEdits() {
        const server = heldServer()
        const result = plan()
        await press(() => result.current.edit(edits))
        await server.letGo({ ...state([step('a'), step('b')], [], 2), undo: 'Add b' })
        await press(() => result.current.edit(edits))
        await server.letGo({ ...state([step('a'), step('b'), step('c')], [], 3), undo: 'Add c' })
        return { ...server, result }
    }

    it('is shown before the server has answered where undo and redo lead back to what was seen', async () => {
        const { result, letGo } = await afterTwoEdits()
        await press(() => result.current.undo())
        expect(steps(result)).toEqual(['a', 'b'])
        expect(result.current.state).toMatchObject({ version: 3, isSaved: false })
        await letGo({ ...state([step('a'), step('b')], [], 4), undo: 'Add b', redo: 'Add c' })
        expect(result.current.state).toMatchObject({ version: 4, isSaved: true, redo: 'Add c' })
        await press(() => result.current.redo())
        expect(steps(result)).toEqual(['a', 'b', 'c'])
        await letGo({ ...state([step('a'), step('b'), step('c')], [], 5), undo: 'Add c' })
        expect(steps(result)).toEqual(['a', 'b', 'c'])
    })
    it('goes on from there while the answers are still to come, and does not go back in between', async () => {
        const { result, letGo, fetch } = await afterTwoEdits()
        await press(() => result.current.undo())
        await press(() => result.current.undo())
        expect(steps(result)).toEqual(['a'])
        await letGo({ ...state([step('a'), step('b')], [], 4), undo: 'Add b', redo: 'Add c' })
        expect(steps(result)).toEqual(['a'])
        await letGo({ ...state([step('a')], [], 5), redo: 'Add b' })
        expect(result.current.state).toMatchObject({ version: 5, isSaved: true })
        expect(sent(fetch).slice(2)).toEqual([
            ['/api/builds/build-1/undo', 3],
            ['/api/builds/build-1/undo', 4],
        ])
    })
    it('gives way to what the server says', async () => {
        const { result, letGo } = await afterTwoEdits()
        await press(() => result.current.undo())
        const theirs = state([step('theirs')], [], 9)
        await letGo({ message: 'Changed in another window.', current: theirs }, 409)
        expect(steps(result)).toEqual(['a', 'b', 'c'])
        expect(result.current.unsaved).toMatchObject({ reason: 'outdated' })
        act(() => result.current.giveUp())
        await press(() => result.current.undo())
        expect(steps(result)).toEqual(['theirs'])
    })
    it('is not made up behind an edit that only the server knows', async () => {
        const { result, letGo } = await afterTwoEdits()
        await press(() => result.current.edit(edits))
        await press(() => result.current.undo())
        expect(steps(result)).toEqual(['a', 'b', 'c'])
        await letGo({ ...state([step('d')], [], 4), undo: 'Add d' })
        await letGo({ ...state([step('a'), step('b'), step('c')], [], 5), undo: 'Add c', redo: 'Add d' })
        await press(() => result.current.redo())
        expect(steps(result)).toEqual(['d'])
    })
    it('is what was foreseen of the edit on this version, and is asked of the server all the same', async () => {
        const { fetch, letGo } = heldServer()
        const result = plan([{ edits, steps: [step('foreseen')] }])
        await press(() => result.current.edit(edits))
        expect(steps(result)).toEqual(['foreseen'])
        expect(sent(fetch)).toEqual([['/api/builds/build-1/edits', 1]])
        await letGo({ ...state([step('foreseen')], [], 2), undo: 'Delete a' })
        await press(() => result.current.undo())
        expect(steps(result)).toEqual(['a'])
        await letGo({ ...state([step('a')], [], 3), redo: 'Delete a' })
        await press(() => result.current.edit(edits))
        expect(steps(result)).toEqual(['a'])
    })
    it('keeps the objects that an answer does not change', async () => {
        const { result, letGo } = await afterTwoEdits()
        const [first] = result.current.state?.plan.steps ?? []
        await press(() => result.current.undo())
        await letGo({ ...state([step('a'), step('b')], [], 4), undo: 'Add b', redo: 'Add c' })
        expect(result.current.state?.plan.steps[0]).toBe(first)
    })
})
