import { describe, expect, it } from 'vitest'
import type { Outcome } from '@/contract'
import {
    begin,
    type Change,
    type Event,
    type Machine,
    reduce,
    shownIn,
    toAskAgain,
    toSend,
} from '@/features/plan/state/machine'
import { state, step } from './kit'

const at = (ids: string[], version = 1, more = {}) => ({
    ...state(
        ids.map((id) => step(id)),
        [],
        version,
    ),
    ...more,
})
const outcome = (ids: string[]): Outcome => {
    const { plan, verdict } = at(ids)
    return { plan, verdict }
}
const played = (machine: Machine, ...events: Event[]) => events.reduce(reduce, machine)
const edit = (id: string): Change => ({ kind: 'edit', edits: [{ edit: 'remove-step', id }] })
const logged: Change = { kind: 'log', entries: [] }
const ask = (change: Change, foreseen: Outcome | null = null): Event => ({ type: 'asked', change, foreseen })
const answer = (steps: string[], version: number, more = {}): Event[] => [
    { type: 'sent' },
    { type: 'answered', state: at(steps, version, more) },
]
const shown = (machine: Machine) => shownIn(machine).plan.steps.map((one) => one.id)
const offline: Event = { type: 'failed', failure: { reason: 'offline', message: 'away' } }

describe('the plan page as a machine', () => {
    it('sends one change at a time, each on the version that the one before it left', () => {
        let machine = played(begin(at(['a', 'b', 'c'])), ask(edit('a')), ask(edit('b')))
        expect(toSend(machine)).toMatchObject({ version: 1, change: edit('a') })
        machine = played(machine, { type: 'sent' })
        expect(toSend(machine)).toBeNull()
        machine = played(machine, { type: 'answered', state: at(['b', 'c'], 2) })
        expect(toSend(machine)).toMatchObject({ version: 2, change: edit('b') })
    })
    it('shows what was foreseen at once, and what the server says of it afterwards', () => {
        let machine = played(begin(at(['a', 'b'])), ask(edit('a'), outcome(['b'])))
        expect(shown(machine)).toEqual(['b'])
        expect(shownIn(machine).isSaved).toBe(false)
        machine = played(machine, ...answer(['c'], 2))
        expect(shown(machine)).toEqual(['c'])
        expect(shownIn(machine).isSaved).toBe(true)
    })
    it('foresees nothing behind a change whose outcome it does not know', () => {
        const machine = played(begin(at(['a', 'b'])), ask(edit('a')), ask(edit('b'), outcome([])))
        expect(shown(machine)).toEqual(['a', 'b'])
    })
    it('asks for nothing where there is nothing to take back, also where that shows only later', () => {
        const still = begin(at(['a']))
        expect(played(still, ask({ kind: 'undo' }))).toEqual({ ...still, count: 1 })
        const machine = played(still, ask(edit('a')), ask({ kind: 'redo' }), ...answer([], 2))
        expect(toSend(machine)).toBeNull()
    })
    it('forgets what undo led to when something is logged: verdicts of the past count with it', () => {
        let machine = played(begin(at(['a'])), ask(edit('a')), ...answer([], 2, { undo: 'Delete a' }))
        expect(shown(played(machine, ask({ kind: 'undo' })))).toEqual(['a'])
        machine = played(machine, ask(logged), ...answer([], 2, { undo: 'Delete a' }))
        expect(shown(played(machine, ask({ kind: 'undo' })))).toEqual([])
    })
    it('does not take what was undone on another page for what undo leads to here', () => {
        let machine = played(begin(at(['a'])), ask(edit('a')), ...answer([], 2, { undo: 'Delete a' }))
        machine = played(machine, { type: 'loaded', state: at(['theirs'], 3, { undo: 'Theirs' }) })
        expect(shown(played(machine, ask({ kind: 'undo' })))).toEqual(['theirs'])
    })
})

