import { useQuery, useQueryClient } from '@tanstack/react-query'
import { Copy, Pencil, Plus, Trash2 } from 'lucide-react'
import { useState } from 'react'
import { Button } from '@/design/Button'
import { Dialog } from '@/design/Dialog'
import { IconButton } from '@/design/Icon'
import { RetryNotice } from '@/design/Notice'
import { Swatch } from '@/design/Swatch'
import { jarsQuery, type Library, type Plan, type Product, throwAwayJar, wordFor } from '@/features/build'
import { sayLack, suppliesQuery } from '@/features/shelf'
import type { PlanEdit } from '../state/edits'
import { familiesFor } from './jars'
import ProductDialog from './ProductDialog'

type Props = {
    open: boolean
    onOpenChange: (open: boolean) => void
    plan: Plan
    library: Library
    edit: (edits: PlanEdit[], label?: string) => Promise<boolean>
}
type Asked = { from: Product | undefined; isCopy: boolean } | null

/** The jars of this plan and those that the person owns: with their colours, changed and copied where they stand. */
export default function JarsDialog({ open, onOpenChange, plan, library, edit }: Props) {
    const own = useQuery(jarsQuery)
    const supplies = useQuery(suppliesQuery)
    const cache = useQueryClient()
    const [asked, setAsked] = useState<Asked>(null)
    const isHere = (id: string) => plan.products.some((product) => product.id === id)
    const usedBy = (id: string) =>
        plan.steps.flatMap((step, index) => (step.product === id ? [index + 1] : [])).join(', ')
    const others = (own.data ?? []).filter((jar) => !isHere(jar.id))
    // Whoever keeps no shelf here has said nothing of what is there.
    const hasShelf = (own.data ?? []).length > 0
    const lackOf = (id: string) => (hasShelf ? sayLack(supplies.data?.jars.find((one) => one.jar.id === id)) : null)
    const row = (jar: Product) => (
        <li key={jar.id} className="flex items-center gap-3 border-b border-line py-1">
            <Swatch
                coverage="whole"
                kind={jar.metallic ? 'metal' : 'colour'}
                colour={jar.colour}
                sheen={jar.sheen}
                className="h-9 w-14 shrink-0 border border-rule/70"
            />
            <span className="min-w-0 flex-1">
                <span className="block truncate font-medium" title={jar.name}>
                    {jar.name}
                </span>
                <span className="block text-fine text-soft">
                    {[wordFor(library.families, jar.family), jar.sheen, usedBy(jar.id) && `steps ${usedBy(jar.id)}`]
                        .filter(Boolean)
                        .join(', ')}
                </span>
                {isHere(jar.id) && lackOf(jar.id) !== null && (
                    <span className="block text-fine font-medium">{lackOf(jar.id)}</span>
                )}
            </span>
            <IconButton label={`Change ${jar.name}`} onClick={() => setAsked({ from: jar, isCopy: false })}>
                <Pencil className="size-4" aria-hidden />
            </IconButton>
            <IconButton label={`A jar like ${jar.name}`} onClick={() => setAsked({ from: jar, isCopy: true })}>
                <Copy className="size-4" aria-hidden />
            </IconButton>
            {!isHere(jar.id) && (
                <IconButton
                    label={`Take ${jar.name} off your shelf`}
                    onClick={() => void throwAwayJar(jar.id).then(() => cache.invalidateQueries(jarsQuery))}
                >
                    <Trash2 className="size-4" aria-hidden />
                </IconButton>
            )}
        </li>
    )
    return (
        <Dialog
            open={open}
            onOpenChange={onOpenChange}
            width="max-w-2xl"
            title="Jars"
            description="What this plan uses, and what else stands on your shelf."
        >
            {plan.products.length === 0 && <p className="text-soft">No step of this plan uses a jar yet.</p>}
            <ul>{plan.products.map(row)}</ul>
            {own.isError && <RetryNotice error={own.error} onRetry={() => void own.refetch()} />}
            {others.length > 0 && (
                <>
                    <h3 className="mt-4 text-fine font-semibold text-soft">Else on your shelf</h3>
                    <ul>{others.map(row)}</ul>
                </>
            )}
            <Button className="mt-3" onClick={() => setAsked({ from: undefined, isCopy: false })}>
                <Plus className="size-4" aria-hidden /> A new jar
            </Button>
            {asked !== null && (
                <ProductDialog
                    open
                    onOpenChange={() => setAsked(null)}
                    library={library}
                    families={
                        asked.from === undefined || asked.isCopy
                            ? library.families.map((family) => family.code)
                            : familiesFor(asked.from, plan, library)
                    }
                    from={asked.from}
                    isCopy={asked.isCopy}
                    onSave={async (product) =>
                        !isHere(product.id) || edit([{ edit: 'put-product', product }], `Change ${product.name}`)
                    }
                />
            )}
        </Dialog>
    )
}
