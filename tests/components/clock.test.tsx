import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { Clock, NextSession } from '@/features/clock'
import { library, room, serverAnswers, serverKnows, show } from './kit'

const item = (step: string, from: string, to: string, changes = {}) => ({
    build: 'b1',
    step,
    number: 1,
    technique: 'Prime',
    kind: 'prime',
    where: 'hull',
    zones: ['hull'],
    worst: null,
    finishes: true,
    pieces: [{ from: `2026-11-${from}:00Z`, to: `2026-11-${to}:00Z` }],
    product: 'Fennick grey',
    colour: '#777777',
    part: null,
    sitting: 0,
    from: `2026-11-${from}:00Z`,
    to: `2026-11-${to}:00Z`,
    minutes: 25,
    sprays: true,
    reason: 'It is the first session in which there is room for it.',
    opens: null,
    closes: null,
    dries: null,
    ...changes,
})
const timetable = (changes = {}) => ({
    ends: '2026-11-26T20:30:00Z',
    setups: 2,
    sessionsUsed: 2,
    isOptimal: false,
    bound: null,
    sittings: [],
    stops: 1,
    risks: 3,
    builds: [
        {
            id: 'b1',
            name: 'Ostrel',
            ends: '2026-11-27T20:30:00Z',
            due: null,
            slackMinutes: null,
            held: 0,
            kind: 'tank',
            form: null,
            belongs: [],
        },
    ],
    sessions: [
        { from: '2026-11-25T18:00:00Z', to: '2026-11-25T20:00:00Z', isUsed: true },
        { from: '2026-11-26T18:00:00Z', to: '2026-11-26T21:00:00Z', isUsed: true },
        { from: '2026-11-27T18:00:00Z', to: '2026-11-27T21:00:00Z', isUsed: false },
    ],
    items: [
        item('a', '25T18:15', '25T18:40'),
        item('b', '26T18:00', '26T20:30', { number: 2, technique: 'Lift chips', closes: '2026-11-27T01:00:00Z' }),
    ],
    conflicts: [],
    held: [],
    putOff: [],
    now: '2026-11-25T12:00:00Z',
    timeZone: 'UTC',
    next: null,
    unreadable: [],
    stamps: {},
    ...changes,
})
const asked = (fetch: ReturnType<typeof serverAnswers>) =>
    fetch.mock.calls.flatMap(([path, init]) => (path === '/api/clock' ? [JSON.parse(String(init?.body))] : []))
afterEach(() => vi.restoreAllMocks())

