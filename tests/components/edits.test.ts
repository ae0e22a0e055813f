import { describe, expect, it } from 'vitest'
import { copyEdits } from '@/features/plan/dialogs/CopyDialog'
import { addStep, toggleZones } from '@/features/plan/state/edits'
import { plan, product, step } from './kit'

describe('edits', () => {
    it('adds a step after a place and leaves the rest to the server', () => {
        const wanted = { technique: 'clear-coat', zones: null, jar: null, merge: null }
        const { edits, id } = addStep(plan([step('a')]), wanted, 1)
        expect(edits).toEqual([
            { edit: 'add-step', id, technique: 'clear-coat', at: 1, zones: null, with: null, merge: null },
        ])
        expect(id).toMatch(/^clear-coat-[0-9a-z]+$/)
    })
    it('brings the jar along where the plan does not have it yet', () => {
        const jar = product('slate', 'Slate')
        const wanted = { technique: 'spray-colour', zones: ['hull'], jar, merge: null }
        const one = plan([step('a')])
        expect(addStep(one, wanted, 1).edits).toMatchObject([
            { edit: 'put-product', product: jar },
            { edit: 'add-step', with: 'slate', zones: ['hull'] },
        ])
        expect(addStep({ ...one, products: [jar] }, wanted, 1).edits).toHaveLength(1)
    })
    it('puts a step on a zone and takes it off, zones in the order of the board', () => {
        const one = step('a', { zones: ['tracks'] })
        expect(toggleZones(plan([one]), one, ['hull'])).toMatchObject({ step: { zones: ['hull', 'tracks'] } })
        expect(toggleZones(plan([one]), one, ['tracks'])).toMatchObject({ step: { zones: [] } })
    })
    it('puts a step on a whole group, and off it only when it is on all of it', () => {
        const one = step('a', { zones: ['hull'] })
        expect(toggleZones(plan([one]), one, ['hull', 'turret'])).toMatchObject({ step: { zones: ['hull', 'turret'] } })
        const both = step('a', { zones: ['hull', 'turret'] })
        expect(toggleZones(plan([both]), both, ['hull', 'turret'])).toMatchObject({ step: { zones: [] } })
    })
    it('copies steps to other zones, within them or as steps of their own', () => {
        const steps = [step('a'), step('b', { zones: ['tracks'] })]
        expect(copyEdits(plan(steps), steps, ['turret'], false)).toMatchObject([
            { edit: 'replace-step', step: { id: 'a', zones: ['hull', 'turret'] } },
            { edit: 'replace-step', step: { id: 'b', zones: ['turret', 'tracks'] } },
        ])
        expect(copyEdits(plan(steps), steps, ['turret'], true)).toMatchObject([
            { edit: 'insert-step', at: 2, step: { zones: ['turret'] } },
            { edit: 'insert-step', at: 3, step: { zones: ['turret'] } },
        ])
    })
})
