import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it, vi } from 'vitest'
import '@/features/photos/PhotoColour'
import { measure, nextPass, readThinning, sayThinning } from '@/features/mix/drops'
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
        perMl: null,
        lastsMl: null,
        scarcest: null,
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
        perMl: 0.18,
        lastsMl: 7.5,
        scarcest: 'white',
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
    wet: '#5a6454',
    sheen: 'satin',
    perMl: 0.18,
    lastsMl: 7.5,
    scarcest: 'white',
    needMl: 12.4,
    bought: null,
    warns: ['Mostly clear: it tints.'],
    coats: [{ coats: 1, colour: '#556', left: 3 }],
}
const kept = [
    {
        id: 'm',
        name: 'Faded green',
        note: '',
        made: '2026-11-20T20:00:00Z',
        parts: [{ jar: jars[1], parts: 2, of: [] }],
        share: 0.5,
        retarder: 0.05,
        flow: 0,
        jar: 'mix-m',
        usedIn: [],
        history: [],
        photos: [],
        wanted: '#445566',
        colour: '#3f4a38',
    },
]
const knows = (more: Record<string, unknown> = {}) =>
    serverKnows({
        'GET /jars': { jars, mixed: jars.map(({ id }) => id), poured: jars.map(({ id }) => id) },
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
        // An empty cup holds nothing, and costs nothing.
        expect(measure([], 0.5, 2)).toEqual({ drops: [], paint: 0, thinner: 0 })
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

describe('thinning', () => {
    it.each([
        ['2:1', 2 / 3],
        ['1 to 3', 0.25],
        ['60 %', 0.6],
        ['0,4', 0.4],
        ['35', 0.35],
        ['1:0', 1],
    ])('is read from “%s”', (text, share) => expect(readThinning(text)).toBeCloseTo(share))
    it.each(['', 'thin', '0', '0:1', '250 %', '-1', '1:2:3'])('is not read from “%s”', (text) =>
        expect(readThinning(text)).toBeNull(),
    )
    it('of the next pass takes thinner, or paint where it is to be thicker', () => {
        // 2 ml at a half hold 1 ml of paint: at a quarter that is 4 ml.
        expect(nextPass(2, 0.5, 0.25)).toEqual({ thinner: 2, paint: 0 })
        expect(nextPass(2, 0.5, 0.5)).toEqual({ thinner: 0, paint: 0 })
        expect(nextPass(2, 0.5, 0.75)).toEqual({ thinner: 0, paint: 2 })
        // Another millilitre of paint that goes in as well needs its own thinner.
        expect(nextPass(2, 0.5, 0.5, 1)).toEqual({ thinner: 1, paint: 0 })
    })
})

describe('the mix desk', () => {
    it('says what speaks against a cup, how it dries, what it costs and how far it lasts', async () => {
        knows()
        show(<MixDesk />)
        const inside = await cup()
        expect(await inside.findByText('Mostly clear: it tints.')).toBeVisible()
        expect(inside.getByText(/Dries satin/)).toBeVisible()
        expect(inside.getByText('Chalk white does for 7.5 ml of this paint.')).toBeVisible()
        expect(screen.getByText(/1\.80 for 10 ml, the jars do for 7\.5 ml, then Chalk white is empty/)).toBeVisible()
    })
    it('takes the colour that is wanted from a photograph, also from one that is kept', async () => {
        const photo = { id: 'p1', width: 4, height: 3, taken: '2026-11-20T19:00:00Z', build: 'b', name: 'Pell, 3 Wash' }
        knows({ 'GET /photos': { photos: [photo] } })
        show(<MixDesk />)
        await userEvent.click(await screen.findByRole('button', { name: 'From a photograph…' }))
        expect(await screen.findByLabelText('Photograph of the dry paint')).toBeVisible()
        const choose = await screen.findByLabelText('Or one that is kept')
        expect(within(choose).getByRole('option', { name: 'Pell, 3 Wash' })).toBeVisible()
    })
    it('measures out for an area, in so many cups', async () => {
        const sent: unknown[] = []
        knows({
            'POST /mixes/look': (body: unknown) => {
                sent.push(body)
                return look
            },
        })
        show(<MixDesk />)
        const inside = await cup()
        await userEvent.selectOptions(await inside.findByLabelText('Measured out for'), 'an area')
        await waitFor(() => expect(sent.at(-1)).toMatchObject({ areaCm2: 150, coats: 2, application: 'airbrush' }))
        expect(await inside.findByText(/12\.\d\d ml paint, 0\.00 ml thinner: 7 cups/)).toBeVisible()
    })
    it('thins as it is typed, and names what cannot be read', async () => {
        knows()
        show(<MixDesk />)
        const inside = await cup()
        const typed = await inside.findByLabelText('or as typed')
        await userEvent.type(typed, '1:3')
        expect(inside.getByRole('slider')).toHaveValue('25')
        await userEvent.type(typed, 'x')
        expect(inside.getByText('As in 2:1, or 60 %.')).toBeVisible()
    })
    it('pours a kept mix into the cup as if it were a jar', async () => {
        knows()
        show(<MixDesk />)
        const inside = await cup()
        await inside.findByRole('option', { name: 'Faded green' })
        await userEvent.selectOptions(inside.getByLabelText('Another jar or mix into it'), 'Faded green')
        expect(inside.getByLabelText('Parts of Faded green')).toHaveTextContent('1')
    })
    it('keeps another cup under a name that is kept', async () => {
        const asked = knows({ 'PUT /mixes/m': kept[0] })
        show(<MixDesk />)
        await userEvent.click(await screen.findByRole('button', { name: /^Faded green/ }))
        const inside = await cup()
        await userEvent.click(await inside.findByRole('button', { name: 'Keep it in place of “Faded green”' }))
        expect(await inside.findByText('Faded green is this now.')).toBeVisible()
        expect(asked).toContain('PUT /mixes/m')
    })
    it('says what of a table of mixes cannot be read, and takes none of it', async () => {
        const fault = { row: 3, message: '“plum” is neither a jar of yours nor a mix.' }
        const read = { mixes: [{ name: 'Hull', colour: '#667060', isKnown: false }], faults: [fault], isTaken: false }
        knows({ 'POST /mixes/import': read })
        show(<MixDesk />)
        await userEvent.click(await screen.findByRole('button', { name: 'Take mixes from a table (CSV)' }))
        await userEvent.upload(await screen.findByLabelText('File'), new File(['mix,parts'], 'mixes.csv'))
        expect(await screen.findByRole('alert')).toHaveTextContent(`Row 3: ${fault.message}`)
        expect(screen.getByRole('button', { name: 'Take the mix' })).toBeDisabled()
    })
    it('brings what is in the cup to the next pass', async () => {
        knows({ 'POST /mixes/tones': { ladders: [] } })
        show(<MixDesk />)
        const next = within(await screen.findByRole('region', { name: 'For the next pass' }))
        await userEvent.type(next.getByLabelText('In the cup now, ml'), '1')
        await userEvent.type(next.getByLabelText('To be thinned'), '1:1')
        expect(next.getByText('Add 20 drops of thinner: it is 1 paint to 1 thinner then.')).toBeVisible()
        await userEvent.click(next.getByRole('button', { name: 'It is in the cup' }))
        expect((await cup()).getByRole('slider')).toHaveValue('50')
    })
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
        await userEvent.selectOptions(inside.getByLabelText('Another jar or mix into it'), 'Buff')
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
        const asked = vi.spyOn(globalThis, 'fetch').mockClear()
        show(<MixDesk />)
        const inside = await cup()
        await inside.findByLabelText('Parts of Fir')
        await userEvent.type(inside.getByLabelText('Keep it as'), 'Faded fir')
        await userEvent.click(inside.getByRole('button', { name: 'Bottle it as a jar' }))
        await waitFor(() => {
            // What it is as a jar is the server's to know.
            sent = asked.mock.calls.flatMap(([url, init]) =>
                String(url).endsWith('/mixes') && init?.method === 'POST' ? [JSON.parse(String(init.body))] : [],
            )
            expect(sent).toMatchObject([{ name: 'Faded fir', fills: true }])
        })
    })
    it('says which steps still need a mix, and finds it by their build', async () => {
        const use = {
            build: 'b',
            buildName: 'Ostrel',
            step: 's',
            technique: 'Mottle',
            zones: ['turret'],
            isDone: false,
        }
        const done = { ...use, number: 4, isDone: true }
        knows({
            'GET /mixes': { mixes: [{ ...kept[0], usedIn: [done, { ...use, number: 7 }, { ...use, number: 9 }] }] },
        })
        show(<MixDesk />)
        expect(await screen.findByText('still needed for steps 7, 9 of Ostrel')).toBeVisible()
        await userEvent.type(screen.getByLabelText('Find by name, jar or build'), 'ostrel')
        expect(screen.getByText('still needed for steps 7, 9 of Ostrel')).toBeVisible()
    })
    it('finds a mix by its jar, and pours it again', async () => {
        knows()
        show(<MixDesk />)
        const find = await screen.findByLabelText('Find by name, jar or build')
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
            'GET /jars': { jars: [], mixed: [], poured: [] },
            'GET /library': { starterShelf: [] },
        })
        show(<MixDesk />)
        expect(await screen.findByText('There is no paint on your shelf yet.')).toBeInTheDocument()
        expect(asked).toContain('GET /jars')
    })
})
