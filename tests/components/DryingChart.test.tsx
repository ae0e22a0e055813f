import { render, screen } from '@testing-library/react'
import { expect, it } from 'vitest'
import { DryingChart } from '@/features/plan/DryingChart'
import { sayInto } from '@/features/plan/verdicts'
import { plan, step, verdict } from './kit'

const one = plan([step('a'), step('b')])
const first = verdict(one).steps[0]
const layer = first?.layer
if (first === undefined || layer == null) throw new Error('no layer')
const say = (minute: number) => `minute ${minute}`

it('shows from when a film surely bears what, and how much sooner it may', () => {
    render(<DryingChart layer={layer} from={layer.laid} say={say} />)
    expect(screen.getByText('minute 60')).toHaveTextContent('minute 60, perhaps 10 min sooner')
    expect(screen.getByText('minute 1480')).toHaveTextContent('perhaps 4 h sooner')
    // Both ends of its time are the same: there is no doubt.
    expect(screen.getByText('minute 70')).not.toHaveTextContent('sooner')
})

it('says never of a film that its own carrier wakes for good', () => {
    const clay = { ...layer, solventProof: null, soonest: { ...layer.soonest, solventProof: null } }
    render(<DryingChart layer={clay} from={clay.laid} say={say} />)
    expect(screen.getByText('never')).toBeVisible()
})

it('names the steps that one goes into', () => {
    expect(sayInto({ ...first, into: ['b'] }, one)).toBe('It goes into step 2, still open: nothing has to dry.')
    expect(sayInto({ ...first, into: ['a', 'b'] }, one)).toContain('steps 1 and 2')
})
