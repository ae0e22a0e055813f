import type { Page } from '@playwright/test'
import { allIsSaved, cellOf, copyOfDemo, expect, makeAccount, openDemo, scan, startBuild, test } from './kit'

/** A build in an account of its own, with one step. */
async function primedBuild(page: Page): Promise<void> {
    await makeAccount(page)
    await startBuild(page, 'Pell')
    await page.keyboard.press('a')
    await page.keyboard.type('prime')
    await page.keyboard.press('Enter')
    await expect(page.getByRole('row', { name: /\b1 .*Prime/ })).toBeVisible()
}

test('reading a finding, mending it, undoing, redoing, and finding it all again after a reload', async ({ page }) => {
    await copyOfDemo(page, /^Brae/)
    const stops = page.getByText(/^\d+ stops?$/)
    await expect(stops).toHaveText('4 stops')
    const card = page
        .getByRole('complementary')
        .getByRole('listitem')
        .filter({ hasText: /^(Stop|Risk)/ })
        .first()
    const said = await card.getByRole('button', { expanded: true }).innerText()
    await card.getByRole('button', { name: /mends/ }).first().click()
    await expect(page.getByText(said)).toHaveCount(0)
    await expect(stops).not.toHaveText('4 stops')
    const mended = await stops.innerText()
    await page.keyboard.press('Control+z')
    await expect(stops).toHaveText('4 stops')
    await page.keyboard.press('Control+Shift+z')
    await expect(stops).toHaveText(mended)
    await allIsSaved(page)
    await page.reload()
    await expect(stops).toHaveText(mended)
    await expect(page.getByRole('button', { name: /^Undo/ })).toBeEnabled()
})

test('a step added, placed on zones, moved and deleted by keyboard alone', async ({ page }) => {
    await primedBuild(page)
    await page.keyboard.press('a')
    await page.keyboard.type('clear coat')
    await page.keyboard.press('Enter')
    await expect(page.getByRole('row', { name: /\b2 .*Clear coat/ })).toBeVisible()
    const cell = cellOf(page, 2, 'Hull top')
    await expect(cell).toHaveAttribute('aria-pressed', 'true')
    await page.keyboard.press('ArrowRight')
    await page.keyboard.press('Space')
    await expect(cell).toHaveAttribute('aria-pressed', 'false')
    await page.keyboard.press('Alt+ArrowUp')
    await expect(page.getByRole('row', { name: /\b1 .*Clear coat/ })).toBeVisible()
    await page.keyboard.press('Delete')
    await expect(page.getByRole('row', { name: /\b1 .*Prime/ })).toBeVisible()
    await page.keyboard.press('Control+z')
    await expect(page.getByRole('row', { name: /\b1 .*Clear coat/ })).toBeVisible()
})

test('keys pressed faster than the server answers all count, and stand after a reload', async ({ page }) => {
    await copyOfDemo(page, /^Brae/)
    await page.getByRole('button', { name: /\b3 .*Hairspray/ }).click()
    for (let press = 0; press < 4; press++) await page.keyboard.press('Alt+ArrowDown')
    await expect(page.getByRole('button', { name: /\b7 .*Hairspray/ })).toBeVisible()
    await expect(page.getByRole('button', { name: 'Undo: Move Hairspray' })).toBeVisible()
    for (let press = 0; press < 4; press++) await page.keyboard.press('Control+z')
    await expect(page.getByRole('button', { name: 'Nothing to undo' })).toBeVisible()
    await expect(page.getByText(/^\d+ stops?$/)).toHaveText('4 stops')
    for (let press = 0; press < 3; press++) await page.keyboard.press('Control+Shift+z')
    await expect(page.getByRole('button', { name: /\b6 .*Hairspray/ })).toBeVisible()
    await expect(page.getByRole('button', { name: 'Redo: Move Hairspray' })).toBeVisible()
    await allIsSaved(page)
    const stops = await page.getByText(/^\d+ stops?$/).innerText()
    await page.reload()
    await expect(page.getByRole('button', { name: /\b6 .*Hairspray/ })).toBeVisible()
    await expect(page.getByText(/^\d+ stops?$/)).toHaveText(stops)
})

