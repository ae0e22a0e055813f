import type { View } from '@/vehicle/model'

/** Millimetres that each view takes. */
export type Sizes = Record<View, { width: number; height: number }>
export type Placed = { view: View; left: number; top: number; width: number; height: number }
export type Arrangement = { scale: number; views: Placed[] }

/** Pixels between views. */
const GAP = 22
/** Pixels per millimetre below which fewer views are better than small ones. */
const LEGIBLE = 0.032

const ROWS: readonly (readonly (readonly View[])[])[] = [
    [['left', 'front', 'rear', 'top']],
    [
        ['left', 'front'],
        ['top', 'rear'],
    ],
    [['left', 'top']],
    [['left']],
]

/** Lays the views into a place as large as they go; all four if they are legible then, else the most important. */
export function arrange(sizes: Sizes, width: number, height: number): Arrangement {
    const [all, two, fewer, one] = ROWS.map((rows) => ({ rows, scale: scaleOf(rows, sizes, width, height) }))
    const four = (all?.scale ?? 0) >= (two?.scale ?? 0) ? all : two
    const chosen = [four, fewer, one].find((candidate) => (candidate?.scale ?? 0) >= LEGIBLE) ?? one
    return place(chosen?.rows ?? [['left']], sizes, Math.max(0.005, chosen?.scale ?? 0), width, height)
}

const widest = (rows: readonly (readonly View[])[], sizes: Sizes): number[] =>
    (rows[0] ?? []).map((_, column) => Math.max(...rows.map((row) => sizes[row[column] ?? 'left'].width)))

const tallest = (row: readonly View[], sizes: Sizes): number => Math.max(...row.map((view) => sizes[view].height))

function scaleOf(rows: readonly (readonly View[])[], sizes: Sizes, width: number, height: number): number {
    const columns = widest(rows, sizes)
    const across = (width - GAP * (columns.length + 1)) / columns.reduce((sum, one) => sum + one, 0)
    const down = (height - GAP * (rows.length + 1)) / rows.reduce((sum, row) => sum + tallest(row, sizes), 0)
    return Math.min(across, down)
}

function place(
    rows: readonly (readonly View[])[],
    sizes: Sizes,
    scale: number,
    width: number,
    height: number,
): Arrangement {
    const columns = widest(rows, sizes)
    const used = columns.reduce((sum, one) => sum + one * scale, 0)
    const across = (width - used) / (columns.length + 1)
    const deep = rows.reduce((sum, row) => sum + tallest(row, sizes) * scale, 0)
    const down = (height - deep) / (rows.length + 1)
    const views: Placed[] = []
    let top = down
    for (const row of rows) {
        let left = across
        for (const [column, view] of row.entries()) {
            const size = { width: sizes[view].width * scale, height: sizes[view].height * scale }
            const room = (columns[column] ?? 0) * scale
            // Side views stand on one ground; the view from above lies in the middle of its row.
            const drop = tallest(row, sizes) * scale - size.height
            views.push({
                view,
                left: left + (room - size.width) / 2,
                top: top + (view === 'top' ? drop / 2 : drop),
                ...size,
            })
            left += room + across
        }
        top += tallest(row, sizes) * scale + down
    }
    return { scale, views }
}
