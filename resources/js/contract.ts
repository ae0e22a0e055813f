// Written by contract/generate.mjs from core/Plan/File/plan-v2.schema.json and contract/answers.schema.json.
// To change it, change those and run: node contract/generate.mjs

import { z } from 'zod'

/** The measures of the vehicle by the codes of its kind: millimetres, pieces, or 0 and 1. Null: as usual. */
export const vehicleFormSchema = z.record(z.string(), z.number()).nullable()
export type VehicleForm = z.infer<typeof vehicleFormSchema>

export const buildFactsSchema = z.object({
    name: z.string(),
    vehicle: z.string(),
    kind: z.string(),
    /** The 35 of 1:35. */
    scale: z.number(),
    story: z.string(),
    /** In service by the time shown. */
    serviceMonths: z.number().nullable(),
    terrain: z.string().nullable(),
    /** A day like 2026-12-24, by which it shall be finished. */
    due: z.string().nullable(),
    form: vehicleFormSchema,
    /** What the finish is to tell; a plan can be drafted from it. */
    brief: z
        .object({
            /** The vehicle's own colour. */
            base: z.string(),
            /** How the colours share the vehicle. */
            scheme: z.enum(['plain', 'soft-edged', 'hard-edged', 'winter']),
            /** The other colours, the one that covers most first. */
            more: z.array(z.string()),
            season: z.enum(['winter', 'spring', 'summer', 'autumn']),
            /** What the last days have brought. */
            weather: z.enum(['dry', 'showers', 'wet']),
            driving: z.enum(['parked', 'road', 'field']),
            hasMarkings: z.boolean(),
            /** How much work it may be. */
            ambition: z.enum(['evening', 'evenings', 'weeks', 'exhibition']),
            /** Whether wear may be stronger than life; null: as the school has it. */
            isExpressive: z.boolean().nullable(),
            /** How the model stands on its base. */
            pose: z.string(),
            /** Where it stands in its life, in the order in which that came. */
            scenes: z.array(z.string()),
            /** What the modeller knows better, 0 to 1. */
            overrules: z.array(
                z.object({
                    /** Lower-case letters, digits and hyphens, at most 40, with at least one letter. */
                    zone: z.string(),
                    trace: z.string(),
                    amount: z.number(),
                }),
            ),
        })
        .nullable(),
})
export type BuildFacts = z.infer<typeof buildFactsSchema>

export const benchConditionsSchema = z.object({
    temperatureC: z.number(),
    humidityPercent: z.number(),
    movingAir: z.boolean(),
    /** A warm drying cabinet; hotter warps polystyrene. */
    cabinetC: z.number().nullable(),
})
export type BenchConditions = z.infer<typeof benchConditionsSchema>

export const ownSchoolSchema = z.object({
    from: z.string(),
    name: z.string(),
    answers: z.record(z.string(), z.string()).optional(),
    severities: z.record(z.string(), z.enum(['stop', 'risk', 'note']).nullable()).optional(),
})
export type OwnSchool = z.infer<typeof ownSchoolSchema>

export const schoolChoiceSchema = z.union([z.string(), ownSchoolSchema])
export type SchoolChoice = z.infer<typeof schoolChoiceSchema>

export const zoneSchema = z.object({
    /** Lower-case letters, digits and hyphens, at most 40, with at least one letter. */
    id: z.string(),
    name: z.string(),
    kind: z.string(),
    areaCm2: z.number(),
    substrate: z.string(),
    depicts: z.string(),
    /** How much boots, hands and stowage rub it. */
    traffic: z.enum(['none', 'light', 'heavy']),
    sheltered: z.boolean(),
    /** Faces that may have a tint of their own; empty: it is looked at as a whole. */
    panels: z.array(
        z.object({
            /** Lower-case letters, digits and hyphens, at most 40, with at least one letter. */
            id: z.string(),
            name: z.string(),
            /** Panels of the same zone that meet it along an edge; either side may say so. */
            neighbours: z.array(z.string()),
            /** Code of the plate of the vehicle that it is; null: it is drawn nowhere by itself. */
            plate: z.string().nullable(),
        }),
    ),
})
export type Zone = z.infer<typeof zoneSchema>

/** Drying times of this product at 20 °C and 50 %, where somebody knows them better than the table. */
export const ownTimesSchema = z
    .object({
        /** Minutes, from and to. */
        touchDry: z.tuple([z.number(), z.number()]).nullable(),
        /** Minutes, from and to. */
        recoatable: z.tuple([z.number(), z.number()]).nullable(),
        /** Minutes, from and to. */
        solventProof: z.tuple([z.number(), z.number()]).nullable(),
        /** Whose times they are: the label, an own trial, the log. */
        source: z.string(),
    })
    .nullable()
export type OwnTimes = z.infer<typeof ownTimesSchema>

export const productSchema = z.object({
    /** Lower-case letters, digits and hyphens, at most 40, with at least one letter. */
    id: z.string(),
    name: z.string(),
    family: z.string(),
    carrier: z.string().nullable(),
    /** null: it leaves the sheen below as it is. */
    sheen: z.enum(['gloss', 'satin', 'matte']).nullable(),
    /** When dry; null: clear. */
    colour: z.string().nullable(),
    /** Share of the ground that one usual coat hides. */
    opacity: z.number().nullable(),
    /** With flakes or grains of metal in it. */
    metallic: z.boolean(),
    times: ownTimesSchema,
})
export type Product = z.infer<typeof productSchema>

/** A rule that is broken knowingly. Trials stand in the log. */
export const acceptanceSchema = z.object({
    /** Lower-case letters, digits and hyphens, at most 40, with at least one letter. */
    rule: z.string(),
    reason: z.string(),
})
export type Acceptance = z.infer<typeof acceptanceSchema>

export const cleanUpPassSchema = z.object({
    /** null: with a dry brush or cloth. */
    carrier: z.string().nullable(),
    /** Scrubbed; otherwise wiped. */
    rubbed: z.boolean(),
    /** From the end of applying. */
    afterMinutes: z.number(),
})
export type CleanUpPass = z.infer<typeof cleanUpPassSchema>

export const stepSchema = z.object({
    /** Lower-case letters, digits and hyphens, at most 40, with at least one letter. */
    id: z.string(),
    technique: z.string(),
    /** The id of one of the products. */
    product: z.string().nullable(),
    zones: z.array(z.string()),
    coats: z.number(),
    application: z.string(),
    /** How much of its zones it goes on; null: as the technique usually does. */
    extent: z
        .object({
            /** Per cent of the zone; null: nobody has said. */
            share: z.number().nullable(),
            /** Where on the zone; empty: anywhere. */
            places: z.array(z.string()),
            /** Where some are named it goes on those alone. */
            panels: z.array(z.string()),
            /** How a camouflage colour runs; null: nobody has said. */
            pattern: z.enum(['patches', 'bands']).nullable(),
        })
        .nullable(),
    /** What it is worked into; null: into what is open, as its medium does. */
    merge: z
        .object({
            /** The id of an earlier step; null: apart from all, once they have set. */
            into: z.string().nullable(),
        })
        .nullable(),
    /** How thick dust, mud, grime or rust lies where it lies; null: as is usual. */
    amount: z.string().nullable(),
    /** Per cent of thinner in what is laid; null: as is usual. */
    thinnerShare: z.number().nullable(),
    /** Whether it is done in one sitting with the step before, or at another time; null: as its medium does. */
    sitting: z.enum(['joined', 'apart']).nullable(),
    /** How much liquid reaches the surface; null: as much as the technique usually brings. */
    load: z.string().nullable(),
    thinner: z.string().nullable(),
    /** Passes in the order in which they are made; empty: nothing is cleaned up. */
    cleanUp: z.array(cleanUpPassSchema),
    /** From the end of the step before; null: as soon as everything below allows it. */
    waitMinutes: z.number().nullable(),
    note: z.string(),
    accepted: z.array(acceptanceSchema),
    /** Whether it stays as it is when others are drafted anew. */
    locked: z.boolean(),
})
export type Step = z.infer<typeof stepSchema>

/** A test patch, and the rule that it is evidence for or against. */
export const trialSchema = z
    .object({
        /** Null: of no rule in particular. */
        rule: z.string().nullable(),
        where: z.string(),
        rubs: z.number(),
        passed: z.boolean(),
        zone: z.string().nullable(),
        /** The step whose film came off. */
        moved: z.string().nullable(),
        /** The other build that it was tried on. */
        card: z.string().nullable(),
        /** Each a liquid, its contact, a film and its state. */
        tried: z.array(z.string()),
    })
    .nullable()