describe('what could not be saved', () => {
    it('keeps all changes of a page that is offline, in order, and adds what follows', () => {
        const machine = played(begin(at(['a', 'b', 'c'])), ask(edit('a')), ask(edit('b')), { type: 'sent' }, offline)
        const later = played(machine, ask(edit('c')))
        expect(toSend(later)).toBeNull()
        expect(toAskAgain(later)).toEqual([edit('a'), edit('b'), edit('c')])
    })
    it('keeps a second change made while the first is outdated', () => {
        const theirs = at(['theirs'], 5)
        const failure = { reason: 'outdated' as const, current: theirs, message: 'Changed elsewhere.' }
        let machine = played(begin(at(['a'])), ask(edit('a')), { type: 'sent' }, { type: 'failed', failure })
        machine = played(machine, ask(edit('b')))
        expect(machine.unsaved).toMatchObject({ reason: 'outdated', changes: [edit('a'), edit('b')] })
        expect(toAskAgain(machine)).toHaveLength(2)
        const up = played(machine, { type: 'tookUp' })
        expect([up.saved.version, up.unsaved, shown(up)]).toEqual([5, null, ['theirs']])
    })
    it('drops only what was refused; what was asked for after it may stand without it', () => {
        const failure = { reason: 'refused' as const, message: 'No.', faults: [] }
        const machine = played(
            begin(at(['a', 'b'])),
            ask(edit('a')),
            ask(edit('b')),
            { type: 'sent' },
            {
                type: 'failed',
                failure,
            },
        )
        expect(machine.unsaved).toMatchObject({ reason: 'refused' })
        expect(toSend(machine)).toMatchObject({ version: 1, change: edit('b') })
        expect(played(machine, ...answer(['a'], 2)).unsaved).toBeNull()
    })
    it('is given up only when that is asked for', () => {
        const machine = played(begin(at(['a'])), ask(edit('a')), { type: 'sent' }, offline)
        expect(played(machine, { type: 'loaded', state: at(['x'], 9) })).toBe(machine)
        expect(played(machine, { type: 'gaveUp' }).unsaved).toBeNull()
    })
})

/** A small server: edits write a letter, undo and redo go back and forth; whoever is outdated is told so. */
class Server {
    version = 1
    past: string[][] = []
    here: string[] = []
    future: string[][] = []

    state = () =>
        at(this.here, this.version, {
            undo: this.past.length > 0 ? 'back' : null,
            redo: this.future.length > 0 ? 'again' : null,
        })

    take(version: number, change: Change): Event {
        if (version !== this.version)
            return { type: 'failed', failure: { reason: 'outdated', current: this.state(), message: '' } }
        if (change.kind === 'edit') {
            this.past.push(this.here)
            this.future = []
            this.here = [...this.here, change.edits.map((one) => 'id' in one && one.id).join('')]
        } else if (change.kind !== 'log') {
            const [from, to] = change.kind === 'undo' ? [this.past, this.future] : [this.future, this.past]
            const next = from.pop()
            if (next === undefined) return { type: 'failed', failure: { reason: 'refused', message: '', faults: [] } }
            to.push(this.here)
            this.here = next
        }
        this.version++
        return { type: 'answered', state: this.state() }
    }
}

/** Numbers that look random and are the same in every run. */
function dice(seed: number): (sides: number) => number {
    let x = seed * 2654435761
    return (sides) => {
        x = (Math.imul(x ^ (x >>> 15), 2246822519) + 0x9e3779b9) >>> 0
        return (x >>> 8) % sides
    }
}

describe('whatever happens in whatever order', () => {
    it.each(Array.from({ length: 60 }, (_, seed) => seed + 1))('loses no edit and makes none twice: run %i', (seed) => {
        const roll = dice(seed)
        const server = new Server()
        let machine = begin(server.state())
        const edits: string[] = []
        const pass = () => {
            const next = toSend(machine)
            if (next === null) return
            machine = played(machine, { type: 'sent' })
            // The line breaks before the request arrives.
            machine = reduce(machine, roll(6) === 0 ? offline : server.take(next.version, next.change))
        }
        const again = () => {
            const changes = toAskAgain(machine)
            machine = played(machine, { type: 'tookUp' }, ...changes.map((change) => ask(change)))
        }
        for (let turn = 0; turn < 80; turn++) {
            const what = roll(10)
            if (what < 4) {
                const id = `s${turn}`
                edits.push(id)
                machine = played(machine, ask(edit(id), roll(2) === 0 ? outcome([...shown(machine), id]) : null))
            } else if (what === 4) {
                machine = played(machine, ask({ kind: 'undo' }), ask({ kind: 'redo' }))
            } else if (what < 8) pass()
            else if (what === 8) again()
            else machine = played(machine, ask(logged))
        }
        for (let turn = 0; turn < 1000 && (machine.waiting.length > 0 || machine.unsaved !== null); turn++) {
            again()
            pass()
        }
        expect(machine.waiting).toEqual([])
        expect(shownIn(machine).isSaved).toBe(true)
        expect(shown(machine)).toEqual(server.here)
        expect(machine.saved.version).toBe(server.version)
        expect(server.here).toEqual(edits)
    })
})
