import { render, screen } from '@testing-library/react'
import { expect, it } from 'vitest'
import { sayBetween } from '@/design/spans'
import { DryingChart } from '@/features/plan/inspector/DryingChart'
import { sayInto } from '@/features/plan/state/verdicts'
import { plan, step, verdict } from './kit'

const one = plan([step('a'), step('b')])
const first = verdict(one).steps[0]
const layer = first?.layer
if (first === undefined || layer == null) throw new Error('no layer')
const say = (minute: number) => `minute ${minute}`

it('shows how long a film takes until it bears what, and from when on it surely does', () => {
    render(<DryingChart layer={layer} from={layer.laid} say={say} film={null} />)
    expect(screen.getByText('10–20 min')).toHaveTextContent('10–20 min, surely minute 60')
    expect(screen.getByText('20 h – 1 d')).toHaveTextContent('surely minute 1480')
    // Both ends of its time are the same: there is no doubt.
    expect(screen.getByText('30 min')).toHaveTextContent('30 min, surely minute 70')
})

it('tells of a film that is there by the moments of the air that it dries in', () => {
    const at = (minutes: number) => new Date(Date.UTC(2026, 10, 27, 19, minutes))
    const soonest = { touchDry: at(15), recoatable: at(30), solventProof: null }
    const film = { touchDry: at(30), recoatable: at(30), solventProof: null, soonest }
    render(<DryingChart layer={layer} from={layer.laid} say={say} film={film} />)
    expect(screen.getByText(sayBetween({ soonest: at(15), sure: at(30) }))).toBeVisible()
    expect(screen.queryByText(/minute 60/)).toBeNull()
})

it('says never of a film that its own carrier wakes for good', () => {
    const clay = { ...layer, solventProof: null, soonest: { ...layer.soonest, solventProof: null } }
    render(<DryingChart layer={clay} from={clay.laid} say={say} film={null} />)
    expect(screen.getByText('never')).toBeVisible()
})

it('names the steps that one goes into', () => {
    expect(sayInto({ ...first, into: ['b'] }, one)).toBe('It goes into step 2, still open: nothing has to dry.')
    expect(sayInto({ ...first, into: ['a', 'b'] }, one)).toContain('steps 1 and 2')
})
