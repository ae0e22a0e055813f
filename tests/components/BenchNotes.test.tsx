import { screen } from '@testing-library/react'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { onPlanClock } from '@/design/duration'
import type { Knowledge } from '@/features/plan/api'
import BenchNotes, { sayAdjustable } from '@/features/plan/inspector/BenchNotes'
import { serverAnswers, show, state, step } from './kit'

const knowledge = (changes: Partial<Knowledge> = {}): Knowledge => ({
    step: 'a',
    seen: [],
    sitting: null,
    signs: ['dull: clean it'],
    tools: ['round brush', 'paper towel'],
    cautions: ['In sections.'],
    alternatives: [{ code: 'pin-wash', name: 'Pin wash' }],
    habits: [{ code: 'shake', moment: 'before', text: 'Shake the jar.', otherwise: 'the strength is wrong' }],
    lookFirst: ['Step 4: do the markings lie flat?'],
    hazards: [{ code: 'vapour', title: 'Ventilation', advice: 'Open a window.' }],
    windows: [
        {
            action: 'Clean it up',
            soonest: 15,
            opens: 20,
            bestUntil: 240,
            closes: 1440,
            before: 'it all comes out',
            after: 'it has set',
        },
    ],
    rounds: {
        applyCm2: 20,
        cleanCm2: 10,
        largestCm2: 2400,
        idleMinutes: 15,
        sections: [['Hull', 'Turret'], ['Tracks']],
        finish: 90,
        order: [
            { does: 'apply', zone: 'Hull', from: 0, to: 4 },
            { does: 'clean', zone: 'Hull', from: 20, to: 30 },
        ],
    },
    undo: {
        usual: 'Wiped off with spirit.',
        open: true,
        until: 1440,
        ways: [{ state: 'wet', from: 0, until: 20, open: true, says: 'Odourless spirit, wiped, takes it off.' }],
    },
    ...changes,
})
const face = { place: 'face', before: '#566043', after: '#55603f', atEnd: '#6b6b50', difference: 1.4 } as const
const recess = { place: 'recess', before: '#566043', after: '#3a3a28', atEnd: '#4a4a3a', difference: 15.2 } as const

describe('what is seen of a step', () => {
    it('stands once for zones that come to the same colours, with how much it is', async () => {
        const places = [face, recess]
        const seen = [
            { zone: 'hull', places },
            { zone: 'turret', places: [face, { ...recess, atEnd: '#111111' }] },
            { zone: 'tracks', places: [{ ...recess, before: '#222222' }] },
        ]
        serverAnswers({ body: knowledge({ seen }) })
        open()
        expect(await screen.findByRole('table', { name: 'Hull, Turret' })).toHaveTextContent('faceΔE 1.4, a trace')
        expect(screen.getByRole('table', { name: 'Tracks' })).toHaveTextContent('recessΔE 15.2, strong')
        expect(
            screen.getByRole('img', { name: '#566043, then #3a3a28, at the end #4a4a3a or #111111' }),
        ).toBeInTheDocument()
    })
})

const open = () => show(<BenchNotes state={state([step('a')])} stepId="a" />)
afterEach(() => vi.restoreAllMocks())

describe('what is known of a step', () => {
    it('tells all that the hands need', async () => {
        serverAnswers({ body: knowledge() })
        open()
        expect(await screen.findByText('Look first: there is no way back')).toBeVisible()
        expect(screen.getByText('Step 4: do the markings lie flat?')).toBeVisible()
        expect(screen.getByText(/from 20 min on, perhaps 5 min sooner, best until 4 h, gone at 24 h/)).toBeVisible()
        expect(screen.getByText(/1: Hull, Turret · 2: Tracks/)).toBeVisible()
        expect(screen.getByText('Ventilation')).toBeVisible()
        expect(screen.getByRole('link', { name: 'Pin wash' })).toHaveAttribute('href', '/almanac?find=Pin%20wash')
    })
    it('leaves out what there is nothing to say of', async () => {
        serverAnswers({ body: knowledge({ lookFirst: [], hazards: [], windows: [], rounds: null, alternatives: [] }) })
        open()
        expect(await screen.findByText('Signs to look for')).toBeVisible()
        for (const title of [
            'Look first: there is no way back',
            'Safety',
            'What may follow, and when',
            'In rounds',
            'Instead',
        ]) {
            expect(screen.queryByText(title)).toBeNull()
        }
    })
    it('can be asked again', async () => {
        serverAnswers({ status: 500, body: { message: 'Server Error' } })
        open()
        expect(await screen.findByRole('button', { name: 'Try again' })).toBeVisible()
    })
    it('says until when a step can be adjusted', () => {
        expect(sayAdjustable(knowledge(), onPlanClock)).toBe('It can be adjusted until 24 h.')
        const undo = knowledge().undo
        expect(sayAdjustable(knowledge({ undo: { ...undo, until: null } }), onPlanClock)).toBe(
            'It can be adjusted at any later time.',
        )
        expect(sayAdjustable(knowledge({ undo: { ...undo, open: false } }), onPlanClock)).toBe(
            'Not without taking along what is below.',
        )
        expect(sayAdjustable(knowledge({ undo: { ...undo, ways: [] } }), onPlanClock)).toBe('Wiped off with spirit.')
    })
})
