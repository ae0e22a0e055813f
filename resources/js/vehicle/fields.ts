import type { Traces } from './ink'
import type { Light } from './light'
import { type Model, NO_PLATE, unproject } from './model'
import { chance, lineNoise, noise, smoothstep } from './noise'
import { NOTHING, type Scene } from './raster'

/**
 * What decides where an effect gathers, for every pixel that shows something. Made once; a step only moves
 * thresholds and strengths over it. Bytes from 0 to 255, but for millimetres.
 */
export type Fields = {
    scene: Scene
    /** Which pixel of the picture each entry is. */
    pixels: Uint32Array
    /** Place in the model’s zones and parts. */
    zone: Uint8Array
    part: Uint16Array
    plate: Uint16Array
    /** Millimetres in the vehicle, three an entry. */
    place: Float32Array
    /** How far the face looks up: 128 upright, 255 level. */
    up: Uint8Array
    /** Close to an edge that stands out, within about 20 mm and within about 70. */
    edge: Uint8Array
    brow: Uint8Array
    /** In a line, a hollow or round a detail, within about 20 mm and within about 90. */
    line: Uint8Array
    halo: Uint8Array
    enclosure: Uint8Array
    shade: Uint8Array
    /** Where light would glance off a gloss. */
    glance: Uint8Array
    /** Pixels to the nearest edge that stands out, at most 255. */
    free: Uint8Array
    noises: Map<string, Uint8Array>
}

export function fieldsOf(model: Model, scene: Scene, traces: Traces, light: Light): Fields {
    const size = scene.width * scene.height
    let count = 0
    for (let pixel = 0; pixel < size; pixel++) if ((scene.face[pixel] ?? -1) >= 0) count++
    const fields: Fields = {
        scene,
        pixels: new Uint32Array(count),
        zone: new Uint8Array(count),
        part: new Uint16Array(count),
        plate: new Uint16Array(count),
        place: new Float32Array(3 * count),
        up: new Uint8Array(count),
        edge: new Uint8Array(count),
        brow: new Uint8Array(count),
        line: new Uint8Array(count),
        halo: new Uint8Array(count),
        enclosure: new Uint8Array(count),
        shade: new Uint8Array(count),
        glance: new Uint8Array(count),
        free: new Uint8Array(count),
        noises: new Map(),
    }
    const outward = distances(scene, traces.outward)
    const inward = distances(scene, traces.inward, traces.detail)
    const millimetres = 1 / scene.scale
    let at = 0
    for (let pixel = 0; pixel < size; pixel++) {
        const face = scene.face[pixel] ?? -1
        if (face < 0) continue
        const x = pixel % scene.width
        const y = Math.floor(pixel / scene.width)
        const [px, py, pz] = unproject(
            scene.view,
            scene.right0 + (x + 0.5) * millimetres,
            scene.down0 + (y + 0.5) * millimetres,
            scene.near[pixel] ?? 0,
        )
        fields.pixels[at] = pixel
        fields.zone[at] = model.zoneOf[face] ?? 0
        fields.part[at] = model.partOf[face] ?? 0
        fields.plate[at] = model.plateOf[face] ?? NO_PLATE
        fields.place[3 * at] = px
        fields.place[3 * at + 1] = py
        fields.place[3 * at + 2] = pz
        fields.up[at] = 128 + (scene.normal[3 * pixel + 1] ?? 0)
        const out = (outward[pixel] ?? 0) * millimetres
        const hollow = (inward[pixel] ?? 0) * millimetres
        fields.edge[at] = 255 * Math.exp(-((out / 19) ** 2))
        fields.brow[at] = 255 * Math.exp(-out / 70)
        fields.line[at] = 255 * Math.exp(-((hollow / 15) ** 2))
        fields.halo[at] = 255 * Math.exp(-hollow / 90)
        fields.enclosure[at] = light.enclosure[pixel] ?? 0
        fields.shade[at] = light.shade[pixel] ?? 128
        fields.glance[at] = Math.max(0, 255 * smoothstep(1.02, 1.13, (light.shade[pixel] ?? 0) / 128))
        fields.free[at] = Math.min(255, outward[pixel] ?? 0)
        at++
    }
    return fields
}

