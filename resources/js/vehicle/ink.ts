import { geometryOf, isRound, type Model, project, SEAMLESS, SMOOTH, type Stroke } from './model'
import { NOTHING, type Scene } from './raster'

/** Lines by weight: where the vehicle ends, where one part hides another, where faces meet, what is drawn on them. */
export type Weight = 'outline' | 'overlap' | 'crease' | Stroke
/** Path data in pixels by weight, and rivets as the side in shadow and the side in the light. */
export type Ink = { paths: Partial<Record<Weight, string>>; rivetsDark: string; rivetsLight: string }

/** Where edges and details were seen, for what gathers along them: one value a pixel, 1 where one runs. */
export type Traces = { outward: Uint8Array; inward: Uint8Array; detail: Uint8Array }

/** Millimetres by which a part must be nearer to hide another rather than meet it. */
const HIDES = 70

type Segment = readonly [x0: number, y0: number, x1: number, y1: number]

/** All that is drawn in ink. */
export function drawInk(model: Model, scene: Scene): Ink {
    const traces = none(scene)
    const segments = new Map<Weight, Segment[]>()
    const keep: Keep = (weight, segment) => {
        const list = segments.get(weight)
        if (list === undefined) segments.set(weight, [segment])
        else list.push(segment)
    }
    walkAll(model, scene, traces, keep)
    const paths: Ink['paths'] = {}
    for (const [weight, list] of segments) paths[weight] = chain(list)
    return { paths, ...rivets(model, scene, traces) }
}

/** Where edges and details run, without a line of them being drawn. */
export function tracesOf(model: Model, scene: Scene): Traces {
    const traces = none(scene)
    walkAll(model, scene, traces, () => undefined)
    rivets(model, scene, traces)
    return traces
}

const none = ({ width, height }: Scene): Traces => ({
    outward: new Uint8Array(width * height),
    inward: new Uint8Array(width * height),
    detail: new Uint8Array(width * height),
})

type Keep = (weight: Weight, segment: Segment) => void

function walkAll(model: Model, scene: Scene, traces: Traces, keep: Keep): void {
    walkEdges(model, scene, traces, keep)
    for (const { stroke, points } of model.lines)
        for (let at = 3; at < points.length; at += 3) {
            const from = onPaper(scene, points, at - 3)
            const to = onPaper(scene, points, at)
            walk(scene, from, to, (x, y, isStart, before) => {
                if (stroke !== 'fold' && !isStart) mark(scene, traces.detail, x, y, before)
                if (!isStart) keep(stroke, [before[0], before[1], x, y])
            })
        }
}

/** Leaves a trace at a place and half way to the one before it: without gaps, or what gathers along it is dotted. */
function mark(scene: Scene, trace: Uint8Array, x: number, y: number, before: Placed): void {
    trace[Math.floor(y) * scene.width + Math.floor(x)] = 1
    trace[Math.floor((y + before[1]) / 2) * scene.width + Math.floor((x + before[0]) / 2)] = 1
}

type Placed = readonly [x: number, y: number, near: number]

function onPaper(scene: Scene, points: Float32Array, at: number): Placed {
    const [u, v, near] = project(scene.view, points[at] ?? 0, points[at + 1] ?? 0, points[at + 2] ?? 0)
    return [(u - scene.right0) * scene.scale, (v - scene.down0) * scene.scale, near]
}

/** Millimetres by which a face may lie in front of a line that borders on it. */
const BORDERS = 8

/** Seen, or so close beside what is seen that it must be its border: what is farthest around decides. */
function isSeen(scene: Scene, x: number, y: number, near: number): boolean {
    const [px, py] = [Math.floor(x), Math.floor(y)]
    if (px < 1 || py < 1 || px >= scene.width - 1 || py >= scene.height - 1) return false
    const { width } = scene
    for (let row = py - 1; row <= py + 1; row++)
        for (let pixel = row * width + px - 1; pixel <= row * width + px + 1; pixel++)
            if (near >= (scene.near[pixel] ?? 0) - BORDERS) return true
    return false
}

