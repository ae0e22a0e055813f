import { queryOptions } from '@tanstack/react-query'
import { getJson } from '@/app/http'
import { type Diary, diarySchema } from '@/contract'

export type { Diary }
export type Written = Diary['entries'][number]

export const diaryQuery = queryOptions({
    queryKey: ['diary'],
    queryFn: ({ signal }) => getJson('/diary', diarySchema, signal),
})
