import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import {
    ChevronDown,
    Copy,
    Download,
    FlaskConical,
    PackageOpen,
    Palette,
    Pencil,
    Plus,
    Trash2,
    Upload,
} from 'lucide-react'
import { type KeyboardEvent, Suspense, useEffect, useState } from 'react'
import { Link } from 'react-router'
import { ApiError } from '@/app/http'
import { Button } from '@/design/Button'
import { classes } from '@/design/classes'
import { Select, TextField } from '@/design/Field'
import { IconButton, iconLink } from '@/design/Icon'
import { later } from '@/design/later'
import { RetryNotice } from '@/design/Notice'
import { Swatch } from '@/design/Swatch'
import {
    fillShelf,
    jarsQuery,
    keepJar,
    type Library,
    libraryQuery,
    type Product,
    throwAwayJar,
    wordFor,
} from '@/features/build'
import { keepStock, type Standing, type Stock, shelfQuery, stockOf } from './api'
import { Cell, numberOf } from './Cell'
import { ChosenJars } from './ChosenJars'
import { MoreOfJar } from './MoreOfJar'
import { isGoing, ORDER_NAME, ORDERS, type Order, ROLE, shown, VIEW_NAME, VIEWS, type View } from './sorting'

const ProductDialog = later(() => import('@/features/plan/jars/ProductDialog'))

const TableDialog = later(() => import('./TableDialog'))

type Asked = { from: Product | undefined; isCopy: boolean } | null

/** The jars that one owns: what is in them, what is left of them, and how long they have been open. */
export function Shelf() {
    const shelf = useQuery(shelfQuery)
    const library = useQuery(libraryQuery)
    useEffect(() => {
        document.title = 'Shelf · Ulvrach'
    }, [])
    const error = shelf.error ?? library.error
    if (error !== null) {
        return (
            <main className="p-8">
                <RetryNotice error={error} onRetry={() => void Promise.all([shelf.refetch(), library.refetch()])} />
            </main>
        )
    }
    if (shelf.data === undefined || library.data === undefined)
        return <main className="p-8 text-soft">Fetching your jars…</main>
    return <Jars jars={shelf.data} library={library.data} />
}

