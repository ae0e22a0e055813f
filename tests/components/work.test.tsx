import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { LogEntry } from '@/features/build'
import type { Card, Desk } from '@/features/work/api'
import {
    dropsOf,
    firstOf,
    likesOf,
    linesOf,
    newsOf,
    nextPress,
    readyFor,
    sittingOf,
    standingOf,
    ticking,
    washUpSince,
    wetClockOf,
    withLogged,
} from '@/features/work/desk'
import { changesOf, newFindings } from '@/features/work/Otherwise'
import { forgetWork } from '@/features/work/outbox'
import { Work } from '@/features/work/Work'
import { product, serverKnows, show, state, step } from './kit'

const at = (minutes: number) => new Date(Date.UTC(2026, 10, 27, 19, 0) + minutes * 60_000)
const finish = { belongs: [], panels: [], paints: [], marks: [] }
const wash: Card = {
    build: 'b',
    plannedAt: at(0),
    step: 'wash',
    number: 4,
    of: 9,
    technique: 'Pin wash',
    kind: 'wash',
    jar: product('dark', 'Dark wash', { colour: '#332a20' }) as Card['jar'],
    zones: ['hull'],
    where: ['Hull'],
    how: ['0.4 ml as it comes'],
    take: { jarMl: 0.4, thinnerMl: 0, thinner: null },
    cleanUp: [{ says: 'wipe with odourless spirit, 25 min after', afterMinutes: 25 }],
    tools: ['soft brush'],
    signs: ['dull, no longer glossy'],
    cautions: [],
    habits: [],
    lookFirst: [],
    hazards: [],
    note: '',
    handsOn: 40,
    opensSoonest: null,
    opensAt: null,
    closesAt: null,
    waitsFor: null,
    begunAt: null,
    laidAt: null,
    rounds: 0,
    soakSeconds: null,
    cleaning: [{ kind: 'clean-up', action: 'clean it', soonest: 10, opens: 15, bestUntil: 60, closes: 180 }],
    after: {
        cleanedAfter: 40,
        windows: [],
        cures: {
            touchDry: 60,
            recoatable: 480,
            solventProof: 1440,
            soonest: { touchDry: 30, recoatable: 360, solventProof: 720 },
        },
        sign: 'dull, no longer glossy',
    },
    washUp: [{ place: 6, says: 'Lids' }],
}
const paint: Card = {
    ...wash,
    step: 'paint',
    number: 5,
    technique: 'Tools',
    cleanUp: [],
    cleaning: [],
    plannedAt: at(60),
    tools: ['fine brush', 'soft brush'],
}
const desk: Desk = {
    now: at(0),
    timeZone: 'UTC',
    session: null,
    builds: [{ id: 'b', name: 'Pell', kind: 'tank', scale: 35, form: null, finish, done: 3, steps: 9 }],
    cards: [wash, paint],
    clocks: [],
    mixes: [
        {
            jar: 'dark',
            parts: [
                { name: 'Umber', parts: 3 },
                { name: 'White', parts: 1 },
            ],
        },
    ],
}
const entry = (kind: string, step: string, minutes: number, more = {}) => ({
    build: 'b',
    entry: { id: `${kind}-${step}`, kind, step, at: at(minutes).toISOString(), ...more },
})

describe('a sitting', () => {
    it('is the session of the clock, with its minutes, also where its steps lie far apart', () => {
        const steps = [{ build: 'b', step: 'paint' }]
        const session = { from: at(0), to: at(120), minutes: 100, steps, hazards: [] }
        expect(sittingOf([wash, paint], session)).toEqual([paint])
        expect(sittingOf([wash, paint], null)).toEqual([wash, paint])
        expect(sittingOf([wash, { ...paint, plannedAt: at(60 * 24) }], { ...session, steps: [] })).toEqual([wash])
    })
})

