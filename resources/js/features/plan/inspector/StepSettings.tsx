import { useQuery } from '@tanstack/react-query'
import { Copy, FlaskConical, Minus, Pencil, Plus } from 'lucide-react'
import { memo, Suspense, useMemo, useState } from 'react'
import { Link } from 'react-router'
import { Button } from '@/design/Button'
import { classes } from '@/design/classes'
import { inWords } from '@/design/duration'
import { type Choice, Select, TextArea, TextField } from '@/design/Field'
import { IconButton, iconLink } from '@/design/Icon'
import { later } from '@/design/later'
import {
    type CleanUpPass,
    jarsQuery,
    type Library,
    Picker,
    type Plan,
    type Product,
    type Step,
    techniqueOf,
} from '@/features/build'
import { findableJars, findableTechnique } from '../jars/findables'
import { familiesFor } from '../jars/jars'
import { AMOUNT_WORDS, AMOUNTS, stepped } from '../state/amounts'
import { fittingProducts, type PlanEdit } from '../state/edits'
import { ExtentField } from './ExtentField'

type Props = { plan: Plan; library: Library; step: Step; edit: (edits: PlanEdit[], label?: string) => Promise<boolean> }

const ProductDialog = later(() => import('../jars/ProductDialog'))

const APPLICATIONS: Choice[] = [
    { value: 'airbrush', label: 'by airbrush' },
    { value: 'can', label: 'by spray can' },
    { value: 'brush', label: 'by brush' },
    { value: 'sponge', label: 'by sponge' },
    { value: 'scrub', label: 'scrubbed' },
    { value: 'dry', label: 'dry' },
]
const LOADS: Choice[] = [
    { value: '', label: 'as usual' },
    { value: 'dab', label: 'dabs: a near-empty brush' },
    { value: 'mist', label: 'a mist, nearly dry' },
    { value: 'coat', label: 'a closed wet coat' },
    { value: 'brushed', label: 'a loaded brush' },
    { value: 'flood', label: 'a flood that runs' },
]
const LOAD_CODES = ['dab', 'mist', 'coat', 'brushed', 'flood'] as const
/** Steps back that somebody may still be working wet into. */
const MOST_INTO = 8

