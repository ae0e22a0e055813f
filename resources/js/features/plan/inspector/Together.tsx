import { useQuery } from '@tanstack/react-query'
import { Button } from '@/design/Button'
import { inWords } from '@/design/duration'
import type { Plan } from '@/features/build'
import { type Knowledge, knowledgeQuery } from '../api'
import { useIsDrawn } from '../state/useIsDrawn'
import { type PlanState, stampOf } from '../state/usePlan'

type Props = {
    state: PlanState
    step: string
    choose: (ids: readonly string[]) => void
}

/** The sitting that a step belongs to, why, how long it takes, and a press that chooses all of it. */
export function Together({ state, step, choose }: Props) {
    const { plan, verdict } = state
    const sitting = verdict.sittings.find((one) => one.steps.includes(step))
    const enabled = useIsDrawn(state) && sitting !== undefined
    const known = useQuery({ ...knowledgeQuery(state.id, stampOf(state), step), enabled })
    if (sitting === undefined) return null
    const others = sitting.steps.filter((id) => id !== step).map((id) => stepNumber(plan, id))
    const length = known.data?.sitting ?? null
    return (
        <div className="border-l-4 border-ink/60 pl-2">
            <p>
                <span className="font-medium">One sitting with {listed(others)}.</span> {sitting.says}
            </p>
            {length !== null && <p>{sayLength(length)}</p>}
            <Button className="my-1 text-fine" onClick={() => choose(sitting.steps)}>
                Choose all of it
            </Button>
        </div>
    )
}

/** How long it takes, and whether an evening is long enough for it. */
export function sayLength({ minutes, sections, evening }: NonNullable<Knowledge['sitting']>): string {
    if (minutes === null) return 'Something in it dries for so long that it cannot be done at a stretch.'
    if (evening === null || minutes <= evening) return `It takes ${inWords(minutes)} at a stretch.`
    const longer = `It takes ${inWords(minutes)}, your usual evening has ${inWords(evening)}`
    return sections > 1
        ? `${longer}: it is done in ${sections} sections, zone by zone.`
        : `${longer}: it wants a longer one, or fewer zones.`
}

const stepNumber = (plan: Plan, id: string): number => plan.steps.findIndex((one) => one.id === id) + 1

/** "step 5", "steps 5, 6 and 8" */
const listed = (numbers: readonly number[]): string =>
    numbers.length === 1 ? `step ${numbers[0]}` : `steps ${numbers.slice(0, -1).join(', ')} and ${numbers.at(-1)}`
