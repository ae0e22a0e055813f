import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { ApiError } from '@/app/http'
import { Button } from '@/design/Button'
import { classes } from '@/design/classes'
import { TextField } from '@/design/Field'
import { type Air, keepRoom, type RoomProfile, roomQuery, SEASONS, type Season } from '@/features/build'
import { readNight, saySpans } from './times'

const PARTS = ['day', 'night'] as const
type Part = (typeof PARTS)[number]

/**
 * What the room is like by season and hour: what dries is counted with it, and new builds begin in the air of the
 * season.
 */
export function RoomForm() {
    const queries = useQueryClient()
    const room = useQuery(roomQuery)
    const [faults, setFaults] = useState<Record<string, string>>({})
    const [isKept, setKept] = useState(false)
    const save = async (form: FormData) => {
        const wrong: Record<string, string> = {}
        const text = (name: string) => String(form.get(name) ?? '').trim()
        const number = (name: string, from: number, to: number, unit: string) => {
            const value = Number(text(name).replace(',', '.'))
            if (text(name) === '' || !(value >= from && value <= to)) wrong[name] = `From ${from} to ${to} ${unit}.`
            return value
        }
        const air = (season: Season, part: Part): Air => ({
            temperatureC: number(`${season} ${part} temperature`, 5, 35, '°C'),
            humidityPercent: number(`${season} ${part} humidity`, 10, 95, '%'),
        })
        const both = (season: Season) => ({ day: air(season, 'day'), night: air(season, 'night') })
        const night = readNight(text('night'))
        if (night === undefined) wrong.night = 'Hours like 23:00–6:00.'
        const profile: RoomProfile = {
            seasons: { winter: both('winter'), spring: both('spring'), summer: both('summer'), autumn: both('autumn') },
            night: night ?? [0, 0],
            counts: form.get('counts') !== null,
        }
        setFaults(wrong)
        setKept(false)
        if (Object.keys(wrong).length > 0) return
        try {
            queries.setQueryData(roomQuery.queryKey, await keepRoom(profile))
            setKept(true)
            await Promise.all(['clock', 'builds'].map((key) => queries.invalidateQueries({ queryKey: [key] })))
        } catch (error) {
            setFaults({ all: error instanceof ApiError ? error.message : 'It could not be kept.' })
        }
    }
    if (room.data === undefined) return null
    const { profile, isKept: isOwn } = room.data
    return (
        <form
            noValidate
            className="mt-3 border-t border-line pt-3"
            onSubmit={(event) => {
                event.preventDefault()
                void save(new FormData(event.currentTarget))
            }}
        >
            <h3 className="font-semibold">Your room by season and hour</h3>
            <p className="text-soft">
                A new build begins in the air of its season by day. What a plan is judged by stands in the plan.
            </p>
            <div className="mt-2 grid grid-cols-2 gap-x-4 gap-y-2 sm:grid-cols-4">
                {SEASONS.map((season) => (
                    <fieldset key={season} className="flex flex-col gap-1">
                        <legend className="mb-1 font-medium">{season[0]?.toUpperCase() + season.slice(1)}</legend>
                        {PARTS.map((part) => (
                            <div key={part} className="grid grid-cols-2 gap-2">
                                <TextField
                                    label={`By ${part}`}
                                    aria-label={`Temperature by ${part}`}
                                    name={`${season} ${part} temperature`}
                                    unit="°C"
                                    inputMode="decimal"
                                    defaultValue={profile.seasons[season][part].temperatureC}
                                    fault={faults[`${season} ${part} temperature`]}
                                />
                                <TextField
                                    label="Humidity"
                                    aria-label={`Humidity by ${part}`}
                                    name={`${season} ${part} humidity`}
                                    unit="%"
                                    inputMode="decimal"
                                    defaultValue={profile.seasons[season][part].humidityPercent}
                                    fault={faults[`${season} ${part} humidity`]}
                                />
                            </div>
                        ))}
                    </fieldset>
                ))}
                <TextField
                    label="Night is from"
                    name="night"
                    defaultValue={saySpans([profile.night])}
                    fault={faults.night}
                />
                <label
                    className={classes(
                        'col-span-2 flex min-h-8 items-center gap-1.5 self-end sm:col-span-3',
                        'pointer-coarse:min-h-11',
                    )}
                >
                    <input type="checkbox" name="counts" defaultChecked={profile.counts || !isOwn} />
                    Clock and bench count with this room, and with what the thermometer measures
                </label>
            </div>
            {faults.all !== undefined && (
                <p role="alert" className="mt-1 text-stop">
                    {faults.all}
                </p>
            )}
            <div className="mt-2 flex items-center justify-end gap-2">
                <span aria-live="polite" className="text-fine text-soft">
                    {isKept && 'Kept.'}
                </span>
                <Button type="submit">Keep the room</Button>
            </div>
        </form>
    )
}
