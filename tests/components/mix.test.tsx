import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it, vi } from 'vitest'
import { measure, sayThinning } from '@/features/mix/drops'
import { MixDesk } from '@/features/mix/MixDesk'
import { product, serverKnows, show } from './kit'

const paint = (id: string, name: string, colour: string) => product(id, name, { colour, sheen: 'matte' })
const jars = [
    paint('white', 'Chalk white', '#e9e7df'),
    paint('green', 'Fir', '#3f4a38'),
    paint('buff', 'Buff', '#b7a37c'),
]
const answers = [
    {
        family: 'waterborne acrylic',
        parts: [{ jar: 'green', parts: 3 }],
        colour: '#3f4a38',
        difference: 4.2,
        says: 'x',
    },
    {
        family: 'waterborne acrylic',
        parts: [
            { jar: 'green', parts: 5 },
            { jar: 'white', parts: 2 },
        ],
        colour: '#667060',
        difference: 1.4,
        says: 'a trace lighter',
    },
]
const closest = (isReached = true) => ({
    wanted: '#566043',
    isReached,
    missing: isReached ? null : { word: 'bright yellow', colour: '#586144', difference: 1.2 },
    answers,
})
const look = {
    colour: '#667060',
    difference: 1.4,
    says: 'a trace lighter',
    nearer: [],
    hides: 0.8,
    coats: [{ coats: 1, colour: '#556', left: 3 }],
}
const kept = [
    {
        id: 'm',
        name: 'Faded green',
        note: '',
        made: '2026-11-20T20:00:00Z',
        parts: [{ jar: jars[1], parts: 2 }],
        share: 0.5,
        wanted: '#445566',
        colour: '#3f4a38',
    },
]
const knows = (more: Record<string, unknown> = {}) =>
    serverKnows({
        'GET /jars': { jars },
        'POST /mixes/closest': closest(),
        'POST /mixes/look': look,
        'GET /mixes': { mixes: kept },
        'POST /mixes': kept[0],
        ...more,
    })
const cup = async () => within(await screen.findByRole('region', { name: 'In the cup' }))

describe('drops', () => {
    const parts = [
        { jar: 'a', parts: 5 },
        { jar: 'b', parts: 3 },
    ]
    it('keep the parts exactly, for about as much as is wanted', () => {
        const { drops, paint: ml, thinner } = measure(parts, 0.5, 2)
        expect(drops).toEqual([
            { jar: 'a', drops: 15 },
            { jar: 'b', drops: 9 },
        ])
        expect(ml).toBeCloseTo(1.2)
        expect(thinner).toBeCloseTo(1.2)
        expect(measure(parts, 0.05, 0.1).drops).toEqual([
            { jar: 'a', drops: 5 },
            { jar: 'b', drops: 3 },
        ])
    })
    it.each([
        [1, 'as it comes'],
        [0.5, '1 paint to 1 thinner'],
        [0.67, '2 paint to 1 thinner'],
        [0.4, '2 paint to 3 thinner'],
        [0.05, '1 paint to 19 thinner'],
    ])('thinned to %s reads %s', (share, says) => expect(sayThinning(share)).toBe(says))
})

