import type { ReactNode } from 'react'
import { Button } from './Button'

export function RetryNotice({ error, onRetry }: { error: Error; onRetry: () => void }) {
    return (
        <div
            role="alert"
            className="flex flex-wrap items-center gap-3 rounded-plate border border-stop bg-stop-wash p-3"
        >
            <p className="flex-1">{error.message}</p>
            <Button onClick={onRetry}>Try again</Button>
        </div>
    )
}

/** Something that needs a decision before work goes on. */
export function Banner({ children, actions }: { children: ReactNode; actions: ReactNode }) {
    return (
        <div role="alert" className="flex flex-wrap items-center gap-3 border-b border-risk bg-risk-wash px-3 py-2">
            <p className="min-w-60 flex-1">{children}</p>
            <span className="flex flex-wrap gap-2">{actions}</span>
        </div>
    )
}
