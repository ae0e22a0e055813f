import { useMutation, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Button } from '@/design/Button'
import { Dialog } from '@/design/Dialog'
import { FileField } from '@/design/FileField'
import { readRecipes, takeRecipes } from './api'
import { Patch } from './Patch'

type Props = { open: boolean; onOpenChange: (open: boolean) => void; onTaken: () => Promise<void> }

/** Mixes from a table: what would come of it, and every row that cannot be read. */
export default function RecipesDialog({ open, onOpenChange, onTaken }: Props) {
    const [text, setText] = useState<string | null>(null)
    return (
        <Dialog
            open={open}
            onOpenChange={onOpenChange}
            title="Mixes from a table"
            description="A CSV table with the columns “mix” and “parts”. All of it is taken, or nothing."
        >
            <FileField label="File" accept=".csv,.tsv,.txt,text/csv" onText={setText} />
            {text !== null && (
                <Preview
                    key={text}
                    text={text}
                    onTaken={async () => {
                        await onTaken()
                        onOpenChange(false)
                    }}
                />
            )}
        </Dialog>
    )
}

function Preview({ text, onTaken }: { text: string; onTaken: () => Promise<void> }) {
    const read = useQuery(readRecipes(text))
    const take = useMutation({ mutationFn: () => takeRecipes(text), onSuccess: onTaken })
    const error = read.error ?? take.error
    if (error !== null) {
        return (
            <p role="alert" className="mt-3 text-stop">
                {error.message}
            </p>
        )
    }
    if (read.data === undefined) return <p className="mt-3 text-soft">Reading it…</p>
    const { mixes, faults } = read.data
    return (
        <div className="mt-3 flex flex-col items-start gap-3">
            {faults.length > 0 && (
                <ul role="alert" className="max-h-40 w-full overflow-auto text-stop">
                    {faults.map(({ row, message }) => (
                        <li key={`${row} ${message}`}>
                            Row {row}: {message}
                        </li>
                    ))}
                </ul>
            )}
            <ul className="max-h-60 w-full overflow-auto">
                {mixes.map((mix, place) => (
                    // biome-ignore lint/suspicious/noArrayIndexKey: rows of a file stay where they are
                    <li key={place} className="flex items-center gap-2 border-b border-line py-1">
                        <Patch colour={mix.colour} className="size-6" />
                        {mix.name}
                        {mix.isKnown && <span className="text-fine text-soft">one of this name is kept already</span>}
                    </li>
                ))}
            </ul>
            <Button
                tone="act"
                disabled={take.isPending || faults.length > 0 || mixes.length === 0}
                onClick={() => take.mutate()}
            >
                {mixes.length === 1 ? 'Take the mix' : `Take all ${mixes.length}`}
            </Button>
        </div>
    )
}
