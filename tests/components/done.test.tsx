import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { Entry, LogEntry } from '@/features/build'
import DoneDialog from '@/features/plan/dialogs/DoneDialog'
import { sayChange } from '@/features/plan/frame/SaidBar'
import { stillBefore } from '@/features/plan/state/record'
import { entry, library, show, state, step } from './kit'

const onOpenChange = vi.fn()
const log = vi.fn(async (_entries: LogEntry[]) => true)
const steps = [step('a'), step('b', { zones: ['turret'] }), step('c')]
const open = (of: string, said: Entry[] = []) => {
    const one = state(steps, [], 1, said)
    return show(
        <DoneDialog
            open
            onOpenChange={onOpenChange}
            state={one}
            library={library}
            steps={one.plan.steps.filter((other) => other.id === of)}
            log={log}
        />,
    )
}
const sent = () => (log.mock.lastCall?.[0] ?? []).map(({ kind, step, at, corrects }) => ({ kind, step, at, corrects }))
beforeEach(() => {
    vi.clearAllMocks()
    vi.useFakeTimers({ now: new Date('2026-11-27T19:30:00'), shouldAdvanceTime: true })
})
afterEach(() => vi.useRealTimers())

const moment = (text: string) => `${new Date(text).toISOString().slice(0, 16)}:00Z`

describe('when a step was done', () => {
    it.each([
        ['now', '2026-11-27T19:30:00'],
        ['half an hour ago', '2026-11-27T19:00:00'],
        ['last night at ten', '2026-11-26T22:00:00'],
    ])('is one press: %s', async (choice, at) => {
        open('a')
        await userEvent.click(screen.getByRole('radio', { name: choice }))
        await userEvent.click(screen.getByRole('button', { name: 'Keep it' }))
        expect(sent()).toEqual([{ kind: 'finished', step: 'a', at: moment(at), corrects: undefined }])
        expect(onOpenChange).toHaveBeenCalledWith(false)
    })
    it('can be typed, and what cannot be is said at its field', async () => {
        open('a')
        await userEvent.click(screen.getByRole('radio', { name: 'at another time' }))
        const type = async (label: string, text: string) => {
            await userEvent.clear(screen.getByLabelText(label))
            await userEvent.type(screen.getByLabelText(label), text)
            await userEvent.click(screen.getByRole('button', { name: 'Keep it' }))
        }
        await type('Finished', '2026-11-28T10:00')
        expect(screen.getByText('That is still to come.')).toBeVisible()
        await type('Finished', '2026-11-27T10:00')
        expect(log).toHaveBeenCalledTimes(1)
        await type('Begun, if you know', '2026-11-27T11:00')
        expect(screen.getByText('That is after it was finished.')).toBeVisible()
        await type('Begun, if you know', '2026-11-27T09:15')
        expect(sent()).toEqual([
            { kind: 'begun', step: 'a', at: moment('2026-11-27T09:15'), corrects: undefined },
            { kind: 'finished', step: 'a', at: moment('2026-11-27T10:00'), corrects: undefined },
        ])
    })
    it('asks about steps on the same zones that are not done, and takes them along or not', async () => {
        const { unmount } = open('c')
        expect(screen.getByText(/this is not done yet: 1 spray a colour\./)).toBeVisible()
        await userEvent.click(screen.getByRole('button', { name: 'Keep it' }))
        expect(sent().map((one) => one.step)).toEqual(['a', 'c'])
        unmount()
        open('c')
        await userEvent.click(screen.getByRole('radio', { name: 'Only what I have chosen' }))
        await userEvent.click(screen.getByRole('button', { name: 'Keep it' }))
        expect(sent().map((one) => one.step)).toEqual(['c'])
    })
    it('asks once more where it would have been before what lies below', async () => {
        open('c', [entry('finished', 'a', { at: moment('2026-11-27T19:20:00') })])
        await userEvent.click(screen.getByRole('radio', { name: 'half an hour ago' }))
        await userEvent.click(screen.getByRole('button', { name: 'Keep it' }))
        expect(screen.getByRole('alert')).toHaveTextContent(/Step 1 spray a colour.* was finished later/)
        expect(log).not.toHaveBeenCalled()
        await userEvent.click(screen.getByRole('button', { name: 'Keep it anyway' }))
        expect(sent().map((one) => one.step)).toEqual(['c'])
    })
    it('is put right in place of what was said before', async () => {
        const said = entry('finished', 'a', { at: moment('2026-11-27T19:20:00') })
        open('a', [said])
        expect(screen.getByLabelText('Finished')).toHaveValue('2026-11-27T19:20')
        await userEvent.click(screen.getByRole('radio', { name: 'an hour ago' }))
        await userEvent.click(screen.getByRole('button', { name: 'Keep it' }))
        expect(sent()).toEqual([{ kind: 'finished', step: 'a', at: moment('2026-11-27T18:30:00'), corrects: said.id }])
    })
    it('names only what shares a zone with it', () => {
        const one = state(steps)
        expect(stillBefore(one, ['c']).map(({ id }) => id)).toEqual(['a'])
        expect(stillBefore(one, ['b'])).toEqual([])
        expect(stillBefore(one, ['a', 'c'])).toEqual([])
    })
})

it('says what a change came to, and nothing where no finding changes', () => {
    const summary = { stops: 2, risks: 1, notes: 3, accepted: 0, lastsMinutes: 0 }
    expect(sayChange(summary, { ...summary, stops: 0, risks: 2 })).toBe('2 stops fewer, 1 risk more')
    expect(sayChange(summary, summary)).toBe('')
})
