import { zodResolver } from '@hookform/resolvers/zod'
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useForm } from 'react-hook-form'
import { z } from 'zod'
import { sayRefusal } from '@/app/refusal'
import { Button } from '@/design/Button'
import { classes } from '@/design/classes'
import { TextField } from '@/design/Field'
import { typedNumber } from '@/design/form'
import { keepRoom, type RoomProfile, roomQuery, SEASONS } from '@/features/build'
import { readNight, saySpans } from './times'

const PARTS = ['day', 'night'] as const

const typedAir = z.object({
    temperatureC: typedNumber({ from: 5, to: 35, says: 'From 5 to 35 °C.' }),
    humidityPercent: typedNumber({ from: 10, to: 95, says: 'From 10 to 95 %.' }),
})
const typedSeason = z.object({ day: typedAir, night: typedAir })

const formSchema = z.object({
    seasons: z.object({ winter: typedSeason, spring: typedSeason, summer: typedSeason, autumn: typedSeason }),
    night: z.string().transform((text, check) => {
        const night = readNight(text)
        if (night !== undefined) return night
        check.addIssue({ code: 'custom', message: 'Hours like 23:00–6:00.' })
        return z.NEVER
    }),
    counts: z.boolean(),
})
type Typed = z.input<typeof formSchema>

/** What stands in the fields to begin with. A room not yet described counts once it is. */
function typed({ seasons, night, counts }: RoomProfile, isOwn: boolean): Typed {
    const air = (one: RoomProfile['seasons']['winter']['day']) => ({
        temperatureC: String(one.temperatureC),
        humidityPercent: String(one.humidityPercent),
    })
    const both = (season: (typeof SEASONS)[number]) => ({
        day: air(seasons[season].day),
        night: air(seasons[season].night),
    })
    return {
        seasons: { winter: both('winter'), spring: both('spring'), summer: both('summer'), autumn: both('autumn') },
        night: saySpans([night]),
        counts: counts || !isOwn,
    }
}

/**
 * What the room is like by season and hour: what dries is counted with it, and new builds begin in the air of the
 * season.
 */
export function RoomForm() {
    const room = useQuery(roomQuery)
    return room.data === undefined ? null : <Form profile={room.data.profile} isOwn={room.data.isKept} />
}

function Form({ profile, isOwn }: { profile: RoomProfile; isOwn: boolean }) {
    const queries = useQueryClient()
    const { register, handleSubmit, setError, formState } = useForm<Typed, unknown, z.output<typeof formSchema>>({
        resolver: zodResolver(formSchema),
        defaultValues: typed(profile, isOwn),
    })
    const { errors, isSubmitting, isSubmitSuccessful } = formState
    const save = handleSubmit(async (next) => {
        try {
            queries.setQueryData(roomQuery.queryKey, await keepRoom(next))
            await Promise.all(['clock', 'builds'].map((key) => queries.invalidateQueries({ queryKey: [key] })))
        } catch (error) {
            sayRefusal(error, {}, setError)
        }
    })
    return (
        <form noValidate className="mt-3 border-t border-line pt-3" onSubmit={save}>
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
                                    {...register(`seasons.${season}.${part}.temperatureC`)}
                                    unit="°C"
                                    inputMode="decimal"
                                    fault={errors.seasons?.[season]?.[part]?.temperatureC?.message}
                                />
                                <TextField
                                    label="Humidity"
                                    aria-label={`Humidity by ${part}`}
                                    {...register(`seasons.${season}.${part}.humidityPercent`)}
                                    unit="%"
                                    inputMode="decimal"
                                    fault={errors.seasons?.[season]?.[part]?.humidityPercent?.message}
                                />
                            </div>
                        ))}
                    </fieldset>
                ))}
                <TextField label="Night is from" {...register('night')} fault={errors.night?.message} />
                <label
                    className={classes(
                        'col-span-2 flex min-h-8 items-center gap-1.5 self-end sm:col-span-3',
                        'pointer-coarse:min-h-11',
                    )}
                >
                    <input type="checkbox" {...register('counts')} />
                    Clock and bench count with this room, and with what the thermometer measures
                </label>
            </div>
            {errors.root !== undefined && (
                <p role="alert" className="mt-1 text-stop">
                    {errors.root.message}
                </p>
            )}
            <div className="mt-2 flex items-center justify-end gap-2">
                <span aria-live="polite" className="text-fine text-soft">
                    {isSubmitSuccessful && 'Kept.'}
                </span>
                <Button type="submit" disabled={isSubmitting}>
                    Keep the room
                </Button>
            </div>
        </form>
    )
}