/** How a step is done. Every change is saved as soon as it is made. */
const StepSettings = memo(function StepSettings({ plan, library, step, edit }: Props) {
    const [asked, setAsked] = useState<{ from: Product | undefined; isCopy: boolean } | null>(null)
    const owned = useQuery(jarsQuery)
    const technique = techniqueOf(library, step.technique)
    const product = plan.products.find((one) => one.id === step.product)
    const techniques = useMemo(() => library.techniques.map(findableTechnique), [library])
    const { all, jars } = useMemo(() => {
        const fitting = fittingProducts(plan, library, technique, owned.data ?? [])
        return { all: Object.values(fitting).flat(), jars: findableJars(fitting, library) }
    }, [plan, library, technique, owned.data])
    const change = (changes: Partial<Step>) => void edit([{ edit: 'replace-step', step: { ...step, ...changes } }])
    const carriers: Choice[] = library.carriers.map((carrier) => ({ value: carrier.code, label: carrier.label }))

    const pickProduct = (id: string) => {
        const picked = all.find((one) => one.id === id)
        const isHere = plan.products.some((one) => one.id === id)
        void edit([
            ...(picked === undefined || isHere ? [] : [{ edit: 'put-product' as const, product: picked }]),
            { edit: 'replace-step', step: { ...step, product: id } },
        ])
    }

    return (
        <div className="grid grid-cols-2 gap-x-3 gap-y-2">
            <div className="col-span-2">
                <Picker
                    label="Technique"
                    value={step.technique}
                    items={techniques}
                    empty=""
                    placeholder="prime, wash, chips …"
                    onPick={(code) => void edit([{ edit: 'change-technique', id: step.id, technique: code }])}
                />
            </div>
            {technique.families.length > 0 && (
                <div className="col-span-2 flex items-end gap-1">
                    <div className="min-w-0 flex-1">
                        <Picker
                            label="Jar"
                            value={step.product ?? ''}
                            items={jars}
                            empty="none yet"
                            placeholder="the name of a jar, or its family …"
                            onPick={pickProduct}
                        >
                            {(close) => (
                                <Button
                                    className="mt-2"
                                    onClick={() => {
                                        close()
                                        setAsked({ from: undefined, isCopy: false })
                                    }}
                                >
                                    <Plus className="size-4" aria-hidden /> A new jar
                                </Button>
                            )}
                        </Picker>
                    </div>
                    {product !== undefined && (
                        <>
                            <IconButton
                                label="Change this jar"
                                onClick={() => setAsked({ from: product, isCopy: false })}
                            >
                                <Pencil className="size-4" aria-hidden />
                            </IconButton>
                            <IconButton
                                label="Take a jar like it"
                                onClick={() => setAsked({ from: product, isCopy: true })}
                            >
                                <Copy className="size-4" aria-hidden />
                            </IconButton>
                            {product.colour !== null && (
                                <Link
                                    to={`/mixes?wanted=${encodeURIComponent(product.colour)}`}
                                    {...iconLink('Mix its colour from your jars')}
                                >
                                    <FlaskConical className="size-4" aria-hidden />
                                </Link>
                            )}
                        </>
                    )}
                </div>
            )}
            {technique.families.length > 0 && technique.application !== 'dry' && (
                <>
                    <Select
                        label="Applied"
                        value={step.application}
                        choices={APPLICATIONS}
                        onChange={(event) => change({ application: event.target.value })}
                    />
                    <NumberField
                        label="Coats"
                        value={step.coats}
                        min={1}
                        max={12}
                        onCommit={(coats) => change({ coats: coats ?? 1 })}
                    />
                    <Select
                        label="How wet"
                        value={step.load ?? ''}
                        choices={LOADS}
                        onChange={(event) =>
                            change({ load: LOAD_CODES.find((code) => code === event.target.value) ?? null })
                        }
                    />
                    <div>
                        <Select
                            label="Thinned with"
                            value={step.thinner ?? ''}
                            choices={[{ value: '', label: 'nothing: as it comes from the jar' }, ...carriers]}
                            onChange={(event) =>
                                change({ thinner: event.target.value === '' ? null : event.target.value })
                            }
                        />
                    </div>
                    <NumberField
                        label="Thinner in it"
                        unit="%"
                        value={step.thinnerShare}
                        min={0}
                        max={95}
                        placeholder="as usual"
                        onCommit={(thinnerShare) => change({ thinnerShare })}
                    />
                </>
            )}
            {technique.hasAmount && <AmountField amount={step.amount} onChange={(amount) => change({ amount })} />}
            {technique.families.length > 0 && (
                <div className="col-span-2">
                    <ExtentField
                        extent={step.extent}
                        zones={plan.zones.filter((zone) => step.zones.includes(zone.id))}
                        isCamouflage={technique.code.endsWith('-camouflage')}
                        onChange={(extent) => change({ extent })}
                    />
                </div>
            )}
            {(technique.cleanUp !== null || technique.kind === 'clean-up') && (
                <CleanUp
                    step={step}
                    carriers={carriers}
                    title={
                        technique.cleanUp === null
                            ? 'With what, pass by pass'
                            : `Clean-up, when it is ${technique.cleanUp.sign}`
                    }
                    onChange={change}
                />
            )}
            {technique.families.length > 0 && (
                <MergeField plan={plan} library={library} step={step} onChange={change} />
            )}
            <SittingField plan={plan} step={step} onChange={change} />
            <div className="col-span-2">
                <NumberField
                    label="Wait before it"
                    unit="min"
                    value={step.waitMinutes}
                    min={0}
                    max={525600}
                    placeholder="as soon as it may"
                    hint={
                        step.waitMinutes === null
                            ? 'Left empty, it starts as soon as everything below allows.'
                            : `That is ${inWords(step.waitMinutes)} after the step before.`
                    }
                    onCommit={(waitMinutes) => change({ waitMinutes })}
                />
            </div>
            <div className="col-span-2">
                <TextArea
                    label="Note"
                    rows={2}
                    maxLength={2000}
                    defaultValue={step.note}
                    key={step.note}
                    onBlur={(event) => {
                        if (event.target.value !== step.note) change({ note: event.target.value })
                    }}
                />
            </div>
            <label className="col-span-2 flex min-h-8 items-center gap-1.5 pointer-coarse:min-h-11">
                <input
                    type="checkbox"
                    checked={step.locked}
                    onChange={(event) => change({ locked: event.target.checked })}
                />
                Keep it as it is whenever the plan is drafted anew
            </label>
            {asked !== null && (
                <Suspense fallback={null}>
                    <ProductDialog
                        open
                        onOpenChange={() => setAsked(null)}
                        library={library}
                        families={
                            asked.from === undefined || asked.isCopy
                                ? technique.families
                                : familiesFor(asked.from, plan, library)
                        }
                        from={asked.from}
                        isCopy={asked.isCopy}
                        onSave={(jar) =>
                            edit(
                                jar.id === step.product
                                    ? [{ edit: 'put-product', product: jar }]
                                    : [
                                          { edit: 'put-product', product: jar },
                                          { edit: 'replace-step', step: { ...step, product: jar.id } },
                                      ],
                                jar.id === step.product ? `Change ${jar.name}` : `Take ${jar.name}`,
                            )
                        }
                    />
                </Suspense>
            )}
        </div>
    )
})

