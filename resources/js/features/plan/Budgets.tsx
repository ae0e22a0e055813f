import type { Plan } from '@/features/build'
import type { Brief, Drafted } from './api'

type Trace = Brief['overrules'][number]['trace']

export const TRACES: readonly Trace[] = ['chips', 'rubbing', 'rust', 'streaks', 'dust', 'mud', 'oil', 'soot']

/** What a press goes through, and then back to what the story says. */
const AMOUNTS = [0, 0.25, 0.5, 0.75, 1] as const

const CELL = 'relative h-7 w-full min-w-12 border border-line bg-sheet hover:border-ink pointer-coarse:h-11'

type Props = {
    budgets: Drafted['budgets']
    zones: Plan['zones']
    traces: readonly Trace[]
    overrules: Brief['overrules']
    onOverrule: (overrules: Brief['overrules']) => void
}

/** How much of each trace belongs on each zone; a press says it oneself. */
export function Budgets({ budgets, zones, traces, overrules, onOverrule }: Props) {
    const nameOf = new Map(zones.map(({ id, name }) => [id, name]))
    const press = (zone: string, trace: Trace) => {
        const own = overrules.find((one) => one.zone === zone && one.trace === trace)
        const others = overrules.filter((one) => one !== own)
        const next = own === undefined ? AMOUNTS[0] : AMOUNTS.find((amount) => amount > own.amount)
        onOverrule(next === undefined ? others : [...others, { zone, trace, amount: next }])
    }
    return (
        <div className="overflow-x-auto">
            <table className="w-full border-collapse text-fine">
                <thead>
                    <tr className="text-left text-soft *:px-1 *:py-1 *:font-normal">
                        <th scope="col">Zone</th>
                        {traces.map((trace) => (
                            <th key={trace} scope="col">
                                {trace}
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
