import { expect, openDemo, scan, test } from './kit'

test.use({ viewport: { width: 360, height: 780 }, hasTouch: true })

test('on a phone five places stand in a row, whole, and the others are one press away', async ({ page }) => {
    await openDemo(page)
    const places = page.getByRole('navigation', { name: 'Main' })
    await expect(places.getByRole('link')).toHaveText(['Bench', 'Clock', 'Shelf', 'Mixes', 'Diary'])
    // Whole but for a part of a pixel, to which a row that could be moved is cut.
    for (const place of await places.getByRole('link').all()) await expect(place).toBeInViewport({ ratio: 0.98 })
    expect(await places.evaluate((row) => row.scrollWidth - row.clientWidth)).toBeLessThanOrEqual(1)
    const more = page.getByRole('button', { name: 'More places' })
    await expect(more).toHaveAttribute('aria-expanded', 'false')
    await more.tap()
    await expect(page.getByRole('link', { name: 'Trials', exact: true })).toBeInViewport({ ratio: 1 })
    await expect(page.getByRole('link', { name: /^Your account/ })).toBeInViewport({ ratio: 1 })
    await expect(page.getByRole('button', { name: 'Sign out' })).toBeInViewport({ ratio: 1 })
    await scan(page)
    await page.keyboard.press('Escape')
    await expect(page.getByRole('button', { name: 'Sign out' })).toBeHidden()
    await expect(more).toBeFocused()
    await more.tap()
    await page.getByRole('link', { name: 'Almanac', exact: true }).tap()
    await expect(page).toHaveURL(/almanac$/)
    await expect(page.getByRole('button', { name: 'Sign out' })).toBeHidden()
    await more.tap()
    await page.mouse.click(20, 500)
    await expect(page.getByRole('button', { name: 'Sign out' })).toBeHidden()
})
