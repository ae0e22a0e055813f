import { Link } from 'react-router'
import { SeverityMark } from '@/design/Severity'
import type { Timetable } from './api'

/** What is not laid, because it would ruin something: the stop, what waits for it, and the way there. */
export function HeldBack({ timetable }: { timetable: Timetable }) {
    const nameOf = (id: string) => timetable.builds.find((build) => build.id === id)?.name ?? ''
    return timetable.held.map((stop) => {
        const others = stop.steps.filter((number) => number !== stop.number)
        return (
            <p
                key={`${stop.build} ${stop.step} ${stop.says}`}
                className="flex items-start gap-1.5 border-b border-stop bg-stop-wash px-3 py-1.5"
            >
                <SeverityMark severity="stop" className="mt-0.5 size-4" />
                <span>
                    <Link className="font-medium underline" to={`/builds/${stop.build}?step=${stop.step}`}>
                        {nameOf(stop.build)}, step {stop.number}
                    </Link>{' '}
                    is held back: {stop.says}
                    {others.length > 0 &&
                        ` ${others.length} later ${others.length === 1 ? 'step waits' : 'steps wait'} for it.`}
                </span>
            </p>
        )
    })
}
