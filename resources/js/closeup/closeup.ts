import { geometryOf, type Model } from '../vehicle/model'
import { layFault } from './faults'
import { layGround, peel } from './ground'
import { lit } from './light'
import { layMarks } from './marks'
import type { Piece, Wish } from './piece'
import { anywhere, type Cut, cutFor, type Relief, reliefOf } from './relief'
import { Surface } from './surface'

export type Picture = { width: number; height: number; pixels: Uint8ClampedArray<ArrayBuffer> }

/** Reliefs that are kept: one piece in coarse and in fine dots, and the one before it. */
const KEPT = 4

/** Pieces of one vehicle; what does not change from step to step is kept. */
export class CloseUp {
    private readonly cuts = new Map<string, Cut>()
    private readonly reliefs = new Map<string, Relief>()

    constructor(private readonly model: Model) {}

    /** Works out what every piece of the vehicle needs. */
    getReady(): void {
        geometryOf(this.model)
    }

    draw(piece: Piece, wish: Wish): Picture {
        const surface = this.painted(piece, wish)
        const { width, height } = surface.relief
        return { width, height, pixels: lit(surface, wish.light, wish.isWet) }
    }

    /** The piece before light falls on it. */
    painted(piece: Piece, wish: Wish): Surface {
        const relief = this.reliefOf(piece, wish)
        const surface = Surface.of(relief)
        for (const { kind, ...other } of piece.beside) {
            const own = maskOf(this.model, relief, other.kinds)
            if (own === null) continue
            layGround(surface.on(own), other, kind, wish.seed)
            layMarks(surface.on(own), other, wish)
        }
        layGround(surface, piece, piece.zone.kind, wish.seed)
        if (piece.isSprayed) peel(surface, wish.seed)
        layMarks(surface, piece, wish)
        if (piece.fault !== null) {
            const before = Surface.of(relief)
            layGround(before, piece.before, piece.zone.kind, wish.seed)
            layMarks(before, piece.before, wish)
            layFault(surface, before, piece, piece.fault, wish)
        }
        return surface
    }

    private reliefOf(piece: Piece, wish: Wish): Relief {
        const shape = wish.width / wish.height
        const where = `${piece.zone.id} ${piece.kinds.join()} ${piece.scale} ${shape.toFixed(3)}`
        const cut =
            this.cuts.get(where) ??
            cutFor(this.model, piece.zone.kind, piece.kinds, piece.scale, shape) ??
            anywhere(this.model, piece.scale, shape)
        this.cuts.set(where, cut)
        const key = `${where} ${wish.width}`
        const known = this.reliefs.get(key) ?? reliefOf(this.model, cut, piece.kinds, piece.scale, wish.width)
        this.reliefs.delete(key)
        this.reliefs.set(key, known)
        const [oldest] = this.reliefs.keys()
        if (this.reliefs.size > KEPT && oldest !== undefined) this.reliefs.delete(oldest)
        return known
    }
}

/** Pixels of which a zone must have some to be painted at all. */
const SOME = 400

/** 1 where one of these kinds of zones is seen; null: hardly anywhere. Kept with the relief. */
function maskOf(model: Model, { scene, masks }: Relief, kinds: readonly string[]): Uint8Array | null {
    const words = kinds.join()
    const known = masks.get(words)
    if (known !== undefined) return known
    const isOwn = Uint8Array.from(model.zones, (kind) => (kinds.includes(kind) ? 1 : 0))
    const own = new Uint8Array(scene.face.length)
    let count = 0
    for (let at = 0; at < own.length; at++) {
        const face = scene.face[at] as number
        if (face < 0 || isOwn[model.zoneOf[face] as number] === 0) continue
        own[at] = 1
        count++
    }
    const mask = count < SOME ? null : own
    masks.set(words, mask)
    return mask
}
