import { zodResolver } from '@hookform/resolvers/zod'
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useForm } from 'react-hook-form'
import { z } from 'zod'
import { sayRefusal } from '@/app/refusal'
import { Button } from '@/design/Button'
import { Dialog } from '@/design/Dialog'
import { TextArea, TextField } from '@/design/Field'
import { typedNumber } from '@/design/form'
import { RetryNotice } from '@/design/Notice'
import { keepWeek, openFeed, revokeFeed, type Week, weekQuery } from './api'
import { RoomForm } from './RoomForm'
import { readSpans, saySpans } from './times'

const DAYS = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday']

/** When one is at the bench, when the compressor may run, and the calendar's private address. */
export function WeekDialog({ open, onOpenChange }: { open: boolean; onOpenChange: (open: boolean) => void }) {
    const settings = useQuery({ ...weekQuery, enabled: open })
    return (
        <Dialog
            open={open}
            onOpenChange={onOpenChange}
            width="max-w-2xl"
            title="Your week at the bench"
            description="Hours like 19:30–22:00, several with commas between them; empty for a day without the bench."
        >
            {settings.isPending && <p className="text-soft">Looking it up…</p>}
            {settings.isError && <RetryNotice error={settings.error} onRetry={() => void settings.refetch()} />}
            {settings.data !== undefined && (
                <>
                    <WeekForm
                        week={settings.data.week}
                        isSet={settings.data.isSet}
                        onDone={() => onOpenChange(false)}
                    />
                    <RoomForm />
                    <Feed feed={settings.data.feed} />
                </>
            )}
        </Dialog>
    )
}

const HOURS = 'Hours like 19:30–22:00.'

const typedSpans = z.string().transform((text, check) => {
    const spans = readSpans(text)
    if (spans !== undefined) return spans
    check.addIssue({ code: 'custom', message: HOURS })
    return z.NEVER
})

const typedSpan = z.string().transform((text, check): [number, number] => {
    const [first, ...more] = readSpans(text) ?? []
    if (first !== undefined && more.length === 0) return first
    check.addIssue({ code: 'custom', message: 'From and to, once.' })
    return z.NEVER
})

/** Days with other hours, a line each: "2026-12-24 14:00–18:00", or the date alone for a day without the bench. */
const typedExceptions = z.string().transform((text, check) => {
    const exceptions: Week['exceptions'] = {}
    for (const line of text.split('\n').filter((row) => row.trim() !== '')) {
        const [date = '', ...rest] = line.trim().split(/\s+/)
        const spans = readSpans(rest.join(' '))
        if (!/^20\d\d-\d\d-\d\d$/.test(date) || spans === undefined) {
            check.addIssue({
                code: 'custom',
                message: 'A date and its hours, or a date alone: 2026-12-24 14:00–18:00',
            })
            return z.NEVER
        }
        exceptions[date] = spans
    }
    return exceptions
})

const typedShare = typedNumber({ from: 25, to: 400, says: 'From 25 to 400 %.' }).transform((percent) => percent / 100)

const formSchema = z.object({
    days: z.array(typedSpans),
    timeZone: z.string().trim(),
    compressor: typedSpan,
    daylight: typedSpan,
    setup: typedNumber({ from: 0, to: 120, whole: true, says: 'Whole minutes up to 120.' }),
    applying: typedShare,
    cleaning: typedShare,
    exceptions: typedExceptions,
})
type Typed = z.input<typeof formSchema>

/** What stands in the fields to begin with. A first week begins where the reader is. */
const typed = (week: Week, isSet: boolean): Typed => ({
    days: DAYS.map((_, day) => saySpans(week.sessions[String(day + 1)] ?? [])),
    timeZone: isSet ? week.timeZone : Intl.DateTimeFormat().resolvedOptions().timeZone,
    compressor: saySpans([week.compressor]),
    daylight: saySpans([week.daylight]),
    setup: String(week.setup),
    applying: String(Math.round(100 * week.pace.applying)),
    cleaning: String(Math.round(100 * week.pace.cleaning)),
    exceptions: Object.entries(week.exceptions)
        .map(([date, hours]) => `${date} ${saySpans(hours)}`.trim())
        .join('\n'),
})

