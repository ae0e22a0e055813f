import { useState } from 'react'
import type { Entry } from '@/features/build'
import type { Card } from './api'
import { Large } from './Large'

type Props = {
    card: Card
    onLog: (kind: Entry['kind'], says: string, more?: Partial<Entry>) => void
    onWrong: () => void
    onOtherwise: () => void
    /** The same work on other builds, which waits as well. */
    likes: readonly Card[]
    onAll: () => void
}

const LATER = [15, 30, 60, 180] as const

/** What else can be said of the step in hand, one press each. */
export function More({ card, onLog, onWrong, onOtherwise, likes, onAll }: Props) {
    const [text, setText] = useState('')
    const said = (kind: Entry['kind'], words: string) => onLog(kind, words, { text: words })
    return (
        <section
            aria-label="More of this step"
            className="max-h-[45dvh] overflow-y-auto border-t border-rule bg-panel p-3"
        >
            <div className="flex flex-wrap gap-2">
                <Large isMain onClick={onWrong}>
                    Something went wrong
                </Large>
                <Large onClick={() => onLog('paused', 'Paused')}>Paused</Large>
                {card.cleanUp.length > 0 && <Large onClick={() => onLog('cleaned', 'Cleaned')}>Cleaned a pass</Large>}
                <Large onClick={() => onLog('skipped', 'Left out')}>Left out</Large>
                <Large onClick={onOtherwise}>Done otherwise</Large>
                {likes.length > 0 && (
                    <Large onClick={onAll}>
                        Done on all {likes.length + 1}: {card.technique.toLowerCase()}
                    </Large>
                )}
                {LATER.map((minutes) => (
                    <Large
                        key={minutes}
                        onClick={() =>
                            onLog('finished', `Done ${minutes} minutes ago`, {
                                at: `${new Date(Date.now() - minutes * 60_000).toISOString().slice(0, 16)}:00Z`,
                            })
                        }
                    >
                        Done {minutes < 60 ? `${minutes} min` : `${minutes / 60} h`} ago
                    </Large>
                ))}
            </div>
            <form
                className="mt-3 flex gap-2"
                onSubmit={(event) => {
                    event.preventDefault()
                    if (text.trim() !== '') said('note', text.trim())
                }}
            >
                <label className="flex-1">
                    <span className="text-soft">In words: another jar, what was seen, what was odd</span>
                    <input
                        value={text}
                        maxLength={2000}
                        onChange={(event) => setText(event.target.value)}
                        className="h-[64px] w-full rounded-plate border border-rule bg-sheet px-3 text-lg"
                    />
                </label>
                <span className="self-end">
                    <Large disabled={text.trim() === ''} onClick={() => said('note', text.trim())}>
                        Write down
                    </Large>
                </span>
            </form>
        </section>
    )
}
