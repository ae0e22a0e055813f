import { type Dispatch, type SetStateAction, useEffect, useRef, useState } from 'react'
import { type Library, techniqueOf } from '@/features/build'
import type {
    Acts,
    ChoiceActs,
    Cursor,
    FindingActs,
    FoldActs,
    HistoryActs,
    OpenDialog,
    Said,
    StepActs,
    VehicleActs,
} from './acts'
import { stepped } from './amounts'
import { moveTo, newId, togglePanel, toggleZones } from './edits'
import { isDone, stillBefore, toggleDone } from './record'
import type { PlanState, PlanWork } from './usePlan'
import { useStable } from './useStable'
import { FILTERS, partsOf, toggled, type View } from './view'

/** What the acts are done to, and what they change on the screen. */
type Desk = {
    state: PlanState
    library: Library
    work: PlanWork
    cursor: Cursor
    setCursor: (cursor: Cursor) => void
    view: View
    setView: (view: View) => void
    chosen: ReadonlySet<string>
    setChosen: (chosen: ReadonlySet<string>) => void
    open: Dispatch<SetStateAction<OpenDialog>>
    /** Says what was done. */
    say: (said: Said) => void
    vehicle: VehicleActs
}

/** All that keys and buttons do; the same object for as long as the screen lives. */
export function useActs(desk: Desk): Acts {
    const steps = useStepActs(desk)
    const history = useStable<HistoryActs>({
        undo: () => void desk.work.undo().then(() => backToTheBoard(desk.cursor)),
        redo: () => void desk.work.redo().then(() => backToTheBoard(desk.cursor)),
    })
    const choice = useStable<ChoiceActs>(choiceActs(desk))
    const fold = useStable<FoldActs>(foldActs(desk))
    const findings = useStable<FindingActs>(findingActs(desk))
    const open = useStable({
        dialog: (dialog: OpenDialog) => {
            // What works on steps is not offered where there is none.
            if ((dialog === 'copy' || dialog === 'spread' || dialog === 'done') && targetsOf(desk).length === 0) return
            desk.open(dialog)
        },
    })
    const vehicle = useStable<VehicleActs>(desk.vehicle)
    const [acts] = useState<Acts>(() => ({ steps, history, choice, fold, findings, vehicle, open: open.dialog }))
    return acts
}

/** The steps that an act is done to: the chosen ones, or else the one that the cursor is on. */
export function targetsOf({ state, cursor, chosen }: Pick<Desk, 'state' | 'cursor' | 'chosen'>) {
    return state.plan.steps.filter((one) => (chosen.size > 0 ? chosen.has(one.id) : one.id === cursor.step))
}

function useStepActs(desk: Desk): StepActs {
    const { state, library, work, cursor, setCursor, setChosen } = desk
    const index = state.plan.steps.findIndex((one) => one.id === cursor.step)
    const step = state.plan.steps[index]
    const targets = targetsOf(desk)
    // Where a step is on its way to: a key that is held repeats sooner than the server answers.
    const going = useRef<{ id: string; to: number } | null>(null)
    useEffect(() => {
        if (going.current !== null && state.plan.steps[going.current.to]?.id === going.current.id) going.current = null
    }, [state.plan])
    return useStable<StepActs>({
        move: (by) => {
            if (step === undefined) return
            const to = (going.current?.id === step.id ? going.current.to : index) + by
            if (to < 0 || to >= state.plan.steps.length) return
            const way = { id: step.id, to }
            going.current = way
            void work.edit(moveTo(step.id, to)).then((isSaved) => {
                if (!isSaved && going.current === way) going.current = null
            })
        },
        remove: () => {
            if (targets.length === 0) return
            const gone = new Set(targets.map((one) => one.id))
            const next =
                state.plan.steps.slice(index).find((one) => !gone.has(one.id)) ??
                state.plan.steps.findLast((one) => !gone.has(one.id))
            setCursor({ step: next?.id ?? null, zone: cursor.zone })
            setChosen(new Set())
            const before = state.verdict.summary
            const [only] = targets
            const text =
                targets.length === 1 && only !== undefined
                    ? `Deleted ${state.plan.steps.indexOf(only) + 1} ${techniqueOf(library, only.technique).name}`
                    : `Deleted ${targets.length} steps`
            void work
                .edit(
                    targets.map((one) => ({ edit: 'remove-step', id: one.id })),
                    targets.length === 1 ? undefined : `Delete ${targets.length} steps`,
                )
                .then((isSaved) => {
                    if (isSaved) desk.say({ text, before, offers: 'undo' })
                })
        },
        copy: async () => {
            if (step === undefined) return
            const copy = { ...step, id: newId(step.technique) }
            if (await work.edit([{ edit: 'insert-step', step: copy, at: index + 1 }], 'Copy a step'))
                setCursor({ step: copy.id, zone: cursor.zone })
        },
        toggle: (zones) => {
            if (step !== undefined) void work.edit([toggleZones(state.plan, step, zones)])
        },
        amount: (by) => {
            const edits = targets
                .filter((one) => techniqueOf(library, one.technique).hasAmount)
                .map((one) => ({ ...one, amount: stepped(one.amount, by) }))
                .filter((one) => one.amount !== state.plan.steps.find(({ id }) => id === one.id)?.amount)
                .map((one) => ({ edit: 'replace-step' as const, step: one }))
            if (edits.length > 0) void work.edit(edits, by > 0 ? 'Lay more of it' : 'Lay less of it')
        },
        togglePanel: (panel) => {
            if (step !== undefined) void work.edit([togglePanel(step, panel)])
        },
        done: () => {
            if (targets.length === 0) return
            const ids = targets.map((one) => one.id)
            const isTakenBack = ids.every((id) => isDone(state.verdict, id))
            // What comes before it on the same zones and is not done is asked about first.
            if (!isTakenBack && stillBefore(state, ids).length > 0) {
                desk.open('done')
                return
            }
            const before = state.verdict.summary
            void work.log(toggleDone(state.log, state.verdict, ids)).then((isSaved) => {
                if (isSaved && !isTakenBack) desk.say({ text: 'Marked as done now', before, offers: 'times' })
            })
        },
    })
}

