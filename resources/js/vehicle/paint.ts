import { type Cover, coverOf, type Mark } from './cover'
import { type Fields, foldField, noiseField } from './fields'
import { widened } from './marking'
import type { Model } from './model'
import { smoothstep } from './noise'
import { NONE } from './outlines'

/** How a plan looks on its vehicle, as the server says it. */
export type Finish = {
    belongs: readonly { kind: string; zone: string | null }[]
    /** Which plates of the vehicle the panels of the plan are. */
    panels: readonly { panel: string; zone: string; plate: string }[]
    marks: readonly Mark[]
}

/** What is drawn of a finish: up to which step, and how. */
export type Wanted = { step: number; isFlat: boolean; number: string; seed: number }

type Rgb = readonly [number, number, number]

const rgb = (hex: string): Rgb => [
    Number.parseInt(hex.slice(1, 3), 16),
    Number.parseInt(hex.slice(3, 5), 16),
    Number.parseInt(hex.slice(5, 7), 16),
]

/** Bare plastic; glass, which is never painted by a base; and what the plan has no zone for. */
const BARE: Rgb = [186, 186, 182]
const GLASS: Rgb = [104, 108, 110]
const MASK: Rgb = [205, 196, 160]

/** Millimetres of a wet hollow, and how much lighter it shines at most, of 255. */
const WET = 48
const WET_GLEAM = 42
/** Millimetres of the vehicle that a brush keeps away from a marking that it goes round. */
const ROUND_MARKINGS = 70

/** Bytes of pictures that are kept, so that sliding goes on from the step before and not from the bare part. */
const KEPT = 12_000_000

/** Paints one view of one vehicle, and remembers what it can use again while the plan is looked through. */
export class Painter {
    private readonly kept = new Map<number, Uint8Array>()
    private readonly zoneIds: (string | null)[]
    private readonly numbers: Uint8Array
    private readonly ids: string[] = []

    constructor(
        private readonly model: Model,
        private readonly fields: Fields,
        private readonly finish: Finish,
        private readonly wanted: Omit<Wanted, 'step' | 'isFlat'>,
        /** Where marks lie on this view, shared by all finishes whose zones are the same. */
        private readonly covers: Map<string, Cover>,
    ) {
        const belongs = new Map(finish.belongs.map(({ kind, zone }) => [kind, zone]))
        this.zoneIds = model.zones.map((kind) => belongs.get(kind) ?? null)
        this.ids = [...new Set(this.zoneIds.filter((id) => id !== null))]
        // Which zone of the plan each pixel belongs to; NONE: none.
        this.numbers = new Uint8Array(fields.zone.length)
        for (let at = 0; at < this.numbers.length; at++)
            this.numbers[at] = this.number(this.zoneIds[fields.zone[at] ?? 0] ?? null)
        this.glass = model.zones.indexOf('glass')
        this.canvas = model.zones.indexOf('canvas')
    }
    private readonly glass: number
    private readonly canvas: number

    private number(id: string | null): number {
        const place = id === null ? -1 : this.ids.indexOf(id)
        return place < 0 ? NONE : place
    }

    /** The picture after a step, four bytes a pixel; step -1: the bare part. */
    picture(step: number, isFlat: boolean): Uint8ClampedArray<ArrayBuffer> {
        const { scene, pixels, shade, glance, zone } = this.fields
        const colours = this.coloursAfter(step)
        const shown = new Uint8ClampedArray(4 * scene.width * scene.height)
        const gloss = this.sheens(step)
        const wet = this.wet(step)
        const fold = this.canvas < 0 || isFlat ? null : foldField(this.fields)
        const masked = this.masks(step)
        const { numbers, canvas } = this
        // Over every point of every picture of a slide: plain steps, for calls and lists are what takes time here.
        for (let at = 0, from = 0; at < pixels.length; at++, from += 3) {
            const to = 4 * (pixels[at] as number)
            let red = colours[from] as number
            let green = colours[from + 1] as number
            let blue = colours[from + 2] as number
            const share = masked === null ? 0 : (masked[at] as number) / 255
            if (share > 0) {
                red += share * (MASK[0] - red)
                green += share * (MASK[1] - green)
                blue += share * (MASK[2] - blue)
            }
            if (!isFlat) {
                let light = (shade[at] as number) / 128
                if (fold !== null && zone[at] === canvas) light *= (fold[at] as number) / 128
                const shine = gloss[numbers[at] as number] as number
                const gleam = 0.2 * shine * (glance[at] as number) + (wet === null ? 0 : light * (wet[at] as number))
                red = red * light + gleam
                green = green * light + gleam
                blue = blue * light + gleam
            }
            shown[to] = red
            shown[to + 1] = green
            shown[to + 2] = blue
            shown[to + 3] = 255
        }
        return shown
    }

