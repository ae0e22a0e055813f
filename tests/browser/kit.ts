import AxeBuilder from '@axe-core/playwright'
import { type BrowserContext, test as base, expect, type Page } from '@playwright/test'

const address = process.env.ULVRACH_URL ?? 'http://127.0.0.1:8480'

/** Every test fails on an error in the page or its console; failed requests that a test makes happen are told apart. */
export const test = base.extend<{ errors: string[]; vehicles: 'as they are' | 'a card' }>({
    // Drawing a tank takes seconds of both processors. Where a test is not about it, a card stands in its place.
    vehicles: ['a card', { option: true }],
    page: async ({ page, vehicles }, use) => {
        if (vehicles === 'a card')
            await page.route(/\/api\/vehicles\/[a-z-]+(\?.*)?$/, (route) =>
                route.continue({ url: new URL('/api/vehicles/test-card', address).href }),
            )
        await use(page)
    },
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

type Cookies = Awaited<ReturnType<BrowserContext['cookies']>>

const password = process.env.ULVRACH_TEST_PASSWORD ?? ''

/** Sends as a page does, with the token that goes with these cookies. */
export async function call(page: Page, method: 'POST' | 'PUT' | 'DELETE', path: string, data?: string | object) {
    const cookie = (await page.context().cookies()).find(({ name }) => name === 'XSRF-TOKEN')
    return page.request.fetch(`${address}/api${path}`, {
        method,
        ...(data === undefined ? {} : { data }),
        headers: {
            'X-XSRF-TOKEN': decodeURIComponent(cookie?.value ?? ''),
            'Content-Type': 'application/json',
            Accept: 'application/json',
        },
    })
}

async function enter(page: Page, path: string, data: object): Promise<Cookies> {
    await page.context().clearCookies()
    await page.request.get(`${address}/api/session`)
    expect((await call(page, 'POST', path, data)).ok()).toBe(true)
    return page.context().cookies()
}

let demo: Cookies | undefined

/** Tests that run side by side have a demo each, and sign in to it once. */
async function enterDemo(page: Page): Promise<void> {
    const email = `demo-${process.env.TEST_PARALLEL_INDEX}@tarsholm.example`
    demo ??= await enter(page, '/session', { email, password })
    await page.context().clearCookies()
    await page.context().addCookies(demo)
}

export async function openDemo(page: Page): Promise<void> {
    await enterDemo(page)
    await page.goto('/')
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

/** Waits until the server has all that was changed: what a page that is left still wants to send is asked about. */
export async function allIsSaved(page: Page): Promise<void> {
    const kept = () => Object.keys(localStorage).filter((key) => key.includes('changes.'))
    await expect.poll(() => page.evaluate(kept)).toEqual([])
}

/** Waits for the answer: leaving the page before it would take the request back. */
export async function signOut(page: Page): Promise<void> {
    await page.getByRole('button', { name: 'Sign out' }).click()
    await expect(page.getByRole('heading', { name: 'Sign in' })).toBeVisible()
    demo = undefined
}

/** An account of its own, so that tests do not change each other's builds; signed in, on no page yet. */
async function enterAccount(page: Page): Promise<void> {
    const email = `jorun-${Date.now()}-${Math.floor(Math.random() * 1e6)}@tarsholm.example`
    await enter(page, '/accounts', { name: 'Jorun Askel', email, password: 'harnvik-tracks' })
}

export async function makeAccount(page: Page): Promise<void> {
    await enterAccount(page)
    await page.goto('/')
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
    await enterDemo(page)
    const { builds } = await (await page.request.get(`${address}/api/builds`)).json()
    const { id } = builds.find((build: { name: string }) => name.test(build.name))
    const file = await page.request.get(`${address}/api/builds/${id}/plan-file`)
    const plan = change((await file.body()).toString())
    await enterAccount(page)
    const copy = await (await call(page, 'POST', '/builds/import', plan)).json()
    await page.goto(`/builds/${copy.id}`)
    await expect(page.getByRole('grid')).toBeVisible()
}

export async function scan(page: Page): Promise<void> {
    // What is right is not told in full: of a large plan it is so much that telling takes longer than looking.
    const result = await new AxeBuilder({ page })
        .options({ resultTypes: ['violations'] })
        .setLegacyMode(true)
        .analyze()
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
