import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import { DiaryPage } from '@/features/diary'
import { serverKnows, show, state } from './kit'

const entry = (id: string, kind: string, at: string, more = {}) => ({
    id,
    kind,
    at,
    step: 'wash',
    text: '',
    air: null,
    build: 'b',
    words: 'Pin wash with “Dark wash”',
    zones: ['Turret', 'Hull'],
    stands: true,
    ...more,
})
const build = {
    id: 'b',
    name: 'Pell',
    steps: 9,
    done: 4,
    plannedMinutes: 60,
    spentMinutes: 95,
    lastDone: { words: 'Pin wash', at: '2026-11-27T19:00:00Z' },
    next: ['5 Filter', '6 Clear coat'],
    left: ['2 Dry fit'],
}
const diary = {
    timeZone: 'Europe/Paris',
    builds: [build, { ...build, id: 'c', name: 'The gun', lastDone: null, next: [], left: [], spentMinutes: 0 }],
    entries: [
        entry('3', 'finished', '2026-11-27T23:30:00Z', { text: 'A rim on the left' }),
        entry('2', 'begun', '2026-11-27T19:00:00Z', { air: { temperatureC: 21.4, humidityPercent: 38 } }),
        entry('1', 'note', '2026-11-26T10:00:00Z', { build: 'c', words: '', zones: [], text: 'Thinner bought' }),
        entry('0', 'finished', '2026-11-26T09:00:00Z', { stands: false }),
    ],
    paces: [
        {
            code: 'pin-wash',
            technique: 'Pin wash',
            ratio: 1.42,
            low: 1.1,
            high: 1.9,
            observations: [{ key: 'pace b wash', build: 'b', step: 'wash', own: 95, usual: 60, counts: true }],
        },
    ],
    dryings: [
        {
            jar: 'dark',
            name: 'Dark wash',
            isCounted: false,
            ratio: 1.3,
            low: 1,
            high: 1.7,
            observations: [
                { key: 'drying 1', build: 'b', step: 'wash', own: 26, usual: 20, counts: true },
                { key: 'drying 2', build: 'b', step: 'wash', own: 600, usual: 20, counts: false },
            ],
        },
    ],
    paint: {
        counted: 1.2,
        ratio: 1.25,
        low: 1,
        high: 1.5,
        observations: [
            { key: 'paint 1', name: 'Olive', at: '2026-11-26T10:00:00Z', own: 3.1, usual: 2.5, counts: true },
        ],
    },
}

const none = { ...diary.paint, counted: null, observations: [] }

