import { useEffect, useState } from 'react'
import type { Finish, Measure } from '@/contract'
import type { View } from '@/vehicle/model'
import VehicleThumb from './VehicleThumb'

/** Measures that differ from the usual ones; null: none does. */
export type Form = Record<string, number> | null

type Props = {
    kind: string
    measures: readonly Measure[]
    form: Form
    onForm: (form: Form) => void
    /** By the code of the measure. */
    fault?: (code: string) => string | undefined
}

const VIEWS: readonly View[] = ['left', 'front']
const BARE: Finish = { belongs: [], panels: [], paints: [], marks: [] }

/** Milliseconds for which a measure must rest before the vehicle is built anew. */
const REST = 220

/** The measures of a vehicle, and how it looks with them. */
export default function VehicleForm({ kind, measures, form, onForm, fault }: Props) {
    const [shown, setShown] = useState({ kind, form })
    useEffect(() => {
        const timer = setTimeout(() => setShown({ kind, form }), REST)
        return () => clearTimeout(timer)
    }, [kind, form])
    const change = (measure: Measure, value: number) => {
        const { [measure.code]: _, ...others } = form ?? {}
        const next = value === measure.usual ? others : { ...others, [measure.code]: value }
        onForm(Object.keys(next).length === 0 ? null : next)
    }
    const lengths = measures.filter((measure) => measure.unit !== 'option')
    const options = measures.filter((measure) => measure.unit === 'option')
    return (
        <div className="flex flex-col gap-2">
            <div className="flex justify-center rounded-plate bg-stage p-3">
                <VehicleThumb vehicle={shown} name="" finish={BARE} views={VIEWS} width={378} height={120} />
            </div>
            <details className="group">
                <summary className="cursor-pointer py-1 font-medium pointer-coarse:py-2.5">
                    Measures of the real vehicle{form === null ? '' : `, ${Object.keys(form).length} of its own`}
                </summary>
                <div className="grid grid-cols-2 gap-x-4 gap-y-2 pt-1">
                    {lengths.map((measure) => (
                        <Length
                            key={measure.code}
                            measure={measure}
                            value={form?.[measure.code] ?? measure.usual}
                            onValue={(value) => change(measure, value)}
                            fault={fault?.(measure.code)}
                        />
                    ))}
                    {options.map((measure) => (
                        <label key={measure.code} className="flex min-h-8 items-center gap-1.5 pointer-coarse:min-h-11">
                            <input
                                type="checkbox"
                                checked={(form?.[measure.code] ?? measure.usual) === 1}
                                onChange={(event) => change(measure, event.target.checked ? 1 : 0)}
                            />
                            {measure.label}
                        </label>
                    ))}
                </div>
            </details>
        </div>
    )
}

type LengthProps = { measure: Measure; value: number; onValue: (value: number) => void; fault: string | undefined }

function Length({ measure, value, onValue, fault }: LengthProps) {
    const unit = measure.unit === 'mm' ? ' mm' : ''
    return (
        <label className="text-fine">
            <span className="flex justify-between gap-2">
                <span>{measure.label}</span>
                <output className="text-soft">
                    {value}
                    {unit}
                </output>
            </span>
            <input
                type="range"
                min={measure.least}
                max={measure.greatest}
                step={measure.unit === 'mm' ? 10 : 1}
                value={value}
                aria-valuetext={`${value}${unit}`}
                onChange={(event) => onValue(event.target.valueAsNumber)}
                className="w-full accent-ink pointer-coarse:h-11"
            />
            {fault !== undefined && (
                <span role="alert" className="block text-stop">
                    {fault}
                </span>
            )}
        </label>
    )
}
