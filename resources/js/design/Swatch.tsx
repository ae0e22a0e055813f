import type { CSSProperties } from 'react'

export type SwatchLook = {
    coverage: string
    colour: string | null
    sheen?: string | null
    /** What the step does: a wash pools, chips are specks, dust is grain. */
    kind?: string
    /** By airbrush or can: its edge is soft. */
    sprayed?: boolean
}

const CARD = 'var(--color-card)'

/** Specks at the same few places of a tile that repeats: irregular enough not to look like a pattern. */
const specks = (colour: string, places: readonly (readonly [x: number, y: number, size: number])[]): string =>
    places
        .map(
            ([x, y, size]) =>
                `radial-gradient(circle at ${x}% ${y}%, ${colour} ${size}px, transparent ${size + 0.3}px)`,
        )
        .join(', ')

const on = (backgroundImage: string, backgroundSize?: string, backgroundColor = CARD): CSSProperties => ({
    backgroundColor,
    backgroundImage,
    ...(backgroundSize === undefined ? {} : { backgroundSize }),
})

const mixed = (colour: string, share: number): string => `color-mix(in oklab, ${colour} ${share}%, ${CARD})`

/** How a film of each kind looks on the neutral card, as matter would: pooled, streaked, speckled, in grains. */
const BY_KIND: Record<string, (colour: string, coverage: string) => CSSProperties> = {
    colour: (colour, coverage) =>
        coverage === 'whole'
            ? { backgroundColor: colour }
            : on(
                  `radial-gradient(ellipse 16px 9px at 22% 34%, ${colour} 70%, transparent), ` +
                      `radial-gradient(ellipse 18px 8px at 76% 74%, ${colour} 70%, transparent)`,
              ),
    shade: (colour, coverage) =>
        coverage === 'whole'
            ? { backgroundColor: colour }
            : on(`radial-gradient(circle, ${colour}, transparent 72%)`, '15px 11px'),
    filter: (colour) => ({ backgroundColor: mixed(colour, 40) }),
    wash: (colour) =>
        on(
            `linear-gradient(90deg, transparent 60%, ${colour} 66% 71%, transparent 80%), ` +
                `linear-gradient(transparent 54%, ${colour} 66% 76%, transparent 90%)`,
            undefined,
            mixed(colour, 16),
        ),
    blend: (colour) => on(`linear-gradient(${colour}, ${mixed(colour, 12)})`),
    chips: (colour) =>
        on(
            specks(colour, [
                [12, 24, 1.5],
                [38, 70, 2.1],
                [57, 20, 1],
                [70, 48, 1.7],
                [90, 80, 1.2],
            ]),
            '26px 15px',
        ),
    streak: (colour) =>
        on(
            `linear-gradient(transparent 10%, ${CARD} 96%), ` +
                `repeating-linear-gradient(90deg, ${colour} 0 1.6px, transparent 1.6px 5px, ` +
                `${colour} 5px 5.8px, transparent 5.8px 12px)`,
        ),
    metal: (colour) =>
        on(`linear-gradient(105deg, ${colour} 20%, color-mix(in oklab, ${colour} 40%, white) 45% 52%, ${colour} 75%)`),
    pigment: (colour) => on(`radial-gradient(${colour} 1.1px, transparent 1.4px)`, '4px 4px', mixed(colour, 14)),
    mud: (colour) =>
        on(
            `linear-gradient(transparent 45%, ${colour} 88%), ` +
                specks(colour, [
                    [18, 40, 2.2],
                    [52, 22, 1.3],
                    [78, 52, 2.6],
                ]),
            '100% 100%, 20px 14px, 20px 14px, 20px 14px',
        ),
    decal: (colour) => ({
        backgroundColor: CARD,
        backgroundImage: `linear-gradient(${colour}, ${colour})`,
        backgroundSize: '44% 56%',
        backgroundPosition: 'center',
        backgroundRepeat: 'no-repeat',
    }),
    detail: (colour) => on(`linear-gradient(100deg, transparent 26%, ${colour} 27% 73%, transparent 74%)`),
    sculpt: (colour) => on(`repeating-linear-gradient(45deg, ${colour} 0 1px, transparent 1px 4px)`),
}

/** A clear film shows the card with a light that is sharp on gloss, soft on satin and absent on matte. */
function clearLook(sheen: string | null | undefined, kind: string | undefined): CSSProperties {
    const crack = 'rgb(0 0 0 / 0.4)'
    if (kind === 'release-film') {
        return on(
            `linear-gradient(62deg, transparent 46%, ${crack} 48% 50%, transparent 52%), ` +
                `linear-gradient(-38deg, transparent 58%, ${crack} 60% 62%, transparent 64%), ` +
                `linear-gradient(8deg, transparent 30%, ${crack} 33% 36%, transparent 39%)`,
            '17px 14px',
        )
    }
    const light = sheen === 'gloss' ? 0.95 : sheen === 'satin' ? 0.5 : 0
    const edge =
        sheen === 'gloss'
            ? `46%, rgb(255 255 255 / ${light}) 47% 56%, transparent 57%`
            : `30%, rgb(255 255 255 / ${light}) 50%, transparent 72%`
    return on(`linear-gradient(115deg, transparent ${edge})`)
}

/** A film as it is drawn everywhere: on the same grey card in both themes, so that a paint looks the same in both. */
function lookOf({ coverage, colour, sheen, kind, sprayed }: SwatchLook): CSSProperties {
    if (colour === null) return clearLook(sheen, kind)
    const look =
        BY_KIND[kind ?? '']?.(colour, coverage) ??
        (coverage === 'partial'
            ? on(`repeating-linear-gradient(-45deg, ${colour} 0 3px, transparent 3px 6px)`)
            : coverage === 'grain'
              ? on(`radial-gradient(${colour} 1.6px, transparent 1.9px)`, '5px 5px')
              : { backgroundColor: colour })
    return sprayed === true && coverage === 'whole' ? { ...look, boxShadow: `inset 0 0 4px 1px ${CARD}` } : look
}

/** Cut into pieces where it lies in spots: as many of them as its share of the ground. */
function inSpots(share: number): CSSProperties {
    const piece = Math.max(3, (12 * share) / 100)
    return { maskImage: `repeating-linear-gradient(90deg, #000 0 ${piece}px, transparent ${piece}px 12px)` }
}

export function Swatch({
    className = '',
    spots = null,
    ...look
}: SwatchLook & {
    className?: string
    /** Per cent of the ground that it lies on; null: on all of it. */
    spots?: number | null
}) {
    return (
        <span
            className={`block ${className}`}
            style={spots === null ? lookOf(look) : { ...lookOf(look), ...inSpots(spots) }}
        />
    )
}
