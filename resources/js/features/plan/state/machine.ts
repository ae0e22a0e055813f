import { replaceEqualDeep } from '@tanstack/react-query'
import type { Outcome } from '@/contract'
import type { BuildState, LogEntry, Step } from '@/features/build'
import type { PlanEdit } from './edits'
import { rebased } from './rebase'
import { Trail } from './trail'

/**
 * The plan page as a machine: what is saved, what is on its way to the server, what is shown ahead of it, and what
 * could not be saved. Everything that happens is an event; `reduce` says what the page is after it, `toSend` what is to
 * be sent next. Nothing here knows of React, of time or of the network.
 */
export type Machine = {
    /** As the server has said it last. */
    saved: BuildState
    /** Changes that are not saved yet, in the order in which they were made; the first is under way or will be next. */
    waiting: readonly Waiting[]
    isSending: boolean
    /** What is on screen while changes are under way whose outcome the server has told before. */
    ahead: Outcome | null
    /** What undo and redo lead to, as far as this page has seen it. */
    trail: Trail<Outcome>
    unsaved: Unsaved | null
    /** Changes that were asked for so far: the number of the next one. */
    count: number
    /** How often in a row the server could not be reached. */
    tries: number
}

export type Change =
    /** `base`: the steps that it replaces, as they were shown when it was made. */
    | { kind: 'edit'; edits: PlanEdit[]; label?: string; base?: readonly Step[] }
    | { kind: 'undo' }
    | { kind: 'redo' }
    | { kind: 'log'; entries: LogEntry[] }

type Waiting = {
    /** Its number among all that were asked for. */
    id: number
    change: Change
    /** Whether its outcome was known before the server has said so. */
    isForeseen: boolean
}

/** Changes that are not on the server, and why. They are kept until they are sent again or given up. */
export type Unsaved =
    | { reason: 'outdated'; changes: readonly Change[]; current: BuildState; message: string }
    | { reason: 'offline'; changes: readonly Change[]; message: string }
    | { reason: 'refused'; message: string; faults: readonly { path: string; message: string }[] }

export type Failure =
    | { reason: 'outdated'; current: BuildState; message: string }
    | { reason: 'offline'; message: string }
    | { reason: 'refused'; message: string; faults: readonly { path: string; message: string }[] }

export type Event =
    /** The build was read from the server. */
    | { type: 'loaded'; state: BuildState }
    /**
     * Somebody wants a change; `foreseen`: what the server has told that an edit comes to on the version that is saved.
     */
    | { type: 'asked'; change: Change; foreseen: Outcome | null }
    /** What `toSend` said is on its way. */
    | { type: 'sent' }
    | { type: 'answered'; state: BuildState }
    | { type: 'failed'; failure: Failure }
    /** Changes of before a reload whose plan has changed meanwhile. */
    | { type: 'restored'; changes: readonly Change[]; message: string }
    /** The person gives what is unsaved up. */
    | { type: 'gaveUp' }
    /** What is unsaved was taken over to be asked for again; see `toAskAgain`. */
    | { type: 'tookUp' }

export function begin(saved: BuildState): Machine {
    const trail: Machine['trail'] = Trail.at(saved.version)
    return { saved, waiting: [], isSending: false, ahead: null, trail, unsaved: null, count: 0, tries: 0 }
}

export function reduce(machine: Machine, event: Event): Machine {
    switch (event.type) {
        case 'loaded':
            return machine.waiting.length > 0 || machine.unsaved !== null
                ? machine
                : {
                      ...machine,
                      saved: share(machine.saved, event.state),
                      trail: machine.trail.isAt(event.state.version),
                  }
        case 'asked':
            return asked(machine, event)
        case 'sent':
            return { ...machine, isSending: true }
        case 'answered':
            return answered(machine, event.state)
        case 'failed':
            return failed(machine, event.failure)
        case 'restored':
            return {
                ...machine,
                unsaved: {
                    reason: 'outdated',
                    changes: event.changes,
                    current: machine.saved,
                    message: event.message,
                },
            }
        case 'gaveUp':
            return withoutUnsaved(machine)
        case 'tookUp':
            return withoutUnsaved(machine)
    }
}

/**
 * What is to be sent now, as it stands on what is saved by then; null: nothing, or something is on its way already.
 */
export function toSend({ waiting, isSending, saved }: Machine): { version: number; change: Change } | null {
    const change = waiting[0]?.change
    if (change === undefined || isSending) return null
    if (change.kind !== 'edit' || change.base === undefined) return { version: saved.version, change }
    const bases = new Map(change.base.map((step) => [step.id, step]))
    return { version: saved.version, change: { ...change, edits: rebased(change.edits, bases, saved.plan) } }
}

/** Milliseconds until what could not be sent is sent again: each time longer, up to half a minute. */
const AGAIN = [1_000, 2_000, 4_000, 8_000, 15_000, 30_000] as const

/** Milliseconds to wait before what could not be sent is asked for again; null: the server is not out of reach. */
export function pauseOf({ unsaved, tries }: Machine): number | null {
    return unsaved?.reason === 'offline' ? (AGAIN[Math.max(0, tries - 1)] ?? 30_000) : null
}

/** How a change that was asked for has ended: whether it is saved; null: it is still under way. */
export function endOf({ waiting, unsaved }: Machine, id: number): boolean | null {
    return waiting.some((one) => one.id === id) ? null : unsaved === null
}

