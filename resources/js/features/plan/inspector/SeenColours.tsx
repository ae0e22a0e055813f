import type { Plan } from '@/features/build'
import type { Knowledge } from '../api'

type Seen = Knowledge['seen'][number]
type Place = Seen['places'][number]

const PLACE: Record<Place['place'], string> = {
    face: 'face',
    recess: 'recess',
    edge: 'edge',
    lower: 'lower third',
    patch: 'patches',
    chip: 'chips',
    streak: 'streaks',
    marking: 'markings',
}

/** CIEDE2000 up to which a difference is said so. */
const WORDS: readonly (readonly [number, string])[] = [
    [1, 'not seen'],
    [2.5, 'a trace'],
    [6, 'soft'],
    [14, 'plain'],
    [Number.POSITIVE_INFINITY, 'strong'],
]
const inWord = (difference: number): string => WORDS.find(([most]) => difference < most)?.[1] ?? ''

type Props = { seen: readonly Seen[]; zones: Plan['zones'] }

/** What the step does to the colour of each kind of place, and what is left of it once the plan is done. */
export function SeenColours({ seen, zones }: Props) {
    const nameOf = (id: string) => zones.find((zone) => zone.id === id)?.name ?? id
    return (
        <div className="flex flex-col gap-2">
            {alike(seen).map(({ places, ends, on }) => (
                <table key={on.join(' ')} className="w-full text-fine">
                    <caption className="truncate text-left text-soft" title={on.map(nameOf).join(', ')}>
                        {on.map(nameOf).join(', ')}
                    </caption>
                    <thead className="sr-only">
                        <tr>
                            <th>Place</th>
                            <th>Before, after, at the end</th>
                            <th>Difference</th>
                        </tr>
                    </thead>
                    <tbody>
                        {places.map((place) => (
                            <tr key={place.place}>
                                <th scope="row" className="w-20 text-left font-normal">
                                    {PLACE[place.place]}
                                </th>
                                <td className="py-px">
                                    <Patches place={place} ends={ends.get(place.place) ?? []} />
                                </td>
                                <td className="w-24 pl-2 text-right whitespace-nowrap">
                                    ΔE {place.difference.toFixed(1)}, {inWord(place.difference)}
                                </td>
                            </tr>
                        ))}
                    </tbody>
                </table>
            ))}
            <p className="text-fine text-soft">
                Before and after, edge to edge; apart from them what is left when the plan is done.
            </p>
        </div>
    )
}

function Patches({ place, ends }: { place: Place; ends: readonly string[] }) {
    const says = `${place.before}, then ${place.after}, at the end ${ends.join(' or ')}`
    return (
        <span role="img" aria-label={says} title={says} className="flex h-6">
            <span className="flex-1" style={{ backgroundColor: place.before }} />
            <span className="flex-1" style={{ backgroundColor: place.after }} />
            <span className="ml-1.5 flex w-1/4">
                {ends.slice(0, MOST_ENDS).map((end) => (
                    <span key={end} className="flex-1" style={{ backgroundColor: end }} />
                ))}
            </span>
        </span>
    )
}

/** Colours at the end that are told apart beside each other. */
const MOST_ENDS = 4

/** Zones on which the step does the same, whatever comes later; and what the places of each come to at the end. */
type Group = { places: Seen['places']; ends: Map<Place['place'], string[]>; on: string[] }

function alike(seen: readonly Seen[]): Group[] {
    const groups = new Map<string, Group>()
    for (const { zone, places } of seen) {
        const key = places.map(({ place, before, after }) => `${place} ${before} ${after}`).join()
        const group: Group = groups.get(key) ?? { places, ends: new Map(), on: [] }
        groups.set(key, group)
        group.on.push(zone)
        for (const { place, atEnd } of places) {
            const known = group.ends.get(place) ?? []
            if (!known.includes(atEnd)) group.ends.set(place, [...known, atEnd])
        }
    }
    return [...groups.values()]
}
