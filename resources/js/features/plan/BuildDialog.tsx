import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Button } from '@/design/Button'
import { Dialog } from '@/design/Dialog'
import { Select, TextArea, TextField } from '@/design/Field'
import { type Air, type Library, type Plan, roomQuery, SEASONS, saySeason } from '@/features/build'
import type { PlanEdit } from './edits'

type Props = {
    open: boolean
    onOpenChange: (open: boolean) => void
    plan: Plan
    library: Library
    edit: (edits: PlanEdit[], label?: string) => Promise<boolean>
}

/** Name, story and room. Saved together, so that half a change never judges the plan. */
export function BuildDialog({ open, onOpenChange, plan, library, edit }: Props) {
    const [faults, setFaults] = useState<Record<string, string>>({})
    const room = useQuery({ ...roomQuery, enabled: open })
    const save = async (form: FormData) => {
        const text = (name: string) => String(form.get(name) ?? '').trim()
        const number = (name: string) => Number(text(name).replace(',', '.'))
        const wrong: Record<string, string> = {}
        if (text('name') === '') wrong.name = 'Give the build a name.'
        if (!Number.isInteger(number('scale')) || number('scale') < 4 || number('scale') > 200)
            wrong.scale = 'A whole number from 4 to 200.'
        if (
            text('service') !== '' &&
            (!Number.isInteger(number('service')) || number('service') < 0 || number('service') > 1200)
        )
            wrong.service = 'Whole months, 0 to 1200, or nothing.'
        if (!(number('temperature') >= 5 && number('temperature') <= 35)) wrong.temperature = 'From 5 to 35 °C.'
        if (!(number('humidity') >= 10 && number('humidity') <= 95)) wrong.humidity = 'From 10 to 95 %.'
        if (text('cabinet') !== '' && !(number('cabinet') >= 25 && number('cabinet') <= 45))
            wrong.cabinet = 'From 25 to 45 °C: hotter warps polystyrene.'
        if (text('due') !== '' && !/^20\d\d-/.test(text('due'))) wrong.due = 'A day in this century.'
        setFaults(wrong)
        if (Object.keys(wrong).length > 0) return
        const edits: PlanEdit[] = [
            {
                edit: 'describe-build',
                build: {
                    ...plan.build,
                    name: text('name'),
                    vehicle: text('vehicle'),
                    scale: number('scale'),
                    story: text('story'),
                    serviceMonths: text('service') === '' ? null : number('service'),
                    terrain: text('terrain') === '' ? null : text('terrain'),
                    due: text('due') === '' ? null : text('due'),
                },
            },
            {
                edit: 'set-bench',
                bench: {
                    temperatureC: number('temperature'),
                    humidityPercent: number('humidity'),
                    movingAir: form.get('moving') === 'on',
                    cabinetC: text('cabinet') === '' ? null : number('cabinet'),
                },
            },
        ]
        if (await edit(edits, 'Change build or room')) onOpenChange(false)
    }
    return (
        <Dialog open={open} onOpenChange={onOpenChange} title="Build, story and room">
            <form
                noValidate
                className="grid grid-cols-2 gap-3"
                onSubmit={(event) => {
                    event.preventDefault()
                    void save(new FormData(event.currentTarget))
                }}
            >
                <div className="col-span-2">
                    <TextField
                        label="Name of the build"
                        name="name"
                        maxLength={120}
                        defaultValue={plan.build.name}
                        fault={faults.name}
                    />
                </div>
                <TextField label="Vehicle" name="vehicle" maxLength={120} defaultValue={plan.build.vehicle} />
                <TextField
                    label="Scale, 1:"
                    name="scale"
                    inputMode="numeric"
                    defaultValue={plan.build.scale}
                    fault={faults.scale}
                />
                <div className="col-span-2">
                    <TextArea label="Story" name="story" rows={3} maxLength={4000} defaultValue={plan.build.story} />
                </div>
                <TextField
                    label="In service for"
                    name="service"
                    unit="months"
                    inputMode="numeric"
                    placeholder="not said"
                    defaultValue={plan.build.serviceMonths ?? ''}
                    fault={faults.service}
                />
                <Select
                    label="Ground it has run on"
                    name="terrain"
                    defaultValue={plan.build.terrain ?? ''}
                    choices={[
                        { value: '', label: 'not said' },
                        ...library.terrains.map((one) => ({ value: one.code, label: one.label })),
                    ]}
                />
                <TextField
                    label="To be finished by"
                    name="due"
                    type="date"
                    min="2000-01-01"
                    max="2099-12-31"
                    defaultValue={plan.build.due ?? ''}
                    fault={faults.due}
                />
                <span />
                <TextField
                    label="Room temperature"
                    name="temperature"
                    unit="°C"
                    inputMode="decimal"
                    defaultValue={plan.bench.temperatureC}
                    fault={faults.temperature}
                />
                <TextField
                    label="Relative humidity"
                    name="humidity"
                    unit="%"
                    inputMode="decimal"
                    defaultValue={plan.bench.humidityPercent}
                    fault={faults.humidity}
                />
                <TextField
                    label="Drying cabinet"
                    name="cabinet"
                    unit="°C"
                    inputMode="decimal"
                    placeholder="none"
                    defaultValue={plan.bench.cabinetC ?? ''}
                    fault={faults.cabinet}
                />
                <label className="flex min-h-8 items-center gap-1.5 self-end pointer-coarse:min-h-11">
                    <input type="checkbox" name="moving" defaultChecked={plan.bench.movingAir} /> A fan moves the air
                </label>
                <div className="col-span-2 flex flex-wrap items-center gap-2 text-fine text-soft">
                    <p className="flex-1 basis-full">Drying times and windows follow the room.</p>
                    {room.data?.reading != null && (
                        <AirButton
                            air={room.data.reading}
                            label={`As measured now: ${room.data.reading.temperatureC} °C, ${room.data.reading.humidityPercent} %`}
                        />
                    )}
                    {SEASONS.map((season) => {
                        const air = room.data?.profile.seasons[season].day
                        return air === undefined ? null : (
                            <AirButton key={season} air={air} label={saySeason(season, air)} />
                        )
                    })}
                </div>
                <div className="col-span-2 flex justify-end gap-2">
                    <Button onClick={() => onOpenChange(false)}>Leave it</Button>
                    <Button type="submit" tone="act">
                        Save
                    </Button>
                </div>
            </form>
        </Dialog>
    )
}

/** Fills in the room of the form that it stands in. */
function AirButton({ air, label }: { air: Air; label: string }) {
    return (
        <Button
            className="text-fine"
            onClick={(event) => {
                const form = event.currentTarget.form
                const set = (name: string, value: number) => {
                    const field = form?.elements.namedItem(name)
                    if (field instanceof HTMLInputElement) field.value = String(value)
                }
                set('temperature', air.temperatureC)
                set('humidity', air.humidityPercent)
            }}
        >
            {label}
        </Button>
    )
}