test('a step dragged to another place shows its verdicts on the way and stays there', async ({ page }) => {
    await copyOfDemo(page, /^Ostrel/)
    await expect(page.getByText('Nothing will lift, craze or stay tacky')).toBeVisible()
    const grip = page.getByRole('button', { name: 'Drag step 3' })
    const target = page.getByRole('button', { name: 'Drag step 5' })
    const from = await grip.boundingBox()
    const to = await target.boundingBox()
    if (from === null || to === null) throw new Error('no grips')
    await page.mouse.move(from.x + 8, from.y + 8)
    await page.mouse.down()
    await page.mouse.move(from.x + 8, from.y + 40, { steps: 4 })
    await page.mouse.move(to.x + 8, to.y + 12, { steps: 8 })
    await expect(page.getByText(/^\d+ stops?$/)).toBeVisible()
    await page.mouse.up()
    await expect(page.getByRole('row', { name: /\b5 .*Chipping fluid/ })).toBeVisible()
    await allIsSaved(page)
    await page.reload()
    await expect(page.getByRole('row', { name: /\b5 .*Chipping fluid/ })).toBeVisible()
})

test('settings of a step are changed where they are shown, and bad numbers are answered at the field', async ({
    page,
}) => {
    await makeAccount(page)
    await startBuild(page, 'Pell')
    await page.getByRole('button', { name: 'Add the first step by hand' }).click()
    await page.keyboard.type('prime')
    await page.keyboard.press('Enter')
    const coats = page.getByLabel('Coats')
    await coats.fill('-2')
    await coats.press('Enter')
    await expect(page.getByRole('alert')).toHaveText('A whole number from 1 to 12.')
    await coats.fill('3')
    await coats.press('Enter')
    await expect(page.getByRole('button', { name: /^Undo/ })).toBeEnabled()
    await allIsSaved(page)
    await page.reload()
    await expect(page.getByLabel('Coats')).toHaveValue('3')
})

test('two windows cannot overwrite each other: the second is told, and loses nothing', async ({ page, context }) => {
    await primedBuild(page)
    const other = await context.newPage()
    await other.goto(page.url())
    await other.getByRole('row', { name: /\b1 .*Prime/ }).waitFor()
    await page.getByLabel('Coats').fill('4')
    await page.getByLabel('Coats').press('Enter')
    await expect(page.getByRole('button', { name: 'Undo: Change Prime' })).toBeVisible()
    await other.getByLabel('Note').fill('Both sides of the fenders')
    await other.getByLabel('Note').blur()
    await expect(other.getByRole('alert')).toContainText('changed in another window')
    await other.getByRole('alert').getByRole('button').first().click()
    await expect(other.getByRole('alert')).toHaveCount(0)
    await page.reload()
    await expect(page.getByLabel('Note')).toHaveValue('Both sides of the fenders')
})

test('what is changed while the server is away is kept and sent when it is back', async ({ page, context }) => {
    await primedBuild(page)
    await context.setOffline(true)
    await page.getByLabel('Coats').fill('4')
    await page.getByLabel('Coats').press('Enter')
    await expect(page.getByText('The server cannot be reached.')).toBeVisible()
    await expect(page.getByRole('status').filter({ hasText: 'Offline' })).toBeVisible()
    await context.setOffline(false)
    await expect(page.getByText('The server cannot be reached.')).toHaveCount(0)
    await page.reload()
    await expect(page.getByLabel('Coats')).toHaveValue('4')
})

test('the bench is free of axe violations', async ({ page }) => {
    await openDemo(page)
    await scan(page)
})

for (const scheme of ['light', 'dark'] as const) {
    test(`the plan is free of axe violations, ${scheme}`, async ({ page }) => {
        await openDemo(page)
        await page.getByRole('link', { name: /^Brae/ }).click()
        await expect(page.getByRole('grid')).toBeVisible()
        if (scheme === 'dark') await page.getByRole('button', { name: 'Switch to dark' }).click()
        await scan(page)
    })
}

for (const [key, says] of [
    ['?', 'Put the step on this zone, or take it off'],
    ['a', 'It goes after'],
    ['b', 'Ground it has run on'],
    ['s', 'Facts of physics'],
    ['z', 'Zones'],
    ['j', 'What this plan uses'],
] as const) {
    test(`the key ${key} opens its dialog, which is free of axe violations`, async ({ page }) => {
        await openDemo(page)
        await page.getByRole('link', { name: /^Brae/ }).click()
        await expect(page.getByRole('grid')).toBeVisible()
        await page.keyboard.press(key)
        await expect(page.getByRole('dialog')).toContainText(says)
        await scan(page)
        await page.keyboard.press('Escape')
        await expect(page.getByRole('dialog')).toHaveCount(0)
    })
}
