import { Expand, Shrink, X } from 'lucide-react'
import { type KeyboardEvent, type PointerEvent, Suspense, useMemo, useRef } from 'react'
import { classes } from '@/design/classes'
import { IconButton } from '@/design/Icon'
import { later } from '@/design/later'
import { SEVERITY_WORD } from '@/design/Severity'
import { type Library, type Plan, techniqueOf, type Verdict } from '@/features/build'
import type { Panels, Region } from '@/features/vehicle'
import type { Acts, Cursor } from '../state/acts'
import type { FindingIndex } from '../state/verdicts'
import { LEAST_HEIGHT, type VehicleDesk } from './useVehicle'

const VehicleViews = later(() => import('@/features/vehicle/VehicleViews'))
const SavePicture = later(async () => ({ default: (await import('@/features/vehicle/SavePicture')).SavePicture }))
const FlatColours = later(async () => ({ default: (await import('@/features/vehicle/FlatColours')).FlatColours }))

type Props = {
    plan: Plan
    verdict: Verdict
    library: Library
    cursor: Cursor
    findings: FindingIndex
    vehicle: VehicleDesk
    onCursor: (cursor: Cursor) => void
    acts: Acts
}

/** The vehicle as it looks after the step in hand; its zones are chosen, and given to the step, by touching them. */
export default function VehiclePanel(props: Props) {
    const { plan, verdict, library, cursor, findings, vehicle, onCursor, acts } = props
    const index = plan.steps.findIndex((one) => one.id === cursor.step)
    const step = plan.steps[index]
    const regions = useMemo(() => {
        const byZone = new Map<string, Region>()
        for (const zone of plan.zones) {
            const severity = step === undefined ? null : findings.worstOfCell(step.id, zone.id)
            byZone.set(zone.id, {
                name: severity === null ? zone.name : `${zone.name}, ${SEVERITY_WORD[severity].toLowerCase()}`,
                isOn: step?.zones.includes(zone.id) ?? false,
                isChosen: cursor.zone === zone.id,
                severity,
            })
        }
        return byZone
    }, [plan.zones, step, findings, cursor.zone])
    const press = (zone: string) => {
        // As on the board: the first press goes there, a press on what is chosen changes the step.
        if (cursor.zone === zone && step !== undefined) acts.steps.toggle([zone])
        onCursor({ step: cursor.step, zone })
    }
    const isOnZone = step !== undefined && cursor.zone !== null && step.zones.includes(cursor.zone)
    const panels: Panels = useMemo(() => {
        const named = new Map(plan.zones.flatMap((zone) => zone.panels.map(({ id, name }) => [id, name] as const)))
        const on = new Set(step?.extent?.panels)
        return {
            // A step that is not on the zone is put there first.
            zone: isOnZone ? cursor.zone : null,
            of: (panel) => ({ name: `Panel ${named.get(panel) ?? ''}`, isOn: on.has(panel) }),
            onPress: acts.steps.togglePanel,
        }
    }, [plan.zones, step, isOnZone, cursor.zone, acts.steps.togglePanel])
    const go = (to: number) => {
        const wanted = plan.steps[Math.max(0, Math.min(plan.steps.length - 1, to))]
        if (wanted !== undefined) onCursor({ step: wanted.id, zone: cursor.zone })
    }
    const product = plan.products.find((one) => one.id === step?.product)
    const title =
        step === undefined
            ? 'The bare part'
            : `After step ${index + 1}, ${product?.name ?? techniqueOf(library, step.technique).name}`

    return (
        <section
            aria-label="The vehicle"
            className={classes(
                'relative flex flex-col border-b border-rule bg-stage text-on-stage',
                vehicle.isLarge ? 'min-h-0 flex-1' : 'shrink-0',
            )}
            style={vehicle.isLarge ? undefined : { height: vehicle.height }}
        >
            <div className="flex items-center gap-2 px-2 pt-1 max-md:flex-wrap">
                <p className="min-w-0 truncate text-fine font-medium max-md:w-full" aria-live="polite">
                    {title}
                </p>
                <input
                    type="range"
                    min={0}
                    max={Math.max(0, plan.steps.length - 1)}
                    value={Math.max(0, index)}
                    disabled={plan.steps.length < 2}
                    aria-label="Seen up to step"
                    aria-valuetext={title}
                    className="min-w-24 flex-1 accent-on-stage pointer-coarse:h-11"
                    onChange={(event) => go(event.target.valueAsNumber)}
                />
                <label className="flex items-center gap-1 text-fine whitespace-nowrap pointer-coarse:min-h-11">
                    <input
                        type="checkbox"
                        checked={vehicle.isFlat}
                        className="accent-on-stage"
                        onChange={(event) => vehicle.setFlat(event.target.checked)}
                    />
                    Without light
                </label>
                {vehicle.isLarge && (
                    <Suspense fallback={null}>
                        <SavePicture
                            vehicle={plan.build}
                            name={plan.build.name}
                            finish={verdict.finish}
                            step={index}
                            isFlat={vehicle.isFlat}
                        />
                    </Suspense>
                )}
                <IconButton
                    label={vehicle.isLarge ? 'Back to the board' : 'Enlarge it'}
                    onClick={acts.vehicle.enlarge}
                    className="hover:bg-white/40"
                >
                    {vehicle.isLarge ? (
                        <Shrink className="size-4" aria-hidden />
                    ) : (
                        <Expand className="size-4" aria-hidden />
                    )}
                </IconButton>
                <IconButton label="Hide the vehicle" onClick={acts.vehicle.toggle} className="hover:bg-white/40">
                    <X className="size-4" aria-hidden />
                </IconButton>
            </div>
            {/* biome-ignore lint/a11y/noStaticElementInteractions: its zones are what has the keyboard; arrow keys mean
                here what they mean on the board */}
            <div
                className="relative min-h-0 flex-1"
                onKeyDown={(event: KeyboardEvent) => onKeyDown(event, { plan, cursor, onCursor, go, index, press })}
            >
                <Suspense fallback={<p className="p-4 text-fine">Fetching the brushes…</p>}>
                    <VehicleViews
                        vehicle={plan.build}
                        name={plan.build.name}
                        finish={verdict.finish}
                        step={index}
                        isFlat={vehicle.isFlat}
                        zones={{
                            of: (zone) => regions.get(zone) ?? NOWHERE,
                            chosen: cursor.zone,
                            onPress: press,
                        }}
                        panels={panels}
                    />
                </Suspense>
            </div>
            {vehicle.isLarge && (
                <Suspense fallback={null}>
                    <FlatColours plan={plan} paints={verdict.finish.paints} step={index} chosen={cursor.zone} />
                </Suspense>
            )}
            {!vehicle.isLarge && <Border vehicle={vehicle} />}
        </section>
    )
}

