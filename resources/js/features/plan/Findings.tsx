import { useQuery } from '@tanstack/react-query'
import { useEffect, useRef } from 'react'
import { Link } from 'react-router'
import { Button } from '@/design/Button'
import { classes } from '@/design/classes'
import { inWords } from '@/design/duration'
import { SEVERITY_WORD, type Severity, SeverityMark } from '@/design/Severity'
import type { Finding } from '@/features/build'
import { Accept } from './Accept'
import type { PlanEdit } from './edits'
import type { LogEntry } from './machine'
import { useIsDrawn } from './useIsDrawn'
import { type PlanState, type Remedy, remediesQuery, stampOf } from './usePlan'

const WASH: Record<Severity, string> = {
    stop: 'border-stop bg-stop-wash',
    risk: 'border-risk bg-risk-wash',
    note: 'border-note bg-note-wash',
}

/** Adds to the log what was really done. */
type OnLog = (entries: LogEntry[]) => Promise<boolean>
type Apply = (edits: PlanEdit[], label: string) => Promise<boolean>
/** Told which change a hand is close to. */
type Near = (edits: PlanEdit[]) => void

/** What the checks say of the chosen step, gravest first, each with ways out that were proved on a copy of the plan. */
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
    if (findings.length === 0) {
        return <p className="rounded-plate border border-line p-2 text-soft">Nothing speaks against this step.</p>
    }
    return (
        <ul className="flex flex-col gap-2">
            {findings.map((finding, place) => (
                <FindingCard
                    key={finding.key}
                    {...rest}
                    finding={finding}
                    hasKeys={place === 0}
                    // The reason is the rule's; said once for each rule it is read.
                    hasReason={findings[place - 1]?.code !== finding.code}
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
    hasKeys,
    hasReason,
}: {
    finding: Finding
    state: PlanState
    apply: Apply
    near: Near
    onLog: OnLog
    hasKeys: boolean
    hasReason: boolean
}) {
    const enabled = useIsDrawn(state)
    const remedies = useQuery({ ...remediesQuery(state.id, stampOf(state), finding), enabled })
    const names = finding.zones.map((id) => state.plan.zones.find((zone) => zone.id === id)?.name ?? id).join(', ')
    const step = state.plan.steps.find((one) => one.id === finding.step)
    useRemedyKeys(hasKeys && finding.accepted === null ? (remedies.data ?? []) : [], apply)
    return (
        <li
            className={classes(
                'rounded-plate border-l-4 p-2',
                finding.accepted === null ? WASH[finding.severity] : 'border-line bg-sheet',
            )}
        >
            <p className={`flex items-start gap-1.5 ${finding.accepted === null ? 'font-semibold' : ''}`}>
                <SeverityMark severity={finding.severity} className="mt-0.5 size-4" />
                <span>
                    {finding.accepted === null ? SEVERITY_WORD[finding.severity] : 'Accepted'}: {finding.happens}
                </span>
            </p>
            {finding.accepted !== null && <p className="mt-1">{sayAcceptance(finding.accepted)}</p>}
            {hasReason && <p className="mt-1">{finding.why}</p>}
            <p className="narrow mt-1 text-fine">
                On {names} ·{' '}
                <Link className="underline" to={`/almanac?find=${finding.code}`}>
                    {KIND[finding.kind]}
                </Link>
                {finding.kind === 'fact' && ` · ${finding.isCertain ? CERTAIN : EXPECTED}`}
            </p>
            {finding.accepted === null && state.isSaved && remedies.isPending && (
                <p className="mt-1.5 text-fine text-soft">Trying remedies on a copy…</p>
            )}
            {remedies.isError && (
                <p className="mt-1.5 text-fine">The remedies could not be fetched. {remedies.error.message}</p>
            )}
            {finding.accepted === null && remedies.data?.length === 0 && (
                <p className="mt-1.5 text-fine">No single change mends this; look at the other findings first.</p>
            )}
            <ul className="mt-1.5 flex flex-col gap-1">
                {(finding.accepted === null ? remedies.data : undefined)?.map((remedy, number) => (
                    <li key={JSON.stringify(remedy.edits)}>
                        <Button
                            className="w-full justify-start py-1 text-left leading-tight"
                            onPointerEnter={() => near(remedy.edits)}
                            onFocus={() => near(remedy.edits)}
                            onClick={() => void apply(remedy.edits, remedy.label)}
                        >
                            {hasKeys && (
                                <kbd className="narrow w-3 shrink-0 font-sans text-fine text-soft">{number + 1}</kbd>
                            )}
                            <span className="flex-1">
                                {remedy.label}
                                <span className="block text-fine font-normal text-soft">{outcomeOf(remedy)}</span>
                            </span>
                        </Button>
                    </li>
                ))}
            </ul>
            {step !== undefined && !(finding.accepted === null && remedies.isLoading) && (
                // After the remedies: what comes in above it would move it from under the hand.
                <Accept
                    finding={finding}
                    step={step}
                    log={state.log}
                    onAccept={(accepted, label) =>
                        apply([{ edit: 'replace-step', step: { ...step, accepted } }], label)
                    }
                    onLog={onLog}
                />
            )}
        </li>
    )
}

const CERTAIN = 'certain, whatever a trial shows'
const EXPECTED = 'by the tables: a trial of the same would settle it'
const KIND = { fact: 'a fact', custom: 'a custom', taste: 'a matter of taste' } as const

/** "It is wanted. Tried on the underside, 10 rubs, passed." */
export function sayAcceptance({ reason, trial }: NonNullable<Finding['accepted']>): string {
    const tried =
        trial === null ? '' : `Tried on ${trial.where}, ${trial.rubs} rubs, ${trial.passed ? 'passed' : 'failed'}.`
    return [reason, tried].filter((part) => part !== '').join(' ')
}

/** "mends 2 findings, ends 1 d later" */
export function outcomeOf({ clears, brings, delayMinutes, workMinutes }: Omit<Remedy, 'label' | 'edits'>): string {
    const count = (number: number) => `${number} ${number === 1 ? 'finding' : 'findings'}`
    return [
        `mends ${count(clears)}`,
        ...(brings > 0 ? [`brings ${count(brings)}, no stop`] : []),
        ...(workMinutes >= 5 ? [`${inWords(workMinutes)} more work`] : []),
        ...(workMinutes <= -5 ? [`${inWords(-workMinutes)} less work`] : []),
        ...(delayMinutes >= 10 ? [`ends ${inWords(delayMinutes)} later`] : []),
        ...(delayMinutes <= -10 ? [`ends ${inWords(-delayMinutes)} sooner`] : []),
    ].join(', ')
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
