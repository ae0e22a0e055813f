import { allIsSaved, copyOfDemo, expect, makeAccount, moveToNoon, openDemo, scan, startBuild, test } from './kit'

/** What a modeller meets every evening: each job as somebody would do it who has never seen the program. */

test('a first plan of ten steps by painters’ words alone, each where such work goes', async ({ page }) => {
    await makeAccount(page)
    await startBuild(page, 'Pell', 'Medium tank')
    const steps: [typed: string, technique: string][] = [
        ['primer', 'Prime'],
        ['base coat', 'Spray a colour'],
        ['second colour', 'Soft-edged camouflage'],
        ['tires', 'Rubber'],
        ['varnish', 'Clear coat'],
        ['transfers', 'Decals'],
        ['panel line', 'Pin wash'],
        ['sponge', 'Chips by sponge'],
        ['powder', 'Dry pigment'],
        ['flat', 'Final matte coat'],
    ]
    for (const [place, [typed, technique]] of steps.entries()) {
        await page.keyboard.press('a')
        await page.keyboard.type(typed)
        await expect(page.getByRole('option', { selected: true })).toContainText(technique)
        await expect(page.getByRole('button', { name: /^Add .* zones?$/ })).toBeVisible()
        await page.keyboard.press('Enter')
        await expect(page.getByRole('row', { name: new RegExp(`\\b${place + 1} .*${technique}`) })).toBeVisible()
    }
    const colours = await page.getByRole('rowheader').allInnerTexts()
    const name = (place: number) => colours[place]?.split('\n')[0]?.replace(/^\d+ /, '')
    expect(name(2)).not.toBe(name(1))
    expect(name(1)).not.toBe(name(0))
})

test('a jar’s colour is changed where it is shown, is on the shelf of the next build, and is found there', async ({
    page,
}) => {
    await copyOfDemo(page, /^Brae/)
    await page.getByRole('button', { name: /^9 .*tool wood/ }).click()
    await page.getByRole('button', { name: 'Change this jar' }).click()
    const dialog = page.getByRole('dialog')
    await dialog.getByLabel('Name').fill('Old oak')
    await dialog.getByLabel('Colour when dry').fill('7a5c38')
    await scan(page)
    await dialog.getByRole('button', { name: 'Keep the change' }).click()
    await expect(page.getByRole('button', { name: /^9 Old oak/ })).toBeVisible()
    await page.goto('/')
    await expect(page.getByRole('region', { name: 'The next session' })).toBeVisible()
    await startBuild(page, 'Skarn', 'Lorry')
    await page.keyboard.press('a')
    await page.keyboard.type('old oak')
    await expect(page.getByRole('option', { selected: true })).toContainText('Old oak')
    await page.keyboard.press('Enter')
    await expect(page.getByRole('row', { name: /\b1 Old oak/ })).toBeVisible()
})

test('when the wash may be cleaned stands under its title, and one press counts it down at the bench', async ({
    page,
}) => {
    await openDemo(page)
    await page.getByRole('link', { name: /^Ostrel/ }).click()
    await page
        .getByRole('button', { name: /^\d+ Morrin dark wash/ })
        .first()
        .click()
    const inspector = page.getByRole('complementary')
    await expect(inspector.getByText(/Clean it from .* best until .* gone at /)).toBeVisible()
    await inspector.getByRole('button', { name: 'It is on now: remind me' }).click()
    await expect(inspector.getByText(/^Wait \d+ min, until it is dull/)).toBeVisible()
    await page.goto('/')
    const wet = page.getByRole('list', { name: 'Wet at the bench' })
    await expect(wet.getByRole('link', { name: 'Morrin dark wash' })).toBeVisible()
    await allIsSaved(page)
    await page.reload()
    await wet.getByRole('button', { name: 'Forget Morrin dark wash' }).click()
    await expect(wet).toHaveCount(0)
})

test('what was done last night is entered so, asks about what was not, and is put right', async ({ page }) => {
    await copyOfDemo(page, /^Ostrel/)
    await page.getByRole('button', { name: /^2 .*steel brown/ }).click()
    await page.keyboard.press('d')
    const dialog = page.getByRole('dialog')
    await expect(dialog.getByText(/this is not done yet: 1 prime/)).toBeVisible()
    await scan(page)
    await dialog.getByRole('radio', { name: 'last night at ten' }).check()
    await dialog.getByRole('button', { name: 'Keep it' }).click()
    await expect(page.getByRole('button', { name: /^1 .*primer.*done/ })).toBeVisible()
    await expect(page.getByRole('button', { name: /^2 .*steel brown.*done/ })).toBeVisible()
    await page.getByRole('complementary').getByRole('button', { name: 'It was at another time' }).click()
    await expect(dialog.getByLabel('Finished', { exact: true })).toHaveValue(/T22:00$/)
    await dialog.getByLabel('Finished', { exact: true }).fill('2099-01-01T10:00')
    await dialog.getByRole('button', { name: 'Keep it' }).click()
    await expect(dialog.getByText('That is still to come.')).toBeVisible()
})

