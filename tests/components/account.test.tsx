import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it, vi } from 'vitest'
import { AccountPage } from '@/features/account'
import { serverKnows, show } from './kit'

vi.mock('@/features/work/outbox', () => ({ outbox: { open: async () => {}, forget: async () => {} } }))

const here = { key: 'a'.repeat(64), device: 'a computer', lastSeen: '2026-11-25T10:00:00Z', isThis: true }
const phone = { key: 'b'.repeat(64), device: 'a phone', lastSeen: '2026-11-20T19:30:00Z', isThis: false }
const user = { name: 'Jorun', email: 'jorun@tarsholm.example' }

it('shows where one is signed in, and signs out there and nowhere else', async () => {
    const asked = serverKnows({
        'GET /session': { user, demo: false },
        'GET /account': { sessions: [here, phone] },
        [`DELETE /account/sessions/${phone.key}`]: { sessions: [here] },
    })
    show(<AccountPage />)
    expect(await screen.findByText('the one in your hands')).toBeVisible()
    expect(screen.getAllByRole('button', { name: /Sign out on/ })).toHaveLength(1)
    await userEvent.click(screen.getByRole('button', { name: /Sign out on a phone/ }))
    await waitFor(() => expect(screen.queryByText(/a phone/)).toBeNull())
    expect(asked).toContain(`DELETE /account/sessions/${phone.key}`)
})

it('says at its field what is wrong with a password, and what comes of a new one', async () => {
    let isRight = false
    vi.spyOn(globalThis, 'fetch').mockImplementation(async (input, init) => {
        if (init?.method !== 'PUT')
            return new Response(
                JSON.stringify(
                    String(input).endsWith('/session') ? { user, demo: false } : { sessions: [here, phone] },
                ),
            )
        return isRight
            ? new Response(JSON.stringify({ sessions: [here] }))
            : new Response(
                  JSON.stringify({
                      message: 'No.',
                      errors: { current: ['This is not the password of this account.'] },
                  }),
                  { status: 422 },
              )
    })
    show(<AccountPage />)
    const current = await screen.findByLabelText('Password until now')
    await userEvent.type(current, 'wrong')
    await userEvent.type(screen.getByLabelText('New password'), 'brae-lorry-tilt')
    await userEvent.click(screen.getByRole('button', { name: 'Change the password' }))
    expect(await screen.findByText('This is not the password of this account.')).toBeVisible()
    expect(current).toHaveAttribute('aria-invalid', 'true')

    isRight = true
    await userEvent.click(screen.getByRole('button', { name: 'Change the password' }))
    expect(await screen.findByText(/signed in here and nowhere else/)).toBeVisible()
    expect(current).toHaveValue('')
    expect(screen.queryByText(/a phone/)).toBeNull()
})

it('deletes the account only after a second word', async () => {
    const sent: unknown[] = []
    const asked = serverKnows({
        'GET /session': { user, demo: false },
        'GET /account': { sessions: [here] },
        'DELETE /account': (body: unknown) => {
            sent.push(body)
            return { user: null, demo: false }
        },
    })
    const { queries } = show(<AccountPage />)
    await userEvent.click(await screen.findByRole('button', { name: 'Delete the account…' }))
    await userEvent.click(screen.getByRole('button', { name: 'Keep it' }))
    expect(screen.queryByRole('dialog')).toBeNull()
    expect(asked).not.toContain('DELETE /account')

    await userEvent.click(screen.getByRole('button', { name: 'Delete the account…' }))
    await userEvent.type(screen.getByLabelText('Your password'), 'harnvik-tracks')
    await userEvent.click(screen.getByRole('button', { name: 'Delete it for good' }))
    await waitFor(() => expect(queries.getQueryData(['session'])).toMatchObject({ user: null }))
    expect(sent).toEqual([{ current: 'harnvik-tracks' }])
})
