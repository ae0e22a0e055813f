import { queryOptions } from '@tanstack/react-query'
import { getJson, send } from '@/app/http'
import {
    type Item,
    type Search,
    searchSchema,
    sheddingSchema,
    type Timetable,
    timetableSchema,
    type Week,
    weekSettingsSchema,
} from '@/contract'

export type { Item, Search, Timetable, Week }
export type Session = Timetable['sessions'][number]

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

/** What would have to go so that a build is finished by its date, if it comes before all others. */
export const sheddingQuery = (build: string) =>
    queryOptions({
        queryKey: ['clock', 'shedding', build],
        queryFn: ({ signal }) => getJson(`/builds/${build}/shedding`, sheddingSchema, signal),
    })

export const isUnderWay = (search: Search): boolean => search.state === 'waiting' || search.state === 'running'

export const startSearch = (question: Question) => send('POST', '/clock/searches', searchSchema, question)
export const stopSearch = (id: string) => send('DELETE', `/clock/searches/${id}`, searchSchema)

/** How far a search has come, asked again until it has ended. */
export const searchQuery = (id: string) =>
    queryOptions({
        queryKey: ['search', id],
        queryFn: ({ signal }) => getJson(`/clock/searches/${id}`, searchSchema, signal),
        staleTime: Number.POSITIVE_INFINITY,
        refetchInterval: ({ state: { data } }) => (data === undefined || isUnderWay(data) ? 500 : false),
    })

export const weekQuery = queryOptions({
    queryKey: ['week'],
    queryFn: ({ signal }) => getJson('/week', weekSettingsSchema, signal),
})

export const keepWeek = (week: Week) => send('PUT', '/week', weekSettingsSchema, week)
export const openFeed = () => send('POST', '/feed', weekSettingsSchema)
export const revokeFeed = () => send('DELETE', '/feed', weekSettingsSchema)
