import { X } from 'lucide-react'
import { Dialog as Radix } from 'radix-ui'
import { type ReactNode, useRef } from 'react'
import { classes } from '@/design/classes'

type Props = {
    open: boolean
    onOpenChange: (open: boolean) => void
    title: string
    description?: string
    width?: string
    children: ReactNode
}

export function Dialog({ open, onOpenChange, title, description, width = 'max-w-lg', children }: Props) {
    const opener = useRef<Element | null>(null)
    return (
        <Radix.Root open={open} onOpenChange={onOpenChange}>
            <Radix.Portal>
                <Radix.Overlay className="fixed inset-0 z-40 bg-black/45" />
                <Radix.Content
                    {...(description === undefined ? { 'aria-describedby': undefined } : {})}
                    onOpenAutoFocus={() => {
                        opener.current = document.activeElement
                    }}
                    onCloseAutoFocus={(event) => {
                        event.preventDefault()
                        // Back to where it was opened from, unless what was done in it has led elsewhere.
                        const isNowhere = document.activeElement === null || document.activeElement === document.body
                        if (isNowhere && opener.current instanceof HTMLElement) opener.current.focus()
                    }}
                    className={classes(
                        'fixed top-[8dvh] left-1/2 z-50 max-h-[84dvh] w-[calc(100vw-2rem)] -translate-x-1/2',
                        'overflow-y-auto rounded-plate border border-rule bg-panel p-4 shadow-xl',
                        width,
                    )}
                >
                    <div className="mb-3 flex items-start gap-3">
                        <div className="flex-1">
                            <Radix.Title className="wide text-lg font-semibold">{title}</Radix.Title>
                            {description !== undefined && (
                                <Radix.Description className="text-soft">{description}</Radix.Description>
                            )}
                        </div>
                        <Radix.Close aria-label="Close" className="rounded-plate p-1.5 hover:bg-press">
                            <X className="size-4" aria-hidden />
                        </Radix.Close>
                    </div>
                    {children}
                </Radix.Content>
            </Radix.Portal>
        </Radix.Root>
    )
}