/** After a step has come or gone the keyboard stands on the board again, where it was. */
function backToTheBoard({ step, zone }: Cursor): void {
    requestAnimationFrame(() => {
        if (document.activeElement !== document.body) return
        const cell = document.querySelector<HTMLElement>(`[data-cell="${step ?? ''}/${zone ?? ''}"]`)
        ;(cell ?? document.querySelector<HTMLElement>('[data-cell]'))?.focus()
    })
}

function choiceActs({ state, cursor, chosen, setChosen }: Desk): ChoiceActs {
    return {
        toggle: (id) => {
            const which = id ?? cursor.step
            if (which !== null) setChosen(id === null ? new Set([...chosen, which]) : toggled(chosen, which))
        },
        upTo: (id) => {
            const place = (wanted: string | null) => state.plan.steps.findIndex((one) => one.id === wanted)
            const [from, to] = [place(cursor.step), place(id)]
            const between = state.plan.steps.slice(Math.max(Math.min(from, to), 0), Math.max(from, to) + 1)
            setChosen(new Set([...chosen, ...between.map((one) => one.id)]))
        },
        these: (ids) => setChosen(new Set(ids)),
        none: () => setChosen(new Set()),
    }
}

function foldActs({ state, library, cursor, view, setView }: Desk): FoldActs {
    const part = (key: string) => setView({ ...view, foldedParts: toggled(view.foldedParts, key) })
    return {
        part,
        here: () => {
            const here = partsOf(state.plan, library).find((one) => one.steps.some((step) => step.id === cursor.step))
            if (here !== undefined) part(here.key)
        },
        all: () => {
            const keys = partsOf(state.plan, library).map((one) => one.key)
            setView({ ...view, foldedParts: view.foldedParts.size > 0 ? new Set() : new Set(keys) })
        },
        group: (group) => setView({ ...view, foldedGroups: toggled(view.foldedGroups, group) }),
    }
}

function findingActs({ state, cursor, setCursor, view, setView }: Desk): FindingActs {
    return {
        next: (by) => {
            const all = state.verdict.findings
            const place = all.findIndex(
                (finding) =>
                    finding.step === cursor.step && (cursor.zone === null || finding.zones.includes(cursor.zone)),
            )
            const ahead = by === 1 ? all.slice(place + 1) : all.slice(0, Math.max(0, place)).reverse()
            const next =
                ahead.find((finding) => finding.step !== cursor.step) ?? (by === 1 ? all[0] : all[all.length - 1])
            if (next !== undefined) setCursor({ step: next.step, zone: next.zones[0] ?? null })
        },
        filter: (filter) => {
            const next = filter ?? FILTERS[(FILTERS.indexOf(view.filter) + 1) % FILTERS.length] ?? 'all'
            setView({ ...view, filter: next })
        },
    }
}
