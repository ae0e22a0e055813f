import { classes } from '@/design/classes'

/** A window that closes: a line along the cell, solid while it is at its best, then broken, and shut at its end. */
export function WindowMark({ bestShare }: { bestShare: number }) {
    return (
        <span aria-hidden="true" className="absolute inset-x-0.5 bottom-0.5 flex h-[3px] border-r-2 border-risk">
            <span className="bg-risk" style={{ width: `${100 * bestShare}%` }} />
            <span
                className={classes(
                    'flex-1',
                    'bg-[repeating-linear-gradient(90deg,var(--color-risk)_0_2px,transparent_2px_5px)]',
                )}
            />
        </span>
    )
}
