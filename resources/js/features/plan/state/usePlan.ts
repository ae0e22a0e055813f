import { queryOptions, useQuery, useQueryClient } from '@tanstack/react-query'
import { useCallback, useEffect, useMemo, useRef, useState, useSyncExternalStore } from 'react'
import { ApiError, getJson, send } from '@/app/http'
import { keepHere, readKept } from '@/app/kept'
import {
    type Remedy as AnsweredRemedy,
    buildStateSchema,
    type Outcome,
    outcomeSchema,
    remediesSchema,
} from '@/contract'
import type { BuildState, Finding, LogEntry } from '@/features/build'
import type { PlanEdit } from './edits'
import {
    type Change,
    canForesee,
    type Failure,
    type Machine,
    pauseOf,
    shownIn,
    type Unsaved,
    unconfirmed,
} from './machine'
import { PlanStore } from './store'

export type { Change, Outcome, Unsaved }

export const buildQuery = (id: string) =>
    queryOptions({
        queryKey: ['build', id],
        queryFn: ({ signal }) => getJson(`/builds/${id}`, buildStateSchema, signal),
        // What an answer has in common with what is on screen is found where it is saved.
        structuralSharing: false,
    })

/** The plan as it is on screen; not saved yet where a change's outcome was known before the server has said so. */
export type PlanState = BuildState & { isSaved: boolean }

/** Says which plan and which log an answer was given on, so that it is not taken for one on others. */
export const stampOf = (state: Pick<BuildState, 'version' | 'log'>): string => `${state.version}.${state.log.length}`

/** The verdicts that the server gave on a change of a version before it was made. */
export const previewQuery = (id: string, stamp: string, edits: PlanEdit[]) =>
    queryOptions({
        queryKey: ['build', id, 'preview', stamp, edits],
        queryFn: ({ signal }) => send('POST', `/builds/${id}/preview`, outcomeSchema, { edits }, signal),
        // The same change of the same version comes to the same for ever, but is in the hand for seconds only.
        staleTime: Number.POSITIVE_INFINITY,
        gcTime: 30_000,
    })

/** Sent back as it came: only the server needs to understand its edits. */
export type Remedy = Omit<AnsweredRemedy, 'edits'> & { edits: PlanEdit[] }

export const remediesQuery = (buildId: string, stamp: string, finding: Finding) =>
    queryOptions({
        queryKey: ['build', buildId, 'remedies', stamp, finding.key],
        queryFn: async ({ signal }) =>
            (await getJson(`/builds/${buildId}/remedies/${finding.key}`, remediesSchema, signal)).remedies as Remedy[],
        staleTime: Number.POSITIVE_INFINITY,
    })

/** Milliseconds after which a change that is not saved yet is said to be under way. */
const SLOW = 500

const NOTHING = { subscribe: () => () => undefined, get: () => null }

/**
 * A plan with its edits. Edits go to the server one after the other, each made on the version that the one before it
 * left; what cannot be saved is kept and shown, never dropped silently. The machine decides; this sends what it says.
 */
