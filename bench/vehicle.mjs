// Times how a vehicle is painted: from a step of the slider until all four views show it.
// Usage: node bench/vehicle.mjs http://127.0.0.1:PORT     prints one JSON object
import { chromium } from '@playwright/test'

const [base] = process.argv.slice(2)
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu'] })
const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, baseURL: base })
const page = await context.newPage()
await page.goto('/sign-in')
await page.getByRole('button', { name: 'Open the demo bench' }).click()
const link = page.getByRole('link', { name: /^Ostrel/ }).first()
await link.waitFor()
await page.waitForLoadState('networkidle')

/** Milliseconds until all four views show a step, from when the page begins to wait for it. */
const shown = (step, act) =>
    page.evaluate(
        ([wanted, key]) =>
            new Promise((resolve) => {
                const from = performance.now()
                const slider = () => document.querySelector('input[type=range]')
                if (key !== null) {
                    const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set
                    set.call(slider(), String(wanted))
                    slider().dispatchEvent(new Event('input', { bubbles: true }))
                }
                const look = () => {
                    const canvases = [...document.querySelectorAll('figure canvas')]
                    const isThere =
                        canvases.length === 4 && canvases.every((canvas) => canvas.dataset.step === String(wanted))
                    if (isThere) resolve(performance.now() - from)
                    else requestAnimationFrame(look)
                }
                look()
            }),
        [step, act],
    )

const percentile = (times, share) => times.toSorted((a, b) => a - b)[Math.ceil(share * times.length) - 1]
/** There and back through the whole plan, after each step has been seen once, as by somebody who looks again. */
async function slide(last) {
    const first = await shown(last, 'slide')
    for (let step = last; step >= 0; step--) await shown(step, 'slide')
    const times = []
    for (let step = 1; step <= last; step++) times.push(await shown(step, 'slide'))
    for (let step = last - 1; step >= 0; step--) times.push(await shown(step, 'slide'))
    return { first, count: times.length, median: percentile(times, 0.5), p95: percentile(times, 0.95) }
}

const opened = performance.now()
await link.click()
await page.locator('figure canvas').nth(3).waitFor()
await shown(0, null)
const first = performance.now() - opened
const inkBytes = await page.evaluate(() =>
    [...document.querySelectorAll('figure svg > g:first-child path')].reduce(
        (sum, path) => sum + (path.getAttribute('d') ?? '').length,
        0,
    ),
)
const last = Number(await page.locator('input[type=range]').getAttribute('max'))
const strip = { ...(await slide(last)), first }
await page.keyboard.press('Shift+W')
const large = await slide(last)

// From close: opened from the core sample of the turret, then slid to the step before, and back.
await page.keyboard.press('Shift+W')
await page.locator('[data-cell$="/turret"]').last().click()
const look = page.getByRole('button', { name: 'See it from close' })
await look.waitFor()
await page.waitForLoadState('networkidle')
/** Milliseconds until a piece is drawn in coarse dots and in fine ones, from an act that asks for it. */
const drawn = (act) =>
    page.evaluate(
        (name) =>
            new Promise((resolve) => {
                const from = performance.now()
                const button = [...document.querySelectorAll('button')].find(
                    (one) => one.textContent?.trim() === name || one.ariaLabel === name,
                )
                document.querySelector('[role=dialog] canvas')?.setAttribute('data-drawn', 'before')
                button.click()
                let coarse = null
                const look = () => {
                    const canvas = document.querySelector('[role=dialog] canvas')
                    if (canvas !== null && canvas.width !== 300 && canvas.dataset.drawn === undefined)
                        coarse ??= performance.now() - from
                    if (canvas?.dataset.drawn === 'fine')
                        resolve({ coarse: coarse ?? performance.now() - from, fine: performance.now() - from })
                    else requestAnimationFrame(look)
                }
                look()
            }),
        act,
    )
const close = { cold: await drawn('See it from close'), first: await drawn('The step before') }
close.kept = await drawn('The next step')
await browser.close()
console.log(JSON.stringify({ inkBytes, strip, large, close }))
