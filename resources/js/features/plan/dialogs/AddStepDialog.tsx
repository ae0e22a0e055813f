import { useQuery } from '@tanstack/react-query'
import { useMemo, useState } from 'react'
import { Button } from '@/design/Button'
import { classes } from '@/design/classes'
import { Dialog } from '@/design/Dialog'
import {
    type Findable,
    FindList,
    jarsQuery,
    type Library,
    type Plan,
    type Product,
    type Step,
    techniqueOf,
} from '@/features/build'
import { type Placing, placingQuery } from '../api'
import { findableJar, findableTechnique } from '../jars/findables'
import { techniqueFor } from '../jars/jars'
import type { NewStep } from '../state/edits'
import { type PlanState, stampOf } from '../state/usePlan'

type Props = {
    open: boolean
    onOpenChange: (open: boolean) => void
    state: PlanState
    library: Library
    /** It goes after this one; null: at the end. */
    after: Step | null
    onPick: (step: NewStep) => Promise<void>
}

/** Find a technique or a jar by a few letters; what it most likely goes on is chosen, and can be changed. */
export default function AddStepDialog({ open, onOpenChange, state, library, after, onPick }: Props) {
    return (
        <Dialog
            open={open}
            onOpenChange={onOpenChange}
            width="max-w-2xl"
            title="Add a step"
            description={
                after === null
                    ? 'It goes to the end of the plan.'
                    : `It goes after ${nameOf(after, state.plan, library)}.`
            }
        >
            <Finder
                state={state}
                library={library}
                after={after}
                onPick={(step) => {
                    onOpenChange(false)
                    void onPick(step)
                }}
            />
        </Dialog>
    )
}

const nameOf = (step: Step, plan: Plan, library: Library): string =>
    `${plan.steps.indexOf(step) + 1} ${techniqueOf(library, step.technique).name}`

const JAR = 'jar '

function Finder({
    state,
    library,
    after,
    onPick,
}: Omit<Props, 'open' | 'onOpenChange' | 'onPick'> & {
    onPick: (step: NewStep) => void
}) {
    const { plan } = state
    const at = after === null ? plan.steps.length : plan.steps.indexOf(after) + 1
    const placing = useQuery(placingQuery(state.id, stampOf(state), at))
    const own = useQuery(jarsQuery)
    const jars = useMemo(() => allJars(plan, own.data ?? [], library), [plan, own.data, library])
    const items = useMemo(() => findables(library, jars), [library, jars])
    const [key, setKey] = useState<string | null>(items[0]?.key ?? null)
    const [zones, setZones] = useState<readonly string[] | null>(null)
    const [merge, setMerge] = useState<NewStep['merge']>(null)

    const chosenOf = (taken: string | null) => {
        const jar = taken?.startsWith(JAR) ? jars.find((one) => one.id === taken.slice(JAR.length)) : undefined
        const code = jar === undefined ? taken : techniqueFor(jar, plan, library)
        const technique = library.techniques.find((one) => one.code === code)
        return { jar, technique, usual: placing.data?.find((one) => one.technique === code) }
    }
    const take = (taken: string) => {
        const { jar, technique } = chosenOf(taken)
        if (technique !== undefined) onPick({ technique: technique.code, zones, jar: jar ?? null, merge })
    }
    const { jar, technique, usual } = chosenOf(key)
    const on = zones ?? usual?.zones ?? []
    return (
        <>
            <FindList
                label="Technique"
                placeholder="prime, wash, chips, or the name of a jar …"
                none="No technique and no jar goes by that name."
                items={items}
                onTake={take}
                onAt={setKey}
                className="max-h-[36dvh]"
            />
            {technique !== undefined && (
                <div className="mt-3 border-t border-rule pt-2">
                    <ZoneChoice
                        plan={plan}
                        library={library}
                        before={after?.zones ?? null}
                        usual={usual}
                        isUsual={zones === null}
                        on={on}
                        onChange={setZones}
                    />
                    {usual?.into != null && (
                        <MergeChoice
                            into={usual.into}
                            name={nameOf(plan.steps.find((one) => one.id === usual.into) as Step, plan, library)}
                            merge={merge}
                            onChange={setMerge}
                        />
                    )}
                    <div className="mt-3 flex justify-end">
                        <Button tone="act" disabled={key === null} onClick={() => key !== null && take(key)}>
                            Add {technique.name.toLowerCase()}
                            {jar === undefined ? '' : `, ${jar.name}`}
                            {placing.isSuccess || zones !== null
                                ? `, on ${on.length} ${on.length === 1 ? 'zone' : 'zones'}`
                                : ''}
                        </Button>
                    </div>
                </div>
            )}
        </>
    )
}

