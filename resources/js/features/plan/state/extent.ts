import type { Plan, Step } from '@/features/build'

export type Extent = NonNullable<Step['extent']>
export type Place = Extent['places'][number]

export const EVERYWHERE: Extent = { share: null, places: [], panels: [], pattern: null }

/** Null where it would say nothing: a step is the same with such an extent and without one. */
export function orUsual(extent: Extent): Extent | null {
    const isUsual = Object.values(extent).every((said) => said === null || (Array.isArray(said) && said.length === 0))
    return isUsual ? null : extent
}

export const PLACES: readonly { code: Place; label: string }[] = [
    { code: 'edges', label: 'edges' },
    { code: 'raised-detail', label: 'raised detail' },
    { code: 'recesses', label: 'recesses' },
    { code: 'upper-third', label: 'upper third' },
    { code: 'lower-third', label: 'lower third' },
    { code: 'fittings', label: 'round fittings' },
    { code: 'wheel-path', label: 'wheel path' },
    { code: 'welds', label: 'welds' },
    { code: 'grilles', label: 'grilles' },
    { code: 'hits', label: 'hits' },
]

/** "edges, some 20 %": where it goes, as short as it can be said; empty: everywhere. */
export function sayExtent(extent: Step['extent'], plan: Plan): string {
    if (extent === null) return ''
    const panels = plan.zones.flatMap((zone) => zone.panels).filter((panel) => extent.panels.includes(panel.id))
    return [
        ...panels.map((panel) => panel.name),
        ...PLACES.filter(({ code }) => extent.places.includes(code)).map(({ label }) => label),
        ...(extent.pattern === null ? [] : [extent.pattern]),
        ...(extent.share === null ? [] : [`some ${extent.share} %`]),
    ].join(', ')
}

/** Per cent up to which a share counts as spots, and what places come to where nobody says. */
const SPOTS = 30

/** Per cent of a zone that it lies on, where that is in spots; null: on all of it. */
export function spotsOf(extent: Step['extent']): number | null {
    if (extent === null) return null
    if (extent.share !== null) return extent.share < 100 ? extent.share : null
    return extent.places.length > 0 ? SPOTS : null
}
