import { rank } from '@/features/build'

/** Whether every word of the search begins a word, or occurs, somewhere in the texts. */
export const finds = (search: string, ...[first = '', ...more]: readonly string[]): boolean =>
    rank(search, first, [], more) !== null

type Findable = { name: string; purpose: string; words: readonly string[]; stage: string; families: readonly string[] }

/** A trial takes everything, so it is not found by what it takes. */
export function findsTechnique(search: string, { name, purpose, words, stage, families }: Findable): boolean {
    return rank(search, name, words, [purpose, stage, ...(families.length > 8 ? [] : families)]) !== null
}
