import { useQuery } from '@tanstack/react-query'
import { useEffect, useEffectEvent, useState } from 'react'
import { Button } from '@/design/Button'
import { inWords } from '@/design/duration'
import { Select } from '@/design/Field'
import { LOCALE } from '@/design/locale'
import { RetryNotice } from '@/design/Notice'
import type { Library } from '@/features/build'
import { type Brief, type Drafted, type DraftWish, draftQuery } from '../api'
import { type PlanState, previewQuery, stampOf } from '../state/usePlan'
import { AMBITIONS, choicesOf } from './briefWords'
import { Seen, seenOf } from './Seen'

const THUMB = { width: 250, height: 110 }
const MOST = 4
export const DAY = new Intl.DateTimeFormat(LOCALE, { weekday: 'short', day: 'numeric', month: 'short' })

/** What is set beside what: schools, or the answers to one of the questions on which they differ. */
type Variant = {
    key: number
    school: string
    ambition: Brief['ambition']
    /** Another answer than the school's; null: its own. */
    answer: { question: string; option: string } | null
    /** Nothing is drafted: the plan as it is. */
    isStanding: boolean
}

const SCHOOLS = 'schools'

type Props = {
    state: PlanState
    library: Library
    wish: DraftWish
    onBack: () => void
    onTake: (draft: Drafted) => Promise<void>
}

/** The same story as two to four schools, or with more or less work, would paint it, side by side. */
export function Compare({ state, library, wish, onBack, onTake }: Props) {
    const own = wish.school ?? (typeof state.plan.school === 'string' ? state.plan.school : 'sealed-steps')
    const ambition = wish.brief.ambition
    const bySchool = (): Variant[] => [
        ...(state.plan.steps.length > 0 ? [{ key: 0, school: own, ambition, answer: null, isStanding: true }] : []),
        ...[own, ...library.schools.map(({ code }) => code).filter((code) => code !== own)]
            .slice(0, state.plan.steps.length > 0 ? 2 : 3)
            .map((school, place) => ({ key: place + 1, school, ambition, answer: null, isStanding: false })),
    ]
    const [subject, setSubject] = useState(SCHOOLS)
    const [variants, setVariants] = useState<readonly Variant[]>(bySchool)
    const question = library.questions.find(({ code }) => code === subject)
    const compare = (code: string) => {
        const asked = library.questions.find((one) => one.code === code)
        setSubject(code)
        setDrafts(new Map())
        // Keys that none of those before had: a column starts anew with what it shows.
        const after = Math.max(0, ...variants.map(({ key }) => key)) + 1
        setVariants(
            asked === undefined
                ? bySchool().map((one) => ({ ...one, key: after + one.key }))
                : asked.options.slice(0, MOST).map((option, place) => ({
                      key: after + place,
                      school: own,
                      ambition,
                      answer: { question: code, option: option.code },
                      isStanding: false,
                  })),
        )
    }
    const [drafts, setDrafts] = useState<ReadonlyMap<number, Drafted>>(new Map())
    const first = drafts.get(variants[0]?.key ?? -1)
    const change = (key: number, some: Partial<Variant>) =>
        setVariants(variants.map((one) => (one.key === key ? { ...one, ...some } : one)))
    const add = () => {
        const school = library.schools.find(({ code }) => !variants.some((one) => one.school === code))?.code ?? own
        setVariants([
            ...variants,
            {
                key: Math.max(...variants.map(({ key }) => key)) + 1,
                school,
                ambition,
                answer: null,
                isStanding: false,
            },
        ])
    }
    return (
        <div className="flex flex-col gap-3">
            <div className="flex flex-wrap items-end gap-2">
                <Button onClick={onBack}>Back to the story</Button>
                <Select
                    label="What follows from"
                    value={subject}
                    choices={[
                        { value: SCHOOLS, label: 'schools and effort' },
                        ...library.questions.map(({ code, text }) => ({ value: code, label: text })),
                    ]}
                    onChange={(event) => compare(event.target.value)}
                />
                {(wish.part !== null || wish.zones.length > 0) && (
                    <p className="self-center text-soft">
                        Drafted anew: {wish.part?.toLowerCase() ?? 'all work'}
                        {wish.zones.length > 0 && ` on ${named(state, wish.zones)}`}, and nothing else.
                    </p>
                )}
                {question === undefined && variants.length < MOST && (
                    <Button onClick={add}>One more beside them</Button>
                )}
            </div>
            <div
                className="grid gap-3 overflow-x-auto"
                style={{ gridTemplateColumns: `repeat(${variants.length}, minmax(15rem, 1fr))` }}
            >
                {variants.map((variant) => (
                    <Column
                        key={variant.key}
                        state={state}
                        library={library}
                        variant={variant}
                        wish={{
                            ...wish,
                            // As much of the plan is drafted anew as was asked for; steps of others have no school.
                            from: null,
                            school: variant.isStanding || variant.answer !== null ? wish.school : variant.school,
                            asItStands: variant.isStanding,
                            inWeek: true,
                            answers:
                                variant.answer === null ? {} : { [variant.answer.question]: variant.answer.option },
                            brief: { ...wish.brief, ambition: variant.ambition },
                        }}
                        first={variant === variants[0] ? null : (first ?? null)}
                        onChange={(some) => change(variant.key, some)}
                        onRemove={
                            variants.length > 2 && question === undefined
                                ? () => setVariants(variants.filter(({ key }) => key !== variant.key))
                                : null
                        }
                        onDrafted={(draft) => setDrafts((known) => new Map(known).set(variant.key, draft))}
                        onTake={onTake}
                    />
                ))}
            </div>
        </div>
    )
}

