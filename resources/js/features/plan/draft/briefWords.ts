import type { Brief } from '../api'

/** The answers that a story has, in words. */
export const SCHEMES: Record<Brief['scheme'], string> = {
    plain: 'one colour',
    'soft-edged': 'several, with soft edges',
    'hard-edged': 'several, with hard edges',
    winter: 'under a worn winter white',
}
export const SEASONS: Record<Brief['season'], string> = {
    winter: 'winter',
    spring: 'spring',
    summer: 'summer',
    autumn: 'autumn',
}
export const WEATHERS: Record<Brief['weather'], string> = { dry: 'dry days', showers: 'showers', wet: 'rain' }
export const DRIVINGS: Record<Brief['driving'], string> = {
    parked: 'stood parked',
    road: 'driven on roads',
    field: 'driven in the field',
}
export const POSES: Record<Brief['pose'], string> = {
    level: 'level',
    'nose-down': 'nose down',
    'nose-up': 'nose up',
    'leans-left': 'leaning to the left',
    'leans-right': 'leaning to the right',
}
export const SCENES: Record<Brief['scenes'][number], string> = {
    'factory-fresh': 'fresh from the works',
    parade: 'on parade',
    museum: 'in a museum',
    abandoned: 'left for years',
    desert: 'months in the desert',
    'town-winter': 'a winter in town',
    'days-of-rain': 'days of rain',
}
export const AMBITIONS: Record<Brief['ambition'], string> = {
    evening: 'one evening',
    evenings: 'a few evenings',
    weeks: 'some weeks',
    exhibition: 'for an exhibition',
}

export const choicesOf = (words: Readonly<Record<string, string>>) =>
    Object.entries(words).map(([value, label]) => ({ value, label }))
