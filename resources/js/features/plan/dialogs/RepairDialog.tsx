import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Button } from '@/design/Button'
import { classes } from '@/design/classes'
import { Dialog } from '@/design/Dialog'
import { RetryNotice } from '@/design/Notice'
import { SEVERITY_WORD, SeverityMark, VerdictLine } from '@/design/Severity'
import type { BuildState } from '@/features/build'
import { type Repair, repairQuery } from '../api'
import { Seen, seenOf } from '../draft/Seen'
import { outcomeOf } from '../inspector/Findings'
import type { PlanEdit } from '../state/edits'
import { previewQuery, stampOf } from '../state/usePlan'

/** Pixels beside each other in the dialog. */
const THUMB = { width: 244, height: 116 }

type Apply = (edits: PlanEdit[], label?: string) => Promise<boolean>
type Props = { open: boolean; onOpenChange: (open: boolean) => void; state: BuildState; edit: Apply }

/** "Make this plan sound": what would be changed, and what stands before and after; taken whole or in part. */
export default function RepairDialog({ open, onOpenChange, state, edit }: Props) {
    return (
        <Dialog
            open={open}
            onOpenChange={onOpenChange}
            width="max-w-2xl"
            title="Make this plan sound"
            description={
                'Few changes that leave no stop. Each was tried on a copy; nothing is changed ' + 'until you take it.'
            }
        >
            <Proposal state={state} edit={edit} onDone={() => onOpenChange(false)} />
        </Dialog>
    )
}

function Proposal({ state, edit, onDone }: { state: BuildState; edit: Apply; onDone: () => void }) {
    const repair = useQuery(repairQuery(state.id, stampOf(state)))
    if (repair.isPending) return <p className="p-6 text-center text-soft">Trying changes on a copy…</p>
    if (repair.isError) return <RetryNotice error={repair.error} onRetry={() => void repair.refetch()} />
    if (repair.data.before.stops === 0) return <p className="p-6 text-center">No stop stands in this plan.</p>
    if (repair.data.actions.length === 0) {
        return (
            <p className="p-6 text-center">
                No change that is known here removes a stop. Look at the findings one by one.
            </p>
        )
    }
    return <Choice key={state.version} repair={repair.data} state={state} edit={edit} onDone={onDone} />
}

function Choice({
    repair,
    state,
    edit,
    onDone,
}: {
    repair: Repair
    state: BuildState
    edit: Apply
    onDone: () => void
}) {
    // Each change is made for the plan that those before it left, so a part is always the first so many of them.
    const [count, setCount] = useState(repair.actions.length)
    const taken = repair.actions.slice(0, count)
    const edits = taken.flatMap((action) => action.edits)
    const after = useQuery(previewQuery(state.id, stampOf(state), edits))
    const number = (id: string) => state.plan.steps.findIndex((step) => step.id === id) + 1
    const label =
        count === repair.actions.length ? 'Make the plan sound' : `Make the plan sound, the first ${count} changes`
    return (
        <div className="flex flex-col gap-3">
            <div className="grid grid-cols-2 gap-3 rounded-plate border border-line bg-sheet p-2">
                <div>
                    <p className="text-fine text-soft">Now</p>
                    <VerdictLine counts={repair.before} />
                    <Seen after={seenOf(state)} className="mt-2 p-2" {...THUMB} />
                </div>
                <div>
                    <p className="text-fine text-soft">
                        {count === repair.actions.length ? 'With all of it' : `With the first ${count}`}
                    </p>
                    <VerdictLine counts={after.data?.verdict.summary ?? repair.after} />
                    <Seen after={seenOf(after.data ?? state)} className="mt-2 p-2" {...THUMB} />
                </div>
            </div>
            {!repair.isSound && <p>Some stops stay: no change that is known here removes them.</p>}
            <ol className="flex flex-col gap-1.5">
                {repair.actions.map((action, place) => (
                    <li
                        key={action.finding.key + action.label}
                        className={classes(
                            'flex gap-2 rounded-plate border border-line p-2',
                            place < count ? 'bg-sheet' : 'opacity-50',
                        )}
                    >
                        <SeverityMark
                            severity={action.finding.severity}
                            label={SEVERITY_WORD[action.finding.severity]}
                            className="mt-0.5 size-4"
                        />
                        <span className="min-w-0 flex-1">
                            <span className="block text-fine text-soft">
                                {number(action.finding.step) > 0 && `Step ${number(action.finding.step)}: `}
                                {action.finding.happens}
                            </span>
                            <span className="block font-medium">{action.label}</span>
                            <span className="block text-fine text-soft">{outcomeOf(action)}</span>
                        </span>
                        <Button
                            tone="quiet"
                            aria-pressed={count === place + 1}
                            onClick={() => setCount(count === place + 1 ? repair.actions.length : place + 1)}
                        >
                            {count === place + 1 && place + 1 < repair.actions.length ? 'All' : 'Apply up to here'}
                        </Button>
                    </li>
                ))}
            </ol>
            <p className="text-fine text-soft">
                {repair.isSmallest
                    ? 'No smaller set of the offered remedies does it.'
                    : 'The search was cut short: a smaller set may exist.'}
            </p>
            <div className="flex justify-end gap-2">
                <Button onClick={onDone}>Leave it</Button>
                <Button
                    tone="act"
                    onClick={async () => {
                        if (await edit(edits, label)) onDone()
                    }}
                >
                    {count === repair.actions.length
                        ? `Apply ${count === 1 ? 'it' : `all ${count}`}`
                        : `Apply the first ${count === 1 ? 'one' : count}`}
                </Button>
            </div>
        </div>
    )
}
