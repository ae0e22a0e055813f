import { describe, expect, it } from 'vitest'
import { rebased } from '@/features/plan/state/rebase'
import { plan, step } from './kit'

type Changes = Parameters<typeof step>[1]
const extent = (places: ('edges' | 'recesses' | 'welds')[]) => ({ share: null, places, panels: [], pattern: null })

/** What is sent of a change of a step, after another was saved meanwhile. */
const sent = (base: Changes, mine: Changes, saved: Changes) => {
    const [edit] = rebased(
        [{ edit: 'replace-step', step: step('a', { ...base, ...mine }) }],
        new Map([['a', step('a', base)]]),
        plan([step('a', { ...base, ...saved })]),
    )
    return edit?.edit === 'replace-step' ? edit.step : null
}

describe('a step that is changed twice before the first change is saved', () => {
    it('keeps both fields', () => {
        expect(sent({}, { coats: 3 }, { load: 'mist' })).toMatchObject({ coats: 3, load: 'mist' })
    })
    it('keeps both places, where there were none, and where there were some', () => {
        const both = sent({}, { extent: extent(['recesses']) }, { extent: extent(['edges']) })
        expect(both?.extent?.places).toEqual(['edges', 'recesses'])
        const changed = sent(
            { extent: extent(['edges', 'welds']) },
            { extent: extent(['welds']) },
            { extent: extent(['edges', 'welds', 'recesses']) },
        )
        expect(changed?.extent?.places).toEqual(['welds', 'recesses'])
    })
    it('keeps both zones', () => {
        const both = sent({ zones: ['hull'] }, { zones: ['hull', 'tracks'] }, { zones: ['hull', 'turret'] })
        expect(both?.zones).toEqual(['hull', 'turret', 'tracks'])
    })
    it('takes the later of two for the same field, and leaves what nobody else has touched', () => {
        expect(sent({}, { coats: 3 }, { coats: 4 })?.coats).toBe(3)
        expect(sent({}, { extent: extent(['edges']) }, {})?.extent).toEqual(extent(['edges']))
        expect(sent({ extent: extent(['edges']) }, { extent: null }, { note: 'x' })).toMatchObject({
            extent: null,
            note: 'x',
        })
    })
    it('lets other edits be', () => {
        const edits = [{ edit: 'remove-step' as const, id: 'a' }]
        expect(rebased(edits, new Map(), plan([]))).toEqual(edits)
    })
})
