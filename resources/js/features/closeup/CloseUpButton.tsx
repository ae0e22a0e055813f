import { useQueryClient } from '@tanstack/react-query'
import { ZoomIn } from 'lucide-react'
import { type ComponentProps, Suspense, useState } from 'react'
import { Button } from '@/design/Button'
import { later } from '@/design/later'
import { vehicleQuery } from '@/features/vehicle'
import { shapeName } from '@/features/vehicle/api'
import { askedFor, pieceQuery } from './api'

// Nothing of it is loaded before somebody wants to look.
const load = () => import('./CloseUpDialog')
export const CloseUpDialog = later(load)

type Props = Omit<ComponentProps<typeof CloseUpDialog>, 'open' | 'onOpenChange'> & { label: string; className: string }

/** Opens a piece from close. What the picture needs is fetched and begun with when a hand comes near. */
export function CloseUpButton({ label, className, ...of }: Props) {
    const client = useQueryClient()
    const [isOpen, setOpen] = useState(false)
    const comesClose = () => {
        void client.prefetchQuery(pieceQuery(of.build, of.stamp, of.zone.id, of.step, askedFor(of.against)))
        void Promise.all([client.fetchQuery(vehicleQuery(of.facts)), import('@/closeup/desk'), load()])
            .then(([packed, { getReady }]) => getReady(shapeName(of.facts), packed))
            // Whoever presses is told what could not be had.
            .catch(() => undefined)
    }
    return (
        <>
            <Button
                className={className}
                onPointerEnter={comesClose}
                onFocus={comesClose}
                onClick={() => setOpen(true)}
            >
                <ZoomIn className="size-4" aria-hidden /> {label}
            </Button>
            {isOpen && (
                <Suspense fallback={null}>
                    <CloseUpDialog open onOpenChange={setOpen} {...of} />
                </Suspense>
            )}
        </>
    )
}
