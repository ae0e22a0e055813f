import { queryOptions } from '@tanstack/react-query'
import { z } from 'zod'
import { getJson } from '@/app/http'
import { SEVERITIES } from '@/design/Severity'

const span = z.array(z.number())
const almanacSchema = z.object({
    techniques: z.array(
        z.object({
            code: z.string(),
            name: z.string(),
            stage: z.string(),
            kind: z.string(),
            purpose: z.string(),
            families: z.array(z.string()),
            application: z.string(),
            coats: z.number(),
            leaves: z.string(),
            sheens: z.array(z.string()),
            needs: z.string(),
            setUpMinutes: z.number(),
            applyMinutes: z.number(),
            cleanMinutes: z.number(),
            because: z.string(),
            window: z
                .object({
                    earliest: z.number(),
                    bestUntil: z.number().nullable(),
                    latest: z.number().nullable(),
                    sign: z.string(),
                })
                .nullable(),
            serviceMonths: z.number(),
            markMm: z.number().nullable(),
            signs: z.array(z.string()),
            tools: z.array(z.string()),
            undo: z.string(),
            cautions: z.array(z.string()),
            alternatives: z.array(z.string()),
        }),
    ),
    attack: z.array(z.object({ film: z.string(), label: z.string(), levels: z.record(z.string(), span) })),
    drying: z.array(
        z.object({
            name: z.string(),
            touchDry: span,
            recoatable: span,
            solventProof: span.nullable(),
            reason: z.string(),
        }),
    ),
    rules: z.array(z.object({ code: z.string(), group: z.string(), kind: z.string(), why: z.string() })),
    habits: z.array(
        z.object({
            code: z.string(),
            moment: z.string(),
            text: z.string(),
            otherwise: z.string(),
            kinds: z.array(z.string()),
        }),
    ),
    schools: z.array(
        z.object({
            code: z.string(),
            name: z.string(),
            creed: z.string(),
            answers: z.record(z.string(), z.string()),
            severities: z.record(z.string(), z.enum(SEVERITIES).nullable()),
        }),
    ),
    questions: z.array(
        z.object({
            code: z.string(),
            text: z.string(),
            options: z.array(z.object({ code: z.string(), text: z.string() })),
        }),
    ),
    hazards: z.array(z.object({ code: z.string(), title: z.string(), advice: z.string() })),
    defers: z.string(),
})
export type AlmanacData = z.infer<typeof almanacSchema>

export const almanacQuery = queryOptions({
    queryKey: ['library', 'almanac'],
    queryFn: ({ signal }) => getJson('/almanac', almanacSchema, signal),
    staleTime: Number.POSITIVE_INFINITY,
})
