import { keepPreviousData, queryOptions } from '@tanstack/react-query'
import { z } from 'zod'
import { getJson, send } from '@/app/http'
import { closestMixesSchema, cupLookSchema, cupTonesSchema, savedMixesSchema, savedMixSchema } from '@/contract'

/** Which colour is wanted, as it is typed, and of what it may be mixed; no family: of any. */
export type Wish = { wanted: string; families: readonly string[]; jars: number; parts: number }

export type Part = { jar: string; parts: number }
/** Share: of paint in what is laid, the rest being thinner. */
export type Cup = { parts: readonly Part[]; share: number; wanted: string | null }

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

export const lookQuery = (cup: Cup, ground: string, shelf: string) =>
    queryOptions({
        queryKey: ['mixes', 'look', cup, ground, shelf],
        queryFn: ({ signal }) => send('POST', '/mixes/look', cupLookSchema, { ...cup, ground }, signal),
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

export const keepMix = (mix: Cup & { name: string; note: string }) => send('POST', '/mixes', savedMixSchema, mix)

export const forgetMix = (id: string) => send('DELETE', `/mixes/${id}`, z.null())
