import type { ComponentProps, ReactNode } from 'react'
import { Button } from './Button'
import { classes } from './classes'

type Named = { label: string; children: ReactNode }

/**
 * A button that is only a picture. Its name is read aloud, and shown below it under the pointer and where the
 * keyboard stands: a native title is never shown to the keyboard, and a positioning library is half as large again as
 * the plan's own screen.
 */
export function IconButton({ label, className = '', ...rest }: Named & ComponentProps<typeof Button>) {
    return <Button tone="quiet" {...rest} aria-label={label} data-tip={label} className={classes('tip', className)} />
}

/** The look of an icon that is a link, for a file or another page. */
export const iconLink = (label: string) => ({
    'aria-label': label,
    'data-tip': label,
    className: classes(
        'tip inline-flex min-h-8 items-center rounded-plate px-2.5 hover:bg-press',
        'pointer-coarse:min-h-11 pointer-coarse:px-4',
    ),
})
