import { z } from 'zod'
import { SEVERITIES } from '@/design/Severity'

const cleanUpSchema = z.object({ carrier: z.string(), scrubbed: z.boolean(), afterMinutes: z.number() })

const trialSchema = z.object({ where: z.string(), rubs: z.number(), passed: z.boolean(), date: z.string() })
const acceptanceSchema = z.object({ rule: z.string(), reason: z.string(), trial: trialSchema.nullable() })
export type Acceptance = z.infer<typeof acceptanceSchema>

const stepSchema = z.object({
    id: z.string(),
    technique: z.string(),
    product: z.string().nullable(),
    zones: z.array(z.string()),
    coats: z.number(),
    application: z.string(),
    thinner: z.string().nullable(),
    cleanUp: cleanUpSchema.nullable(),
    waitMinutes: z.number().nullable(),
    done: z.string().nullable(),
    note: z.string(),
    accepted: z.array(acceptanceSchema),
})
export type Step = z.infer<typeof stepSchema>
export type CleanUp = z.infer<typeof cleanUpSchema>

export const productSchema = z.object({
    id: z.string(),
    name: z.string(),
    family: z.string(),
    carrier: z.string().nullable(),
    sheen: z.string().nullable(),
    colour: z.string().nullable(),
})
export type Product = z.infer<typeof productSchema>

const zoneSchema = z.object({
    id: z.string(),
    name: z.string(),
    kind: z.string(),
    areaCm2: z.number(),
    substrate: z.string(),
    depicts: z.string(),
    traffic: z.enum(['none', 'light', 'heavy']),
    sheltered: z.boolean(),
})
export type Zone = z.infer<typeof zoneSchema>

const buildSchema = z.object({
    name: z.string(),
    vehicle: z.string(),
    kind: z.string(),
    scale: z.number(),
    story: z.string(),
    serviceMonths: z.number().nullable(),
    terrain: z.string().nullable(),
    /** The last day on which it may be finished, "2026-12-24". */
    due: z.string().nullable(),
})
export type BuildFacts = z.infer<typeof buildSchema>

const benchSchema = z.object({
    temperatureC: z.number(),
    humidityPercent: z.number(),
    movingAir: z.boolean(),
    cabinetC: z.number().nullable(),
})
export type BenchConditions = z.infer<typeof benchSchema>

const ownSchoolSchema = z.object({
    from: z.string(),
    name: z.string(),
    answers: z.record(z.string(), z.string()).optional(),
    severities: z.record(z.string(), z.enum(SEVERITIES).nullable()).optional(),
})
/** A school of the library by its code, or a copy of one with answers of one's own. */
export const schoolChoiceSchema = z.union([z.string(), ownSchoolSchema])
export type OwnSchool = z.infer<typeof ownSchoolSchema>
export type SchoolChoice = z.infer<typeof schoolChoiceSchema>

/** A plan file, version 1. */
export const planSchema = z.object({
    build: buildSchema,
    school: schoolChoiceSchema,
    bench: benchSchema,
    zones: z.array(zoneSchema),
    products: z.array(productSchema),
    steps: z.array(stepSchema),
})
export type Plan = z.infer<typeof planSchema>

export const findingSchema = z.object({
    key: z.string(),
    code: z.string(),
    severity: z.enum(SEVERITIES),
    step: z.string(),
    zones: z.array(z.string()),
    happens: z.string(),
    why: z.string(),
    kind: z.enum(['fact', 'custom', 'taste']),
    accepted: acceptanceSchema.nullable(),
})
export type Finding = z.infer<typeof findingSchema>

const layerSchema = z.object({
    film: z.string(),
    coverage: z.string(),
    sheen: z.string().nullable(),
    colour: z.string().nullable(),
    laid: z.number(),
    touchDry: z.number(),
    recoatable: z.number(),
    solventProof: z.number().nullable(),
})
export type Layer = z.infer<typeof layerSchema>

const stepVerdictSchema = z.object({
    id: z.string(),
    ready: z.number(),
    start: z.number(),
    end: z.number(),
    handsOn: z.number(),
    closes: z.number().nullable(),
    heldBy: z
        .object({ step: z.string(), film: z.string(), needs: z.string(), carrier: z.string().nullable() })
        .nullable(),
    /** What may follow it, and its own window if it has one; closes null: it stays open. */
    windows: z.array(
        z.object({
            action: z.string(),
            opens: z.number(),
            bestUntil: z.number().nullable(),
            closes: z.number().nullable(),
        }),
    ),
    layer: layerSchema.nullable(),
})
export type StepVerdict = z.infer<typeof stepVerdictSchema>

const zoneVerdictSchema = z.object({
    id: z.string(),
    sheen: z.string().nullable(),
    layers: z.array(z.object({ step: z.string(), broken: z.boolean(), exposed: z.boolean() })),
})

export const summarySchema = z.object({
    stops: z.number(),
    risks: z.number(),
    notes: z.number(),
    accepted: z.number(),
    lastsMinutes: z.number(),
})

/** What the core says of a plan. Times are minutes on the plan's clock. */
export const verdictSchema = z.object({
    summary: summarySchema,
    clockZero: z.string().nullable(),
    findings: z.array(findingSchema),
    steps: z.array(stepVerdictSchema),
    zones: z.array(zoneVerdictSchema),
})
export type Verdict = z.infer<typeof verdictSchema>

export const buildStateSchema = z.object({
    id: z.string(),
    version: z.number(),
    plan: planSchema,
    verdict: verdictSchema,
    undo: z.string().nullable(),
    redo: z.string().nullable(),
})
export type BuildState = z.infer<typeof buildStateSchema>
