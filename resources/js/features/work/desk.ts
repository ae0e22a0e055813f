import { openingsOf, STATES, sayUntil } from '@/design/spans'
import type { LogEntry } from '@/features/build'
import { measure } from '@/features/mix/drops'
import type { Card, Clock, Desk } from './api'

const MINUTE = 60_000
const after = (moment: Date, minutes: number) => new Date(moment.getTime() + minutes * MINUTE)

const named = (card: Card, at: Date) => ({
    build: card.build,
    step: card.step,
    number: card.number,
    name: card.jar?.name ?? card.technique,
    zones: card.zones,
    where: card.where,
    doneAt: at,
    sign: card.after.sign,
    washUp: card.washUp,
})

/** Windows that a card says in minutes from the last stroke, by the clock. */
const byClock = (windows: Card['cleaning'], laidAt: Date): Clock['windows'] =>
    windows.map(({ kind, action, soonest, opens, bestUntil, closes }) => ({
        kind,
        action,
        opensSoonest: after(laidAt, soonest),
        opensAt: after(laidAt, opens),
        bestUntil: bestUntil === null ? null : after(laidAt, bestUntil),
        closesAt: closes === null ? null : after(laidAt, closes),
    }))

const curesFrom = (laidAt: Date, cures: NonNullable<Card['after']['cures']>): NonNullable<Clock['cures']> => {
    const at = (minutes: number | null) => (minutes === null ? null : after(laidAt, minutes))
    return {
        touchDry: after(laidAt, cures.touchDry),
        recoatable: after(laidAt, cures.recoatable),
        solventProof: at(cures.solventProof),
        soonest: {
            touchDry: after(laidAt, cures.soonest.touchDry),
            recoatable: after(laidAt, cures.soonest.recoatable),
            solventProof: at(cures.soonest.solventProof),
        },
    }
}

/** The last stroke of what is done now: as it was said, else as long ago as its clean-up takes. */
function lastStroke(card: Card, doneAt: Date): Date {
    const begun = card.begunAt ?? new Date(0)
    const usual = after(doneAt, -card.after.cleanedAfter)
    return card.laidAt ?? (usual > begun ? usual : begun)
}

/** The clock that starts when a step is done, from what its card says of it: the server need not be there. */
export function clockOf(card: Card, doneAt: Date): Clock {
    const laidAt = lastStroke(card, doneAt)
    const { windows, cures } = card.after
    return {
        ...named(card, laidAt),
        cures: cures === null ? null : curesFrom(laidAt, cures),
        windows: byClock(windows, laidAt),
    }
}

/** The clock of what lies wet and waits to be cleaned. */
export const wetClockOf = (card: Card, laidAt: Date): Clock => ({
    ...named(card, laidAt),
    cures: null,
    windows: byClock(card.cleaning, laidAt),
})

const isOf = (clock: Clock, card: Card) => clock.build === card.build && clock.step === card.step

/** The desk as it will be once the server knows what was logged here. */
export function withLogged(desk: Desk, logged: readonly { build: string; entry: LogEntry }[]): Desk {
    const withdrawn = new Set(logged.flatMap(({ entry }) => (entry.kind === 'withdrawn' ? (entry.corrects ?? []) : [])))
    let { cards, clocks, builds } = desk
    for (const { build, entry } of logged) {
        if (withdrawn.has(entry.id)) continue
        const card = cards.find((one) => one.build === build && one.step === entry.step)
        if (card === undefined) continue
        const others = cards.filter((one) => one !== card)
        if (entry.kind === 'begun') {
            cards = cards.map((one) => (one === card ? { ...card, begunAt: new Date(entry.at) } : one))
        } else if (entry.kind === 'laid') {
            const rounds = card.rounds === null ? null : card.rounds + 1
            cards = cards.map((one) => (one === card ? { ...card, rounds, laidAt: new Date(entry.at) } : one))
            if (card.cleaning.length > 0)
                clocks = [...clocks.filter((clock) => !isOf(clock, card)), wetClockOf(card, new Date(entry.at))]
        } else if (entry.kind === 'finished') {
            cards = others
            clocks = [...clocks.filter((clock) => !isOf(clock, card)), clockOf(card, new Date(entry.at))]
            builds = builds.map((one) => (one.id === build ? { ...one, done: one.done + 1 } : one))
        } else if (entry.kind === 'skipped') {
            cards = others
        }
    }
    return { ...desk, cards, clocks, builds }
}

export type Spell = { from: Date; to: Date | null; look: 'wait' | 'doubt' | 'best' | 'late' }

/** One line of a clock: something that becomes possible, is best for a while, and may be too late in the end. */
export type Line = {
    id: string
    says: string
    opensSoonest: Date
    opensAt: Date
    bestUntil: Date | null
    closesAt: Date | null
}

