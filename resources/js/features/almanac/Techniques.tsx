import type { ReactNode } from 'react'
import { inWords } from '@/design/duration'
import { LOCALE } from '@/design/locale'
import type { AlmanacData } from './api'
import { findsTechnique } from './find'
import { Nothing } from './Nothing'

export function Techniques({ almanac, search }: { almanac: AlmanacData; search: string }) {
    const found = almanac.techniques.filter((one) => findsTechnique(search, one))
    const names = new Map(almanac.techniques.map((one) => [one.code, one.name]))
    return (
        <>
            {found.length === 0 && <Nothing />}
            {[...new Set(found.map((one) => one.stage))].map((stage) => (
                <section key={stage} className="mb-4">
                    <h2 className="wide mb-1 font-semibold first-letter:uppercase">{stage}</h2>
                    <ul className="flex flex-col gap-1">
                        {found
                            .filter((one) => one.stage === stage)
                            .map((one) => (
                                <li key={one.code}>
                                    <details className="rounded-plate bg-panel" open={found.length === 1}>
                                        <summary className="cursor-pointer px-2 py-1 pointer-coarse:py-3">
                                            <span className="font-medium">{one.name}</span>{' '}
                                            <span className="text-soft">{one.purpose}</span>
                                        </summary>
                                        <Sheet technique={one} names={names} />
                                    </details>
                                </li>
                            ))}
                    </ul>
                </section>
            ))}
        </>
    )
}

function Sheet({
    technique,
    names,
}: {
    technique: AlmanacData['techniques'][number]
    names: ReadonlyMap<string, string>
}) {
    const rate = (minutes: number) => `${minutes.toLocaleString(LOCALE)} min per 100 cm²`
    return (
        <dl className="grid gap-x-4 gap-y-1 border-t border-line px-2 py-2 sm:grid-cols-[8rem_1fr]">
            <Row name="Takes">{technique.families.length === 0 ? 'no product' : technique.families.join(', ')}</Row>
            <Row name="Below it">
                {technique.needs}
                {technique.sheens.length > 0 && `, ${technique.sheens.join(' or ')}`}
            </Row>
            <Row name="Leaves">
                {technique.leaves === 'whole'
                    ? 'a whole film'
                    : technique.leaves === 'grain'
                      ? 'grain with gaps'
                      : 'part of the zone covered'}
                {technique.coats > 1 && `, usually in ${technique.coats} coats`}
            </Row>
            <Row name="Work">
                {technique.setUpMinutes} min to set up, {rate(technique.applyMinutes)}
                {technique.coats > 1 && ' and coat'}
                {technique.cleanMinutes > 0 && `, cleaning ${rate(technique.cleanMinutes)}`}
                <span className="text-soft"> ({technique.because})</span>
            </Row>
            {technique.window !== null && (
                <Row name="Clean-up">
                    from {inWords(technique.window.earliest)}
                    {technique.window.bestUntil !== null && `, best until ${inWords(technique.window.bestUntil)}`}
                    {technique.window.latest !== null && `, at the latest after ${inWords(technique.window.latest)}`}:
                    when it is {technique.window.sign}
                </Row>
            )}
            {technique.serviceMonths > 0 && (
                <Row name="Credible after">{technique.serviceMonths} months in service</Row>
            )}
            {technique.markMm !== null && <Row name="Smallest marks">{technique.markMm} mm on the model</Row>}
            <Row name="Signs">{technique.signs.join(' · ')}</Row>
            <Row name="Tools">{technique.tools.join(' · ')}</Row>
            <Row name="Taken back">{technique.undo}</Row>
            {technique.cautions.length > 0 && <Row name="Mind">{technique.cautions.join(' ')}</Row>}
            {technique.alternatives.length > 0 && (
                <Row name="Instead">{technique.alternatives.map((code) => names.get(code) ?? code).join(', ')}</Row>
            )}
        </dl>
    )
}

function Row({ name, children }: { name: string; children: ReactNode }) {
    return (
        <>
            <dt className="text-soft">{name}</dt>
            <dd>{children}</dd>
        </>
    )
}
