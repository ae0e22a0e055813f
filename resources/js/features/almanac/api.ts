import { queryOptions } from '@tanstack/react-query'
import { getJson } from '@/app/http'
import { type Almanac, almanacSchema } from '@/contract'

export type AlmanacData = Almanac

export const almanacQuery = queryOptions({
    queryKey: ['library', 'almanac'],
    queryFn: ({ signal }) => getJson('/almanac', almanacSchema, signal),
    staleTime: Number.POSITIVE_INFINITY,
})
