import { Check, ChevronRight } from 'lucide-react'
import { ActSign, leavesNoFilm } from '@/design/ActSign'
import { classes } from '@/design/classes'
import { SEVERITY_WORD, SeverityMark } from '@/design/Severity'
import { Swatch } from '@/design/Swatch'
import type { Row } from './rows'

/** The plan as a list over the whole width: a press opens the step in a sheet from below. */
export default function StepList({
    rows,
    chosen,
    onOpen,
    onAdd,
}: {
    rows: readonly Row[]
    chosen: string | null
    onOpen: (step: string) => void
    onAdd: () => void
}) {
    if (rows.length === 0) {
        return (
            <div className="flex-1 p-8 text-center">
                <p className="text-soft">Nothing laid down yet.</p>
                <button type="button" className="mt-3 min-h-11 rounded-plate bg-act px-4 text-on-act" onClick={onAdd}>
                    Add the first step
                </button>
            </div>
        )
    }
    return (
        <ol className="min-h-0 flex-1 overflow-y-auto pb-4" aria-label="Steps">
            {rows.map((row) => (
                <li key={row.id} className="border-b border-line">
                    <button
                        type="button"
                        aria-current={row.id === chosen ? 'step' : undefined}
                        onClick={() => onOpen(row.id)}
                        className={classes(
                            'flex min-h-14 w-full items-center gap-3 px-3 py-1.5 text-left',
                            row.id === chosen ? 'bg-sheet' : '',
                        )}
                    >
                        {leavesNoFilm(row.kind) ? (
                            <ActSign kind={row.kind} className="h-7 w-9 shrink-0" />
                        ) : (
                            <Swatch {...row.look} className="h-8 w-9 shrink-0 border border-rule/70" />
                        )}
                        <span className="min-w-0 flex-1 leading-tight">
                            <span className="flex items-center gap-1.5 text-base font-medium">
                                <span className="truncate">
                                    {row.number} {row.product ?? row.technique}
                                </span>
                                {row.isDone && <Check className="size-4 shrink-0 text-good" aria-label="done" />}
                            </span>
                            <span className="block truncate text-soft">
                                {[row.product === null ? '' : row.technique, row.where].filter(Boolean).join(', ')}
                            </span>
                            <span className="block text-fine text-soft">
                                {row.starts}
                                {row.latest !== null && `, by ${row.latest}`}
                            </span>
                        </span>
                        {row.worst !== null && (
                            <SeverityMark severity={row.worst} label={SEVERITY_WORD[row.worst]} className="size-5" />
                        )}
                        <ChevronRight className="size-4 text-soft" aria-hidden />
                    </button>
                </li>
            ))}
        </ol>
    )
}
