import type { Borders, Drawn, Painted, Wish } from './drawing'
import type { View } from './model'
import type { Finish } from './paint'
import type { Packed } from './unpack'

export type Question =
    | { asks: 'load'; vehicle: string; packed: Packed }
    | {
          asks: 'draw'
          id: number
          vehicle: string
          view: View
          scale: number
          belongs: Finish['belongs']
          panels: Finish['panels']
      }
    | { asks: 'borders'; id: number; vehicle: string; view: View; scale: number; belongs: Finish['belongs'] }
    | { asks: 'paint'; id: number; vehicle: string; wish: Wish }
export type Answer = { id: number; gives: Drawn | Borders | Painted } | { id: number; failed: string }

/** Two share the work where there is but one other core: the page itself has little to do meanwhile. */
const LEAST_HANDS = 1
/** More hands than these would only wait for each other's memory. */
const MOST_HANDS = 3
/** In this order views go round the hands, so that each has a large one and a small one. */
const ORDER: readonly View[] = ['left', 'top', 'front', 'rear']

type Waiting = { resolve: (gives: never) => void; reject: (error: Error) => void }

/** One background thread, and what it has been given to know. */
class Hand {
    private readonly worker = new Worker(new URL('./studio.worker.ts', import.meta.url), { type: 'module' })
    private readonly knows = new Set<string>()
    private readonly waiting = new Map<number, Waiting>()

    constructor() {
        this.worker.addEventListener('message', ({ data }: MessageEvent<Answer>) => {
            const asked = this.waiting.get(data.id)
            this.waiting.delete(data.id)
            if ('failed' in data) asked?.reject(new Error(data.failed))
            else asked?.resolve(data.gives as never)
        })
        this.worker.addEventListener('error', () => {
            for (const { reject } of this.waiting.values()) reject(new Error('The drawing broke off.'))
            this.waiting.clear()
        })
    }

    ask<T>(vehicle: string, packed: Packed, question: Exclude<Question, { asks: 'load' }>): Promise<T> {
        if (!this.knows.has(vehicle)) {
            this.knows.add(vehicle)
            this.worker.postMessage({ asks: 'load', vehicle, packed } satisfies Question)
        }
        return new Promise<T>((resolve, reject) => {
            this.waiting.set(question.id, { resolve: resolve as Waiting['resolve'], reject })
            this.worker.postMessage(question)
        })
    }
}

const hands: (Hand | undefined)[] = []
let asked = 0

/** The same view of the same vehicle always comes to the same hand, which remembers it. */
function handFor(vehicle: string, view: View): Hand {
    const count = Math.max(LEAST_HANDS, Math.min(MOST_HANDS, (navigator.hardwareConcurrency || 2) - 1))
    let place = ORDER.indexOf(view)
    for (const character of vehicle) place += character.charCodeAt(0)
    const hand = hands[place % count] ?? new Hand()
    hands[place % count] = hand
    return hand
}

/** A vehicle that can be drawn: under the name, the shape as the server sent it, and what tells it from another. */
export type Shape = { name: string; stamp: string; packed: Packed }

export type Zones = Pick<Finish, 'belongs' | 'panels'>

export async function draw(shape: Shape, view: View, scale: number, { belongs, panels }: Zones): Promise<Drawn> {
    return handFor(shape.name, view).ask(shape.name, shape.packed, {
        asks: 'draw',
        id: ++asked,
        vehicle: shape.name,
        view,
        scale,
        belongs,
        panels,
    })
}

export async function borders(shape: Shape, view: View, scale: number, of: Finish['belongs']): Promise<Borders> {
    return handFor(shape.name, view).ask(shape.name, shape.packed, {
        asks: 'borders',
        id: ++asked,
        vehicle: shape.name,
        view,
        scale,
        belongs: of,
    })
}

export async function paint(shape: Shape, wish: Wish): Promise<Painted> {
    return handFor(shape.name, wish.view).ask(shape.name, shape.packed, {
        asks: 'paint',
        id: ++asked,
        vehicle: shape.name,
        wish,
    })
}
