// Draws what each finding with a picture looks like, on a step of a demo plan that suits it: docs/close-up-faults.jpg,
// and one picture a look for the almanac and the bench.
// Usage: node docs/faults.mjs      (needs what bin/start has installed, Chromium among it)
import { spawnSync } from 'node:child_process'
import { mkdirSync, mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { chromium } from '@playwright/test'

const TANK = 'database/demo/ostrel-tank.ulvrach.json'
const LORRY = 'database/demo/brae-lorry.ulvrach.json'
const [washed, lifted, lettered] = [
    [TANK, 'turret', 's11-enamel-wash'],
    [TANK, 'turret', 's05-lift-off'],
    [TANK, 'turret', 's09-decal'],
]
const sprayed = [LORRY, 'cab', 's06-spray-colour']
const dusted = [TANK, 'running-gear', 's20-dry-pigment']

/** By the rule whose picture it is: the plan, the zone and the step that it is shown on. */
const SHEET = {
    'carrier-attacks-film': washed,
    'wakes-layer-below': [TANK, 'turret', 's13-filter'],
    'hot-solvent-over-soft-film': sprayed,
    'carrier-attacks-bare-part': [LORRY, 'cab', 's01-prime'],
    'cold-acrylic': sprayed,
    'strangers-thinner': sprayed,
    'clean-up-does-nothing': washed,
    'lift-off-layer-over-weathering': lifted,
    'wash-on-matte': washed,
    'barrier-too-thin': washed,
    'mask-on-soft-paint': [LORRY, 'cab', 's07-unmask'],
    'mask-left-on': [LORRY, 'cab', 's07-unmask'],
    'no-longer-merges': washed,
    'lift-off-window-missed': lifted,
    'lifted-chips-unsealed': lifted,
    'cleaned-outside-window': washed,
    'damp-air': sprayed,
    'spray-dries-in-the-air': sprayed,
    'oil-not-drained': [TANK, 'turret', 's14-clear-coat'],
    'abraded-to-plastic': lifted,
    'enamel-on-vinyl': sprayed,
    'rust-on-what-cannot-rust': [LORRY, 'canvas', 's12-enamel-wash'],
    'marks-out-of-scale': [TANK, 'turret', 's15-sponge-chips'],
    'painted-before-it-is-bent': [TANK, 'tracks', 's17-rust-wash'],
    'decal-on-matte': lettered,
    'markings-stained': [TANK, 'turret', 's13-filter'],
    'metal-under-matte-coat': [TANK, 'tracks', 's19-final-coat'],
    'wash-over-metal': washed,
    'metal-over-wash': [TANK, 'tracks', 'track-polish-1'],
    'glue-on-matte': [TANK, 'turret', 's19-final-coat'],
    'streak-without-source': [TANK, 'rear-plate', 's18-grime-streak'],
    'filter-on-gloss': [LORRY, 'cab', 's14-filter'],
    'pigment-on-gloss': dusted,
    'dust-under-varnish': dusted,
    'pigment-into-wet-mud': dusted,
    'pigment-left-loose': dusted,
    'tint-floods': [LORRY, 'cab', 's14-filter'],
    'spirit-floods-glued-links': [TANK, 'tracks', 's17-rust-wash'],
}

const PICTURES = 'resources/js/features/closeup/faults'

/** The code of the look of a rule. */
function asked(plan, zone, step, rule) {
    const said = spawnSync('bin/ulvrach', ['plan:piece', plan, zone, step, `--finding=${rule}`], {
        encoding: 'utf8',
        maxBuffer: 64_000_000,
    })
    return JSON.parse(said.stdout).piece.fault.look
}

const folder = mkdtempSync(join(tmpdir(), 'faults-'))
const pictures = Object.entries(SHEET).map(([rule, [plan, zone, step]]) => {
    const file = join(folder, `${rule}.png`)
    const said = spawnSync('bin/close-up', [plan, zone, step, file, '--finding', rule, '--width', '420'], {
        encoding: 'utf8',
    })
    if (said.status !== 0) throw new Error(`${rule}: ${said.stdout}${said.stderr}`)
    console.log(rule)
    const [, says] = said.stdout.split('Where it goes wrong, ')
    const look = asked(plan, zone, step, rule)
    return { rule, look, says, image: `data:image/png;base64,${readFileSync(file).toString('base64')}` }
})
rmSync(folder, { recursive: true })

const figures = pictures.map(
    ({ rule, says, image }) =>
        `<figure><img src="${image}"><figcaption><b>${rule}</b><br>${says}</figcaption></figure>`,
)
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu'] })
const page = await browser.newPage({ viewport: { width: 1290, height: 800 } })
await page.setContent(`<!doctype html><style>
    body { margin: 0; padding: 10px; display: grid; grid-template-columns: repeat(5, 1fr); gap: 10px; background: #fff;
        font: 12px/1.35 sans-serif; color: #222 }
    figure { margin: 0 } img { width: 100%; display: block; border-radius: 3px }
    figcaption { padding: 3px 0 4px }
</style>${figures.join('')}`)
await page.screenshot({ path: 'docs/close-up-faults.jpg', type: 'jpeg', quality: 82, fullPage: true })
mkdirSync(PICTURES, { recursive: true })
await page.setViewportSize({ width: 420, height: 280 })
for (const { look, image } of pictures) {
    await page.setContent(`<style>body { margin: 0 } img { display: block }</style><img src="${image}">`)
    await page.locator('img').screenshot({ path: join(PICTURES, `${look}.jpg`), type: 'jpeg', quality: 78 })
}
await browser.close()
