import { inWords, onPlanClock, onWallClock } from '@/design/duration'
import { SEVERITIES, type Severity } from '@/design/Severity'
import { rangeInWords } from '@/design/spans'
import type { Finding, Layer, Plan, StepVerdict, Verdict } from '@/features/build'
import { sayExtent, spotsOf } from './extent'

/** Findings by the cell they belong to, for a board of many cells. */
export type FindingIndex = {
    ofStep: (stepId: string) => readonly Finding[]
    worstOfStep: (stepId: string) => Severity | null
    worstOfCell: (stepId: string, zoneId: string) => Severity | null
}

const worst = (findings: readonly Finding[]): Severity | null =>
    SEVERITIES.find((severity) =>
        findings.some((finding) => finding.severity === severity && finding.accepted === null),
    ) ?? null

export function indexFindings(findings: readonly Finding[]): FindingIndex {
    const bySteps = new Map<string, Finding[]>()
    for (const finding of findings) {
        const list = bySteps.get(finding.step) ?? []
        list.push(finding)
        bySteps.set(finding.step, list)
    }
    const ofStep = (stepId: string) => bySteps.get(stepId) ?? []
    return {
        ofStep,
        worstOfStep: (stepId) => worst(ofStep(stepId)),
        worstOfCell: (stepId, zoneId) => worst(ofStep(stepId).filter((finding) => finding.zones.includes(zoneId))),
    }
}

/** How minutes of a plan are said: on the wall, where it is known when they are, else since the plan began. */
export type SayMoment = (minute: number) => string

/** By the log, once a step is done, or by the session that a step is laid into; "29 h 51 min" where nobody knows. */
export function clockOf(
    clockZero: string | null,
    step?: StepVerdict,
    inWeek?: { starts: Date; timeZone: string },
): {
    /** "29 h 51 min" or "Tue 24 Nov, 19:30". */
    say: SayMoment
    /** "after 29 h 51 min" or "Tue 24 Nov, 19:30". */
    at: SayMoment
} {
    if (inWeek !== undefined && step !== undefined && step.done === null) {
        const zero = inWeek.starts.getTime() - step.start * 60_000
        const say = (minute: number) => onWallClock(new Date(zero + minute * 60_000), inWeek.timeZone)
        return { say, at: say }
    }
    if (clockZero === null) {
        return { say: onPlanClock, at: (minute) => (minute <= 0 ? 'at the start' : `after ${onPlanClock(minute)}`) }
    }
    const say = (minute: number) => onWallClock(new Date(new Date(clockZero).getTime() + minute * 60_000))
    return { say, at: say }
}

/** "Thu 26 Nov, 19:30" on the clock of the bench. */
export const sayInWeek = (moment: Date, { timeZone }: { timeZone: string }): string => onWallClock(moment, timeZone)

/** Minutes between the end of the step before and the start of this one. */
export function waitBefore(verdict: Verdict, index: number): number {
    const before = verdict.steps[index - 1]
    const step = verdict.steps[index]
    return before === undefined || step === undefined ? 0 : Math.max(0, step.start - before.end)
}

/** What a step waits for, as a sentence. */
export function sayHold(step: StepVerdict, plan: Plan, at: SayMoment): string {
    if (step.heldBy === null) return 'Nothing below has to be waited for.'
    const number = plan.steps.findIndex((other) => other.id === step.heldBy?.step) + 1
    const against = step.heldBy.carrier === null ? '' : ` against ${step.heldBy.carrier}`
    const film = `the ${step.heldBy.film} of step ${number}`
    const takes = rangeInWords(step.heldBy.soonest, step.heldBy.sure)
    return `Ready ${at(step.ready)}: ${film} is ${step.heldBy.needs}${against} after ${takes}.`
}

export function sayWindow(step: StepVerdict, at: SayMoment): string | null {
    return step.closes === null
        ? null
        : `The window closes ${at(step.closes)}; it is open for ${inWords(step.closes - step.ready)}.`
}