export default StepSettings

/** How thick it lies where it lies: by name, or a step up and down. */
function AmountField({ amount, onChange }: { amount: Step['amount']; onChange: (amount: Step['amount']) => void }) {
    const less = stepped(amount, -1)
    const more = stepped(amount, 1)
    return (
        <div className="col-span-2 flex items-end gap-1">
            <div className="min-w-0 flex-1">
                <Select
                    label="How much"
                    value={amount ?? ''}
                    choices={[
                        { value: '', label: 'as usual' },
                        ...AMOUNTS.map((one) => ({ value: one, label: AMOUNT_WORDS[one] })),
                    ]}
                    onChange={({ target: { value } }) => onChange(AMOUNTS.find((one) => one === value) ?? null)}
                />
            </div>
            <IconButton label="Less of it (−)" disabled={less === amount} onClick={() => onChange(less)}>
                <Minus className="size-4" aria-hidden />
            </IconButton>
            <IconButton label="More of it (+)" disabled={more === amount} onClick={() => onChange(more)}>
                <Plus className="size-4" aria-hidden />
            </IconButton>
        </div>
    )
}

const APART = ':apart'

/** Wet in wet, or one over the other: asked only where something earlier lies on the same zones. */
function MergeField({
    plan,
    library,
    step,
    onChange,
}: {
    plan: Plan
    library: Library
    step: Step
    onChange: (changes: Partial<Step>) => void
}) {
    const before = plan.steps
        .slice(
            0,
            plan.steps.findIndex((one) => one.id === step.id),
        )
        .map((one, index) => ({ one, label: `into ${index + 1} ${techniqueOf(library, one.technique).name}` }))
        .filter(({ one }) => one.product !== null && one.zones.some((zone) => step.zones.includes(zone)))
        .reverse()
    const chosen = step.merge === null ? '' : (step.merge.into ?? APART)
    if (before.length === 0 && chosen === '') return null
    return (
        <div className="col-span-2">
            <Select
                label="Wet in wet"
                value={chosen}
                choices={[
                    { value: '', label: 'as its medium does' },
                    { value: APART, label: 'apart, once what lies there has set' },
                    ...before.slice(0, MOST_INTO).map(({ one, label }) => ({ value: one.id, label })),
                ]}
                onChange={({ target: { value } }) =>
                    onChange({ merge: value === '' ? null : { into: value === APART ? null : value } })
                }
            />
        </div>
    )
}

/** Whether the clock lays it together with the step before. */
function SittingField({
    plan,
    step,
    onChange,
}: {
    plan: Plan
    step: Step
    onChange: (changes: Partial<Step>) => void
}) {
    const number = plan.steps.findIndex((one) => one.id === step.id)
    if (number < 1 && step.sitting === null) return null
    return (
        <div className="col-span-2">
            <Select
                label="Sitting"
                value={step.sitting ?? ''}
                choices={[
                    { value: '', label: 'as its medium does' },
                    { value: 'joined', label: `in one sitting with step ${number}` },
                    { value: 'apart', label: `another time than step ${number}` },
                ]}
                onChange={({ target: { value } }) =>
                    onChange({ sitting: value === 'joined' || value === 'apart' ? value : null })
                }
            />
        </div>
    )
}

