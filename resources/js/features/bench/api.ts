import { queryOptions } from '@tanstack/react-query'
import { getJson } from '@/app/http'
import { type BenchCard, buildsSchema } from '@/contract'

export type { BenchCard }
export type Next = NonNullable<BenchCard['next']>
export type Curing = BenchCard['curing'][number]

export const benchQuery = queryOptions({
    queryKey: ['builds'],
    queryFn: async ({ signal }) => (await getJson('/builds', buildsSchema, signal)).builds,
    staleTime: 5_000,
})
