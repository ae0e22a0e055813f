import { BETWEEN, HIGH, WIDE } from '../vehicle/marking'
import { smoothstep } from '../vehicle/noise'
import { clouds, Dice, layer, limitFor, roughness } from './grain'
import { boardFor, patchField } from './marks'
import type { Fault, Piece, Wish } from './piece'
import { type Colour, lightOfHex, type Surface } from './surface'

/** What a fault is drawn with: the piece as it was meant and as it was before, and what it is made of. */
class Trouble {
    readonly own: Colour
    readonly under: Colour
    readonly bare: Colour
    readonly lines: { before: Colour; meant: Colour }
    readonly face: Colour
    readonly dice: Dice
    readonly seed: number

    constructor(
        readonly surface: Surface,
        readonly before: Surface,
        piece: Piece,
        rule: string,
        readonly wish: Wish,
    ) {
        this.own = lightOfHex(piece.own ?? piece.colours.face)
        this.under = lightOfHex(piece.under)
        this.bare = lightOfHex(piece.bare)
        this.lines = { before: lightOfHex(piece.before.colours.recess), meant: lightOfHex(piece.colours.recess) }
        this.face = lightOfHex(piece.colours.face)
        // Two findings of one look differ in where it lies.
        this.seed = wish.seed + 500
        for (const letter of rule) this.seed = (31 * this.seed + letter.charCodeAt(0)) % 65_521
        this.dice = new Dice(this.seed)
    }

    /** Millimetres in pixels. */
    px(mm: number): number {
        return mm * this.surface.relief.dots
    }

    clouds(mm: number, seed: number, stretch = 1): Float32Array {
        const { width, height } = this.surface.relief
        return clouds(width, height, this.px(mm), this.seed + seed, stretch)
    }

    layer(acrossMm: number, downMm: number, seed: number): Float32Array {
        const { width, height } = this.surface.relief
        return layer(width, height, this.px(acrossMm), this.px(downMm), this.seed + seed)
    }

    /** 1 inside blots that take so much of the zone, 0 outside, with a rim so soft. */
    blots(share: number, mm = 6, rim = 0.03, seed = 0): Float32Array {
        const field = this.clouds(mm, 70 + seed)
        const limit = limitFor(share, field, this.surface.relief.own)
        for (let at = 0; at < field.length; at++) field[at] = smoothstep(limit - rim, limit + rim, field[at] as number)
        return field
    }

    /** Every pixel of the zone. */
    each(take: (at: number, x: number, y: number) => void): void {
        const { own, width } = this.surface.relief
        for (let at = 0; at < own.length; at++) if (own[at] === 1) take(at, at % width, Math.floor(at / width))
    }

    raise(at: number, mm: number): void {
        this.surface.bump[at] = (this.surface.bump[at] as number) + mm
    }

    /** Takes so much of this step away again. */
    back(at: number, share: number): void {
        this.surface.mix(at, this.before.read(at), share)
        this.raise(at, share * ((this.before.bump[at] as number) - (this.surface.bump[at] as number)))
    }

    recess(at: number): number {
        return this.surface.relief.recess[at] as number
    }

    edge(at: number): number {
        return this.surface.relief.edge[at] as number
    }
}

/** What one finding makes of a piece that is painted as it was meant. */
export function layFault(surface: Surface, before: Surface, piece: Piece, { rule, look }: Fault, wish: Wish): void {
    FAULTS[look]?.(new Trouble(surface, before, piece, rule, wish))
}

const MILK: Colour = lightOfHex('#d9dbd8')
const SILVER: Colour = lightOfHex('#c9ccca')
const RUST: Colour = lightOfHex('#7a4526')
const YELLOW: Colour = lightOfHex('#8a6a35')

/** Distance to the nearest of points strewn one a cell, and to the next, in cells. */
function cells(x: number, y: number, cell: number, seed: number): [near: number, next: number] {
    const [u, v] = [x / cell, y / cell]
    let [near, next] = [9, 9]
    for (let row = Math.floor(v) - 1; row <= Math.floor(v) + 1; row++)
        for (let column = Math.floor(u) - 1; column <= Math.floor(u) + 1; column++) {
            const px = column + roughness(column, row, 1, seed)
            const py = row + roughness(column, row, 1, seed + 1)
            const away = Math.hypot(u - px, v - py)
            if (away < near) [near, next] = [away, near]
            else if (away < next) next = away
        }
    return [near, next]
}

