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
import type { BuildState, Finding, LogEntry, Step } from '@/features/build'
import type { PlanEdit } from './edits'
import {
    begin,
    type Change,
    canForesee,
    type Event,
    type Failure,
    type Machine,
    reduce,
    shownIn,
    toAskAgain,
    toSend,
    type Unsaved,
    unconfirmed,
} from './machine'
import { rebased } from './rebase'

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

/** Milliseconds until what could not be sent is sent again: each time longer, up to half a minute. */
const AGAIN = [1_000, 2_000, 4_000, 8_000, 15_000, 30_000] as const

/** A machine that lives outside React: dispatching is immediate, whoever draws it is told. */
class Store {
    #machine: Machine
    #listeners = new Set<() => void>()

    constructor(saved: BuildState) {
        this.#machine = begin(saved)
    }

    get = (): Machine => this.#machine

    subscribe = (listener: () => void): (() => void) => {
        this.#listeners.add(listener)
        return () => this.#listeners.delete(listener)
    }

    dispatch(event: Event): void {
        const next = reduce(this.#machine, event)
        if (next === this.#machine) return
        this.#machine = next
        for (const listener of this.#listeners) listener()
    }
}

const NOTHING = { subscribe: () => () => undefined, get: () => null }

/**
 * A plan with its edits. Edits go to the server one after the other, each made on the version that the one before it
 * left; what cannot be saved is kept and shown, never dropped silently. The machine decides; this sends what it says.
 */
export function usePlan(id: string) {
    const queries = useQueryClient()
    const query = useQuery(buildQuery(id))
    const store = useRef<Store | null>(null)
    const [, begun] = useState(false)
    const results = useRef(new Map<number, (isSaved: boolean) => void>())
    const count = useRef(0)
    // Steps as they were shown when a change of them was asked for.
    const bases = useRef(new WeakMap<Change, ReadonlyMap<string, Step>>())

    const loaded = query.data
    if (store.current === null && loaded !== undefined) store.current = new Store(loaded)
    useEffect(() => {
        if (loaded === undefined) return
        if (store.current === null) store.current = new Store(loaded)
        else if (loaded !== store.current.get().saved) store.current.dispatch({ type: 'loaded', state: loaded })
        begun(true)
    }, [loaded])
    const { subscribe, get } = store.current ?? NOTHING
    const machine = useSyncExternalStore<Machine | null>(subscribe, get)

    const settle = useCallback(() => {
        const waiting = new Set(store.current?.get().waiting.map((one) => one.id))
        for (const [change, resolve] of results.current) {
            if (waiting.has(change)) continue
            results.current.delete(change)
            resolve(store.current?.get().unsaved === null)
        }
    }, [])

    const work = useCallback(async () => {
        const machines = store.current
        if (machines === null) return
        for (let next = toSend(machines.get()); next !== null; next = toSend(machines.get())) {
            machines.dispatch({ type: 'sent' })
            try {
                const { change } = next
                const base = bases.current.get(change)
                const state = await post(
                    id,
                    next.version,
                    change.kind === 'edit' && base !== undefined
                        ? { ...change, edits: rebased(change.edits, base, machines.get().saved.plan) }
                        : change,
                )
                machines.dispatch({ type: 'answered', state })
                queries.setQueryData(buildQuery(id).queryKey, machines.get().saved)
            } catch (error) {
                machines.dispatch({ type: 'failed', failure: failureOf(error) })
            }
            settle()
        }
        settle()
    }, [id, queries, settle])

    const apply = useCallback(
        (change: Change): Promise<boolean> => {
            const machines = store.current
            if (machines === null) return Promise.resolve(false)
            const { saved } = machines.get()
            const foreseen =
                change.kind === 'edit' && canForesee(machines.get())
                    ? queries.getQueryData(previewQuery(id, stampOf(saved), change.edits).queryKey)
                    : undefined
            const own = ++count.current
            const { plan } = shownIn(machines.get())
            bases.current.set(change, new Map(plan.steps.map((step) => [step.id, step])))
            return new Promise((resolve) => {
                results.current.set(own, resolve)
                machines.dispatch({ type: 'asked', id: own, change, foreseen: foreseen ?? null })
                void work()
            })
        },
        [id, queries, work],
    )

    const edit = useCallback(
        (edits: PlanEdit[], label?: string) =>
            apply(label === undefined ? { kind: 'edit', edits } : { kind: 'edit', edits, label }),
        [apply],
    )

    // What was not confirmed before a reload is asked for again, once the plan is there.
    const isRestored = useRef(false)
    useEffect(() => {
        const machines = store.current
        if (loaded === undefined || machines === null || isRestored.current) return
        isRestored.current = true
        const kept = keptChanges(id)
        if (kept === null) return
        if (kept.version === loaded.version) for (const change of kept.changes) void apply(change)
        else
            machines.dispatch({
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

    const sendAgain = useCallback(async () => {
        const machines = store.current
        if (machines === null || machines.get().unsaved === null) return
        const changes = toAskAgain(machines.get())
        machines.dispatch({ type: 'tookUp' })
        await Promise.all(changes.map(apply))
    }, [apply])

    const giveUp = useCallback(() => {
        const machines = store.current
        if (machines === null) return
        machines.dispatch({ type: 'gaveUp' })
        queries.setQueryData(buildQuery(id).queryKey, machines.get().saved)
    }, [id, queries])

    useEffect(() => {
        const onOnline = () => void sendAgain()
        window.addEventListener('online', onOnline)
        return () => window.removeEventListener('online', onOnline)
    }, [sendAgain])
    const tries = useRef(0)
    const isOffline = machine?.unsaved?.reason === 'offline'
    const isQuiet = machine !== null && machine.unsaved === null && machine.waiting.length === 0
    useEffect(() => {
        if (isQuiet) tries.current = 0
        if (!isOffline) return
        const pause = AGAIN[Math.min(tries.current, AGAIN.length - 1)]
        tries.current += 1
        const timer = setTimeout(() => void sendAgain(), pause)
        return () => clearTimeout(timer)
    }, [isOffline, isQuiet, sendAgain])

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
