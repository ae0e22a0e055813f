// Draws a close-up without a browser: bin/close-up says how it is used. The same code as in the page, read by Vite.
import { spawnSync } from 'node:child_process'
import { writeFileSync } from 'node:fs'
import { parseArgs } from 'node:util'
import { PNG } from 'pngjs'
import { createServer } from 'vite'

const USUAL = { width: 960, seed: 7, light: -40 }
const LEAST = 96
const GREATEST = 2400

function refuse(message) {
    process.stderr.write(`${message}\n`)
    process.exit(2)
}

function read() {
    try {
        return parseArgs({
            allowPositionals: true,
            options: {
                finding: { type: 'string' },
                wet: { type: 'boolean', default: false },
                seed: { type: 'string' },
                light: { type: 'string' },
                width: { type: 'string' },
            },
        })
    } catch (error) {
        return refuse(error.message)
    }
}

function whole(values, name, from, to) {
    const said = values[name]
    const number = said === undefined ? USUAL[name] : Number(said)
    return Number.isInteger(number) && number >= from && number <= to
        ? number
        : refuse(`--${name} is a whole number from ${from} to ${to}.`)
}

const { values, positionals } = read()
const [plan, zone, step, out] = positionals
const OPTIONS = '[--finding CODE] [--wet] [--seed N] [--light DEGREES] [--width PIXELS]'
if (out === undefined || positionals.length > 4) refuse(`Usage: bin/close-up PLAN ZONE STEP OUT.png ${OPTIONS}`)
const width = whole(values, 'width', LEAST, GREATEST)
const wish = {
    width,
    height: Math.round((2 * width) / 3),
    seed: whole(values, 'seed', 0, 1_000_000),
    light: whole(values, 'light', -180, 180),
    isWet: values.wet,
    figures: '47',
}

const finding = values.finding === undefined ? [] : [`--finding=${values.finding}`]
const asked = spawnSync('bin/ulvrach', ['plan:piece', ...finding, '--', plan, zone, step], {
    encoding: 'utf8',
    maxBuffer: 64_000_000,
})
if (asked.status !== 0) refuse(`${asked.stdout}${asked.stderr}`.trim())
const { piece, vehicle } = JSON.parse(asked.stdout)

const server = await createServer({
    configFile: false,
    server: { middlewareMode: true, hmr: false, ws: false, watch: null },
    appType: 'custom',
    logLevel: 'error',
    optimizeDeps: { noDiscovery: true },
})
const { CloseUp } = await server.ssrLoadModule('/resources/js/closeup/closeup.ts')
const { unpack } = await server.ssrLoadModule('/resources/js/vehicle/unpack.ts')
const picture = new CloseUp(unpack(vehicle)).draw(piece, wish)
await server.close()

const png = new PNG({ width: picture.width, height: picture.height })
png.data = Buffer.from(picture.pixels.buffer)
try {
    writeFileSync(out, PNG.sync.write(png))
} catch (error) {
    refuse(`The picture could not be written: ${error.message}`)
}
process.stdout.write(`${piece.says}\n`)