/** By the look that the server names; a test holds that there is one for each. */
export const FAULTS: Readonly<Record<string, (of: Trouble) => void>> = {
    lifted: (of) => {
        const inside = of.blots(0.4)
        const gone = of.clouds(0.9, 1)
        of.each((at, x, y) => {
            const share = inside[at] as number
            if (share === 0) return
            const [near, next] = cells(x, y, of.px(0.85), of.seed)
            const crack = 1 - smoothstep(0.04, 0.14, next - near)
            const isGone = smoothstep(0.56, 0.6, (gone[at] as number) + 0.12 * crack) * share
            of.raise(at, share * 0.13 * (1 - near) - 0.1 * isGone)
            of.surface.mix(at, of.under, Math.max(isGone, 0.8 * crack * share))
        })
    },
    smeared: (of) => {
        const { recess, width } = of.surface.relief
        const streaky = of.layer(2.2, 0.12, 2)
        const inside = of.blots(0.6, 9)
        const reach = Math.round(of.px(4))
        of.each((at, x) => {
            let taken = 0
            // The brush goes from right to left and draws along what it meets.
            for (let away = 2; away < reach && x + away < width; away += 3)
                taken = Math.max(taken, (recess[at + away] as number) * (1 - away / reach))
            const share = (inside[at] as number) * (0.16 + taken) * (0.35 + 1.1 * (streaky[at] as number))
            of.surface.mix(at, of.lines.before, Math.min(0.9, share))
            of.surface.mix(at, of.face, (inside[at] as number) * of.recess(at) * 0.7)
        })
    },
    wrinkled: (of) => {
        const bend = of.clouds(1.4, 3)
        const inside = of.blots(0.55)
        of.each((at, x, y) => {
            const share = inside[at] as number
            if (share === 0) return
            const phase = (x * 0.8 + y * 0.5) / of.px(0.22) + 14 * (bend[at] as number)
            const fold = 1 - Math.abs(Math.sin(phase))
            of.raise(at, 0.13 * share * fold * fold)
            of.surface.shine(at, 0.5, 0.5 * share)
            if (fold < 0.12) of.surface.mix(at, of.under, 0.25 * share)
        })
    },
    crazed: (of) =>
        of.each((at, x, y) => {
            const [near, next] = cells(x, y, of.px(0.55), of.seed)
            const crack = 1 - smoothstep(0.015, 0.07, next - near)
            of.raise(at, -0.05 * crack)
            of.surface.mix(at, of.bare, 0.55 * crack)
        }),
    cracked: (of) =>
        of.each((at, x, y) => {
            const [near, next] = cells(x, y, of.px(2.6), of.seed)
            const crack = 1 - smoothstep(0.03, 0.09, next - near)
            of.raise(at, -0.09 * crack + 0.05 * smoothstep(0.3, 0.75, near))
            of.back(at, 0.85 * crack)
        }),
    curdled: (of) => {
        for (let left = 420; left > 0; left--) {
            const thread = of.dice.next() < 0.25
            blob(of, of.dice.between(0.08, 0.3), thread ? 7 : 1, (at, share) => {
                of.raise(at, 0.1 * share)
                of.surface.scale(at, 1 + 0.12 * share)
            })
        }
    },
    uncleaned: (of) => {
        const patchy = of.clouds(4, 4)
        const brushed = of.layer(0.25, 3, 5)
        of.each((at) => {
            const share = 0.52 + 0.5 * ((patchy[at] as number) - 0.5) + 0.16 * ((brushed[at] as number) - 0.5)
            of.surface.mix(at, of.own, Math.max(0, Math.min(0.9, share)))
            of.surface.shine(at, 0.35, 0.6)
        })
    },
    scrubbed: (of) => {
        const inside = of.blots(0.5, 7, 0.12)
        const hairs = of.layer(1.6, 0.1, 6)
        of.each((at) => {
            const share = smoothstep(0.45, 0.62, 0.75 * (inside[at] as number) * (0.35 + (hairs[at] as number)))
            of.surface.mix(at, of.under, share)
            of.raise(at, -0.03 * share)
            of.surface.shine(at, 0.3, 0.5 * (inside[at] as number))
        })
    },
    'tide-marks': (of) => {
        const pools = of.clouds(5, 7)
        const limit = limitFor(0.45, pools, of.surface.relief.own)
        of.each((at) => {
            const depth = (pools[at] as number) - limit
            const rim = Math.exp(-((depth / 0.012) ** 2)) + 0.5 * Math.exp(-(((depth - 0.03) / 0.03) ** 2))
            const film = 0.1 + 0.16 * smoothstep(0, 0.06, depth)
            of.surface.mix(at, of.own, Math.min(0.75, film + 0.5 * rim))
        })
    },
    pinholes: (of) => {
        for (let left = 420; left > 0; left--)
            blob(of, of.dice.between(0.2, 0.8), 1, (at, share) => of.surface.mix(at, of.own, 0.8 * share))
    },
    'torn-off': (of) => {
        const edge = patchField(of.surface.relief, 3, 45, false, of.wish.seed)
        const torn = of.clouds(1.1, 8)
        const soft = patchField(of.surface.relief, 3, 45, true, of.wish.seed)
        of.each((at) => {
            const nearEdge = 4 * (soft[at] as number) * (1 - (soft[at] as number))
            const share = smoothstep(0.56, 0.6, (torn[at] as number) * (0.45 + 0.75 * nearEdge)) * (edge[at] as number)
            of.surface.mix(at, of.under, share)
            of.raise(at, -0.06 * share)
        })
    },
    ridge: (of) => {
        const soft = patchField(of.surface.relief, 0, 45, true, of.wish.seed)
        const crept = of.clouds(0.8, 9)
        of.each((at) => {
            const here = soft[at] as number
            const rim = Math.exp(-(((here - 0.5) / 0.22) ** 2))
            of.raise(at, 0.15 * rim)
            const bleed =
                smoothstep(0.42, 0.55, (crept[at] as number) * smoothstep(0.05, 0.4, here)) * (here < 0.5 ? 1 : 0)
            of.surface.mix(at, of.own, bleed)
        })
    },
    'lap-mark': (of) => {
        const { width } = of.surface.relief
        const bend = of.clouds(6, 10)
        of.each((at, x) => {
            const along = x / width - 0.42 - 0.22 * ((bend[at] as number) - 0.5)
            const rim = Math.exp(-((along / 0.006) ** 2)) + 0.4 * Math.exp(-((along / 0.02) ** 2))
            of.surface.mix(at, of.own, Math.min(0.85, 0.7 * rim + (along > 0 ? 0.22 : 0)))
            of.raise(at, 0.03 * rim)
        })
    },
    stuck: (of) => {
        const inside = of.blots(0.6, 8, 0.15)
        const hairs = of.layer(1.2, 0.09, 11)
        // Nothing came off: what was to be lifted is still there.
        of.each((at) => {
            const share = inside[at] as number
            of.back(at, 1)
            of.surface.scale(at, 1 + share * (0.05 + 0.16 * ((hairs[at] as number) - 0.5)))
            of.surface.shine(at, 0.55, share * (hairs[at] as number))
        })
    },
    sheets: (of) => {
        const field = of.clouds(8, 12)
        const fine = of.clouds(0.7, 13)
        const limit = limitFor(0.34, field, of.surface.relief.own)
        of.each((at) => {
            const depth = (field[at] as number) - limit + 0.035 * ((fine[at] as number) - 0.5)
            const gone = smoothstep(0, 0.006, depth)
            of.surface.mix(at, of.under, gone)
            // The sheet curls up where it tore.
            of.raise(at, -0.08 * gone + 0.22 * Math.exp(-(((depth + 0.018) / 0.012) ** 2)))
        })
    },
    'wiped-out': (of) => {
        const hairs = of.layer(2, 0.14, 14)
        const left = of.blots(0.25, 5, 0.08)
        of.each((at) => {
            const share = (1 - (left[at] as number)) * (0.7 + 0.3 * (hairs[at] as number))
            of.back(at, share)
            of.surface.mix(at, of.own, 0.55 * (hairs[at] as number) ** 3 * (1 - of.recess(at)))
        })
    },
    blushed: (of) => {
        const milky = of.clouds(9, 15)
        of.each((at) => {
            of.surface.mix(at, MILK, 0.08 + 0.45 * smoothstep(0.3, 0.75, milky[at] as number))
            of.surface.shine(at, 0.05)
        })
    },
    dusty: (of) => {
        const fine = of.layer(0.07, 0.07, 16)
        const coarse = of.layer(0.14, 0.14, 17)
        of.each((at) => {
            const grain = smoothstep(0.52, 0.75, 0.5 * (fine[at] as number) + 0.5 * (coarse[at] as number))
            of.raise(at, 0.13 * grain)
            of.surface.mix(at, MILK, 0.1 + 0.3 * grain)
            of.surface.shine(at, 0)
        })
    },
    'oil-rings': (of) => {
        for (let left = 26; left > 0; left--)
            blob(
                of,
                of.dice.between(1.4, 3.4),
                1,
                (at, share) => {
                    const ring = 4 * share * (1 - share)
                    of.surface.scale(at, 1 - 0.5 * ring - 0.15 * share)
                    of.surface.shine(at, 1, Math.min(1, 0.5 * share + ring))
                },
                0.75,
            )
    },
    'bare-part': (of) => {
        const used = of.clouds(4, 18)
        const fine = of.clouds(0.5, 19)
        of.each((at) => {
            const open = of.edge(at) * (0.4 + 1.3 * (used[at] as number)) + 0.3 * ((fine[at] as number) - 0.5)
            const rubbed = smoothstep(0.66, 0.74, used[at] as number) * smoothstep(0.4, 0.5, fine[at] as number)
            const share = Math.max(smoothstep(0.5, 0.58, open), rubbed)
            of.surface.mix(at, of.bare, share)
            of.surface.shine(at, 0.35, share)
            of.raise(at, -0.05 * share)
        })
    },
    tacky: (of) => {
        of.each((at) => of.surface.shine(at, 0.75, 0.7))
        print(of, (at, share, isRidge) => {
            of.raise(at, (isRidge ? 0.05 : -0.09) * share)
            of.surface.scale(at, 1 + (isRidge ? 0.12 : -0.18) * share)
            of.surface.shine(at, isRidge ? 0.2 : 0.9, share)
        })
        for (let left = 120; left > 0; left--)
            blob(of, of.dice.between(0.05, 0.12), 6, (at, share) => of.surface.mix(at, MILK, 0.5 * share))
    },
    'false-rust': (of) => {
        const inside = of.clouds(3, 20)
        const fine = of.clouds(0.4, 21)
        of.each((at) => {
            const share = smoothstep(
                0.54,
                0.66,
                (inside[at] as number) + 0.3 * of.recess(at) + 0.2 * ((fine[at] as number) - 0.5),
            )
            of.surface.mix(at, RUST, 0.9 * share)
            of.raise(at, 0.05 * share * (fine[at] as number))
        })
    },
    'out-of-scale': (of) => {
        for (let left = 9; left > 0; left--)
            blob(
                of,
                of.dice.between(3, 6.5),
                1.6,
                (at, share) => {
                    of.surface.mix(at, of.own, share)
                    of.raise(at, -0.05 * share)
                },
                0.05,
            )
    },
    flaked: (of) => {
        const bend = of.clouds(3, 22)
        const gone = of.clouds(1, 23)
        of.each((at, x) => {
            const phase = x / of.px(5) + 0.5 * (bend[at] as number)
            const away = Math.abs(phase - Math.round(phase))
            const crack = 1 - smoothstep(0.008, 0.02, away)
            const flake = smoothstep(0.55, 0.6, (gone[at] as number) + 0.25 * (1 - smoothstep(0, 0.16, away)))
            of.surface.mix(at, of.bare, Math.max(crack, flake))
            of.raise(at, -0.08 * Math.max(crack, flake))
        })
    },
    silvered: (of) => {
        const bubbles = of.clouds(0.7, 24)
        film(of, (at, isRim) => {
            const share = smoothstep(0.42, 0.62, bubbles[at] as number)
            of.surface.mix(at, SILVER, 0.62 * share + (isRim ? 0.3 : 0))
            of.surface.shine(at, 0.9)
            of.raise(at, 0.03 + 0.02 * share)
        })
    },
    'stained-marking': (of) => {
        const uneven = of.clouds(1.5, 25)
        film(of, (at) => of.surface.mix(at, YELLOW, 0.25 + 0.5 * (uneven[at] as number)))
    },
    dulled: (of) => {
        const grey = of.clouds(5, 26)
        of.each((at) => {
            of.surface.shine(at, 0)
            of.surface.mix(at, MILK, 0.12 + 0.14 * (grey[at] as number))
        })
    },
    'flakes-adrift': (of) => {
        for (let left = 1400; left > 0; left--)
            blob(of, of.dice.between(0.04, 0.11), 1.5, (at, share) => {
                of.surface.mix(at, SILVER, 0.85 * share)
                of.surface.shine(at, 1, share)
            })
    },
    'line-lost': (of) =>
        of.each((at) => {
            const share = Math.min(1, 1.4 * of.recess(at) + 0.9 * of.edge(at))
            of.surface.mix(at, of.own, 0.85 * share)
            of.surface.shine(at, 0.9, share)
        }),
    'glue-line': (of) => {
        const thick = of.clouds(2, 27)
        of.each((at) => {
            const bead = (of.surface.relief.corner[at] as number) + of.recess(at)
            const share = smoothstep(0.22, 0.6, bead * (0.4 + 1.1 * (thick[at] as number)))
            of.raise(at, 0.25 * share)
            of.surface.shine(at, 1, share)
            of.surface.scale(at, 1 - 0.12 * share)
        })
    },
    'no-source': (of) => {
        const { width, height } = of.surface.relief
        for (let left = 7; left > 0; left--) {
            const x0 = Math.floor(of.dice.between(0.12, 0.88) * width)
            const y0 = Math.floor(of.dice.between(0.1, 0.4) * height)
            const length = of.px(of.dice.between(7, 15))
            for (let gone = 0; gone < length && y0 + gone < height; gone++)
                for (let x = x0 - Math.round(of.px(0.3)); x <= x0 + of.px(0.3); x++) {
                    const at = (y0 + gone) * width + x
                    if (x < 0 || x >= width || of.surface.relief.own[at] !== 1) continue
                    const aside = 1 - Math.abs(x - x0) / of.px(0.34)
                    of.surface.mix(at, of.own, 0.85 * aside * (1 - gone / length))
                }
        }
    },
    beaded: (of) => {
        // What was to be an even film stands in drops; between them the ground is as it was.
        of.each((at) => of.back(at, 1))
        for (let left = 520; left > 0; left--)
            blob(of, of.dice.between(0.25, 1.1), 1, (at, share) => {
                of.surface.mix(at, of.own, 0.55 * share)
                of.raise(at, 0.06 * share)
                of.surface.shine(at, 0.9, share)
            })
    },
    'slid-off': (of) => {
        const left = of.blots(0.12, 3, 0.1)
        of.each((at) => {
            of.back(at, (1 - (left[at] as number)) * (1 - 0.6 * of.recess(at)))
            of.surface.mix(at, of.own, 0.6 * of.recess(at))
            of.surface.shine(at, 0.9, 1 - (left[at] as number))
        })
    },
    swallowed: (of) =>
        of.each((at) => {
            of.back(at, 0.45)
            of.surface.scale(at, 0.62)
            of.surface.shine(at, 0.3, 0.7)
        }),
    drowned: (of) => {
        const wet = of.clouds(2, 28)
        of.each((at) => {
            const share = smoothstep(0.35, 0.6, wet[at] as number)
            of.surface.scale(at, 0.85 - 0.55 * share)
            of.surface.shine(at, 0.9, share)
            of.raise(at, 0.05 * share)
        })
    },
    'rubbed-off': (of) => print(of, (at, share, isRidge) => of.back(at, (isRidge ? 0.55 : 0.95) * share)),
    flooded: (of) => {
        const pools = of.clouds(5, 29)
        of.each((at) => of.surface.mix(at, of.own, 0.62 + 0.3 * (pools[at] as number)))
    },
    parted: (of) => {
        const { width, height } = of.surface.relief
        const shift = Math.round(of.px(0.9))
        const from = of.surface.colour.slice()
        const gap = Math.round(0.52 * width)
        for (let y = 0; y < height; y++)
            for (let x = width - 1; x >= gap; x--) {
                const at = y * width + x
                if (of.surface.relief.own[at] !== 1) continue
                const isGap = x - gap < shift + 2 * Math.sin(y / of.px(0.8))
                const then = 3 * (at - shift)
                const there: Colour = [from[then] as number, from[then + 1] as number, from[then + 2] as number]
                of.surface.mix(at, isGap ? [0.004, 0.004, 0.004] : there, 1)
                if (isGap) of.raise(at, -1.2)
            }
    },
}

