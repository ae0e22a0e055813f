import { queryOptions } from '@tanstack/react-query'
import { getJson, send } from '@/app/http'
import { timetableSchema, weekSettingsSchema } from '@/contract'

/** What is asked of the clock; all of it left out: every build as it stands. */
export type Question = {
    builds?: string[] | null
    temperatureC?: number | null
    humidityPercent?: number | null
    cabinetC?: number | null
    skipped?: string[]
    /** Code of a school that judges all builds; null: each is judged by its own. */
    school?: string | null
    /** Minutes at the bench from now on, besides the week. */
    spare?: number
    putOff?: { build: string; step: string; until: string }[]
}

export const timetableQuery = (question: Question) =>
    queryOptions({
        queryKey: ['clock', question],
        queryFn: ({ signal }) => send('POST', '/clock', timetableSchema, question, signal),
        staleTime: 5_000,
    })

export const weekQuery = queryOptions({
    queryKey: ['week'],
    queryFn: ({ signal }) => getJson('/week', weekSettingsSchema, signal),
})
