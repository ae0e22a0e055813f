import { useEffect, useMemo, useRef, useState } from 'react'
import type { BuildState, Library } from '@/features/build'
import type { Acts, Cursor, OpenDialog } from './acts'
import { Board } from './Board'
import { ChosenBar } from './ChosenBar'
import { addStep, movesAround, moveTo, newId, type PlanEdit, toggleZones } from './edits'
import { Inspector } from './Inspector'
import { PlanBar } from './PlanBar'
import { PlanDialogs } from './PlanDialogs'
import { isDone, toggleDone } from './record'
import { UnsavedBanner } from './UnsavedBanner'
import type { PlanState, PlanWork } from './usePlan'
import { usePlanKeys, useWhileHeld } from './usePlanKeys'
import { usePreview } from './usePreview'
import { useSessions } from './useSessions'
import { useStable } from './useStable'
import { indexFindings } from './verdicts'
import { FILTERS, partsOf, toggled, type View, wholeView } from './view'

type Props = { state: PlanState; library: Library; work: PlanWork }

/** The desk: the board with its cursor, the inspector beside it, and the acts that keys and buttons share. */
export function PlanDesk({ state, library, work }: Props) {
    const preview = usePreview(state)
    // What is in the hand is shown like what is there, but nobody can ask the server about it.
    const shown = useMemo(
        () => (preview.shown === null ? state : { ...state, ...preview.shown, isSaved: false }),
        [state, preview.shown],
    )
    const { plan, verdict } = shown
    const findings = useMemo(() => indexFindings(verdict.findings), [verdict])
    const sessions = useSessions(shown)
    const [cursor, setCursor] = useState<Cursor>(() => whereToBegin(state))
    const [dialog, setDialog] = useState<OpenDialog>(null)
    const [view, setView] = useState<View>(wholeView)
    const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set())

    const index = state.plan.steps.findIndex((step) => step.id === cursor.step)
    const step = state.plan.steps[index]

    const add = async (technique: string) => {
        const zones = step?.zones ?? state.plan.zones.filter((zone) => zone.kind !== 'glass').map((zone) => zone.id)
        const { edits, id } = addStep(technique, index < 0 ? state.plan.steps.length - 1 : index, zones)
        if (await work.edit(edits)) setCursor({ step: id, zone: null })
    }

    // Where a step is on its way to: a key that is held repeats sooner than the server answers.
    const going = useRef<{ id: string; to: number } | null>(null)
    useEffect(() => {
        if (going.current !== null && state.plan.steps[going.current.to]?.id === going.current.id) going.current = null
    }, [state.plan])
    // What an act is done to: the chosen steps, or else the one that the cursor is on.
    const targets =
        chosen.size > 0 ? state.plan.steps.filter((one) => chosen.has(one.id)) : step === undefined ? [] : [step]
    const acts = useStable<Acts>({
        move: (by: -1 | 1) => {
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
            void work.edit(
                targets.map((one) => ({ edit: 'remove-step', id: one.id })),
                targets.length === 1 ? undefined : `Delete ${targets.length} steps`,
            )
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
        done: () => {
            if (targets.length === 0) return
            const ids = targets.map((one) => one.id)
            void work.log(toggleDone(state.log, state.verdict, ids))
        },
        choose: (id) => {
            const which = id ?? cursor.step
            if (which !== null) setChosen(id === null ? new Set([...chosen, which]) : toggled(chosen, which))
        },
        chooseTo: (id) => {
            const to = state.plan.steps.findIndex((one) => one.id === id)
            const [low, high] = index < to ? [index, to] : [to, index]
            setChosen(new Set([...chosen, ...state.plan.steps.slice(Math.max(low, 0), high + 1).map((one) => one.id)]))
        },
        chooseNone: () => setChosen(new Set()),
        foldPart: (key) => setView({ ...view, foldedParts: toggled(view.foldedParts, key) }),
        foldHere: () => {
            const part = partsOf(state.plan, library).find((one) => one.steps.some((other) => other.id === cursor.step))
            if (part !== undefined) setView({ ...view, foldedParts: toggled(view.foldedParts, part.key) })
        },
        foldAll: () => {
            const keys = partsOf(state.plan, library).map((part) => part.key)
            setView({ ...view, foldedParts: view.foldedParts.size > 0 ? new Set() : new Set(keys) })
        },
        foldGroup: (group) => setView({ ...view, foldedGroups: toggled(view.foldedGroups, group) }),
        filter: (filter) => {
            const next = filter ?? FILTERS[(FILTERS.indexOf(view.filter) + 1) % FILTERS.length] ?? 'all'
            setView({ ...view, filter: next })
        },
        undo: () => void work.undo(),
        redo: () => void work.redo(),
        nextFinding: (by: -1 | 1) => {
            const all = state.verdict.findings
            const place = all.findIndex(
                (finding) =>
                    finding.step === cursor.step && (cursor.zone === null || finding.zones.includes(cursor.zone)),
            )
            const steps = by === 1 ? all.slice(place + 1) : all.slice(0, Math.max(0, place)).reverse()
            const next =
                steps.find((finding) => finding.step !== cursor.step) ?? (by === 1 ? all[0] : all[all.length - 1])
            if (next !== undefined) setCursor({ step: next.step, zone: next.zones[0] ?? null })
        },
        open: setDialog,
    })
    const drag = useStable({
        over: (id: string, to: number) => void preview.ask(moveTo(id, to), movesAround(state.plan, id, to)),
        end: async (id: string, to: number | null) => {
            if (to !== null) await work.edit(moveTo(id, to))
            preview.clear()
        },
    })
    const near = useStable({ edits: (edits: PlanEdit[]) => void preview.foresee([edits]) })
    usePlanKeys(acts, dialog === null)
    // The first half of the keys that move a step up or down.
    useWhileHeld('Alt', state, () => {
        if (step !== undefined) void preview.foresee(movesAround(state.plan, step.id, index).slice(0, 2))
    })
    const stepIds = new Set(state.plan.steps.map((one) => one.id))
    // What is no longer there cannot stay chosen.
    const stillThere = [...chosen].every((id) => stepIds.has(id))
    if (!stillThere) setChosen(new Set([...chosen].filter((id) => stepIds.has(id))))

    return (
        <main className="flex min-h-0 flex-1 flex-col">
            <PlanBar state={state} verdict={verdict} library={library} saving={work.saving} acts={acts} view={view} />
            <UnsavedBanner work={work} />
            {chosen.size > 0 && <ChosenBar count={chosen.size} acts={acts} />}
            <div className="flex min-h-0 flex-1">
                <Board
                    plan={plan}
                    verdict={verdict}
                    findings={findings}
                    library={library}
                    cursor={cursor}
                    onCursor={setCursor}
                    acts={acts}
                    view={view}
                    chosen={chosen}
                    drag={drag}
                    sessions={sessions}
                />
                <Inspector
                    state={shown}
                    saved={state}
                    library={library}
                    cursor={cursor}
                    onCursor={setCursor}
                    findings={findings}
                    edit={work.edit}
                    near={near.edits}
                    log={work.log}
                    inWeek={sessions?.of.get(cursor.step ?? '')}
                    acts={acts}
                />
            </div>
            <PlanDialogs
                shown={dialog}
                show={setDialog}
                state={state}
                library={library}
                targets={targets}
                edit={work.edit}
                onPick={add}
            />
        </main>
    )
}

/** Where the eye should fall first: on what is wrong, else on what comes next. */
function whereToBegin({ plan, verdict }: BuildState): Cursor {
    const finding = verdict.findings[0]
    const next = plan.steps.find((step) => !isDone(verdict, step.id)) ?? plan.steps[0]
    return finding === undefined
        ? { step: next?.id ?? null, zone: null }
        : { step: finding.step, zone: finding.zones[0] ?? null }
}
