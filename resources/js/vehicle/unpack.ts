import type { Line, Model, Part } from './model'

/** A vehicle as it is sent: lists of numbers in base 64, the lowest byte first, places in halves of a millimetre. */
export type Packed = {
    zones: readonly string[]
    parts: readonly Part[]
    points: string
    triangles: string
    zoneOf: string
    partOf: string
    smoothness: string
    plates: readonly string[]
    plateOf: string
    lines: readonly { stroke: Line['stroke']; points: string }[]
    rivets: string
}

const PER_MM = 2

export function unpack(packed: Packed): Model {
    return {
        zones: packed.zones,
        parts: packed.parts,
        points: millimetres(packed.points),
        triangles: new Uint16Array(bytes(packed.triangles)),
        zoneOf: new Uint8Array(bytes(packed.zoneOf)),
        partOf: new Uint16Array(bytes(packed.partOf)),
        smoothness: new Uint8Array(bytes(packed.smoothness)),
        plates: packed.plates,
        plateOf: new Uint16Array(bytes(packed.plateOf)),
        lines: packed.lines.map(({ stroke, points }) => ({ stroke, points: millimetres(points) })),
        rivets: new Float32Array(bytes(packed.rivets)),
    }
}

const millimetres = (packed: string): Float32Array =>
    Float32Array.from(new Int16Array(bytes(packed)), (half) => half / PER_MM)

/** All processors that browsers run on keep the lowest byte first, as it is sent. */
function bytes(packed: string): ArrayBuffer {
    const text = atob(packed)
    const unpacked = new Uint8Array(text.length)
    for (let at = 0; at < text.length; at++) unpacked[at] = text.charCodeAt(at)
    return unpacked.buffer
}
