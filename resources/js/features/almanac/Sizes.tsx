import { Printer } from 'lucide-react'
import { useState } from 'react'
import { Button } from '@/design/Button'
import { Select } from '@/design/Field'
import type { AlmanacData } from './api'
import { finds } from './find'

type Size = AlmanacData['sizes'][number]

export const SCALES = [16, 24, 32, 35, 48, 72, 76, 100, 144] as const

/** Millimetres of model that are drawn as a bar; what is longer is only said. */
const LONGEST = 45

/** How large things are at a scale: in their true size on paper, with a ruler of the vehicle's own measures. */
export function Sizes({ sizes, search }: { sizes: readonly Size[]; search: string }) {
    const [scale, setScale] = useState<number>(35)
    const shown = sizes.filter((size) => finds(search, size.what, size.note))
    return (
        <div className="flex flex-col gap-4">
            <div className="no-print flex items-end gap-3">
                <Select
                    label="Scale"
                    value={String(scale)}
                    choices={SCALES.map((one) => ({ value: String(one), label: `1:${one}` }))}
                    onChange={(event) => setScale(Number(event.target.value))}
                />
                <Button onClick={() => window.print()}>
                    <Printer className="size-4" aria-hidden /> Print at 100 %
                </Button>
                <p className="max-w-md text-fine text-soft">
                    On paper, printed without fitting to the page, bars and ruler are as long as they say.
                </p>
            </div>
            <Ruler scale={scale} />
            <table className="w-full border-collapse">
                <caption className="mb-1 text-left font-semibold">Sizes at 1:{scale}</caption>
                <thead className="text-left text-fine text-soft">
                    <tr className="border-b border-rule *:px-1.5 *:py-1 *:font-normal">
                        <th scope="col">What</th>
                        <th scope="col" className="text-right">
                            On the vehicle
                        </th>
                        <th scope="col" className="text-right">
                            On the model
                        </th>
                        <th scope="col">As long as this</th>
                    </tr>
                </thead>
                <tbody>
                    {shown.map((size) => (
                        <tr key={size.code} className="border-b border-line *:px-1.5 *:py-1.5">
                            <th scope="row" className="text-left font-normal leading-tight">
                                {size.what}
                                <span className="block text-fine text-soft">{size.note}</span>
                            </th>
                            <td className="text-right whitespace-nowrap tabular-nums">
                                {size.leastMm}–{size.mostMm} mm
                            </td>
                            <td className="text-right font-medium whitespace-nowrap tabular-nums">
                                {sayMm(size.leastMm / scale)}–{sayMm(size.mostMm / scale)} mm
                            </td>
                            <td className="w-[48mm]">
                                <Bar least={size.leastMm / scale} most={size.mostMm / scale} />
                            </td>
                        </tr>
                    ))}
                </tbody>
            </table>
            {shown.length === 0 && <p className="text-soft">Nothing of that name has been measured.</p>}
        </div>
    )
}

/** As exact as it can be made: hundredths below a millimetre, tenths above. */
export const sayMm = (mm: number): string => (mm < 1 ? mm.toFixed(2) : mm < 10 ? mm.toFixed(1) : mm.toFixed(0))

function Bar({ least, most }: { least: number; most: number }) {
    if (least > LONGEST) return <span className="text-fine text-soft">longer than this column</span>
    return (
        <svg aria-hidden="true" width={`${LONGEST}mm`} height="4mm" viewBox={`0 0 ${LONGEST} 4`}>
            <rect x="0" y="1" width={Math.min(LONGEST, most)} height="2" className="fill-rule" />
            <rect x="0" y="1" width={Math.min(LONGEST, least)} height="2" className="fill-ink" />
        </svg>
    )
}

/** Of the vehicle's centimetres: every tenth is longer and has its number. */
function Ruler({ scale }: { scale: number }) {
    const length = 180
    const step = 100 / scale
    const every = step >= 2 ? 1 : step >= 1 ? 5 : 10
    const count = Math.floor(length / step)
    const ticks = Array.from({ length: count + 1 }, (_, place) => place).filter((place) => place % every === 0)
    return (
        <svg
            role="img"
            aria-label={`A ruler of the vehicle's measures at 1:${scale}`}
            width={`${length}mm`}
            height="14mm"
            viewBox={`0 0 ${length} 14`}
            className="max-w-full bg-sheet"
        >
            <line x1="0" y1="0.15" x2={length} y2="0.15" className="stroke-ink" strokeWidth="0.3" />
            {ticks.map((place) => {
                const isLong = place % 10 === 0
                return (
                    <g key={place}>
                        <line
                            x1={place * step}
                            y1="0"
                            x2={place * step}
                            y2={isLong ? 7 : place % 5 === 0 ? 5 : 3}
                            className="stroke-ink"
                            strokeWidth="0.2"
                        />
                        {isLong && (
                            <text x={place * step + 0.6} y="10.5" fontSize="3" className="fill-ink">
                                {place / 10} m
                            </text>
                        )}
                    </g>
                )
            })}
        </svg>
    )
}
