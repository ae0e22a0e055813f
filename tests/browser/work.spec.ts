import { spawn } from 'node:child_process'
import { readFile } from 'node:fs/promises'
import { expect, makeAccount, scan, signOut, startBuild, test } from './kit'

const PHOTO = {
    name: 'mark.png',
    mimeType: 'image/png',
    buffer: Buffer.from(
        'iVBORw0KGgoAAAANSUhEUgAAAEAAAAAwCAIAAAAuKetIAAAARElEQVR42u3PQQkAAAgEsEtnCEPY/2kFv8JgBZaeei' +
            '0CAgICAgICAgICAgICAgICAgICAgICAgICAgICAgICAgICAlcLQAKotV+duBQAAAAASUVORK5CYII=',
        'base64',
    ),
}

/** A vehicle with a drafted plan, and the bench with its first step before the hands. */
async function toTheBench(page: import('@playwright/test').Page, effort = 'some weeks'): Promise<void> {
    await makeAccount(page)
    await startBuild(page, 'Pell', 'Light tank')
    await page.getByRole('button', { name: 'Draft a plan from its story' }).click()
    const dialog = page.getByRole('dialog')
    await dialog.getByLabel('It may take').selectOption(effort)
    await dialog.getByRole('button', { name: 'Lay it down' }).click()
    await expect(page.getByRole('grid')).toBeVisible()
    await page.goto('/work')
    await expect(page.getByRole('heading', { name: 'Have ready' })).toBeVisible()
    await page.getByRole('button', { name: 'To the first step' }).click()
    // In few hours the model comes to the bench cleaned up.
    await expect(page.getByRole('heading', { name: /^(Cut, file and sand|Prime)$/ })).toBeVisible()
}

const logged = (page: import('@playwright/test').Page) =>
    page.evaluate(async () => {
        const { builds } = await (await fetch('/api/builds', { headers: { Accept: 'application/json' } })).json()
        const answer = await fetch(`/api/builds/${builds[0].id}/log`, { headers: { Accept: 'application/json' } })
        return (await answer.json()).log.map(({ kind, step }: { kind: string; step: string }) => `${kind} ${step}`)
    })

const photographed = (page: import('@playwright/test').Page) =>
    page.evaluate(async () => {
        const { builds } = await (await fetch('/api/builds', { headers: { Accept: 'application/json' } })).json()
        const answer = await fetch(`/api/builds/${builds[0].id}/photos`, { headers: { Accept: 'application/json' } })
        return (await answer.json()).photos.map(({ id }: { id: string }) => id)
    })

test('a step is begun and done with a press each, and a wrong press is taken back', async ({ page }) => {
    await page.setViewportSize({ width: 1024, height: 768 })
    await toTheBench(page)
    await scan(page)
    await page.getByRole('button', { name: 'Begin' }).click()
    await page.getByRole('button', { name: 'Done' }).first().click()
    await expect(page.getByRole('heading', { name: 'Fit it dry and measure' })).toBeVisible()
    await page.getByRole('button', { name: 'That was wrong' }).click()
    await expect(page.getByRole('heading', { name: 'Cut, file and sand' })).toBeVisible()
    await page.keyboard.press('Space')
    await expect(page.getByText('Done: written down.')).toBeVisible()
    await page.getByRole('button', { name: 'More' }).click()
    await page.getByLabel('In words', { exact: false }).fill('A seam on the left fender')
    await page.getByRole('button', { name: 'Write down' }).click()
    await expect
        .poll(() => logged(page))
        .toEqual([
            'begun cut-and-sand-1',
            'finished cut-and-sand-1',
            'withdrawn cut-and-sand-1',
            'finished cut-and-sand-1',
            'note dry-fit-1',
        ])
    // What is done otherwise shows what follows, and whether the plan shall say so is asked.
    await page.getByRole('button', { name: 'More' }).click()
    await page.getByRole('button', { name: 'Done otherwise' }).click()
    await page.getByRole('button', { name: 'One coat more than planned' }).click()
    await page.getByRole('button', { name: 'Change the plan too' }).click()
    await expect(page.getByText('One coat more than planned: written down.')).toBeVisible()
    // What goes wrong is met at once, and the photograph stands with the step.
    await page.getByRole('button', { name: 'More' }).click()
    await page.getByRole('button', { name: 'Something went wrong' }).click()
    await page.getByRole('button', { name: 'Glue shines beside a joint' }).click()
    await scan(page)
    await page.getByRole('button', { name: 'Put it in the plan' }).first().click()
    await expect(page.getByText(/^Rescue: .*: written down/)).toBeVisible()
    await page.getByLabel('Add one').setInputFiles(PHOTO)
    await expect(page.getByRole('region', { name: 'Photographs' }).getByRole('img')).toBeVisible()
    for (const button of await page.getByRole('navigation', { name: 'Steps' }).getByRole('button').all()) {
        expect((await button.boundingBox())?.height).toBeGreaterThanOrEqual(64)
    }
    await page.goto('/diary')
    await expect(page.getByText('A seam on the left fender')).toBeVisible()
    await expect(page.getByText(/^Next: /)).toBeVisible()
    await scan(page)
})

