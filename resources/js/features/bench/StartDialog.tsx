import { zodResolver } from '@hookform/resolvers/zod'
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { Suspense, useState } from 'react'
import { useForm } from 'react-hook-form'
import { useNavigate } from 'react-router'
import { z } from 'zod'
import { send } from '@/app/http'
import { sayRefusal } from '@/app/refusal'
import { buildStateSchema } from '@/contract'
import { Button } from '@/design/Button'
import { Dialog } from '@/design/Dialog'
import { Select, TextArea, TextField } from '@/design/Field'
import { later } from '@/design/later'
import { RetryNotice } from '@/design/Notice'
import { type Library, libraryQuery } from '@/features/build'
import { benchQuery } from './api'

const VehicleForm = later(() => import('@/features/vehicle/VehicleForm'))

const SCALES = [16, 24, 32, 35, 48, 56, 72, 76, 87, 100, 144]

const formSchema = z.object({
    name: z.string().trim().min(1, 'Give the build a name.'),
    kind: z.string(),
    scale: z.string().transform(Number),
    vehicle: z.string().trim(),
    story: z.string().trim(),
})
type Typed = z.input<typeof formSchema>

export function StartDialog({ open, onOpenChange }: { open: boolean; onOpenChange: (open: boolean) => void }) {
    const library = useQuery({ ...libraryQuery, enabled: open })
    return (
        <Dialog
            open={open}
            onOpenChange={onOpenChange}
            title="Start a build"
            description="It begins with the zones of its vehicle, measured on it; all of them can be changed."
        >
            {library.isPending && <p className="text-soft">Looking it up…</p>}
            {library.isError && <RetryNotice error={library.error} onRetry={() => void library.refetch()} />}
            {library.data !== undefined && (
                <StartForm kinds={library.data.vehicleKinds} onClose={() => onOpenChange(false)} />
            )}
        </Dialog>
    )
}

function StartForm({ kinds, onClose }: { kinds: Library['vehicleKinds']; onClose: () => void }) {
    const navigate = useNavigate()
    const queries = useQueryClient()
    const { register, handleSubmit, setError, formState, watch } = useForm<Typed, unknown, z.output<typeof formSchema>>(
        {
            resolver: zodResolver(formSchema),
            defaultValues: { name: '', kind: kinds[0]?.code ?? '', scale: '35', vehicle: '', story: '' },
        },
    )
    const fault = (field: keyof Typed) => formState.errors[field]?.message
    const kind = kinds.find((one) => one.code === watch('kind'))
    // Measures belong to a kind: another one begins as usual, and the first is as it was when one comes back to it.
    const [forms, setForms] = useState<Record<string, Record<string, number> | null>>({})
    const form = forms[kind?.code ?? ''] ?? null
    const start = handleSubmit(async (said) => {
        try {
            const state = await send('POST', '/builds', buildStateSchema, { ...said, form })
            await queries.invalidateQueries({ queryKey: benchQuery.queryKey })
            await navigate(`/builds/${state.id}`)
        } catch (error) {
            const fields = { name: 'name', kind: 'kind', scale: 'scale', vehicle: 'vehicle', story: 'story' } as const
            sayRefusal(error, fields, setError)
        }
    })
    return (
        <form noValidate className="flex flex-col gap-3" onSubmit={start}>
            <TextField
                label="Name of the build"
                maxLength={120}
                autoFocus
                {...register('name')}
                fault={fault('name')}
            />
            <div className="grid grid-cols-2 gap-3">
                <Select
                    label="Kind"
                    {...register('kind')}
                    fault={fault('kind')}
                    choices={kinds.map((kind) => ({ value: kind.code, label: kind.label }))}
                />
                <Select
                    label="Scale"
                    {...register('scale')}
                    fault={fault('scale')}
                    choices={SCALES.map((scale) => ({ value: String(scale), label: `1:${scale}` }))}
                />
            </div>
            {kind !== undefined && (
                <Suspense fallback={<div className="h-[154px] rounded-plate bg-stage" />}>
                    <VehicleForm
                        kind={kind.code}
                        measures={kind.measures}
                        form={form}
                        onForm={(changed) => setForms({ ...forms, [kind.code]: changed })}
                    />
                </Suspense>
            )}
            <TextField
                label="Vehicle"
                maxLength={120}
                placeholder="Ostrel light tank"
                {...register('vehicle')}
                fault={fault('vehicle')}
            />
            <TextArea
                label="Story: where, when, how long in service, what weather"
                rows={3}
                maxLength={4000}
                {...register('story')}
                fault={fault('story')}
            />
            {formState.errors.root !== undefined && (
                <p role="alert" className="text-stop">
                    {formState.errors.root.message}
                </p>
            )}
            <div className="flex justify-end gap-2">
                <Button onClick={onClose}>Cancel</Button>
                <Button type="submit" tone="act" disabled={formState.isSubmitting}>
                    Start it
                </Button>
            </div>
        </form>
    )
}