function CleanUp({
    step,
    carriers,
    title,
    onChange,
}: {
    step: Step
    carriers: Choice[]
    title: string
    onChange: (changes: Partial<Step>) => void
}) {
    const passes = step.cleanUp
    const change = (cleanUp: CleanUpPass[]) => onChange({ cleanUp })
    const last = passes.at(-1)
    return (
        <fieldset className="col-span-2 flex flex-col gap-2 rounded-plate border border-line p-2">
            <legend className="px-1 text-fine text-soft">{title}</legend>
            {passes.map((pass, place) => (
                <CleanUpFields
                    // biome-ignore lint/suspicious/noArrayIndexKey: a pass has no other name than its place
                    key={place}
                    pass={pass}
                    name={passes.length === 1 ? '' : ` (pass ${place + 1})`}
                    carriers={carriers}
                    onChange={(changed) => change(passes.with(place, { ...pass, ...changed }))}
                    onRemove={() => change(passes.toSpliced(place, 1))}
                />
            ))}
            <Button
                className="w-full"
                onClick={() =>
                    change([
                        ...passes,
                        last === undefined
                            ? { carrier: 'odourless-spirit', rubbed: false, afterMinutes: 30 }
                            : { ...last, afterMinutes: last.afterMinutes + 10 },
                    ])
                }
            >
                {last === undefined ? 'Add a clean-up' : 'Add another pass'}
            </Button>
        </fieldset>
    )
}

type PassProps = {
    pass: CleanUpPass
    name: string
    carriers: Choice[]
    onChange: (changes: Partial<CleanUpPass>) => void
    onRemove: () => void
}

function CleanUpFields({ pass, name, carriers, onChange, onRemove }: PassProps) {
    return (
        <div
            className={classes(
                'grid grid-cols-2 gap-x-3 gap-y-2 not-first-of-type:border-t',
                'not-first-of-type:border-line not-first-of-type:pt-2',
            )}
        >
            <Select
                label={`With${name}`}
                value={pass.carrier ?? ''}
                choices={[{ value: '', label: 'nothing: dry' }, ...carriers]}
                onChange={(event) => onChange({ carrier: event.target.value === '' ? null : event.target.value })}
            />
            <Select
                label={`How${name}`}
                value={pass.rubbed ? 'scrubbed' : 'wiped'}
                choices={[
                    { value: 'wiped', label: 'wiped' },
                    { value: 'scrubbed', label: 'scrubbed' },
                ]}
                onChange={(event) => onChange({ rubbed: event.target.value === 'scrubbed' })}
            />
            <NumberField
                label={`After${name}`}
                unit="min"
                value={pass.afterMinutes}
                min={0}
                max={43200}
                onCommit={(afterMinutes) => onChange({ afterMinutes: afterMinutes ?? 0 })}
            />
            <Button className="self-end" onClick={onRemove}>
                Leave it out
            </Button>
        </div>
    )
}

type NumberProps = {
    label: string
    value: number | null
    min: number
    max: number
    unit?: string
    hint?: string
    placeholder?: string
    onCommit: (value: number | null) => void
}

/** A whole number, kept when the field is left or Enter is pressed. What is no number in range is said at the field. */
function NumberField({ label, value, min, max, unit, hint, placeholder, onCommit }: NumberProps) {
    const [fault, setFault] = useState<string>()
    const shown = value === null ? '' : String(value)
    const commit = (text: string) => {
        const trimmed = text.trim()
        const number = Number(trimmed)
        if (trimmed === shown) return setFault(undefined)
        if (trimmed !== '' && (!Number.isInteger(number) || number < min || number > max)) {
            return setFault(`A whole number from ${min} to ${max}.`)
        }
        setFault(undefined)
        return onCommit(trimmed === '' ? null : number)
    }
    return (
        <TextField
            key={shown}
            label={label}
            defaultValue={shown}
            inputMode="numeric"
            fault={fault}
            hint={hint}
            placeholder={placeholder}
            {...(unit === undefined ? {} : { unit })}
            onBlur={(event) => commit(event.target.value)}
            onKeyDown={(event) => {
                if (event.key === 'Enter') commit(event.currentTarget.value)
            }}
        />
    )
}
