import { type Library, type Plan, type Step, techniqueOf } from '@/features/build'
import { OfBuild } from '@/features/photos'
import type { PlanState } from '../state/usePlan'

type Props = { state: PlanState; step: Step; zone: Plan['zones'][number] | undefined; library: Library }

/** What was photographed of the step, and how the zone ought to look. */
export default function StepPhotos({ state, step, zone, library }: Props) {
    const { plan } = state
    const nameOf = (of: 'step' | 'zone', id: string) => {
        if (of === 'zone') return plan.zones.find((one) => one.id === id)?.name ?? 'a zone that is gone'
        const index = plan.steps.findIndex((one) => one.id === id)
        const its = plan.steps[index]
        return its === undefined ? 'a step that is gone' : `${index + 1} ${techniqueOf(library, its.technique).name}`
    }
    return (
        <div className="flex flex-col gap-3 border-t border-line pt-2">
            <OfBuild
                build={state.id}
                of="step"
                id={step.id}
                title="Photographs of this step"
                name={nameOf('step', step.id)}
                none="Not photographed yet."
                nameOf={nameOf}
            />
            {zone !== undefined && (
                <OfBuild
                    build={state.id}
                    of="zone"
                    id={zone.id}
                    title={`How ${zone.name} ought to look`}
                    name={zone.name}
                    none="Pictures and notes of the real thing go here, beside the zone that they are about."
                    nameOf={nameOf}
                />
            )}
        </div>
    )
}