    /** The colours without light, three bytes an entry. */
    private coloursAfter(step: number): Uint8Array {
        let from = -1
        for (const done of this.kept.keys()) if (done <= step && done > from) from = done
        const kept = this.kept.get(from)
        if (kept !== undefined && from === step) return kept
        const colours = kept?.slice() ?? this.bare()
        for (const [place, mark] of this.finish.marks.entries()) {
            if (mark.step <= from || mark.step > step) continue
            this.lay(colours, mark, place)
        }
        this.kept.set(step, colours)
        const [oldest] = this.kept.keys()
        if (this.kept.size * colours.length > KEPT && oldest !== undefined) this.kept.delete(oldest)
        return colours
    }

    private bare(): Uint8Array {
        const colours = new Uint8Array(3 * this.fields.pixels.length)
        const { zone, place } = this.fields
        for (let at = 0; at < zone.length; at++) {
            const isGlass = zone[at] === this.glass
            // Two bands of light across a pane: neutral, for chroma belongs to paint.
            const along = (place[3 * at] ?? 0) + (place[3 * at + 1] ?? 0) + (place[3 * at + 2] ?? 0)
            const band = isGlass && Math.abs((((along % 420) + 420) % 420) - 210) < 60 ? 34 : 0
            const colour = isGlass ? GLASS : BARE
            for (let channel = 0; channel < 3; channel++) colours[3 * at + channel] = (colour[channel] ?? 0) + band
        }
        return colours
    }

    private lay(colours: Uint8Array, mark: Mark, place: number): void {
        if (mark.effect === 'fixed') this.fix(colours, mark, place)
        if (mark.colour === null) return
        const [r, g, b] = rgb(mark.colour)
        const isOn = this.zonesOf(mark)
        const { taken, rim } = this.coverOf(mark, place)
        const { zone } = this.fields
        const plates = this.platesOf(mark)
        // Wet earth is darker than the dry of the jar.
        const depth = mark.effect === 'mud' ? (mark.sheen === 'gloss' ? [0.62, 0.78] : [0.8, 1]) : [1, 1]
        for (let at = 0; at < taken.length; at++) {
            const share = (taken[at] ?? 0) / 255
            const light = rim === null ? 0 : (rim[at] ?? 0) / 255
            if ((share === 0 && light === 0) || isOn[this.numbers[at] ?? NONE] !== 1) continue
            if (plates !== null && plates[at] === 0) continue
            if (zone[at] === this.glass && this.zoneIds[this.glass] === null) continue
            const to = 3 * at
            const red = colours[to] ?? 0
            const green = colours[to + 1] ?? 0
            const blue = colours[to + 2] ?? 0
            // The rim of a chip is the paint itself, lighter; the first of a mud is darker, which reads as thick.
            const dark = depth[share < 0.9 ? 0 : 1] ?? 1
            colours[to] = red + (1 - share) * light * (255 - red) + share * (r * dark - red)
            colours[to + 1] = green + (1 - share) * light * (255 - green) + share * (g * dark - green)
            colours[to + 2] = blue + (1 - share) * light * (255 - blue) + share * (b * dark - blue)
        }
    }

    /** What lay loose on the zones of the mark turns darker. */
    private fix(colours: Uint8Array, mark: Mark, place: number): void {
        const isOn = this.zonesOf(mark)
        const loose = new Uint8Array(this.fields.pixels.length)
        for (const [before, other] of this.finish.marks.slice(0, place).entries()) {
            if (other.effect !== 'dust' || !other.zones.some((id) => mark.zones.includes(id))) continue
            const { taken } = this.coverOf(other, before)
            const wasOn = this.zonesOf(other)
            for (let at = 0; at < loose.length; at++)
                if (wasOn[this.numbers[at] ?? NONE] === 1) loose[at] = Math.max(loose[at] ?? 0, taken[at] ?? 0)
        }
        for (let at = 0; at < loose.length; at++) {
            if (loose[at] === 0 || isOn[this.numbers[at] ?? NONE] !== 1) continue
            const left = 1 - (mark.amount * (loose[at] ?? 0)) / 255
            for (let channel = 0; channel < 3; channel++)
                colours[3 * at + channel] = left * (colours[3 * at + channel] ?? 0)
        }
    }

    /** Pixel by pixel: 1 where a mark may lie that keeps to some panels; null: it keeps to none that can be shown. */
    private platesOf(mark: Mark): Uint8Array | null {
        const chosen = this.finish.panels.filter(({ panel }) => mark.panels.includes(panel))
        if (chosen.length === 0) return null
        const places = new Set(chosen.map(({ plate }) => this.model.plates.indexOf(plate)))
        const kept = new Set(chosen.map(({ zone }) => this.number(zone)))
        const { plate } = this.fields
        return Uint8Array.from(plate, (place, at) =>
            // Zones without a panel among them take the mark as a whole.
            places.has(place) || !kept.has(this.numbers[at] ?? NONE) ? 1 : 0,
        )
    }