describe('the mix desk', () => {
    it('pours the best answer, and another that is pressed', async () => {
        knows()
        show(<MixDesk />)
        expect(await (await cup()).findByLabelText('Parts of Fir')).toHaveTextContent('3')
        await userEvent.click(screen.getByRole('button', { name: /Chalk white/ }))
        expect(
            within(screen.getByRole('region', { name: 'In the cup' })).getByLabelText('Parts of Chalk white'),
        ).toHaveTextContent('2')
        expect(screen.getByText(/from what you want/)).toHaveTextContent('ΔE 1.4 from what you want: a trace lighter.')
    })
    it('counts parts up and down, and takes jars in and out', async () => {
        knows()
        show(<MixDesk />)
        const inside = await cup()
        await userEvent.click(await inside.findByRole('button', { name: 'More Fir' }))
        expect(inside.getByLabelText('Parts of Fir')).toHaveTextContent('4')
        await userEvent.selectOptions(inside.getByLabelText('Another jar into it'), 'Buff')
        expect(inside.getByLabelText('Parts of Buff')).toHaveTextContent('1')
        await userEvent.click(inside.getByRole('button', { name: 'Without Fir' }))
        expect(inside.queryByLabelText('Parts of Fir')).toBeNull()
    })
    it('adds to the cup what brings it nearer, more of a jar to what is there of it', async () => {
        const adds = [
            { jar: 'green', parts: 2 },
            { jar: 'buff', parts: 1 },
        ]
        knows({ 'POST /mixes/look': { ...look, nearer: [{ adds, colour: '#566043', difference: 0.4 }] } })
        show(<MixDesk />)
        const inside = await cup()
        await userEvent.click(await inside.findByRole('button', { name: /^2 Fir and 1 Buff/ }))
        expect(inside.getByLabelText('Parts of Fir')).toHaveTextContent('5')
        expect(inside.getByLabelText('Parts of Buff')).toHaveTextContent('1')
    })
    it('says so when the shelf does not reach the colour', async () => {
        knows({ 'POST /mixes/closest': closest(false) })
        show(<MixDesk />)
        expect(await screen.findByText(/Your shelf does not reach this colour/)).toBeInTheDocument()
        expect(screen.getByText('With a jar of bright yellow it comes to ΔE 1.2.')).toBeVisible()
    })
    it('keeps a mix under a name, and asks for one', async () => {
        const asked = knows()
        show(<MixDesk />)
        const inside = await cup()
        await userEvent.click(await inside.findByRole('button', { name: 'Keep' }))
        expect(inside.getByText('Give it a name.')).toBeInTheDocument()
        await userEvent.type(inside.getByLabelText('Keep it as'), 'Hull, faded')
        await userEvent.click(inside.getByRole('button', { name: 'Keep' }))
        await waitFor(() => expect(asked.filter((one) => one === 'GET /mixes')).toHaveLength(2))
        expect(asked).toContain('POST /mixes')
    })
    it('bottles a mix as a jar of the same kind, in its own colour', async () => {
        let sent: unknown
        knows()
        const asked = vi.spyOn(globalThis, 'fetch')
        show(<MixDesk />)
        const inside = await cup()
        await inside.findByLabelText('Parts of Fir')
        await userEvent.type(inside.getByLabelText('Keep it as'), 'Faded fir')
        await userEvent.click(inside.getByRole('button', { name: 'Bottle it as a jar' }))
        await waitFor(() => {
            const put = asked.mock.calls.find(([, init]) => init?.method === 'PUT')
            sent = JSON.parse(String(put?.[1]?.body))
            expect(sent).toMatchObject({ name: 'Faded fir', colour: '#667060', opacity: 0.8, sheen: 'matte' })
        })
    })
    it('finds a mix by its jar, and pours it again', async () => {
        knows()
        show(<MixDesk />)
        const find = await screen.findByLabelText('Find by name or jar')
        await userEvent.type(find, 'buff')
        expect(await screen.findByText(/None is called so/)).toBeInTheDocument()
        await userEvent.clear(find)
        await userEvent.type(find, 'fir')
        await userEvent.click(await screen.findByRole('button', { name: /^Faded green/ }))
        expect((await cup()).getByLabelText('Parts of Fir')).toHaveTextContent('2')
        expect(screen.getByLabelText('Colour')).toHaveValue('#445566')
    })
    it('offers plain jars where there is no paint', async () => {
        const asked = serverKnows({
            'GET /jars': { jars: [] },
            'GET /library': { starterShelf: [] },
        })
        show(<MixDesk />)
        expect(await screen.findByText('There is no paint on your shelf yet.')).toBeInTheDocument()
        expect(asked).toContain('GET /jars')
    })
})
