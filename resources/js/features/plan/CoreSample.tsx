import { useQuery } from '@tanstack/react-query'
import { classes } from '@/design/classes'
import { Swatch } from '@/design/Swatch'
import type { Plan, Verdict, Zone } from '@/features/build'
import type { Cursor } from './acts'
import { type Scratch, scratchQuery } from './api'
import { ScratchSample } from './ScratchSample'
import { useIsDrawn } from './useIsDrawn'
import { type PlanState, stampOf } from './usePlan'
import { type Stratum, strataOf } from './verdicts'
import type { Column } from './view'
import { boardColumns } from './view'

/** How tall a layer is drawn: clear and partial films are thin, coats of paint are thick. */
const heightOf = ({ layer }: Stratum): number => (layer.coverage === 'whole' ? (layer.colour === null ? 5 : 9) : 4)

/** The core sample of every zone at the foot of the board, as it is when the chosen step begins. */
export function CoreStrip({
    plan,
    columns,
    verdict,
    cursor,
    onCursor,
}: {
    plan: Plan
    columns: readonly Column[]
    verdict: Verdict
    cursor: Cursor
    onCursor: (cursor: Cursor) => void
}) {
    return (
        <div
            className="no-print sticky bottom-0 z-20 grid min-w-fit border-t border-rule bg-panel"
            style={{ gridTemplateColumns: boardColumns(columns) }}
        >
            <p className="narrow col-span-2 self-center px-2 text-fine leading-tight text-soft">
                What lies on each zone
                <br />
                when this step begins
            </p>
            {columns
                .flatMap((column) => (column.isFolded ? column.zones.slice(0, 1) : column.zones))
                .map((zone) => (
                    <button
                        key={zone.id}
                        type="button"
                        aria-label={`Core sample of ${zone.name}`}
                        aria-pressed={cursor.zone === zone.id}
                        onClick={() => onCursor({ step: cursor.step, zone: zone.id })}
                        className={classes(
                            'flex h-24 flex-col-reverse overflow-hidden border-l border-line px-1.5 pb-1',
                            'hover:bg-press',
                            cursor.zone === zone.id ? 'bg-sheet ring-2 ring-ink ring-inset' : '',
                        )}
                    >
                        <Part zone={zone} className="h-2" />
                        {strataOf(plan, verdict, zone.id, cursor.step).map((stratum) => (
                            <span
                                key={stratum.stepId}
                                className={classes(
                                    'block w-full shrink-0 border-x border-rule/60',
                                    stratum.isInto ? '' : 'border-t',
                                )}
                                style={{ height: `${heightOf(stratum)}px` }}
                            >
                                <Swatch {...stratum.layer} spots={stratum.spots} className="h-full" />
                            </span>
                        ))}
                    </button>
                ))}
        </div>
    )
}

function Part({ zone, className }: { zone: Zone; className: string }) {
    return (
        <span
            title={zone.substrate}
            className={classes(
                'block w-full shrink-0 border border-rule',
                'bg-[repeating-linear-gradient(-45deg,var(--color-rule)_0_1px,transparent_1px_4px)]',
                className,
            )}
        />
    )
}

/**
 * One zone in section, read upwards like matter: what each layer is, how far it has cured, what lies open and what
 * protects it.
 */
export function CoreSample({ state, zone, atStep }: { state: PlanState; zone: Zone; atStep: string }) {
    const enabled = useIsDrawn(state)
    const below = useQuery({ ...scratchQuery(state.id, stampOf(state), zone.id, atStep), enabled })
    const strata = strataOf(state.plan, state.verdict, zone.id, atStep).reverse()
    const reach = below.isSuccess ? reachOf(below.data.layers) : null
    return (
        <figure aria-label={`Core sample of ${zone.name}`}>
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

/** Which layers lie open, and how many each film keeps liquids and tools off. */
function reachOf(layers: Scratch['layers']) {
    const bySteps = new Map(layers.map((layer) => [layer.step, layer]))
    return {
        get: (step: string) => bySteps.get(step),
        protectedBy: (number: number) => layers.filter((layer) => layer.protectedBy === number).length,
    }
}
