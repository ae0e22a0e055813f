import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Button } from '@/design/Button'
import { typedForm } from '@/design/duration'
import { TextField } from '@/design/Field'
import { type Entry, entryOf, momentOf } from '@/features/build'
import { correctEntry, type Written } from './api'

/** What an entry said wrongly is put right by another one; both stay in the diary. */
export function Correct({ entry, onClose }: { entry: Written; onClose: () => void }) {
    const queries = useQueryClient()
    const [when, setWhen] = useState(typedForm(entry.at))
    const [text, setText] = useState(entry.text)
    const at = new Date(when)
    const fault = Number.isNaN(at.getTime())
        ? 'Day and time, please.'
        : at.getTime() > Date.now() + 60_000
          ? 'That is still to come.'
          : undefined
    const keep = useMutation({
        mutationFn: (isWrong: boolean) =>
            correctEntry(
                entry.build,
                isWrong
                    ? { ...entryOf('withdrawn', entry.step ?? '', { corrects: entry.id }), step: entry.step }
                    : {
                          ...entryOf(entry.kind as Entry['kind'], entry.step ?? '', {
                              at: momentOf(at),
                              corrects: entry.id,
                              text: text.trim(),
                              air: entry.air,
                          }),
                          step: entry.step,
                      },
            ),
        // Everything that dries is counted from what the log says.
        onSuccess: async () => {
            onClose()
            await queries.invalidateQueries()
        },
    })
    return (
        <form
            className="mt-1 flex flex-col gap-2 rounded-plate border border-line bg-panel p-2"
            aria-label="Correct this entry"
            noValidate
            onSubmit={(event) => {
                event.preventDefault()
                if (fault === undefined) keep.mutate(false)
            }}
        >
            {/* A trial says more than moment and words: it is taken back, and tried or entered anew. */}
            {entry.kind !== 'trial' && (
                <div className="grid gap-2 sm:grid-cols-[13rem_1fr]">
                    <TextField
                        label="When, on the clock of this device"
                        type="datetime-local"
                        value={when}
                        fault={fault}
                        onChange={(event) => setWhen(event.target.value)}
                    />
                    <TextField
                        label="In words"
                        value={text}
                        maxLength={2000}
                        onChange={(event) => setText(event.target.value)}
                    />
                </div>
            )}
            <div className="flex flex-wrap justify-end gap-2">
                <Button onClick={onClose}>Leave it</Button>
                <Button disabled={keep.isPending} onClick={() => keep.mutate(true)}>
                    It did not happen
                </Button>
                {entry.kind !== 'trial' && (
                    <Button type="submit" tone="act" disabled={keep.isPending || fault !== undefined}>
                        Put it right
                    </Button>
                )}
            </div>
            {keep.isError && (
                <p role="alert" className="text-fine text-stop">
                    {keep.error.message}
                </p>
            )}
        </form>
    )
}
