import { readFile } from 'node:fs/promises'
import type { Locator, Page } from '@playwright/test'
import { allIsSaved, copyOfDemo, expect, openDemo, scan, startBuild, test } from './kit'

const vehicle = (page: Page) => page.getByRole('region', { name: 'The vehicle' })
const view = (page: Page, name: string) => vehicle(page).getByRole('group', { name: `The ${name}` })

async function openTank(page: Page): Promise<void> {
    await openDemo(page)
    await page.getByRole('link', { name: /^Ostrel/ }).click()
    for (const name of ['left side', 'front', 'rear', 'top']) await expect(view(page, name)).toBeVisible()
}

/** The colour in the middle of a zone of the left view, as it is painted. */
async function colourOf(page: Page, zone: string): Promise<string> {
    return vehicle(page)
        .locator('[data-view=left]')
        .evaluate((figure, id) => {
            const canvas = figure.querySelector('canvas')
            const region = figure.querySelector<SVGPathElement>(`[data-zone="${id}"]`)
            if (canvas === null || region === null) return 'nothing'
            const box = region.getBoundingClientRect()
            const whole = canvas.getBoundingClientRect()
            const [x, y] = [box.x + box.width / 2 - whole.x, box.y + box.height / 2 - whole.y]
            const dot = canvas
                .getContext('2d')
                ?.getImageData((x / whole.width) * canvas.width, (y / whole.height) * canvas.height, 1, 1)
            return `#${[...(dot?.data ?? [])]
                .slice(0, 3)
                .map((value) => value.toString(16).padStart(2, '0'))
                .join('')}`
        }, zone)
}

const slider = (page: Page): Locator => page.getByRole('slider', { name: 'Seen up to step' })

test.use({ vehicles: 'as they are' })

test('the vehicle takes on its finish, coat by coat, as one slides through the plan', async ({ page }) => {
    await openTank(page)
    await page.getByLabel('Without light').check()
    await slider(page).fill('0')
    await expect.poll(() => colourOf(page, 'barrel')).toBe('#7c7d7b')
    await slider(page).fill('1')
    await expect.poll(() => colourOf(page, 'barrel')).toBe('#4a3830')
    await slider(page).fill('3')
    await expect.poll(() => colourOf(page, 'barrel')).toBe('#566043')
    // The slider goes through the plan: the board and the inspector are at that step too.
    await expect(page.getByRole('complementary').getByRole('heading', { level: 2 })).toContainText('4 ')
})

test('by keyboard alone, a step is put on a zone of the vehicle and taken off again', async ({ page }) => {
    await openTank(page)
    await slider(page).fill('6')
    await expect(vehicle(page)).toContainText('After step 7, Vellow 27 bleached canvas')
    // Keys go nowhere while its zones are still on their way.
    const barrel = vehicle(page).getByRole('button', { name: 'Barrel' })
    await expect.poll(() => colourOf(page, 'barrel')).not.toBe('nothing')
    await slider(page).press('Tab')
    await page.keyboard.press('Tab')
    for (let tabs = 0; tabs < 4 && !(await focused(page)).includes('data-zone'); tabs++)
        await page.keyboard.press('Tab')
    for (let at = await focused(page), zones = 0; zones < 14 && !at.includes('"barrel"'); zones++) {
        await page.keyboard.press('ArrowRight')
        // The focus follows the chosen zone a frame later: pressed again before that, a key would pass the barrel by.
        await expect.poll(() => focused(page)).not.toBe(at)
        at = await focused(page)
    }
    await expect(barrel).toBeFocused()
    await expect(barrel).toHaveAttribute('aria-pressed', 'false')
    await page.keyboard.press('Space')
    await expect(barrel).toHaveAttribute('aria-pressed', 'true')
    await page.keyboard.press('Control+z')
    await expect(barrel).toHaveAttribute('aria-pressed', 'false')
})
const focused = (page: Page) =>
    page.evaluate(() => {
        const zone = document.activeElement?.getAttribute('data-zone')
        return zone == null ? '' : `data-zone="${zone}"`
    })

test('the vehicle is shown, hidden and enlarged by keys, and stays as it was left', async ({ page }) => {
    await openTank(page)
    await page.keyboard.press('w')
    await expect(vehicle(page)).toHaveCount(0)
    await page.reload()
    await expect(page.getByRole('grid')).toBeVisible()
    await expect(vehicle(page)).toHaveCount(0)
    await page.keyboard.press('Shift+W')
    await expect(page.getByRole('list', { name: 'Colours after this step' })).toBeVisible()
    await expect(page.getByRole('grid')).toHaveCount(0)
    await scan(page)
    await page.keyboard.press('Shift+W')
    await expect(page.getByRole('grid')).toBeVisible()
    await expect(view(page, 'top')).toBeVisible()
})

test('the vehicle is saved as lines that can be enlarged, and as a picture', async ({ page }) => {
    await openTank(page)
    await page.keyboard.press('Shift+W')
    for (const as of ['SVG', 'PNG'] as const) {
        const saved = page.waitForEvent('download')
        await page.getByRole('button', { name: `Save it as ${as}` }).click()
        const file = await saved
        expect(file.suggestedFilename()).toBe(`Ostrel 2nd Squadron at Vell Bay.${as.toLowerCase()}`)
        const bytes = await readFile(await file.path())
        if (as === 'SVG') expect(bytes.toString()).toMatch(/^<svg.*<image.*<path/s)
        else expect(bytes.subarray(1, 4).toString()).toBe('PNG')
        expect(bytes.length).toBeGreaterThan(100_000)
    }
})

