import { Ellipsis } from 'lucide-react'
import { type ReactNode, useEffect, useId, useRef, useState } from 'react'
import { useLocation } from 'react-router'
import { Button } from '@/design/Button'

/** What a phone has no room for in a row: opened by a press, closed by Escape, a press beside it, and going on. */
export function More({ children }: { children: ReactNode }) {
    const [isOpen, setOpen] = useState(false)
    const location = useLocation()
    const panel = useId()
    const around = useRef<HTMLDivElement>(null)
    const button = useRef<HTMLButtonElement>(null)
    // biome-ignore lint/correctness/useExhaustiveDependencies: the place one goes to is what closes it
    useEffect(() => setOpen(false), [location.pathname])
    useEffect(() => {
        if (!isOpen) return
        const onPress = (event: PointerEvent) => {
            if (event.target instanceof Node && !around.current?.contains(event.target)) setOpen(false)
        }
        const onKey = (event: KeyboardEvent) => {
            if (event.key !== 'Escape') return
            setOpen(false)
            button.current?.focus()
        }
        document.addEventListener('pointerdown', onPress)
        document.addEventListener('keydown', onKey)
        return () => {
            document.removeEventListener('pointerdown', onPress)
            document.removeEventListener('keydown', onKey)
        }
    }, [isOpen])
    return (
        <div ref={around} className="relative ml-auto shrink-0">
            <Button
                ref={button}
                tone="quiet"
                aria-expanded={isOpen}
                aria-controls={panel}
                aria-label="More places"
                className="max-sm:px-1.5"
                onClick={() => setOpen(!isOpen)}
            >
                <Ellipsis className="size-5" aria-hidden />
            </Button>
            <div
                id={panel}
                hidden={!isOpen}
                className="absolute top-full right-0 z-40 min-w-48 rounded-plate border border-rule bg-panel p-1"
            >
                {children}
            </div>
        </div>
    )
}
