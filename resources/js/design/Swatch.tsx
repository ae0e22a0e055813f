import type { CSSProperties } from 'react'

export type SwatchLook = {
    coverage: string
    colour: string | null
    sheen?: string | null
}

/**
 * A film as it is drawn everywhere: paint fills, part covers are hatched, grains are dotted; a clear film shows the
 * ground with a light that is sharp on gloss, soft on satin and absent on matte.
 */
function lookOf({ coverage, colour, sheen }: SwatchLook): CSSProperties {
    if (colour === null) {
        const light = sheen === 'gloss' ? '0.95' : sheen === 'satin' ? '0.5' : '0'
        const edge =
            sheen === 'gloss'
                ? '46%, rgb(255 255 255 / var(--light)) 47% 56%, transparent 57%'
                : '30%, rgb(255 255 255 / var(--light)) 50%, transparent 72%'
        return {
            '--light': light,
            backgroundColor: 'var(--color-line)',
            backgroundImage: `linear-gradient(115deg, transparent ${edge})`,
        } as CSSProperties
    }
    if (coverage === 'partial') {
        return {
            backgroundColor: 'var(--color-card)',
            backgroundImage: `repeating-linear-gradient(-45deg, ${colour} 0 3px, transparent 3px 6px)`,
        }
    }
    if (coverage === 'grain') {
        return {
            backgroundColor: 'var(--color-card)',
            backgroundImage: `radial-gradient(${colour} 1.6px, transparent 1.9px)`,
            backgroundSize: '5px 5px',
        }
    }
    return { backgroundColor: colour }
}

export function Swatch({ className = '', ...look }: SwatchLook & { className?: string }) {
    return <span className={`block ${className}`} style={lookOf(look)} />
}