describe('the diary', () => {
    it('stands by days of the bench, with what was last, what is next and how long it took', async () => {
        serverKnows({ 'GET /diary': diary })
        show(<DiaryPage />)
        // Half past eleven in the evening by UTC is the next day in the zone of the bench.
        const days = (await screen.findAllByRole('heading', { level: 2 })).map(({ textContent }) => textContent)
        expect(days.slice(0, 3).map((day) => /\d+/.exec(day ?? '')?.[0])).toEqual(['28', '27', '26'])
        expect(screen.getByText('A rim on the left')).toBeVisible()
        expect(screen.getByText(/21.4 °C, 38 %/)).toBeVisible()
        const were = within(screen.getByRole('region', { name: 'Where you were' }))
        expect(were.getByText('Next: 5 Filter · 6 Clear coat')).toBeVisible()
        expect(were.getByText('Left out: 2 Dry fit')).toBeVisible()
        expect(were.getByText('1 h 35 min at work where 1 h were planned')).toBeVisible()
        const hands = within(screen.getByRole('region', { name: 'Your hands' }))
        expect(hands.getByText(/1.10 to 1.90, 1 time/)).toBeVisible()
        expect(screen.getByRole('link', { name: 'As a table' })).toHaveAttribute('href', '/api/diary.csv')
    })
    it('lets the clock count with own hands, and with the tables again', async () => {
        let techniques: Record<string, number> = {}
        const settings = () => ({
            week: {
                timeZone: 'Europe/Paris',
                sessions: {},
                exceptions: {},
                compressor: [480, 1320],
                daylight: [480, 1020],
                setup: 10,
                pace: { applying: 1, cleaning: 1, techniques },
            },
            isSet: true,
            feed: null,
        })
        serverKnows({
            'GET /diary': diary,
            'GET /week': settings,
            'PUT /week': (body: { pace: { techniques: Record<string, number> } }) => {
                techniques = body.pace.techniques
                return settings()
            },
        })
        show(<DiaryPage />)
        await userEvent.click(await screen.findByRole('checkbox', { name: 'The clock shall count with it' }))
        const counted = await screen.findByRole('checkbox', { name: 'The clock counts with 1.42' })
        expect(techniques).toEqual({ 'pin-wash': 1.42 })
        await userEvent.click(counted)
        expect(await screen.findByRole('checkbox', { name: 'The clock shall count with it' })).not.toBeChecked()
        expect(techniques).toEqual({})
    })
    it('counts with own drying and own paint once one agrees, and leaves out what one leaves out', async () => {
        const asked: unknown[] = []
        const note = (body: unknown) => {
            asked.push(body)
            return null
        }
        serverKnows({
            'GET /diary': diary,
            'PUT /own/drying': note,
            'PUT /own/paint': note,
            'PUT /own/observations': note,
        })
        show(<DiaryPage />)
        const jars = within(await screen.findByRole('region', { name: 'How your jars dry' }))
        // What was left out is not counted, and can be counted again.
        expect(jars.getByText(/1.00 to 1.70, 1 time/)).toBeVisible()
        await userEvent.click(jars.getByRole('checkbox', { name: 'Its plans shall count with it' }))
        await userEvent.click(jars.getByText(/Dark wash/))
        expect(jars.getByText('26 min for 20 min')).toBeVisible()
        await userEvent.click(jars.getByRole('button', { name: 'Leave it out' }))
        await userEvent.click(jars.getByRole('button', { name: 'Count it' }))
        const paint = within(screen.getByRole('region', { name: 'How much paint you take' }))
        await userEvent.click(paint.getByRole('checkbox', { name: 'Quantities count with 1.20' }))
        expect(asked).toEqual([
            { jar: 'dark', counts: true },
            { observation: 'drying 1', counts: false },
            { observation: 'drying 2', counts: true },
            { ratio: null },
        ])
    })
    it('is put right by an entry in place of the wrong one, and keeps both', async () => {
        const sent: { kind: string; corrects: string; text: string; at: string }[] = []
        serverKnows({
            'GET /diary': diary,
            'POST /builds/b/log': ({ entries }: { entries: typeof sent }) => {
                sent.push(...entries)
                return state([])
            },
        })
        show(<DiaryPage />)
        const list = within(await screen.findByRole('region', { name: 'What was written down' }))
        // What was corrected already is not corrected again.
        expect(list.getAllByRole('button', { name: 'Correct' })).toHaveLength(3)
        await userEvent.click(list.getAllByRole('button', { name: 'Correct' })[0] as HTMLElement)
        const form = within(list.getByRole('form', { name: 'Correct this entry' }))
        const when = form.getByLabelText(/^When/)
        await userEvent.clear(when)
        expect(form.getByRole('button', { name: 'Put it right' })).toBeDisabled()
        await userEvent.type(when, '2099-01-01T10:00')
        expect(form.getByText('That is still to come.')).toBeVisible()
        await userEvent.clear(when)
        await userEvent.type(when, '2026-11-26T10:00')
        await userEvent.clear(form.getByLabelText('In words'))
        await userEvent.type(form.getByLabelText('In words'), 'On the right')
        await userEvent.click(form.getByRole('button', { name: 'Put it right' }))
        await userEvent.click((await list.findAllByRole('button', { name: 'Correct' }))[1] as HTMLElement)
        await userEvent.click(list.getByRole('button', { name: 'It did not happen' }))
        await waitFor(() => expect(sent).toHaveLength(2))
        expect(sent[0]).toMatchObject({ kind: 'finished', corrects: '3', text: 'On the right' })
        expect(sent[0]?.at).toBe(`${new Date('2026-11-26T10:00').toISOString().slice(0, 16)}:00Z`)
        expect(sent[1]).toMatchObject({ kind: 'withdrawn', corrects: '2' })
    })
    it('is searched by any of its words, and by build', async () => {
        serverKnows({ 'GET /diary': diary })
        show(<DiaryPage />)
        const list = within(await screen.findByRole('region', { name: 'What was written down' }))
        expect(list.getAllByRole('listitem')).toHaveLength(4)
        await userEvent.type(screen.getByLabelText(/^Find/), 'turret rim')
        expect(list.getAllByRole('listitem')).toHaveLength(1)
        await userEvent.clear(screen.getByLabelText(/^Find/))
        await userEvent.selectOptions(screen.getByLabelText('Of'), 'The gun')
        expect(list.getByText('Thinner bought')).toBeVisible()
        await userEvent.type(screen.getByLabelText(/^Find/), 'wash')
        expect(list.getByText('Nothing of that kind.')).toBeVisible()
    })
    it('says what stands here where nothing was written down yet', async () => {
        serverKnows({ 'GET /diary': { ...diary, entries: [], builds: [], paces: [], dryings: [], paint: none } })
        show(<DiaryPage />)
        expect(await screen.findByText(/Nothing is written down yet/)).toBeVisible()
    })
    it('says when the server cannot be asked', async () => {
        serverKnows({})
        show(<DiaryPage />)
        expect(await screen.findByRole('button', { name: /again/i })).toBeVisible()
    })
})

describe('the copy of everything', () => {
    it('is saved as a file, and such a file is taken in with what is new in it', async () => {
        const sent: unknown[] = []
        const counts = { builds: 2, jars: 1, mixes: 1, patterns: 0, schools: 0, photographs: 0 }
        serverKnows({
            'GET /diary': () => diary,
            'POST /archive': (body: unknown) => {
                sent.push(body)
                return { new: counts }
            },
        })
        show(<DiaryPage />)
        expect(await screen.findByRole('link', { name: 'Save everything as a file' })).toHaveAttribute(
            'href',
            '/api/archive',
        )
        await userEvent.upload(
            screen.getByLabelText('An archive to take in'),
            new File(['zip'], 'mine.zip', { type: 'application/zip' }),
        )
        expect(await screen.findByRole('status')).toHaveTextContent('Taken in: 2 builds, 1 jar, 1 mix.')
        expect(sent).toHaveLength(1)
    })
})
