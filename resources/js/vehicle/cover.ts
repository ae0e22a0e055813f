import { bandField, type Fields, grainField, noiseField, partTone, patchField, patchLimit, streakField } from './fields'
import { markingOf, type Scheme } from './marking'
import { chance, smoothstep } from './noise'

/** What a step leaves to be seen, as the server says it. */
export type Mark = {
    effect: string
    step: number
    until: number | null
    zones: readonly string[]
    colour: string | null
    amount: number
    isSoft: boolean
    places: readonly string[]
    panels: readonly string[]
    sheen: string | null
    /** Per cent of the zones that patches of camouflage take, and how these run; null: as usual. */
    share: number | null
    pattern: string | null
    sparesMarkings: boolean
}

/** How much of each pixel a mark takes, 0 to 255; and where it is rimmed by a lighter tone of what lies below. */
export type Cover = { taken: Uint8Array; rim: Uint8Array | null }

/** Per cent that bands take where nobody says. */
const USUAL_BANDS = 45

const byte = (share: number): number => Math.max(0, Math.min(255, 255 * share))

/** Where a mark lies. Its zones are seen to elsewhere; here all of the vehicle is asked as if it had the mark. */
export function coverOf(fields: Fields, mark: Mark, scheme: Scheme): Cover {
    const taken = new Uint8Array(fields.pixels.length)
    const rim = mark.effect === 'chips' ? new Uint8Array(fields.pixels.length) : null
    const lay = LAYERS[mark.effect]
    if (lay === undefined) return { taken, rim: null }
    lay(fields, mark, scheme, taken, rim)
    if (mark.places.length > 0) keepTo(fields, mark.places, taken)
    return { taken, rim }
}

type Lay = (fields: Fields, mark: Mark, scheme: Scheme, taken: Uint8Array, rim: Uint8Array | null) => void

const each =
    (share: (fields: Fields, at: number, mark: Mark, noises: Uint8Array[]) => number, ...sizes: number[]): Lay =>
    (fields, mark, scheme, taken) => {
        const noises = sizes.map((size, place) => noiseField(fields, size, scheme.seed + 10 * place + scheme.nth))
        for (let at = 0; at < taken.length; at++) taken[at] = byte(share(fields, at, mark, noises))
    }
const part = (field: Uint8Array | undefined, at: number): number => (field?.[at] ?? 0) / 255
const height = (fields: Fields, at: number): number => fields.place[3 * at + 1] ?? 0
/** How level a face is: 0 upright, 1 looking up. */
const level = (fields: Fields, at: number): number => Math.max(0, ((fields.up[at] ?? 0) - 128) / 127)

/** Specks at edges and where feet go; above the threshold the core, just below it the rim. */
const specks =
    (reach: number): Lay =>
    (fields, mark, scheme, taken, rim) => {
        const fine = noiseField(fields, 34, scheme.seed + scheme.nth)
        const finer = noiseField(fields, 15, scheme.seed + scheme.nth + 4)
        const patchy = noiseField(fields, 260, scheme.seed + scheme.nth + 8)
        // An edge alone is not enough: paint wears where the noise of use comes on top, and there in groups.
        const threshold = 1.28 - reach * mark.amount
        for (let at = 0; at < taken.length; at++) {
            const score =
                0.36 * part(fields.edge, at) +
                0.16 * part(fields.brow, at) +
                0.3 * part(fine, at) +
                0.16 * part(finer, at) +
                0.5 * part(patchy, at)
            const core = smoothstep(threshold - 0.015, threshold + 0.015, score)
            taken[at] = byte(core)
            if (rim !== null) rim[at] = byte(0.24 * (1 - core) * smoothstep(threshold - 0.07, threshold - 0.03, score))
        }
    }

