import { replaceEqualDeep } from '@tanstack/react-query'
import { useCallback, useEffect, useRef, useState } from 'react'
import type { BuildState, Plan, Verdict } from '@/features/build'
import type { PlanEdit } from './edits'
import { previewOf } from './usePlan'

/** The verdicts of a change that is still in the hand, from the server's core; the newest question wins. */
export function usePreview(saved: BuildState) {
    const [shown, setShown] = useState<{ plan: Plan; verdict: Verdict } | null>(null)
    const asking = useRef<AbortController | null>(null)

    const ask = useCallback(
        async (edits: PlanEdit[]) => {
            asking.current?.abort()
            const control = new AbortController()
            asking.current = control
            try {
                const answer = await previewOf(saved.id, edits, control.signal)
                // What it does not change stays the same objects, and is not drawn again.
                if (asking.current === control)
                    setShown((shown) => replaceEqualDeep(shown ?? { plan: saved.plan, verdict: saved.verdict }, answer))
            } catch {
                // The drag goes on without a preview; dropping it will tell what is wrong.
            }
        },
        [saved],
    )

    const clear = useCallback(() => {
        asking.current?.abort()
        asking.current = null
        setShown(null)
    }, [])

    useEffect(() => clear, [clear])

    return { shown, ask, clear }
}
