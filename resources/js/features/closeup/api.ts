import { queryOptions } from '@tanstack/react-query'
import { getJson } from '@/app/http'
import { pieceSchema } from '@/contract'
import type { Finding } from '@/features/build'

/** What of a step is looked at: as it is meant, as it goes wrong by a rule, or done with another jar. */
export type Otherwise = { finding?: string; jar?: string }

/** What would go wrong at the step, or another jar that it could be done with. */
export type Against =
    | { finding: Pick<Finding, 'code' | 'happens'> }
    | { jar: { id: string; name: string }; used: string }

/** What has to be asked for to see it. */
export const askedFor = (against: Against | null): Otherwise =>
    against === null ? {} : 'finding' in against ? { finding: against.finding.code } : { jar: against.jar.id }

/** A piece of a zone after a step. */
export const pieceQuery = (build: string, stamp: string, zone: string, after: string, otherwise: Otherwise = {}) =>
    queryOptions({
        queryKey: ['build', build, 'piece', stamp, zone, after, otherwise],
        queryFn: ({ signal }) =>
            getJson(
                `/builds/${build}/zones/${zone}/piece?${new URLSearchParams({ after, ...otherwise })}`,
                pieceSchema,
                signal,
            ),
        // While the next step comes, the one before stays in sight.
        placeholderData: (shown, query) => (query?.queryKey[4] === zone ? shown : undefined),
        staleTime: Number.POSITIVE_INFINITY,
    })
