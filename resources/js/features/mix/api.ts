import { keepPreviousData, queryOptions } from '@tanstack/react-query'
import { z } from 'zod'
import { getJson, send } from '@/app/http'
import {
    closestMixesSchema,
    cupLookSchema,
    cupTonesSchema,
    recipeTableSchema,
    savedMixesSchema,
    savedMixSchema,
} from '@/contract'

/** Which colour is wanted, as it is typed, and of what it may be mixed; no family: of any. */
export type Wish = { wanted: string; families: readonly string[]; jars: number; parts: number }

/** A jar of one’s shelf, or a mix that is kept, by the id of the jar that it would be filled into. */
export type Part = { jar: string; parts: number }
/** Share: of paint in what is laid, the rest being thinner. Retarder and flow improver are for one part of paint. */
export type Cup = { parts: readonly Part[]; share: number; retarder: number; flow: number; wanted: string | null }

/** Where it is looked at, and what it is to cover; null: nobody has said. */
export type Use = {
    ground: string
    areaCm2: number | null
    coats: number
    application: 'airbrush' | 'brush'
}

export const closestQuery = (wish: Wish, shelf: string) =>
    queryOptions({
        // Another shelf gives other answers.
        queryKey: ['mixes', 'closest', wish, shelf],
        queryFn: ({ signal }) => send('POST', '/mixes/closest', closestMixesSchema, wish, signal),
        enabled: wish.wanted !== '' && shelf !== '',
        placeholderData: keepPreviousData,
        staleTime: Number.POSITIVE_INFINITY,
        retry: false,
    })

export const lookQuery = (cup: Cup, use: Use, shelf: string) =>
    queryOptions({
        queryKey: ['mixes', 'look', cup, use, shelf],
        queryFn: ({ signal }) => send('POST', '/mixes/look', cupLookSchema, { ...cup, ...use }, signal),
        enabled: cup.parts.length > 0,
        placeholderData: keepPreviousData,
        staleTime: Number.POSITIVE_INFINITY,
        retry: false,
    })

export const tonesQuery = (cup: Cup, to: 'lighter' | 'darker', shelf: string) =>
    queryOptions({
        queryKey: ['mixes', 'tones', cup.parts, to, shelf],
        queryFn: async ({ signal }) =>
            (await send('POST', '/mixes/tones', cupTonesSchema, { parts: cup.parts, share: 1, to }, signal)).ladders,
        enabled: cup.parts.length > 0,
        staleTime: Number.POSITIVE_INFINITY,
        retry: false,
    })

export const keptQuery = queryOptions({
    queryKey: ['mixes', 'kept'],
    queryFn: async ({ signal }) => (await getJson('/mixes', savedMixesSchema, signal)).mixes,
})

/** The same, those first that come nearest to a colour. */
export const nearestKeptQuery = (near: string) =>
    queryOptions({
        queryKey: [...keptQuery.queryKey, near],
        queryFn: async ({ signal }) =>
            (await getJson(`/mixes?near=${encodeURIComponent(near)}`, savedMixesSchema, signal)).mixes,
        placeholderData: keepPreviousData,
    })

type Named = Cup & { name: string; note: string }

export const keepMix = (mix: Named) => send('POST', '/mixes', savedMixSchema, mix)

/** The same, and a jar on the shelf that is filled with it. */
export const fillJar = (mix: Named) => send('POST', '/mixes', savedMixSchema, { ...mix, fills: true })

/** Another cup under a name that is kept; what it was before is remembered. */
export const changeMix = (id: string, mix: Named) => send('PUT', `/mixes/${id}`, savedMixSchema, mix)

export const readRecipes = (table: string) =>
    queryOptions({
        queryKey: ['recipes', table],
        queryFn: ({ signal }) => send('POST', '/mixes/import', recipeTableSchema, { table, take: false }, signal),
        retry: false,
        gcTime: 0,
    })

export const takeRecipes = (table: string) => send('POST', '/mixes/import', recipeTableSchema, { table, take: true })

export const forgetMix = (id: string) => send('DELETE', `/mixes/${id}`, z.null())