const NOWHERE: Region = { name: '', isOn: false, isChosen: false, severity: null }

type Keys = Pick<Props, 'plan' | 'cursor' | 'onCursor'> & {
    go: (to: number) => void
    index: number
    press: (zone: string) => void
}

function onKeyDown(event: KeyboardEvent, { plan, cursor, onCursor, go, index, press }: Keys): void {
    const here = plan.zones.findIndex((zone) => zone.id === cursor.zone)
    const beside = (by: number) => {
        const zone = plan.zones[Math.max(0, Math.min(plan.zones.length - 1, here + by))]
        onCursor({ step: cursor.step, zone: zone?.id ?? null })
        // The zone may be shown in another view: the keyboard goes there with it.
        const panel = event.currentTarget
        requestAnimationFrame(() => panel.querySelector<SVGElement>('[data-zone][tabindex="0"]')?.focus())
    }
    const acts: Record<string, () => void> = {
        ArrowLeft: () => beside(-1),
        ArrowRight: () => beside(1),
        ArrowUp: () => go(index - 1),
        ArrowDown: () => go(index + 1),
        Home: () => go(0),
        End: () => go(plan.steps.length - 1),
        ' ': () => cursor.zone !== null && press(cursor.zone),
        Enter: () => cursor.zone !== null && press(cursor.zone),
    }
    const act = acts[event.key]
    if (act === undefined || event.altKey || event.ctrlKey || event.metaKey) return
    event.preventDefault()
    event.stopPropagation()
    act()
}

/** The lower border, by which the vehicle is made larger or smaller. */
function Border({ vehicle }: { vehicle: VehicleDesk }) {
    const from = useRef<{ y: number; height: number } | null>(null)
    const move = (event: PointerEvent) => {
        if (from.current !== null) vehicle.setHeight(from.current.height + event.clientY - from.current.y)
    }
    return (
        <div
            role="separator"
            aria-orientation="horizontal"
            aria-label="Height of the vehicle"
            aria-valuenow={vehicle.height}
            aria-valuemin={LEAST_HEIGHT}
            tabIndex={0}
            className={classes(
                'absolute inset-x-0 -bottom-1 z-10 h-2 cursor-row-resize touch-none pointer-coarse:h-5',
                'hover:bg-ink/20 focus-visible:bg-ink/20',
            )}
            onPointerDown={(event) => {
                event.currentTarget.setPointerCapture(event.pointerId)
                from.current = { y: event.clientY, height: vehicle.height }
            }}
            onPointerMove={move}
            onPointerUp={() => {
                from.current = null
            }}
            onKeyDown={(event) => {
                const by = { ArrowUp: -24, ArrowDown: 24 }[event.key]
                if (by === undefined) return
                event.preventDefault()
                event.stopPropagation()
                vehicle.setHeight(vehicle.height + by)
            }}
        />
    )
}
