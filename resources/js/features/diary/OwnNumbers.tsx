import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import type { ReactNode } from 'react'
import { Link } from 'react-router'
import { inWords } from '@/design/duration'
import { weekQuery } from '@/features/build'
import { keepWeek } from '@/features/clock/api'
import { countDrying, countObservation, countPaint, type Diary, diaryQuery } from './api'

/**
 * How one's own hands, jars and strokes stand to the tables, how sure that is, and what it rests on. Nothing of it
 * counts until one says so, and any observation can be left out.
 */
export function OwnNumbers({ diary }: { diary: Diary }) {
    return (
        <>
            <OwnPace diary={diary} />
            <OwnDrying diary={diary} />
            <OwnPaint diary={diary} />
        </>
    )
}

/** Own minutes, by technique. */
function OwnPace({ diary }: { diary: Diary }) {
    const week = useQuery(weekQuery).data?.week
    const counted = week?.pace.techniques ?? {}
    const keep = useKeep(async ({ code, ratio }: { code: string; ratio: number | null }) => {
        if (week === undefined) return
        const { [code]: _, ...others } = week.pace.techniques
        const techniques = ratio === null ? others : { ...others, [code]: Math.min(4, Math.max(0.25, ratio)) }
        await keepWeek({ ...week, pace: { ...week.pace, techniques } })
    })
    return (
        <Panel
            title="Your hands"
            says="Own minutes for each that is planned; little is known until a technique was timed some ten times."
            isEmpty={diary.paces.length === 0}
            error={keep.error}
        >
            {diary.paces.map((one) => (
                <Estimate
                    key={one.code}
                    name={one.technique}
                    estimate={one}
                    observations={one.observations.map((seen) => ({ ...seen, says: minutesOf(seen) }))}
                    says={
                        counted[one.code] === undefined
                            ? 'The clock shall count with it'
                            : `The clock counts with ${counted[one.code]?.toFixed(2)}`
                    }
                    isCounted={counted[one.code] !== undefined}
                    isDisabled={week === undefined || keep.isPending}
                    onCount={(isOn) => keep.mutate({ code: one.code, ratio: isOn ? one.ratio : null })}
                />
            ))}
        </Panel>
    )
}

/** How long a jar takes until its sign is seen. */
function OwnDrying({ diary }: { diary: Diary }) {
    const keep = useKeep(({ jar, counts }: { jar: string; counts: boolean }) => countDrying(jar, counts))
    return (
        <Panel
            title="How your jars dry"
            says="From the last stroke until you saw the sign, for each minute of the table."
            isEmpty={diary.dryings.length === 0}
            error={keep.error}
        >
            {diary.dryings.map((one) => (
                <Estimate
                    key={one.jar}
                    name={one.name}
                    estimate={one}
                    observations={one.observations.map((seen) => ({ ...seen, says: minutesOf(seen) }))}
                    says={one.isCounted ? 'Its plans count with times of your log' : 'Its plans shall count with it'}
                    isCounted={one.isCounted}
                    isDisabled={keep.isPending}
                    onCount={(counts) => keep.mutate({ jar: one.jar, counts })}
                />
            ))}
        </Panel>
    )
}

/** How much paint goes, from what was left in the jars whenever one looked. */
function OwnPaint({ diary: { paint } }: { diary: Diary }) {
    const keep = useKeep((ratio: number | null) => countPaint(ratio))
    return (
        <Panel
            title="How much paint you take"
            says="From what was left in a jar each time you looked, for each millilitre that the figures expected."
            isEmpty={paint.observations.length === 0}
            error={keep.error}
        >
            <Estimate
                name="Millilitres"
                estimate={paint}
                observations={paint.observations.map((seen) => ({
                    ...seen,
                    says: `${seen.name}: ${seen.own.toFixed(1)} ml for ${seen.usual.toFixed(1)} ml`,
                }))}
                says={
                    paint.counted === null
                        ? 'Quantities shall count with it'
                        : `Quantities count with ${paint.counted.toFixed(2)}`
                }
                isCounted={paint.counted !== null}
                isDisabled={keep.isPending}
                onCount={(isOn) => keep.mutate(isOn ? paint.ratio : null)}
            />
        </Panel>
    )
}

const minutesOf = ({ own, usual }: { own: number; usual: number }) => `${inWords(own)} for ${inWords(usual)}`

/** Whatever is computed from one's own numbers is asked for anew. */
function useKeep<Input>(act: (input: Input) => Promise<unknown>) {
    const queries = useQueryClient()
    return useMutation({ mutationFn: act, onSuccess: () => queries.invalidateQueries() })
}

type PanelProps = { title: string; says: string; isEmpty: boolean; error: Error | null; children: ReactNode }

function Panel({ title, says, isEmpty, error, children }: PanelProps) {
    if (isEmpty) return null
    return (
        <section aria-label={title} className="rounded-plate border border-line bg-panel p-3">
            <h2 className="wide font-semibold">{title}</h2>
            <p className="text-fine text-soft">{says}</p>
            {error !== null && (
                <p role="alert" className="text-fine text-stop">
                    {error.message}
                </p>
            )}
            <ul className="mt-1 flex flex-col gap-1">{children}</ul>
        </section>
    )
}

type EstimateProps = {
    name: string
    estimate: { ratio: number; low: number; high: number }
    observations: readonly { key: string; says: string; counts: boolean; build?: string; step?: string }[]
    says: string
    isCounted: boolean
    isDisabled: boolean
    onCount: (isOn: boolean) => void
}

function Estimate({ name, estimate, observations, says, isCounted, isDisabled, onCount }: EstimateProps) {
    const queries = useQueryClient()
    const drop = useMutation({
        mutationFn: ({ key, counts }: { key: string; counts: boolean }) => countObservation(key, counts),
        onSettled: () => queries.invalidateQueries({ queryKey: diaryQuery.queryKey }),
    })
    const count = observations.filter(({ counts }) => counts).length
    return (
        <li className="border-b border-line pb-1">
            <details>
                <summary className="cursor-pointer pointer-coarse:min-h-11">
                    {name}: <strong>{estimate.ratio.toFixed(2)}</strong>
                    <span className="text-soft">
                        {' '}
                        ({estimate.low.toFixed(2)} to {estimate.high.toFixed(2)}, {count}{' '}
                        {count === 1 ? 'time' : 'times'})
                    </span>
                </summary>
                <ul className="pl-4 text-fine text-soft">
                    {observations.map(({ key, says: words, counts, build, step }) => (
                        <li key={key} className="flex items-center gap-2">
                            <span className={counts ? '' : 'line-through'}>
                                {build === undefined ? (
                                    words
                                ) : (
                                    <Link to={`/builds/${build}?step=${step ?? ''}`} className="underline">
                                        {words}
                                    </Link>
                                )}
                            </span>
                            <button
                                type="button"
                                className="ml-auto underline pointer-coarse:min-h-11"
                                disabled={drop.isPending}
                                onClick={() => drop.mutate({ key, counts: !counts })}
                            >
                                {counts ? 'Leave it out' : 'Count it'}
                            </button>
                        </li>
                    ))}
                </ul>
            </details>
            <label className="flex min-h-8 items-center gap-1.5 text-fine pointer-coarse:min-h-11">
                <input
                    type="checkbox"
                    checked={isCounted}
                    disabled={isDisabled}
                    onChange={(event) => onCount(event.target.checked)}
                />
                {says}
            </label>
            {drop.isError && (
                <p role="alert" className="text-fine text-stop">
                    {drop.error.message}
                </p>
            )}
        </li>
    )
}
