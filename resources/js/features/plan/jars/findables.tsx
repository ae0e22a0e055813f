import { ActSign, leavesNoFilm } from '@/design/ActSign'
import { Swatch } from '@/design/Swatch'
import type { Findable, Library, Product, Technique } from '@/features/build'
import { wordFor } from '@/features/build'

const LOOK = 'h-4 w-6 shrink-0 border border-rule/60'

/** A technique as it is found in lists: with a tile of what it leaves, or a sign of what it does. */
export const findableTechnique = (technique: Technique): Findable => ({
    key: technique.code,
    name: technique.name,
    note: technique.purpose,
    group: technique.stage,
    words: technique.words,
    more: [technique.stage, technique.kind],
    look: leavesNoFilm(technique.kind) ? (
        <ActSign kind={technique.kind} className="h-4 w-6 shrink-0" />
    ) : (
        <Swatch kind={technique.kind} coverage={technique.coverage} colour="#6b5a45" className={LOOK} />
    ),
})

/** A jar as it is found in lists: with its colour. */
export const findableJar = (jar: Product, group: string, library: Library, key = jar.id): Findable => ({
    key,
    name: jar.name,
    note: wordFor(library.families, jar.family),
    group,
    more: [wordFor(library.families, jar.family)],
    look: (
        <Swatch
            coverage="whole"
            kind={jar.metallic ? 'metal' : 'colour'}
            colour={jar.colour}
            sheen={jar.sheen}
            className={LOOK}
        />
    ),
})

export const findableJars = (
    { inPlan, own, starter }: { inPlan: Product[]; own: Product[]; starter: Product[] },
    library: Library,
): Findable[] => [
    ...inPlan.map((jar) => findableJar(jar, 'in this plan', library)),
    ...own.map((jar) => findableJar(jar, 'your shelf', library)),
    ...starter.map((jar) => findableJar(jar, 'to begin with', library)),
]
