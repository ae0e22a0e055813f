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
    const drying = almanac.drying.filter((row) => finds(search, row.name, row.reason))
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
                    <h2 className="wide mb-2 font-semibold">When it is dry, at 20 °C and 50 %</h2>
                    <table className="w-full border-collapse">
                        <thead>
                            <tr className="border-b border-rule text-left text-fine text-soft">
                                {['Product', 'touch-dry', 'recoatable', 'solvent-proof', 'because'].map((head) => (
                                    <th key={head} scope="col" className="py-1 pr-3 font-medium">
                                        {head}
                                    </th>
                                ))}
                            </tr>
                        </thead>
                        <tbody>
                            {drying.map((row) => (
                                <tr key={row.name} className="border-b border-line">
                                    <th scope="row" className="py-1 pr-3 text-left font-medium">
                                        {row.name}
                                    </th>
                                    {[row.touchDry, row.recoatable, row.solventProof].map((times, column) => (
                                        // biome-ignore lint/suspicious/noArrayIndexKey: three fixed columns
                                        <td key={column} className="pr-3 whitespace-nowrap">
                                            {sayRange(times)}
                                        </td>
                                    ))}
                                    <td className="text-soft">{row.reason}</td>
                                </tr>
                            ))}
                        </tbody>
                    </table>
                </section>
            )}
        </div>
    )
}

export function sayRange(times: readonly number[] | null): string {
    if (times === null) return 'never'
    const [from = 0, to = 0] = times
    return from === to ? inWords(from) : `${inWords(from)} to ${inWords(to)}`
}