type ZoneChoiceProps = {
    plan: Plan
    library: Library
    before: readonly string[] | null
    usual: Placing[number] | undefined
    /** Nobody has chosen yet: what is marked is what such work usually goes on. */
    isUsual: boolean
    on: readonly string[]
    onChange: (zones: readonly string[] | null) => void
}

function ZoneChoice({ plan, library, before, usual, isUsual, on, onChange }: ZoneChoiceProps) {
    const groupOf = (kind: string) => library.zoneKinds.find((one) => one.code === kind)?.group
    const where = (wanted: (zone: Plan['zones'][number]) => boolean) => plan.zones.filter(wanted).map(({ id }) => id)
    const groups: { name: string; zones: readonly string[] | null }[] = [
        { name: 'As usual', zones: null },
        ...(before === null ? [] : [{ name: 'As the step before', zones: before }]),
        { name: 'Body only', zones: where((zone) => groupOf(zone.kind) === 'body') },
        { name: 'Running gear', zones: where((zone) => groupOf(zone.kind) === 'running gear') },
        { name: 'All but glass', zones: where((zone) => zone.kind !== 'glass') },
    ]
    const isSame = (zones: readonly string[] | null) =>
        zones === null ? isUsual : !isUsual && zones.length === on.length && zones.every((zone) => on.includes(zone))
    const toggle = (id: string) =>
        onChange(plan.zones.map((zone) => zone.id).filter((zone) => (zone === id) !== on.includes(zone)))
    return (
        <fieldset>
            <legend className="text-fine text-soft">On these zones</legend>
            <div className="mt-1 flex flex-wrap gap-1">
                {groups
                    .filter(({ zones }) => zones === null || zones.length > 0)
                    .map(({ name, zones }) => (
                        <Button
                            key={name}
                            tone={isSame(zones) ? 'act' : 'plain'}
                            className="text-fine"
                            aria-pressed={isSame(zones)}
                            disabled={zones === null && usual === undefined}
                            onClick={() => onChange(zones)}
                        >
                            {name}
                        </Button>
                    ))}
            </div>
            <div className="mt-1.5 flex max-h-28 flex-wrap gap-1 overflow-y-auto">
                {plan.zones.map((zone) => (
                    <label
                        key={zone.id}
                        className={classes(
                            'flex min-h-8 cursor-pointer items-center rounded-plate border border-line px-2 text-fine',
                            'text-soft has-checked:border-ink has-checked:bg-press has-checked:text-ink',
                            'has-focus-visible:outline-2 pointer-coarse:min-h-11',
                        )}
                    >
                        <input
                            type="checkbox"
                            className="sr-only"
                            checked={on.includes(zone.id)}
                            onChange={() => toggle(zone.id)}
                        />
                        {zone.name}
                    </label>
                ))}
            </div>
        </fieldset>
    )
}

/** In the same sitting more of the same goes into what is open; who waits lays it over. */
function MergeChoice({
    into,
    name,
    merge,
    onChange,
}: {
    into: string
    name: string
    merge: NewStep['merge']
    onChange: (merge: NewStep['merge']) => void
}) {
    const choices: { label: string; value: NewStep['merge'] }[] = [
        { label: 'as its medium does', value: null },
        { label: `into ${name}, while that is open`, value: { into } },
        { label: 'apart, once that has set', value: { into: null } },
    ]
    return (
        <fieldset className="mt-2 flex flex-wrap items-center gap-x-3 gap-y-1">
            <legend className="text-fine text-soft">Wet in wet</legend>
            {choices.map(({ label, value }) => (
                <label key={label} className="flex min-h-8 items-center gap-1.5 pointer-coarse:min-h-11">
                    <input
                        type="radio"
                        name="merge"
                        checked={merge === value || (merge !== null && value !== null && merge.into === value.into)}
                        onChange={() => onChange(value)}
                    />
                    {label}
                </label>
            ))}
        </fieldset>
    )
}

/** Those of the plan, those that the person owns, and those that everybody begins with; each once. */
function allJars(plan: Plan, own: readonly Product[], library: Library): Product[] {
    const byId = new Map([...library.starterShelf, ...own, ...plan.products].map((jar) => [jar.id, jar]))
    return [...byId.values()]
}

function findables(library: Library, jars: readonly Product[]): Findable[] {
    return [
        ...library.techniques.map(findableTechnique),
        ...jars.map((jar) => findableJar(jar, 'jars', library, `${JAR}${jar.id}`)),
    ]
}
