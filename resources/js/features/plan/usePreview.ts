import { useCallback, useEffect, useRef, useState } from 'react'
import type { Plan, Verdict } from '@/features/build'
import type { PlanEdit } from './edits'
import { previewOf } from './usePlan'

/** The verdicts of a change that is still in the hand, from the server's core; the newest question wins. */
export function usePreview(buildId: string) {
    const [shown, setShown] = useState<{ plan: Plan; verdict: Verdict } | null>(null)
    const asking = useRef<AbortController | null>(null)

    const ask = useCallback(
        async (edits: PlanEdit[]) => {
            asking.current?.abort()
            const control = new AbortController()
            asking.current = control
            try {
                const answer = await previewOf(buildId, edits, control.signal)
                if (asking.current === control) setShown(answer)
            } catch {
                // The drag goes on without a preview; dropping it will tell what is wrong.
            }
        },
        [buildId],
    )

    const clear = useCallback(() => {
        asking.current?.abort()
        asking.current = null
        setShown(null)
    }, [])

    useEffect(() => clear, [clear])

    return { shown, ask, clear }
}
