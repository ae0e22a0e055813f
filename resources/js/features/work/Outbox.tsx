import { Large } from './Large'
import { dismiss, type Waiting } from './outbox'

/** What is not with the server yet, and what it will not have. */
export function Outbox({ waiting }: { waiting: readonly Waiting[] }) {
    const refused = waiting.filter(({ refusal }) => refusal !== null)
    const open = waiting.filter(({ refusal, isSent }) => refusal === null && !isSent)
    return (
        <>
            {open.length > 0 && (
                <p role="status" className="border-t border-line bg-panel px-4 py-1 text-soft">
                    {open.length === 1 ? 'One entry waits' : `${open.length} entries wait`} to be sent; nothing is lost.
                </p>
            )}
            {refused.map(({ entry, refusal }) => (
                <p
                    key={entry.id}
                    role="alert"
                    className="flex items-center gap-3 border-t border-stop bg-stop-wash pl-4"
                >
                    <span className="flex-1">
                        “{entry.kind}” of {entry.step ?? 'the build'} is not in the log: {refusal}
                    </span>
                    <Large onClick={() => void dismiss(entry.id)}>Let it go</Large>
                </p>
            ))}
        </>
    )
}
