import { Bell } from 'lucide-react'
import { Button } from '@/design/Button'
import type { StepVerdict } from '@/features/build'
import { Countdowns, remind } from '@/features/remind'
import { type SayMoment, sayEdges } from '../state/verdicts'

type Props = {
    build: string
    times: StepVerdict
    /** What it is: "Morrin dark wash". */
    name: string
    sign: string
    say: SayMoment
}

/** When a wash may be cleaned, under the title of its step; one press when it is on starts the clock for it. */
export default function WashWindow({ build, times, name, sign, say }: Props) {
    const window = times.windows.find((one) => one.kind === 'clean-up')
    if (window === undefined || times.layer === null) return null
    const { laid } = times.layer
    const id = `${build} ${times.id}`
    const start = () => {
        const now = Date.now()
        const at = (minute: number) => new Date(now + (minute - laid) * 60_000)
        remind({
            id,
            build,
            step: times.id,
            name,
            sign,
            laid: new Date(now),
            opens: at(window.soonest),
            bestUntil: window.bestUntil === null ? null : at(window.bestUntil),
            closes: at(window.closes ?? window.opens + 1440),
            told: [],
        })
        if ('Notification' in globalThis && Notification.permission === 'default') void Notification.requestPermission()
    }
    return (
        <div className="flex flex-col gap-1.5 border-l-2 border-good pl-2">
            <p>
                <span className="font-semibold">Clean it</span> {sayEdges(window, say)}.
            </p>
            <Countdowns only={id} />
            {times.done === null && (
                <Button className="self-start" onClick={start}>
                    <Bell className="size-4" aria-hidden /> It is on now: remind me
                </Button>
            )}
        </div>
    )
}
