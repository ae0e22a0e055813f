import { useQuery } from '@tanstack/react-query'
import { ImageDown, Printer } from 'lucide-react'
import { useState } from 'react'
import type { Finish } from '@/contract'
import { IconButton } from '@/design/Icon'
import { type Chosen, numberOf, seedOf, shapeName, vehicleQuery } from './api'
import { shapeOf } from './shape'

type Props = { vehicle: Chosen; name: string; finish: Finish; step: number; isFlat: boolean }

const WAYS = [
    { as: 'svg', label: 'Save it as SVG', word: 'SVG', Sign: ImageDown },
    { as: 'png', label: 'Save it as PNG', word: 'PNG', Sign: ImageDown },
    { as: 'paper', label: 'Print it', word: 'Print', Sign: Printer },
] as const

/** Takes all four views along as they are seen: as lines and paint that can be enlarged, as a picture, or on paper. */
export function SavePicture({ vehicle, name, finish, step, isFlat }: Props) {
    const { data } = useQuery(vehicleQuery(vehicle))
    const [state, setState] = useState<'idle' | 'busy' | 'failed'>('idle')
    const keep = async (as: (typeof WAYS)[number]['as']) => {
        if (data === undefined) return
        setState('busy')
        try {
            const { pictureOf, print, save, sheetOf } = await import('./exporting')
            const { shape, sizes } = shapeOf(shapeName(vehicle), data)
            const look = { finish, step, isFlat, number: numberOf(name), seed: seedOf(name) }
            const svg = await sheetOf(shape, sizes, look, name)
            if (as === 'paper') await print(svg, name)
            else if (as === 'svg') save(new Blob([svg], { type: 'image/svg+xml' }), `${fileName(name)}.svg`)
            else save(await pictureOf(svg), `${fileName(name)}.png`)
            setState('idle')
        } catch {
            setState('failed')
        }
    }
    return (
        <>
            {WAYS.map(({ as, label, word, Sign }) => (
                <IconButton
                    key={as}
                    label={state === 'failed' ? 'It could not be drawn: try again' : label}
                    disabled={data === undefined || state === 'busy'}
                    onClick={() => void keep(as)}
                    className="px-1.5 hover:bg-white/40"
                >
                    <Sign className="size-4" aria-hidden />
                    <span className="text-fine">{word}</span>
                </IconButton>
            ))}
        </>
    )
}

/** What every file system takes. */
const fileName = (name: string): string => name.replace(/[^\p{L}\p{N} ._-]+/gu, '').trim() || 'vehicle'
