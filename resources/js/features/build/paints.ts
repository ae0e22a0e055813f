import type { Finish } from '@/contract'

/** The paint that a zone shows after a step, by its place in the plan; null: the bare part. */
export function colourAfter(paints: Finish['paints'], zone: string, step: number): string | null {
    const changes = paints.find((paint) => paint.zone === zone)?.changes ?? []
    return changes.findLast((change) => change.step <= step)?.colour ?? null
}

/** Whether black or white is told apart from a colour more easily. */
export function inkOn(colour: string): '#111111' | '#ffffff' {
    const [r, g, b] = [1, 3, 5].map((at) => (Number.parseInt(colour.slice(at, at + 2), 16) / 255) ** 2.2)
    // Relative luminance after WCAG 2; at 0.18 both have the same contrast.
    return 0.2126 * (r ?? 0) + 0.7152 * (g ?? 0) + 0.0722 * (b ?? 0) > 0.18 ? '#111111' : '#ffffff'
}
