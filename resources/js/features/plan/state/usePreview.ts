import { replaceEqualDeep, useQueryClient } from '@tanstack/react-query'
import { useCallback, useEffect, useRef, useState } from 'react'
import type { PlanEdit } from './edits'
import { type Outcome, type PlanState, previewQuery, stampOf } from './usePlan'

/**
 * The verdicts of a change that is still in the hand, from the server's core; the newest question wins. While the hand
 * rests, the changes that it may turn to next are asked for, nearest first, so that their answer is mostly there
 * already.
 */
export function usePreview(state: PlanState) {
    const queries = useQueryClient()
    const [shown, setShown] = useState<Outcome | null>(null)
    // A new list for each question, so that whoever waited can tell that the hand has gone on.
    const hand = useRef<object | null>(null)

    /** Asks for changes that may come next; nothing is shown of them. */
    const foresee = useCallback(
        async (changes: readonly PlanEdit[][], of: object = changes) => {
            if (!state.isSaved) return
            hand.current = of
            for (const edits of changes) {
                // One at a time: the answer to where the hand goes next must not queue behind guesses.
                if (hand.current !== of) return
                await queries.prefetchQuery(previewQuery(state.id, stampOf(state), edits))
            }
        },
        [queries, state],
    )

    const ask = useCallback(
        async (edits: PlanEdit[], next: readonly PlanEdit[][] = []) => {
            // Until the change before is saved, the server would judge this one without it.
            if (!state.isSaved) return
            hand.current = edits
            try {
                const answer = await queries.fetchQuery(previewQuery(state.id, stampOf(state), edits))
                // What it does not change stays the same objects, and is not drawn again.
                if (hand.current === edits)
                    setShown((shown) => replaceEqualDeep(shown ?? { plan: state.plan, verdict: state.verdict }, answer))
            } catch {
                // The drag goes on without a preview; dropping it will tell what is wrong.
            }
            if (hand.current === edits) await foresee(next, edits)
        },
        [queries, state, foresee],
    )

    const clear = useCallback(() => {
        hand.current = null
        setShown(null)
    }, [])

    useEffect(() => clear, [clear])

    return { shown, ask, foresee, clear }
}
