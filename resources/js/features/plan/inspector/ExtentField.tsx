import { useState } from 'react'
import { classes } from '@/design/classes'
import { Select, TextField } from '@/design/Field'
import type { Plan, Step } from '@/features/build'
import { EVERYWHERE, type Extent, orUsual, PLACES } from '../state/extent'

/**
 * Where on its zones a step goes, and how much of them: two things in different places never meet. Nothing chosen: as
 * usual.
 */
export function ExtentField({
    extent,
    zones,
    isCamouflage,
    onChange,
}: {
    extent: Step['extent']
    /** Those that it is on; with panels they are offered one by one. */
    zones: Plan['zones']
    /** Its colour runs in a pattern of its own. */
    isCamouflage: boolean
    onChange: (extent: Step['extent']) => void
}) {
    const now = extent ?? EVERYWHERE
    const change = (changes: Partial<Extent>) => onChange(orUsual({ ...now, ...changes }))
    const toggled = (list: readonly string[], one: string) =>
        list.includes(one) ? list.filter((other) => other !== one) : [...list, one]
    return (
        <div className="flex flex-col gap-2">
            <Chips
                legend="Where on its zones; none chosen: as usual"
                choices={PLACES}
                chosen={now.places}
                onToggle={(code) => change({ places: toggled(now.places, code) })}
            />
            {zones
                .filter((zone) => zone.panels.length > 0)
                .map((zone) => (
                    <Chips
                        key={zone.id}
                        legend={`Panels of ${zone.name}; none chosen: all`}
                        choices={zone.panels.map((panel) => ({ code: panel.id, label: panel.name }))}
                        chosen={now.panels}
                        onToggle={(id) => change({ panels: toggled(now.panels, id) })}
                    />
                ))}
            {isCamouflage && (
                <Select
                    label="Its colour runs"
                    value={now.pattern ?? ''}
                    choices={PATTERNS}
                    onChange={(event) =>
                        change({ pattern: PATTERNS.find(({ value }) => value === event.target.value)?.is ?? null })
                    }
                />
            )}
            <ShareField key={now.share ?? ''} share={now.share} onCommit={(share) => change({ share })} />
        </div>
    )
}

const PATTERNS = [
    { value: '', label: 'as usual: in patches', is: null },
    { value: 'patches', label: 'in patches', is: 'patches' },
    { value: 'bands', label: 'in bands', is: 'bands' },
] as const

type ChipsProps = {
    legend: string
    choices: readonly { code: string; label: string }[]
    chosen: readonly string[]
    onToggle: (code: string) => void
}

function Chips({ legend, choices, chosen, onToggle }: ChipsProps) {
    return (
        <fieldset>
            <legend className="text-fine text-soft">{legend}</legend>
            <div className="mt-0.5 flex flex-wrap gap-1">
                {choices.map(({ code, label }) => (
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
                            checked={chosen.includes(code)}
                            onChange={() => onToggle(code)}
                        />
                        {label}
                    </label>
                ))}
            </div>
        </fieldset>
    )
}

/** Up to a third it counts as spots, which meet other spots by chance only. */
function ShareField({ share, onCommit }: { share: number | null; onCommit: (share: number | null) => void }) {
    const [fault, setFault] = useState<string>()
    const commit = (text: string) => {
        const trimmed = text.trim().replace(/\s*%$/, '')
        const number = Number(trimmed)
        if (trimmed !== '' && (!Number.isInteger(number) || number < 1 || number > 100)) {
            return setFault('A whole number from 1 to 100.')
        }
        setFault(undefined)
        const next = trimmed === '' ? null : number
        return next === share ? undefined : onCommit(next)
    }
    return (
        <TextField
            label="How much of them"
            unit="%"
            inputMode="numeric"
            defaultValue={share ?? ''}
            placeholder="as usual"
            fault={fault}
            onBlur={(event) => commit(event.target.value)}
            onKeyDown={(event) => {
                if (event.key === 'Enter') commit(event.currentTarget.value)
            }}
        />
    )
}
