import type { Drawn, Painted } from '@/vehicle/drawing'

/** Bytes of finished pictures that are kept: some dozens of cards, or a few large views. */
const MOST_BYTES = 64 * 1024 * 1024
/** Drawings in ink that are kept, each some hundred kilobytes of paths. */
const MOST_DRAWINGS = 60

/** What was asked for last is kept longest. */
class Kept<T> {
    private readonly all = new Map<string, T>()
    private total = 0

    constructor(
        private readonly most: number,
        private readonly weigh: (one: T) => number,
    ) {}

    get(key: string): T | undefined {
        const one = this.all.get(key)
        if (one !== undefined) {
            this.all.delete(key)
            this.all.set(key, one)
        }
        return one
    }

    clear(): void {
        this.all.clear()
        this.total = 0
    }

    set(key: string, one: T): void {
        const before = this.all.get(key)
        if (before !== undefined) this.total -= this.weigh(before)
        this.all.delete(key)
        this.all.set(key, one)
        this.total += this.weigh(one)
        for (const [old, its] of this.all) {
            if (this.total <= this.most || old === key) break
            this.all.delete(old)
            this.total -= this.weigh(its)
        }
    }
}

/** Pictures that were painted once in this window, under all that they depend on: shown again at once, anywhere. */
export const paintings = new Kept<Painted>(MOST_BYTES, ({ pixels }) => pixels.byteLength)
export const drawings = new Kept<Drawn>(MOST_DRAWINGS, () => 1)

export function forgetGallery(): void {
    paintings.clear()
    drawings.clear()
}
