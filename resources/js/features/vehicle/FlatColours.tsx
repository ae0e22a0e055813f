import type { Finish } from '@/contract'
import { classes } from '@/design/classes'
import { groundAfter, groundImage } from '@/features/build'

type Props = {
    plan: { zones: readonly { id: string; name: string }[] }
    paints: Finish['paints']
    step: number
    chosen: string | null
}

/** The paint of each zone as a flat swatch: what light and wear on the drawing must not be taken for. */
export function FlatColours({ plan, paints, step, chosen }: Props) {
    return (
        <ul className="flex flex-wrap justify-center gap-x-3 gap-y-1 px-3 pb-3" aria-label="Colours after this step">
            {plan.zones.map((zone) => {
                const ground = groundAfter(paints, zone.id, step)
                return (
                    <li key={zone.id} className={classes('text-fine', chosen === zone.id ? 'font-semibold' : '')}>
                        <span
                            className="mb-0.5 block h-7 w-20 border border-black/40"
                            style={{ background: ground === null ? 'transparent' : groundImage(ground) }}
                        />
                        {zone.name}
                        <span className="block">
                            {ground === null ? 'bare' : [ground.colour, ground.patch].filter(Boolean).join(' ')}
                        </span>
                    </li>
                )
            })}
        </ul>
    )
}
