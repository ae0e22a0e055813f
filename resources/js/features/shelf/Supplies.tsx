import { useQuery } from '@tanstack/react-query'
import { Printer } from 'lucide-react'
import { useEffect, useState } from 'react'
import { Link } from 'react-router'
import { Button } from '@/design/Button'
import { classes } from '@/design/classes'
import { Select } from '@/design/Field'
import { RetryNotice } from '@/design/Notice'
import { Swatch } from '@/design/Swatch'
import { type Supplies as Answer, suppliesQuery } from './api'
import { sayMl } from './millilitres'

type Supply = Answer['jars'][number]
type Take = Answer['takes'][number]

const LACKS: Record<Supply['shortage'], string> = {
    enough: 'enough',
    unmeasured: 'not measured',
    'too-little': 'too little',
    'goes-off': 'past its time by then',
    'not-there': 'not on your shelf',
}

/** Those to see to first stand first. */
const ORDER: readonly Supply['shortage'][] = ['not-there', 'too-little', 'goes-off', 'unmeasured', 'enough']

/** What the plans still take from which jar: what to buy, and what to prepare, in the order of work. */
export function Supplies() {
    const supplies = useQuery(suppliesQuery)
    const [build, setBuild] = useState('')
    useEffect(() => {
        document.title = 'What the plans need · Ulvrach'
    }, [])
    if (supplies.isError) {
        return (
            <main className="p-8">
                <RetryNotice error={supplies.error} onRetry={() => void supplies.refetch()} />
            </main>
        )
    }
    if (supplies.data === undefined) return <main className="p-8 text-soft">Adding it up…</main>
    const { takes, jars } = supplies.data
    const builds = [...new Map(takes.map((take) => [take.build, take.buildName]))]
    const shown = jars.filter((jar) => build === '' || jar.builds.some((one) => one.build === build))
    return (
        <main className="min-h-0 flex-1 overflow-auto p-4">
            <div className="mb-4 flex flex-wrap items-end gap-3">
                <h1 className="wide mr-2 text-xl font-bold">What the plans need</h1>
                <Select
                    label="For"
                    value={build}
                    choices={[
                        { value: '', label: 'all builds' },
                        ...builds.map(([value, label]) => ({ value, label })),
                    ]}
                    onChange={(event) => setBuild(event.target.value)}
                />
                <span className="no-print ml-auto flex items-center gap-3">
                    <Link to="/shelf" className="underline">
                        To the shelf
                    </Link>
                    <Button onClick={() => window.print()}>
                        <Printer className="size-4" aria-hidden /> Print
                    </Button>
                </span>
            </div>
            {shown.length === 0 ? (
                <p className="p-8 text-center text-soft">
                    Nothing is left to do that takes paint. Lay down a plan, and what it takes is added up here.
                </p>
            ) : (
                <div className="grid items-start gap-6 lg:grid-cols-[minmax(0,5fr)_minmax(0,4fr)]">
                    <ToBuy jars={shown} build={build} />
                    <ToPrepare takes={takes.filter((take) => build === '' || take.build === build)} jars={jars} />
                </div>
            )}
        </main>
    )
}

