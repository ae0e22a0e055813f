import { readFile } from 'node:fs/promises'
import type { Page } from '@playwright/test'
import { copyOfDemo, expect, openDemo, scan, test } from './kit'

test.use({ vehicles: 'as they are' })

const dialog = (page: Page) => page.getByRole('dialog')
const drawn = (page: Page) => dialog(page).locator('canvas[data-drawn=fine]')
/** A sum over a picture that tells it from another. */
const sumOf = (page: Page, nth = 0) =>
    drawn(page)
        .nth(nth)
        .evaluate((canvas: HTMLCanvasElement) => {
            const context = canvas.getContext('2d')
            if (context === null) return 0
            const bytes = Array.from(context.getImageData(0, 0, canvas.width, canvas.height).data)
            return bytes.reduce((sum, byte, at) => (sum + byte * (1 + (at % 97))) % 1_000_003, 0)
        })

async function openPiece(page: Page, zone: string): Promise<void> {
    await page.locator(`[data-cell$="/${zone}"]`).last().click()
    await page.getByRole('button', { name: 'See it from close' }).click()
    await expect(drawn(page)).toHaveCount(1)
}

test('a zone is looked at from close, step by step, in another light, wet, and beside another step', async ({
    page,
}) => {
    await openDemo(page)
    await page.getByRole('link', { name: /^Ostrel/ }).click()
    await openPiece(page, 'turret')
    await expect(dialog(page)).toContainText('Turret after step 24, Final matte coat')
    const end = await sumOf(page)
    await dialog(page).getByRole('button', { name: 'The step before' }).click()
    await expect(dialog(page)).toContainText('Turret after step 23')
    await dialog(page).getByRole('slider', { name: 'After which step' }).press('Home')
    await expect(dialog(page)).toContainText('Turret after step 1,')
    await expect(dialog(page).getByRole('button', { name: 'The step before' })).toBeDisabled()
    await expect(drawn(page)).toHaveCount(1)
    await expect.poll(() => sumOf(page)).not.toBe(end)
    await dialog(page).getByRole('slider', { name: 'After which step' }).press('End')
    await expect.poll(() => sumOf(page)).toBe(end)
    await dialog(page).getByLabel('Lamp').fill('120')
    await expect.poll(() => sumOf(page)).not.toBe(end)
    await dialog(page).getByLabel('Lamp').fill('-40')
    await expect.poll(() => sumOf(page)).toBe(end)
    await dialog(page).getByRole('button', { name: 'While it is wet' }).click()
    await expect.poll(() => sumOf(page)).not.toBe(end)
    await dialog(page).getByRole('button', { name: 'While it is wet' }).click()
    await dialog(page).getByLabel('Beside it').selectOption({ index: 1 })
    await expect(drawn(page)).toHaveCount(2)
    await expect.poll(() => sumOf(page, 1)).toBe(end)
    expect(await sumOf(page, 0)).not.toBe(end)
    await scan(page)
    const kept = page.waitForEvent('download')
    await dialog(page).getByRole('button', { name: 'Save the picture' }).click()
    expect((await readFile(await (await kept).path())).subarray(1, 4).toString()).toBe('PNG')
    await page.keyboard.press('Escape')
    await expect(dialog(page)).toBeHidden()
    await expect(page.getByRole('button', { name: 'See it from close' })).toBeFocused()
})

test('a finding is shown as what would happen, beside the same step done right', async ({ page }) => {
    // Without its clear coats, white spirit meets a wet decal and matte paint.
    await copyOfDemo(page, /^Brae/, (text) => {
        const plan = JSON.parse(text)
        plan.steps = plan.steps.filter((step: { technique: string }) => step.technique !== 'clear-coat')
        plan.log = []
        return JSON.stringify(plan)
    })
    await page.locator('[data-cell="s12-enamel-wash/cab"]').click()
    const findings = page.getByRole('complementary').getByRole('listitem')
    await expect(findings.first()).toContainText('will lift or dissolve the wet decal film')
    await page.getByRole('button', { name: 'Show me' }).first().click()
    await expect(drawn(page)).toHaveCount(2)
    await expect(dialog(page)).toContainText('As it is meant')
    await expect(dialog(page)).toContainText('Simulated')
    expect(await sumOf(page, 0)).not.toBe(await sumOf(page, 1))
    await scan(page)
})

test('another jar is seen from close beside the one in use', async ({ page }) => {
    await openDemo(page)
    await page.getByRole('link', { name: /^Ostrel/ }).click()
    await page.locator('[data-cell="s11-enamel-wash/turret"]').click()
    await page.getByRole('button', { name: 'Compare jars on this ground' }).click()
    const see = page.getByRole('button', { name: /^See (?!it ).+ from close$/ }).first()
    const name = (await see.getAttribute('aria-label'))?.replace(/^See (.+) from close$/, '$1') ?? ''
    await see.click()
    await expect(drawn(page)).toHaveCount(2)
    await expect(dialog(page).locator('figcaption')).toHaveText([/./, name])
    expect(await sumOf(page, 0)).not.toBe(await sumOf(page, 1))
    await page.keyboard.press('Escape')
    await expect(see).toBeFocused()
})

test('all steps of a zone are kept as a film that plays by itself', async ({ page, context }) => {
    await openDemo(page)
    await page.getByRole('link', { name: /^Ostrel/ }).click()
    await openPiece(page, 'barrel')
    const kept = page.waitForEvent('download', { timeout: 60_000 })
    await dialog(page).getByRole('button', { name: 'Save as a film' }).click()
    const path = await (await kept).path()
    const film = await context.newPage()
    await film.setContent(await readFile(path, 'utf8'))
    await expect(film.getByRole('heading')).toContainText('Barrel')
    const stills = Number(await film.getByRole('slider').getAttribute('max'))
    expect(stills).toBeGreaterThan(3)
    await film.getByRole('slider').fill('1')
    await expect(film.locator('#caption')).toHaveText(/^\d+ .+ with .+/)
    await film.getByRole('slider').fill(String(stills))
    await expect(film.getByRole('button', { name: 'Play' })).toBeVisible()
    expect(await film.locator('img').evaluate((image: HTMLImageElement) => image.naturalWidth)).toBe(960)
})

test('at the bench a card shows how it should look when it is done', async ({ page }) => {
    await openDemo(page)
    await page.goto('/work')
    await page.getByRole('button', { name: 'To the first step' }).click()
    const look = page.getByRole('button', { name: 'How it should look' })
    await look.click()
    await expect(page.locator('figure canvas[data-drawn=fine]')).toHaveCount(1)
    await expect(look).toHaveAttribute('aria-pressed', 'true')
    await look.click()
    await expect(page.locator('figure canvas[data-drawn]')).toHaveCount(0)
    await page.getByRole('button', { name: 'More', exact: true }).click()
    await page.getByRole('button', { name: 'Something went wrong', exact: true }).click()
    const silver = page.getByRole('button', { name: 'A decal has silvered' }).locator('img')
    await silver.scrollIntoViewIfNeeded()
    await expect.poll(() => silver.evaluate((image: HTMLImageElement) => image.naturalWidth)).toBe(420)
    await scan(page)
})

test('the almanac shows what happens where a rule is broken', async ({ page }) => {
    await openDemo(page)
    await page.goto('/almanac?page=rules&find=silvers')
    await page.getByText('What it looks like: the film of the decal shines like silver').click()
    const picture = page.getByRole('img', { name: /^Simulated: the film of the decal/ })
    await expect.poll(() => picture.evaluate((image: HTMLImageElement) => image.naturalWidth)).toBe(420)
    await scan(page)
})
