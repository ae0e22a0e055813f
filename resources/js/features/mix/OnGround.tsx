import { useState } from 'react'
import type { CupLook } from '@/contract'
import { classes } from '@/design/classes'
import { TextField } from '@/design/Field'
import { Patch } from './Patch'

type Props = {
    ground: string
    look: CupLook | undefined
    fault: string | undefined
    onGround: (ground: string) => void
}

const HEX = /^#[0-9a-f]{6}$/i

/** How the cup covers a ground, coat by coat, and how it looks as long as it is wet. */
export function OnGround({ ground, look, fault, onGround }: Props) {
    const [typed, setTyped] = useState(ground)
    return (
        <section aria-label="On a ground" className="rounded-plate border border-line bg-panel p-3">
            <div className="flex items-end gap-2">
                <div className="w-40">
                    <TextField
                        label="On this ground"
                        value={typed}
                        fault={fault}
                        onChange={(event) => setTyped(event.target.value)}
                        onBlur={() => onGround(typed.trim())}
                        onKeyDown={(event) => {
                            if (event.key === 'Enter') onGround(typed.trim())
                        }}
                    />
                </div>
                <input
                    type="color"
                    aria-label="Pick the ground"
                    value={HEX.test(ground) ? ground : '#7c7d7b'}
                    className="h-8 w-10 pointer-coarse:h-11"
                    onChange={(event) => {
                        setTyped(event.target.value)
                        onGround(event.target.value)
                    }}
                />
                {look?.wet != null && (
                    <span className="ml-auto flex items-center gap-2 text-fine text-soft">
                        <span className="flex h-8 w-20 overflow-hidden rounded-plate">
                            <Patch colour={look.wet} className="flex-1" />
                            <Patch colour={look.colour} className="flex-1" />
                        </span>
                        wet, dry
                    </span>
                )}
            </div>
            {/* Its height is kept while it is worked out: what stands below must not move under a hand. */}
            <ol className="mt-2 flex min-h-24">
                {look?.coats.map(({ coats, colour, left }) => (
                    <li key={coats} className="min-w-0 flex-1 text-center text-fine">
                        <Patch colour={colour} className="h-14" />
                        {coats}
                        <span className={classes('block', left < 1 ? 'font-semibold' : 'text-soft')}>
                            {left < 1 ? 'covers' : left.toFixed(0)}
                        </span>
                    </li>
                ))}
            </ol>
            <p className="text-fine text-soft">coats, and how far each is from the paint’s own colour</p>
        </section>
    )
}
