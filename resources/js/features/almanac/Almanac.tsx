import { useQuery } from '@tanstack/react-query'
import { Tabs } from 'radix-ui'
import { type ReactNode, useEffect, useState } from 'react'
import { useSearchParams } from 'react-router'
import { classes } from '@/design/classes'
import { RetryNotice } from '@/design/Notice'
import { pictureOf } from '@/features/closeup/pictures'
import { type AlmanacData, almanacQuery } from './api'
import { finds, findsTechnique } from './find'
import { Materials } from './Materials'
import { Nothing } from './Nothing'
import { Schools } from './Schools'
import { Sizes } from './Sizes'
import { Techniques } from './Techniques'

const PAGES = ['techniques', 'rules', 'materials', 'schools', 'sizes', 'safety'] as const
type Page = (typeof PAGES)[number]
const PAGE_NAME: Record<Page, string> = {
    techniques: 'Techniques',
    rules: 'Rules and habits',
    materials: 'Materials',
    schools: 'Schools',
    sizes: 'Sizes',
    safety: 'Safety',
}

/** Everything that Ulvrach goes by, to be searched, read and questioned. */
export function Almanac() {
    const almanac = useQuery(almanacQuery)
    const [params, setParams] = useSearchParams()
    const search = params.get('find') ?? ''
    useEffect(() => {
        document.title = 'Almanac · Ulvrach'
    }, [])
    if (almanac.isPending) return <main className="p-8 text-soft">Opening the almanac…</main>
    if (almanac.isError) {
        return (
            <main className="p-8">
                <RetryNotice error={almanac.error} onRetry={() => void almanac.refetch()} />
            </main>
        )
    }
    const counts = countsOf(almanac.data, search)
    const asked = PAGES.find((page) => page === params.get('page'))
    // Whoever comes with a word to find should land where it is found.
    const page = asked ?? PAGES.find((one) => search !== '' && counts[one] > 0) ?? 'techniques'
    const go = (changes: Record<string, string>) => {
        const next = new URLSearchParams(params)
        for (const [key, value] of Object.entries(changes)) {
            if (value === '') next.delete(key)
            else next.set(key, value)
        }
        setParams(next, { replace: true })
    }
    return (
        <main className="flex-1 overflow-y-auto">
            <div className="mx-auto max-w-5xl p-4">
                <div className="mb-3 flex flex-wrap items-center gap-3">
                    <h1 className="wide flex-1 text-xl font-semibold">Almanac</h1>
                    <input
                        type="search"
                        aria-label="Find in the almanac"
                        placeholder="hairspray, gloss, rust …"
                        value={search}
                        onChange={(event) => go({ find: event.target.value })}
                        className="w-72 rounded-plate border border-rule bg-sheet px-3 py-1.5"
                    />
                </div>
                <Tabs.Root value={page} onValueChange={(value) => go({ page: value })}>
                    <Tabs.List
                        aria-label="Parts of the almanac"
                        className="mb-3 flex flex-wrap gap-1 border-b border-rule"
                    >
                        {PAGES.map((one) => (
                            <Tabs.Trigger
                                key={one}
                                value={one}
                                className={classes(
                                    'min-h-8 rounded-t-plate px-3 hover:bg-press data-[state=active]:bg-sheet',
                                    'data-[state=active]:font-semibold pointer-coarse:min-h-11',
                                )}
                            >
                                {PAGE_NAME[one]} {search !== '' && <span className="text-soft">{counts[one]}</span>}
                            </Tabs.Trigger>
                        ))}
                    </Tabs.List>
                    <Tabs.Content value="techniques">
                        <Techniques almanac={almanac.data} search={search} />
                    </Tabs.Content>
                    <Tabs.Content value="rules">
                        <Rules almanac={almanac.data} search={search} />
                    </Tabs.Content>
                    <Tabs.Content value="materials">
                        <Materials almanac={almanac.data} search={search} />
                    </Tabs.Content>
                    <Tabs.Content value="schools">
                        <Schools almanac={almanac.data} />
                    </Tabs.Content>
                    <Tabs.Content value="sizes">
                        <Sizes sizes={almanac.data.sizes} search={search} />
                    </Tabs.Content>
                    <Tabs.Content value="safety">
                        <dl className="flex flex-col gap-2">
                            {almanac.data.hazards.map((hazard) => (
                                <Entry key={hazard.code} name={hazard.title}>
                                    {hazard.advice}
                                </Entry>
                            ))}
                        </dl>
                        <p className="mt-3 font-medium">{almanac.data.defers}</p>
                    </Tabs.Content>
                </Tabs.Root>
            </div>
        </main>
    )
}

