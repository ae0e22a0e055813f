import type { Diary, Written } from './api'

export const SAID: Record<string, string> = {
    begun: 'Begun',
    laid: 'Laid on',
    finished: 'Done',
    cleaned: 'Cleaned',
    measured: 'Measured',
    trial: 'Tried out',
    note: 'Noted',
    skipped: 'Left out',
    rescued: 'Rescued',
    paused: 'Paused',
    ready: 'Its sign was seen',
    deviated: 'Otherwise than planned',
    withdrawn: 'Taken back',
}

/** Entries in which every word is found, whichever of what they say it is in. */
export function found(diary: Diary, words: string, build: string): Written[] {
    const wanted = words.toLowerCase().split(/\s+/).filter(Boolean)
    const nameOf = new Map(diary.builds.map(({ id, name }) => [id, name]))
    return diary.entries.filter((entry) => {
        if (build !== '' && entry.build !== build) return false
        const said = [
            SAID[entry.kind] ?? entry.kind,
            entry.words,
            entry.text,
            nameOf.get(entry.build) ?? '',
            ...entry.zones,
        ]
        const text = said.join(' ').toLowerCase()
        return wanted.every((word) => text.includes(word))
    })
}

/** By day of the bench, the latest first. */
export function byDay(entries: readonly Written[], timeZone: string, locale: string): [string, Written[]][] {
    const day = new Intl.DateTimeFormat(locale, { weekday: 'long', day: 'numeric', month: 'long', timeZone })
    const days = new Map<string, Written[]>()
    for (const entry of entries) {
        const key = day.format(entry.at)
        days.set(key, [...(days.get(key) ?? []), entry])
    }
    return [...days]
}
