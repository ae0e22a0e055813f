import type { ClosestMix, ClosestMixes } from '@/contract'
import { classes } from '@/design/classes'
import type { Product } from '@/features/build'
import type { Part } from './api'
import { Patch } from './Patch'

type Props = {
    found: ClosestMixes
    jars: ReadonlyMap<string, Product>
    cup: readonly Part[]
    isStale: boolean
    onPour: (parts: readonly Part[]) => void
}

/** What comes closest, the best first; pressing one pours it into the cup. */
export function Answers({ found, jars, cup, isStale, onPour }: Props) {
    if (found.answers.length === 0)
        return <p className="p-4 text-soft">No paint on your shelf is of a kind that you allow here.</p>
    return (
        <div className={classes('flex flex-col gap-2', isStale ? 'opacity-60' : '')} aria-busy={isStale}>
            {!found.isReached && (
                <p className="rounded-plate border border-risk bg-risk-wash px-3 py-2">
                    Your shelf does not reach this colour: the nearest is {found.answers[0]?.says}.
                    {found.missing !== null && (
                        <span className="mt-1 flex items-center gap-2">
                            <Patch colour={found.missing.colour} className="size-6 shrink-0" />
                            {sayMissing(found.missing)}
                        </span>
                    )}
                </p>
            )}
            <ol className="flex flex-col gap-2">
                {found.answers.map((answer) => (
                    <li key={answer.parts.map(({ jar }) => jar).join(' ')}>
                        <Answer
                            answer={answer}
                            wanted={found.wanted}
                            jars={jars}
                            isPoured={isSame(answer.parts, cup)}
                            onPour={onPour}
                        />
                    </li>
                ))}
            </ol>
        </div>
    )
}

const sayMissing = ({ word, difference }: NonNullable<ClosestMixes['missing']>): string =>
    `With a jar of ${word} it comes to ΔE ${difference.toFixed(1)}.`

function isSame(one: readonly Part[], other: readonly Part[]): boolean {
    return (
        one.length === other.length &&
        one.every(({ jar, parts }) => other.some((part) => part.jar === jar && part.parts === parts))
    )
}

type AnswerProps = {
    answer: ClosestMix
    wanted: string
    jars: ReadonlyMap<string, Product>
    isPoured: boolean
    onPour: (parts: readonly Part[]) => void
}

function Answer({ answer, wanted, jars, isPoured, onPour }: AnswerProps) {
    return (
        <button
            type="button"
            aria-pressed={isPoured}
            onClick={() => onPour(answer.parts)}
            className={classes(
                'grid w-full grid-cols-[8.5rem_1fr_auto] items-center gap-3 rounded-plate border bg-panel p-2',
                'text-left hover:bg-press max-sm:grid-cols-[5rem_1fr]',
                isPoured ? 'border-ink' : 'border-line',
            )}
        >
            <span className="flex h-16 overflow-hidden rounded-plate">
                <Patch colour={wanted} className="flex-1" />
                <Patch colour={answer.colour} className="flex-1" />
            </span>
            <span className="min-w-0">
                <span className="flex flex-col gap-0.5">
                    {answer.parts.map(({ jar, parts }) => (
                        <span key={jar} className="flex min-w-0 items-center gap-2">
                            <span className="w-5 text-right font-semibold">{parts}</span>
                            <Patch
                                colour={jars.get(jar)?.colour ?? null}
                                className="size-3.5 shrink-0 border border-rule"
                            />
                            <span className="truncate">{jars.get(jar)?.name ?? jar}</span>
                        </span>
                    ))}
                </span>
                <span className="mt-0.5 block text-fine text-soft">
                    {[
                        answer.family,
                        ...(answer.perMl === null ? [] : [`${(10 * answer.perMl).toFixed(2)} for 10 ml`]),
                        ...(answer.lastsMl === null ? [] : [`the jars do for ${sayMl(answer.lastsMl)}`]),
                        ...(answer.lastsMl === null || answer.scarcest === null || answer.parts.length === 1
                            ? []
                            : [`then ${jars.get(answer.scarcest)?.name ?? answer.scarcest} is empty`]),
                    ].join(', ')}
                </span>
            </span>
            <span className="text-right max-sm:col-span-2 max-sm:text-left">
                <span className="block text-base font-semibold">
                    <abbr className="text-fine font-normal text-soft no-underline" title="CIEDE2000 difference">
                        ΔE
                    </abbr>{' '}
                    {answer.difference.toFixed(1)}
                </span>
                <span className="block max-w-40 text-fine text-soft">{answer.says}</span>
            </span>
        </button>
    )
}

const sayMl = (millilitres: number): string =>
    millilitres < 10 ? `${millilitres.toFixed(1)} ml` : `${Math.round(millilitres)} ml`
