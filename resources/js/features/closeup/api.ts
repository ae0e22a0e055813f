import { queryOptions } from '@tanstack/react-query'
import { getJson } from '@/app/http'
import { pieceSchema } from '@/contract'

/** A piece of a zone after a step; with the code of a rule as it looks where that happens. */
export const pieceQuery = (build: string, stamp: string, zone: string, after: string, finding: string | null) =>
    queryOptions({
        queryKey: ['build', build, 'piece', stamp, zone, after, finding],
        queryFn: ({ signal }) => {
            const asked = new URLSearchParams(finding === null ? { after } : { after, finding })
            return getJson(`/builds/${build}/zones/${zone}/piece?${asked}`, pieceSchema, signal)
        },
        // While the next step comes, the one before stays in sight.
        placeholderData: (shown, query) => (query?.queryKey[4] === zone ? shown : undefined),
        staleTime: Number.POSITIVE_INFINITY,
    })
