import { Suspense, useMemo, useState } from 'react'
import { useSearchParams } from 'react-router'
import { later } from '@/design/later'
import { useIsNarrow } from '@/design/useIsNarrow'
import type { BuildState, Library } from '@/features/build'
import { Board } from './board/Board'
import { ChosenBar } from './board/ChosenBar'
import { rowsOf } from './board/rows'
import { PlanDialogs } from './dialogs/PlanDialogs'
import { PlanBar } from './frame/PlanBar'
import { UnsavedBanner } from './frame/UnsavedBanner'
import { Inspector } from './inspector/Inspector'
import type { Cursor, OpenDialog, Said } from './state/acts'
import { addStep, movesAround, moveTo, type NewStep, type PlanEdit } from './state/edits'
import { isDone } from './state/record'
import { targetsOf, useActs } from './state/useActs'
import type { PlanState, PlanWork } from './state/usePlan'
import { usePlanKeys, useWhileHeld } from './state/usePlanKeys'
import { usePreview } from './state/usePreview'
import { useSessions } from './state/useSessions'
import { useStable } from './state/useStable'
import { indexFindings } from './state/verdicts'
import { type View, wholeView } from './state/view'
import { useVehicle } from './zones/useVehicle'

// The board stands before the vehicle is drawn.
const VehiclePanel = later(() => import('./zones/VehiclePanel'))
const SaidBar = later(async () => ({ default: (await import('./frame/SaidBar')).SaidBar }))
// On a phone only.
const Sheet = later(() => import('./inspector/Sheet'))
const StepList = later(() => import('./board/StepList'))

type Props = { state: PlanState; library: Library; work: PlanWork }

