import {
    closestCenter,
    DndContext,
    type DragEndEvent,
    type DragOverEvent,
    KeyboardSensor,
    PointerSensor,
    useSensor,
    useSensors,
} from '@dnd-kit/core'
import { SortableContext, sortableKeyboardCoordinates, verticalListSortingStrategy } from '@dnd-kit/sortable'
import { type KeyboardEvent, useEffect, useRef, useState } from 'react'
import { Button } from '@/design/Button'
import type { Library, Plan, Verdict } from '@/features/build'
import { CoreStrip } from './CoreSample'
import type { Acts } from './PlanDesk'
import { StepRow } from './StepRow'
import type { FindingIndex } from './verdicts'

/** Where the modeller is: a step, and on it a zone or (null) the step's name. */
export type Cursor = { step: string | null; zone: string | null }

type Props = {
    plan: Plan
    verdict: Verdict
    findings: FindingIndex
    library: Library
    cursor: Cursor
    onCursor: (cursor: Cursor) => void
    acts: Acts
    onDragOver: (id: string, to: number) => void
    onDragEnd: (id: string, to: number | null) => Promise<void>
}

export const boardColumns = (zones: number): string => `5.5rem minmax(13rem, 17rem) repeat(${zones}, minmax(2.75rem, 1fr))`

/** The strata board: time runs down, zones run across, a cell is a layer on a zone. */
export function Board({ plan, verdict, findings, library, cursor, onCursor, acts, onDragOver, onDragEnd }: Props) {
    const grid = useRef<HTMLDivElement>(null)
    // While a step is dragged, the rows keep their order in the document and move by transform.
    const [order, setOrder] = useState<readonly string[] | null>(null)
    const steps = plan.steps
    const ids = order ?? steps.map((step) => step.id)
    const sensors = useSensors(
        useSensor(PointerSensor, { activationConstraint: { distance: 5 } }),
        useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
    )

    useFocusOnCursor(grid, cursor)

    const zones: (string | null)[] = [null, ...plan.zones.map((zone) => zone.id)]
    const go = (down: number, right: number) => {
        const row = Math.min(Math.max(steps.findIndex((step) => step.id === cursor.step) + down, 0), steps.length - 1)
        const column = Math.min(Math.max(zones.indexOf(cursor.zone) + right, 0), zones.length - 1)
        onCursor({ step: steps[row]?.id ?? null, zone: zones[column] ?? null })
    }
    const onKeyDown = (event: KeyboardEvent<HTMLDivElement>) => {
        if (event.target instanceof HTMLElement && event.target.closest('[data-grip]') !== null) return
        const act = gridAct(event, go, acts, cursor, steps.length)
        if (act !== null) {
            event.preventDefault()
            event.stopPropagation()
            act()
        }
    }

    const placeOf = (event: DragOverEvent | DragEndEvent) => (event.over === null ? null : ids.indexOf(String(event.over.id)))

    if (steps.length === 0) {
        return (
            <div className="flex flex-1 flex-col items-center justify-center gap-2 p-8 text-center">
                <p className="wide text-lg font-semibold">Nothing laid down yet</p>
                <p className="max-w-sm text-soft">
                    {plan.zones.length} zones are waiting. Begin where the finish begins: with the primer.
                </p>
                <Button tone="act" className="mt-2" onClick={() => acts.open('add')}>
                    Add the first step
                </Button>
            </div>
        )
    }
    return (
        <div className="flex min-w-0 flex-1 flex-col overflow-auto" data-board>
            <DndContext
                sensors={sensors}
                collisionDetection={closestCenter}
                accessibility={{ announcements: announcementsFor(plan, library) }}
                onDragStart={({ active }) => {
                    setOrder(steps.map((step) => step.id))
                    onCursor({ step: String(active.id), zone: null })
                }}
                onDragOver={(event) => {
                    const to = placeOf(event)
                    if (to !== null && to >= 0) onDragOver(String(event.active.id), to)
                }}
                onDragEnd={(event) => {
                    const to = placeOf(event)
                    const from = ids.indexOf(String(event.active.id))
                    void onDragEnd(String(event.active.id), to === null || to < 0 || to === from ? null : to).finally(() =>
                        setOrder(null),
                    )
                }}
                onDragCancel={({ active }) => void onDragEnd(String(active.id), null).finally(() => setOrder(null))}
            >
                <div
                    ref={grid}
                    role="grid"
                    aria-label="Strata board: steps down, zones across"
                    aria-rowcount={steps.length + 1}
                    aria-colcount={zones.length}
                    className="min-w-fit flex-1"
                    onKeyDown={onKeyDown}
                >
                    <ZoneHeads plan={plan} verdict={verdict} />
                    <SortableContext items={[...ids]} strategy={verticalListSortingStrategy}>
                        {ids.map((id) => {
                            const index = steps.findIndex((step) => step.id === id)
                            const step = steps[index]
                            return step === undefined ? null : (
                                <StepRow
                                    key={id}
                                    step={step}
                                    index={index}
                                    plan={plan}
                                    verdict={verdict}
                                    findings={findings}
                                    library={library}
                                    cursor={cursor}
                                    onCursor={onCursor}
                                    acts={acts}
                                    isDragging={order !== null}
                                />
                            )
                        })}
                    </SortableContext>
                </div>
            </DndContext>
            <CoreStrip plan={plan} verdict={verdict} cursor={cursor} onCursor={onCursor} />
        </div>
    )
}

