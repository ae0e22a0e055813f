import type { Standing } from './api'

/** What a jar is there for, in the order in which it is taken up. */
export const ROLE: Record<Standing['isFor'], string> = {
    primer: 'primer',
    paint: 'paint',
    metal: 'metal',
    clear: 'clear coat',
    wash: 'wash or filter',
    oil: 'oil',
    pigment: 'pigment',
    mud: 'mud',
    chipping: 'chipping',
    marking: 'marking',
    aid: 'aid',
}

export const VIEWS = ['all', 'off', 'low', 'unused', 'withdrawn', 'twice'] as const
export type View = (typeof VIEWS)[number]

export const VIEW_NAME: Record<View, string> = {
    all: 'all jars',
    off: 'gone off or going',
    low: 'running low',
    unused: 'used in no build',
    withdrawn: 'no longer sold',
    twice: 'perhaps there twice',
}

/** Millilitres below which a jar is running low: about what one hull takes. */
const LOW = 4
/** Days ahead for which it is told that a jar goes off. */
const SOON = 30
const DAY = 86_400_000

export const isGoing = (one: Standing, now: Date): boolean =>
    one.goesOffOn !== null && new Date(one.goesOffOn).getTime() - now.getTime() < SOON * DAY

/** Words of a name in any order and writing, numbers and marks left out. */
const wordsOf = (name: string): string =>
    name
        .toLowerCase()
        .split(/[^\p{L}\p{N}]+/u)
        .filter((word) => word !== '')
        .toSorted()
        .join(' ')

/** The same name in another writing, or the same colour of the same family. */
export const isSameJar = (one: Standing, other: Standing): boolean =>
    one.jar.family === other.jar.family &&
    (wordsOf(one.jar.name) === wordsOf(other.jar.name) ||
        (one.jar.colour !== null && one.jar.colour === other.jar.colour && one.jar.sheen === other.jar.sheen))

const fits: Record<View, (one: Standing, now: Date, jars: readonly Standing[]) => boolean> = {
    all: () => true,
    off: isGoing,
    low: (one) => one.leftMl !== null && one.leftMl < LOW,
    unused: (one) => one.usedIn.length === 0,
    withdrawn: (one) => one.isWithdrawn,
    twice: (one, _, jars) => jars.some((other) => other !== one && isSameJar(one, other)),
}

export const ORDERS = ['name', 'colour', 'left', 'opened'] as const
export type Order = (typeof ORDERS)[number]
export const ORDER_NAME: Record<Order, string> = {
    name: 'by name',
    colour: 'by colour',
    left: 'by what is left',
    opened: 'longest open first',
}

/** Greys first, from dark to light, then round the hues: colours that may be taken for each other stand together. */
function placeOf(hex: string | null): number {
    if (hex === null) return Number.POSITIVE_INFINITY
    const [r = 0, g = 0, b = 0] = [1, 3, 5].map((at) => Number.parseInt(hex.slice(at, at + 2), 16) / 255)
    const most = Math.max(r, g, b)
    const spread = most - Math.min(r, g, b)
    if (spread < 0.08) return most
    const sixth = most === r ? ((g - b) / spread + 6) % 6 : most === g ? (b - r) / spread + 2 : (r - g) / spread + 4
    return 2 + 10 * Math.floor(sixth * 3) + most
}

const compare: Record<Order, (one: Standing, other: Standing) => number> = {
    name: () => 0,
    colour: (one, other) => placeOf(one.jar.colour) - placeOf(other.jar.colour),
    left: (one, other) => (one.leftMl ?? 1e9) - (other.leftMl ?? 1e9),
    opened: (one, other) => (one.openedOn ?? '9999').localeCompare(other.openedOn ?? '9999'),
}

/** Those that are asked for; equal ones stay in the order of their names, in which the server sends them. */
export function shown(
    jars: readonly Standing[],
    wish: { find: string; family: string; role: string; view: View; order: Order },
    now = new Date(),
): Standing[] {
    const words = wish.find.trim().toLowerCase().split(/\s+/)
    return jars
        .filter((one) => words.every((word) => `${one.jar.name} ${one.note}`.toLowerCase().includes(word)))
        .filter((one) => wish.family === '' || one.jar.family === wish.family)
        .filter((one) => wish.role === '' || one.isFor === wish.role)
        .filter((one) => fits[wish.view](one, now, jars))
        .toSorted(compare[wish.order])
}
