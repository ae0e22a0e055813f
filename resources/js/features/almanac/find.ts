/** Whether every word of the search occurs somewhere in the texts. */
export function finds(search: string, ...texts: readonly string[]): boolean {
    const text = texts.join(' ').toLowerCase()
    return search
        .toLowerCase()
        .split(/\s+/)
        .every((word) => text.includes(word))
}

type Findable = { name: string; purpose: string; stage: string; families: readonly string[] }

/** A trial takes everything, so it is found by its name only. */
export function findsTechnique(search: string, { name, purpose, stage, families }: Findable): boolean {
    return finds(search, name, purpose, stage, ...(families.length > 8 ? [] : families))
}
