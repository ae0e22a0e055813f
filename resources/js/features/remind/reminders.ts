import { useSyncExternalStore } from 'react'
import { z } from 'zod'
import { isKept, keepHere, readKept } from '@/app/kept'

const KEY = 'reminders'

const reminderSchema = z.object({
    id: z.string(),
    build: z.string(),
    step: z.string(),
    /** What lies there: "Morrin dark wash". */
    name: z.string(),
    /** What it looks like when it can be cleaned: "dull, no longer glossy". */
    sign: z.string(),
    laid: z.coerce.date(),
    opens: z.coerce.date(),
    bestUntil: z.coerce.date().nullable(),
    closes: z.coerce.date(),
    /** The moments of which one has been told. */
    told: z.array(z.enum(['opens', 'closes'])),
})
export type Reminder = z.infer<typeof reminderSchema>

/** Minutes before the end at which one is told that it is near. */
export const WARN_BEFORE = 15

/** What is kept here and on no server: the hands are at this bench, and the alarm rings here. */
const listeners = new Set<() => void>()
let kept: readonly Reminder[] | null = null

function read(): readonly Reminder[] {
    if (kept === null) {
        try {
            kept = z.array(reminderSchema).parse(readKept(KEY) ?? [])
        } catch {
            kept = []
        }
    }
    return kept
}

export function keep(next: readonly Reminder[]): void {
    kept = next
    keepHere(KEY, next.length === 0 ? null : next)
    for (const listener of listeners) listener()
}

export const remind = (reminder: Reminder): void => keep([...read().filter((one) => one.id !== reminder.id), reminder])

export const forget = (id: string): void => keep(read().filter((one) => one.id !== id))

export function forgetAll(): void {
    keep([])
}

function subscribe(listener: () => void): () => void {
    const fromOtherTab = (event: StorageEvent) => {
        if (!isKept(event, KEY)) return
        kept = null
        listener()
    }
    listeners.add(listener)
    window.addEventListener('storage', fromOtherTab)
    return () => {
        listeners.delete(listener)
        window.removeEventListener('storage', fromOtherTab)
    }
}

export const useReminders = (): readonly Reminder[] => useSyncExternalStore(subscribe, read)

/** What there is to tell at a moment, each once: that it can be cleaned, and that the end is near. */
export function due(reminders: readonly Reminder[], now: Date): { reminder: Reminder; at: 'opens' | 'closes' }[] {
    return reminders.flatMap((reminder) => {
        const warn = reminder.closes.getTime() - WARN_BEFORE * 60_000
        const isGone = now >= reminder.closes
        return [
            ...(now >= reminder.opens && !isGone && !reminder.told.includes('opens')
                ? [{ reminder, at: 'opens' as const }]
                : []),
            ...(now.getTime() >= warn && !isGone && !reminder.told.includes('closes')
                ? [{ reminder, at: 'closes' as const }]
                : []),
        ]
    })
}

export const tell = ({ reminder, at }: { reminder: Reminder; at: 'opens' | 'closes' }): string =>
    at === 'opens'
        ? `${reminder.name}: clean it now, if it is ${reminder.sign}.`
        : `${reminder.name}: ${WARN_BEFORE} minutes until it has set.`
