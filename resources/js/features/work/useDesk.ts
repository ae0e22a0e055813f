import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useCallback, useEffect, useEffectEvent, useMemo, useState, useSyncExternalStore } from 'react'
import { ApiError } from '@/app/http'
import type { LogEntry } from '@/features/build'
import { photosQuery } from '@/features/photos/api'
import { type Desk, deskQuery } from './api'
import { withLogged } from './desk'
import { keepDesk, keptDesk, outbox, post, postPhoto, type Waiting, type WaitingPhoto } from './outbox'
import { nextOf } from './waiting'

/** Milliseconds between two tries to reach a server that was out of reach. */
const AGAIN = 10_000

export type AtWork = {
    /** Null: neither the server nor this device has one yet. */
    desk: Desk | null
    error: Error | null
    /** The server cannot be reached; what is shown is what was there last. */
    isAlone: boolean
    waiting: readonly Waiting[]
    photos: readonly WaitingPhoto[]
    photograph: (build: string, step: string, picture: Blob) => Promise<void>
    log: (build: string, entry: LogEntry) => Promise<void>
    again: () => void
}

/** The desk of a person at this device: the server's, or the last one kept here, with all that was logged since. */
export function useDesk(user: string): AtWork {
    const queries = useQueryClient()
    const query = useQuery(deskQuery)
    const [kept, setKept] = useState<Desk | null>(null)
    const [isOpen, setOpen] = useState(false)
    const { entries, photos: album } = useSyncExternalStore(outbox.subscribe, outbox.current)

    useEffect(() => {
        void Promise.all([outbox.open(), keptDesk()]).then(([, last]) => {
            if (last?.user === user) setKept(last.desk)
            setOpen(true)
        })
    }, [user])
    const flush = useCallback(async () => {
        if (nextOf(outbox.current(), user) === null) return
        const builds = new Set(
            outbox
                .current()
                .photos.filter((one) => one.user === user)
                .map(({ build }) => build),
        )
        const isAllSent = await outbox.sendAll(user)
        for (const build of builds) await queries.invalidateQueries({ queryKey: photosQuery(build).queryKey })
        if (!isAllSent) return
        // Only what had arrived before this answer was asked for is surely in it.
        await outbox.tell({ kind: 'desk-asked' })
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
        void outbox.tell({ kind: 'desk-came' })
    })
    useEffect(() => {
        if (fetched !== undefined) take(fetched, at)
    }, [fetched, at])

    const waiting = useMemo(() => entries.filter((one) => one.user === user), [entries, user])
    const photos = useMemo(() => album.filter((one) => one.user === user), [album, user])
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
    const photograph = useCallback(
        async (build: string, step: string, picture: Blob) => {
            await postPhoto(user, build, step, picture)
            void flush()
        },
        [user, flush],
    )
    return {
        desk,
        error: query.error,
        isAlone: query.error instanceof ApiError && query.error.isOffline,
        waiting,
        photos,
        photograph,
        log,
        again: () => void query.refetch(),
    }
}
