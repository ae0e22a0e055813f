import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { Printer, Trash2 } from 'lucide-react'
import { Link } from 'react-router'
import type { SavedMix } from '@/contract'
import { IconButton, iconLink } from '@/design/Icon'
import { LOCALE } from '@/design/locale'
import { RetryNotice } from '@/design/Notice'
import { forgetMix, keptQuery, nearestKeptQuery } from './api'
import { sayThinning } from './drops'
import { Patch } from './Patch'

const DAY = new Intl.DateTimeFormat(LOCALE, { day: 'numeric', month: 'short', year: 'numeric' })

type Props = { find: string; near: string | null; onPour: (mix: SavedMix) => void }

/** The mixes that were made before, to be made again. */
export function Kept({ find, near, onPour }: Props) {
    const latest = useQuery(keptQuery)
    const nearest = useQuery({ ...nearestKeptQuery(near ?? ''), enabled: near !== null })
    const kept = near === null ? latest : nearest
    const queries = useQueryClient()
    const forget = useMutation({
        mutationFn: forgetMix,
        onSettled: () => queries.invalidateQueries({ queryKey: keptQuery.queryKey }),
    })
    if (kept.isError) return <RetryNotice error={kept.error} onRetry={() => void kept.refetch()} />
    if (kept.data === undefined) return <p className="text-soft">Looking for your mixes…</p>
    const words = find.trim().toLowerCase()
    const shown = kept.data.filter(({ name, note, parts, usedIn }) =>
        [name, note, ...parts.map(({ jar }) => jar.name), ...usedIn.map(({ buildName }) => buildName)].some((text) =>
            text.toLowerCase().includes(words),
        ),
    )
    if (kept.data.length === 0)
        return <p className="text-soft">None yet. What you keep is found here by its name and by its jars.</p>
    if (shown.length === 0)
        return <p className="text-soft">None is called so, has such a jar in it, or is used in such a build.</p>
    return (
        <>
            {forget.isError && (
                <p role="alert" className="mb-2 text-stop">
                    It is still kept. {forget.error.message}
                </p>
            )}
            <ul className="grid gap-2 sm:grid-cols-2 xl:grid-cols-3">
                {shown.map((mix) => (
                    <li key={mix.id} className="flex gap-2 rounded-plate border border-line bg-panel p-2">
                        <button
                            type="button"
                            onClick={() => onPour(mix)}
                            className="flex min-w-0 flex-1 gap-2 text-left hover:underline"
                        >
                            <Patch colour={mix.colour} className="w-14 shrink-0 self-stretch rounded-plate" />
                            <span className="min-w-0">
                                <span className="block truncate font-semibold">{mix.name}</span>
                                <span className="block text-fine text-soft">
                                    {mix.parts.map(({ jar, parts }) => `${parts} ${jar.name}`).join(', ')}
                                </span>
                                <span className="block text-fine text-soft">
                                    {sayThinning(mix.share)}, {DAY.format(new Date(mix.made))}
                                    {mix.history.length > 0 && `, changed ${times(mix.history.length)}`}
                                </span>
                                <NeededFor uses={mix.usedIn} />
                            </span>
                        </button>
                        <Link to={`/mixes/${mix.id}/card`} {...iconLink(`A card of ${mix.name}, to print`)}>
                            <Printer className="size-4" aria-hidden />
                        </Link>
                        <IconButton
                            label={`Forget ${mix.name}`}
                            onClick={() => forget.mutate(mix.id)}
                            className="self-start"
                        >
                            <Trash2 className="size-4" aria-hidden />
                        </IconButton>
                    </li>
                ))}
            </ul>
        </>
    )
}

const stepOrSteps = (count: number): string => (count === 1 ? 'step' : 'steps')

const times = (count: number): string => (count === 1 ? 'once' : `${count} times`)

/** Which parts still need it: as long as there are any, the cup is not washed out. */
function NeededFor({ uses }: { uses: SavedMix['usedIn'] }) {
    if (uses.length === 0) return null
    const open = uses.filter(({ isDone }) => !isDone)
    const builds = [...new Set(open.map(({ buildName }) => buildName))]
    return (
        <span className="block text-fine font-medium">
            {open.length === 0
                ? `used in ${[...new Set(uses.map(({ buildName }) => buildName))].join(', ')}, all done`
                : builds
                      .map((name) => {
                          const steps = open.filter(({ buildName }) => buildName === name).map(({ number }) => number)
                          return `still needed for ${stepOrSteps(steps.length)} ${steps.join(', ')} of ${name}`
                      })
                      .join('; ')}
        </span>
    )
}
