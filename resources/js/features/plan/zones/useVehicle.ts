import { useState } from 'react'
import { z } from 'zod'
import { keepHere, readKept } from '@/app/kept'
import type { VehicleActs } from '../state/acts'

const keptShape = z.object({ isShown: z.boolean(), height: z.number(), isFlat: z.boolean() })
type Kept = z.infer<typeof keptShape>

const KEY = 'vehicle'
/** Pixels: what the views need to be told apart, and what leaves the board two rows. */
export const LEAST_HEIGHT = 120
const USUAL_HEIGHT = 216
const GREATEST_SHARE = 0.62

/** How the vehicle stands on the plan screen: the person's own choice, on this machine. */
export type VehicleDesk = Kept & {
    /** It has all the room; not kept, for the board is what one comes for. */
    isLarge: boolean
    setHeight: (height: number) => void
    setFlat: (isFlat: boolean) => void
    acts: VehicleActs
}

export function useVehicle(): VehicleDesk {
    const [kept, setKept] = useState<Kept>(() => {
        const read = keptShape.safeParse(readKept(KEY))
        return read.success ? read.data : { isShown: true, height: USUAL_HEIGHT, isFlat: false }
    })
    const [isLarge, setLarge] = useState(false)
    const change = (changes: Partial<Kept>) => {
        const next = { ...kept, ...changes }
        setKept(next)
        keepHere(KEY, next)
    }
    return {
        ...kept,
        isLarge,
        setHeight: (height) =>
            change({
                height: Math.round(Math.max(LEAST_HEIGHT, Math.min(GREATEST_SHARE * window.innerHeight, height))),
            }),
        setFlat: (isFlat) => change({ isFlat }),
        acts: {
            toggle: () => {
                change({ isShown: !kept.isShown })
                setLarge(false)
            },
            enlarge: () => {
                if (!kept.isShown) change({ isShown: true })
                setLarge(!(isLarge && kept.isShown))
            },
        },
    }
}
