// Times what a modeller waits for: from a key or a pointer's move until the changed verdicts stand on the screen.
// Usage: node bench/screen.mjs http://127.0.0.1:PORT     prints one JSON object
import { chromium } from '@playwright/test'

const [base] = process.argv.slice(2)
const RUNS = 40
/** Long enough for everything that a change sets off to be over before the next. */
const PAUSE = 500

const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu'] })
const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 }, baseURL: base })).newPage()
await page.goto('/sign-in')
await page.getByRole('button', { name: 'Open the demo bench' }).click()
await page.getByRole('link', { name: /Brae/ }).first().click()
await page.getByRole('grid').waitFor()
await page.waitForLoadState('networkidle')

await page.evaluate(() => {
    const line = document.querySelector('[aria-live=polite]')
    const times = []
    let from = null
    let before = ''
    window.timed = times
    for (const event of ['keydown', 'pointermove'])
        addEventListener(
            event,
            ({ timeStamp }) => {
                from = timeStamp
                before = line.textContent
            },
            { capture: true },
        )
    new MutationObserver(() => {
        if (from === null || line.textContent === before) return
        const began = from
        from = null
        // A message posted within a frame arrives once that frame is drawn.
        requestAnimationFrame(() => {
            const { port1, port2 } = new MessageChannel()
            port1.onmessage = () => times.push(performance.now() - began)
            port2.postMessage(null)
        })
    }).observe(line, { subtree: true, characterData: true, childList: true })
})
const taken = () => page.evaluate(() => window.timed.splice(0))

await page.keyboard.press('r')
const repair = page.getByRole('dialog')
await repair.getByRole('button', { name: 'Up to here' }).first().click()
await repair.getByRole('button', { name: 'Take the first one' }).click()
await repair.waitFor({ state: 'hidden' })
await page.waitForTimeout(2 * PAUSE)
await taken()
for (let run = 0; run < RUNS; run++) {
    await page.keyboard.press(run % 2 === 0 ? 'Control+z' : 'Control+Shift+z')
    await page.waitForTimeout(PAUSE)
}
const keys = await taken()
await page.keyboard.press('Control+z')
await page.waitForTimeout(PAUSE)

const grip = (step) => page.getByRole('button', { name: `Drag step ${step}`, exact: true })
const middle = async (step) => {
    const box = await grip(step).boundingBox()
    return [box.x + box.width / 2, box.y + box.height / 2]
}
const [here, there] = [await middle(3), await middle(2)]
await page.mouse.move(...here)
await page.mouse.down()
await page.mouse.move(here[0], here[1] - 8)
await page.waitForTimeout(PAUSE)
await taken()
for (let run = 0; run < RUNS; run++) {
    await page.mouse.move(...(run % 2 === 0 ? there : here))
    await page.waitForTimeout(PAUSE)
}
const drags = await taken()
await page.keyboard.press('Escape')
await page.mouse.up()
await browser.close()

const percentile = (times, share) => times.toSorted((a, b) => a - b)[Math.ceil(share * times.length) - 1]
const figures = (times) => ({ count: times.length, median: percentile(times, 0.5), p95: percentile(times, 0.95) })
console.log(JSON.stringify({ keys: figures(keys), drags: figures(drags) }))
