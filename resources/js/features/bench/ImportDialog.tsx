import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useNavigate } from 'react-router'
import { ApiError, send } from '@/app/http'
import { buildStateSchema } from '@/contract'
import { Dialog } from '@/design/Dialog'
import { benchQuery } from './api'

export function ImportDialog({ open, onOpenChange }: { open: boolean; onOpenChange: (open: boolean) => void }) {
    const navigate = useNavigate()
    const queries = useQueryClient()
    const read = useMutation({
        mutationFn: async (file: File) => send('POST', '/builds/import', buildStateSchema, await file.text()),
        onSuccess: async (state) => {
            await queries.invalidateQueries({ queryKey: benchQuery.queryKey })
            await navigate(`/builds/${state.id}`)
        },
    })
    const faults = read.error instanceof ApiError ? read.error.faults : []
    return (
        <Dialog
            open={open}
            onOpenChange={(next) => {
                read.reset()
                onOpenChange(next)
            }}
            title="Import a plan"
            description={
                'A plan file that Ulvrach has written, or one written by hand in the same ' +
                'format. It becomes a new build.'
            }
        >
            <label className="flex flex-col gap-1">
                <span className="text-fine text-soft">Plan file</span>
                <input
                    type="file"
                    accept=".json,application/json"
                    disabled={read.isPending}
                    className="rounded-plate border border-rule bg-sheet p-2"
                    onChange={(event) => {
                        const file = event.currentTarget.files?.[0]
                        event.currentTarget.value = ''
                        if (file !== undefined) read.mutate(file)
                    }}
                />
            </label>
            {read.isPending && <p className="mt-3 text-soft">Reading {read.variables.name}…</p>}
            {read.isError && (
                <div role="alert" className="mt-3 rounded-plate border border-stop bg-stop-wash p-3">
                    <p className="font-semibold">{read.variables?.name} was not imported.</p>
                    {faults.length === 0 ? (
                        <p>{read.error.message}</p>
                    ) : (
                        <ul className="mt-1 max-h-60 overflow-y-auto">
                            {faults.map((fault) => (
                                <li key={fault.path + fault.message} className="flex flex-wrap gap-x-2">
                                    <code className="text-fine">{fault.path === '' ? 'the file' : fault.path}</code>
                                    <span>{fault.message}</span>
                                </li>
                            ))}
                        </ul>
                    )}
                </div>
            )}
        </Dialog>
    )
}
