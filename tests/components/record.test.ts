import { describe, expect, it } from 'vitest'
import { entryOf, momentOf, trialOf } from '@/features/build'
import { standing, toggleDone, trialsOf } from '@/features/plan/state/record'
import { entry, plan, step, verdict } from './kit'

const trial = trialOf({ rule: 'tape-early', where: 'underside', rubs: 10, passed: true })

describe('the record of the work', () => {
    it('writes moments as plan files do, to the minute', () => {
        expect(momentOf(new Date('2026-11-24T19:30:59.123Z'))).toBe('2026-11-24T19:30:00Z')
    })
    it('gives each entry an id of its own, so that one that is sent twice counts once', () => {
        expect(entryOf('started', 'a').id).not.toBe(entryOf('started', 'a').id)
    })
    it('reads corrections in place of what they correct, and withdrawals as nothing', () => {
        const log = [
            entry('finished', 'a'),
            entry('finished', 'a', { id: 'later', corrects: 'finished-a' }),
            entry('finished', 'b'),
            entry('withdrawn', 'b', { corrects: 'finished-b' }),
        ]
        expect(standing(log).map((one) => one.id)).toEqual(['later'])
    })
    it('finishes what is open first, and takes back only where all is done', () => {
        const log = [entry('finished', 'a')]
        const told = verdict(plan([step('a'), step('b')]), [], log)
        expect(toggleDone(log, told, ['a', 'b'])).toMatchObject([{ kind: 'finished', step: 'b' }])
        expect(toggleDone(log, told, ['a'])).toMatchObject([{ kind: 'withdrawn', step: 'a', corrects: 'finished-a' }])
    })
    it('finds the trials that speak of a rule and still count', () => {
        const log = [
            entry('trial', 'a', { id: 'one', trial }),
            entry('trial', 'a', { id: 'two', trial: { ...trial, rule: 'other' } }),
            entry('trial', 'a', { id: 'three', trial }),
            entry('withdrawn', 'a', { corrects: 'one' }),
        ]
        expect(trialsOf(log, 'a', 'tape-early').map((one) => one.id)).toEqual(['three'])
    })
})
