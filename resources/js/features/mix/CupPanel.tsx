import { Minus, Plus, X } from 'lucide-react'
import { useState } from 'react'
import type { CupLook, SavedMix } from '@/contract'
import { Button } from '@/design/Button'
import { classes } from '@/design/classes'
import { Select, TextField } from '@/design/Field'
import { IconButton } from '@/design/Icon'
import type { Product } from '@/features/build'
import { type Amount, Amounts } from './Amounts'
import type { Cup, Part, Use } from './api'
import { type Measured, readThinning, sayDrops, sayThinning } from './drops'
import { Patch } from './Patch'
import { Tones } from './Tones'

type Props = {
    cup: Cup
    use: Use
    look: CupLook | undefined
    /** What is wrong with the cup as a whole. */
    fault: string | null
    /** The colour that is wanted, as six digits. */
    wantedHex: string | null
    amount: Amount
    measured: Measured
    jars: readonly Product[]
    mixes: readonly SavedMix[]
    shelf: string
    /** The kept mix that was poured last, which can be changed. */
    origin: SavedMix | null
    onChange: (cup: Cup) => void
    onUse: (use: Use) => void
    onAmount: (amount: Amount) => void
    onKeep: Keeping
    onChangeKept: (mix: SavedMix) => Promise<string | null>
    /** The same as a jar of the shelf, which plans can use. */
    onBottle: Keeping
}

const MOST_PARTS = 24

/** What is wanted may have been typed by its numbers. */
const shown = (wanted: string, hex: string | null): string | null => (wanted.startsWith('#') ? wanted : hex)

/** What is in the cup: what it looks like, how much of what, and what speaks against it. */
export function CupPanel({ cup, look, fault, measured, jars, mixes, shelf, onChange, ...props }: Props) {
    const change = (parts: readonly Part[]) => onChange({ ...cup, parts })
    const poured = new Map<string, Poured>([
        ...jars.map((jar) => [jar.id, jar] as const),
        ...mixes.map((mix) => [mix.jar, { ...mix, id: mix.jar, family: mix.parts[0]?.jar.family ?? '' }] as const),
    ])
    const nameOf = (id: string) => poured.get(id)?.name ?? id
    const family = poured.get(cup.parts[0]?.jar ?? '')?.family
    const isThere = (id: string) => cup.parts.some(({ jar }) => jar === id)
    const others = jars.filter(({ id }) => !isThere(id) && !mixes.some(({ jar }) => jar === id))
    const otherMixes = mixes.filter((mix) => !isThere(mix.jar) && mix.id !== props.origin?.id)
    const [typed, setTyped] = useState<string | null>(null)
    const isRead = typed === null || readThinning(typed) !== null
    const thin = (text: string) => {
        setTyped(text)
        const share = readThinning(text)
        if (share !== null) onChange({ ...cup, share })
    }
    return (
        <section aria-label="In the cup" className="flex flex-col gap-3 rounded-plate border border-line bg-panel p-3">
            <h2 className="wide font-semibold">In the cup</h2>
            <div className="flex h-28 overflow-hidden rounded-plate bg-stage">
                {cup.wanted !== null && <Patch colour={shown(cup.wanted, props.wantedHex)} className="flex-1" />}
                <Patch colour={look?.colour ?? null} className="flex-1" />
            </div>
            <p aria-live="polite" className="min-h-10">
                {look?.says != null && (
                    <>
                        <span className="font-semibold">ΔE {look.difference?.toFixed(1)}</span> from what you want:
                        {` ${look.says}.`}
                    </>
                )}
                {look?.sheen != null && ` Dries ${look.sheen}.`}
                {fault !== null && <span role="alert">{fault}</span>}
            </p>
            {look !== undefined && look.warns.length > 0 && (
                <ul className="flex flex-col gap-1 border-l-4 border-risk pl-2">
                    {look.warns.map((one) => (
                        <li key={one}>{one}</li>
                    ))}
                </ul>
            )}
            <ul className="flex flex-col gap-1">
                {cup.parts.map((part) => (
                    <PartRow
                        key={part.jar}
                        part={part}
                        of={poured.get(part.jar)}
                        drops={measured.drops.find(({ jar }) => jar === part.jar)?.drops ?? 0}
                        onCount={(parts) =>
                            change(cup.parts.map((one) => (one.jar === part.jar ? { ...one, parts } : one)))
                        }
                        onRemove={() => change(cup.parts.filter((one) => one.jar !== part.jar))}
                    />
                ))}
            </ul>
            <Select
                label="Another jar or mix into it"
                value=""
                groups={grouped(others, otherMixes, family)}
                onChange={(event) => change([...cup.parts, { jar: event.target.value, parts: 1 }])}
                disabled={cup.parts.length >= 8}
            />
            {/* Below the counts, so that nothing moves under a hand that counts. */}
            {look !== undefined && look.nearer.length > 0 && (
                <Nearer nearer={look.nearer} nameOf={nameOf} onAdd={(adds) => change(withMore(cup.parts, adds))} />
            )}
            <Tones cup={cup} shelf={shelf} onChange={change} />
            <div className="grid grid-cols-[1fr_8rem] items-end gap-3">
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
                        className="h-8 w-full accent-ink pointer-coarse:h-11"
                        onChange={(event) => {
                            setTyped(null)
                            onChange({ ...cup, share: event.target.valueAsNumber / 100 })
                        }}
                    />
                </label>
                <TextField
                    label="or as typed"
                    value={typed ?? ''}
                    placeholder="2:1, 60 %"
                    fault={isRead ? undefined : 'As in 2:1, or 60 %.'}
                    onChange={(event) => (event.target.value === '' ? setTyped(null) : thin(event.target.value))}
                />
            </div>
            <div className="grid grid-cols-2 gap-2">
                {(['retarder', 'flow'] as const).map((one) => (
                    <Select
                        key={one}
                        label={one === 'retarder' ? 'Retarder, of the paint' : 'Flow improver'}
                        value={Math.round(100 * cup[one])}
                        choices={[0, 2, 5, 10, 15, 20].map((percent) => ({
                            value: String(percent),
                            label:
                                percent === 0 ? 'none' : `${percent} %: ${sayDrops((measured.paint * percent) / 100)}`,
                        }))}
                        onChange={(event) => onChange({ ...cup, [one]: Number(event.target.value) / 100 })}
                    />
                ))}
            </div>
            <Amounts
                amount={props.amount}
                use={props.use}
                look={look}
                measured={measured}
                share={cup.share}
                nameOf={nameOf}
                onAmount={props.onAmount}
                onUse={props.onUse}
            />
            {cup.parts.length > 0 && (
                <KeepForm
                    origin={props.origin}
                    onKeep={props.onKeep}
                    onChangeKept={props.onChangeKept}
                    onBottle={props.onBottle}
                />
            )}
        </section>
    )
}