/** One spot at a place by chance: so many millimetres across, so many times as long, its share falling to the rim. */
function blob(of: Trouble, sizeMm: number, long: number, take: (at: number, share: number) => void, rim = 0.35): void {
    const { width, height, own } = of.surface.relief
    const x0 = of.dice.next() * width
    const y0 = of.dice.next() * height
    const way = of.dice.between(0, Math.PI)
    const radius = Math.max(1, 0.5 * of.px(sizeMm))
    const other = Math.floor(of.dice.between(0, 9999))
    const reach = Math.ceil(1.4 * radius * long)
    const [cos, sin] = [Math.cos(way), Math.sin(way)]
    for (let y = Math.max(0, Math.floor(y0 - reach)); y <= Math.min(height - 1, y0 + reach); y++)
        for (let x = Math.max(0, Math.floor(x0 - reach)); x <= Math.min(width - 1, x0 + reach); x++) {
            const at = y * width + x
            if (own[at] !== 1) continue
            const [dx, dy] = [x - x0, y - y0]
            const torn = radius < 3 ? 0 : 0.5 * (roughness(x, y, 0.5 * radius, of.seed + other) - 0.5)
            const away = Math.hypot((dx * cos + dy * sin) / long, -dx * sin + dy * cos) / radius + torn
            const share = 1 - smoothstep(1 - rim, 1, away)
            if (share > 0) take(at, share)
        }
}

