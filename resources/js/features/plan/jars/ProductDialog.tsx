import { zodResolver } from '@hookform/resolvers/zod'
import { useQueryClient } from '@tanstack/react-query'
import { Suspense, useState } from 'react'
import { useForm } from 'react-hook-form'
import { z } from 'zod'
import { sayRefusal } from '@/app/refusal'
import { Button } from '@/design/Button'
import { readColour } from '@/design/colour'
import { Dialog } from '@/design/Dialog'
import { Select, TextField } from '@/design/Field'
import { textOrNone } from '@/design/form'
import { later } from '@/design/later'
import { Swatch } from '@/design/Swatch'
import { jarsQuery, keepJar, type Library, type Product, wordFor } from '@/features/build'
import { newId } from '../state/edits'

const PhotoColour = later(() => import('@/features/photos/PhotoColour'))

type Props = {
    open: boolean
    onOpenChange: (open: boolean) => void
    library: Library
    /** Those that whatever uses it can be done with. */
    families: readonly string[]
    /** What is changed, or what a new one begins as; none: from nothing. */
    from?: Product | undefined
    /** A new one that begins like the other. */
    isCopy?: boolean
    onSave: (product: Product) => Promise<boolean>
}

const formSchema = z.object({
    name: z.string().trim().min(1, 'Give it a name.'),
    family: z.string(),
    carrier: textOrNone,
    sheen: z.union([z.enum(['gloss', 'satin', 'matte']), z.literal('').transform(() => null)]),
    colour: z
        .string()
        .trim()
        .transform((text) => readColour(text) ?? '')
        .pipe(z.string().regex(/^#[0-9a-f]{6}$/, 'Six digits like #6c7072, or L*, a* and b* as in “38.9 -9 14.5”.')),
    isClear: z.boolean(),
    metallic: z.boolean(),
})
type Typed = z.input<typeof formSchema>

export default function ProductDialog(props: Props) {
    const title = props.from === undefined ? 'A new jar' : props.isCopy ? 'A jar like it' : 'Change the jar'
    return (
        <Dialog
            open={props.open}
            onOpenChange={props.onOpenChange}
            title={title}
            description={
                props.from === undefined || props.isCopy
                    ? 'What the label hides and the checks need: family and carrier. It stays on your shelf.'
                    : 'Every step of this plan that uses it is judged anew; your shelf keeps it too.'
            }
        >
            <ProductForm {...props} />
        </Dialog>
    )
}

function ProductForm({ onOpenChange, library, families, from, isCopy = false, onSave }: Props) {
    const cache = useQueryClient()
    const carrierOf = (code: string) => library.families.find((one) => one.code === code)?.carrier ?? ''
    const first = families[0] ?? ''
    const { register, handleSubmit, setValue, setError, watch, formState } = useForm<
        Typed,
        unknown,
        z.output<typeof formSchema>
    >({
        resolver: zodResolver(formSchema),
        defaultValues: {
            name: from === undefined ? '' : isCopy ? `${from.name}, copy` : from.name,
            family: from?.family ?? first,
            carrier: from === undefined ? carrierOf(first) : (from.carrier ?? ''),
            sheen: from === undefined ? 'matte' : (from.sheen ?? ''),
            colour: from?.colour ?? '#6c7072',
            isClear: from !== undefined && from.colour === null,
            metallic: from?.metallic ?? false,
        },
    })
    const [isClear, colour, sheen, metallic] = watch(['isClear', 'colour', 'sheen', 'metallic'])
    const shown = readColour(colour)
    const [hasPhoto, setPhoto] = useState(false)
    const save = handleSubmit(async ({ isClear, colour, ...said }) => {
        const product = {
            opacity: from?.opacity ?? null,
            times: from?.times ?? null,
            ...said,
            id: from === undefined || isCopy ? newId('product') : from.id,
            colour: isClear ? null : colour,
        }
        try {
            await keepJar(product)
            await cache.invalidateQueries(jarsQuery)
        } catch (error) {
            sayRefusal(error, { '/name': 'name', '/family': 'family', '/colour': 'colour' }, setError)
            return
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
            <div className="flex items-end gap-3">
                <label className="flex min-h-8 items-center gap-1.5 pointer-coarse:min-h-11">
                    <input type="checkbox" {...register('isClear')} /> clear
                </label>
                <label className="flex min-h-8 items-center gap-1.5 pointer-coarse:min-h-11">
                    <input type="checkbox" {...register('metallic')} /> metallic
                </label>
            </div>
            <div className="col-span-2 flex items-end gap-2 aria-disabled:opacity-30" aria-disabled={isClear}>
                <Swatch
                    coverage="whole"
                    kind={metallic ? 'metal' : 'colour'}
                    colour={isClear ? null : shown}
                    sheen={sheen}
                    className="h-11 flex-1 border border-rule"
                />
                <label className="flex flex-col gap-0.5">
                    <span className="text-fine text-soft">Pick it</span>
                    <input
                        type="color"
                        aria-label="Pick the colour"
                        value={shown ?? '#6c7072'}
                        onChange={(event) => setValue('colour', event.target.value, { shouldDirty: true })}
                        className="h-8 w-14 pointer-coarse:h-11"
                    />
                </label>
                <div className="w-40">
                    <TextField
                        label="Colour when dry"
                        maxLength={40}
                        spellCheck={false}
                        fault={formState.errors.colour?.message}
                        {...register('colour')}
                    />
                </div>
            </div>
            {!isClear && (
                <div className="col-span-2">
                    {hasPhoto ? (
                        <Suspense fallback={null}>
                            <PhotoColour
                                onTake={(hex) => setValue('colour', hex, { shouldDirty: true, shouldValidate: true })}
                            />
                        </Suspense>
                    ) : (
                        <Button className="text-fine" onClick={() => setPhoto(true)}>
                            From a photograph…
                        </Button>
                    )}
                </div>
            )}
            {formState.errors.root !== undefined && (
                <p role="alert" className="col-span-2 text-stop">
                    {formState.errors.root.message}
                </p>
            )}
            <div className="col-span-2 flex justify-end gap-2">
                <Button onClick={() => onOpenChange(false)}>Cancel</Button>
                <Button type="submit" tone="act" disabled={formState.isSubmitting}>
                    {from === undefined || isCopy ? 'Add the jar' : 'Keep the change'}
                </Button>
            </div>
        </form>
    )
}