function countsOf(almanac: AlmanacData, search: string): Record<Page, number> {
    return {
        techniques: almanac.techniques.filter((one) => findsTechnique(search, one)).length,
        rules:
            almanac.rules.filter((rule) => finds(search, rule.title, rule.why, rule.code)).length +
            almanac.habits.filter((habit) => finds(search, habit.code, habit.text, habit.otherwise)).length,
        materials:
            almanac.attack.filter((row) => finds(search, row.label)).length +
            almanac.drying.filter((row) =>
                finds(
                    search,
                    row.name,
                    row.reason,
                    ...row.workable.map((time) => time.what),
                    'workable working time dry',
                ),
            ).length,
        schools: almanac.schools.filter((school) => finds(search, school.name, school.creed)).length,
        sizes: almanac.sizes.filter((size) => finds(search, size.what, size.note)).length,
        safety: almanac.hazards.filter((hazard) => finds(search, hazard.title, hazard.advice)).length,
    }
}

const KIND_WORD: Record<string, string> = { fact: 'a fact', custom: 'a habit', taste: 'taste' }
const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1)

function Rules({ almanac, search }: { almanac: AlmanacData; search: string }) {
    const rules = almanac.rules.filter((rule) => finds(search, rule.title, rule.why, rule.code))
    const habits = almanac.habits.filter((habit) => finds(search, habit.code, habit.text, habit.otherwise))
    return (
        <>
            {rules.length + habits.length === 0 && <Nothing />}
            {[...new Set(rules.map((rule) => rule.group))].map((group) => (
                <section key={group} className="mb-4">
                    <h2 className="wide mb-1 font-semibold">{group}</h2>
                    <dl className="flex flex-col gap-1.5">
                        {rules
                            .filter((rule) => rule.group === group)
                            .map((rule) => (
                                <Entry key={rule.code} name={rule.title} side={KIND_WORD[rule.kind] ?? ''}>
                                    {rule.why}
                                    {rule.look !== null && <Picture look={rule.look} />}
                                </Entry>
                            ))}
                    </dl>
                </section>
            ))}
            {habits.length > 0 && (
                <section>
                    <h2 className="wide mb-1 font-semibold">Habits of the hands</h2>
                    <dl className="flex flex-col gap-1.5">
                        {habits.map((habit) => (
                            <Entry
                                key={habit.code}
                                name={capital(habit.code.replaceAll('-', ' '))}
                                side={habit.kinds.length === 0 ? 'advice' : habit.moment}
                            >
                                {habit.text} <span className="text-soft">Otherwise {habit.otherwise}.</span>
                            </Entry>
                        ))}
                    </dl>
                </section>
            )}
        </>
    )
}

/** What happens where a rule is broken, to be opened by whoever cannot see it before them. */
function Picture({ look }: { look: { code: string; says: string } }) {
    const source = pictureOf(look.code)
    const [isOpen, setOpen] = useState(false)
    if (source === undefined) return null
    return (
        <details className="mt-0.5" onToggle={(event) => setOpen(event.currentTarget.open)}>
            <summary className="cursor-pointer text-fine text-soft pointer-coarse:py-2">
                What it looks like: {look.says}
            </summary>
            {isOpen && (
                <figure className="my-1">
                    <img
                        src={source}
                        alt={`Simulated: ${look.says}.`}
                        width={420}
                        height={280}
                        className="rounded-plate"
                    />
                    <figcaption className="text-fine text-soft">Simulated, on a plan of the demo.</figcaption>
                </figure>
            )}
        </details>
    )
}

export function Entry({ name, side, children }: { name: string; side?: string; children: ReactNode }) {
    return (
        <div className="grid gap-x-3 rounded-plate bg-panel px-2 py-1 sm:grid-cols-[14rem_1fr_4rem]">
            <dt className="font-medium">{name}</dt>
            <dd>{children}</dd>
            {side !== undefined && <dd className="text-fine text-soft sm:text-right">{side}</dd>}
        </div>
    )
}
