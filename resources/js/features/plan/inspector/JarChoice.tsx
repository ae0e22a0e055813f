import { useQuery } from '@tanstack/react-query'
import { ZoomIn } from 'lucide-react'
import { Suspense, useState } from 'react'
import { Button } from '@/design/Button'
import { classes } from '@/design/classes'
import { IconButton } from '@/design/Icon'
import { RetryNotice } from '@/design/Notice'
import type { Step, Zone } from '@/features/build'
import { CloseUpDialog } from '@/features/closeup'
import { type JarChoice as Choice, jarChoicesQuery } from '../api'
import type { PlanEdit } from '../state/edits'
import { useIsDrawn } from '../state/useIsDrawn'
import { type PlanState, stampOf } from '../state/usePlan'

type Props = {
    state: PlanState
    step: Step
    /** The zone that the cursor is on; null: the first that the step goes on. */
    zone: string | null
    apply: (edits: PlanEdit[], label: string) => Promise<boolean>
    /** Told which change a hand is on; null: on none any more. */
    near: (edits: PlanEdit[] | null) => void
}

const EFFECTS: readonly { effect: Choice['effect']; says: string }[] = [
    { effect: 'crisp', says: 'Crisp' },
    { effect: 'soft', says: 'Soft' },
    { effect: 'tone', says: 'A tone' },
    { effect: 'lost', says: 'Lost' },
]

/** Rows of one effect that are shown before somebody asks for the rest. */
const FEW = 4

/** Which of the jars reads on this ground, as it is laid and at the end: seen side by side, taken with one press. */
export default function JarChoice(props: Props) {
    const [isOpen, setOpen] = useState(false)
    const { step } = props
    if (step.zones.length === 0 || step.product === null) return null
    return isOpen ? (
        <Choices key={step.id} {...props} />
    ) : (
        <Button className="text-fine" onClick={() => setOpen(true)}>
            Compare jars on this ground
        </Button>
    )
}

function Choices({ state, step, zone, apply, near }: Props) {
    const on = zone !== null && step.zones.includes(zone) ? zone : (step.zones[0] ?? '')
    const isDrawn = useIsDrawn(state)
    const [load, setLoad] = useState<string | null>(null)
    const choices = useQuery({ ...jarChoicesQuery(state.id, stampOf(state), step.id, on, load), enabled: isDrawn })
    const [close, setClose] = useState<{ zone: Zone; jar: { id: string; name: string }; used: string } | null>(null)
    const seen = state.plan.zones.find((one) => one.id === on)
    const name = seen?.name ?? on
    const usedName = state.plan.products.find((one) => one.id === step.product)?.name ?? 'As it is'
    if (choices.isError) return <RetryNotice error={choices.error} onRetry={() => void choices.refetch()} />
    if (choices.data === undefined) return <p className="text-fine text-soft">Laying every jar on a copy…</p>
    if (choices.data.place === null)
        return <p className="text-fine text-soft">This step leaves no colour of its own.</p>
    const { jars, loads } = choices.data
    const isOtherLoad = load !== null && load !== step.load
    return (
        <div className="flex flex-col gap-2">
            <p className="text-fine text-soft">
                On {name}: with its ground as it is laid, then at the end. The figure is what is left at the end.
            </p>
            {loads.length > 0 && (
                <div className="flex flex-wrap items-center gap-1">
                    <span className="text-fine text-soft">With</span>
                    {loads.map(({ code, label }) => (
                        <Button
                            key={code}
                            className="text-fine"
                            aria-pressed={choices.data.load === code}
                            tone={choices.data.load === code ? 'act' : 'plain'}
                            onClick={() => setLoad(code)}
                        >
                            {label}
                        </Button>
                    ))}
                </div>
            )}
            {EFFECTS.map(({ effect, says }) => (
                <Group
                    key={effect}
                    title={says}
                    jars={jars.filter((jar) => jar.effect === effect)}
                    used={step.product}
                    isOtherLoad={isOtherLoad}
                    apply={apply}
                    near={near}
                    onClose={(jar) => seen !== undefined && setClose({ zone: seen, jar, used: usedName })}
                />
            ))}
            {close !== null && (
                <Suspense fallback={null}>
                    <CloseUpDialog
                        open
                        onOpenChange={() => setClose(null)}
                        build={state.id}
                        stamp={stampOf(state)}
                        facts={state.plan.build}
                        zone={close.zone}
                        steps={[]}
                        step={step.id}
                        against={{ jar: close.jar, used: close.used }}
                    />
                </Suspense>
            )}
            {jars.length === 0 && <p className="text-fine">No jar of yours can be used for this work.</p>}
        </div>
    )
}