describe('the desk without the server', () => {
    it('goes from begun to laid to done, with the clock that belongs to each', () => {
        expect(nextPress(wash).kind).toBe('begun')
        const begun = withLogged(desk, [entry('begun', 'wash', 0)])
        expect(nextPress(begun.cards[0] as Card).kind).toBe('laid')
        const laid = withLogged(desk, [entry('begun', 'wash', 0), entry('laid', 'wash', 10)])
        expect(nextPress(laid.cards[0] as Card)).toEqual({ kind: 'finished', says: 'Cleaned and done' })
        expect(laid.clocks[0]?.windows[0]).toMatchObject({ opensAt: at(25), bestUntil: at(70), closesAt: at(190) })
        const done = withLogged(desk, [
            entry('begun', 'wash', 0),
            entry('laid', 'wash', 10),
            entry('finished', 'wash', 50),
        ])
        expect(done.cards.map(({ step }) => step)).toEqual(['paint'])
        expect(done.clocks).toHaveLength(1)
        expect(done.clocks[0]?.windows).toEqual([])
        // It dries from its last stroke, which was said.
        expect(done.clocks[0]?.cures).toMatchObject({ recoatable: at(490), soonest: { recoatable: at(370) } })
        // Where nobody has said when that was, it was as long ago as its clean-up takes, and not before it was begun.
        const unsaid = withLogged(desk, [entry('finished', 'wash', 50)])
        expect(unsaid.clocks[0]?.cures?.recoatable).toEqual(at(490))
        const quick = withLogged(desk, [entry('begun', 'wash', 30), entry('finished', 'wash', 50)])
        expect(quick.clocks[0]?.cures?.recoatable).toEqual(at(510))
        expect(done.builds[0]?.done).toBe(4)
        // What is cleaned never is asked for on paint that is not.
        expect(nextPress({ ...paint, begunAt: at(0) })).toEqual({ kind: 'finished', says: 'Done' })
    })
    it('leaves out what is left out, takes back what was taken back, and passes over what it does not know', () => {
        expect(withLogged(desk, [entry('skipped', 'wash', 0)]).cards).toEqual([paint])
        const taken = [entry('finished', 'wash', 0), entry('withdrawn', 'wash', 1, { corrects: 'finished-wash' })]
        expect(withLogged(desk, taken)).toEqual(desk)
        expect(withLogged(desk, [entry('finished', 'gone', 0)])).toEqual(desk)
    })
    it('says a mix in drops for so much of it, with the same parts', () => {
        expect(dropsOf('dark', 0.4, desk.mixes)).toBe('6 drops Umber, 2 drops White')
        // Less than one round of parts cannot be made.
        expect(dropsOf('dark', 0.01, desk.mixes)).toBe('3 drops Umber, 1 drop White')
        expect(dropsOf('plain', 0.4, desk.mixes)).toBe('')
        expect(dropsOf('dark', 0, desk.mixes)).toBe('')
        expect(readyFor([wash, { ...wash, step: 'more' }], desk.mixes).jars[0]).toMatchObject({
            ml: 0.8,
            drops: '12 drops Umber, 4 drops White',
        })
    })
    it('says what is washed up after what was in hand, each thing once and in its order', () => {
        const clock = (minutes: number, ...washUp: [number, string][]) => ({
            ...wetClockOf(wash, at(minutes)),
            washUp: washUp.map(([place, says]) => ({ place, says })),
        })
        const clocks = [
            clock(10, [2, 'The brushes'], [6, 'Lids']),
            clock(0, [1, 'The airbrush'], [6, 'Lids']),
            clock(-600, [3, 'The brush of last week']),
        ]
        expect(washUpSince(clocks, at(-60))).toEqual(['The airbrush', 'The brushes', 'Lids'])
        expect(washUpSince(clocks, at(20))).toEqual([])
    })
    it('says of a window whether it waits, is in doubt, at its best, late, or over', () => {
        const clock = withLogged(desk, [entry('laid', 'wash', 0)]).clocks
        const line = linesOf(clock[0] as Desk['clocks'][number])[0] as ReturnType<typeof linesOf>[number]
        expect([0, 20, 100, 200].map((minutes) => standingOf(line, at(minutes)))).toEqual([
            'waits',
            'best',
            'late',
            'over',
        ])
        expect(standingOf({ ...line, opensSoonest: at(5) }, at(10))).toBe('perhaps')
        expect(ticking(clock, at(100))).toHaveLength(1)
        expect(ticking(clock, at(200))).toEqual([])
    })
    it('tells once what opens and what closes soon, and never what is long past', () => {
        const { clocks } = withLogged(desk, [entry('laid', 'wash', 0)])
        const texts = (from: number, to: number) => newsOf(clocks, at(to), at(from)).map(({ text }) => text)
        expect(texts(0, 9)).toEqual([])
        expect(texts(9, 12)).toEqual(['Dark wash, step 4: clean it perhaps now, surely in 3 min.'])
        expect(texts(12, 16)).toEqual([])
        expect(texts(160, 166)).toEqual(['Dark wash, step 4: clean it, 15 minutes left.'])
        expect(texts(300, 400)).toEqual([])
        // A device that slept through the opening, and one that slept through all of it.
        expect(texts(0, 60)).toEqual(['Dark wash, step 4: clean it now.'])
        expect(texts(0, 200)).toEqual([])
    })
    it('wants each thing at hand once, with what all steps take of a jar', () => {
        const ready = readyFor([wash, { ...paint, take: { jarMl: 0.2, thinnerMl: 0.1, thinner: 'water' } }])
        expect(ready.jars).toEqual([
            { id: 'dark', name: 'Dark wash', colour: '#332a20', ml: 0.6000000000000001, drops: '' },
        ])
        expect(ready.things).toEqual([
            'soft brush',
            'odourless spirit, to clean with: one pool to take off, one to finish',
            'water, to thin with',
            'fine brush',
            'cotton buds, about 2: two a zone',
        ])
    })
})