function WeekForm({ week, isSet, onDone }: { week: Week; isSet: boolean; onDone: () => void }) {
    const queries = useQueryClient()
    const { register, handleSubmit, setError, formState } = useForm<Typed, unknown, z.output<typeof formSchema>>({
        resolver: zodResolver(formSchema),
        defaultValues: typed(week, isSet),
    })
    const { errors } = formState
    const save = handleSubmit(async ({ days, applying, cleaning, ...said }) => {
        const next: Week = {
            ...said,
            sessions: Object.fromEntries(days.map((spans, day) => [String(day + 1), spans])),
            pace: { ...week.pace, applying, cleaning },
        }
        try {
            queries.setQueryData(weekQuery.queryKey, await keepWeek(next))
            // Rounds of a wash go by one's own pace, too.
            await Promise.all(['clock', 'build'].map((key) => queries.invalidateQueries({ queryKey: [key] })))
            onDone()
        } catch (error) {
            sayRefusal(error, { timeZone: 'timeZone' }, setError)
        }
    })
    return (
        <form noValidate className="grid grid-cols-2 gap-x-4 gap-y-2" onSubmit={save}>
            {DAYS.map((day, index) => (
                <TextField
                    key={day}
                    label={day}
                    {...register(`days.${index}`)}
                    placeholder="not at the bench"
                    fault={errors.days?.[index]?.message}
                />
            ))}
            <TextField label="Time zone" {...register('timeZone')} fault={errors.timeZone?.message} />
            <TextField label="The compressor may run" {...register('compressor')} fault={errors.compressor?.message} />
            <TextField label="Daylight" {...register('daylight')} fault={errors.daylight?.message} />
            <TextField
                label="An airbrush change takes"
                {...register('setup')}
                unit="min"
                inputMode="numeric"
                fault={errors.setup?.message}
            />
            <TextField
                label="Applying takes, of the usual time"
                {...register('applying')}
                unit="%"
                inputMode="decimal"
                fault={errors.applying?.message}
            />
            <TextField
                label="Cleaning a wash takes, of the usual time"
                {...register('cleaning')}
                unit="%"
                inputMode="decimal"
                fault={errors.cleaning?.message}
            />
            <div className="col-span-2">
                <TextArea
                    label="Other days: a date and its hours on each line, a date alone for none"
                    {...register('exceptions')}
                    rows={2}
                    placeholder="2026-12-24"
                    fault={errors.exceptions?.message}
                />
            </div>
            {errors.root !== undefined && (
                <p role="alert" className="col-span-2 text-stop">
                    {errors.root.message}
                </p>
            )}
            <div className="col-span-2 flex justify-end gap-2">
                <Button onClick={onDone}>Leave it</Button>
                <Button type="submit" tone="act" disabled={formState.isSubmitting}>
                    Keep
                </Button>
            </div>
        </form>
    )
}

function Feed({ feed }: { feed: string | null }) {
    const queries = useQueryClient()
    const change = async (action: typeof openFeed) => queries.setQueryData(weekQuery.queryKey, await action())
    return (
        <section className="mt-3 border-t border-line pt-3">
            <h3 className="font-semibold">Calendar</h3>
            {feed === null ? (
                <p className="text-soft">
                    A private address lets your calendar follow the timetable. Whoever knows it can read it.
                </p>
            ) : (
                <p className="break-all">
                    <code>{window.location.origin + feed}</code>
                </p>
            )}
            <div className="mt-2 flex gap-2">
                <Button onClick={() => void change(openFeed)}>
                    {feed === null ? 'Make a private address' : 'Make another one'}
                </Button>
                {feed !== null && <Button onClick={() => void change(revokeFeed)}>Revoke it</Button>}
            </div>
        </section>
    )
}
