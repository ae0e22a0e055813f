import { useQuery } from '@tanstack/react-query'
import { Printer } from 'lucide-react'
import { useEffect, useState } from 'react'
import { Link, useParams } from 'react-router'
import type { SavedMix } from '@/contract'
import { Button } from '@/design/Button'
import { LOCALE } from '@/design/locale'
import { RetryNotice } from '@/design/Notice'
import { keptQuery } from './api'
import { measure, sayDrops, sayThinning } from './drops'
import { Patch } from './Patch'
import { Photos } from './Photos'

const DAY = new Intl.DateTimeFormat(LOCALE, { day: 'numeric', month: 'long', year: 'numeric' })

/** Cups that are usual: the small one of an airbrush, one for a model, one for several. */
const CUPS = [2, 5, 10] as const

/** A kept mix on a card: what goes into the cup in drops, with room for a stroke of it dry. */
export function MixCard() {
    const { mix: id } = useParams()
    const kept = useQuery(keptQuery)
    const mix = kept.data?.find((one) => one.id === id)
    useEffect(() => {
        document.title = `${mix?.name ?? 'Mix'} · Ulvrach`
    }, [mix?.name])
    if (kept.isError) {
        return (
            <main className="p-8">
                <RetryNotice error={kept.error} onRetry={() => void kept.refetch()} />
            </main>
        )
    }
    if (kept.data === undefined) return <main className="p-8 text-soft">Looking for the mix…</main>
    if (mix === undefined) {
        return (
            <main className="p-8">
                This mix is not kept any more.{' '}
                <Link className="underline" to="/mixes">
                    To the mixes
                </Link>
            </main>
        )
    }
    return <Card mix={mix} />
}

function Card({ mix }: { mix: SavedMix }) {
    const [cup, setCup] = useState<number>(CUPS[1])
    const measured = measure(
        mix.parts.map(({ jar, parts }) => ({ jar: jar.id, parts })),
        mix.share,
        cup,
    )
    return (
        <main className="flex-1 overflow-y-auto p-4 print:overflow-visible print:p-0">
            <div className="no-print mx-auto mb-3 flex max-w-xl items-center gap-3">
                <Link className="underline" to="/mixes">
                    To the mixes
                </Link>
                <span className="ml-auto flex items-center gap-1">
                    For
                    {CUPS.map((one) => (
                        <Button
                            key={one}
                            aria-pressed={cup === one}
                            tone={cup === one ? 'act' : 'plain'}
                            onClick={() => setCup(one)}
                        >
                            {one} ml
                        </Button>
                    ))}
                </span>
                <Button onClick={() => window.print()}>
                    <Printer className="size-4" aria-hidden /> Print
                </Button>
            </div>
            <article className="mx-auto max-w-xl border border-rule bg-sheet">
                <Patch colour={mix.colour} className="h-28 w-full" />
                <div className="flex flex-col gap-3 p-4">
                    <h1 className="wide text-xl font-semibold">{mix.name}</h1>
                    <table className="w-full">
                        <thead className="text-left text-fine text-soft">
                            <tr className="border-b border-rule *:py-1 *:font-normal">
                                <th scope="col" colSpan={2}>
                                    Jar
                                </th>
                                <th scope="col" className="text-right">
                                    Parts
                                </th>
                                <th scope="col" className="text-right">
                                    Drops for {cup} ml
                                </th>
                            </tr>
                        </thead>
                        <tbody>
                            {mix.parts.map(({ jar, parts, of }) => (
                                <tr key={jar.id} className="border-b border-line *:py-1.5">
                                    <td className="w-12">
                                        <Patch colour={jar.colour} className="h-7 w-9" />
                                    </td>
                                    <td>
                                        {jar.name}
                                        {of.length > 0 && (
                                            <span className="block text-fine text-soft">
                                                {of.map((one) => `${one.parts} ${one.name}`).join(', ')}
                                            </span>
                                        )}
                                    </td>
                                    <td className="text-right tabular-nums">{parts}</td>
                                    <td className="text-right text-lg font-semibold tabular-nums">
                                        {measured.drops.find((of) => of.jar === jar.id)?.drops}
                                    </td>
                                </tr>
                            ))}
                        </tbody>
                    </table>
                    <p>
                        {mix.share < 0.995
                            ? `${sayThinning(mix.share)}: ${measured.thinner.toFixed(1)} ml of thinner.`
                            : 'Used as it comes, without thinner.'}
                    </p>
                    {(mix.retarder > 0 || mix.flow > 0) && (
                        <p>
                            {[
                                ...(mix.retarder > 0 ? [`${sayDrops(measured.paint * mix.retarder)} of retarder`] : []),
                                ...(mix.flow > 0 ? [`${sayDrops(measured.paint * mix.flow)} of flow improver`] : []),
                            ].join(' and ')}
                            .
                        </p>
                    )}
                    {mix.note !== '' && <p className="whitespace-pre-line">{mix.note}</p>}
                    <div className="grid grid-cols-2 gap-3 text-fine text-soft">
                        <span className="h-20 border border-dashed border-rule p-1.5">A stroke of it, dry</span>
                        <span className="h-20 border border-dashed border-rule p-1.5">Under the clear coat</span>
                    </div>
                    <p className="text-fine text-soft">First mixed {DAY.format(new Date(mix.made))}</p>
                </div>
            </article>
            <Photos mix={mix} />
            <Before mix={mix} />
        </main>
    )
}

/** Where it is used, and what it was before it was changed. */
function Before({ mix }: { mix: SavedMix }) {
    if (mix.usedIn.length === 0 && mix.history.length === 0) return null
    return (
        <section aria-label="Where it is used, and what it was" className="no-print mx-auto mt-4 max-w-xl">
            {mix.usedIn.length > 0 && (
                <>
                    <h2 className="wide font-semibold">Used in</h2>
                    <ul className="mb-3">
                        {mix.usedIn.map((use) => (
                            <li key={`${use.build} ${use.step}`} className="border-b border-line py-1">
                                <Link className="underline" to={`/builds/${use.build}`}>
                                    {use.buildName}
                                </Link>
                                , step {use.number}: {use.technique}
                                <span className="block text-fine text-soft">
                                    {use.zones.join(', ')}
                                    {use.isDone && ' · done'}
                                </span>
                            </li>
                        ))}
                    </ul>
                </>
            )}
            {mix.history.length > 0 && (
                <>
                    <h2 className="wide font-semibold">What it was</h2>
                    <ul>
                        {mix.history.map((was) => (
                            <li
                                key={was.until.toISOString()}
                                className="flex items-center gap-2 border-b border-line py-1"
                            >
                                <Patch colour={was.colour} className="h-7 w-9" />
                                <span className="flex-1">
                                    {was.parts.map(({ jar, parts }) => `${parts} ${jar.name}`).join(', ')}
                                    <span className="block text-fine text-soft">
                                        {sayThinning(was.share)}, until {DAY.format(was.until)}
                                    </span>
                                </span>
                            </li>
                        ))}
                    </ul>
                </>
            )}
        </section>
    )
}
