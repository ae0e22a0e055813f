import { classes } from '@/design/classes'
import { Select } from '@/design/Field'
import type { Standing, Stock } from './api'
import { Cell, numberOf } from './Cell'
import { ROLE } from './sorting'

type Props = {
    one: Standing
    /** Resolves to what is wrong with it, or to null when it is kept. */
    onChange: (some: Partial<Stock>, field: keyof Stock) => Promise<string | null>
}

/** What the signs of a label warn of, by the codes that the server knows. */
export const SIGN: Readonly<Record<string, string>> = {
    flammable: 'flammable',
    pressure: 'under pressure',
    irritant: 'irritates',
    toxic: 'toxic',
    health: 'lasting harm to health',
    corrosive: 'corrosive',
    water: 'harms water life',
}

/** What is rarely looked up of a jar, unfolded below its row. */
export function MoreOfJar({ one, onChange }: Props) {
    const { jar, signs } = one
    const toggle = (sign: string) =>
        void onChange(
            { signs: signs.includes(sign) ? signs.filter((other) => other !== sign) : [...signs, sign] },
            'signs',
        )
    return (
        <tr className="border-b border-line bg-row">
            <td colSpan={10} className="px-3 py-2">
                <div className="flex flex-wrap items-start gap-x-6 gap-y-2">
                    <Select
                        label="It is there as"
                        value={one.role ?? ''}
                        choices={[
                            { value: '', label: `${ROLE[one.isFor]}, by what is in it` },
                            ...Object.entries(ROLE).map(([value, label]) => ({ value, label })),
                        ]}
                        onChange={(event) =>
                            void onChange({ role: (event.target.value || null) as Stock['role'] }, 'role')
                        }
                    />
                    <Field label="Its own thinner">
                        <Cell
                            label={`${jar.name}: its own thinner`}
                            type="words"
                            value={one.thinner}
                            className="w-44"
                            onCommit={(text) => onChange({ thinner: text }, 'thinner')}
                        />
                    </Field>
                    <Field label="Thinned in the jar on">
                        <Cell
                            label={`${jar.name}: thinned on`}
                            type="date"
                            value={one.thinnedOn ?? ''}
                            onCommit={(text) => onChange({ thinnedOn: text === '' ? null : text }, 'thinnedOn')}
                        />
                    </Field>
                    <Field label="Holds when full">
                        <Cell
                            label={`${jar.name}: holds when full`}
                            value={one.holdsMl === null ? '' : String(one.holdsMl)}
                            unit="ml"
                            className="w-16 text-right"
                            onCommit={async (text) => {
                                const holdsMl = numberOf(text)
                                return holdsMl === undefined
                                    ? 'A number, or nothing.'
                                    : onChange({ holdsMl }, 'holdsMl')
                            }}
                        />
                    </Field>
                    <Field label="Note">
                        <Cell
                            label={`${jar.name}: note`}
                            type="words"
                            value={one.note}
                            className="w-72 max-sm:w-56"
                            onCommit={(text) => onChange({ note: text }, 'note')}
                        />
                    </Field>
                    <label className="flex min-h-8 items-center gap-1.5 self-end pointer-coarse:min-h-11">
                        <input
                            type="checkbox"
                            checked={one.isWithdrawn}
                            onChange={(event) => void onChange({ isWithdrawn: event.target.checked }, 'isWithdrawn')}
                        />
                        no longer sold
                    </label>
                    <fieldset>
                        <legend className="text-fine text-soft">The signs on its label warn: it is</legend>
                        <div className="mt-0.5 flex flex-wrap gap-1">
                            {Object.entries(SIGN).map(([code, word]) => (
                                <label
                                    key={code}
                                    className={classes(
                                        'flex min-h-8 cursor-pointer items-center rounded-plate border border-line',
                                        'px-2 text-fine has-checked:border-ink has-checked:bg-press',
                                        'has-focus-visible:outline-2 pointer-coarse:min-h-11',
                                    )}
                                >
                                    <input
                                        type="checkbox"
                                        className="sr-only"
                                        checked={signs.includes(code)}
                                        onChange={() => toggle(code)}
                                    />
                                    {word}
                                </label>
                            ))}
                        </div>
                    </fieldset>
                </div>
            </td>
        </tr>
    )
}

function Field({ label, children }: { label: string; children: React.ReactNode }) {
    return (
        <div>
            <span className="block text-fine text-soft">{label}</span>
            {children}
        </div>
    )
}
