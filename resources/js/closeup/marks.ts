import { patchLimit, patchNoise } from '../vehicle/fields'
import { BETWEEN, findRoom, HIGH, inked, sums, WIDE } from '../vehicle/marking'
import { unproject } from '../vehicle/model'
import { smoothstep } from '../vehicle/noise'
import { Dice, roughness } from './grain'
import type { PieceMark, Shown, Wish } from './piece'
import { cloudsOn, layerOn, noiseOn, type Relief } from './relief'
import { type Colour, lightOfHex, type Surface } from './surface'

/** Lays the marks of a zone in their order. */
export function layMarks(surface: Surface, piece: Shown, wish: Wish): void {
    const chips = piece.marks.filter(({ effect }) => effect === 'chips').length
    let [patches, rims] = [0, 0]
    for (const mark of piece.marks) {
        const colour = mark.colour === null ? null : lightOfHex(mark.colour)
        if (mark.kind === 'mask') mask(surface, patches, wish.seed)
        else if (colour === null) continue
        else if (mark.kind === 'patch') patch(surface, mark, colour, patches++, wish.seed)
        else if (mark.kind === 'marking') marking(surface, colour, wish)
        else if (mark.effect === 'scratches') scratches(surface, mark, colour, wish.seed + mark.step)
        // A core lies in its rim: both are the same chips, the later one smaller.
        else if (mark.effect === 'chips')
            chip(surface, mark, colour, wish.seed, chips < 2 ? 1 : 1.25 - (0.55 * rims++) / (chips - 1))
        else if (mark.effect === 'worn') chip(surface, mark, colour, wish.seed + 5, 1)
        else if (mark.kind === 'streak') streaks(surface, mark, colour, wish.seed + mark.step)
        else if (mark.kind === 'heap') heap(surface, mark, colour, wish.seed + mark.step)
        else if (mark.kind === 'dust') grains(surface, mark, colour, wish.seed + mark.step)
    }
}

/** So many of a population as a piece of this size has. */
function countOf(relief: Relief, mark: PieceMark): number {
    let own = 0
    for (let at = 0; at < relief.own.length; at += 7) own += relief.own[at] as number
    const cm2 = (7 * own) / relief.dots ** 2 / 100
    return Math.min(1500, Math.round((mark.perCm2 ?? 0) * cm2))
}

/** One value for each pixel from 0 to 1: where a patch of camouflage lies; the same places as on the whole vehicle. */
export function patchField(
    relief: Relief,
    nth: number,
    share: number | null,
    isSoft: boolean,
    seed: number,
): Float32Array {
    return noiseOn(relief, `patch ${nth} ${share} ${isSoft} ${seed}`, () => patchesOf(relief, nth, share, isSoft, seed))
}

function patchesOf(relief: Relief, nth: number, share: number | null, isSoft: boolean, seed: number): Float32Array {
    const { width, height, scene } = relief
    const own = 1000 + seed + 37 * nth
    const limit = share === null ? 0.525 + 0.03 * nth : patchLimit(share / 100, own)
    const every = 8
    const columns = Math.ceil(width / every) + 2
    const rows = Math.ceil(height / every) + 2
    const coarse = new Float32Array(columns * rows)
    for (let row = 0; row < rows; row++)
        for (let column = 0; column < columns; column++) {
            const x = Math.min(width - 1, column * every)
            const y = Math.min(height - 1, row * every)
            const near = Math.max(-5000, scene.near[y * width + x] as number)
            const [px, py, pz] = unproject(
                scene.view,
                scene.right0 + (column * every) / scene.scale,
                scene.down0 + (row * every) / scene.scale,
                near,
            )
            coarse[row * columns + column] = patchNoise(px, py, pz, own)
        }
    const ramp = isSoft ? 0.03 : 0.0015
    const field = new Float32Array(width * height)
    for (let y = 0; y < height; y++)
        for (let x = 0; x < width; x++) {
            const [u, v] = [x / every, y / every]
            const place = Math.floor(v) * columns + Math.floor(u)
            const [s, t] = [u - Math.floor(u), v - Math.floor(v)]
            const above = (coarse[place] as number) * (1 - s) + (coarse[place + 1] as number) * s
            const below = (coarse[place + columns] as number) * (1 - s) + (coarse[place + columns + 1] as number) * s
            field[y * width + x] = smoothstep(limit - ramp, limit + ramp, above * (1 - t) + below * t)
        }
    return field
}

