import { ChevronDown } from 'lucide-react'
import { type ReactNode, useId, useState } from 'react'
import { classes } from '@/design/classes'
import { Dialog } from '@/design/Dialog'
import { type Findable, FindList } from './FindList'

type Props = {
    label: string
    /** What is taken now. */
    value: string
    items: readonly Findable[]
    /** What it says where nothing is taken. */
    empty: string
    placeholder: string
    onPick: (key: string) => void
    /** Below the list: what can be done besides picking. */
    children?: (close: () => void) => ReactNode
}

/** A field whose list is searched: shows what is taken, and opens the list over the page. */
export function Picker({ label, value, items, empty, placeholder, onPick, children }: Props) {
    const [isOpen, setOpen] = useState(false)
    const id = useId()
    const taken = items.find((item) => item.key === value)
    return (
        <div className="flex min-w-0 flex-col gap-0.5">
            <span id={id} className="text-fine text-soft">
                {label}
            </span>
            <button
                type="button"
                aria-labelledby={`${id} ${id}-taken`}
                aria-haspopup="dialog"
                onClick={() => setOpen(true)}
                className={classes(
                    'flex min-h-8 w-full items-center gap-2 rounded-plate border border-rule bg-sheet px-2 text-left',
                    'hover:bg-press pointer-coarse:min-h-11',
                )}
            >
                {taken?.look}
                <span id={`${id}-taken`} className="min-w-0 flex-1 truncate">
                    {taken?.name ?? empty}
                </span>
                <ChevronDown className="size-4 text-soft" aria-hidden />
            </button>
            <Dialog open={isOpen} onOpenChange={setOpen} title={label}>
                <FindList
                    label={label}
                    placeholder={placeholder}
                    none="Nothing goes by that name."
                    items={items}
                    from={value}
                    takesAtOnce
                    className="max-h-[56dvh]"
                    onTake={(key) => {
                        setOpen(false)
                        if (key !== value) onPick(key)
                    }}
                />
                {children?.(() => setOpen(false))}
            </Dialog>
        </div>
    )
}
