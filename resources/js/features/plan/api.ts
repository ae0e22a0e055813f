import { keepPreviousData, queryOptions } from '@tanstack/react-query'
import { z } from 'zod'
import { getJson, send } from '@/app/http'
import {
    type JarChoices as AnsweredJarChoices,
    type PanelMixes as AnsweredPanelMixes,
    type Repair as AnsweredRepair,
    type Spread as AnsweredSpread,
    type Areas,
    areasSchema,
    type BuildFacts,
    type Draft,
    draftSchema,
    jarChoicesSchema,
    type Knowledge,
    keptSchoolSchema,
    knowledgeSchema,
    type Patterns,
    type Placing,
    panelMixesSchema,
    patternSchema,
    patternsSchema,
    placingSchema,
    repairSchema,
    type Schools,
    type Scratch,
    schoolsSchema,
    scratchSchema,
    spreadSchema,
} from '@/contract'
import type { OwnSchool } from '@/features/build'
import type { PlanEdit } from './state/edits'
import type { Remedy } from './state/usePlan'

export type { Knowledge, Placing, Scratch }
export type Repair = Omit<AnsweredRepair, 'actions'> & { actions: (AnsweredRepair['actions'][number] & Remedy)[] }
export type KeptSchool = Schools['schools'][number]

/** Where a new step of each technique most likely goes. */
export const placingQuery = (buildId: string, stamp: string, at: number) =>
    queryOptions({
        queryKey: ['build', buildId, 'placing', stamp, at],
        queryFn: ({ signal }) => getJson(`/builds/${buildId}/placing?at=${at}`, placingSchema, signal),
        staleTime: Number.POSITIVE_INFINITY,
    })

export const knowledgeQuery = (buildId: string, stamp: string, step: string) =>
    queryOptions({
        queryKey: ['build', buildId, 'knowledge', stamp, step],
        queryFn: ({ signal }) => getJson(`/builds/${buildId}/steps/${step}`, knowledgeSchema, signal),
        // After an edit, what was known of the step stays on screen until what is known now has come.
        placeholderData: (before, query) => (query?.queryKey[4] === step ? before : undefined),
        staleTime: Number.POSITIVE_INFINITY,
    })

/** Sent back as they come: only the server needs to understand the edits. */
export type JarChoice = Omit<AnsweredJarChoices['jars'][number], 'edits'> & { edits: PlanEdit[] }
export type JarChoices = Omit<AnsweredJarChoices, 'jars'> & { jars: JarChoice[] }
export type Brief = NonNullable<BuildFacts['brief']>
export type Drafted = Omit<Draft, 'edits' | 'room'> & {
    edits: PlanEdit[]
    room: (Omit<NonNullable<Draft['room']>, 'edits'> & { edits: PlanEdit[] }) | null
}
export type PanelMixes = Omit<AnsweredPanelMixes, 'edits'> & { edits: PlanEdit[] }

/** What the areas of the zones become with these measures; only the server needs to understand its edits. */
export const measureAnew = async (
    buildId: string,
    facts: Pick<BuildFacts, 'kind' | 'form'> & { scale: number },
): Promise<Omit<Areas, 'edits'> & { edits: PlanEdit[] }> =>
    (await send('POST', `/builds/${buildId}/areas`, areasSchema, facts)) as Areas & { edits: PlanEdit[] }

/** What the finish is to tell, and how long and where the vehicle has served. */
export type DraftWish = {
    brief: Brief
    serviceMonths: number | null
    terrain: string | null
    school: string | null
    /** The part of the work that is drafted anew, as the board names it; null: all of it. */
    part: string | null
    /** Zones that are drafted anew; none: all of them. */
    zones: readonly string[]
    /** Questions of the school that are answered otherwise, by code. */
    answers: Readonly<Record<string, string>>
    /** Nothing is drafted: the plan as it is, told as a draft. */
    asItStands: boolean
    /** Laid into one's week as well, which takes a moment. */
    inWeek: boolean
    /** Another build whose steps are taken over; null: they are drafted. */
    from: string | null
}

