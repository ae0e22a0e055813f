import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { classes } from '@/design/classes'
import { inWords } from '@/design/duration'
import { type Timetable, timetableQuery } from './api'
import { SpareTime } from './SpareTime'
import { busySessionsOf, formats, sayConflict } from './times'
import { WorkList } from './WorkList'

/** What to do when one next sits down, for the bench. */
export function NextSession() {
    const timetable = useQuery(timetableQuery({}))
    const sitting = timetable.data === undefined ? undefined : busySessionsOf(timetable.data)[0]
    // Room for what usually comes, so that the cards below do not move away under a finger.
    if (timetable.isPending) {
        return (
            <p className="mb-3 min-h-36 rounded-plate border border-line bg-panel p-3 text-soft">
                Looking at your week…
            </p>
        )
    }
    if (timetable.data === undefined || sitting === undefined) return null
    const format = formats(timetable.data.timeZone)
    return (
        <section aria-label="The next session" className="mb-3 rounded-plate border border-line bg-panel p-3">
            <h2 className="flex flex-wrap items-baseline gap-x-3">
                <span className="wide text-base font-semibold">
                    Next session {format.both(sitting.session.from)}–{format.time(sitting.session.to)}
                </span>
                <span className="text-soft">{inWords(timetable.data.next?.minutes ?? sitting.busy)} of work</span>
                <Link className="ml-auto underline" to="/clock">
                    The clock
                </Link>
                <Link
                    to="/work"
                    className={classes(
                        'inline-flex min-h-8 items-center rounded-plate bg-act px-2.5 font-medium text-on-act',
                        'pointer-coarse:min-h-11',
                    )}
                >
                    To the bench
                </Link>
            </h2>
            <WorkList pieces={sitting.pieces} timetable={timetable.data} />
            {timetable.data.next !== null && timetable.data.next.hazards.length > 0 && (
                <p className="mt-1 text-fine text-soft">
                    Have ready:{' '}
                    {timetable.data.next.hazards.map((hazard, place) => (
                        <span key={hazard.code} title={hazard.advice}>
                            {place > 0 && ' · '}
                            {hazard.title.toLowerCase()}
                        </span>
                    ))}
                    . Labels and data sheets come first.
                </p>
            )}
            <HeldLine timetable={timetable.data} />
            {timetable.data.conflicts.map((conflict) => (
                <p key={conflict.message} className="mt-1 border-l-2 border-risk pl-1.5">
                    {sayConflict(conflict, timetable.data)}
                </p>
            ))}
            <SpareTime plain={timetable.data} />
        </section>
    )
}

/** On the bench a line is enough: what is held back, and where to decide it. */
function HeldLine({ timetable }: { timetable: Timetable }) {
    const held = timetable.builds.filter((build) => build.held > 0)
    if (held.length === 0) return null
    return (
        <p className="mt-1 border-l-2 border-stop pl-1.5">
            Held back by stops:{' '}
            {held.map((build, place) => {
                const step = timetable.held.find((stop) => stop.build === build.id)?.step
                return (
                    <span key={build.id}>
                        {place > 0 && ', '}
                        <Link className="underline" to={`/builds/${build.id}?step=${step ?? ''}`}>
                            {build.held} {build.held === 1 ? 'step' : 'steps'} of {build.name}
                        </Link>
                    </span>
                )
            })}
            .
        </p>
    )
}
