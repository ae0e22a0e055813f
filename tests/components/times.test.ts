import { describe, expect, it } from 'vitest'
import type { Item, Timetable } from '@/features/clock/api'
import {
    busySessionsOf,
    dryingBetween,
    formats,
    midnights,
    type Piece,
    placeOf,
    readSpans,
    sayConflict,
    sayHow,
    saySpans,
    sayWork,
} from '@/features/clock/times'

const at = (text: string) => new Date(`2026-11-${text}:00Z`)
const item = (from: string, to: string, changes: Partial<Item> = {}): Item => ({
    build: 'b',
    step: from,
    number: 1,
    technique: 'Prime',
    kind: 'prime',
    where: 'hull',
    zones: ['hull'],
    worst: null,
    finishes: true,
    product: 'Grey',
    colour: null,
    part: null,
    sitting: 0,
    from: at(from),
    to: at(to),
    pieces: [{ from: at(from), to: at(to) }],
    minutes: (at(to).getTime() - at(from).getTime()) / 60_000,
    sprays: false,
    reason: '',
    opens: null,
    closes: null,
    dries: null,
    ...changes,
})
const timetable: Timetable = {
    ends: at('26T20:00'),
    setups: 1,
    sessionsUsed: 2,
    isOptimal: false,
    bound: null,
    stops: 0,
    risks: 0,
    builds: [
        {
            id: 'b',
            name: 'Ostrel',
            ends: null,
            due: null,
            slackMinutes: null,
            held: 0,
            kind: 'tank',
            form: null,
            belongs: [],
        },
    ],
    sessions: [
        { from: at('25T18:00'), to: at('25T20:00'), isUsed: true },
        { from: at('26T08:00'), to: at('26T09:00'), isUsed: false },
        { from: at('26T18:00'), to: at('26T20:00'), isUsed: true },
    ],
    sittings: [],
    items: [
        item('25T18:15', '25T19:00', {
            dries: {
                touchDry: at('25T19:10'),
                recoatable: at('25T19:30'),
                solventProof: at('26T12:00'),
                soonest: { touchDry: at('25T19:05'), recoatable: at('25T19:20'), solventProof: at('26T10:00') },
            },
        }),
        item('25T19:30', '25T20:00'),
        item('26T18:00', '26T20:00'),
    ],
    conflicts: [],
    held: [],
    putOff: [],
    now: at('25T12:00'),
    timeZone: 'UTC',
    next: null,
    unreadable: [],
    stamps: {},
}

describe('the clock', () => {
    it('gathers what is done in each session, and how much of it is free', () => {
        expect(busySessionsOf(timetable).map(({ pieces, busy, free }) => [pieces.length, busy, free])).toEqual([
            [2, 75, 45],
            [1, 120, 0],
        ])
    })
    it('shows what is put down and taken up again in each of its sessions, and when it goes on', () => {
        const pieces = [
            { from: at('25T19:30'), to: at('25T20:00') },
            { from: at('26T18:00'), to: at('26T18:40') },
        ]
        const split = item('25T19:30', '26T18:40', { pieces, part: 'coat 1 of 2' })
        const [first, second] = busySessionsOf({ ...timetable, items: [split] })
        expect([first?.busy, second?.busy]).toEqual([30, 40])
        const say = (piece: Piece | undefined) => (piece === undefined ? '' : sayHow(piece, formats('UTC')))
        expect(say(first?.pieces[0])).toBe('prime, coat 1 of 2, 1 of 2, goes on Thu 26 Nov')
        expect(say(second?.pieces[0])).toBe('prime, coat 1 of 2, 2 of 2')
        expect(sayWork(split)).toBe('Grey on hull')
        expect(sayWork({ ...split, product: null })).toBe('Prime on hull')
    })
    it('says what surely is, and from when it may be so already', () => {
        const utc = formats('UTC')
        expect(utc.between({ soonest: at('25T19:20'), sure: at('25T19:30') })).toBe('Wed 25 Nov, 19:20–19:30')
        expect(utc.between({ soonest: at('25T19:30'), sure: at('25T19:30') })).toBe('Wed 25 Nov, 19:30')
    })
    it('tells what dries between two sessions', () => {
        const drying = dryingBetween(timetable.items, at('25T20:00'), at('26T18:00'))
        expect(drying.map(({ state, at: when }) => [state, when])).toEqual([['safe for spirit', at('26T12:00')]])
        expect(dryingBetween(timetable.items, at('25T18:30'), at('25T19:30'))).toEqual([])
    })
    it('shows times in the zone of the bench', () => {
        const oslo = formats('Europe/Oslo')
        expect(oslo.both(at('25T18:00'))).toBe('Wed 25 Nov, 19:00')
        expect(oslo.near(at('25T18:00'), at('25T20:00'))).toBe('19:00')
        expect(oslo.near(at('26T18:00'), at('25T20:00'))).toBe('Thu 26 Nov, 19:00')
    })
    it('places moments on an axis that begins now', () => {
        expect(placeOf(at('26T12:00'), at('25T12:00'), 4)).toBe(0.25)
        expect(midnights(at('25T12:00'), 2, 'UTC')).toEqual([at('26T00:00'), at('27T00:00')])
    })
    it('marks midnights where they are when the clocks change', () => {
        const autumn = new Date('2026-10-24T10:00:00Z')
        expect(midnights(autumn, 3, 'Europe/Paris').map((date) => date.toISOString().slice(0, 16))).toEqual([
            '2026-10-24T22:00',
            '2026-10-25T23:00',
            '2026-10-26T23:00',
        ])
        const spring = new Date('2026-03-28T10:00:00Z')
        expect(midnights(spring, 2, 'Europe/Paris').map((date) => date.toISOString().slice(0, 16))).toEqual([
            '2026-03-28T23:00',
            '2026-03-29T22:00',
        ])
    })
    it('reads hours as people write them, and nothing else', () => {
        expect(readSpans('19:30–22:00, 9.15-10:00')).toEqual([
            [1170, 1320],
            [555, 600],
        ])
        expect(readSpans(' ')).toEqual([])
        for (const text of ['evening', '22:00–19:30', '19:30', '25:00–26:00', '1:75–2:00', '1:00–2:00–3:00'])
            expect(readSpans(text)).toBeUndefined()
        expect(saySpans([[1170, 1320]])).toBe('19:30–22:00')
    })
    it('names the build that cannot be kept', () => {
        const conflict = { message: 'Too late.', steps: [{ build: 'b', step: 's' }] }
        expect(sayConflict(conflict, timetable)).toBe('Ostrel: Too late.')
        expect(sayConflict({ ...conflict, steps: [] }, timetable)).toBe('Too late.')
    })
})