describe('the clock screen', () => {
    it('says first when all is done, then lists session after session', async () => {
        serverAnswers({ body: timetable() })
        show(<Clock />)
        expect(await screen.findByRole('heading', { name: 'All done Thu 26 Nov, 20:30' })).toBeVisible()
        const sessions = screen.getAllByRole('region', { name: /^Session/ })
        expect(sessions).toHaveLength(2)
        expect(within(sessions[1] ?? document.body).getByText(/by Fri 27 Nov, 01:00/)).toBeVisible()
        expect(screen.getByText('22 h between')).toBeVisible()
    })
    it('says above the first piece of a sitting from when to when one is bound to it, and why', async () => {
        const sitting = (items: number[], says: string | null) => ({
            ...{ build: 'b1', from: '2026-11-25T18:15:00Z', to: '2026-11-25T19:40:00Z', minutes: 85 },
            ...{ bond: says === null ? null : 'palette', says, reason: '', items },
        })
        const items = [
            item('a', '25T18:15', '25T18:40'),
            item('b', '25T18:40', '25T19:40', { number: 2 }),
            item('c', '26T18:00', '26T20:30', { number: 3, sitting: 1 }),
        ]
        const sittings = [sitting([0, 1], 'Oils from one palette.'), sitting([2], null)]
        serverAnswers({ body: timetable({ items, sittings }) })
        show(<Clock />)
        const said = await screen.findAllByText(/^One sitting, 18:15–19:40\./)
        expect(said).toHaveLength(1)
        expect(said[0]?.parentElement).toHaveTextContent('Oils from one palette.')
    })
    it('tells what holds a piece of work, and puts it off to a later session', async () => {
        const wish = { build: 'b1', step: 'a', until: '2026-11-26T18:00:00Z' }
        let kept: unknown[] = []
        vi.spyOn(globalThis, 'fetch').mockImplementation(async (path, init) => {
            if (String(path) === '/api/put-off') {
                kept = JSON.parse(String(init?.body)).putOff
                return new Response('null')
            }
            return new Response(JSON.stringify(timetable({ putOff: kept })))
        })
        show(<Clock />)
        await userEvent.click(await screen.findByRole('button', { name: /1 Fennick grey on hull.*prime/ }))
        expect(screen.getByText('It is the first session in which there is room for it.')).toBeVisible()
        await userEvent.selectOptions(screen.getByLabelText('Put it off to'), 'Thu 26 Nov, 18:00')
        expect(await screen.findByText('1 Fennick grey on hull to Thu 26 Nov, 18:00')).toBeVisible()
        expect(kept).toEqual([wish])
        await userEvent.click(screen.getByRole('button', { name: 'Take back' }))
        await waitFor(() => expect(kept).toEqual([]))
        await waitFor(() => expect(screen.queryByRole('button', { name: 'Take back' })).toBeNull())
    })
    it('holds back what stands under a stop, says why, and leads there', async () => {
        const held = [{ build: 'b1', step: 'c', number: 3, says: 'Enamel stays tacky on vinyl.', steps: [3, 4, 7] }]
        const builds = [
            {
                id: 'b1',
                name: 'Ostrel',
                ends: null,
                due: null,
                slackMinutes: null,
                held: 3,
                kind: 'tank',
                form: null,
                belongs: [],
            },
        ]
        serverAnswers({ body: timetable({ held, builds }) })
        show(<Clock />)
        const line = await screen.findByText(/3 steps are held back/)
        expect(line).toHaveTextContent('Ostrel: 3 steps are held back. Step 3: Enamel stays tacky on vinyl.')
        expect(within(line).getByRole('link', { name: 'Step 3' })).toHaveAttribute('href', '/builds/b1?step=c')
    })
    it('ticks a step off where it is done with, and only there', async () => {
        const asked = serverKnows({
            'POST /clock': timetable({
                items: [item('a', '25T18:15', '25T18:40'), item('b', '25T18:40', '25T19:00', { finishes: false })],
            }),
            'POST /builds/b1/log': {},
        })
        show(<Clock />)
        await userEvent.click(await screen.findByRole('button', { name: 'Done: 1 Fennick grey on hull' }))
        await waitFor(() => expect(asked).toContain('POST /builds/b1/log'))
        expect(screen.getAllByRole('button', { name: /^Done:/ })).toHaveLength(1)
    })
    const search = (changes = {}) => ({
        id: 'search-1',
        state: 'running',
        seconds: 10,
        spent: 4,
        found: 2,
        ends: '2026-11-27T20:00:00Z',
        ...changes,
    })
    it('looks for an earlier end in the background, tells how far it is, and lays again what it found', async () => {
        const states = [search(), search({ state: 'done', spent: 10 })]
        const asked = serverKnows({
            'POST /clock': timetable(),
            'POST /clock/searches': search({ state: 'waiting', spent: 0, found: 0, ends: null }),
            'GET /clock/searches/search-1': () => states.shift() ?? search({ state: 'done', spent: 10 }),
        })
        show(<Clock />)
        await userEvent.click(await screen.findByRole('button', { name: /Look for an earlier end/ }))
        expect(await screen.findByText(/so far Fri 27 Nov, 20:00/)).toBeVisible()
        expect(screen.getByRole('progressbar', { name: 'Looking for an earlier end' })).toHaveAttribute('value', '4')
        expect(await screen.findByRole('button', { name: /Looked thoroughly/ })).toBeDisabled()
        await waitFor(() => expect(asked.filter((one) => one === 'POST /clock')).toHaveLength(2))
    })
    it('ends a search that is no longer wanted, and can begin another', async () => {
        const asked = serverKnows({
            'POST /clock': timetable(),
            'POST /clock/searches': search(),
            'GET /clock/searches/search-1': search(),
            'DELETE /clock/searches/search-1': search({ state: 'stopped' }),
        })
        show(<Clock />)
        await userEvent.click(await screen.findByRole('button', { name: /Look for an earlier end/ }))
        await userEvent.click(await screen.findByRole('button', { name: 'Stop looking' }))
        expect(await screen.findByRole('button', { name: /Look for an earlier end/ })).toBeEnabled()
        expect(asked).toContain('DELETE /clock/searches/search-1')
    })
    it('says why a search could not begin', async () => {
        serverKnows({ 'POST /clock': timetable() })
        show(<Clock />)
        await userEvent.click(await screen.findByRole('button', { name: /Look for an earlier end/ }))
        expect(await screen.findByRole('alert')).toHaveTextContent('Nobody knows POST /clock/searches')
    })
    it('says how much there is to spare until a date to meet, and asks for nothing to go', async () => {
        const build = {
            id: 'b1',
            name: 'Ostrel',

            ends: '2026-11-27T20:30:00Z',
            due: '2026-11-30T00:00:00Z',
            slackMinutes: 3090,
            held: 0,
            kind: 'tank',
            form: null,
            belongs: [],
        }
        serverKnows({ 'POST /clock': timetable({ builds: [build] }) })
        show(<Clock />)
        const dates = await screen.findByRole('region', { name: 'Dates to meet' })
        expect(dates).toHaveTextContent('Ostrel by Sun 29 Nov: 2 d 3 h to spare.')
        expect(within(dates).queryByRole('button')).toBeNull()
    })
    it('tells what would have to go where a date cannot be met', async () => {
        const build = {
            id: 'b1',
            name: 'Ostrel',

            ends: '2026-11-27T20:30:00Z',
            due: '2026-11-27T00:00:00Z',
            slackMinutes: -1230,
            held: 0,
            kind: 'tank',
            form: null,
            belongs: [],
        }
        const shedding = (steps: unknown[], isEnough: boolean) => ({
            steps,
            ends: '2026-11-26T21:00:00Z',
            isEnough,
            isCutShort: false,
        })
        const answers: Record<string, unknown> = {
            'POST /clock': timetable({ builds: [build] }),
            'GET /builds/b1/shedding': shedding([{ id: 'a', number: 16, technique: 'Rust streaks' }], true),
        }
        serverKnows(answers)
        const { unmount } = show(<Clock />)
        expect(await screen.findByText(/20 h 30 min too late/)).toBeVisible()
        await userEvent.click(screen.getByRole('button', { name: 'What would have to go?' }))
        expect(await screen.findByText('16 Rust streaks')).toBeVisible()
        expect(
            screen.getByText(/Without these, and before builds with a later date or none, it ends Thu 26 Nov, 21:00/),
        ).toBeVisible()
        unmount()
        answers['GET /builds/b1/shedding'] = shedding([], false)
        show(<Clock />)
        await userEvent.click(await screen.findByRole('button', { name: 'What would have to go?' }))
        expect(await screen.findByText(/Another date, or more sessions/)).toBeVisible()
    })
    it('says so where nothing would have to go, if only others gave way', async () => {
        const build = {
            id: 'b1',
            name: 'Ostrel',

            ends: '2026-11-27T20:30:00Z',
            due: '2026-11-27T00:00:00Z',
            slackMinutes: -1230,
            held: 0,
            kind: 'tank',
            form: null,
            belongs: [],
        }
        serverKnows({
            'POST /clock': timetable({ builds: [build], isOptimal: true }),
            'GET /builds/b1/shedding': { steps: [], ends: '2026-11-26T21:00:00Z', isEnough: true, isCutShort: false },
        })
        show(<Clock />)
        await userEvent.click(await screen.findByRole('button', { name: 'What would have to go?' }))
        expect(await screen.findByText(/Nothing, if builds with a later date or none give way/)).toBeVisible()
        expect(screen.getByText(/no earlier end is possible that meets the dates/)).toBeVisible()
    })
    it('sets a change beside what is', async () => {
        const fetch = serverAnswers(
            { body: timetable() },
            { body: room },
            { body: library },
            { body: timetable({ ends: '2026-11-28T20:30:00Z', sessionsUsed: 4, stops: 2 }) },
        )
        show(<Clock />)
        await userEvent.type(await screen.findByLabelText('Room'), '9,5')
        await userEvent.selectOptions(screen.getByLabelText('Judged by another school'), 'Sealed steps')
        await userEvent.click(screen.getByRole('button', { name: 'Try it' }))
        expect(await screen.findByText('It ends 2 d later.')).toBeVisible()
        expect(screen.getByRole('row', { name: 'Sessions 2 4' })).toBeVisible()
        expect(asked(fetch).at(-1)).toMatchObject({
            temperatureC: 9.5,
            humidityPercent: null,
            skipped: [],
            school: 'sealed-steps',
        })
        expect(screen.getByRole('row', { name: 'Stops 1 2' })).toBeVisible()
    })
    it('thinks of the room as in another season, what is entered before it', async () => {
        const fetch = serverAnswers({ body: timetable() }, { body: room }, { body: library }, { body: timetable() })
        show(<Clock />)
        await userEvent.selectOptions(
            await screen.findByLabelText('Try the air of another season'),
            'In summer: 24 °C, 60 %',
        )
        await userEvent.type(screen.getByLabelText('Humidity'), '70')
        await userEvent.click(screen.getByRole('button', { name: 'Try it' }))
        expect(await screen.findByText('Your end date stays the same.')).toBeVisible()
        expect(asked(fetch).at(-1)).toMatchObject({ temperatureC: 24, humidityPercent: 70 })
    })
    it('names what cannot be kept, and offers the week when nothing can be laid', async () => {
        serverAnswers({
            body: timetable({ conflicts: [{ message: 'Its window closes.', steps: [{ build: 'b1', step: 'b' }] }] }),
        })
        const { unmount } = show(<Clock />)
        expect(await screen.findByText(/Ostrel: Its window closes. The rest is laid without it./)).toBeVisible()
        unmount()
        serverAnswers({ status: 422, body: { message: 'No session is long enough.' } })
        show(<Clock />)
        expect(await screen.findByText('No session is long enough.')).toBeVisible()
        expect(screen.getByRole('button', { name: 'Your week at the bench' })).toBeVisible()
    })
})

