import { queryOptions } from '@tanstack/react-query'
import { z } from 'zod'
import { getJson, send } from '@/app/http'
import { type Jars, jarsSchema, type Product, productSchema } from '@/contract'

/** What the person owns, whichever build it is used for. */
const shelfQuery = queryOptions({
    queryKey: ['jars'],
    queryFn: ({ signal }) => getJson('/jars', jarsSchema, signal),
    staleTime: 60_000,
})

export const jarsQuery = { ...shelfQuery, select: ({ jars }: Jars) => jars }

/** The jars by what they can be in a mix: what one is looked for among, and what can be poured into a cup. */
export const mixableQuery = {
    ...shelfQuery,
    select: ({ jars, mixed, poured }: Jars) => ({
        paints: jars.filter(({ id }) => mixed.includes(id)),
        poured: jars.filter(({ id }) => poured.includes(id)),
    }),
}

export const keepJar = ({ id, ...rest }: Product) => send('PUT', `/jars/${id}`, productSchema, rest)

export const throwAwayJar = (id: string) => send('DELETE', `/jars/${id}`, z.null())

/** Plain jars of the starter shelf in one go: all of them are there then, or none is. */
export const fillShelf = (ids: readonly string[]): Promise<null> => send('POST', '/jars', z.null(), { jars: ids })
