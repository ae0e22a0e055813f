import { copyOfDemo, expect, moveToNoon, scan, test } from './kit'

/** The tank with a finish that lies already, and these steps on it. */
const onTheTank = (page: import('@playwright/test').Page, steps: readonly object[], more: readonly object[] = []) =>
    copyOfDemo(page, /^Ostrel/, (plan) => {
        const file = JSON.parse(plan)
        return JSON.stringify({
            ...file,
            build: { ...file.build, due: null },
            products: [...file.products, ...more],
            steps: steps.map((step, place) => ({ id: `s${place + 1}`, ...step })),
            log: [],
        })
    })
const spirit = (afterMinutes: number) => ({ carrier: 'odourless-spirit', rubbed: false, afterMinutes })
const oil = (name: string, colour: string) => ({
    id: name,
    name: `Kestrin ${name}`,
    family: 'artist-oil',
    carrier: 'odourless-spirit',
    sheen: 'satin',
    colour,
})

test('an evening of oils over two sides is one body on the board and one sitting in the week', async ({ page }) => {
    const dots = (product: string, zone: string) => ({
        technique: 'oil-dots',
        product,
        zones: [zone],
        cleanUp: [spirit(10)],
    })
    await onTheTank(
        page,
        [dots('umber', 'hull-sides'), dots('umber', 'turret'), dots('ochre', 'hull-sides'), dots('ochre', 'turret')],
        [oil('umber', '#4a3524'), oil('ochre', '#b58a4c')],
    )
    const inspector = page.getByRole('complementary', { name: 'The chosen step' })
    await expect(inspector.getByText('One sitting with steps 2, 3 and 4.')).toBeVisible()
    await expect(inspector).toContainText('Oils from one palette')
    await expect(inspector).toContainText(/It takes .* at a stretch|your usual evening has/)
    await scan(page)
    // All of it is done, or moved, or deleted as one.
    await inspector.getByRole('button', { name: 'Choose all of it' }).click()
    const several = page.getByRole('region', { name: 'Chosen steps' })
    await expect(several).toContainText('4 steps chosen')
    await several.getByRole('button', { name: 'Draft anew' }).click()
    await expect(page.getByRole('dialog')).toContainText('Only on Hull sides, Turret')
    await page.keyboard.press('Escape')
    // One of them at another time leaves the others together.
    await page.getByRole('button', { name: /^3 Kestrin ochre/ }).click()
    await inspector.getByLabel('Sitting').selectOption('apart')
    await expect(inspector.getByText(/^One sitting with/)).toHaveCount(0)
    await page.getByRole('button', { name: /^1 Kestrin umber/ }).click()
    await expect(inspector.getByText('One sitting with steps 2 and 4.')).toBeVisible()
    await page.getByRole('button', { name: /^3 Kestrin ochre/ }).click()
    await page.keyboard.press('Control+z')
    await expect(inspector.getByText('One sitting with steps 1, 2 and 4.')).toBeVisible()
    await moveToNoon(page)
    await expect(page.getByText(/^One sitting, /)).toHaveCount(1)
    await expect(page.getByText(/Oils from one palette/)).toBeVisible()
    await expect(page.getByRole('region', { name: /^Session/ })).toHaveCount(1)
})

test('a wash that is longer than an evening is cut into sections, each laid and cleaned', async ({ page }) => {
    await onTheTank(page, [
        {
            technique: 'enamel-wash',
            product: 'morrin-dark-wash',
            zones: ['hull-top', 'glacis', 'hull-sides', 'rear-plate', 'turret', 'fenders', 'running-gear', 'tracks'],
            cleanUp: [spirit(25)],
        },
    ])
    await moveToNoon(page)
    const sessions = page.getByRole('region', { name: /^Session/ })
    await expect(sessions.first()).toContainText('section 1 of')
    const said = await page.getByText(/^One sitting, /).count()
    expect(said).toBeGreaterThan(1)
    // Each of them ends clean, on its own day or after the one before.
    await expect(page.getByText(/clean-up, section 1 of/)).toHaveCount(1)
    await expect(page.getByText(new RegExp(`clean-up, section ${said} of ${said}`))).toHaveCount(1)
})

test('forty minutes lead to what fits, and chips are lifted in rounds', async ({ page }) => {
    await page.setViewportSize({ width: 1024, height: 768 })
    await onTheTank(page, [
        { technique: 'chipping-fluid', product: 'skerry-chipping-fluid', zones: ['fenders'] },
        { technique: 'spray-colour', product: 'vellow-31', zones: ['fenders'] },
        { technique: 'lift-off', product: null, zones: ['fenders'] },
    ])
    await moveToNoon(page)
    await page.goto('/work')
    await page.getByRole('button', { name: '40 min' }).click()
    await expect(page.getByRole('heading', { name: 'Chipping fluid' })).toBeVisible()
    await page.getByRole('button', { name: 'Next' }).click()
    await page.getByRole('button', { name: 'Next' }).click()
    await expect(page.getByRole('heading', { name: 'Lift chips with water' })).toBeVisible()
    await page.getByRole('button', { name: 'Begin' }).click()
    await page.getByRole('button', { name: 'It is wet' }).click()
    const rounds = page.getByRole('region', { name: 'Rounds' })
    await expect(rounds).toContainText(/Round 1\. Wet for 0:\d\d/)
    await scan(page)
    await rounds.getByRole('button', { name: 'Another round' }).click()
    await expect(rounds).toContainText('Round 2.')
    await page.getByRole('button', { name: 'Enough' }).click()
    await expect(page.getByText('Enough: written down.')).toBeVisible()
})