describe('the next session on the bench', () => {
    it('tells what fits into the minutes one has right now, and what that gains', async () => {
        const fetch = serverAnswers(
            {
                body: timetable({
                    conflicts: [{ message: 'Its window closes.', steps: [{ build: 'b1', step: 'b' }] }],
                }),
            },
            {
                body: timetable({
                    ends: '2026-11-26T18:30:00Z',
                    items: [
                        item('a', '25T12:00', '25T12:25'),
                        item('b', '25T12:25', '26T18:30', {
                            technique: 'Lift chips',
                            pieces: [
                                { from: '2026-11-25T12:25:00Z', to: '2026-11-25T12:40:00Z' },
                                { from: '2026-11-26T18:00:00Z', to: '2026-11-26T18:30:00Z' },
                            ],
                        }),
                    ],
                }),
            },
            { body: timetable() },
        )
        show(<NextSession />)
        await userEvent.click(await screen.findByRole('button', { name: '40 min' }))
        expect(
            await screen.findByText(/^A window is kept .* All could be done 2 h earlier, Thu 26 Nov, 18:30\.$/),
        ).toBeVisible()
        expect(screen.getByText(/lift chips, 1 of 2, goes on Thu 26 Nov/)).toBeVisible()
        expect(asked(fetch).at(-1)).toEqual({ spare: 40 })

        await userEvent.click(screen.getByRole('button', { name: '20 min' }))
        expect(await screen.findByText(/Nothing fits: what comes next is still drying/)).toBeVisible()
        await userEvent.click(screen.getByRole('button', { name: '20 min' }))
        expect(screen.queryByText(/Nothing fits/)).not.toBeInTheDocument()
    })
})
