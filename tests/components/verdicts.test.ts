import { describe, expect, it } from 'vitest'
import { cureAt, indexFindings, sayHold, strataOf, waitBefore } from '@/features/plan/verdicts'
import { finding, plan, step, verdict } from './kit'

describe('verdicts on the board', () => {
    const one = plan([step('a'), step('b', { zones: ['hull', 'turret'] })])
    const said = verdict(one, [finding({ severity: 'risk' }), finding({ zones: ['turret'] })])

    it('stand on the cells they belong to, the gravest first', () => {
        const index = indexFindings(said.findings)
        expect(index.worstOfStep('a')).toBeNull()
        expect(index.worstOfStep('b')).toBe('stop')
        expect(index.worstOfCell('b', 'hull')).toBe('risk')
        expect(index.worstOfCell('b', 'turret')).toBe('stop')
        expect(index.worstOfCell('b', 'tracks')).toBeNull()
    })
    it('tell the wait before a step', () => {
        expect(waitBefore(said, 0)).toBe(0)
        expect(waitBefore(said, 1)).toBe(60)
    })
    it('show the strata of a zone as they are when a step begins', () => {
        expect(strataOf(one, said, 'hull', 'b').map(({ stepId, cure }) => [stepId, cure])).toEqual([['a', 'recoatable']])
        expect(strataOf(one, said, 'hull', null).map(({ stepId }) => stepId)).toEqual(['a', 'b'])
        expect(strataOf(one, said, 'tracks', null)).toEqual([])
    })
    it('say what a step waits for', () => {
        const times = said.steps[1]
        if (times === undefined) throw new Error('no step')
        expect(sayHold(times, one, null)).toBe('Nothing below has to be waited for.')
        const held = {
            ...times,
            ready: 70,
            heldBy: { step: 'a', film: 'enamel', needs: 'solvent-proof', carrier: 'white spirit' },
        }
        expect(sayHold(held, one, null)).toBe(
            'From day 1, 1:10, when the enamel of step 1 is solvent-proof against white spirit.',
        )
    })
    it('know films that never become solvent-proof', () => {
        const layer = said.steps[0]?.layer
        if (layer == null) throw new Error('no layer')
        expect(cureAt({ ...layer, solventProof: null }, 1_000_000)).toBe('recoatable')
    })
})
