import { inWords } from '@/design/duration'
import type { AlmanacData } from './api'
import { finds } from './find'
import { Nothing } from './Nothing'

const CARRIERS = [
    ['water', 'water'],
    ['alcohol', 'alcohol blend'],
    ['odourless', 'odourless spirit'],
    ['white', 'white spirit'],
    ['lacquer', 'lacquer thinner'],
] as const
const MEANS = ['nothing', 'softens when rubbed', 'stains, lifts or moves', 'dissolves, crazes or wrinkles']
const SHADE = ['', 'bg-note-wash', 'bg-risk-wash', 'bg-stop-wash']

/** What every carrier does to every film, and when films are dry. */
export function Materials({ almanac, search }: { almanac: AlmanacData; search: string }) {
    const films = almanac.attack.filter((row) => finds(search, row.label))
    const drying = almanac.drying.filter((row) =>
        finds(search, row.name, row.reason, ...row.workable.map((time) => time.what), 'workable working time dry'),
    )
    if (films.length + drying.length === 0) return <Nothing />
    return (
        <div className="flex flex-col gap-5">
            {films.length > 0 && (
                <section>
                    <h2 className="wide font-semibold">What a carrier does to a film</h2>
                    <p className="mb-2 text-soft">
                        Once solvent-proof / while only touch-dry:{' '}
                        {MEANS.map((means, level) => `${level} ${means}`).join(' · ')}. A mist lowers it by one, a scrub
                        raises it by one.
                    </p>
                    <table className="w-full border-collapse text-center">
                        <thead>
                            <tr className="border-b border-rule text-fine text-soft">
                                <th scope="col" className="py-1 text-left font-medium">
                                    Film
                                </th>
                                {CARRIERS.map(([code, name]) => (
                                    <th key={code} scope="col" className="px-1 py-1 font-medium">
                                        {name}
                                    </th>
                                ))}
                            </tr>
                        </thead>
                        <tbody>
                            {films.map((row) => (
                                <tr key={row.film} className="border-b border-line">
                                    <th scope="row" className="py-1 text-left font-medium">
                                        {row.label}
                                    </th>
                                    {CARRIERS.map(([code]) => {
                                        const [proof = 0, young = 0] = row.levels[code] ?? []
                                        return (
                                            <td
                                                key={code}
                                                className={SHADE[Math.max(proof, young)]}
                                                title={`${MEANS[proof]} / ${MEANS[young]}`}
                                            >
                                                {proof} / {young}
                                            </td>
                                        )
                                    })}
                                </tr>
                            ))}
                        </tbody>
                    </table>
                </section>
            )}
            {drying.length > 0 && (
                <section>
                    <h2 className="wide font-semibold">
                        When it is dry, and for how long it can be worked, at {almanac.air.temperatureC} °C and{' '}
                        {almanac.air.humidityPercent} %
                    </h2>
                    <p className="flex flex-wrap gap-x-4 text-fine text-soft">
                        {KEY.map(([look, means]) => (
                            <span key={means} className="flex items-center gap-1.5">
                                <svg viewBox="0 0 10 10" className="size-2.5" aria-hidden="true">
                                    <rect width="10" height="10" className={look} />
                                </svg>
                                {means}
                            </span>
                        ))}
                    </p>
                    <ul className="mt-1 flex flex-col">
                        {drying.map((row) => (
                            <Drying key={row.name} row={row} />
                        ))}
                    </ul>
                </section>
            )}
        </div>
    )
}

type DryingRow = AlmanacData['drying'][number]

/** One material: its states and windows in words, and the same on a line whose minutes are as long as its days. */
function Drying({ row }: { row: DryingRow }) {
    return (
        <li className="grid gap-x-4 gap-y-1 border-b border-line py-2 lg:grid-cols-[10rem_1fr_1fr]">
            <h3 className="font-medium first-letter:uppercase">{row.name}</h3>
            <dl className="grid grid-cols-[auto_1fr] content-start gap-x-3">
                <dt className="text-soft">touch-dry</dt>
                <dd>{sayRange(row.touchDry)}</dd>
                <dt className="text-soft">recoatable</dt>
                <dd>{sayRange(row.recoatable)}</dd>
                <dt className="text-soft">solvent-proof</dt>
                <dd>{row.solventProof === null ? (row.instead ?? 'never') : sayRange(row.solventProof)}</dd>
                {row.workable.map((time) => (
                    <div key={time.what} className="contents">
                        <dt className="text-soft">workable</dt>
                        <dd className="font-medium">{sayWorkable(time)}</dd>
                    </div>
                ))}
            </dl>
            <div>
                <Course row={row} />
                <p className="mt-1 text-fine text-soft">{row.reason}</p>
            </div>
        </li>
    )
}

