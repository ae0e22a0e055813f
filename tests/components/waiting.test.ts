import { describe, expect, it } from 'vitest'
import type { BenchCard, Next } from '@/features/bench/api'
import { byUrgency, nextCure, standingOf } from '@/features/bench/waiting'

const now = new Date('2026-11-20T12:00:00Z')
const inMinutes = (minutes: number) => new Date(now.getTime() + minutes * 60_000)
const next = (changes: Partial<Next>): Next => ({
    id: 'a',
    number: 1,
    technique: 'Prime',
    product: null,
    opensSoonest: null,
    opensAt: null,
    closesAt: null,
    handsOn: 10,
    waitsFor: null,
    ...changes,
})
const card = (id: string, done: number, changes: Partial<Next> | null): BenchCard => ({
    id,
    unreadable: null,
    name: id,
    vehicle: '',
    kind: 'tank',
    scale: 35,
    changedAt: now,
    summary: { stops: 0, risks: 0, notes: 0, accepted: 0, lastsMinutes: 0 },
    steps: 3,
    done,
    next: changes === null ? null : next(changes),
    curing: [],
    stages: [
        { part: 'Ground', done: 1, steps: 1 },
        { part: 'Colour', done: 2, steps: 5 },
    ],
    palette: [],
    form: null,
    finish: null,
})

describe('what a build waits for', () => {
    it('is ready when its time has come', () => {
        expect(standingOf(next({ opensAt: inMinutes(-1) }), now)).toEqual({ state: 'ready', text: 'Ready now' })
    })
    it('counts down to its time', () => {
        expect(standingOf(next({ opensAt: inMinutes(90) }), now).text).toMatch(/^Ready in 1 h 30 min \(/)
        const doubt = next({ opensSoonest: inMinutes(15), opensAt: inMinutes(30) })
        expect(standingOf(doubt, now).text).toMatch(/^Ready in 15–30 min \(/)
        expect(standingOf(doubt, inMinutes(20)).text).toMatch(/^Ready perhaps now, surely in 10 min \(/)
        expect(standingOf(doubt, inMinutes(30)).state).toBe('ready')
    })
    it('warns of a window that closes, and tells when it is missed', () => {
        expect(standingOf(next({ opensAt: inMinutes(-1), closesAt: inMinutes(40) }), now)).toEqual({
            state: 'closing',
            text: 'Ready now; its window closes in 40 min',
        })
        expect(standingOf(next({ closesAt: inMinutes(-130) }), now).text).toBe('Its window closed 2 h 10 min ago')
    })
    it('puts first what cannot wait, and last what is finished', () => {
        const cards = [
            card('finished', 3, null),
            card('new', 0, {}),
            card('waiting', 1, { opensAt: inMinutes(60) }),
            card('closing', 1, { closesAt: inMinutes(10) }),
            card('ready', 1, {}),
        ]
        expect(byUrgency(cards, now).map((one) => one.id)).toEqual(['closing', 'ready', 'waiting', 'new', 'finished'])
    })
    it('names the state that a drying layer reaches next', () => {
        const cures = {
            touchDry: inMinutes(-5),
            recoatable: inMinutes(20),
            solventProof: null,
            soonest: { touchDry: inMinutes(-8), recoatable: inMinutes(12), solventProof: null },
        }
        const row = { step: 'a', number: 1, product: 'Green', cures }
        expect(nextCure(row, now)).toEqual({ state: 'ready for another coat', text: 'in 12–20 min' })
        expect(nextCure(row, inMinutes(14))?.text).toBe('perhaps now, surely in 6 min')
        expect(nextCure(row, inMinutes(20))).toBeNull()
    })
})
