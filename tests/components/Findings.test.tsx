import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { trialOf } from '@/features/build'
import { Findings, outcomeOf } from '@/features/plan/inspector/Findings'
import { entry, finding, serverAnswers, show, state, step } from './kit'

const wait = {
    label: 'Wait until it is ready: 25 min more',
    clears: 1,
    brings: 0,
    brought: [],
    delayMinutes: 25,
    workMinutes: 0,
    edits: [{ edit: 'remove-step' as const, id: 'b' }],
}
const leave = { ...wait, label: 'Leave this step out', delayMinutes: -60 }
afterEach(() => vi.restoreAllMocks())

describe('findings of a step', () => {
    it('say so when there is nothing to say', () => {
        show(<Findings findings={[]} state={state([])} apply={vi.fn()} near={vi.fn()} onLog={vi.fn()} />)
        expect(screen.getByText('Nothing speaks against this step.')).toBeVisible()
    })
    it('tell what happens, why, where, and what helps', async () => {
        serverAnswers({ body: { version: 1, remedies: [wait, leave] } })
        show(
            <Findings
                findings={[finding()]}
                state={state([step('a'), step('b')])}
                apply={vi.fn()}
                near={vi.fn()}
                onLog={vi.fn()}
            />,
        )
        expect(screen.getByText(/Stop: It starts 25 min before/)).toBeVisible()
        expect(screen.getByText(/^On Hull/)).toBeVisible()
        expect(
            await screen.findByRole('button', { name: /Wait until it is ready.*mends 1 finding, ends 25 min later/ }),
        ).toBeVisible()
    })
    it('apply a remedy with one press or its number', async () => {
        serverAnswers({ body: { version: 1, remedies: [wait, leave] } })
        const apply = vi.fn().mockResolvedValue(true)
        const near = vi.fn()
        show(
            <Findings
                findings={[finding()]}
                state={state([step('a'), step('b')])}
                apply={apply}
                near={near}
                onLog={vi.fn()}
            />,
        )
        await userEvent.hover(await screen.findByRole('button', { name: /Wait until/ }))
        expect(near).toHaveBeenLastCalledWith(wait.edits)
        await userEvent.click(screen.getByRole('button', { name: /Wait until/ }))
        expect(apply).toHaveBeenLastCalledWith(wait.edits, wait.label)
        await userEvent.keyboard('2')
        expect(apply).toHaveBeenLastCalledWith(leave.edits, leave.label)
    })
    it('are a line each with the worst one open, and ask only for the remedies of what is open', async () => {
        const fetch = serverAnswers({ body: { version: 1, remedies: [wait] } })
        const two = [finding(), finding({ key: 'other.b.1', severity: 'note', happens: 'The wash is faint.' })]
        show(
            <Findings
                findings={two}
                state={state([step('a'), step('b')])}
                apply={vi.fn()}
                near={vi.fn()}
                onLog={vi.fn()}
            />,
        )
        expect(screen.getAllByText(/^On Hull/)).toHaveLength(1)
        await screen.findByRole('button', { name: /Wait until/ })
        expect(fetch).toHaveBeenCalledTimes(1)
        await userEvent.click(screen.getByRole('button', { name: /The wash is faint/ }))
        expect(screen.getAllByText(/^On Hull/)).toHaveLength(2)
        await userEvent.click(screen.getByRole('button', { name: /It starts 25 min before/ }))
        expect(screen.getAllByText(/^On Hull/)).toHaveLength(1)
    })
    it('have no remedies asked for while they are only in the hand', async () => {
        const fetch = serverAnswers({ body: { version: 1, remedies: [wait, leave] } })
        const inHand = { ...state([step('a'), step('b')]), isSaved: false }
        const { rerender } = show(
            <Findings findings={[finding()]} state={inHand} apply={vi.fn()} near={vi.fn()} onLog={vi.fn()} />,
        )
        await new Promise((done) => setTimeout(done, 50))
        expect(screen.getByText(/Stop: It starts 25 min before/)).toBeVisible()
        expect(screen.queryByText(/Trying remedies/)).toBeNull()
        expect(fetch).not.toHaveBeenCalled()
        rerender(
            <Findings
                findings={[finding()]}
                state={{ ...inHand, isSaved: true }}
                apply={vi.fn()}
                near={vi.fn()}
                onLog={vi.fn()}
            />,
        )
        expect(await screen.findByRole('button', { name: /Wait until/ })).toBeVisible()
    })
    it('are accepted with a reason or a test patch; what is certain is not', async () => {
        serverAnswers({ body: { version: 1, remedies: [] } })
        const apply = vi.fn().mockResolvedValue(true)
        const custom = finding({ kind: 'custom', severity: 'risk', code: 'wash-on-matte' })
        show(
            <Findings
                findings={[custom]}
                state={state([step('a'), step('b')])}
                apply={apply}
                near={vi.fn()}
                onLog={vi.fn()}
            />,
        )
        await userEvent.click(await screen.findByRole('button', { name: 'Accept this risk' }))
        await userEvent.click(await screen.findByRole('button', { name: 'Keep' }))
        expect(screen.getByRole('alert')).toHaveTextContent('Say why')
        expect(apply).not.toHaveBeenCalled()
        await userEvent.type(screen.getByLabelText('Why'), 'Tide marks are wanted.')
        await userEvent.click(screen.getByRole('button', { name: 'Keep' }))
        const accepted = [{ rule: 'wash-on-matte', reason: 'Tide marks are wanted.' }]
        expect(apply).toHaveBeenCalledWith(
            [{ edit: 'replace-step', step: step('b', { accepted }) }],
            'Accept a finding',
        )
    })
    it('offer no exception from what is certain, and a trial for what the tables expect, a stop too', async () => {
        serverAnswers({ body: { version: 1, remedies: [] } })
        const facts = [finding({ isCertain: true }), finding({ key: 'other', code: 'hot' })]
        show(
            <Findings
                findings={facts}
                state={state([step('a'), step('b')])}
                apply={vi.fn()}
                near={vi.fn()}
                onLog={vi.fn()}
            />,
        )
        expect(screen.getByText(/certain, whatever a trial shows/)).toBeVisible()
        expect(screen.queryByRole('button', { name: /It was tried/ })).toBeNull()
        await userEvent.click(screen.getAllByRole('button', { expanded: false })[0] as HTMLElement)
        expect(screen.getByText(/a trial of the same would settle it/)).toBeVisible()
        expect(await screen.findByRole('button', { name: 'It was tried: enter the test patch' })).toBeVisible()
    })
    it('stay visible when accepted, with the reason', () => {
        serverAnswers({ body: { version: 1, remedies: [wait] } })
        const trial = trialOf({ rule: 'too-early', where: 'the underside', rubs: 10, passed: true })
        const one = finding({ accepted: { reason: 'It held.', trial } })
        const log = [entry('trial', 'b', { text: 'It held.', trial })]
        show(
            <Findings
                findings={[one]}
                state={state([step('a'), step('b')], [one], 1, log)}
                apply={vi.fn()}
                near={vi.fn()}
                onLog={vi.fn()}
            />,
        )
        expect(screen.getByText(/^Accepted: It starts/)).toBeVisible()
        expect(screen.getByText('It held. Tried on the underside, 10 rubs, passed.')).toBeVisible()
        expect(screen.getByRole('button', { name: 'Take the trial back' })).toBeVisible()
    })
    it('admit when nothing helps, and when the server does not answer', async () => {
        serverAnswers({ body: { version: 1, remedies: [] } })
        const { unmount } = show(
            <Findings findings={[finding()]} state={state([])} apply={vi.fn()} near={vi.fn()} onLog={vi.fn()} />,
        )
        expect(await screen.findByText(/No single change mends this/)).toBeVisible()
        unmount()
        vi.spyOn(globalThis, 'fetch').mockRejectedValue(new TypeError('offline'))
        show(<Findings findings={[finding()]} state={state([])} apply={vi.fn()} near={vi.fn()} onLog={vi.fn()} />)
        expect(
            await screen.findByText(/The remedies could not be fetched. The server cannot be reached./),
        ).toBeVisible()
    })
    it('say what a remedy costs', () => {
        expect(
            outcomeOf({ ...wait, clears: 2, brings: 1, brought: ['The filter beads on gloss'], delayMinutes: 1440 }),
        ).toBe('mends 2 findings, brings “the filter beads on gloss”, ends 1 d later')
        const brought = ['One', 'Two', 'Three', 'Four']
        expect(outcomeOf({ ...wait, brings: 4, brought, delayMinutes: 0 })).toBe(
            'mends 1 finding, brings “one”, “two” and 2 more',
        )
        expect(outcomeOf({ ...wait, delayMinutes: 5 })).toBe('mends 1 finding')
    })
})
