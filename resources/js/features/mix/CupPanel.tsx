import { useQuery } from '@tanstack/react-query'
import { Minus, Plus, X } from 'lucide-react'
import { useState } from 'react'
import { ApiError } from '@/app/http'
import type { CupLook } from '@/contract'
import { Button } from '@/design/Button'
import { classes } from '@/design/classes'
import { Select, TextField } from '@/design/Field'
import { IconButton } from '@/design/Icon'
import type { Product } from '@/features/build'
import { type Cup, lookQuery, type Part } from './api'
import { measure, sayThinning } from './drops'
import { Patch } from './Patch'
import { Tones } from './Tones'

type Props = {
    cup: Cup
    jars: readonly Product[]
    shelf: string
    onChange: (cup: Cup) => void
    onKeep: (name: string) => Promise<string | null>
    /** The same as a jar of the shelf, which plans can use. */
    onBottle: (name: string, colour: string, hides: number | null) => Promise<string | null>
}

const MOST_PARTS = 24
/** Millilitres that airbrush cups hold, and what a brush needs. */
const SIZES = [0.5, 1, 2, 5, 10, 20]

/** What is in the cup: what it looks like, how much of what, and how it covers. */
export function CupPanel({ cup, jars, shelf, onChange, onKeep, onBottle }: Props) {
    const [ground, setGround] = useState('#7c7d7b')
    const [size, setSize] = useState(2)
    const look = useQuery(lookQuery(cup, ground, shelf))
    const change = (parts: readonly Part[]) => onChange({ ...cup, parts })
    const byId = new Map(jars.map((jar) => [jar.id, jar]))
    const family = byId.get(cup.parts[0]?.jar ?? '')?.family
    const others = jars.filter(({ id }) => !cup.parts.some(({ jar }) => jar === id))
    const amounts = measure(cup.parts, cup.share, size)
    const fault = look.error instanceof ApiError ? look.error.fault('ground') : undefined
    return (
        <section aria-label="In the cup" className="flex flex-col gap-3 rounded-plate border border-line bg-panel p-3">
            <h2 className="wide font-semibold">In the cup</h2>
            <div className="flex h-28 overflow-hidden rounded-plate bg-stage">
                {cup.wanted !== null && <Patch colour={cup.wanted} className="flex-1" />}
                <Patch colour={look.data?.colour ?? null} className="flex-1" />
            </div>
            <p aria-live="polite" className="min-h-10">
                {look.data?.says != null && (
                    <>
                        <span className="font-semibold">ΔE {look.data.difference?.toFixed(1)}</span> from what you want:
                        {` ${look.data.says}.`}
                    </>
                )}
                {look.isError && fault === undefined && <span role="alert">{look.error.message}</span>}
            </p>
            <ul className="flex flex-col gap-1">
                {cup.parts.map((part) => (
                    <PartRow
                        key={part.jar}
                        part={part}
                        jar={byId.get(part.jar)}
                        drops={amounts.drops.find(({ jar }) => jar === part.jar)?.drops ?? 0}
                        onCount={(parts) =>
                            change(cup.parts.map((one) => (one.jar === part.jar ? { ...one, parts } : one)))
                        }
                        onRemove={() => change(cup.parts.filter((one) => one.jar !== part.jar))}
                    />
                ))}
            </ul>
            <Select
                label="Another jar into it"
                value=""
                groups={grouped(others, family)}
                onChange={(event) => change([...cup.parts, { jar: event.target.value, parts: 1 }])}
                disabled={cup.parts.length >= 8}
            />
            {/* Below the counts, so that nothing moves under a hand that counts. */}
            {look.data !== undefined && look.data.nearer.length > 0 && (
                <Nearer
                    nearer={look.data.nearer}
                    nameOf={(id) => byId.get(id)?.name ?? id}
                    onAdd={(adds) => change(withMore(cup.parts, adds))}
                />
            )}
            <Tones cup={cup} shelf={shelf} onChange={change} />
            <div>
                <label className="flex flex-col gap-0.5">
                    <span className="text-fine text-soft">
                        Thinned: <span className="text-ink">{sayThinning(cup.share)}</span>
                    </span>
                    <input
                        type="range"
                        min={5}
                        max={100}
                        step={1}
                        value={Math.round(100 * cup.share)}
                        aria-valuetext={sayThinning(cup.share)}
                        className="w-full accent-ink pointer-coarse:h-11"
                        onChange={(event) => onChange({ ...cup, share: event.target.valueAsNumber / 100 })}
                    />
                </label>
            </div>
            <div className="flex items-end gap-2">
                <div className="w-28">
                    <Select
                        label="For a cup of"
                        value={size}
                        choices={SIZES.map((ml) => ({ value: String(ml), label: `${ml} ml` }))}
                        onChange={(event) => setSize(Number(event.target.value))}
                    />
                </div>
                {cup.parts.length > 0 && (
                    <p className="pb-1.5 text-fine text-soft">
                        {amounts.paint.toFixed(2)} ml paint, {amounts.thinner.toFixed(2)} ml thinner
                    </p>
                )}
            </div>
            <div className="border-t border-line pt-2">
                <div className="flex items-end gap-2">
                    <div className="w-40">
                        <TextField
                            label="On this ground"
                            key={ground}
                            defaultValue={ground}
                            fault={fault}
                            onBlur={(event) => setGround(event.target.value.trim())}
                            onKeyDown={(event) => {
                                if (event.key === 'Enter') setGround(event.currentTarget.value.trim())
                            }}
                        />
                    </div>
                    <input
                        type="color"
                        aria-label="Pick the ground"
                        value={/^#[0-9a-f]{6}$/i.test(ground) ? ground : '#7c7d7b'}
                        className="h-8 w-10 pointer-coarse:h-11"
                        onChange={(event) => setGround(event.target.value)}
                    />
                </div>
                {/* Its height is kept while it is worked out: what stands below must not move under a hand. */}
                <ol className="mt-2 flex min-h-24">
                    {look.data?.coats.map(({ coats, colour, left }) => (
                        <li key={coats} className="min-w-0 flex-1 text-center text-fine">
                            <Patch colour={colour} className="h-14" />
                            {coats}
                            <span className={classes('block', left < 1 ? 'font-semibold' : 'text-soft')}>
                                {left < 1 ? 'covers' : left.toFixed(0)}
                            </span>
                        </li>
                    ))}
                </ol>
                <p className="text-fine text-soft">coats, and how far each is from the paint’s own colour</p>
            </div>
            {cup.parts.length > 0 && (
                <KeepForm
                    onKeep={onKeep}
                    onBottle={async (name) =>
                        look.data?.colour == null
                            ? 'It has no colour.'
                            : onBottle(name, look.data.colour, look.data.hides)
                    }
                />
            )}
        </section>
    )
}

/** What is in the cup cannot be taken out: what to add to it, so that it comes nearer. */
function Nearer({
    nearer,
    nameOf,
    onAdd,
}: {
    nearer: CupLook['nearer']
    nameOf: (jar: string) => string
    onAdd: (adds: readonly Part[]) => void
}) {
    return (
        <div>
            <p className="text-fine text-soft">To bring it nearer, add</p>
            <ul className="mt-0.5 flex flex-col gap-1">
                {nearer.map(({ adds, colour, difference }) => (
                    <li key={adds.map(({ jar }) => jar).join(' ')}>
                        <button
                            type="button"
                            onClick={() => onAdd(adds)}
                            className={classes(
                                'flex min-h-8 w-full items-center gap-2 rounded-plate border border-line px-2',
                                'text-left text-fine hover:bg-press pointer-coarse:min-h-11',
                            )}
                        >
                            <Patch colour={colour} className="size-4 shrink-0" />
                            <span className="min-w-0 flex-1 truncate">
                                {adds.map(({ jar, parts }) => `${parts} ${nameOf(jar)}`).join(' and ')}
                            </span>
                            <span>ΔE {difference.toFixed(1)}</span>
                        </button>
                    </li>
                ))}
            </ul>
        </div>
    )
}

/** More of what is in it already counts to that. */
function withMore(parts: readonly Part[], adds: readonly Part[]): Part[] {
    const more = new Map(adds.map(({ jar, parts: count }) => [jar, count]))
    const fuller = parts.map(({ jar, parts: count }) => ({ jar, parts: count + (more.get(jar) ?? 0) }))
    return [...fuller, ...adds.filter(({ jar }) => !parts.some((part) => part.jar === jar))]
}

/** Those of the family in the cup first: a stranger’s binder may curdle. */
function grouped(jars: readonly Product[], family: string | undefined) {
    const choices = (some: readonly Product[]) => some.map(({ id, name }) => ({ value: id, label: name }))
    const own = jars.filter((jar) => jar.family === family)
    const strange = jars.filter((jar) => jar.family !== family)
    return [
        { label: '', choices: [{ value: '', label: 'choose …' }] },
        ...(own.length > 0 ? [{ label: 'Of the same family', choices: choices(own) }] : []),
        ...(strange.length > 0
            ? [{ label: family === undefined ? 'All' : 'Of others: may curdle', choices: choices(strange) }]
            : []),
    ]
}

type PartProps = {
    part: Part
    jar: Product | undefined
    drops: number
    onCount: (parts: number) => void
    onRemove: () => void
}

function PartRow({ part, jar, drops, onCount, onRemove }: PartProps) {
    const name = jar?.name ?? part.jar
    return (
        <li className="grid grid-cols-[1.75rem_1fr_repeat(4,auto)] items-center gap-x-1">
            <Patch colour={jar?.colour ?? null} className="row-span-2 h-9 border border-rule" />
            <span className="col-span-5 truncate pl-1" title={name}>
                {name}
            </span>
            <span className="pl-1 text-fine text-soft">
                {drops} {drops === 1 ? 'drop' : 'drops'}
            </span>
            <IconButton
                label={`Less ${name}`}
                disabled={part.parts <= 1}
                onClick={() => onCount(part.parts - 1)}
                className="px-1"
            >
                <Minus className="size-4" aria-hidden />
            </IconButton>
            <output className="w-5 text-center font-semibold" aria-label={`Parts of ${name}`}>
                {part.parts}
            </output>
            <IconButton
                label={`More ${name}`}
                disabled={part.parts >= MOST_PARTS}
                onClick={() => onCount(part.parts + 1)}
                className="px-1"
            >
                <Plus className="size-4" aria-hidden />
            </IconButton>
            <IconButton label={`Without ${name}`} onClick={onRemove} className="px-1">
                <X className="size-4" aria-hidden />
            </IconButton>
        </li>
    )
}

type Keeping = (name: string) => Promise<string | null>

function KeepForm({ onKeep, onBottle }: { onKeep: Keeping; onBottle: Keeping }) {
    const [name, setName] = useState('')
    const [state, setState] = useState<{ fault?: string; says?: string; isBusy: boolean }>({ isBusy: false })
    const keep = async (keeping: Keeping, says: string) => {
        if (name.trim() === '') return setState({ fault: 'Give it a name.', isBusy: false })
        setState({ isBusy: true })
        const fault = await keeping(name.trim())
        setState({ isBusy: false, ...(fault === null ? { says } : { fault }) })
        if (fault === null) setName('')
    }
    return (
        <form
            className="flex flex-col gap-2 border-t border-line pt-2"
            onSubmit={(event) => {
                event.preventDefault()
                void keep(onKeep, 'It is kept below.')
            }}
        >
            <TextField
                label="Keep it as"
                maxLength={120}
                value={name}
                fault={state.fault}
                onChange={(event) => setName(event.target.value)}
            />
            <div className="flex items-center gap-2">
                <Button type="submit" disabled={state.isBusy}>
                    Keep
                </Button>
                <Button
                    tone="quiet"
                    disabled={state.isBusy}
                    onClick={() => void keep(onBottle, 'It stands on your shelf, and plans can use it.')}
                >
                    Bottle it as a jar
                </Button>
            </div>
            <p role="status" className="min-h-4 text-fine text-soft">
                {state.says}
            </p>
        </form>
    )
}
