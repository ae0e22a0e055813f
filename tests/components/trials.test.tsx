import { screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it, vi } from 'vitest'
import { TrialsPage } from '@/features/trials'
import { serverKnows, show, state } from './kit'

const layer = { step: 'paint', technique: 'Spray a colour', jar: 'Fjell Olive', colour: '#556644', coats: 2 }
const field = (zone: string, name: string, more = {}) => ({
    zone,
    name,
    layers: [{ ...layer, after: null, doneAt: null }],
    tried: {
        ...layer,
        step: `wash-${zone}`,
        technique: 'Enamel wash',
        jar: 'Dark wash',
        after: 2880,
        doneAt: null,
        liquids: ['white spirit, wiped'],
        films: [
            { step: 'old', says: 'dull enamel' },
            { step: 'paint', says: 'solvent-proof waterborne acrylic' },
        ],
    },
    results: [],
    ...more,
})
const result = {
    entry: 'e1',
    at: '2026-11-27T19:00:00Z',
    text: 'A faint bloom',
    where: 'spoon',
    rubs: 20,
    passed: true,
    tried: ['white spirit wiped on solvent-proof waterborne acrylic'],
    air: { temperatureC: 20.4, humidityPercent: 48 },
}
const card = { id: 'c', version: 4, name: 'Wash on matte', fields: [field('one', 'As planned')] }
const photo = (id: string, of: string) => ({
    of: 'step',
    id: of,
    photo: id,
    width: 4,
    height: 3,
    taken: '2026-11-27T19:00:00Z',
})
const bare = { 'GET /builds/c/photos': { photos: [] } }

describe('the trials', () => {
    it('say what to do where there is none', async () => {
        serverKnows({ 'GET /trials': { cards: [], others: [] } })
        show(<TrialsPage />)
        expect(await screen.findByText(/Nothing was tried yet/)).toBeVisible()
        expect(screen.getByRole('button', { name: 'New card' })).toBeDisabled()
    })

    it('show the layers with the first coat last, what is tried, and what came of it', async () => {
        serverKnows({
            ...bare,
            'GET /trials': {
                cards: [
                    {
                        ...card,
                        fields: [
                            field('one', 'As planned', { results: [result] }),
                            { ...field('two', 'Bare'), layers: [], tried: null },
                        ],
                    },
                ],
                others: [
                    { ...result, entry: 'e2', passed: false, build: 'b', name: 'Pell', words: 'Filter', text: '' },
                ],
            },
        })
        show(<TrialsPage />)
        const one = within(await screen.findByRole('region', { name: 'As planned, Wash on matte' }))
        expect(one.getByText(/2 d later/)).toBeVisible()
        expect(one.getByText('white spirit, wiped on dull enamel and solvent-proof waterborne acrylic')).toBeVisible()
        expect(one.getByText('A faint bloom')).toBeVisible()
        expect(one.getByText(/20.4 °C, 48 %/)).toBeVisible()
        await userEvent.click(one.getByText('What it speaks for'))
        expect(one.getByText('white spirit wiped on solvent-proof waterborne acrylic')).toBeVisible()
        expect(one.getByText('Tried once more')).toBeVisible()
        expect(screen.getByText(/Lay its layers down/)).toBeVisible()
        expect(within(screen.getByRole('region', { name: 'Tried on models' })).getByText('Came off')).toBeVisible()
    })

    it('write down how often it was rubbed, where, and which film came off', async () => {
        const post = vi.fn((_: unknown) => state([]))
        serverKnows({ ...bare, 'GET /trials': { cards: [card], others: [] }, 'POST /builds/c/log': post })
        show(<TrialsPage />)
        const form = within(await screen.findByRole('form', { name: 'What came of As planned, Wash on matte' }))
        const rubs = form.getByLabelText('Rubs')
        await userEvent.clear(rubs)
        expect(form.getByRole('button', { name: 'It held' })).toBeDisabled()
        expect(form.getByText('Up to 1000.')).toBeVisible()
        await userEvent.type(rubs, '7')
        await userEvent.selectOptions(form.getByLabelText('On'), 'spoon')
        await userEvent.selectOptions(form.getByLabelText(/which film/), 'solvent-proof waterborne acrylic')
        await userEvent.click(form.getByRole('button', { name: 'It came off' }))
        expect(post).toHaveBeenCalledWith({
            entries: [
                expect.objectContaining({
                    kind: 'trial',
                    step: 'wash-one',
                    trial: {
                        rule: null,
                        where: 'spoon',
                        rubs: 7,
                        passed: false,
                        zone: 'one',
                        moved: 'paint',
                        card: null,
                        tried: [],
                    },
                }),
            ],
        })
        await userEvent.click(form.getByRole('button', { name: 'It held' }))
        // Where it held, nothing came off, whatever was chosen before.
        expect(post).toHaveBeenLastCalledWith({
            entries: [expect.objectContaining({ trial: expect.objectContaining({ passed: true, moved: null }) })],
        })
    })

    it('tell what was refused where another method shall stand beside it', async () => {
        serverKnows({ ...bare, 'GET /trials': { cards: [card], others: [] } })
        show(<TrialsPage />)
        await userEvent.click(await screen.findByRole('button', { name: 'Another method beside it' }))
        expect(await screen.findByText('Nobody knows POST /builds/c/fields')).toBeVisible()
    })

    it('are judged without their names, which are told afterwards', async () => {
        const post = vi.fn((_: { entries: { text: string }[] }) => state([]))
        serverKnows({
            'GET /trials': {
                cards: [{ ...card, fields: [field('one', 'On gloss'), field('two', 'On matte')] }],
                others: [],
            },
            'GET /builds/c/photos': { photos: [photo('p1', 'wash-one'), photo('p2', 'wash-two')] },
            'POST /builds/c/log': post,
        })
        show(<TrialsPage />)
        await userEvent.click(await screen.findByRole('button', { name: 'Judge blind' }))
        const dialog = within(await screen.findByRole('dialog'))
        const pictures = await dialog.findAllByRole('img')
        expect(dialog.queryByText(/On gloss|On matte/)).toBeNull()
        const first = pictures[0]?.getAttribute('src')?.includes('p1') === true ? 'On gloss' : 'On matte'
        await userEvent.click(dialog.getByRole('button', { name: 'I looks better' }))
        expect(await dialog.findByText(`I: ${first}`)).toBeVisible()
        expect(post.mock.lastCall?.[0].entries[0]?.text).toMatch(`“${first}” looks better than`)
    })

    it('ask for photographs before they are judged', async () => {
        serverKnows({
            ...bare,
            'GET /trials': {
                cards: [{ ...card, fields: [field('one', 'On gloss'), field('two', 'On matte')] }],
                others: [],
            },
        })
        show(<TrialsPage />)
        await userEvent.click(await screen.findByRole('button', { name: 'Judge blind' }))
        expect(await screen.findByText(/have to be photographed first/)).toBeVisible()
    })
})
