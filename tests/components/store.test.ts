import { describe, expect, it } from 'vitest'
import type { BuildState, Step } from '@/features/build'
import { type Change, type Failure, pauseOf, shownIn } from '@/features/plan/state/machine'
import { PlanStore } from '@/features/plan/state/store'
import { state, step } from './kit'

/** A server that holds steps, takes a change only on its own version, and fails as it is told. */
function serverOf(steps: Step[]) {
    const server = {
        saved: state(steps),
        fails: [] as (Failure | 'after it was taken' | null)[],
        taken: [] as Change[],
        /** Somebody else changes a step meanwhile. */
        change: (id: string, changes: Partial<Step>) => {
            const now = server.saved.plan.steps.map((one) => (one.id === id ? { ...one, ...changes } : one))
            server.saved = state(now, [], server.saved.version + 1)
        },
        network: async (version: number, change: Change): Promise<BuildState | Failure> => {
            await Promise.resolve()
            const fails = server.fails.shift() ?? null
            if (fails !== null && fails !== 'after it was taken') return fails
            if (version !== server.saved.version)
                return { reason: 'outdated', current: server.saved, message: 'Changed elsewhere.' }
            server.taken.push(change)
            const edits = change.kind === 'edit' ? change.edits : []
            for (const edit of edits) if (edit.edit === 'replace-step') server.change(edit.step.id, edit.step)
            return server.saved
        },
    }
    return server
}
const away: Failure = { reason: 'offline', message: 'away' }
const replace = (of: Step, changes: Partial<Step>): Change => ({
    kind: 'edit',
    edits: [{ edit: 'replace-step', step: { ...of, ...changes } }],
})
const begun = (steps: Step[]) => {
    const server = serverOf(steps)
    const told: number[] = []
    const store = new PlanStore(server.saved, server.network, (saved) => told.push(saved.version))
    return { server, store, told }
}

describe('a plan that is changed while the network comes and goes', () => {
    const wash = step('wash', { coats: 1, note: '' })
    const now = (server: ReturnType<typeof serverOf>) => server.saved.plan.steps[0]

    it('keeps two changes of one step that were both made before the first was saved', async () => {
        const { server, store, told } = begun([wash])
        const ends = await Promise.all([
            store.ask(replace(wash, { coats: 3 })),
            store.ask(replace(wash, { note: 'thin' })),
        ])
        expect(ends).toEqual([true, true])
        expect(now(server)).toMatchObject({ coats: 3, note: 'thin' })
        expect(told).toEqual([2, 3])
    })
    it('keeps what somebody else did to the step while one was away', async () => {
        const { server, store } = begun([wash])
        server.fails = [away]
        expect(await store.ask(replace(wash, { coats: 3 }))).toBe(false)
        server.change('wash', { note: 'theirs' })
        await store.askAgain()
        // The plan has changed meanwhile, which is said; asked for once more it is made on what the other one left.
        expect(store.get().unsaved).toMatchObject({ reason: 'outdated' })
        await store.askAgain()
        expect(now(server)).toMatchObject({ coats: 3, note: 'theirs' })
        expect(store.get().unsaved).toBeNull()
    })
    it('waits longer each time that nobody answers, and at once again after an answer', async () => {
        const { server, store } = begun([wash])
        server.fails = [away, away, away, null, away]
        const pauses = []
        void store.ask(replace(wash, { coats: 2 }))
        for (let time = 0; time < 4; time++) {
            await new Promise((resolve) => setTimeout(resolve))
            pauses.push(pauseOf(store.get()))
            await store.askAgain()
        }
        expect(pauses).toEqual([1_000, 2_000, 4_000, null])
        await store.ask(replace(wash, { coats: 4 }))
        expect(pauseOf(store.get())).toBe(1_000)
    })
    it('says of every change once how it ended, and goes on after what was refused', async () => {
        const { server, store } = begun([wash])
        server.fails = [{ reason: 'refused', message: 'No.', faults: [] }]
        const ends = await Promise.all([
            store.ask(replace(wash, { coats: 9 })),
            store.ask(replace(wash, { note: 'kept' })),
            store.ask({ kind: 'undo' }),
        ])
        expect(ends).toEqual([false, true, true])
        expect(server.taken).toHaveLength(1)
        expect(now(server)).toMatchObject({ coats: 1, note: 'kept' })
    })
    it('takes over what the server has when a change is given up', async () => {
        const { server, store, told } = begun([wash])
        server.change('wash', { note: 'theirs' })
        expect(await store.ask(replace(wash, { coats: 3 }))).toBe(false)
        store.giveUp()
        expect(shownIn(store.get()).plan.steps[0]).toMatchObject({ coats: 1, note: 'theirs' })
        expect(told).toEqual([2])
    })
})