export type Trial = z.infer<typeof trialSchema>

/** The step as it stood in the plan then: the plan may change or lose it later. */
export const stepAsItWasSchema = z
    .object({
        technique: z.string(),
        words: z.string(),
        product: z.string().nullable(),
        /** id: name. */
        zones: z.record(z.string(), z.string()),
        coats: z.number(),
    })
    .nullable()
export type StepAsItWas = z.infer<typeof stepAsItWasSchema>

export const entrySchema = z.object({
    id: z.string(),
    kind: z.string(),
    /** UTC to the minute, as in 2026-11-24T19:30:00Z. */
    at: z.string(),
    /** The id of a step, which may be gone from the plan; null: about the build. */
    step: z.string().nullable(),
    asItWas: stepAsItWasSchema,
    /** The entry that this one stands in place of; “withdrawn” says that it did not happen. */
    corrects: z.string().nullable(),
    text: z.string(),
    trial: trialSchema,
    air: z.object({ temperatureC: z.number(), humidityPercent: z.number() }).nullable(),
})
export type Entry = z.infer<typeof entrySchema>

/** UTC. */
export const momentSchema = z.string().transform((text) => new Date(text))
export type Moment = z.infer<typeof momentSchema>

export const severitySchema = z.enum(['stop', 'risk', 'note'])
export type Severity = z.infer<typeof severitySchema>

export const ruleKindSchema = z.enum(['fact', 'custom', 'taste'])
export type RuleKind = z.infer<typeof ruleKindSchema>

export const wordedSchema = z.object({ code: z.string(), label: z.string() })
export type Worded = z.infer<typeof wordedSchema>

export const hazardSchema = z.object({ code: z.string(), title: z.string(), advice: z.string() })
export type Hazard = z.infer<typeof hazardSchema>

export const airSchema = z.object({ temperatureC: z.number(), humidityPercent: z.number() })
export type Air = z.infer<typeof airSchema>

/** How many findings; accepted ones count as nothing else. */
export const summarySchema = z.object({
    stops: z.number(),
    risks: z.number(),
    notes: z.number(),
    accepted: z.number(),
    lastsMinutes: z.number(),
})
export type Summary = z.infer<typeof summarySchema>

/** Why a finding stops nothing any more. */
export const acceptedSchema = z.object({ reason: z.string(), trial: trialSchema })
export type Accepted = z.infer<typeof acceptedSchema>

/** What a rule has to say about a step on some of its zones. */
export const findingSchema = z.object({
    /** An address, stable while the plan does not change what it speaks of. */
    key: z.string(),
    code: z.string(),
    severity: severitySchema,
    step: z.string(),
    zones: z.array(z.string()),
    happens: z.string(),
    why: z.string(),
    /** The rule as a short sentence without its stop. */
    title: z.string(),
    /** No trial and no record can show otherwise. */
    isCertain: z.boolean(),
    kind: ruleKindSchema,
    /** Whether a piece can be drawn as it would look. */
    hasPicture: z.boolean(),
    accepted: acceptedSchema.nullable(),
})
export type Finding = z.infer<typeof findingSchema>

/** What a step leaves. Minutes on the plan’s clock. */
export const layerSchema = z.object({
    film: z.string(),
    /** What the step that laid it does: wash, chips, pigment … */
    kind: z.string(),
    /** By airbrush or can. */
    sprayed: z.boolean(),
    coverage: z.enum(['whole', 'partial', 'grain']),
    sheen: z.string().nullable(),
    colour: z.string().nullable(),
    laid: z.number(),
    touchDry: z.number(),
    recoatable: z.number(),
    solventProof: z.number().nullable(),
    /** The early ends of the same three: before them it is surely too early. */
    soonest: z.object({ touchDry: z.number(), recoatable: z.number(), solventProof: z.number().nullable() }),
})
export type Layer = z.infer<typeof layerSchema>

/** Something that may follow a step. Minutes on the plan’s clock; closes null: it stays open. */
export const followUpSchema = z.object({
    kind: z.string(),
    action: z.string(),
    opens: z.number(),
    bestUntil: z.number().nullable(),
    closes: z.number().nullable(),
    /** Before it is surely too early; from opens on it surely is not. */
    soonest: z.number(),
})
export type FollowUp = z.infer<typeof followUpSchema>

/** When a step happens. Minutes on the plan’s clock. */
export const stepVerdictSchema = z.object({
    id: z.string(),
    /** When it was finished, UTC; null: it is still to do. */
    done: z.string().nullable(),
    /** From when everything below allows it. */
    ready: z.number(),
    planned: z.number(),
    start: z.number(),
    end: z.number(),
    handsOn: z.number(),
    closes: z.number().nullable(),
    heldBy: z
        .object({
            step: z.string(),
            film: z.string(),
            needs: z.string(),
            carrier: z.string().nullable(),
            /** Minutes from its last stroke before which it is surely too early. */
            soonest: z.number(),
            /** Minutes from its last stroke from which it is surely not. */
            sure: z.number(),
        })
        .nullable(),
    windows: z.array(followUpSchema),
    layer: layerSchema.nullable(),
    /** The steps that it is worked into while they are open. */
    into: z.array(z.string()),
})
export type StepVerdict = z.infer<typeof stepVerdictSchema>

export const zoneVerdictSchema = z.object({
    id: z.string(),
    sheen: z.string().nullable(),
    layers: z.array(z.object({ step: z.string(), broken: z.boolean(), exposed: z.boolean() })),
})
export type ZoneVerdict = z.infer<typeof zoneVerdictSchema>

/** Where the plan says otherwise than what was done; step null: it is gone from the plan. */
export const contradictionSchema = z.object({ step: z.string().nullable(), says: z.string() })
export type Contradiction = z.infer<typeof contradictionSchema>

/** What holds a sitting together; null: nothing has to. */
export const bondSchema = z.string().nullable()
export type Bond = z.infer<typeof bondSchema>

/** Steps of a plan that are done together. */
export const sittingSchema = z.object({
    steps: z.array(z.string()),
    bond: bondSchema,
    says: z.string().nullable(),
    /** For which the hands may rest within it, at the most. */
    restMinutes: z.number(),
})
export type Sitting = z.infer<typeof sittingSchema>

export const belongsSchema = z.array(z.object({ kind: z.string(), zone: z.string().nullable() }))
export type Belongs = z.infer<typeof belongsSchema>

/** What a step leaves to be seen on zones that look alike. */
export const markSchema = z.object({
    effect: z.string(),
    step: z.number(),
    until: z.number().nullable(),
    zones: z.array(z.string()),
    colour: z.string().nullable(),
    amount: z.number(),
    isSoft: z.boolean(),
    places: z.array(z.string()),
    panels: z.array(z.string()),
    sheen: z.string().nullable(),
    /** Per cent of its zones that patches take; null: as usual. */
    share: z.number().nullable(),
    pattern: z.enum(['patches', 'bands']).nullable(),
    sparesMarkings: z.boolean(),
})
export type Mark = z.infer<typeof markSchema>

/** How a plan looks on its vehicle, colours as they come from the jar. */
export const finishSchema = z.object({
    belongs: belongsSchema,
    panels: z.array(z.object({ panel: z.string(), zone: z.string(), plate: z.string() })),
    paints: z.array(
        z.object({
            zone: z.string(),
            changes: z.array(
                z.object({
                    step: z.number(),
                    colour: z.string().nullable(),
                    /** Of the camouflage laid over it; null: none. */
                    patch: z.string().nullable(),
                    line: z.string().nullable(),
                    mark: z.string().nullable(),
                }),
            ),
        }),
    ),
    marks: z.array(markSchema),
})
export type Finish = z.infer<typeof finishSchema>

/** What the core says of a plan. Minutes on the plan’s clock. */
export const verdictSchema = z.object({
    summary: summarySchema,
    clockZero: z.string().nullable(),
    findings: z.array(findingSchema),
    steps: z.array(stepVerdictSchema),
    zones: z.array(zoneVerdictSchema),
    /** Steps that are done together: those of several. */
    sittings: z.array(sittingSchema),
    finish: finishSchema,
    contradictions: z.array(contradictionSchema),
})
export type Verdict = z.infer<typeof verdictSchema>

