import type { Plan, Step } from '@/features/build'
import type { PlanEdit } from './edits'

const isRecord = (value: unknown): value is Record<string, unknown> =>
    typeof value === 'object' && value !== null && !Array.isArray(value)
const isWords = (value: unknown): value is string[] =>
    Array.isArray(value) && value.every((one) => typeof one === 'string')
const isSame = (one: unknown, other: unknown): boolean => JSON.stringify(one) === JSON.stringify(other)

/** What somebody made of a base, made of what the base has become meanwhile. */
function merged(base: unknown, mine: unknown, theirs: unknown): unknown {
    if (isSame(base, mine)) return theirs
    if (isSame(base, theirs)) return mine
    if (isWords(base) && isWords(mine) && isWords(theirs)) {
        const kept = theirs.filter((one) => mine.includes(one) || !base.includes(one))
        return [...kept, ...mine.filter((one) => !base.includes(one) && !kept.includes(one))]
    }
    if (isRecord(mine) && isRecord(theirs)) {
        const before = isRecord(base) ? base : blank(mine)
        return Object.fromEntries(Object.keys(mine).map((key) => [key, merged(before[key], mine[key], theirs[key])]))
    }
    return mine
}

/** Where nothing had been said of the whole, nothing had been said of its parts. */
const blank = (of: Record<string, unknown>): Record<string, unknown> =>
    Object.fromEntries(Object.entries(of).map(([key, value]) => [key, Array.isArray(value) ? [] : null]))

/**
 * Edits that were made while others were still on their way, made on what those have left: a step that was changed
 * twice keeps both changes.
 */
export function rebased(edits: PlanEdit[], bases: ReadonlyMap<string, Step>, plan: Plan): PlanEdit[] {
    return edits.map((edit) => {
        if (edit.edit !== 'replace-step') return edit
        const base = bases.get(edit.step.id)
        const theirs = plan.steps.find(({ id }) => id === edit.step.id)
        return base === undefined || theirs === undefined
            ? edit
            : { ...edit, step: merged(base, edit.step, theirs) as Step }
    })
}
