import { queryOptions } from '@tanstack/react-query'
import { z } from 'zod'
import { getJson, send } from '@/app/http'
import { findingSchema, type OwnSchool, type SchoolChoice, schoolChoiceSchema, summarySchema } from '@/features/build'
import { remedySchema } from './usePlan'

const hazardSchema = z.object({ code: z.string(), title: z.string(), advice: z.string() })
const habitSchema = z.object({
    code: z.string(),
    moment: z.enum(['before', 'while', 'after']),
    text: z.string(),
    otherwise: z.string(),
})
const waySchema = z.object({
    state: z.string(),
    from: z.number(),
    until: z.number().nullable(),
    open: z.boolean(),
    says: z.string(),
})

const knowledgeSchema = z.object({
    step: z.string(),
    signs: z.array(z.string()),
    tools: z.array(z.string()),
    cautions: z.array(z.string()),
    alternatives: z.array(z.object({ code: z.string(), name: z.string() })),
    habits: z.array(habitSchema),
    lookFirst: z.array(z.string()),
    hazards: z.array(hazardSchema),
    windows: z.array(
        z.object({
            action: z.string(),
            opens: z.number(),
            bestUntil: z.number().nullable(),
            closes: z.number().nullable(),
            before: z.string(),
            after: z.string().nullable(),
        }),
    ),
    rounds: z
        .object({
            /** Speeds of one's own, cm² a minute. */
            applyCm2: z.number(),
            cleanCm2: z.number(),
            largestCm2: z.number(),
            idleMinutes: z.number(),
            sections: z.array(z.array(z.string())),
            finish: z.number().nullable(),
            order: z.array(
                z.object({ does: z.enum(['apply', 'clean']), zone: z.string(), from: z.number(), to: z.number() }),
            ),
        })
        .nullable(),
    undo: z.object({ usual: z.string(), open: z.boolean(), until: z.number().nullable(), ways: z.array(waySchema) }),
})
export type Knowledge = z.infer<typeof knowledgeSchema>

export const knowledgeQuery = (buildId: string, version: number, step: string) =>
    queryOptions({
        queryKey: ['build', buildId, 'knowledge', version, step],
        queryFn: ({ signal }) => getJson(`/builds/${buildId}/steps/${step}`, knowledgeSchema, signal),
        // After an edit, what was known of the step stays on screen until what is known now has come.
        placeholderData: (before, query) => (query?.queryKey[4] === step ? before : undefined),
        staleTime: Number.POSITIVE_INFINITY,
    })

const scratchSchema = z.object({
    zone: z.string(),
    colours: z.array(
        z.object({
            step: z.string(),
            number: z.number(),
            name: z.string(),
            colour: z.string().nullable(),
            coverage: z.string(),
        }),
    ),
    /** From the part upwards; protectedBy: number of the step whose film keeps liquids and tools off it. */
    layers: z.array(z.object({ step: z.string(), broken: z.boolean(), protectedBy: z.number().nullable() })),
    warnings: z.array(z.string()),
})

export type Scratch = z.infer<typeof scratchSchema>

export const scratchQuery = (buildId: string, version: number, zone: string, before: string) =>
    queryOptions({
        queryKey: ['build', buildId, 'scratch', version, zone, before],
        queryFn: ({ signal }) =>
            getJson(`/builds/${buildId}/zones/${zone}/scratch?before=${before}`, scratchSchema, signal),
        placeholderData: (shown, query) =>
            query?.queryKey[4] === zone && query.queryKey[5] === before ? shown : undefined,
        staleTime: Number.POSITIVE_INFINITY,
    })

const repairSchema = z.object({
    version: z.number(),
    isSound: z.boolean(),
    isSmallest: z.boolean(),
    before: summarySchema,
    after: summarySchema,
    actions: z.array(remedySchema.extend({ finding: findingSchema })),
})
export type Repair = z.infer<typeof repairSchema>

export const repairQuery = (buildId: string, version: number) =>
    queryOptions({
        queryKey: ['build', buildId, 'repair', version],
        queryFn: ({ signal }) => getJson(`/builds/${buildId}/repair`, repairSchema, signal),
        staleTime: Number.POSITIVE_INFINITY,
    })

const ownSchoolsSchema = z.object({ schools: z.array(z.object({ id: z.number(), school: schoolChoiceSchema })) })
export type KeptSchool = { id: number; school: SchoolChoice }

export const ownSchoolsQuery = queryOptions({
    queryKey: ['schools'],
    queryFn: async ({ signal }): Promise<KeptSchool[]> => (await getJson('/schools', ownSchoolsSchema, signal)).schools,
})

export const keepSchool = (school: OwnSchool) =>
    send('POST', '/schools', z.object({ id: z.number(), school: schoolChoiceSchema }), school)

export const forgetSchool = (id: number) => send('DELETE', `/schools/${id}`, z.null())
