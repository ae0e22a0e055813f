import { memo, useId } from 'react'
import { classes } from '@/design/classes'
import type { Severity } from '@/design/Severity'
import type { Drawn } from '@/vehicle/drawing'

/** How a zone is shown and named, and what is done there. */
export type Region = {
    name: string
    /** The step in hand lies on it. */
    isOn: boolean
    isChosen: boolean
    severity: Severity | null
}

/** What is done with the panels of a zone that are plates of the vehicle. */
export type Panels = {
    /** The zone whose panels are shown; null: of none. */
    zone: string | null
    of: (panel: string) => { name: string; isOn: boolean }
    /** Null: they are to be seen, not to be touched. */
    onPress: ((panel: string) => void) | null
}

type Props = {
    panels: Drawn['panels']
    panelsOf: Panels | undefined
    regions: Drawn['regions']
    of: (zone: string) => Region
    /** The zone that the keyboard is on, if this view is the one that it goes to for it; null: on another. */
    keyboardOn: (zone: string) => boolean
    units: number
    onPress: (zone: string) => void
    onHover: (zone: string | null) => void
    hovered: string | null
}

const LIT: Record<Severity, string> = {
    stop: 'stroke-stop',
    risk: 'stroke-risk',
    note: 'stroke-note',
}

/** The zones of a view as what can be touched: a pattern shows what is chosen, so that colours stay what they are. */
export const Regions = memo(function Regions(props: Props) {
    const { regions, of, keyboardOn, units, onPress, onHover, hovered } = props
    const id = useId()
    return (
        <g>
            <defs>
                <pattern id={`${id}hatch`} width={7 * units} height={7 * units} patternUnits="userSpaceOnUse">
                    <rect width={7 * units} height={7 * units} fill="#fff" fillOpacity={0.55} />
                    <path
                        d={`M0 ${7 * units}L${7 * units} 0M${-2 * units} ${2 * units}l${4 * units} ${-4 * units}`}
                        stroke="#111"
                        strokeWidth={1.6 * units}
                    />
                </pattern>
            </defs>
            {regions.map(({ zone, path }) => {
                const region = of(zone)
                const isFocusable = keyboardOn(zone)
                return (
                    <g key={zone}>
                        <clipPath id={`${id}${zone}`}>
                            <path d={path} clipRule="evenodd" />
                        </clipPath>
                        <g clipPath={`url(#${id}${zone})`} fill="none" pointerEvents="none">
                            {region.isOn && (
                                // Only while a hand is there: dashes on every zone would hide what is painted on it.
                                <g
                                    className={classes(
                                        'opacity-0 group-focus-within/views:opacity-100',
                                        'group-hover/views:opacity-100',
                                    )}
                                >
                                    <path d={path} stroke="#fff" strokeOpacity={0.8} strokeWidth={3.6 * units} />
                                    <path
                                        d={path}
                                        stroke="#111"
                                        strokeWidth={2 * units}
                                        strokeDasharray={`${3 * units} ${3 * units}`}
                                    />
                                </g>
                            )}
                            {region.severity !== null && (
                                <path d={path} className={LIT[region.severity]} strokeWidth={5 * units} />
                            )}
                            {region.isChosen && (
                                <path
                                    d={path}
                                    stroke={`url(#${id}hatch)`}
                                    // Where panels are chosen from, their borders are what is to be seen.
                                    strokeWidth={(zone === props.panelsOf?.zone ? 5 : 12) * units}
                                />
                            )}
                        </g>
                        {/* biome-ignore lint/a11y/useSemanticElements: a button has no place in a drawing */}
                        <path
                            d={path}
                            fillRule="evenodd"
                            role="button"
                            aria-label={region.name}
                            aria-pressed={region.isOn}
                            aria-hidden={isFocusable ? undefined : true}
                            tabIndex={isFocusable ? 0 : -1}
                            data-zone={zone}
                            pointerEvents="all"
                            strokeWidth={6 * units}
                            className={classes(
                                'cursor-pointer fill-white stroke-transparent outline-none focus-visible:stroke-ink',
                                hovered === zone ? '[fill-opacity:0.22]' : '[fill-opacity:0]',
                            )}
                            onClick={() => onPress(zone)}
                            onPointerEnter={() => onHover(zone)}
                            onPointerLeave={() => onHover(null)}
                        >
                            <title>{region.name}</title>
                        </path>
                    </g>
                )
            })}
            {props.panels
                .filter(({ zone }) => zone === props.panelsOf?.zone)
                .map(({ panel, path }) => (
                    <PanelFace
                        key={panel}
                        path={path}
                        units={units}
                        hatch={`${id}hatch`}
                        panel={panel}
                        of={props.panelsOf}
                    />
                ))}
        </g>
    )
})

type PanelProps = { panel: string; path: string; units: number; hatch: string; of: Panels | undefined }

/** A panel: dashed as what is chosen from, hatched along its border where the step in hand lies on it. */
function PanelFace({ panel, path, units, hatch, of }: PanelProps) {
    if (of === undefined) return null
    const { name, isOn } = of.of(panel)
    const press = of.onPress
    return (
        <g>
            <path
                d={path}
                fill="none"
                stroke="#fff"
                strokeOpacity={0.8}
                strokeWidth={2.6 * units}
                pointerEvents="none"
            />
            <path
                d={path}
                fill={isOn ? `url(#${hatch})` : 'none'}
                fillOpacity={0.6}
                stroke="#111"
                strokeWidth={1.3 * units}
                strokeDasharray={isOn ? undefined : `${4 * units} ${3 * units}`}
                pointerEvents="none"
            />
            {press !== null && (
                // biome-ignore lint/a11y/useSemanticElements: a button has no place in a drawing
                <path
                    d={path}
                    fill="#fff"
                    role="button"
                    aria-label={name}
                    aria-pressed={isOn}
                    tabIndex={0}
                    data-panel={panel}
                    pointerEvents="all"
                    strokeWidth={6 * units}
                    className={classes(
                        'cursor-pointer stroke-transparent outline-none [fill-opacity:0] hover:[fill-opacity:0.25]',
                        'focus-visible:stroke-ink',
                    )}
                    onClick={() => press(panel)}
                    onKeyDown={(event) => {
                        if (event.key !== 'Enter' && event.key !== ' ') return
                        event.preventDefault()
                        event.stopPropagation()
                        press(panel)
                    }}
                >
                    <title>{name}</title>
                </path>
            )}
        </g>
    )
}
