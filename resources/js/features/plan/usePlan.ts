import { queryOptions, useQuery, useQueryClient } from '@tanstack/react-query'
import { useCallback, useEffect, useRef, useState } from 'react'
import { z } from 'zod'
import { ApiError, getJson, send } from '@/app/http'
import {
    type BuildState,
    buildStateSchema,
    type Finding,
    type Plan,
    planSchema,
    type Verdict,
    verdictSchema,
} from '@/features/build'
import type { PlanEdit } from './edits'

export const buildQuery = (id: string) =>
    queryOptions({ queryKey: ['build', id], queryFn: ({ signal }) => getJson(`/builds/${id}`, buildStateSchema, signal) })

export const remedySchema = z.object({
    label: z.string(),
    clears: z.number(),
    brings: z.number(),
    delayMinutes: z.number(),
    workMinutes: z.number(),
    // Sent back as they came: only the server needs to understand them.
    edits: z.array(z.custom<PlanEdit>((value) => typeof value === 'object' && value !== null && 'edit' in value)),
})
export type Remedy = z.infer<typeof remedySchema>

export const remediesQuery = (buildId: string, version: number, finding: Finding) =>
    queryOptions({
        queryKey: ['build', buildId, 'remedies', version, finding.key],
        queryFn: async ({ signal }) =>
            (await getJson(`/builds/${buildId}/remedies/${finding.key}`, z.object({ remedies: z.array(remedySchema) }), signal))
                .remedies,
        staleTime: Number.POSITIVE_INFINITY,
    })

export type Change = { kind: 'edit'; edits: PlanEdit[]; label?: string } | { kind: 'undo' } | { kind: 'redo' }

/** Milliseconds after which a change that is not saved yet is said to be under way. */
const SLOW = 250

/** A change that is not on the server, and why. It is kept until it is sent again or given up. */
export type Unsaved =
    | { reason: 'outdated'; change: Change; current: BuildState; message: string }
    | { reason: 'offline'; changes: Change[]; message: string }
    | { reason: 'refused'; message: string; faults: readonly { path: string; message: string }[] }

/**
 * A plan with its edits. Edits go to the server one after the other, each made on the version that the one before it
 * left; what cannot be saved is kept and shown, never dropped silently.
 */
export function usePlan(id: string) {
    const queries = useQueryClient()
    const query = useQuery(buildQuery(id))
    const [unsaved, setUnsaved] = useState<Unsaved | null>(null)
    const [saving, setSaving] = useState(false)
    const underWay = useRef(0)
    const queue = useRef<Promise<unknown>>(Promise.resolve())
    const blocked = useRef<Unsaved | null>(null)

    const block = useCallback((next: Unsaved | null) => {
        blocked.current = next?.reason === 'refused' ? null : next
        setUnsaved(next)
    }, [])

    const sendNow = useCallback(
        async (change: Change): Promise<boolean> => {
            const waiting = blocked.current
            if (waiting !== null) {
                // What comes after an unsaved change was made on top of it, so it waits behind it.
                if (waiting.reason === 'offline') block({ ...waiting, changes: [...waiting.changes, change] })
                return false
            }
            const state = queries.getQueryData(buildQuery(id).queryKey)
            if (state === undefined) return false
            // A key pressed once more than there is something to take back asks for nothing.
            if (change.kind !== 'edit' && state[change.kind] === null) return true
            try {
                const saved = await post(id, state.version, change)
                queries.setQueryData(buildQuery(id).queryKey, saved)
                setUnsaved((shown) => (shown?.reason === 'refused' ? null : shown))
                return true
            } catch (error) {
                block(unsavedBecause(error, change))
                return false
            }
        },
        [id, queries, block],
    )

    const apply = useCallback(
        (change: Change): Promise<boolean> => {
            underWay.current++
            // Most changes are saved sooner than the eye would read "Saving"; drawing the word would only delay the answer.
            const slow = setTimeout(() => setSaving(true), SLOW)
            const turn = queue.current
                .then(() => sendNow(change))
                .finally(() => {
                    clearTimeout(slow)
                    underWay.current--
                    if (underWay.current === 0) setSaving(false)
                })
            queue.current = turn
            return turn
        },
        [sendNow],
    )

    const edit = useCallback(
        (edits: PlanEdit[], label?: string) =>
            apply(label === undefined ? { kind: 'edit', edits } : { kind: 'edit', edits, label }),
        [apply],
    )

    const sendAgain = useCallback(async () => {
        const waiting = blocked.current
        if (waiting === null || waiting.reason === 'refused') return
        if (waiting.reason === 'outdated') queries.setQueryData(buildQuery(id).queryKey, waiting.current)
        block(null)
        for (const change of waiting.reason === 'outdated' ? [waiting.change] : waiting.changes) {
            await apply(change)
        }
    }, [id, queries, block, apply])

    const giveUp = useCallback(() => {
        const waiting = blocked.current
        if (waiting?.reason === 'outdated') queries.setQueryData(buildQuery(id).queryKey, waiting.current)
        block(null)
    }, [id, queries, block])

    useEffect(() => {
        const onOnline = () => void sendAgain()
        const onLeave = (event: BeforeUnloadEvent) => {
            if (blocked.current !== null) event.preventDefault()
        }
        window.addEventListener('online', onOnline)
        window.addEventListener('beforeunload', onLeave)
        return () => {
            window.removeEventListener('online', onOnline)
            window.removeEventListener('beforeunload', onLeave)
        }
    }, [sendAgain])

    return {
        query,
        edit,
        undo: () => apply({ kind: 'undo' }),
        redo: () => apply({ kind: 'redo' }),
        unsaved,
        sendAgain,
        giveUp,
        saving,
    }
}

function post(id: string, version: number, change: Change): Promise<BuildState> {
    return change.kind === 'edit'
        ? send('POST', `/builds/${id}/edits`, buildStateSchema, { version, edits: change.edits, label: change.label })
        : send('POST', `/builds/${id}/${change.kind}`, buildStateSchema, { version })
}

function unsavedBecause(error: unknown, change: Change): Unsaved {
    if (!(error instanceof ApiError))
        return { reason: 'refused', message: 'The answer of the server could not be read. Load the page again.', faults: [] }
    if (error.isOffline) return { reason: 'offline', changes: [change], message: error.message }
    const current = error.status === 409 ? buildStateSchema.safeParse(error.current) : undefined
    return current?.success === true
        ? { reason: 'outdated', change, current: current.data, message: error.message }
        : { reason: 'refused', message: error.message, faults: error.faults }
}

/** What the plan would come to with these edits; nothing is saved. */
export function previewOf(id: string, edits: PlanEdit[], signal: AbortSignal): Promise<{ plan: Plan; verdict: Verdict }> {
    return send('POST', `/builds/${id}/preview`, z.object({ plan: planSchema, verdict: verdictSchema }), { edits }, signal)
}
