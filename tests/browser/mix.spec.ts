import { expect, makeAccount, openDemo, scan, test } from './kit'

test('a green is mixed from the shelf, thinned for the next pass, kept and found again', async ({ page }) => {
    await openDemo(page)
    await page.getByRole('link', { name: 'Mixes' }).click()
    await page.getByLabel('Colour', { exact: true }).fill('62 -9 16')
    await page.getByLabel('Colour', { exact: true }).press('Enter')
    const answers = page.getByRole('region', { name: 'What comes closest' })
    await expect(answers.getByText('not to be told apart').first()).toBeVisible()
    await scan(page)

    const cup = page.getByRole('region', { name: 'In the cup' })
    const covers = cup.getByText('covers')
    await cup.getByLabel('On this ground').fill('#202020')
    await cup.getByLabel('On this ground').press('Enter')
    await expect(covers.first()).toBeVisible()
    const before = await covers.count()
    await cup.getByRole('slider').fill('40')
    await expect(cup.getByText('2 paint to 3 thinner')).toBeVisible()
    await expect.poll(() => covers.count()).toBeLessThan(before)

    const name = `Faded hull ${Date.now()}`
    await cup.getByLabel('Keep it as').fill(name)
    await cup.getByRole('button', { name: 'Keep' }).click()
    await page.reload()
    await page.getByLabel('Find by name or jar').fill(name)
    await page
        .getByRole('button', { name: new RegExp(name) })
        .first()
        .click()
    await expect(cup.getByText('2 paint to 3 thinner')).toBeVisible()
    await page.getByRole('button', { name: `Forget ${name}` }).click()
    await expect(page.getByText('None yet.').or(page.getByText('None is called so'))).toBeVisible()
})

test('a colour that cannot be read is answered at its field; an empty shelf is filled at once', async ({ page }) => {
    await makeAccount(page)
    await page.goto('/mixes')
    await page.getByRole('button', { name: 'Put plain jars on it' }).click()
    await page.getByLabel('Colour', { exact: true }).fill('olive drab')
    await page.getByLabel('Colour', { exact: true }).press('Enter')
    await expect(page.getByRole('alert')).toContainText('A colour is #rrggbb, or L*, a* and b*')
    await page.getByLabel('Colour', { exact: true }).fill('#566043')
    await page.getByLabel('Colour', { exact: true }).press('Enter')
    await expect(page.getByRole('region', { name: 'What comes closest' }).getByRole('button').first()).toBeVisible()
})

test('what is left of a jar is typed into the shelf; a jar taken off comes back; its colour is mixed', async ({
    page,
}) => {
    await makeAccount(page)
    await page.getByRole('link', { name: 'Shelf' }).click()
    await page.getByRole('button', { name: /^Put \d+ on the shelf$/ }).click()
    const left = page.getByLabel('Dark grey, waterborne: left')
    await left.fill('3,5')
    await left.press('Enter')
    await page.getByLabel('Show').selectOption({ label: 'running low' })
    await expect(page.getByText(/^1 of \d+ jars$/)).toBeVisible()
    await page.reload()
    await expect(left).toHaveValue('3.5')
    await scan(page)

    await page.getByRole('button', { name: 'Take Dark grey, waterborne off your shelf' }).click()
    await expect(left).toHaveCount(0)
    await page.getByRole('button', { name: 'Put it back' }).click()
    await expect(left).toHaveValue('3.5')
    await page.getByRole('link', { name: 'Mix the colour of Dark grey, waterborne' }).click()
    await expect(page.getByRole('region', { name: 'What comes closest' })).toContainText('not to be told apart')
})
