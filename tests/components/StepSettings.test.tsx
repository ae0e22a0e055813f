import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { Step } from '@/features/build'
import StepSettings from '@/features/plan/inspector/StepSettings'
import type { PlanEdit } from '@/features/plan/state/edits'
import { library, plan, show, step } from './kit'

const edit = vi.fn(async (_edits: PlanEdit[], _label?: string) => true)
const settingsOf = (one: Step) => show(<StepSettings plan={plan([one])} library={library} step={one} edit={edit} />)
const replaced = (one: Step) => [{ edit: 'replace-step', step: one }]
const washed = step('w', {
    technique: 'enamel-wash',
    product: 'wash-brown',
    application: 'brush',
    cleanUp: [{ carrier: 'water', rubbed: false, afterMinutes: 30 }],
})
beforeEach(() => vi.clearAllMocks())

describe('the settings of a step', () => {
    it.each([
        ['Applied', 'by brush', { application: 'brush' }],
        ['Thinned with', 'water', { thinner: 'water' }],
        ['How wet', 'a mist, nearly dry', { load: 'mist' }],
    ])('are saved as soon as they are chosen: %s', async (label, choice, changes) => {
        settingsOf(step('a'))
        await userEvent.selectOptions(screen.getByLabelText(label), choice)
        expect(edit).toHaveBeenCalledExactlyOnceWith(replaced(step('a', changes)))
    })
    it('say how thin it is laid', async () => {
        settingsOf(step('a'))
        const thinner = screen.getByLabelText(/^Thinner in it/)
        await userEvent.type(thinner, '65{Enter}')
        expect(edit).toHaveBeenLastCalledWith(replaced(step('a', { thinnerShare: 65 })))
        await userEvent.clear(thinner)
        await userEvent.type(thinner, '120{Enter}')
        expect(edit).toHaveBeenCalledTimes(1)
    })
    it('say how much dust there is, by name and by a step, and only of what has an amount', async () => {
        const { unmount } = settingsOf(step('a'))
        expect(screen.queryByLabelText('How much')).toBeNull()
        unmount()
        const dusty = step('d', { technique: 'dry-pigment', amount: 'heavy' })
        const { rerender } = settingsOf(dusty)
        await userEvent.selectOptions(screen.getByLabelText('How much'), 'a breath of it')
        expect(edit).toHaveBeenLastCalledWith(replaced({ ...dusty, amount: 'breath' }))
        await userEvent.click(screen.getByRole('button', { name: 'More of it (+)' }))
        expect(edit).toHaveBeenLastCalledWith(replaced({ ...dusty, amount: 'caked' }))
        await userEvent.click(screen.getByRole('button', { name: 'Less of it (−)' }))
        expect(edit).toHaveBeenLastCalledWith(replaced({ ...dusty, amount: 'settled' }))
        const caked = { ...dusty, amount: 'caked' as const }
        rerender(<StepSettings plan={plan([caked])} library={library} step={caked} edit={edit} />)
        expect(screen.getByRole('button', { name: 'More of it (+)' })).toBeDisabled()
    })
    it('say where on its zones it goes, and take it back', async () => {
        const { unmount } = settingsOf(step('a'))
        await userEvent.click(screen.getByLabelText('edges'))
        expect(edit).toHaveBeenLastCalledWith(
            replaced(step('a', { extent: { share: null, places: ['edges'], panels: [], pattern: null } })),
        )
        unmount()
        settingsOf(step('a', { extent: { share: null, places: ['edges', 'recesses'], panels: [], pattern: null } }))
        await userEvent.click(screen.getByLabelText('edges'))
        expect(edit).toHaveBeenLastCalledWith(
            replaced(step('a', { extent: { share: null, places: ['recesses'], panels: [], pattern: null } })),
        )
        await userEvent.click(screen.getByLabelText('recesses'))
        expect(edit).toHaveBeenLastCalledWith(
            replaced(step('a', { extent: { share: null, places: ['edges'], panels: [], pattern: null } })),
        )
    })
    it('say how much of its zones it covers, and name the fault at the field', async () => {
        settingsOf(step('a'))
        const share = screen.getByLabelText('How much of them')
        await userEvent.type(share, '120{Enter}')
        expect(screen.getByText('A whole number from 1 to 100.')).toBeVisible()
        await userEvent.clear(share)
        await userEvent.type(share, '20{Enter}')
        expect(edit).toHaveBeenLastCalledWith(
            replaced(step('a', { extent: { share: 20, places: [], panels: [], pattern: null } })),
        )
    })
    it('choose the panels of a zone that has some', async () => {
        const one = step('a')
        const base = plan([one])
        const zones = base.zones.map((zone) =>
            zone.id === 'hull'
                ? { ...zone, panels: [{ id: 'bow', name: 'Bow plate', neighbours: [], plate: null }] }
                : zone,
        )
        show(<StepSettings plan={{ ...base, zones }} library={library} step={one} edit={edit} />)
        await userEvent.click(screen.getByLabelText('Bow plate'))
        expect(edit).toHaveBeenLastCalledWith(
            replaced(step('a', { extent: { share: null, places: [], panels: ['bow'], pattern: null } })),
        )
    })
    it('say what it is worked into, or that it lies apart', async () => {
        const [a, b] = [step('a'), step('b')]
        const { unmount } = show(<StepSettings plan={plan([a, b])} library={library} step={b} edit={edit} />)
        await userEvent.selectOptions(screen.getByLabelText('Wet in wet'), 'into 1 Spray a colour')
        expect(edit).toHaveBeenLastCalledWith(replaced(step('b', { merge: { into: 'a' } })))
        await userEvent.selectOptions(screen.getByLabelText('Wet in wet'), 'apart, once what lies there has set')
        expect(edit).toHaveBeenLastCalledWith(replaced(step('b', { merge: { into: null } })))
        unmount()
        show(<StepSettings plan={plan([a, b])} library={library} step={a} edit={edit} />)
        expect(screen.queryByLabelText('Wet in wet')).toBeNull()
    })
    it('say whether it is done with the step before, or at another time', async () => {
        const [a, b] = [step('a'), step('b')]
        const { unmount } = show(<StepSettings plan={plan([a, b])} library={library} step={b} edit={edit} />)
        await userEvent.selectOptions(screen.getByLabelText('Sitting'), 'in one sitting with step 1')
        expect(edit).toHaveBeenLastCalledWith(replaced(step('b', { sitting: 'joined' })))
        await userEvent.selectOptions(screen.getByLabelText('Sitting'), 'another time than step 1')
        expect(edit).toHaveBeenLastCalledWith(replaced(step('b', { sitting: 'apart' })))
        unmount()
        show(<StepSettings plan={plan([a, b])} library={library} step={a} edit={edit} />)
        expect(screen.queryByLabelText('Sitting')).toBeNull()
    })
    it('go over the zone as usual once no place is chosen', async () => {
        settingsOf(step('a', { extent: { share: null, places: ['fittings'], panels: [], pattern: null } }))
        await userEvent.click(screen.getByLabelText('round fittings'))
        expect(edit).toHaveBeenLastCalledWith(replaced(step('a', { extent: null })))
    })
    it.each([
        ['Coats', '3', { coats: 3 }],
        ['Coats', '', { coats: 1 }],
        ['Wait before it', '90', { waitMinutes: 90 }],
    ])('are saved when the field is left: %s %s', async (label, text, changes) => {
        settingsOf(step('a'))
        const field = screen.getByLabelText(label)
        await userEvent.clear(field)
        if (text !== '') await userEvent.type(field, text)
        expect(edit).not.toHaveBeenCalled()
        await userEvent.tab()
        expect(edit).toHaveBeenCalledExactlyOnceWith(replaced(step('a', changes)))
    })
    it.each([
        ['Coats', '13', 'A whole number from 1 to 12.'],
        ['Coats', '1,5', 'A whole number from 1 to 12.'],
        ['Wait before it', 'overnight', 'A whole number from 0 to 525600.'],
    ])('say at the field what cannot be: %s %s', async (label, text, says) => {
        settingsOf(step('a'))
        const field = screen.getByLabelText(label)
        await userEvent.clear(field)
        await userEvent.type(field, `${text}{Enter}`)
        expect(screen.getByText(says)).toBeVisible()
        expect(field).toBeInvalid()
        expect(edit).not.toHaveBeenCalled()
        await userEvent.clear(field)
        await userEvent.type(field, '2{Enter}')
        expect(screen.queryByText(says)).toBeNull()
    })
    it('are not saved where nothing was changed', async () => {
        settingsOf(step('a', { note: 'thin coats' }))
        await userEvent.click(screen.getByLabelText('Coats'))
        await userEvent.click(screen.getByLabelText('Note'))
        await userEvent.tab()
        expect(edit).not.toHaveBeenCalled()
        await userEvent.type(screen.getByLabelText('Note'), ', fan on')
        await userEvent.tab()
        expect(edit).toHaveBeenCalledExactlyOnceWith(replaced(step('a', { note: 'thin coats, fan on' })))
    })
    it('say how long a wait is in words', () => {
        settingsOf(step('a', { waitMinutes: 1500 }))
        expect(screen.getByText('That is 1 d 1 h after the step before.')).toBeVisible()
    })
    it('bring a product from the starter shelf into the plan', async () => {
        settingsOf(step('c', { technique: 'clear-coat', product: null }))
        await userEvent.click(screen.getByRole('button', { name: /^Jar/ }))
        await userEvent.keyboard('gloss{Enter}')
        const [put, replace] = edit.mock.lastCall?.[0] ?? []
        expect(put).toEqual({ edit: 'put-product', product: library.starterShelf[0] })
        expect(replace).toMatchObject({ edit: 'replace-step', step: { product: 'clear-gloss' } })
    })
    it('take a new product by its name', async () => {
        settingsOf(step('a'))
        await userEvent.click(screen.getByRole('button', { name: /^Jar/ }))
        await userEvent.click(screen.getByRole('button', { name: 'A new jar' }))
        expect(await screen.findByRole('dialog', { name: 'A new jar' })).toBeVisible()
        expect(edit).not.toHaveBeenCalled()
    })
    it('leave it to the server what follows from another technique', async () => {
        settingsOf(step('a'))
        await userEvent.click(screen.getByRole('button', { name: /^Technique/ }))
        await userEvent.keyboard('enamel{Enter}')
        expect(edit).toHaveBeenCalledExactlyOnceWith([{ edit: 'change-technique', id: 'a', technique: 'enamel-wash' }])
    })
})