function Jars({ jars, library }: { jars: readonly Standing[]; library: Library }) {
    const [find, setFind] = useState('')
    const [family, setFamily] = useState('')
    const [role, setRole] = useState('')
    const [view, setView] = useState<View>('all')
    const [order, setOrder] = useState<Order>('name')
    const [asked, setAsked] = useState<Asked>(null)
    const [isTable, setTable] = useState(false)
    const [gone, setGone] = useState<readonly Standing[]>([])
    const [changed, setChanged] = useState<readonly Standing[]>([])
    const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set())
    const queries = useQueryClient()
    const refresh = () => queries.invalidateQueries({ queryKey: jarsQuery.queryKey })
    const remove = useMutation({
        mutationFn: (one: Standing) => throwAwayJar(one.jar.id),
        onSuccess: (_, one) => {
            setGone([one])
            setChanged([])
            return refresh()
        },
    })
    const putBack = useMutation({
        mutationFn: async (jars: readonly Standing[]) => {
            for (const one of jars) {
                await keepJar(one.jar)
                await keepStock(one.jar.id, stockOf(one))
            }
        },
        onSuccess: () => {
            setGone([])
            return refresh()
        },
    })
    const list = shown(jars, { find, family, role, view, order })
    const families = library.families.filter(({ code }) => jars.some(({ jar }) => jar.family === code))
    const now = new Date()
    // What is no longer shown is not done anything to.
    const picked = list.filter(({ jar }) => chosen.has(jar.id))
    const choose = (id: string) => {
        const next = new Set(chosen)
        if (!next.delete(id)) next.add(id)
        setChosen(next)
    }
    return (
        <main className="min-h-0 flex-1 overflow-auto p-4">
            <div className="mb-3 flex flex-wrap items-end gap-3">
                <h1 className="wide mr-2 text-xl font-bold">Shelf</h1>
                <div className="w-52">
                    <TextField label="Find" type="search" value={find} onChange={(e) => setFind(e.target.value)} />
                </div>
                <Select
                    label="Family"
                    value={family}
                    choices={[
                        { value: '', label: 'every family' },
                        ...families.map(({ code, label }) => ({ value: code, label })),
                    ]}
                    onChange={(event) => setFamily(event.target.value)}
                />
                <Select
                    label="There as"
                    value={role}
                    choices={[
                        { value: '', label: 'anything' },
                        ...Object.entries(ROLE)
                            .filter(([code]) => jars.some(({ isFor }) => isFor === code))
                            .map(([value, label]) => ({ value, label })),
                    ]}
                    onChange={(event) => setRole(event.target.value)}
                />
                <Select
                    label="Show"
                    value={view}
                    choices={VIEWS.map((one) => ({ value: one, label: VIEW_NAME[one] }))}
                    onChange={(event) => setView(VIEWS.find((one) => one === event.target.value) ?? 'all')}
                />
                <Select
                    label="Order"
                    value={order}
                    choices={ORDERS.map((one) => ({ value: one, label: ORDER_NAME[one] }))}
                    onChange={(event) => setOrder(ORDERS.find((one) => one === event.target.value) ?? 'name')}
                />
                <span className="pb-1.5 text-soft" aria-live="polite">
                    {list.length === jars.length ? `${jars.length} jars` : `${list.length} of ${jars.length} jars`}
                </span>
                <span className="ml-auto flex items-center gap-1">
                    <Link to="/supplies" className="mr-2 underline">
                        What the plans need
                    </Link>
                    <a href="/api/shelf.csv" download {...iconLink('Save the shelf as a table (CSV)')}>
                        <Download className="size-4" aria-hidden />
                    </a>
                    <a href="/api/shelf.gpl" download {...iconLink('Save the colours as a palette (GPL)')}>
                        <Palette className="size-4" aria-hidden />
                    </a>
                    <a
                        href="/api/shelf.json"
                        download
                        {...iconLink('Save jars and mixes with all that is known of them (JSON)')}
                    >
                        <PackageOpen className="size-4" aria-hidden />
                    </a>
                    <IconButton label="Take jars from a file (CSV, GPL or JSON)" onClick={() => setTable(true)}>
                        <Upload className="size-4" aria-hidden />
                    </IconButton>
                    <Button tone="act" onClick={() => setAsked({ from: undefined, isCopy: false })}>
                        <Plus className="size-4" aria-hidden /> A new jar
                    </Button>
                </span>
            </div>
            {gone.length > 0 && (
                <p role="status" className="mb-2 flex items-center gap-3 rounded-plate bg-press px-3 py-1.5">
                    {gone.length === 1 ? `${gone[0]?.jar.name} is` : `${gone.length} jars are`} off the shelf.
                    <Button disabled={putBack.isPending} onClick={() => putBack.mutate([...gone, ...changed])}>
                        {gone.length === 1 ? 'Put it back' : 'Put them back'}
                    </Button>
                </p>
            )}
            {remove.isError && (
                <p role="alert" className="mb-2 text-stop">
                    {remove.error.message}
                </p>
            )}
            {picked.length > 0 && (
                <ChosenJars jars={picked} onNone={() => setChosen(new Set())} onGone={setGone} onSaved={refresh} />
            )}
            {jars.length === 0 ? (
                <Empty library={library} onFilled={refresh} />
            ) : list.length === 0 ? (
                <p className="p-8 text-center text-soft">No jar is like that.</p>
            ) : (
                <table className="w-full border-collapse" onKeyDown={goUpOrDown}>
                    <thead className="sticky -top-4 z-10 bg-ground text-left text-fine text-soft">
                        <tr className="border-b border-rule *:px-1.5 *:py-1 *:font-normal">
                            <th scope="col" className="w-8 max-sm:hidden">
                                <input
                                    type="checkbox"
                                    aria-label="Choose every jar of the list"
                                    checked={picked.length === list.length}
                                    onChange={() =>
                                        setChosen(
                                            new Set(picked.length === list.length ? [] : list.map(({ jar }) => jar.id)),
                                        )
                                    }
                                />
                            </th>
                            <th scope="col">Colour</th>
                            <th scope="col">Jar</th>
                            <th scope="col" className="max-md:hidden">
                                Hides
                            </th>
                            <th scope="col">Left</th>
                            <th scope="col" className="max-md:hidden">
                                Opened on
                            </th>
                            <th scope="col" className="max-md:hidden">
                                Keeps
                            </th>
                            <th scope="col" className="max-lg:hidden">
                                Price
                            </th>
                            <th scope="col" className="max-lg:hidden">
                                Used in
                            </th>
                            <th scope="col">
                                <span className="sr-only">Acts</span>
                            </th>
                        </tr>
                    </thead>
                    <tbody>
                        {list.map((one) => (
                            <Row
                                key={one.jar.id}
                                one={one}
                                isChosen={chosen.has(one.jar.id)}
                                onChoose={() => choose(one.jar.id)}
                                family={wordFor(library.families, one.jar.family)}
                                isGoing={isGoing(one, now)}
                                onSaved={refresh}
                                onAsk={setAsked}
                                onRemove={() => remove.mutate(one)}
                            />
                        ))}
                    </tbody>
                </table>
            )}
            {isTable && (
                <Suspense fallback={null}>
                    <TableDialog open onOpenChange={setTable} onTaken={refresh} />
                </Suspense>
            )}
            {asked !== null && (
                <Suspense fallback={null}>
                    <ProductDialog
                        open
                        onOpenChange={() => {
                            setAsked(null)
                            void refresh()
                        }}
                        library={library}
                        families={library.families.map(({ code }) => code)}
                        from={asked.from}
                        isCopy={asked.isCopy}
                        onSave={async () => true}
                    />
                </Suspense>
            )}
        </main>
    )
}

