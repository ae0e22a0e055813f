import type { Timetable } from './api'
import { formats, keyOf, type Piece } from './times'
import { Tick, WorkLink } from './WorkRow'

/** Work in the order in which it is done: when it begins, what and where; each leads to its step and can be ticked. */
export function WorkList({ pieces, timetable }: { pieces: readonly Piece[]; timetable: Timetable }) {
    const format = formats(timetable.timeZone)
    return (
        <ol className="mt-1">
            {pieces.map((piece) => (
                <li key={`${keyOf(piece.item)} ${piece.number}`} className="flex min-h-11 items-center gap-2 py-0.5">
                    <span className="w-11 shrink-0 text-soft">{format.time(piece.from)}</span>
                    <WorkLink piece={piece} timetable={timetable} format={format} />
                    {piece.item.closes !== null && (
                        <span className="shrink-0 text-fine font-medium text-stop">
                            by {format.near(piece.item.closes, piece.from)}
                        </span>
                    )}
                    <Tick piece={piece} />
                </li>
            ))}
        </ol>
    )
}
