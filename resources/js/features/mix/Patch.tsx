import { classes } from '@/design/classes'

/** A colour large enough to be judged. Beside another without a line between, a difference is seen at once. */
export function Patch({ colour, className }: { colour: string | null; className?: string }) {
    return (
        <span
            aria-hidden="true"
            className={classes('block', colour === null ? 'bg-card' : '', className ?? '')}
            style={colour === null ? undefined : { backgroundColor: colour }}
        />
    )
}
