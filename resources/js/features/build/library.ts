import { queryOptions, useSuspenseQuery } from '@tanstack/react-query'
import { z } from 'zod'
import { getJson } from '@/app/http'
import { productSchema } from './schema'

const worded = z.array(z.object({ code: z.string(), label: z.string() }))

const techniqueSchema = z.object({
    code: z.string(),
    name: z.string(),
    kind: z.string(),
    stage: z.string(),
    families: z.array(z.string()),
    application: z.string(),
    coverage: z.string(),
    coats: z.number(),
    purpose: z.string(),
    cleanUp: z
        .object({ earliest: z.number(), bestUntil: z.number().nullable(), latest: z.number().nullable(), sign: z.string() })
        .nullable(),
})
export type Technique = z.infer<typeof techniqueSchema>

const librarySchema = z.object({
    techniques: z.array(techniqueSchema),
    families: worded,
    carriers: worded,
    substrates: worded,
    materials: worded,
    zoneKinds: worded,
    vehicleKinds: worded,
    schools: z.array(z.object({ code: z.string(), name: z.string(), creed: z.string() })),
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

export function wordFor(words: readonly { code: string; label: string }[], code: string): string {
    return words.find((word) => word.code === code)?.label ?? code
}
