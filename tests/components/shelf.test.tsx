import { fireEvent, screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import type { Standing } from '@/features/shelf/api'
import { merged } from '@/features/shelf/ChosenJars'
import { Shelf } from '@/features/shelf/Shelf'
import { isSameJar, shown } from '@/features/shelf/sorting'
import { library, product, serverKnows, show } from './kit'

const standing = (id: string, name: string, changes: Partial<Standing> = {}): Standing => ({
    jar: product(id, name, { colour: '#566043' }),
    leftMl: null,
    price: null,
    openedOn: null,
    keepsMonths: null,
    goesOffOn: null,
    isOff: false,
    note: '',
    thinner: '',
    thinnedOn: null,
    signs: [],
    isWithdrawn: false,
    holdsMl: null,
    role: null,
    isFor: 'paint',
    usedIn: [],
    ...changes,
})
const jars = [
    standing('buff', 'Buff', { jar: product('buff', 'Buff', { colour: '#b7a37c' }), leftMl: 2, usedIn: ['Ostrel'] }),
    standing('fir', 'Fir', { goesOffOn: '2026-12-01', openedOn: '2026-06-01', keepsMonths: 6 }),
    standing('tan', 'Tan enamel', { jar: product('tan', 'Tan enamel', { family: 'enamel', colour: '#a8895c' }) }),
]
const knows = (more: Record<string, unknown> = {}) =>
    serverKnows({
        'GET /shelf': { jars },
        'GET /library': library,
        'GET /jars': { jars: [], mixed: [], poured: [] },
        ...more,
    })
const names = () =>
    screen
        .getAllByRole('row')
        .slice(1)
        .map((row) => within(row).getByRole('rowheader').textContent)

describe('what is shown of a shelf', () => {
    const all = { find: '', family: '', role: '', view: 'all', order: 'name' } as const
    const now = new Date('2026-11-20')
    const ids = (wish: Partial<Parameters<typeof shown>[1]>) =>
        shown(jars, { ...all, ...wish }, now).map((one) => one.jar.id)
    it.each([
        [{ find: 'ta en' }, ['tan']],
        [{ family: 'enamel' }, ['tan']],
        [{ view: 'off' }, ['fir']],
        [{ view: 'low' }, ['buff']],
        [{ view: 'unused' }, ['fir', 'tan']],
        [{ view: 'twice' }, []],
        [{ order: 'left' }, ['buff', 'fir', 'tan']],
        [{ order: 'opened' }, ['fir', 'buff', 'tan']],
    ] as const)('%j', (wish, expected) => expect(ids(wish)).toEqual(expected))
    it('puts colours beside each other that may be taken for each other', () => {
        const of = (id: string, colour: string | null) => standing(id, id, { jar: product(id, id, { colour }) })
        const mixed = [
            of('green', '#3f7a3c'),
            of('clear', null),
            of('black', '#202020'),
            of('red', '#9a2a22'),
            of('olive', '#566043'),
        ]
        const order = shown(mixed, { ...all, order: 'colour' }).map(({ jar }) => jar.id)
        expect(order).toEqual(['black', 'red', 'olive', 'green', 'clear'])
    })
})

describe('the shelf', () => {
    it('is narrowed by words, and says how many are left', async () => {
        knows()
        show(<Shelf />)
        await userEvent.type(await screen.findByLabelText('Find'), 'fir')
        expect(names()).toHaveLength(1)
        expect(screen.getByText('1 of 3 jars')).toBeInTheDocument()
    })
    it('keeps what is typed into a cell, with a comma as well, and says what is none', async () => {
        const asked = knows({ 'PUT /shelf/fir': jars[1] })
        show(<Shelf />)
        const cell = await screen.findByLabelText('Fir: left')
        await userEvent.type(cell, '12,5{Enter}')
        await waitFor(() => expect(asked).toContain('PUT /shelf/fir'))
        await userEvent.clear(screen.getByLabelText('Buff: left'))
        await userEvent.type(screen.getByLabelText('Buff: left'), 'plenty')
        fireEvent.blur(screen.getByLabelText('Buff: left'))
        expect(await screen.findByText('A number, or nothing.')).toBeInTheDocument()
    })
    it('goes down and up a column by arrows', async () => {
        knows()
        show(<Shelf />)
        const first = await screen.findByLabelText('Buff: left')
        first.focus()
        await userEvent.keyboard('{ArrowDown}')
        expect(screen.getByLabelText('Fir: left')).toHaveFocus()
        await userEvent.keyboard('{ArrowUp}')
        expect(first).toHaveFocus()
    })
    it('takes a jar off, and puts it back with all that was known of it', async () => {
        const asked = knows({ 'DELETE /jars/fir': null, 'PUT /jars/fir': jars[1]?.jar, 'PUT /shelf/fir': jars[1] })
        show(<Shelf />)
        await userEvent.click(await screen.findByRole('button', { name: 'Take Fir off your shelf' }))
        await userEvent.click(await screen.findByRole('button', { name: 'Put it back' }))
        await waitFor(() => expect(asked).toContain('PUT /shelf/fir'))
        expect(asked.indexOf('PUT /jars/fir')).toBeLessThan(asked.indexOf('PUT /shelf/fir'))
    })
    it('sets a day for several jars at once, and takes them off and back together', async () => {
        const asked = knows({
            'PUT /shelf/fir': jars[1],
            'PUT /shelf/buff': jars[0],
            'DELETE /jars/fir': null,
            'DELETE /jars/buff': null,
            'PUT /jars/fir': jars[1]?.jar,
            'PUT /jars/buff': jars[0]?.jar,
        })
        show(<Shelf />)
        await userEvent.click(await screen.findByRole('checkbox', { name: 'Choose Fir' }))
        await userEvent.click(screen.getByRole('checkbox', { name: 'Choose Buff' }))
        const bar = within(screen.getByRole('region', { name: 'The chosen jars' }))
        expect(bar.getByText('2 jars chosen')).toBeVisible()
        fireEvent.change(bar.getByLabelText('Opened on'), { target: { value: '2026-11-01' } })
        await userEvent.click(bar.getByRole('button', { name: 'Set it' }))
        await waitFor(() => expect(asked.filter((one) => one.startsWith('PUT /shelf'))).toHaveLength(2))
        await userEvent.click(bar.getByRole('button', { name: 'Off the shelf' }))
        await userEvent.click(await screen.findByRole('button', { name: 'Put them back' }))
        await waitFor(() => expect(asked.filter((one) => one.startsWith('PUT /jars'))).toHaveLength(2))
    })
    it('makes one jar of two of a family, and not of strangers', async () => {
        const asked = knows({ 'PUT /shelf/buff': jars[0], 'DELETE /jars/fir': null })
        show(<Shelf />)
        await userEvent.click(await screen.findByRole('checkbox', { name: 'Choose every jar of the list' }))
        expect(screen.getByRole('button', { name: 'They are one jar' })).toBeDisabled()
        await userEvent.click(screen.getByRole('checkbox', { name: 'Choose Tan enamel' }))
        await userEvent.click(screen.getByRole('button', { name: 'They are one jar' }))
        await waitFor(() => expect(asked).toContain('DELETE /jars/fir'))
        expect(asked.indexOf('PUT /shelf/buff')).toBeLessThan(asked.indexOf('DELETE /jars/fir'))
        expect(await screen.findByText('Fir is off the shelf.')).toBeVisible()
    })
    it('adds up what is left in jars that are one, open since the oldest was', () => {
        const [one, other] = [
            standing('a', 'A', { leftMl: 2.5, openedOn: '2026-05-01', price: 3, note: 'lid sticks' }),
            standing('b', 'B', { leftMl: 4.1, openedOn: '2026-02-01', keepsMonths: 24, note: 'lid sticks' }),
        ]
        expect(merged(one, [other])).toEqual({
            leftMl: 6.6,
            price: 3,
            openedOn: '2026-02-01',
            keepsMonths: 24,
            note: 'lid sticks',
            thinner: '',
            thinnedOn: null,
            signs: [],
            isWithdrawn: false,
            holdsMl: null,
            role: null,
        })
        expect(merged(standing('a', 'A'), [standing('b', 'B')]).leftMl).toBeNull()
    })
    it('takes two writings of a name for one jar, and the same colour of a family', () => {
        const of = (name: string, changes: object) => standing(name, name, { jar: product(name, name, changes) })
        const green = of('Vellow 31 Island-green', { colour: '#566043' })
        expect(isSameJar(green, of('island green, Vellow 31', { colour: '#556042' }))).toBe(true)
        expect(isSameJar(green, of('Fir', { colour: '#566043' }))).toBe(true)
        expect(isSameJar(green, of('Fir', { colour: '#566043', family: 'enamel' }))).toBe(false)
        expect(isSameJar(of('Gloss', {}), of('Matte', {}))).toBe(false)
    })
    it('unfolds what is rarely looked up of a jar, and keeps a sign of its label', async () => {
        const sent: unknown[] = []
        knows({
            'PUT /shelf/fir': (body: unknown) => {
                sent.push(body)
                return jars[1]
            },
        })
        show(<Shelf />)
        await userEvent.click(await screen.findByRole('button', { name: 'More of Fir' }))
        await userEvent.click(screen.getByRole('checkbox', { name: 'flammable' }))
        await waitFor(() =>
            expect(sent).toEqual([expect.objectContaining({ signs: ['flammable'], openedOn: '2026-06-01' })]),
        )
        // The arrows go past what is unfolded.
        screen.getByRole('textbox', { name: 'Fir: left' }).focus()
        await userEvent.keyboard('{ArrowDown}')
        expect(screen.getByRole('textbox', { name: 'Tan enamel: left' })).toHaveFocus()
    })
    it('offers jars to tick from where there are none', async () => {
        const sent: unknown[] = []
        serverKnows({
            'GET /shelf': { jars: [] },
            'GET /library': { ...library, starterShelf: [product('a', 'Grey'), product('b', 'Sand')] },
            'POST /jars': (body: unknown) => {
                sent.push(body)
                return null
            },
        })
        show(<Shelf />)
        await userEvent.click(await screen.findByLabelText('Grey'))
        await userEvent.click(screen.getByRole('button', { name: 'Put 1 on the shelf' }))
        // In one go: whoever leaves meanwhile has all of them, or none.
        await waitFor(() => expect(sent).toEqual([{ jars: ['b'] }]))
    })
})
