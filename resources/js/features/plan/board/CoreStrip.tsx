import { classes } from '@/design/classes'
import { Swatch } from '@/design/Swatch'
import type { Plan, Verdict, Zone } from '@/features/build'
import type { Cursor } from '../state/acts'
import { type Stratum, strataOf } from '../state/verdicts'
import type { Column } from '../state/view'
import { boardColumns } from '../state/view'

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

export function Part({ zone, className }: { zone: Zone; className: string }) {
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
