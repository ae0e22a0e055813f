import { Check, Copy, Trash2, Undo } from 'lucide-react'
import { memo, type ReactNode, Suspense, useDeferredValue, useMemo } from 'react'
import { Button } from '@/design/Button'
import { classes } from '@/design/classes'
import { inWords } from '@/design/duration'
import { IconButton } from '@/design/Icon'
import { later } from '@/design/later'
import { type Finding, type Library, type LogEntry, type Plan, type Step, techniqueOf } from '@/features/build'
import type { Acts, Cursor } from '../state/acts'
import type { PlanEdit } from '../state/edits'
import type { PlanState } from '../state/usePlan'
import type { InWeek } from '../state/useSessions'
import { clockOf, type FindingIndex, sayHold, sayInto, sayInWeek, sayWindow } from '../state/verdicts'
import { DryingChart } from './DryingChart'
import { Findings } from './Findings'
import { Together } from './Together'

// Not needed for the board to stand.
const StepSettings = later(() => import('./StepSettings'))
const CoreSample = later(() => import('./CoreSample'))
const BenchNotes = later(() => import('./BenchNotes'))
const JarChoice = later(() => import('./JarChoice'))
const StepPhotos = later(() => import('./StepPhotos'))
const WashWindow = later(() => import('./WashWindow'))

type Props = {
    /** As it is on screen, with what is in the hand. */
    state: PlanState
    /** Without it: what can be changed and what is read beside the verdicts need not follow a hand. */
    saved: PlanState
    library: Library
    cursor: Cursor
    onCursor: (cursor: Cursor) => void
    findings: FindingIndex
    edit: (edits: PlanEdit[], label?: string) => Promise<boolean>
    /** Takes a remedy, and says what came of it. */
    mend: (edits: PlanEdit[], label: string) => Promise<boolean>
    near: (edits: PlanEdit[] | null) => void
    log: (entries: LogEntry[]) => Promise<boolean>
    /** Where it stands in the described week. */
    inWeek: InWeek | undefined
    acts: Acts
    /** It comes up from below and has the width of the page. */
    isInSheet?: boolean
}

/** Explains the chosen step: what speaks against it, when it may start, how it is set, what lies below. */
export const Inspector = memo(function Inspector(props: Props) {
    const {
        state,
        saved,
        library,
        cursor,
        onCursor,
        findings,
        edit,
        mend,
        near,
        log,
        inWeek,
        acts,
        isInSheet = false,
    } = props
    const { plan, verdict } = state
    const index = plan.steps.findIndex((step) => step.id === cursor.step)
    const step = plan.steps[index]
    const settled = saved.plan.steps.find((one) => one.id === cursor.step) ?? step
    const times = verdict.steps.find((one) => one.id === cursor.step)
    // Read after the verdicts, so drawn after them.
    const beside = useDeferredValue(
        useMemo(
            () => ({ state: saved, library, cursor, onCursor, inWeek }),
            [saved, library, cursor, onCursor, inWeek],
        ),
    )
    if (step === undefined || settled === undefined) {
        return null
    }
    const technique = techniqueOf(library, step.technique)
    const clock = clockOf(verdict.clockZero, times, inWeek)
    const said = verdict.contradictions.filter((one) => one.step === step.id)
    const window =
        inWeek?.closes != null && times?.done === null
            ? `The window closes ${sayInWeek(inWeek.closes, inWeek)}.`
            : times === undefined
              ? null
              : sayWindow(times, clock.at)
    return (
        <aside
            data-inspector
            aria-label="The chosen step"
            className={classes(
                // Positioned, so that what is there for screen readers alone scrolls with it and not the page.
                'no-print relative flex flex-col gap-3 bg-panel p-3',
                isInSheet ? '' : 'w-[21.5rem] shrink-0 overflow-y-auto border-l border-rule',
            )}
            onKeyDown={(event) => {
                // What is pressed in a dialog that was opened from here comes by as well, and is none of its keys.
                if (event.key === 'Escape' && event.currentTarget.contains(event.target as Node)) {
                    document
                        .querySelector<HTMLElement>(`[data-cell="${cursor.step ?? ''}/${cursor.zone ?? ''}"]`)
                        ?.focus()
                }
            }}
        >
            <div className="flex items-start gap-1">
                <div className="min-w-0 flex-1">
                    <h2 className="wide text-base leading-tight font-semibold">
                        {index + 1} {technique.name}
                    </h2>
                    <p className="text-fine text-soft">{technique.purpose}</p>
                </div>
                <IconButton
                    label={times?.done == null ? 'Mark as done now' : 'Mark as not done'}
                    onClick={acts.steps.done}
                >
                    {times?.done == null ? (
                        <Check className="size-4" aria-hidden />
                    ) : (
                        <Undo className="size-4" aria-hidden />
                    )}
                </IconButton>
                <IconButton label="Copy this step" onClick={() => void acts.steps.copy()}>
                    <Copy className="size-4" aria-hidden />
                </IconButton>
                <IconButton label="Delete this step" onClick={acts.steps.remove}>
                    <Trash2 className="size-4" aria-hidden />
                </IconButton>
            </div>
            {times?.windows.some((window) => window.kind === 'clean-up') === true && (
                <Suspense fallback={null}>
                    <WashWindow
                        build={state.id}
                        times={times}
                        name={plan.products.find((one) => one.id === step.product)?.name ?? technique.name}
                        sign={technique.cleanUp?.sign ?? 'dull'}
                        say={clock.say}
                    />
                </Suspense>
            )}
            <Findings
                findings={onZoneFirst(findings.ofStep(step.id), cursor.zone)}
                state={state}
                apply={mend}
                near={near}
                onLog={log}
            />
            {said.length > 0 && (
                <Section title="What was done">
                    {said.map((contradiction) => (
                        <p key={contradiction.says} className="border-l-2 border-note pl-2">
                            {contradiction.says}
                        </p>
                    ))}
                </Section>
            )}
            {times !== undefined && (
                <Section title="When">
                    <p>
                        {times.done === null ? 'Starts' : 'Was started'}{' '}
                        {inWeek !== undefined && times.done === null
                            ? `${sayInWeek(inWeek.starts, inWeek)}, in your week`
                            : clock.at(times.start)}
                        , {inWords(times.handsOn)} of work
                        {times.end - times.start > times.handsOn && `, done ${inWords(times.end - times.start)} later`}.
                    </p>
                    {times.done !== null && (
                        <Button className="my-1 text-fine" onClick={() => acts.open('done')}>
                            It was at another time
                        </Button>
                    )}
                    <p className="text-soft">{sayHold(times, state.plan, clock.at)}</p>
                    {times.into.length > 0 && (
                        <p className="font-medium">{sayInto(times, state.plan, technique.kind === 'clean-up')}</p>
                    )}
                    <Together state={saved} step={step.id} choose={acts.choice.these} />
                    {window !== null && <p className="font-medium">{window}</p>}
                    {times.layer !== null && (
                        <DryingChart
                            layer={times.layer}
                            from={times.layer.laid}
                            say={clock.at}
                            film={saved.films.find((film) => film.step === step.id)?.cures ?? null}
                        />
                    )}
                </Section>
            )}
            <Section title="How">
                <Suspense fallback={<div className="h-80" />}>
                    <StepSettings key={step.id} plan={saved.plan} library={library} step={settled} edit={edit} />
                </Suspense>
            </Section>
            <Section title="Which colour">
                <div className="flex flex-col items-start gap-1.5 [&>*]:max-w-full">
                    <Suspense fallback={null}>
                        <JarChoice state={saved} step={settled} zone={cursor.zone} apply={mend} near={near} />
                    </Suspense>
                    {canVary(technique.kind, settled, saved.plan) && (
                        <Button className="text-fine" onClick={() => acts.open('panels')}>
                            A mix for every panel…
                        </Button>
                    )}
                </div>
            </Section>
            <Beside {...beside} />
        </aside>
    )
})

