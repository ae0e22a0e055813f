import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { Download, Upload } from 'lucide-react'
import { Suspense, useEffect, useState } from 'react'
import { useSearchParams } from 'react-router'
import { ApiError } from '@/app/http'
import type { SavedMix } from '@/contract'
import { Button } from '@/design/Button'
import { classes } from '@/design/classes'
import { Select, TextField } from '@/design/Field'
import { IconButton, iconLink } from '@/design/Icon'
import { later } from '@/design/later'
import { RetryNotice } from '@/design/Notice'
import { fillShelf, jarsQuery, libraryQuery, mixableQuery, type Product } from '@/features/build'
import { type Amount, totalOf } from './Amounts'
import { Answers } from './Answers'
import {
    type Cup,
    changeMix,
    closestQuery,
    fillJar,
    keepMix,
    keptQuery,
    lookQuery,
    type Part,
    type Use,
    type Wish,
} from './api'
import { CupPanel } from './CupPanel'
import { measure } from './drops'
import { Kept } from './Kept'
import { NextPass } from './NextPass'
import { OnGround } from './OnGround'
import { Patch } from './Patch'

const PhotoColour = later(() => import('@/features/photos/PhotoColour'))
const RecipesDialog = later(() => import('./RecipesDialog'))

const EMPTY: Cup = { parts: [], share: 1, retarder: 0, flow: 0, wanted: null }
/** Which of one's own jars, and how many drops of each, give the colour that is wanted. */
export function MixDesk() {
    const jars = useQuery(mixableQuery)
    useEffect(() => {
        document.title = 'Mix desk · Ulvrach'
    }, [])
    if (jars.isPending) return <main className="p-8 text-soft">Fetching your jars…</main>
    if (jars.isError) {
        return (
            <main className="p-8">
                <RetryNotice error={jars.error} onRetry={() => void jars.refetch()} />
            </main>
        )
    }
    return (
        <main className="min-h-0 flex-1 overflow-auto p-4">
            <h1 className="wide mb-3 text-xl font-bold">Mix desk</h1>
            {jars.data.paints.length > 0 ? <Desk paints={jars.data.paints} jars={jars.data.poured} /> : <NoJars />}
        </main>
    )
}

