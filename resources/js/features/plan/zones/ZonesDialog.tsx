import { zodResolver } from '@hookform/resolvers/zod'
import { Plus, Trash2 } from 'lucide-react'
import { Suspense, useState } from 'react'
import { useForm } from 'react-hook-form'
import { z } from 'zod'
import { keepHere, readKept } from '@/app/kept'
import { Button } from '@/design/Button'
import { classes } from '@/design/classes'
import { Dialog } from '@/design/Dialog'
import { Select, TextField } from '@/design/Field'
import { typedNumber } from '@/design/form'
import { later } from '@/design/later'
import type { Library, Plan, Verdict, Zone } from '@/features/build'
import { newId, type PlanEdit } from '../state/edits'
import { PanelsField } from './PanelsField'

const VehicleViews = later(() => import('@/features/vehicle/VehicleViews'))

type Edit = (edits: PlanEdit[], label?: string) => Promise<boolean>
type Props = {
    open: boolean
    onOpenChange: (open: boolean) => void
    plan: Plan
    finish: Verdict['finish']
    library: Library
    edit: Edit
}

/** Kept for the person: whether zones are worked on with the vehicle in view, or in a table. */
const KEY = 'zones-as-table'

export default function ZonesDialog({ open, onOpenChange, plan, finish, library, edit }: Props) {
    const [isTable, setTable] = useState(() => readKept(KEY) === true)
    const [chosen, setChosen] = useState<string | null>(null)
    const add = () => {
        const zone: Zone = {
            id: newId('zone'),
            name: 'New zone',
            kind: 'stowage',
            areaCm2: 20,
            substrate: 'polystyrene',
            depicts: 'steel',
            traffic: 'light',
            sheltered: false,
            panels: [],
        }
        void edit([{ edit: 'put-zone', zone }], 'Add a zone')
        setChosen(zone.id)
    }
    const zone = plan.zones.find((one) => one.id === chosen) ?? plan.zones[0]
    return (
        <Dialog
            open={open}
            onOpenChange={onOpenChange}
            width="max-w-6xl"
            title="Zones"
            description={
                'Parts with a finish of their own. What they are made of decides what may touch ' +
                'them, and what can rust.'
            }
        >
            {isTable || zone === undefined ? (
                <ul className="flex flex-col gap-1">
                    {plan.zones.map((one) => (
                        <ZoneFields key={one.id} zone={one} plan={plan} finish={finish} library={library} edit={edit} />
                    ))}
                </ul>
            ) : (
                <div className="grid items-start gap-4 lg:grid-cols-[1fr_18rem]">
                    <OnVehicle plan={plan} finish={finish} zone={zone} onChoose={setChosen} />
                    <ul>
                        <ZoneFields
                            key={zone.id}
                            zone={zone}
                            plan={plan}
                            finish={finish}
                            library={library}
                            edit={edit}
                            isTall
                        />
                    </ul>
                </div>
            )}
            <div className="mt-3 flex gap-2">
                <Button onClick={add}>
                    <Plus className="size-4" aria-hidden /> Add a zone
                </Button>
                <Button
                    tone="quiet"
                    onClick={() => {
                        setTable(!isTable)
                        keepHere(KEY, !isTable)
                    }}
                >
                    {isTable ? 'On the vehicle' : 'As a table'}
                </Button>
            </div>
        </Dialog>
    )
}

type OnVehicleProps = Pick<Props, 'plan' | 'finish'> & { zone: Zone; onChoose: (zone: string) => void }

/** The finished vehicle, on which a zone is chosen; those that it does not show are chosen by name. */
function OnVehicle({ plan, finish, zone, onChoose }: OnVehicleProps) {
    return (
        <div>
            <div className="relative h-[22rem] rounded-plate bg-stage text-on-stage">
                <Suspense fallback={null}>
                    <VehicleViews
                        vehicle={plan.build}
                        name={plan.build.name}
                        finish={finish}
                        step={plan.steps.length - 1}
                        isFlat={false}
                        zones={{
                            of: (id) => ({
                                name: plan.zones.find((one) => one.id === id)?.name ?? '',
                                isOn: false,
                                isChosen: id === zone.id,
                                severity: null,
                            }),
                            chosen: zone.id,
                            onPress: onChoose,
                        }}
                        panels={{
                            zone: zone.id,
                            of: (id) => ({ name: zone.panels.find((one) => one.id === id)?.name ?? '', isOn: false }),
                            onPress: null,
                        }}
                    />
                </Suspense>
            </div>
            <fieldset className="mt-2 flex flex-wrap gap-1">
                <legend className="sr-only">Zone</legend>
                {plan.zones.map((one) => (
                    <label
                        key={one.id}
                        className={classes(
                            'flex min-h-8 cursor-pointer items-center rounded-plate border border-line px-2 text-fine',
                            'has-checked:border-ink has-checked:bg-press has-focus-visible:outline-2',
                            'pointer-coarse:min-h-11',
                        )}
                    >
                        <input
                            type="radio"
                            name="zone"
                            className="sr-only"
                            checked={one.id === zone.id}
                            onChange={() => onChoose(one.id)}
                        />
                        {one.name}
                    </label>
                ))}
            </fieldset>
        </div>
    )
}