type GroupProps = Pick<Props, 'apply' | 'near'> & {
    title: string
    jars: readonly Choice[]
    used: string | null
    /** Whether more or less of it is to be laid than the plan says. */
    isOtherLoad: boolean
    /** It shall be seen from close, beside what is in use. */
    onClose: (jar: { id: string; name: string }) => void
}

function Group({ title, jars, used, isOtherLoad, apply, near, onClose }: GroupProps) {
    const [isWhole, setWhole] = useState(false)
    const isAsPlanned = (jar: Choice) => jar.jar === used && !isOtherLoad
    if (jars.length === 0) return null
    const shown = isWhole ? jars : jars.filter((jar, place) => place < FEW || jar.jar === used)
    return (
        <section aria-label={title}>
            <h4 className="text-fine font-semibold">{title}</h4>
            <ul className="flex flex-col gap-0.5">
                {shown.map((jar) => (
                    <li key={jar.jar} className="flex items-center">
                        <button
                            type="button"
                            aria-pressed={jar.jar === used}
                            onMouseEnter={() => near(isAsPlanned(jar) ? null : jar.edits)}
                            onMouseLeave={() => near(null)}
                            onFocus={() => near(isAsPlanned(jar) ? null : jar.edits)}
                            onBlur={() => near(null)}
                            onClick={() => {
                                if (!isAsPlanned(jar)) void apply(jar.edits, `Use “${jar.name}”`)
                            }}
                            className={classes(
                                'flex min-h-9 min-w-0 flex-1 items-center gap-2 rounded-plate border px-1 text-left',
                                'hover:bg-press pointer-coarse:min-h-11',
                                jar.jar === used ? 'border-ink bg-sheet' : 'border-transparent',
                            )}
                        >
                            <OnGround mark={jar.mark[0]} ground={jar.ground[0]} />
                            <OnGround mark={jar.mark[1]} ground={jar.ground[1]} />
                            <span className="min-w-0 flex-1 truncate text-fine" title={jar.name}>
                                {jar.name}
                                {jar.jar === used && <span className="text-soft"> · in use</span>}
                            </span>
                            <span className="text-fine tabular-nums">{jar.atEnd.toFixed(0)}</span>
                        </button>
                        {jar.jar === used ? (
                            <span className="w-9 shrink-0 pointer-coarse:w-14" />
                        ) : (
                            <IconButton
                                label={`See ${jar.name} from close`}
                                onClick={() => onClose({ id: jar.jar, name: jar.name })}
                            >
                                <ZoomIn className="size-4" aria-hidden />
                            </IconButton>
                        )}
                    </li>
                ))}
            </ul>
            {shown.length < jars.length && (
                <Button className="text-fine" onClick={() => setWhole(true)}>
                    {jars.length - shown.length} more
                </Button>
            )}
        </section>
    )
}

/** The mark within its ground, as large as can be: a difference is judged by the edge between them. */
function OnGround({ mark, ground }: { mark: string; ground: string }) {
    return (
        <span aria-hidden="true" className="grid h-7 w-11 shrink-0 place-items-center" style={{ background: ground }}>
            <span className="h-3 w-6" style={{ background: mark }} />
        </span>
    )
}
