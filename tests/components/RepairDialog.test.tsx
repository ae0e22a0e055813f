import { screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { afterEach, describe, expect, it, vi } from 'vitest'
import RepairDialog from '@/features/plan/dialogs/RepairDialog'
import { finding, serverAnswers, show, state, step } from './kit'

const counts = (stops: number) => ({ stops, risks: 0, notes: 0, accepted: 0, lastsMinutes: 100 })
const action = (label: string, id: string) => ({
    label,
    clears: 1,
    brings: 0,
    brought: [],
    delayMinutes: 0,
    workMinutes: 0,
    edits: [{ edit: 'remove-step', id }],
    finding: finding({ step: id, key: `k.${id}` }),
})
const repair = (changes = {}) => ({
    version: 1,
    isSound: true,
    isSmallest: true,
    before: counts(2),
    after: counts(0),
    actions: [action('Wait 25 min more', 'a'), action('Leave out Hull', 'b')],
    ...changes,
})
const open = (edit = vi.fn().mockResolvedValue(true)) => {
    const close = vi.fn()
    show(<RepairDialog open onOpenChange={close} state={state([step('a'), step('b')])} edit={edit} />)
    return { edit, close }
}
afterEach(() => vi.restoreAllMocks())

describe('making a plan sound', () => {
    it('shows what would change, before and after, and takes it whole', async () => {
        serverAnswers({ body: repair() })
        const { edit, close } = open()
        expect(await screen.findByText('2 stops')).toBeVisible()
        expect(screen.getByText('Nothing will lift, craze or stay tacky')).toBeVisible()
        await userEvent.click(screen.getByRole('button', { name: 'Apply all 2' }))
        expect(edit).toHaveBeenCalledWith(
            [
                { edit: 'remove-step', id: 'a' },
                { edit: 'remove-step', id: 'b' },
            ],
            'Make the plan sound',
        )
        expect(close).toHaveBeenCalledWith(false)
    })
    it('takes a part: the first so many changes, since each builds on those before it', async () => {
        serverAnswers({ body: repair() })
        const { edit } = open()
        const first = (await screen.findAllByRole('listitem'))[0]
        if (first === undefined) throw new Error('no change is shown')
        await userEvent.click(within(first).getByRole('button', { name: 'Apply up to here' }))
        await userEvent.click(screen.getByRole('button', { name: 'Apply the first one' }))
        expect(edit).toHaveBeenCalledWith(
            [{ edit: 'remove-step', id: 'a' }],
            'Make the plan sound, the first 1 changes',
        )
    })
    it('stays open when the change is not saved', async () => {
        serverAnswers({ body: repair() })
        const { close } = open(vi.fn().mockResolvedValue(false))
        await userEvent.click(await screen.findByRole('button', { name: 'Apply all 2' }))
        expect(close).not.toHaveBeenCalled()
    })
    it('says when it cannot mend everything, or when a smaller way may exist', async () => {
        serverAnswers({ body: repair({ isSound: false, isSmallest: false, after: counts(1) }) })
        open()
        expect(await screen.findByText(/Some stops stay/)).toBeVisible()
        expect(screen.getByText(/a smaller set may exist/)).toBeVisible()
    })
    it('says when nothing helps, and when the server is away', async () => {
        serverAnswers({ body: repair({ actions: [], isSound: false, after: counts(2) }) })
        open()
        expect(await screen.findByText(/No change that is known here removes a stop/)).toBeVisible()
    })
    it('can be tried again when it fails', async () => {
        serverAnswers({ status: 500, body: { message: 'Server Error' } }, { body: repair() })
        open()
        await userEvent.click(await screen.findByRole('button', { name: 'Try again' }))
        expect(await screen.findByText('2 stops')).toBeVisible()
    })
})