/** A plan as plan files of version 2 write it, without its log. */
export const planSchema = z.object({
    format: z.literal('ulvrach-plan'),
    version: z.literal(2),
    build: buildFactsSchema,
    school: schoolChoiceSchema,
    bench: benchConditionsSchema,
    zones: z.array(zoneSchema),
    products: z.array(productSchema),
    steps: z.array(stepSchema),
})
export type Plan = z.infer<typeof planSchema>

/** What a change would come to. */
export const outcomeSchema = z.object({ plan: planSchema, verdict: verdictSchema })
export type Outcome = z.infer<typeof outcomeSchema>

/** From when on a film surely bears what; solventProof null: never. */
export const curesSchema = z.object({
    touchDry: momentSchema,
    recoatable: momentSchema,
    solventProof: momentSchema.nullable(),
    /** When it may be so far already. */
    soonest: z.object({ touchDry: momentSchema, recoatable: momentSchema, solventProof: momentSchema.nullable() }),
})
export type Cures = z.infer<typeof curesSchema>

/** Everything that the plan screen shows of a build. */
export const buildStateSchema = z.object({
    id: z.string(),
    version: z.number(),
    plan: planSchema,
    verdict: verdictSchema,
    log: z.array(entrySchema),
    undo: z.string().nullable(),
    redo: z.string().nullable(),
    /** The films that are there already, in the air that they really dry in. */
    films: z.array(z.object({ step: z.string(), cures: curesSchema })),
})
export type BuildState = z.infer<typeof buildStateSchema>

/** A way out that was tried on a copy of the plan. */
export const remedySchema = z.object({
    label: z.string(),
    clears: z.number(),
    brings: z.number(),
    /** What these say, the gravest first. */
    brought: z.array(z.string()),
    delayMinutes: z.number(),
    workMinutes: z.number(),
    /** Sent back as they come: only the server needs to understand them. */
    edits: z.array(z.record(z.string(), z.any())),
})
export type Remedy = z.infer<typeof remedySchema>

export const remediesSchema = z.object({ version: z.number(), remedies: z.array(remedySchema) })
export type Remedies = z.infer<typeof remediesSchema>

export const repairSchema = z.object({
    version: z.number(),
    isSound: z.boolean(),
    isSmallest: z.boolean(),
    before: summarySchema,
    after: summarySchema,
    actions: z.array(
        z.object({
            finding: findingSchema,
            label: z.string(),
            clears: z.number(),
            brings: z.number(),
            /** What these say, the gravest first. */
            brought: z.array(z.string()),
            delayMinutes: z.number(),
            workMinutes: z.number(),
            /** Sent back as they come: only the server needs to understand them. */
            edits: z.array(z.record(z.string(), z.any())),
        }),
    ),
})
export type Repair = z.infer<typeof repairSchema>

/** What is known of a step beside its verdict. */
export const knowledgeSchema = z.object({
    /** What is done together with it, at one's own pace; null: it is done by itself. */
    sitting: z
        .object({
            steps: z.array(z.string()),
            /** At a stretch, rests counted; null: something in it dries for too long. */
            minutes: z.number().nullable(),
            /** That an evening cuts it into; 1: it fits. */
            sections: z.number(),
            /** Minutes that one is usually at the bench for. */
            evening: z.number().nullable(),
            restMinutes: z.number(),
        })
        .nullable(),
    step: z.string(),
    /** Colours by zone and place before the step, after it, and at the end; difference of the first two. */
    seen: z.array(
        z.object({
            zone: z.string(),
            places: z.array(
                z.object({
                    place: z.string(),
                    before: z.string(),
                    after: z.string(),
                    atEnd: z.string(),
                    difference: z.number(),
                }),
            ),
        }),
    ),
    signs: z.array(z.string()),
    tools: z.array(z.string()),
    cautions: z.array(z.string()),
    alternatives: z.array(z.object({ code: z.string(), name: z.string() })),
    habits: z.array(
        z.object({
            code: z.string(),
            moment: z.enum(['before', 'while', 'after']),
            text: z.string(),
            otherwise: z.string(),
        }),
    ),
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
            soonest: z.number(),
        }),
    ),
    rounds: z
        .object({
            /** Speeds of one’s own, cm² a minute. */
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
    undo: z.object({
        usual: z.string(),
        open: z.boolean(),
        until: z.number().nullable(),
        ways: z.array(
            z.object({
                state: z.string(),
                from: z.number(),
                until: z.number().nullable(),
                open: z.boolean(),
                says: z.string(),
            }),
        ),
    }),
})
export type Knowledge = z.infer<typeof knowledgeSchema>

/** Mark and ground as they are laid and at the end; their differences as CIEDE2000. */
export const jarChoiceSchema = z.object({
    jar: z.string(),
    name: z.string(),
    family: z.string(),
    colour: z.string(),
    mark: z.tuple([z.string(), z.string()]),
    ground: z.tuple([z.string(), z.string()]),
    now: z.number(),
    atEnd: z.number(),
    effect: z.enum(['crisp', 'soft', 'tone', 'lost']),
    /** Sent back as they come: only the server needs to understand them. */
    edits: z.array(z.record(z.string(), z.any())),
})
export type JarChoice = z.infer<typeof jarChoiceSchema>

/** What a step would look like with other jars, the one of which most is left at the end first. */
export const jarChoicesSchema = z.object({
    version: z.number(),
    step: z.string(),
    zone: z.string(),
    place: z.string().nullable(),
    ground: z.string(),
    jars: z.array(jarChoiceSchema),
    /** How much of it is laid. */
    load: z.string(),
    /** From little to much; empty: the tool brings one amount only. */
    loads: z.array(z.object({ code: z.string(), label: z.string() })),
})
export type JarChoices = z.infer<typeof jarChoicesSchema>

/** Mixes for neighbouring panels, and the edits that put them in place of the step. */
export const panelMixesSchema = z.object({
    version: z.number(),
    mixes: z.array(
        z.object({
            mix: z.number(),
            name: z.string(),
            colour: z.string(),
            jars: z.array(z.string()),
            panels: z.array(z.object({ id: z.string(), name: z.string() })),
            parts: z.array(z.number()),
        }),
    ),
    toldApart: z.number(),
    alike: z.number(),
    least: z.number().nullable(),
    mostUsed: z.number(),
    isProved: z.boolean(),
    /** Sent back as they come: only the server needs to understand them. */
    edits: z.array(z.record(z.string(), z.any())),
    /** Ids of the jars that they are mixed of, the one that is varied first. */
    chosen: z.array(z.string()),
})
export type PanelMixes = z.infer<typeof panelMixesSchema>

/** What a scratch would uncover. */
export const scratchSchema = z.object({
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
    layers: z.array(z.object({ step: z.string(), broken: z.boolean(), protectedBy: z.number().nullable() })),
    warnings: z.array(z.string()),
    /** What is seen of the zone then, place by place. */
    places: z.array(z.object({ place: z.string(), colour: z.string() })),
})
export type Scratch = z.infer<typeof scratchSchema>

export const keptSchoolSchema = z.object({ id: z.number(), school: schoolChoiceSchema })
export type KeptSchool = z.infer<typeof keptSchoolSchema>

export const schoolsSchema = z.object({ schools: z.array(keptSchoolSchema) })
export type Schools = z.infer<typeof schoolsSchema>

/** Where a person is signed in, the last one first. */
export const accountSchema = z.object({
    sessions: z.array(z.object({ key: z.string(), device: z.string(), lastSeen: z.string(), isThis: z.boolean() })),
})
export type Account = z.infer<typeof accountSchema>

export const sessionSchema = z.object({
    user: z.object({ name: z.string(), email: z.string() }).nullable(),
    demo: z.boolean(),
})
export type Session = z.infer<typeof sessionSchema>

/** Minutes after applying. */
export const cleanUpWindowSchema = z.object({
    earliest: z.number(),
    bestUntil: z.number().nullable(),
    latest: z.number().nullable(),
    sign: z.string(),
})
export type CleanUpWindow = z.infer<typeof cleanUpWindowSchema>

export const techniqueSchema = z.object({
    code: z.string(),
    name: z.string(),
    kind: z.string(),
    stage: z.string(),
    families: z.array(z.string()),
    application: z.string(),
    coverage: z.string(),
    coats: z.number(),
    /** Lies thin or thick where it lies, as dust does. */
    hasAmount: z.boolean(),
    purpose: z.string(),
    /** What painters call it besides its name. */
    words: z.array(z.string()),
    cleanUp: cleanUpWindowSchema.nullable(),
    /** The part of the work that it belongs to; null: it goes with what comes before it. */
    part: z.string().nullable(),
})
export type Technique = z.infer<typeof techniqueSchema>