const named = ({ plan }: PlanState, zones: readonly string[]) =>
    plan.zones.flatMap(({ id, name }) => (zones.includes(id) ? name : [])).join(', ')

type ColumnProps = Pick<Props, 'state' | 'library' | 'wish' | 'onTake'> & {
    variant: Variant
    /** What it is held against; null: it is the first itself, or that is still to come. */
    first: Drafted | null
    onChange: (some: Partial<Variant>) => void
    onRemove: (() => void) | null
    onDrafted: (draft: Drafted) => void
}

function Column({ state, library, variant, wish, first, onChange, onRemove, onDrafted, onTake }: ColumnProps) {
    const query = useQuery(draftQuery(state.id, stampOf(state), wish))
    const draft = query.isPlaceholderData ? undefined : query.data
    const after = useQuery({
        ...previewQuery(state.id, stampOf(state), draft?.edits ?? []),
        enabled: draft !== undefined,
    })
    const tell = useEffectEvent(onDrafted)
    useEffect(() => {
        if (draft !== undefined) tell(draft)
    }, [draft])
    const { answer } = variant
    const name = variant.isStanding
        ? 'As it stands'
        : answer === null
          ? (library.schools.find(({ code }) => code === variant.school)?.name ?? variant.school)
          : (library.questions
                .find(({ code }) => code === answer.question)
                ?.options.find(({ code }) => code === answer.option)?.text ?? answer.option)
    return (
        <section aria-label={name} className="flex min-w-0 flex-col gap-2 rounded-plate border border-line p-2">
            {variant.isStanding || answer !== null ? (
                <h3 className="wide text-base font-semibold">{name}</h3>
            ) : (
                <Select
                    label="School"
                    value={variant.school}
                    choices={library.schools.map((school) => ({ value: school.code, label: school.name }))}
                    onChange={(event) => onChange({ school: event.target.value })}
                />
            )}
            {!variant.isStanding && (
                <Select
                    label="It may take"
                    value={variant.ambition}
                    choices={choicesOf(AMBITIONS)}
                    onChange={(event) => onChange({ ambition: event.target.value as Brief['ambition'] })}
                />
            )}
            <Seen after={seenOf(after.data)} className="p-1" {...THUMB} />
            {query.isError && <RetryNotice error={query.error} onRetry={() => void query.refetch()} />}
            {draft === undefined ? (
                !query.isError && <p className="p-4 text-center text-soft">Drafting…</p>
            ) : (
                <>
                    <dl className="grid grid-cols-[auto_1fr] gap-x-3 gap-y-0.5">
                        <Figure name="Steps">{draft.steps.length}</Figure>
                        <Figure name="Work">{inWords(draft.handsOn)}</Figure>
                        <Figure name="Until dry">{inWords(draft.lasts)}</Figure>
                        {draft.inWeek !== null && (
                            <>
                                <Figure name="Sessions">{draft.inWeek.sessions}</Figure>
                                <Figure name="Finished">{DAY.format(draft.inWeek.ends)}</Figure>
                            </>
                        )}
                        <Figure name="Notes">{draft.notes}</Figure>
                        {draft.stops + draft.risks > 0 && (
                            <Figure name="Stops and risks">{draft.stops + draft.risks}</Figure>
                        )}
                        <Figure name="Can be undone later">{undoneLater(draft)}</Figure>
                        <Figure name="To buy">{draft.purchases.length}</Figure>
                        <Figure name="Smells of">
                            {draft.solvents.length === 0 ? 'nothing but water' : draft.solvents.join(', ')}
                        </Figure>
                    </dl>
                    {first !== null && <Differences draft={draft} first={first} />}
                    <div className="mt-auto flex gap-2 pt-1">
                        {!variant.isStanding && (
                            <Button tone="act" onClick={() => void onTake(draft)}>
                                Lay this one down
                            </Button>
                        )}
                        {onRemove !== null && (
                            <Button tone="quiet" onClick={onRemove}>
                                Away with it
                            </Button>
                        )}
                    </div>
                </>
            )}
        </section>
    )
}

