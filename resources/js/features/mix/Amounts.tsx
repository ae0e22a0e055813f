import { useState } from 'react'
import type { CupLook } from '@/contract'
import { Select, TextField } from '@/design/Field'
import type { Use } from './api'
import type { Measured } from './drops'

/** For how much it is measured out: a cup, an area, or all that is left in the scarcest jar. */
export type Amount = { of: 'cup' | 'area' | 'left'; cupMl: number }

type Props = {
    amount: Amount
    use: Use
    look: CupLook | undefined
    measured: Measured
    share: number
    nameOf: (jar: string) => string
    onAmount: (amount: Amount) => void
    onUse: (use: Use) => void
}

/** Millilitres that airbrush cups hold, and what a brush needs. */
const SIZES = [0.5, 1, 2, 5, 10, 20]

/** Thinned paint that is wanted; as long as it is worked out, a cup. */
export function totalOf({ of, cupMl }: Amount, look: CupLook | undefined, share: number): number {
    if (of === 'area') return look?.needMl ?? cupMl
    return of === 'left' && look?.lastsMl != null ? look.lastsMl / share : cupMl
}

export function Amounts({ amount, use, look, measured, share, nameOf, onAmount, onUse }: Props) {
    const [area, setArea] = useState(use.areaCm2 === null ? '150' : String(use.areaCm2))
    const total = totalOf(amount, look, share)
    const isEmpty = measured.drops.length === 0
    const cups = Math.ceil(total / amount.cupMl - 0.05)
    const setOf = (of: Amount['of']) => {
        onAmount({ ...amount, of })
        onUse({ ...use, areaCm2: of === 'area' ? areaOf(area) : null })
    }
    return (
        <div className="flex flex-col gap-2">
            <div className="grid grid-cols-2 gap-2">
                <Select
                    label="Measured out for"
                    value={amount.of}
                    choices={[
                        { value: 'cup', label: 'one cup' },
                        { value: 'area', label: 'an area' },
                        { value: 'left', label: 'all that is left' },
                    ]}
                    onChange={(event) => setOf(event.target.value as Amount['of'])}
                />
                <Select
                    label="A cup holds"
                    value={amount.cupMl}
                    choices={SIZES.map((ml) => ({ value: String(ml), label: `${ml} ml` }))}
                    onChange={(event) => onAmount({ ...amount, cupMl: Number(event.target.value) })}
                />
            </div>
            {amount.of === 'area' && (
                <div className="grid grid-cols-3 gap-2">
                    <TextField
                        label="cm²"
                        inputMode="decimal"
                        value={area}
                        fault={areaOf(area) === null ? 'From 1 to 100000.' : undefined}
                        onChange={(event) => {
                            setArea(event.target.value)
                            const areaCm2 = areaOf(event.target.value)
                            if (areaCm2 !== null) onUse({ ...use, areaCm2 })
                        }}
                    />
                    <Select
                        label="Coats"
                        value={use.coats}
                        choices={[1, 2, 3, 4, 5].map((of) => ({ value: String(of), label: String(of) }))}
                        onChange={(event) => onUse({ ...use, coats: Number(event.target.value) })}
                    />
                    <Select
                        label="With"
                        value={use.application}
                        choices={[
                            { value: 'airbrush', label: 'airbrush' },
                            { value: 'brush', label: 'brush' },
                        ]}
                        onChange={(event) =>
                            onUse({ ...use, application: event.target.value === 'brush' ? 'brush' : 'airbrush' })
                        }
                    />
                </div>
            )}
            <p className="text-fine text-soft">
                {isEmpty ? (
                    'Nothing is in the cup yet.'
                ) : (
                    <>
                        {measured.paint.toFixed(2)} ml paint, {measured.thinner.toFixed(2)} ml thinner
                        {amount.of !== 'cup' && `: ${cups} ${cups === 1 ? 'cup' : 'cups'}`}
                        {look?.perMl != null && `; the paint costs ${(look.perMl * measured.paint).toFixed(2)}`}
                    </>
                )}
            </p>
            {!isEmpty && look?.bought != null && look.perMl !== null && (
                <p className="text-fine text-soft">
                    A millilitre of it costs {(look.perMl * share).toFixed(3)} and the thinner, one of{' '}
                    {look.bought.name} {look.bought.perMl.toFixed(3)}.
                </p>
            )}
            {!isEmpty && look?.lastsMl != null && (
                <p className={look.lastsMl < measured.paint ? 'font-medium' : 'text-fine text-soft'}>
                    {look.scarcest === null ? 'The jars' : nameOf(look.scarcest)}{' '}
                    {look.scarcest === null ? 'do' : 'does'} for {look.lastsMl.toFixed(1)} ml of this paint.
                </p>
            )}
        </div>
    )
}

function areaOf(text: string): number | null {
    const number = Number(text.replace(',', '.'))
    return text.trim() !== '' && number >= 1 && number <= 100_000 ? number : null
}
