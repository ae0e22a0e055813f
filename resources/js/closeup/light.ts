import { project, type View } from '../vehicle/model'
import { byteOf, type Surface } from './surface'

/** Degrees above the plate at which the lamp stands, and how far in millimetres its shadows reach. */
const ELEVATION = 38
const SHADOW_MM = 5
const SHADOW_STEPS = 20
/** What comes from all around, and what from the lamp; together a plate that lies open is as bright as its colour. */
const AROUND = 0.46
const LAMP = 0.54
/** How much deeper a wet surface looks. */
const WET = 0.8
/** Which axis of the vehicle points right, down and towards the eye in a view, and which way: as `project` has it. */
type Turn = { axes: readonly [number, number, number]; signs: readonly [number, number, number] }
const turnOf = (view: View): Turn => {
    const [x, y, z] = [project(view, 1, 0, 0), project(view, 0, 1, 0), project(view, 0, 0, 1)]
    const along = [0, 1, 2].map((way) => [x[way] ?? 0, y[way] ?? 0, z[way] ?? 0])
    const [right = 0, down = 0, near = 0] = along.map((one) => one.findIndex((sign) => sign !== 0))
    return {
        axes: [right, down, near],
        signs: [along[0]?.[right] ?? 1, along[1]?.[down] ?? 1, along[2]?.[near] ?? 1],
    }
}
const TURNS: Record<View, Turn> = {
    left: turnOf('left'),
    top: turnOf('top'),
    front: turnOf('front'),
    rear: turnOf('rear'),
}

/** The bench behind it. */
const BENCH = 206

/** Four bytes a pixel: the piece in the light of one lamp. */
export function lit(surface: Surface, lightDegrees: number, isWet: boolean): Uint8ClampedArray<ArrayBuffer> {
    const { relief, colour, gloss } = surface
    const { width, height, scene, dots, corner, recess } = relief
    const level = new Float32Array(relief.level)
    const shape = new Float32Array(relief.detail)
    for (let at = 0; at < level.length; at++) {
        level[at] = (level[at] as number) + (surface.bump[at] as number)
        shape[at] = (shape[at] as number) + (surface.bump[at] as number)
    }
    const rise = (ELEVATION * Math.PI) / 180
    const from = (lightDegrees * Math.PI) / 180
    const lx = Math.sin(from) * Math.cos(rise)
    const ly = -Math.cos(from) * Math.cos(rise)
    const lz = Math.sin(rise)
    // Half way between the lamp and the eye: there a gloss shines.
    const half = Math.hypot(lx, ly, lz + 1)
    const [hx, hy, hz] = [lx / half, ly / half, (lz + 1) / half]
    const shadow = shadowOf(level, width, height, dots, lx / Math.cos(rise), ly / Math.cos(rise), Math.tan(rise))
    const shown = new Uint8ClampedArray(4 * width * height)
    const slope = 0.5 * dots * 127
    const { axes, signs } = TURNS[scene.view]
    for (let y = 0; y < height; y++)
        for (let x = 0; x < width; x++) {
            const at = y * width + x
            const to = 4 * at
            shown[to + 3] = 255
            if ((scene.face[at] as number) < 0) {
                shown[to] = shown[to + 1] = shown[to + 2] = BENCH
                continue
            }
            // Plain steps: a list for every pixel is what takes time here.
            let nx = signs[0] * (scene.normal[3 * at + axes[0]] as number) - slope * across(shape, at, x, width, 1)
            let ny = signs[1] * (scene.normal[3 * at + axes[1]] as number) - slope * across(shape, at, y, height, width)
            let nz = signs[2] * (scene.normal[3 * at + axes[2]] as number)
            const length = Math.sqrt(nx * nx + ny * ny + nz * nz) || 1
            nx /= length
            ny /= length
            nz /= length
            const lambert = Math.max(0, nx * lx + ny * ly + nz * lz) / lz
            const open = 1 - 0.42 * (corner[at] as number) - 0.2 * (recess[at] as number)
            const light = AROUND * open * (0.72 + 0.28 * nz) + LAMP * Math.min(1.7, lambert) * (shadow[at] as number)
            const shine = isWet ? Math.max(0.85, gloss[at] as number) : (gloss[at] as number)
            const glance = Math.max(0, nx * hx + ny * hy + nz * hz)
            const width2 = glance * glance
            // A matte surface has a broad, faint glance, a glossy one a small, strong one.
            const spark =
                shine < 0.03
                    ? 0.02 * width2 ** 5
                    : (0.02 + 0.62 * shine * shine) * glance ** (10 + 150 * shine) * (shadow[at] as number)
            // What is turned upwards throws back the bright room; on what is flat there is a faint band of it.
            const band = Math.max(0, 1 - Math.abs((((x + 0.7 * y) / width) % 0.8) - 0.42) / 0.12)
            const sky = shine * (0.13 * Math.max(0, Math.min(1, -1.3 * ny)) + 0.02 * band) * open
            const times = isWet ? WET * light : light
            shown[to] = byteOf((colour[3 * at] as number) * times + spark + sky)
            shown[to + 1] = byteOf((colour[3 * at + 1] as number) * times + spark + sky)
            shown[to + 2] = byteOf((colour[3 * at + 2] as number) * times + spark + sky)
        }
    return shown
}