export const schoolSchema = z.object({
    code: z.string(),
    name: z.string(),
    creed: z.string(),
    answers: z.record(z.string(), z.string()),
    severities: z.record(z.string(), severitySchema.nullable()),
})
export type School = z.infer<typeof schoolSchema>

export const questionSchema = z.object({
    code: z.string(),
    text: z.string(),
    options: z.array(z.object({ code: z.string(), text: z.string() })),
})
export type Question = z.infer<typeof questionSchema>

/** A measure of a vehicle that may be chosen: millimetres, pieces, or an option (0 and 1). */
export const measureSchema = z.object({
    code: z.string(),
    label: z.string(),
    unit: z.enum(['mm', 'pieces', 'option']),
    least: z.number(),
    usual: z.number(),
    greatest: z.number(),
})
export type Measure = z.infer<typeof measureSchema>

export const vehicleKindSchema = z.object({ code: z.string(), label: z.string(), measures: z.array(measureSchema) })
export type VehicleKind = z.infer<typeof vehicleKindSchema>

/** What the core knows and every screen needs the words for. */
export const librarySchema = z.object({
    techniques: z.array(techniqueSchema),
    families: z.array(
        z.object({
            code: z.string(),
            label: z.string(),
            carrier: z.string().nullable(),
            /** Whether mixes are looked for among paints of it. */
            isMixed: z.boolean(),
        }),
    ),
    carriers: z.array(wordedSchema),
    substrates: z.array(wordedSchema),
    materials: z.array(wordedSchema),
    zoneKinds: z.array(z.object({ code: z.string(), label: z.string(), group: z.string() })),
    vehicleKinds: z.array(vehicleKindSchema),
    schools: z.array(schoolSchema),
    questions: z.array(questionSchema),
    rules: z.array(z.object({ code: z.string(), kind: z.string() })),
    terrains: z.array(wordedSchema),
    starterShelf: z.array(productSchema),
})
export type Library = z.infer<typeof librarySchema>

/** Everything the core knows, to be read. */
export const almanacSchema = z.object({
    techniques: z.array(
        z.object({
            code: z.string(),
            name: z.string(),
            stage: z.string(),
            kind: z.string(),
            purpose: z.string(),
            words: z.array(z.string()),
            families: z.array(z.string()),
            application: z.string(),
            coats: z.number(),
            leaves: z.string(),
            role: z.string(),
            sheens: z.array(z.string()),
            needs: z.string(),
            setUpMinutes: z.number(),
            applyMinutes: z.number(),
            cleanMinutes: z.number(),
            because: z.string(),
            window: cleanUpWindowSchema.nullable(),
            serviceMonths: z.number(),
            markMm: z.number().nullable(),
            signs: z.array(z.string()),
            tools: z.array(z.string()),
            undo: z.string(),
            cautions: z.array(z.string()),
            alternatives: z.array(z.string()),
        }),
    ),
    attack: z.array(
        z.object({ film: z.string(), label: z.string(), levels: z.record(z.string(), z.array(z.number())) }),
    ),
    air: airSchema,
    drying: z.array(
        z.object({
            name: z.string(),
            touchDry: z.array(z.number()),
            recoatable: z.array(z.number()),
            solventProof: z.array(z.number()).nullable(),
            /** What it has in place of a solvent-proof state. */
            instead: z.string().nullable(),
            /** What can be done to it, minutes from laying it; null: at any later time. */
            workable: z.array(
                z.object({
                    what: z.string(),
                    from: z.number(),
                    best: z.number().nullable(),
                    until: z.number().nullable(),
                }),
            ),
            reason: z.string(),
        }),
    ),
    rules: z.array(
        z.object({
            code: z.string(),
            title: z.string(),
            group: z.string(),
            kind: z.string(),
            why: z.string(),
            /** What it looks like where it happens; null: there is nothing to be seen. */
            look: z.object({ code: z.string(), says: z.string() }).nullable(),
        }),
    ),
    habits: z.array(
        z.object({
            code: z.string(),
            moment: z.string(),
            text: z.string(),
            otherwise: z.string(),
            kinds: z.array(z.string()),
        }),
    ),
    schools: z.array(schoolSchema),
    questions: z.array(questionSchema),
    sizes: z.array(
        z.object({ code: z.string(), what: z.string(), leastMm: z.number(), mostMm: z.number(), note: z.string() }),
    ),
    hazards: z.array(hazardSchema),
    defers: z.string(),
})
export type Almanac = z.infer<typeof almanacSchema>

/** A build on the bench. */
export const benchCardSchema = z.object({
    id: z.string(),
    /** Why its plan cannot be read here; null: it can. */
    unreadable: z.string().nullable(),
    name: z.string(),
    vehicle: z.string(),
    kind: z.string(),
    scale: z.number(),
    changedAt: momentSchema,
    summary: summarySchema,
    steps: z.number(),
    done: z.number(),
    next: z
        .object({
            id: z.string(),
            number: z.number(),
            technique: z.string(),
            product: z.string().nullable(),
            /** Before it is surely too early; null: nothing has to be waited for. */
            opensSoonest: momentSchema.nullable(),
            opensAt: momentSchema.nullable(),
            closesAt: momentSchema.nullable(),
            handsOn: z.number(),
            waitsFor: z.string().nullable(),
        })
        .nullable(),
    curing: z.array(
        z.object({ step: z.string(), number: z.number(), product: z.string().nullable(), cures: curesSchema }),
    ),
    palette: z.array(z.string()),
    form: vehicleFormSchema,
    /** What is seen on it now; null: its plan cannot be read. */
    finish: finishSchema.nullable(),
    /** The parts of the work, in their order. */
    stages: z.array(z.object({ part: z.string(), done: z.number(), steps: z.number() })),
})
export type BenchCard = z.infer<typeof benchCardSchema>

export const buildsSchema = z.object({ builds: z.array(benchCardSchema) })
export type Builds = z.infer<typeof buildsSchema>

/** A piece of work in its hours. */
export const itemSchema = z.object({
    build: z.string(),
    step: z.string(),
    number: z.number(),
    technique: z.string(),
    kind: z.string(),
    product: z.string().nullable(),
    /** The zones in few words. */
    where: z.string(),
    zones: z.array(z.string()),
    /** The gravest thing that is open of it; null: nothing but notes. */
    worst: z.enum(['stop', 'risk']).nullable(),
    colour: z.string().nullable(),
    /** A coat, the clean-up, a section; null: all of the step. */
    part: z.string().nullable(),
    /** The place of its sitting in the list of sittings. */
    sitting: z.number(),
    from: momentSchema,
    to: momentSchema,
    /** More than one where it is put down at the end of a session. */
    pieces: z.array(z.object({ from: momentSchema, to: momentSchema })),
    minutes: z.number(),
    sprays: z.boolean(),
    /** The step is done with it. */
    finishes: z.boolean(),
    reason: z.string(),
    opens: momentSchema.nullable(),
    closes: momentSchema.nullable(),
    dries: curesSchema.nullable(),
})
export type Item = z.infer<typeof itemSchema>

/** The session in which work goes on. */
export const nextSessionSchema = z.object({
    from: momentSchema,
    to: momentSchema,
    /** That the hands are busy. */
    minutes: z.number(),
    steps: z.array(z.object({ build: z.string(), step: z.string() })),
    hazards: z.array(hazardSchema),
})
export type NextSession = z.infer<typeof nextSessionSchema>

/** Pieces of work that are done together. */
export const sittingLaidSchema = z.object({
    build: z.string(),
    from: momentSchema,
    to: momentSchema,
    minutes: z.number(),
    bond: bondSchema,
    says: z.string().nullable(),
    reason: z.string(),
    /** Places in the list of items. */
    items: z.array(z.number()),
})
export type SittingLaid = z.infer<typeof sittingLaidSchema>

