import type { Filter } from './view'

/** Where the modeller is: a step, and on it a zone or (null) the step's name. */
export type Cursor = { step: string | null; zone: string | null }

/** A dialog of the plan screen; null: none is open. */
export type OpenDialog = 'add' | 'keys' | 'build' | 'zones' | 'school' | 'repair' | 'copy' | null

/** What keys and buttons do, each to the step under the cursor or to the chosen ones. */
export type Acts = {
    move: (by: -1 | 1) => void
    remove: () => void
    copy: () => Promise<void>
    toggle: (zones: readonly string[]) => void
    done: () => void
    undo: () => void
    redo: () => void
    nextFinding: (by: -1 | 1) => void
    /** Adds a step to the chosen ones or takes it out; null: adds the one under the cursor. */
    choose: (id: string | null) => void
    chooseTo: (id: string) => void
    chooseNone: () => void
    foldPart: (key: string) => void
    foldHere: () => void
    foldAll: () => void
    foldGroup: (group: string) => void
    /** Without a filter: the next one. */
    filter: (filter?: Filter) => void
    open: (dialog: OpenDialog) => void
}