function patch(surface: Surface, mark: PieceMark, colour: Colour, nth: number, seed: number): void {
    const { own, recess } = surface.relief
    const field = patchField(surface.relief, nth, mark.share, mark.isSoft, seed)
    for (let at = 0; at < own.length; at++) {
        const share = field[at] as number
        if (own[at] === 0 || share === 0) continue
        // The line of a wash runs on through it.
        surface.mix(at, colour, share * (1 - 0.75 * (recess[at] as number)))
        if (!mark.isSoft) surface.bump[at] = (surface.bump[at] as number) + 0.015 * share
    }
}

const MASK: Colour = lightOfHex('#cdc4a0')

function mask(surface: Surface, patches: number, seed: number): void {
    const { own } = surface.relief
    const open = patchField(surface.relief, patches, 40, false, seed)
    for (let at = 0; at < own.length; at++) {
        const share = own[at] === 0 ? 0 : 1 - (open[at] as number)
        if (share === 0) continue
        surface.mix(at, MASK, share)
        surface.shine(at, 0.15, share)
        surface.bump[at] = (surface.bump[at] as number) + 0.09 * share
    }
}

/** Where marks of wear come to lie, the same for all that have one seed; each with the way that its edge runs. */
function wornAt(surface: Surface, mark: PieceMark, dice: Dice): { x: number; y: number; along: number } | null {
    const { width, height, own, edge, recess, fall, detail, dots } = surface.relief
    const keepsLow = mark.places.includes('lower-third')
    const keepsHigh = mark.places.includes('upper-third')
    for (let tries = 0; tries < 90; tries++) {
        const x = Math.floor(dice.next() * width)
        const y = Math.floor(dice.next() * height)
        const at = y * width + x
        if (own[at] === 0) continue
        if ((keepsLow && (fall[at] as number) < 0.6) || (keepsHigh && (fall[at] as number) > 0.4)) continue
        // Regions that are used, and regions that are not: else every rivet is chipped.
        const used = roughness(x, y, 9 * dots, 77) ** 2
        const isRivet = (detail[at] as number) > 0.1 ? 0.35 : 1
        const here = (edge[at] as number) * isRivet * (0.15 + 1.4 * used) + 0.012 * used
        if (dice.next() > here * (1 - 0.7 * (recess[at] as number))) continue
        const right = (edge[Math.min(own.length - 1, at + 3)] as number) + (edge[Math.max(0, at - 3)] as number)
        const rows = 3 * width
        const down = (edge[Math.min(own.length - 1, at + rows)] as number) + (edge[Math.max(0, at - rows)] as number)
        return { x, y, along: right >= down ? 0 : Math.PI / 2 }
    }
    return null
}

/** Millimetres that a coat is thick where it is broken: its lip catches the light. */
const LIP = 0.03

