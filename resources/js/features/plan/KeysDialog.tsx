import { classes } from '@/design/classes'
import { Dialog } from '@/design/Dialog'
import { KEYS } from './usePlanKeys'

export function KeysDialog({ open, onOpenChange }: { open: boolean; onOpenChange: (open: boolean) => void }) {
    return (
        <Dialog open={open} onOpenChange={onOpenChange} title="Keys">
            <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1.5">
                {KEYS.map(([keys, act]) => (
                    <div key={keys} className="contents">
                        <dt>
                            <kbd
                                className={classes(
                                    'rounded-plate border border-rule bg-sheet px-1.5 py-0.5 font-sans text-fine',
                                )}
                            >
                                {keys}
                            </kbd>
                        </dt>
                        <dd>{act}</dd>
                    </div>
                ))}
            </dl>
        </Dialog>
    )
}
