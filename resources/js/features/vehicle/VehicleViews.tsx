import { useQuery } from '@tanstack/react-query'
import { type ReactNode, useCallback, useEffect, useMemo, useRef, useState } from 'react'
import type { Finish, Vehicle } from '@/contract'
import { RetryNotice } from '@/design/Notice'
import type { Drawn } from '@/vehicle/drawing'
import { type Chosen, numberOf, seedOf, shapeName, vehicleQuery } from './api'
import { arrange } from './arrange'
import { type Look, Picture } from './Picture'
import { type Panels, type Region, Regions } from './Regions'
import { shapeOf } from './shape'

type Props = {
    vehicle: Chosen
    /** Of the build; it decides what chance does. */
    name: string
    finish: Finish
    /** The last step that is seen; -1: the bare part. */
    step: number
    isFlat: boolean
    zones: {
        of: (zone: string) => Region
        /** The zone that has the keyboard; null: the first. */
        chosen: string | null
        onPress: (zone: string) => void
    }
    /** Of one zone, over it. */
    panels?: Panels
}

/** All views of a vehicle that have room, as large as they go, with zones that can be touched. */
export default function VehicleViews(props: Props) {
    const { data, error, refetch } = useQuery(vehicleQuery(props.vehicle))
    if (data !== undefined) return <Views {...props} built={data} />
    return error === null ? (
        <p className="p-4 text-soft">Building the vehicle…</p>
    ) : (
        <RetryNotice error={error} onRetry={() => void refetch()} />
    )
}

function Views({ vehicle, built, name, finish, step, isFlat, zones, panels }: Props & { built: Vehicle }) {
    const { shape, sizes } = shapeOf(shapeName(vehicle), built)
    const [room, setRoom] = useState<{ width: number; height: number } | null>(null)
    const [hovered, setHovered] = useState<string | null>(null)
    const [seen, setSeen] = useState<Record<string, string>>({})
    const box = useRef<HTMLDivElement>(null)
    useEffect(() => {
        const element = box.current
        if (element === null) return
        const watch = new ResizeObserver(() => setRoom({ width: element.clientWidth, height: element.clientHeight }))
        watch.observe(element)
        return () => watch.disconnect()
    }, [])
    const look: Look = useMemo(
        () => ({ finish, step, isFlat, number: numberOf(name), seed: seedOf(name) }),
        [finish, step, isFlat, name],
    )
    const { scale, views } = arrange(sizes, room?.width ?? 0, room?.height ?? 0)
    // A zone takes part in the keyboard's round once, in the first view that shows it.
    const note = useCallback((view: string, regions: Drawn['regions']) => {
        setSeen((before) => {
            const shown = regions.map(({ zone }) => zone).join(' ')
            return before[view] === shown ? before : { ...before, [view]: shown }
        })
    }, [])
    const shows = (view: string, zone: string) => (seen[view] ?? '').split(' ').includes(zone)
    const homeOf = (zone: string) => views.find(({ view }) => shows(view, zone))?.view
    const first = views.flatMap(({ view }) => (seen[view] ?? '').split(' ')).find((zone) => zone !== '')
    const withKeys = zones.chosen !== null && homeOf(zones.chosen) !== undefined ? zones.chosen : first

    return (
        <div ref={box} className="group/views absolute inset-0">
            {room !== null &&
                views.map(({ view, left, top, width, height }) => (
                    <div key={view} className="absolute" style={{ left, top }}>
                        <Picture
                            shape={shape}
                            view={view}
                            scale={scale}
                            width={width}
                            height={height}
                            look={look}
                            over={(drawn, units) => (
                                <Noted view={view} regions={drawn.regions} onSeen={note}>
                                    <Regions
                                        panels={drawn.panels}
                                        panelsOf={panels}
                                        regions={drawn.regions}
                                        of={zones.of}
                                        keyboardOn={(zone) => zone === withKeys && homeOf(zone) === view}
                                        units={units}
                                        onPress={zones.onPress}
                                        onHover={setHovered}
                                        hovered={hovered}
                                    />
                                </Noted>
                            )}
                        />
                    </div>
                ))}
        </div>
    )
}

type NotedProps = {
    view: string
    regions: Drawn['regions']
    onSeen: (view: string, regions: Drawn['regions']) => void
    children: ReactNode
}

/** Tells which zones a view turned out to show. */
function Noted({ view, regions, onSeen, children }: NotedProps) {
    useEffect(() => onSeen(view, regions), [view, regions, onSeen])
    return children
}
