import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import { OfBuild } from '@/features/photos'
import { spreadOf } from '@/features/photos/values'
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