describe('done otherwise', () => {
    const green = product('green', 'Green')
    const slate = product('slate', 'Slate')
    const first = state([step('a', { coats: 2 })])
    const plan = { ...first.plan, products: [green, slate, product('oil', 'Oil', { family: 'artist-oil' })] }
    it('is a coat more or fewer, or another jar of the kind', () => {
        const changes = changesOf({ plan } as never, step('a', { coats: 2 }) as never)
        expect(changes.map(({ says }) => says)).toEqual([
            'One coat more than planned',
            'One coat fewer than planned',
            'With Slate',
        ])
        expect(changes.map(({ step: { coats, product: jar } }) => [coats, jar])).toEqual([
            [3, 'green'],
            [1, 'green'],
            [2, 'slate'],
        ])
        expect(changesOf({ plan } as never, step('a', { coats: 1 }) as never)).toHaveLength(2)
    })
    it('names what is new because of it, the gravest first', () => {
        const found = (key: string, severity: string, accepted: unknown = null) =>
            ({ key, severity, accepted }) as never
        const after = [found('a', 'note'), found('b', 'note'), found('c', 'stop'), found('d', 'risk', { reason: '' })]
        expect(newFindings([found('a', 'note')], after).map(({ key }) => key)).toEqual(['c', 'b'])
    })
    it('opens at what lies wet, then at what is begun, and at a build when one is asked for', () => {
        const begun = { ...paint, step: 'begun', begunAt: at(-30) }
        const wet = { ...wash, build: 'c', step: 'wet', laidAt: at(-10) }
        expect(firstOf([wash, paint], null)).toBeUndefined()
        expect(firstOf([wash, begun, paint], null)).toBe(begun)
        expect(firstOf([wash, begun, wet], null)).toBe(wet)
        expect(firstOf([wet, wash, paint], wash.build)).toBe(wash)
        expect(firstOf([wet, wash, begun], begun.build)).toBe(begun)
        expect(firstOf([wash], 'a build without work')).toBeUndefined()
    })
    it('knows the same work on other builds', () => {
        const other = { ...wash, build: 'c' }
        expect(likesOf(wash, [wash, paint, other, { ...other, jar: null }])).toEqual([other])
    })
})

