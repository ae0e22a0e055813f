import { useMutation, useQueryClient } from '@tanstack/react-query'
import { Trash2 } from 'lucide-react'
import { AlertDialog } from 'radix-ui'
import { Suspense } from 'react'
import { Link } from 'react-router'
import { z } from 'zod'
import { send } from '@/app/http'
import { Button } from '@/design/Button'
import { classes } from '@/design/classes'
import { inWords } from '@/design/duration'
import { IconButton } from '@/design/Icon'
import { later } from '@/design/later'
import { SeverityMark, VerdictLine } from '@/design/Severity'
import { type BenchCard, benchQuery } from './api'
import { nextCure, type Standing, standingOf } from './waiting'

const VehicleThumb = later(() => import('@/features/vehicle/VehicleThumb'))

/** Pixels on the card. */
const THUMB = { width: 190, height: 92 }

const EDGE: Record<Standing['state'], string> = {
    ready: 'border-l-good',
    closing: 'border-l-risk',
    missed: 'border-l-stop',
    waiting: 'border-l-rule',
}

/** The edge says how it stands: what was not begun is grey, unless its plan would ruin the model. */
function edgeOf(card: BenchCard, standing: Standing | null): string {
    if (card.unreadable !== null) return EDGE.missed
    if (card.done > 0 && standing !== null) return EDGE[standing.state]
    return card.summary.stops > 0 ? EDGE.missed : EDGE.waiting
}

export function BuildCard({ card, now }: { card: BenchCard; now: Date }) {
    const standing = card.next === null ? null : standingOf(card.next, now)
    return (
        <li
            className={classes(
                'relative flex overflow-hidden rounded-plate border border-l-4 border-line bg-sheet',
                edgeOf(card, standing),
            )}
        >
            <Palette colours={card.palette} />
            {card.finish !== null && (
                // As it stands on the bench now; on a phone the words need the room.
                <div className="hidden shrink-0 items-end justify-center self-stretch bg-stage px-3 py-2 sm:flex">
                    <Suspense fallback={<div style={THUMB} />}>
                        <VehicleThumb vehicle={card} name={card.name} finish={card.finish} {...THUMB} />
                    </Suspense>
                </div>
            )}
            <div className="min-w-0 flex-1 p-3">
                <div className="flex items-start gap-3">
                    <div className="min-w-0 flex-1">
                        <h2 className="wide truncate text-base font-semibold">
                            {card.unreadable === null ? (
                                <Link
                                    to={`/builds/${card.id}`}
                                    className="after:absolute after:inset-0 hover:underline"
                                >
                                    {card.name}
                                </Link>
                            ) : (
                                card.name
                            )}
                        </h2>
                        <p className="truncate text-fine text-soft">
                            {card.unreadable === null &&
                                `${card.vehicle === '' ? card.kind : card.vehicle}, 1:${card.scale}`}
                        </p>
                    </div>
                    <Progress done={card.done} steps={card.steps} stages={card.stages} />
                    <DeleteBuild id={card.id} name={card.name} />
                </div>
                {card.unreadable === null ? (
                    <Work card={card} standing={standing} now={now} />
                ) : (
                    <Unreadable id={card.id} why={card.unreadable} />
                )}
                {card.steps > 0 && <VerdictLine counts={card.summary} className="mt-2" />}
            </div>
        </li>
    )
}

/** What comes next, what it waits for, what dries meanwhile and what to have ready. */
function Work({ card, standing, now }: { card: BenchCard; standing: Standing | null; now: Date }) {
    const drying = card.curing.flatMap((row) => {
        const cure = nextCure(row, now)
        return cure === null ? [] : [{ row, cure }]
    })
    return (
        <>
            <p className="mt-2 text-base">
                {card.next === null || standing === null ? (
                    <span>
                        {card.steps === 0 ? 'No steps yet: open it and lay out the finish.' : 'Every step is done.'}
                    </span>
                ) : (
                    <>
                        <strong className="font-semibold">
                            {card.done === 0 && standing.state === 'ready' ? 'Not begun' : standing.text}
                        </strong>
                        {': '}
                        step {card.next.number}, {card.next.technique}
                        {card.next.product !== null && ` with ${card.next.product}`} ({inWords(card.next.handsOn)} of
                        work)
                    </>
                )}
            </p>
            {standing?.state === 'waiting' && card.next?.waitsFor != null && (
                <p className="text-soft">Waits for the {card.next.waitsFor}.</p>
            )}
            {card.next !== null && (
                <Link
                    to={`/work?build=${card.id}`}
                    className="relative z-10 inline-flex min-h-8 items-center underline pointer-coarse:min-h-11"
                >
                    Work on it now
                </Link>
            )}
            {drying.length > 0 && (
                <p className="mt-1 text-fine text-soft">
                    Drying: {drying.map(({ row, cure }) => `${row.product} ${cure.state} ${cure.text}`).join(' · ')}
                </p>
            )}
        </>
    )
}

