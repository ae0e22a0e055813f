import { zodResolver } from '@hookform/resolvers/zod'
import { useForm } from 'react-hook-form'
import { z } from 'zod'
import { Button } from '@/design/Button'
import { Dialog } from '@/design/Dialog'
import { Select, TextField } from '@/design/Field'
import { textOrNone } from '@/design/form'
import { type Library, type Product, wordFor } from '@/features/build'
import { newId } from './edits'

type Props = {
    open: boolean
    onOpenChange: (open: boolean) => void
    library: Library
    families: readonly string[]
    onSave: (product: Product) => Promise<boolean>
}

const formSchema = z.object({
    name: z.string().trim().min(1, 'Give it a name.'),
    family: z.string(),
    carrier: textOrNone,
    sheen: z.union([z.enum(['gloss', 'satin', 'matte']), z.literal('').transform(() => null)]),
    colour: z.string().toLowerCase(),
    isClear: z.boolean(),
    metallic: z.boolean(),
})
type Typed = z.input<typeof formSchema>

export default function ProductDialog(props: Props) {
    return (
        <Dialog
            open={props.open}
            onOpenChange={props.onOpenChange}
            title="A new product"
            description="What the label hides and the checks need: its family and what carries it."
        >
            <ProductForm {...props} />
        </Dialog>
    )
}

function ProductForm({ onOpenChange, library, families, onSave }: Props) {
    const carrierOf = (code: string) => library.families.find((one) => one.code === code)?.carrier ?? ''
    const first = families[0] ?? ''
    const { register, handleSubmit, setValue, watch, formState } = useForm<Typed, unknown, z.output<typeof formSchema>>(
        {
            resolver: zodResolver(formSchema),
            defaultValues: {
                name: '',
                family: first,
                carrier: carrierOf(first),
                sheen: 'matte',
                colour: '#6c7072',
                isClear: false,
                metallic: false,
            },
        },
    )
    const isClear = watch('isClear')
    const save = handleSubmit(async ({ isClear, colour, ...said }) => {
        const product = {
            ...said,
            id: newId('product'),
            colour: isClear ? null : colour,
            opacity: null,
            times: null,
        }
        if (await onSave(product)) onOpenChange(false)
    })
    return (
        <form noValidate className="grid grid-cols-2 gap-3" onSubmit={save}>
            <div className="col-span-2">
                <TextField
                    label="Name"
                    maxLength={120}
                    autoFocus
                    fault={formState.errors.name?.message}
                    {...register('name')}
                />
            </div>
            <Select
                label="Family"
                {...register('family', {
                    onChange: (event) => setValue('carrier', carrierOf(event.target.value)),
                })}
                choices={families.map((code) => ({ value: code, label: wordFor(library.families, code) }))}
            />
            <Select
                label="Carrier"
                {...register('carrier')}
                choices={[
                    { value: '', label: 'none: it is dry' },
                    ...library.carriers.map((carrier) => ({ value: carrier.code, label: carrier.label })),
                ]}
            />
            <Select
                label="Sheen when dry"
                {...register('sheen')}
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
                        {...register('colour')}
                        aria-disabled={isClear}
                        className="h-8 w-full aria-disabled:opacity-30"
                    />
                </label>
                <label className="flex min-h-8 items-center gap-1.5">
                    <input type="checkbox" {...register('isClear')} /> clear
                </label>
                <label className="flex min-h-8 items-center gap-1.5">
                    <input type="checkbox" {...register('metallic')} /> metallic
                </label>
            </div>
            <div className="col-span-2 flex justify-end gap-2">
                <Button onClick={() => onOpenChange(false)}>Not now</Button>
                <Button type="submit" tone="act">
                    Take it
                </Button>
            </div>
        </form>
    )
}
