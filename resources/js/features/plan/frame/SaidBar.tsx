import { useEffect } from 'react'
import { Button } from '@/design/Button'
import type { Verdict } from '@/features/build'
import type { Acts, Said } from '../state/acts'

/** Milliseconds for which it stays. */
const STAYS = 12_000

/** Says what a deletion, a remedy or a press on "done" has changed, with the way back at hand. */
export function SaidBar({
    said,
    summary,
    acts,
    onGone,
}: {
    said: Said
    summary: Verdict['summary']
    acts: Acts
    onGone: () => void
}) {
    useEffect(() => {
        const timer = setTimeout(onGone, STAYS)
        return () => clearTimeout(timer)
    }, [onGone])
    const change = sayChange(said.before, summary)
    return (
        <div
            role="status"
            className={
                'no-print absolute inset-x-0 bottom-3 z-30 mx-auto flex w-fit max-w-[90%] items-center gap-3 ' +
                'rounded-plate bg-act px-3 py-1.5 text-on-act shadow-xl'
            }
        >
            <p className="min-w-0">
                {said.text}
                {change !== '' && `: ${change}`}.
            </p>
            <Button
                tone="quiet"
                className="border border-on-act/40 hover:bg-on-act/15"
                onClick={() => {
                    onGone()
                    if (said.offers === 'undo') acts.history.undo()
                    else acts.open('done')
                }}
            >
                {said.offers === 'undo' ? 'Undo' : 'It was at another time'}
            </Button>
        </div>
    )
}

/** "2 stops fewer, 1 risk more"; empty where no finding changes. */
export function sayChange(before: Verdict['summary'], after: Verdict['summary']): string {
    return (['stop', 'risk', 'note'] as const)
        .flatMap((severity) => {
            const by = after[`${severity}s`] - before[`${severity}s`]
            if (by === 0) return []
            const count = Math.abs(by)
            return [`${count} ${severity}${count === 1 ? '' : 's'} ${by > 0 ? 'more' : 'fewer'}`]
        })
        .join(', ')
}
