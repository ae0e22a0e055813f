import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useCallback, useEffect, useEffectEvent, useMemo, useRef, useState, useSyncExternalStore } from 'react'
import { ApiError } from '@/app/http'
import type { LogEntry } from '@/features/build'
import { type Desk, deskQuery } from './api'
import { withLogged } from './desk'
import {
    currentOutbox,
    keepDesk,
    keptDesk,
    openOutbox,
    post,
    sendAll,
    sentIds,
    settle,
    subscribeOutbox,
    type Waiting,
} from './outbox'

/** Milliseconds between two tries to reach a server that was out of reach. */
const AGAIN = 10_000

export type AtWork = {
    /** Null: neither the server nor this device has one yet. */
    desk: Desk | null
    error: Error | null
    /** The server cannot be reached; what is shown is what was there last. */
    isAlone: boolean
    waiting: readonly Waiting[]
    log: (build: string, entry: LogEntry) => Promise<void>
    again: () => void
}

/** The desk of a person at this device: the server's, or the last one kept here, with all that was logged since. */
export function useDesk(user: string): AtWork {
    const queries = useQueryClient()
    const query = useQuery(deskQuery)
    const [kept, setKept] = useState<Desk | null>(null)
    const [isOpen, setOpen] = useState(false)
    const outbox = useSyncExternalStore(subscribeOutbox, currentOutbox)
    const asked = useRef<ReadonlySet<string>>(new Set())

    useEffect(() => {
        void Promise.all([openOutbox(), keptDesk()]).then(([, last]) => {
            if (last?.user === user) setKept(last.desk)
            setOpen(true)
        })
    }, [user])
    const flush = useCallback(async () => {
        const hasMore = currentOutbox().some((one) => one.user === user && !one.isSent && one.refusal === null)
        if (!hasMore || !(await sendAll(user))) return
        // Only what had arrived before this answer was asked for is surely in it.
        asked.current = sentIds()
        await queries.refetchQueries({ queryKey: deskQuery.queryKey })
    }, [queries, user])
    useEffect(() => {
        if (!isOpen) return
        const go = () => void flush()
        go()
        const timer = setInterval(go, AGAIN)
        window.addEventListener('online', go)
        return () => {
            clearInterval(timer)
            window.removeEventListener('online', go)
        }
    }, [isOpen, flush])

    const fetched = query.data
    const at = query.dataUpdatedAt
    const take = useEffectEvent((desk: Desk, when: number) => {
        if (when === 0) return
        void keepDesk({ user, desk })
        void settle(asked.current)
    })
    useEffect(() => {
        if (fetched !== undefined) take(fetched, at)
    }, [fetched, at])

    const waiting = useMemo(() => outbox.filter((one) => one.user === user), [outbox, user])
    const base = fetched ?? kept
    const desk = useMemo(
        () =>
            base === null
                ? null
                : withLogged(
                      base,
                      waiting.filter(({ refusal }) => refusal === null),
                  ),
        [base, waiting],
    )
    const log = useCallback(
        async (build: string, entry: LogEntry) => {
            await post(user, build, entry)
            void flush()
        },
        [user, flush],
    )
    return {
        desk,
        error: query.error,
        isAlone: query.error instanceof ApiError && query.error.isOffline,
        waiting,
        log,
        again: () => void query.refetch(),
    }
}
