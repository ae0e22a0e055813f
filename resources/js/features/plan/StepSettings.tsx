import { lazy, memo, Suspense, useMemo, useState } from 'react'
import { Button } from '@/design/Button'
import { classes } from '@/design/classes'
import { inWords } from '@/design/duration'
import { type Choice, Select, TextArea, TextField } from '@/design/Field'
import { type CleanUpPass, type Library, type Plan, type Step, techniqueOf } from '@/features/build'
import { ExtentField } from './ExtentField'
import { fittingProducts, type PlanEdit } from './edits'

type Props = { plan: Plan; library: Library; step: Step; edit: (edits: PlanEdit[], label?: string) => Promise<boolean> }

const ProductDialog = lazy(() => import('./ProductDialog'))

const NEW = ':new'
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
const STAGES = [
    'ground',
    'colour',
    'chipping',
    'detail',
    'markings',
    'tint',
    'wear',
    'tracks',
    'dust',
    'seal',
    'assembly',
]

/** How a step is done. Every change is saved as soon as it is made. */
export const StepSettings = memo(function StepSettings({ plan, library, step, edit }: Props) {
    const [isNamingProduct, setNaming] = useState(false)
    const technique = techniqueOf(library, step.technique)
    const { own, starter } = fittingProducts(plan, library, technique)
    const techniques = useMemo(
        () =>
            STAGES.map((stage) => ({
                label: stage,
                choices: library.techniques
                    .filter((one) => one.stage === stage)
                    .map((one) => ({ value: one.code, label: one.name })),
            })),
        [library],
    )
    const change = (changes: Partial<Step>) => void edit([{ edit: 'replace-step', step: { ...step, ...changes } }])
    const carriers: Choice[] = library.carriers.map((carrier) => ({ value: carrier.code, label: carrier.label }))

    const pickProduct = (id: string) => {
        const fresh = starter.find((product) => product.id === id)
        if (id === NEW) setNaming(true)
        else if (fresh === undefined) change({ product: id })
        else
            void edit([
                { edit: 'put-product', product: fresh },
                { edit: 'replace-step', step: { ...step, product: id } },
            ])
    }

    return (
        <div className="grid grid-cols-2 gap-x-3 gap-y-2">
            <div className="col-span-2">
                <Select
                    label="Technique"
                    value={step.technique}
                    onChange={(event) =>
                        void edit([{ edit: 'change-technique', id: step.id, technique: event.target.value }])
                    }
                    groups={techniques}
                />
            </div>
            {technique.families.length > 0 && (
                <div className="col-span-2">
                    <Select
                        label="Product"
                        value={step.product ?? ''}
                        onChange={(event) => pickProduct(event.target.value)}
                        groups={[
                            {
                                label: 'in this plan',
                                choices: own.map((product) => ({ value: product.id, label: product.name })),
                            },
                            {
                                label: 'from the starter shelf',
                                choices: starter.map((product) => ({ value: product.id, label: product.name })),
                            },
                            { label: 'other', choices: [{ value: NEW, label: 'A new product…' }] },
                        ]}
                    />
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
                        label="How much"
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
                </>
            )}
            {technique.families.length > 0 && (
                <div className="col-span-2">
                    <ExtentField
                        extent={step.extent}
                        zones={plan.zones.filter((zone) => step.zones.includes(zone.id))}
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
            {isNamingProduct && (
                <Suspense fallback={null}>
                    <ProductDialog
                        open
                        onOpenChange={setNaming}
                        library={library}
                        families={technique.families}
                        onSave={(product) =>
                            edit(
                                [
                                    { edit: 'put-product', product },
                                    { edit: 'replace-step', step: { ...step, product: product.id } },
                                ],
                                'Add a product',
                            )
                        }
                    />
                </Suspense>
            )}
        </div>
    )
})

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