describe('at the bench', () => {
    // The browser of these tests has no taste of its own.
    beforeEach(() => localStorage.setItem('ulvrach.theme', 'light'))
    afterEach(async () => {
        await forgetWork()
        vi.restoreAllMocks()
    })
    const json = (card: Desk): unknown => JSON.parse(JSON.stringify(card))
    const session = { user: { name: 'Tova', email: 'tova@example.org' }, demo: false }
    const open = async () => {
        show(<Work />)
        await userEvent.click(await screen.findByRole('button', { name: 'To the first step' }))
    }
    it('takes one press for each thing, and a press to take it back', async () => {
        const logged: { entries: { kind: string; corrects?: string; id: string }[] }[] = []
        serverKnows({
            'GET /session': session,
            'GET /work': json(desk),
            'POST /builds/b/log': (body: (typeof logged)[number]) => {
                logged.push(body)
                return {}
            },
        })
        await open()
        expect(screen.getByRole('heading', { name: 'Pin wash' })).toBeVisible()
        await userEvent.click(screen.getByRole('button', { name: 'Begin' }))
        await userEvent.click(await screen.findByRole('button', { name: 'It is on' }))
        expect(await screen.findByText(/The sign beats the number/)).toBeVisible()
        await userEvent.click(screen.getByRole('button', { name: 'Cleaned and done' }))
        expect(await screen.findByRole('heading', { name: 'Tools' })).toBeVisible()
        await userEvent.click(screen.getByRole('button', { name: 'That was wrong' }))
        await waitFor(() => expect(logged.length).toBeGreaterThan(0))
        expect(logged[0]?.entries[0]?.kind).toBe('begun')
    })
    it('goes round after round over a wash and over a chipping film, with a clock for the water', async () => {
        const kinds: string[] = []
        const lift = { ...paint, step: 'lift', technique: 'Lift chips', rounds: 0, soakSeconds: [20, 60] }
        let known = { ...desk, cards: [{ ...lift, begunAt: at(0) }, wash] } as Desk
        serverKnows({
            'GET /session': session,
            'GET /work': () => json(known),
            'POST /builds/b/log': (body: { entries: LogEntry[] }) => {
                kinds.push(...body.entries.map(({ kind }) => kind))
                known = withLogged(
                    known,
                    body.entries.map((one) => ({ build: 'b', entry: one })),
                )
                return state([step('a')])
            },
        })
        show(<Work />)
        expect(screen.queryByRole('region', { name: 'Rounds' })).toBeNull()
        await userEvent.click(await screen.findByRole('button', { name: 'It is wet' }))
        const rounds = await screen.findByRole('region', { name: 'Rounds' })
        expect(rounds).toHaveTextContent(/^Round 1\. Wet for 0:0\d: let it soak, \d+ s more\./)
        await userEvent.click(within(rounds).getByRole('button', { name: 'Another round' }))
        expect(await screen.findByText('Round 2.')).toBeVisible()
        await userEvent.click(screen.getByRole('button', { name: 'Enough' }))
        await userEvent.click(await screen.findByRole('button', { name: 'Begin' }))
        await userEvent.click(await screen.findByRole('button', { name: 'It is on' }))
        expect(await screen.findByText('Round 1.')).toBeVisible()
        await userEvent.click(screen.getByRole('button', { name: 'Another round' }))
        expect(await screen.findByText('Round 2.')).toBeVisible()
        await waitFor(() => expect(kinds).toEqual(['laid', 'laid', 'finished', 'begun', 'laid', 'laid']))
    })
    it('leads straight to what fits into the minutes that one has', async () => {
        const asked = vi.fn()
        const now = at(0)
        const laid = (from: Date, step: string) => ({
            ...{ build: 'b', step, number: 1, technique: 'Tools', kind: 'detail', product: null, where: '', zones: [] },
            ...{ worst: null, colour: null, part: null, sitting: 0, from, to: from, pieces: [], minutes: 20 },
            ...{ sprays: false, finishes: true, reason: '', opens: null, closes: null, dries: null },
        })
        serverKnows({
            'GET /session': session,
            'GET /work': json(desk),
            'POST /clock': (body: { spare: number }) => {
                asked(body.spare)
                return {
                    ...{ ends: null, setups: 0, sessionsUsed: 1, isOptimal: true, bound: null, stops: 0, risks: 0 },
                    ...{ builds: [], sessions: [], sittings: [], held: [], conflicts: [], putOff: [], now },
                    ...{ timeZone: 'UTC', unreadable: [], stamps: {}, next: null },
                    items: body.spare === 20 ? [] : [laid(now, 'paint'), laid(at(60), 'wash')],
                }
            },
        })
        show(<Work />)
        await userEvent.click(await screen.findByRole('button', { name: '20 min' }))
        expect(await screen.findByText(/^Nothing fits into 20 min/)).toBeVisible()
        await userEvent.click(screen.getByRole('button', { name: '40 min' }))
        expect(await screen.findByRole('heading', { name: 'Tools' })).toBeVisible()
        expect(asked.mock.calls).toEqual([[20], [40]])
        // What does not fit comes after it.
        await userEvent.click(screen.getByRole('button', { name: 'Next' }))
        expect(screen.getByRole('heading', { name: 'Pin wash' })).toBeVisible()
    })
    it('cleans what an alarm calls for from the alarm itself', async () => {
        const kinds: string[] = []
        const laidAt = new Date(Date.now() - 16 * 60_000)
        const wet = { ...wash, begunAt: laidAt, laidAt, rounds: 1 }
        serverKnows({
            'GET /session': session,
            'GET /work': json({ ...desk, cards: [wet, paint], clocks: [wetClockOf(wet, laidAt)] }),
            'POST /builds/b/log': (body: { entries: { kind: string }[] }) => {
                kinds.push(...body.entries.map(({ kind }) => kind))
                return state([step('a')])
            },
        })
        show(<Work />)
        await userEvent.click(await screen.findByRole('button', { name: 'Next' }))
        expect(screen.getByRole('heading', { name: 'Tools' })).toBeVisible()
        const alarm = screen.getByRole('alert')
        expect(alarm).toHaveTextContent(/Dark wash, step 4: clean it/)
        await userEvent.click(within(alarm).getByRole('button', { name: 'It is clean' }))
        await waitFor(() => expect(kinds).toEqual(['finished']))
        expect(screen.queryByRole('button', { name: 'It is clean' })).toBeNull()
    })
    it('opens at the build that was asked for, and says so where nothing of it can be done', async () => {
        const other = { ...paint, build: 'c', technique: 'Paint the tools' }
        const builds = [...desk.builds, { ...desk.builds[0], id: 'c', name: 'Strag' }]
        const held = [...builds, { ...desk.builds[0], id: 'd', name: 'Held' }]
        serverKnows({
            'GET /session': session,
            'GET /work': json({ ...desk, builds: held, cards: [...desk.cards, other] } as Desk),
        })
        const { unmount } = show(<Work />, '/work?build=c')
        expect(await screen.findByRole('heading', { name: 'Paint the tools' })).toBeVisible()
        await userEvent.click(screen.getByRole('button', { name: 'Before' }))
        expect(screen.getByRole('heading', { name: paint.technique })).toBeVisible()
        unmount()
        show(<Work />, '/work?build=d')
        expect(await screen.findByText(/^Nothing of Held can be done now/)).toBeVisible()
        expect(screen.getByRole('link', { name: 'Its plan says why' })).toHaveAttribute('href', '/builds/d')
    })
    it('writes down when the sign was seen, sooner than the number or later', async () => {
        const logged: { kind: string; text?: string }[] = []
        const film = (step: string, minutes: number) => ({
            ...wetClockOf(wash, new Date(Date.now() - minutes * 60_000)),
            step,
            name: step,
            windows: [],
            cures: {
                touchDry: new Date(Date.now() + (30 - minutes) * 60_000),
                recoatable: new Date(Date.now() + 400 * 60_000),
                solventProof: null,
                soonest: {
                    touchDry: new Date(Date.now() + (20 - minutes) * 60_000),
                    recoatable: new Date(Date.now() + 300 * 60_000),
                    solventProof: null,
                },
            },
        })
        serverKnows({
            'GET /session': session,
            'GET /work': json({ ...desk, cards: [paint], clocks: [film('soon', 10), film('late', 40)] }),
            'POST /builds/b/log': (body: { entries: typeof logged }) => {
                logged.push(...body.entries)
                return state([])
            },
        })
        await open()
        const of = (name: string) => within(screen.getByText(new RegExp(`^${name}`)).closest('li') as HTMLElement)
        await userEvent.click(of('soon').getByRole('button', { name: /The sign beats the number/ }))
        expect(of('soon').queryByRole('button', { name: /The sign/ })).toBeNull()
        expect(of('late').queryByRole('button', { name: /The sign/ })).toBeNull()
        await userEvent.click(of('late').getByRole('button', { name: /Not yet/ }))
        expect(of('late').getByText('not yet, look again')).toBeVisible()
        await userEvent.click(of('late').getByRole('button', { name: /The sign beats the number/ }))
        await waitFor(() => expect(logged.map(({ kind }) => kind)).toEqual(['ready', 'note', 'ready']))
        expect(logged[0]?.text).toContain('leaves no mark')
    })
    it('writes down the air that was measured, and only what air can be', async () => {
        const logged: { kind: string; air?: unknown; text?: string }[] = []
        serverKnows({
            'GET /session': session,
            'GET /work': json(desk),
            'POST /builds/b/log': (body: { entries: typeof logged }) => {
                logged.push(...body.entries)
                return state([])
            },
        })
        await open()
        await userEvent.click(screen.getByRole('button', { name: 'More' }))
        await userEvent.type(screen.getByLabelText('Air, °C'), '19,5')
        await userEvent.type(screen.getByLabelText('Humidity, %'), '480')
        expect(screen.getByRole('button', { name: 'Measured' })).toBeDisabled()
        expect(screen.getByText('−5 to 45 °C, 1 to 100 %')).toBeVisible()
        await userEvent.type(screen.getByLabelText('Humidity, %'), '{Backspace}')
        await userEvent.click(screen.getByRole('button', { name: 'Measured' }))
        await userEvent.click(screen.getByRole('button', { name: 'More' }))
        await userEvent.click(screen.getByRole('button', { name: 'Looked at' }))
        await waitFor(() => expect(logged.map(({ kind }) => kind)).toEqual(['measured', 'note']))
        expect(logged[0]?.air).toEqual({ temperatureC: 19.5, humidityPercent: 48 })
    })
    it('keeps what was pressed when the server is out of reach, and says so', async () => {
        serverKnows({ 'GET /session': session, 'GET /work': json(desk) })
        await open()
        vi.spyOn(globalThis, 'fetch').mockRejectedValue(new TypeError('offline'))
        await userEvent.keyboard(' ')
        await userEvent.click(await screen.findByRole('button', { name: 'It is on' }))
        expect(await screen.findByText('2 entries wait to be sent; nothing is lost.')).toBeVisible()
        expect(screen.getByRole('button', { name: 'Cleaned and done' })).toBeVisible()
    })
    it('tells what the server will not have, and lets it go', async () => {
        serverKnows({ 'GET /session': session, 'GET /work': json(desk) })
        await open()
        await userEvent.click(screen.getByRole('button', { name: 'Begin' }))
        expect(await screen.findByText(/“begun” of wash is not in the log/)).toBeVisible()
        await userEvent.click(screen.getByRole('button', { name: 'Let it go' }))
        await waitFor(() => expect(screen.queryByText(/is not in the log/)).toBeNull())
    })
})
