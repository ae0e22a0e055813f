import { zodResolver } from '@hookform/resolvers/zod'
import { useQuery } from '@tanstack/react-query'
import { Suspense, useState } from 'react'
import { useForm } from 'react-hook-form'
import { z } from 'zod'
import { Button } from '@/design/Button'
import { Dialog } from '@/design/Dialog'
import { Select, TextArea, TextField } from '@/design/Field'
import { textOrNone, typedNumber, typedNumberOrNone } from '@/design/form'
import { later } from '@/design/later'
import { type Air, type Library, type Plan, roomQuery, SEASONS, saySeason } from '@/features/build'
import { measureAnew } from '../api'
import type { PlanEdit } from '../state/edits'

const VehicleForm = later(() => import('@/features/vehicle/VehicleForm'))

type Props = {
    open: boolean
    onOpenChange: (open: boolean) => void
    buildId: string
    plan: Plan
    library: Library
    edit: (edits: PlanEdit[], label?: string) => Promise<boolean>
}

/** Name, story and room. Saved together, so that half a change never judges the plan. */
export default function BuildDialog(props: Props) {
    return (
        <Dialog open={props.open} onOpenChange={props.onOpenChange} title="Build, story and room">
            <BuildForm {...props} />
        </Dialog>
    )
}

const formSchema = z.object({
    name: z.string().trim().min(1, 'Give the build a name.'),
    vehicle: z.string().trim(),
    scale: typedNumber({ from: 4, to: 200, whole: true, says: 'A whole number from 4 to 200.' }),
    story: z.string().trim(),
    serviceMonths: typedNumberOrNone({
        from: 0,
        to: 1200,
        whole: true,
        says: 'Whole months, 0 to 1200, or nothing.',
    }),
    terrain: textOrNone,
    due: textOrNone.refine((day) => day === null || day.startsWith('20'), 'A day in this century.'),
    temperatureC: typedNumber({ from: 5, to: 35, says: 'From 5 to 35 °C.' }),
    humidityPercent: typedNumber({ from: 10, to: 95, says: 'From 10 to 95 %.' }),
    cabinetC: typedNumberOrNone({ from: 25, to: 45, says: 'From 25 to 45 °C: hotter warps polystyrene.' }),
    movingAir: z.boolean(),
})
type Typed = z.input<typeof formSchema>

/** What stands in the fields to begin with. */
const typed = ({ build, bench }: Plan): Typed => ({
    name: build.name,
    vehicle: build.vehicle,
    scale: String(build.scale),
    story: build.story,
    serviceMonths: String(build.serviceMonths ?? ''),
    terrain: build.terrain ?? '',
    due: build.due ?? '',
    temperatureC: String(bench.temperatureC),
    humidityPercent: String(bench.humidityPercent),
    cabinetC: String(bench.cabinetC ?? ''),
    movingAir: bench.movingAir,
})

