import { queryOptions } from '@tanstack/react-query'
import { getJson } from '@/app/http'
import { type BuildFacts, type Finish, platesSchema, vehicleSchema } from '@/contract'

/** The vehicle of a build: of which kind, and of which measures; null: as usual. */
export type Chosen = Pick<BuildFacts, 'kind' | 'form'>

/** Under which name a shape is drawn: the same for all builds of the same vehicle. */
export function shapeName({ kind, form }: Chosen): string {
    const measures = new URLSearchParams()
    for (const [code, value] of Object.entries(form ?? {}).sort()) measures.set(`form[${code}]`, String(value))
    return measures.size === 0 ? kind : `${kind}?${measures}`
}

export const vehicleQuery = (chosen: Chosen) =>
    queryOptions({
        queryKey: ['vehicle', shapeName(chosen)],
        queryFn: ({ signal }) => getJson(`/vehicles/${shapeName(chosen)}`, vehicleSchema, signal),
        // A shape changes with the program only.
        staleTime: Number.POSITIVE_INFINITY,
    })

/** The flat faces that may have a tint of their own. Asked for when somebody wants them: measuring takes seconds. */
export const platesQuery = (chosen: Chosen) =>
    queryOptions({
        queryKey: ['plates', shapeName(chosen)],
        queryFn: ({ signal }) => {
            const [kind, measures] = shapeName(chosen).split('?')
            return getJson(
                `/vehicles/${kind}/plates${measures === undefined ? '' : `?${measures}`}`,
                platesSchema,
                signal,
            )
        },
        staleTime: Number.POSITIVE_INFINITY,
    })

/** Words under which a finish is known: the same words, the same picture. */
export function finishKey(finish: Finish): string {
    return String(hash(JSON.stringify([finish.belongs, finish.panels, finish.marks])))
}

/** What chance decides is the same each time that a build of this name is drawn. */
export const seedOf = (name: string): number => hash(name) % 997

/** The number that is painted on where the plan has markings. */
export const numberOf = (name: string): string => String(11 + (hash(name) % 88))

/** Words as a number: the same for the same words. */
export function hash(text: string): number {
    let sum = 5381
    for (let at = 0; at < text.length; at++) sum = (33 * sum + text.charCodeAt(at)) % 4_294_967_291
    return sum
}
