import { queryOptions } from '@tanstack/react-query'
import { z } from 'zod'
import { getJson } from '@/app/http'
import { summarySchema } from '@/features/build'

const moment = z.string().transform((text) => new Date(text))

const cardSchema = z.object({
    id: z.string(),
    name: z.string(),
    vehicle: z.string(),
    kind: z.string(),
    scale: z.number(),
    changedAt: moment,
    summary: summarySchema,
    steps: z.number(),
    done: z.number(),
    next: z
        .object({
            id: z.string(),
            number: z.number(),
            technique: z.string(),
            product: z.string().nullable(),
            startsAt: moment.nullable(),
            closesAt: moment.nullable(),
            handsOn: z.number(),
            waitsFor: z.string().nullable(),
        })
        .nullable(),
    hazards: z.array(z.object({ code: z.string(), title: z.string(), advice: z.string() })),
    curing: z.array(
        z.object({
            step: z.string(),
            number: z.number(),
            product: z.string(),
            touchDryAt: moment.nullable(),
            recoatableAt: moment.nullable(),
            solventProofAt: moment.nullable(),
        }),
    ),
    palette: z.array(z.string()),
})
export type BenchCard = z.infer<typeof cardSchema>
export type Next = NonNullable<BenchCard['next']>
export type Curing = BenchCard['curing'][number]

export const benchQuery = queryOptions({
    queryKey: ['builds'],
    queryFn: async ({ signal }) => (await getJson('/builds', z.object({ builds: z.array(cardSchema) }), signal)).builds,
    staleTime: 5_000,
})