/** "chips lifted, from its colour on: from 15 min, easy until 4 h, gone after 10 h" */
export function sayWorkable({ what, from, best, until }: DryingRow['workable'][number]): string {
    return `${what}: ${[
        from === 0 ? 'at once' : `from ${inWords(from)}`,
        ...(best === null ? [] : [`easy until ${inWords(best)}`]),
        until === null ? 'at any later time' : `gone after ${inWords(until)}`,
    ].join(', ')}`
}

const KEY = [
    ['fill-stop opacity-70', 'wet'],
    ['fill-risk', 'touch-dry'],
    ['fill-note opacity-60', 'bears a coat'],
    ['fill-good', 'solvent-proof'],
    ['fill-ink', 'workable'],
] as const

/** Minutes at the end of the line: a fortnight, on a scale where minutes have as much room as days. */
const END = 14 * 1440
const MARKS = [
    [10, '10 min'],
    [60, '1 h'],
    [360, '6 h'],
    [1440, '1 d'],
    [10_080, '1 wk'],
] as const

function Course({ row }: { row: DryingRow }) {
    const x = (minute: number) => (100 * Math.log1p(Math.min(minute, END))) / Math.log1p(END)
    const [touchSoon = 0, touchSure = 0] = row.touchDry
    const [coatSoon = 0, coatSure = 0] = row.recoatable
    const proof = row.solventProof
    const bands: (readonly [from: number, to: number, look: string])[] = [
        [0, touchSoon, 'fill-stop opacity-70'],
        [touchSoon, touchSure, 'fill-stop opacity-40'],
        [touchSure, coatSoon, 'fill-risk'],
        [coatSoon, coatSure, 'fill-risk opacity-50'],
        [coatSure, proof?.[0] ?? END, 'fill-note opacity-60'],
        ...(proof === null
            ? []
            : [
                  [proof[0] ?? 0, proof[1] ?? 0, 'fill-good opacity-50'] as const,
                  [proof[1] ?? 0, END, 'fill-good'] as const,
              ]),
    ]
    return (
        <div className="relative pb-4">
            <svg
                viewBox={`0 0 100 ${8 + row.workable.length * 2.4}`}
                preserveAspectRatio="none"
                className="h-8 w-full"
                role="img"
                aria-label={`Timeline of ${row.name}`}
            >
                {bands.map(([from, to, look]) => (
                    <rect
                        key={`${from} ${look}`}
                        x={x(from)}
                        width={Math.max(0, x(to) - x(from))}
                        height="7"
                        className={look}
                    />
                ))}
                {row.workable.map((time, place) => (
                    <rect
                        key={time.what}
                        x={x(time.from)}
                        width={Math.max(0.5, x(time.until ?? END) - x(time.from))}
                        y={8 + place * 2.4}
                        height="1.8"
                        className="fill-ink"
                    />
                ))}
            </svg>
            {MARKS.map(([minute, name]) => (
                <span
                    key={name}
                    aria-hidden="true"
                    className="absolute inset-y-0 border-l border-sheet/70 text-soft"
                    style={{ left: `${x(minute)}%` }}
                >
                    <span className="narrow absolute bottom-0 left-0 -translate-x-1/2 text-[0.65rem] whitespace-nowrap">
                        {name}
                    </span>
                </span>
            ))}
        </div>
    )
}

export function sayRange(times: readonly number[] | null): string {
    if (times === null) return 'never'
    const [from = 0, to = 0] = times
    return from === to ? inWords(from) : `${inWords(from)} to ${inWords(to)}`
}
