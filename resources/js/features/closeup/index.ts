import type { QueryClient } from '@tanstack/react-query'
import { later } from '@/design/later'
import { type Chosen, vehicleQuery } from '@/features/vehicle'
import { shapeName } from '@/features/vehicle/api'
import { pieceQuery } from './api'

// Nothing of it is loaded before somebody wants to look.
const dialog = () => import('./CloseUpDialog')
export const CloseUpDialog = later(dialog)
export const WhenDone = later(() => import('./WhenDone'))

/** A hand is on its way to a picture: what it needs is fetched and begun with. */
export function comesClose(client: QueryClient, vehicle: Chosen, ...of: Parameters<typeof pieceQuery>): void {
    void client.prefetchQuery(pieceQuery(...of))
    void Promise.all([client.fetchQuery(vehicleQuery(vehicle)), import('@/closeup/desk'), dialog()])
        .then(([packed, { getReady }]) => getReady(shapeName(vehicle), packed))
        // Whoever presses is told what could not be had.
        .catch(() => undefined)
}
