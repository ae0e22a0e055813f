import type { ReactNode } from 'react'
import { classes } from '@/design/classes'

type LargeProps = {
    onClick: () => void
    children: ReactNode
    label?: string
    isMain?: boolean
    isPressed?: boolean
    disabled?: boolean
}

/** Large enough for a knuckle. */
export function Large({ onClick, children, label, isMain = false, isPressed, disabled = false }: LargeProps) {
    return (
        <button
            type="button"
            aria-label={label}
            aria-pressed={isPressed}
            disabled={disabled}
            onClick={onClick}
            className={classes(
                'inline-flex min-h-[64px] min-w-[64px] items-center justify-center gap-2 rounded-plate px-3 text-lg',
                'font-semibold disabled:opacity-40',
                isMain ? 'bg-act text-on-act' : 'border border-rule bg-sheet hover:bg-press',
            )}
        >
            {children}
        </button>
    )
}
