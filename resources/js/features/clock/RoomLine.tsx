import { useQuery } from '@tanstack/react-query'
import { roomQuery } from '@/features/build'
import { saySpans } from './times'

/** Which air the clock counts with. */
export function RoomLine({ onChange }: { onChange: () => void }) {
    const room = useQuery(roomQuery)
    if (room.data === undefined) return null
    const { profile, reading, season } = room.data
    const { day, night } = profile.seasons[season]
    return (
        <p className="text-fine text-soft">
            {profile.counts
                ? `Counted with your room: ${day.temperatureC} °C, ${day.humidityPercent} % by day, ${night.temperatureC} °C, ${night.humidityPercent} % from ${saySpans([profile.night])}${reading === null ? '' : `, and as measured: now ${reading.temperatureC} °C, ${reading.humidityPercent} %`}.`
                : 'Counted with the air that each plan names.'}{' '}
            <button type="button" onClick={onChange} className="underline hover:text-ink pointer-coarse:min-h-11">
                Change the room
            </button>
        </p>
    )
}
