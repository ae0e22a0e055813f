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
                <Large onClick={() => onLog('note', 'Looked at', { text: 'Looked at.' })}>Looked at</Large>
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
            <Air onLog={onLog} />
        </section>
    )
}

/** What a thermometer says that Ulvrach cannot read by itself; drying is the same whether one measures it or not. */
function Air({ onLog }: Pick<Props, 'onLog'>) {
    const [degrees, setDegrees] = useState('')
    const [humidity, setHumidity] = useState('')
    const within = (text: string, least: number, most: number) => {
        const value = Number(text.replace(',', '.'))
        return text.trim() === '' || Number.isNaN(value) || value < least || value > most ? null : value
    }
    const temperatureC = within(degrees, -5, 45)
    const humidityPercent = within(humidity, 1, 100)
    const isTyped = degrees.trim() !== '' && humidity.trim() !== ''
    const field = 'h-[64px] w-full rounded-plate border border-rule bg-sheet px-3 text-lg'
    return (
        <form className="mt-3 flex items-end gap-2" onSubmit={(event) => event.preventDefault()}>
            <label className="w-28">
                <span className="text-soft">Air, °C</span>
                <input
                    value={degrees}
                    inputMode="decimal"
                    onChange={(event) => setDegrees(event.target.value)}
                    className={field}
                />
            </label>
            <label className="w-28">
                <span className="text-soft">Humidity, %</span>
                <input
                    value={humidity}
                    inputMode="decimal"
                    onChange={(event) => setHumidity(event.target.value)}
                    className={field}
                />
            </label>
            <Large
                disabled={temperatureC === null || humidityPercent === null}
                onClick={() => {
                    if (temperatureC !== null && humidityPercent !== null)
                        onLog('measured', 'Air measured', { air: { temperatureC, humidityPercent } })
                }}
            >
                Measured
            </Large>
            {isTyped && (temperatureC === null || humidityPercent === null) && (
                <span role="alert" className="self-center text-stop">
                    −5 to 45 °C, 1 to 100 %
                </span>
            )}
        </form>
    )
}
