import { useQuery } from '@tanstack/react-query'
import type { ReactNode } from 'react'
import { Link } from 'react-router'
import { inWords } from '@/design/duration'
import { RetryNotice } from '@/design/Notice'
import { type Knowledge, knowledgeQuery } from '../api'
import { useIsDrawn } from '../state/useIsDrawn'
import { type PlanState, stampOf } from '../state/usePlan'
import type { InWeek } from '../state/useSessions'
import { clockOf, type SayMoment, sayEdges } from '../state/verdicts'
import { SeenColours } from './SeenColours'

type Props = { state: PlanState; stepId: string; inWeek?: InWeek | undefined }

const MOMENT: Record<Knowledge['habits'][number]['moment'], string> = {
    before: 'Before',
    while: 'While at it',
    after: 'After',
}

/** How the step is done well and taken back: what the hands need, beside what the checks say. */
export default function BenchNotes({ state, stepId, inWeek }: Props) {
    const { verdict } = state
    const times = verdict.steps.find((one) => one.id === stepId)
    const clock = clockOf(verdict.clockZero, times, inWeek)
    const enabled = useIsDrawn(state)
    const knowledge = useQuery({ ...knowledgeQuery(state.id, stampOf(state), stepId), enabled })
    if (knowledge.isPending) return <p className="text-soft">Looking it up…</p>
    if (knowledge.isError) return <RetryNotice error={knowledge.error} onRetry={() => void knowledge.refetch()} />
    const { undo, windows, rounds, lookFirst, signs, tools, cautions, habits, hazards, alternatives } = knowledge.data
    return (
        <div className="flex flex-col gap-3">
            {knowledge.data.seen.length > 0 && (
                <Block title="What is seen of it">
                    <SeenColours seen={knowledge.data.seen} zones={state.plan.zones} />
                </Block>
            )}
            {lookFirst.length > 0 && (
                <Block title="Look first: there is no way back">
                    <List items={lookFirst} />
                </Block>
            )}
            <Block title="Signs to look for">
                <List items={signs} />
            </Block>
            {windows.length > 0 && (
                <Block title="What may follow, and when">
                    <dl className="flex flex-col gap-1">
                        {windows.map((window) => (
                            <div key={window.action}>
                                <dt className="font-medium">{window.action}</dt>
                                <dd>
                                    {sayEdges(window, clock.say)}
                                    <span className="block text-fine text-soft">
                                        Before: {window.before}.{window.after !== null && ` After: ${window.after}.`}
                                    </span>
                                </dd>
                            </div>
                        ))}
                    </dl>
                </Block>
            )}
            {rounds !== null && <Rounds rounds={rounds} />}
            <Block title="Taking it back">
                <p>{sayAdjustable(knowledge.data, clock.say)}</p>
                <details className="mt-1">
                    <summary className="cursor-pointer text-fine text-soft">With what, and what it costs below</summary>
                    <dl className="mt-1 flex flex-col gap-1">
                        {undo.ways.map((way) => (
                            <div key={way.state} className={way.open ? '' : 'border-l-2 border-stop pl-1.5'}>
                                <dt className="text-fine text-soft">
                                    {way.state}, from {clock.say(way.from)} on
                                </dt>
                                <dd>{way.says}</dd>
                            </div>
                        ))}
                    </dl>
                    <p className="mt-1 text-fine text-soft">Usually: {undo.usual}</p>
                </details>
            </Block>
            <Block title="Tools">
                <p>{tools.join(' · ')}</p>
            </Block>
            {(['before', 'while', 'after'] as const).map((moment) => {
                const said = habits.filter((habit) => habit.moment === moment)
                const all = [...said.map((habit) => habit.text), ...(moment === 'while' ? cautions : [])]
                return all.length === 0 ? null : (
                    <Block key={moment} title={MOMENT[moment]}>
                        <List items={all} />
                    </Block>
                )
            })}
            {hazards.length > 0 && (
                <Block title="Safety">
                    <dl className="flex flex-col gap-0.5">
                        {hazards.map((hazard) => (
                            <div key={hazard.code} className="grid grid-cols-[5.5rem_1fr] gap-1">
                                <dt className="font-medium">{hazard.title}</dt>
                                <dd>{hazard.advice}</dd>
                            </div>
                        ))}
                    </dl>
                    <p className="mt-1 text-fine text-soft">Label, safety data sheet and local rules come first.</p>
                </Block>
            )}
            {alternatives.length > 0 && (
                <Block title="Instead">
                    <p>
                        {alternatives.map((other, place) => (
                            <span key={other.code}>
                                {place > 0 && ', '}
                                <Link className="underline" to={`/almanac?find=${encodeURIComponent(other.name)}`}>
                                    {other.name}
                                </Link>
                            </span>
                        ))}
                    </p>
                </Block>
            )}
        </div>
    )
}

/** How to cut a wash so that every part is cleaned in time: what to apply, what to clean, when. */
function Rounds({ rounds }: { rounds: NonNullable<Knowledge['rounds']> }) {
    return (
        <Block title="In rounds">
            <p>
                {rounds.sections.length === 1
                    ? 'All of it in one go'
                    : rounds.sections.map((section, round) => `${round + 1}: ${section.join(', ')}`).join(' · ')}
                , with {inWords(rounds.idleMinutes)} of waiting. No more than {rounds.largestCm2} cm² at a time, at{' '}
                {rounds.applyCm2} cm² a minute applied and {rounds.cleanCm2} cleaned: your pace, set with your week.
            </p>
            {rounds.finish !== null && (
                <details className="mt-1">
                    <summary className="cursor-pointer text-fine text-soft">
                        Working on while it dries: done in {inWords(rounds.finish)}
                    </summary>
                    <ol className="mt-1">
                        {rounds.order.map((round) => (
                            <li key={round.does + round.from} className="grid grid-cols-[5.5rem_1fr] gap-2">
                                <span className="text-soft">
                                    {round.from}–{round.to} min
                                </span>
                                <span>
                                    {round.does} {round.zone}
                                </span>
                            </li>
                        ))}
                    </ol>
                </details>
            )}
        </Block>
    )
}

/** "Adjustable until Tue 24 Nov, 19:30." */
export function sayAdjustable({ undo }: Knowledge, say: SayMoment): string {
    if (undo.ways.length === 0) return undo.usual
    if (!undo.open) return 'Not without taking along what is below.'
    return undo.until === null
        ? 'It can be adjusted at any later time.'
        : `It can be adjusted until ${say(undo.until)}.`
}

function Block({ title, children }: { title: string; children: ReactNode }) {
    return (
        <div>
            <h4 className="text-fine font-semibold">{title}</h4>
            {children}
        </div>
    )
}

function List({ items }: { items: readonly string[] }) {
    return (
        <ul className="flex list-disc flex-col gap-0.5 pl-4">
            {items.map((item) => (
                <li key={item}>{item}</li>
            ))}
        </ul>
    )
}