function Desk({ paints, jars }: { paints: readonly Product[]; jars: readonly Product[] }) {
    const [params, setParams] = useSearchParams()
    const wanted = params.get('wanted') ?? '#566043'
    const [wish, setWish] = useState<Omit<Wish, 'wanted'>>({ families: [], jars: 3, parts: 12 })
    const [cup, setCup] = useState<Cup>(EMPTY)
    const [use, setUse] = useState<Use>({ ground: '#7c7d7b', areaCm2: null, coats: 2, application: 'airbrush' })
    const [amount, setAmount] = useState<Amount>({ of: 'cup', cupMl: 2 })
    const [origin, setOrigin] = useState<SavedMix | null>(null)
    const [find, setFind] = useState('')
    const [isTable, setTable] = useState(false)
    const [isNear, setNear] = useState(false)
    const queries = useQueryClient()
    const kept = useQuery(keptQuery)
    const library = useQuery(libraryQuery)
    const mixes = kept.data ?? []
    const shelf = [...paints, ...mixes.map((mix) => ({ ...mix, opacity: mix.share, family: mix.note }))]
        .map(({ id, colour, opacity, family }) => `${id} ${colour} ${opacity} ${family}`)
        .join()
    const closest = useQuery(closestQuery({ ...wish, wanted }, shelf))
    const best = closest.isPlaceholderData ? undefined : closest.data?.answers[0]
    const hex = closest.data?.wanted ?? null
    // As it was typed: a colour by its numbers is not quite what six digits say of it.
    const asked = hex === null ? null : wanted
    const want = (text: string) => setParams({ wanted: text }, { replace: true })
    // The best answer stands in the cup until something else is poured.
    const inCup = cup.parts.length === 0 && best !== undefined ? { ...cup, parts: best.parts, wanted: asked } : cup
    const look = useQuery(lookQuery(inCup, use, shelf))
    const measured = measure(inCup.parts, inCup.share, totalOf(amount, look.data, inCup.share))
    const groundFault = look.error instanceof ApiError ? look.error.fault('ground') : undefined
    const pour = (parts: readonly Part[]) => setCup({ ...cup, parts, wanted: asked })
    const again = (mix: SavedMix) => {
        const known = new Set([...jars.map(({ id }) => id), ...mixes.map(({ jar }) => jar)])
        const parts = mix.parts.filter(({ jar }) => known.has(jar.id))
        setCup({
            parts: parts.map(({ jar, parts: count }) => ({ jar: jar.id, parts: count })),
            share: mix.share,
            retarder: mix.retarder,
            flow: mix.flow,
            wanted: mix.wanted ?? mix.colour,
        })
        setOrigin(mix)
        if (mix.colour !== null) want(mix.wanted ?? mix.colour)
    }
    const said = async (work: Promise<unknown>): Promise<string | null> => {
        try {
            await work
        } catch (error) {
            return error instanceof Error ? error.message : 'It could not be kept.'
        }
        await queries.invalidateQueries({ queryKey: keptQuery.queryKey })
        return null
    }
    const fill = async (name: string) => {
        // The shelf is another one then, and its best mix as well: what is in the cup stays in it.
        setCup(inCup)
        await fillJar({ ...inCup, name, note: '' })
        await queries.invalidateQueries({ queryKey: jarsQuery.queryKey })
    }
    const families = (library.data?.families ?? []).filter(
        ({ code, isMixed }) => isMixed && paints.some(({ family }) => family === code),
    )
    return (
        <>
            <div className="grid items-start gap-4 lg:grid-cols-[17rem_1fr_22rem]">
                <Wanted
                    wanted={wanted}
                    hex={hex}
                    fault={closest.error instanceof ApiError ? closest.error.fault('wanted') : undefined}
                    paints={paints}
                    families={families}
                    wish={wish}
                    onWant={(text) => {
                        setCup({ ...cup, parts: [] })
                        setOrigin(null)
                        want(text)
                    }}
                    onWish={(next) => {
                        setCup({ ...cup, parts: [] })
                        setWish(next)
                    }}
                />
                <div className="flex min-w-0 flex-col gap-4 max-lg:contents">
                    <section aria-label="What comes closest">
                        {closest.data !== undefined && (
                            <Answers
                                found={closest.data}
                                jars={new Map(jars.map((jar) => [jar.id, jar]))}
                                cup={inCup.parts}
                                isStale={closest.isPlaceholderData}
                                onPour={(parts) => {
                                    setOrigin(null)
                                    pour(parts)
                                }}
                            />
                        )}
                        {closest.isPending && <p className="p-4 text-soft">Trying your jars…</p>}
                        {closest.isError && !(closest.error instanceof ApiError && closest.error.status === 422) && (
                            <RetryNotice error={closest.error} onRetry={() => void closest.refetch()} />
                        )}
                    </section>
                    {inCup.parts.length > 0 && (
                        <div className="flex flex-col gap-4 max-lg:order-last">
                            <OnGround
                                ground={use.ground}
                                look={look.data}
                                fault={groundFault}
                                onGround={(ground) => setUse({ ...use, ground })}
                            />
                            <NextPass
                                cup={inCup}
                                shelf={shelf}
                                millilitres={amount.cupMl}
                                onPoured={(parts, share) => setCup({ ...inCup, parts, share })}
                            />
                        </div>
                    )}
                </div>
                <CupPanel
                    wantedHex={hex}
                    cup={inCup}
                    use={use}
                    look={look.data}
                    fault={look.isError && groundFault === undefined ? look.error.message : null}
                    amount={amount}
                    measured={measured}
                    jars={jars}
                    mixes={mixes}
                    shelf={shelf}
                    origin={origin}
                    onChange={setCup}
                    onUse={setUse}
                    onAmount={setAmount}
                    onKeep={(name) => said(keepMix({ ...inCup, name, note: '' }))}
                    onChangeKept={(mix) => said(changeMix(mix.id, { ...inCup, name: mix.name, note: mix.note }))}
                    onBottle={(name) => said(fill(name))}
                />
            </div>
            <section aria-label="Mixes that you keep" className="mt-6">
                <div className="mb-2 flex flex-wrap items-end gap-4">
                    <h2 className="wide font-semibold">Mixes that you keep</h2>
                    <div className="w-60">
                        <TextField
                            label="Find by name, jar or build"
                            type="search"
                            value={find}
                            onChange={(event) => setFind(event.target.value)}
                        />
                    </div>
                    {hex !== null && (
                        <label className="flex min-h-8 items-center gap-1.5 pointer-coarse:min-h-11">
                            <input type="checkbox" checked={isNear} onChange={() => setNear(!isNear)} /> nearest to the
                            wanted colour first
                        </label>
                    )}
                    <span className="ml-auto flex items-center gap-1">
                        <a href="/api/mixes.csv" download {...iconLink('Save the mixes as a table (CSV)')}>
                            <Download className="size-4" aria-hidden />
                        </a>
                        <IconButton label="Take mixes from a table (CSV)" onClick={() => setTable(true)}>
                            <Upload className="size-4" aria-hidden />
                        </IconButton>
                    </span>
                </div>
                {isTable && (
                    <Suspense fallback={null}>
                        <RecipesDialog
                            open
                            onOpenChange={setTable}
                            onTaken={() => queries.invalidateQueries({ queryKey: keptQuery.queryKey })}
                        />
                    </Suspense>
                )}
                <Kept find={find} near={isNear ? hex : null} onPour={again} />
            </section>
        </>
    )
}

