import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it, vi } from 'vitest'
import { RoomForm } from '@/features/clock/RoomForm'
import { room, serverKnows, show } from './kit'

it('keeps what the room is like through the year', async () => {
    const asked = serverKnows({ 'GET /room': room, 'PUT /room': room })
    show(<RoomForm />)
    const winter = await screen.findByRole('group', { name: 'Winter' })
    expect(winter).toBeVisible()
    const [temperature] = screen.getAllByLabelText('Temperature')
    await userEvent.clear(temperature ?? document.body)
    await userEvent.type(temperature ?? document.body, '16,5')
    await userEvent.click(screen.getByRole('button', { name: 'Keep the room' }))
    expect(await screen.findByText('Kept.')).toBeVisible()
    expect(asked.at(-1)).toBe('PUT /room')
    const body = vi.mocked(fetch).mock.calls.at(-1)?.[1]?.body
    expect(JSON.parse(String(body))).toMatchObject({
        winter: { temperatureC: 16.5, humidityPercent: 40 },
        summer: { temperatureC: 24 },
    })
})

it('names the field of a room that cannot be, and sends nothing', async () => {
    const asked = serverKnows({ 'GET /room': room })
    show(<RoomForm />)
    const [humidity] = await screen.findAllByLabelText('Humidity')
    await userEvent.clear(humidity ?? document.body)
    await userEvent.click(screen.getByRole('button', { name: 'Keep the room' }))
    expect(await screen.findByRole('alert')).toHaveTextContent('From 10 to 95 %.')
    expect(humidity).toBeInvalid()
    expect(asked.filter((one) => one.startsWith('PUT'))).toEqual([])
})

it('says so when the room could not be kept', async () => {
    serverKnows({ 'GET /room': room })
    show(<RoomForm />)
    await userEvent.click(await screen.findByRole('button', { name: 'Keep the room' }))
    expect(await screen.findByRole('alert')).toHaveTextContent('Nobody knows PUT /room')
})
