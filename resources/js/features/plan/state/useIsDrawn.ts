import { useEffect, useState } from 'react'
import { type PlanState, stampOf } from './usePlan'

/**
 * Whether the verdicts on this version are saved and on screen; what is only read beside them is asked for after that.
 */
export function useIsDrawn(state: Pick<PlanState, 'version' | 'log' | 'isSaved'>): boolean {
    const stamp = stampOf(state)
    const [drawn, setDrawn] = useState<string | null>(null)
    useEffect(() => {
        let task: ReturnType<typeof setTimeout> | undefined
        // A task asked for within a frame runs once that frame is drawn.
        const frame = requestAnimationFrame(() => {
            task = setTimeout(() => setDrawn(stamp))
        })
        return () => {
            cancelAnimationFrame(frame)
            clearTimeout(task)
        }
    }, [stamp])
    return state.isSaved && drawn === stamp
}
