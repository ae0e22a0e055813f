import { useMutation, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import type { ShelfTable } from '@/contract'
import { Button } from '@/design/Button'
import { Dialog } from '@/design/Dialog'
import { Select } from '@/design/Field'
import { FileField } from '@/design/FileField'
import { readTable, takeFile, takeTable } from './api'

type Props = { open: boolean; onOpenChange: (open: boolean) => void; onTaken: () => Promise<void> }

/** A table of jars from elsewhere: which column is which, what would come of it, and every row that cannot be read. */
export default function TableDialog({ open, onOpenChange, onTaken }: Props) {
    const [text, setText] = useState<string | null>(null)
    return (
        <Dialog
            open={open}
            onOpenChange={onOpenChange}
            width="max-w-3xl"
            title="Jars from a file"
            description={
                'A CSV table with a line of headings, a palette (GPL), or a JSON file that was saved here. ' +
                'All of it is taken, or nothing.'
            }
        >
            <FileField label="File" accept=".csv,.tsv,.txt,.json,.gpl,text/csv,application/json" onText={setText} />
            {text?.trimStart().startsWith('{') === true && (
                <OwnFile
                    key={text}
                    text={text}
                    onTaken={async () => {
                        await onTaken()
                        onOpenChange(false)
                    }}
                />
            )}
            {text !== null && !text.trimStart().startsWith('{') && (
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

/** A file of one's own: it says how much is in it before anything is taken. */
function OwnFile({ text, onTaken }: { text: string; onTaken: () => Promise<void> }) {
    const take = useMutation({ mutationFn: takeFile, onSuccess: onTaken })
    const file = read(text)
    if (file === null) {
        return (
            <p role="alert" className="mt-3 text-stop">
                This is no JSON file that can be read.
            </p>
        )
    }
    return (
        <div className="mt-3 flex flex-col items-start gap-3">
            <p>
                {file.jars} {file.jars === 1 ? 'jar' : 'jars'} and {file.mixes} {file.mixes === 1 ? 'mix' : 'mixes'}. A
                jar that stands on your shelf already becomes what the file says of it.
            </p>
            {take.isError && (
                <div role="alert" className="text-stop">
                    {take.error.message}
                </div>
            )}
            <Button tone="act" disabled={take.isPending} onClick={() => take.mutate(file.body)}>
                Take all of it
            </Button>
        </div>
    )
}

/** What the text holds; null: it is no JSON. */
function read(text: string): { body: unknown; jars: number; mixes: number } | null {
    const count = (of: unknown) => (Array.isArray(of) ? of.length : 0)
    try {
        const body: { jars?: unknown; mixes?: unknown } = JSON.parse(text)
        return { body, jars: count(body.jars), mixes: count(body.mixes) }
    } catch {
        return null
    }
}

function Preview({ text, onTaken }: { text: string; onTaken: () => Promise<void> }) {
    const [map, setMap] = useState<Record<string, number> | null>(null)
    const table = useQuery(readTable(text, map))
    const take = useMutation({
        mutationFn: () => takeTable(text, map),
        onSuccess: async (answer) => {
            if (answer.isTaken) await onTaken()
        },
    })
    if (table.isPending) return <p className="mt-3 text-soft">Reading it…</p>
    if (table.isError) {
        return (
            <p role="alert" className="mt-3 text-stop">
                {table.error.message}
            </p>
        )
    }
    const { data } = table
    const change = (column: string, place: string) => {
        const next = { ...data.map }
        if (place === '') delete next[column]
        else next[column] = Number(place)
        setMap(next)
    }
    return (
        <div className="mt-3 flex flex-col gap-3">
            <fieldset>
                <legend className="text-fine font-semibold">Which column is which</legend>
                <div className="mt-1 grid gap-2 sm:grid-cols-3">
                    {data.columns.map((column) => (
                        <Select
                            key={column}
                            label={column}
                            value={data.map[column] ?? ''}
                            choices={[
                                { value: '', label: '–' },
                                ...data.headings.map((heading, place) => ({
                                    value: String(place),
                                    label: heading === '' ? `column ${place + 1}` : heading,
                                })),
                            ]}
                            onChange={(event) => change(column, event.target.value)}
                        />
                    ))}
                </div>
            </fieldset>
            {data.faults.length > 0 && <Faults faults={data.faults} />}
            <Rows jars={data.jars} />
            {take.isError && (
                <p role="alert" className="text-stop">
                    {take.error.message}
                </p>
            )}
            <Button
                tone="act"
                className="self-start"
                disabled={data.faults.length > 0 || data.jars.length === 0 || take.isPending || table.isPlaceholderData}
                onClick={() => take.mutate()}
            >
                {take.isPending
                    ? 'Taking them …'
                    : `Take ${data.jars.length} ${data.jars.length === 1 ? 'jar' : 'jars'}`}
            </Button>
        </div>
    )
}

function Faults({ faults }: { faults: ShelfTable['faults'] }) {
    return (
        <div role="alert" className="rounded-plate border border-stop bg-stop-wash p-2">
            <p className="font-semibold">Nothing is taken until these can be read:</p>
            <ul className="mt-1 max-h-40 overflow-auto">
                {faults.map(({ row, column, message }) => (
                    <li key={`${row} ${column} ${message}`}>
                        Row {row}
                        {column !== null && `, ${column}`}: {message}
                    </li>
                ))}
            </ul>
        </div>
    )
}

/** Enough to see whether columns were understood. */
const SHOWN = 6

function Rows({ jars }: { jars: ShelfTable['jars'] }) {
    if (jars.length === 0) return <p className="text-soft">No row could be read as a jar.</p>
    return (
        <ul className="flex flex-col gap-1">
            {jars.slice(0, SHOWN).map(({ name, colour, family, leftMl, isKnown }, place) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: rows of a file have nothing but their place
                <li key={place} className="flex items-center gap-2">
                    <span
                        className="h-6 w-10 shrink-0 border border-rule bg-card"
                        style={colour === null ? undefined : { backgroundColor: colour }}
                    />
                    <span className="min-w-0 flex-1 truncate">{name}</span>
                    <span className="text-fine text-soft">
                        {[family, leftMl === null ? null : `${leftMl} ml`, isKnown ? 'changes the one you have' : null]
                            .filter(Boolean)
                            .join(', ')}
                    </span>
                </li>
            ))}
            {jars.length > SHOWN && <li className="text-fine text-soft">and {jars.length - SHOWN} more</li>}
        </ul>
    )
}