/** Goes along a line in small steps and tells of each that is seen. */
function walk(
    scene: Scene,
    from: Placed,
    to: Placed,
    see: (x: number, y: number, isStart: boolean, before: Placed) => void,
): void {
    const length = Math.hypot(to[0] - from[0], to[1] - from[1])
    if (length < 0.05) return
    const steps = Math.max(1, Math.ceil(length / 1.2))
    let before: Placed | null = null
    for (let step = 0; step <= steps; step++) {
        const share = step / steps
        const at: Placed = [
            from[0] + share * (to[0] - from[0]),
            from[1] + share * (to[1] - from[1]),
            from[2] + share * (to[2] - from[2]),
        ]
        if (!isSeen(scene, at[0], at[1], at[2])) {
            before = null
            continue
        }
        see(at[0], at[1], before === null, before ?? at)
        before = at
    }
}

function walkEdges(model: Model, scene: Scene, traces: Traces, keep: Keep): void {
    const { points } = model
    const { normals, edges } = geometryOf(model)
    const [ex, ey, ez] = towardsEye(scene)
    const facing = (face: number) =>
        (normals[3 * face] ?? 0) * ex + (normals[3 * face + 1] ?? 0) * ey + (normals[3 * face + 2] ?? 0) * ez > 1e-4
    for (let edge = 0; edge < edges.one.length; edge++) {
        const one = edges.one[edge] as number
        const other = edges.other[edge] as number
        const isOne = facing(one)
        const isOther = other >= 0 && facing(other)
        if (!isOne && !isOther) continue
        let isOutward = true
        if (isSeam(model, one, other)) continue
        if (other >= 0) {
            const dot =
                (normals[3 * one] ?? 0) * (normals[3 * other] ?? 0) +
                (normals[3 * one + 1] ?? 0) * (normals[3 * other + 1] ?? 0) +
                (normals[3 * one + 2] ?? 0) * (normals[3 * other + 2] ?? 0)
            if (dot > 0.9995) continue
            if (dot > SMOOTH && isRound(model, one) && isRound(model, other) && isOne === isOther) continue
            isOutward = !isHollow(model, normals, one, other)
        }
        const from = onPaper(scene, points, 3 * (edges.a[edge] as number))
        const to = onPaper(scene, points, 3 * (edges.b[edge] as number))
        const length = Math.hypot(to[0] - from[0], to[1] - from[1]) || 1
        const [sideX, sideY] = [(-1.1 * (to[1] - from[1])) / length, (1.1 * (to[0] - from[0])) / length]
        const isBorder = isOne !== isOther
        walk(scene, from, to, (x, y, isStart, before) => {
            const left = depthAt(scene, x + sideX, y + sideY)
            const right = depthAt(scene, x - sideX, y - sideY)
            const jump = Math.abs(left - right)
            const weight: Weight =
                left === NOTHING || right === NOTHING ? 'outline' : jump > HIDES ? 'overlap' : 'crease'
            mark(scene, isOutward ? traces.outward : traces.inward, x, y, before)
            // The border of a rounded body against what is hardly behind it is no edge.
            if (isStart || (isBorder && weight === 'crease' && isRound(model, one) && jump < 12)) return
            keep(weight, [before[0], before[1], x, y])
        })
    }
}

/** Two halves of one four-cornered plate, which may be a little warped. */
function isSeam({ smoothness }: Model, one: number, other: number): boolean {
    return Math.abs(one - other) === 1 && ((smoothness[Math.max(one, other)] ?? 0) & SEAMLESS) !== 0
}

function towardsEye(scene: Scene): [number, number, number] {
    if (scene.view === 'left') return [0, 0, 1]
    if (scene.view === 'top') return [0, 1, 0]
    return scene.view === 'front' ? [-1, 0, 0] : [1, 0, 0]
}

