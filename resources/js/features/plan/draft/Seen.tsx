import { Suspense } from 'react'
import { later } from '@/design/later'
import type { Plan, Verdict } from '@/features/build'
import type { View } from '@/vehicle/model'

const VehicleThumb = later(() => import('@/features/vehicle/VehicleThumb'))

type Props = {
    /** What is to be seen; null: it is still worked out, and its place is kept. */
    after: { plan: Plan; finish: Verdict['finish'] } | null
    width: number
    height: number
    views?: readonly View[]
    className?: string
}

/** The finished vehicle, so that one sees what a change does to it, or that it does nothing to be seen. */
export function Seen({ after, width, height, views, className = 'p-2' }: Props) {
    const place = <div style={{ height }} />
    return (
        <div className={`overflow-hidden rounded-plate bg-stage ${className}`} aria-hidden="true">
            {after === null ? (
                place
            ) : (
                <Suspense fallback={place}>
                    <VehicleThumb
                        vehicle={after.plan.build}
                        name={after.plan.build.name}
                        finish={after.finish}
                        {...(views === undefined ? {} : { views })}
                        width={width}
                        height={height}
                    />
                </Suspense>
            )}
        </div>
    )
}

/** Of the answer to a preview. */
export const seenOf = (
    outcome: { plan: Plan; verdict: Pick<Verdict, 'finish'> } | undefined,
): { plan: Plan; finish: Verdict['finish'] } | null =>
    outcome === undefined ? null : { plan: outcome.plan, finish: outcome.verdict.finish }
