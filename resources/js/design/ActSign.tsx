/** Work that leaves no film, as a sign: what is drawn heavier is filled. */
const SIGNS: Record<string, { lines: string; filled?: string }> = {
    mask: { lines: 'M2.5 3.5h19v9h-19zM2.5 8l4.5-4.5M4 12.5l9-9M10 12.5l9-9M16 12.5l5.5-5.5' },
    unmask: { lines: 'M2.5 3.5h19v9H13L7 3.5M13 12.5 9 12 4.5 5.5', filled: 'M13 12.5 9 12 7 3.5z' },
    'lift-off': { lines: 'M2 14h20', filled: 'M3 9l3-4 4 1-1 4-4 1zM12 6l2-3 4 2-2 3zM14 12l2-3 5 1-2 3z' },
    abrade: { lines: 'M3 13 9 4M9 13l6-9M15 13l6-9' },
    soften: { lines: 'M3 6c3 4 6-4 9 0s6-4 9 0M3 11c3 4 6-4 9 0s6-4 9 0' },
    'fix-pigment': { lines: 'M4 3v7M9 3v7M14 3v7M19 3v7M2 13h20' },
    join: { lines: 'M3 8h7m4 0h7M10 3v10M14 3v10' },
    look: { lines: 'M2 8c5-7 15-7 20 0-5 7-15 7-20 0z', filled: 'M12 5.5a2.5 2.5 0 1 1 0 5 2.5 2.5 0 0 1 0-5z' },
    'test-patch': { lines: 'M5 2.5h14v11H5zM12 5v6M9 8h6' },
    'clean-up': { lines: 'M2 12c6 0 5-7 11-7 4 0 5 4 9 2M2 8c4 0 4-4 8-5', filled: 'M19 4l3 1-2 4-3-2z' },
    prepare: { lines: 'M3 13.5h18M12 2.5v7M8.5 6.5 12 10l3.5-3.5' },
    'warm-air': { lines: 'M3 4c3-2 4 2 7 0s4 2 7 0M3 8.5c3-2 4 2 7 0s4 2 7 0 3 0 4-1M3 13c3-2 4 2 7 0s4 2 7 0' },
}

export const leavesNoFilm = (kind: string): boolean => SIGNS[kind] !== undefined

type Props = {
    kind: string
    className?: string
    /** On a colour: what is seen on it. */
    ink?: string
}

export function ActSign({ kind, className = 'h-5 w-8', ink }: Props) {
    const sign = SIGNS[kind]
    return (
        <svg viewBox="0 0 24 16" className={`text-soft ${className}`} style={{ color: ink }} aria-hidden="true">
            {sign?.filled !== undefined && <path d={sign.filled} fill="currentColor" />}
            <path d={sign?.lines} fill="none" stroke="currentColor" strokeWidth="1.5" strokeLinejoin="round" />
        </svg>
    )
}
