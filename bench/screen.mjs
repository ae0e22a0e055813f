// Times what a modeller waits for: from a key or a pointer's move until the picture with the changed verdicts is out.
// Usage: node bench/screen.mjs http://127.0.0.1:PORT     prints one JSON object
import { chromium } from '@playwright/test'

const [base] = process.argv.slice(2)
const RUNS = 40
/** Long enough for everything that a change sets off to be over before the next. */
const PAUSE = 500

const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu'] })
// Elements can only be marked where styles are not held to the page's own. As high as twelve rows below the vehicle.
const context = await browser.newContext({ viewport: { width: 1280, height: 1040 }, baseURL: base, bypassCSP: true })
const page = await context.newPage()
await page.goto('/sign-in')
await page.getByRole('button', { name: 'Open the demo bench' }).click()
await page.getByRole('link', { name: /^Brae/ }).first().click()
await page.getByRole('grid').waitFor()
await page.waitForLoadState('networkidle')

await page.evaluate(() => {
    const times = []
    const began = new Map()
    let from = null
    window.timed = times
    for (const event of ['keydown', 'pointermove'])
        addEventListener(
            event,
            ({ key, timeStamp }) => {
                // Held before the key that counts.
                if (key !== 'Control' && key !== 'Shift') from = timeStamp
            },
            { capture: true },
        )
    // The browser says of a marked element when the first picture with it was out.
    new PerformanceObserver((list) => {
        for (const { identifier, renderTime } of list.getEntries()) times.push(renderTime - began.get(identifier))
    }).observe({ type: 'element' })
    new MutationObserver(() => {
        if (from === null) return
        const mark = document.createElement('p')
        mark.setAttribute('elementtiming', `mark-${began.size}`)
        mark.textContent = '.'
        mark.style.cssText = 'position: fixed; inset: 0 auto auto 0; width: 8px; height: 8px; contain: strict'
        began.set(`mark-${began.size}`, from)
        from = null
        document.querySelector('[elementtiming]')?.remove()
        document.body.append(mark)
        // The verdicts, the numbers and the times of the steps change together.
    }).observe(document.querySelector('[role=grid]'), { subtree: true, characterData: true, childList: true })
})
const taken = () => page.evaluate(() => window.timed.splice(0))

await page.keyboard.press('r')
const repair = page.getByRole('dialog')
await repair.getByRole('button', { name: 'Apply up to here' }).first().click()
await repair.getByRole('button', { name: 'Apply the first one' }).click()
await repair.waitFor({ state: 'hidden' })
await page.waitForTimeout(2 * PAUSE)
await taken()
for (let run = 0; run < RUNS; run++) {
    await page.keyboard.press(run % 2 === 0 ? 'Control+z' : 'Control+Shift+z')
    await page.waitForTimeout(PAUSE)
}
const undone = await taken()
await page.keyboard.press('Control+z')
await page.waitForTimeout(PAUSE)
await page.locator('[role=grid] [data-cell][tabindex="0"]').focus()
await taken()
// The step is put on a zone and taken off it: what that comes to only the server knows, each time anew.
for (let run = 0; run < RUNS; run++) {
    await page.keyboard.press('Space')
    await page.waitForTimeout(PAUSE)
}
const edits = await taken()

const middle = async (step) => {
    const box = await page.getByRole('button', { name: `Drag step ${step}`, exact: true }).boundingBox()
    return [box.x + box.width / 2, box.y + box.height / 2]
}
/** Takes up a step and carries it to one place after the other, a rest at each; every place is new to the page. */
async function carry(step, places) {
    const rows = []
    for (let row = 1; row <= SHOWN; row++) rows.push(await middle(row))
    const [x, y] = rows[step - 1]
    await page.mouse.move(x, y)
    await page.mouse.down()
    await page.mouse.move(x, y - 8)
    await page.waitForTimeout(PAUSE)
    await taken()
    for (const place of places) {
        await page.mouse.move(...rows[place - 1])
        await page.waitForTimeout(PAUSE)
    }
    const times = await taken()
    await page.keyboard.press('Escape')
    await page.mouse.up()
    await page.waitForTimeout(PAUSE)
    return times
}

/** Steps that are on screen without scrolling. */
const SHOWN = 12
const drags = []
for (const step of [2, 3, 4, 5, 6])
    drags.push(
        ...(await carry(
            step,
            Array.from({ length: SHOWN - step }, (_, count) => step + count + 1),
        )),
    )
// Too far off to have been asked for while the step rested where it was taken up.
const leaps = []
for (let step = 1; step <= SHOWN; step++) leaps.push(...(await carry(step, [step <= SHOWN / 2 ? step + 5 : step - 5])))
await browser.close()

const percentile = (times, share) => times.toSorted((a, b) => a - b)[Math.ceil(share * times.length) - 1]
const figures = (times) => ({ count: times.length, median: percentile(times, 0.5), p95: percentile(times, 0.95) })
console.log(
    JSON.stringify({ edits: figures(edits), undone: figures(undone), drags: figures(drags), leaps: figures(leaps) }),
)
