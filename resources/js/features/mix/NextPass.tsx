import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Button } from '@/design/Button'
import { Select, TextField } from '@/design/Field'
import { type Cup, type Part, tonesQuery } from './api'
import { nextPass, readThinning, sayDrops, sayThinning } from './drops'
import { Patch } from './Patch'
import { poured } from './Tones'

type Props = {
    cup: Cup
    shelf: string
    millilitres: number
    onPoured: (parts: readonly Part[], share: number) => void
}

/** What is still in the cup, brought to the next pass: thinner, and lighter if one likes, without starting afresh. */
export function NextPass({ cup, shelf, millilitres, onPoured }: Props) {
    const [left, setLeft] = useState('')
    const [thinned, setThinned] = useState('')
    const [lighter, setLighter] = useState('')
    const tones = useQuery(tonesQuery(cup, 'lighter', shelf))
    const inCup = left === '' ? millilitres / 2 : Number(left.replace(',', '.'))
    const share = thinned === '' ? Math.max(0.05, 0.6 * cup.share) : readThinning(thinned)
    const ladder = tones.data?.find(({ jar }) => lighter.startsWith(`${jar} `))
    const rung = ladder?.rungs.find(({ parts, to }) => lighter === `${ladder.jar} ${parts} ${to}`)
    const isAmount = Number.isFinite(inCup) && inCup > 0 && inCup <= 1000
    const more = rung === undefined || !isAmount ? 0 : (inCup * cup.share * rung.parts) / rung.to
    const pass = share === null || !isAmount ? null : nextPass(inCup, cup.share, share, more)
    return (
        <section aria-label="For the next pass" className="rounded-plate border border-line bg-panel p-3">
            <h2 className="wide mb-2 font-semibold">For the next pass</h2>
            <div className="grid grid-cols-2 gap-2 sm:grid-cols-3">
                <TextField
                    label="In the cup now, ml"
                    inputMode="decimal"
                    value={left}
                    placeholder={(millilitres / 2).toFixed(1)}
                    fault={isAmount ? undefined : 'Millilitres, up to 1000.'}
                    onChange={(event) => setLeft(event.target.value)}
                />
                <TextField
                    label="To be thinned"
                    value={thinned}
                    placeholder={sayThinning(Math.max(0.05, 0.6 * cup.share))}
                    fault={share === null ? 'As in 1:2, or 33 %.' : undefined}
                    onChange={(event) => setThinned(event.target.value)}
                />
                <Select
                    label="And lighter with"
                    value={lighter}
                    groups={[
                        { label: '', choices: [{ value: '', label: 'nothing' }] },
                        ...(tones.data ?? []).map((one) => ({
                            label: one.name,
                            choices: one.rungs
                                .slice(0, one.turnsAt ?? one.rungs.length)
                                .map(({ parts, to, lighter: by }) => ({
                                    value: `${one.jar} ${parts} ${to}`,
                                    label: `${parts} to ${to}: ${by.toFixed(0)} lighter`,
                                })),
                        })),
                    ]}
                    onChange={(event) => setLighter(event.target.value)}
                />
            </div>
            {pass !== null && share !== null && (
                <div className="mt-2 flex items-center gap-3">
                    {rung !== undefined && <Patch colour={rung.colour} className="h-9 w-14 rounded-plate" />}
                    <p className="flex-1" aria-live="polite">
                        Add{' '}
                        {[
                            ...(ladder !== undefined && more > 0 ? [`${sayDrops(more)} of ${ladder.name}`] : []),
                            ...(pass.thinner > 0.01 ? [`${sayDrops(pass.thinner)} of thinner`] : []),
                            ...(pass.paint > 0.01 ? [`${sayDrops(pass.paint)} of the same mix, not thinned`] : []),
                        ].join(' and ') || 'nothing'}
                        : it is {sayThinning(share)} then.
                    </p>
                    <Button
                        onClick={() => {
                            onPoured(
                                ladder === undefined || rung === undefined
                                    ? cup.parts
                                    : poured(cup.parts, ladder.jar, rung.parts, rung.to),
                                share,
                            )
                            setLighter('')
                            setThinned('')
                        }}
                    >
                        It is in the cup
                    </Button>
                </div>
            )}
        </section>
    )
}