function chip(surface: Surface, mark: PieceMark, colour: Colour, seed: number, times: number): void {
    const { relief, bump, worn } = surface
    const { width, height, own, dots } = relief
    const dice = new Dice(seed + 3)
    const isFlat = mark.effect === 'worn'
    for (let left = countOf(relief, mark); left > 0; left--) {
        const place = wornAt(surface, mark, dice)
        const sizeMm = dice.size(mark.leastMm ?? 0.15, mark.usualMm ?? 0.3, mark.mostMm ?? 1.5)
        const [long, turn, own1] = [dice.between(1, 2.6), dice.between(-0.35, 0.35), dice.between(0, 99)]
        if (place === null) continue
        const radius = 0.5 * Math.max(1.4, sizeMm * dots * times)
        const [cos, sin] = [Math.cos(place.along + turn), Math.sin(place.along + turn)]
        const reach = Math.ceil(radius * long * 1.5)
        worn.push(place.y * width + place.x)
        for (let y = Math.max(0, place.y - reach); y <= Math.min(height - 1, place.y + reach); y++)
            for (let x = Math.max(0, place.x - reach); x <= Math.min(width - 1, place.x + reach); x++) {
                const at = y * width + x
                if (own[at] === 0) continue
                const [dx, dy] = [x - place.x, y - place.y]
                const [u, v] = [(dx * cos + dy * sin) / long, -dx * sin + dy * cos]
                const torn =
                    0.9 * (roughness(x + own1, y, 0.16 * dots, seed) - 0.5) +
                    0.9 * (roughness(x, y + own1, 0.5 * dots, seed + 1) - 0.5)
                const away = Math.hypot(u, v) / radius + torn
                const share = 1 - smoothstep(0.82, 1, away)
                if (share <= 0) continue
                surface.mix(at, colour, share)
                surface.shine(at, isFlat ? 0.1 : 0.05, share)
                bump[at] = (bump[at] as number) - LIP * share
            }
    }
}

function scratches(surface: Surface, mark: PieceMark, colour: Colour, seed: number): void {
    const { relief } = surface
    const dice = new Dice(seed)
    for (let left = countOf(relief, mark); left > 0; left--) {
        const place = wornAt(surface, { ...mark, places: [] }, dice)
        const length = dice.size(mark.leastMm ?? 1, mark.usualMm ?? 2, mark.mostMm ?? 6) * relief.dots
        const way = dice.between(-0.6, 0.6) + (dice.next() < 0.25 ? Math.PI / 2 : 0)
        if (place === null) continue
        stroke(surface, place.x, place.y, way, length, dice.between(0.03, 0.07) * relief.dots, (at, share) => {
            surface.mix(at, colour, share)
            surface.bump[at] = (surface.bump[at] as number) - 0.02 * share
        })
    }
}

/** Walks along a straight line and takes what lies within half a width of it. */
function stroke(
    { relief }: Surface,
    x0: number,
    y0: number,
    way: number,
    length: number,
    half: number,
    take: (at: number, share: number) => void,
): void {
    const { width, height, own } = relief
    const [cos, sin] = [Math.cos(way), Math.sin(way)]
    for (let gone = -length / 2; gone < length / 2; gone += 0.7) {
        const thin = Math.max(0.6, half * (1 - (2 * Math.abs(gone / length)) ** 2))
        for (let aside = -thin; aside <= thin; aside += 0.7) {
            const x = Math.round(x0 + gone * cos - aside * sin)
            const y = Math.round(y0 + gone * sin + aside * cos)
            if (x < 0 || y < 0 || x >= width || y >= height || own[y * width + x] === 0) continue
            take(y * width + x, 0.75)
        }
    }
}

/** Millimetres by which the surface may jump below a run before it breaks off. */
const JUMP = 1.2

