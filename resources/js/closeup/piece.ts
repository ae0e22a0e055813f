/** What is seen of one zone. */
export type Shown = {
    /** Kinds of zones of the vehicle that are painted as this zone is. */
    kinds: readonly string[]
    colours: Places
    /** 0 matte, 1 gloss. */
    gloss: number
    marks: readonly PieceMark[]
}

/** A piece of one zone as the server says it: colours by place, marks with their numbers, and what would go wrong. */
export type Piece = Shown & {
    zone: { id: string; name: string; kind: string }
    /** The 35 of 1:35. */
    scale: number
    number: number
    name: string
    /** The same before this step. */
    before: Shown
    /** Of the jar of this step; null: it has none. */
    own: string | null
    /** What comes to light below the topmost paint, and below all of it. */
    under: string
    bare: string
    isSprayed: boolean
    /** The other zones, which may stand beside or behind it. */
    beside: readonly (Shown & { kind: string })[]
    fault: Fault | null
    says: string
}

/** What would go wrong: by which rule, and how that looks. */
export type Fault = { rule: string; look: string }

export type Places = { face: string; recess: string; edge: string; lower: string }

export type PieceMark = {
    kind: string
    effect: string
    step: number
    colour: string | null
    amount: number
    isSoft: boolean
    isWet: boolean
    places: readonly string[]
    /** Per cent of the zone that patches take. */
    share: number | null
    /** On a square centimetre of the model, and how large they are there; null: they have no number. */
    perCm2: number | null
    leastMm: number | null
    usualMm: number | null
    mostMm: number | null
}

/** How a piece is to be drawn. */
export type Wish = {
    width: number
    height: number
    seed: number
    /** From where the light comes, in degrees clockwise from above. */
    light: number
    /** As it looks while everything on it is wet. */
    isWet: boolean
    /** Painted on where the piece has a marking. */
    figures: string
}

export const USUAL_LIGHT = -40
