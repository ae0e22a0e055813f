import type { Verdict } from '@/features/build'
import type { Filter } from './view'

/** Where the modeller is: a step, and on it a zone or (null) the step's name. */
export type Cursor = { step: string | null; zone: string | null }

/** A dialog of the plan screen; null: none is open. */
export type OpenDialog =
    | 'add'
    | 'keys'
    | 'jars'
    | 'done'
    | 'build'
    | 'zones'
    | 'school'
    | 'repair'
    | 'copy'
    | 'spread'
    | 'panels'
    | 'draft'
    | 'redraft'
    | null

/** What was just done, and how the plan stood before it. */
export type Said = { text: string; before: Verdict['summary']; offers: 'undo' | 'times' }

/** Done to the steps that are chosen, or else to the one under the cursor. */
export type StepActs = {
    move: (by: -1 | 1) => void
    remove: () => void
    copy: () => Promise<void>
    toggle: (zones: readonly string[]) => void
    /** Keeps the step under the cursor to a panel as well, or lets it go there no more. */
    togglePanel: (panel: string) => void
    done: () => void
    /** Lays more or less of what has an amount. */
    amount: (by: -1 | 1) => void
}

export type HistoryActs = { undo: () => void; redo: () => void }

export type ChoiceActs = {
    /** Adds a step to the chosen ones or takes it out; null: adds the one under the cursor. */
    toggle: (id: string | null) => void
    upTo: (id: string) => void
    these: (ids: readonly string[]) => void
    none: () => void
}

export type FoldActs = {
    part: (key: string) => void
    here: () => void
    all: () => void
    group: (group: string) => void
}

export type FindingActs = {
    next: (by: -1 | 1) => void
    /** Without a filter: the next one. */
    filter: (filter?: Filter) => void
}

export type VehicleActs = {
    /** Shows the vehicle, or hides it. */
    toggle: () => void
    /** Gives it all the room, or lets the board have it again. */
    enlarge: () => void
}

/** What keys and buttons do on the plan screen, by subject. */
export type Acts = {
    steps: StepActs
    history: HistoryActs
    choice: ChoiceActs
    fold: FoldActs
    findings: FindingActs
    vehicle: VehicleActs
    open: (dialog: OpenDialog) => void
}
