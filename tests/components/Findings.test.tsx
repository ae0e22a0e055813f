import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { Findings, outcomeOf } from '@/features/plan/Findings'
import { finding, serverAnswers, show, state, step } from './kit'

const wait = {
    label: 'Wait until it is ready: 25 min more',
    clears: 1,
    brings: 0,
    delayMinutes: 25,
    edits: [{ edit: 'remove-step' as const, id: 'b' }],
}
const leave = { ...wait, label: 'Leave this step out', delayMinutes: -60 }
afterEach(() => vi.restoreAllMocks())

describe('findings of a step', () => {
    it('say so when there is nothing to say', () => {
        show(<Findings findings={[]} state={state([])} apply={vi.fn()} />)
        expect(screen.getByText('Nothing speaks against this step.')).toBeVisible()
    })
    it('tell what happens, why, where, and what helps', async () => {
        serverAnswers({ body: { version: 1, remedies: [wait, leave] } })
        show(<Findings findings={[finding()]} state={state([step('a'), step('b')])} apply={vi.fn()} />)
        expect(screen.getByText(/Stop: It starts 25 min before/)).toBeVisible()
        expect(screen.getByText('On Hull')).toBeVisible()
        expect(
            await screen.findByRole('button', { name: /Wait until it is ready.*mends 1 finding, ends 25 min later/ }),
        ).toBeVisible()
    })
    it('apply a remedy with one press or its number', async () => {
        serverAnswers({ body: { version: 1, remedies: [wait, leave] } })
        const apply = vi.fn().mockResolvedValue(true)
        show(<Findings findings={[finding()]} state={state([step('a'), step('b')])} apply={apply} />)
        await userEvent.click(await screen.findByRole('button', { name: /Wait until/ }))
        expect(apply).toHaveBeenLastCalledWith(wait.edits, wait.label)
        await userEvent.keyboard('2')
        expect(apply).toHaveBeenLastCalledWith(leave.edits, leave.label)
    })
    it('admit when nothing helps, and when the server does not answer', async () => {
        serverAnswers({ body: { version: 1, remedies: [] } })
        const { unmount } = show(<Findings findings={[finding()]} state={state([])} apply={vi.fn()} />)
        expect(await screen.findByText(/No single change mends this/)).toBeVisible()
        unmount()
        vi.spyOn(globalThis, 'fetch').mockRejectedValue(new TypeError('offline'))
        show(<Findings findings={[finding()]} state={state([])} apply={vi.fn()} />)
        expect(await screen.findByText(/The remedies could not be fetched. The server cannot be reached./)).toBeVisible()
    })
    it('say what a remedy costs', () => {
        expect(outcomeOf({ ...wait, clears: 2, brings: 1, delayMinutes: 1440 })).toBe(
            'mends 2 findings, brings 1 finding, no stop, ends 1 d later',
        )
        expect(outcomeOf({ ...wait, delayMinutes: 5 })).toBe('mends 1 finding')
    })
})
