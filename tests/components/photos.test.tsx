import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import { OfBuild } from '@/features/photos'
import { evening } from '@/features/photos/light'
import { lostOf, spreadOf } from '@/features/photos/values'
import { serverKnows, show } from './kit'

const photo = (id: string, of: string, about: string) => ({
    photo: id,
    width: 400,
    height: 300,
    taken: '2026-11-27T19:00:00Z',
    of,
    id: about,
})
const nameOf = (of: string, id: string) => `${of} ${id}`
const open = () =>
    show(
        <OfBuild
            build="b"
            of="step"
            id="wash"
            title="Photographs of this step"
            name="4 Pin wash"
            none="Not photographed yet."
            nameOf={nameOf}
        />,
    )

describe('photographs of a build', () => {
    it('shows those of the step alone, and any two over each other', async () => {
        const photos = [photo('p1', 'step', 'prime'), photo('p2', 'step', 'wash'), photo('p3', 'zone', 'hull')]
        serverKnows({ 'GET /builds/b/photos': { photos } })
        open()
        const shelf = within(await screen.findByRole('region', { name: 'Photographs of this step' }))
        expect((await shelf.findAllByRole('img')).map((one) => one.getAttribute('src'))).toEqual([
            '/api/photos/p2?size=small',
        ])
        await userEvent.click(shelf.getByRole('button', { name: 'Before and after' }))
        const dialog = within(screen.getByRole('dialog'))
        expect(dialog.getByRole('img', { name: 'After' })).toHaveAttribute('src', '/api/photos/p2')
        expect(dialog.getByRole('img', { name: 'Before' })).toHaveAttribute('src', '/api/photos/p3')
        const [first] = dialog.getAllByRole('option', { name: /step prime/ })
        await userEvent.selectOptions(dialog.getByLabelText('Before'), first as HTMLElement)
        expect(dialog.getByRole('img', { name: 'Before' })).toHaveAttribute('src', '/api/photos/p1')
    })
    it('sets those of other builds beside them, if one likes', async () => {
        const photos = [photo('p1', 'step', 'prime'), photo('p2', 'step', 'wash')]
        const other = { id: 'p9', width: 4, height: 3, taken: '2026-11-20T19:00:00Z', build: 'c', name: 'Pell, 3 Wash' }
        serverKnows({
            'GET /builds/b/photos': { photos },
            'GET /photos': { photos: [other, { ...other, id: 'p1', build: 'b', name: 'this one' }] },
        })
        open()
        await userEvent.click(await screen.findByRole('button', { name: 'Before and after' }))
        const dialog = within(screen.getByRole('dialog'))
        await userEvent.click(dialog.getByRole('checkbox', { name: 'Of my other builds as well' }))
        const [choice] = await dialog.findAllByRole('option', { name: /Pell, 3 Wash/ })
        expect(dialog.queryByRole('option', { name: /this one/ })).toBeNull()
        await userEvent.selectOptions(dialog.getByLabelText('Before'), choice as HTMLElement)
        expect(dialog.getByRole('img', { name: 'Before' })).toHaveAttribute('src', '/api/photos/p9')
        // The light is evened by a press on each, and taken back.
        await userEvent.click(dialog.getByRole('button', { name: 'Even the light by a grey card' }))
        expect(dialog.getByRole('button', { name: /Press on the grey card in the photograph before/ })).toBeVisible()
        await userEvent.click(dialog.getByRole('button', { name: 'Leave it' }))
        expect(dialog.getByRole('img', { name: 'Before' })).toBeVisible()
    })
    it('adds one, says why another is refused, and throws one away', async () => {
        let photos = [photo('p2', 'step', 'wash')]
        serverKnows({
            'GET /builds/b/photos': () => ({ photos }),
            'POST /builds/b/photos?of=step&id=wash': () => {
                photos = [...photos, photo('p4', 'step', 'wash')]
                return { id: 'p4', width: 1, height: 1, taken: '2026-11-27T19:00:00Z' }
            },
            'DELETE /photos/p2': () => {
                photos = photos.slice(1)
                return null
            },
        })
        open()
        expect(await screen.findByRole('img')).toBeVisible()
        await userEvent.upload(screen.getByLabelText('Add one'), new File(['x'], 'a.jpg', { type: 'image/jpeg' }))
        await waitFor(() => expect(screen.getAllByRole('img')).toHaveLength(2))
        const [away] = screen.getAllByRole('button', { name: /^Throw away/ })
        await userEvent.click(away as HTMLElement)
        await waitFor(() => expect(screen.getAllByRole('img')).toHaveLength(1))
        expect(screen.getByRole('img')).toHaveAttribute('src', '/api/photos/p4?size=small')
    })
    it('says that nothing was photographed', async () => {
        serverKnows({ 'GET /builds/b/photos': { photos: [] } })
        open()
        expect(await screen.findByText('Not photographed yet.')).toBeVisible()
        expect(screen.queryByRole('button', { name: 'Before and after' })).toBeNull()
    })
})

describe('how values are spread', () => {
    const pixels = (...values: number[]) => values.flatMap((value) => [value, value, value, 255])
    it('counts each pixel once, and what is pure black or white', () => {
        const { bars, black, white } = spreadOf(pixels(0, 2, 128, 255))
        expect(bars.reduce((sum, share) => sum + share, 0)).toBeCloseTo(1)
        expect([bars[0], bars[16], bars[31]]).toEqual([0.5, 0.25, 0.25])
        expect([black, white]).toEqual([0.5, 0.25])
    })
    it('sees green lighter than blue', () => {
        const green = spreadOf([0, 200, 0, 255]).bars.indexOf(1)
        const blue = spreadOf([0, 0, 200, 255]).bars.indexOf(1)
        expect(green).toBeGreaterThan(blue)
    })
})

describe('the light of a photograph', () => {
    const flat = (red: number, green: number, blue: number) => ({
        width: 9,
        height: 9,
        data: Array.from({ length: 81 }, () => [red, green, blue, 255]).flat(),
    })
    const spot = { x: 4, y: 4 }
    it('is scaled so that a grey card comes out grey, and as light as it is', () => {
        const warm = evening(flat(160, 120, 90), spot, 'grey', 3)
        const plain = evening(flat(118, 118, 118), spot, 'grey', 3)
        if (warm === null || plain === null) throw new Error('A card was taken to be burnt out.')
        // Too much red is taken away, and blue that lacks is added.
        expect(warm[0]).toBeLessThan(warm[1])
        expect(warm[2]).toBeGreaterThan(warm[1])
        for (const channel of plain) expect(channel).toBeCloseTo(1, 1)
    })
    it('cannot be told from what is burnt out or black', () => {
        expect(evening(flat(255, 255, 255), spot, 'grey', 3)).toBeNull()
        expect(evening(flat(0, 0, 0), spot, 'grey', 3)).toBeNull()
    })
    it('shows where no drawing is left', () => {
        const lost = lostOf([0, 0, 0, 255, 120, 120, 120, 255, 255, 255, 255, 255])
        expect([lost[3], lost[7], lost[11]]).toEqual([255, 0, 255])
        expect((lost[2] ?? 0) > (lost[0] ?? 0)).toBe(true)
        expect((lost[8] ?? 0) > (lost[10] ?? 0)).toBe(true)
    })
})
