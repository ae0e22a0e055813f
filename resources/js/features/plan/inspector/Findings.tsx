import { useQuery } from '@tanstack/react-query'
import { ChevronDown } from 'lucide-react'
import { useEffect, useRef, useState } from 'react'
import { Link } from 'react-router'
import { Button } from '@/design/Button'
import { classes } from '@/design/classes'
import { inWords } from '@/design/duration'
import { SEVERITY_WORD, type Severity, SeverityMark } from '@/design/Severity'
import type { Finding, LogEntry } from '@/features/build'
import { CloseUpButton } from '@/features/closeup'
import type { PlanEdit } from '../state/edits'
import { useIsDrawn } from '../state/useIsDrawn'
import { type PlanState, type Remedy, remediesQuery, stampOf } from '../state/usePlan'
import { Accept } from './Accept'

const WASH: Record<Severity, string> = {
    stop: 'border-stop bg-stop-wash',
    risk: 'border-risk bg-risk-wash',
    note: 'border-note bg-note-wash',
}

/** Adds to the log what was really done. */
type OnLog = (entries: LogEntry[]) => Promise<boolean>
type Apply = (edits: PlanEdit[], label: string) => Promise<boolean>
/** Told which change a hand is on; null: on none any more. */
type Near = (edits: PlanEdit[] | null) => void

/**
 * What the checks say of the chosen step, gravest first: a line each, the worst one open, with ways out that were
 * proved on a copy of the plan.
 */
export function Findings({
    findings,
    ...rest
}: {
    findings: readonly Finding[]
    state: PlanState
    apply: Apply
    near: Near
    onLog: OnLog
}) {
    // What was opened or shut by hand; what nobody has touched is open where it is the first.
    const [opened, setOpened] = useState<ReadonlyMap<string, boolean>>(new Map())
    if (findings.length === 0) {
        return <p className="rounded-plate border border-line p-2 text-soft">Nothing speaks against this step.</p>
    }
    const isOpen = (finding: Finding, place: number) => opened.get(finding.key) ?? place === 0
    const withKeys = findings.find((finding, place) => isOpen(finding, place) && finding.accepted === null)
    return (
        <ul className="flex flex-col gap-1">
            {findings.map((finding, place) => (
                <FindingCard
                    key={finding.key}
                    {...rest}
                    finding={finding}
                    isOpen={isOpen(finding, place)}
                    onToggle={() => setOpened(new Map(opened).set(finding.key, !isOpen(finding, place)))}
                    hasKeys={finding === withKeys}
                />
            ))}
        </ul>
    )
}

function FindingCard({
    finding,
    state,
    apply,
    near,
    onLog,
    isOpen,
    onToggle,
    hasKeys,
}: {
    finding: Finding
    state: PlanState
    apply: Apply
    near: Near
    onLog: OnLog
    isOpen: boolean
    onToggle: () => void
    hasKeys: boolean
}) {
    const isDrawn = useIsDrawn(state)
    const remedies = useQuery({ ...remediesQuery(state.id, stampOf(state), finding), enabled: isDrawn && isOpen })
    const names = finding.zones.map((id) => state.plan.zones.find((zone) => zone.id === id)?.name ?? id).join(', ')
    const step = state.plan.steps.find((one) => one.id === finding.step)
    const isAccepted = finding.accepted !== null
    useRemedyKeys(hasKeys ? (remedies.data ?? []) : [], apply)
    return (
        <li
            className={classes(
                'rounded-plate border-l-4',
                isAccepted ? 'border-line bg-sheet' : WASH[finding.severity],
            )}
        >
            <button
                type="button"
                aria-expanded={isOpen}
                onClick={onToggle}
                className={classes(
                    'flex min-h-8 w-full items-start gap-1.5 p-1.5 pr-2 text-left pointer-coarse:min-h-11',
                    isAccepted ? '' : 'font-semibold',
                )}
            >
                <SeverityMark severity={finding.severity} className="mt-0.5 size-4" />
                <span className={`min-w-0 flex-1 ${isOpen ? '' : 'truncate'}`}>
                    {isAccepted ? 'Accepted' : SEVERITY_WORD[finding.severity]}: {finding.happens}
                </span>
                <ChevronDown className={`mt-0.5 size-4 shrink-0 text-soft ${isOpen ? 'rotate-180' : ''}`} aria-hidden />
            </button>
            {isOpen && (
                <div className="px-2 pb-2">
                    {finding.accepted !== null && (
                        <p>
                            {sayAcceptance(finding.accepted)}{' '}
                            {finding.accepted.trial?.card != null && (
                                <Link className="underline" to="/trials">
                                    See the trial
                                </Link>
                            )}
                        </p>
                    )}
                    <p>{finding.why}</p>
                    <p className="narrow mt-1 text-fine">
                        On {names} ·{' '}
                        <Link className="underline" to={`/almanac?find=${finding.code}`}>
                            {KIND[finding.kind]}
                        </Link>
                        {finding.kind === 'fact' && ` · ${finding.isCertain ? CERTAIN : EXPECTED}`}
                    </p>
                    {finding.hasPicture && <ShowMe finding={finding} state={state} />}
                    {!isAccepted && state.isSaved && remedies.isPending && (
                        <p className="mt-1.5 text-fine text-soft">Trying remedies on a copy…</p>
                    )}
                    {remedies.isError && (
                        <p className="mt-1.5 text-fine">The remedies could not be fetched. {remedies.error.message}</p>
                    )}
                    {!isAccepted && remedies.data?.length === 0 && (
                        <p className="mt-1.5 text-fine">
                            No single change mends this; look at the other findings first.
                        </p>
                    )}
                    <ul className="mt-1.5 flex flex-col gap-1">
                        {(isAccepted ? undefined : remedies.data)?.map((remedy, number) => (
                            <li key={JSON.stringify(remedy.edits)}>
                                <RemedyButton
                                    remedy={remedy}
                                    number={hasKeys ? number + 1 : null}
                                    near={near}
                                    apply={apply}
                                />
                            </li>
                        ))}
                    </ul>
                    {step !== undefined && !(finding.accepted === null && remedies.isPending) && (
                        // After the remedies: what comes in above it would move it from under the hand.
                        <Accept
                            build={state.id}
                            finding={finding}
                            step={step}
                            log={state.log}
                            onAccept={(accepted, label) =>
                                apply([{ edit: 'replace-step', step: { ...step, accepted } }], label)
                            }
                            onLog={onLog}
                        />
                    )}
                </div>
            )}
        </li>
    )
}

