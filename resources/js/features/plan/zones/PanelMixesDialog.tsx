import { useQuery } from '@tanstack/react-query'
import { Lock, LockOpen } from 'lucide-react'
import { useState } from 'react'
import { Button } from '@/design/Button'
import { classes } from '@/design/classes'
import { Dialog } from '@/design/Dialog'
import { Select } from '@/design/Field'
import { IconButton } from '@/design/Icon'
import { RetryNotice } from '@/design/Notice'
import type { Plan, Step } from '@/features/build'
import { type JarChoice, jarChoicesQuery, type PanelMixes, panelMixesQuery } from '../api'
import type { PlanEdit } from '../state/edits'
import { type PlanState, stampOf } from '../state/usePlan'

type Props = {
    open: boolean
    onOpenChange: (open: boolean) => void
    state: PlanState
    step: Step
    edit: (edits: PlanEdit[], label?: string) => Promise<boolean>
}

/** Jars of which mixes are made at most. */
const MOST = 6

const BANDS = [
    { value: 'faintly', label: 'faintly: as plates of one batch' },
    { value: 'clearly', label: 'clearly: as plates of different age' },
    { value: 'strongly', label: 'strongly: in patches of several colours' },
] as const

/** Each panel of the step's zones in a mix of its own, so that no two that meet read as one. */
export default function PanelMixesDialog({ open, onOpenChange, state, step, edit }: Props) {
    return (
        <Dialog
            open={open}
            onOpenChange={onOpenChange}
            width="max-w-3xl"
            title="A mix for every panel"
            description="Tones of one paint, or mixes of several in equal parts; no two neighbours get the same."
        >
            <Jars state={state} step={step} edit={edit} onDone={() => onOpenChange(false)} />
        </Dialog>
    )
}

type InnerProps = Pick<Props, 'state' | 'step' | 'edit'> & { onDone: () => void }

function Jars(props: InnerProps) {
    const { state, step } = props
    const choices = useQuery(jarChoicesQuery(state.id, stampOf(state), step.id, step.zones[0] ?? '', null))
    if (choices.isPending) return <p className="p-6 text-center text-soft">Looking through the jars…</p>
    if (choices.isError) return <RetryNotice error={choices.error} onRetry={() => void choices.refetch()} />
    return <Chosen {...props} jars={choices.data.jars} />
}

function Chosen({ state, step, edit, onDone, jars }: InnerProps & { jars: readonly JarChoice[] }) {
    const family = jars.find((jar) => jar.jar === step.product)?.family ?? jars[0]?.family
    const own = jars.filter((jar) => jar.family === family)
    // Empty until a hand has chosen: the server begins with what is nearest to the paint of the step.
    const [picked, setChosen] = useState<readonly string[]>([])
    const [band, setBand] = useState<string>(BANDS[0].value)
    const [locked, setLocked] = useState<Readonly<Record<string, number>>>({})
    const mixes = useQuery({
        ...panelMixesQuery(state.id, stampOf(state), step.id, picked, band, locked),
        enabled: own.length > 0,
    })
    const chosen = picked.length > 0 ? picked : (mixes.data?.chosen ?? [])
    const choose = (jar: string) => {
        const left = chosen.filter((one) => one !== jar)
        setChosen(left.length === 0 ? [jar] : chosen.includes(jar) ? left : [...chosen, jar])
        // A mix is named by its place among those of the chosen jars.
        setLocked({})
    }
    return (
        <div className="flex flex-col gap-3">
            <fieldset>
                <legend className="text-fine text-soft">Of which jars, at most {MOST}</legend>
                <div className="flex flex-wrap gap-1">
                    {own.map((jar) => (
                        <label
                            key={jar.jar}
                            className={classes(
                                'flex min-h-9 items-center gap-1.5 rounded-plate border px-2 text-fine',
                                chosen.includes(jar.jar) ? 'border-ink bg-sheet' : 'border-line',
                            )}
                        >
                            <input
                                type="checkbox"
                                checked={chosen.includes(jar.jar)}
                                disabled={!chosen.includes(jar.jar) && chosen.length >= MOST}
                                onChange={() => choose(jar.jar)}
                            />
                            <span className="size-5" style={{ background: jar.colour }} />
                            {jar.name}
                        </label>
                    ))}
                </div>
                {own.length === 0 && <p>No jar with a colour can be used for this work. Put some on your shelf.</p>}
            </fieldset>
            <Select
                label="How far neighbours differ"
                value={band}
                choices={BANDS}
                onChange={(event) => {
                    setBand(event.target.value)
                    setLocked({})
                }}
            />
            {mixes.isError && <RetryNotice error={mixes.error} onRetry={() => void mixes.refetch()} />}
            {mixes.data !== undefined && !mixes.isError && (
                <Outcome
                    plan={state.plan}
                    mixes={mixes.data}
                    locked={locked}
                    onLocked={setLocked}
                    onTake={async () => {
                        if (await edit(mixes.data.edits, 'A mix for every panel')) onDone()
                    }}
                    isFetching={mixes.isFetching}
                />
            )}
        </div>
    )
}

