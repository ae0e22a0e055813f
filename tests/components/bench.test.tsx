import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { Bench } from '@/features/bench/Bench'
import { library, room, serverKnows, show, state, step } from './kit'

const inMinutes = (minutes: number) => new Date(Date.now() + minutes * 60_000).toISOString()
const card = (changes: Record<string, unknown> = {}) => ({
    id: 'build-1',
    name: 'Ostrel, third troop',
    vehicle: 'Ostrel light tank',
    kind: 'tank',
    scale: 35,
    changedAt: '2026-11-25T10:00:00Z',
    unreadable: null,
    summary: { stops: 0, risks: 1, notes: 2, accepted: 0, lastsMinutes: 100 },
    steps: 12,
    done: 3,
    next: {
        id: 'd',
        number: 4,
        technique: 'Enamel wash',
        product: 'Dark wash',
        opensSoonest: inMinutes(90),
        opensAt: inMinutes(90),
        closesAt: null,
        handsOn: 25,
        waitsFor: 'lacquer of step 3 to be solvent-proof',
    },
    curing: [],
    stages: [
        { part: 'Ground', done: 1, steps: 1 },
        { part: 'Colour', done: 2, steps: 5 },
    ],
    palette: ['#566043'],
    form: null,
    finish: { belongs: [], panels: [], paints: [], marks: [] },
    ...changes,
})
const clock = {
    ends: null,
    setups: 0,
    sessionsUsed: 0,
    isOptimal: true,
    bound: null,
    sittings: [],
    stops: 0,
    risks: 0,
    builds: [],
    sessions: [],
    items: [],
    conflicts: [],
    now: '2026-11-25T10:00:00Z',
    timeZone: 'UTC',
    next: null,
    unreadable: [],
    stamps: {},
}
const bench = (builds: unknown[], more: Record<string, unknown> = {}) =>
    serverKnows({
        'GET /room': room,
        'GET /builds': { builds },
        'GET /library': library,
        'POST /clock': clock,
        ...more,
    })
const cardOf = async (name: string) => {
    const item = (await screen.findByRole('link', { name })).closest('li')
    if (item === null) throw new Error(`no card ${name}`)
    return within(item)
}
afterEach(() => vi.restoreAllMocks())