describe('the clean-up of a wash', () => {
    it('is set field by field', async () => {
        settingsOf(washed)
        expect(screen.getByText('Clean-up, when it is dull')).toBeVisible()
        await userEvent.selectOptions(screen.getByLabelText('How'), 'scrubbed')
        expect(edit).toHaveBeenLastCalledWith(
            replaced({ ...washed, cleanUp: [{ carrier: 'water', rubbed: true, afterMinutes: 30 }] }),
        )
        const after = screen.getByLabelText('After')
        await userEvent.clear(after)
        await userEvent.type(after, '45{Enter}')
        expect(edit).toHaveBeenLastCalledWith(
            replaced({ ...washed, cleanUp: [{ carrier: 'water', rubbed: false, afterMinutes: 45 }] }),
        )
    })
    it('can be left out', async () => {
        settingsOf(washed)
        await userEvent.click(screen.getByRole('button', { name: 'Leave it out' }))
        expect(edit).toHaveBeenLastCalledWith(replaced({ ...washed, cleanUp: [] }))
    })
    it('takes a second pass, a little later and with the same', async () => {
        const passes = [...washed.cleanUp, { carrier: null, rubbed: true, afterMinutes: 50 }]
        const { unmount } = settingsOf(washed)
        await userEvent.click(screen.getByRole('button', { name: 'Add another pass' }))
        expect(edit.mock.lastCall?.[0]).toMatchObject([{ step: { cleanUp: [{}, { afterMinutes: 40 }] } }])
        unmount()
        settingsOf({ ...washed, cleanUp: passes })
        await userEvent.selectOptions(screen.getByLabelText('With (pass 1)'), 'nothing: dry')
        expect(edit.mock.lastCall?.[0]).toMatchObject([
            { step: { cleanUp: [{ carrier: null, afterMinutes: 30 }, passes[1]] } },
        ])
    })
    it('is offered where there is none, and not of what needs none', async () => {
        const { unmount } = settingsOf({ ...washed, cleanUp: [] })
        await userEvent.click(screen.getByRole('button', { name: 'Add a clean-up' }))
        expect(edit.mock.lastCall?.[0]).toMatchObject([
            { step: { cleanUp: [{ carrier: 'odourless-spirit', rubbed: false, afterMinutes: 30 }] } },
        ])
        unmount()
        settingsOf(step('a'))
        expect(screen.queryByRole('button', { name: 'Add a clean-up' })).toBeNull()
    })
})
