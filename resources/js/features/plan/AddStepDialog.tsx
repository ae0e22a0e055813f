import { type KeyboardEvent, useId, useState } from 'react'
import { classes } from '@/design/classes'
import { Dialog } from '@/design/Dialog'
import { type Library, rank, type Technique } from '@/features/build'

type Props = {
    open: boolean
    onOpenChange: (open: boolean) => void
    library: Library
    onPick: (code: string) => Promise<void>
}

/** Find a technique by a few letters, Enter lays it down after the chosen step. */
export function AddStepDialog({ open, onOpenChange, library, onPick }: Props) {
    return (
        <Dialog
            open={open}
            onOpenChange={onOpenChange}
            title="Add a step"
            description="It goes after the chosen step, on the same zones."
        >
            <Finder
                library={library}
                onPick={(code) => {
                    onOpenChange(false)
                    void onPick(code)
                }}
            />
        </Dialog>
    )
}

function Finder({ library, onPick }: { library: Library; onPick: (code: string) => void }) {
    const [search, setSearch] = useState('')
    const [at, setAt] = useState(0)
    const id = useId()
    const all = found(library.techniques, search)
    const chosen = Math.min(at, all.length - 1)
    const onKeyDown = (event: KeyboardEvent) => {
        if (event.key === 'ArrowDown') setAt(Math.min(chosen + 1, all.length - 1))
        else if (event.key === 'ArrowUp') setAt(Math.max(chosen - 1, 0))
        else if (event.key === 'Enter' && all[chosen] !== undefined) onPick(all[chosen].code)
        else return
        event.preventDefault()
    }
    return (
        <>
            <input
                type="text"
                role="combobox"
                aria-label="Technique"
                aria-expanded="true"
                aria-controls={id}
                aria-activedescendant={all[chosen] === undefined ? undefined : `${id}-${all[chosen].code}`}
                // The dialog was opened to search: the first letter belongs here.
                ref={(input) => input?.focus()}
                value={search}
                placeholder="prime, wash, chips …"
                onChange={(event) => {
                    setSearch(event.target.value)
                    setAt(0)
                }}
                onKeyDown={onKeyDown}
                className="w-full rounded-plate border border-rule bg-sheet px-3 py-2 text-base"
            />
            {all.length === 0 && <p className="p-4 text-soft">No technique goes by that name.</p>}
            <div id={id} role="listbox" aria-label="Techniques" className="mt-2 max-h-[50dvh] overflow-y-auto">
                {all.map((technique, index) => (
                    <button
                        key={technique.code}
                        id={`${id}-${technique.code}`}
                        type="button"
                        role="option"
                        tabIndex={-1}
                        aria-selected={index === chosen}
                        ref={(option) => {
                            if (index === chosen) option?.scrollIntoView({ block: 'nearest' })
                        }}
                        onClick={() => onPick(technique.code)}
                        className={classes(
                            'grid w-full grid-cols-[4.5rem_1fr] items-baseline rounded-plate px-2 py-1.5',
                            'text-left pointer-coarse:py-3',
                            index === chosen ? 'bg-press' : 'hover:bg-press/60',
                        )}
                    >
                        <span className="narrow text-fine text-soft">
                            {all[index - 1]?.stage === technique.stage ? '' : technique.stage}
                        </span>
                        <span>
                            <span className="font-medium">{technique.name}</span>
                            <span className="block text-fine leading-tight text-soft">{technique.purpose}</span>
                        </span>
                    </button>
                ))}
            </div>
        </>
    )
}

/** The best first, the usual order of work among equals. */
function found(techniques: readonly Technique[], search: string): Technique[] {
    const ranked = techniques.flatMap((technique) => {
        const place = rank(search, technique.name, technique.words, [technique.stage, technique.kind])
        return place === null ? [] : [{ technique, place }]
    })
    return ranked.sort((one, other) => one.place - other.place).map(({ technique }) => technique)
}
