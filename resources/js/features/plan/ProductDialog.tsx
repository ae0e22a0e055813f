import { useState } from 'react'
import { Button } from '@/design/Button'
import { Dialog } from '@/design/Dialog'
import { Select, TextField } from '@/design/Field'
import { type Library, type Product, wordFor } from '@/features/build'
import { newId } from './edits'

const SHEENS = ['gloss', 'satin', 'matte'] as const

type Props = {
    open: boolean
    onOpenChange: (open: boolean) => void
    library: Library
    families: readonly string[]
    onSave: (product: Product) => Promise<boolean>
}

export function ProductDialog({ open, onOpenChange, library, families, onSave }: Props) {
    const [family, setFamily] = useState(families[0] ?? '')
    const [isClear, setClear] = useState(false)
    const [fault, setFault] = useState<string>()
    return (
        <Dialog
            open={open}
            onOpenChange={onOpenChange}
            title="A new product"
            description="What the label hides and the checks need: its family and what carries it."
        >
            <form
                noValidate
                className="grid grid-cols-2 gap-3"
                onSubmit={async (event) => {
                    event.preventDefault()
                    const form = new FormData(event.currentTarget)
                    const text = (name: string) => String(form.get(name) ?? '').trim()
                    if (text('name') === '') return setFault('Give it a name.')
                    setFault(undefined)
                    const product = {
                        id: newId('product'),
                        name: text('name'),
                        family,
                        carrier: text('carrier') === '' ? null : text('carrier'),
                        sheen: SHEENS.find((sheen) => sheen === text('sheen')) ?? null,
                        colour: isClear ? null : text('colour').toLowerCase(),
                        opacity: null,
                        times: null,
                    }
                    if (await onSave(product)) onOpenChange(false)
                }}
            >
                <div className="col-span-2">
                    <TextField label="Name" name="name" maxLength={120} autoFocus fault={fault} />
                </div>
                <Select
                    label="Family"
                    value={family}
                    onChange={(event) => setFamily(event.target.value)}
                    choices={families.map((code) => ({ value: code, label: wordFor(library.families, code) }))}
                />
                <Select
                    key={family}
                    label="Carrier"
                    name="carrier"
                    defaultValue={library.families.find((one) => one.code === family)?.carrier ?? ''}
                    choices={[
                        { value: '', label: 'none: it is dry' },
                        ...library.carriers.map((carrier) => ({ value: carrier.code, label: carrier.label })),
                    ]}
                />
                <Select
                    label="Sheen when dry"
                    name="sheen"
                    defaultValue="matte"
                    choices={[
                        { value: 'gloss', label: 'gloss' },
                        { value: 'satin', label: 'satin' },
                        { value: 'matte', label: 'matte' },
                        { value: '', label: 'as what lies below' },
                    ]}
                />
                <div className="flex items-end gap-2">
                    <label className="flex flex-1 flex-col gap-0.5">
                        <span className="text-fine text-soft">Colour when dry</span>
                        <input
                            type="color"
                            name="colour"
                            defaultValue="#6c7072"
                            disabled={isClear}
                            className="h-8 w-full disabled:opacity-30"
                        />
                    </label>
                    <label className="flex min-h-8 items-center gap-1.5">
                        <input type="checkbox" checked={isClear} onChange={(event) => setClear(event.target.checked)} />{' '}
                        clear
                    </label>
                </div>
                <div className="col-span-2 flex justify-end gap-2">
                    <Button onClick={() => onOpenChange(false)}>Not now</Button>
                    <Button type="submit" tone="act">
                        Take it
                    </Button>
                </div>
            </form>
        </Dialog>
    )
}
