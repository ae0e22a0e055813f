import { useQuery } from '@tanstack/react-query'
import { useMemo } from 'react'
import type { Finish } from '@/contract'
import type { View } from '@/vehicle/model'
import { type Chosen, numberOf, seedOf, shapeName, vehicleQuery } from './api'
import { type Look, Picture } from './Picture'
import { shapeOf } from './shape'

type Props = {
    vehicle: Chosen
    name: string
    finish: Finish
    /** Without it, all that the finish has. */
    step?: number | undefined
    view?: View
    /** Pixels that it may take. */
    width: number
    height: number
}

/** One view of a vehicle, only to be looked at. While it is not there, its place is kept. */
export default function VehicleThumb({ vehicle, name, finish, step = Infinity, view = 'left', width, height }: Props) {
    const { data } = useQuery(vehicleQuery(vehicle))
    const look: Look = useMemo(
        () => ({ finish, step, isFlat: false, number: numberOf(name), seed: seedOf(name) }),
        [finish, step, name],
    )
    if (data === undefined) return <div style={{ width, height }} />
    const { shape, sizes } = shapeOf(shapeName(vehicle), data)
    const size = sizes[view]
    const scale = Math.min(width / size.width, height / size.height)
    return (
        <div className="grid place-items-end justify-center" style={{ width, height }}>
            <Picture
                shape={shape}
                view={view}
                scale={scale}
                width={size.width * scale}
                height={size.height * scale}
                look={look}
            />
        </div>
    )
}
