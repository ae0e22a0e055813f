import type { Finish } from '@/contract'

type Mark = Finish['marks'][number]

/** A mark without anything that depends on a plan: for pictures that say where something is, not how it is painted. */
export const plainMark = (effect: string, zones: readonly string[], colour: string, amount = 1): Mark => ({
    effect,
    step: 0,
    until: null,
    zones: [...zones],
    colour,
    amount,
    isSoft: false,
    places: [],
    panels: [],
    sheen: null,
    share: null,
    pattern: null,
    sparesMarkings: false,
})

/** A vehicle with these marks and no other, the last on top. */
export const plainFinish = (belongs: Finish['belongs'], marks: Mark[]): Finish => ({
    belongs,
    panels: [],
    paints: [],
    marks,
})
