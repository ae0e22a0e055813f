import type { Mark } from '@/vehicle/cover'
import type { Model } from '@/vehicle/model'
import type { Finish } from '@/vehicle/paint'

type Box = { zone: string; x: [number, number]; y: [number, number]; z: [number, number] }

/** A vehicle of boxes, in millimetres. */
export function boxes(...all: Box[]): Model {
    const zones = [...new Set(all.map((box) => box.zone))]
    const points: number[] = []
    const triangles: number[] = []
    const zoneOf: number[] = []
    const partOf: number[] = []
    for (const [part, { zone, x, y, z }] of all.entries()) {
        const first = points.length / 3
        for (const px of x) for (const py of y) for (const pz of z) points.push(px, py, pz)
        // Corners are numbered x, y, z from the highest bit; each face goes round anticlockwise from outside.
        const faces = [
            [0, 1, 3, 2],
            [4, 6, 7, 5],
            [0, 4, 5, 1],
            [2, 3, 7, 6],
            [0, 2, 6, 4],
            [1, 5, 7, 3],
        ] as const
        for (const [a, b, c, d] of faces) {
            triangles.push(first + a, first + b, first + c, first + a, first + c, first + d)
            zoneOf.push(zones.indexOf(zone), zones.indexOf(zone))
            partOf.push(part, part)
        }
    }
    return {
        points: Float32Array.from(points),
        triangles: Uint16Array.from(triangles),
        zoneOf: Uint8Array.from(zoneOf),
        partOf: Uint16Array.from(partOf),
        // Each face of a box is a plate: "turret 0-2" is the third of the first box.
        plateOf: Uint16Array.from(zoneOf, (_, face) => Math.floor(face / 2)),
        plates: all.flatMap(({ zone }, part) => [0, 1, 2, 3, 4, 5].map((face) => `${zone} ${part}-${face}`)),
        smoothness: Uint8Array.from(zoneOf, (_, face) => (face % 2 === 1 ? 2 : 0)),
        zones,
        parts: all.map((_, part) => ({ name: `box ${part}`, assembly: 'hull' })),
        lines: [],
        rivets: new Float32Array(),
    }
}

/** A hull of two metres with a turret of one on it, and a wheel box below. */
export const vehicle = (): Model =>
    boxes(
        { zone: 'hull-sides', x: [0, 2000], y: [400, 1000], z: [-500, 500] },
        { zone: 'turret', x: [600, 1400], y: [1000, 1500], z: [-400, 400] },
        { zone: 'wheels', x: [200, 1800], y: [0, 400], z: [-450, 450] },
    )

export const mark = (changes: Partial<Mark>): Mark => ({
    effect: 'coat',
    step: 0,
    until: null,
    zones: ['hull'],
    colour: '#566043',
    amount: 1,
    isSoft: false,
    places: [],
    panels: [],
    sheen: null,
    share: null,
    pattern: null,
    sparesMarkings: false,
    ...changes,
})

export const finish = (...marks: Mark[]): Finish => ({
    belongs: [
        { kind: 'hull-sides', zone: 'hull' },
        { kind: 'turret', zone: 'turret' },
        { kind: 'wheels', zone: 'wheels' },
    ],
    panels: [],
    marks,
})
