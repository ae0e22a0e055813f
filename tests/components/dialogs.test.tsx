import { screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { AddStepDialog } from '@/features/plan/AddStepDialog'
import BuildDialog from '@/features/plan/BuildDialog'
import { CopyDialog, copyEdits } from '@/features/plan/CopyDialog'
import type { PlanEdit } from '@/features/plan/edits'
import ProductDialog from '@/features/plan/ProductDialog'
import ZonesDialog from '@/features/plan/ZonesDialog'
import { library, plan, room, serverKnows, show, step } from './kit'

const onOpenChange = vi.fn()
const edit = vi.fn(async (_edits: PlanEdit[], _label?: string) => true)
const one = plan([step('a'), step('b', { zones: ['turret'] })])
beforeEach(() => {
    vi.clearAllMocks()
    Element.prototype.scrollIntoView = vi.fn()
    serverKnows({
        'GET /room': { ...room, reading: { temperatureC: 18.2, humidityPercent: 47, at: '', simulated: true } },
    })
})

const fill = async (label: string, text: string) => {
    await userEvent.clear(screen.getByLabelText(label))
    if (text !== '') await userEvent.type(screen.getByLabelText(label), text)
}

describe('build, story and room', () => {
    const open = () => show(<BuildDialog open onOpenChange={onOpenChange} plan={one} library={library} edit={edit} />)
    it('are saved together', async () => {
        open()
        await fill('Name of the build', '  Ostrel, third troop ')
        await fill('In service for', '14')
        await fill('Room temperature', '16,5')
        await fill('Drying cabinet', '40')
        await userEvent.click(screen.getByLabelText('A fan moves the air'))
        await userEvent.click(screen.getByRole('button', { name: 'Save' }))
        expect(edit).toHaveBeenCalledWith(
            [
                { edit: 'describe-build', build: { ...one.build, name: 'Ostrel, third troop', serviceMonths: 14 } },
                {
                    edit: 'set-bench',
                    bench: { temperatureC: 16.5, humidityPercent: 50, movingAir: true, cabinetC: 40 },
                },
            ],
            'Change build or room',
        )
        expect(onOpenChange).toHaveBeenCalledWith(false)
    })
    it('stay open where the server refuses', async () => {
        edit.mockResolvedValueOnce(false)
        open()
        await userEvent.click(screen.getByRole('button', { name: 'Save' }))
        expect(onOpenChange).not.toHaveBeenCalled()
    })
    it.each([
        ['Name of the build', '', 'Give the build a name.'],
        ['Scale, 1:', '35.5', 'A whole number from 4 to 200.'],
        ['In service for', '-1', 'Whole months, 0 to 1200, or nothing.'],
        ['Room temperature', '50', 'From 5 to 35 °C.'],
        ['Relative humidity', 'damp', 'From 10 to 95 %.'],
        ['Drying cabinet', '60', 'From 25 to 45 °C: hotter warps polystyrene.'],
    ])('name the field: %s', async (label, text, says) => {
        open()
        await fill(label, text)
        await userEvent.click(screen.getByRole('button', { name: 'Save' }))
        expect(screen.getByRole('alert')).toHaveTextContent(says)
        expect(screen.getByLabelText(label)).toBeInvalid()
        expect(edit).not.toHaveBeenCalled()
    })
    it('take over the room as measured or as it is in a season', async () => {
        open()
        await userEvent.click(await screen.findByRole('button', { name: /As measured now/ }))
        expect(screen.getByLabelText('Room temperature')).toHaveValue('18.2')
        await userEvent.click(screen.getByRole('button', { name: /In summer/ }))
        expect(screen.getByLabelText('Room temperature')).toHaveValue('24')
        expect(screen.getByLabelText('Relative humidity')).toHaveValue('60')
    })
})

describe('zones', () => {
    const row = (name: string) => {
        const found = screen.getByRole('button', { name: `Remove ${name}` }).closest('li')
        if (found === null) throw new Error(`no zone ${name}`)
        return within(found)
    }
    const open = (zones = one) =>
        show(<ZonesDialog open onOpenChange={onOpenChange} plan={zones} library={library} edit={edit} />)
    it('change at once, each under its name', async () => {
        open()
        const hull = row('Hull')
        await userEvent.clear(hull.getByLabelText('Area'))
        await userEvent.type(hull.getByLabelText('Area'), '120,5')
        await userEvent.tab()
        expect(edit).toHaveBeenLastCalledWith(
            [{ edit: 'put-zone', zone: { ...one.zones[0], areaCm2: 120.5 } }],
            'Change Hull',
        )
        await userEvent.click(hull.getByLabelText('sheltered'))
        expect(edit).toHaveBeenLastCalledWith(
            [{ edit: 'put-zone', zone: { ...one.zones[0], sheltered: true } }],
            'Change Hull',
        )
        await userEvent.selectOptions(hull.getByLabelText('Traffic'), 'heavy')
        expect(edit).toHaveBeenLastCalledWith(
            [{ edit: 'put-zone', zone: { ...one.zones[0], traffic: 'heavy' } }],
            'Change Hull',
        )
    })
    it.each([
        ['Name', '', 'Give it a name.'],
        ['Area', '0', 'More than 0, at most 20000.'],
        ['Area', 'large', 'More than 0, at most 20000.'],
    ])('say what is wrong with %s “%s”, and keep what was', async (label, text, says) => {
        open()
        const field = row('Turret').getByLabelText(label)
        await userEvent.clear(field)
        if (text !== '') await userEvent.type(field, text)
        await userEvent.tab()
        expect(await screen.findByRole('alert')).toHaveTextContent(says)
        expect(edit).not.toHaveBeenCalled()
    })
    it('are added and removed, but never the last one', async () => {
        open()
        await userEvent.click(screen.getByRole('button', { name: 'Add a zone' }))
        expect(edit.mock.calls[0]?.[0][0]).toMatchObject({ edit: 'put-zone', zone: { name: 'New zone', areaCm2: 20 } })
        const remove = screen.getByRole('button', { name: 'Remove Turret' })
        expect(remove).toHaveAttribute('data-tip', 'Remove Turret from 1 steps too; undo brings it back')
        await userEvent.click(remove)
        expect(edit).toHaveBeenLastCalledWith([{ edit: 'remove-zone', id: 'turret' }], 'Remove Turret')
    })
    it('keep the last one', () => {
        open({ ...one, zones: one.zones.slice(0, 1) })
        expect(screen.getByRole('button', { name: 'Remove Hull' })).toBeDisabled()
    })
})

describe('a new product', () => {
    const onSave = vi.fn(async () => true)
    it('begins with the carrier of its family, and wants a name', async () => {
        show(
            <ProductDialog
                open
                onOpenChange={onOpenChange}
                library={library}
                families={['waterborne-acrylic']}
                onSave={onSave}
            />,
        )
        expect(screen.getByLabelText('Carrier')).toHaveValue('water')
        await userEvent.click(screen.getByRole('button', { name: 'Take it' }))
        expect(screen.getByRole('alert')).toHaveTextContent('Give it a name.')
        expect(onSave).not.toHaveBeenCalled()
        await userEvent.type(screen.getByLabelText('Name'), 'Vellow 40 slate')
        await userEvent.click(screen.getByLabelText('clear'))
        await userEvent.click(screen.getByRole('button', { name: 'Take it' }))
        expect(onSave).toHaveBeenCalledWith(
            expect.objectContaining({
                name: 'Vellow 40 slate',
                family: 'waterborne-acrylic',
                carrier: 'water',
                sheen: 'matte',
                colour: null,
            }),
        )
        expect(onOpenChange).toHaveBeenCalledWith(false)
    })
})

describe('copying steps to other zones', () => {
    it('puts them on more zones, in the order of the zones', () => {
        expect(copyEdits(one, one.steps.slice(1), ['tracks', 'hull'], false)).toEqual([
            { edit: 'replace-step', step: { ...one.steps[1], zones: ['hull', 'turret', 'tracks'] } },
        ])
    })
    it('makes steps of their own that are still to do, after the last of them', async () => {
        show(<CopyDialog open onOpenChange={onOpenChange} plan={one} steps={one.steps} edit={edit} />)
        expect(screen.getByRole('button', { name: 'Copy' })).toBeDisabled()
        await userEvent.click(screen.getByRole('button', { name: 'Tracks' }))
        await userEvent.click(screen.getByRole('checkbox'))
        await userEvent.click(screen.getByRole('button', { name: 'Copy' }))
        expect(edit.mock.calls[0]?.[0]).toMatchObject([
            { edit: 'insert-step', at: 2, step: { technique: 'spray-colour', zones: ['tracks'] } },
            { edit: 'insert-step', at: 3, step: { zones: ['tracks'] } },
        ])
        expect(onOpenChange).toHaveBeenCalledWith(false)
    })
})

describe('adding a step', () => {
    const onPick = vi.fn(async () => {})
    const open = () => show(<AddStepDialog open onOpenChange={onOpenChange} library={library} onPick={onPick} />)
    it('finds a technique by letters of its name or stage, and takes it with Enter', async () => {
        open()
        const search = screen.getByRole('combobox', { name: 'Technique' })
        expect(search).toHaveFocus()
        await userEvent.keyboard('tint')
        expect(screen.getAllByRole('option')).toHaveLength(1)
        await userEvent.keyboard('{Enter}')
        expect(onPick).toHaveBeenCalledWith('enamel-wash')
        expect(onOpenChange).toHaveBeenCalledWith(false)
    })
    it('goes through the list with the arrows and stops at its ends', async () => {
        open()
        const chosen = () => screen.getByRole('option', { selected: true })
        expect(chosen()).toHaveTextContent('Spray a colour')
        await userEvent.keyboard('{ArrowUp}{ArrowDown}')
        expect(chosen()).toHaveTextContent('Clear coat')
        await userEvent.keyboard('{ArrowDown}{ArrowDown}{ArrowDown}')
        expect(chosen()).toHaveTextContent('Enamel wash')
    })
    it('says so when there is none by that name', async () => {
        open()
        await userEvent.keyboard('lacework{Enter}')
        expect(screen.getByText('No technique goes by that name.')).toBeVisible()
        expect(onPick).not.toHaveBeenCalled()
    })
})