/** Whether it tints panels that may differ from one another. */
const canVary = (kind: string, step: Step, plan: Plan): boolean =>
    (kind === 'filter' || kind === 'blend') &&
    plan.zones.some((zone) => step.zones.includes(zone.id) && (zone.panels ?? []).length > 1)

type BesideProps = Pick<Props, 'state' | 'library' | 'cursor' | 'onCursor' | 'inWeek'>

/** What is good to know of the step beside the verdicts: what it lies on, and how it is done well. */
const Beside = memo(function Beside({ state, library, cursor, onCursor, inWeek }: BesideProps) {
    const step = state.plan.steps.find((one) => one.id === cursor.step)
    const zone = state.plan.zones.find((one) => one.id === cursor.zone)
    if (step === undefined) return null
    return (
        <>
            <Section title={zone === undefined ? 'What lies below' : `What lies below: ${zone.name}`}>
                {zone === undefined ? (
                    <ul className="flex flex-wrap gap-1">
                        {state.plan.zones
                            .filter((one) => step.zones.includes(one.id))
                            .map((one) => (
                                <li key={one.id}>
                                    <Button
                                        className="text-fine"
                                        onClick={() => onCursor({ step: step.id, zone: one.id })}
                                    >
                                        {one.name}
                                    </Button>
                                </li>
                            ))}
                        {step.zones.length === 0 && (
                            <li className="text-soft">This step is on no zone yet: press cells in its row.</li>
                        )}
                    </ul>
                ) : (
                    <Suspense fallback={null}>
                        <CoreSample state={state} library={library} zone={zone} atStep={step.id} />
                    </Suspense>
                )}
            </Section>
            <Section title="At the bench">
                <Suspense fallback={null}>
                    <BenchNotes state={state} stepId={step.id} inWeek={inWeek} />
                </Suspense>
            </Section>
            <Suspense fallback={null}>
                <StepPhotos state={state} step={step} zone={zone} library={library} />
            </Suspense>
        </>
    )
})

/** What concerns the chosen cell comes first; the order is otherwise the core's, gravest first. */
function onZoneFirst(findings: readonly Finding[], zone: string | null): readonly Finding[] {
    const isHere = (finding: Finding) => zone !== null && finding.zones.includes(zone)
    return [...findings.filter(isHere), ...findings.filter((finding) => !isHere(finding))]
}

function Section({ title, children }: { title: string; children: ReactNode }) {
    return (
        // Not laid out before it is scrolled to: an edit changes all of them. As wide as the inspector, not to cut
        // focus rings.
        <section className="-mx-3 px-3 [contain-intrinsic-size:auto_10rem] [content-visibility:auto]">
            <h3 className="mb-1 border-b border-line text-fine font-semibold text-soft">{title}</h3>
            {children}
        </section>
    )
}
