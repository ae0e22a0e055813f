import { copyOfDemo, expect, openDemo, scan, test } from './kit'

test('what held on a card counts on the build that it was made for, and is taken back again', async ({ page }) => {
    await copyOfDemo(page, /^Brae 3-ton/)
    await page.goto(`${page.url().split('?')[0]}?step=s12-enamel-wash`)
    const risk = page.getByRole('button', { name: /White spirit, scrubbed in the clean-up, may soften and mark/ })
    await expect(risk).toBeVisible()
    if ((await risk.getAttribute('aria-expanded')) === 'false') await risk.click()
    const card = page.getByRole('listitem').filter({ has: risk })
    await card.getByRole('button', { name: 'Try it on a card first' }).click()

    await expect(page.getByRole('heading', { name: 'Trials' })).toBeVisible()
    const trial = page.getByRole('region', { name: 'A solvent attacks the film below' })
    const planned = trial.getByRole('region', { name: /^As planned/ })
    await expect(
        planned
            .getByRole('list', { name: /^Layers/ })
            .getByRole('listitem')
            .first(),
    ).toBeVisible()
    await expect(planned.getByText(/white spirit, scrubbed/)).toBeVisible()
    await scan(page)
    // A second method beside it has the same layers.
    await trial.getByRole('button', { name: 'Another method beside it' }).click()
    const second = trial.getByRole('region', { name: /^Field 2/ })
    await expect(second.getByRole('listitem')).toHaveCount(await planned.getByRole('listitem').count())
    await planned.getByLabel('Rubs').fill('25')
    await planned.getByLabel('What was seen').fill('A faint bloom')
    await planned.getByRole('button', { name: 'It held' }).click()
    await expect(planned.getByText(/after 25 rubs, plastic card/)).toBeVisible()

    await page.getByRole('link', { name: 'Bench', exact: true }).click()
    await page.getByRole('link', { name: 'Brae 3-ton, road section Orrenfell' }).first().click()
    await page.goto(`${page.url().split('?')[0]}?step=s12-enamel-wash`)
    const accepted = page.getByRole('button', { name: /^Accepted: White spirit, scrubbed in the clean-up, may soften/ })
    await accepted.click()
    await expect(page.getByText('Tried on plastic card, 25 rubs, passed.')).toBeVisible()
    await page.getByRole('link', { name: 'See the trial' }).click()
    await planned.getByRole('button', { name: 'Take it back' }).click()
    await expect(planned.getByRole('button', { name: 'It held' })).toBeVisible()
})

test('the demo’s trial is judged blind, and its hours and finish card are there', async ({ page }) => {
    await openDemo(page)
    await page.getByRole('link', { name: 'Trials', exact: true }).click()
    const trial = page.getByRole('region', { name: 'Wash: on gloss, or straight on matte paint', exact: true })
    await trial.getByRole('button', { name: 'Judge blind' }).click()
    const dialog = page.getByRole('dialog')
    await expect(dialog.getByRole('img', { name: 'Field II' })).toBeVisible()
    await scan(page)
    await dialog.getByRole('button', { name: 'I looks better', exact: true }).click()
    await expect(dialog.getByText(/^I: (On the clear coat|Straight on matte)$/)).toBeVisible()
    await page.keyboard.press('Escape')
    // Two photographs of it, in one light.
    await trial.getByRole('button', { name: 'Before and after' }).first().click()
    await page.getByRole('button', { name: 'Even the light by a grey card' }).click()
    for (const name of ['before', 'after']) {
        const picture = page.getByRole('button', { name: `Press on the grey card in the photograph ${name}` })
        const box = await picture.boundingBox()
        if (box === null) throw new Error('The photograph is not to be seen.')
        await picture.click({ position: { x: box.width * 0.08, y: box.height * 0.9 } })
    }
    await expect(page.getByText('Both as in one light.')).toBeVisible()
    await page.keyboard.press('Escape')

    await page.getByRole('link', { name: 'Diary' }).click()
    await expect(page.getByText(/^Judged blind: /)).toBeVisible()
    const jars = page.getByRole('region', { name: 'How your jars dry' })
    await jars.getByRole('checkbox', { name: 'Its plans shall count with it' }).first().click()
    await expect(jars.getByRole('checkbox', { name: 'Its plans count with times of your log' })).toBeVisible()
    await jars.getByRole('checkbox', { name: 'Its plans count with times of your log' }).click()
    await expect(jars.getByRole('checkbox', { name: 'Its plans count with times of your log' })).toHaveCount(0)
    await page
        .getByRole('listitem')
        .filter({ hasText: 'Harnvik carrier' })
        .getByRole('link', { name: 'finish card' })
        .click()
    await expect(page.getByRole('heading', { name: 'Harnvik carrier “Old Petrel”' })).toBeVisible()
    await expect(page.getByText('A hair in the coat on the left side', { exact: false })).toBeVisible()
    await expect(page.getByRole('list', { name: 'Photographs' }).getByRole('img')).toHaveCount(2)
    await scan(page)
})
