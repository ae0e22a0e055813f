// Prints what was measured beside its aim and beside what was kept, and marks what fell by more than a fifth.
// Usage: node bench/print.mjs FOLDER GROUP…      with GROUP.json and GROUP.loop (milliseconds) in the folder
// With KEEP=1 the figures are kept in bench/kept.json, for later ones to be held against.
import { readFileSync, writeFileSync } from 'node:fs'

const [folder, ...groups] = process.argv.slice(2)
const KEPT = 'bench/kept.json'
const kept = JSON.parse(readFileSync(KEPT, 'utf8'))

/** Name, the measured value, its unit, and the aim on a machine of this kind when it is idle; null: none is set. */
const FIGURES = {
    core: ({ check, edit, finish, forecast, solving, growth, roundTrip, build, measure, shapeBytes }) => [
        ['check of 60 steps on 20 zones, median of 50', check.median, 'ms', 5],
        ['an edit of a late one of them, the rest taken over', edit.median, 'ms', 2],
        ['what 60 steps leave to be seen, median of 50', finish.median, 'ms', null],
        ['the colours of 60 steps on 20 zones, median of 50', forecast.median, 'ms', 10],
        ['the closest mix of 120 paints, median of 40', solving.median, 'ms', 120],
        ['the closest mix of 120 paints, the slowest', solving.worst, 'ms', 300],
        ...[20, 40, 80, 160].map((steps, place) => [`the colours of ${steps} steps`, growth.steps[place], 'ms', null]),
        ...[30, 60, 120, 240].map((paints, place) => [
            `the closest mix of ${paints} paints`,
            growth.paints[place],
            'ms',
            null,
        ]),
        ['CIEDE2000 lost from a colour to bands and back, worst of 500', roundTrip, '', null],
        ['a medium tank built, median of 10', build.median, 'ms', 60],
        ['a medium tank measured, median of 3', measure.median, 'ms', 500],
        ['the shape of a tank as it is sent, gzip', shapeBytes.gzip / 1000, 'kB', 95],
    ],
    schedule: ({ count, proven, median, worst, gaps, benches, first, generated }) => [
        [`${count} solved problems of 8 to 14 steps, not proven`, count - proven, '', 0],
        ['their median', 1000 * median, 'ms', 300],
        ['their worst', 1000 * worst, 'ms', 3000],
        ['50 steps, 6 builds, above best known, 2 seeds, 1 s', gaps['1'], '%', null],
        ['50 steps, 6 builds, the same, 10 s', gaps['10'], '%', 1.5],
        ...Object.entries(benches).flatMap(([pieces, over]) => [
            [`about ${pieces} pieces of work, 2 benches, above best known, 1 s`, over['1'], '%', null],
            [`about ${pieces} pieces of work, the same, 10 s`, over['10'], '%', 2],
        ]),
        ...Object.entries(first).map(([pieces, seconds]) => [
            `about ${pieces} pieces of work, first answer`,
            1000 * seconds,
            'ms',
            pieces === '200' ? 1000 : 2000,
        ]),
        [`${generated.count} generated problems, 2 s each, not proven`, generated.count - generated.proven, '', null],
        ['their median above the lower bound', generated.aboveBound, '%', null],
    ],
    http: ({ alone, edited, together, throughput }) => [
        ['check of a plan that stays, 1 user, median', alone.median, 'ms', 15],
        ['check of a plan that stays, 1 user, 95th percentile', alone.p95, 'ms', null],
        ['an edit and its verdict, 1 user, median', edited.median, 'ms', 40],
        ['an edit and its verdict, 1 user, 95th percentile', edited.p95, 'ms', null],
        ['check, 20 users once a second, median', together.median, 'ms', null],
        ['check, 20 users once a second, 95th percentile', together.p95, 'ms', 40],
        ['check, one of as many a second as there can be', 1000 / throughput.check, 'ms', null],
        ['bare route of the framework, the same', 1000 / throughput.bare, 'ms', null],
    ],
    vehicle: ({ inkBytes, strip, large, close }) => [
        ['its ink, all four views', inkBytes / 1000, 'kB', null],
        ['opened to all four views painted, above the board', strip.first, 'ms', 300],
        [`slid by one step to all four painted, median of ${strip.count}`, strip.median, 'ms', 50],
        ['slid by one step, 95th percentile', strip.p95, 'ms', 100],
        ['enlarged to all four views painted', large.first, 'ms', 300],
        [`enlarged, slid by one step, median of ${large.count}`, large.median, 'ms', 50],
        ['enlarged, slid by one step, 95th percentile', large.p95, 'ms', 100],
        ['from close: opened to the coarse picture', close.cold.coarse, 'ms', 150],
        ['from close: opened to the fine picture', close.cold.fine, 'ms', 1500],
        ['from close: another step, coarse', close.kept.coarse, 'ms', 200],
        ['from close: another step, fine', close.kept.fine, 'ms', 600],
    ],
    screen: ({ edits, undone, drags, leaps, script }) => [
        [`edit by key to the picture of its verdicts, median of ${edits.count}`, edits.median, 'ms', 60],
        ['edit by key, 95th percentile', edits.p95, 'ms', 100],
        [`undo and redo to the picture, median of ${undone.count}`, undone.median, 'ms', 60],
        ['undo and redo, 95th percentile', undone.p95, 'ms', 100],
        [`drag to the picture, median of ${drags.count}`, drags.median, 'ms', 60],
        ['drag, 95th percentile', drags.p95, 'ms', 100],
        [`drag in a leap of five steps, median of ${leaps.count}`, leaps.median, 'ms', 60],
        ['drag in a leap, 95th percentile', leaps.p95, 'ms', 100],
        ['script for the plan screen, gzip', script / 1000, 'kB', 200],
    ],
}

const shown = (value, unit) => `${value.toFixed(value < 10 && unit !== 'kB' ? 1 : 0)}${unit === '' ? '' : ` ${unit}`}`
const row = (...cells) =>
    console.log(cells.map((cell, place) => (place === 0 ? cell.padEnd(72) : cell.padStart(11))).join(''))
const now = {}
let fell = 0
row('figure', 'measured', 'aim', 'of the loop', 'since kept')
for (const group of groups) {
    const loop = Number(readFileSync(`${folder}/${group}.loop`, 'utf8'))
    now[group] = { loop, figures: {} }
    row(`${group}: the fixed loop meanwhile`, `${loop.toFixed(1)} ms`)
    for (const [name, value, unit, aim] of FIGURES[group](
        JSON.parse(readFileSync(`${folder}/${group}.json`, 'utf8')),
    )) {
        // Times are compared by the loop of their own run: machines here run at one of two speeds.
        const times = unit === 'ms' ? value / loop : value
        now[group].figures[name] = times
        const before = kept[group]?.figures[name]
        const change = before === undefined || before === 0 ? null : times / before
        fell += change !== null && change > 1.2 ? 1 : 0
        row(
            `${group}: ${name}`,
            shown(value, unit),
            aim === null ? '' : shown(aim, unit),
            unit === 'ms' ? times.toFixed(2) : '',
            change === null ? '' : `${change > 1.2 ? ' SLOWER ' : ''}× ${change.toFixed(2)}`,
        )
    }
}
if (fell > 0) console.log(`${fell} fell by more than a fifth since they were kept. On a busy machine that says little.`)
if (process.env.KEEP === '1') {
    writeFileSync(KEPT, `${JSON.stringify({ ...kept, ...now }, null, 4)}\n`)
    console.log(`Kept in ${KEPT}.`)
}