type WantedProps = {
    wanted: string
    hex: string | null
    fault: string | undefined
    paints: readonly Product[]
    families: readonly { code: string; label: string }[]
    wish: Omit<Wish, 'wanted'>
    onWant: (text: string) => void
    onWish: (wish: Omit<Wish, 'wanted'>) => void
}

function Wanted({ wanted, hex, fault, paints, families, wish, onWant, onWish }: WantedProps) {
    const [hasPhoto, setPhoto] = useState(false)
    const toggle = (code: string) => {
        const has = wish.families.includes(code)
        onWish({
            ...wish,
            families: has ? wish.families.filter((one) => one !== code) : [...wish.families, code],
        })
    }
    return (
        <section
            aria-label="The colour that is wanted"
            className="flex flex-col gap-3 rounded-plate border border-line bg-panel p-3"
        >
            <h2 className="wide font-semibold">Wanted</h2>
            <div className="rounded-plate bg-stage p-5">
                <Patch colour={hex} className="h-24" />
            </div>
            <div className="flex items-end gap-2">
                <div className="flex-1">
                    <TextField
                        label="Colour"
                        key={wanted}
                        defaultValue={wanted}
                        fault={fault}
                        hint="#rrggbb, or L* a* b*"
                        onBlur={(event) => {
                            if (event.target.value.trim() !== wanted) onWant(event.target.value.trim())
                        }}
                        onKeyDown={(event) => {
                            if (event.key === 'Enter') onWant(event.currentTarget.value.trim())
                        }}
                    />
                </div>
                <input
                    type="color"
                    aria-label="Pick a colour"
                    value={hex ?? '#566043'}
                    className="mb-5 h-8 w-10 pointer-coarse:h-11"
                    onChange={(event) => onWant(event.target.value)}
                />
            </div>
            {hasPhoto ? (
                <Suspense fallback={null}>
                    <PhotoColour
                        onTake={(colour) => {
                            onWant(colour)
                            setPhoto(false)
                        }}
                    />
                </Suspense>
            ) : (
                <Button className="self-start text-fine" onClick={() => setPhoto(true)}>
                    From a photograph…
                </Button>
            )}
            <Select
                label="Or the colour of a jar"
                value={paints.find(({ colour }) => colour === wanted)?.id ?? ''}
                choices={[
                    { value: '', label: 'choose …' },
                    ...paints.map(({ id, name }) => ({ value: id, label: name })),
                ]}
                onChange={(event) => {
                    const colour = paints.find(({ id }) => id === event.target.value)?.colour
                    if (colour != null) onWant(colour)
                }}
            />
            <fieldset>
                <legend className="text-fine text-soft">Mixed of; none chosen: whatever you have</legend>
                <div className="mt-0.5 flex flex-wrap gap-1">
                    {families.map(({ code, label }) => (
                        <label
                            key={code}
                            className={classes(
                                'flex min-h-8 cursor-pointer items-center rounded-plate border border-line px-2',
                                'text-fine has-checked:border-ink has-checked:bg-press has-focus-visible:outline-2',
                                'pointer-coarse:min-h-11',
                            )}
                        >
                            <input
                                type="checkbox"
                                className="sr-only"
                                checked={wish.families.includes(code)}
                                onChange={() => toggle(code)}
                            />
                            {label}
                        </label>
                    ))}
                </div>
            </fieldset>
            <div className="grid grid-cols-2 gap-2">
                <Select
                    label="Jars at most"
                    value={wish.jars}
                    choices={[1, 2, 3].map((count) => ({ value: String(count), label: String(count) }))}
                    onChange={(event) => onWish({ ...wish, jars: Number(event.target.value) })}
                />
                <Select
                    label="Parts at most"
                    value={wish.parts}
                    choices={[6, 8, 10, 12, 16, 20].map((count) => ({ value: String(count), label: String(count) }))}
                    onChange={(event) => onWish({ ...wish, parts: Number(event.target.value) })}
                />
            </div>
        </section>
    )
}

/** A shelf without paint: the plain jars to begin with can be put on it at once. */
function NoJars() {
    const library = useQuery(libraryQuery)
    const queries = useQueryClient()
    const fill = useMutation({
        mutationFn: () => fillShelf((library.data?.starterShelf ?? []).map(({ id }) => id)),
        onSettled: () => queries.invalidateQueries({ queryKey: jarsQuery.queryKey }),
    })
    return (
        <div className="mx-auto mt-12 max-w-md text-center">
            <p className="text-base font-semibold">There is no paint on your shelf yet.</p>
            <p className="mt-1 text-soft">
                Mixes are made of the jars that you own. Enter them in a plan, under Jars, or begin with plain ones.
            </p>
            <Button
                tone="act"
                className="mt-4"
                disabled={library.data === undefined || fill.isPending}
                onClick={() => fill.mutate()}
            >
                {fill.isPending ? 'Filling it …' : 'Put plain jars on it'}
            </Button>
            {fill.isError && (
                <p role="alert" className="mt-2 text-stop">
                    {fill.error.message}
                </p>
            )}
        </div>
    )
}
