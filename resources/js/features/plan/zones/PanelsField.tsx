import { useMutation, useQueryClient } from '@tanstack/react-query'
import { Plus, Trash2, Truck } from 'lucide-react'
import { Button } from '@/design/Button'
import { classes } from '@/design/classes'
import { TextField } from '@/design/Field'
import { IconButton } from '@/design/Icon'
import type { Zone } from '@/features/build'
import { type Chosen, platesQuery } from '@/features/vehicle'
import { newId } from '../state/edits'
import { MOST_PANELS, withPlates } from './panels'

type Panel = Zone['panels'][number]

type Props = {
    zone: Zone
    vehicle: Chosen
    /** Kinds of zones of the vehicle that the zone takes in. */
    kinds: readonly string[]
    onChange: (panels: Panel[]) => void
}

/** The faces of a zone that may have a tint of their own, and which of them meet along an edge. */
export function PanelsField({ zone, vehicle, kinds, onChange }: Props) {
    const { panels } = zone
    const queries = useQueryClient()
    const fromVehicle = useMutation({
        mutationFn: () => queries.fetchQuery(platesQuery(vehicle)),
        onSuccess: (plates) => onChange(withPlates(panels, plates, kinds)),
    })
    const meets = (one: Panel, other: Panel) => one.neighbours.includes(other.id) || other.neighbours.includes(one.id)
    const toggle = (one: Panel, other: Panel) => {
        const isApart = meets(one, other)
        onChange(
            panels.map((panel) => {
                const without = { ...panel, neighbours: panel.neighbours.filter((id) => id !== other.id) }
                if (panel.id === one.id) {
                    return isApart ? without : { ...panel, neighbours: [...panel.neighbours, other.id] }
                }
                return panel.id === other.id
                    ? { ...panel, neighbours: panel.neighbours.filter((id) => id !== one.id) }
                    : panel
            }),
        )
    }
    const remove = (gone: Panel) =>
        onChange(
            panels
                .filter((panel) => panel.id !== gone.id)
                .map((panel) => ({ ...panel, neighbours: panel.neighbours.filter((id) => id !== gone.id) })),
        )
    const add = () => {
        const last = panels.at(-1)
        const panel = {
            id: newId('panel'),
            name: `Panel ${panels.length + 1}`,
            // Most panels lie in a row; what does not meet is one press away.
            neighbours: last === undefined ? [] : [last.id],
            plate: null,
        }
        onChange([...panels, panel])
    }
    return (
        <details className="col-span-full">
            <summary className="w-fit cursor-pointer py-1 text-fine text-soft pointer-coarse:min-h-11">
                {panels.length === 0
                    ? `${zone.name}: no panels`
                    : `${zone.name}: ${panels.length} ${panels.length === 1 ? 'panel' : 'panels'}`}
            </summary>
            <p className="mb-1 text-fine text-soft">
                Faces that may get a tint of their own. Mark which of them meet: neighbours with the same tint read as
                one.
            </p>
            <ul className="flex flex-col gap-1">
                {panels.map((panel) => (
                    <li key={panel.id} className="flex flex-wrap items-end gap-2">
                        <div className="w-44">
                            <TextField
                                label="Panel"
                                maxLength={120}
                                key={panel.name}
                                defaultValue={panel.name}
                                onBlur={(event) => {
                                    const name = event.target.value.trim()
                                    if (name === '') event.target.value = panel.name
                                    else if (name !== panel.name)
                                        onChange(panels.map((one) => (one === panel ? { ...one, name } : one)))
                                }}
                            />
                        </div>
                        <fieldset className="flex flex-wrap items-center gap-1">
                            <legend className="text-fine text-soft">meets</legend>
                            {panels
                                .filter((other) => other.id !== panel.id)
                                .map((other) => (
                                    <label
                                        key={other.id}
                                        className={classes(
                                            'flex min-h-8 cursor-pointer items-center rounded-plate border px-2',
                                            'border-line text-fine has-checked:border-ink has-checked:bg-press',
                                            'has-focus-visible:outline-2 pointer-coarse:min-h-11',
                                        )}
                                    >
                                        <input
                                            type="checkbox"
                                            className="sr-only"
                                            aria-label={`${panel.name} meets ${other.name}`}
                                            checked={meets(panel, other)}
                                            onChange={() => toggle(panel, other)}
                                        />
                                        {other.name}
                                    </label>
                                ))}
                        </fieldset>
                        <IconButton label={`Remove ${panel.name}`} onClick={() => remove(panel)}>
                            <Trash2 className="size-4" aria-hidden />
                        </IconButton>
                    </li>
                ))}
            </ul>
            <div className="mt-1 flex flex-wrap gap-2">
                <Button onClick={add} disabled={panels.length >= MOST_PANELS}>
                    <Plus className="size-4" aria-hidden /> Add a panel
                </Button>
                <Button
                    onClick={() => fromVehicle.mutate()}
                    disabled={fromVehicle.isPending || panels.length >= MOST_PANELS || kinds.length === 0}
                >
                    <Truck className="size-4" aria-hidden />
                    {fromVehicle.isPending ? 'Measuring the vehicle …' : 'Take them from the vehicle'}
                </Button>
            </div>
            {fromVehicle.isSuccess && withPlates([], fromVehicle.data, kinds).length === 0 && (
                <p className="mt-1 text-fine text-soft">The vehicle has no plates here.</p>
            )}
            {fromVehicle.isError && (
                <p role="alert" className="mt-1 text-fine text-stop">
                    {fromVehicle.error.message}
                </p>
            )}
        </details>
    )
}