/** Whether two faces of one body meet in a hollow: the far corner of one lies above the plane of the other. */
function isHollow({ points, triangles }: Model, normals: Float32Array, one: number, other: number): boolean {
    const origin = 3 * (triangles[3 * one] ?? 0)
    let above = 0
    for (let corner = 0; corner < 3; corner++) {
        const at = 3 * (triangles[3 * other + corner] ?? 0)
        let distance = 0
        for (let axis = 0; axis < 3; axis++)
            distance += (normals[3 * one + axis] ?? 0) * ((points[at + axis] ?? 0) - (points[origin + axis] ?? 0))
        if (Math.abs(distance) > Math.abs(above)) above = distance
    }
    return above > 0.5
}

function depthAt(scene: Scene, x: number, y: number): number {
    const [px, py] = [Math.floor(x), Math.floor(y)]
    if (px < 0 || py < 0 || px >= scene.width || py >= scene.height) return NOTHING
    return scene.near[py * scene.width + px] ?? NOTHING
}

/** Below this many pixels a rivet is a mere dot and left out. */
const LEAST_RIVET = 0.7

function rivets({ rivets }: Model, scene: Scene, traces: Traces): Pick<Ink, 'rivetsDark' | 'rivetsLight'> {
    const eye = towardsEye(scene)
    let [rivetsDark, rivetsLight] = ['', '']
    for (let at = 0; at < rivets.length; at += 7) {
        const turned = (rivets[at + 3] ?? 0) * eye[0] + (rivets[at + 4] ?? 0) * eye[1] + (rivets[at + 5] ?? 0) * eye[2]
        const [x, y, near] = onPaper(scene, rivets, at)
        const radius = (rivets[at + 6] ?? 0) * scene.scale
        if (turned < 0.35 || radius < LEAST_RIVET || !isSeen(scene, x, y, near)) continue
        traces.detail[Math.floor(y) * scene.width + Math.floor(x)] = 1
        const reach = 0.71 * radius
        const half = `a${r(radius)} ${r(radius)} 0 0 1 ${r(-2 * reach)} ${r(2 * reach)}`
        rivetsDark += `M${r(x + reach)} ${r(y - reach)}${half}`
        rivetsLight += `M${r(x - 0.35 * radius)} ${r(y - 0.35 * radius)}h.01`
    }
    return { rivetsDark, rivetsLight }
}

const r = (value: number): number => Math.round(value * 10) / 10

/** A place to a tenth of a pixel, as one number; no picture is ten thousand pixels high. */
const placeOf = (x: number, y: number): number => Math.round(x * 10) * 100_000 + Math.round(y * 10)

/** Joins pieces end to end, leaves out what lies on the way, and writes one path. */
function chain(segments: readonly Segment[]): string {
    const starts = new Map<number, Segment[]>()
    for (const segment of segments) {
        const key = placeOf(segment[0], segment[1])
        const list = starts.get(key)
        if (list === undefined) starts.set(key, [segment])
        else list.push(segment)
    }
    const used = new Set<Segment>()
    let path = ''
    for (const first of segments) {
        if (used.has(first)) continue
        used.add(first)
        const points: [number, number][] = [
            [first[0], first[1]],
            [first[2], first[3]],
        ]
        for (;;) {
            const [x, y] = points[points.length - 1] ?? [0, 0]
            const next = starts.get(placeOf(x, y))?.find((one) => !used.has(one))
            if (next === undefined) break
            used.add(next)
            points.push([next[2], next[3]])
        }
        path += written(points)
    }
    return path
}

function written(points: readonly [number, number][]): string {
    const [firstX, firstY] = points[0] ?? [0, 0]
    let path = `M${r(firstX)} ${r(firstY)}`
    let [fromX, fromY] = [firstX, firstY]
    for (let at = 1; at < points.length; at++) {
        const [x, y] = points[at] ?? [0, 0]
        const next = points[at + 1]
        if (next !== undefined) {
            const cross = (x - fromX) * (next[1] - fromY) - (y - fromY) * (next[0] - fromX)
            if (Math.abs(cross) < 0.06 * Math.hypot(next[0] - fromX, next[1] - fromY)) continue
        }
        path += `L${r(x)} ${r(y)}`
        ;[fromX, fromY] = [x, y]
    }
    return path
}
