import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { getJson, send } from '@/app/http'
import { type BuildState, buildStateSchema, type Finding, outcomeSchema, type Step } from '@/contract'
import type { Entry } from '@/features/build'
import { type Card, deskQuery } from './api'
import { Large } from './Large'

type Props = {
    card: Card
    onLog: (kind: Entry['kind'], says: string, more?: Partial<Entry>) => void
    onClose: () => void
}

type Change = { says: string; step: Step }

/** How a step can be done otherwise than planned, each in words and as it would stand in the plan. */
export function changesOf({ plan }: Pick<BuildState, 'plan'>, step: Step): Change[] {
    const now = plan.products.find(({ id }) => id === step.product)
    const others = plan.products.filter((one) => one.id !== step.product && one.family === now?.family)
    return [
        { says: 'One coat more than planned', step: { ...step, coats: step.coats + 1 } },
        ...(step.coats > 1 ? [{ says: 'One coat fewer than planned', step: { ...step, coats: step.coats - 1 } }] : []),
        ...others.map((one) => ({ says: `With ${one.name}`, step: { ...step, product: one.id } })),
    ]
}

/** What is found after a change and was not before it, the gravest first. */
export function newFindings(before: readonly Finding[], after: readonly Finding[]): Finding[] {
    const known = new Set(before.map(({ key }) => key))
    const order = { stop: 0, risk: 1, note: 2 }
    return after
        .filter(({ key, accepted }) => !known.has(key) && accepted === null)
        .sort((one, other) => order[one.severity] - order[other.severity])
}

/** Done otherwise than planned: what that does to what follows, and whether the plan shall say so too. */
export function Otherwise({ card, onLog, onClose }: Props) {
    const [chosen, setChosen] = useState<Change | null>(null)
    const build = useQuery({
        queryKey: ['work', 'plan', card.build],
        queryFn: ({ signal }) => getJson(`/builds/${card.build}`, buildStateSchema, signal),
        gcTime: 0,
        retry: false,
    })
    const step = build.data?.plan.steps.find(({ id }) => id === card.step)
    return (
        <section
            aria-label="Otherwise than planned"
            className="flex max-h-[70dvh] flex-col gap-3 overflow-y-auto border-t border-rule bg-panel p-3 text-lg"
        >
            <div className="flex items-center gap-3">
                <h2 className="flex-1 text-2xl font-bold">{chosen?.says ?? 'How was it done?'}</h2>
                <Large onClick={() => (chosen === null ? onClose() : setChosen(null))}>
                    {chosen === null ? 'Close' : 'Something else'}
                </Large>
            </div>
            {build.isError && (
                <p>
                    What follows from it can be seen once the server is in reach; in words it can be written down now.
                </p>
            )}
            {chosen === null || build.data === undefined ? (
                <div className="flex flex-wrap gap-2">
                    {build.data !== undefined &&
                        step !== undefined &&
                        changesOf(build.data, step).map((change) => (
                            <Large key={change.says} onClick={() => setChosen(change)}>
                                {change.says}
                            </Large>
                        ))}
                </div>
            ) : (
                <Follows build={build.data} change={chosen} onLog={onLog} />
            )}
        </section>
    )
}

type FollowsProps = { build: BuildState; change: Change; onLog: Props['onLog'] }

function Follows({ build, change, onLog }: FollowsProps) {
    const queries = useQueryClient()
    const edits = [{ edit: 'replace-step', step: change.step }]
    const outcome = useQuery({
        queryKey: ['work', 'otherwise', build.id, build.version, change.step],
        queryFn: ({ signal }) => send('POST', `/builds/${build.id}/preview`, outcomeSchema, { edits }, signal),
        gcTime: 0,
        retry: false,
    })
    const write = () => onLog('deviated', change.says, { text: change.says })
    const keep = useMutation({
        mutationFn: () =>
            send('POST', `/builds/${build.id}/edits`, buildStateSchema, {
                version: build.version,
                edits,
                label: change.says.slice(0, 120),
            }),
        onSuccess: async () => {
            await queries.invalidateQueries({ queryKey: deskQuery.queryKey })
            write()
        },
    })
    const fresh = outcome.data === undefined ? [] : newFindings(build.verdict.findings, outcome.data.verdict.findings)
    return (
        <>
            {outcome.isPending && <p className="text-soft">Looking at what follows…</p>}
            {outcome.isError && <p role="alert">{outcome.error.message}</p>}
            {outcome.data !== undefined &&
                (fresh.length === 0 ? (
                    <p>Nothing that follows minds it.</p>
                ) : (
                    <ul aria-label="What follows from it" className="flex flex-col gap-1">
                        {fresh.slice(0, 4).map(({ key, severity, happens, step }) => (
                            <li key={key} className="border-l-4 border-risk pl-3">
                                <strong>{severity}</strong> at step{' '}
                                {build.plan.steps.findIndex(({ id }) => id === step) + 1}: {happens}
                            </li>
                        ))}
                        {fresh.length > 4 && <li className="text-soft">and {fresh.length - 4} more</li>}
                    </ul>
                ))}
            {keep.isError && (
                <p role="alert" className="text-stop">
                    {keep.error.message}
                </p>
            )}
            <div className="flex flex-wrap gap-2">
                <Large isMain disabled={keep.isPending || outcome.isError} onClick={() => keep.mutate()}>
                    Change the plan too
                </Large>
                <Large onClick={write}>Keep the plan, write it down</Large>
            </div>
        </>
    )
}