/** By how much a field rises from one side of a pixel to the other, half as much at rims of the picture. */
function across(field: Float32Array, at: number, place: number, count: number, step: number): number {
    const before = place > 0 ? (field[at - step] as number) : (field[at] as number)
    const after = place < count - 1 ? (field[at + step] as number) : (field[at] as number)
    return after - before
}

/** 1 in the open, less in a shadow: towards the lamp it is looked for what stands higher than its light. */
function shadowOf(
    level: Float32Array,
    width: number,
    height: number,
    dots: number,
    dx: number,
    dy: number,
    tangent: number,
): Float32Array {
    // Asked for at every second place each way, and between them an even way: a lamp throws soft shadows.
    const [columns, rows] = [Math.ceil(width / 2) + 1, Math.ceil(height / 2) + 1]
    const hidden = new Float32Array(columns * rows)
    const ways = Array.from({ length: SHADOW_STEPS }, (_, step) => (SHADOW_MM * dots * (step + 1)) / SHADOW_STEPS)
    for (let row = 0; row < rows; row++)
        for (let column = 0; column < columns; column++) {
            const x = Math.min(width - 1, 2 * column)
            const y = Math.min(height - 1, 2 * row)
            const own = level[y * width + x] as number
            if (own < -300) continue
            let most = 0
            for (let step = 0; step < SHADOW_STEPS; step++) {
                const gone = ways[step] as number
                const px = Math.round(x + dx * gone)
                const py = Math.round(y + dy * gone)
                if (px < 0 || py < 0 || px >= width || py >= height) break
                const over = (level[py * width + px] as number) - own - (tangent * gone) / dots
                // What stands far above throws its shadow past this place.
                if (over > most && over < SHADOW_MM) most = over
            }
            hidden[row * columns + column] = 0.7 * Math.min(1, most / 0.16)
        }
    const soft = softened(hidden, columns, rows)
    const shadow = new Float32Array(width * height)
    for (let y = 0; y < height; y++)
        for (let x = 0; x < width; x++) {
            const place = (y >> 1) * columns + (x >> 1)
            const right = x & 1
            const down = (y & 1) * columns
            const sum =
                (soft[place] as number) +
                (soft[place + right] as number) +
                (soft[place + down] as number) +
                (soft[place + down + right] as number)
            shadow[y * width + x] = 1 - sum / 4
        }
    return shadow
}

/** The mean of each place and what is around it, twice over. */
function softened(field: Float32Array, columns: number, rows: number): Float32Array {
    let from = field
    for (let pass = 0; pass < 2; pass++) {
        const to = new Float32Array(from)
        for (let row = 1; row < rows - 1; row++)
            for (let at = row * columns + 1; at < (row + 1) * columns - 1; at++)
                to[at] =
                    0.25 * (from[at] as number) +
                    0.1875 *
                        ((from[at - 1] as number) +
                            (from[at + 1] as number) +
                            (from[at - columns] as number) +
                            (from[at + columns] as number))
        from = to
    }
    return from
}
