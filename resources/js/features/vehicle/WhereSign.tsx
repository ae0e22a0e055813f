import { useQuery } from '@tanstack/react-query'
import type { Finish } from '@/contract'
import { borders } from '@/vehicle/studio'
import { type Chosen, shapeName, vehicleQuery } from './api'
import { shapeOf } from './shape'
import { useIsAtRest } from './useIsAtRest'

/** Pixels per millimetre at which borders are found: a little finer than the sign is shown. */
const SCALE = 0.03
const SIZE = { width: 64, height: 28 }

type Props = { vehicle: Chosen; belongs: Finish['belongs']; zones: readonly string[] }

/** Where work is done: a small vehicle with its zones filled. It shows what stands beside it in words. */
export default function WhereSign({ vehicle, belongs, zones }: Props) {
    const built = useQuery({ ...vehicleQuery(vehicle), enabled: useIsAtRest() })
    const name = shapeName(vehicle)
    const views = useQuery({
        queryKey: ['vehicle', name, 'borders', belongs],
        queryFn: async () => {
            if (built.data === undefined) throw new Error('There is no shape to look at.')
            const { shape } = shapeOf(name, built.data)
            const [left, top] = await Promise.all([
                borders(shape, 'left', SCALE, belongs),
                borders(shape, 'top', SCALE, belongs),
            ])
            return { left, top }
        },
        enabled: built.data !== undefined,
        staleTime: Number.POSITIVE_INFINITY,
    })
    if (views.data === undefined) return <span style={SIZE} className="block shrink-0" />
    const { left, top } = views.data
    const isIn = (drawn: typeof left) => drawn.regions.some((region) => zones.includes(region.zone))
    // What lies on top is hardly seen from the side.
    const drawn = isIn(left) || !isIn(top) ? left : top
    return (
        <svg viewBox={`0 0 ${drawn.width} ${drawn.height}`} style={SIZE} className="shrink-0" aria-hidden="true">
            {drawn.regions.map((region) => (
                <path
                    key={region.zone}
                    d={region.path}
                    fillRule="evenodd"
                    fill="currentColor"
                    fillOpacity={zones.includes(region.zone) ? 0.9 : 0.13}
                    stroke="currentColor"
                    strokeOpacity={0.4}
                    strokeWidth={drawn.width / SIZE.width / 2}
                />
            ))}
        </svg>
    )
}