/** Pixels to the nearest seed, over one surface only: what stands in front lends no edge to what is behind. */
function distances(scene: Scene, ...seeds: Uint8Array[]): Float32Array {
    const { width, height, near } = scene
    const far = 400
    const distance = new Float32Array(width * height).fill(far)
    const depth = new Float32Array(width * height).fill(NOTHING)
    for (let pixel = 0; pixel < distance.length; pixel++)
        for (let seed = 0; seed < seeds.length; seed++)
            if (seeds[seed]?.[pixel] === 1 && near[pixel] !== NOTHING) {
                distance[pixel] = 0
                depth[pixel] = near[pixel] ?? 0
            }
    const reach = 45
    const take = (pixel: number, from: number, step: number) => {
        const way = (distance[from] ?? far) + step
        if (way >= (distance[pixel] ?? far)) return
        if (Math.abs((depth[from] ?? 0) - (near[pixel] ?? 0)) > reach + (way / scene.scale) * 1.8) return
        distance[pixel] = way
        depth[pixel] = depth[from] ?? 0
    }
    for (let y = 1; y < height; y++)
        for (let x = 1; x < width - 1; x++) {
            const pixel = y * width + x
            if (near[pixel] === NOTHING) continue
            take(pixel, pixel - 1, 1)
            take(pixel, pixel - width, 1)
            take(pixel, pixel - width - 1, 1.41)
            take(pixel, pixel - width + 1, 1.41)
        }
    for (let y = height - 2; y >= 0; y--)
        for (let x = width - 2; x > 0; x--) {
            const pixel = y * width + x
            if (near[pixel] === NOTHING) continue
            take(pixel, pixel + 1, 1)
            take(pixel, pixel + width, 1)
            take(pixel, pixel + width + 1, 1.41)
            take(pixel, pixel + width - 1, 1.41)
        }
    return distance
}

/** Noise over the vehicle in cells of some millimetres; the same at a place from whichever side it is seen. */
export function noiseField(fields: Fields, size: number, seed: number, octaves = 1): Uint8Array {
    return kept(fields, `noise ${size} ${seed} ${octaves}`, (_at, x, y, z) => {
        const [u, v, w] = [x / size, y / size, z / size]
        let value = noise(u, v, w, seed)
        if (octaves > 1) value = 0.68 * value + 0.32 * noise(2.1 * u + 7, 2.1 * v, 2.1 * w, seed + 1)
        return 255 * value
    })
}

/** Where the ground of a camouflage ends: noise bent by other noise, so that patches have the sweep of a spray gun. */
export function patchField(fields: Fields, seed: number): Uint8Array {
    return kept(fields, `patch ${seed}`, (_, x, y, z) => 255 * patchNoise(x, y, z, seed))
}

export function patchNoise(x: number, y: number, z: number, seed: number): number {
    const bend = 520 * (noise(x / 700, y / 700, z / 700, seed + 90) - 0.5)
    const [u, v, w] = [(x + bend) / 1080, (y - 0.6 * bend) / 820, (z + 0.4 * bend) / 1080]
    return 0.74 * noise(u, v, w, seed) + 0.26 * noise(2.2 * u, 2.2 * v, 2.2 * w, seed + 1)
}

/** Above which value of its field a camouflage takes such a share of a vehicle's space, and so of its faces. */
export function patchLimit(share: number, seed: number): number {
    const values = new Float32Array(STAGES ** 3)
    for (let at = 0; at < values.length; at++) {
        const [x, y, z] = [at % STAGES, Math.floor(at / STAGES) % STAGES, Math.floor(at / STAGES ** 2)]
        values[at] = patchNoise((x / STAGES) * 6600, (y / STAGES) * 2600, (z / STAGES - 0.5) * 2900, seed)
    }
    values.sort()
    return values[Math.min(values.length - 1, Math.round((1 - share) * values.length))] ?? 0
}

/** Places along each axis at which the noise of a camouflage is sampled. */
const STAGES = 16

/** Millimetres from band to band, and how far they lean backwards for each millimetre upwards or to the right. */
const BAND = 1750
const LEAN = 0.45

