import type { ReactNode } from 'react'
import { ActSign, leavesNoFilm } from '@/design/ActSign'
import { inWords } from '@/design/duration'
import { LOCALE } from '@/design/locale'
import { Swatch } from '@/design/Swatch'
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
                                        <summary
                                            className={
                                                'flex cursor-pointer list-none items-center gap-3 px-2 py-1 ' +
                                                'pointer-coarse:py-2'
                                            }
                                        >
                                            <Section technique={one} />
                                            <span className="min-w-0">
                                                <span className="font-medium">{one.name}</span>{' '}
                                                <span className="text-soft">{one.purpose}</span>
                                            </span>
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

/** Colours of what a technique is mostly there for; made up, as the jar decides. */
const USUAL: Record<string, string> = {
    ground: '#7c7d7b',
    base: '#566043',
    tone: '#6f7a58',
    detail: '#6b4a2b',
    marking: '#f2f0e6',
    tint: '#8a6a34',
    shade: '#3b2f24',
    chip: '#38291f',
    metal: '#8d8f90',
    rust: '#7d4528',
    grime: '#4b3f30',
    dust: '#b8a57f',
    mud: '#5a4630',
}

/** In section, from its own data: what it leaves, on the sheen that it wants below, on the part. */
function Section({ technique }: { technique: AlmanacData['techniques'][number] }) {
    const [sheen] = technique.sheens
    return (
        <span aria-hidden="true" className="flex h-9 w-12 shrink-0 flex-col justify-end border border-rule/60">
            {leavesNoFilm(technique.kind) ? (
                <ActSign kind={technique.kind} className="h-4 w-full" />
            ) : (
                <Swatch
                    kind={technique.kind}
                    coverage={technique.leaves}
                    colour={
                        technique.kind === 'clear-coat' || technique.kind === 'release-film'
                            ? null
                            : (USUAL[technique.role] ?? '#6b5a45')
                    }
                    sheen="gloss"
                    sprayed={technique.application === 'airbrush'}
                    className="h-4"
                />
            )}
            {technique.stage !== 'ground' && (
                <>
                    {sheen !== undefined && <Swatch coverage="whole" colour={null} sheen={sheen} className="h-1.5" />}
                    <Swatch coverage="whole" colour="#566043" className="h-1.5" />
                    <Swatch coverage="whole" colour="#7c7d7b" className="h-1" />
                </>
            )}
            <span
                className={
                    'h-2 shrink-0 bg-[repeating-linear-gradient(-45deg,var(--color-rule)_0_1px,transparent_1px_4px)]'
                }
            />
        </span>
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
