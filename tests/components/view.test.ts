import { describe, expect, it } from 'vitest'
import { indexFindings } from '@/features/plan/state/verdicts'
import { columnsOf, partsOf, visibleSteps, wholeView } from '@/features/plan/state/view'
import { finding, library, plan, step } from './kit'

const many = plan(
    Array.from({ length: 14 }, (_, place) =>
        step(`s${place}`, { technique: place < 10 ? 'spray-colour' : place === 10 ? 'clear-coat' : 'enamel-wash' }),
    ),
)

describe('what of the plan is shown', () => {
    it('folds a group of zones into one column', () => {
        expect(columnsOf(many.zones, library, new Set()).map((column) => column.key)).toEqual([
            'hull',
            'turret',
            'tracks',
        ])
        const folded = columnsOf(many.zones, library, new Set(['body', 'running gear']))
        expect(folded.map((column) => [column.key, column.zones.length])).toEqual([
            ['group:body', 2],
            ['tracks', 1],
        ])
    })
    it('gathers steps of one kind of work, a seal with what comes before it', () => {
        expect(partsOf(many, library).map((part) => [part.key, part.steps.length])).toEqual([
            ['Colour 1', 11],
            ['Tints and washes 1', 3],
        ])
    })
    it('hides folded parts, and what a filter does not ask for', () => {
        const findings = indexFindings([finding({ step: 's3' }), finding({ step: 's12', severity: 'note' })])
        expect(visibleSteps(many, library, wholeView, findings)).toHaveLength(14)
        expect(
            visibleSteps(many, library, { ...wholeView, foldedParts: new Set(['Colour 1']) }, findings),
        ).toHaveLength(3)
        expect(visibleSteps(many, library, { ...wholeView, filter: 'stop' }, findings).map((one) => one.id)).toEqual([
            's3',
        ])
    })
    it('does not look for what was accepted', () => {
        const findings = indexFindings([finding({ step: 's3', accepted: { reason: 'Tried.', trial: null } })])
        expect(visibleSteps(many, library, { ...wholeView, filter: 'stop' }, findings)).toEqual([])
        expect(findings.worstOfStep('s3')).toBeNull()
    })
})
