import { classes } from '@/design/classes'
import { Swatch } from '@/design/Swatch'

/** A finish in section, from the last coat down to the part: what the program is about, said without words. */
const SECTION = [
    { name: 'road dust', kind: 'pigment', coverage: 'grain', colour: '#b8a57f', high: 5 },
    { name: 'matte clear', coverage: 'whole', colour: null, sheen: 'matte', high: 4 },
    { name: 'chips', kind: 'chips', coverage: 'partial', colour: '#38291f', high: 3 },
    { name: 'dark wash', kind: 'wash', coverage: 'partial', colour: '#35291f', high: 3 },
    { name: 'gloss clear', coverage: 'whole', colour: null, sheen: 'gloss', high: 5 },
    { name: 'island green', coverage: 'whole', colour: '#566043', high: 11 },
    { name: 'chipping film', kind: 'release-film', coverage: 'whole', colour: null, sheen: 'satin', high: 4 },
    { name: 'steel brown', coverage: 'whole', colour: '#4a3830', high: 9 },
    { name: 'grey primer', coverage: 'whole', colour: '#7c7d7b', high: 9 },
] as const

export function Strip() {
    return (
        <div aria-hidden="true" className="flex items-center justify-center bg-ground p-8 max-lg:hidden">
            <div className="w-full max-w-md">
                {SECTION.map((layer) => (
                    <div
                        key={layer.name}
                        className="flex items-stretch gap-3"
                        style={{ height: `${layer.high * 0.55}rem` }}
                    >
                        <Swatch
                            coverage={layer.coverage}
                            colour={layer.colour}
                            sheen={'sheen' in layer ? layer.sheen : null}
                            kind={'kind' in layer ? layer.kind : 'colour'}
                            className="w-72 border-x border-b border-rule"
                        />
                        <span className="narrow self-center text-fine text-soft">{layer.name}</span>
                    </div>
                ))}
                <div
                    className={classes(
                        'h-14 w-72',
                        'bg-[repeating-linear-gradient(-45deg,var(--color-line)_0_6px,transparent_6px_12px)]',
                        'border border-rule',
                    )}
                />
            </div>
        </div>
    )
}
