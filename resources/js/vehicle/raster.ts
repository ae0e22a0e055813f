import { geometryOf, isRound, type Model, project, type View } from './model'

/** What is seen from one side, pixel by pixel: which face, how near, and how it is turned. */
export type Scene = {
    view: View
    width: number
    height: number
    /** Pixels per millimetre. */
    scale: number
    /** Millimetres at the left and upper edge, in the directions of the view. */
    right0: number
    down0: number
    /** Which triangle; -1: none. */
    face: Int32Array
    /** Millimetres towards the eye; far away where there is nothing. */
    near: Float32Array
    /** Three bytes a pixel, 127 for a length of 1. */
    normal: Int8Array
}

export const NOTHING = -1e9

/** Pixels that are left free round what is drawn. */
export const MARGIN = 4

/** How far a vehicle reaches in a view. */
export function extentOf(
    model: Pick<Model, 'points'>,
    view: View,
): { right: [number, number]; down: [number, number] } {
    const right: [number, number] = [Infinity, -Infinity]
    const down: [number, number] = [Infinity, -Infinity]
    for (let at = 0; at < model.points.length; at += 3) {
        const [u, v] = project(view, model.points[at] ?? 0, model.points[at + 1] ?? 0, model.points[at + 2] ?? 0)
        right[0] = Math.min(right[0], u)
        right[1] = Math.max(right[1], u)
        down[0] = Math.min(down[0], v)
        down[1] = Math.max(down[1], v)
    }
    return { right, down }
}

/** What is seen of a view: where its left and upper edge lie in millimetres, and how many pixels it has. */
export type Frame = Pick<Scene, 'right0' | 'down0' | 'width' | 'height'>

/** The whole vehicle, with some pixels free round it. */
export function frameOf(model: Model, view: View, scale: number, margin = MARGIN): Frame {
    const extent = extentOf(model, view)
    return {
        right0: extent.right[0] - margin / scale,
        down0: extent.down[0] - margin / scale,
        width: Math.ceil((extent.right[1] - extent.right[0]) * scale) + 2 * margin,
        height: Math.ceil((extent.down[1] - extent.down[0]) * scale) + 2 * margin,
    }
}

/** Draws all faces into a depth map; what is nearest stays. */
export function see(model: Model, view: View, scale: number, frame = frameOf(model, view, scale)): Scene {
    const { right0, down0, width, height } = frame
    const face = new Int32Array(width * height).fill(-1)
    const near = new Float32Array(width * height).fill(NOTHING)
    const normal = new Int8Array(3 * width * height)
    const { normals, corners } = geometryOf(model)
    const { points, triangles } = model
    // Every corner is shared by some triangles: right, down and near of each, once.
    const placed = new Float64Array(points.length)
    for (let at = 0; at < points.length; at += 3) {
        const [u, v, n] = project(view, points[at] ?? 0, points[at + 1] ?? 0, points[at + 2] ?? 0)
        placed[at] = (u - right0) * scale
        placed[at + 1] = (v - down0) * scale
        placed[at + 2] = n
    }
    for (let at = 0; at < triangles.length; at += 3) {
        const a = 3 * (triangles[at] as number)
        const b = 3 * (triangles[at + 1] as number)
        const c = 3 * (triangles[at + 2] as number)
        // Plain steps: lists that are taken apart for every triangle are what takes time here.
        const ax = placed[a] as number
        const ay = placed[a + 1] as number
        const an = placed[a + 2] as number
        const bx = placed[b] as number
        const by = placed[b + 1] as number
        const bn = placed[b + 2] as number
        const cx = placed[c] as number
        const cy = placed[c + 1] as number
        const cn = placed[c + 2] as number
        const area = (bx - ax) * (cy - ay) - (by - ay) * (cx - ax)
        // Bodies are closed: what is turned away lies behind what is turned towards the eye.
        if (area > -1e-9) continue
        const top = Math.max(0, Math.ceil(Math.min(ay, by, cy) - 0.5))
        const bottom = Math.min(height - 1, Math.floor(Math.max(ay, by, cy) - 0.5))
        const left = Math.max(0, Math.ceil(Math.min(ax, bx, cx) - 0.5))
        const last = Math.min(width - 1, Math.floor(Math.max(ax, bx, cx) - 0.5))
        const id = at / 3
        const isFlat = !isRound(model, id)
        for (let y = top; y <= bottom; y++) {
            const py = y + 0.5
            for (let x = left; x <= last; x++) {
                const px = x + 0.5
                const wb = ((px - ax) * (cy - ay) - (py - ay) * (cx - ax)) / area
                const wc = ((bx - ax) * (py - ay) - (by - ay) * (px - ax)) / area
                const wa = 1 - wb - wc
                if (wa < -1e-6 || wb < -1e-6 || wc < -1e-6) continue
                const pixel = y * width + x
                const depth = wa * an + wb * bn + wc * cn
                if (depth <= (near[pixel] ?? 0)) continue
                near[pixel] = depth
                face[pixel] = id
                for (let axis = 0; axis < 3; axis++)
                    normal[3 * pixel + axis] = isFlat
                        ? 127 * (normals[at + axis] ?? 0)
                        : 127 *
                          (wa * (corners[3 * at + axis] ?? 0) +
                              wb * (corners[3 * at + 3 + axis] ?? 0) +
                              wc * (corners[3 * at + 6 + axis] ?? 0))
            }
        }
    }
    return { view, width, height, scale, right0, down0, face, near, normal }
}
