import { type Cures, openingsOf, rangeInWords, STATES, sayBetween } from '@/design/spans'
import type { StepVerdict } from '@/features/build'

type Layer = NonNullable<StepVerdict['layer']>
type Props = {
    layer: Layer
    from: number
    say: (minute: number) => string
    /** Of a film that is there already, in the air that it really dries in. */
    film: Cures | null
}

/**
 * From when on a film bears what: grey while it surely does not, amber while nobody can say, green from then on. The
 * axis is logarithmic, since minutes matter as much as days.
 */
export function DryingChart({ layer, from, say, film }: Props) {
    const last = Math.max(layer.recoatable, layer.solventProof ?? 0) - from
    const place = (minute: number) =>
        (100 * Math.log1p(Math.max(0, minute - from))) / Math.log1p(Math.max(30, last * 2))
    return (
        <dl className="mt-1 grid grid-cols-[auto_1fr] items-center gap-x-3 gap-y-0.5 text-fine">
            {STATES.map(([state, name]) => {
                const sure = layer[state]
                const soonest = layer.soonest[state] ?? sure
                const really = film === null ? undefined : openingsOf(film).find(({ says }) => says === name)
                return (
                    <div key={state} className="contents">
                        <dt className="text-soft">{name}</dt>
                        <dd className="min-w-0">
                            {sure === null || soonest === null ? (
                                'never'
                            ) : (
                                <>
                                    <span className="block">
                                        {really === undefined ? (
                                            <>
                                                {rangeInWords(soonest - from, sure - from)}
                                                <span className="text-soft">, surely {say(sure)}</span>
                                            </>
                                        ) : (
                                            sayBetween(really)
                                        )}
                                    </span>
                                    <Bar from={place(soonest)} to={place(sure)} />
                                </>
                            )}
                        </dd>
                    </div>
                )
            })}
        </dl>
    )
}

function Bar({ from, to }: { from: number; to: number }) {
    return (
        <svg viewBox="0 0 100 6" preserveAspectRatio="none" className="h-1.5 w-full" aria-hidden="true">
            <rect x="0" y="0" width="100" height="6" className="fill-press" />
            <rect x={from} y="0" width={Math.max(0, to - from)} height="6" className="fill-risk opacity-60" />
            <rect x={to} y="0" width={Math.max(0, 100 - to)} height="6" className="fill-good" />
        </svg>
    )
}
