import type { Library, Plan, Product } from '@/features/build'

/** What a jar of a family is mostly taken for, where neither the plan nor its name says more. */
const USUAL: Record<string, string> = {
    'artist-oil': 'oil-dots',
    'clay-wash': 'clay-wash',
    'dry-pigment': 'dry-pigment',
    'bound-pigment': 'fix-pigment',
    'mud-paste': 'mud-paste',
    'decal-film': 'decal',
    'masking-film': 'mask',
    'metal-pencil': 'pencil-chips',
    'chipping-fluid': 'chipping-fluid',
    hairspray: 'hairspray',
    salt: 'salt',
    'white-glue': 'stowage-paper',
    'epoxy-putty': 'stowage-putty',
}

/** Words of a jar's name that tell what it is for. */
const NAMED: readonly (readonly [RegExp, string])[] = [
    [/\bprimer\b/i, 'prime'],
    [/\bfilter\b/i, 'filter'],
    [/\brust\b.*\bwash\b|\bwash\b.*\brust\b/i, 'rust-wash'],
    [/\bwash\b/i, 'enamel-wash'],
    [/\bstreak/i, 'grime-streak'],
    [/\bsoftener\b/i, 'decal-softener'],
    [/\bchip/i, 'sponge-chips'],
    [/\bdust\b/i, 'dust-mist'],
]

/** The technique that a jar is most likely picked for: as the plan takes it, as it is called, as its family goes. */
export function techniqueFor(jar: Product, plan: Plan, library: Library): string {
    const takes = (code: string) =>
        library.techniques.find((one) => one.code === code)?.families.includes(jar.family) === true
    const used = plan.steps.findLast((step) => step.product === jar.id)
    if (used !== undefined) return used.technique
    const named = NAMED.find(([name, code]) => name.test(jar.name) && takes(code))?.[1]
    if (named !== undefined) return named
    const usual = USUAL[jar.family] ?? (jar.colour === null ? 'clear-coat' : 'spray-colour')
    const any = library.techniques.find((one) => one.families.includes(jar.family))?.code
    return takes(usual) ? usual : (any ?? usual)
}

/** The families that every step which uses the jar can be done with; its own first. */
export function familiesFor(jar: Product, plan: Plan, library: Library): string[] {
    const users = plan.steps.filter((step) => step.product === jar.id).map((step) => step.technique)
    const fits = library.families
        .map((family) => family.code)
        .filter((code) =>
            users.every(
                (user) => library.techniques.find((one) => one.code === user)?.families.includes(code) === true,
            ),
        )
    return [jar.family, ...fits.filter((code) => code !== jar.family)]
}
