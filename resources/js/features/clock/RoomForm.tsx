import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { ApiError } from '@/app/http'
import { Button } from '@/design/Button'
import { TextField } from '@/design/Field'
import { type Air, keepRoom, type RoomProfile, roomQuery, SEASONS, type Season } from '@/features/build'

/** What the room is like through the year: new builds begin in the air of the season, and the clock can ask about another. */
export function RoomForm() {
    const queries = useQueryClient()
    const room = useQuery(roomQuery)
    const [faults, setFaults] = useState<Record<string, string>>({})
    const [isKept, setKept] = useState(false)
    const save = async (form: FormData) => {
        const wrong: Record<string, string> = {}
        const number = (name: string, from: number, to: number, unit: string) => {
            const text = String(form.get(name) ?? '').trim()
            const value = Number(text.replace(',', '.'))
            if (text === '' || !(value >= from && value <= to)) wrong[name] = `From ${from} to ${to} ${unit}.`
            return value
        }
        const air = (season: Season): Air => ({
            temperatureC: number(`${season} temperature`, 5, 35, '°C'),
            humidityPercent: number(`${season} humidity`, 10, 95, '%'),
        })
        const profile: RoomProfile = {
            winter: air('winter'),
            spring: air('spring'),
            summer: air('summer'),
            autumn: air('autumn'),
        }
        setFaults(wrong)
        setKept(false)
        if (Object.keys(wrong).length > 0) return
        try {
            queries.setQueryData(roomQuery.queryKey, await keepRoom(profile))
            setKept(true)
        } catch (error) {
            setFaults({ all: error instanceof ApiError ? error.message : 'It could not be kept.' })
        }
    }
    if (room.data === undefined) return null
    const { profile } = room.data
    return (
        <form
            noValidate
            className="mt-3 border-t border-line pt-3"
            onSubmit={(event) => {
                event.preventDefault()
                void save(new FormData(event.currentTarget))
            }}
        >
            <h3 className="font-semibold">Your room through the year</h3>
            <p className="text-soft">A new build begins in the air of its season. What a plan is judged by stands in the plan.</p>
            <div className="mt-2 grid grid-cols-2 gap-x-4 gap-y-2 sm:grid-cols-4">
                {SEASONS.map((season) => (
                    <fieldset key={season} className="flex flex-col gap-1">
                        <legend className="mb-1 font-medium">{season[0]?.toUpperCase() + season.slice(1)}</legend>
                        <TextField
                            label="Temperature"
                            name={`${season} temperature`}
                            unit="°C"
                            inputMode="decimal"
                            defaultValue={profile[season].temperatureC}
                            fault={faults[`${season} temperature`]}
                        />
                        <TextField
                            label="Humidity"
                            name={`${season} humidity`}
                            unit="%"
                            inputMode="decimal"
                            defaultValue={profile[season].humidityPercent}
                            fault={faults[`${season} humidity`]}
                        />
                    </fieldset>
                ))}
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