/** The same cell of the row above or below, as in any table. */
function goUpOrDown(event: KeyboardEvent<HTMLTableElement>): void {
    const by = { ArrowUp: -1, ArrowDown: 1 }[event.key]
    const from = event.target instanceof HTMLInputElement ? event.target : null
    const cell = from?.closest('td')
    // In a day, arrows count its numbers up and down.
    if (by === undefined || cell == null || from?.type === 'date') return
    const row = cell.parentElement as HTMLTableRowElement
    const rows = [...(row.parentElement?.children ?? [])]
    const further = by > 0 ? rows.slice(row.sectionRowIndex + 1) : rows.slice(0, row.sectionRowIndex).toReversed()
    // What is unfolded below a jar has no such cell.
    const inputs = further.map((one) => one.children[cell.cellIndex]?.querySelector('input') ?? null)
    const input = inputs.find((one) => one !== null)
    if (input === undefined) return
    event.preventDefault()
    input.focus()
    input.select()
}

type RowProps = {
    one: Standing
    isChosen: boolean
    onChoose: () => void
    family: string
    isGoing: boolean
    onSaved: () => Promise<void>
    onAsk: (asked: Asked) => void
    onRemove: () => void
}

function Row({ one, isChosen, onChoose, family, isGoing, onSaved, onAsk, onRemove }: RowProps) {
    const { jar } = one
    const save = async (work: Promise<unknown>, field: string): Promise<string | null> => {
        try {
            await work
        } catch (error) {
            return error instanceof ApiError ? (error.fault(field) ?? error.message) : 'It could not be kept.'
        }
        await onSaved()
        return null
    }
    const [isOpen, setOpen] = useState(false)
    const change = (some: Partial<Stock>, field: string) => save(keepStock(jar.id, { ...stockOf(one), ...some }), field)
    const number = (field: 'leftMl' | 'price' | 'keepsMonths') => async (text: string) => {
        const value = numberOf(text)
        return value === undefined ? 'A number, or nothing.' : change({ [field]: value }, field)
    }
    const hides = async (text: string) => {
        const value = numberOf(text)
        if (value === undefined || (value !== null && (value < 0 || value > 100))) return 'From 0 to 100 per cent.'
        return save(keepJar({ ...jar, opacity: value === null ? null : value / 100 }), '/opacity')
    }
    return (
        <>
            <tr className="border-b border-line *:px-1.5 *:py-1 hover:bg-row">
                <td className="max-sm:hidden">
                    <input
                        type="checkbox"
                        aria-label={`Choose ${jar.name}`}
                        checked={isChosen}
                        onChange={onChoose}
                        className="pointer-coarse:size-6"
                    />
                </td>
                <td className="w-24 max-sm:w-14">
                    <Swatch
                        coverage="whole"
                        kind={jar.metallic ? 'metal' : 'colour'}
                        colour={jar.colour}
                        sheen={jar.sheen}
                        className="h-10 w-20 max-sm:w-10"
                    />
                </td>
                <th scope="row" className="max-w-72 text-left font-normal max-sm:max-w-28">
                    <span className="block truncate font-medium max-sm:whitespace-normal" title={jar.name}>
                        {jar.name}
                    </span>
                    <span className="block text-fine text-soft">
                        {[
                            family,
                            one.role !== null && ROLE[one.isFor],
                            jar.sheen,
                            jar.colour,
                            one.isWithdrawn && 'no longer sold',
                        ]
                            .filter(Boolean)
                            .join(', ')}
                    </span>
                </th>
                <td className="max-md:hidden">
                    {jar.colour !== null && (
                        <Cell
                            label={`${jar.name}: hides in one coat`}
                            value={jar.opacity === null ? '' : String(Math.round(100 * jar.opacity))}
                            unit="%"
                            className="w-12 text-right"
                            onCommit={hides}
                        />
                    )}
                </td>
                <td>
                    <Cell
                        label={`${jar.name}: left`}
                        value={one.leftMl === null ? '' : String(one.leftMl)}
                        unit="ml"
                        className="w-16 text-right"
                        onCommit={number('leftMl')}
                    />
                </td>
                <td className="max-md:hidden">
                    <Cell
                        label={`${jar.name}: opened on`}
                        type="date"
                        value={one.openedOn ?? ''}
                        onCommit={(text) => change({ openedOn: text === '' ? null : text }, 'openedOn')}
                    />
                </td>
                <td className="max-md:hidden">
                    <Cell
                        label={`${jar.name}: keeps once open`}
                        value={one.keepsMonths === null ? '' : String(one.keepsMonths)}
                        unit="months"
                        className="w-12 text-right"
                        onCommit={number('keepsMonths')}
                    />
                    {isGoing && (
                        <span className="block text-fine font-medium text-ink">
                            {one.isOff ? `gone off since ${one.goesOffOn}` : `goes off ${one.goesOffOn}`}
                        </span>
                    )}
                </td>
                <td className="max-lg:hidden">
                    <Cell
                        label={`${jar.name}: price`}
                        value={one.price === null ? '' : one.price.toFixed(2)}
                        className="w-16 text-right"
                        onCommit={number('price')}
                    />
                </td>
                <td className="max-w-44 max-lg:hidden">
                    <span className="block truncate text-fine text-soft" title={one.usedIn.join(', ')}>
                        {one.usedIn.join(', ')}
                    </span>
                </td>
                <td className="whitespace-nowrap max-sm:whitespace-normal">
                    {jar.colour !== null && (
                        <Link
                            to={`/mixes?wanted=${encodeURIComponent(jar.colour)}`}
                            {...iconLink(`Mix the colour of ${jar.name}`)}
                        >
                            <FlaskConical className="size-4" aria-hidden />
                        </Link>
                    )}
                    <IconButton label={`More of ${jar.name}`} aria-expanded={isOpen} onClick={() => setOpen(!isOpen)}>
                        <ChevronDown className={classes('size-4', isOpen ? 'rotate-180' : '')} aria-hidden />
                    </IconButton>
                    <IconButton label={`Change ${jar.name}`} onClick={() => onAsk({ from: jar, isCopy: false })}>
                        <Pencil className="size-4" aria-hidden />
                    </IconButton>
                    <IconButton label={`A jar like ${jar.name}`} onClick={() => onAsk({ from: jar, isCopy: true })}>
                        <Copy className="size-4" aria-hidden />
                    </IconButton>
                    <IconButton label={`Take ${jar.name} off your shelf`} onClick={onRemove}>
                        <Trash2 className="size-4" aria-hidden />
                    </IconButton>
                </td>
            </tr>
            {isOpen && <MoreOfJar one={one} onChange={change} />}
        </>
    )
}

