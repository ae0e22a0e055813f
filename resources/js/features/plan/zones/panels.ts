import type { Plate } from '@/contract'
import type { Zone } from '@/features/build'

type Panel = Zone['panels'][number]

/** As many as a plan file takes of one zone. */
export const MOST_PANELS = 24
/** As many as one asks for at a time: smaller plates are seldom given a tint of their own. */
const AT_ONCE = 12
/** m² of the real vehicle. */
const WORTH_A_TINT = 0.1

/** Panels, and with them the plates of the vehicle that lie in their zone and are not among them yet. */
export function withPlates(panels: readonly Panel[], plates: readonly Plate[], kinds: readonly string[]): Panel[] {
    const known = new Set(panels.map(({ plate }) => plate))
    const wanted = plates
        .map((plate, place) => ({ ...plate, place }))
        .filter((plate) => kinds.includes(plate.zone) && plate.areaM2 >= WORTH_A_TINT)
        .filter((plate) => !plate.name.endsWith('underside'))
        .slice(0, AT_ONCE)
    const idOf = new Map(
        wanted.map(({ code, place }) => [
            place,
            panels.find(({ plate }) => plate === code)?.id ?? `plate-${place}-${short(code)}`,
        ]),
    )
    const added = wanted.filter(({ code }) => !known.has(code)).slice(0, Math.max(0, MOST_PANELS - panels.length))
    const names = new Set(panels.map(({ name }) => name))
    return [
        ...panels,
        ...added.map(({ code, name, place, neighbours }) => ({
            id: idOf.get(place) ?? code,
            name: unique(name.charAt(0).toUpperCase() + name.slice(1), names),
            neighbours: neighbours.flatMap(({ plate }) => idOf.get(plate) ?? []),
            plate: code,
        })),
    ]
}

/** Ids have forty characters at most. */
const short = (code: string): string => code.slice(0, 24).replace(/-+$/, '')

function unique(name: string, names: Set<string>): string {
    let free = name
    for (let count = 2; names.has(free); count++) free = `${name} ${count}`
    names.add(free)
    return free
}
