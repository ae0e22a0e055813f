/**
 * What this browser keeps of a person's work, so that a reload loses nothing; the next person at it finds nothing of
 * it. All keys begin alike.
 */
const PREFIX = 'ulvrach.kept.'

export function readKept(key: string): unknown {
    try {
        return JSON.parse(localStorage.getItem(PREFIX + key) ?? 'null')
    } catch {
        return null
    }
}

export function keepHere(key: string, value: unknown): void {
    try {
        if (value === null) localStorage.removeItem(PREFIX + key)
        else localStorage.setItem(PREFIX + key, JSON.stringify(value))
    } catch {
        // A full or forbidden store: then only what is on screen is kept.
    }
}

/** Whether something may have changed it: an event without a key means that everything may be gone. */
export const isKept = (event: StorageEvent, key: string): boolean => event.key === null || event.key === PREFIX + key

export function forgetKept(): void {
    for (const key of Object.keys(localStorage)) if (key.startsWith(PREFIX)) localStorage.removeItem(key)
}
