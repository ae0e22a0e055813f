import { useMutation } from '@tanstack/react-query'
import { Suspense, useState } from 'react'
import { useNavigate } from 'react-router'
import { Button } from '@/design/Button'
import { later } from '@/design/later'
import { type Acceptance, type Entry, entryOf, type Finding, type LogEntry, type Step, trialOf } from '@/features/build'
import { startTrial } from '@/features/trials/api'
import { trialsOf } from '../state/record'

const AcceptForm = later(() => import('./AcceptForm'))

type Props = {
    build: string
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
export function Accept({ build, finding, step, log, onAccept, onLog }: Props) {
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
            <span className="mt-1.5 flex flex-wrap gap-1">
                <Button className="text-fine" tone="quiet" onClick={() => setOpen(true)}>
                    {finding.kind === 'fact' ? 'It was tried: enter the test patch' : 'Accept this risk'}
                </Button>
                {finding.kind === 'fact' && <OnCard build={build} finding={finding} />}
            </span>
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
                                  entryOf('trial', step.id, {
                                      text: reason,
                                      trial: trialOf({ rule: finding.code, ...trial }),
                                  }),
                              ])
                    if (isSaved) setOpen(false)
                }}
            />
        </Suspense>
    )
}

/** A card with the layers that the step will meet there, so that it can be tried before it goes on the model. */
function OnCard({ build, finding }: Pick<Props, 'build' | 'finding'>) {
    const navigate = useNavigate()
    const start = useMutation({
        mutationFn: () =>
            startTrial(finding.title.slice(0, 120), { build, step: finding.step, zone: finding.zones[0] ?? '' }),
        onSuccess: () => navigate('/trials'),
    })
    return (
        <>
            <Button className="text-fine" tone="quiet" disabled={start.isPending} onClick={() => start.mutate()}>
                Try it on a card first
            </Button>
            {start.isError && (
                <span role="alert" className="text-fine text-stop">
                    {start.error.message}
                </span>
            )}
        </>
    )
}
