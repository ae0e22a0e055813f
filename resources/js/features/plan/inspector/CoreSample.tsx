import { useQuery } from '@tanstack/react-query'
import { classes } from '@/design/classes'
import { Swatch } from '@/design/Swatch'
import { type Library, techniqueOf, type Zone } from '@/features/build'
import { CloseUpButton } from '@/features/closeup'
import { type Scratch, scratchQuery } from '../api'
import { Part } from '../board/CoreStrip'
import { useIsDrawn } from '../state/useIsDrawn'
import { type PlanState, stampOf } from '../state/usePlan'
import { strataOf } from '../state/verdicts'
import { ScratchSample } from './ScratchSample'

type Props = { state: PlanState; library: Library; zone: Zone; atStep: string }

/**
 * One zone in section, read upwards like matter: what each layer is, how far it has cured, what lies open and what
 * protects it.
 */
export default function CoreSample({ state, library, zone, atStep }: Props) {
    const enabled = useIsDrawn(state)
    const below = useQuery({ ...scratchQuery(state.id, stampOf(state), zone.id, atStep), enabled })
    const strata = strataOf(state.plan, state.verdict, zone.id, atStep).reverse()
    const reach = below.isSuccess ? reachOf(below.data.layers) : null
    return (
        <figure aria-label={`Core sample of ${zone.name}`}>
            <FromClose state={state} library={library} zone={zone} atStep={atStep} />
            {below.isSuccess && <Seen places={below.data.places} />}
            <ol className="flex flex-col">
                {strata.map((stratum) => {
                    const at = reach?.get(stratum.stepId)
                    const protects = reach?.protectedBy(stratum.number) ?? 0
                    return (
                        <li key={stratum.stepId} className="flex items-stretch gap-2">
                            <Swatch
                                {...stratum.layer}
                                spots={stratum.spots}
                                className={classes(
                                    'w-14 shrink-0 border-x border-rule',
                                    stratum.isInto ? '' : 'border-t',
                                    protects > 0 ? 'border-t-[3px] border-t-ink' : '',
                                )}
                            />
                            <span className="min-w-0 flex-1 border-t border-line py-0.5 leading-tight">
                                <span className="flex gap-1.5">
                                    <span className="w-5 shrink-0 text-right text-soft">{stratum.number}</span>
                                    <span className="truncate" title={stratum.name}>
                                        {stratum.name}
                                    </span>
                                </span>
                                <span className="narrow block pl-6.5 text-fine text-soft">
                                    {stratum.layer.film}
                                    {stratum.layer.sheen !== null && `, ${stratum.layer.sheen}`}, {stratum.cure}
                                    {at?.broken === true && ', chipped'}
                                    {at !== undefined && at.protectedBy === null && ', lies open'}
                                    {stratum.where !== '' && `, on ${stratum.where}`}
                                    {stratum.isInto && ', worked into what lies below'}
                                </span>
                                {protects > 0 && (
                                    <span className="narrow block pl-6.5 text-fine font-medium">
                                        protects {protects === 1 ? 'the layer' : `the ${protects} layers`} below
                                    </span>
                                )}
                            </span>
                        </li>
                    )
                })}
                <li className="flex items-stretch gap-2">
                    <span className="w-14 shrink-0">
                        <Part zone={zone} className="h-6" />
                    </span>
                    <span className="flex-1 border-t border-line py-0.5 text-fine text-soft">
                        {zone.substrate.replace('-', ' ')}, {zone.areaCm2} cm²; {zone.depicts.replace('-', ' ')} in
                        reality
                    </span>
                </li>
            </ol>
            {below.isSuccess && <ScratchSample scratch={below.data} />}
        </figure>
    )
}

/** Opens the zone as it looks, step by step. */
function FromClose({ state, library, zone, atStep }: Props) {
    const steps = state.plan.steps.flatMap((step, index) =>
        step.zones.includes(zone.id)
            ? [
                  {
                      id: step.id,
                      number: index + 1,
                      name: techniqueOf(library, step.technique).name,
                      jar: state.plan.products.find((one) => one.id === step.product)?.name ?? null,
                  },
              ]
            : [],
    )
    const index = state.plan.steps.findIndex((step) => step.id === atStep)
    // Of a step that does not touch this zone: as it is by then.
    const last = steps.findLast((step) => step.number <= index + 1) ?? steps[0]
    if (last === undefined) return null
    return (
        <CloseUpButton
            label="See it from close"
            className="mb-2 w-full text-fine"
            build={state.id}
            stamp={stampOf(state)}
            facts={state.plan.build}
            zone={zone}
            steps={steps}
            step={last.id}
            against={null}
        />
    )
}

const PLACE: Record<Scratch['places'][number]['place'], string> = {
    face: 'face',
    recess: 'recess',
    edge: 'edge',
    lower: 'lower third',
    patch: 'patch',
    chip: 'chip',
    streak: 'streak',
    marking: 'marking',
}

/** What is seen from outside, place by place: the marks stand on the face that they are seen against. */
function Seen({ places }: { places: Scratch['places'] }) {
    const face = places.find(({ place }) => place === 'face')?.colour
    return (
        <ul className="mb-2 flex" aria-label="What is seen of it">
            {places.map(({ place, colour }) => (
                <li key={place} className="min-w-0 flex-1 text-center text-fine text-soft">
                    <span className="grid h-10 place-items-center" style={{ background: face }}>
                        <span
                            className={place === 'face' ? 'size-full' : 'h-6 w-[70%]'}
                            style={{ background: colour }}
                        />
                    </span>
                    <span className="block truncate" title={`${PLACE[place]} ${colour}`}>
                        {PLACE[place]}
                    </span>
                </li>
            ))}
        </ul>
    )
}

/** Which layers lie open, and how many each film keeps liquids and tools off. */
function reachOf(layers: Scratch['layers']) {
    const bySteps = new Map(layers.map((layer) => [layer.step, layer]))
    return {
        get: (step: string) => bySteps.get(step),
        protectedBy: (number: number) => layers.filter((layer) => layer.protectedBy === number).length,
    }
}
