import {
    type CollisionDetection,
    closestCenter,
    DndContext,
    type DragEndEvent,
    KeyboardSensor,
    PointerSensor,
    type UniqueIdentifier,
    useSensor,
    useSensors,
} from '@dnd-kit/core'
import { SortableContext, sortableKeyboardCoordinates, verticalListSortingStrategy } from '@dnd-kit/sortable'
import { ChevronDown, ChevronRight } from 'lucide-react'
import { Fragment, type KeyboardEvent, memo, useEffect, useMemo, useRef, useState } from 'react'
import { Button } from '@/design/Button'
import { classes } from '@/design/classes'
import { inWords } from '@/design/duration'
import { SEVERITIES, SEVERITY_WORD, SeverityMark } from '@/design/Severity'
import type { Library, Plan, Verdict } from '@/features/build'
import type { Acts, Cursor } from '../state/acts'
import { isDone } from '../state/record'
import type { Sessions } from '../state/useSessions'
import type { FindingIndex } from '../state/verdicts'
import {
    boardColumns,
    type Column,
    columnsOf,
    hasGroups,
    hasParts,
    type Part,
    partsOf,
    passes,
    type View,
    visibleSteps,
} from '../state/view'
import { CoreStrip } from './CoreStrip'
import { useRows } from './rows'
import { StepRow } from './StepRow'

type Props = {
    plan: Plan
    verdict: Verdict
    findings: FindingIndex
    library: Library
    cursor: Cursor
    onCursor: (cursor: Cursor) => void
    acts: Acts
    drag: {
        /** Also where it is taken up. */
        over: (id: string, to: number) => void
        /** To null: put back where it was. */
        end: (id: string, to: number | null) => Promise<void>
    }
    view: View
    chosen: ReadonlySet<string>
    sessions: Sessions | null
}

