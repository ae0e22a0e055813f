import { useSortable } from '@dnd-kit/sortable'
import { Check, GripVertical, Lock } from 'lucide-react'
import { type CSSProperties, memo } from 'react'
import { ActSign, leavesNoFilm } from '@/design/ActSign'
import { classes } from '@/design/classes'
import { inWords } from '@/design/duration'
import { SEVERITY_WORD, SeverityMark } from '@/design/Severity'
import { Swatch } from '@/design/Swatch'
import { type Ground, groundImage, inkOn, threadImage } from '@/features/build'
import type { Acts, Cursor } from '../state/acts'
import type { Cell, Row } from './rows'
import { WindowMark } from './WindowMark'

type Props = {
    row: Row
    /** The zone that the cursor is on in this row; null: the step's name; undefined: the cursor is elsewhere. */
    cursorZone: string | null | undefined
    onCursor: (cursor: Cursor) => void
    acts: Acts
    isDragging: boolean
    isChosen: boolean
    template: string
}

export const StepRow = memo(function StepRow(props: Props) {
    const { row, cursorZone, isChosen, template } = props
    const { setNodeRef, setActivatorNodeRef, attributes, listeners, transform, isDragging } = useSortable({
        id: row.id,
        // Rows make way at once: the verdicts on the new place follow within a few frames, and gliding would hold them
        // up.
        transition: null,
    })
    const isHere = cursorZone !== undefined
    return (
        <div
            ref={setNodeRef}
            style={{
                transform: transform === null ? undefined : `translateY(${transform.y}px)`,
                gridTemplateColumns: template,
            }}
            role="row"
            // On the row, not on its cells: times move with every edit, and cells that look the same need not be drawn
            // again.
            title={row.windows === '' ? undefined : row.windows}
            aria-rowindex={row.number + 1}
            aria-selected={isHere || isChosen}
            // A layer of its own: where rows come, go or are carried, those below are moved, not painted again. The
            // line is on top because layers begin on whole pixels, so that one may cover the last line of the one
            // before.
            className={classes(
                'relative grid border-t border-line last:border-b will-change-transform',
                '[[role=rowgroup]+&]:border-t-0',
                row.joins.above && !isDragging ? 'border-t-transparent' : '',
                isDragging ? 'z-10 shadow-lg' : '',
                isHere ? 'bg-sheet' : isChosen ? 'bg-press' : 'bg-row',
            )}
        >
            <RowBody {...props} grip={setActivatorNodeRef} attributes={attributes} listeners={listeners} />
        </div>
    )
})

type BodyProps = Props &
    Pick<ReturnType<typeof useSortable>, 'attributes' | 'listeners'> & { grip: (node: HTMLElement | null) => void }

/** What is in a row; apart from it, so that a row that only moves out of a dragged one's way is not drawn again. */
const RowBody = memo(function RowBody(props: BodyProps) {
    const { row, cursorZone, onCursor, acts, isDragging, isChosen, grip, attributes, listeners } = props
    const isHere = cursorZone !== undefined
    return (
        <>
            {!isDragging && <Wait minutes={row.waitMinutes} columns={row.cells.length + 2} />}
            <div
                role="gridcell"
                className={classes(
                    'narrow sticky left-0 z-[5] flex flex-col justify-center border-l-4 bg-inherit px-1.5',
                    'py-1 text-fine leading-tight',
                    isHere ? 'border-l-ink' : isChosen ? 'border-l-rule' : 'border-l-transparent',
                    row.isDone ? '' : 'text-soft',
                )}
            >
                {row.starts}
                {row.latest !== null && <span className="font-medium">by {row.latest}</span>}
                <Bracket {...row.together} />
            </div>
            <div
                role="rowheader"
                className="sticky left-[5.5rem] z-[5] flex min-w-0 bg-inherit items-center gap-1 py-1 pr-2"
            >
                <button
                    ref={grip}
                    {...attributes}
                    {...listeners}
                    type="button"
                    data-own-keys
                    tabIndex={-1}
                    aria-label={`Drag step ${row.number}`}
                    className={classes(
                        'cursor-grab touch-none rounded-plate py-2 text-rule hover:bg-press hover:text-ink',
                        'pointer-coarse:px-2',
                    )}
                >
                    <GripVertical className="size-4" aria-hidden />
                </button>
                <StepName row={row} isHere={isHere} isCursor={cursorZone === null} onCursor={onCursor} acts={acts} />
            </div>
            {row.cells.map((cell) => (
                <ZoneCell
                    key={cell.key}
                    step={row.id}
                    cell={cell}
                    kind={row.kind}
                    look={row.look}
                    spots={row.spots}
                    joinsAbove={row.joins.above && !isDragging}
                    joinsBelow={row.joins.below && !isDragging}
                    bestShare={row.bestShare}
                    isHere={cursorZone != null && cell.zones.includes(cursorZone)}
                    isInRow={isHere}
                    onCursor={onCursor}
                    acts={acts}
                />
            ))}
        </>
    )
})

/** A bar beside the steps of one sitting. */
function Bracket({ above, below }: Row['together']) {
    if (!above && !below) return null
    return (
        <span
            aria-hidden="true"
            className={classes(
                'absolute right-1 w-1 bg-ink/60',
                above ? '-top-px' : 'top-1.5 rounded-t',
                below ? 'bottom-0' : 'bottom-1.5 rounded-b',
            )}
        />
    )
}

/** The steps that it goes into, or takes up again. */
function Into({ steps, cleans }: { steps: readonly number[]; cleans: boolean }) {
    return (
        <span className="mr-1 rounded-plate border border-rule px-1">
            {cleans ? 'cleans' : 'into'} {steps.join(', ')}
        </span>
    )
}

