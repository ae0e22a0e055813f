import { NOTHING, type Scene } from './raster'

/** Light from above left, and what keeps it off: one byte a pixel, 128 where a colour stays as it is. */
export type Light = { shade: Uint8Array; enclosure: Uint8Array }

/** Millimetres at which it is looked for what stands around, and how many looks at each. */
const PROBES: readonly (readonly [reach: number, count: number])[] = [
    [18, 6],
    [42, 8],
    [90, 8],
]

/** How light falls on a scene. It is neutral, so that the hue of a paint stays. */
export function lightOf(scene: Scene, partOf: Uint16Array): Light {
    const { width, height, near, normal, face } = scene
    const shade = new Uint8Array(width * height)
    const enclosure = enclosureOf(scene)
    const shadow = shadowOf(scene)
    const [lx, ly, lz] = LIGHT[scene.view]
    for (let pixel = 0; pixel < width * height; pixel++) {
        if (near[pixel] === NOTHING) continue
        const lambert = Math.max(
            0,
            ((normal[3 * pixel] ?? 0) * lx + (normal[3 * pixel + 1] ?? 0) * ly + (normal[3 * pixel + 2] ?? 0) * lz) /
                127,
        )
        // Every body has a tone of its own by a hair, or plates beside each other become one.
        const own = ((((partOf[face[pixel] ?? 0] ?? 0) * 2654435761) >>> 16) % 9) - 4
        const light =
            (0.72 + 0.42 * lambert) * (1 - 0.55 * ((enclosure[pixel] ?? 0) / 255)) * (1 - (shadow[pixel] ?? 0)) +
            own / 255
        shade[pixel] = Math.max(0, Math.min(255, 128 * light))
    }
    return { shade, enclosure }
}

/** Towards the light in vehicle millimetres, seen from each side: from above left and a little in front. */
const LIGHT: Record<Scene['view'], readonly [number, number, number]> = {
    left: [-0.42, 0.68, 0.6],
    top: [-0.42, 0.76, -0.5],
    front: [-0.6, 0.68, -0.42],
    rear: [0.6, 0.68, 0.42],
}

/** How much of the sky is hidden by what stands around, 255 where nearly all of it is. */
function enclosureOf(scene: Scene): Uint8Array {
    const { width, height, near, scale } = scene
    const hidden = new Uint8Array(width * height)
    const looks: { dx: number; dy: number; reach: number }[] = []
    for (const [reach, count] of PROBES)
        for (let look = 0; look < count; look++) {
            const angle = (2 * Math.PI * (look + 0.5)) / count
            looks.push({
                dx: Math.round(Math.cos(angle) * Math.max(1, reach * scale)),
                dy: Math.round(Math.sin(angle) * Math.max(1, reach * scale)),
                reach,
            })
        }
    // Plain steps and numbers side by side: there are two dozen looks from every pixel.
    const across = Int32Array.from(looks, ({ dx }) => dx)
    const down = Int32Array.from(looks, ({ dy }) => dy)
    const reaches = Float64Array.from(looks, ({ reach }) => reach)
    for (let y = 0; y < height; y++)
        for (let x = 0; x < width; x++) {
            const pixel = y * width + x
            const own = near[pixel] as number
            if (own === NOTHING) continue
            let sum = 0
            for (let look = 0; look < reaches.length; look++) {
                const px = x + (across[look] as number)
                const py = y + (down[look] as number)
                if (px < 0 || py < 0 || px >= width || py >= height) continue
                const reach = reaches[look] as number
                const above = (near[py * width + px] as number) - own
                if (above > 0.25 * reach) sum += Math.min(1, above / (1.3 * reach))
            }
            hidden[pixel] = Math.min(255, (255 * 1.35 * sum) / looks.length)
        }
    return hidden
}

/** Millimetres that a shadow falls towards the eye's depth for each downwards, and how long it may be. */
const FALL = 1.7
const FADES: readonly [from: number, to: number] = [260, 420]
const STRENGTH = 0.27

/** What parts that stand out throw onto those below them, in one sweep downwards. */
function shadowOf(scene: Scene): Float32Array {
    const { width, height, near, scale } = scene
    const shadow = new Float32Array(width * height)
    const step = 1 / scale
    let edge = new Float32Array(width).fill(NOTHING)
    let travelled = new Float32Array(width)
    for (let y = 0; y < height; y++) {
        const nextEdge = new Float32Array(width)
        const nextTravelled = new Float32Array(width)
        const aside = y % 2
        for (let x = 0; x < width; x++) {
            const from = Math.max(0, x - aside)
            const pixel = y * width + x
            const own = near[pixel] ?? NOTHING
            const carried = (edge[from] ?? NOTHING) - FALL * step
            const way = (travelled[from] ?? 0) + step
            if (own >= carried - 6 || way > FADES[1]) {
                nextEdge[x] = own
                continue
            }
            nextEdge[x] = carried
            nextTravelled[x] = way
            if (own === NOTHING) continue
            const faded = Math.max(0, Math.min(1, (way - FADES[0]) / (FADES[1] - FADES[0])))
            shadow[pixel] = STRENGTH * (1 - faded)
        }
        edge = nextEdge
        travelled = nextTravelled
    }
    return shadow
}
