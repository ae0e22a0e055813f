import { queryOptions } from '@tanstack/react-query'
import { getJson, send } from '@/app/http'
import { ownShelfSchema, type Standing, standingSchema } from '@/contract'

export type { Standing }

/** What is known of a jar beside the paint in it. */
export type Stock = Pick<Standing, 'leftMl' | 'price' | 'openedOn' | 'keepsMonths' | 'note'>

export const shelfQuery = queryOptions({
    queryKey: ['jars', 'shelf'],
    queryFn: async ({ signal }) => (await getJson('/shelf', ownShelfSchema, signal)).jars,
})

export const keepStock = (jar: string, { leftMl, price, openedOn, keepsMonths, note }: Stock) =>
    send('PUT', `/shelf/${jar}`, standingSchema, { leftMl, price, openedOn, keepsMonths, note })
