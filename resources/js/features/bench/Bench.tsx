import { useQuery } from '@tanstack/react-query'
import { FileUp, Plus } from 'lucide-react'
import { useEffect, useState } from 'react'
import { Link } from 'react-router'
import { Button } from '@/design/Button'
import { RetryNotice } from '@/design/Notice'
import { type Reading, roomQuery } from '@/features/build'
import { NextSession } from '@/features/clock'
import { Countdowns } from '@/features/remind'
import { benchQuery } from './api'
import { BuildCard } from './BuildCard'
import { ImportDialog } from './ImportDialog'
import { StartDialog } from './StartDialog'
import { byUrgency, isOnBench } from './waiting'

export function Bench() {
    const builds = useQuery(benchQuery)
    const tried = (builds.data ?? []).filter((card) => !isOnBench(card)).length
    const room = useQuery(roomQuery)
    const [dialog, setDialog] = useState<'start' | 'import' | null>(null)
    const now = useMinute()

    useEffect(() => {
        document.title = 'Bench · Ulvrach'
        const onKey = (event: KeyboardEvent) => {
            if (
                event.key === 'n' &&
                !(event.target instanceof HTMLElement && event.target.closest('input, textarea, select, [role=dialog]'))
            ) {
                event.preventDefault()
                setDialog('start')
            }
        }
        window.addEventListener('keydown', onKey)
        return () => window.removeEventListener('keydown', onKey)
    }, [])

    return (
        <main className="flex-1 overflow-y-auto">
            <div className="mx-auto max-w-5xl p-4">
                <div className="mb-3 flex flex-wrap items-center gap-2">
                    <h1 className="wide text-xl font-semibold">On the bench</h1>
                    <p className="flex-1 text-soft">
                        {room.data?.reading != null && sayRoom(room.data.reading, room.data.profile.counts)}
                    </p>
                    <Button onClick={() => setDialog('import')}>
                        <FileUp className="size-4" aria-hidden /> Import a plan
                    </Button>
                    <Button tone="act" onClick={() => setDialog('start')} aria-keyshortcuts="n">
                        <Plus className="size-4" aria-hidden /> Start a build
                    </Button>
                </div>
                {builds.isPending && <p className="p-6 text-center text-soft">Looking over the bench…</p>}
                {builds.isError && <RetryNotice error={builds.error} onRetry={() => void builds.refetch()} />}
                {builds.data?.length === 0 && (
                    <div className="rounded-plate border border-dashed border-rule p-10 text-center">
                        <p className="wide text-lg font-semibold">The bench is empty</p>
                        <p className="mx-auto mt-1 max-w-md text-soft">
                            Say what the vehicle is, and Ulvrach lays out its zones. Then add step after step and see at
                            once what would harm what.
                        </p>
                        <Button tone="act" className="mt-4" onClick={() => setDialog('start')}>
                            Start the first build
                        </Button>
                    </div>
                )}
                <Countdowns />
                {(builds.data?.length ?? 0) > 0 && <NextSession />}
                <ul aria-label="Builds" className="flex flex-col gap-3">
                    {byUrgency((builds.data ?? []).filter(isOnBench), now).map((card) => (
                        <BuildCard key={card.id} card={card} now={now} />
                    ))}
                </ul>
                {tried > 0 && (
                    <p className="mt-3 text-soft">
                        {tried === 1 ? 'One card is' : `${tried} cards are`} tried out, and{' '}
                        <Link to="/trials" className="underline">
                            under trials
                        </Link>
                        .
                    </p>
                )}
            </div>
            <StartDialog open={dialog === 'start'} onOpenChange={(open) => setDialog(open ? 'start' : null)} />
            <ImportDialog open={dialog === 'import'} onOpenChange={(open) => setDialog(open ? 'import' : null)} />
        </main>
    )
}

function sayRoom({ temperatureC, humidityPercent, simulated }: Reading, counts: boolean): string {
    const from = simulated ? ' (simulated)' : ''
    const use = counts ? '; drying counts with it' : ''
    return `${temperatureC.toFixed(1)} °C, ${Math.round(humidityPercent)} % at the bench${from}${use}`
}

/** The present minute, so that waits count down while the page stands open. */
function useMinute(): Date {
    const [now, setNow] = useState(() => new Date())
    useEffect(() => {
        const timer = window.setInterval(() => setNow(new Date()), 20_000)
        return () => window.clearInterval(timer)
    }, [])
    return now
}
