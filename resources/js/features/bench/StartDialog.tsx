import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useNavigate } from 'react-router'
import { ApiError, send } from '@/app/http'
import { buildStateSchema } from '@/contract'
import { Button } from '@/design/Button'
import { Dialog } from '@/design/Dialog'
import { Select, TextArea, TextField } from '@/design/Field'
import { libraryQuery } from '@/features/build'
import { benchQuery } from './api'

const SCALES = [16, 24, 32, 35, 48, 56, 72, 76, 87, 100, 144]

type Start = { name: string; vehicle: string; kind: string; scale: number; story: string }

export function StartDialog({ open, onOpenChange }: { open: boolean; onOpenChange: (open: boolean) => void }) {
    const library = useQuery({ ...libraryQuery, enabled: open })
    const navigate = useNavigate()
    const queries = useQueryClient()
    const start = useMutation({
        mutationFn: (input: Start) => send('POST', '/builds', buildStateSchema, input),
        onSuccess: async (state) => {
            await queries.invalidateQueries({ queryKey: benchQuery.queryKey })
            await navigate(`/builds/${state.id}`)
        },
    })
    const refused = start.error instanceof ApiError ? start.error : null
    return (
        <Dialog
            open={open}
            onOpenChange={onOpenChange}
            title="Start a build"
            description="Its kind decides which zones it begins with; all of them can be changed."
        >
            <form
                noValidate
                className="flex flex-col gap-3"
                onSubmit={(event) => {
                    event.preventDefault()
                    const form = new FormData(event.currentTarget)
                    const text = (name: string) => String(form.get(name) ?? '').trim()
                    start.mutate({
                        name: text('name'),
                        vehicle: text('vehicle'),
                        kind: text('kind'),
                        scale: Number(text('scale')),
                        story: text('story'),
                    })
                }}
            >
                <TextField
                    label="Name of the build"
                    name="name"
                    maxLength={120}
                    autoFocus
                    fault={refused?.fault('name')}
                />
                <div className="grid grid-cols-2 gap-3">
                    <Select
                        label="Kind"
                        name="kind"
                        fault={refused?.fault('kind')}
                        choices={(library.data?.vehicleKinds ?? []).map((kind) => ({
                            value: kind.code,
                            label: kind.label,
                        }))}
                    />
                    <Select
                        label="Scale"
                        name="scale"
                        defaultValue="35"
                        fault={refused?.fault('scale')}
                        choices={SCALES.map((scale) => ({ value: String(scale), label: `1:${scale}` }))}
                    />
                </div>
                <TextField
                    label="Vehicle"
                    name="vehicle"
                    maxLength={120}
                    placeholder="Ostrel light tank"
                    fault={refused?.fault('vehicle')}
                />
                <TextArea
                    label="Story: where, when, how long in service, what weather"
                    name="story"
                    rows={3}
                    maxLength={4000}
                    fault={refused?.fault('story')}
                />
                {start.isError && (refused === null || refused.faults.length === 0) && (
                    <p role="alert" className="text-stop">
                        {start.error.message}
                    </p>
                )}
                <div className="flex justify-end gap-2">
                    <Button onClick={() => onOpenChange(false)}>Not now</Button>
                    <Button type="submit" tone="act" disabled={start.isPending}>
                        Start it
                    </Button>
                </div>
            </form>
        </Dialog>
    )
}
