import { renderHook } from '@testing-library/react'
import { describe, expect, test } from 'vitest'
import type { Plan, Verdict } from '@/features/build'
import { rowsOf, useRows } from '@/features/plan/board/rows'
import { useStable } from '@/features/plan/state/useStable'
import { indexFindings } from '@/features/plan/state/verdicts'
import { columnsOf } from '@/features/plan/state/view'
import { finding, library, plan as planOf, step as stepOf, verdict as verdictOf } from './kit'

const plan = planOf([stepOf('a'), stepOf('b', { zones: ['turret', 'hull'] }), stepOf('c', { zones: [] })])
const verdict = verdictOf(plan)
const columns = columnsOf(plan.zones, library, new Set())
const rows = (of: Plan, says: Verdict) => rowsOf(of, says, indexFindings(says.findings), library, columns, null)

describe('the rows of the board', () => {
    test('say what is done, when, and on which zones', () => {
        const [first] = rows(plan, verdict)
        expect(first).toMatchObject({ id: plan.steps[0]?.id, number: 1, isDone: false, waitMinutes: 0, worst: null })
        expect(rows(plan, verdict)[1]?.waitMinutes).toBe(60)
        expect(first?.cells.map((cell) => [cell.key, cell.isOn])).toEqual(
            plan.zones.map((zone) => [zone.id, plan.steps[0]?.zones.includes(zone.id)]),
        )
        expect(first?.cells[0]?.name).toBe('Hull: Spray a colour')
    })

    test('say until when a step has to be begun', () => {
        const closing = (closes: number) => ({ ...verdict, steps: verdict.steps.map((one) => ({ ...one, closes })) })
        expect(rows(plan, closing(700))[1]?.latest).toBe('11 h 40 min')
        expect(rows(plan, closing(1500))[1]?.latest).toBe('25 h')
        expect(rows(plan, verdict)[1]?.latest).toBeNull()
    })

    test('say in which session of a described week a step stands, and until when it has to be begun', () => {
        const at = (text: string) => new Date(`2026-11-${text}:00Z`)
        const sessions = new Map([['b', { starts: at('26T18:30'), closes: at('26T21:00'), timeZone: 'Europe/Paris' }]])
        const [first, second] = rowsOf(plan, verdict, indexFindings([]), library, columns, sessions)
        expect([second?.starts, second?.latest]).toEqual(['Thu 26 Nov, 19:30', '22:00'])
        expect([first?.starts, first?.latest]).toEqual(['at the start', null])
        const done = { ...verdict, steps: verdict.steps.map((one) => ({ ...one, done: '2026-11-20T10:00:00Z' })) }
        expect(rowsOf(plan, done, indexFindings([]), library, columns, sessions)[1]?.starts).toBe('after 1 h 40 min')
    })

    test('are bracketed with the row beside them where both are one sitting', () => {
        const sitting = { bond: 'palette' as const, says: '', restMinutes: 30 }
        const laid = (...sittings: string[][]) =>
            rows(plan, { ...verdict, sittings: sittings.map((steps) => ({ ...sitting, steps })) }).map(
                ({ together }) => together,
            )
        const [none, above, below] = [
            { above: false, below: false },
            { above: true, below: false },
            { above: false, below: true },
        ]
        expect(laid()).toEqual([none, none, none])
        expect(laid(['b', 'c'])).toEqual([none, below, above])
        expect(laid(['a', 'b', 'c'])).toEqual([below, { above: true, below: true }, above])
        // What lies between is not of it.
        expect(laid(['a', 'c'])).toEqual([none, none, none])
    })

    test('carry a finding in the cells that it is about, the gravest of several', () => {
        const step = plan.steps[1]?.id ?? ''
        const zone = plan.zones[0]?.id ?? ''
        const says = {
            ...verdict,
            findings: [
                finding({ step, zones: [zone], severity: 'note', key: 'a' }),
                finding({ step, zones: [zone], severity: 'stop', key: 'b' }),
            ],
        }
        const row = rows(plan, says)[1]
        expect(row?.worst).toBe('stop')
        expect(row?.cells.map((cell) => cell.severity)).toEqual(
            plan.zones.map((one) => (one.id === zone ? 'stop' : null)),
        )
    })

    test('fold a group of zones into one cell that tells a part from the whole', () => {
        const zones = [
            { ...plan.zones[0], id: 'left', kind: 'hull-sides' },
            { ...plan.zones[0], id: 'right', kind: 'hull-sides' },
        ] as Plan['zones']
        const folded = columnsOf(zones, library, new Set(library.zoneKinds.map((kind) => kind.group)))
        const on = (...ids: string[]) => {
            const steps = plan.steps.slice(0, 1).map((step) => ({ ...step, zones: ids }))
            return rowsOf({ ...plan, zones, steps }, verdict, indexFindings([]), library, folded, null)[0]?.cells[0]
        }
        expect(on()).toMatchObject({ zones: ['left', 'right'], isOn: false, isPart: false })
        expect(on('left')).toMatchObject({ isOn: true, isPart: true })
        expect(on('left', 'right')).toMatchObject({ isOn: true, isPart: false })
    })

    test('stay the same objects where nothing of them has changed', () => {
        const { result, rerender } = renderHook(
            ({ says }: { says: Verdict }) => useRows(plan, says, indexFindings(says.findings), library, columns, null),
            { initialProps: { says: verdict } },
        )
        const before = result.current
        const last = plan.steps[plan.steps.length - 1]?.id ?? ''
        rerender({
            says: { ...structuredClone(verdict), findings: [finding({ step: last, zones: [], severity: 'risk' })] },
        })
        const unchanged = plan.steps.filter((step) => step.id !== last)
        expect(unchanged.length).toBeGreaterThan(0)
        for (const step of unchanged) expect(result.current.get(step.id)).toBe(before.get(step.id))
        expect(result.current.get(last)).not.toBe(before.get(last))
    })
})

test('functions that stay the same do what the newest would', () => {
    const { result, rerender } = renderHook(
        ({ add }: { add: number }) => useStable({ plus: (to: number) => to + add }),
        {
            initialProps: { add: 1 },
        },
    )
    const { plus } = result.current
    rerender({ add: 10 })
    expect(result.current.plus).toBe(plus)
    expect(plus(5)).toBe(15)
})
