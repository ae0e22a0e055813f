import AxeBuilder from '@axe-core/playwright'
import { test as base, expect, type Page } from '@playwright/test'

/** Every test fails on an error in the page or its console; failed requests that a test makes happen are told apart. */
export const test = base.extend<{ errors: string[] }>({
    errors: [
        async ({ page }, use) => {
            const errors: string[] = []
            page.on('pageerror', (error) => errors.push(error.message))
            page.on('console', (message) => {
                if (message.type() === 'error' && !message.text().startsWith('Failed to load resource'))
                    errors.push(message.text())
            })
            await use(errors)
            expect(errors).toEqual([])
        },
        { auto: true },
    ],
})
export { expect }

export async function openDemo(page: Page): Promise<void> {
    await page.goto('/')
    await page.getByRole('button', { name: 'Open the demo bench' }).click()
    await expect(page.getByRole('heading', { name: 'On the bench' })).toBeVisible()
    // What comes in above the cards can still move them a little.
    await expect(page.getByRole('region', { name: 'The next session' })).toBeVisible()
}

/** Places around the earth, so that it is about noon in one of them whenever the tests run. */
const ZONES = [
    'Pacific/Honolulu',
    'America/Anchorage',
    'America/Los_Angeles',
    'America/Denver',
    'America/Chicago',
    'America/New_York',
    'America/Halifax',
    'America/Sao_Paulo',
    'Atlantic/South_Georgia',
    'Atlantic/Cape_Verde',
    'Atlantic/Faroe',
    'Europe/Paris',
    'Europe/Helsinki',
    'Asia/Dubai',
    'Asia/Karachi',
    'Asia/Dhaka',
    'Asia/Bangkok',
    'Asia/Shanghai',
    'Asia/Tokyo',
    'Australia/Brisbane',
    'Pacific/Noumea',
    'Pacific/Auckland',
]
const hourIn = (timeZone: string) =>
    Number(new Intl.DateTimeFormat('en-GB', { timeZone, hour: '2-digit', hourCycle: 'h23' }).format())

/** The clock of the demo where it is noon: the whole evening lies ahead, not what is left of one. */
export async function openClock(page: Page): Promise<void> {
    await openDemo(page)
    await moveToNoon(page)
    await expect(page.getByRole('heading', { name: /^All done/ })).toBeVisible()
}

/** Puts the bench where it is noon now, so that nothing is forbidden for the hour. */
export async function moveToNoon(page: Page): Promise<void> {
    await page.goto('/clock')
    await page.getByRole('button', { name: 'Your week' }).click()
    const week = page.getByRole('dialog')
    const [noon = ''] = ZONES.toSorted((one, other) => Math.abs(hourIn(one) - 12) - Math.abs(hourIn(other) - 12))
    await week.getByLabel('Time zone').fill(noon)
    await week.getByRole('button', { name: 'Keep', exact: true }).click()
    await expect(week).toHaveCount(0)
}

/** Waits for the answer: leaving the page before it would take the request back. */
export async function signOut(page: Page): Promise<void> {
    await page.getByRole('button', { name: 'Sign out' }).click()
    await expect(page.getByRole('heading', { name: 'Sign in' })).toBeVisible()
}

/** An account of its own, so that tests do not change each other's builds. */
export async function makeAccount(page: Page): Promise<void> {
    await page.goto('/sign-in')
    await page.getByRole('button', { name: 'Make an account' }).click()
    await page.getByLabel('Name').fill('Jorun Askel')
    await page
        .getByLabel('E-mail address')
        .fill(`jorun-${Date.now()}-${Math.floor(Math.random() * 1e6)}@tarsholm.example`)
    await page.getByLabel('Password').fill('harnvik-tracks')
    await page.getByRole('button', { name: 'Make it' }).click()
    await expect(page.getByText('The bench is empty')).toBeVisible()
}

export async function startBuild(page: Page, name: string, kind = 'Scout car'): Promise<void> {
    await page.keyboard.press('n')
    await page.getByLabel('Name of the build').fill(name)
    await page.getByLabel('Kind').selectOption({ label: kind })
    await page.getByRole('button', { name: 'Start it' }).click()
    await expect(page.getByText('Nothing laid down yet')).toBeVisible()
}

/** Copies a demo build into an account of its own, by export and import; what its file says may be changed between. */
export async function copyOfDemo(
    page: Page,
    name: RegExp,
    change: (plan: string) => string = (plan) => plan,
): Promise<void> {
    await openDemo(page)
    await page.getByRole('link', { name }).click()
    await expect(page.getByRole('grid')).toBeVisible()
    const file = await page.request.get(`/api/builds/${page.url().split('/').pop()}/plan-file`)
    const plan = Buffer.from(change((await file.body()).toString()))
    await page.goto('/')
    await signOut(page)
    await makeAccount(page)
    await page.getByRole('button', { name: 'Import a plan' }).click()
    await page.getByLabel('Plan file').setInputFiles({ name: 'copy.json', mimeType: 'application/json', buffer: plan })
    await expect(page.getByRole('grid')).toBeVisible()
}

export async function scan(page: Page): Promise<void> {
    const result = await new AxeBuilder({ page }).analyze()
    expect(result.violations.map(({ id, nodes }) => `${id}: ${nodes.map((node) => node.target).join(' | ')}`)).toEqual(
        [],
    )
}

/** The cell of the board where a step, by its number, meets a zone. */
export const cellOf = (page: Page, step: number, zone: string) =>
    page
        .getByRole('row')
        .filter({ has: page.getByRole('button', { name: `Drag step ${step}`, exact: true }) })
        .getByRole('button', {
            name: new RegExp(`^${zone}: `),
        })