/** Work laid into a week. */
export const timetableSchema = z.object({
    ends: momentSchema.nullable(),
    setups: z.number(),
    sessionsUsed: z.number(),
    isOptimal: z.boolean(),
    /** No order can end before it. */
    bound: momentSchema.nullable(),
    stops: z.number(),
    risks: z.number(),
    builds: z.array(
        z.object({
            id: z.string(),
            name: z.string(),
            ends: momentSchema.nullable(),
            due: momentSchema.nullable(),
            /** Below 0: so much too late; null: no date to meet, or nothing left to do. */
            slackMinutes: z.number().nullable(),
            /** Steps that are held back by a stop. */
            held: z.number(),
            kind: z.string(),
            form: vehicleFormSchema,
            belongs: belongsSchema,
        }),
    ),
    sessions: z.array(z.object({ from: momentSchema, to: momentSchema, isUsed: z.boolean() })),
    items: z.array(itemSchema),
    /** What is done together, in the order in which it is begun; most pieces are alone. */
    sittings: z.array(sittingLaidSchema),
    /** Stops, and what is not laid because of them. */
    held: z.array(
        z.object({
            build: z.string(),
            step: z.string(),
            number: z.number(),
            says: z.string(),
            /** The numbers of the steps that wait for it. */
            steps: z.array(z.number()),
        }),
    ),
    conflicts: z.array(
        z.object({ message: z.string(), steps: z.array(z.object({ build: z.string(), step: z.string() })) }),
    ),
    /** What is to be done later, by wish. */
    putOff: z.array(z.object({ build: z.string(), step: z.string(), until: momentSchema })),
    now: momentSchema,
    timeZone: z.string(),
    unreadable: z.array(z.object({ id: z.string(), name: z.string(), message: z.string() })),
    /** By build id: version of the plan and length of the log that it was laid by. */
    stamps: z.record(z.string(), z.string()),
    /** Null: nothing is laid. */
    next: nextSessionSchema.nullable(),
})
export type Timetable = z.infer<typeof timetableSchema>

/** What would have to go so that a build is finished by its date. */
export const sheddingSchema = z.object({
    steps: z.array(z.object({ id: z.string(), number: z.number(), technique: z.string() })),
    ends: momentSchema,
    isEnough: z.boolean(),
    /** Whether there was no time to try everything. */
    isCutShort: z.boolean(),
})
export type Shedding = z.infer<typeof sheddingSchema>

/** How far a search for an earlier end has come. */
export const searchSchema = z.object({
    id: z.string(),
    state: z.enum(['waiting', 'running', 'done', 'stopped']),
    seconds: z.number(),
    spent: z.number(),
    found: z.number(),
    ends: momentSchema.nullable(),
})
export type Search = z.infer<typeof searchSchema>

/** When a modeller is at the bench: minutes of the day. */
export const weekSchema = z.object({
    timeZone: z.string(),
    sessions: z.record(z.string(), z.array(z.tuple([z.number(), z.number()]))),
    exceptions: z.record(z.string(), z.array(z.tuple([z.number(), z.number()]))),
    compressor: z.tuple([z.number(), z.number()]),
    daylight: z.tuple([z.number(), z.number()]),
    setup: z.number(),
    /** How long the hands take, as shares of the usual time. */
    pace: z.object({
        applying: z.number(),
        cleaning: z.number(),
        /** Shares beyond that, by technique: what one's own log has shown. */
        techniques: z.record(z.string(), z.number()),
    }),
})
export type Week = z.infer<typeof weekSchema>

export const weekSettingsSchema = z.object({ week: weekSchema, isSet: z.boolean(), feed: z.string().nullable() })
export type WeekSettings = z.infer<typeof weekSettingsSchema>

export const daySchema = z.object({ day: airSchema, night: airSchema })
export type Day = z.infer<typeof daySchema>

export const roomProfileSchema = z.object({
    seasons: z.object({ winter: daySchema, spring: daySchema, summer: daySchema, autumn: daySchema }),
    /** Minutes of the day between which the night’s air holds. */
    night: z.tuple([z.number(), z.number()]),
    /** Whether clock and bench count with the room; otherwise each plan’s own air counts. */
    counts: z.boolean(),
})
export type RoomProfile = z.infer<typeof roomProfileSchema>

export const roomSchema = z.object({
    /** As the thermometer at the bench measures it; null: there is none. */
    reading: z
        .object({ temperatureC: z.number(), humidityPercent: z.number(), at: z.string(), simulated: z.boolean() })
        .nullable(),
    season: z.enum(['winter', 'spring', 'summer', 'autumn']),
    /** False: the profile is what is usual, and nobody has said so of this room. */
    isKept: z.boolean(),
    profile: roomProfileSchema,
})
export type Room = z.infer<typeof roomSchema>

/** What a person owns, whichever build it is used for. */
export const jarsSchema = z.object({
    jars: z.array(productSchema),
    /** Ids of those that a mix is looked for among. */
    mixed: z.array(z.string()),
    /** Ids of those that can be poured into a cup. */
    poured: z.array(z.string()),
})
export type Jars = z.infer<typeof jarsSchema>

/** Where a new step of each technique goes. */
export const placingSchema = z.array(
    z.object({
        technique: z.string(),
        /** Where such work usually goes. */
        zones: z.array(z.string()),
        /** The step that it may be worked into. */
        into: z.string().nullable(),
    }),
)
export type Placing = z.infer<typeof placingSchema>

/** A flat face of a vehicle that may have a tint of its own; neighbours by their places in the list. */
export const plateSchema = z.object({
    code: z.string(),
    name: z.string(),
    zone: z.string(),
    areaM2: z.number(),
    neighbours: z.array(z.object({ plate: z.number(), metres: z.number() })),
})
export type Plate = z.infer<typeof plateSchema>

/** The largest first. */
export const platesSchema = z.array(plateSchema)
export type Plates = z.infer<typeof platesSchema>

/** What comes of a table of jars; map: by column the place of its heading. */
export const shelfTableSchema = z.object({
    headings: z.array(z.string()),
    map: z.record(z.string(), z.number()),
    columns: z.array(z.string()),
    jars: z.array(
        z.object({
            name: z.string(),
            colour: z.string().nullable(),
            family: z.string(),
            leftMl: z.number().nullable(),
            isKnown: z.boolean(),
        }),
    ),
    faults: z.array(z.object({ row: z.number(), column: z.string().nullable(), message: z.string() })),
    isTaken: z.boolean(),
})
export type ShelfTable = z.infer<typeof shelfTableSchema>

/** A jar of one’s own, and what is known of it beside the paint in it. */
export const standingSchema = z.object({
    jar: productSchema,
    leftMl: z.number().nullable(),
    price: z.number().nullable(),
    openedOn: z.string().nullable(),
    keepsMonths: z.number().nullable(),
    goesOffOn: z.string().nullable(),
    isOff: z.boolean(),
    note: z.string(),
    usedIn: z.array(z.string()),
    /** What its maker wants it thinned with; empty: nobody has said. */
    thinner: z.string(),
    /** The day on which it was thinned in its jar. */
    thinnedOn: z.string().nullable(),
    /** What the signs on its label warn of, by their codes. */
    signs: z.array(z.string()),
    /** No longer sold. */
    isWithdrawn: z.boolean(),
    /** Millilitres when it is full; null: nobody has said. */
    holdsMl: z.number().nullable(),
    /** What it is there for, as its owner has said; null: what is in it tells. */
    role: z.string().nullable(),
    /** What it is there for, said or told by what is in it. */
    isFor: z.string(),
})
export type Standing = z.infer<typeof standingSchema>

export const ownShelfSchema = z.object({ jars: z.array(standingSchema) })
export type OwnShelf = z.infer<typeof ownShelfSchema>

/** Millilitres, with what is lost on the way. */
export const takeSchema = z.object({
    build: z.string(),
    buildName: z.string(),
    step: z.string(),
    number: z.number(),
    technique: z.string(),
    jar: z.string(),
    jarMl: z.number(),
    thinner: z.string().nullable(),
    thinnerMl: z.number(),
    lostMl: z.number(),
})
export type Take = z.infer<typeof takeSchema>

/** A jar that plans take something from. */
export const supplySchema = z.object({
    jar: productSchema,
    /** Null: it is counted by the piece, and nobody measures it. */
    needMl: z.number().nullable(),
    leftMl: z.number().nullable(),
    price: z.number().nullable(),
    goesOffOn: z.string().nullable(),
    shortage: z.string(),
    builds: z.array(z.object({ build: z.string(), name: z.string(), ml: z.number() })),
    /** No longer sold. */
    isWithdrawn: z.boolean(),
})
export type Supply = z.infer<typeof supplySchema>

/** What a jar that holds a kept mix is made of. */
export const mixInJarSchema = z.object({
    jar: z.string(),
    parts: z.array(z.object({ name: z.string(), parts: z.number() })),
})
export type MixInJar = z.infer<typeof mixInJarSchema>

/** What the steps that are still to do take, in the order of work, and the jars that it comes from. */
export const suppliesSchema = z.object({
    takes: z.array(takeSchema),
    jars: z.array(supplySchema),
    /** What is in the jars that hold a kept mix. */
    mixes: z.array(mixInJarSchema),
})
export type Supplies = z.infer<typeof suppliesSchema>

