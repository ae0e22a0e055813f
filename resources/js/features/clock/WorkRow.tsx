import { useMutation, useQueryClient } from '@tanstack/react-query'
import { Check } from 'lucide-react'
import { Suspense } from 'react'
import { Link } from 'react-router'
import { ActSign, leavesNoFilm } from '@/design/ActSign'
import { IconButton } from '@/design/Icon'
import { later } from '@/design/later'
import { SEVERITY_WORD, SeverityMark } from '@/design/Severity'
import { Swatch } from '@/design/Swatch'
import { type Item, markDone, type Timetable } from './api'
import { type Formats, type Piece, sayHow, sayWork } from './times'

const WhereSign = later(() => import('@/features/vehicle/WhereSign'))

/** What a piece of work is, in two lines: the colour and place, then how and on which build. */
type Props = { piece: Piece; timetable: Timetable; format: Formats }

export function WorkText({ piece, timetable, format }: Props) {
    const { item } = piece
    const build = timetable.builds.find((one) => one.id === item.build)
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
            <span className="min-w-0 flex-1 leading-tight">
                <span className="flex items-center gap-1.5 font-medium">
                    <span className="truncate">
                        {item.number} {sayWork(item)}
                    </span>
                    {item.worst !== null && (
                        <SeverityMark severity={item.worst} label={SEVERITY_WORD[item.worst]} className="size-3.5" />
                    )}
                </span>
                <span className="block truncate text-fine text-soft">
                    {[sayHow(piece, format), build?.name ?? ''].filter((part) => part !== '').join(' · ')}
                </span>
            </span>
            <Where item={item} timetable={timetable} className="max-sm:hidden" />
        </span>
    )
}

/** The places of the work on the vehicle of its build. */
export function Where({ item, timetable, className }: Pick<Props, 'timetable'> & { item: Item; className?: string }) {
    const build = timetable.builds.find((one) => one.id === item.build)
    if (build === undefined || item.zones.length === 0) return null
    return (
        <span className={className}>
            <Suspense fallback={null}>
                <WhereSign vehicle={build} belongs={build.belongs} zones={item.zones} />
            </Suspense>
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

export function WorkLink({ piece, timetable, format }: Props) {
    return (
        <Link to={linkOf(piece)} className="min-w-0 flex-1 rounded-plate hover:bg-press">
            <WorkText piece={piece} timetable={timetable} format={format} />
        </Link>
    )
}
