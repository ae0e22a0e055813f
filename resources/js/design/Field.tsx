import { type ComponentProps, memo, type ReactNode, useId } from 'react'

const BOX =
    'w-full rounded-plate border border-rule bg-sheet px-2 min-h-8 pointer-coarse:min-h-11 ' +
    'aria-invalid:border-stop aria-invalid:border-2'

type Labelled = { label: string; fault?: string | undefined; hint?: string | undefined; unit?: string }

function Frame({ label, fault, hint, unit, id, children }: Labelled & { id: string; children: ReactNode }) {
    return (
        <div className="flex min-w-0 flex-col gap-0.5">
            <label htmlFor={id} className="text-fine text-soft">
                {label}
            </label>
            <div className="flex items-center gap-1.5">
                {children}
                {unit !== undefined && <span className="text-fine text-soft">{unit}</span>}
            </div>
            {hint !== undefined && <p className="text-fine text-soft">{hint}</p>}
            {fault !== undefined && (
                <p id={`${id}-fault`} role="alert" className="text-fine font-medium text-stop">
                    {fault}
                </p>
            )}
        </div>
    )
}

export function TextField({ label, fault, hint, unit, ...rest }: Labelled & ComponentProps<'input'>) {
    const id = useId()
    return (
        <Frame label={label} fault={fault} hint={hint} id={id} {...(unit === undefined ? {} : { unit })}>
            <input
                {...rest}
                id={id}
                aria-invalid={fault !== undefined}
                aria-describedby={fault === undefined ? undefined : `${id}-fault`}
                className={BOX}
            />
        </Frame>
    )
}

export function TextArea({ label, fault, hint, ...rest }: Labelled & ComponentProps<'textarea'>) {
    const id = useId()
    return (
        <Frame label={label} fault={fault} hint={hint} id={id}>
            <textarea {...rest} id={id} aria-invalid={fault !== undefined} className={`${BOX} py-1`} />
        </Frame>
    )
}

export type Choice = { value: string; label: string }

/** A native list: the one that works with keys, wet fingers and screen readers alike. */
export function Select({
    label,
    fault,
    hint,
    choices,
    groups,
    ...rest
}: Labelled &
    ComponentProps<'select'> & {
        choices?: readonly Choice[]
        groups?: readonly { label: string; choices: readonly Choice[] }[]
    }) {
    const id = useId()
    return (
        <Frame label={label} fault={fault} hint={hint} id={id}>
            <select {...rest} id={id} aria-invalid={fault !== undefined} className={BOX}>
                {choices !== undefined && <Options choices={choices} />}
                {groups?.map((group) => (
                    <optgroup key={group.label} label={group.label}>
                        <Options choices={group.choices} />
                    </optgroup>
                ))}
            </select>
        </Frame>
    )
}

/** Long lists are drawn again only when they are other lists. */
const Options = memo(function Options({ choices }: { choices: readonly Choice[] }) {
    return choices.map((choice) => (
        <option key={choice.value} value={choice.value}>
            {choice.label}
        </option>
    ))
})
