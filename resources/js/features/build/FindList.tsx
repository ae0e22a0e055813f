import { type KeyboardEvent, type ReactNode, useId, useState } from 'react'
import { classes } from '@/design/classes'
import { rank } from './find'

export type Findable = {
    key: string
    name: string
    /** A line below the name. */
    note?: string | undefined
    /** What it stands under where it is the first of its kind; the list comes sorted by it. */
    group: string
    /** Other names that people have for it. */
    words?: readonly string[]
    /** What else it may be found by. */
    more?: readonly string[]
    /** A swatch or sign before the name. */
    look?: ReactNode
}

type Props = {
    label: string
    placeholder: string
    /** What is said where nothing goes by the name. */
    none: string
    items: readonly Findable[]
    /** Enter, or a press on what is highlighted already. */
    onTake: (key: string) => void
    /** What is highlighted now; null: nothing is found. */
    onAt?: (key: string | null) => void
    /** Highlighted to begin with. */
    from?: string | undefined
    /** A press takes at once; otherwise it only highlights, and a second one takes. */
    takesAtOnce?: boolean
    className?: string
}

/** A few letters find it, arrows choose, Enter takes it. */
export function FindList(props: Props) {
    const { label, placeholder, none, items, onTake, onAt, from, takesAtOnce = false, className = '' } = props
    const [search, setSearch] = useState('')
    const [at, setAt] = useState(() =>
        Math.max(
            0,
            items.findIndex((item) => item.key === from),
        ),
    )
    const id = useId()
    const found = foundIn(items, search)
    const chosen = Math.min(at, found.length - 1)
    const go = (place: number, list: readonly Findable[] = found) => {
        setAt(place)
        onAt?.(list[place]?.key ?? null)
    }
    const onKeyDown = (event: KeyboardEvent) => {
        if (event.key === 'ArrowDown') go(Math.min(chosen + 1, found.length - 1))
        else if (event.key === 'ArrowUp') go(Math.max(chosen - 1, 0))
        else if (event.key === 'Enter') {
            if (found[chosen] !== undefined) onTake(found[chosen].key)
        } else return
        event.preventDefault()
    }
    return (
        <>
            <input
                type="text"
                role="combobox"
                aria-label={label}
                aria-expanded="true"
                aria-controls={id}
                aria-activedescendant={found[chosen] === undefined ? undefined : `${id}-${found[chosen].key}`}
                // It was opened to search: the first letter belongs here.
                ref={(input) => {
                    if (input !== null && !input.dataset.met) {
                        input.dataset.met = 'yes'
                        input.focus()
                    }
                }}
                value={search}
                placeholder={placeholder}
                onChange={(event) => {
                    setSearch(event.target.value)
                    go(0, foundIn(items, event.target.value))
                }}
                onKeyDown={onKeyDown}
                className="w-full rounded-plate border border-rule bg-sheet px-3 py-2 text-base"
            />
            {found.length === 0 && <p className="p-4 text-soft">{none}</p>}
            <div id={id} role="listbox" aria-label={label} className={`mt-2 overflow-y-auto ${className}`}>
                {found.map((item, index) => (
                    <button
                        key={item.key}
                        id={`${id}-${item.key}`}
                        type="button"
                        role="option"
                        tabIndex={-1}
                        aria-selected={index === chosen}
                        ref={(option) => {
                            if (index === chosen) option?.scrollIntoView({ block: 'nearest' })
                        }}
                        onClick={() => {
                            if (takesAtOnce || index === chosen) onTake(item.key)
                            else go(index)
                        }}
                        className={classes(
                            'grid w-full grid-cols-[4.5rem_auto_1fr] items-baseline gap-x-2 rounded-plate px-2 py-1.5',
                            'text-left pointer-coarse:py-3',
                            index === chosen ? 'bg-press' : 'hover:bg-press/60',
                        )}
                    >
                        <span className="narrow text-fine text-soft">
                            {found[index - 1]?.group === item.group ? '' : item.group}
                        </span>
                        <span className="self-center">{item.look}</span>
                        <span className="min-w-0">
                            <span className="font-medium">{item.name}</span>
                            {item.note !== undefined && (
                                <span className="block text-fine leading-tight text-soft">{item.note}</span>
                            )}
                        </span>
                    </button>
                ))}
            </div>
        </>
    )
}

/** The best first, the order of the list among equals. */
function foundIn(items: readonly Findable[], search: string): readonly Findable[] {
    if (search.trim() === '') return items
    return items
        .flatMap((item) => {
            const place = rank(search, item.name, item.words, item.more)
            return place === null ? [] : [{ item, place }]
        })
        .sort((one, other) => one.place - other.place)
        .map(({ item }) => item)
}