/** The desk: the board with its cursor, the inspector beside it, and the acts that keys and buttons share. */
export function PlanDesk({ state, library, work }: Props) {
    const preview = usePreview(state)
    // What is in the hand is shown like what is there, but nobody can ask the server about it.
    const shown = useMemo(
        () => (preview.shown === null ? state : { ...state, ...preview.shown, isSaved: false }),
        [state, preview.shown],
    )
    const [isTried, setTried] = useState(false)
    const { plan, verdict } = shown
    const read = isTried ? state : shown
    const findings = useMemo(() => indexFindings(verdict.findings), [verdict])
    const findingsRead = useMemo(() => indexFindings(read.verdict.findings), [read.verdict])
    const sessions = useSessions(shown)
    const [address] = useSearchParams()
    const asked = address.get('step')
    const [cursor, setCursor] = useState<Cursor>(() => whereToBegin(state, asked))
    const [dialog, setDialog] = useState<OpenDialog>(null)
    const [view, setView] = useState<View>(wholeView)
    const [said, setSaid] = useState<Said | null>(null)
    const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set())

    const index = state.plan.steps.findIndex((step) => step.id === cursor.step)
    const step = state.plan.steps[index]

    const add = async (wanted: NewStep) => {
        const { edits, id } = addStep(state.plan, wanted, index < 0 ? state.plan.steps.length : index + 1)
        if (await work.edit(edits)) setCursor({ step: id, zone: null })
    }

    const vehicle = useVehicle()
    const desk = {
        state,
        library,
        work,
        cursor,
        setCursor,
        view,
        setView,
        chosen,
        setChosen,
        open: setDialog,
        say: setSaid,
        vehicle: vehicle.acts,
    }
    const acts = useActs(desk)
    const drag = useStable({
        over: (id: string, to: number) => void preview.ask(moveTo(id, to), movesAround(state.plan, id, to)),
        end: async (id: string, to: number | null) => {
            if (to !== null) await work.edit(moveTo(id, to))
            preview.clear()
        },
    })
    // What a hand is on is shown on the board alone: what is read of it must not change under the hand.
    const near = useStable({
        edits: (edits: PlanEdit[] | null) => {
            setTried(edits !== null)
            if (edits === null) preview.clear()
            else void preview.ask(edits)
        },
    })
    const mend = useStable({
        by: async (edits: PlanEdit[], label: string) => {
            const before = state.verdict.summary
            const isSaved = await work.edit(edits, label)
            if (isSaved) setSaid({ text: label, before, offers: 'undo' })
            return isSaved
        },
    })
    const gone = useStable({ said: () => setSaid(null) })
    usePlanKeys(acts, dialog === null)
    // The first half of the keys that move a step up or down.
    useWhileHeld('Alt', state, () => {
        if (step !== undefined) void preview.foresee(movesAround(state.plan, step.id, index).slice(0, 2))
    })
    const stepIds = new Set(state.plan.steps.map((one) => one.id))
    // What is no longer there cannot stay chosen.
    const stillThere = [...chosen].every((id) => stepIds.has(id))
    if (!stillThere) setChosen(new Set([...chosen].filter((id) => stepIds.has(id))))

    const isNarrow = useIsNarrow()
    const [isSheetOpen, setSheet] = useState(false)
    const list = useMemo(
        () => (isNarrow ? rowsOf(plan, verdict, findings, library, [], sessions?.of ?? null) : []),
        [isNarrow, plan, verdict, findings, library, sessions],
    )
    const inspector = {
        state: read,
        saved: state,
        library,
        cursor,
        onCursor: setCursor,
        findings: findingsRead,
        edit: work.edit,
        mend: mend.by,
        near: near.edits,
        log: work.log,
        inWeek: sessions?.of.get(cursor.step ?? ''),
        acts,
    }

    return (
        <main className="flex min-h-0 flex-1 flex-col">
            <PlanBar
                state={state}
                verdict={verdict}
                library={library}
                saving={work.saving}
                acts={acts}
                view={view}
                hasVehicle={vehicle.isShown}
            />
            <UnsavedBanner work={work} />
            {chosen.size > 0 && <ChosenBar count={chosen.size} acts={acts} />}
            <div className="relative flex min-h-0 flex-1">
                {said !== null && (
                    <Suspense fallback={null}>
                        <SaidBar
                            key={said.text}
                            said={said}
                            summary={state.verdict.summary}
                            acts={acts}
                            onGone={gone.said}
                        />
                    </Suspense>
                )}
                <div className="flex min-h-0 min-w-0 flex-1 flex-col">
                    {vehicle.isShown && plan.zones.length > 0 && (
                        <Suspense fallback={<div style={{ height: vehicle.height }} className="bg-stage" />}>
                            <VehiclePanel
                                plan={plan}
                                verdict={verdict}
                                library={library}
                                cursor={cursor}
                                findings={findings}
                                vehicle={vehicle}
                                onCursor={setCursor}
                                acts={acts}
                            />
                        </Suspense>
                    )}
                    {vehicle.isShown && vehicle.isLarge ? null : isNarrow ? (
                        <Suspense fallback={null}>
                            <StepList
                                rows={list}
                                chosen={cursor.step}
                                onOpen={(id) => {
                                    setCursor({ step: id, zone: null })
                                    setSheet(true)
                                }}
                                onAdd={() => setDialog('add')}
                            />
                        </Suspense>
                    ) : (
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
                    )}
                </div>
                {isNarrow ? (
                    <Suspense fallback={null}>
                        <Sheet
                            open={isSheetOpen && dialog === null}
                            onClose={() => setSheet(false)}
                            title="The chosen step"
                        >
                            <Inspector {...inspector} isInSheet />
                        </Sheet>
                    </Suspense>
                ) : (
                    <Inspector {...inspector} />
                )}
            </div>
            <PlanDialogs
                shown={dialog}
                show={setDialog}
                state={state}
                library={library}
                targets={targetsOf(desk)}
                edit={work.edit}
                log={work.log}
                after={step ?? null}
                onPick={add}
                onCursor={setCursor}
            />
        </main>
    )
}

/** Where the eye should fall first: on the step that the address names, on what is wrong, else on what comes next. */
function whereToBegin({ plan, verdict }: BuildState, asked: string | null): Cursor {
    if (plan.steps.some((step) => step.id === asked)) return { step: asked, zone: null }
    const finding = verdict.findings.find((one) => one.accepted === null)
    const next = plan.steps.find((step) => !isDone(verdict, step.id)) ?? plan.steps[0]
    return finding === undefined
        ? { step: next?.id ?? null, zone: null }
        : { step: finding.step, zone: finding.zones[0] ?? null }
}