/** A jar, or a mix as if it were one. */
type Poured = { id: string; name: string; family: string; colour: string | null }

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
function grouped(jars: readonly Product[], mixes: readonly SavedMix[], family: string | undefined) {
    const choices = (some: readonly Product[]) => some.map(({ id, name }) => ({ value: id, label: name }))
    const own = jars.filter((jar) => jar.family === family)
    const strange = jars.filter((jar) => jar.family !== family)
    return [
        { label: '', choices: [{ value: '', label: 'choose …' }] },
        ...(own.length > 0 ? [{ label: 'Of the same family', choices: choices(own) }] : []),
        ...(mixes.length > 0
            ? [{ label: 'Mixes that you keep', choices: mixes.map(({ jar, name }) => ({ value: jar, label: name })) }]
            : []),
        ...(strange.length > 0
            ? [{ label: family === undefined ? 'All' : 'Of others: may curdle', choices: choices(strange) }]
            : []),
    ]
}

type PartProps = {
    part: Part
    of: Poured | undefined
    drops: number
    onCount: (parts: number) => void
    onRemove: () => void
}

function PartRow({ part, of, drops, onCount, onRemove }: PartProps) {
    const name = of?.name ?? part.jar
    return (
        <li className="grid grid-cols-[1.75rem_1fr_repeat(4,auto)] items-center gap-x-1">
            <Patch colour={of?.colour ?? null} className="row-span-2 h-9 border border-rule" />
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

type KeepProps = Pick<Props, 'origin' | 'onKeep' | 'onChangeKept' | 'onBottle'>

function KeepForm({ origin, onKeep, onChangeKept, onBottle }: KeepProps) {
    const [name, setName] = useState('')
    const [state, setState] = useState<{ fault?: string; says?: string; isBusy: boolean }>({ isBusy: false })
    const keep = async (keeping: Keeping, says: string) => {
        if (name.trim() === '') return setState({ fault: 'Give it a name.', isBusy: false })
        setState({ isBusy: true })
        const fault = await keeping(name.trim())
        setState({ isBusy: false, ...(fault === null ? { says } : { fault }) })
        if (fault === null) setName('')
    }
    const changeKept = async (mix: SavedMix) => {
        setState({ isBusy: true })
        const fault = await onChangeKept(mix)
        setState({ isBusy: false, ...(fault === null ? { says: `${mix.name} is this now.` } : { fault }) })
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
            {origin !== null && (
                <Button disabled={state.isBusy} onClick={() => void changeKept(origin)} className="self-start">
                    Keep it in place of “{origin.name}”
                </Button>
            )}
            <p role="status" className="min-h-4 text-fine text-soft">
                {state.says}
            </p>
        </form>
    )
}
