import type { Outcome } from '@/contract'
import type { BuildState } from '@/features/build'
import {
    begin,
    type Change,
    type Event,
    endOf,
    type Failure,
    type Machine,
    reduce,
    toAskAgain,
    toSend,
} from './machine'

/** What becomes of a change on the server; it never throws. */
export type Network = (version: number, change: Change) => Promise<BuildState | Failure>

/**
 * The machine of a plan page, outside React, with the network beside it: dispatching is immediate, whoever draws it is
 * told, and whoever asked for a change hears how it ended.
 */
export class PlanStore {
    #machine: Machine
    readonly #network: Network
    readonly #tell: (saved: BuildState) => void
    readonly #listeners = new Set<() => void>()
    readonly #asked = new Map<number, (isSaved: boolean) => void>()

    /** @param tell hears of every state that is saved, or taken over from the server */
    constructor(saved: BuildState, network: Network, tell: (saved: BuildState) => void) {
        this.#machine = begin(saved)
        this.#network = network
        this.#tell = tell
    }

    get = (): Machine => this.#machine

    subscribe = (listener: () => void): (() => void) => {
        this.#listeners.add(listener)
        return () => this.#listeners.delete(listener)
    }

    /** Whether it is saved in the end. */
    ask(change: Change, foreseen: Outcome | null = null): Promise<boolean> {
        const id = this.#machine.count
        return new Promise((resolve) => {
            this.#asked.set(id, resolve)
            this.dispatch({ type: 'asked', change, foreseen })
            void this.#send()
        })
    }

    /** Asks once more for what could not be saved. */
    async askAgain(): Promise<void> {
        const changes = toAskAgain(this.#machine)
        if (this.#machine.unsaved === null) return
        this.dispatch({ type: 'tookUp' })
        await Promise.all(changes.map((change) => this.ask(change)))
    }

    giveUp(): void {
        this.dispatch({ type: 'gaveUp' })
        this.#tell(this.#machine.saved)
    }

    dispatch(event: Event): void {
        const next = reduce(this.#machine, event)
        if (next !== this.#machine) {
            this.#machine = next
            for (const listener of this.#listeners) listener()
        }
        for (const [id, resolve] of this.#asked) {
            const isSaved = endOf(next, id)
            if (isSaved === null) continue
            this.#asked.delete(id)
            resolve(isSaved)
        }
    }

    async #send(): Promise<void> {
        for (let next = toSend(this.#machine); next !== null; next = toSend(this.#machine)) {
            this.dispatch({ type: 'sent' })
            const said = await this.#network(next.version, next.change)
            if ('reason' in said) this.dispatch({ type: 'failed', failure: said })
            else {
                this.dispatch({ type: 'answered', state: said })
                this.#tell(this.#machine.saved)
            }
        }
    }
}