test('a deletion says what it came to, with undo at hand, and the keyboard stays on the board', async ({ page }) => {
    await copyOfDemo(page, /^Brae/)
    await page.getByRole('button', { name: /^12 Morrin earth wash/ }).click()
    await page.keyboard.press('Delete')
    const said = page.getByRole('status').filter({ hasText: /^Deleted 12 / })
    await expect(said).toContainText('fewer')
    await said.getByRole('button', { name: 'Undo' }).click()
    await expect(page.getByRole('button', { name: /^12 Morrin earth wash/ })).toBeVisible()
    await expect(page.locator(':focus')).toHaveAttribute('data-cell', /.+/)
})

test('a change made without the server outlives a reload', async ({ page }) => {
    await makeAccount(page)
    await startBuild(page, 'Pell')
    await page.keyboard.press('a')
    await page.keyboard.type('prime')
    await page.keyboard.press('Enter')
    await expect(page.getByRole('row', { name: /\b1 .*Prime/ })).toBeVisible()
    await page.route('**/edits', (route) => route.abort())
    await page.getByLabel('Coats').fill('4')
    await page.getByLabel('Coats').press('Enter')
    await expect(page.getByText(/sent again by themselves, also after a reload/)).toBeVisible()
    await page.unroute('**/edits')
    await page.reload()
    await expect(page.getByRole('button', { name: 'Undo: Change Prime' })).toBeVisible()
    await expect(page.getByLabel('Coats')).toHaveValue('4')
})

test('the clock holds back what a stop would ruin, and leads there', async ({ page }) => {
    await openDemo(page)
    await page.goto('/clock')
    const held = page.getByText(/^Brae .* steps are held back/).first()
    await expect(held).toBeVisible()
    await held.getByRole('link').first().click()
    await expect(page.getByRole('complementary').getByText(/^Stop: /)).toBeVisible()
})

test('for how long hairspray can be worked is found in the almanac', async ({ page }) => {
    await openDemo(page)
    await page.goto('/almanac')
    await page.getByLabel('Find in the almanac').fill('hairspray')
    await page.getByRole('tab', { name: /Materials/ }).click()
    await expect(page.getByText(/^chips lifted, from its colour on: from .* gone after/)).toBeVisible()
    await scan(page)
})

test('forty minutes are enough for what fits whole into them, and it is ticked where it is listed', async ({
    page,
}) => {
    await makeAccount(page)
    await startBuild(page, 'Pell')
    await page.keyboard.press('a')
    await page.keyboard.type('primer')
    await expect(page.getByRole('button', { name: /^Add .* zones?$/ })).toBeVisible()
    await page.keyboard.press('Enter')
    await expect(page.getByRole('row', { name: /\b1 .*Prime/ })).toBeVisible()
    await page.getByLabel('Coats').fill('1')
    await page.getByLabel('Coats').press('Enter')
    await moveToNoon(page)
    await page.goto('/')
    const next = page.getByRole('region', { name: 'The next session' })
    await next.getByRole('button', { name: '40 min' }).click()
    await expect(next.getByText(/earlier|gets lighter/)).toBeVisible()
    await next
        .getByRole('button', { name: /^Done: 1 .*primer/ })
        .last()
        .click()
    await expect(page.getByText('1 of 1 steps done')).toBeVisible()
})

test.describe('on a tablet', () => {
    test.use({ viewport: { width: 1024, height: 768 }, hasTouch: true, vehicles: 'as they are' })
    test('a step is put on a zone by touching the vehicle twice, and taken off the same way', async ({ page }) => {
        await copyOfDemo(page, /^Ostrel/)
        const vehicle = page.getByRole('region', { name: 'The vehicle' })
        await vehicle.getByRole('slider', { name: 'Seen up to step' }).fill('6')
        const barrel = vehicle.locator('[data-view=top] [data-zone=barrel]')
        await barrel.tap()
        await expect(barrel).toHaveAttribute('aria-pressed', 'false')
        await barrel.tap()
        await expect(barrel).toHaveAttribute('aria-pressed', 'true')
        await expect(page.getByRole('button', { name: 'Undo: Change Brush a colour' })).toBeVisible()
        await barrel.tap()
        await expect(barrel).toHaveAttribute('aria-pressed', 'false')
        expect(await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)).toBeLessThanOrEqual(
            0,
        )
    })
})

test.describe('in the dark', () => {
    test.use({ colorScheme: 'dark' })
    for (const path of ['/', '/clock', '/almanac'])
        test(`${path} is free of axe violations`, async ({ page }) => {
            await openDemo(page)
            await page.goto(path)
            await expect(page.getByRole('heading').first()).toBeVisible()
            await page.waitForLoadState('networkidle')
            await scan(page)
        })
})

test.describe('on a phone', () => {
    test.use({ viewport: { width: 390, height: 844 }, hasTouch: true })
    test('the plan is a list over the whole width, with a sheet from below that closes', async ({ page }) => {
        await openDemo(page)
        await page.getByRole('link', { name: /^Brae/ }).click()
        await page.getByRole('button', { name: /^3 Hairspray/ }).tap()
        await expect(page.getByText(/^Stop: No colour follows/)).toBeVisible()
        await scan(page)
        await page.getByRole('button', { name: 'Close' }).tap()
        await expect(page.getByText(/^Stop: No colour follows/)).toHaveCount(0)
        expect(await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)).toBeLessThanOrEqual(
            0,
        )
        for (const path of ['/', '/clock', '/almanac']) {
            await page.goto(path)
            await expect(page.getByRole('heading').first()).toBeVisible()
            expect(
                await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth),
            ).toBeLessThanOrEqual(0)
        }
    })
})
