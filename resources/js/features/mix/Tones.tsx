import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import type { CupTones } from '@/contract'
import { Button } from '@/design/Button'
import { classes } from '@/design/classes'
import { type Cup, type Part, tonesQuery } from './api'

type To = 'lighter' | 'darker'
type Ladder = CupTones['ladders'][number]
type Props = { cup: Cup; shelf: string; onChange: (parts: readonly Part[]) => void }

/** The most parts of one jar that the cup counts. */
const MOST = 99

/** Lighter and darker tones of what is in the cup: with which jar, how much of it, and from where on the hue turns. */
export function Tones({ cup, shelf, onChange }: Props) {
    const [to, setTo] = useState<To | null>(null)
    if (cup.parts.length === 0) return null
    return (
        <div className="border-t border-line pt-2">
            <div className="flex items-center gap-2">
                <span className="text-fine text-soft">Without turning its hue</span>
                {(['lighter', 'darker'] as const).map((one) => (
                    <Button
                        key={one}
                        className="text-fine"
                        aria-pressed={to === one}
                        tone={to === one ? 'act' : 'plain'}
                        onClick={() => setTo(to === one ? null : one)}
                    >
                        {one}
                    </Button>
                ))}
            </div>
            {to !== null && <Ladders cup={cup} shelf={shelf} to={to} onChange={onChange} />}
        </div>
    )
}

function Ladders({ cup, shelf, to, onChange }: Props & { to: To }) {
    const tones = useQuery(tonesQuery(cup, to, shelf))
    if (tones.isError)
        return (
            <p role="alert" className="mt-1 text-fine text-stop">
                {tones.error.message}
            </p>
        )
    if (tones.data === undefined) return <p className="mt-1 text-fine text-soft">Trying every jar…</p>
    if (tones.data.length === 0)
        return <p className="mt-1 text-fine">No jar of this family makes it {to} without turning it.</p>
    return (
        <ul className="mt-1.5 flex flex-col gap-2">
            {tones.data.map((ladder) => (
                <li key={ladder.jar}>
                    <span className="block truncate text-fine">
                        {ladder.name}
                        <span className="text-soft"> · {sayTurn(ladder)}</span>
                    </span>
                    <span className="flex">
                        {ladder.rungs.map((rung, place) => (
                            <button
                                key={`${rung.parts} ${rung.to}`}
                                type="button"
                                aria-label={`${rung.parts} to ${rung.to}: ${sayChange(rung)}`}
                                title={`${rung.parts} to ${rung.to}: ${sayChange(rung)}`}
                                onClick={() => onChange(poured(cup.parts, ladder.jar, rung.parts, rung.to))}
                                className={classes(
                                    'h-9 min-w-0 flex-1 pointer-coarse:h-12',
                                    ladder.turnsAt !== null && place >= ladder.turnsAt
                                        ? 'border-t-4 border-risk'
                                        : 'border-t-4 border-transparent',
                                )}
                                style={{ backgroundColor: rung.colour, backgroundClip: 'padding-box' }}
                            />
                        ))}
                    </span>
                </li>
            ))}
        </ul>
    )
}

const sayChange = ({ lighter, fades }: Ladder['rungs'][number]): string =>
    [
        `${Math.abs(lighter).toFixed(0)} ${lighter >= 0 ? 'lighter' : 'darker'}`,
        ...(Math.abs(fades) >= 2 ? [`${Math.abs(fades).toFixed(0)} ${fades > 0 ? 'paler' : 'stronger'}`] : []),
    ].join(', ')

const sayTurn = ({ turnsAt, rungs }: Ladder): string => {
    const rung = turnsAt === null ? undefined : rungs[turnsAt]
    return rung === undefined ? 'keeps the hue' : `turns from ${rung.parts} to ${rung.to} on`
}

/** So many parts of a jar to so many of the cup, in whole parts; more of a jar that is in it counts to that. */
export function poured(parts: readonly Part[], jar: string, more: number, to: number): Part[] {
    const all = parts.reduce((sum, part) => sum + part.parts, 0)
    const scaled = parts.map((part) => ({ jar: part.jar, parts: part.parts * to }))
    const added = scaled.some((part) => part.jar === jar)
        ? scaled.map((part) => (part.jar === jar ? { jar, parts: part.parts + more * all } : part))
        : [...scaled, { jar, parts: more * all }]
    const shared = added.reduce((divisor, part) => gcd(divisor, part.parts), 0)
    const whole = added.map((part) => ({ jar: part.jar, parts: part.parts / shared }))
    const largest = Math.max(...whole.map((part) => part.parts))
    // The cup counts to MOST: what needs more is rounded, and nothing that is in it vanishes.
    const scale = Math.min(1, MOST / largest)
    return whole.map((part) => ({ jar: part.jar, parts: Math.max(1, Math.round(part.parts * scale)) }))
}

const gcd = (one: number, other: number): number => (other === 0 ? one : gcd(other, one % other))
