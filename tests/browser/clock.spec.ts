import { call, copyOfDemo, expect, makeAccount, moveToNoon, openClock, scan, startBuild, test } from './kit'

test('all builds are laid into the week, and each piece of work says what holds it', async ({ page }) => {
    await openClock(page)
    await page.goto('/')
    await expect(page.getByRole('region', { name: 'The next session' })).toContainText('Next session')
    await page.getByRole('link', { name: 'Clock', exact: true }).click()
    await expect(page.getByRole('heading', { name: /^All done/ })).toBeVisible()
    await page
        .getByRole('button', { name: /2 .*spray a colour, coat 2 of 2/ })
        .first()
        .click()
    await expect(page.getByRole('region', { name: 'What holds it' })).toContainText(
        /It waits .* after 2 |The hands are busy with|It is the first session/,
    )
    await scan(page)
})

test('a step is put off to a later session, and what follows moves with it', async ({ page }) => {
    await openClock(page)
    await page
        .getByRole('button', { name: /1 .*prime, coat 1 of 2/ })
        .first()
        .click()
    const before = await page.getByRole('region', { name: 'What holds it' }).getByRole('paragraph').nth(1).innerText()
    await page.getByLabel('Put it off to').selectOption({ index: 3 })
    await expect(page.getByRole('region', { name: 'Put off' })).toContainText(/1 .*primer/)
    await expect(page.getByRole('region', { name: 'What holds it' })).not.toContainText(before)
    await page.getByRole('button', { name: 'Take back' }).click()
    await expect(page.getByRole('region', { name: 'Put off' })).toHaveCount(0)
})

test('a colder room is thought through, side by side', async ({ page }) => {
    await openClock(page)
    const panel = page.getByRole('region', { name: 'What if' })
    await panel.getByLabel('Room', { exact: true }).fill('80')
    await panel.getByRole('button', { name: 'Try it' }).click()
    await expect(panel.getByRole('alert')).toHaveText('From 5 to 35 °C.')
    await panel.getByLabel('Room', { exact: true }).fill('8')
    await panel.getByLabel('Humidity').fill('85')
    await panel.getByRole('button', { name: 'Try it' }).click()
    await expect(panel.getByText(/It ends .* later\./)).toBeVisible()
    await expect(panel.getByRole('table')).toContainText('Airbrush changes')
})

test('a week of one’s own is kept, and a calendar address made and revoked', async ({ page }) => {
    await makeAccount(page)
    await page.goto('/clock')
    await page.getByRole('button', { name: 'Your week' }).click()
    const dialog = page.getByRole('dialog')
    await dialog.getByLabel('Monday').fill('in the evening')
    await dialog.getByRole('button', { name: 'Keep', exact: true }).click()
    await expect(dialog.getByRole('alert')).toHaveText('Hours like 19:30–22:00.')
    await dialog.getByLabel('Monday').fill('18:00–19:00, 20:00–21:30')
    await dialog.getByLabel('Time zone').fill('Atlantic/Faroe')
    await scan(page)
    await dialog.getByRole('button', { name: 'Keep', exact: true }).click()
    await page.reload()
    await page.getByRole('button', { name: 'Your week' }).click()
    await expect(dialog.getByLabel('Monday')).toHaveValue('18:00–19:00, 20:00–21:30')
    await dialog.getByRole('button', { name: 'Make a private address' }).click()
    const address = await dialog.getByRole('code').innerText()
    expect((await page.request.get(address)).status()).toBe(200)
    await dialog.getByRole('button', { name: 'Revoke it' }).click()
    await expect(dialog.getByRole('code')).toHaveCount(0)
    expect((await page.request.get(address)).status()).toBe(404)
})

test('the bench sheet of the next session lists work, looks and cautions', async ({ page }) => {
    await openClock(page)
    await page.goto('/sheet')
    await expect(page.getByRole('heading', { name: /^Bench sheet/ })).toBeVisible()
    await expect(page.getByText('Have ready')).toBeVisible()
    await expect(page.getByText('Signs:').first()).toBeVisible()
    await scan(page)
    await page.emulateMedia({ media: 'print' })
    await expect(page.getByRole('button', { name: 'Print' })).toBeHidden()
})

test('a clock with nothing to do says so', async ({ page }) => {
    await makeAccount(page)
    await startBuild(page, 'Pell')
    await page.goto('/clock')
    await expect(page.getByText('Nothing is left to do.')).toBeVisible()
})