/** A plan that is broken, or that a later version wrote: nothing of it is lost, and nothing else suffers from it. */
function Unreadable({ id, why }: { id: string; why: string }) {
    return (
        <div className="mt-2">
            <p className="flex items-start gap-1.5">
                <SeverityMark severity="stop" className="mt-0.5 size-4" />
                <span>{why}</span>
            </p>
            <a
                href={`/api/builds/${id}/plan-file`}
                className="relative z-10 mt-1 inline-flex min-h-8 items-center underline pointer-coarse:min-h-11"
            >
                Save its file as it is
            </a>
        </div>
    )
}

/** The colours of the finish as a core sample: the first coat lowest. */
function Palette({ colours }: { colours: readonly string[] }) {
    return (
        <span aria-hidden="true" className="flex w-5 shrink-0 flex-col-reverse border-r border-line bg-ground">
            {colours.map((colour) => (
                <span key={colour} className="flex-1" style={{ backgroundColor: colour }} />
            ))}
        </span>
    )
}

/** How far it is, part by part, so that one sees of several builds at which stage each of them is. */
function Progress({ done, steps, stages }: Pick<BenchCard, 'done' | 'steps' | 'stages'>) {
    if (steps === 0) {
        return null
    }
    const present = stages.find((stage) => stage.done < stage.steps)
    return (
        <div className="w-44 shrink-0 text-right text-fine text-soft max-sm:w-32">
            {done} of {steps} steps done
            <span className="mt-1 flex h-1.5 gap-px" aria-hidden="true">
                {stages.map((stage) => (
                    <span key={stage.part} className="bg-press" style={{ flexGrow: stage.steps }}>
                        <span
                            className="block h-full bg-soft"
                            style={{ width: `${(100 * stage.done) / stage.steps}%` }}
                        />
                    </span>
                ))}
            </span>
            {present !== undefined && done > 0 && <span className="block">at: {present.part.toLowerCase()}</span>}
        </div>
    )
}

function DeleteBuild({ id, name }: { id: string; name: string }) {
    const queries = useQueryClient()
    const remove = useMutation({
        mutationFn: () => send('DELETE', `/builds/${id}`, z.null()),
        onSuccess: () => queries.invalidateQueries({ queryKey: benchQuery.queryKey }),
    })
    return (
        <AlertDialog.Root>
            <AlertDialog.Trigger asChild>
                <IconButton className="z-10" label={`Delete ${name}`}>
                    <Trash2 className="size-4" aria-hidden />
                </IconButton>
            </AlertDialog.Trigger>
            <AlertDialog.Portal>
                <AlertDialog.Overlay className="fixed inset-0 z-40 bg-black/45" />
                <AlertDialog.Content
                    className={classes(
                        'fixed top-[20dvh] left-1/2 z-50 w-[calc(100vw-2rem)] max-w-md -translate-x-1/2',
                        'rounded-plate border border-rule bg-panel p-4 shadow-xl',
                    )}
                >
                    <AlertDialog.Title className="wide text-lg font-semibold">Delete this build?</AlertDialog.Title>
                    <AlertDialog.Description className="mt-1 break-words text-soft">
                        “{name}” goes with its plan and all that can be undone in it. There is no way back.
                    </AlertDialog.Description>
                    {remove.isError && (
                        <p role="alert" className="mt-2 text-stop">
                            {remove.error.message}
                        </p>
                    )}
                    <div className="mt-4 flex justify-end gap-2">
                        <AlertDialog.Cancel asChild>
                            <Button>Keep it</Button>
                        </AlertDialog.Cancel>
                        <Button tone="danger" disabled={remove.isPending} onClick={() => remove.mutate()}>
                            Delete it
                        </Button>
                    </div>
                </AlertDialog.Content>
            </AlertDialog.Portal>
        </AlertDialog.Root>
    )
}