/** How much of a file was taken: all of it. */
export const shelfTakenSchema = z.object({ jars: z.number(), mixes: z.number() })
export type ShelfTaken = z.infer<typeof shelfTakenSchema>

/** Difference as CIEDE2000 from the wanted colour, and in words. */
export const closestMixSchema = z.object({
    family: z.string(),
    parts: z.array(z.object({ jar: z.string(), parts: z.number() })),
    colour: z.string(),
    difference: z.number(),
    says: z.string(),
    /** Of paint before it is thinned, in its owner's money; null: not known. */
    perMl: z.number().nullable(),
    /** Of paint that can be made until the first jar is empty. */
    lastsMl: z.number().nullable(),
    /** Id of that jar. */
    scarcest: z.string().nullable(),
})
export type ClosestMix = z.infer<typeof closestMixSchema>

/** Mixes of one’s jars that come close to a colour, the best first. */
export const closestMixesSchema = z.object({
    wanted: z.string(),
    isReached: z.boolean(),
    /** The one jar more that would help most where it is not reached, and what comes of it. */
    missing: z.union([z.null(), z.object({ word: z.string(), colour: z.string(), difference: z.number() })]),
    answers: z.array(closestMixSchema),
})
export type ClosestMixes = z.infer<typeof closestMixesSchema>

/** What is in the cup: dry, and on a ground coat by coat; left: CIEDE2000 from its own colour. */
export const cupLookSchema = z.object({
    colour: z.string().nullable(),
    hides: z.number().nullable(),
    difference: z.number().nullable(),
    says: z.string().nullable(),
    nearer: z.array(
        z.object({
            adds: z.array(z.object({ jar: z.string(), parts: z.number() })),
            colour: z.string(),
            difference: z.number(),
        }),
    ),
    coats: z.array(z.object({ coats: z.number(), colour: z.string(), left: z.number() })),
    wet: z.string().nullable(),
    sheen: z.enum(['gloss', 'satin', 'matte']).nullable(),
    /** Of paint before it is thinned, in its owner's money; null: not known. */
    perMl: z.number().nullable(),
    /** Of paint that can be made until the first jar is empty. */
    lastsMl: z.number().nullable(),
    /** Id of that jar. */
    scarcest: z.string().nullable(),
    /** Thinned paint for the area that was asked for, loss included. */
    needMl: z.number().nullable(),
    /** A ready wash or filter of about this colour, and what a millilitre of it has cost. */
    bought: z.union([z.null(), z.object({ name: z.string(), perMl: z.number() })]),
    /** What speaks against it, in sentences. */
    warns: z.array(z.string()),
})
export type CupLook = z.infer<typeof cupLookSchema>

/** Lighter or darker tones of a cup by jar; from rung turnsAt on the hue turns. */
export const cupTonesSchema = z.object({
    ladders: z.array(
        z.object({
            jar: z.string(),
            name: z.string(),
            turnsAt: z.number().nullable(),
            rungs: z.array(
                z.object({
                    parts: z.number(),
                    to: z.number(),
                    colour: z.string(),
                    lighter: z.number(),
                    fades: z.number(),
                }),
            ),
        }),
    ),
})
export type CupTones = z.infer<typeof cupTonesSchema>

/** A jar in a cup as it was when it was poured; of: what it is mixed of, if it is a mix. */
export const mixPartSchema = z.object({
    jar: productSchema,
    parts: z.number(),
    of: z.array(z.object({ name: z.string(), parts: z.number() })),
})
export type MixPart = z.infer<typeof mixPartSchema>

/** A step that is done with a mix. */
export const mixUseSchema = z.object({
    build: z.string(),
    buildName: z.string(),
    step: z.string(),
    number: z.number(),
    technique: z.string(),
    zones: z.array(z.string()),
    isDone: z.boolean(),
})
export type MixUse = z.infer<typeof mixUseSchema>

/** What a mix was before it was changed. */
export const mixWasSchema = z.object({
    until: momentSchema,
    parts: z.array(mixPartSchema),
    share: z.number(),
    /** For one part of paint. */
    retarder: z.number(),
    /** Flow improver for one part of paint. */
    flow: z.number(),
    wanted: z.string().nullable(),
    colour: z.string().nullable(),
})
export type MixWas = z.infer<typeof mixWasSchema>

/** A photograph of one's own; its bytes are at /api/photos/ and its id. */
export const photoSchema = z.object({ id: z.string(), width: z.number(), height: z.number(), taken: momentSchema })
export type Photo = z.infer<typeof photoSchema>

/** A mix with its jars as they were when it was made. */
export const savedMixSchema = z.object({
    id: z.string(),
    name: z.string(),
    note: z.string(),
    made: momentSchema,
    parts: z.array(mixPartSchema),
    share: z.number(),
    wanted: z.string().nullable(),
    colour: z.string().nullable(),
    /** For one part of paint. */
    retarder: z.number(),
    /** Flow improver for one part of paint. */
    flow: z.number(),
    /** Id of the jar that it is filled into. */
    jar: z.string(),
    usedIn: z.array(mixUseSchema),
    history: z.array(mixWasSchema),
    photos: z.array(photoSchema),
})
export type SavedMix = z.infer<typeof savedMixSchema>

export const savedMixesSchema = z.object({ mixes: z.array(savedMixSchema) })
export type SavedMixes = z.infer<typeof savedMixesSchema>

/** A shape; lists of numbers are packed in base 64, the lowest byte first, places in halves of a millimetre. */
export const vehicleSchema = z.object({
    zones: z.array(z.string()),
    parts: z.array(z.object({ name: z.string(), assembly: z.string() })),
    points: z.string(),
    triangles: z.string(),
    zoneOf: z.string(),
    partOf: z.string(),
    smoothness: z.string(),
    /** Codes of the flat faces that are large enough for a tint of their own. */
    plates: z.array(z.string()),
    plateOf: z.string(),
    lines: z.array(z.object({ stroke: z.enum(['detail', 'slot', 'weld', 'fold']), points: z.string() })),
    rivets: z.string(),
})
export type Vehicle = z.infer<typeof vehicleSchema>

/** What is read of a table of mixes; rows as a spreadsheet counts them. */
export const recipeTableSchema = z.object({
    mixes: z.array(z.object({ name: z.string(), colour: z.string().nullable(), isKnown: z.boolean() })),
    faults: z.array(z.object({ row: z.number(), message: z.string() })),
    isTaken: z.boolean(),
})
export type RecipeTable = z.infer<typeof recipeTableSchema>

export const draftStepSchema = z.object({
    id: z.string(),
    technique: z.string(),
    stage: z.string(),
    product: z.string().nullable(),
    colour: z.string().nullable(),
    zones: z.array(z.string()),
    why: z.string(),
    minutes: z.number(),
    /** It is not in the plan as it stands. */
    isNew: z.boolean(),
    /** It stays as it is whatever is drafted. */
    isLocked: z.boolean(),
    /** Until when it can be undone without harm below; null: it leaves nothing to undo. */
    takenBack: z.enum(['always', 'soon', 'never']).nullable(),
})
export type DraftStep = z.infer<typeof draftStepSchema>

/** How much of a trace belongs on a zone, 0 to 1, and why. */
export const budgetSchema = z.object({
    trace: z.string(),
    amount: z.number(),
    reason: z.string(),
    isOverruled: z.boolean(),
})
export type Budget = z.infer<typeof budgetSchema>

/** A plan drafted from a story, why each step is there, and the edits that make it the plan. */
export const draftSchema = z.object({
    version: z.number(),
    steps: z.array(draftStepSchema),
    /** Minutes. */
    handsOn: z.number(),
    /** Minutes from the first step until the last is dry. */
    lasts: z.number(),
    stops: z.number(),
    risks: z.number(),
    notes: z.number(),
    purchases: z.array(z.object({ jar: productSchema, role: z.string() })),
    budgets: z.array(z.object({ zone: z.string(), traces: z.array(budgetSchema) })),
    contradictions: z.array(z.string()),
    /** What was wanted and is not in it, with the reason. */
    left: z.array(z.string()),
    /** How the hours at the bench stand to what was asked for; null: as asked. */
    effort: z.string().nullable(),
    /** Stops and risks that nothing mends, each cause once. */
    remains: z.array(z.string()),
    /** Another air that it is drafted for; null: the room does as it is. */
    room: z
        .object({
            /** What goes wrong in the room as it is planned, in sentences. */
            happens: z.string(),
            /** The air that the draft is for, in words. */
            plan: z.string(),
            /** That make it the air of the plan. */
            edits: z.array(z.record(z.string(), z.any())),
        })
        .nullable(),
    /** Sent back as they come: only the server needs to understand them. */
    edits: z.array(z.record(z.string(), z.any())),
    /** What is smelled beside water, the mildest first. */
    solvents: z.array(z.string()),
    /** When it would be finished, alone at the bench; null: not asked, or no hours for it. */
    inWeek: z.object({ ends: momentSchema, sessions: z.number() }).nullable(),
})
export type Draft = z.infer<typeof draftSchema>