test('the bench opens and goes on without a network, and nothing is lost or doubled', async ({ page, context }) => {
    await toTheBench(page)
    // The program is kept at hand once it has been fetched.
    await page.evaluate(async () => (await navigator.serviceWorker.ready).active?.state)
    await expect
        .poll(() => page.evaluate(async () => (await (await caches.open('ulvrach-shell')).keys()).length))
        .toBeGreaterThan(20)
    await context.setOffline(true)
    await page.keyboard.press('Space')
    await page.keyboard.press('Space')
    await expect(page.getByText('2 entries wait to be sent; nothing is lost.')).toBeVisible()
    await page.getByLabel('Add one').setInputFiles(PHOTO)
    await expect(page.getByText('Waits to be sent; it is on this device.')).toBeVisible()
    await page.reload()
    await expect(page.getByText('Without the server: all is kept here')).toBeVisible()
    await expect(page.getByText('2 entries wait to be sent; nothing is lost.')).toBeVisible()
    await page.getByRole('button', { name: 'To the first step' }).click()
    // What was done without the network is done.
    await expect(page.getByRole('heading', { name: 'Fit it dry and measure' })).toBeVisible()
    await page.getByRole('button', { name: 'Done' }).first().click()
    await expect(page.getByText('3 entries wait to be sent; nothing is lost.')).toBeVisible()

    await context.setOffline(false)
    await expect(page.getByText('wait to be sent', { exact: false })).toHaveCount(0, { timeout: 20_000 })
    expect(await logged(page)).toEqual(['begun cut-and-sand-1', 'finished cut-and-sand-1', 'finished dry-fit-1'])
    // The photograph went after them, once, to the step that it was taken of.
    await expect.poll(() => photographed(page)).toEqual(['dry-fit-1'])

    // A shared tablet is locked again, and keeps nothing.
    await page.goto('/')
    await signOut(page)
    const left = await page.evaluate(
        () =>
            new Promise((resolve) => {
                const opened = indexedDB.open('keyval-store')
                opened.onsuccess = () => {
                    const all = opened.result.transaction('keyval').objectStore('keyval').getAllKeys()
                    all.onsuccess = () => resolve(all.result)
                }
            }),
    )
    expect(left).toEqual([])
    await context.setOffline(true)
    await page.goto('/work').catch(() => undefined)
    await expect(page.getByText('Nobody has worked at this device since it was locked', { exact: false })).toBeVisible()
})

test('two devices write one log, and a lost answer makes no second entry', async ({ page, browser, context }) => {
    await toTheBench(page)
    const other = await browser.newContext({ storageState: await context.storageState() })
    const second = await other.newPage()
    await second.goto('/work')
    await second.getByRole('button', { name: 'To the first step' }).click()
    // The server has it, and the answer never comes.
    let isCut = true
    await page.route('**/log', async (route) => {
        if (!isCut) return route.continue()
        isCut = false
        await route.fetch()
        await route.abort()
    })
    await page.getByRole('button', { name: 'Begin' }).click()
    await second.getByRole('button', { name: 'Begin' }).click()
    await second.getByRole('button', { name: 'Done' }).first().click()
    await expect(second.getByRole('heading', { name: 'Fit it dry and measure' })).toBeVisible()
    await expect(page.getByText('waits to be sent', { exact: false })).toHaveCount(0, { timeout: 20_000 })
    // The first device has gone on with the second.
    await expect(page.getByRole('heading', { name: 'Fit it dry and measure' })).toBeVisible({ timeout: 40_000 })
    const log = await logged(page)
    expect(log.filter((one: string) => one === 'begun cut-and-sand-1')).toHaveLength(2)
    expect(log.filter((one: string) => one === 'finished cut-and-sand-1')).toHaveLength(1)
    await other.close()
})

