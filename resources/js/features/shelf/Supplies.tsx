import { useQuery } from '@tanstack/react-query'
import { Printer } from 'lucide-react'
import { useEffect, useState } from 'react'
import { Link } from 'react-router'
import type { Timetable } from '@/contract'
import { Button } from '@/design/Button'
import { classes } from '@/design/classes'
import { Select } from '@/design/Field'
import { RetryNotice } from '@/design/Notice'
import { Swatch } from '@/design/Swatch'
import { timetableQuery } from '@/features/build'
import { busySessionsOf, formats } from '@/features/clock/times'
import { measure } from '@/features/mix/drops'
import { type Supplies as Answer, suppliesOfSets } from './api'
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
    const [build, setBuild] = useState('')
    const [sets, setSets] = useState(1)
    const [isBySession, setBySession] = useState(false)
    const supplies = useQuery(suppliesOfSets(build, sets))
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
    const { takes, jars, mixes } = supplies.data
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
                {build !== '' && (
                    <Select
                        label="Sets at once"
                        value={sets}
                        choices={[1, 2, 3, 4, 5, 6, 8, 10, 12].map((of) => ({ value: String(of), label: String(of) }))}
                        onChange={(event) => setSets(Number(event.target.value))}
                    />
                )}
                <Select
                    label="Prepared"
                    value={isBySession ? 'session' : 'build'}
                    choices={[
                        { value: 'build', label: 'by build' },
                        { value: 'session', label: 'by session' },
                    ]}
                    onChange={(event) => setBySession(event.target.value === 'session')}
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
                    <ToPrepare
                        takes={takes.filter((take) => build === '' || take.build === build)}
                        jars={jars}
                        mixes={mixes}
                        isBySession={isBySession}
                    />
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
                            <td className="text-right whitespace-nowrap tabular-nums">{sayNeed(jar, build)}</td>
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
                                {jar.shortage === 'too-little' && jar.leftMl !== null && jar.needMl !== null && (
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
const sayNeed = (jar: Supply, build: string): string =>
    jar.needMl === null
        ? 'by the piece'
        : sayMl(build === '' ? jar.needMl : (jar.builds.find((one) => one.build === build)?.ml ?? 0))

type ToPrepareProps = {
    takes: readonly Take[]
    jars: readonly Supply[]
    mixes: Answer['mixes']
    isBySession: boolean
}

function ToPrepare({ takes, jars, mixes, isBySession }: ToPrepareProps) {
    const of = new Map(jars.map((jar) => [jar.jar.id, jar.jar]))
    const inMix = new Map(mixes.map((mix) => [mix.jar, mix.parts]))
    const timetable = useQuery({ ...timetableQuery({}), enabled: isBySession })
    const groups = isBySession
        ? timetable.data === undefined
            ? []
            : bySession(takes, timetable.data)
        : [...new Map(takes.map((take) => [take.build, take.buildName]))].map(([id, name]) => ({
              key: id,
              name,
              takes: takes.filter((take) => take.build === id),
          }))
    return (
        <section aria-labelledby="to-prepare">
            <h2 id="to-prepare" className="mb-1 font-semibold">
                To prepare, in the order of work
            </h2>
            {isBySession && timetable.isPending && <p className="text-soft">Looking when it is done…</p>}
            {isBySession && timetable.isError && (
                <RetryNotice error={timetable.error} onRetry={() => void timetable.refetch()} />
            )}
            {groups.map((group) => (
                <div key={group.key} className="mb-4">
                    <h3 className="text-fine font-semibold text-soft">
                        {isBySession ? (
                            group.name
                        ) : (
                            <Link to={`/builds/${group.key}`} className="underline">
                                {group.name}
                            </Link>
                        )}
                    </h3>
                    <ol>
                        {group.takes.map((take) => (
                            <li
                                key={`${take.build} ${take.step}`}
                                className="flex items-center gap-2 border-b border-line py-1"
                            >
                                <span
                                    aria-hidden="true"
                                    className="h-7 w-7 shrink-0 bg-card"
                                    style={{ background: of.get(take.jar)?.colour ?? undefined }}
                                />
                                <span className="min-w-0 flex-1 leading-tight">
                                    <span className="block truncate">
                                        {take.number} {of.get(take.jar)?.name ?? take.jar}
                                    </span>
                                    <span className="block truncate text-fine text-soft">
                                        {isBySession ? `${take.technique}, ${take.buildName}` : take.technique}
                                    </span>
                                    <Drops parts={inMix.get(take.jar) ?? []} millilitres={take.jarMl} />
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

/** A mix is not poured from a jar but made: so many drops of each for about so much of it. */
function Drops({ parts, millilitres }: { parts: Answer['mixes'][number]['parts']; millilitres: number }) {
    if (parts.length === 0) return null
    const { drops } = measure(
        parts.map(({ name, parts: of }) => ({ jar: name, parts: of })),
        1,
        millilitres,
    )
    return (
        <span className="block text-fine">
            {drops.map(({ jar, drops: of }) => `${of} ${of === 1 ? 'drop' : 'drops'} ${jar}`).join(', ')}
        </span>
    )
}

type Group = { key: string; name: string; takes: Take[] }

/** Each in the session in which its step begins; what has no session yet, for a stop holds it back, comes last. */
function bySession(takes: readonly Take[], timetable: Timetable): Group[] {
    const format = formats(timetable.timeZone)
    const groups: Group[] = busySessionsOf(timetable).map(({ session }) => ({
        key: session.from.toISOString(),
        name: `${format.day(session.from)}, ${format.time(session.from)}`,
        takes: [],
    }))
    const first = new Map<string, string>()
    for (const { session, pieces } of busySessionsOf(timetable))
        for (const { item } of pieces) {
            const key = `${item.build} ${item.step}`
            if (!first.has(key)) first.set(key, session.from.toISOString())
        }
    const rest: Group = { key: 'rest', name: 'In no session yet', takes: [] }
    for (const take of takes) {
        const key = first.get(`${take.build} ${take.step}`)
        const group = groups.find((one) => one.key === key) ?? rest
        group.takes.push(take)
    }
    return [...groups, rest].filter((group) => group.takes.length > 0)
}
