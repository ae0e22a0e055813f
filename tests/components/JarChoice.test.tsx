import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { afterEach, describe, expect, it, vi } from 'vitest'
import JarChoice from '@/features/plan/inspector/JarChoice'
import PanelMixesDialog from '@/features/plan/zones/PanelMixesDialog'
import { serverKnows, show, state, step } from './kit'

const jar = (id: string, atEnd: number, effect: string, changes = {}) => ({
    jar: id,
    name: id,
    family: 'artist-oil',
    colour: '#4d3523',
    mark: ['#35291f', '#40362a'],
    ground: ['#566043', '#565f45'],
    now: atEnd + 1,
    atEnd,
    effect,
    edits: [{ edit: 'replace-step', id }],
    ...changes,
})
const choices = (...jars: ReturnType<typeof jar>[]) => ({
    version: 1,
    step: 'b',
    zone: 'hull',
    place: 'recess',
    ground: '#566043',
    load: 'brushed',
    loads: [
        { code: 'dab', label: 'dabs' },
        { code: 'brushed', label: 'a loaded brush' },
    ],
    jars,
})
const JARS = 'GET /builds/build-1/steps/b/jars?zone=hull'
const first = state([step('a'), step('b', { product: 'green' })])
afterEach(() => vi.restoreAllMocks())

describe('comparing jars on the ground of a step', () => {
    it('asks when somebody wants to know, orders by what is left, and takes one with a press', async () => {
        const asked = serverKnows({
            [`GET /builds/${first.id}/steps/b/jars?zone=hull`]: choices(
                jar('bone', 21, 'crisp'),
                jar('umber', 7, 'soft'),
                jar('green', 1, 'lost'),
            ),
        })
        const apply = vi.fn().mockResolvedValue(true)
        const near = vi.fn()
        show(<JarChoice state={first} step={step('b')} zone="hull" apply={apply} near={near} />)
        expect(asked).toEqual([])
        await userEvent.click(screen.getByRole('button', { name: 'Compare jars on this ground' }))
        const crisp = await screen.findByRole('region', { name: 'Crisp' })
        expect(
            within(screen.getByRole('region', { name: 'Lost' })).getByRole('button', { name: /in use/ }),
        ).toHaveAttribute('aria-pressed', 'true')
        const bone = within(crisp).getByRole('button', { name: /^bone/ })
        await userEvent.hover(bone)
        expect(near).toHaveBeenLastCalledWith([{ edit: 'replace-step', id: 'bone' }])
        await userEvent.click(bone)
        expect(apply).toHaveBeenCalledWith([{ edit: 'replace-step', id: 'bone' }], 'Use “bone”')
    })
    it('lays more of it, also of the jar that is in use', async () => {
        const asked = serverKnows({
            [`GET /builds/${first.id}/steps/b/jars?zone=hull`]: choices(jar('green', 5, 'soft')),
            [`GET /builds/${first.id}/steps/b/jars?zone=hull&load=dab`]: {
                ...choices(jar('green', 2, 'tone')),
                load: 'dab',
            },
        })
        const apply = vi.fn().mockResolvedValue(true)
        show(<JarChoice state={first} step={step('b')} zone="hull" apply={apply} near={vi.fn()} />)
        await userEvent.click(screen.getByRole('button', { name: 'Compare jars on this ground' }))
        await userEvent.click(await screen.findByRole('button', { name: 'dabs' }))
        const tone = await screen.findByRole('region', { name: 'A tone' })
        expect(asked).toHaveLength(2)
        await userEvent.click(within(tone).getByRole('button', { name: /green/ }))
        expect(apply).toHaveBeenCalledOnce()
    })
    it('shows a few of each effect, the one in use among them, and the rest when asked', async () => {
        serverKnows({
            [`GET /builds/${first.id}/steps/b/jars?zone=hull`]: choices(
                ...['p', 'q', 'r', 's', 't', 'green'].map((id, place) => jar(id, 30 - place, 'crisp')),
            ),
        })
        show(<JarChoice state={first} step={step('b')} zone={null} apply={vi.fn()} near={vi.fn()} />)
        await userEvent.click(screen.getByRole('button', { name: 'Compare jars on this ground' }))
        const crisp = await screen.findByRole('region', { name: 'Crisp' })
        expect(within(crisp).getAllByRole('listitem')).toHaveLength(5)
        await userEvent.click(within(crisp).getByRole('button', { name: '1 more' }))
        expect(within(crisp).getAllByRole('listitem')).toHaveLength(6)
    })
    it('says so where a step leaves no colour, and is not offered where there is no jar', async () => {
        serverKnows({ [`GET /builds/${first.id}/steps/b/jars?zone=hull`]: { ...choices(), place: null } })
        const { unmount } = show(
            <JarChoice state={first} step={step('b')} zone="hull" apply={vi.fn()} near={vi.fn()} />,
        )
        await userEvent.click(screen.getByRole('button', { name: 'Compare jars on this ground' }))
        expect(await screen.findByText('This step leaves no colour of its own.')).toBeVisible()
        unmount()
        show(<JarChoice state={first} step={step('b', { product: null })} zone="hull" apply={vi.fn()} near={vi.fn()} />)
        expect(screen.queryByRole('button')).toBeNull()
    })
    it('offers to ask again where the answer fails', async () => {
        serverKnows({})
        show(<JarChoice state={first} step={step('b')} zone="hull" apply={vi.fn()} near={vi.fn()} />)
        await userEvent.click(screen.getByRole('button', { name: 'Compare jars on this ground' }))
        expect(await screen.findByText(/Nobody knows/)).toBeVisible()
    })
})

