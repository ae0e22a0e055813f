import { classes } from '@/design/classes'
import type { Step } from '@/features/build'

type Extent = NonNullable<Step['extent']>
type Place = Extent['places'][number]

const PLACES: readonly { code: Place; label: string }[] = [
    { code: 'edges', label: 'edges' },
    { code: 'raised-detail', label: 'raised detail' },
    { code: 'recesses', label: 'recesses' },
    { code: 'upper-third', label: 'upper third' },
    { code: 'lower-third', label: 'lower third' },
    { code: 'fittings', label: 'round fittings' },
    { code: 'wheel-path', label: 'wheel path' },
]

/** Where on its zones a step goes: two things in different places never meet. None chosen: as usual. */
export function ExtentField({
    extent,
    onChange,
}: {
    extent: Step['extent']
    onChange: (extent: Step['extent']) => void
}) {
    const places = extent?.places ?? []
    const toggle = (place: Place) => {
        const next = places.includes(place) ? places.filter((one) => one !== place) : [...places, place]
        const share = extent?.share ?? null
        onChange(next.length === 0 && share === null ? null : { share, places: next })
    }
    return (
        <fieldset>
            <legend className="text-fine text-soft">Where on its zones; none chosen: as usual</legend>
            <div className="mt-0.5 flex flex-wrap gap-1">
                {PLACES.map(({ code, label }) => (
                    <label
                        key={code}
                        className={classes(
                            'flex min-h-8 cursor-pointer items-center rounded-plate border border-line px-2 text-fine',
                            'has-checked:border-ink has-checked:bg-press has-focus-visible:outline-2',
                            'pointer-coarse:min-h-11',
                        )}
                    >
                        <input
                            type="checkbox"
                            className="sr-only"
                            checked={places.includes(code)}
                            onChange={() => toggle(code)}
                        />
                        {label}
                    </label>
                ))}
            </div>
        </fieldset>
    )
}
