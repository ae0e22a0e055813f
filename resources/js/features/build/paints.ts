import type { Finish } from '@/contract'

/** What a zone shows: its faces, patches of camouflage, lines and hollows, and chips or streaks. */
export type Ground = { colour: string; patch: string | null; line: string | null; mark: string | null }

/** What a zone shows after a step, by its place in the plan; null: the bare part. */
export function groundAfter(paints: Finish['paints'], zone: string, step: number): Ground | null {
    const changes = paints.find((paint) => paint.zone === zone)?.changes ?? []
    const last = changes.findLast((change) => change.step <= step)
    if (last === undefined || last.colour === null) return null
    return { colour: last.colour, patch: last.patch, line: last.line, mark: last.mark }
}

/** As the background of a swatch: patches take one half of it. */
export const groundImage = ({ colour, patch }: Ground): string =>
    patch === null ? colour : `linear-gradient(105deg, ${colour} 50%, ${patch} 50%)`

/** As a thread: lines on the left, faces and patches in the middle, chips and streaks on the right. */
export function threadImage({ colour, patch, line, mark }: Ground): string {
    const stripes: [string, number][] = [
        [line ?? colour, 25],
        [colour, patch === null ? 75 : 50],
        [patch ?? colour, 75],
        [mark ?? patch ?? colour, 100],
    ]
    const stops = stripes.map(([of, end], place) => `${of} ${stripes[place - 1]?.[1] ?? 0}% ${end}%`)
    return `linear-gradient(90deg, ${stops.join(', ')})`
}

/** Whether black or white is told apart from a colour more easily. */
export function inkOn(colour: string): '#111111' | '#ffffff' {
    const [r, g, b] = [1, 3, 5].map((at) => (Number.parseInt(colour.slice(at, at + 2), 16) / 255) ** 2.2)
    // Relative luminance after WCAG 2; at 0.18 both have the same contrast.
    return 0.2126 * (r ?? 0) + 0.7152 * (g ?? 0) + 0.0722 * (b ?? 0) > 0.18 ? '#111111' : '#ffffff'
}
