import { queryOptions, useSuspenseQuery } from '@tanstack/react-query'
import { z } from 'zod'
import { getJson } from '@/app/http'
import { SEVERITIES } from '@/design/Severity'
import { productSchema, type SchoolChoice } from './schema'

const worded = z.array(z.object({ code: z.string(), label: z.string() }))

const techniqueSchema = z.object({
    code: z.string(),
    name: z.string(),
    kind: z.string(),
    stage: z.string(),
    families: z.array(z.string()),
    /** Id of the product of the starter shelf that one begins with. */
    usual: z.string().nullable(),
    application: z.string(),
    coverage: z.string(),
    coats: z.number(),
    purpose: z.string(),
    cleanUp: z
        .object({
            earliest: z.number(),
            bestUntil: z.number().nullable(),
            latest: z.number().nullable(),
            sign: z.string(),
        })
        .nullable(),
})
export type Technique = z.infer<typeof techniqueSchema>

const schoolSchema = z.object({
    code: z.string(),
    name: z.string(),
    creed: z.string(),
    answers: z.record(z.string(), z.string()),
    severities: z.record(z.string(), z.enum(SEVERITIES).nullable()),
})

const librarySchema = z.object({
    techniques: z.array(techniqueSchema),
    families: z.array(z.object({ code: z.string(), label: z.string(), carrier: z.string().nullable() })),
    carriers: worded,
    substrates: worded,
    materials: worded,
    zoneKinds: z.array(z.object({ code: z.string(), label: z.string(), group: z.string() })),
    terrains: worded,
    vehicleKinds: worded,
    schools: z.array(schoolSchema),
    questions: z.array(
        z.object({
            code: z.string(),
            text: z.string(),
            options: z.array(z.object({ code: z.string(), text: z.string() })),
        }),
    ),
    starterShelf: z.array(productSchema),
})
export type Library = z.infer<typeof librarySchema>

/** Techniques, materials and their words: what the core knows, the same for every build. */
export const libraryQuery = queryOptions({
    queryKey: ['library'],
    queryFn: ({ signal }) => getJson('/library', librarySchema, signal),
    staleTime: Number.POSITIVE_INFINITY,
})

/** For components below a boundary that has loaded it. */
export function useLibrary(): Library {
    return useSuspenseQuery(libraryQuery).data
}

export function techniqueOf(library: Library, code: string): Technique {
    const technique = library.techniques.find((one) => one.code === code)
    if (technique === undefined) {
        throw new Error(`The library has no technique “${code}”. Load the page again.`)
    }
    return technique
}

/** The school of the library that a plan follows, or that its own school was copied from. */
export function schoolOf(library: Library, choice: SchoolChoice): Library['schools'][number] | undefined {
    const code = typeof choice === 'string' ? choice : choice.from
    return library.schools.find((school) => school.code === code)
}

export function wordFor(words: readonly { code: string; label: string }[], code: string): string {
    return words.find((word) => word.code === code)?.label ?? code
}
