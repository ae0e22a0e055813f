import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { getJson, send } from '@/app/http'
import { buildStateSchema, mishapsSchema, type Rescue, rescueSchema } from '@/contract'
import { classes } from '@/design/classes'
import { inWords } from '@/design/duration'
import { RetryNotice } from '@/design/Notice'
import type { Entry } from '@/features/build'
import { pictureOf } from '@/features/closeup/pictures'
import { deskQuery, type Subject } from './api'
import { Large } from './Large'

type Way = Rescue['ways'][number]

type Props = {
    of: Subject
    now: Date
    onLog: (kind: Entry['kind'], says: string, more?: Partial<Entry>) => void
    onClose: () => void
}

const KIND: Record<Way['kind'], string> = {
    leave: 'Nothing yet',
    liquid: 'Take it back',
    dry: 'By hand',
    mend: 'Mend it',
    weather: 'Make it part of the finish',
}

const mishapsQuery = {
    queryKey: ['mishaps'],
    queryFn: ({ signal }: { signal: AbortSignal }) => getJson('/mishaps', mishapsSchema, signal),
    staleTime: Number.POSITIVE_INFINITY,
}

/** Something has gone wrong: what is seen, where, and what can still be done about it at this minute. */
export function Wrong({ of, now, onLog, onClose }: Props) {
    const mishaps = useQuery(mishapsQuery)
    const [mishap, setMishap] = useState<{ code: string; seen: string } | null>(null)
    const [find, setFind] = useState('')
    const [zone, setZone] = useState(of.zones[0] ?? '')
    const wanted = find.trim().toLowerCase()
    return (
        <section
            aria-label="Something went wrong"
            className="flex max-h-[70dvh] flex-col gap-3 overflow-y-auto border-t border-rule bg-panel p-3 text-lg"
        >
            <div className="flex items-center gap-3">
                <h2 className="flex-1 text-2xl font-bold">
                    {mishap === null ? 'What is to be seen?' : mishap.seen}
                    <span className="block text-base font-normal text-soft">
                        {of.name}, step {of.number}
                    </span>
                </h2>
                <Large onClick={() => (mishap === null ? onClose() : setMishap(null))}>
                    {mishap === null ? 'Close' : 'Something else'}
                </Large>
            </div>
            {mishaps.isError && <RetryNotice error={mishaps.error} onRetry={() => void mishaps.refetch()} />}
            {mishap === null ? (
                <>
                    <label>
                        <span className="sr-only">Find what is seen</span>
                        <input
                            value={find}
                            placeholder="wash, rust, decal, shine …"
                            onChange={(event) => setFind(event.target.value)}
                            className="h-[64px] w-full rounded-plate border border-rule bg-sheet px-3"
                        />
                    </label>
                    <ul className="grid gap-2 sm:grid-cols-2" aria-label="Mishaps">
                        {mishaps.data?.mishaps
                            .filter(({ seen }) => seen.toLowerCase().includes(wanted))
                            .map((one) => (
                                <li key={one.code} className="grid">
                                    <Large onClick={() => setMishap(one)}>
                                        <Look look={one.look} />
                                        <span className="flex-1 text-left">{one.seen}</span>
                                    </Large>
                                </li>
                            ))}
                    </ul>
                </>
            ) : (
                <>
                    {of.zones.length > 1 && (
                        <label className="flex items-center gap-3">
                            On
                            <select
                                value={zone}
                                onChange={(event) => setZone(event.target.value)}
                                className="h-[64px] rounded-plate border border-rule bg-sheet px-3"
                            >
                                <option value="">all of it, and what was laid with it</option>
                                {of.zones.map((id, place) => (
                                    <option key={id} value={id}>
                                        {of.where[place]}
                                    </option>
                                ))}
                            </select>
                        </label>
                    )}
                    <Ways of={of} zone={zone} mishap={mishap} now={now} onLog={onLog} />
                </>
            )}
        </section>
    )
}