/** A plan kept as a pattern of one's own. */
export const patternSchema = z.object({ id: z.string(), name: z.string() })
export type Pattern = z.infer<typeof patternSchema>

export const patternsSchema = z.object({ patterns: z.array(patternSchema) })
export type Patterns = z.infer<typeof patternsSchema>

/** What the same steps would come to on each of one's other builds. */
export const spreadSchema = z.object({
    builds: z.array(
        z.object({
            id: z.string(),
            name: z.string(),
            /** Empty: none of them has a zone there. */
            steps: z.array(
                z.object({
                    technique: z.string(),
                    /** By name. */
                    zones: z.array(z.string()),
                    /** Where it would stand. */
                    number: z.number(),
                }),
            ),
            /** More than there are. */
            stops: z.number(),
            /** More than there are. */
            risks: z.number(),
        }),
    ),
})
export type Spread = z.infer<typeof spreadSchema>

/** What is washed up after it; of several steps each is said once, in the order of the places. */
export const washUpSchema = z.array(z.object({ place: z.number(), says: z.string() }))
export type WashUp = z.infer<typeof washUpSchema>

/** A step as it is read at the bench, whole in itself. */
export const workCardSchema = z.object({
    build: z.string(),
    plannedAt: momentSchema.nullable(),
    step: z.string(),
    number: z.number(),
    of: z.number(),
    technique: z.string(),
    kind: z.string(),
    jar: productSchema.nullable(),
    zones: z.array(z.string()),
    /** The same by name. */
    where: z.array(z.string()),
    how: z.array(z.string()),
    take: z.object({ jarMl: z.number(), thinnerMl: z.number(), thinner: z.string().nullable() }).nullable(),
    cleanUp: z.array(z.object({ says: z.string(), afterMinutes: z.number() })),
    tools: z.array(z.string()),
    signs: z.array(z.string()),
    cautions: z.array(z.string()),
    habits: z.array(
        z.object({
            code: z.string(),
            moment: z.enum(['before', 'while', 'after']),
            text: z.string(),
            otherwise: z.string(),
        }),
    ),
    lookFirst: z.array(z.string()),
    hazards: z.array(hazardSchema),
    note: z.string(),
    handsOn: z.number(),
    opensAt: momentSchema.nullable(),
    closesAt: momentSchema.nullable(),
    waitsFor: z.string().nullable(),
    begunAt: momentSchema.nullable(),
    /** What becomes possible after it, and how it dries, in minutes from its last stroke. */
    after: z.object({
        windows: z.array(
            z.object({
                kind: z.string(),
                action: z.string(),
                opens: z.number(),
                bestUntil: z.number().nullable(),
                closes: z.number().nullable(),
                soonest: z.number(),
            }),
        ),
        cures: z
            .object({
                touchDry: z.number(),
                recoatable: z.number(),
                solventProof: z.number().nullable(),
                soonest: z.object({
                    touchDry: z.number(),
                    recoatable: z.number(),
                    solventProof: z.number().nullable(),
                }),
            })
            .nullable(),
        /** What is seen when it can be cleaned. */
        sign: z.string().nullable(),
        /** Minutes from the last stroke to its end, where nobody says otherwise. */
        cleanedAfter: z.number(),
    }),
    /** How often all of it was on; null: it is not done in rounds. */
    rounds: z.number().nullable(),
    /** From and to how many seconds after it was wetted it is worked; null: water does not soften it. */
    soakSeconds: z.tuple([z.number(), z.number()]).nullable(),
    /** When its last stroke was laid, if it waits to be cleaned. */
    laidAt: momentSchema.nullable(),
    /** When it has to be cleaned, in minutes from the last stroke. */
    cleaning: z.array(
        z.object({
            kind: z.string(),
            action: z.string(),
            opens: z.number(),
            bestUntil: z.number().nullable(),
            closes: z.number().nullable(),
            soonest: z.number(),
        }),
    ),
    washUp: washUpSchema,
    /** Before it is surely too early; null: nothing has to be waited for. */
    opensSoonest: momentSchema.nullable(),
})
export type WorkCard = z.infer<typeof workCardSchema>

/** What dries or stands open since a step was finished. */
export const workClockSchema = z.object({
    build: z.string(),
    step: z.string(),
    number: z.number(),
    name: z.string(),
    where: z.array(z.string()),
    doneAt: momentSchema,
    cures: curesSchema.nullable(),
    windows: z.array(
        z.object({
            kind: z.string(),
            action: z.string(),
            opensSoonest: momentSchema,
            opensAt: momentSchema,
            bestUntil: momentSchema.nullable(),
            closesAt: momentSchema.nullable(),
        }),
    ),
    /** What is seen when it can be cleaned. */
    sign: z.string().nullable(),
    zones: z.array(z.string()),
    washUp: washUpSchema,
})
export type WorkClock = z.infer<typeof workClockSchema>

/** The bench while one works at it: the next steps of all builds in the order of the clock, and what dries. */
export const workDeskSchema = z.object({
    now: momentSchema,
    timeZone: z.string(),
    builds: z.array(
        z.object({
            id: z.string(),
            name: z.string(),
            kind: z.string(),
            scale: z.number(),
            form: vehicleFormSchema,
            finish: finishSchema,
            done: z.number(),
            steps: z.number(),
        }),
    ),
    cards: z.array(workCardSchema),
    clocks: z.array(workClockSchema),
    /** What the jars of the cards are mixed from. */
    mixes: z.array(mixInJarSchema),
    /** Null: nothing is laid. */
    session: nextSessionSchema.nullable(),
})
export type WorkDesk = z.infer<typeof workDeskSchema>

/** What may go wrong, as it is seen. */
export const mishapsSchema = z.object({
    mishaps: z.array(
        z.object({
            code: z.string(),
            seen: z.string(),
            /** The look that it has in pictures; null: there is none of it. */
            look: z.string().nullable(),
        }),
    ),
})
export type Mishaps = z.infer<typeof mishapsSchema>

/** Ways out of a mishap, those that are open at this minute first. */
export const rescueSchema = z.object({
    version: z.number(),
    ways: z.array(
        z.object({
            kind: z.string(),
            says: z.string(),
            tool: z.string(),
            liquid: z.string().nullable(),
            contact: z.string().nullable(),
            /** Before then it would do harm; null: it is open. */
            opens: momentSchema.nullable(),
            /** Then it closes, or grows harder. */
            until: momentSchema.nullable(),
            /** What it may do to what lies below; null: nothing. */
            cost: z.string().nullable(),
            technique: z.string().nullable(),
            /** Sent back as they come: only the server needs to understand them. */
            edits: z.array(z.record(z.string(), z.any())),
        }),
    ),
})
export type Rescue = z.infer<typeof rescueSchema>

/** Photographs of the steps and zones of a build. */
export const buildPhotosSchema = z.object({
    photos: z.array(
        z.object({
            photo: z.string(),
            width: z.number(),
            height: z.number(),
            taken: momentSchema,
            /** Of a step as it was done, or of a zone as it ought to look. */
            of: z.enum(['step', 'zone']),
            /** Of the step or zone. */
            id: z.string(),
        }),
    ),
})
export type BuildPhotos = z.infer<typeof buildPhotosSchema>

/** What an archive has brought that was not there. */
export const takenInSchema = z.object({
    'new': z.object({
        builds: z.number(),
        jars: z.number(),
        mixes: z.number(),
        patterns: z.number(),
        schools: z.number(),
        photographs: z.number(),
    }),
})
export type TakenIn = z.infer<typeof takenInSchema>

/** One time that something of one's own was seen, against the tables. */
export const ownObservationSchema = z.object({
    key: z.string(),
    build: z.string(),
    step: z.string(),
    /** Minutes. */
    own: z.number(),
    /** The same by the tables. */
    usual: z.number(),
    counts: z.boolean(),
})
export type OwnObservation = z.infer<typeof ownObservationSchema>

