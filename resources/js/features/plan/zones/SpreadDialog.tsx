import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { z } from 'zod'
import { send } from '@/app/http'
import { Button } from '@/design/Button'
import { Dialog } from '@/design/Dialog'
import { RetryNotice } from '@/design/Notice'
import { SeverityMark } from '@/design/Severity'
import { benchQuery } from '@/features/bench/api'
import type { Step } from '@/features/build'
import { type Spread, spreadQuery } from '../api'
import { type PlanState, stampOf } from '../state/usePlan'
import { toggled } from '../state/view'

type Props = {
    open: boolean
    onOpenChange: (open: boolean) => void
    state: PlanState
    steps: readonly Step[]
}

/** The chosen steps on other builds too, so that one session does for all of them. */
export default function SpreadDialog({ open, onOpenChange, state, steps }: Props) {
    const queries = useQueryClient()
    const ids = steps.map(({ id }) => id)
    const looked = useQuery(spreadQuery(state.id, stampOf(state), ids))
    const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set())
    const lay = useMutation({
        mutationFn: () => send('POST', `/builds/${state.id}/spread`, z.null(), { steps: ids, onto: [...chosen] }),
        onSuccess: async () => {
            // Their plans are others now, wherever they are shown.
            for (const id of chosen) queries.removeQueries({ queryKey: ['build', id] })
            await queries.invalidateQueries({ queryKey: benchQuery.queryKey })
        },
    })
    const count = steps.length === 1 ? 'the step' : `the ${steps.length} steps`
    const laid = looked.data?.filter(({ id }) => chosen.has(id)) ?? []
    return (
        <Dialog
            open={open}
            onOpenChange={onOpenChange}
            title="On other builds too"
            description={`Puts ${count} on the zones most like these, to be done in one go; each build keeps its undo.`}
        >
            {looked.isError && <RetryNotice error={looked.error} onRetry={() => void looked.refetch()} />}
            {looked.isPending && <p className="p-6 text-center text-soft">Looking at the other builds…</p>}
            {lay.isSuccess ? (
                <>
                    <p role="status">
                        Laid on{' '}
                        {laid.map(({ id, name }, place) => (
                            <span key={id}>
                                {place > 0 && ', '}
                                <Link to={`/builds/${id}`} className="underline">
                                    {name}
                                </Link>
                            </span>
                        ))}
                        . The clock and the shelf count with it.
                    </p>
                    <div className="mt-3 flex justify-end">
                        <Button onClick={() => onOpenChange(false)}>Close</Button>
                    </div>
                </>
            ) : (
                looked.data !== undefined && (
                    <>
                        {looked.data.length === 0 && (
                            <p className="p-4 text-center text-soft">There is no other build on the bench.</p>
                        )}
                        <ul aria-label="Other builds" className="flex flex-col">
                            {looked.data.map((one) => (
                                <Other
                                    key={one.id}
                                    other={one}
                                    isChosen={chosen.has(one.id)}
                                    onToggle={() => setChosen(toggled(chosen, one.id))}
                                />
                            ))}
                        </ul>
                        {lay.isError && (
                            <p role="alert" className="mt-2 text-stop">
                                {lay.error.message}
                            </p>
                        )}
                        <div className="mt-3 flex justify-end gap-2">
                            <Button onClick={() => onOpenChange(false)}>Leave it</Button>
                            <Button
                                tone="act"
                                disabled={chosen.size === 0 || lay.isPending}
                                onClick={() => lay.mutate()}
                            >
                                {chosen.size > 1 ? `Lay on ${chosen.size} builds` : 'Lay it there'}
                            </Button>
                        </div>
                    </>
                )
            )}
        </Dialog>
    )
}

function Other({ other, isChosen, onToggle }: { other: Spread; isChosen: boolean; onToggle: () => void }) {
    const { name, steps, stops, risks } = other
    const isNowhere = steps.length === 0
    return (
        <li className="border-b border-line py-1.5">
            <label className="flex min-h-8 items-center gap-2 font-medium pointer-coarse:min-h-11">
                <input type="checkbox" checked={isChosen} disabled={isNowhere} onChange={onToggle} />
                {name}
            </label>
            {isNowhere ? (
                <p className="pl-6 text-fine text-soft">It has no zone for that.</p>
            ) : (
                <ul className="pl-6 text-fine text-soft">
                    {steps.map(({ technique, zones, number }) => (
                        <li key={number}>
                            As step {number}: {technique.toLowerCase()} on {zones.join(', ') || 'no zone'}
                        </li>
                    ))}
                </ul>
            )}
            {stops + risks > 0 && (
                <p className="flex items-center gap-1.5 pl-6">
                    <SeverityMark severity={stops > 0 ? 'stop' : 'risk'} className="size-3.5" />
                    {stops > 0 ? `${stops} more stops` : `${risks} more risks`} there; its own page shows ways out.
                </p>
            )}
        </li>
    )
}
