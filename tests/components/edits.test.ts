import { describe, expect, it } from 'vitest'
import { copyEdits } from '@/features/plan/CopyDialog'
import { addStep, changeTechnique, momentOf, toggleZones } from '@/features/plan/edits'
import { library, plan, step } from './kit'

describe('edits', () => {
    it('adds a step with a product that fits, brought from the starter shelf if the plan has none', () => {
        const { edits, id } = addStep(plan([step('a')]), library, 'clear-coat', 0, ['hull'])
        expect(edits).toMatchObject([
            { edit: 'put-product', product: { id: 'clear-gloss' } },
            {
                edit: 'insert-step',
                at: 1,
                step: { id, technique: 'clear-coat', product: 'clear-gloss', coats: 2, zones: ['hull'] },
            },
        ])
    })
    it('cleans a wash up inside its window', () => {
        const { edits } = addStep(plan([]), library, 'enamel-wash', -1, ['hull'])
        expect(edits[1]).toMatchObject({
            at: 0,
            step: { cleanUp: { carrier: 'odourless-spirit', scrubbed: false, afterMinutes: 30 } },
        })
    })
    it('takes what the plan already takes for such work, before anything from the starter shelf', () => {
        const own = {
            id: 'own-wash',
            name: 'My wash',
            family: 'enamel',
            carrier: 'white-spirit',
            sheen: null,
            colour: '#222222',
        }
        const one = plan([step('a', { technique: 'enamel-wash', product: 'own-wash' }), step('b')])
        const { edits } = addStep({ ...one, products: [...one.products, own] }, library, 'enamel-wash', 1, ['hull'])
        expect(edits).toMatchObject([{ edit: 'insert-step', step: { product: 'own-wash' } }])
    })
    it('keeps a product that the new technique can use, but makes no clear coat of a colour', () => {
        const one = step('a')
        expect(
            changeTechnique(plan([one]), library, step('b', { technique: 'clear-coat' }), 'spray-colour'),
        ).toMatchObject([{ edit: 'replace-step', step: { product: 'green' } }])
        expect(changeTechnique(plan([one]), library, one, 'clear-coat')).toMatchObject([
            { edit: 'put-product', product: { id: 'clear-gloss' } },
            { edit: 'replace-step', step: { product: 'clear-gloss' } },
        ])
        expect(changeTechnique(plan([one]), library, one, 'enamel-wash')).toMatchObject([
            { edit: 'put-product', product: { id: 'wash-brown' } },
            { edit: 'replace-step', step: { product: 'wash-brown', coats: 1, application: 'brush' } },
        ])
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
            { edit: 'insert-step', at: 2, step: { zones: ['turret'], done: null } },
            { edit: 'insert-step', at: 3, step: { zones: ['turret'] } },
        ])
    })
    it('writes moments as plan files do', () => {
        expect(momentOf(new Date('2026-11-24T19:30:59.123Z'))).toBe('2026-11-24T19:30:00Z')
    })
})
