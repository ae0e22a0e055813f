import { z } from 'zod'
import { SEVERITIES } from '@/design/Severity'

const cleanUpSchema = z.object({ carrier: z.string(), scrubbed: z.boolean(), afterMinutes: z.number() })

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
})
export type Zone = z.infer<typeof zoneSchema>

const buildSchema = z.object({ name: z.string(), vehicle: z.string(), kind: z.string(), scale: z.number(), story: z.string() })
export type BuildFacts = z.infer<typeof buildSchema>

const benchSchema = z.object({ temperatureC: z.number(), humidityPercent: z.number() })
export type BenchConditions = z.infer<typeof benchSchema>

/** A plan file, version 1. */
export const planSchema = z.object({
    build: buildSchema,
    school: z.string(),
    bench: benchSchema,
    zones: z.array(zoneSchema),
    products: z.array(productSchema),
    steps: z.array(stepSchema),
})
export type Plan = z.infer<typeof planSchema>

const findingSchema = z.object({
    key: z.string(),
    code: z.string(),
    severity: z.enum(SEVERITIES),
    step: z.string(),
    zones: z.array(z.string()),
    happens: z.string(),
    why: z.string(),
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
    heldBy: z.object({ step: z.string(), film: z.string(), needs: z.string(), carrier: z.string().nullable() }).nullable(),
    layer: layerSchema.nullable(),
})
export type StepVerdict = z.infer<typeof stepVerdictSchema>

const zoneVerdictSchema = z.object({
    id: z.string(),
    sheen: z.string().nullable(),
    layers: z.array(z.object({ step: z.string(), broken: z.boolean(), exposed: z.boolean() })),
})

/** What the core says of a plan. Times are minutes on the plan's clock. */
export const verdictSchema = z.object({
    summary: z.object({ stops: z.number(), risks: z.number(), notes: z.number(), lastsMinutes: z.number() }),
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
