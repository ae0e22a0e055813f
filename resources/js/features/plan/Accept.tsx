import { Suspense, useState } from 'react'
import { Button } from '@/design/Button'
import { later } from '@/design/later'
import { type Acceptance, type Entry, entryOf, type Finding, type LogEntry, type Step } from '@/features/build'
import { trialsOf } from './record'

const AcceptForm = later(() => import('./AcceptForm'))

type Props = {
    finding: Finding
    step: Step
    log: readonly Entry[]
    onAccept: (accepted: Acceptance[], label: string) => Promise<boolean>
    onLog: (entries: LogEntry[]) => Promise<boolean>
}

/**
 * Breaking a rule knowingly. What is certain cannot be accepted; what may go wrong needs a trial, which goes into the
 * log; a custom needs a reason, which stands in the plan.
 */
export function Accept({ finding, step, log, onAccept, onLog }: Props) {
    const [open, setOpen] = useState(false)
    const others = step.accepted.filter((one) => one.rule !== finding.code)
    const isAccepted = others.length < step.accepted.length
    const trials = trialsOf(log, step.id, finding.code)
    if (isAccepted || trials.length > 0) {
        const takeBack = async () => {
            if (trials.length > 0)
                await onLog(trials.map((trial) => entryOf('withdrawn', step.id, { corrects: trial.id })))
            if (isAccepted) await onAccept(others, 'No longer accept a finding')
        }
        return (
            <Button className="mt-1.5 text-fine" tone="quiet" onClick={() => void takeBack()}>
                {isAccepted ? 'No longer accept it' : 'Take the trial back'}
            </Button>
        )
    }
    if (finding.kind === 'fact' && finding.isCertain) return null
    if (!open) {
        return (
            <Button className="mt-1.5 text-fine" tone="quiet" onClick={() => setOpen(true)}>
                {finding.kind === 'fact' ? 'It was tried: enter the test patch' : 'Accept this risk'}
            </Button>
        )
    }
    return (
        <Suspense fallback={null}>
            <AcceptForm
                needsTrial={finding.kind === 'fact'}
                onLeave={() => setOpen(false)}
                onSave={async ({ reason, trial }) => {
                    const isSaved =
                        trial === null
                            ? await onAccept([...others, { rule: finding.code, reason }], 'Accept a finding')
                            : await onLog([
                                  entryOf('trial', step.id, { text: reason, trial: { rule: finding.code, ...trial } }),
                              ])
                    if (isSaved) setOpen(false)
                }}
            />
        </Suspense>
    )
}
