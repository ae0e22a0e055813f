import { useQuery } from '@tanstack/react-query'
import { useMemo } from 'react'
import type { Finish } from '@/contract'
import type { View } from '@/vehicle/model'
import { type Chosen, numberOf, seedOf, shapeName, vehicleQuery } from './api'
import { type Look, Picture } from './Picture'
import { shapeOf } from './shape'
import { useIsAtRest } from './useIsAtRest'

type Props = {
    vehicle: Chosen
    name: string
    finish: Finish
    /** Without it, all that the finish has. */
    step?: number | undefined
    /** Beside each other, in one scale. */
    views?: readonly View[]
    /** Pixels that it may take. */
    width: number
    height: number
}

const SIDE: readonly View[] = ['left']
/** Pixels between two views. */
const GAP = 16

/** Views of a vehicle, only to be looked at. While they are not there, their place is kept. */
export default function VehicleThumb(props: Props) {
    const { vehicle, name, finish, step = Infinity, views = SIDE, width, height } = props
    const { data } = useQuery({ ...vehicleQuery(vehicle), enabled: useIsAtRest() })
    const look: Look = useMemo(
        () => ({ finish, step, isFlat: false, number: numberOf(name), seed: seedOf(name) }),
        [finish, step, name],
    )
    if (data === undefined) return <div style={{ width, height }} />
    const { shape, sizes } = shapeOf(shapeName(vehicle), data)
    const wide = views.reduce((sum, view) => sum + sizes[view].width, 0)
    const tall = Math.max(...views.map((view) => sizes[view].height))
    const scale = Math.min((width - GAP * (views.length - 1)) / wide, height / tall)
    return (
        <div className="flex items-end justify-center" style={{ width, height, gap: GAP }}>
            {views.map((view) => (
                <Picture
                    key={view}
                    shape={shape}
                    view={view}
                    scale={scale}
                    width={sizes[view].width * scale}
                    height={sizes[view].height * scale}
                    look={look}
                />
            ))}
        </div>
    )
}