export function usePlan(id: string) {
    const queries = useQueryClient()
    const query = useQuery(buildQuery(id))
    const store = useRef<PlanStore | null>(null)
    const [, begun] = useState(false)
    const loaded = query.data
    if (store.current === null && loaded !== undefined) {
        store.current = new PlanStore(
            loaded,
            (version, change) => post(id, version, change).catch(failureOf),
            (saved) => queries.setQueryData(buildQuery(id).queryKey, saved),
        )
    }
    useEffect(() => {
        if (loaded === undefined || store.current === null) return
        if (loaded !== store.current.get().saved) store.current.dispatch({ type: 'loaded', state: loaded })
        begun(true)
    }, [loaded])
    const { subscribe, get } = store.current ?? NOTHING
    const machine = useSyncExternalStore<Machine | null>(subscribe, get)

    const apply = useCallback(
        (change: Change): Promise<boolean> => {
            const plan = store.current
            if (plan === null) return Promise.resolve(false)
            const foreseen =
                change.kind === 'edit' && canForesee(plan.get())
                    ? queries.getQueryData(previewQuery(id, stampOf(plan.get().saved), change.edits).queryKey)
                    : undefined
            return plan.ask(change, foreseen)
        },
        [id, queries],
    )

    const edit = useCallback(
        (edits: PlanEdit[], label?: string) =>
            apply(label === undefined ? { kind: 'edit', edits } : { kind: 'edit', edits, label }),
        [apply],
    )

    // What was not confirmed before a reload is asked for again, once the plan is there.
    const isRestored = useRef(false)
    useEffect(() => {
        if (loaded === undefined || store.current === null || isRestored.current) return
        isRestored.current = true
        const kept = keptChanges(id)
        if (kept === null) return
        if (kept.version === loaded.version) for (const change of kept.changes) void apply(change)
        else
            store.current.dispatch({
                type: 'restored',
                changes: kept.changes,
                message: 'Before this page was loaded again you had made a change, and the plan has changed since.',
            })
    }, [id, loaded, apply])
    useEffect(() => {
        if (machine === null || !isRestored.current) return
        const changes = unconfirmed(machine)
        keepHere(keyOf(id), changes.length === 0 ? null : { version: machine.saved.version, changes })
    }, [id, machine])

    const sendAgain = useCallback(async () => store.current?.askAgain(), [])
    const giveUp = useCallback(() => store.current?.giveUp(), [])
    useEffect(() => {
        const onOnline = () => void sendAgain()
        window.addEventListener('online', onOnline)
        return () => window.removeEventListener('online', onOnline)
    }, [sendAgain])
    const pause = machine === null ? null : pauseOf(machine)
    const tries = machine?.tries
    useEffect(() => {
        if (pause === null || tries === undefined) return
        const timer = setTimeout(() => void sendAgain(), pause)
        return () => clearTimeout(timer)
    }, [pause, tries, sendAgain])

    const state = useMemo(() => (machine === null ? undefined : shownIn(machine)), [machine])
    return {
        query,
        state,
        edit,
        log: useCallback((entries: LogEntry[]) => apply({ kind: 'log', entries }), [apply]),
        undo: () => apply({ kind: 'undo' }),
        redo: () => apply({ kind: 'redo' }),
        unsaved: machine?.unsaved ?? null,
        sendAgain,
        giveUp,
        saving: useIsSlow(machine?.isSending ?? false),
    }
}

const keyOf = (id: string) => `changes.${id}`

/** What this browser kept of changes that were not confirmed; the server checks them like any other. */
function keptChanges(id: string): { version: number; changes: Change[] } | null {
    const kept = readKept(keyOf(id))
    return kept !== null &&
        typeof kept === 'object' &&
        'version' in kept &&
        typeof kept.version === 'number' &&
        'changes' in kept &&
        Array.isArray(kept.changes)
        ? { version: kept.version, changes: kept.changes as Change[] }
        : null
}

/** What can be done to a plan, and what is not saved of it. */
export type PlanWork = Omit<ReturnType<typeof usePlan>, 'query' | 'state'>

/**
 * Whether something goes on for longer than the eye would read a word for it: drawing the word for everything that is
 * over sooner would only delay the answer.
 */
function useIsSlow(goesOn: boolean): boolean {
    const [isSlow, setIsSlow] = useState(false)
    useEffect(() => {
        if (!goesOn) {
            setIsSlow(false)
            return
        }
        const timer = setTimeout(() => setIsSlow(true), SLOW)
        return () => clearTimeout(timer)
    }, [goesOn])
    return isSlow
}

function post(id: string, version: number, change: Change): Promise<BuildState> {
    switch (change.kind) {
        case 'edit':
            return send('POST', `/builds/${id}/edits`, buildStateSchema, {
                version,
                edits: change.edits,
                label: change.label,
            })
        case 'log':
            return send('POST', `/builds/${id}/log`, buildStateSchema, { entries: change.entries })
        case 'undo':
        case 'redo':
            return send('POST', `/builds/${id}/${change.kind}`, buildStateSchema, { version })
    }
}

function failureOf(error: unknown): Failure {
    if (!(error instanceof ApiError))
        return {
            reason: 'refused',
            message: 'The answer of the server could not be read. Load the page again.',
            faults: [],
        }
    if (error.isOffline) return { reason: 'offline', message: error.message }
    const current = error.status === 409 ? buildStateSchema.safeParse(error.current) : undefined
    return current?.success === true
        ? { reason: 'outdated', current: current.data, message: error.message }
        : { reason: 'refused', message: error.message, faults: error.faults }
}
