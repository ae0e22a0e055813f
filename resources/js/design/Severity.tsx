export const SEVERITIES = ['stop', 'risk', 'note'] as const
export type Severity = (typeof SEVERITIES)[number]

export const SEVERITY_WORD: Record<Severity, string> = { stop: 'Stop', risk: 'Risk', note: 'Note' }

const SHAPE: Record<Severity, string> = {
    // A barred plate, a tipping wedge, a ring: told apart in grey and at eight pixels.
    stop: 'M1 1h14v14H1zM4 6.5v3h8v-3z',
    risk: 'M8 1 15.5 15H.5zM7 6v4.5h2V6zm0 5.5v2h2v-2z',
    note: 'M8 1a7 7 0 1 1 0 14A7 7 0 0 1 8 1zm0 4a3 3 0 1 0 0 6 3 3 0 0 0 0-6z',
}

const INK: Record<Severity, string> = { stop: 'text-stop', risk: 'text-risk', note: 'text-note' }

/** The shape of a verdict. Where no word stands beside it, give it a label. */
export function SeverityMark({
    severity,
    label,
    className = 'size-4',
}: {
    severity: Severity
    label?: string
    className?: string
}) {
    const look = `shrink-0 ${INK[severity]} ${className}`
    const shape = (
        <path
            d={SHAPE[severity]}
            fill="currentColor"
            fillRule="evenodd"
            stroke="var(--color-sheet)"
            strokeWidth="0.6"
        />
    )
    return label === undefined ? (
        <svg viewBox="0 0 16 16" className={look} aria-hidden="true">
            {shape}
        </svg>
    ) : (
        <svg viewBox="0 0 16 16" className={look} role="img" aria-label={label}>
            {shape}
        </svg>
    )
}

export type Counts = Record<'stops' | 'risks' | 'notes' | 'accepted', number>

/** "2 stops, 1 risk", each with its shape; or that all is clear. */
export function VerdictLine({ counts, className = '' }: { counts: Counts; className?: string }) {
    const parts = [
        ['stop', counts.stops],
        ['risk', counts.risks],
        ['note', counts.notes],
    ] as const
    // Notes alone are no reason to hesitate.
    const present = parts.filter(([, count]) => count > 0)
    return (
        <span className={`flex flex-wrap items-center gap-x-3 gap-y-1 ${className}`}>
            {present.length === 0 && (
                <span className="flex items-center gap-1.5">
                    <svg viewBox="0 0 16 16" className="size-4 text-good" aria-hidden="true">
                        <path d="M2 8.5 6 13 14 3" fill="none" stroke="currentColor" strokeWidth="2.5" />
                    </svg>
                    Nothing will lift, craze or stay tacky
                </span>
            )}
            {present.map(([severity, count]) => (
                <span key={severity} className="flex items-center gap-1.5 whitespace-nowrap">
                    <SeverityMark severity={severity} />
                    {count} {count === 1 ? severity : `${severity}s`}
                </span>
            ))}
            {counts.accepted > 0 && <span className="whitespace-nowrap text-soft">{counts.accepted} accepted</span>}
        </span>
    )
}