/** Opens what would happen as a picture, beside the same step as it is meant. */
function ShowMe({ finding, state }: { finding: Finding; state: PlanState }) {
    const zone = state.plan.zones.find(({ id }) => id === finding.zones[0])
    return zone === undefined ? null : (
        <CloseUpButton
            label="Show me"
            className="mt-1 text-fine"
            build={state.id}
            stamp={stampOf(state)}
            facts={state.plan.build}
            zone={zone}
            steps={[]}
            step={finding.step}
            against={{ finding }}
        />
    )
}

/** A way out. While the hand or the keyboard is on it, the board shows what it would come to. */
function RemedyButton({
    remedy,
    number,
    near,
    apply,
}: {
    remedy: Remedy
    number: number | null
    near: Near
    apply: Apply
}) {
    return (
        <Button
            className="w-full justify-start py-1 text-left leading-tight"
            // A finger that has just pressed something else is on nothing.
            onPointerEnter={(event) => event.pointerType === 'mouse' && near(remedy.edits)}
            onPointerLeave={() => near(null)}
            onFocus={() => near(remedy.edits)}
            onBlur={() => near(null)}
            onClick={() => {
                near(null)
                void apply(remedy.edits, remedy.label)
            }}
        >
            {number !== null && <kbd className="narrow w-3 shrink-0 font-sans text-fine text-soft">{number}</kbd>}
            <span className="flex-1">
                {remedy.label}
                <span className="block text-fine font-normal text-soft">{outcomeOf(remedy)}</span>
            </span>
        </Button>
    )
}

const CERTAIN = 'certain, whatever a trial shows'
const EXPECTED = 'by the tables: a trial of the same would settle it'
const KIND = { fact: 'a fact', custom: 'a habit', taste: 'a matter of taste' } as const

/** "It is wanted. Tried on the underside, 10 rubs, passed." */
export function sayAcceptance({ reason, trial }: NonNullable<Finding['accepted']>): string {
    const tried =
        trial === null ? '' : `Tried on ${trial.where}, ${trial.rubs} rubs, ${trial.passed ? 'passed' : 'failed'}.`
    return [reason, tried].filter((part) => part !== '').join(' ')
}

/** "mends 2 findings, brings: the filter beads on gloss; ends 1 d later" */
export function outcomeOf({
    clears,
    brings,
    brought,
    delayMinutes,
    workMinutes,
}: Omit<Remedy, 'label' | 'edits'>): string {
    const count = (number: number) => `${number} ${number === 1 ? 'finding' : 'findings'}`
    return [
        `mends ${count(clears)}`,
        ...(brings > 0 ? [`brings ${sayBrought(brought)}`] : []),
        ...(workMinutes >= 5 ? [`${inWords(workMinutes)} more work`] : []),
        ...(workMinutes <= -5 ? [`${inWords(-workMinutes)} less work`] : []),
        ...(delayMinutes >= 10 ? [`ends ${inWords(delayMinutes)} later`] : []),
        ...(delayMinutes <= -10 ? [`ends ${inWords(-delayMinutes)} sooner`] : []),
    ].join(', ')
}

/** "“the filter beads on gloss” and 2 more": what is gravest by name. */
function sayBrought([first = 'a note', second, ...more]: readonly string[]): string {
    const quoted = (title: string) => `“${title.charAt(0).toLowerCase()}${title.slice(1)}”`
    if (second === undefined) return quoted(first)
    return more.length === 0
        ? `${quoted(first)} and ${quoted(second)}`
        : `${quoted(first)}, ${quoted(second)} and ${more.length} more`
}

function useRemedyKeys(remedies: readonly Remedy[], apply: Apply): void {
    const latest = useRef({ remedies, apply })
    useEffect(() => {
        latest.current = { remedies, apply }
    })
    useEffect(() => {
        const onKey = (event: KeyboardEvent) => {
            if (event.ctrlKey || event.metaKey || event.altKey) return
            if (
                event.target instanceof HTMLElement &&
                event.target.closest('input, textarea, select, [role=dialog]') !== null
            )
                return
            const remedy = /^[1-9]$/.test(event.key) ? latest.current.remedies[Number(event.key) - 1] : undefined
            if (remedy !== undefined) {
                event.preventDefault()
                void latest.current.apply(remedy.edits, remedy.label)
            }
        }
        window.addEventListener('keydown', onKey)
        return () => window.removeEventListener('keydown', onKey)
    }, [])
}
