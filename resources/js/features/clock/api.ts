import { queryOptions } from '@tanstack/react-query'
import { z } from 'zod'
import { getJson, send } from '@/app/http'
import {
    type Item,
    type Search,
    searchSchema,
    sheddingSchema,
    type Timetable,
    type Week,
    weekSettingsSchema,
} from '@/contract'
import type { Question } from '@/features/build'
import { entryOf } from '@/features/build'

export { type Question, timetableQuery, weekQuery } from '@/features/build'
export type { Item, Search, Timetable, Week }
export type Session = Timetable['sessions'][number]

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

export const keepPutOff = (putOff: { build: string; step: string; until: string }[]) =>
    send('PUT', '/put-off', z.null(), { putOff })

/** Says that a step is done, as of now. */
export const markDone = (build: string, step: string) =>
    send('POST', `/builds/${build}/log`, z.unknown(), { entries: [entryOf('finished', step)] })

export const keepWeek = (week: Week) => send('PUT', '/week', weekSettingsSchema, week)
export const openFeed = () => send('POST', '/feed', weekSettingsSchema)
export const revokeFeed = () => send('DELETE', '/feed', weekSettingsSchema)
