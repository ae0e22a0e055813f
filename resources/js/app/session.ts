import { type QueryClient, queryOptions, useMutation, useQueryClient } from '@tanstack/react-query'
import { type Session, sessionSchema } from '@/contract'
import { forgetToken, getJson, send } from './http'
import { forgetKept } from './kept'

export type { Session }

export const sessionQuery = queryOptions({
    queryKey: ['session'],
    queryFn: ({ signal }) => getJson('/session', sessionSchema, signal),
    staleTime: Number.POSITIVE_INFINITY,
})

/** Another person may sit down next: nothing of the last one stays in memory. */
function enter(queries: QueryClient, session: Session): void {
    forgetToken()
    queries.removeQueries({
        predicate: (query) => query.queryKey[0] !== sessionQuery.queryKey[0] && query.queryKey[0] !== 'library',
    })
    queries.setQueryData(sessionQuery.queryKey, session)
    if (session.user === null) {
        forgetKept()
        void import('@/features/vehicle/attic').then(({ attic }) => attic.forget())
        // Whatever had read it reads it again, and finds nothing.
        window.dispatchEvent(new StorageEvent('storage'))
    }
}

export function useEnter<Input>(path: string) {
    const queries = useQueryClient()
    return useMutation({
        mutationFn: async (input: Input) => {
            // Its answer may not come later than the one to this: it would say that nobody has signed in.
            await queries.ensureQueryData(sessionQuery).catch(() => undefined)
            return send('POST', path, sessionSchema, input)
        },
        onSuccess: (session) => enter(queries, session),
    })
}

/** Ends the account itself; the person's own password is asked for once more. */
export function useDeleteAccount() {
    const queries = useQueryClient()
    return useMutation({
        mutationFn: async (current: string) => {
            const session = await send('DELETE', '/account', sessionSchema, { current })
            const { outbox } = await import('@/features/work/outbox')
            await outbox.open()
            await outbox.forget()
            return session
        },
        onSuccess: (session) => enter(queries, session),
    })
}

export function useSignOut() {
    const queries = useQueryClient()
    return useMutation({
        mutationFn: async () => {
            const { outbox } = await import('@/features/work/outbox')
            const { user } = queries.getQueryData<Session>(sessionQuery.queryKey) ?? { user: null }
            await outbox.open()
            // What was written down at the bench is sent first, since nothing of it stays on this device.
            if (user !== null && !(await outbox.sendAll(user.email))) {
                throw new Error('Entries from the bench wait to be sent; the server has to be reached first.')
            }
            const session = await send('DELETE', '/session', sessionSchema)
            await outbox.forget()
            return session
        },
        onSuccess: (session) => enter(queries, session),
    })
}
