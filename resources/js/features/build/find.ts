/** British and American spelling, and what people write with or without a hyphen, read alike. */
const plain = (text: string): string =>
    text
        .toLowerCase()
        .replaceAll('colour', 'color')
        .replaceAll('grey', 'gray')
        .replaceAll('tyre', 'tire')
        .replace(/[^\p{L}\p{N}]+/gu, ' ')
        .trim()

/**
 * How well a search fits, less is better; null: not at all. Every word has to be found, in any order: best at the
 * beginning of the name, then of a word in it, then in the other words that people use, then somewhere inside.
 */
export function rank(
    search: string,
    name: string,
    words: readonly string[] = [],
    more: readonly string[] = [],
): number | null {
    const wanted = plain(search)
    if (wanted === '') return 0
    const named = plain(name)
    if (named.startsWith(wanted)) return 0
    if (words.some((word) => plain(word) === wanted)) return 1
    const texts = [` ${named}`, ...words.map((word) => ` ${plain(word)}`), ...more.map((text) => ` ${plain(text)}`)]
    let worst = 0
    for (const word of wanted.split(' ')) {
        const found = [
            texts[0]?.includes(` ${word}`) === true,
            texts.slice(1, 1 + words.length).some((text) => text.includes(` ${word}`)),
            texts.some((text) => text.includes(` ${word}`)),
            texts.some((text) => text.includes(word)),
        ].indexOf(true)
        if (found < 0) return null
        worst = Math.max(worst, 2 + found)
    }
    return worst
}
