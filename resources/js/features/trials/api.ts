import { queryOptions } from '@tanstack/react-query'
import { getJson, send } from '@/app/http'
import { buildStateSchema, startedSchema, type Trials, trialsSchema } from '@/contract'
import type { LogEntry } from '@/features/build'

export type Card = Trials['cards'][number]
export type Field = Card['fields'][number]
export type Result = Field['results'][number]

export const trialsQuery = queryOptions({
    queryKey: ['trials'],
    queryFn: ({ signal }) => getJson('/trials', trialsSchema, signal),
})

/** A bare card, or one with the layers that a step of a build will meet on a zone. */
export const startTrial = (name: string, like?: { build: string; step: string; zone: string }) =>
    send('POST', '/trials', startedSchema, { name, ...like })

export const addField = (card: Card, zone: string, name: string) =>
    send('POST', `/builds/${card.id}/fields`, buildStateSchema, { zone, name, version: card.version })

export const logTrial = (build: string, entry: LogEntry) =>
    send('POST', `/builds/${build}/log`, buildStateSchema, { entries: [entry] })