export function linesOf(clock: Clock): Line[] {
    const id = `${clock.build} ${clock.step}`
    const films = (clock.cures === null ? [] : openingsOf(clock.cures)).map(({ says, soonest, sure }) => ({
        id: `${id} ${says}`,
        says,
        opensSoonest: soonest,
        opensAt: sure,
        bestUntil: null,
        closesAt: null,
    }))
    const windows = clock.windows
        // What follows from drying alone stands there already, with its doubt.
        .filter(({ kind }) => kind !== 'next-coat' && kind !== 'solvents')
        .map(({ kind, action, ...moments }) => ({ id: `${id} ${kind}`, says: action, ...moments }))
    return [...windows, ...films]
}

export type Standing = 'waits' | 'perhaps' | 'open' | 'best' | 'late' | 'over'

export function standingOf(line: Line, now: Date): Standing {
    if (now < line.opensSoonest) return 'waits'
    if (now < line.opensAt) return 'perhaps'
    if (line.closesAt !== null && now >= line.closesAt) return 'over'
    if (line.bestUntil !== null && now < line.bestUntil) return 'best'
    return line.closesAt === null ? 'open' : line.bestUntil === null ? 'best' : 'late'
}

/** The next moment at which the line changes; null: it stays as it is. */
export const nextOf = (line: Line, now: Date): Date | null =>
    [line.opensSoonest, line.opensAt, line.bestUntil, line.closesAt].find((at) => at !== null && at > now) ?? null

/** Minutes before the end at which one is told that it is near. */
export const WARN_BEFORE = 15

export type News = { id: string; text: string; build: string; step: string }

/** What there is to tell at a moment: what has opened within the last while, and what closes soon. */
export function newsOf(clocks: readonly Clock[], now: Date, since: Date): News[] {
    return clocks.flatMap((clock) =>
        // That a film may be touched is seen at the clock; it calls nobody.
        linesOf(clock)
            .filter((line) => !isTouch(line))
            .flatMap((line) => {
                const name = `${clock.name}, step ${clock.number}`
                const warn = line.closesAt === null ? null : after(line.closesAt, -WARN_BEFORE)
                // What has closed by now is nothing to hurry for.
                const isOver = line.closesAt !== null && line.closesAt <= now
                const isIn = (moment: Date) => !isOver && moment > since && moment <= now
                // What closes again is looked at from the soonest moment on; what stays open can wait until it is sure.
                const opens = line.closesAt === null ? line.opensAt : line.opensSoonest
                const doubt = sayUntil({ soonest: line.opensSoonest, sure: line.opensAt }, now)
                const of = { build: clock.build, step: clock.step }
                return [
                    ...(isIn(opens)
                        ? [{ ...of, id: `${line.id} opens`, text: `${name}: ${line.says} ${doubt ?? 'now'}.` }]
                        : []),
                    ...(warn !== null && warn > opens && isIn(warn)
                        ? [
                              {
                                  ...of,
                                  id: `${line.id} closes`,
                                  text: `${name}: ${line.says}, ${WARN_BEFORE} minutes left.`,
                              },
                          ]
                        : []),
                ]
            }),
    )
}

export const isTouch = (line: Line): boolean => line.says === STATES[0][1]

/** Milliseconds for which the number may be doubted once it says that a film is dry. */
export const DOUBTED = 3_600_000

/** Lines that still change, and what should be dry by now and may not be. */
export const shownLines = (clock: Clock, now: Date): Line[] =>
    linesOf(clock).filter(
        (line) => nextOf(line, now) !== null || (isTouch(line) && now.getTime() - line.opensAt.getTime() < DOUBTED),
    )

/** Clocks that still tell something: the soonest change first. */
export function ticking(clocks: readonly Clock[], now: Date): Clock[] {
    const next = (clock: Clock) =>
        Math.min(...linesOf(clock).map((line) => nextOf(line, now)?.getTime() ?? Number.POSITIVE_INFINITY))
    return clocks.filter((clock) => Number.isFinite(next(clock))).sort((one, other) => next(one) - next(other))
}

/** A jar, how much of it, and, where it holds a mix, how many drops of what make so much. */
export type Portion = { id: string; name: string; colour: string | null; ml: number; drops: string }

/** What the cards ahead want to have at hand: each thing once, with what it is for. */
export type Ready = { jars: Portion[]; things: string[] }

