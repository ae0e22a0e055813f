import { useEffect, useState } from 'react'
import { Button } from '@/design/Button'
import { due, keep, tell, useReminders } from './reminders'

/** Milliseconds between two looks at the clock. */
const EVERY = 5_000

/** Rings on every page: as a notification of the system where it may, and as a line at the foot of the page. */
export function Alarm() {
    const reminders = useReminders()
    const [said, setSaid] = useState<readonly string[]>([])
    useEffect(() => {
        if (reminders.length === 0) return
        const look = () => {
            const now = new Date()
            const news = due(reminders, now)
            if (news.length === 0) return
            setSaid((before) => [...before, ...news.map(tell)])
            if ('Notification' in window && Notification.permission === 'granted') {
                for (const one of news) new Notification(tell(one))
            }
            navigator.vibrate?.([200, 100, 200])
            keep(
                reminders.map((reminder) => ({
                    ...reminder,
                    told: [
                        ...reminder.told,
                        ...news.filter((one) => one.reminder.id === reminder.id).map((one) => one.at),
                    ],
                })),
            )
        }
        look()
        const timer = setInterval(look, EVERY)
        return () => clearInterval(timer)
    }, [reminders])
    return (
        <div
            role="alert"
            className="no-print fixed inset-x-0 bottom-0 z-50 mx-auto flex max-w-xl flex-col gap-1 p-2 empty:hidden"
        >
            {said.map((text) => (
                <p
                    key={text}
                    className="flex items-center gap-3 rounded-plate border border-risk bg-risk-wash p-3 shadow-xl"
                >
                    <span className="flex-1 text-base font-semibold">{text}</span>
                    <Button onClick={() => setSaid(said.filter((one) => one !== text))}>Heard</Button>
                </p>
            ))}
        </div>
    )
}
