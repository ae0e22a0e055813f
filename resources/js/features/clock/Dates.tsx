import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { Button } from '@/design/Button'
import { inWords } from '@/design/duration'
import { SeverityMark } from '@/design/Severity'
import { sheddingQuery, type Timetable } from './api'
import type { Formats } from './times'

type Build = Timetable['builds'][number]

/** The dates that builds have to meet: how much there is to spare, or what would have to go. */
export function Dates({ timetable, format }: { timetable: Timetable; format: Formats }) {
    const dated = timetable.builds.filter((build) => build.due !== null)
    if (dated.length === 0) return null
    return (
        <section aria-label="Dates to meet" className="flex flex-col gap-2">
            <h2 className="border-b border-line text-fine font-semibold text-soft">Dates to meet</h2>
            {dated.map((build) => (
                <DateToMeet key={build.id} build={build} format={format} />
            ))}
        </section>
    )
}

function DateToMeet({ build, format }: { build: Build; format: Formats }) {
    const [isAsked, setAsked] = useState(false)
    if (build.due === null) return null
    // A day is over at the midnight after it.
    const day = format.day(new Date(build.due.getTime() - 60_000))
    const isLate = build.slackMinutes !== null && build.slackMinutes < 0
    return (
        <div>
            <p className="flex items-start gap-1.5">
                {isLate && <SeverityMark severity="risk" className="mt-0.5 size-4" />}
                <span>
                    <Link className="font-medium underline" to={`/builds/${build.id}`}>
                        {build.name}
                    </Link>{' '}
                    by {day}: {saySlack(build)}
                </span>
            </p>
            {isLate && !isAsked && (
                <Button className="mt-1" onClick={() => setAsked(true)}>
                    What would have to go?
                </Button>
            )}
            {isLate && isAsked && <WhatGoes build={build} format={format} />}
        </div>
    )
}

/** "2 d 3 h to spare" */
export function saySlack({ ends, slackMinutes, held }: Pick<Build, 'ends' | 'slackMinutes' | 'held'>): string {
    if (held > 0) return `${held} ${held === 1 ? 'step is' : 'steps are'} held back by a stop.`
    if (ends === null || slackMinutes === null) return 'nothing is left to do.'
    return slackMinutes >= 0 ? `${inWords(slackMinutes)} to spare.` : `${inWords(-slackMinutes)} too late.`
}

function WhatGoes({ build, format }: { build: Build; format: Formats }) {
    const shedding = useQuery(sheddingQuery(build.id))
    if (shedding.isPending) return <p className="mt-1 text-soft">Trying what it can do without…</p>
    if (shedding.isError) return <p className="mt-1 text-stop">{shedding.error.message}</p>
    const { steps, ends, isEnough, isCutShort } = shedding.data
    return (
        <div className="mt-1" aria-live="polite">
            <p>
                {steps.length === 0 &&
                    isEnough &&
                    `Nothing, if builds with a later date or none give way: then it ends ${format.both(ends)}.`}
                {steps.length > 0 &&
                    isEnough &&
                    `Without these, and before builds with a later date or none, it ends ${format.both(ends)}:`}
                {!isEnough &&
                    'Even without all that can go, and before builds with a later date or none, ' +
                        `it ends ${format.both(ends)}. Another date, or more sessions.`}
            </p>
            <ul className="list-disc pl-4">
                {steps.map((step) => (
                    <li key={step.id}>
                        {step.number} {step.technique}
                    </li>
                ))}
            </ul>
            {isCutShort && <p className="text-soft">There was no time to try everything: fewer may do.</p>}
        </div>
    )
}