const rowSchema = z.object({
    name: z.string().trim().min(1, 'Give it a name.'),
    areaCm2: typedNumber({ from: 0.01, to: 20_000, says: 'More than 0, at most 20000.' }),
})
type Typed = z.input<typeof rowSchema>

type FieldsProps = Pick<Props, 'plan' | 'finish' | 'library' | 'edit'> & { zone: Zone; isTall?: boolean }

/** What is typed is kept when one leaves its field, what is chosen at once. */
function ZoneFields({ zone, plan, finish, library, edit, isTall = false }: FieldsProps) {
    const { register, handleSubmit, formState } = useForm<Typed, unknown, z.output<typeof rowSchema>>({
        resolver: zodResolver(rowSchema),
        values: { name: zone.name, areaCm2: String(zone.areaCm2) },
        // What is still being typed elsewhere in the row stays when the zone comes back saved.
        resetOptions: { keepDirtyValues: true },
        mode: 'onBlur',
    })
    const change = (changes: Partial<Zone>) =>
        void edit([{ edit: 'put-zone', zone: { ...zone, ...changes } }], `Change ${zone.name}`)
    const keepTyped = handleSubmit((said) => {
        if (said.name !== zone.name || said.areaCm2 !== zone.areaCm2) change(said)
    })
    const choices = (words: Library['materials']) => words.map((word) => ({ value: word.code, label: word.label }))
    const used = plan.steps.filter((step) => step.zones.includes(zone.id)).length
    return (
        <li
            className={
                isTall
                    ? 'grid grid-cols-2 items-start gap-2 *:first:col-span-2'
                    : 'grid grid-cols-[1.2fr_1fr_5.5rem_1fr_0.9fr_0.8fr_auto_auto] items-start gap-2'
            }
        >
            <TextField
                label="Name"
                maxLength={120}
                {...register('name', { onBlur: () => void keepTyped() })}
                fault={formState.errors.name?.message}
            />
            <Select
                label="Kind"
                value={zone.kind}
                choices={choices(library.zoneKinds)}
                onChange={(event) => change({ kind: event.target.value })}
            />
            <TextField
                label="Area"
                unit="cm²"
                inputMode="decimal"
                {...register('areaCm2', { onBlur: () => void keepTyped() })}
                fault={formState.errors.areaCm2?.message}
            />
            <Select
                label="Model part"
                value={zone.substrate}
                choices={choices(library.substrates)}
                onChange={(event) => change({ substrate: event.target.value })}
            />
            <Select
                label="Real part"
                value={zone.depicts}
                choices={choices(library.materials)}
                onChange={(event) => change({ depicts: event.target.value })}
            />
            <Select
                label="Traffic"
                value={zone.traffic}
                choices={[
                    { value: 'none', label: 'none' },
                    { value: 'light', label: 'light' },
                    { value: 'heavy', label: 'heavy' },
                ]}
                onChange={(event) => change({ traffic: event.target.value as Zone['traffic'] })}
            />
            <label className="mt-4 flex min-h-8 items-center gap-1.5 whitespace-nowrap">
                <input
                    type="checkbox"
                    checked={zone.sheltered}
                    onChange={(event) => change({ sheltered: event.target.checked })}
                />
                sheltered
            </label>
            <Button
                tone="quiet"
                className="tip mt-4"
                aria-label={`Remove ${zone.name}`}
                data-tip={
                    plan.zones.length === 1
                        ? 'A build has at least one zone'
                        : used === 0
                          ? `Remove ${zone.name}`
                          : `Remove ${zone.name} from ${used} steps too; undo brings it back`
                }
                disabled={plan.zones.length === 1}
                onClick={() => void edit([{ edit: 'remove-zone', id: zone.id }], `Remove ${zone.name}`)}
            >
                <Trash2 className="size-4" aria-hidden />
            </Button>
            <PanelsField
                zone={zone}
                vehicle={plan.build}
                kinds={finish.belongs.flatMap((one) => (one.zone === zone.id ? [one.kind] : []))}
                onChange={(panels) => change({ panels })}
            />
        </li>
    )
}
