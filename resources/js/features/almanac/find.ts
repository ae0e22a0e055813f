/** Whether every word of the search occurs somewhere in the texts. */
export function finds(search: string, ...texts: readonly string[]): boolean {
    const text = texts.join(' ').toLowerCase()
    return search
        .toLowerCase()
        .split(/\s+/)
        .every((word) => text.includes(word))
}