/** The changes to ask for again, once the machine was told that they were taken up. */
export function toAskAgain(machine: Machine): readonly Change[] {
    const unsaved = machine.unsaved
    return unsaved === null || unsaved.reason === 'refused' ? [] : unsaved.changes
}

/** Changes that the server has not confirmed, in the order in which they were made. */
export function unconfirmed({ waiting, unsaved }: Machine): readonly Change[] {
    return unsaved === null || unsaved.reason === 'refused' ? waiting.map((one) => one.change) : unsaved.changes
}

/** The plan as it is on screen. */
export function shownIn(machine: Machine): BuildState & { isSaved: boolean } {
    return { ...machine.saved, ...machine.ahead, isSaved: machine.ahead === null }
}

/**
 * Whether a foreseen outcome of an edit can be shown: only on top of what is saved, with nothing unknown in between.
 */
export function canForesee(machine: Machine): boolean {
    return machine.waiting.length === 0 && !isBlocked(machine)
}

const isBlocked = ({ unsaved }: Machine) => unsaved !== null && unsaved.reason !== 'refused'

function asked(before: Machine, event: Extract<Event, { type: 'asked' }>): Machine {
    const machine = { ...before, count: before.count + 1 }
    const change = based(event.change, machine)
    const { unsaved } = machine
    if (unsaved !== null && unsaved.reason !== 'refused') {
        // What comes after an unsaved change was made on top of it, so it waits behind it.
        return { ...machine, unsaved: { ...unsaved, changes: [...unsaved.changes, change] } }
    }
    if (asksForNothing(change, machine)) return machine
    const outcome = foretell(machine, change, event.foreseen)
    const waiting = [...machine.waiting, { id: before.count, change, isForeseen: outcome !== null }]
    if (outcome === null || change.kind === 'log') return { ...machine, waiting }
    const here = machine.ahead ?? outcomeOf(machine.saved)
    return { ...machine, waiting, ahead: share(here, outcome), trail: machine.trail.leave(here, change.kind) }
}

/** A change with the steps that it replaces as they are shown; one that is asked for again keeps its own. */
function based(change: Change, machine: Machine): Change {
    if (change.kind !== 'edit' || change.base !== undefined) return change
    const replaced = new Set(change.edits.flatMap((edit) => (edit.edit === 'replace-step' ? [edit.step.id] : [])))
    const base = shownIn(machine).plan.steps.filter((step) => replaced.has(step.id))
    return base.length === 0 ? change : { ...change, base }
}

/** A key pressed once more than there is something to take back asks for nothing. */
function asksForNothing(change: Change, { saved, waiting }: Machine): boolean {
    return (change.kind === 'undo' || change.kind === 'redo') && waiting.length === 0 && saved[change.kind] === null
}

function foretell(machine: Machine, change: Change, foreseen: Outcome | null): Outcome | null {
    if (machine.waiting.some((one) => !one.isForeseen)) return null
    if (change.kind === 'undo' || change.kind === 'redo') return machine.trail.ahead(change.kind)
    return canForesee(machine) ? foreseen : null
}

function answered(machine: Machine, state: BuildState): Machine {
    const [first, ...rest] = machine.waiting
    const before = outcomeOf(machine.saved)
    // What was logged changes the verdicts of every version that was seen.
    let trail = first?.change.kind === 'log' ? machine.trail.forget() : machine.trail
    if (first !== undefined && first.change.kind !== 'log' && !first.isForeseen)
        trail = trail.leave(before, first.change.kind)
    const saved = share({ ...machine.saved, ...machine.ahead }, state)
    const next: Machine = {
        ...machine,
        saved,
        waiting: rest,
        isSending: false,
        ahead: rest.length === 0 ? null : machine.ahead,
        trail: trail.goesOnAt(state.version),
        unsaved: machine.unsaved?.reason === 'refused' ? null : machine.unsaved,
        tries: 0,
    }
    return dropEmpty(next)
}

/** Undo and redo that turn out to ask for nothing are not sent. */
function dropEmpty(machine: Machine): Machine {
    const [first, ...rest] = machine.waiting
    if (first === undefined || !(first.change.kind === 'undo' || first.change.kind === 'redo')) return machine
    if (machine.saved[first.change.kind] !== null) return machine
    return dropEmpty({ ...machine, waiting: rest, ahead: rest.length === 0 ? null : machine.ahead })
}

function failed(machine: Machine, failure: Failure): Machine {
    const changes = machine.waiting.map((one) => one.change)
    const still = { ...machine, isSending: false, ahead: null, trail: machine.trail.forget() }
    if (failure.reason === 'refused') {
        // The others were made on top of it, but may well stand without it.
        return { ...still, waiting: machine.waiting.slice(1), unsaved: failure }
    }
    const tries = failure.reason === 'offline' ? machine.tries + 1 : 0
    return { ...still, waiting: [], unsaved: { ...failure, changes }, tries }
}

function withoutUnsaved(machine: Machine): Machine {
    const { unsaved } = machine
    const saved = unsaved?.reason === 'outdated' ? share(machine.saved, unsaved.current) : machine.saved
    return { ...machine, saved, trail: machine.trail.isAt(saved.version), unsaved: null }
}

const outcomeOf = ({ plan, verdict }: Outcome): Outcome => ({ plan, verdict })

/** What did not change stays the same objects, and is not drawn again. */
function share<Before, After>(before: Before, after: After): After {
    return replaceEqualDeep(before, after)
}
