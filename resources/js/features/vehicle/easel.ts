import type { Drawn, Painted } from '@/vehicle/drawing'
import type { View } from '@/vehicle/model'
import type { Finish } from '@/vehicle/paint'
import type { draw, paint, Shape } from '@/vehicle/studio'
import { type Attic, NO_ATTIC } from './attic'
import { drawings, paintings } from './gallery'

/** The first picture of a size is painted in coarse dots, which take a tenth of the time. */
const COARSE = 0.35
/** Dots per millimetre below which a picture is small enough to wait for. */
const SMALL = 0.045
/**
 * Milliseconds for which a changed plan must rest before it is painted: verdicts come first, and while a step is moved
 * past others no hand has time for a picture of each place.
 */
const REST = 200

/** One view of one build, in one size, up to one step. */
export type Wanted = {
    shape: Shape
    view: View
    /** Pixels on screen per millimetre; dots of the paint, and of what the ink is found out on. */
    scale: number
    dots: number
    inkScale: number
    finish: Finish
    /** Tells one finish from another. */
    key: string
    number: string
    seed: number
    step: number
    isFlat: boolean
}

/** Ink and paint that belong together. */
export type Pair = { of: Wanted; drawn: Drawn; painted: Painted; isFinal: boolean }

type Studio = { draw: typeof draw; paint: typeof paint }
type Shown = (pair: Pair | null, failure: string | null) => void

/** Whose picture it is: one build's must never stand on another's card. */
const ownerOf = ({ shape, number, seed }: Wanted): string => `${shape.name} ${number} ${seed}`
/** What ink and paint have to agree in. */
const groundOf = (of: Wanted): string => `${ownerOf(of)} ${of.view} ${of.scale} ${of.dots}`

/** Where a picture is kept: its shape may be another one after an update, under the same name. */
const placeOf = (of: Wanted): string => `${of.shape.stamp} ${groundOf(of)}`

const inkKey = ({ shape, view, inkScale, finish }: Wanted): string =>
    `${shape.name} ${view} ${inkScale} ${JSON.stringify([finish.belongs, finish.panels])}`
const paintKey = ({ shape, view, dots, key, number, seed, step, isFlat }: Wanted): string =>
    [shape.name, view, dots, key, number, seed, step, isFlat].join(' ')

/**
 * Decides what a picture shows while what it is to show changes. Ink and paint change together; until the new pair is
 * there the old one stays, unless it is another build's. While a picture is being painted only the last wish is
 * remembered, so that a slider is followed and never chased; and what is finished is shown only if it is still wanted.
 */
export class Easel {
    /** What was asked for last, and whether somebody has still to begin with it. */
    private last: Wanted | null = null
    private next: Wanted | null = null
    private shown: Wanted | null = null
    private finish = ''
    private isBusy = false
    private isClosed = false

    constructor(
        private readonly studio: Studio,
        private readonly onShow: Shown,
        private readonly rest = () => new Promise<void>((done) => setTimeout(done, REST)),
        private readonly attic: Attic = NO_ATTIC,
    ) {}

    want(wanted: Wanted): void {
        this.isClosed = false
        if (this.shown !== null && ownerOf(this.shown) !== ownerOf(wanted)) {
            this.shown = null
            this.onShow(null, null)
        }
        const [drawn, painted] = [drawings.get(inkKey(wanted)), paintings.get(paintKey(wanted))]
        this.last = wanted
        this.next = wanted
        if (drawn !== undefined && painted !== undefined) {
            this.finish = wanted.key
            this.next = null
            // Whatever is on its way now is no longer wanted.
            this.put({ of: wanted, drawn, painted, isFinal: true })
            return
        }
        if (!this.isBusy) void this.follow()
    }

    close(): void {
        this.isClosed = true
        this.next = null
    }

    private put(pair: Pair): void {
        if (this.isClosed) return
        this.shown = pair.of
        this.onShow(pair, null)
    }

    private async follow(): Promise<void> {
        this.isBusy = true
        while (this.next !== null && !this.isClosed) {
            const now: Wanted = this.next
            this.next = null
            try {
                if (this.finish !== '' && this.finish !== now.key) await this.rest()
                if (this.next === null) await this.make(now)
            } catch (error) {
                if (this.isWanted(now)) this.onShow(null, error instanceof Error ? error.message : String(error))
            }
        }
        this.isBusy = false
    }

    /** Whether it may still be shown: nothing else was asked for, or the same picture at another step. */
    private isWanted(now: Wanted): boolean {
        if (this.isClosed || this.last === null || groundOf(this.last) !== groundOf(now)) return false
        // What was asked for last is there already, from what was kept.
        return now === this.last || this.shown !== this.last
    }

    private async make(now: Wanted): Promise<void> {
        this.finish = now.key
        const isNew = this.shown === null || groundOf(this.shown) !== groundOf(now)
        // As it was left at the last visit, if nothing has changed since.
        const left = isNew ? await this.attic.find(placeOf(now)) : undefined
        const drawn =
            drawings.get(inkKey(now)) ??
            (left?.ink === inkKey(now)
                ? left.drawn
                : await this.studio.draw(now.shape, now.view, now.inkScale, now.finish))
        drawings.set(inkKey(now), drawn)
        if (!this.isWanted(now)) return
        const known = left?.paint === paintKey(now) ? left.painted : undefined
        if (isNew && known === undefined && now.dots > SMALL) {
            const coarse = await this.studio.paint(now.shape, wishOf(now, COARSE * now.dots))
            if (this.isWanted(now)) this.put({ of: now, drawn, painted: coarse, isFinal: false })
            if (this.next !== null) return
        }
        const painted = known ?? (await this.studio.paint(now.shape, wishOf(now, now.dots)))
        paintings.set(paintKey(now), painted)
        if (!this.isWanted(now)) return
        this.put({ of: now, drawn, painted, isFinal: this.next === null })
        if (known === undefined) {
            this.attic.keep(placeOf(now), { ink: inkKey(now), paint: paintKey(now), drawn, painted })
        }
    }
}

const wishOf = ({ view, finish, key, number, seed, step, isFlat }: Wanted, scale: number) => ({
    view,
    scale,
    finish,
    key,
    number,
    seed,
    step,
    isFlat,
})
