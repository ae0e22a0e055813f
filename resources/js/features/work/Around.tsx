import { useState } from 'react'
import { inWords } from '@/design/duration'
import { Swatch } from '@/design/Swatch'
import type { Card, Desk } from './api'
import { linesOf, nextOf, type Ready, ticking, washUpSince } from './desk'

type BeforeProps = {
    ready: Ready
    cards: readonly Card[]
    /** As the clock has it; null: it has none. */
    minutes: number | null
}

/** What to have at hand before the first step of a sitting, to tick off. */
export function Before({ ready, cards, minutes }: BeforeProps) {
    if (cards.length === 0)
        return <p className="p-6 text-center text-xl">Nothing is to be done. Plan something first.</p>
    const hazards = [...new Map(cards.flatMap((card) => card.hazards).map((one) => [one.code, one])).values()]
    return (
        <div className="mx-auto flex max-w-3xl flex-col gap-4 text-lg">
            <p className="text-xl">
                {cards.length} {cards.length === 1 ? 'step' : 'steps'},{' '}
                {inWords(minutes ?? cards.reduce((sum, { handsOn }) => sum + handsOn, 0))} of work.
            </p>
            <section>
                <h2 className="text-2xl font-bold">Have ready</h2>
                <ul aria-label="Jars" className="mt-2 grid gap-1 sm:grid-cols-2">
                    {ready.jars.map(({ id, name, colour, ml, drops }) => (
                        <Tick key={id}>
                            <Swatch colour={colour} coverage="whole" className="size-8 shrink-0 border border-rule" />
                            <span>
                                {name}
                                {ml >= 0.1 && <span className="text-soft"> {ml.toFixed(1)} ml</span>}
                                {drops !== '' && <span className="block text-base">{drops}</span>}
                            </span>
                        </Tick>
                    ))}
                </ul>
                <ul aria-label="Tools" className="mt-2 grid gap-1 sm:grid-cols-2">
                    {ready.things.map((thing) => (
                        <Tick key={thing}>{thing}</Tick>
                    ))}
                </ul>
            </section>
            {hazards.length > 0 && (
                <section className="border-l-4 border-risk pl-3">
                    {hazards.map(({ code, title, advice }) => (
                        <p key={code}>
                            <strong>{title}.</strong> {advice}
                        </p>
                    ))}
                    <p className="text-base text-soft">Label, safety data sheet and local rules come first.</p>
                </section>
            )}
        </div>
    )
}

/** Hours that one sits at a bench: what was wet before that was seen to then. */
const SAT = 8 * 3_600_000

/** What to see to before one goes, and what goes on drying meanwhile. */
export function Leaving({ desk, now }: { desk: Desk; now: Date }) {
    const clocks = ticking(desk.clocks, now)
    const nameOf = new Map(desk.builds.map(({ id, name }) => [id, name]))
    return (
        <div className="mx-auto flex max-w-3xl flex-col gap-4 text-lg">
            <section>
                <h2 className="text-2xl font-bold">Before you leave</h2>
                <ul className="mt-2 flex flex-col gap-1">
                    {washUpSince(desk.clocks, new Date(now.getTime() - SAT)).map((says) => (
                        <Tick key={says}>{says}</Tick>
                    ))}
                </ul>
            </section>
            <section>
                <h2 className="text-2xl font-bold">What stands drying</h2>
                {clocks.length === 0 && <p>Nothing.</p>}
                <ul className="mt-2 flex flex-col gap-1">
                    {clocks.map((clock) => {
                        const line = linesOf(clock).find((one) => nextOf(one, now) !== null)
                        const next = line === undefined ? null : nextOf(line, now)
                        return (
                            <li key={`${clock.build} ${clock.step}`}>
                                {clock.name} on {nameOf.get(clock.build)}
                                {line !== undefined && next !== null && (
                                    <span className="text-soft">
                                        : {line.says}, in {inWords((next.getTime() - now.getTime()) / 60_000)}
                                    </span>
                                )}
                            </li>
                        )
                    })}
                </ul>
            </section>
        </div>
    )
}

function Tick({ children }: { children: React.ReactNode }) {
    const [isTicked, setTicked] = useState(false)
    return (
        <li>
            <label className="flex min-h-[64px] items-center gap-3 rounded-plate border border-line bg-panel px-3">
                <input
                    type="checkbox"
                    checked={isTicked}
                    onChange={(event) => setTicked(event.target.checked)}
                    className="size-7 shrink-0"
                />
                {children}
            </label>
        </li>
    )
}
