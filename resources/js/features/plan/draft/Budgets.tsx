import { Suspense, useState } from 'react'
import type { Finish } from '@/contract'
import { classes } from '@/design/classes'
import { later } from '@/design/later'
import type { Plan } from '@/features/build'
import { plainFinish, plainMark } from '@/features/vehicle'
import type { Brief, Drafted } from '../api'

type Trace = Brief['overrules'][number]['trace']

export const TRACES: readonly Trace[] = ['chips', 'rubbing', 'rust', 'streaks', 'dust', 'mud', 'oil', 'soot', 'heat']

const VehicleViews = later(() => import('@/features/vehicle/VehicleViews'))

/** What a press goes through, and then back to what the story says. */
const AMOUNTS = [0, 0.25, 0.5, 0.75, 1] as const

const CELL = 'relative h-7 w-full min-w-12 border border-line bg-sheet hover:border-ink pointer-coarse:h-11'

type Props = {
    budgets: Drafted['budgets']
    plan: Plan
    /** Says which part of the vehicle each zone is; null: that is still to come. */
    finish: Finish | null
    traces: readonly Trace[]
    overrules: Brief['overrules']
    onOverrule: (overrules: Brief['overrules']) => void
}

/** How much of each trace belongs on each zone; a press says it oneself. */
export function Budgets({ budgets, plan, finish, traces, overrules, onOverrule }: Props) {
    const [shown, setShown] = useState<Trace>('chips')
    const nameOf = new Map(plan.zones.map(({ id, name }) => [id, name]))
    const press = (zone: string, trace: Trace) => {
        const own = overrules.find((one) => one.zone === zone && one.trace === trace)
        const others = overrules.filter((one) => one !== own)
        const next = own === undefined ? AMOUNTS[0] : AMOUNTS.find((amount) => amount > own.amount)
        onOverrule(next === undefined ? others : [...others, { zone, trace, amount: next }])
    }
    const amountOf = (zone: string) =>
        budgets.find((one) => one.zone === zone)?.traces.find(({ trace }) => trace === shown)
    return (
        <div className="overflow-x-auto">
            {finish !== null && (
                <div className="sticky left-0 mb-2 rounded-plate bg-stage p-1 text-on-stage">
                    <p className="px-1 text-fine">Where how much {shown} belongs; the deeper, the more.</p>
                    <div className="relative h-52">
                        <Suspense fallback={null}>
                            <VehicleViews
                                vehicle={plan.build}
                                name={plan.build.name}
                                finish={tinted(finish, plan, shown, (zone) => amountOf(zone)?.amount ?? 0)}
                                step={0}
                                isFlat
                                zones={{
                                    of: (zone) => ({
                                        name: `${nameOf.get(zone) ?? zone}: ${say(amountOf(zone))}`,
                                        isOn: false,
                                        isChosen: false,
                                        severity: null,
                                    }),
                                    chosen: null,
                                    onPress: (zone) => press(zone, shown),
                                }}
                            />
                        </Suspense>
                    </div>
                </div>
            )}
            <table className="w-full border-collapse text-fine">
                <thead>
                    <tr className="text-left text-soft *:px-1 *:py-1 *:font-normal">
                        <th scope="col">Zone</th>
                        {traces.map((trace) => (
                            <th key={trace} scope="col" aria-label={trace}>
                                <button
                                    type="button"
                                    aria-pressed={trace === shown}
                                    aria-label={`Show ${trace} on the vehicle`}
                                    onClick={() => setShown(trace)}
                                    className={classes(
                                        'min-h-7 w-full px-1 text-left underline-offset-2 pointer-coarse:min-h-11',
                                        trace === shown ? 'font-semibold text-ink' : 'hover:underline',
                                    )}
                                >
                                    {trace}
                                </button>
                            </th>
                        ))}
                    </tr>
                </thead>
                <tbody>
                    {budgets.map(({ zone, traces: amounts }) => (
                        <tr key={zone} className="border-t border-line">
                            <th scope="row" className="px-1 text-left font-normal whitespace-nowrap">
                                {nameOf.get(zone) ?? zone}
                            </th>
                            {traces.map((trace) => {
                                const budget = amounts.find((one) => one.trace === trace)
                                if (budget === undefined) return <td key={trace} />
                                const name = nameOf.get(zone) ?? zone
                                const percent = Math.round(100 * budget.amount)
                                return (
                                    <td key={trace} className="p-0.5">
                                        <button
                                            type="button"
                                            title={budget.reason}
                                            aria-label={`${name}, ${trace}: ${percent} %. ${budget.reason}`}
                                            onClick={() => press(zone, trace)}
                                            className={CELL}
                                        >
                                            <span
                                                aria-hidden="true"
                                                className="absolute inset-y-0 left-0 bg-ink/25"
                                                style={{ width: `${percent}%` }}
                                            />
                                            <span className="relative">
                                                {percent === 0 ? '' : percent}
                                                {budget.isOverruled && '*'}
                                            </span>
                                        </button>
                                    </td>
                                )
                            })}
                        </tr>
                    ))}
                </tbody>
            </table>
            <p className="mt-1 text-fine text-soft">
                Per cent of what such a zone can bear; a press says it yourself (*), and goes back to the story in the
                end.
            </p>
        </div>
    )
}

const say = (budget: { amount: number; reason: string } | undefined) =>
    budget === undefined ? 'unknown' : `${Math.round(100 * budget.amount)} %. ${budget.reason}`

/** Where on a face each trace lies; the others take whole faces. */
const EFFECT: Partial<Record<Trace, string>> = {
    chips: 'chips',
    rubbing: 'worn',
    rust: 'rust',
    streaks: 'streaks',
    dust: 'dust',
    mud: 'mud',
    oil: 'stain',
    soot: 'stain',
}

/** The vehicle in one hue: each zone as deep as there is much on it, and the trace itself where it lies. */
function tinted({ belongs }: Finish, plan: Plan, trace: Trace, amountOf: (zone: string) => number): Finish {
    const effect = EFFECT[trace]
    const zones = plan.zones.map(({ id }) => ({ id, amount: amountOf(id) }))
    return plainFinish(belongs, [
        ...zones.map(({ id, amount }) => plainMark('coat', [id], deepness(amount))),
        ...(effect === undefined
            ? []
            : zones.flatMap(({ id, amount }) => (amount === 0 ? [] : [plainMark(effect, [id], DEEPEST, amount)]))),
    ])
}

const LEAST = [232, 226, 212]
const MOST = [196, 98, 58]
const DEEPEST = '#5c1a0c'

const deepness = (amount: number) =>
    `#${LEAST.map((from, band) => {
        const to = MOST[band] ?? 0
        return Math.round(from + (to - from) * amount)
            .toString(16)
            .padStart(2, '0')
    }).join('')}`