function Figure({ name, children }: { name: string; children: React.ReactNode }) {
    return (
        <>
            <dt className="text-soft">{name}</dt>
            <dd className="text-right">{children}</dd>
        </>
    )
}

/** How many of the steps that lay something can be taken back at any later time, and from which on one cannot. */
function undoneLater({ steps }: Drafted): string {
    const laid = steps.filter(({ takenBack }) => takenBack !== null)
    return `${laid.filter(({ takenBack }) => takenBack === 'always').length} of ${laid.length}`
}

/** Which work is only in the one, which only in the other, and which is done with something else. */
function Differences({ draft, first }: { draft: Drafted; first: Drafted }) {
    const only = onlyIn(draft, first)
    const without = onlyIn(first, draft)
    const otherwise = otherwiseIn(draft, first)
    if (only.length + without.length + otherwise.length === 0) {
        return <p className="text-fine text-soft">The same work.</p>
    }
    return (
        <div className="text-fine">
            {only.length > 0 && <p>Only here: {only.join(', ')}.</p>}
            {without.length > 0 && <p className="text-soft">Not here: {without.join(', ')}.</p>}
            {otherwise.length > 0 && <p>Otherwise: {otherwise.join(', ')}.</p>}
        </div>
    )
}

type Told = { steps: readonly Pick<Drafted['steps'][number], 'technique' | 'product' | 'zones'>[] }

const withTechnique = ({ steps }: Told, technique: string) => steps.filter((step) => step.technique === technique)

/** Techniques that the one has more often than the other, with how many more. */
export function onlyIn(one: Told, other: Told): string[] {
    return [...new Set(one.steps.map(({ technique }) => technique))].flatMap((technique) => {
        const more = withTechnique(one, technique).length - withTechnique(other, technique).length
        return more <= 0 ? [] : [more === 1 ? technique.toLowerCase() : `${technique.toLowerCase()} (${more})`]
    })
}

/** Work that both have as often, and the one with another jar or on other zones. */
export function otherwiseIn(one: Told, other: Told): string[] {
    const mark = ({ product, zones }: Told['steps'][number]) => `${product} ${[...zones].sort().join(' ')}`
    return [...new Set(one.steps.map(({ technique }) => technique))].flatMap((technique) => {
        const others = withTechnique(other, technique)
        if (others.length !== withTechnique(one, technique).length) return []
        const known = new Set(others.map(mark))
        return withTechnique(one, technique)
            .filter((step) => !known.has(mark(step)))
            .map(({ product, zones }) => {
                const count = zones.length === 1 ? 'one zone' : `${zones.length} zones`
                return `${technique.toLowerCase()}${product === null ? '' : ` with ${product}`} on ${count}`
            })
    })
}
