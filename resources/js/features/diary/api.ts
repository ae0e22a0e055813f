import { queryOptions } from '@tanstack/react-query'
import { z } from 'zod'
import { getJson, send } from '@/app/http'
import { buildStateSchema, type Diary, diarySchema, finishCardSchema } from '@/contract'
import type { LogEntry } from '@/features/build'

export type { Diary }
export type Written = Diary['entries'][number]

export const diaryQuery = queryOptions({
    queryKey: ['diary'],
    queryFn: ({ signal }) => getJson('/diary', diarySchema, signal),
})

/** Whether an observation counts in the estimate that rests on it. */
export const countObservation = (observation: string, counts: boolean) =>
    send('PUT', '/own/observations', z.null(), { observation, counts })

/** Whether the plans that have the jar count with its drying times from the log. */
export const countDrying = (jar: string, counts: boolean) => send('PUT', '/own/drying', z.null(), { jar, counts })

/** How many times as much paint as by the figures quantities count with; null: as by the figures. */
export const countPaint = (ratio: number | null) => send('PUT', '/own/paint', z.null(), { ratio })

/** An entry that stands in place of another. */
export const correctEntry = (build: string, entry: LogEntry) =>
    send('POST', `/builds/${build}/log`, buildStateSchema, { entries: [entry] })

export const finishCardQuery = (build: string) =>
    queryOptions({
        queryKey: ['finish-card', build],
        queryFn: ({ signal }) => getJson(`/builds/${build}/card`, finishCardSchema, signal),
    })
