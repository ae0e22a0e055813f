import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it, vi } from 'vitest'
import { SignIn } from '@/features/session/SignIn'
import { show } from './kit'

vi.mock('@/features/session/Strip', () => ({ Strip: () => null }))

const says = (user: object | null) => new Response(JSON.stringify({ user, demo: false }))

it('signs in only when the question who is here is answered, so that no older answer comes after', async () => {
    const asked: string[] = []
    let answerWhoIsHere = () => {}
    vi.spyOn(globalThis, 'fetch').mockImplementation((_, init) => {
        asked.push(init?.method ?? 'GET')
        if (init?.method === 'POST') return Promise.resolve(says({ name: 'Jorun', email: 'jorun@tarsholm.example' }))
        return new Promise((answer) => {
            answerWhoIsHere = () => answer(says(null))
        })
    })
    const { queries } = show(<SignIn />)
    await userEvent.type(screen.getByLabelText('E-mail address'), 'jorun@tarsholm.example')
    await userEvent.type(screen.getByLabelText('Password'), 'harnvik-tracks')
    await userEvent.click(screen.getByRole('button', { name: 'Sign in' }))
    expect(asked).toEqual(['GET'])

    answerWhoIsHere()
    await waitFor(() => expect(asked).toEqual(['GET', 'POST']))
    await waitFor(() => expect(queries.getQueryData(['session'])).toMatchObject({ user: { name: 'Jorun' } }))
})
