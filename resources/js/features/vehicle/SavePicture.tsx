import { useQuery } from '@tanstack/react-query'
import { ImageDown } from 'lucide-react'
import { useState } from 'react'
import type { Finish } from '@/contract'
import { IconButton } from '@/design/Icon'
import { type Chosen, numberOf, seedOf, shapeName, vehicleQuery } from './api'
import { shapeOf } from './shape'

type Props = { vehicle: Chosen; name: string; finish: Finish; step: number; isFlat: boolean }

/** Saves all four views as they are seen: as lines and paint that can be enlarged, or as a picture. */
export function SavePicture({ vehicle, name, finish, step, isFlat }: Props) {
    const { data } = useQuery(vehicleQuery(vehicle))
    const [state, setState] = useState<'idle' | 'busy' | 'failed'>('idle')
    const keep = async (as: 'svg' | 'png') => {
        if (data === undefined) return
        setState('busy')
        try {
            const { pictureOf, save, sheetOf } = await import('./exporting')
            const { shape, sizes } = shapeOf(shapeName(vehicle), data)
            const look = { finish, step, isFlat, number: numberOf(name), seed: seedOf(name) }
            const svg = await sheetOf(shape, sizes, look, name)
            save(
                as === 'svg' ? new Blob([svg], { type: 'image/svg+xml' }) : await pictureOf(svg),
                `${fileName(name)}.${as}`,
            )
            setState('idle')
        } catch {
            setState('failed')
        }
    }
    return (
        <>
            {(['svg', 'png'] as const).map((as) => (
                <IconButton
                    key={as}
                    label={state === 'failed' ? 'It could not be drawn: try again' : `Save it as ${as.toUpperCase()}`}
                    disabled={data === undefined || state === 'busy'}
                    onClick={() => void keep(as)}
                    className="px-1.5 hover:bg-white/40"
                >
                    <ImageDown className="size-4" aria-hidden />
                    <span className="text-fine">{as.toUpperCase()}</span>
                </IconButton>
            ))}
        </>
    )
}

/** What every file system takes. */
const fileName = (name: string): string => name.replace(/[^\p{L}\p{N} ._-]+/gu, '').trim() || 'vehicle'
