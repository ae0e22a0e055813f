import { useCallback, useMemo, useState } from 'react'
import type { BuildState, Library } from '@/features/build'
import { AddStepDialog } from './AddStepDialog'
import { Board, type Cursor } from './Board'
import { BuildDialog } from './BuildDialog'
import { addStep, momentOf, newId, type PlanEdit, toggleZone } from './edits'
import { Inspector } from './Inspector'
import { KeysDialog } from './KeysDialog'
import { PlanBar } from './PlanBar'
import { UnsavedBanner } from './UnsavedBanner'
import type { usePlan } from './usePlan'
import { usePlanKeys } from './usePlanKeys'
import { usePreview } from './usePreview'
import { indexFindings } from './verdicts'
import { ZonesDialog } from './ZonesDialog'

type Props = { state: BuildState; library: Library; work: ReturnType<typeof usePlan> }
type OpenDialog = 'add' | 'keys' | 'build' | 'zones' | null

/** The desk: the board with its cursor, the inspector beside it, and the acts that keys and buttons share. */
export function PlanDesk({ state, library, work }: Props) {
    const preview = usePreview(state.id)
    const plan = preview.shown?.plan ?? state.plan
    const verdict = preview.shown?.verdict ?? state.verdict
    const findings = useMemo(() => indexFindings(verdict.findings), [verdict])
    const [cursor, setCursor] = useState<Cursor>(() => whereToBegin(state))
    const [dialog, setDialog] = useState<OpenDialog>(null)

    const index = state.plan.steps.findIndex((step) => step.id === cursor.step)
    const step = state.plan.steps[index]

    const add = useCallback(
        async (technique: string) => {
            const zones = step?.zones ?? state.plan.zones.filter((zone) => zone.kind !== 'glass').map((zone) => zone.id)
            const { edits, id } = addStep(state.plan, library, technique, index < 0 ? state.plan.steps.length - 1 : index, zones)
            if (await work.edit(edits)) setCursor({ step: id, zone: null })
        },
        [state.plan, library, index, step, work],
    )

    const acts = {
        move: (by: -1 | 1) => {
            if (step !== undefined && index + by >= 0 && index + by < state.plan.steps.length) {
                void work.edit([{ edit: 'move-step', id: step.id, to: index + by }])
            }
        },
        remove: () => {
            if (step === undefined) return
            const next = state.plan.steps[index + 1] ?? state.plan.steps[index - 1]
            setCursor({ step: next?.id ?? null, zone: cursor.zone })
            void work.edit([{ edit: 'remove-step', id: step.id }])
        },
        copy: async () => {
            if (step === undefined) return
            const copy = { ...step, id: newId(step.technique), done: null }
            if (await work.edit([{ edit: 'insert-step', step: copy, at: index + 1 }], 'Copy a step'))
                setCursor({ step: copy.id, zone: cursor.zone })
        },
        toggle: (zone: string) => {
            if (step !== undefined) void work.edit([toggleZone(state.plan, step, zone)])
        },
        done: () => {
            if (step === undefined) return
            const edit: PlanEdit = {
                edit: 'replace-step',
                step: { ...step, done: step.done === null ? momentOf(new Date()) : null },
            }
            void work.edit([edit], step.done === null ? 'Mark as done' : 'Mark as not done')
        },
        undo: () => void work.undo(),
        redo: () => void work.redo(),
        nextFinding: (by: -1 | 1) => {
            const all = state.verdict.findings
            const place = all.findIndex(
                (finding) => finding.step === cursor.step && (cursor.zone === null || finding.zones.includes(cursor.zone)),
            )
            const steps = by === 1 ? all.slice(place + 1) : all.slice(0, Math.max(0, place)).reverse()
            const next = steps.find((finding) => finding.step !== cursor.step) ?? (by === 1 ? all[0] : all[all.length - 1])
            if (next !== undefined) setCursor({ step: next.step, zone: next.zones[0] ?? null })
        },
        open: setDialog,
    }
    usePlanKeys(acts, dialog === null)

    return (
        <main className="flex min-h-0 flex-1 flex-col">
            <PlanBar state={state} verdict={verdict} saving={work.saving} acts={acts} />
            <UnsavedBanner work={work} />
            <div className="flex min-h-0 flex-1">
                <Board
                    plan={plan}
                    verdict={verdict}
                    findings={findings}
                    library={library}
                    cursor={cursor}
                    onCursor={setCursor}
                    acts={acts}
                    onDragOver={(id, to) => preview.ask([{ edit: 'move-step', id, to }])}
                    onDragEnd={async (id, to) => {
                        if (to !== null) await work.edit([{ edit: 'move-step', id, to }])
                        preview.clear()
                    }}
                />
                <Inspector
                    state={state}
                    verdict={verdict}
                    library={library}
                    cursor={cursor}
                    onCursor={setCursor}
                    findings={findings}
                    edit={work.edit}
                    acts={acts}
                />
            </div>
            <AddStepDialog
                open={dialog === 'add'}
                onOpenChange={(open) => setDialog(open ? 'add' : null)}
                library={library}
                onPick={add}
            />
            <KeysDialog open={dialog === 'keys'} onOpenChange={(open) => setDialog(open ? 'keys' : null)} />
            <BuildDialog
                open={dialog === 'build'}
                onOpenChange={(open) => setDialog(open ? 'build' : null)}
                plan={state.plan}
                library={library}
                edit={work.edit}
            />
            <ZonesDialog
                open={dialog === 'zones'}
                onOpenChange={(open) => setDialog(open ? 'zones' : null)}
                plan={state.plan}
                library={library}
                edit={work.edit}
            />
        </main>
    )
}

/** Where the eye should fall first: on what is wrong, else on what comes next. */
function whereToBegin({ plan, verdict }: BuildState): Cursor {
    const finding = verdict.findings[0]
    const next = plan.steps.find((step) => step.done === null) ?? plan.steps[0]
    return finding === undefined ? { step: next?.id ?? null, zone: null } : { step: finding.step, zone: finding.zones[0] ?? null }
}

export type Acts = {
    move: (by: -1 | 1) => void
    remove: () => void
    copy: () => Promise<void>
    toggle: (zone: string) => void
    done: () => void
    undo: () => void
    redo: () => void
    nextFinding: (by: -1 | 1) => void
    open: (dialog: OpenDialog) => void
}