function streaks(surface: Surface, mark: PieceMark, colour: Colour, seed: number): void {
    const { relief, worn } = surface
    const { width, height, own, edge, recess, dots, level, scene, fall } = relief
    const dice = new Dice(seed)
    const torn = layerOn(relief, 0.16, 2.4, seed + 1)
    const isSpill = mark.effect === 'stain'
    const keepsLow = mark.places.includes('lower-third')
    let left = Math.max(worn.length === 0 ? 3 : 5, countOf(relief, mark))
    for (let tries = 0; left > 0 && tries < 60 * left; tries++) {
        const atChip = mark.effect !== 'stain' && worn.length > 0 && dice.next() < 0.6
        const at = atChip
            ? (worn[Math.floor(dice.next() * worn.length)] as number)
            : Math.floor(dice.next() * height) * width + Math.floor(dice.next() * width)
        const isSource = atChip || (edge[at] as number) + (recess[at] as number) > 0.7
        if (own[at] === 0 || !isSource || (keepsLow && (fall[at] as number) < 0.55)) continue
        left--
        const length = dice.size(mark.leastMm ?? 2, mark.usualMm ?? 5, mark.mostMm ?? 12) * dots
        const half = dice.between(0.08, isSpill ? 0.5 : 0.24) * dots
        // Seen from above nothing runs: it lies round where it came from.
        const isUpright = scene.view !== 'top'
        run(at % width, Math.floor(at / width), isUpright ? length : 0.2 * length, isUpright ? half : 2 * half)
    }

    function run(x0: number, y0: number, length: number, half: number): void {
        let drift = 0
        let before = level[y0 * width + x0] as number
        for (let gone = 0; gone < length && y0 + gone < height; gone++) {
            const y = y0 + gone
            drift += 0.16 * (dice.next() - 0.5)
            const middle = Math.round(x0 + drift)
            if (middle < 0 || middle >= width || own[y * width + middle] === 0) return
            const now = level[y * width + middle] as number
            if (Math.abs(now - before) > JUMP) return
            before = now
            const fade = (1 - gone / length) ** 0.8 * smoothstep(0, 0.3 * dots, gone + 2)
            const wide = Math.max(0.8, half * (0.7 + 0.5 * (gone / length)))
            for (let x = Math.max(0, Math.floor(middle - wide)); x <= Math.min(width - 1, middle + wide); x++) {
                const at = y * width + x
                if (own[at] === 0) continue
                const aside = 1 - Math.abs(x - middle) / (wide + 0.5)
                surface.mix(at, colour, Math.min(0.92, fade * aside * (0.45 + 1.1 * (torn[at] as number))))
                if (isSpill) surface.shine(at, 0.8, fade * aside)
            }
        }
    }
}

/** Clods and drops: more of them low down, on ledges and in corners, stretched the way they were flung. */
function heap(surface: Surface, mark: PieceMark, colour: Colour, seed: number): void {
    const { relief, bump } = surface
    const { width, height, own, fall, corner, up, dots, scene } = relief
    const isMud = mark.effect === 'mud'
    const dice = new Dice(seed)
    const shiny = mark.isWet ? 0.9 : 0
    if (isMud) paste(surface, colour, mark.amount, shiny, seed)
    for (let left = Math.max(isMud ? 25 : 60, countOf(relief, mark)); left > 0; left--) {
        const x0 = Math.floor(dice.next() * width)
        const y0 = Math.floor(dice.next() * height)
        const at0 = y0 * width + x0
        const sizeMm = dice.size(mark.leastMm ?? 0.15, mark.usualMm ?? 0.3, mark.mostMm ?? 2)
        const [long, lean, tone, other] = [dice.between(1, 1.9), dice.bell(), dice.between(0.86, 1.12), dice.next()]
        const low = scene.view === 'top' ? 0.4 : smoothstep(0.35, 1, fall[at0] as number) ** 2
        const caught = low + 0.5 * (corner[at0] as number) + 0.35 * (up[at0] as number)
        if (own[at0] === 0 || other > caught) continue
        const radius = Math.max(0.8, 0.5 * sizeMm * dots)
        const reach = Math.ceil(radius * long * 1.4)
        const [cos, sin] = [Math.cos(1.57 + 0.35 * lean), Math.sin(1.57 + 0.35 * lean)]
        for (let y = Math.max(0, y0 - reach); y <= Math.min(height - 1, y0 + reach); y++)
            for (let x = Math.max(0, x0 - reach); x <= Math.min(width - 1, x0 + reach); x++) {
                const at = y * width + x
                if (own[at] === 0) continue
                const [dx, dy] = [x - x0, y - y0]
                const [u, v] = [(dx * cos + dy * sin) / long, -dx * sin + dy * cos]
                const torn = radius < 3 ? 0 : 0.7 * (roughness(x, y, 0.5 * radius + 1, seed + left) - 0.5)
                const away = Math.hypot(u, v) / radius + torn
                const share = 1 - smoothstep(0.8, 1, away)
                if (share <= 0) continue
                surface.mix(at, colour, 0.94 * share)
                surface.scale(at, 1 + share * (tone - 1))
                surface.shine(at, shiny, share)
                bump[at] = (bump[at] as number) + share * 0.3 * sizeMm * Math.sqrt(Math.max(0, 1 - away * away))
            }
    }
}

