import { useSortable } from '@dnd-kit/sortable'
import { Check, GripVertical } from 'lucide-react'
import { inWords } from '@/design/duration'
import { SEVERITIES, SEVERITY_WORD, SeverityMark } from '@/design/Severity'
import { Swatch } from '@/design/Swatch'
import { type Library, type Plan, type Step, techniqueOf, type Verdict } from '@/features/build'
import { boardColumns, type Cursor } from './Board'
import type { Acts } from './PlanDesk'
import { type FindingIndex, sayMinute, waitBefore } from './verdicts'
import type { Column } from './view'

type Props = {
    step: Step
    index: number
    plan: Plan
    verdict: Verdict
    findings: FindingIndex
    library: Library
    cursor: Cursor
    onCursor: (cursor: Cursor) => void
    acts: Acts
    isDragging: boolean
    columns: readonly Column[]
    isChosen: boolean
}

export function StepRow(props: Props) {
    const { step, index, plan, verdict, findings, library, cursor, onCursor, acts, isDragging, columns, isChosen } = props
    const {
        setNodeRef,
        setActivatorNodeRef,
        attributes,
        listeners,
        transform,
        transition,
        isDragging: isMe,
    } = useSortable({ id: step.id })
    const technique = techniqueOf(library, step.technique)
    const product = plan.products.find((one) => one.id === step.product)
    const times = verdict.steps[index]
    const isHere = cursor.step === step.id
    const worst = findings.worstOfStep(step.id)
    return (
        <div
            ref={setNodeRef}
            style={{
                transform: transform === null ? undefined : `translateY(${transform.y}px)`,
                transition,
                gridTemplateColumns: boardColumns(columns),
            }}
            role="row"
            aria-rowindex={index + 2}
            aria-selected={isHere || isChosen}
            className={`relative grid border-b border-line ${isMe ? 'z-10 shadow-lg' : ''} ${isHere ? 'bg-sheet' : isChosen ? 'bg-press' : 'bg-row'}`}
        >
            {!isDragging && <Wait minutes={waitBefore(verdict, index)} columns={columns.length + 2} />}
            <div
                role="gridcell"
                className={`narrow sticky left-0 z-[5] flex flex-col justify-center border-l-4 bg-inherit px-1.5 py-1 text-fine whitespace-nowrap ${isHere ? 'border-l-ink' : isChosen ? 'border-l-rule' : 'border-l-transparent'} ${step.done === null ? 'text-soft' : ''}`}
            >
                {times !== undefined && sayMinute(times.start, verdict.clockZero)}
            </div>
            <div role="rowheader" className="sticky left-[5.5rem] z-[5] flex min-w-0 bg-inherit items-center gap-1 py-1 pr-2">
                <button
                    ref={setActivatorNodeRef}
                    {...attributes}
                    {...listeners}
                    type="button"
                    data-grip
                    tabIndex={-1}
                    aria-label={`Drag step ${index + 1}`}
                    className="cursor-grab touch-none rounded-plate py-2 text-rule hover:bg-press hover:text-ink pointer-coarse:px-2"
                >
                    <GripVertical className="size-4" aria-hidden />
                </button>
                <button
                    type="button"
                    data-cell={`${step.id}/`}
                    tabIndex={isHere && cursor.zone === null ? 0 : -1}
                    aria-current={isHere ? 'step' : undefined}
                    onClick={(event) => {
                        if (event.shiftKey) acts.chooseTo(step.id)
                        else if (event.ctrlKey || event.metaKey) acts.choose(step.id)
                        else onCursor({ step: step.id, zone: null })
                    }}
                    className="flex min-h-9 min-w-0 flex-1 items-center gap-2 text-left pointer-coarse:min-h-11"
                >
                    <Swatch
                        coverage={technique.coverage}
                        colour={product?.colour ?? null}
                        sheen={product?.sheen ?? null}
                        className="size-5 shrink-0 border border-rule"
                    />
                    <span className="min-w-0 flex-1 leading-tight">
                        <span className="flex items-center gap-1 font-medium">
                            <span className="truncate">
                                {index + 1} {technique.name}
                            </span>
                            {step.done !== null && <Check className="size-3.5 shrink-0 text-good" aria-label="done" />}
                        </span>
                        <span className="narrow block truncate text-fine text-soft">{product?.name ?? '\u00a0'}</span>
                    </span>
                    {worst !== null && <SeverityMark severity={worst} label={SEVERITY_WORD[worst]} className="size-3.5" />}
                </button>
            </div>
            {columns.map((column) => {
                const zone = column.zones[0]
                if (zone === undefined) return null
                const ids = column.zones.map((one) => one.id)
                const on = ids.filter((id) => step.zones.includes(id)).length
                const severity = SEVERITIES.find((one) => ids.some((id) => findings.worstOfCell(step.id, id) === one)) ?? null
                return (
                    <Cell
                        key={column.key}
                        name={`${column.isFolded ? `${column.group}, ${column.name}` : zone.name}, step ${index + 1}`}
                        cell={`${step.id}/${zone.id}`}
                        isOn={on > 0}
                        isPart={on > 0 && on < ids.length}
                        isHere={isHere && cursor.zone !== null && ids.includes(cursor.zone)}
                        isInRow={isHere}
                        look={{ coverage: technique.coverage, colour: product?.colour ?? null, sheen: product?.sheen ?? null }}
                        kind={technique.kind}
                        severity={severity}
                        onPress={() => {
                            // The first press goes there; a press within the chosen step changes its zones.
                            if (isHere) acts.toggle(ids)
                            onCursor({ step: step.id, zone: zone.id })
                        }}
                    />
                )
            })}
        </div>
    )
}

