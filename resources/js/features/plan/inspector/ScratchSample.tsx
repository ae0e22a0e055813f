import type { Scratch } from '../api'

/** The colours that a scratch meets, from the surface down, and what would look wrong about it. */
export function ScratchSample({ scratch }: { scratch: Scratch }) {
    return (
        <div className="mt-2">
            <h4 className="text-fine font-semibold">What a scratch uncovers</h4>
            {scratch.colours.length > 0 && (
                <ol className="mt-1 flex h-7 overflow-hidden rounded-plate border border-rule">
                    {scratch.colours.map((colour, depth) => (
                        <li
                            key={colour.step}
                            title={`${colour.number} ${colour.name}`}
                            className="min-w-4 flex-1"
                            style={{
                                backgroundColor: colour.colour ?? undefined,
                                flexGrow: scratch.colours.length - depth,
                            }}
                        >
                            <span className="sr-only">
                                step {colour.number}, {colour.name}
                            </span>
                        </li>
                    ))}
                </ol>
            )}
            <p className="mt-0.5 text-fine text-soft">
                {scratch.colours.map((colour) => `${colour.number} ${colour.name}`).join(' › ')}
            </p>
            {scratch.warnings.map((warning) => (
                <p key={warning} className="mt-1 border-l-2 border-risk pl-1.5">
                    {warning}
                </p>
            ))}
        </div>
    )
}
