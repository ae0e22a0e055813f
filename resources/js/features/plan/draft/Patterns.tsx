import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { Trash2 } from 'lucide-react'
import { useState } from 'react'
import { Button } from '@/design/Button'
import { TextField } from '@/design/Field'
import { IconButton } from '@/design/Icon'
import { forgetPattern, keepPattern, patternsQuery } from '../api'
import type { PlanState } from '../state/usePlan'

/** Plans that one wants to lay down again: keeping this one, and letting others go. */
export function Patterns({ state }: { state: PlanState }) {
    const queries = useQueryClient()
    const patterns = useQuery(patternsQuery)
    const [name, setName] = useState(state.plan.build.name)
    const afresh = () => queries.invalidateQueries({ queryKey: patternsQuery.queryKey })
    const keep = useMutation({ mutationFn: () => keepPattern(state.id, name), onSuccess: afresh })
    const forget = useMutation({ mutationFn: forgetPattern, onSuccess: afresh })
    const isThere = patterns.data?.some((one) => one.name === name.trim()) ?? false
    return (
        <details>
            <summary className="cursor-pointer pointer-coarse:min-h-11">Own patterns</summary>
            <div className="mt-1 flex flex-col gap-1.5 rounded-plate border border-line p-1.5">
                {state.plan.steps.length > 0 && (
                    <>
                        <TextField
                            label="Keep this plan as"
                            maxLength={120}
                            value={name}
                            onChange={(event) => setName(event.target.value)}
                            fault={keep.isError ? keep.error.message : undefined}
                        />
                        <Button
                            className="self-start text-fine"
                            disabled={name.trim() === '' || keep.isPending}
                            onClick={() => keep.mutate()}
                        >
                            {isThere ? 'Keep it in place of the old one' : 'Keep as a pattern'}
                        </Button>
                        {keep.isSuccess && (
                            <p role="status" className="text-fine text-good">
                                Kept. Other builds can take their steps from it.
                            </p>
                        )}
                    </>
                )}
                {patterns.data?.length === 0 && <p className="text-fine text-soft">None is kept yet.</p>}
                <ul aria-label="Own patterns">
                    {patterns.data?.map((pattern) => (
                        <li key={pattern.id} className="flex items-center gap-1 text-fine">
                            <span className="min-w-0 flex-1 truncate">{pattern.name}</span>
                            <IconButton
                                label={`Let the pattern ${pattern.name} go`}
                                onClick={() => forget.mutate(pattern.id)}
                            >
                                <Trash2 className="size-4" aria-hidden />
                            </IconButton>
                        </li>
                    ))}
                </ul>
            </div>
        </details>
    )
}
