import { X } from 'lucide-react'
import { useEffect, useState } from 'react'
import { Link } from 'react-router'
import { inWords } from '@/design/duration'
import { IconButton } from '@/design/Icon'
import { forget, type Reminder, useReminders } from './reminders'

/** What lies wet at the bench: from when, best until, and when it is gone, counted down. */
export function Countdowns({ only }: { only?: string }) {
    const reminders = useReminders().filter((one) => only === undefined || one.id === only)
    const [now, setNow] = useState(() => new Date())
    useEffect(() => {
        if (reminders.length === 0) return
        const timer = setInterval(() => setNow(new Date()), 15_000)
        return () => clearInterval(timer)
    }, [reminders.length])
    if (reminders.length === 0) return null
    return (
        <ul aria-label="Wet at the bench" className="flex flex-col gap-2">
            {reminders.map((reminder) => (
                <li key={reminder.id} className="rounded-plate border border-line bg-panel p-2">
                    <div className="flex items-center gap-2">
                        <p className="min-w-0 flex-1 leading-tight">
                            <Link
                                className="font-semibold underline"
                                to={`/builds/${reminder.build}?step=${reminder.step}`}
                            >
                                {reminder.name}
                            </Link>
                            <span className="block">{sayNow(reminder, now)}</span>
                        </p>
                        <IconButton label={`Forget ${reminder.name}`} onClick={() => forget(reminder.id)}>
                            <X className="size-4" aria-hidden />
                        </IconButton>
                    </div>
                    <Course reminder={reminder} now={now} />
                </li>
            ))}
        </ul>
    )
}

export function sayNow({ opens, bestUntil, closes, sign }: Reminder, now: Date): string {
    const until = (moment: Date) => inWords(Math.max(1, (moment.getTime() - now.getTime()) / 60_000))
    if (now < opens) return `Wait ${until(opens)}, until it is ${sign}.`
    if (now >= closes) return 'It has set.'
    if (bestUntil !== null && now < bestUntil) return `Clean it now: best for ${until(bestUntil)} more.`
    return `Clean it now: it has set in ${until(closes)}.`
}

/** A bar from the last stroke to the end: grey while it must be left, whole at its best, broken afterwards. */
function Course({ reminder, now }: { reminder: Reminder; now: Date }) {
    const whole = reminder.closes.getTime() - reminder.laid.getTime()
    const place = (moment: Date) =>
        Math.min(100, Math.max(0, (100 * (moment.getTime() - reminder.laid.getTime())) / whole))
    const best = reminder.bestUntil ?? reminder.closes
    return (
        <svg viewBox="0 0 100 6" preserveAspectRatio="none" className="mt-1 h-2 w-full" aria-hidden="true">
            <rect x="0" width="100" height="6" className="fill-press" />
            <rect
                x={place(reminder.opens)}
                width={place(best) - place(reminder.opens)}
                height="6"
                className="fill-good"
            />
            <rect x={place(best)} width={100 - place(best)} height="6" className="fill-risk opacity-60" />
            <rect x={Math.max(0, place(now) - 0.4)} width="0.8" height="6" className="fill-ink" />
        </svg>
    )
}
