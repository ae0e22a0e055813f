import type { Page } from '@playwright/test'
import { call, expect, makeAccount, openDemo, scan, signOut, startBuild, test } from './kit'

/** Makes an account as a newcomer does, by the form. */
async function register(page: Page, email: string): Promise<void> {
    await page.goto('/sign-in')
    await page.getByRole('button', { name: 'Make an account' }).click()
    await page.getByLabel('Name').fill('Jorun Askel')
    await page.getByLabel('E-mail address').fill(email)
    await page.getByLabel('Password').fill('harnvik-tracks')
    await page.getByRole('button', { name: 'Make it' }).click()
}

test('a newcomer makes an account, signs out and in again, and finds the empty bench', async ({ page }) => {
    const email = `newcomer-${Date.now()}@tarsholm.example`
    await register(page, email)
    await expect(page.getByText('The bench is empty')).toBeVisible()
    await scan(page)
    await signOut(page)
    await scan(page)
    await page.getByLabel('E-mail address').fill(email)
    await page.getByLabel('Password').fill('harnvik-tracks')
    await page.getByRole('button', { name: 'Sign in' }).click()
    await expect(page.getByText('The bench is empty')).toBeVisible()
})

test('a visitor opens the demo by one press', async ({ page }) => {
    await page.goto('/')
    await page.getByRole('button', { name: 'Open the demo bench' }).click()
    await expect(page.getByRole('heading', { name: 'On the bench' })).toBeVisible()
    await expect(page.getByRole('link', { name: /^Ostrel/ })).toBeVisible()
})

test('a new password is the one that opens the door, and an account ends with a second word', async ({ page }) => {
    const email = `leaving-${Date.now()}@tarsholm.example`
    await register(page, email)
    await page.getByRole('link', { name: 'Your account, Jorun Askel' }).click()
    await expect(page.getByText('the one in your hands')).toBeVisible()
    await scan(page)
    await page.getByLabel('Password until now').fill('harnvik-tracks')
    await page.getByLabel('New password').fill('brae-lorry-tilt')
    await page.getByRole('button', { name: 'Change the password' }).click()
    await expect(page.getByText(/signed in here and nowhere else/)).toBeVisible()
    await signOut(page)
    const signIn = async (password: string) => {
        await page.getByLabel('E-mail address').fill(email)
        await page.getByLabel('Password').fill(password)
        await page.getByRole('button', { name: 'Sign in' }).click()
    }
    await signIn('harnvik-tracks')
    await expect(page.getByRole('alert')).toHaveText('This address and password do not belong together.')
    await signIn('brae-lorry-tilt')
    await page.getByRole('link', { name: 'Your account, Jorun Askel' }).click()
    await page.getByRole('button', { name: 'Delete the account…' }).click()
    await scan(page)
    await page.getByLabel('Your password').fill('brae-lorry-tilt')
    await page.getByRole('button', { name: 'Delete it for good' }).click()
    await expect(page.getByRole('heading', { name: 'Sign in' })).toBeVisible()
    await signIn('brae-lorry-tilt')
    await expect(page.getByRole('alert')).toHaveText('This address and password do not belong together.')
})

test('a wrong password is answered at the field', async ({ page }) => {
    await page.goto('/sign-in')
    await page.getByLabel('E-mail address').fill('nobody@tarsholm.example')
    await page.getByLabel('Password').fill('not the word')
    await page.getByRole('button', { name: 'Sign in' }).click()
    await expect(page.getByRole('alert')).toHaveText('This address and password do not belong together.')
    await expect(page.getByLabel('E-mail address')).toHaveValue('nobody@tarsholm.example')
})

test('whoever is not signed in is sent to the door, and comes back to where they were', async ({ page }) => {
    await makeAccount(page)
    await startBuild(page, 'Pell')
    const address = page.url()
    await call(page, 'DELETE', '/session')
    await page.goto(address)
    await expect(page.getByRole('heading', { name: 'Sign in' })).toBeVisible()
})

test("a stranger's build is not there", async ({ page }) => {
    await openDemo(page)
    await page.getByRole('link', { name: /^Ostrel/ }).click()
    await expect(page.getByRole('grid')).toBeVisible()
    const address = page.url()
    await page.goto('/')
    await signOut(page)
    await makeAccount(page)
    await page.goto(address)
    await expect(page.getByRole('heading', { name: 'There is no such build on your bench' })).toBeVisible()
})

test('a request without its token is refused', async ({ page }) => {
    await makeAccount(page)
    const answer = await page.request.post('/api/builds', { data: { name: 'Forged', kind: 'tank', scale: 35 } })
    expect(answer.status()).toBe(419)
})
