import { describe, expect, it } from 'vitest'
import type { StepVerdict } from '@/features/build'
import {
    bestShare,
    clockOf,
    cureAt,
    indexFindings,
    sayHold,
    sayWindows,
    strataOf,
    waitBefore,
} from '@/features/plan/state/verdicts'
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
        expect(strataOf(one, said, 'hull', 'b').map(({ stepId, cure }) => [stepId, cure])).toEqual([
            ['a', 'recoatable'],
        ])
        expect(strataOf(one, said, 'hull', null).map(({ stepId }) => stepId)).toEqual(['a', 'b'])
        expect(strataOf(one, said, 'tracks', null)).toEqual([])
    })
    it('say what a step waits for', () => {
        const times = said.steps[1]
        if (times === undefined) throw new Error('no step')
        expect(sayHold(times, one, clockOf(null).at)).toBe('Nothing below has to be waited for.')
        const held = {
            ...times,
            ready: 70,
            heldBy: {
                step: 'a',
                film: 'enamel',
                needs: 'solvent-proof',
                carrier: 'white spirit',
                soonest: 50,
                sure: 70,
            },
        }
        expect(sayHold(held, one, clockOf(null).at)).toBe(
            'Ready after 1 h 10 min: the enamel of step 1 is solvent-proof against white spirit ' +
                'after 50 min – 1 h 10 min.',
        )
    })
    it('know films that never become solvent-proof', () => {
        const layer = said.steps[0]?.layer
        if (layer == null) throw new Error('no layer')
        expect(cureAt({ ...layer, solventProof: null }, 1_000_000)).toBe('recoatable')
    })
})

describe('windows', () => {
    const one = (windows: StepVerdict['windows']) => ({ windows }) as StepVerdict
    it('says what may follow, and when it is too late', () => {
        const step = one([
            { kind: 'clean-up', action: 'Clean it up', soonest: 15, opens: 20, bestUntil: 240, closes: 1440 },
            { kind: 'next-coat', action: 'The next coat', soonest: 200, opens: 200, bestUntil: null, closes: null },
        ])
        expect(sayWindows(step, clockOf(null).say)).toBe(
            'Clean it up: from 20 min on, perhaps 5 min sooner, best until 4 h, gone at 24 h\n' +
                'The next coat: from 3 h 20 min on',
        )
        expect(bestShare(step)).toBeCloseTo(220 / 1420)
    })
    it('draws nothing that never closes, and a window without a best part as one piece', () => {
        expect(
            bestShare(
                one([
                    {
                        kind: 'next-coat',
                        action: 'The next coat',
                        soonest: 200,
                        opens: 200,
                        bestUntil: null,
                        closes: null,
                    },
                ]),
            ),
        ).toBeNull()
        expect(
            bestShare(
                one([
                    {
                        kind: 'unmask',
                        action: 'Take the mask off',
                        soonest: 0,
                        opens: 0,
                        bestUntil: null,
                        closes: 1440,
                    },
                ]),
            ),
        ).toBe(1)
    })
})
