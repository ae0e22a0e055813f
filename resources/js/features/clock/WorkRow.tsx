import { useMutation, useQueryClient } from '@tanstack/react-query'
import { Check } from 'lucide-react'
import { Link } from 'react-router'
import { ActSign, leavesNoFilm } from '@/design/ActSign'
import { IconButton } from '@/design/Icon'
import { SEVERITY_WORD, SeverityMark } from '@/design/Severity'
import { Swatch } from '@/design/Swatch'
import { markDone } from './api'
import { type Formats, type Piece, sayHow, sayWork } from './times'

/** What a piece of work is, in two lines: the colour and place, then how and on which build. */
export function WorkText({ piece, build, format }: { piece: Piece; build: string; format: Formats }) {
    const { item } = piece
    return (
        <span className="flex min-w-0 items-center gap-2">
            {leavesNoFilm(item.kind) ? (
                <ActSign kind={item.kind} className="h-5 w-6 shrink-0" />
            ) : (
                <Swatch
                    coverage="whole"
                    kind={item.kind}
                    colour={item.colour}
                    className="h-5 w-6 shrink-0 border border-rule/70"
                />
            )}
            <span className="min-w-0 leading-tight">
                <span className="flex items-center gap-1.5 font-medium">
                    <span className="truncate">
                        {item.number} {sayWork(item)}
                    </span>
                    {item.worst !== null && (
                        <SeverityMark severity={item.worst} label={SEVERITY_WORD[item.worst]} className="size-3.5" />
                    )}
                </span>
                <span className="block truncate text-fine text-soft">
                    {[sayHow(piece, format), build].filter((part) => part !== '').join(' · ')}
                </span>
            </span>
        </span>
    )
}

/** Leads to the step on its board. */
export const linkOf = ({ item }: Piece): string => `/builds/${item.build}?step=${item.step}`

/** One press says that the step is done now. Not before its last part. */
export function Tick({ piece }: { piece: Piece }) {
    const queries = useQueryClient()
    const mark = useMutation({
        mutationFn: () => markDone(piece.item.build, piece.item.step),
        onSuccess: async () => {
            await Promise.all([
                queries.invalidateQueries({ queryKey: ['clock'] }),
                queries.invalidateQueries({ queryKey: ['builds'] }),
                queries.invalidateQueries({ queryKey: ['build', piece.item.build] }),
            ])
        },
    })
    if (!piece.item.finishes || piece.number < piece.of) return <span className="w-9" />
    return (
        <IconButton
            label={
                mark.isError ? 'It could not be kept: try again' : `Done: ${piece.item.number} ${sayWork(piece.item)}`
            }
            disabled={mark.isPending || mark.isSuccess}
            onClick={() => mark.mutate()}
        >
            <Check className={`size-4 ${mark.isError ? 'text-stop' : ''}`} aria-hidden />
        </IconButton>
    )
}

export function WorkLink({ piece, build, format }: { piece: Piece; build: string; format: Formats }) {
    return (
        <Link to={linkOf(piece)} className="min-w-0 flex-1 rounded-plate hover:bg-press">
            <WorkText piece={piece} build={build} format={format} />
        </Link>
    )
}