type OutcomeProps = {
    plan: Plan
    mixes: PanelMixes
    locked: Readonly<Record<string, number>>
    onLocked: (locked: Readonly<Record<string, number>>) => void
    onTake: () => void
    isFetching: boolean
}

function Outcome({ plan, mixes, locked, onLocked, onTake, isFetching }: OutcomeProps) {
    const used = mixes.mixes.filter((mix) => mix.panels.length > 0)
    const panels = used.flatMap((mix) => mix.panels.map((panel) => ({ ...panel, mix })))
    const neighbours = (id: string) =>
        plan.zones
            .flatMap((zone) => zone.panels ?? [])
            .filter((one) => one.neighbours.includes(id) || ofPanel(plan, id).includes(one.id))
            .flatMap((one) => panels.find((panel) => panel.id === one.id) ?? [])
    const toggle = (id: string, mix: number) => {
        const { [id]: was, ...rest } = locked
        onLocked(was === undefined ? { ...locked, [id]: mix } : rest)
    }
    return (
        <div className={classes('flex flex-col gap-3', isFetching ? 'opacity-60' : '')} aria-busy={isFetching}>
            <p role="status">{saysOf(mixes, used.length, panels.length)}</p>
            <ul className="grid grid-cols-2 gap-x-4 gap-y-1 max-sm:grid-cols-1">
                {panels.map((panel) => (
                    <li key={panel.id} className="flex items-center gap-2 border-b border-line py-1">
                        <span className="flex h-9 w-20 shrink-0">
                            <span className="flex-[2]" style={{ background: panel.mix.colour }} />
                            {neighbours(panel.id).map((other) => (
                                <span
                                    key={other.id}
                                    className="flex-1"
                                    title={other.name}
                                    style={{ background: other.mix.colour }}
                                />
                            ))}
                        </span>
                        <span className="min-w-0 flex-1 leading-tight">
                            <span className="block truncate">{panel.name}</span>
                            <span className="block truncate text-fine text-soft" title={panel.mix.name}>
                                {panel.mix.name}
                            </span>
                        </span>
                        <IconButton
                            label={
                                locked[panel.id] === undefined ? `Keep ${panel.name} so` : `Let ${panel.name} change`
                            }
                            onClick={() => toggle(panel.id, panel.mix.mix)}
                        >
                            {locked[panel.id] === undefined ? (
                                <LockOpen className="size-4 text-soft" aria-hidden />
                            ) : (
                                <Lock className="size-4" aria-hidden />
                            )}
                        </IconButton>
                    </li>
                ))}
            </ul>
            <h3 className="text-fine font-semibold">To mix</h3>
            <ul className="flex flex-wrap gap-2">
                {used.map((mix) => (
                    <li key={mix.mix} className="w-44 rounded-plate border border-line bg-sheet">
                        <span className="block h-10" style={{ background: mix.colour }} />
                        <span className="block p-1.5 text-fine leading-tight">
                            {mix.name}
                            <span className="block text-soft">
                                {mix.panels.length} {mix.panels.length === 1 ? 'panel' : 'panels'}
                            </span>
                        </span>
                    </li>
                ))}
            </ul>
            <Button tone="act" disabled={isFetching} onClick={onTake}>
                Put {used.length} {used.length === 1 ? 'step' : 'steps'} on the plan in its place
            </Button>
        </div>
    )
}

const ofPanel = (plan: Plan, id: string): readonly string[] =>
    plan.zones.flatMap((zone) => zone.panels ?? []).find((panel) => panel.id === id)?.neighbours ?? []

/** "14 mixes, 12 of them told apart; 4 are used on 10 panels. No neighbours closer than ΔE 12." */
function saysOf(mixes: PanelMixes, used: number, panels: number): string {
    const many = `${mixes.mixes.length} ${mixes.mixes.length === 1 ? 'mix' : 'mixes'}, ${mixes.toldApart} told apart.`
    const some = `${used} used on ${panels} ${panels === 1 ? 'panel' : 'panels'}.`
    const apart =
        mixes.alike > 0
            ? `${mixes.alike} ${mixes.alike === 1 ? 'pair' : 'pairs'} of neighbours must share one: take another jar.`
            : mixes.least === null
              ? 'None of them meet.'
              : `No neighbours closer than ΔE ${mixes.least.toFixed(1)}${mixes.isProved ? ', the best there is' : ''}.`
    return `${many} ${some} ${apart}`
}