test('a build on the bench leads to its own next step', async ({ page }) => {
    await toTheBench(page)
    await page.goto('/')
    await expect(page.getByRole('heading', { name: 'Pell' })).toBeVisible()
    await startBuild(page, 'Strag', 'Half-track')
    await page.getByRole('button', { name: 'Draft a plan from its story' }).click()
    await page.getByRole('dialog').getByRole('button', { name: 'Lay it down' }).click()
    await expect(page.getByRole('grid')).toBeVisible()
    for (const name of ['Pell', 'Strag']) {
        await page.goto('/')
        const card = page.getByRole('listitem').filter({ has: page.getByRole('heading', { name }) })
        await card.getByRole('link', { name: 'Work on it now' }).click()
        await expect(page.getByRole('heading', { name: new RegExp(`^${name}, step 1 of`) })).toBeVisible()
    }
})

test('a wash that lies wet is told of when it can be cleaned, and before it has set', async ({ page }) => {
    await page.clock.install()
    // In few evenings the wash is among the first cards.
    await toTheBench(page, 'a few evenings')
    const wash = page.getByRole('heading', { name: 'Pin wash' })
    for (let step = 0; step < 20 && !(await wash.isVisible()); step++) {
        await page.getByRole('button', { name: 'Next' }).click()
    }
    await page.getByRole('button', { name: 'Begin' }).click()
    await page.getByRole('button', { name: 'It is on' }).click()
    const clocks = page.getByRole('list', { name: 'What dries' })
    await expect(clocks.getByText(/^in \d/).first()).toBeVisible()
    // The sign beats the number.
    await clocks.getByRole('button', { name: /^The sign beats the number/ }).click()
    await page.clock.fastForward('45:00')
    await expect(page.getByRole('alert').getByText(/now\.$/)).toBeVisible()
    await page.getByRole('button', { name: 'Heard' }).click()
    await expect(page.getByRole('button', { name: 'Heard' })).toHaveCount(0)
    // Told once: not again after a reload.
    await page.reload()
    await page.clock.fastForward('00:10')
    await expect(clocks.getByText(/^now/)).toBeVisible()
    await expect(page.getByRole('button', { name: 'Heard' })).toHaveCount(0)
})

test('a server that is killed while it writes loses and doubles nothing', async ({ page, errors }) => {
    const run = process.env.ULVRACH_RUN
    test.skip(run === undefined, 'Only bin/test knows the processes of its server.')
    await toTheBench(page)
    // The table is held, so that the server stands in the middle of its write.
    const held = spawn('psql', ['-h', '127.0.0.1', '-p', process.env.DB_PORT ?? '', '-U', 'ulvrach', '-d', 'ulvrach'], {
        env: { ...process.env, PGPASSWORD: process.env.DB_PASSWORD },
        stdio: ['pipe', 'pipe', 'inherit'],
    })
    const said = (text: string) =>
        new Promise<void>((resolve) => {
            held.stdout.on('data', (bytes: Buffer) => bytes.toString().includes(text) && resolve())
        })
    const locked = said('LOCK TABLE')
    held.stdin.write('BEGIN; LOCK TABLE log_entries IN EXCLUSIVE MODE;\n')
    await locked
    await page.getByRole('button', { name: 'Begin' }).click()
    await expect(page.getByText('One entry waits to be sent', { exact: false })).toBeVisible()
    const waits = "select count(*) || ' wait' from pg_locks where relation = 'log_entries'::regclass and not granted;"
    const blocked = said('1 wait')
    await expect
        .poll(async () => {
            held.stdin.write(`${waits}\n`)
            return Promise.race([blocked.then(() => true), page.waitForTimeout(300).then(() => false)])
        })
        .toBe(true)
    const servers = (await readFile(`${run}/children`, 'utf8')).split('\n').map((line) => line.split(' ')[0] ?? '')
    const workers: number[] = []
    for (const server of servers.filter((id) => /^\d+$/.test(id))) {
        if (!(await readFile(`/proc/${server}/comm`, 'utf8').catch(() => '')).startsWith('php-fpm')) continue
        const children = await readFile(`/proc/${server}/task/${server}/children`, 'utf8')
        workers.push(...(children.match(/\d+/g) ?? []).map(Number))
    }
    // Four for plain requests, two for heavy ones.
    expect(workers).toHaveLength(6)
    for (const worker of workers) process.kill(worker, 'SIGKILL')
    held.stdin.end('COMMIT;\n')
    await page.getByRole('button', { name: 'Done' }).first().click()
    await expect(page.getByText('to be sent', { exact: false })).toHaveCount(0, { timeout: 40_000 })
    expect(await logged(page)).toEqual(['begun cut-and-sand-1', 'finished cut-and-sand-1'])
    expect(errors).toEqual([])
})
