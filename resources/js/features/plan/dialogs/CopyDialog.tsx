import { useState } from 'react'
import { Button } from '@/design/Button'
import { Dialog } from '@/design/Dialog'
import type { Plan, Step } from '@/features/build'
import { newId, type PlanEdit } from '../state/edits'
import { toggled } from '../state/view'

type Props = {
    open: boolean
    onOpenChange: (open: boolean) => void
    plan: Plan
    steps: readonly Step[]
    edit: (edits: PlanEdit[], label?: string) => Promise<boolean>
}

/** The chosen steps on other zones too: within the same steps, or as steps of their own after them. */
export default function CopyDialog({ open, onOpenChange, plan, steps, edit }: Props) {
    const [zones, setZones] = useState<ReadonlySet<string>>(new Set())
    const [asOwn, setAsOwn] = useState(false)
    const count = steps.length === 1 ? 'the step' : `the ${steps.length} steps`
    const copy = async () => {
        if (await edit(copyEdits(plan, steps, [...zones], asOwn), 'Copy to other zones')) onOpenChange(false)
    }
    return (
        <Dialog
            open={open}
            onOpenChange={onOpenChange}
            title="Copy to other zones"
            description={`Puts ${count} on the zones chosen here.`}
        >
            <fieldset className="flex flex-wrap gap-1.5">
                <legend className="sr-only">Zones</legend>
                {plan.zones.map((zone) => (
                    <Button
                        key={zone.id}
                        aria-pressed={zones.has(zone.id)}
                        tone={zones.has(zone.id) ? 'act' : 'plain'}
                        onClick={() => setZones(toggled(zones, zone.id))}
                    >
                        {zone.name}
                    </Button>
                ))}
            </fieldset>
            <label className="mt-3 flex min-h-8 items-center gap-1.5 pointer-coarse:min-h-11">
                <input type="checkbox" checked={asOwn} onChange={(event) => setAsOwn(event.target.checked)} /> As steps
                of their own, after the last of them
            </label>
            <div className="mt-3 flex justify-end gap-2">
                <Button onClick={() => onOpenChange(false)}>Leave it</Button>
                <Button tone="act" disabled={zones.size === 0} onClick={() => void copy()}>
                    Copy
                </Button>
            </div>
        </Dialog>
    )
}

export function copyEdits(plan: Plan, steps: readonly Step[], zones: readonly string[], asOwn: boolean): PlanEdit[] {
    if (!asOwn) {
        return steps.map((step) => ({
            edit: 'replace-step',
            step: {
                ...step,
                zones: plan.zones.map((zone) => zone.id).filter((id) => step.zones.includes(id) || zones.includes(id)),
            },
        }))
    }
    const last = Math.max(...steps.map((step) => plan.steps.findIndex((other) => other.id === step.id)))
    return steps.map((step, place) => ({
        edit: 'insert-step',
        step: { ...step, id: newId(step.technique), zones: [...zones] },
        at: last + 1 + place,
    }))
}
