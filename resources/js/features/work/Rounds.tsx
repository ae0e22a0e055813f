import { useState } from 'react'
import { useNow } from './alarm'
import type { Card } from './api'
import { Large } from './Large'

/** Seconds after which nobody counts seconds any more. */
const COUNTED = 600

/** Work in rounds: which one it is, how long it has been wet, and one press for another. */
export function Rounds({ card, onRound }: { card: Card; onRound: () => void }) {
    const now = useNow(1_000)
    const key = `${card.build} ${card.step}`
    // What is written down is whole minutes; seconds count from the press, and only where it was pressed.
    const [pressed, setPressed] = useState({ key, rounds: card.rounds, at: null as Date | null })
    if (pressed.key !== key || pressed.rounds !== card.rounds) {
        const isSame = pressed.key === key
        const isMore = isSame && (card.rounds ?? 0) > (pressed.rounds ?? 0)
        setPressed({ key, rounds: card.rounds, at: isMore ? new Date() : isSame ? pressed.at : null })
    }
    if (card.rounds === null || card.laidAt === null) return null
    const seconds =
        pressed.at === null ? COUNTED : Math.max(0, Math.round((now.getTime() - pressed.at.getTime()) / 1_000))
    return (
        <section
            aria-label="Rounds"
            className="flex flex-wrap items-center gap-x-4 gap-y-2 rounded-plate border border-rule p-3"
        >
            <p className="flex-1 text-xl">
                <strong>Round {card.rounds}.</strong>{' '}
                {card.soakSeconds !== null && seconds < COUNTED && (
                    <Soak seconds={seconds} from={card.soakSeconds[0] ?? 0} to={card.soakSeconds[1] ?? 0} />
                )}
            </p>
            <Large onClick={onRound}>Another round</Large>
        </section>
    )
}

function Soak({ seconds, from, to }: { seconds: number; from: number; to: number }) {
    const clock = `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`
    return (
        <span className={seconds >= from && seconds <= to ? 'font-semibold text-good' : ''}>
            Wet for <span className="tabular-nums">{clock}</span>:{' '}
            {seconds < from
                ? `let it soak, ${from - seconds} s more.`
                : seconds <= to
                  ? 'work it now.'
                  : 'wet it again.'}
        </span>
    )
}
