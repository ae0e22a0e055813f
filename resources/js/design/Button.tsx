import type { ComponentProps } from 'react'
import { classes } from '@/design/classes'

type Tone = 'act' | 'plain' | 'quiet' | 'danger'

const LOOK: Record<Tone, string> = {
    act: 'bg-act text-on-act hover:opacity-85',
    plain: 'border border-rule bg-sheet hover:bg-press',
    quiet: 'hover:bg-press',
    danger: 'border border-stop bg-sheet hover:bg-stop-wash',
}

export function Button({
    tone = 'plain',
    className = '',
    type = 'button',
    ...rest
}: ComponentProps<'button'> & { tone?: Tone }) {
    return (
        <button
            {...rest}
            type={type}
            className={classes(
                'inline-flex min-h-8 items-center justify-center gap-1.5 rounded-plate px-2.5',
                'font-medium pointer-coarse:min-h-11 pointer-coarse:px-4 disabled:opacity-45',
                LOOK[tone],
                className,
            )}
        />
    )
}