/** "It goes into step 5 while that is open: nothing has to dry in between." */
export function sayInto(step: StepVerdict, plan: Plan, cleans = false): string {
    const numbers = step.into.map((id) => plan.steps.findIndex((one) => one.id === id) + 1)
    const steps = `${numbers.length === 1 ? 'step' : 'steps'} ${numbers.join(' and ')}`
    return cleans ? `It cleans up ${steps}.` : `It goes into ${steps}, still open: nothing has to dry.`
}

type FollowUp = StepVerdict['windows'][number]

/** "The next coat: from 1 h 54 min on", "Take the mask off: by Fri 27 Nov, 9:00": a line for each that may follow. */
export function sayWindows(step: StepVerdict, say: SayMoment): string {
    return step.windows.map((window) => `${window.action}: ${sayEdges(window, say)}`).join('\n')
}

/** "from 20 min on, best until 4 h, gone at 24 h" */
export function sayEdges(
    { soonest, opens, bestUntil, closes }: Omit<FollowUp, 'kind' | 'action'>,
    say: SayMoment,
): string {
    return [
        `from ${say(opens)} on${soonest < opens ? `, perhaps ${inWords(opens - soonest)} sooner` : ''}`,
        ...(bestUntil === null ? [] : [`best until ${say(bestUntil)}`]),
        ...(closes === null ? [] : [`gone at ${say(closes)}`]),
    ].join(', ')
}

/** How much of the first window that closes is its best part, from 0 to 1; null: none closes. */
export function bestShare(step: StepVerdict): number | null {
    const window = step.windows.find(({ closes }) => closes !== null)
    if (window?.closes == null) return null
    return window.bestUntil === null ? 1 : (window.bestUntil - window.opens) / Math.max(1, window.closes - window.opens)
}

export type CureState = 'wet' | 'touch-dry' | 'recoatable' | 'solvent-proof'

export function cureAt(layer: Layer, minute: number): CureState {
    if (layer.solventProof !== null && minute >= layer.solventProof) return 'solvent-proof'
    if (minute >= layer.recoatable) return 'recoatable'
    return minute >= layer.touchDry ? 'touch-dry' : 'wet'
}

export type Stratum = {
    stepId: string
    number: number
    name: string
    layer: Layer
    cure: CureState
    broken: boolean
    exposed: boolean
    /** Per cent of the zone that it lies on, where that is in spots; null: on all of it. */
    spots: number | null
    /** Where on the zone, in words; empty: everywhere. */
    where: string
    /** It was worked into the layer below while that was open: one body with it. */
    isInto: boolean
}

/** The layers of a zone from the part upwards, as they are when the given step begins; null: at the end of the plan. */
export function strataOf(plan: Plan, verdict: Verdict, zoneId: string, atStep: string | null): Stratum[] {
    const atIndex = atStep === null ? plan.steps.length : plan.steps.findIndex((step) => step.id === atStep)
    const minute = verdict.steps[atIndex]?.start ?? Number.POSITIVE_INFINITY
    const atEnd = atIndex >= plan.steps.length
    const layers = verdict.zones.find((zone) => zone.id === zoneId)?.layers ?? []
    return layers.flatMap(({ step, broken, exposed }, place) => {
        const index = plan.steps.findIndex((other) => other.id === step)
        const layer = verdict.steps[index]?.layer
        const product = plan.products.find((one) => one.id === plan.steps[index]?.product)
        return layer == null || index >= atIndex
            ? []
            : [
                  {
                      stepId: step,
                      number: index + 1,
                      name: product?.name ?? layer.film,
                      layer,
                      cure: cureAt(layer, minute),
                      broken: atEnd && broken,
                      exposed: atEnd && exposed,
                      spots: spotsOf(plan.steps[index]?.extent ?? null),
                      where: sayExtent(plan.steps[index]?.extent ?? null, plan),
                      isInto: place > 0 && verdict.steps[index]?.into.includes(layers[place - 1]?.step ?? '') === true,
                  },
              ]
    })
}