describe('a mix for every panel', () => {
    const panels = [
        { id: 'bow', name: 'Bow', neighbours: ['port'], plate: null },
        { id: 'port', name: 'Port side', neighbours: [], plate: null },
    ]
    const tinted = {
        ...first,
        plan: {
            ...first.plan,
            zones: first.plan.zones.map((zone) => (zone.id === 'hull' ? { ...zone, panels } : zone)),
        },
    }
    const mix = (number: number, name: string, on: string[]) => ({
        mix: number,
        name,
        colour: '#806040',
        jars: [name],
        parts: [1],
        panels: panels.filter((panel) => on.includes(panel.id)).map(({ id, name: called }) => ({ id, name: called })),
    })
    const answer = (changes = {}) => ({
        version: 1,
        chosen: ['umber', 'bone'],
        mixes: [mix(0, 'umber', ['bow']), mix(1, 'bone', ['port']), mix(2, 'umber + bone', [])],
        toldApart: 3,
        alike: 0,
        least: 23.4,
        mostUsed: 1,
        isProved: true,
        edits: [{ edit: 'insert-step', at: 2 }],
        ...changes,
    })
    const open = (answers: Record<string, unknown>) => {
        const asked = serverKnows({
            [JARS.replace('build-1', tinted.id)]: choices(jar('umber', 9, 'soft'), jar('bone', 20, 'crisp')),
            ...answers,
        })
        const edit = vi.fn().mockResolvedValue(true)
        const close = vi.fn()
        show(
            <PanelMixesDialog
                open
                onOpenChange={close}
                state={tinted}
                step={step('b', { product: 'umber' })}
                edit={edit}
            />,
        )
        return { asked, edit, close }
    }
    const MIXES = `POST /builds/${tinted.id}/steps/b/panel-mixes`
    it('shows what every panel gets beside its neighbours, and puts it on the plan', async () => {
        const { edit, close } = open({ [MIXES]: answer() })
        expect(await screen.findByRole('status')).toHaveTextContent(
            '3 mixes, 3 told apart. 2 used on 2 panels. No neighbours closer than ΔE 23.4, the best there is.',
        )
        await userEvent.click(screen.getByRole('button', { name: 'Put 2 steps on the plan in its place' }))
        expect(edit).toHaveBeenCalledWith([{ edit: 'insert-step', at: 2 }], 'A mix for every panel')
        expect(close).toHaveBeenCalledWith(false)
    })
    it('asks anew with a panel that is kept, and says where neighbours must share a mix', async () => {
        const { asked } = open({ [MIXES]: answer({ alike: 1, least: 0 }) })
        await userEvent.click(await screen.findByRole('button', { name: 'Keep Bow so' }))
        expect(await screen.findByRole('button', { name: 'Let Bow change' })).toBeVisible()
        expect(asked.filter((one) => one === MIXES)).toHaveLength(2)
        expect(screen.getByRole('status')).toHaveTextContent('1 pair of neighbours must share one: take another jar.')
    })
    it('begins with the jars that the server has chosen, faintly apart, and always keeps one of them', async () => {
        const { asked } = open({ [MIXES]: answer() })
        await screen.findByRole('status')
        expect(screen.getByRole('combobox', { name: 'How far neighbours differ' })).toHaveValue('faintly')
        const [umber, bone] = ['umber', 'bone'].map((name) => screen.getByRole('checkbox', { name }))
        expect(umber).toBeChecked()
        await userEvent.click(umber as HTMLElement)
        await waitFor(() => expect(umber).not.toBeChecked())
        await userEvent.click(bone as HTMLElement)
        expect(bone).toBeChecked()
        await userEvent.selectOptions(screen.getByRole('combobox', { name: 'How far neighbours differ' }), 'strongly')
        await waitFor(() => expect(asked.filter((one) => one === MIXES).length).toBeGreaterThan(2))
    })
})
