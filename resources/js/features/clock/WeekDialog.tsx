import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { ApiError } from '@/app/http'
import { Button } from '@/design/Button'
import { classes } from '@/design/classes'
import { Dialog } from '@/design/Dialog'
import { TextField } from '@/design/Field'
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

function WeekForm({ week, isSet, onDone }: { week: Week; isSet: boolean; onDone: () => void }) {
    const queries = useQueryClient()
    const [faults, setFaults] = useState<Record<string, string>>({})
    // A first week begins where the reader is.
    const zone = isSet ? week.timeZone : Intl.DateTimeFormat().resolvedOptions().timeZone
    const save = async (form: FormData) => {
        const text = (name: string) => String(form.get(name) ?? '').trim()
        const wrong: Record<string, string> = {}
        const spans = (name: string) => {
            const read = readSpans(text(name))
            if (read === undefined) wrong[name] = 'Hours like 19:30–22:00.'
            return read ?? []
        }
        const one = (name: string): [number, number] => {
            const [first, ...more] = spans(name)
            if (first === undefined || more.length > 0) wrong[name] = 'From and to, once.'
            return first ?? [0, 1440]
        }
        const exceptions: Week['exceptions'] = {}
        for (const line of text('exceptions')
            .split('\n')
            .filter((row) => row.trim() !== '')) {
            const [date = '', ...rest] = line.trim().split(/\s+/)
            const read = readSpans(rest.join(' '))
            if (!/^20\d\d-\d\d-\d\d$/.test(date) || read === undefined)
                wrong.exceptions = 'A date and its hours, or a date alone: 2026-12-24 14:00–18:00'
            else exceptions[date] = read
        }
        const setup = Number(text('setup'))
        if (!Number.isInteger(setup) || setup < 0 || setup > 120) wrong.setup = 'Whole minutes up to 120.'
        const share = (name: string) => {
            const percent = Number(text(name).replace(',', '.'))
            if (!(percent >= 25 && percent <= 400)) wrong[name] = 'From 25 to 400 %.'
            return percent / 100
        }
        const next: Week = {
            timeZone: text('zone'),
            sessions: Object.fromEntries(DAYS.map((_, day) => [String(day + 1), spans(`day${day + 1}`)])),
            exceptions,
            compressor: one('compressor'),
            daylight: one('daylight'),
            setup,
            pace: { applying: share('applying'), cleaning: share('cleaning') },
        }
        setFaults(wrong)
        if (Object.keys(wrong).length > 0) return
        try {
            queries.setQueryData(weekQuery.queryKey, await keepWeek(next))
            // Rounds of a wash go by one's own pace, too.
            await Promise.all(['clock', 'build'].map((key) => queries.invalidateQueries({ queryKey: [key] })))
            onDone()
        } catch (error) {
            const refused = error instanceof ApiError ? error : null
            setFaults({
                all: refused?.message ?? 'It could not be kept.',
                ...(refused?.fault('timeZone') ? { zone: 'There is no such time zone.' } : {}),
            })
        }
    }
    return (
        <form
            noValidate
            className="grid grid-cols-2 gap-x-4 gap-y-2"
            onSubmit={(event) => {
                event.preventDefault()
                void save(new FormData(event.currentTarget))
            }}
        >
            {DAYS.map((day, index) => (
                <TextField
                    key={day}
                    label={day}
                    name={`day${index + 1}`}
                    defaultValue={saySpans(week.sessions[String(index + 1)] ?? [])}
                    placeholder="not at the bench"
                    fault={faults[`day${index + 1}`]}
                />
            ))}
            <TextField label="Time zone" name="zone" defaultValue={zone} fault={faults.zone} />
            <TextField
                label="The compressor may run"
                name="compressor"
                defaultValue={saySpans([week.compressor])}
                fault={faults.compressor}
            />
            <TextField
                label="Daylight"
                name="daylight"
                defaultValue={saySpans([week.daylight])}
                fault={faults.daylight}
            />
            <TextField
                label="An airbrush change takes"
                name="setup"
                unit="min"
                inputMode="numeric"
                defaultValue={week.setup}
                fault={faults.setup}
            />
            <TextField
                label="Applying takes, of the usual time"
                name="applying"
                unit="%"
                inputMode="decimal"
                defaultValue={Math.round(100 * week.pace.applying)}
                fault={faults.applying}
            />
            <TextField
                label="Cleaning a wash takes, of the usual time"
                name="cleaning"
                unit="%"
                inputMode="decimal"
                defaultValue={Math.round(100 * week.pace.cleaning)}
                fault={faults.cleaning}
            />
            <label className="col-span-2 flex flex-col gap-0.5">
                <span className="text-fine text-soft">
                    Other days: a date and its hours on each line, a date alone for none
                </span>
                <textarea
                    name="exceptions"
                    rows={2}
                    aria-invalid={faults.exceptions !== undefined}
                    placeholder="2026-12-24"
                    defaultValue={Object.entries(week.exceptions)
                        .map(([date, hours]) => `${date} ${saySpans(hours)}`.trim())
                        .join('\n')}
                    className={classes(
                        'w-full rounded-plate border border-rule bg-sheet px-2 py-1 aria-invalid:border-2',
                        'aria-invalid:border-stop',
                    )}
                />
                {faults.exceptions !== undefined && (
                    <span role="alert" className="text-fine font-medium text-stop">
                        {faults.exceptions}
                    </span>
                )}
            </label>
            {faults.all !== undefined && (
                <p role="alert" className="col-span-2 text-stop">
                    {faults.all}
                </p>
            )}
            <div className="col-span-2 flex justify-end gap-2">
                <Button onClick={onDone}>Leave it</Button>
                <Button type="submit" tone="act">
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
