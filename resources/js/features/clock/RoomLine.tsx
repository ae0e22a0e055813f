import { useQuery } from '@tanstack/react-query'
import { type Air, roomQuery } from '@/features/build'
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
                ? `Counted with your room: ${sayAir(day)} by day, ${sayAir(night)} from ${saySpans([profile.night])}` +
                  `${reading === null ? '' : `, and as measured: now ${sayAir(reading)}`}.`
                : 'Counted with the air that each plan names.'}{' '}
            <button type="button" onClick={onChange} className="underline hover:text-ink pointer-coarse:min-h-11">
                Change the room
            </button>
        </p>
    )
}

const sayAir = ({ temperatureC, humidityPercent }: Air): string => `${temperatureC} °C, ${humidityPercent} %`
