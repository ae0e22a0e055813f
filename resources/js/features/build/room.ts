import { queryOptions } from '@tanstack/react-query'
import { getJson, send } from '@/app/http'
import { type Air, type Room, type RoomProfile, roomSchema } from '@/contract'

export type { Air, RoomProfile }

export const SEASONS = ['winter', 'spring', 'summer', 'autumn'] as const
export type Season = Room['season']
export type Reading = NonNullable<Room['reading']>

/** The room as it is now, and as it is through the year. */
export const roomQuery = queryOptions({
    queryKey: ['room'],
    queryFn: ({ signal }) => getJson('/room', roomSchema, signal),
    refetchInterval: 60_000,
})

export const keepRoom = (profile: RoomProfile) => send('PUT', '/room', roomSchema, profile)

/** "In winter: 19 °C, 40 %" */
export const saySeason = (season: Season, { temperatureC, humidityPercent }: Air): string =>
    `In ${season}: ${temperatureC} °C, ${humidityPercent} %`
