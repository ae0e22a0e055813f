import { queryOptions, replaceEqualDeep, useQuery, useQueryClient } from '@tanstack/react-query'
import { useCallback, useEffect, useMemo, useRef, useState } from 'react'
import { z } from 'zod'
import { ApiError, getJson, send } from '@/app/http'
import { type BuildState, buildStateSchema, type Finding, planSchema, verdictSchema } from '@/features/build'
import type { PlanEdit } from './edits'
import { Trail } from './trail'

export const buildQuery = (id: string) =>
    queryOptions({
        queryKey: ['build', id],
        queryFn: ({ signal }) => getJson(`/builds/${id}`, buildStateSchema, signal),
        // What an answer has in common with what is on screen is found where it is saved.
        structuralSharing: false,
    })

/** A plan and what the core says of it. */
export type Outcome = Pick<BuildState, 'plan' | 'verdict'>

/** The plan as it is on screen; not saved yet where a change's outcome was known before the server has said so. */
export type PlanState = BuildState & { isSaved: boolean }

/** The verdicts that the server gave on a change of a version before it was made. */
export const previewQuery = (id: string, version: number, edits: PlanEdit[]) =>
    queryOptions({
        queryKey: ['build', id, 'preview', version, edits],
        queryFn: ({ signal }) =>
            send(
                'POST',
                `/builds/${id}/preview`,
                z.object({ plan: planSchema, verdict: verdictSchema }),
                { edits },
                signal,
            ),
        // The same change of the same version comes to the same for ever, but is in the hand for seconds only.
        staleTime: Number.POSITIVE_INFINITY,
        gcTime: 30_000,
    })

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
            (
                await getJson(
                    `/builds/${buildId}/remedies/${finding.key}`,
                    z.object({ remedies: z.array(remedySchema) }),
                    signal,
                )
            ).remedies,
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
 * left; what cannot be saved is kept and shown, never dropped silently. Where the server has told before what a change
 * comes to (it was dragged there, or undo leads back to it), that is shown without waiting for it once more.
 */
export function usePlan(id: string) {
    const queries = useQueryClient()
    const query = useQuery(buildQuery(id))
    const [unsaved, setUnsaved] = useState<Unsaved | null>(null)
    const [saving, setSaving] = useState(false)
    const underWay = useRef(0)
    const queue = useRef<Promise<unknown>>(Promise.resolve())
    const blocked = useRef<Unsaved | null>(null)
    const [ahead, setAhead] = useState<(Outcome & { version: number }) | null>(null)
    const shown = useRef(ahead)
    const trail = useRef(new Trail<Outcome>())
    /** Changes under way whose outcome only the server knows. */
    const unknown = useRef(0)

    const look = useCallback((next: typeof ahead) => {
        shown.current = next
        setAhead(next)
    }, [])

    const block = useCallback((next: Unsaved | null) => {
        blocked.current = next?.reason === 'refused' ? null : next
        setUnsaved(next)
    }, [])

    const sendNow = useCallback(
        async (change: Change, isKnown: boolean): Promise<boolean> => {
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
                // What it does not change stays the same objects, and is not drawn again.
                queries.setQueryData(buildQuery(id).queryKey, replaceEqualDeep({ ...state, ...shown.current }, saved))
                if (!isKnown) trail.current.leave(state, change.kind)
                trail.current.goesOnAt(saved.version)
                setUnsaved((shown) => (shown?.reason === 'refused' ? null : shown))
                return true
            } catch (error) {
                trail.current.forget()
                block(unsavedBecause(error, change))
                return false
            }
        },
        [id, queries, block],
    )

    /** What a change comes to, if that is known; the trail goes on there. */
    const foretell = useCallback(
        (change: Change): Outcome | null => {
            const saved = queries.getQueryData(buildQuery(id).queryKey)
            if (saved === undefined || blocked.current !== null || unknown.current > 0) return null
            if (underWay.current === 0) trail.current.isAt(saved.version)
            const outcome =
                change.kind !== 'edit'
                    ? trail.current.ahead(change.kind)
                    : underWay.current === 0
                      ? (queries.getQueryData(previewQuery(id, saved.version, change.edits).queryKey) ?? null)
                      : null
            if (outcome !== null) trail.current.leave(shown.current ?? saved, change.kind)
            return outcome === null ? null : replaceEqualDeep(shown.current ?? saved, outcome)
        },
        [id, queries],
    )

    const apply = useCallback(
        (change: Change): Promise<boolean> => {
            const outcome = foretell(change)
            underWay.current++
            if (outcome === null) unknown.current++
            else
                look({
                    ...outcome,
                    version: (queries.getQueryData(buildQuery(id).queryKey)?.version ?? 0) + underWay.current,
                })
            // Most changes are saved sooner than the eye would read "Saving"; drawing the word would only delay the answer.
            const slow = setTimeout(() => setSaving(true), SLOW)
            const turn = queue.current
                .then(() => sendNow(change, outcome !== null))
                .finally(() => {
                    clearTimeout(slow)
                    underWay.current--
                    if (outcome === null) unknown.current--
                    if (underWay.current > 0) return
                    setSaving(false)
                    look(null)
                })
            queue.current = turn
            return turn
        },
        [id, queries, sendNow, foretell, look],
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

    const saved = query.data
    const state = useMemo(
        () => (saved === undefined ? undefined : { ...saved, ...ahead, isSaved: ahead === null }),
        [saved, ahead],
    )

    return {
        query,
        state,
        edit,
        undo: () => apply({ kind: 'undo' }),
        redo: () => apply({ kind: 'redo' }),
        unsaved,
        sendAgain,
        giveUp,
        saving,
    }
}

/** What can be done to a plan, and what is not saved of it. */
export type PlanWork = Omit<ReturnType<typeof usePlan>, 'query' | 'state'>

function post(id: string, version: number, change: Change): Promise<BuildState> {
    return change.kind === 'edit'
        ? send('POST', `/builds/${id}/edits`, buildStateSchema, { version, edits: change.edits, label: change.label })
        : send('POST', `/builds/${id}/${change.kind}`, buildStateSchema, { version })
}

function unsavedBecause(error: unknown, change: Change): Unsaved {
    if (!(error instanceof ApiError))
        return {
            reason: 'refused',
            message: 'The answer of the server could not be read. Load the page again.',
            faults: [],
        }
    if (error.isOffline) return { reason: 'offline', changes: [change], message: error.message }
    const current = error.status === 409 ? buildStateSchema.safeParse(error.current) : undefined
    return current?.success === true
        ? { reason: 'outdated', change, current: current.data, message: error.message }
        : { reason: 'refused', message: error.message, faults: error.faults }
}