/** Where mud is thick it is one skin, rough and torn at its upper rim. */
function paste(surface: Surface, colour: Colour, amount: number, shiny: number, seed: number): void {
    const { relief, bump } = surface
    const { own, fall, corner, scene } = relief
    const clods = cloudsOn(relief, 3.2, seed + 2)
    const grain = cloudsOn(relief, 0.5, seed + 3)
    for (let at = 0; at < own.length; at++) {
        if (own[at] === 0) continue
        const low = scene.view === 'top' ? 0.25 : smoothstep(0.45, 1.1, fall[at] as number)
        const thick = 0.55 * low + 0.3 * (corner[at] as number) + 0.75 * ((clods[at] as number) - 0.5) + 0.3 * amount
        const share = smoothstep(0.5, 0.56, thick + 0.16 * ((grain[at] as number) - 0.5))
        if (share === 0) continue
        surface.mix(at, colour, share)
        surface.scale(at, 1 + share * 0.25 * ((clods[at] as number) - 0.5))
        surface.shine(at, shiny, share * smoothstep(0.45, 0.6, clods[at] as number))
        bump[at] = (bump[at] as number) + share * (0.1 + 0.3 * (thick - 0.5) + 0.22 * (grain[at] as number))
    }
}

/** Dust is seen to be grains: as much as is forecast in the middle, here a little more and there a little less. */
function grains(surface: Surface, mark: PieceMark, colour: Colour, seed: number): void {
    const { relief } = surface
    const { own } = relief
    const drifts = cloudsOn(relief, 2.6, seed)
    const fine = layerOn(relief, 0.09, 0.09, seed + 4)
    for (let at = 0; at < own.length; at++) {
        if (own[at] === 0) continue
        const more = 0.16 * mark.amount * (1.6 * ((drifts[at] as number) - 0.5) + 0.5 * ((fine[at] as number) - 0.5))
        // Less of it is the same way back.
        surface.mix(at, colour, more)
        surface.bump[at] = (surface.bump[at] as number) + 0.012 * mark.amount * (fine[at] as number)
    }
}

/** Where a number of this many figures would lie, its height in pixels; null: there is no room for it. */
export function boardFor(relief: Relief, figures: string): { left: number; top: number; cell: number } | null {
    const { width, height, own, recess, edge, dots } = relief
    // It is looked for in coarse steps: nobody sees a quarter of a millimetre.
    const step = Math.max(1, Math.round(0.2 * dots))
    const [columns, rows] = [Math.floor(width / step), Math.floor(height / step)]
    const isFree = new Uint8Array(columns * rows)
    for (let row = 0; row < rows; row++)
        for (let column = 0; column < columns; column++) {
            const at = row * step * width + column * step
            if (own[at] === 1 && (recess[at] as number) < 0.3 && (edge[at] as number) < 0.3)
                isFree[row * columns + column] = 1
        }
    const room = sums(isFree, columns, rows)
    for (const tallMm of [9, 7, 5.5, 4.2, 3.2, 2.4]) {
        const cell = (tallMm * dots) / HIGH
        const margin = 1.2 * cell
        const wide = (figures.length * (WIDE + BETWEEN) - BETWEEN) * cell + 2 * margin
        const place = findRoom(room, columns, rows, wide / step, (HIGH * cell + 2 * margin) / step)
        if (place !== null) return { left: place[0] * step + margin, top: place[1] * step + margin, cell }
    }
    return null
}

function marking(surface: Surface, colour: Colour, { figures }: Wish): void {
    const { width } = surface.relief
    const board = boardFor(surface.relief, figures)
    if (board === null) return
    const { left, top, cell } = board
    const wide = (figures.length * (WIDE + BETWEEN) - BETWEEN) * cell
    for (let y = Math.floor(top); y <= top + HIGH * cell; y++)
        for (let x = Math.floor(left); x <= left + wide; x++)
            surface.mix(y * width + x, colour, inked(figures, (x + 0.5 - left) / cell, (y + 0.5 - top) / cell, cell))
}