/** The same for bands: as much of the field lies above a value as the value is below 1. */
export function bandField(fields: Fields, seed: number): Uint8Array {
    return kept(fields, `band ${seed}`, (_, x, y, z) => {
        const bend =
            620 * (noise(x / 900, y / 800, z / 800, seed) - 0.5) +
            190 * (noise(x / 260, y / 260, z / 260, seed + 1) - 0.5)
        const along = (x + LEAN * (y - z) + bend) / BAND + 2 * chance(1, seed)
        return 255 * Math.abs((((along % 1) + 1) % 1) * 2 - 1)
    })
}

/** Streaks that run down from borders and lines on upright plates, seen from the sides. */
export function streakField(fields: Fields, seed: number): Uint8Array {
    const key = `streak ${seed}`
    const known = fields.noises.get(key)
    if (known !== undefined) return known
    const { scene, pixels, place, up, line, zone } = fields
    const field = new Uint8Array(pixels.length)
    fields.noises.set(key, field)
    if (scene.view === 'top') return field
    const across = scene.view === 'left' ? 0 : 2
    const length = new Float32Array(scene.width)
    const depth = new Float32Array(scene.width).fill(NOTHING)
    const last = new Int32Array(scene.width).fill(-1)
    const row = new Int32Array(scene.width).fill(-9)
    for (let at = 0; at < pixels.length; at++) {
        const pixel = pixels[at] ?? 0
        const x = pixel % scene.width
        const y = Math.floor(pixel / scene.width)
        const near = scene.near[pixel] ?? 0
        const isNew = row[x] !== y - 1 || Math.abs((depth[x] ?? 0) - near) > 60 || last[x] !== zone[at]
        row[x] = y
        depth[x] = near
        last[x] = zone[at] ?? 0
        if (isNew) length[x] = 0
        if ((line[at] ?? 0) > 120) length[x] = 0.35 * (length[x] ?? 0)
        length[x] = (length[x] ?? 0) + 1 / scene.scale
        if (Math.abs((up[at] ?? 0) - 128) > 90) continue
        const away = place[3 * at + across] ?? 0
        const strength =
            smoothstep(0.5, 0.86, lineNoise(away / 26, seed)) * (0.35 + 0.65 * lineNoise(away / 95, seed + 3))
        const reach = 120 + 420 * lineNoise(away / 60, seed + 7)
        field[at] = 255 * strength * Math.exp(-(length[x] ?? 0) / reach)
    }
    return field
}

/** Folds of canvas: long ones that hang, and across them soft ones where it is drawn tight; 128 where it lies flat. */
export function foldField(fields: Fields): Uint8Array {
    return kept(fields, 'fold', (_, x, y, z) => {
        const hung = Math.abs(noise((x + 0.28 * y + 0.4 * z) / 210, y / 1300, z / 1100, 71) - 0.5)
        const drawn = Math.abs(noise((x - 1.1 * y - 0.5 * z) / 330, (x + y) / 1500, z / 1000, 72) - 0.5)
        return 128 + 74 * (hung + 0.55 * drawn - 0.33)
    })
}

/** Level lines of this run like scratches: straight for a while, slanted, crossing each other. */
export function grainField(fields: Fields): Uint8Array {
    return kept(fields, 'grain', (_, x, y, z) => {
        const [u, v] = [x + 0.8 * y + 0.3 * z, x - 0.8 * y - 0.3 * z]
        const one = Math.abs(noise(u / 150, v / 1050, z / 900, 71) - 0.5)
        const two = Math.abs(noise(v / 170, u / 1100, z / 900, 72) - 0.5)
        return 128 + 90 * (one + two - 0.42)
    })
}

/** One tone for each part, so that plates beside each other take a tint a little differently. */
export const partTone = (part: number, seed: number): number => chance(part, seed)

function kept(fields: Fields, key: string, value: (at: number, x: number, y: number, z: number) => number): Uint8Array {
    const known = fields.noises.get(key)
    if (known !== undefined) return known
    const { place } = fields
    const field = new Uint8Array(fields.pixels.length)
    for (let at = 0; at < field.length; at++)
        field[at] = Math.max(
            0,
            Math.min(255, value(at, place[3 * at] ?? 0, place[3 * at + 1] ?? 0, place[3 * at + 2] ?? 0)),
        )
    fields.noises.set(key, field)
    return field
}
