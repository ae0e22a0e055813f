import { Link } from 'react-router'
import { SeverityMark } from '@/design/Severity'
import type { Timetable } from './api'

/** What is not laid, because it would ruin something: a line a build, with the first stop and the way there. */
export function HeldBack({ timetable }: { timetable: Timetable }) {
    return timetable.builds.map((build) => {
        const stops = timetable.held.filter((stop) => stop.build === build.id)
        const [first, ...more] = stops
        if (first === undefined) return null
        return (
            <p key={build.id} className="flex items-start gap-1.5 border-b border-stop bg-stop-wash px-3 py-1.5">
                <SeverityMark severity="stop" className="mt-0.5 size-4" />
                <span>
                    {build.name}: {build.held} {build.held === 1 ? 'step is' : 'steps are'} held back.{' '}
                    <Link className="font-medium underline" to={`/builds/${first.build}?step=${first.step}`}>
                        Step {first.number}
                    </Link>
                    : {first.says}
                    {more.length > 0 && ' Also '}
                    {more.map((stop, place) => (
                        <span key={`${stop.step} ${stop.says}`}>
                            {place > 0 && ', '}
                            <Link
                                className="underline"
                                title={stop.says}
                                to={`/builds/${stop.build}?step=${stop.step}`}
                            >
                                step {stop.number}
                            </Link>
                        </span>
                    ))}
                    {more.length > 0 && '.'}
                </span>
            </p>
        )
    })
}