/** What it looks like, for whoever is not sure that it is this; its words stand beside it. */
function Look({ look }: { look: string | null }) {
    const source = look === null ? undefined : pictureOf(look)
    return source === undefined ? null : (
        <img src={source} alt="" width={96} height={64} loading="lazy" className="h-16 w-24 shrink-0 rounded-plate" />
    )
}

type WaysProps = Pick<Props, 'of' | 'now' | 'onLog'> & { zone: string; mishap: { code: string; seen: string } }

function Ways({ of, zone, mishap, now, onLog }: WaysProps) {
    const queries = useQueryClient()
    const asked = { mishap: mishap.code, zone: zone === '' ? null : zone, step: of.step }
    const ways = useQuery({
        queryKey: ['build', of.build, 'rescue', asked],
        queryFn: ({ signal }) => send('POST', `/builds/${of.build}/rescue`, rescueSchema, asked, signal),
        staleTime: 0,
        gcTime: 0,
        retry: false,
    })
    const take = useMutation({
        mutationFn: async (way: Way) => {
            if (way.edits.length > 0) {
                const { version } = ways.data ?? { version: 0 }
                const label = `Rescue: ${mishap.seen}`.slice(0, 120)
                await send('POST', `/builds/${of.build}/edits`, buildStateSchema, {
                    version,
                    edits: way.edits,
                    label,
                })
                await queries.invalidateQueries({ queryKey: deskQuery.queryKey })
            }
        },
        onSuccess: (_, way) =>
            onLog('rescued', `Rescue: ${way.says}`, { text: `${mishap.seen}: ${way.says}`.slice(0, 2000) }),
    })
    if (ways.isError) return <RetryNotice error={ways.error} onRetry={() => void ways.refetch()} />
    if (ways.data === undefined) return <p className="p-4 text-soft">Looking at what lies there…</p>
    if (ways.data.ways.length === 0) {
        return (
            <p className="p-4">
                Nothing is open now. Let it dry, and ask again: some ways open once the film is through.
            </p>
        )
    }
    return (
        <>
            {take.isError && (
                <p role="alert" className="text-stop">
                    {take.error.message}
                </p>
            )}
            <ol aria-label="What can be done" className="flex flex-col gap-2">
                {ways.data.ways.map((way) => (
                    <li
                        key={way.kind + way.says}
                        className="flex flex-wrap items-center gap-3 rounded-plate border border-line bg-sheet p-3"
                    >
                        <div className="min-w-60 flex-1 leading-snug">
                            <p className="text-base text-soft">
                                {KIND[way.kind]}
                                {way.opens !== null && ` · not yet: in ${minutesTo(way.opens, now)}`}
                                {way.opens === null && way.until !== null && ` · ${sayLeft(way, way.until, now)}`}
                            </p>
                            <p className="font-semibold">{way.says}</p>
                            {(way.liquid !== null || way.tool !== '') && (
                                <p>
                                    {[way.liquid === null ? '' : `${way.liquid}, ${way.contact}`, way.tool]
                                        .filter((one) => one !== '')
                                        .join('; ')}
                                </p>
                            )}
                            {way.technique !== null && <p>As a step: {way.technique.toLowerCase()}</p>}
                            <p className={classes(way.cost === null ? 'text-soft' : '', 'text-base')}>
                                {way.cost ?? (way.liquid === null ? '' : 'What lies below is left alone.')}
                            </p>
                        </div>
                        <Large disabled={take.isPending || way.opens !== null} onClick={() => take.mutate(way)}>
                            {way.opens !== null ? 'Later' : way.edits.length > 0 ? 'Put it in the plan' : 'Do this'}
                        </Large>
                    </li>
                ))}
            </ol>
        </>
    )
}

const minutesTo = (then: Date, now: Date) => inWords(Math.max(1, (then.getTime() - now.getTime()) / 60_000))

const sayLeft = (way: Way, until: Date, now: Date) =>
    way.liquid === null ? `for ${minutesTo(until, now)} more` : `it grows harder in ${minutesTo(until, now)}`
