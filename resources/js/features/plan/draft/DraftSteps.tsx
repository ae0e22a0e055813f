import type { Plan } from '@/features/build'
import type { Drafted } from '../api'

type Props = { steps: Drafted['steps']; zones: Plan['zones'] }

/** The steps of a draft in the order of work, each with why it is there. */
export function DraftSteps({ steps, zones }: Props) {
    const nameOf = new Map(zones.map(({ id, name }) => [id, name]))
    const where = (ids: readonly string[]) =>
        ids.length > 4 ? `${ids.length} zones` : ids.map((id) => nameOf.get(id) ?? id).join(', ')
    // Where all of it is new, nothing has to be told apart.
    const hasOld = steps.some(({ isNew }) => !isNew)
    return (
        <ol aria-label="The steps of the draft">
            {steps.map((step, place) => (
                <li key={step.id} className="grid grid-cols-[1.5rem_1.5rem_1fr] gap-x-2 border-b border-line py-1">
                    <span className="text-right text-soft tabular-nums">{place + 1}</span>
                    <span
                        aria-hidden="true"
                        className="mt-0.5 size-5 border border-rule/60"
                        style={{ background: step.colour ?? 'transparent' }}
                    />
                    <span className="min-w-0 leading-tight">
                        <span className={hasOld && step.isNew ? 'font-semibold' : 'font-medium'}>
                            {hasOld && step.isNew && 'New: '}
                            {step.technique}
                        </span>
                        {step.product !== null && <span className="text-soft"> with {step.product}</span>}
                        <span className="text-soft">, {where(step.zones)}</span>
                        <span className="block text-fine">{step.why}</span>
                    </span>
                </li>
            ))}
        </ol>
    )
}
