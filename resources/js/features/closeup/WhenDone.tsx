import { useQuery } from '@tanstack/react-query'
import { useMemo } from 'react'
import { USUAL_LIGHT, type Wish } from '@/closeup/piece'
import { type Chosen, vehicleQuery } from '@/features/vehicle'
import { numberOf, seedOf, shapeName } from '@/features/vehicle/api'
import { pieceQuery } from './api'
import { Piece } from './Piece'

type Props = { build: string; name: string; vehicle: Chosen; stamp: string; zone: string; step: string }

/** How a step should look on one of its zones when it is done. */
export default function WhenDone({ build, name, vehicle, stamp, zone, step }: Props) {
    const shape = useQuery(vehicleQuery(vehicle))
    const piece = useQuery(pieceQuery(build, stamp, zone, step))
    const wish = useMemo<Wish>(
        () => ({
            width: 720,
            height: 480,
            seed: seedOf(name),
            light: USUAL_LIGHT,
            isWet: false,
            figures: numberOf(name),
        }),
        [name],
    )
    if (shape.isError || piece.isError)
        return (
            <p className="text-soft">
                The picture cannot be had without a connection; seen once, it stays for this visit.
            </p>
        )
    return (
        <figure>
            {shape.data === undefined || piece.data === undefined ? (
                <p className="grid aspect-[3/2] place-items-center rounded-plate bg-sheet text-soft">Drawing…</p>
            ) : (
                <Piece
                    vehicle={shapeName(vehicle)}
                    packed={shape.data}
                    piece={piece.data}
                    wish={wish}
                    label={piece.data.says}
                />
            )}
            <figcaption className="mt-1 text-base text-soft">
                {piece.data === undefined ? 'Some centimetres of the model.' : `${piece.data.says} Simulated.`}
            </figcaption>
        </figure>
    )
}