export const draftQuery = (buildId: string, stamp: string, wish: DraftWish) =>
    queryOptions({
        queryKey: ['build', buildId, 'draft', stamp, wish],
        queryFn: async ({ signal }) =>
            (await send('POST', `/builds/${buildId}/draft`, draftSchema, wish, signal)) as Drafted,
        placeholderData: keepPreviousData,
        staleTime: Number.POSITIVE_INFINITY,
        gcTime: 60_000,
        retry: false,
    })

/** What a step would look like with each of the jars that there are, on one of its zones. */
export const jarChoicesQuery = (buildId: string, stamp: string, step: string, zone: string, load: string | null) =>
    queryOptions({
        queryKey: ['build', buildId, 'jar-choices', stamp, step, zone, load],
        queryFn: async ({ signal }) =>
            (await getJson(
                `/builds/${buildId}/steps/${step}/jars?zone=${zone}${load === null ? '' : `&load=${load}`}`,
                jarChoicesSchema,
                signal,
            )) as JarChoices,
        placeholderData: (before, query) =>
            query?.queryKey[4] === step && query.queryKey[5] === zone ? before : undefined,
        staleTime: Number.POSITIVE_INFINITY,
    })

/** Mixes of some jars for the panels of a step, those that are locked as they are. */
export const panelMixesQuery = (
    buildId: string,
    stamp: string,
    step: string,
    /** The one that is varied first; empty: those that the server begins with. */
    jars: readonly string[],
    band: string,
    locked: Readonly<Record<string, number>>,
) =>
    queryOptions({
        queryKey: ['build', buildId, 'panel-mixes', stamp, step, jars, band, locked],
        queryFn: async ({ signal }) =>
            (await send(
                'POST',
                `/builds/${buildId}/steps/${step}/panel-mixes`,
                panelMixesSchema,
                { jars, band, locked },
                signal,
            )) as PanelMixes,
        placeholderData: (before) => before,
        retry: false,
        staleTime: Number.POSITIVE_INFINITY,
    })

export const scratchQuery = (buildId: string, stamp: string, zone: string, before: string) =>
    queryOptions({
        queryKey: ['build', buildId, 'scratch', stamp, zone, before],
        queryFn: ({ signal }) =>
            getJson(`/builds/${buildId}/zones/${zone}/scratch?before=${before}`, scratchSchema, signal),
        placeholderData: (shown, query) =>
            query?.queryKey[4] === zone && query.queryKey[5] === before ? shown : undefined,
        staleTime: Number.POSITIVE_INFINITY,
    })

export const repairQuery = (buildId: string, stamp: string) =>
    queryOptions({
        queryKey: ['build', buildId, 'repair', stamp],
        queryFn: async ({ signal }) => (await getJson(`/builds/${buildId}/repair`, repairSchema, signal)) as Repair,
        staleTime: Number.POSITIVE_INFINITY,
    })

export const ownSchoolsQuery = queryOptions({
    queryKey: ['schools'],
    queryFn: async ({ signal }): Promise<KeptSchool[]> => (await getJson('/schools', schoolsSchema, signal)).schools,
})

export const keepSchool = (school: OwnSchool) => send('POST', '/schools', keptSchoolSchema, school)

export const forgetSchool = (id: number) => send('DELETE', `/schools/${id}`, z.null())

export type Pattern = Patterns['patterns'][number]

export const patternsQuery = queryOptions({
    queryKey: ['patterns'],
    queryFn: async ({ signal }): Promise<Pattern[]> => (await getJson('/patterns', patternsSchema, signal)).patterns,
})

export const keepPattern = (buildId: string, name: string) =>
    send('POST', `/builds/${buildId}/pattern`, patternSchema, { name })

export const forgetPattern = (id: string) => send('DELETE', `/patterns/${id}`, z.null())

export type Spread = AnsweredSpread['builds'][number]

/** What some steps would come to on each of the other builds. */
export const spreadQuery = (buildId: string, stamp: string, steps: readonly string[]) =>
    queryOptions({
        queryKey: ['build', buildId, 'spread', stamp, steps],
        queryFn: async ({ signal }): Promise<Spread[]> =>
            (await send('POST', `/builds/${buildId}/spread/look`, spreadSchema, { steps }, signal)).builds,
        retry: false,
        gcTime: 0,
    })