    /** By the number of a zone: 1 where the mark lies. */
    private zonesOf(mark: Mark): Uint8Array {
        const isOn = new Uint8Array(256)
        for (const id of mark.zones) {
            const number = this.number(id)
            if (number !== NONE) isOn[number] = 1
        }
        return isOn
    }

    private coverOf(mark: Mark, place: number): Cover {
        const nth = this.finish.marks.slice(0, place).filter((one) => one.effect === mark.effect).length
        const { number, seed } = this.wanted
        // Where a mark lies depends neither on its colour nor on its step: another jar needs no new picture of it.
        const bare = mark.sparesMarkings
            ? this.finish.marks.slice(0, place).flatMap((one) => (one.effect === 'marking' ? one.zones : []))
            : []
        const where = [mark.effect, nth, mark.amount, mark.isSoft, mark.places, mark.zones, mark.share, bare]
        const key = JSON.stringify([...where, mark.pattern, number, seed])
        const known = this.covers.get(key)
        if (known !== undefined) return known
        const isOn = this.zonesOf(mark)
        const cover = coverOf(this.fields, mark, {
            nth,
            number,
            seed,
            isZone: (at) => isOn[this.numbers[at] ?? NONE] === 1,
        })
        if (mark.sparesMarkings) this.spareMarkings(place, cover.taken)
        this.covers.set(key, cover)
        return cover
    }

    /** Leaves the markings bare that a mark was painted round. */
    private spareMarkings(place: number, taken: Uint8Array): void {
        for (const [earlier, marking] of this.finish.marks.slice(0, place).entries()) {
            if (marking.effect !== 'marking') continue
            const isOn = this.zonesOf(marking)
            const bare = widened(this.fields, this.coverOf(marking, earlier).taken, ROUND_MARKINGS)
            for (let at = 0; at < taken.length; at++)
                if (isOn[this.numbers[at] ?? NONE] === 1) taken[at] = Math.min(taken[at] ?? 0, 255 - (bare[at] ?? 0))
        }
    }

    /** How each zone shines after a step, by its number: 0 matte, 1 gloss. */
    private sheens(step: number): Float32Array {
        const gloss = new Float32Array(256)
        for (const mark of this.finish.marks) {
            if (mark.step > step) break
            const shines = mark.effect === 'sheen' ? ({ gloss: 1, satin: 0.4 }[mark.sheen ?? ''] ?? 0) : null
            const isPaint = mark.effect === 'coat'
            if (shines === null && !isPaint) continue
            for (const id of mark.zones) {
                const number = this.number(id)
                if (number !== NONE) gloss[number] = shines ?? 0
            }
        }
        return gloss
    }

    /**
     * How much light comes back from wet mud that no coat has dulled since: from its wet hollows, whichever way the
     * face is turned; null: there is none.
     */
    private wet(step: number): Uint8Array | null {
        let wet: Uint8Array | null = null
        for (const [place, mark] of this.finish.marks.entries()) {
            if (mark.step > step) break
            const isWet = mark.effect === 'mud' && mark.sheen === 'gloss'
            if (!isWet && (wet === null || mark.effect !== 'sheen')) continue
            wet ??= new Uint8Array(this.fields.pixels.length)
            const isOn = this.zonesOf(mark)
            const taken = isWet ? this.coverOf(mark, place).taken : null
            const hollows = noiseField(this.fields, WET, this.wanted.seed)
            for (let at = 0; at < wet.length; at++) {
                if (isOn[this.numbers[at] ?? NONE] !== 1) continue
                const gleam = WET_GLEAM * smoothstep(0.5, 0.72, (hollows[at] ?? 0) / 255) * ((taken?.[at] ?? 0) / 255)
                wet[at] = taken === null ? 0 : Math.max(wet[at] ?? 0, gleam)
            }
        }
        return wet
    }

    /** What is masked after a step: all but the patches that will be sprayed before the mask comes off. */
    private masks(step: number): Uint8Array | null {
        let masked: Uint8Array | null = null
        for (const mark of this.finish.marks) {
            if (mark.effect !== 'mask' || mark.step > step || (mark.until !== null && mark.until <= step)) continue
            masked ??= new Uint8Array(this.fields.pixels.length)
            const isOn = this.zonesOf(mark)
            const next = this.finish.marks.findIndex(
                (one) =>
                    one.effect === 'patches' &&
                    one.step > mark.step &&
                    (mark.until === null || one.step < mark.until) &&
                    one.zones.some((id) => mark.zones.includes(id)),
            )
            const patches = this.finish.marks[next]
            const left = patches === undefined ? null : this.coverOf(patches, next).taken
            for (let at = 0; at < masked.length; at++)
                if (isOn[this.numbers[at] ?? NONE] === 1)
                    masked[at] = 255 * smoothstep(0, 1, 1 - (left?.[at] ?? 0) / 255)
        }
        return masked
    }
}
