import { useQuery } from '@tanstack/react-query'
import { useEffect } from 'react'
import { Link, useParams } from 'react-router'
import { ApiError } from '@/app/http'
import { RetryNotice } from '@/design/Notice'
import { libraryQuery } from '@/features/build'
import { PlanDesk } from './PlanDesk'
import { usePlan } from './state/usePlan'

export function PlanScreen() {
    const { buildId = '' } = useParams()
    const work = usePlan(buildId)
    const library = useQuery(libraryQuery)
    const name = work.state?.plan.build.name

    useEffect(() => {
        document.title = `${name ?? 'Plan'} · Ulvrach`
    }, [name])

    useEffect(() => {
        // What the plan needs next comes while the server judges it; what cannot come now comes when it is drawn.
        void Promise.allSettled([import('./zones/VehiclePanel'), import('@/features/vehicle/VehicleViews')])
    }, [])

    const error = work.query.error ?? library.error
    if (error instanceof ApiError && error.status === 404) {
        return (
            <main className="p-8">
                <h1 className="wide text-xl font-semibold">There is no such build on your bench</h1>
                <p className="mt-1 text-soft">It was deleted, or it is somebody else’s.</p>
                <Link to="/" className="mt-3 inline-block underline">
                    Back to the bench
                </Link>
            </main>
        )
    }
    if (error !== null && work.state === undefined) {
        return (
            <main className="p-8">
                <RetryNotice
                    error={error}
                    onRetry={() => {
                        void work.query.refetch()
                        void library.refetch()
                    }}
                />
            </main>
        )
    }
    if (work.state === undefined || library.data === undefined) {
        return <main className="p-8 text-soft">Laying out the plan…</main>
    }
    return <PlanDesk key={buildId} state={work.state} library={library.data} work={work} />
}
