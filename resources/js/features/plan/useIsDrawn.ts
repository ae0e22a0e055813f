import { useEffect, useState } from 'react'
import type { PlanState } from './usePlan'

/** Whether the verdicts on this version are saved and on screen; what is only read beside them is asked for after that. */
export function useIsDrawn({ version, isSaved }: Pick<PlanState, 'version' | 'isSaved'>): boolean {
    const [drawn, setDrawn] = useState<number | null>(null)
    useEffect(() => {
        let task: ReturnType<typeof setTimeout> | undefined
        // A task asked for within a frame runs once that frame is drawn.
        const frame = requestAnimationFrame(() => {
            task = setTimeout(() => setDrawn(version))
        })
        return () => {
            cancelAnimationFrame(frame)
            clearTimeout(task)
        }
    }, [version])
    return isSaved && drawn === version
}
