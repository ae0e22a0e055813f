import { queryOptions, useSuspenseQuery } from '@tanstack/react-query'
import { getJson } from '@/app/http'
import { type Library, librarySchema, type SchoolChoice, type Technique } from '@/contract'

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