type CellProps = {
    name: string
    cell: string
    isOn: boolean
    isPart: boolean
    isHere: boolean
    isInRow: boolean
    look: { coverage: string; colour: string | null; sheen: string | null }
    kind: string
    severity: 'stop' | 'risk' | 'note' | null
    onPress: () => void
}

function Cell({ name, cell, isOn, isPart, isHere, isInRow, look, kind, severity, onPress }: CellProps) {
    const verdict = severity === null ? '' : `, ${SEVERITY_WORD[severity]}`
    return (
        <div role="gridcell" aria-selected={isHere} className="border-l border-line">
            <button
                type="button"
                data-cell={cell}
                tabIndex={isHere ? 0 : -1}
                aria-pressed={isOn}
                aria-label={`${name}${verdict}`}
                onClick={onPress}
                className={`relative flex h-full min-h-9 w-full items-center justify-center outline-offset-[-2px] ${isHere ? 'ring-2 ring-ink ring-inset' : ''} ${isInRow && !isOn ? 'hover:bg-press' : ''}`}
            >
                {isOn && <Film kind={kind} look={look} />}
                {isPart && <span className="absolute bottom-0 left-1 text-fine leading-none font-bold">½</span>}
                {!isOn && isInRow && <span className="size-1 rounded-full bg-rule" />}
                {severity !== null && (
                    <span className="absolute top-0.5 right-0.5">
                        <SeverityMark severity={severity} />
                    </span>
                )}
            </button>
        </div>
    )
}

const ACTS_WITHOUT_FILM: Record<string, string> = {
    'lift-off': 'M2 12 6 5l3 5 3-7 3 8 4-6 3 5',
    mask: 'M3 4l18 8M3 12l18-8',
    unmask: 'M3 12h12m0 0-3-4m3 4-3 4',
    'fix-pigment': 'M4 4v8M9 4v8M14 4v8M19 4v8',
    'test-patch': 'M12 3v10M7 8h10',
    abrade: 'M3 12l6-8M9 13l6-9M15 13l6-9',
    soften: 'M3 6c3 4 6-4 9 0s6-4 9 0M3 11c3 4 6-4 9 0s6-4 9 0',
    join: 'M3 8h7m4 0h7M10 4v8M14 4v8',
    look: 'M2 8c5-7 15-7 20 0-5 7-15 7-20 0zm8 0h4',
}

/** A layer fills the cell like a stratum; work that leaves none is drawn as a sign. */
function Film({ kind, look }: Pick<CellProps, 'kind' | 'look'>) {
    const sign = ACTS_WITHOUT_FILM[kind]
    if (sign !== undefined) {
        return (
            <svg viewBox="0 0 24 16" className="h-5 w-8 text-soft" aria-hidden="true">
                <path d={sign} fill="none" stroke="currentColor" strokeWidth="1.6" />
            </svg>
        )
    }
    return <Swatch {...look} className="absolute inset-x-0.5 inset-y-[5px] border border-rule/70" />
}

/** The wait before a step: a gap that grows with it, so that long waits show in the rhythm of the page. */
function Wait({ minutes, columns }: { minutes: number; columns: number }) {
    if (minutes < 60) return null
    const high = minutes < 180 ? 'h-3' : minutes < 720 ? 'h-4' : 'h-5'
    return (
        <div
            aria-hidden="true"
            style={{ gridColumn: `1 / span ${columns}` }}
            className={`${high} flex items-center gap-2 border-b border-line bg-ground pl-2`}
        >
            <span className="narrow text-[0.68rem] leading-none text-soft">{inWords(minutes)} wait</span>
            <span className="h-px flex-1 bg-[repeating-linear-gradient(90deg,var(--color-line)_0_4px,transparent_4px_8px)]" />
        </div>
    )
}
