import { expect, makeAccount, openDemo, startBuild, test } from './kit'

test('the bench shows first what cannot wait, and what each build waits for', async ({ page }) => {
    await openDemo(page)
    const first = page.getByRole('list', { name: 'Builds' }).getByRole('listitem').first()
    await expect(first.getByRole('heading')).toContainText('Harnvik')
    await expect(first).toContainText(/window closes in|window closed/)
    await expect(first).toContainText('8 of 23 steps done')
})

test('a broken plan file is refused with the path of each fault', async ({ page }) => {
    await makeAccount(page)
    await page.getByRole('button', { name: 'Import a plan' }).click()
    const file = (text: string) => ({ name: 'broken.json', mimeType: 'application/json', buffer: Buffer.from(text) })
    await page.getByLabel('Plan file').setInputFiles(file('{"format": "ulvrach-plan", "version": 7}'))
    await expect(page.getByRole('alert')).toContainText('broken.json was not imported.')
    await expect(page.getByRole('alert')).toContainText('/versionThis was written by a newer Ulvrach')
    await page.getByLabel('Plan file').setInputFiles(file('{"format": "ulvrach-plan", "version": 2, "zones": []}'))
    await expect(page.getByRole('alert')).toContainText('/buildThis is missing.')
    await page.getByLabel('Plan file').setInputFiles(file('Dear Ulvrach'))
    await expect(page.getByRole('alert')).toContainText('not JSON that can be read')
})

test('a build is deleted only after a second word', async ({ page }) => {
    await makeAccount(page)
    await startBuild(page, 'Pell of the harbour guard with a name as long as anybody will ever type into this field')
    await page.goto('/')
    await page.getByRole('button', { name: /^Delete Pell/ }).click()
    await page.getByRole('button', { name: 'Keep it' }).click()
    await expect(page.getByRole('list', { name: 'Builds' }).getByRole('listitem')).toHaveCount(1)
    await page.getByRole('button', { name: /^Delete Pell/ }).click()
    await page.getByRole('button', { name: 'Delete it' }).click()
    await expect(page.getByText('The bench is empty')).toBeVisible()
})

test('a bench that cannot be fetched says so and can be tried again', async ({ page }) => {
    await makeAccount(page)
    await page.route('**/api/builds', (route) => route.fulfill({ status: 500, json: { message: 'Server Error' } }))
    await page.reload()
    await expect(page.getByRole('alert')).toContainText('Server Error')
    await page.unroute('**/api/builds')
    await page.getByRole('button', { name: 'Try again' }).click()
    await expect(page.getByText('The bench is empty')).toBeVisible()
})