/** All that was written down at the bench, the latest first. */
export const diarySchema = z.object({
    timeZone: z.string(),
    builds: z.array(
        z.object({
            id: z.string(),
            name: z.string(),
            steps: z.number(),
            done: z.number(),
            /** Of the steps whose begin and end are known. */
            plannedMinutes: z.number(),
            /** At the bench, of the same. */
            spentMinutes: z.number(),
            lastDone: z.object({ words: z.string(), at: momentSchema }).nullable(),
            next: z.array(z.string()),
            /** What was left out. */
            left: z.array(z.string()),
        }),
    ),
    entries: z.array(
        z.object({
            id: z.string(),
            kind: z.string(),
            at: momentSchema,
            step: z.string().nullable(),
            text: z.string(),
            air: airSchema.nullable(),
            build: z.string(),
            words: z.string(),
            zones: z.array(z.string()),
            /** No later entry corrects it. */
            stands: z.boolean(),
        }),
    ),
    paces: z.array(
        z.object({
            technique: z.string(),
            /** Own minutes by planned ones, drawn towards 1 where little is known. */
            ratio: z.number(),
            /** Eight in ten lie between low and high. */
            low: z.number(),
            high: z.number(),
            observations: z.array(ownObservationSchema),
            code: z.string(),
        }),
    ),
    dryings: z.array(
        z.object({
            jar: z.string(),
            name: z.string(),
            isCounted: z.boolean(),
            ratio: z.number(),
            low: z.number(),
            high: z.number(),
            observations: z.array(ownObservationSchema),
        }),
    ),
    /** How much paint the hands take, against the figures. */
    paint: z.object({
        /** Null: as by the figures. */
        counted: z.number().nullable(),
        ratio: z.number(),
        low: z.number(),
        high: z.number(),
        observations: z.array(
            z.object({
                key: z.string(),
                name: z.string(),
                at: momentSchema,
                /** ml. */
                own: z.number(),
                /** The same by the figures. */
                usual: z.number(),
                counts: z.boolean(),
            }),
        ),
    }),
})
export type Diary = z.infer<typeof diarySchema>

/** What came of a trial. */
export const trialResultSchema = z.object({
    entry: z.string(),
    at: momentSchema,
    text: z.string(),
    where: z.string(),
    rubs: z.number(),
    passed: z.boolean(),
    /** Each a liquid, how, and on which film. */
    tried: z.array(z.string()),
    air: airSchema.nullable(),
})
export type TrialResult = z.infer<typeof trialResultSchema>

/** A layer of a field. */
export const triedStepSchema = z.object({
    step: z.string(),
    technique: z.string(),
    jar: z.string().nullable(),
    colour: z.string().nullable(),
    coats: z.number(),
    /** Minutes since what lies below it was done; null: nothing does. */
    after: z.number().nullable(),
    doneAt: momentSchema.nullable(),
})
export type TriedStep = z.infer<typeof triedStepSchema>

/** Cards on which something is tried, and what was tried on models. */
export const trialsSchema = z.object({
    cards: z.array(
        z.object({
            id: z.string(),
            version: z.number(),
            name: z.string(),
            fields: z.array(
                z.object({
                    zone: z.string(),
                    name: z.string(),
                    layers: z.array(triedStepSchema),
                    tried: z
                        .object({
                            step: z.string(),
                            technique: z.string(),
                            jar: z.string().nullable(),
                            colour: z.string().nullable(),
                            coats: z.number(),
                            /** Minutes since what lies below it was done; null: nothing does. */
                            after: z.number().nullable(),
                            doneAt: momentSchema.nullable(),
                            liquids: z.array(z.string()),
                            films: z.array(z.object({ step: z.string(), says: z.string() })),
                        })
                        .nullable(),
                    results: z.array(trialResultSchema),
                }),
            ),
        }),
    ),
    others: z.array(
        z.object({
            build: z.string(),
            name: z.string(),
            words: z.string(),
            entry: z.string(),
            at: momentSchema,
            text: z.string(),
            where: z.string(),
            rubs: z.number(),
            passed: z.boolean(),
            /** Each a liquid, how, and on which film. */
            tried: z.array(z.string()),
            air: airSchema.nullable(),
        }),
    ),
})
export type Trials = z.infer<typeof trialsSchema>

/** What was made. */
export const startedSchema = z.object({ id: z.string() })
export type Started = z.infer<typeof startedSchema>

/** What a finish came to, to be kept with the model. */
export const finishCardSchema = z.object({
    name: z.string(),
    vehicle: z.string(),
    scale: z.number(),
    story: z.string(),
    begunAt: momentSchema.nullable(),
    /** Null: something is left to do. */
    doneAt: momentSchema.nullable(),
    spentMinutes: z.number(),
    plannedMinutes: z.number(),
    done: z.number(),
    steps: z.array(
        z.object({
            step: z.string(),
            number: z.number(),
            technique: z.string(),
            jar: z.string().nullable(),
            colour: z.string().nullable(),
            /** Empty: it is no mix. */
            recipe: z.string(),
            where: z.array(z.string()),
            coats: z.number(),
            doneAt: momentSchema.nullable(),
            told: z.array(z.string()),
        }),
    ),
    /** What was written down of no step that is in the plan. */
    told: z.array(z.string()),
    picture: z.object({ kind: z.string(), scale: z.number(), form: vehicleFormSchema, finish: finishSchema }),
})
export type FinishCard = z.infer<typeof finishCardSchema>

/** Photographs of all builds of a person. */
export const ownPhotosSchema = z.object({
    photos: z.array(
        z.object({
            id: z.string(),
            width: z.number(),
            height: z.number(),
            taken: momentSchema,
            build: z.string(),
            /** The build, and what of it is seen. */
            name: z.string(),
        }),
    ),
})
export type OwnPhotos = z.infer<typeof ownPhotosSchema>

/** What the areas of zones become with other measures of the vehicle. */
export const areasSchema = z.object({
    zones: z.array(
        z.object({
            name: z.string(),
            /** cm². */
            was: z.number(),
            /** cm². */
            is: z.number(),
        }),
    ),
    /** Sent back as they come. */
    edits: z.array(z.record(z.string(), z.any())),
})
export type Areas = z.infer<typeof areasSchema>

/** Colours of places of a zone. */
export const pieceColoursSchema = z.object({
    face: z.string(),
    recess: z.string(),
    edge: z.string(),
    lower: z.string(),
})
export type PieceColours = z.infer<typeof pieceColoursSchema>

/** Sizes in mm on the model; perCm2: so many on a square centimetre of it. */
export const pieceMarkSchema = z.object({
    kind: z.string(),
    effect: z.string(),
    step: z.number(),
    colour: z.string().nullable(),
    amount: z.number(),
    isSoft: z.boolean(),
    isWet: z.boolean(),
    places: z.array(z.string()),
    share: z.number().nullable(),
    perCm2: z.number().nullable(),
    leastMm: z.number().nullable(),
    usualMm: z.number().nullable(),
    mostMm: z.number().nullable(),
})
export type PieceMark = z.infer<typeof pieceMarkSchema>

/** What is seen of a zone at one moment. */
export const pieceShownSchema = z.object({
    kinds: z.array(z.string()),
    colours: pieceColoursSchema,
    gloss: z.number(),
    marks: z.array(pieceMarkSchema),
})
export type PieceShown = z.infer<typeof pieceShownSchema>

/** What a finding would look like on the model. */
export const faultLookSchema = z.string()
export type FaultLook = z.infer<typeof faultLookSchema>

/** A piece of a zone to be drawn from close. */
export const pieceSchema = z.object({
    zone: z.object({ id: z.string(), name: z.string(), kind: z.string() }),
    scale: z.number(),
    step: z.string().nullable(),
    number: z.number(),
    name: z.string(),
    kinds: z.array(z.string()),
    colours: pieceColoursSchema,
    gloss: z.number(),
    marks: z.array(pieceMarkSchema),
    before: pieceShownSchema,
    own: z.string().nullable(),
    under: z.string(),
    bare: z.string(),
    isSprayed: z.boolean(),
    beside: z.array(
        z.object({
            kind: z.string(),
            kinds: z.array(z.string()),
            colours: pieceColoursSchema,
            gloss: z.number(),
            marks: z.array(pieceMarkSchema),
        }),
    ),
    fault: z.object({ rule: z.string(), look: faultLookSchema }).nullable(),
    says: z.string(),
})
export type Piece = z.infer<typeof pieceSchema>
