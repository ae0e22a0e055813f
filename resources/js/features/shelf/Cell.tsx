import { useState } from 'react'
import { classes } from '@/design/classes'

type Props = {
    label: string
    value: string
    unit?: string
    className?: string
    type?: 'number' | 'words' | 'date'
    /** Says what is wrong with what was typed; null: it is kept. */
    onCommit: (text: string) => Promise<string | null>
}

/** A cell that is typed into; what is typed is kept when one leaves it, and Escape takes it back. */
export function Cell({ label, value, unit, className, type = 'number', onCommit }: Props) {
    const [fault, setFault] = useState<string | null>(null)
    const commit = async (text: string) => {
        if (text.trim() !== value) setFault(await onCommit(text.trim()))
        else setFault(null)
    }
    return (
        <span className="flex flex-col">
            <span className="flex items-center gap-1">
                <input
                    key={value}
                    // As text, so that both decimal signs can be typed.
                    type={type === 'date' ? 'date' : 'text'}
                    defaultValue={value}
                    aria-label={label}
                    aria-invalid={fault !== null}
                    inputMode={type === 'number' ? 'decimal' : undefined}
                    placeholder="–"
                    className={classes(
                        'min-h-8 rounded-plate border border-transparent bg-transparent px-1.5 hover:border-rule',
                        'focus:border-rule focus:bg-sheet aria-invalid:border-2 aria-invalid:border-stop',
                        'pointer-coarse:min-h-11 pointer-coarse:border-line',
                        // A day that is not known reads as nothing until one goes there.
                        type === 'date' && value === ''
                            ? 'text-transparent hover:text-soft focus:text-ink pointer-coarse:text-soft'
                            : '',
                        className ?? '',
                    )}
                    onBlur={(event) => void commit(event.target.value)}
                    onKeyDown={(event) => {
                        if (event.key === 'Enter') void commit(event.currentTarget.value)
                        if (event.key === 'Escape') {
                            event.currentTarget.value = value
                            setFault(null)
                        }
                    }}
                />
                {unit !== undefined && <span className="text-fine text-soft">{unit}</span>}
            </span>
            {fault !== null && (
                <span role="alert" className="max-w-40 text-fine font-medium text-stop">
                    {fault}
                </span>
            )}
        </span>
    )
}

/** A number as people type it; undefined: it is none. */
export function numberOf(text: string): number | null | undefined {
    if (text === '') return null
    const number = Number(text.replace(',', '.'))
    return Number.isFinite(number) ? number : undefined
}
