import { queryOptions, replaceEqualDeep, useQueryClient } from '@tanstack/react-query'
import { useCallback, useEffect, useRef, useState } from 'react'
import type { BuildState, Plan, Verdict } from '@/features/build'
import type { PlanEdit } from './edits'
import { previewOf } from './usePlan'

const previewQuery = ({ id, version }: BuildState, edits: PlanEdit[]) =>
    queryOptions({
        queryKey: ['build', id, 'preview', version, edits],
        queryFn: ({ signal }) => previewOf(id, edits, signal),
        // The same change of the same version comes to the same for ever, but is in the hand for seconds only.
        staleTime: Number.POSITIVE_INFINITY,
        gcTime: 30_000,
    })

/**
 * The verdicts of a change that is still in the hand, from the server's core; the newest question wins. While the hand
 * rests, the changes that it may turn to next are asked for, nearest first, so that their answer is mostly there already.
 */
export function usePreview(saved: BuildState) {
    const queries = useQueryClient()
    const [shown, setShown] = useState<{ plan: Plan; verdict: Verdict } | null>(null)
    // A new list for each question, so that whoever waited can tell that the hand has gone on.
    const hand = useRef<readonly PlanEdit[] | null>(null)

    const ask = useCallback(
        async (edits: PlanEdit[], next: readonly PlanEdit[][] = []) => {
            hand.current = edits
            try {
                const answer = await queries.fetchQuery(previewQuery(saved, edits))
                // What it does not change stays the same objects, and is not drawn again.
                if (hand.current === edits)
                    setShown((shown) => replaceEqualDeep(shown ?? { plan: saved.plan, verdict: saved.verdict }, answer))
            } catch {
                // The drag goes on without a preview; dropping it will tell what is wrong.
            }
            for (const guess of next) {
                // One at a time: the answer to where the hand goes next must not queue behind guesses.
                if (hand.current !== edits) return
                await queries.prefetchQuery(previewQuery(saved, guess))
            }
        },
        [queries, saved],
    )

    const clear = useCallback(() => {
        hand.current = null
        setShown(null)
    }, [])

    useEffect(() => clear, [clear])

    return { shown, ask, clear }
}