function ZoneHeads({ plan, verdict }: { plan: Plan; verdict: Verdict }) {
    return (
        <div
            role="row"
            className="sticky top-0 z-20 grid border-b border-rule bg-panel"
            style={{ gridTemplateColumns: boardColumns(plan.zones.length) }}
        >
            <span role="columnheader" className="narrow self-end px-2 pb-1 text-fine text-soft">
                {verdict.clockZero === null ? 'Plan time' : 'Clock'}
            </span>
            <span role="columnheader" className="narrow self-end pb-1 text-fine text-soft">
                Step
            </span>
            {plan.zones.map((zone) => (
                <span
                    key={zone.id}
                    role="columnheader"
                    title={`${zone.name}, ${zone.areaCm2} cm²`}
                    className="narrow line-clamp-3 self-end border-l border-line px-0.5 pt-1 pb-1 text-center text-fine leading-tight font-medium break-words hyphens-auto"
                >
                    {zone.name}
                </span>
            ))}
        </div>
    )
}

/** The focus follows the cursor while it is on the board, so that keys and screen readers are where the eye is. */
function useFocusOnCursor(grid: { current: HTMLDivElement | null }, cursor: Cursor): void {
    useEffect(() => {
        const board = grid.current
        const active = document.activeElement
        if (board === null || !(active === document.body || board.contains(active))) return
        board.querySelector<HTMLElement>(`[data-cell="${cursor.step ?? ''}/${cursor.zone ?? ''}"]`)?.focus()
    }, [grid, cursor])
}

function gridAct(
    event: KeyboardEvent,
    go: (down: number, right: number) => void,
    acts: Acts,
    cursor: Cursor,
    rows: number,
): (() => void) | null {
    if (event.ctrlKey || event.metaKey) return null
    if (event.altKey) {
        if (event.key === 'ArrowUp') return () => acts.move(-1)
        return event.key === 'ArrowDown' ? () => acts.move(1) : null
    }
    switch (event.key) {
        case 'ArrowUp':
            return () => go(-1, 0)
        case 'ArrowDown':
            return () => go(1, 0)
        case 'ArrowLeft':
            return () => go(0, -1)
        case 'ArrowRight':
            return () => go(0, 1)
        case 'Home':
            return () => go(-rows, 0)
        case 'End':
            return () => go(rows, 0)
        case ' ':
            return cursor.zone === null ? null : () => acts.toggle(cursor.zone ?? '')
        case 'Enter':
            return () => document.querySelector<HTMLElement>('[data-inspector] button, [data-inspector] select')?.focus()
        case 'Delete':
        case 'Backspace':
            return acts.remove
        default:
            return null
    }
}

/** The library's own words name ids; a modeller hears numbers and techniques. */
function announcementsFor(plan: Plan, library: Library) {
    const name = (id: string | number) => {
        const index = plan.steps.findIndex((step) => step.id === id)
        const technique = library.techniques.find((one) => one.code === plan.steps[index]?.technique)
        return `step ${index + 1}, ${technique?.name ?? 'unknown'}`
    }
    return {
        onDragStart: ({ active }: { active: { id: string | number } }) => `Picked up ${name(active.id)}.`,
        onDragOver: ({ over }: { over: { id: string | number } | null }) =>
            over === null ? undefined : `Over ${name(over.id)}.`,
        onDragEnd: ({ over }: { over: { id: string | number } | null }) =>
            over === null ? 'Put back.' : `Put down at ${name(over.id)}.`,
        onDragCancel: () => 'Put back where it was.',
    }
}
