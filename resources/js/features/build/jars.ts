import { queryOptions } from '@tanstack/react-query'
import { z } from 'zod'
import { getJson, send } from '@/app/http'
import { jarsSchema, type Product, productSchema } from '@/contract'

/** What the person owns, whichever build it is used for. */
export const jarsQuery = queryOptions({
    queryKey: ['jars'],
    queryFn: async ({ signal }) => (await getJson('/jars', jarsSchema, signal)).jars,
    staleTime: 60_000,
})

export const keepJar = ({ id, ...rest }: Product) => send('PUT', `/jars/${id}`, productSchema, rest)

export const throwAwayJar = (id: string) => send('DELETE', `/jars/${id}`, z.null())

/** Plain jars of the starter shelf in one go: all of them are there then, or none is. */
export const fillShelf = (ids: readonly string[]): Promise<null> => send('POST', '/jars', z.null(), { jars: ids })
