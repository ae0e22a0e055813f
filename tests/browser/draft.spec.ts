import { expect, makeAccount, openDemo, scan, startBuild, test } from './kit'

test('a newcomer comes from nothing to a sound plan in its colours, and one undo takes it back', async ({ page }) => {
    await makeAccount(page)
    await startBuild(page, 'Pell', 'Medium tank')
    // Decisions: the name, the kind, to draft, the weather, the effort, to lay it down. All else has a usual answer.
    await page.getByRole('button', { name: 'Draft a plan from its story' }).click()
    const dialog = page.getByRole('dialog')
    await expect(dialog.getByText(/Nothing speaks against it/)).toBeVisible()
    const plain = await dialog.getByRole('listitem').count()
    await dialog.getByLabel('After').selectOption('rain')
    await dialog.getByLabel('It may take').selectOption('for an exhibition')
    await expect.poll(() => dialog.getByRole('listitem').count()).toBeGreaterThan(plain)
    await scan(page)
    await dialog.getByRole('button', { name: 'How much of what, where' }).click()
    await expect(dialog.getByRole('button', { name: /^Turret, mud: 0 %/ })).toBeVisible()
    await scan(page)
    await dialog.getByRole('button', { name: 'Lay it down' }).click()
    await expect(page.getByRole('grid')).toBeVisible()
    await expect(page.getByText(/\d+ stops/)).toHaveCount(0)
    await expect(page.getByText(/\d+ risks/)).toHaveCount(0)
    // The vehicle stands there as it will be, and not as it is cast.
    await expect(page.getByText(/^After step \d+/)).toBeVisible()

    // The story is kept with the build, and the plan goes as it came.
    await page.getByRole('button', { name: 'Draft the plan from its story' }).click()
    await expect(dialog.getByLabel('After')).toHaveValue('wet')
    await page.keyboard.press('Escape')
    await page.getByRole('button', { name: 'Undo: Draft the plan' }).click()
    await expect(page.getByText('Nothing laid down yet')).toBeVisible()
})

test('a plan is drafted anew in place of another', async ({ page }) => {
    await openDemo(page)
    await page.getByRole('link', { name: /^Brae/ }).click()
    await page.getByRole('button', { name: 'Draft the plan from its story' }).click()
    const dialog = page.getByRole('dialog')
    await expect(dialog.getByText('One undo brings them back', { exact: false })).toBeVisible()
    await expect(dialog.getByText(/Nothing speaks against it/)).toBeVisible()
    await dialog.getByLabel('Painted as this school does').selectOption('One satin coat')
    await expect(dialog.getByText('Chips by sponge').first()).toBeVisible()

    // Beside others, and only one part of it.
    await dialog.getByRole('button', { name: 'Beside others' }).click()
    await expect(dialog.getByRole('region', { name: 'Bare matte' }).getByText(/Only here/)).toBeVisible()
    await scan(page)
    await dialog.getByRole('button', { name: 'Back to the story' }).click()
    await dialog.getByLabel('Drafted anew').selectOption('only earth')
    await expect(dialog.getByText('New:').first()).toBeVisible()
    // What was laid down for another vehicle goes on this one as well.
    await dialog.getByLabel('The steps come from').selectOption('Ostrel, 2nd Squadron at Vell Bay')
    await expect(dialog.getByText('Morrin streaking grime', { exact: false }).first()).toBeVisible()
    await page.keyboard.press('Escape')
    await expect(page.getByRole('grid')).toBeVisible()
})
