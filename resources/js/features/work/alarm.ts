import { useEffect, useRef, useState } from 'react'
import { keepHere, readKept } from '@/app/kept'
import type { Clock } from './api'
import { type News, newsOf } from './desk'

/** Milliseconds between two looks at the clock. */
const EVERY = 5_000
/** What has opened in this many milliseconds before the page was opened is still told. */
const BACK = 10 * 60_000
const TOLD = 'work.told'
const MOST_TOLD = 200

function readTold(): Set<string> {
    const kept = readKept(TOLD)
    return new Set(Array.isArray(kept) ? kept.filter((one) => typeof one === 'string') : [])
}

/** Two short tones: heard over a compressor, and gone. */
function ring(): void {
    try {
        const context = new AudioContext()
        for (const [at, pitch] of [
            [0, 880],
            [0.25, 1175],
        ] as const) {
            const tone = context.createOscillator()
            const level = context.createGain()
            tone.frequency.value = pitch
            level.gain.setValueAtTime(0.25, context.currentTime + at)
            level.gain.exponentialRampToValueAtTime(0.001, context.currentTime + at + 0.22)
            tone.connect(level).connect(context.destination)
            tone.start(context.currentTime + at)
            tone.stop(context.currentTime + at + 0.24)
        }
        setTimeout(() => void context.close(), 1_000)
    } catch {
        // A device without sound still shows and shakes.
    }
}

/** Asked at a press, as browsers want it, and once: who says no is not asked again. */
export function askToTell(): void {
    if ('Notification' in window && Notification.permission === 'default') {
        void Notification.requestPermission().catch(() => undefined)
    }
}

/** Tells what opens and what closes soon, each once on this device; what was told stays until it is heard. */
export function useAlarm(clocks: readonly Clock[]): { news: readonly News[]; hear: (id: string) => void } {
    const [news, setNews] = useState<readonly News[]>([])
    const current = useRef(clocks)
    useEffect(() => {
        current.current = clocks
    }, [clocks])
    useEffect(() => {
        let lastLook = Number.POSITIVE_INFINITY
        const look = () => {
            const now = new Date()
            const told = readTold()
            // A device that slept is told what has opened meanwhile.
            const since = new Date(Math.min(lastLook, now.getTime() - BACK))
            lastLook = now.getTime()
            const fresh = newsOf(current.current, now, since).filter(({ id }) => !told.has(id))
            if (fresh.length === 0) return
            keepHere(TOLD, [...told, ...fresh.map(({ id }) => id)].slice(-MOST_TOLD))
            setNews((before) => [...before, ...fresh])
            ring()
            navigator.vibrate?.([200, 100, 200])
            if ('Notification' in window && Notification.permission === 'granted') {
                for (const { text } of fresh) new Notification(text)
            }
        }
        look()
        const timer = setInterval(look, EVERY)
        return () => clearInterval(timer)
    }, [])
    return { news, hear: (id) => setNews((before) => before.filter((one) => one.id !== id)) }
}

/** Keeps the screen awake while the page is looked at, where the device lets it. */
export function useAwake(): void {
    useEffect(() => {
        let lock: WakeLockSentinel | null = null
        let isGone = false
        const hold = async () => {
            if (document.visibilityState !== 'visible' || !('wakeLock' in navigator)) return
            try {
                lock = await navigator.wakeLock.request('screen')
                if (isGone) void lock.release()
            } catch {
                // Low on power: the device decides.
            }
        }
        void hold()
        document.addEventListener('visibilitychange', hold)
        return () => {
            isGone = true
            document.removeEventListener('visibilitychange', hold)
            void lock?.release()
        }
    }, [])
}

/** The present moment, so that bars move while one looks at them. */
export function useNow(every = 5_000): Date {
    const [now, setNow] = useState(() => new Date())
    useEffect(() => {
        const timer = setInterval(() => setNow(new Date()), every)
        return () => clearInterval(timer)
    }, [every])
    return now
}
