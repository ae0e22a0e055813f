/**
 * What undo and redo lead to, as far as this page has seen it: both are shown at once, and confirmed by the server. A
 * value: each step along it gives another trail.
 */
export class Trail<T> {
    private constructor(
        private readonly past: readonly T[],
        private readonly future: readonly T[],
        private readonly version: number | null,
    ) {}

    static at<T>(version: number | null): Trail<T> {
        return new Trail<T>([], [], version)
    }

    /** Where the plan stands now; what was seen is no good if somebody else has changed it in between. */
    isAt(version: number): Trail<T> {
        return this.version === version ? this : Trail.at(version)
    }

    /** The same trail, after a change that this page has made. */
    goesOnAt(version: number): Trail<T> {
        return new Trail(this.past, this.future, version)
    }

    ahead(kind: 'undo' | 'redo'): T | null {
        return (kind === 'undo' ? this.past : this.future).at(-1) ?? null
    }

    leave(from: T, kind: 'edit' | 'undo' | 'redo'): Trail<T> {
        if (kind === 'undo') return new Trail(this.past.slice(0, -1), [...this.future, from], this.version)
        const future = kind === 'redo' ? this.future.slice(0, -1) : []
        return new Trail([...this.past, from].slice(-KEPT), future, this.version)
    }

    forget(): Trail<T> {
        return Trail.at(null)
    }
}

/** Plans seen that are kept; most of one is shared with the next. */
const KEPT = 50
