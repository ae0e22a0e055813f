import { copyOfDemo, expect, makeAccount, openDemo, scan, startBuild, test } from './kit'

test('a green is mixed from the shelf, thinned for the next pass, kept and found again', async ({ page }) => {
    await openDemo(page)
    await page.getByRole('link', { name: 'Mixes' }).click()
    await page.getByLabel('Colour', { exact: true }).fill('62 -9 16')
    await page.getByLabel('Colour', { exact: true }).press('Enter')
    const answers = page.getByRole('region', { name: 'What comes closest' })
    await expect(answers.getByText('not to be told apart').first()).toBeVisible()
    await scan(page)

    const cup = page.getByRole('region', { name: 'In the cup' })
    const ground = page.getByRole('region', { name: 'On a ground' })
    const covers = ground.getByText('covers')
    await ground.getByLabel('On this ground').fill('#202020')
    await ground.getByLabel('On this ground').press('Enter')
    await expect(covers.first()).toBeVisible()
    const before = await covers.count()
    await cup.getByRole('slider').fill('40')
    await expect(cup.getByText('2 paint to 3 thinner')).toBeVisible()
    await expect.poll(() => covers.count()).toBeLessThan(before)

    // What is left in the cup is thinned for the next pass, without starting afresh.
    const next = page.getByRole('region', { name: 'For the next pass' })
    await next.getByLabel('To be thinned').fill('1:3')
    await expect(next.getByText(/of thinner: it is 1 paint to 3 thinner then/)).toBeVisible()
    await next.getByRole('button', { name: 'It is in the cup' }).click()
    await expect(cup.getByText('1 paint to 3 thinner')).toBeVisible()
    await cup.getByRole('slider').fill('40')
    await cup.getByLabel('Measured out for').selectOption('an area')
    await expect(cup.getByText(/ml thinner: 1 cup/)).toBeVisible()

    const name = `Faded hull ${Date.now()}`
    await cup.getByLabel('Keep it as').fill(name)
    await cup.getByRole('button', { name: 'Keep' }).click()
    await page.reload()
    await page.getByLabel('Find by name, jar or build').fill(name)
    await page
        .getByRole('button', { name: new RegExp(name) })
        .first()
        .click()
    await expect(cup.getByText('2 paint to 3 thinner')).toBeVisible()
    await expect(covers.first()).toBeVisible()
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

    // A mix becomes a jar, which every plan can use.
    const cup = page.getByRole('region', { name: 'In the cup' })
    await cup.getByLabel('Keep it as').fill('Faded green')
    await cup.getByRole('button', { name: 'Bottle it as a jar' }).click()
    await expect(cup.getByText('It stands on your shelf')).toBeVisible()
    await page.getByRole('link', { name: 'Bench' }).click()
    await expect(page.getByText('The bench is empty')).toBeVisible()
    await startBuild(page, 'Pell')
    await page.keyboard.press('a')
    await page.keyboard.type('faded green')
    await expect(page.getByRole('option', { selected: true })).toContainText('Faded green')
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

test('a table with a bad row is refused by row, and taken whole once it is right', async ({ page }) => {
    await makeAccount(page)
    await page.goto('/shelf')
    await page.getByRole('button', { name: 'Take jars from a file (CSV, GPL or JSON)' }).click()
    const dialog = page.getByRole('dialog')
    const file = (text: string) => ({ name: 'jars.csv', mimeType: 'text/csv', buffer: Buffer.from(text) })
    await dialog.getByLabel('File').setInputFiles(file('Paint;Hex;Rest\nFir;#3f4a38;4,5 ml\nBuff;sandy;2 ml\n'))
    await expect(dialog.getByRole('alert')).toContainText('Row 3, colour: “sandy” is no colour')
    await expect(dialog.getByRole('button', { name: /^Take/ })).toBeDisabled()
    await scan(page)
    await dialog.getByLabel('File').setInputFiles(file('Paint;Hex;Rest\nFir;#3f4a38;4,5 ml\nBuff;#b7a37c;2 ml\n'))
    await dialog.getByLabel('left', { exact: true }).selectOption({ label: 'Rest' })
    await dialog.getByRole('button', { name: 'Take 2 jars' }).click()
    await expect(page.getByLabel('Fir: left')).toHaveValue('4.5')
    await expect(page.getByLabel('Buff: left')).toHaveValue('2')
})

test('a wash that vanishes is told in figures, and another jar that reads is taken', async ({ page }) => {
    await copyOfDemo(page, /^Ostrel/, (plan) => {
        const { products, ...rest } = JSON.parse(plan)
        type Jar = { id: string; colour: string | null }
        const wash = products.find((jar: Jar) => jar.id === 'morrin-dark-wash')
        const faint = { ...wash, colour: '#4f583c', name: 'Faint green wash' }
        const others = products.filter((jar: Jar) => jar !== wash)
        return JSON.stringify({ ...rest, products: [...others, faint, { ...wash, id: 'dark' }] })
    })
    await page.getByRole('button', { name: /14 Faint green wash/ }).click()
    const inspector = page.getByRole('complementary', { name: 'The chosen step' })
    await expect(inspector.getByText(/is hardly seen on “Vellow 31 island green”: a difference of/)).toBeVisible()
    await inspector.getByRole('button', { name: 'Compare jars on this ground' }).click()
    await expect(inspector.getByRole('button', { name: /Faint green wash · in use/ })).toBeVisible()
    await inspector.getByRole('button', { name: /^Morrin dark wash/ }).click()
    await expect(page.getByRole('button', { name: /14 Morrin dark wash/ })).toBeVisible()
    await expect(inspector.getByText(/is hardly seen on/)).toHaveCount(0)
    await scan(page)
})

test('what the plans need is added up, and a mix is printed on a card', async ({ page }) => {
    await openDemo(page)
    await page.getByRole('link', { name: 'Shelf' }).click()
    await page.getByRole('link', { name: 'What the plans need' }).click()
    await expect(page.getByRole('heading', { name: /to buy or to top up/ })).toBeVisible()
    await page.getByLabel('For').selectOption({ label: 'Ostrel, 2nd Squadron at Vell Bay' })
    await expect(page.getByRole('row', { name: /Vellow 31 island green/ })).toBeVisible()
    await expect(page.getByText('Vellow 34 heath buff')).toHaveCount(0)
    await scan(page)
    await page.goto('/mixes')
    await page
        .getByRole('link', { name: /A card of/ })
        .first()
        .click()
    await expect(page.getByRole('columnheader', { name: 'Drops for 5 ml' })).toBeVisible()
    // A photograph is larger than anything else that is sent.
    const noise = await page.evaluate(() => {
        const canvas = document.createElement('canvas')
        canvas.width = canvas.height = 1000
        const paint = canvas.getContext('2d')
        const pixels = paint?.createImageData(1000, 1000)
        if (paint == null || pixels === undefined) throw new Error('Nothing can be drawn here.')
        for (let at = 0; at < pixels.data.length; at++) pixels.data[at] = at % 4 === 3 ? 255 : Math.random() * 256
        paint.putImageData(pixels, 0, 0)
        return canvas.toDataURL('image/png').split(',')[1] ?? ''
    })
    const buffer = Buffer.from(noise, 'base64')
    expect(buffer.length).toBeGreaterThan(2_500_000)
    const photographs = page.getByRole('region', { name: 'Photographs' })
    await photographs.getByLabel('Add one').setInputFiles({ name: 'stroke.png', mimeType: 'image/png', buffer })
    await expect(photographs.getByRole('img')).toHaveCount(1)
    await photographs.getByRole('button', { name: /Throw away the photograph/ }).click()
    await expect(photographs.getByRole('img')).toHaveCount(0)
    await scan(page)
    await page.goto('/almanac?page=sizes')
    await expect(page.getByRole('img', { name: /1:35/ })).toBeVisible()
    await scan(page)
})

test('the colour of a jar is taken from a photograph, in the light that a white card shows', async ({ page }) => {
    await makeAccount(page)
    await page.goto('/shelf')
    await page.getByRole('button', { name: 'A new jar' }).click()
    const dialog = page.getByRole('dialog')
    await dialog.getByLabel('Name').fill('From the lid')
    await dialog.getByRole('button', { name: 'From a photograph…' }).click()
    // White card on the left, olive paint on the right, under a warm lamp.
    const picture = await page.evaluate(() => {
        const canvas = document.createElement('canvas')
        canvas.width = 400
        canvas.height = 200
        const context = canvas.getContext('2d')
        if (context === null) throw new Error('no canvas')
        context.fillStyle = 'rgb(230, 200, 150)'
        context.fillRect(0, 0, 200, 200)
        context.fillStyle = 'rgb(82, 80, 40)'
        context.fillRect(200, 0, 200, 200)
        return canvas.toDataURL('image/png').split(',')[1] ?? ''
    })
    await dialog
        .getByLabel('Photograph of the dry paint')
        .setInputFiles({ name: 'lid.png', mimeType: 'image/png', buffer: Buffer.from(picture, 'base64') })
    const photograph = dialog.getByLabel('The photograph')
    await expect(dialog.getByText('Press on the card first.')).toBeVisible()
    await photograph.click({ position: { x: 100, y: 100 } })
    await expect(dialog.getByText('Now press on the paint.')).toBeVisible()
    await photograph.click({ position: { x: 300, y: 100 } })
    await expect(dialog.getByRole('status')).toContainText('give or take 0.0')
    await scan(page)
    await dialog.getByRole('button', { name: 'Take this colour' }).click()
    const colour = await dialog.getByLabel('Colour when dry').inputValue()
    // The lamp is taken out: green is no longer weaker than red.
    expect(Number.parseInt(colour.slice(3, 5), 16)).toBeGreaterThan(Number.parseInt(colour.slice(1, 3), 16))
    await dialog
        .getByLabel('Photograph of the dry paint')
        .setInputFiles({ name: 'no.png', mimeType: 'image/png', buffer: Buffer.from('no picture') })
    await expect(dialog.getByRole('alert')).toContainText('cannot be read')
    await dialog.getByRole('button', { name: 'Add the jar' }).click()
    await expect(page.getByRole('row', { name: /From the lid/ })).toBeVisible()
})
