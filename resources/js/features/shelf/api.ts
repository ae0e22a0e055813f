import { keepPreviousData, queryOptions } from '@tanstack/react-query'
import { getJson, send } from '@/app/http'
import {
    ownShelfSchema,
    type Standing,
    type Supplies,
    shelfTableSchema,
    shelfTakenSchema,
    standingSchema,
    suppliesSchema,
} from '@/contract'

export type { Standing, Supplies }

/** What is known of a jar beside the paint in it. */
export type Stock = Omit<Standing, 'jar' | 'goesOffOn' | 'isOff' | 'isFor' | 'usedIn'>

export const stockOf = ({ jar, goesOffOn, isOff, isFor, usedIn, ...stock }: Standing): Stock => stock

export const shelfQuery = queryOptions({
    queryKey: ['jars', 'shelf'],
    queryFn: async ({ signal }) => (await getJson('/shelf', ownShelfSchema, signal)).jars,
})

/** What the steps that are still to do take; changes with every plan, so it is asked anew each time. */
export const suppliesQuery = queryOptions({
    queryKey: ['jars', 'supplies'],
    queryFn: ({ signal }) => getJson('/supplies', suppliesSchema, signal),
    staleTime: 0,
})

/** The same where one build is done on several sets at once; empty: none in particular. */
export function suppliesOfSets(build: string, sets: number) {
    const isPlain = build === '' || sets === 1
    return queryOptions({
        queryKey: isPlain ? suppliesQuery.queryKey : [...suppliesQuery.queryKey, build, String(sets)],
        queryFn: ({ signal }) =>
            getJson(isPlain ? '/supplies' : `/supplies?build=${build}&sets=${sets}`, suppliesSchema, signal),
        staleTime: 0,
        placeholderData: keepPreviousData,
    })
}

export const keepStock = (jar: string, stock: Stock) => send('PUT', `/shelf/${jar}`, standingSchema, stock)

/** Which column is which: the place of its heading; null: as the headings say. */
type ColumnMap = Readonly<Record<string, number>> | null

export const readTable = (table: string, map: ColumnMap) =>
    queryOptions({
        queryKey: ['table', table, map],
        queryFn: ({ signal }) => send('POST', '/shelf/import', shelfTableSchema, { table, map, take: false }, signal),
        placeholderData: keepPreviousData,
        retry: false,
        gcTime: 0,
    })

/** Jars and mixes as they were written before: all of the file is taken, or nothing. */
export const takeFile = (file: unknown) => send('POST', '/shelf/file', shelfTakenSchema, file)

export const takeTable = (table: string, map: ColumnMap) =>
    send('POST', '/shelf/import', shelfTableSchema, { table, map, take: true })
