import { queryOptions } from '@tanstack/react-query'
import { getJson, send } from '@/app/http'
import { buildStateSchema, type WorkCard, type WorkClock, type WorkDesk, workDeskSchema } from '@/contract'
import type { LogEntry } from '@/features/build'

export type Card = WorkCard
export type Clock = WorkClock
/** A step that something has happened to, whether it is still to do or drying. */
export type Subject = Pick<Card, 'build' | 'step' | 'number' | 'zones' | 'where'> & { name: string }
export type Desk = WorkDesk

/** Milliseconds after which another device may have gone on. */
const FRESH = 30_000

/** Laid down only once nothing waits to be sent: see useDesk. */
export const deskQuery = queryOptions({
    queryKey: ['work'],
    queryFn: ({ signal }) => getJson('/work', workDeskSchema, signal),
    refetchInterval: FRESH,
    staleTime: 0,
    retry: false,
})

export const sendEntry = (build: string, entry: LogEntry) =>
    send('POST', `/builds/${build}/log`, buildStateSchema, { entries: [entry] })
