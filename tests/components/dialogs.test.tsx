import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { keepHere } from '@/app/kept'
import type { Product } from '@/features/build'
import AddStepDialog from '@/features/plan/dialogs/AddStepDialog'
import BuildDialog from '@/features/plan/dialogs/BuildDialog'
import CopyDialog, { copyEdits } from '@/features/plan/dialogs/CopyDialog'
import ProductDialog from '@/features/plan/jars/ProductDialog'
import type { PlanEdit } from '@/features/plan/state/edits'
import ZonesDialog from '@/features/plan/zones/ZonesDialog'
import { library, plan, product, room, serverKnows, show, state as stateOf, step, verdict } from './kit'

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
    const open = () =>
        show(
            <BuildDialog open onOpenChange={onOpenChange} buildId="build-1" plan={one} library={library} edit={edit} />,
        )
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
    it('have the zones measured anew when the vehicle gets another scale, unless that is not wished', async () => {
        const asked: unknown[] = []
        const edits = [{ edit: 'put-zone', zone: { id: 'hull', areaCm2: 24 } }]
        serverKnows({
            'GET /room': { ...room, reading: null },
            'POST /builds/build-1/areas': (body: unknown) => {
                asked.push(body)
                return { zones: [{ name: 'Hull', was: 100, is: 24 }], edits }
            },
        })
        open()
        expect(screen.queryByLabelText(/Measure its zones anew/)).toBeNull()
        await fill('Scale, 1:', '72')
        const isMeasured = screen.getByLabelText(/Measure its zones anew/)
        expect(isMeasured).toBeChecked()
        await userEvent.click(screen.getByRole('button', { name: 'Save' }))
        await waitFor(() => expect(edit).toHaveBeenCalledTimes(1))
        expect(asked).toEqual([{ kind: one.build.kind, form: one.build.form, scale: 72 }])
        expect(edit.mock.calls[0]?.[0]).toMatchObject([{ edit: 'describe-build' }, ...edits, { edit: 'set-bench' }])
        await userEvent.click(isMeasured)
        await userEvent.click(screen.getByRole('button', { name: 'Save' }))
        await waitFor(() => expect(edit).toHaveBeenCalledTimes(2))
        expect(edit.mock.calls[1]?.[0]).toHaveLength(2)
        expect(asked).toHaveLength(1)
    })
    it('say so where the zones cannot be measured, and keep nothing', async () => {
        serverKnows({ 'GET /room': { ...room, reading: null } })
        open()
        await fill('Scale, 1:', '72')
        await userEvent.click(screen.getByRole('button', { name: 'Save' }))
        expect(await screen.findByRole('alert')).toHaveTextContent('POST /builds/build-1/areas')
        expect(edit).not.toHaveBeenCalled()
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

const common = { open: true, onOpenChange, finish: verdict(one).finish, library, edit }

describe('zones', () => {
    it('are chosen on the vehicle or by name, with the fields of one beside it, or stand in a table', async () => {
        keepHere('zones-as-table', null)
        show(<ZonesDialog {...common} plan={one} />)
        expect(screen.getAllByLabelText('Area')).toHaveLength(1)
        await userEvent.click(screen.getByRole('radio', { name: 'Turret' }))
        expect(screen.getByLabelText('Name')).toHaveValue('Turret')
        await userEvent.click(screen.getByRole('button', { name: 'As a table' }))
        expect(screen.getAllByLabelText('Area')).toHaveLength(one.zones.length)
    })
    const row = (name: string) => {
        const found = screen.getByRole('button', { name: `Remove ${name}` }).closest('li')
        if (found === null) throw new Error(`no zone ${name}`)
        return within(found)
    }
    const open = (zones = one) => {
        keepHere('zones-as-table', true)
        show(<ZonesDialog {...common} plan={zones} />)
    }
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

describe('the panels of a zone', () => {
    const panels = [
        { id: 'bow', name: 'Bow', neighbours: [], plate: null },
        { id: 'port', name: 'Port', neighbours: ['bow'], plate: null },
    ]
    const open = () => {
        const zones = one.zones.map((zone) => (zone.id === 'hull' ? { ...zone, panels } : zone))
        keepHere('zones-as-table', true)
        show(<ZonesDialog {...common} plan={{ ...one, zones }} />)
    }
    const kept = () => {
        const [put] = edit.mock.lastCall?.[0] ?? []
        return put?.edit === 'put-zone' ? put.zone.panels : null
    }
    it('meet each other whichever says so, and part with one press', async () => {
        open()
        await userEvent.click(screen.getByText('Hull: 2 panels'))
        expect(screen.getByRole('checkbox', { name: 'Bow meets Port' })).toBeChecked()
        await userEvent.click(screen.getByRole('checkbox', { name: 'Bow meets Port' }))
        expect(kept()).toEqual([panels[0], { ...panels[1], neighbours: [] }])
    })
    it('come in a row, and are forgotten by their neighbours when they go', async () => {
        open()
        await userEvent.click(screen.getByText('Hull: 2 panels'))
        await userEvent.click(screen.getAllByRole('button', { name: 'Add a panel' })[0] as HTMLElement)
        expect(kept()).toMatchObject([{}, {}, { name: 'Panel 3', neighbours: ['port'] }])
        await userEvent.click(screen.getByRole('button', { name: 'Remove Bow' }))
        expect(kept()).toEqual([{ ...panels[1], neighbours: [] }])
    })
})

describe('a jar', () => {
    const onSave = vi.fn(async () => true)
    const open = (more: Partial<Parameters<typeof ProductDialog>[0]> = {}) =>
        show(
            <ProductDialog
                open
                onOpenChange={onOpenChange}
                library={library}
                families={['waterborne-acrylic']}
                onSave={onSave}
                {...more}
            />,
        )
    const shelfTakes = () => {
        const kept: unknown[] = []
        vi.spyOn(globalThis, 'fetch').mockImplementation(async (_input, init) => {
            const body = JSON.parse(String(init?.body ?? '{}')) as Product
            if (init?.method === 'PUT') kept.push(body)
            return new Response(JSON.stringify(init?.method === 'PUT' ? { ...body, id: 'kept' } : { jars: [] }))
        })
        return kept
    }
    it('begins with the carrier of its family, wants a name, and stays on the shelf', async () => {
        const kept = shelfTakes()
        open()
        expect(screen.getByLabelText('Carrier')).toHaveValue('water')
        await userEvent.click(screen.getByRole('button', { name: 'Add the jar' }))
        expect(screen.getByRole('alert')).toHaveTextContent('Give it a name.')
        expect(onSave).not.toHaveBeenCalled()
        await userEvent.type(screen.getByLabelText('Name'), 'Vellow 40 slate')
        await userEvent.click(screen.getByLabelText('clear'))
        await userEvent.click(screen.getByRole('button', { name: 'Add the jar' }))
        expect(onSave).toHaveBeenCalledWith(
            expect.objectContaining({
                name: 'Vellow 40 slate',
                family: 'waterborne-acrylic',
                carrier: 'water',
                sheen: 'matte',
                colour: null,
            }),
        )
        expect(kept).toMatchObject([{ name: 'Vellow 40 slate', metallic: false }])
        expect(onOpenChange).toHaveBeenCalledWith(false)
    })
    it('gets another colour and keeps all else', async () => {
        shelfTakes()
        const jar = product('green', 'Vellow 31 island green', { colour: '#566043', opacity: 0.8 })
        open({ from: jar })
        await fill('Colour when dry', 'not a colour')
        await userEvent.click(screen.getByRole('button', { name: 'Keep the change' }))
        expect(screen.getByRole('alert')).toHaveTextContent('Six digits like #6c7072, or L*, a* and b*')
        await fill('Colour when dry', '5A6446')
        await userEvent.click(screen.getByRole('button', { name: 'Keep the change' }))
        expect(onSave).toHaveBeenCalledWith({ ...jar, colour: '#5a6446' })
    })
    it('is copied under a name and an id of its own', async () => {
        shelfTakes()
        const jar = product('green', 'Vellow 31 island green', { colour: '#566043' })
        open({ from: jar, isCopy: true })
        await userEvent.click(screen.getByRole('button', { name: 'Add the jar' }))
        const copied = onSave.mock.lastCall?.at(0) as unknown as Product
        expect(copied).toMatchObject({ name: 'Vellow 31 island green, copy', colour: '#566043' })
        expect(copied.id).not.toBe('green')
    })
    it('stays open where the server refuses it, and says where', async () => {
        vi.spyOn(globalThis, 'fetch').mockResolvedValue(
            new Response(JSON.stringify({ message: 'No.', faults: [{ path: '/colour', message: 'Not a colour.' }] }), {
                status: 422,
            }),
        )
        open({ from: product('green', 'Green', { colour: '#566043' }) })
        await userEvent.click(screen.getByRole('button', { name: 'Keep the change' }))
        expect(await screen.findByText('Not a colour.')).toBeVisible()
        expect(onSave).not.toHaveBeenCalled()
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
    const state = stateOf([step('a'), step('b', { zones: ['turret'] })])
    const usual = [
        { technique: 'spray-colour', zones: ['hull', 'turret'], into: null },
        { technique: 'clear-coat', zones: ['hull', 'turret'], into: null },
        { technique: 'enamel-wash', zones: ['turret'], into: 'b' },
    ]
    const open = () => {
        serverKnows({
            'GET /builds/build-1/placing?at=2': usual,
            'GET /jars': { jars: [product('own', 'Own grey')], mixed: ['own'], poured: ['own'] },
        })
        return show(
            <AddStepDialog
                open
                onOpenChange={onOpenChange}
                state={state}
                library={library}
                after={state.plan.steps[1] ?? null}
                onPick={onPick}
            />,
        )
    }
    it('finds a technique by letters of its name or stage, and takes it with Enter', async () => {
        open()
        const search = screen.getByRole('combobox', { name: 'Technique' })
        expect(search).toHaveFocus()
        await userEvent.keyboard('tint')
        expect(screen.getAllByRole('option')).toHaveLength(1)
        await userEvent.keyboard('{Enter}')
        expect(onPick).toHaveBeenCalledWith({ technique: 'enamel-wash', zones: null, jar: null, merge: null })
        expect(onOpenChange).toHaveBeenCalledWith(false)
    })
    it('goes through the list with the arrows and stops at its ends', async () => {
        open()
        const chosen = () => screen.getByRole('option', { selected: true })
        expect(chosen()).toHaveTextContent('Spray a colour')
        await userEvent.keyboard('{ArrowUp}{ArrowDown}')
        expect(chosen()).toHaveTextContent('Clear coat')
        await userEvent.keyboard('{ArrowDown}')
        expect(chosen()).toHaveTextContent('Enamel wash')
    })
    it('shows where such work usually goes, and takes other zones', async () => {
        open()
        await userEvent.keyboard('enamel')
        expect(await screen.findByRole('button', { name: 'Add enamel wash, on 1 zone' })).toBeVisible()
        expect(screen.getByRole('checkbox', { name: 'Turret' })).toBeChecked()
        expect(screen.getByRole('checkbox', { name: 'Hull' })).not.toBeChecked()
        await userEvent.click(screen.getByRole('button', { name: 'Body only' }))
        await userEvent.click(screen.getByRole('checkbox', { name: 'Tracks' }))
        await userEvent.click(screen.getByRole('radio', { name: /^apart/ }))
        await userEvent.click(screen.getByRole('button', { name: 'Add enamel wash, on 3 zones' }))
        expect(onPick).toHaveBeenCalledWith({
            technique: 'enamel-wash',
            zones: ['hull', 'turret', 'tracks'],
            jar: null,
            merge: { into: null },
        })
    })
    it('offers to go into what is still open, and only there', async () => {
        open()
        expect(screen.queryByRole('radio')).toBeNull()
        await userEvent.keyboard('enamel')
        await userEvent.click(await screen.findByRole('radio', { name: 'into 2 Spray a colour, while that is open' }))
        await userEvent.click(screen.getByRole('option', { selected: true }))
        expect(onPick).toHaveBeenCalledWith(expect.objectContaining({ merge: { into: 'b' } }))
    })
    it('finds jars by their name: of the plan, of the shelf, and to begin with', async () => {
        open()
        await screen.findByRole('button', { name: /Add spray a colour, on/ })
        await userEvent.keyboard('own grey{Enter}')
        expect(onPick).toHaveBeenLastCalledWith(
            expect.objectContaining({ technique: 'clear-coat', jar: expect.objectContaining({ id: 'own' }) }),
        )
        await userEvent.clear(screen.getByRole('combobox'))
        await userEvent.keyboard('dark wash{Enter}')
        expect(onPick).toHaveBeenLastCalledWith(
            expect.objectContaining({ technique: 'enamel-wash', jar: expect.objectContaining({ id: 'wash-brown' }) }),
        )
    })
    it('says so when there is none by that name, and takes nothing', async () => {
        open()
        await userEvent.keyboard('lacework{Enter}')
        expect(screen.getByText('No technique and no jar goes by that name.')).toBeVisible()
        expect(onPick).not.toHaveBeenCalled()
    })
})
