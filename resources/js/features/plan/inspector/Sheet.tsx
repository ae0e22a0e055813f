import { X } from 'lucide-react'
import { Dialog as Radix } from 'radix-ui'
import type { ReactNode } from 'react'

/** What comes up from below on a phone, over the list that it belongs to. */
export default function Sheet({
    open,
    onClose,
    title,
    children,
}: {
    open: boolean
    onClose: () => void
    title: string
    children: ReactNode
}) {
    return (
        <Radix.Root open={open} onOpenChange={(isOpen) => !isOpen && onClose()}>
            <Radix.Portal>
                <Radix.Overlay className="fixed inset-0 z-30 bg-black/40" />
                <Radix.Content
                    aria-describedby={undefined}
                    className={
                        'fixed inset-x-0 bottom-0 z-30 flex max-h-[82dvh] flex-col rounded-t-lg border-t border-rule ' +
                        'bg-panel shadow-xl'
                    }
                >
                    <div className="flex items-center gap-2 border-b border-line px-3">
                        <Radix.Title className="sr-only">{title}</Radix.Title>
                        <span className="mx-auto my-2 h-1 w-10 rounded-full bg-rule" aria-hidden="true" />
                        <Radix.Close aria-label="Close" className="-mr-2 grid size-11 place-items-center rounded-plate">
                            <X className="size-5" aria-hidden />
                        </Radix.Close>
                    </div>
                    <div className="min-h-0 flex-1 overflow-y-auto">{children}</div>
                </Radix.Content>
            </Radix.Portal>
        </Radix.Root>
    )
}
