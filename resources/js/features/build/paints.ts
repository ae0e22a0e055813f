import type { Finish } from '@/contract'

/** The paint of a zone, and that of patches of camouflage on it. */
export type Ground = { colour: string; patch: string | null }

/** What a zone shows after a step, by its place in the plan; null: the bare part. */
export function groundAfter(paints: Finish['paints'], zone: string, step: number): Ground | null {
    const changes = paints.find((paint) => paint.zone === zone)?.changes ?? []
    const last = changes.findLast((change) => change.step <= step)
    return last === undefined || last.colour === null ? null : { colour: last.colour, patch: last.patch }
}

/** As the background of a swatch: patches take one half of it. */
export const groundImage = ({ colour, patch }: Ground): string =>
    patch === null ? colour : `linear-gradient(105deg, ${colour} 50%, ${patch} 50%)`

/** Whether black or white is told apart from a colour more easily. */
export function inkOn(colour: string): '#111111' | '#ffffff' {
    const [r, g, b] = [1, 3, 5].map((at) => (Number.parseInt(colour.slice(at, at + 2), 16) / 255) ** 2.2)
    // Relative luminance after WCAG 2; at 0.18 both have the same contrast.
    return 0.2126 * (r ?? 0) + 0.7152 * (g ?? 0) + 0.0722 * (b ?? 0) > 0.18 ? '#111111' : '#ffffff'
}