/** The strata board: time runs down, zones run across, a cell is a layer on a zone. */
export const Board = memo(function Board(props: Props) {
    const { plan, verdict, findings, library, cursor, onCursor, acts, drag, view, chosen, sessions } = props
    const grid = useRef<HTMLDivElement>(null)
    // While a step is dragged, the rows keep their order in the document and move by transform.
    const [order, setOrder] = useState<readonly string[] | null>(null)
    const steps = plan.steps
    const columns = useMemo(
        () => columnsOf(plan.zones, library, view.foldedGroups),
        [plan.zones, library, view.foldedGroups],
    )
    const rows = useRows(plan, verdict, findings, library, columns, sessions?.of ?? null)
    const template = boardColumns(columns)
    const visible = visibleSteps(plan, library, view, findings)
    const shown = new Set(visible.map((step) => step.id))
    const ids = order ?? steps.map((step) => step.id)
    const items = useSame(ids.filter((id) => shown.has(id)))
    const sensors = useSensors(
        useSensor(PointerSensor, { activationConstraint: { distance: 5 } }),
        useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
    )

    useFocusOnCursor(grid, cursor)

    const go = (down: number, right: number) => {
        const row = Math.min(
            Math.max(visible.findIndex((step) => step.id === cursor.step) + down, 0),
            visible.length - 1,
        )
        const here = columns.findIndex((column) => column.zones.some((zone) => zone.id === cursor.zone))
        const column = Math.min(Math.max(here + right, -1), columns.length - 1)
        onCursor({ step: visible[row]?.id ?? null, zone: columns[column]?.zones[0]?.id ?? null })
    }
    const onKeyDown = (event: KeyboardEvent<HTMLDivElement>) => {
        if (event.target instanceof HTMLElement && event.target.closest('[data-own-keys]') !== null) return
        const here = columns.find((column) => column.zones.some((zone) => zone.id === cursor.zone))
        const act = gridAct(event, go, acts, here?.zones.map((zone) => zone.id) ?? [], steps.length)
        if (act !== null) {
            event.preventDefault()
            event.stopPropagation()
            act()
        }
    }

    const placeOf = ({ over }: DragEndEvent) => (over === null ? null : ids.indexOf(String(over.id)))
    const over = useRef<UniqueIdentifier | null>(null)
    // The question goes out as soon as the place is found; the library would tell of it once it has drawn it.
    const findPlace: CollisionDetection = (args) => {
        const found = closestCenter(args)
        const id = found[0]?.id
        if (id !== undefined && id !== over.current) {
            over.current = id
            queueMicrotask(() => drag.over(String(args.active.id), ids.indexOf(String(id))))
        }
        return found
    }
    const endDrag = (id: UniqueIdentifier, to: number | null) => {
        over.current = null
        void drag.end(String(id), to).finally(() => setOrder(null))
    }
    const partStarts = new Map(hasParts(plan) ? partsOf(plan, library).map((part) => [part.steps[0]?.id, part]) : [])

    if (steps.length === 0) {
        return (
            <div className="flex flex-1 flex-col items-center justify-center gap-2 p-8 text-center">
                <p className="wide text-lg font-semibold">Nothing laid down yet</p>
                <p className="max-w-sm text-soft">
                    {plan.zones.length} zones are waiting. Say what the vehicle has been through, and a plan is drafted
                    that is sound from the first step to the last; or begin by hand, with the primer.
                </p>
                <Button tone="act" className="mt-2" onClick={() => acts.open('draft')}>
                    Draft a plan from its story
                </Button>
                <Button onClick={() => acts.open('add')}>Add the first step by hand</Button>
            </div>
        )
    }
    return (
        <div className="flex min-w-0 flex-1 flex-col overflow-auto" data-board>
            <DndContext
                sensors={sensors}
                collisionDetection={findPlace}
                accessibility={{ announcements: announcementsFor(plan, library) }}
                onDragStart={({ active }) => {
                    setOrder(steps.map((step) => step.id))
                    onCursor({ step: String(active.id), zone: null })
                }}
                onDragEnd={(event) => {
                    const to = placeOf(event)
                    const from = ids.indexOf(String(event.active.id))
                    endDrag(event.active.id, to === null || to < 0 || to === from ? null : to)
                }}
                onDragCancel={({ active }) => endDrag(active.id, null)}
            >
                <div
                    ref={grid}
                    role="grid"
                    aria-label="Strata board: steps down, zones across"
                    aria-rowcount={steps.length + 1}
                    aria-colcount={columns.length + 2}
                    className="min-w-fit flex-1"
                    onKeyDown={onKeyDown}
                >
                    <ZoneHeads
                        plan={plan}
                        verdict={verdict}
                        columns={columns}
                        view={view}
                        acts={acts}
                        sessions={sessions}
                    />
                    <SortableContext items={items} strategy={verticalListSortingStrategy}>
                        {ids.map((id) => {
                            const row = rows.get(id)
                            if (row === undefined) return null
                            const part = partStarts.get(id)
                            return (
                                <Fragment key={id}>
                                    {part !== undefined &&
                                        order === null &&
                                        part.steps.some((one) => passes(view.filter, one, findings)) && (
                                            <PartHead
                                                part={part}
                                                isFolded={view.foldedParts.has(part.key)}
                                                findings={findings}
                                                verdict={verdict}
                                                onFold={() => acts.fold.part(part.key)}
                                            />
                                        )}
                                    {shown.has(id) && (
                                        <StepRow
                                            row={row}
                                            cursorZone={cursor.step === id ? cursor.zone : undefined}
                                            onCursor={onCursor}
                                            acts={acts}
                                            isDragging={order !== null}
                                            isChosen={chosen.has(id)}
                                            template={template}
                                        />
                                    )}
                                </Fragment>
                            )
                        })}
                        {visible.length === 0 && (
                            <p className="p-6 text-center text-soft">No step has a finding of this kind.</p>
                        )}
                    </SortableContext>
                </div>
            </DndContext>
            <CoreStrip plan={plan} columns={columns} verdict={verdict} cursor={cursor} onCursor={onCursor} />
        </div>
    )
})

/** The list of before as long as it says the same. */
function useSame(list: readonly string[]): string[] {
    // Ids hold no blanks.
    const said = list.join(' ')
    return useMemo(() => (said === '' ? [] : said.split(' ')), [said])
}

type HeadProps = {
    plan: Plan
    verdict: Verdict
    columns: readonly Column[]
    view: View
    acts: Acts
    sessions: Sessions | null
}

function ZoneHeads({ plan, verdict, columns, view, acts, sessions }: HeadProps) {
    const groups: { name: string; span: number }[] = []
    for (const column of columns) {
        const last = groups[groups.length - 1]
        if (last?.name === column.group) last.span++
        else groups.push({ name: column.group, span: 1 })
    }
    return (
        <div role="rowgroup" className="sticky top-0 z-20 border-b border-rule bg-panel">
            {hasGroups(plan) && (
                <div role="row" className="grid" style={{ gridTemplateColumns: boardColumns(columns) }}>
                    <span role="columnheader" style={{ gridColumn: 'span 2' }} className="sr-only">
                        Groups of zones
                    </span>
                    <span style={{ gridColumn: 'span 2' }} />
                    {groups.map((group) => (
                        <span
                            key={group.name}
                            role="columnheader"
                            style={{ gridColumn: `span ${group.span}` }}
                            className="min-w-0 border-l border-line"
                        >
                            <button
                                type="button"
                                data-own-keys
                                aria-expanded={!view.foldedGroups.has(group.name)}
                                onClick={() => acts.fold.group(group.name)}
                                className={classes(
                                    'narrow flex w-full items-center justify-center gap-0.5 truncate px-0.5 text-fine',
                                    'text-soft hover:bg-press pointer-coarse:min-h-11',
                                )}
                            >
                                <FoldMark isFolded={view.foldedGroups.has(group.name)} /> {group.name}
                            </button>
                        </span>
                    ))}
                </div>
            )}
            <div role="row" className="grid" style={{ gridTemplateColumns: boardColumns(columns) }}>
                <span
                    role="columnheader"
                    className="narrow sticky left-0 z-[5] self-end bg-panel px-2 pb-1 text-fine text-soft"
                >
                    {sayClock(sessions, verdict)}
                </span>
                <span
                    role="columnheader"
                    className="narrow sticky left-[5.5rem] z-[5] self-end bg-panel pb-1 text-fine text-soft"
                >
                    Step
                </span>
                {columns.map((column) => (
                    <span
                        key={column.key}
                        role="columnheader"
                        title={column.zones.map((zone) => `${zone.name}, ${zone.areaCm2} cm²`).join('\n')}
                        className={classes(
                            'narrow line-clamp-3 self-end border-l border-line px-0.5 pt-1 pb-1 text-center',
                            'text-fine leading-tight font-medium break-words hyphens-auto',
                        )}
                    >
                        {column.name}
                    </span>
                ))}
            </div>
        </div>
    )
}

