import { Suspense, useEffect } from 'react'
import { later } from '@/design/later'
import type { Library, LogEntry, Step } from '@/features/build'
import type { Cursor, OpenDialog } from '../state/acts'
import type { NewStep, PlanEdit } from '../state/edits'
import type { PlanState } from '../state/usePlan'
import AddStepDialog from './AddStepDialog'

// Fetched once the board stands, and there before anybody asks for them. Where somebody types on at once, as in adding
// a step, the dialog cannot wait a moment, and comes with the board.
const parts = {
    copy: () => import('./CopyDialog'),
    spread: () => import('../zones/SpreadDialog'),
    build: () => import('./BuildDialog'),
    panels: () => import('../zones/PanelMixesDialog'),
    repair: () => import('./RepairDialog'),
    draft: () => import('../draft/DraftDialog'),
    school: () => import('./SchoolDialog'),
    zones: () => import('../zones/ZonesDialog'),
    jars: () => import('../jars/JarsDialog'),
    keys: () => import('./KeysDialog'),
    done: () => import('./DoneDialog'),
    product: () => import('../jars/ProductDialog'),
    accept: () => import('../inspector/AcceptForm'),
}
const BuildDialog = later(parts.build)
const CopyDialog = later(parts.copy)
const SpreadDialog = later(parts.spread)
const PanelMixesDialog = later(parts.panels)
const RepairDialog = later(parts.repair)
const DraftDialog = later(parts.draft)
const SchoolDialog = later(parts.school)
const DoneDialog = later(parts.done)
const JarsDialog = later(parts.jars)
const KeysDialog = later(parts.keys)
const ZonesDialog = later(parts.zones)

/** What the inspector shows of a step: there before the first step is. */
const ofTheInspector = [
    () => import('../inspector/StepSettings'),
    () => import('../inspector/BenchNotes'),
    () => import('../inspector/CoreSample'),
    () => import('../inspector/WashWindow'),
    () => import('../frame/SaidBar'),
    () => import('../inspector/StepPhotos'),
]

type Props = {
    shown: OpenDialog
    show: (dialog: OpenDialog) => void
    state: PlanState
    library: Library
    /** What is copied to other zones. */
    targets: readonly Step[]
    edit: (edits: PlanEdit[], label?: string) => Promise<boolean>
    log: (entries: LogEntry[]) => Promise<boolean>
    /** The step after which a new one goes; null: at the end. */
    after: Step | null
    onPick: (step: NewStep) => Promise<void>
    onCursor: (cursor: Cursor) => void
}

/** What can be asked over the board; one at a time. */
export function PlanDialogs(props: Props) {
    useEffect(() => {
        for (const fetch of [...Object.values(parts), ...ofTheInspector]) fetch().catch(() => undefined)
    }, [])
    return (
        <Suspense fallback={null}>
            <Shown {...props} />
        </Suspense>
    )
}

function Shown({ shown, show, state, library, targets, edit, log, after, onPick, onCursor }: Props) {
    const { plan } = state
    const common = { open: true, onOpenChange: (open: boolean) => show(open ? shown : null) }
    switch (shown) {
        case null:
            return null
        case 'add':
            return <AddStepDialog {...common} state={state} library={library} after={after} onPick={onPick} />
        case 'keys':
            return <KeysDialog {...common} />
        case 'school':
            return <SchoolDialog {...common} state={state} library={library} edit={edit} />
        case 'draft':
        case 'redraft':
            return (
                <DraftDialog
                    {...common}
                    state={state}
                    library={library}
                    edit={edit}
                    anew={shown === 'redraft' ? targets : []}
                    // One sees what has come of it: the vehicle as it will be.
                    onLaid={(last) => onCursor({ step: last, zone: null })}
                />
            )
        case 'repair':
            return <RepairDialog {...common} state={state} edit={edit} />
        case 'panels':
            return targets[0] === undefined ? null : (
                <PanelMixesDialog {...common} state={state} step={targets[0]} edit={edit} />
            )
        case 'copy':
            return <CopyDialog {...common} plan={plan} steps={targets} edit={edit} />
        case 'spread':
            return <SpreadDialog {...common} state={state} steps={targets} />
        case 'done':
            return <DoneDialog {...common} state={state} library={library} steps={targets} log={log} />
        case 'jars':
            return <JarsDialog {...common} plan={plan} library={library} edit={edit} />
        case 'build':
            return <BuildDialog {...common} buildId={state.id} plan={plan} library={library} edit={edit} />
        case 'zones':
            return <ZonesDialog {...common} plan={plan} finish={state.verdict.finish} library={library} edit={edit} />
    }
}
