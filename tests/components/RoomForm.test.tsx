import { screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it, vi } from 'vitest'
import { RoomForm } from '@/features/clock/RoomForm'
import { RoomLine } from '@/features/clock/RoomLine'
import { readNight } from '@/features/clock/times'
import { room, serverKnows, show } from './kit'

const fill = async (label: string, text: string, season = 'Winter') => {
    const field = within(await screen.findByRole('group', { name: season })).getByLabelText(label)
    await userEvent.clear(field)
    if (text !== '') await userEvent.type(field, text)
    return field
}

it('keeps what the room is like by season and hour', async () => {
    const asked = serverKnows({ 'GET /room': room, 'PUT /room': room })
    show(<RoomForm />)
    await fill('Temperature by night', '14,5')
    const night = screen.getByLabelText('Night is from')
    await userEvent.clear(night)
    await userEvent.type(night, '22:30-5:00')
    await userEvent.click(screen.getByRole('checkbox', { name: /count with this room/ }))
    await userEvent.click(screen.getByRole('button', { name: 'Keep the room' }))
    expect(await screen.findByText('Kept.')).toBeVisible()
    expect(asked.at(-1)).toBe('PUT /room')
    const body = vi.mocked(fetch).mock.calls.at(-1)?.[1]?.body
    expect(JSON.parse(String(body))).toMatchObject({
        seasons: {
            winter: { day: { temperatureC: 19, humidityPercent: 40 }, night: { temperatureC: 14.5 } },
            summer: { day: { temperatureC: 24 } },
        },
        night: [1350, 300],
        counts: false,
    })
})

it.each([
    [false, false, true],
    [true, false, false],
    [true, true, true],
])(
    'offers to count with a room that nobody has described yet (described: %s, counted with: %s)',
    async (isKept, counts, ticked) => {
        serverKnows({ 'GET /room': { ...room, isKept, profile: { ...room.profile, counts } } })
        show(<RoomForm />)
        const box = await screen.findByRole('checkbox', { name: /count with this room/ })
        expect(box).toHaveProperty('checked', ticked)
    },
)

it('names the field of a room that cannot be, and sends nothing', async () => {
    const asked = serverKnows({ 'GET /room': room })
    show(<RoomForm />)
    const humidity = await fill('Humidity by day', '')
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

it.each([
    ['23:00–6:00', [1380, 360]],
    ['1.30-5:00', [90, 300]],
    ['23:00', undefined],
    ['23:00–24:00', undefined],
    ['at night', undefined],
    ['22:00–5:00, 6:00', undefined],
    ['1:00-2:00-3:00', undefined],
])('reads %s as a night', (text, night) => {
    expect(readNight(text)).toEqual(night)
})

it.each([
    [
        { ...room, reading: { temperatureC: 18.2, humidityPercent: 47, at: '2026-11-25T10:00:00Z', simulated: true } },
        'as measured: now 18.2 °C, 47 %',
    ],
    [room, 'Counted with your room: 19 °C, 40 % by day, 16 °C, 45 % from 23:00–6:00.'],
    [{ ...room, profile: { ...room.profile, counts: false } }, 'Counted with the air that each plan names.'],
])('says which air the clock counts with', async (known, says) => {
    serverKnows({ 'GET /room': known })
    const onChange = vi.fn()
    show(<RoomLine onChange={onChange} />)
    expect(await screen.findByText(says, { exact: false })).toBeVisible()
    await userEvent.click(screen.getByRole('button', { name: 'Change the room' }))
    expect(onChange).toHaveBeenCalledOnce()
})