function sayClock(sessions: Sessions | null, verdict: Verdict): string {
    if (sessions !== null) return sessions.isOld ? 'Session…' : 'Session'
    return verdict.clockZero === null ? 'Plan time' : 'Clock'
}

function FoldMark({ isFolded }: { isFolded: boolean }) {
    return isFolded ? (
        <ChevronRight className="size-3 shrink-0" aria-hidden />
    ) : (
        <ChevronDown className="size-3 shrink-0" aria-hidden />
    )
}

type PartProps = { part: Part; isFolded: boolean; findings: FindingIndex; verdict: Verdict; onFold: () => void }

/** The head of a run of steps of one kind; folded, it still tells how it stands. */
function PartHead({ part, isFolded, findings, verdict, onFold }: PartProps) {
    const worst = SEVERITIES.find((severity) => part.steps.some((step) => findings.worstOfStep(step.id) === severity))
    const work = part.steps.reduce(
        (sum, step) => sum + (verdict.steps.find((one) => one.id === step.id)?.handsOn ?? 0),
        0,
    )
    const done = part.steps.filter((step) => isDone(verdict, step.id)).length
    return (
        <div role="row" className="border-t border-line bg-ground [[role=rowgroup]+&]:border-t-0">
            <div role="rowheader">
                <button
                    type="button"
                    data-own-keys
                    aria-expanded={!isFolded}
                    onClick={onFold}
                    className={classes(
                        'flex w-full items-center gap-1.5 px-1.5 py-0.5 text-left text-fine hover:bg-press',
                        'pointer-coarse:min-h-11',
                    )}
                >
                    <FoldMark isFolded={isFolded} />
                    <span className="font-semibold">{part.name}</span>
                    <span className="text-soft">
                        {part.steps.length} {part.steps.length === 1 ? 'step' : 'steps'}, {inWords(work)} of work
                        {done > 0 && `, ${done} done`}
                    </span>
                    {isFolded && worst !== undefined && (
                        <SeverityMark severity={worst} label={SEVERITY_WORD[worst]} className="size-3.5" />
                    )}
                </button>
            </div>
        </div>
    )
}

/** The focus follows the cursor while it is on the board, so that keys and screen readers are where the eye is. */
function useFocusOnCursor(grid: { current: HTMLDivElement | null }, cursor: Cursor): void {
    useEffect(() => {
        const board = grid.current
        const active = document.activeElement
        const cell = board?.querySelector<HTMLElement>(`[data-cell="${cursor.step ?? ''}/${cursor.zone ?? ''}"]`)
        if (active === document.body || board?.contains(active)) cell?.focus()
        // Whoever goes through the steps elsewhere, as on the vehicle, is followed.
        else cell?.scrollIntoView({ block: 'nearest' })
    }, [grid, cursor])
}

function gridAct(
    event: KeyboardEvent,
    go: (down: number, right: number) => void,
    acts: Acts,
    zones: readonly string[],
    rows: number,
): (() => void) | null {
    if (event.ctrlKey || event.metaKey) return null
    if (event.altKey) {
        if (event.key === 'ArrowUp') return () => acts.steps.move(-1)
        return event.key === 'ArrowDown' ? () => acts.steps.move(1) : null
    }
    if (event.shiftKey && (event.key === 'ArrowUp' || event.key === 'ArrowDown')) {
        return () => {
            acts.choice.toggle(null)
            go(event.key === 'ArrowUp' ? -1 : 1, 0)
        }
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
            return zones.length === 0 ? null : () => acts.steps.toggle(zones)
        case 'Enter':
            return () =>
                document.querySelector<HTMLElement>('[data-inspector] button, [data-inspector] select')?.focus()
        case 'Delete':
        case 'Backspace':
            return acts.steps.remove
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