test('the vehicle is printed alone, under its name', async ({ page }) => {
    await openTank(page)
    await page.keyboard.press('Shift+W')
    await page.evaluate(() => {
        window.print = () => {
            document.documentElement.dataset.printed = document.querySelector('.on-paper > h1')?.textContent ?? ''
            document.documentElement.dataset.drawn = String(document.querySelector('.on-paper > img')?.clientWidth)
        }
    })
    await page.emulateMedia({ media: 'print' })
    await page.getByRole('button', { name: 'Print it' }).dispatchEvent('click')
    const html = page.locator('html')
    await expect(html).toHaveAttribute('data-printed', 'Ostrel, 2nd Squadron at Vell Bay')
    expect(Number(await html.getAttribute('data-drawn'))).toBeGreaterThan(600)
    await expect(page.locator('.on-paper')).toHaveCount(0)
})

test('plates of the vehicle become panels, and a step is kept to one by touching it', async ({ page }) => {
    await copyOfDemo(page, /^Ostrel/)
    await page.keyboard.press('z')
    const dialog = page.getByRole('dialog')
    await dialog.getByRole('group', { name: 'Zone' }).getByText('Hull sides').click()
    await dialog.getByText('Hull sides: no panels').click()
    await dialog.getByRole('button', { name: 'Take them from the vehicle' }).click()
    await expect(dialog.getByText('Hull sides: 2 panels')).toBeVisible({ timeout: 20_000 })
    await page.keyboard.press('Escape')
    const sides = view(page, 'left side').locator('[data-zone=hull-sides]')
    // Its middle is where the wheels are.
    await sides.dispatchEvent('click')
    const panel = view(page, 'left side').getByRole('button', { name: /^Panel Hull, left/ })
    await expect(panel).toHaveAttribute('aria-pressed', 'false')
    await panel.focus()
    await page.keyboard.press('Enter')
    await expect(panel).toHaveAttribute('aria-pressed', 'true')
    await allIsSaved(page)
    await page.reload()
    await expect(page.getByText('Hull, left').first()).toBeVisible()
})

test('a build begins with its vehicle: other measures, other zones and areas', async ({ page }) => {
    await openDemo(page)
    await page.getByRole('button', { name: 'Start a build' }).click()
    const dialog = page.getByRole('dialog')
    await dialog.getByLabel('Name of the build').fill('Brae, open')
    await dialog.getByLabel('Kind').selectOption('Lorry')
    await dialog.getByText('Measures of the real vehicle').click()
    await dialog.getByLabel('the tilt is up').uncheck()
    await expect(dialog.getByText('1 of its own')).toBeVisible()
    await dialog.getByRole('button', { name: 'Start it' }).click()
    await expect(view(page, 'left side')).toBeVisible({ timeout: 20_000 })
    await expect(vehicle(page).getByRole('button', { name: 'Tilt', includeHidden: true })).toHaveCount(0)
    await page.keyboard.press('z')
    await expect(page.getByRole('dialog')).toContainText('Load bed')
    await expect(page.getByRole('dialog')).not.toContainText('Tilt')
})

test('a vehicle that cannot be fetched says so, and the board works without it', async ({ page }) => {
    await page.route('**/api/vehicles/**', (route) => route.abort())
    await openDemo(page)
    await startBuild(page, 'Pell', 'Scout car')
    await expect(vehicle(page).getByRole('alert')).toBeVisible()
    await page.unroute('**/api/vehicles/**')
    await vehicle(page).getByRole('button', { name: 'Try again' }).click()
    await expect(view(page, 'left side')).toBeVisible()
})

/** Pictures that are kept on the device. */
const kept = (page: Page): Promise<number> =>
    page.evaluate(
        () =>
            new Promise((resolve) => {
                const asked = indexedDB.open('ulvrach-pictures')
                asked.onsuccess = () => {
                    const store = asked.result.transaction('left').objectStore('left').getAllKeys()
                    store.onsuccess = () => {
                        asked.result.close()
                        resolve(store.result.filter((key) => key !== 'order').length)
                    }
                }
            }),
    )

test('a vehicle opened again stands there as it was left, without being drawn, until one signs out', async ({
    page,
}) => {
    const isPainted = () => expect(vehicle(page).locator('figure canvas[data-step]')).toHaveCount(4)
    await openTank(page)
    await isPainted()
    await expect.poll(() => kept(page)).toBeGreaterThanOrEqual(4)
    const before = await colourOf(page, 'barrel')
    let workers = 0
    page.on('worker', () => workers++)
    await page.reload()
    await isPainted()
    expect(await colourOf(page, 'barrel')).toBe(before)
    expect(workers).toBe(0)
    await page.getByRole('button', { name: 'Sign out' }).click()
    await expect(page).toHaveURL(/sign-in/)
    await expect.poll(() => kept(page)).toBe(0)
})