test('work is dragged to a later session, and what follows moves with it', async ({ page }) => {
    // Both ends of the way are in sight.
    await page.setViewportSize({ width: 1280, height: 1600 })
    await openClock(page)
    const sessions = page.getByRole('region', { name: /^Session/ })
    const prime = page.getByRole('button', { name: /1 .*prime, coat 1 of 2/ }).first()
    await expect(
        sessions
            .first()
            .getByRole('button', { name: /1 .*prime, coat 1 of 2/ })
            .first(),
    ).toBeVisible()
    const build = /Brae|Ostrel/.exec(await prime.innerText())?.[0]
    const dragged = sessions.first().getByRole('button', { name: new RegExp(`1 .*prime, coat 1 of 2.*${build}`) })
    await expect(dragged).toHaveCount(1)
    await prime.dragTo(sessions.nth(2).getByRole('button').first())
    await expect(page.getByRole('region', { name: 'Put off' })).toContainText(/1 .*primer/)
    await expect(dragged).toHaveCount(0)
    await page.getByRole('button', { name: 'Take back' }).click()
    await expect(page.getByRole('region', { name: 'Put off' })).toHaveCount(0)
})

test('a date to meet is set with the build; the clock says what is to spare, or what would have to go', async ({
    page,
}) => {
    await copyOfDemo(page, /^Ostrel/)
    const due = async (days: number) => {
        await page.keyboard.press('b')
        const day = new Date(Date.now() + days * 86_400_000).toISOString().slice(0, 10)
        await page.getByLabel('To be finished by').fill(day)
        await page.getByRole('button', { name: 'Save', exact: true }).click()
        await expect(page.getByRole('dialog')).toHaveCount(0)
    }
    const plan = page.url()
    await due(120)
    await page.goto('/clock')
    const dates = page.getByRole('region', { name: 'Dates to meet' })
    await expect(dates).toContainText('to spare.')
    await page.goto(plan)
    await expect(page.getByRole('grid')).toBeVisible()
    await due(6)
    await page.goto('/clock')
    await expect(dates).toContainText('too late.')
    await dates.getByRole('button', { name: 'What would have to go?' }).click()
    await expect(dates).toContainText(/it ends /)
    await scan(page)
})

test('an earlier end is looked for in the background, and the search can be ended', async ({ page }) => {
    // So much work on one bench that nobody can say at once whether it could end earlier.
    let file = ''
    await copyOfDemo(page, /^Ostrel/, (plan) => {
        const { build, ...rest } = JSON.parse(plan)
        file = JSON.stringify({ ...rest, build: { ...build, due: null }, log: [] })
        return file
    })
    for (let copy = 0; copy < 4; copy++) expect((await call(page, 'POST', '/builds/import', file)).ok()).toBe(true)
    await moveToNoon(page)
    const look = page.getByRole('button', { name: 'Look for an earlier end' })
    await look.click()
    await expect(page.getByRole('progressbar')).toBeVisible()
    await expect(page.getByText(/so far /)).toBeVisible()
    await page.getByRole('button', { name: 'Stop looking' }).click()
    await expect(look).toBeEnabled()
    await expect(page.getByRole('heading', { name: /^All done/ })).toBeVisible()
})

test('a room of one’s own is kept through the year, and a new build begins in it', async ({ page }) => {
    await makeAccount(page)
    await page.goto('/clock')
    await page.getByRole('button', { name: 'Your week' }).click()
    const dialog = page.getByRole('dialog')
    for (const season of ['Winter', 'Spring', 'Summer', 'Autumn'])
        await dialog.getByRole('group', { name: season }).getByLabel('Temperature by day').fill('17')
    await dialog.getByRole('button', { name: 'Keep the room' }).click()
    await expect(dialog.getByText('Kept.')).toBeVisible()
    await page.goto('/')
    await expect(page.getByText('The bench is empty')).toBeVisible()
    await startBuild(page, 'Pell')
    await page.keyboard.press('b')
    await expect(page.getByLabel('Room temperature')).toHaveValue('17')
    await page.getByRole('button', { name: /^In summer: 17 °C, 60 %/ }).click()
    await expect(page.getByLabel('Relative humidity')).toHaveValue('60')
})
