type Point = readonly [x: number, y: number]

/** The number of what belongs to no zone. */
export const NONE = 255

/** Pixels that a border must enclose to be drawn: less is a speck that nobody can touch. */
const SPECK = 5
/** Pixels by which a border may be straightened. */
const STRAIGHT = 0.75

/** The border of each zone of a view as path data in pixels, by the number of the zone; one number a pixel. */
export function outlinesOf(numbers: Uint8Array, width: number, height: number): Map<number, string> {
    const paths = new Map<number, string>()
    for (const [zone, edges] of edgesOf(numbers, width, height)) {
        const loops = loopsOf(edges, width + 1).filter((loop) => Math.abs(areaOf(loop)) >= SPECK)
        if (loops.length > 0) paths.set(zone, loops.map(written).join(''))
    }
    return paths
}

/** From which corner of the grid to which a border runs; corners are counted in rows of one more than the width. */
type Edges = Map<number, number[]>

/** Clockwise round each pixel, wherever its neighbour is another: the zone lies to the right of its border. */
function edgesOf(numbers: Uint8Array, width: number, height: number): Map<number, Edges> {
    const zoneAt = (x: number, y: number) =>
        x < 0 || y < 0 || x >= width || y >= height ? NONE : (numbers[y * width + x] ?? NONE)
    const row = width + 1
    const byZone = new Map<number, Edges>()
    for (let y = 0; y < height; y++)
        for (let x = 0; x < width; x++) {
            const zone = zoneAt(x, y)
            if (zone === NONE) continue
            let edges = byZone.get(zone)
            if (edges === undefined) {
                edges = new Map()
                byZone.set(zone, edges)
            }
            // Inside a zone no border runs, and most pixels are inside.
            const pixel = y * width + x
            const isInside =
                x > 0 &&
                y > 0 &&
                x < width - 1 &&
                y < height - 1 &&
                numbers[pixel - 1] === zone &&
                numbers[pixel + 1] === zone &&
                numbers[pixel - width] === zone &&
                numbers[pixel + width] === zone
            if (isInside) continue
            const corner = y * row + x
            if (zoneAt(x, y - 1) !== zone) keep(edges, corner, corner + 1)
            if (zoneAt(x + 1, y) !== zone) keep(edges, corner + 1, corner + row + 1)
            if (zoneAt(x, y + 1) !== zone) keep(edges, corner + row + 1, corner + row)
            if (zoneAt(x - 1, y) !== zone) keep(edges, corner + row, corner)
        }
    return byZone
}

function keep(edges: Edges, from: number, to: number): void {
    const ends = edges.get(from)
    if (ends === undefined) edges.set(from, [to])
    else ends.push(to)
}

/** Follows the edges until each has been walked once. */
function loopsOf(edges: Edges, row: number): Point[][] {
    const loops: Point[][] = []
    for (const [start, ends] of edges)
        while (ends.length > 0) {
            const loop: Point[] = []
            let from = start
            let to = ends.pop()
            while (to !== undefined) {
                loop.push([from % row, Math.floor(from / row)])
                if (to === start) break
                const onward: number[] = edges.get(to) ?? []
                // Where two corners of a zone touch, the border bends to the right, so that each goes round by itself.
                const right = onward.indexOf(turnedRight(to - from, row) + to)
                from = to
                to = onward.splice(Math.max(right, 0), 1)[0]
            }
            loops.push(loop)
        }
    return loops
}

function turnedRight(by: number, row: number): number {
    if (by === 1) return row
    if (by === row) return -1
    return by === -1 ? -row : 1
}

function areaOf(loop: readonly Point[]): number {
    let area = 0
    let [x, y] = loop[loop.length - 1] ?? [0, 0]
    for (const [nextX, nextY] of loop) {
        area += x * nextY - nextX * y
        x = nextX
        y = nextY
    }
    return area / 2
}

function written(loop: readonly Point[]): string {
    // A loop has no ends to hold on to: it is straightened in two halves.
    const half = Math.floor(loop.length / 2)
    const start = loop[0] ?? [0, 0]
    const points = [
        ...straightened(loop.slice(0, half + 1)).slice(0, -1),
        ...straightened([...loop.slice(half), start]),
    ]
    return `M${points
        .slice(0, -1)
        .map(([x, y]) => `${x} ${y}`)
        .join('L')}Z`
}

/** The fewest of these points from which none lies farther off than is allowed (Ramer, Douglas and Peucker). */
function straightened(points: readonly Point[]): Point[] {
    const first = points[0]
    const last = points[points.length - 1]
    if (first === undefined || last === undefined) return []
    const kept = new Uint8Array(points.length)
    kept[0] = 1
    kept[points.length - 1] = 1
    const open: [number, number][] = [[0, points.length - 1]]
    for (let span = open.pop(); span !== undefined; span = open.pop()) {
        const [from, to] = span
        const [farthest, distance] = farthestOf(points, from, to)
        if (distance <= STRAIGHT) continue
        kept[farthest] = 1
        open.push([from, farthest], [farthest, to])
    }
    return points.filter((_, place) => kept[place] === 1)
}

function farthestOf(points: readonly Point[], from: number, to: number): [place: number, distance: number] {
    const [x0, y0] = points[from] ?? [0, 0]
    const [x1, y1] = points[to] ?? [0, 0]
    const length = Math.hypot(x1 - x0, y1 - y0)
    let farthest = from
    let distance = 0
    for (let place = from + 1; place < to; place++) {
        const [x, y] = points[place] ?? [0, 0]
        const off =
            length === 0 ? Math.hypot(x - x0, y - y0) : Math.abs((x1 - x0) * (y0 - y) - (x0 - x) * (y1 - y0)) / length
        if (off > distance) {
            distance = off
            farthest = place
        }
    }
    return [farthest, distance]
}