/** Nothing on it yet: plain jars to begin with, ticked one by one or all at once. */
function Empty({ library, onFilled }: { library: Library; onFilled: () => Promise<void> }) {
    const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set(library.starterShelf.map(({ id }) => id)))
    const fill = useMutation({
        mutationFn: () => fillShelf([...chosen]),
        onSettled: onFilled,
    })
    const toggle = (id: string) => {
        const next = new Set(chosen)
        if (!next.delete(id)) next.add(id)
        setChosen(next)
    }
    return (
        <div className="mx-auto max-w-2xl">
            <p className="text-base font-semibold">Nothing stands on your shelf yet.</p>
            <p className="mt-1 mb-3 text-soft">
                Enter your own jars, or begin with plain ones: tick those that you have something like.
            </p>
            <ul className="grid gap-1 sm:grid-cols-2">
                {library.starterShelf.map((jar) => (
                    <li key={jar.id}>
                        <label className="flex min-h-9 items-center gap-2 pointer-coarse:min-h-11">
                            <input type="checkbox" checked={chosen.has(jar.id)} onChange={() => toggle(jar.id)} />
                            <Swatch
                                coverage="whole"
                                kind="colour"
                                colour={jar.colour}
                                sheen={jar.sheen}
                                className="h-6 w-9"
                            />
                            {jar.name}
                        </label>
                    </li>
                ))}
            </ul>
            <Button
                tone="act"
                className="mt-3"
                disabled={chosen.size === 0 || fill.isPending}
                onClick={() => fill.mutate()}
            >
                {fill.isPending ? 'Putting them there …' : `Put ${chosen.size} on the shelf`}
            </Button>
            {fill.isError && (
                <p role="alert" className="mt-2 text-stop">
                    {fill.error.message}
                </p>
            )}
        </div>
    )
}
