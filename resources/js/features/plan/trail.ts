/** What undo and redo lead to, as far as this page has seen it: both are shown at once, and confirmed by the server. */
export class Trail<T> {
    #past: T[] = []
    #future: T[] = []
    #version: number | null = null

    /** Says where the plan stands now; what was seen is no good if somebody else has changed it in between. */
    isAt(version: number): void {
        if (this.#version !== version) this.forget()
        this.#version = version
    }

    /** The same trail, after a change that this page has made. */
    goesOnAt(version: number): void {
        this.#version = version
    }

    ahead(kind: 'undo' | 'redo'): T | null {
        return (kind === 'undo' ? this.#past : this.#future).at(-1) ?? null
    }

    leave(from: T, kind: 'edit' | 'undo' | 'redo'): void {
        if (kind === 'undo') {
            this.#past.pop()
            this.#future.push(from)
            return
        }
        if (kind === 'redo') this.#future.pop()
        else this.#future = []
        this.#past = [...this.#past, from].slice(-KEPT)
    }

    forget(): void {
        this.#version = null
        this.#past = []
        this.#future = []
    }
}

/** Plans seen that are kept; most of one is shared with the next. */
const KEPT = 50
