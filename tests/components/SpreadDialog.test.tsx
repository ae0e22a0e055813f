import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it, vi } from 'vitest'
import SpreadDialog from '@/features/plan/zones/SpreadDialog'
import { serverKnows, show, state, step } from './kit'

const tracks = step('tracks', { technique: 'track-wash' })
const first = state([tracks])
const base = `POST /builds/${first.id}/spread`
const one = {
    id: 'b',
    name: 'Second set',
    steps: [{ technique: 'Track wash', zones: ['Tracks'], number: 4 }],
    stops: 0,
    risks: 0,
}
const gun = { ...one, id: 'c', name: 'The gun', steps: [] }
const risky = { ...one, id: 'd', name: 'Third set', stops: 2 }
const open = () => show(<SpreadDialog open onOpenChange={vi.fn()} state={first} steps={[tracks]} />)

describe('the same steps on other builds', () => {
    it('says what they would come to on each, and lays them where it is wanted', async () => {
        const laid: unknown[] = []
        serverKnows({
            [`${base}/look`]: { builds: [one, gun, risky] },
            [base]: (body: unknown) => {
                laid.push(body)
                return null
            },
        })
        open()
        expect((await screen.findAllByText('As step 4: track wash on Tracks'))[0]).toBeVisible()
        expect(screen.getByRole('checkbox', { name: 'The gun' })).toBeDisabled()
        expect(screen.getByText('It has no zone for that.')).toBeVisible()
        expect(screen.getByText(/2 more stops/)).toBeVisible()
        expect(screen.getByRole('button', { name: 'Lay it there' })).toBeDisabled()
        await userEvent.click(screen.getByRole('checkbox', { name: 'Second set' }))
        await userEvent.click(screen.getByRole('checkbox', { name: 'Third set' }))
        await userEvent.click(screen.getByRole('button', { name: 'Lay on 2 builds' }))
        await waitFor(() => expect(laid).toEqual([{ steps: ['tracks'], onto: ['b', 'd'] }]))
        expect(await screen.findByRole('link', { name: 'Second set' })).toHaveAttribute('href', '/builds/b')
    })
    it('says when there is no other build, and when the server cannot say', async () => {
        serverKnows({ [`${base}/look`]: { builds: [] } })
        const { unmount } = open()
        expect(await screen.findByText('There is no other build on the bench.')).toBeVisible()
        unmount()
        serverKnows({})
        open()
        expect(await screen.findByRole('button', { name: /again/i })).toBeVisible()
    })
})