export function readyFor(cards: readonly Card[], mixes: Desk['mixes'] = []): Ready {
    const jars = new Map<string, Portion>()
    const things = new Set<string>()
    for (const card of cards) {
        if (card.jar !== null) {
            const { id, name, colour } = card.jar
            const ml = (jars.get(id)?.ml ?? 0) + (card.take?.jarMl ?? 0)
            jars.set(id, { id, name, colour, ml, drops: dropsOf(id, ml, mixes) })
        }
        if (card.take?.thinner != null) things.add(`${card.take.thinner}, to thin with`)
        for (const tool of card.tools) things.add(tool)
        for (const { says } of card.cleanUp) {
            const carrier = /with (.*?)(?:,|$)/.exec(says)?.[1]
            if (carrier !== undefined) things.add(`${carrier}, to clean with: one pool to take off, one to finish`)
        }
    }
    // On each zone one that takes off and one that finishes, each from its own pool.
    const buds = 2 * cards.reduce((sum, { cleanUp, zones }) => sum + (cleanUp.length > 0 ? zones.length : 0), 0)
    if (buds > 0) things.add(`cotton buds, about ${buds}: two a zone`)
    return { jars: [...jars.values()], things: [...things] }
}

/** "6 drops Olive, 2 drops White" for about so many millilitres; '' where it comes from a single jar. */
export function dropsOf(jar: string, ml: number, mixes: Desk['mixes']): string {
    const mix = mixes.find((one) => one.jar === jar)
    if (mix === undefined || ml <= 0) return ''
    const parts = mix.parts.map(({ name, parts: of }) => ({ jar: name, parts: of }))
    return measure(parts, 1, ml)
        .drops.map(({ jar: name, drops }) => `${drops} ${drops === 1 ? 'drop' : 'drops'} ${name}`)
        .join(', ')
}

/** What is washed up after what was in hand since then, each thing once. */
export const washUpSince = (clocks: readonly Clock[], since: Date): string[] =>
    washUpOf(clocks.filter(({ doneAt }) => doneAt >= since))

export const washUpOf = (had: readonly Pick<Card, 'washUp'>[]): string[] => [
    ...new Set(
        had
            .flatMap(({ washUp }) => washUp)
            .sort((one, other) => one.place - other.place)
            .map(({ says }) => says),
    ),
]

/**
 * The card that the bench opens at: what lies wet, then what is begun; of the build that was asked for, its next one
 * otherwise. Undefined: nothing is in hand, and nothing was asked for.
 */
export function firstOf(cards: readonly Card[], build: string | null): Card | undefined {
    const among = build === null ? cards : cards.filter((card) => card.build === build)
    return (
        among.find(({ laidAt }) => laidAt !== null) ??
        among.find(({ begunAt }) => begunAt !== null) ??
        (build === null ? undefined : among[0])
    )
}

/** The same work with the same jar on other builds: done in one go, it is said in one go. */
export const likesOf = (card: Card, cards: readonly Card[]): Card[] =>
    cards.filter((one) => one.build !== card.build && one.technique === card.technique && one.jar?.id === card.jar?.id)

/** The longest sitting that is thought of where the clock knows of none, in minutes. */
const SITTING = 8 * 60

export function sittingOf(cards: readonly Card[], session: Desk['session'] = null): Card[] {
    const inSession = cards.filter((card) =>
        session?.steps.some(({ build, step }) => build === card.build && step === card.step),
    )
    if (inSession.length > 0) return inSession
    const first = cards.find(({ plannedAt }) => plannedAt !== null)?.plannedAt ?? null
    if (first === null) return cards.slice(0, 4)
    return cards.filter(({ plannedAt }) => plannedAt !== null && plannedAt < after(first, SITTING))
}

/** The card of what lies wet and waits to be cleaned; undefined: it dries, or is not at this bench. */
export const wetCardOf = (of: Pick<Card, 'build' | 'step'>, cards: readonly Card[]): Card | undefined =>
    cards.find((card) => card.build === of.build && card.step === of.step && card.laidAt !== null)

/** The cards with those in front that fit into the minutes that one has, in the order in which they are done. */
export function withFirst(cards: readonly Card[], wanted: readonly { build: string; step: string }[]): Card[] {
    const first = wanted.flatMap((of) => cards.find((card) => card.build === of.build && card.step === of.step) ?? [])
    return [...new Set([...first, ...cards])]
}

export type Press = { kind: 'begun' | 'laid' | 'finished'; says: string }

/** What is most likely to be said next of a step: that it is begun, that it is on and waits, that it is done. */
export function nextPress(card: Card): Press {
    if (card.begunAt === null && card.laidAt === null) return { kind: 'begun', says: 'Begin' }
    if (card.cleaning.length > 0 && card.laidAt === null) return { kind: 'laid', says: 'It is on' }
    if (card.soakSeconds !== null && card.laidAt === null) return { kind: 'laid', says: 'It is wet' }
    if (card.soakSeconds !== null) return { kind: 'finished', says: 'Enough' }
    return { kind: 'finished', says: card.cleaning.length > 0 ? 'Cleaned and done' : 'Done' }
}
