import type { Item, Timetable } from './api'
import { formats } from './times'

/** Work in the order in which it is done: when it begins, with what colour, on which build. */
export function WorkList({ items, timetable, until }: { items: readonly Item[]; timetable: Timetable; until?: Date }) {
    const format = formats(timetable.timeZone)
    const names = new Map(timetable.builds.map((build) => [build.id, build.name]))
    return (
        <ol className="mt-1">
            {items.map((item) => (
                <li
                    key={item.build + item.step + item.part}
                    className="grid grid-cols-[3.5rem_1rem_1fr] items-center gap-2"
                >
                    <span className="text-soft">{format.time(item.from)}</span>
                    <span
                        className="size-3.5 border border-rule"
                        style={{ backgroundColor: item.colour ?? 'var(--color-line)' }}
                        aria-hidden="true"
                    />
                    <span className="truncate">
                        {item.number} {item.technique}
                        {item.part !== null && `, ${item.part}`}
                        {until !== undefined && item.to > until && ', begun and put down again'}{' '}
                        <span className="text-soft">{names.get(item.build)}</span>
                    </span>
                </li>
            ))}
        </ol>
    )
}
