import type { Cover } from './cover'
import { type Fields, fieldsOf } from './fields'
import { drawInk, type Ink, tracesOf } from './ink'
import { lightOf } from './light'
import { type Model, NO_PLATE, type View } from './model'
import { NONE, outlinesOf } from './outlines'
import { type Finish, Painter } from './paint'
import { type Scene, see } from './raster'

/** The border of every zone of the plan in a view, in pixels. */
export type Borders = { width: number; height: number; regions: readonly { zone: string; path: string }[] }

/** What is drawn once of a view: its borders, those of the panels, and the ink. */
export type Drawn = Borders & { panels: readonly { panel: string; zone: string; path: string }[]; ink: Ink }

/** A painted view: four bytes a pixel. */
export type Painted = { width: number; height: number; pixels: Uint8ClampedArray<ArrayBuffer> }

/** What is asked of a painted view. Pictures of one finish have one key. */
export type Wish = {
    view: View
    /** Pixels per millimetre. */
    scale: number
    finish: Finish
    key: string
    /** Painted on where the plan has markings. */
    number: string
    seed: number
    /** The last step that is seen; -1: the bare part. */
    step: number
    isFlat: boolean
}

/** Paints that are remembered with all that they have computed; more views and sizes than are on screen at once. */
const REMEMBERED = 12
/** More marks than a long plan has, seen once or twice with other amounts. */
const MOST_COVERS = 150

/** A number for each pixel, by the face that is seen there; faces are many times fewer than pixels. */
function byFace({ face }: Scene, numberOf: (face: number) => number): Uint8Array {
    const numbers = new Uint8Array(face.length).fill(NONE)
    const known = new Map<number, number>()
    let [last, number] = [-1, NONE]
    for (let pixel = 0; pixel < face.length; pixel++) {
        const here = face[pixel] as number
        if (here < 0) continue
        if (here !== last) {
            last = here
            const before = known.get(here)
            number = before ?? numberOf(here)
            if (before === undefined) known.set(here, number)
        }
        numbers[pixel] = number
    }
    return numbers
}

/** Draws one vehicle, and remembers what does not change from picture to picture. */
export class Drawing {
    private readonly prepared = new Map<string, Fields>()
    private readonly painters = new Map<string, Painter>()
    private readonly covers = new Map<string, Map<string, Cover>>()

    constructor(private readonly model: Model) {}

    draw(view: View, scale: number, belongs: Finish['belongs'], panels: Finish['panels']): Drawn {
        const scene = see(this.model, view, scale)
        return {
            ...this.bordersIn(scene, belongs),
            panels: this.panelsIn(scene, panels),
            ink: drawInk(this.model, scene),
        }
    }

    /** The same without ink, which takes most of the time. */
    borders(view: View, scale: number, belongs: Finish['belongs']): Borders {
        return this.bordersIn(see(this.model, view, scale), belongs)
    }

    private bordersIn(scene: Scene, belongs: Finish['belongs']): Borders {
        const zoneOfKind = new Map(belongs.map(({ kind, zone }) => [kind, zone]))
        const zones = [...new Set(belongs.flatMap(({ zone }) => (zone === null ? [] : [zone])))]
        const numberOf = this.model.zones.map((kind) => {
            const place = zones.indexOf(zoneOfKind.get(kind) ?? '')
            return place < 0 ? NONE : place
        })
        const numbers = byFace(scene, (face) => numberOf[this.model.zoneOf[face] ?? NONE] ?? NONE)
        const outlines = outlinesOf(numbers, scene.width, scene.height)
        return {
            width: scene.width,
            height: scene.height,
            regions: [...outlines].map(([number, path]) => ({ zone: zones[number] ?? '', path })),
        }
    }

    private panelsIn(scene: Scene, panels: Finish['panels']): Drawn['panels'] {
        const numberOf = new Map(panels.map(({ plate }, place) => [this.model.plates.indexOf(plate), place]))
        numberOf.delete(-1)
        if (numberOf.size === 0) return []
        const numbers = byFace(scene, (face) => numberOf.get(this.model.plateOf[face] ?? NO_PLATE) ?? NONE)
        return [...outlinesOf(numbers, scene.width, scene.height)].flatMap(([number, path]) => {
            const panel = panels[number]
            return panel === undefined ? [] : [{ panel: panel.panel, zone: panel.zone, path }]
        })
    }

    paint(wish: Wish): Painted {
        const fields = this.fields(wish.view, wish.scale)
        const key = `${wish.view} ${wish.scale} ${wish.key}`
        const painter =
            this.painters.get(key) ??
            new Painter(this.model, fields, wish.finish, { number: wish.number, seed: wish.seed }, this.coversOf(wish))
        remember(this.painters, key, painter)
        const { width, height } = fields.scene
        return { width, height, pixels: painter.picture(wish.step, wish.isFlat) }
    }

    private fields(view: View, scale: number): Fields {
        const key = `${view} ${scale}`
        const known = this.prepared.get(key)
        const fields = known ?? this.prepare(view, scale)
        remember(this.prepared, key, fields)
        return fields
    }

    private coversOf({ view, scale, finish }: Wish): Map<string, Cover> {
        const key = `${view} ${scale} ${JSON.stringify(finish.belongs)}`
        const covers = this.covers.get(key) ?? new Map<string, Cover>()
        // What no plan has any more would be kept for ever.
        if (covers.size > MOST_COVERS) covers.clear()
        remember(this.covers, key, covers)
        return covers
    }

    private prepare(view: View, scale: number): Fields {
        const scene = see(this.model, view, scale)
        return fieldsOf(this.model, scene, tracesOf(this.model, scene), lightOf(scene, this.model.partOf))
    }
}

/** Keeps what was used last, and forgets what was not used for the longest time. */
function remember<T>(kept: Map<string, T>, key: string, value: T): void {
    kept.delete(key)
    kept.set(key, value)
    const [oldest] = kept.keys()
    if (kept.size > REMEMBERED && oldest !== undefined) kept.delete(oldest)
}
