import { smoothstep } from '../vehicle/noise'
import type { Shown } from './piece'
import { cloudsOn, layerOn } from './relief'
import { lightOfHex, type Surface } from './surface'

/** Part of the light that comes and goes over a plain face; it neither lightens nor darkens it as a whole. */
const UNEVEN = 0.022

/** The colours of a zone's places where they lie: faces, recesses, edges and what is low. */
export function layGround(surface: Surface, { colours, gloss }: Shown, kind: string, seed: number): void {
    const { relief } = surface
    const { own, recess, edge, corner, up, fall } = relief
    const [face, lines, edges, lower] = [colours.face, colours.recess, colours.edge, colours.lower].map(lightOfHex)
    if (face === undefined || lines === undefined || edges === undefined || lower === undefined) return
    const broad = cloudsOn(relief, 7, seed + 11)
    const fine = layerOn(relief, 0.5, 0.5, seed + 12)
    for (let at = 0; at < own.length; at++) {
        if (own[at] === 0) continue
        const uneven = 1 + UNEVEN * (2 * (broad[at] as number) - 1) + 0.5 * UNEVEN * (2 * (fine[at] as number) - 1)
        surface.mix(at, face, 1)
        const low = smoothstep(0.52, 0.86, (fall[at] as number) + 0.22 * ((broad[at] as number) - 0.5))
        const settled = Math.max(low, 0.55 * (corner[at] as number) * (0.4 + 0.6 * (up[at] as number)))
        surface.mix(at, lower, settled)
        surface.mix(at, edges, (edge[at] as number) * (1 - 0.5 * low))
        surface.mix(at, lines, recess[at] as number)
        surface.scale(at, uneven)
        surface.gloss[at] = gloss
    }
    if (kind === 'canvas' || kind === 'stowage') weave(surface)
}

/** Threads of a cloth, a third of a millimetre apart: coarser than life, as on any model. */
function weave(surface: Surface): void {
    const { width, own, dots } = surface.relief
    const turn = (2 * Math.PI) / (0.34 * dots)
    for (let at = 0; at < own.length; at++) {
        if (own[at] === 0) continue
        const x = at % width
        const y = Math.floor(at / width)
        surface.bump[at] = 0.012 * (Math.sin(turn * (x + 0.3 * y)) + Math.sin(turn * (y - 0.3 * x)))
    }
}

/** Millimetres by which sprayed paint stands up and down where its droplets have met. */
const PEEL = 0.005

/** The skin of an orange, as every spray leaves it: seen where it shines. */
export function peel(surface: Surface, seed: number): void {
    const { relief, bump } = surface
    const drops = layerOn(relief, 0.26, 0.26, seed + 14)
    for (let at = 0; at < bump.length; at++)
        if (relief.own[at] === 1) bump[at] = (bump[at] as number) + PEEL * ((drops[at] as number) - 0.5)
}
