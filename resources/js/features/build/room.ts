import { queryOptions } from '@tanstack/react-query'
import { z } from 'zod'
import { getJson } from '@/app/http'

const roomSchema = z.object({
    reading: z
        .object({ temperatureC: z.number(), humidityPercent: z.number(), at: z.string(), simulated: z.boolean() })
        .nullable(),
})

/** The room as the thermometer at the bench measures it; null: there is none. */
export const roomQuery = queryOptions({
    queryKey: ['room'],
    queryFn: async ({ signal }) => (await getJson('/room', roomSchema, signal)).reading,
    refetchInterval: 60_000,
})
