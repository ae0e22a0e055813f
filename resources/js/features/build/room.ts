import { queryOptions } from '@tanstack/react-query'
import { z } from 'zod'
import { getJson, send } from '@/app/http'

const airSchema = z.object({ temperatureC: z.number(), humidityPercent: z.number() })
export type Air = z.infer<typeof airSchema>

export const SEASONS = ['winter', 'spring', 'summer', 'autumn'] as const
export type Season = (typeof SEASONS)[number]
const daySchema = z.object({ day: airSchema, night: airSchema })
const profileSchema = z.object({
    seasons: z.object({ winter: daySchema, spring: daySchema, summer: daySchema, autumn: daySchema }),
    /** Minutes of the day between which the night's air holds. */
    night: z.tuple([z.number(), z.number()]),
    /** Whether clock and bench count with the room; otherwise each plan's own air counts. */
    counts: z.boolean(),
})
export type RoomProfile = z.infer<typeof profileSchema>

const readingSchema = airSchema.extend({ at: z.string(), simulated: z.boolean() })
export type Reading = z.infer<typeof readingSchema>

const roomSchema = z.object({
    /** As the thermometer at the bench measures it; null: there is none. */
    reading: readingSchema.nullable(),
    season: z.enum(SEASONS),
    /** False: the profile is what is usual, and nobody has said so of this room. */
    isKept: z.boolean(),
    profile: profileSchema,
})

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
