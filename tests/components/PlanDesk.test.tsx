import { act, screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { Entry, Finding, LogEntry, Step } from '@/features/build'
import { sayLength } from '@/features/plan/inspector/Together'
import { PlanDesk } from '@/features/plan/PlanDesk'
import { moveTo, type PlanEdit } from '@/features/plan/state/edits'
import type { PlanState } from '@/features/plan/state/usePlan'
import { entry, finding, library, serverKnows, show, state, step } from './kit'

const edit = vi.fn(async (_edits: PlanEdit[], _label?: string) => true)
const undo = vi.fn(async () => true)
const redo = vi.fn(async () => true)
const log = vi.fn(async (_entries: LogEntry[]) => true)
const three = [
    step('a'),
    step('b', { technique: 'clear-coat', zones: ['hull', 'turret'] }),
    step('c', { technique: 'enamel-wash' }),
]

/** The desk over a plan; edits are written down, and change nothing. */
function desk(steps: Step[] = three, findings: Finding[] = [], changes: Partial<PlanState> = {}, past: Entry[] = []) {
    const shown = { ...state(steps, findings, 1, past), ...changes }
    const asked = serverKnows({ 'POST /builds/build-1/preview': { plan: shown.plan, verdict: shown.verdict } })
    const work = { edit, log, undo, redo, saving: false, unsaved: null, sendAgain: vi.fn(), giveUp: vi.fn() }
    show(<PlanDesk state={shown} library={library} work={work} />)
    return { asked }
}
const keys = (text: string) => userEvent.keyboard(text)
const chosen = () =>
    within(screen.getByRole('complementary', { name: 'The chosen step' })).getByRole('heading', { level: 2 })
const lastEdits = () => edit.mock.lastCall?.[0]
beforeEach(() => {
    vi.clearAllMocks()
    vi.useRealTimers()
    Element.prototype.scrollIntoView = vi.fn()
})

const length = { steps: ['a', 'c'], minutes: 90, sections: 1, evening: 150, restMinutes: 30 }

describe('a sitting', () => {
    it('is told of in the inspector, and chosen as a whole', async () => {
        const sitting = { steps: ['a', 'c'], bond: 'palette' as const, says: 'Oils from one palette.', restMinutes: 30 }
        const shown = state(three)
        desk(three, [], { verdict: { ...shown.verdict, sittings: [sitting] } })
        const inspector = screen.getByRole('complementary', { name: 'The chosen step' })
        expect(within(inspector).getByText('One sitting with step 3.')).toBeVisible()
        expect(sayLength({ ...length, minutes: 90 })).toBe('It takes 1 h 30 min at a stretch.')
        expect(sayLength({ ...length, minutes: 200, sections: 2 })).toMatch(/it is done in 2 sections/)
        expect(sayLength({ ...length, minutes: 200 })).toMatch(/it wants a longer one, or fewer zones/)
        expect(sayLength({ ...length, minutes: null })).toMatch(/cannot be done at a stretch/)
        await userEvent.click(within(inspector).getByRole('button', { name: 'Choose all of it' }))
        expect(screen.getByRole('region', { name: 'Chosen steps' })).toHaveTextContent('2 steps chosen')
        await userEvent.click(screen.getByRole('button', { name: /^2 / }))
        expect(within(inspector).queryByRole('button', { name: 'Choose all of it' })).toBeNull()
    })
})

describe('the keys of the desk', () => {
    it('begin on what is wrong, or else on what comes next', () => {
        desk(three, [finding({ step: 'b' })])
        expect(chosen()).toHaveTextContent('2 Clear coat')
    })
    it('go through steps and zones and stop at the edges', async () => {
        desk(three, [], {}, [entry('finished', 'a')])
        expect(chosen()).toHaveTextContent('2 Clear coat')
        await keys('{ArrowDown}{ArrowDown}{ArrowDown}')
        expect(chosen()).toHaveTextContent('3 Enamel wash')
        await keys('{Home}')
        expect(chosen()).toHaveTextContent('1 Spray a colour')
        await keys('{ArrowRight}{ArrowRight}')
        expect(screen.getByRole('gridcell', { selected: true })).toContainElement(document.activeElement as HTMLElement)
        expect(document.activeElement).toHaveAccessibleName('Turret: Spray a colour')
        await keys('{End}')
        expect(document.activeElement).toHaveAccessibleName('Turret: Enamel wash')
        await keys('{ArrowLeft}{ArrowLeft}{ArrowLeft}')
        expect(document.activeElement).toHaveAccessibleName(/^3 .*Enamel wash/)
    })
    it('move a step, also before the last move is saved, and not beyond the ends', async () => {
        let answer = (_: boolean) => {}
        const answered = new Promise<boolean>((done) => {
            answer = done
        })
        edit.mockImplementationOnce(() => answered).mockImplementationOnce(() => answered)
        desk()
        await keys('{Alt>}{ArrowUp}{/Alt}')
        expect(edit).not.toHaveBeenCalled()
        await keys('{Alt>}{ArrowDown}{ArrowDown}{ArrowDown}{/Alt}')
        expect(edit.mock.calls.map(([edits]) => edits)).toEqual([moveTo('a', 1), moveTo('a', 2)])
        // What could not be saved has not moved.
        await act(async () => answer(false))
        await keys('{Alt>}{ArrowDown}{/Alt}')
        expect(lastEdits()).toEqual(moveTo('a', 1))
    })
    it('ask ahead for the moves that a held key leads to, but not before the plan is saved', async () => {
        const { asked } = desk()
        const before = asked.length
        await keys('{ArrowDown}{Alt>}')
        await waitFor(() => expect(asked.slice(before).filter((one) => one.endsWith('/preview'))).toHaveLength(2))
        await keys('{/Alt}')
        expect(edit).not.toHaveBeenCalled()
    })
    it('do not ask ahead while a change is on its way', async () => {
        const { asked } = desk(three, [], { isSaved: false })
        await keys('{ArrowDown}{Alt>}{/Alt}')
        expect(asked.filter((one) => one.endsWith('/preview'))).toEqual([])
    })
    it('put the step on a zone and take it off', async () => {
        desk()
        await keys('{ArrowRight}{ArrowRight} ')
        expect(lastEdits()).toEqual([{ edit: 'replace-step', step: step('a', { zones: ['hull', 'turret'] }) }])
        await keys('{ArrowLeft} ')
        expect(lastEdits()).toEqual([{ edit: 'replace-step', step: step('a', { zones: [] }) }])
    })
    it('mark steps as done at the present minute, and as not done', async () => {
        vi.setSystemTime('2026-11-25T19:31:40Z')
        desk([step('a'), step('b')], [], {}, [entry('finished', 'b')])
        await keys('d')
        const [done] = log.mock.lastCall?.[0] ?? []
        expect(done).toMatchObject({ kind: 'finished', step: 'a', at: '2026-11-25T19:31:00Z' })
        await keys('{ArrowDown}d')
        const [not] = log.mock.lastCall?.[0] ?? []
        expect(not).toMatchObject({ kind: 'withdrawn', step: 'b', corrects: 'finished-b' })
        expect(not?.id).not.toBe(done?.id)
        expect(edit).not.toHaveBeenCalled()
    })
    it('copy a step right after itself, still to do', async () => {
        desk([step('a'), step('b')], [], {}, [entry('finished', 'a')])
        await keys('{ArrowUp}c')
        const [copy] = lastEdits() ?? []
        expect(copy).toMatchObject({ edit: 'insert-step', at: 1, step: { technique: 'spray-colour' } })
        expect(copy?.edit === 'insert-step' && copy.step.id).not.toBe('a')
    })
    it('choose several steps and do one thing to all of them', async () => {
        desk()
        await keys('x{Shift>}{ArrowDown}{/Shift}x')
        expect(screen.getByText(/2 steps/)).toBeVisible()
        await keys('{Delete}')
        expect(edit).toHaveBeenLastCalledWith(
            [
                { edit: 'remove-step', id: 'a' },
                { edit: 'remove-step', id: 'b' },
            ],
            'Delete 2 steps',
        )
        expect(chosen()).toHaveTextContent('3 Enamel wash')
        expect(screen.queryByText(/2 steps chosen/)).toBeNull()
    })
    it('go from finding to finding, and round', async () => {
        const found = [finding({ step: 'a', key: 'one' }), finding({ step: 'c', key: 'two', severity: 'risk' })]
        desk(three, found)
        expect(chosen()).toHaveTextContent('1 Spray a colour')
        await keys('f')
        expect(chosen()).toHaveTextContent('3 Enamel wash')
        await keys('f')
        expect(chosen()).toHaveTextContent('1 Spray a colour')
        await keys('{Shift>}f{/Shift}')
        expect(chosen()).toHaveTextContent('3 Enamel wash')
    })
    it('show only what has findings of a kind, one kind after the other', async () => {
        desk(three, [finding({ step: 'b', severity: 'stop' })])
        await keys('v')
        expect(screen.getByLabelText('Show')).toHaveValue('stop')
        expect(screen.getAllByRole('button', { name: /^Drag step/ })).toHaveLength(1)
        await keys('v')
        expect(screen.getByText('No step has a finding of this kind.')).toBeVisible()
    })
    it('undo and redo', async () => {
        desk()
        await keys('{Control>}z{Shift>}z{/Shift}y{/Control}')
        expect([undo.mock.calls.length, redo.mock.calls.length]).toEqual([1, 2])
    })
    it('mean letters where somebody types', async () => {
        desk()
        await userEvent.type(screen.getByLabelText('Note'), 'dxc f 1')
        expect(screen.getByLabelText('Note')).toHaveValue('dxc f 1')
        expect(edit).not.toHaveBeenCalled()
    })
})

describe('the mouse on the board', () => {
    it('goes to a cell with the first press, and changes its zone with the next', async () => {
        desk()
        const cell = screen.getByRole('button', { name: 'Turret: Enamel wash' })
        await userEvent.click(cell)
        expect(edit).not.toHaveBeenCalled()
        expect(chosen()).toHaveTextContent('3 Enamel wash')
        await userEvent.click(cell)
        expect(lastEdits()).toEqual([{ edit: 'replace-step', step: { ...three[2], zones: ['hull', 'turret'] } }])
    })
    it('chooses a run of steps with Shift', async () => {
        desk()
        const user = userEvent.setup()
        await user.keyboard('{Shift>}')
        await user.click(screen.getByRole('button', { name: /^3 .*Enamel wash/ }))
        await user.keyboard('{/Shift}')
        expect(screen.getByText(/3 steps/)).toBeVisible()
    })
})

it('begins an empty plan with its first step', async () => {
    desk([])
    await userEvent.click(screen.getByRole('button', { name: 'Add the first step by hand' }))
    expect(await screen.findByRole('dialog')).toBeVisible()
})