describe('the bench', () => {
    it('invites to start where there is nothing yet', async () => {
        bench([])
        show(<Bench />)
        await userEvent.click(await screen.findByRole('button', { name: 'Start the first build' }))
        expect(screen.getByRole('dialog', { name: 'Start a build' })).toBeVisible()
    })
    it('says so when it cannot be looked over, and tries again', async () => {
        const answers: Record<string, unknown> = { 'GET /room': room }
        serverKnows(answers)
        show(<Bench />)
        expect(await screen.findByText(/Nobody knows GET \/builds/)).toBeVisible()
        answers['GET /builds'] = { builds: [] }
        await userEvent.click(screen.getByRole('button', { name: /again/i }))
        expect(await screen.findByText('The bench is empty')).toBeVisible()
    })
    it.each([
        [true, '18.2 °C, 47 % at the bench (simulated); drying counts with it'],
        [false, '18.2 °C, 47 % at the bench (simulated)'],
    ])('tells the room, and whether it counts: %s', async (counts, says) => {
        const reading = { temperatureC: 18.2, humidityPercent: 47, at: '2026-11-25T10:00:00Z', simulated: true }
        bench([], { 'GET /room': { ...room, reading, profile: { ...room.profile, counts } } })
        show(<Bench />)
        expect(await screen.findByText(says)).toBeVisible()
    })
    it('tells what a build waits for, and what is drying', async () => {
        bench([
            card({
                curing: [
                    {
                        step: 'c',
                        number: 3,
                        product: 'Grey primer',
                        cures: {
                            touchDry: inMinutes(-50),
                            recoatable: inMinutes(-20),
                            solventProof: inMinutes(1000),
                            soonest: {
                                touchDry: inMinutes(-55),
                                recoatable: inMinutes(-35),
                                solventProof: inMinutes(700),
                            },
                        },
                    },
                ],
            }),
        ])
        show(<Bench />)
        const ostrel = await cardOf('Ostrel, third troop')
        expect(ostrel.getByText(/^Ready in 1 h 30 min/)).toBeVisible()
        expect(ostrel.getByText(/step 4, Enamel wash with Dark wash \(25 min of work\)/)).toBeVisible()
        expect(ostrel.getByText('Waits for the lacquer of step 3 to be solvent-proof.')).toBeVisible()
        expect(ostrel.getByText(/^Drying: Grey primer safe for spirit in 11 h 40 min – 16 h 40 min/)).toBeVisible()
        expect(ostrel.getByText('3 of 12 steps done')).toBeVisible()
        expect(ostrel.getByText('at: colour')).toBeVisible()
    })
    it('says what to guard against in the session that the clock has, and in no other', async () => {
        const hazards = [{ code: 'vapour', title: 'Mask for organic vapour', advice: 'Air the room.' }]
        const [from, to] = ['2026-11-25T18:00:00Z', '2026-11-25T20:00:00Z']
        const item = {
            ...{ build: 'b', step: 's', number: 1, technique: 'Prime', kind: 'prime', product: null, where: 'hull' },
            ...{ zones: [], worst: null, colour: null, part: null, sitting: 0, from, to, minutes: 40, sprays: false },
            ...{ finishes: true, reason: '', opens: null, closes: null, dries: null, pieces: [{ from, to }] },
        }
        const next = { from, to, minutes: 128, steps: [{ build: 'b', step: 's' }], hazards }
        bench([card({})], {
            'POST /clock': {
                ...clock,
                held: [],
                putOff: [],
                sessions: [{ from, to, isUsed: true }],
                items: [item],
                next,
            },
        })
        show(<Bench />)
        const session = within(await screen.findByRole('region', { name: 'The next session' }))
        expect(session.getByText('mask for organic vapour')).toBeVisible()
        expect(session.getByText('2 h 8 min of work')).toBeVisible()
    })
    it('names cards on which all was tried, and shows those on which something is to do', async () => {
        bench([
            card({ id: '1', name: 'Tried out', kind: 'test-card', done: 12, next: null }),
            card({ id: '2', name: 'To try', kind: 'test-card' }),
        ])
        show(<Bench />)
        await cardOf('To try')
        expect(screen.queryByRole('link', { name: 'Tried out' })).toBeNull()
        expect(screen.getByText(/One card is tried out/)).toBeVisible()
        expect(screen.getByRole('link', { name: 'under trials' })).toHaveAttribute('href', '/trials')
    })
    it('puts what cannot wait first', async () => {
        const next = card().next
        bench([
            card({ id: '1', name: 'Waiting' }),
            card({ id: '2', name: 'Closing', next: { ...next, opensAt: inMinutes(-10), closesAt: inMinutes(30) } }),
            card({ id: '3', name: 'Finished', next: null, done: 12 }),
            card({ id: '4', name: 'Empty', next: null, steps: 0, done: 0 }),
            card({ id: '5', name: 'Missed', next: { ...next, opensAt: inMinutes(-90), closesAt: inMinutes(-30) } }),
        ])
        show(<Bench />)
        await cardOf('Waiting')
        const names = within(screen.getByRole('list', { name: 'Builds' }))
            .getAllByRole('heading')
            .map((heading) => heading.textContent)
        expect(names.slice(0, 3)).toEqual(['Closing', 'Missed', 'Waiting'])
        expect((await cardOf('Closing')).getByText(/its window closes in/)).toBeVisible()
        expect((await cardOf('Missed')).getByText(/Its window closed 30 min ago/)).toBeVisible()
        expect((await cardOf('Finished')).getByText('Every step is done.')).toBeVisible()
        expect((await cardOf('Empty')).getByText(/No steps yet/)).toBeVisible()
    })
    it('shows a build whose plan cannot be read beside the others, and gives its file away as it is', async () => {
        const why = 'This plan cannot be read. It was written by a later version.'
        bench([
            card({ id: '1', name: 'Broken', unreadable: why, steps: 0, next: null }),
            card({ id: '2', name: 'Sound' }),
        ])
        show(<Bench />)
        expect(await screen.findByRole('link', { name: 'Sound' })).toBeVisible()
        const broken = within(screen.getByText('Broken').closest('li') as HTMLElement)
        expect(broken.getByText(why)).toBeVisible()
        expect(broken.getByRole('link', { name: 'Save its file as it is' })).toHaveAttribute(
            'href',
            '/api/builds/1/plan-file',
        )
        expect(screen.queryByRole('link', { name: 'Broken' })).toBeNull()
        expect(broken.getByRole('button', { name: 'Delete Broken' })).toBeVisible()
    })
    it('deletes a build only when that is confirmed, and says why it could not', async () => {
        const answers: Record<string, unknown> = {
            'GET /room': room,
            'GET /builds': { builds: [card()] },
            'POST /clock': clock,
        }
        const asked = serverKnows(answers)
        show(<Bench />)
        await userEvent.click(
            (await cardOf('Ostrel, third troop')).getByRole('button', { name: 'Delete Ostrel, third troop' }),
        )
        await userEvent.click(screen.getByRole('button', { name: 'Keep it' }))
        expect(asked.filter((one) => one.startsWith('DELETE'))).toEqual([])
        await userEvent.click(screen.getByRole('button', { name: 'Delete Ostrel, third troop' }))
        await userEvent.click(screen.getByRole('button', { name: 'Delete it' }))
        expect(await screen.findByRole('alert')).toHaveTextContent('Nobody knows DELETE /builds/build-1')
    })
    it('starts a build, with n too, and names the field that was refused', async () => {
        const refusal = { message: 'No.', errors: { scale: ['A scale from 4 to 200.'] } }
        const asked = bench([])
        show(<Bench />)
        await screen.findByText('The bench is empty')
        await userEvent.keyboard('n')
        const dialog = within(await screen.findByRole('dialog', { name: 'Start a build' }))
        expect(await dialog.findByRole('option', { name: 'Medium tank' })).toBeInTheDocument()
        vi.mocked(fetch).mockImplementation(async () => new Response(JSON.stringify(refusal), { status: 422 }))
        await userEvent.click(dialog.getByRole('button', { name: 'Start it' }))
        expect(await dialog.findByRole('alert')).toHaveTextContent('Give the build a name.')
        expect(dialog.getByLabelText('Name of the build')).toBeInvalid()
        expect(asked.filter((one) => one.startsWith('POST'))).toEqual([])
        await userEvent.type(dialog.getByLabelText('Name of the build'), 'Autumn column')
        await userEvent.click(dialog.getByRole('button', { name: 'Start it' }))
        expect(await dialog.findByText('A scale from 4 to 200.')).toBeVisible()
        expect(dialog.getByLabelText('Scale')).toBeInvalid()
    })
    it('imports a plan file as it is, and lists each fault at its place', async () => {
        bench([])
        show(<Bench />)
        await userEvent.click(await screen.findByRole('button', { name: 'Import a plan' }))
        const faults = [{ path: '/steps/0/coats', message: 'This must be a whole number.' }]
        const sent = vi
            .mocked(fetch)
            .mockImplementation(async () => new Response(JSON.stringify({ message: 'Bad.', faults }), { status: 422 }))
        const file = new File(['{"steps": [{}]'], 'ostrel.json', { type: 'application/json' })
        await userEvent.upload(screen.getByLabelText('Plan file'), file)
        expect(await screen.findByRole('alert')).toHaveTextContent('ostrel.json was not imported.')
        expect(screen.getByText('/steps/0/coats')).toBeVisible()
        expect(sent.mock.calls.at(-1)?.[1]?.body).toBe('{"steps": [{}]')
        sent.mockImplementation(
            async (input) =>
                new Response(
                    JSON.stringify(String(input).endsWith('/import') ? state([step('a')]) : { builds: [card()] }),
                ),
        )
        await userEvent.upload(screen.getByLabelText('Plan file'), file)
        await waitFor(() => expect(screen.queryByRole('alert')).toBeNull())
    })
})