const LAYERS: Record<string, Lay> = {
    coat: (_fields, mark, _scheme, taken) => taken.fill(byte(mark.amount)),
    mottle: each(
        (_fields, at, mark, [large, small]) =>
            mark.amount * smoothstep(0.4, 0.66, 0.72 * part(large, at) + 0.28 * part(small, at)),
        460,
        150,
    ),
    patches: (fields, mark, scheme, taken) => {
        const seed = 1000 + scheme.seed + 37 * scheme.nth
        const areBands = mark.pattern === 'bands'
        const field = areBands ? bandField(fields, seed) : patchField(fields, seed)
        const limit =
            mark.share === null && !areBands
                ? 0.525 + 0.03 * scheme.nth
                : areBands
                  ? 1 - (mark.share ?? USUAL_BANDS) / 100
                  : patchLimit((mark.share ?? 0) / 100, seed)
        const ramp = mark.isSoft ? 0.03 : 0.006
        for (let at = 0; at < taken.length; at++)
            taken[at] = byte(mark.amount * smoothstep(limit - ramp, limit + ramp, part(field, at)))
    },
    tint: (fields, mark, scheme, taken) => {
        for (let at = 0; at < taken.length; at++)
            taken[at] = byte(
                mark.amount *
                    (0.75 + 0.5 * partTone(fields.part[at] ?? 0, scheme.seed + scheme.nth)) *
                    (1 + 0.25 * part(fields.halo, at)),
            )
    },
    wash: each((fields, at, mark) => {
        const lies = Math.max(part(fields.line, at), 0.22 * part(fields.halo, at), 0.75 * part(fields.enclosure, at))
        return mark.amount * lies
    }),
    shade: each(
        (fields, at, mark, [large]) =>
            mark.amount * (0.75 * part(fields.enclosure, at) + 0.4 * part(fields.halo, at) + 0.16 * part(large, at)),
        380,
    ),
    highlight: each(
        (fields, at, mark, [fine]) => mark.amount * part(fields.edge, at) * (0.45 + 0.55 * part(fine, at)),
        60,
    ),
    chips: specks(0.6),
    worn: specks(0.66),
    scratches: (fields, mark, scheme, taken) => {
        const patchy = noiseField(fields, 420, scheme.seed + scheme.nth)
        const grain = grainField(fields)
        const fine = noiseField(fields, 13, scheme.seed + scheme.nth + 2)
        for (let at = 0; at < taken.length; at++) {
            const isLine = Math.abs((grain[at] ?? 0) - 118) < 1.4
            taken[at] = isLine ? byte(smoothstep(0.75 - 0.4 * mark.amount, 0.8, part(patchy, at)) * part(fine, at)) : 0
        }
    },
    streaks: (fields, mark, scheme, taken) => {
        const field = streakField(fields, scheme.seed + 3 * scheme.nth)
        for (let at = 0; at < taken.length; at++) taken[at] = byte(mark.amount * part(field, at))
    },
    rust: each(
        (fields, at, mark, [large, fine]) =>
            mark.amount *
            Math.min(
                1,
                0.75 * part(fields.line, at) +
                    0.5 * part(fields.enclosure, at) +
                    0.85 * smoothstep(0.42, 0.72, 0.65 * part(large, at) + 0.35 * part(fine, at)),
            ),
        230,
        40,
    ),
    stain: each(
        (fields, at, mark, [large]) =>
            mark.amount * smoothstep(0.55, 0.8, 0.75 * part(large, at) + 0.4 * part(fields.halo, at)),
        330,
    ),
    polish: each(
        (fields, at, mark, [fine]) =>
            mark.amount * Math.min(1, 1.2 * part(fields.edge, at) * (0.5 + part(fine, at)) + 0.1),
        70,
    ),
    detail: (fields, mark, scheme, taken) => {
        for (let at = 0; at < taken.length; at++)
            taken[at] = chance(fields.part[at] ?? 0, scheme.seed + scheme.nth) < 0.4 * mark.amount ? 255 : 0
    },
    dust: each(
        (fields, at, mark, [cloud, small]) => {
            const clouds = 0.55 + 0.9 * (part(cloud, at) - 0.5) + 0.4 * (part(small, at) - 0.5)
            const lies =
                1.15 * Math.exp(-height(fields, at) / 780) +
                0.5 * level(fields, at) +
                0.35 * part(fields.enclosure, at) +
                0.2 * part(fields.line, at)
            return Math.min(0.82, 1.2 * mark.amount * lies * clouds)
        },
        300,
        90,
    ),
    mud: each(
        (fields, at, mark, [large, small]) => {
            const score =
                0.7 * part(large, at) +
                0.45 * part(small, at) +
                0.35 * part(fields.enclosure, at) -
                height(fields, at) / 1000 -
                0.85 +
                0.95 * mark.amount
            return 0.95 * smoothstep(0, 0.03, score)
        },
        300,
        55,
    ),
    splash: each(
        (fields, at, mark, [small, fine]) =>
            smoothstep(
                0.86 - 0.14 * mark.amount,
                0.88 - 0.14 * mark.amount,
                0.6 * part(small, at) + 0.55 * part(fine, at) - height(fields, at) / 5200,
            ),
        27,
        12,
    ),
    marking: (fields, _mark, scheme, taken) => markingOf(fields, scheme, taken),
}

/** Keeps a mark to the places of a zone that it was laid on. */
function keepTo(fields: Fields, places: readonly string[], taken: Uint8Array): void {
    const heights = heightsOf(fields)
    const hits = places.includes('hits') ? noiseField(fields, 190, 77) : null
    for (let at = 0; at < taken.length; at++) {
        if (taken[at] === 0) continue
        const share = heights(at)
        let stays = 0
        for (const place of places) {
            const lies =
                place === 'edges'
                    ? part(fields.brow, at)
                    : place === 'raised-detail'
                      ? Math.max(part(fields.edge, at), part(fields.halo, at))
                      : place === 'upper-third'
                        ? smoothstep(0.6, 0.72, share)
                        : place === 'lower-third'
                          ? 1 - smoothstep(0.3, 0.42, share)
                          : place === 'wheel-path'
                            ? part(fields.enclosure, at)
                            : place === 'hits'
                              ? smoothstep(0.72, 0.78, part(hits ?? undefined, at))
                              : place === 'fittings'
                                ? part(fields.halo, at)
                                : Math.max(part(fields.line, at), 0.8 * part(fields.enclosure, at))
            stays = Math.max(stays, lies)
        }
        taken[at] = (taken[at] ?? 0) * stays
    }
}

/** How high each pixel lies within its zone, 0 to 1. */
function heightsOf(fields: Fields): (at: number) => number {
    const low: number[] = []
    const high: number[] = []
    for (let at = 0; at < fields.zone.length; at++) {
        const zone = fields.zone[at] ?? 0
        const y = height(fields, at)
        low[zone] = Math.min(low[zone] ?? Infinity, y)
        high[zone] = Math.max(high[zone] ?? -Infinity, y)
    }
    return (at) => {
        const zone = fields.zone[at] ?? 0
        const from = low[zone] ?? 0
        return (height(fields, at) - from) / Math.max(1, (high[zone] ?? 1) - from)
    }
}
