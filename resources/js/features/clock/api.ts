import { queryOptions } from '@tanstack/react-query'
import { z } from 'zod'
import { getJson, send } from '@/app/http'

const moment = z.string().transform((text) => new Date(text))

const itemSchema = z.object({
    build: z.string(),
    step: z.string(),
    number: z.number(),
    technique: z.string(),
    product: z.string().nullable(),
    colour: z.string().nullable(),
    part: z.string().nullable(),
    from: moment,
    to: moment,
    minutes: z.number(),
    sprays: z.boolean(),
    reason: z.string(),
    closes: moment.nullable(),
    dries: z.object({ touchDry: moment, recoatable: moment, solventProof: moment.nullable() }).nullable(),
})
export type Item = z.infer<typeof itemSchema>

const timetableSchema = z.object({
    ends: moment.nullable(),
    setups: z.number(),
    sessionsUsed: z.number(),
    isOptimal: z.boolean(),
    stops: z.number(),
    risks: z.number(),
    builds: z.array(
        z.object({
            id: z.string(),
            name: z.string(),
            ends: moment.nullable(),
            due: moment.nullable(),
            /** Below 0: so much too late; null: no date to meet, or nothing left to do. */
            slackMinutes: z.number().nullable(),
        }),
    ),
    sessions: z.array(z.object({ from: moment, to: moment, isUsed: z.boolean() })),
    items: z.array(itemSchema),
    conflicts: z.array(
        z.object({ message: z.string(), steps: z.array(z.object({ build: z.string(), step: z.string() })) }),
    ),
    now: moment,
    timeZone: z.string(),
})
export type Timetable = z.infer<typeof timetableSchema>
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

const sheddingSchema = z.object({
    steps: z.array(z.object({ id: z.string(), number: z.number(), technique: z.string() })),
    ends: moment,
    isEnough: z.boolean(),
})

/** What would have to go so that a build is finished by its date, if it comes before all others. */
export const sheddingQuery = (build: string) =>
    queryOptions({
        queryKey: ['clock', 'shedding', build],
        queryFn: ({ signal }) => getJson(`/builds/${build}/shedding`, sheddingSchema, signal),
    })

const searchSchema = z.object({
    id: z.string(),
    state: z.enum(['waiting', 'running', 'done', 'stopped']),
    seconds: z.number(),
    spent: z.number(),
    found: z.number(),
    ends: moment.nullable(),
})
export type Search = z.infer<typeof searchSchema>
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

const span = z.tuple([z.number(), z.number()])
const hours = z.record(z.string(), z.array(span))
const weekSchema = z.object({
    timeZone: z.string(),
    sessions: hours,
    exceptions: hours,
    compressor: span,
    daylight: span,
    setup: z.number(),
    /** How long the hands take, as shares of the usual time. */
    pace: z.object({ applying: z.number(), cleaning: z.number() }),
})
export type Week = z.infer<typeof weekSchema>

const settingsSchema = z.object({ week: weekSchema, isSet: z.boolean(), feed: z.string().nullable() })

export const weekQuery = queryOptions({
    queryKey: ['week'],
    queryFn: ({ signal }) => getJson('/week', settingsSchema, signal),
})

export const keepWeek = (week: Week) => send('PUT', '/week', settingsSchema, week)
export const openFeed = () => send('POST', '/feed', settingsSchema)
export const revokeFeed = () => send('DELETE', '/feed', settingsSchema)
