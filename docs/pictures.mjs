// Takes every picture of docs/screenshots anew: from one demo state, in one language, at one size, so that all of them
// show the same program. Usage: bin/pictures [NAME ...]   (default: all of them)
import { createHash } from 'node:crypto'
import { readdirSync, readFileSync, statSync } from 'node:fs'
import { chromium } from '@playwright/test'

const [base, ...wanted] = process.argv.slice(2)
const FOLDER = 'docs/screenshots'
const DESK = { width: 1280, height: 800 }
const PHONE = { width: 390, height: 844 }

const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu'] })

async function signedIn(viewport, more = {}) {
    const context = await browser.newContext({
        viewport,
        baseURL: base,
        locale: 'en-GB',
        reducedMotion: 'reduce',
        ...more,
    })
    const page = await context.newPage()
    page.setDefaultTimeout(40_000)
    await page.goto('/sign-in')
    await page.getByRole('button', { name: 'Open the demo bench' }).click()
    await page.getByRole('region', { name: 'The next session' }).waitFor()
    return page
}

/** Nothing is on its way any more: requests, pictures of vehicles, fonts. */
async function atRest(page, hasViews) {
    await page.waitForLoadState('networkidle')
    // Pictures of vehicles come last of all.
    if (hasViews) await page.locator('[data-view] canvas[data-step]').first().waitFor()
    await page.waitForFunction(() =>
        [...document.querySelectorAll('[data-view]')]
            .filter((view) => view.getBoundingClientRect().width > 0)
            .every((view) => view.querySelector('canvas[data-step]') !== null),
    )
    await page.waitForTimeout(600)
}

const build = async (page, name) => {
    await page.goto('/')
    await page.getByRole('link', { name }).first().click()
    await page.getByRole('grid').waitFor()
}
const dialog = async (page, button) => {
    await page.getByRole('button', { name: button, exact: true }).first().click()
    await page.getByRole('dialog').waitFor()
}
const at = (path) => async (page) => void (await page.goto(path))

/** By the name of its file: how one gets there, and what else is special about it. */
const PICTURES = {
    bench: { go: at('/'), hasViews: true },
    plan: { go: (page) => build(page, /^Brae/), hasViews: true },
    'plan-dark': { go: (page) => build(page, /^Brae/), hasViews: true, context: { colorScheme: 'dark' } },
    vehicle: {
        go: async (page) => {
            await build(page, /^Ostrel/)
            await page.getByRole('button', { name: 'Enlarge it' }).click()
            await page.getByRole('slider', { name: 'Seen up to step' }).fill('99')
        },
    },
    zones: {
        go: async (page) => {
            await build(page, /^Ostrel/)
            await page.keyboard.press('z')
            await page.getByRole('dialog').waitFor()
        },
    },
    repair: {
        go: async (page) => {
            await build(page, /^Brae/)
            await page.keyboard.press('r')
            await page
                .getByRole('dialog')
                .getByRole('button', { name: /^Apply/ })
                .first()
                .waitFor()
        },
    },
    'close-up': {
        go: async (page) => {
            await build(page, /^Harnvik/)
            await page.locator('[data-cell$="/hull-sides"]').last().click()
            await page.getByRole('button', { name: 'See it from close' }).click()
            await page.locator('[role=dialog] canvas[data-drawn=fine]').waitFor()
        },
        hasViews: true,
    },
    draft: {
        go: async (page) => {
            await page.getByRole('link', { name: /^Pell/ }).first().click()
            await dialog(page, 'Draft a plan from its story')
            await page.getByRole('list', { name: 'The steps of the draft' }).waitFor()
        },
    },
    start: { go: async (page) => dialog(page, 'Start a build') },
    clock: { go: at('/clock') },
    sheet: { go: at('/sheet') },
    shelf: { go: at('/shelf') },
    supplies: { go: at('/supplies') },
    mix: { go: at('/mixes') },
    trials: { go: at('/trials') },
    diary: { go: at('/diary') },
    almanac: { go: at('/almanac') },
    work: {
        go: async (page) => {
            await page.goto('/work')
            await page.getByRole('button', { name: 'To the first step' }).click()
        },
        hasViews: true,
        viewport: { width: 1024, height: 768 },
        context: { hasTouch: true },
    },
    phone: { go: at('/'), viewport: PHONE, context: { hasTouch: true, isMobile: true } },
}

const missing = wanted.filter((name) => PICTURES[name] === undefined)
if (missing.length > 0) {
    console.error(`There is no picture “${missing.join('”, “')}”. There are: ${Object.keys(PICTURES).join(', ')}`)
    process.exit(2)
}
for (const [name, { go, hasViews = false, viewport = DESK, context = {} }] of Object.entries(PICTURES)) {
    if (wanted.length > 0 && !wanted.includes(name)) continue
    const page = await signedIn(viewport, context)
    try {
        await go(page)
        await atRest(page, hasViews)
        await page.screenshot({ path: `${FOLDER}/${name}.png`, animations: 'disabled', caret: 'hide' })
        console.log(`${name}: ${Math.round(statSync(`${FOLDER}/${name}.png`).size / 1024)} kB`)
    } catch (error) {
        console.error(`${name}: ${error.message.split('\n')[0]}`)
        process.exitCode = 1
    }
    await page.context().close()
}
await browser.close()

// Two pictures that are the same to the byte show that one of them was not taken.
const seen = new Map()
for (const file of readdirSync(FOLDER)) {
    const sum = createHash('sha256')
        .update(readFileSync(`${FOLDER}/${file}`))
        .digest('hex')
    if (seen.has(sum)) {
        console.error(`${file} is ${seen.get(sum)}, byte for byte.`)
        process.exitCode = 1
    }
    seen.set(sum, file)
}
