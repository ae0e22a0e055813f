import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Button } from '@/design/Button'
import { inWords } from '@/design/duration'
import { Select, TextField } from '@/design/Field'
import { type Air, libraryQuery, roomQuery, SEASONS, saySeason } from '@/features/build'
import { type Question, type Timetable, timetableQuery } from './api'
import { type Formats, minutesBetween } from './times'

type Props = { timetable: Timetable; base: Question; format: Formats }

/** A change thought through: when it would all end, before and after, side by side. Nothing is kept. */
export function WhatIf({ timetable, base, format }: Props) {
    const [asked, setAsked] = useState<Question | null>(null)
    const [faults, setFaults] = useState<Record<string, string>>({})
    const room = useQuery(roomQuery)
    const library = useQuery(libraryQuery)
    const answer = useQuery({ ...timetableQuery({ ...base, ...asked }), enabled: asked !== null })
    const ask = (form: FormData) => {
        const text = (name: string) => String(form.get(name) ?? '').trim()
        const wrong: Record<string, string> = {}
        const number = (name: string, from: number, to: number, unit: string): number | null => {
            if (text(name) === '') return null
            const value = Number(text(name).replace(',', '.'))
            if (!(value >= from && value <= to)) wrong[name] = `From ${from} to ${to} ${unit}.`
            return value
        }
        // What is entered counts before the season.
        const season = SEASONS.find((one) => one === text('season'))
        const air = season === undefined ? undefined : room.data?.profile.seasons[season].day
        const question: Question = {
            temperatureC: number('temperature', 5, 35, '°C') ?? air?.temperatureC ?? null,
            humidityPercent: number('humidity', 10, 95, '%') ?? air?.humidityPercent ?? null,
            cabinetC: number('cabinet', 25, 45, '°C'),
            skipped: text('skipped') === '' ? [] : [text('skipped')],
            school: text('school') || null,
        }
        setFaults(wrong)
        if (Object.keys(wrong).length === 0) setAsked(question)
    }
    return (
        <section aria-label="What if" className="flex flex-col gap-2">
            <h2 className="border-b border-line text-fine font-semibold text-soft">What if</h2>
            <form noValidate action={ask} className="grid grid-cols-2 gap-2">
                <TextField
                    label="Room"
                    name="temperature"
                    unit="°C"
                    inputMode="decimal"
                    placeholder="as it is"
                    fault={faults.temperature}
                />
                <TextField
                    label="Humidity"
                    name="humidity"
                    unit="%"
                    inputMode="decimal"
                    placeholder="as it is"
                    fault={faults.humidity}
                />
                <TextField
                    label="Drying cabinet"
                    name="cabinet"
                    unit="°C"
                    inputMode="decimal"
                    placeholder="none"
                    fault={faults.cabinet}
                />
                <Select
                    label="A session is missed"
                    name="skipped"
                    choices={[
                        { value: '', label: 'none' },
                        ...timetable.sessions
                            .filter((session) => session.isUsed)
                            .slice(0, 20)
                            .map((session) => ({ value: stamp(session.from), label: format.both(session.from) })),
                    ]}
                />
                {room.data !== undefined && (
                    <div className="col-span-2">
                        <Select
                            label="Try the air of another season"
                            name="season"
                            choices={[
                                { value: '', label: 'as it is' },
                                ...SEASONS.map((season) => ({
                                    value: season,
                                    label:
                                        room.data === undefined
                                            ? season
                                            : saySeason(season, room.data.profile.seasons[season].day),
                                })),
                            ]}
                        />
                    </div>
                )}
                <div className="col-span-2">
                    <Select
                        label="Judged by another school"
                        name="school"
                        choices={[
                            { value: '', label: 'each build by its own' },
                            ...(library.data?.schools ?? []).map((school) => ({
                                value: school.code,
                                label: school.name,
                            })),
                        ]}
                    />
                </div>
                <div className="col-span-2 flex flex-wrap justify-end gap-2">
                    {room.data?.reading != null && (
                        <Button onClick={() => setAsked(airOf(room.data?.reading))}>Try the air as measured</Button>
                    )}
                    {asked !== null && <Button onClick={() => setAsked(null)}>Back to the plan</Button>}
                    <Button type="submit" tone="act">
                        Try it
                    </Button>
                </div>
            </form>
            <div aria-live="polite">
                {asked !== null && answer.isPending && <p className="text-soft">Laying it all again…</p>}
                {asked !== null && answer.isError && <p className="text-stop">{answer.error.message}</p>}
                {asked !== null && answer.data !== undefined && (
                    <Compared before={timetable} after={answer.data} format={format} />
                )}
            </div>
        </section>
    )
}

const airOf = (air: Air | null | undefined): Question => ({
    temperatureC: air?.temperatureC ?? null,
    humidityPercent: air?.humidityPercent ?? null,
})

const stamp = (date: Date): string => `${date.toISOString().slice(0, 19)}Z`

export function Compared({ before, after, format }: { before: Timetable; after: Timetable; format: Formats }) {
    const rows = [
        [
            'Ends',
            before.ends === null ? '–' : format.both(before.ends),
            after.ends === null ? '–' : format.both(after.ends),
        ],
        ['Sessions', String(before.sessionsUsed), String(after.sessionsUsed)],
        ['Airbrush changes', String(before.setups), String(after.setups)],
        ['Stops', String(before.stops), String(after.stops)],
        ['Risks', String(before.risks), String(after.risks)],
        ['Cannot be kept', String(before.conflicts.length), String(after.conflicts.length)],
    ]
    const later = before.ends === null || after.ends === null ? 0 : minutesBetween(before.ends, after.ends)
    return (
        <>
            <p className="font-medium">
                {later === 0
                    ? 'Your end date stays the same.'
                    : `It ends ${inWords(Math.abs(later))} ${later > 0 ? 'later' : 'sooner'}.`}
            </p>
            <table className="mt-1 w-full text-left">
                <thead>
                    <tr className="text-fine text-soft">
                        <td />
                        <th scope="col" className="font-medium">
                            now
                        </th>
                        <th scope="col" className="font-medium">
                            then
                        </th>
                    </tr>
                </thead>
                <tbody>
                    {rows.map(([name, now, then]) => (
                        <tr key={name} className="border-t border-line align-top">
                            <th scope="row" className="pr-2 font-normal text-soft">
                                {name}
                            </th>
                            <td className="pr-2">{now}</td>
                            <td className={now === then ? '' : 'font-semibold'}>{then}</td>
                        </tr>
                    ))}
                </tbody>
            </table>
            {after.conflicts.map((conflict) => (
                <p key={conflict.message} className="mt-1 border-l-2 border-risk pl-1.5">
                    {conflict.message}
                </p>
            ))}
        </>
    )
}