type NameProps = Pick<Props, 'row' | 'onCursor' | 'acts'> & { isHere: boolean; isCursor: boolean }

const StepName = memo(function StepName({ row, isHere, isCursor, onCursor, acts }: NameProps) {
    return (
        <button
            type="button"
            data-cell={`${row.id}/`}
            tabIndex={isCursor ? 0 : -1}
            aria-current={isHere ? 'step' : undefined}
            onClick={(event) => {
                if (event.shiftKey) acts.choice.upTo(row.id)
                else if (event.ctrlKey || event.metaKey) acts.choice.toggle(row.id)
                else onCursor({ step: row.id, zone: null })
            }}
            className="flex min-h-9 min-w-0 flex-1 items-center gap-2 text-left pointer-coarse:min-h-11"
        >
            {leavesNoFilm(row.kind) ? (
                <ActSign kind={row.kind} className="h-4 w-5 shrink-0" />
            ) : (
                <Swatch {...row.look} className="size-5 shrink-0 border border-rule" />
            )}
            <span className="min-w-0 flex-1 leading-tight">
                <span className="flex items-center gap-1 font-medium">
                    <span className="truncate">
                        {row.number} {row.product ?? row.technique}
                    </span>
                    {row.isLocked && <Lock className="size-3 shrink-0 text-soft" aria-label="kept as it is" />}
                    {row.isDone && <Check className="size-3.5 shrink-0 text-good" aria-label="done" />}
                </span>
                <span className="narrow block truncate text-fine text-soft">
                    {row.into.length > 0 && <Into steps={row.into} cleans={row.kind === 'clean-up'} />}
                    {[row.product === null ? '' : row.technique, row.where].filter((one) => one !== '').join(', ') ||
                        '\u00a0'}
                </span>
            </span>
            {row.worst !== null && (
                <SeverityMark severity={row.worst} label={SEVERITY_WORD[row.worst]} className="size-3.5" />
            )}
        </button>
    )
})

type CellProps = Pick<Props, 'onCursor' | 'acts'> & {
    step: string
    cell: Cell
    kind: Row['kind']
    look: Row['look']
    spots: number | null
    /** One body with what lies in the row above, or below. */
    joinsAbove: boolean
    joinsBelow: boolean
    bestShare: number | null
    isHere: boolean
    isInRow: boolean
}

const ZoneCell = memo(function ZoneCell(props: CellProps) {
    const { step, cell, kind, look, spots, joinsAbove, joinsBelow, bestShare, isHere, isInRow, onCursor, acts } = props
    const { zones, name, isOn, isPart, severity, ground } = cell
    const verdict = severity === null ? '' : `, ${SEVERITY_WORD[severity]}`
    return (
        <div role="gridcell" aria-selected={isHere} className="border-l border-line">
            <button
                type="button"
                data-cell={`${step}/${zones[0] ?? ''}`}
                tabIndex={isHere ? 0 : -1}
                aria-pressed={isOn}
                aria-label={`${name}${verdict}`}
                onClick={() => {
                    // The first press goes there; a press within the chosen step changes its zones.
                    if (isInRow) acts.steps.toggle(zones)
                    onCursor({ step, zone: zones[0] ?? null })
                }}
                className={classes(
                    'relative flex h-full min-h-9 w-full items-center justify-center',
                    'outline-offset-[-2px]',
                    isHere ? 'ring-2 ring-ink ring-inset' : '',
                    isInRow && !isOn ? 'hover:bg-press' : '',
                )}
            >
                {ground !== null && (
                    // Read downwards, a column is the history of its zone in colour.
                    <span
                        className="absolute -inset-y-px left-1/2 w-3 -translate-x-1/2"
                        style={{ background: threadImage(ground) }}
                    />
                )}
                {isOn && (
                    <Film
                        kind={kind}
                        look={look}
                        spots={spots}
                        ground={ground}
                        joinsAbove={joinsAbove}
                        joinsBelow={joinsBelow}
                    />
                )}
                {isOn && bestShare !== null && <WindowMark bestShare={bestShare} />}
                {isPart && <span className="absolute bottom-0 left-1 text-fine leading-none font-bold">½</span>}
                {!isOn && isInRow && <span className="relative size-2 rounded-full border border-sheet bg-rule" />}
                {severity !== null && (
                    <span className="absolute top-0.5 right-0.5">
                        <SeverityMark severity={severity} />
                    </span>
                )}
            </button>
        </div>
    )
})

type FilmProps = Pick<CellProps, 'kind' | 'look' | 'spots' | 'joinsAbove' | 'joinsBelow'> & { ground: Ground | null }

/** A layer fills the cell like a stratum, over what the zone shows then; work that leaves none is drawn as a sign. */
function Film({ kind, look, spots, ground, joinsAbove, joinsBelow }: FilmProps) {
    const place = classes(
        'absolute inset-x-0.5 border-rule/70 border-x',
        joinsAbove ? '-top-px' : 'top-[5px] border-t',
        joinsBelow ? 'bottom-0' : 'bottom-[5px] border-b',
    )
    if (leavesNoFilm(kind)) {
        if (ground === null) return <ActSign kind={kind} />
        return (
            <span className={`${place} grid place-items-center`} style={{ background: groundImage(ground) }}>
                <ActSign kind={kind} ink={inkOn(ground.colour)} />
            </span>
        )
    }
    return (
        <span style={ground === null ? undefined : ({ '--color-card': ground.colour } as CSSProperties)}>
            <Swatch {...look} spots={spots} className={place} />
        </span>
    )
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
            <span
                className={classes(
                    'h-px flex-1',
                    'bg-[repeating-linear-gradient(90deg,var(--color-line)_0_4px,transparent_4px_8px)]',
                )}
            />
        </div>
    )
}
