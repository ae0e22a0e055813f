/** A vehicle as the server sends it, unpacked. Millimetres: x from the front backwards, y up, z towards its left. */
export type Model = {
    /** x, y, z of each corner. */
    points: Float32Array
    /** Three corners each, anticlockwise from outside. */
    triangles: Uint16Array
    /** One a triangle: its place in `zones`, in `parts`, and ROUND or SEAMLESS or both. */
    zoneOf: Uint8Array
    partOf: Uint16Array
    smoothness: Uint8Array
    /** The same for `plates`; NO_PLATE: too small, or round. */
    plateOf: Uint16Array
    /** Codes of the flat faces that may have a tint of their own. */
    plates: readonly string[]
    /** Kinds of zones, as plan files name them. */
    zones: readonly string[]
    parts: readonly Part[]
    lines: readonly Line[]
    /** Seven numbers each: place, normal, radius. */
    rivets: Float32Array
}
export type Part = { name: string; assembly: string }
export type Stroke = 'detail' | 'slot' | 'weld' | 'fold'
export type Line = { stroke: Stroke; points: Float32Array }

export const NO_PLATE = 0xffff

/** A piece of a rounded face. */
export const ROUND = 1
/** No edge shows between it and the triangle before it. */
export const SEAMLESS = 2
export const isRound = (model: Model, face: number): boolean => ((model.smoothness[face] ?? 0) & ROUND) !== 0

/** The four sides from which a vehicle is drawn. */
export type View = 'left' | 'top' | 'front' | 'rear'
export const VIEWS: readonly View[] = ['left', 'front', 'top', 'rear']

/** Where a point lies in a view: to the right, downwards, and towards the eye. */
export function project(view: View, x: number, y: number, z: number): [right: number, down: number, near: number] {
    if (view === 'left') return [x, -y, z]
    if (view === 'top') return [x, z, y]
    if (view === 'front') return [z, -y, -x]
    return [-z, -y, x]
}

/** The same way back. */
export function unproject(view: View, right: number, down: number, near: number): [x: number, y: number, z: number] {
    if (view === 'left') return [right, -down, near]
    if (view === 'top') return [right, near, down]
    if (view === 'front') return [-near, -down, right]
    return [near, -down, -right]
}

/** What follows from the shape alone and is wanted for every view and size of it: worked out once a model. */
export type Geometry = {
    /** Per triangle: the normal, of length 1. */
    normals: Float32Array
    /** Per corner of each triangle: the normal that light meets there. */
    corners: Float32Array
    /** Where two triangles meet, or one ends: two corners, the triangles on both sides (-1: none). */
    edges: { a: Uint16Array; b: Uint16Array; one: Int32Array; other: Int32Array }
}

const geometries = new WeakMap<Model, Geometry>()

export function geometryOf(model: Model): Geometry {
    const known = geometries.get(model)
    if (known !== undefined) return known
    const normals = normalsOf(model)
    let edges: Geometry['edges'] | null = null
    const geometry: Geometry = {
        normals,
        corners: cornerNormalsOf(model, normals),
        // Ink alone asks for them, and they take longer than all else.
        get edges() {
            edges ??= edgesOf(model)
            return edges
        },
    }
    geometries.set(model, geometry)
    return geometry
}

function edgesOf({ points, triangles }: Model): Geometry['edges'] {
    const count = points.length / 3
    // By their two corners: the place of an edge.
    const places = new Map<number, number>()
    const [a, b, one, other]: [number[], number[], number[], number[]] = [[], [], [], []]
    for (let at = 0; at < triangles.length; at++) {
        const face = Math.floor(at / 3)
        const from = triangles[at] ?? 0
        const to = triangles[at % 3 === 2 ? at - 2 : at + 1] ?? 0
        const key = from < to ? from * count + to : to * count + from
        const place = places.get(key)
        if (place === undefined) {
            places.set(key, a.length)
            a.push(Math.min(from, to))
            b.push(Math.max(from, to))
            one.push(face)
            other.push(-1)
        } else other[place] = face
    }
    return { a: Uint16Array.from(a), b: Uint16Array.from(b), one: Int32Array.from(one), other: Int32Array.from(other) }
}

/** Per triangle: the normal, of length 1. */
function normalsOf({ points, triangles }: Model): Float32Array {
    const normals = new Float32Array(triangles.length)
    for (let at = 0; at < triangles.length; at += 3) {
        const a = 3 * (triangles[at] ?? 0)
        const b = 3 * (triangles[at + 1] ?? 0)
        const c = 3 * (triangles[at + 2] ?? 0)
        const at3 = (from: number, axis: number) => (points[from + axis] ?? 0) - (points[a + axis] ?? 0)
        const [ux, uy, uz, vx, vy, vz] = [at3(b, 0), at3(b, 1), at3(b, 2), at3(c, 0), at3(c, 1), at3(c, 2)]
        const [x, y, z] = [uy * vz - uz * vy, uz * vx - ux * vz, ux * vy - uy * vx]
        const length = Math.hypot(x, y, z) || 1
        normals[at] = x / length
        normals[at + 1] = y / length
        normals[at + 2] = z / length
    }
    return normals
}

/** Faces that meet at less than this are one rounded face: the cosine of about fifty degrees. */
export const SMOOTH = 0.64

/** Per corner of each triangle: the normal that light meets there; on rounded faces that of the round body. */
function cornerNormalsOf(model: Model, normals: Float32Array): Float32Array {
    const { points, triangles } = model
    const around: number[][] = Array.from({ length: points.length / 3 }, () => [])
    for (let at = 0; at < triangles.length; at++)
        if (isRound(model, Math.floor(at / 3))) around[triangles[at] ?? 0]?.push(3 * Math.floor(at / 3))
    const corners = new Float32Array(3 * triangles.length)
    for (let at = 0; at < triangles.length; at++) {
        const face = 3 * Math.floor(at / 3)
        const [nx, ny, nz] = [normals[face] ?? 0, normals[face + 1] ?? 0, normals[face + 2] ?? 0]
        let [x, y, z] = [nx, ny, nz]
        if (isRound(model, face / 3))
            for (const other of around[triangles[at] ?? 0] ?? []) {
                const [ox, oy, oz] = [normals[other] ?? 0, normals[other + 1] ?? 0, normals[other + 2] ?? 0]
                if (other !== face && nx * ox + ny * oy + nz * oz > SMOOTH) {
                    x += ox
                    y += oy
                    z += oz
                }
            }
        const length = Math.hypot(x, y, z) || 1
        corners[3 * at] = x / length
        corners[3 * at + 1] = y / length
        corners[3 * at + 2] = z / length
    }
    return corners
}
