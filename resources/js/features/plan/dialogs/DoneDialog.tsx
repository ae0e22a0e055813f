import { zodResolver } from '@hookform/resolvers/zod'
import { useState } from 'react'
import { useForm } from 'react-hook-form'
import { z } from 'zod'
import { Button } from '@/design/Button'
import { Dialog } from '@/design/Dialog'
import { onWallClock, typedForm } from '@/design/duration'
import { TextField } from '@/design/Field'
import { type Library, type LogEntry, type Step, techniqueOf } from '@/features/build'
import { entryAbout, saidDone, stillBefore } from '../state/record'
import type { PlanState } from '../state/usePlan'

type Props = {
    open: boolean
    onOpenChange: (open: boolean) => void
    state: PlanState
    library: Library
    /** What is done. */
    steps: readonly Step[]
    log: (entries: LogEntry[]) => Promise<boolean>
}

const WHEN = ['now', 'half-hour', 'hour', 'night', 'typed'] as const
type When = (typeof WHEN)[number]
const SAID: Record<When, string> = {
    now: 'now',
    'half-hour': 'half an hour ago',
    hour: 'an hour ago',
    night: 'last night at ten',
    typed: 'at another time',
}

const MINUTE = 60_000

function momentFor(when: Exclude<When, 'typed'>, now: Date): Date {
    if (when === 'half-hour') return new Date(now.getTime() - 30 * MINUTE)
    if (when === 'hour') return new Date(now.getTime() - 60 * MINUTE)
    if (when === 'now') return now
    const night = new Date(now)
    night.setDate(night.getDate() - (now.getHours() >= 22 ? 0 : 1))
    night.setHours(22, 0, 0, 0)
    return night
}

const formSchema = z
    .object({ when: z.enum(WHEN), begun: z.string(), finished: z.string() })
    .superRefine(({ when, begun, finished }, check) => {
        if (when !== 'typed') return
        const say = (path: string, message: string) => check.addIssue({ code: 'custom', path: [path], message })
        if (finished === '') return say('finished', 'When was it finished?')
        if (new Date(finished).getTime() > Date.now() + MINUTE) return say('finished', 'That is still to come.')
        if (begun !== '' && new Date(begun) > new Date(finished)) say('begun', 'That is after it was finished.')
    })
type Typed = z.input<typeof formSchema>

/** When a step was really begun and finished; what is odd about it is asked, and what was said can be put right. */
export default function DoneDialog(props: Props) {
    return (
        <Dialog
            open={props.open}
            onOpenChange={props.onOpenChange}
            title="When was it done?"
            description="Everything that dries is counted from then."
        >
            <DoneForm {...props} />
        </Dialog>
    )
}

function DoneForm({ onOpenChange, state, library, steps, log }: Props) {
    const [now] = useState(() => new Date())
    const ids = steps.map((step) => step.id)
    const missing = stillBefore(state, ids)
    const [withMissing, setWithMissing] = useState(true)
    const [isSure, setSure] = useState<string | null>(null)
    const known = (kind: 'begun' | 'finished') => {
        const at = ids[0] === undefined ? undefined : entryAbout(state.log, kind, ids[0])?.at
        return at === undefined ? null : new Date(at)
    }
    const finished = known('finished')
    const begun = known('begun')
    const { register, handleSubmit, watch, formState } = useForm<Typed>({
        resolver: zodResolver(formSchema),
        defaultValues: {
            when: finished === null ? 'now' : 'typed',
            begun: begun === null ? '' : typedForm(begun),
            finished: typedForm(finished ?? now),
        },
    })
    const name = (step: Step) =>
        `${state.plan.steps.indexOf(step) + 1} ${techniqueOf(library, step.technique).name.toLowerCase()}`
    const isTyped = watch('when') === 'typed'
    const save = handleSubmit(async (said) => {
        const when =
            said.when === 'typed'
                ? { begun: said.begun === '' ? null : new Date(said.begun), finished: new Date(said.finished) }
                : { begun: null, finished: momentFor(said.when, now) }
        const before = finishedLater(state, steps, when.begun ?? when.finished)
        const doubt =
            before === null
                ? null
                : `Step ${name(before.step)}, which comes before it, was finished later: ${onWallClock(before.at)}.`
        if (doubt !== null && isSure !== doubt) {
            setSure(doubt)
            return
        }
        const all = withMissing ? [...missing.map((step) => step.id), ...ids] : ids
        if (await log(saidDone(state.log, all, when))) onOpenChange(false)
    })
    return (
        <form noValidate className="flex flex-col gap-3" onSubmit={save}>
            <p className="font-medium">{steps.map(name).join(', ')}</p>
            {missing.length > 0 && (
                <fieldset className="rounded-plate border border-risk bg-risk-wash p-2">
                    <legend className="sr-only">Steps before it</legend>
                    <p>
                        Before it, on like zones, {missing.length === 1 ? 'this is' : 'these are'} not done yet:{' '}
                        {missing.map(name).join(', ')}.
                    </p>
                    {[true, false].map((choice) => (
                        <label
                            key={String(choice)}
                            className="flex min-h-8 items-center gap-1.5 pointer-coarse:min-h-11"
                        >
                            <input
                                type="radio"
                                name="missing"
                                checked={withMissing === choice}
                                onChange={() => setWithMissing(choice)}
                            />
                            {choice ? 'They were done as well' : 'Only what I have chosen'}
                        </label>
                    ))}
                </fieldset>
            )}
            <fieldset className="grid grid-cols-2 gap-x-3">
                <legend className="text-fine text-soft">Finished</legend>
                {WHEN.map((when) => (
                    <label key={when} className="flex min-h-9 items-center gap-1.5 pointer-coarse:min-h-11">
                        <input type="radio" value={when} {...register('when')} /> {SAID[when]}
                    </label>
                ))}
            </fieldset>
            {isTyped && (
                <div className="grid grid-cols-2 gap-3">
                    <TextField
                        label="Begun, if you know"
                        type="datetime-local"
                        fault={formState.errors.begun?.message}
                        {...register('begun')}
                    />
                    <TextField
                        label="Finished"
                        type="datetime-local"
                        fault={formState.errors.finished?.message}
                        {...register('finished')}
                    />
                </div>
            )}
            {isSure !== null && (
                <p role="alert" className="border-l-2 border-risk pl-2">
                    {isSure}
                </p>
            )}
            <div className="flex justify-end gap-2">
                <Button onClick={() => onOpenChange(false)}>Cancel</Button>
                <Button type="submit" tone="act" disabled={formState.isSubmitting}>
                    {isSure === null ? 'Keep it' : 'Keep it anyway'}
                </Button>
            </div>
        </form>
    )
}

/** A step before these, on the same zones, that was finished after they had begun; null: none was. */
function finishedLater({ plan, log }: PlanState, steps: readonly Step[], began: Date): { step: Step; at: Date } | null {
    const ids = steps.map((step) => step.id)
    const zones = new Set(steps.flatMap((step) => step.zones))
    const first = plan.steps.findIndex((step) => ids.includes(step.id))
    for (const step of plan.steps.slice(0, Math.max(0, first)).reverse()) {
        const at = entryAbout(log, 'finished', step.id)?.at
        if (at !== undefined && new Date(at) > began && step.zones.some((zone) => zones.has(zone))) {
            return { step, at: new Date(at) }
        }
    }
    return null
}