function ToBuy({ jars, build }: { jars: readonly Supply[]; build: string }) {
    const sorted = [...jars].sort((one, other) => ORDER.indexOf(one.shortage) - ORDER.indexOf(other.shortage))
    const lacking = sorted.filter((jar) => jar.shortage !== 'enough' && jar.shortage !== 'unmeasured').length
    return (
        <section aria-labelledby="to-buy">
            <h2 id="to-buy" className="mb-1 font-semibold">
                {lacking === 0
                    ? 'Nothing to buy: the jars do for it'
                    : `${lacking} ${lacking === 1 ? 'jar' : 'jars'} to buy or to top up`}
            </h2>
            <table className="w-full border-collapse">
                <thead className="text-left text-fine text-soft">
                    <tr className="border-b border-rule *:px-1.5 *:py-1 *:font-normal">
                        <th scope="col" colSpan={2}>
                            Jar
                        </th>
                        <th scope="col" className="text-right">
                            Takes
                        </th>
                        <th scope="col" className="text-right">
                            Left
                        </th>
                        <th scope="col">Does it do?</th>
                    </tr>
                </thead>
                <tbody>
                    {sorted.map((jar) => (
                        <tr key={jar.jar.id} className="border-b border-line *:px-1.5 *:py-1">
                            <td className="w-12">
                                <Swatch
                                    coverage="whole"
                                    kind={jar.jar.metallic ? 'metal' : 'colour'}
                                    colour={jar.jar.colour}
                                    sheen={jar.jar.sheen}
                                    className="h-8 w-12 border border-rule/70"
                                />
                            </td>
                            <td className="leading-tight">
                                {jar.jar.name}
                                <span className="block text-fine text-soft">
                                    {jar.builds.map((one) => one.name).join(', ')}
                                </span>
                            </td>
                            <td className="text-right whitespace-nowrap tabular-nums">{sayMl(taken(jar, build))}</td>
                            <td className="text-right whitespace-nowrap tabular-nums">
                                {jar.leftMl === null ? '–' : sayMl(jar.leftMl)}
                            </td>
                            <td
                                className={classes(
                                    'whitespace-nowrap',
                                    jar.shortage === 'enough' ? 'text-soft' : 'font-medium',
                                )}
                            >
                                {LACKS[jar.shortage]}
                                {jar.isWithdrawn && jar.shortage !== 'enough' && (
                                    <span className="block text-fine">no longer sold</span>
                                )}
                                {jar.shortage === 'too-little' && jar.leftMl !== null && (
                                    <span className="block text-fine">{sayMl(jar.needMl - jar.leftMl)} more</span>
                                )}
                                {jar.shortage === 'goes-off' && (
                                    <span className="block text-fine">keeps until {jar.goesOffOn}</span>
                                )}
                            </td>
                        </tr>
                    ))}
                </tbody>
            </table>
        </section>
    )
}

/** By one build, or by all of them. */
const taken = (jar: Supply, build: string): number =>
    build === '' ? jar.needMl : (jar.builds.find((one) => one.build === build)?.ml ?? 0)

function ToPrepare({ takes, jars }: { takes: readonly Take[]; jars: readonly Supply[] }) {
    const nameOf = (id: string) => jars.find((jar) => jar.jar.id === id)?.jar.name ?? id
    const colourOf = (id: string) => jars.find((jar) => jar.jar.id === id)?.jar.colour ?? null
    const builds = [...new Map(takes.map((take) => [take.build, take.buildName]))]
    return (
        <section aria-labelledby="to-prepare">
            <h2 id="to-prepare" className="mb-1 font-semibold">
                To prepare, in the order of work
            </h2>
            {builds.map(([id, name]) => (
                <div key={id} className="mb-4">
                    <h3 className="text-fine font-semibold text-soft">
                        <Link to={`/builds/${id}`} className="underline">
                            {name}
                        </Link>
                    </h3>
                    <ol>
                        {takes
                            .filter((take) => take.build === id)
                            .map((take) => (
                                <li key={take.step} className="flex items-center gap-2 border-b border-line py-1">
                                    <span
                                        aria-hidden="true"
                                        className="h-7 w-7 shrink-0 bg-card"
                                        style={{ background: colourOf(take.jar) ?? undefined }}
                                    />
                                    <span className="min-w-0 flex-1 leading-tight">
                                        <span className="block truncate">
                                            {take.number} {nameOf(take.jar)}
                                        </span>
                                        <span className="block truncate text-fine text-soft">{take.technique}</span>
                                    </span>
                                    <span className="text-right leading-tight whitespace-nowrap tabular-nums">
                                        {sayMl(take.jarMl)}
                                        {take.thinner !== null && (
                                            <span className="block text-fine text-soft">
                                                and {sayMl(take.thinnerMl)} {take.thinner}
                                            </span>
                                        )}
                                    </span>
                                </li>
                            ))}
                    </ol>
                </div>
            ))}
        </section>
    )
}
