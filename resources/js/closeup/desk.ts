import type { Packed } from '../vehicle/unpack'
import type { Picture } from './closeup'
import type { Piece, Wish } from './piece'

export type Question =
    | { asks: 'load'; vehicle: string; packed: Packed }
    | { asks: 'draw'; id: number; vehicle: string; piece: Piece; wish: Wish }
export type Answer = { id: number; picture: Picture } | { id: number; failed: string }

type Waiting = { resolve: (picture: Picture) => void; reject: (error: Error) => void }

/** The background thread that draws pieces, begun with the first of them. */
class Desk {
    private readonly worker = new Worker(new URL('./closeup.worker.ts', import.meta.url), { type: 'module' })
    private readonly knows = new Set<string>()
    private readonly waiting = new Map<number, Waiting>()
    private asked = 0

    constructor() {
        this.worker.addEventListener('message', ({ data }: MessageEvent<Answer>) => {
            const asked = this.waiting.get(data.id)
            this.waiting.delete(data.id)
            if ('failed' in data) asked?.reject(new Error(data.failed))
            else asked?.resolve(data.picture)
        })
        this.worker.addEventListener('error', () => {
            for (const { reject } of this.waiting.values()) reject(new Error('The drawing broke off.'))
            this.waiting.clear()
        })
    }

    load(vehicle: string, packed: Packed): void {
        if (this.knows.has(vehicle)) return
        this.knows.add(vehicle)
        this.worker.postMessage({ asks: 'load', vehicle, packed } satisfies Question)
    }

    draw(vehicle: string, packed: Packed, piece: Piece, wish: Wish): Promise<Picture> {
        this.load(vehicle, packed)
        const id = ++this.asked
        return new Promise((resolve, reject) => {
            this.waiting.set(id, { resolve, reject })
            this.worker.postMessage({ asks: 'draw', id, vehicle, piece, wish } satisfies Question)
        })
    }
}

let desk: Desk | null = null

/** Draws a piece of a vehicle that goes by this name. */
export function drawPiece(vehicle: string, packed: Packed, piece: Piece, wish: Wish): Promise<Picture> {
    desk ??= new Desk()
    return desk.draw(vehicle, packed, piece, wish)
}

/** Lets the thread begin with a vehicle before a picture of it is asked for. */
export function getReady(vehicle: string, packed: Packed): void {
    desk ??= new Desk()
    desk.load(vehicle, packed)
}