function BuildForm({ onOpenChange, buildId, plan, library, edit }: Props) {
    const room = useQuery(roomQuery)
    const reading = room.data?.reading
    const { register, handleSubmit, setValue, watch, formState } = useForm<Typed, unknown, z.output<typeof formSchema>>(
        {
            resolver: zodResolver(formSchema),
            defaultValues: typed(plan),
        },
    )
    const fault = (field: keyof Typed) => formState.errors[field]?.message
    const [kind, setKind] = useState(plan.build.kind)
    const [form, setForm] = useState(plan.build.form)
    const breathe = ({ temperatureC, humidityPercent }: Air) => {
        setValue('temperatureC', String(temperatureC))
        setValue('humidityPercent', String(humidityPercent))
    }
    const [isMeasured, setMeasured] = useState(true)
    const [failure, setFailure] = useState<string | null>(null)
    const isOther = (scale: number) =>
        kind !== plan.build.kind ||
        scale !== plan.build.scale ||
        JSON.stringify(form ?? {}) !== JSON.stringify(plan.build.form ?? {})
    const save = handleSubmit(async ({ temperatureC, humidityPercent, movingAir, cabinetC, ...facts }) => {
        setFailure(null)
        let areas: PlanEdit[] = []
        if (isMeasured && isOther(facts.scale)) {
            try {
                areas = (await measureAnew(buildId, { kind, form, scale: facts.scale })).edits
            } catch (error) {
                setFailure(error instanceof Error ? error.message : 'The zones could not be measured.')
                return
            }
        }
        const isSaved = await edit(
            [
                { edit: 'describe-build', build: { ...plan.build, ...facts, kind, form } },
                ...areas,
                { edit: 'set-bench', bench: { temperatureC, humidityPercent, movingAir, cabinetC } },
            ],
            'Change build or room',
        )
        if (isSaved) onOpenChange(false)
    })
    return (
        <form noValidate className="grid grid-cols-2 gap-3" onSubmit={save}>
            <div className="col-span-2">
                <TextField label="Name of the build" {...register('name')} maxLength={120} fault={fault('name')} />
            </div>
            <TextField label="Vehicle" {...register('vehicle')} maxLength={120} />
            <TextField label="Scale, 1:" {...register('scale')} inputMode="numeric" fault={fault('scale')} />
            <div className="col-span-2">
                <Select
                    label="Drawn as"
                    value={kind}
                    onChange={(event) => {
                        setKind(event.target.value)
                        setForm(null)
                    }}
                    choices={library.vehicleKinds.map((one) => ({ value: one.code, label: one.label }))}
                />
                {isOther(Number(watch('scale'))) && (
                    <label className="flex min-h-8 items-center gap-1.5 pointer-coarse:min-h-11">
                        <input
                            type="checkbox"
                            checked={isMeasured}
                            onChange={(event) => setMeasured(event.target.checked)}
                        />
                        Measure its zones anew: paint is counted by their areas
                    </label>
                )}
                <Suspense fallback={<div className="h-[154px] rounded-plate bg-stage" />}>
                    <VehicleForm
                        kind={kind}
                        measures={library.vehicleKinds.find((one) => one.code === kind)?.measures ?? []}
                        form={form}
                        onForm={setForm}
                    />
                </Suspense>
            </div>
            <div className="col-span-2">
                <TextArea label="Story" {...register('story')} rows={3} maxLength={4000} />
            </div>
            <TextField
                label="In service for"
                {...register('serviceMonths')}
                unit="months"
                inputMode="numeric"
                placeholder="not said"
                fault={fault('serviceMonths')}
            />
            <Select
                label="Ground it has run on"
                {...register('terrain')}
                choices={[
                    { value: '', label: 'not said' },
                    ...library.terrains.map((one) => ({ value: one.code, label: one.label })),
                ]}
            />
            <TextField
                label="To be finished by"
                {...register('due')}
                type="date"
                min="2000-01-01"
                max="2099-12-31"
                fault={fault('due')}
            />
            <span />
            <TextField
                label="Room temperature"
                {...register('temperatureC')}
                unit="°C"
                inputMode="decimal"
                fault={fault('temperatureC')}
            />
            <TextField
                label="Relative humidity"
                {...register('humidityPercent')}
                unit="%"
                inputMode="decimal"
                fault={fault('humidityPercent')}
            />
            <TextField
                label="Drying cabinet"
                {...register('cabinetC')}
                unit="°C"
                inputMode="decimal"
                placeholder="none"
                fault={fault('cabinetC')}
            />
            <label className="flex min-h-8 items-center gap-1.5 self-end pointer-coarse:min-h-11">
                <input type="checkbox" {...register('movingAir')} /> A fan moves the air
            </label>
            <div className="col-span-2 flex flex-wrap items-center gap-2 text-fine text-soft">
                <p className="flex-1 basis-full">Drying times and windows follow the room.</p>
                {reading != null && (
                    <AirButton
                        onTake={() => breathe(reading)}
                        label={`As measured now: ${reading.temperatureC} °C, ${reading.humidityPercent} %`}
                    />
                )}
                {SEASONS.map((season) => {
                    const air = room.data?.profile.seasons[season].day
                    return air === undefined ? null : (
                        <AirButton key={season} onTake={() => breathe(air)} label={saySeason(season, air)} />
                    )
                })}
            </div>
            {failure !== null && (
                <p role="alert" className="col-span-2 text-stop">
                    {failure}
                </p>
            )}
            <div className="col-span-2 flex justify-end gap-2">
                <Button onClick={() => onOpenChange(false)}>Leave it</Button>
                <Button type="submit" tone="act">
                    Save
                </Button>
            </div>
        </form>
    )
}

function AirButton({ onTake, label }: { onTake: () => void; label: string }) {
    return (
        <Button className="text-fine" onClick={onTake}>
            {label}
        </Button>
    )
}