/** The print of a fingertip in the middle of the zone: an oval of ridges. */
function print(of: Trouble, take: (at: number, share: number, isRidge: boolean) => void): void {
    const { width, height, own } = of.surface.relief
    let [sumX, sumY, count] = [0, 0, 0]
    for (let at = 0; at < own.length; at += 5)
        if (own[at] === 1) {
            sumX += at % width
            sumY += Math.floor(at / width)
            count++
        }
    const [cx, cy] = [sumX / Math.max(1, count), sumY / Math.max(1, count)]
    const bend = of.clouds(3, 60)
    // A fingertip is half as large as life where the zone is small.
    const tall = Math.min(8, (0.3 * height) / of.surface.relief.dots)
    of.each((at, x, y) => {
        const [dx, dy] = [(x - cx) / of.px(0.72 * tall), (y - cy) / of.px(tall)]
        const away = Math.hypot(dx, dy)
        if (away > 1) return
        const whorl = Math.hypot(dx * 1.1, dy + 0.3) * tall + 0.7 * (bend[at] as number)
        take(at, 1 - smoothstep(0.75, 1, away), Math.sin((whorl / 0.5) * 2 * Math.PI) > 0.1)
    })
}

/** The carrier film of a decal round the number. */
function film(of: Trouble, take: (at: number, isRim: boolean) => void): void {
    const { width, height, own } = of.surface.relief
    const board = boardFor(of.surface.relief, of.wish.figures)
    if (board === null) return
    const margin = 1.1 * board.cell
    const [left, top] = [board.left - margin, board.top - margin]
    const right = board.left + (of.wish.figures.length * (WIDE + BETWEEN) - BETWEEN) * board.cell + margin
    const bottom = board.top + HIGH * board.cell + margin
    for (let y = Math.max(0, Math.floor(top)); y <= Math.min(height - 1, bottom); y++)
        for (let x = Math.max(0, Math.floor(left)); x <= Math.min(width - 1, right); x++) {
            const at = y * width + x
            const inside = Math.min(x - left, right - x, y - top, bottom - y)
            if (own[at] === 1 && inside >= 0) take(at, inside < of.px(0.12))
        }
}
