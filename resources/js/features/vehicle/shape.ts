import type { Vehicle } from '@/contract'
import { VIEWS } from '@/vehicle/model'
import { extentOf } from '@/vehicle/raster'
import type { Shape } from '@/vehicle/studio'
import { unpack } from '@/vehicle/unpack'
import { hash } from './api'
import type { Sizes } from './arrange'

const known = new WeakMap<Vehicle, { shape: Shape; sizes: Sizes }>()

/** What is needed to lay out and draw a vehicle, found out once for each answer of the server. */
export function shapeOf(name: string, vehicle: Vehicle): { shape: Shape; sizes: Sizes } {
    let found = known.get(vehicle)
    if (found === undefined) {
        const model = unpack(vehicle)
        const sizes = Object.fromEntries(
            VIEWS.map((view) => {
                const { right, down } = extentOf(model, view)
                return [view, { width: right[1] - right[0], height: down[1] - down[0] }]
            }),
        ) as Sizes
        found = { shape: { name, stamp: stampOf(vehicle), packed: vehicle }, sizes }
        known.set(vehicle, found)
    }
    return found
}

/** Tells a shape from that of another version of the program. */
const stampOf = ({ points, triangles, plates, lines, rivets }: Vehicle): string =>
    String(hash(points + triangles + plates.join() + lines.map((line) => line.points).join() + rivets))
