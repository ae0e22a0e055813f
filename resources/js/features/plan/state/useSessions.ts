import { useQuery } from '@tanstack/react-query'
import { useEffect, useMemo, useState } from 'react'
import { timetableQuery, weekQuery } from '@/features/build'
import { type PlanState, stampOf } from './usePlan'

/** When a step is laid into the week, in the zone of the bench. */
export type InWeek = { starts: Date; closes: Date | null; timeZone: string }

/** Milliseconds without a change after which the week is laid anew: it takes the server longer than a verdict. */
const AT_REST = 1500

export type Sessions = {
    of: ReadonlyMap<string, InWeek>
    /** The plan has changed since: where its steps stand is being worked out anew. */
    isOld: boolean
}

/**
 * Where each step stands in the described week, as the clock says it; null while nobody has described one. After a
 * change the last answer stays until there is a new one, so that the board does not leap between two clocks.
 */
export function useSessions(state: PlanState): Sessions | null {
    const week = useQuery(weekQuery)
    const stamp = stampOf(state)
    const [rested, setRested] = useState(stamp)
    useEffect(() => {
        const timer = setTimeout(() => setRested(stamp), AT_REST)
        return () => clearTimeout(timer)
    }, [stamp])
    const { data } = useQuery({
        ...timetableQuery({}),
        queryKey: ['clock', {}, state.id, rested],
        enabled: week.data?.isSet === true,
        staleTime: 60_000,
        placeholderData: (before) => before,
    })
    const isOld = data?.stamps[state.id] !== stamp || !state.isSaved
    return useMemo(() => {
        if (data === undefined) return null
        const sessions = new Map<string, InWeek>()
        for (const item of data.items) {
            if (item.build !== state.id || sessions.has(item.step)) continue
            sessions.set(item.step, { starts: item.from, closes: item.closes, timeZone: data.timeZone })
        }
        return { of: sessions, isOld }
    }, [data, state.id, isOld])
}
