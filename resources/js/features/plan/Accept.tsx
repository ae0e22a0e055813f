import { useState } from 'react'
import { Button } from '@/design/Button'
import { Select, TextArea, TextField } from '@/design/Field'
import type { Acceptance, Finding, Step } from '@/features/build'

type Props = { finding: Finding; step: Step; onSave: (accepted: Acceptance[], label: string) => Promise<boolean> }

/** Breaking a rule knowingly. What is certain cannot be accepted; what may go wrong needs a trial; a custom needs a reason. */
export function Accept({ finding, step, onSave }: Props) {
    const [open, setOpen] = useState(false)
    const others = step.accepted.filter((one) => one.rule !== finding.code)
    const mine = step.accepted.find((one) => one.rule === finding.code)
    if (finding.accepted !== null || mine !== undefined) {
        return (
            <Button
                className="mt-1.5 text-fine"
                tone="quiet"
                onClick={() => void onSave(others, 'Take an exception back')}
            >
                Take the exception back
            </Button>
        )
    }
    if (finding.kind === 'fact' && finding.severity === 'stop') return null
    if (!open) {
        return (
            <Button className="mt-1.5 text-fine" tone="quiet" onClick={() => setOpen(true)}>
                {finding.kind === 'fact' ? 'It was tried: enter the test patch' : 'Break this rule knowingly'}
            </Button>
        )
    }
    return (
        <Form
            needsTrial={finding.kind === 'fact'}
            onLeave={() => setOpen(false)}
            onSave={async (reason, trial) => {
                if (await onSave([...others, { rule: finding.code, reason, trial }], 'Accept a finding')) setOpen(false)
            }}
        />
    )
}

type FormProps = {
    needsTrial: boolean
    onLeave: () => void
    onSave: (reason: string, trial: Acceptance['trial']) => Promise<void>
}

function Form({ needsTrial, onLeave, onSave }: FormProps) {
    const [tried, setTried] = useState(needsTrial)
    const [faults, setFaults] = useState<{ reason?: string; where?: string; rubs?: string }>({})
    return (
        <form
            noValidate
            className="mt-2 flex flex-col gap-2 rounded-plate border border-line bg-panel p-2"
            onSubmit={(event) => {
                event.preventDefault()
                const form = new FormData(event.currentTarget)
                const text = (name: string) => String(form.get(name) ?? '').trim()
                const rubs = Number(text('rubs'))
                const wrong: typeof faults = {}
                if (!tried && text('reason') === '') wrong.reason = 'Say why, for the one who reads the plan next year.'
                if (tried && text('where') === '') wrong.where = 'Where was it tried?'
                if (tried && (!Number.isInteger(rubs) || rubs < 0 || rubs > 1000))
                    wrong.rubs = 'A whole number up to 1000.'
                setFaults(wrong)
                if (Object.keys(wrong).length > 0) return
                const trial = tried
                    ? {
                          where: text('where'),
                          rubs,
                          passed: text('result') === 'passed',
                          date: new Date().toISOString().slice(0, 10),
                      }
                    : null
                void onSave(text('reason'), trial)
            }}
        >
            <TextArea label={tried ? 'Remark' : 'Why'} name="reason" rows={2} maxLength={1000} fault={faults.reason} />
            {!needsTrial && (
                <label className="flex min-h-8 items-center gap-1.5 pointer-coarse:min-h-11">
                    <input type="checkbox" checked={tried} onChange={(event) => setTried(event.target.checked)} /> It
                    was tried on a test patch
                </label>
            )}
            {tried && (
                <div className="grid grid-cols-[1fr_4.5rem] gap-2">
                    <TextField
                        label="Where"
                        name="where"
                        maxLength={200}
                        placeholder="underside of the hull"
                        fault={faults.where}
                    />
                    <TextField label="Rubs" name="rubs" inputMode="numeric" defaultValue="10" fault={faults.rubs} />
                    <div className="col-span-2">
                        <Select
                            label="Result"
                            name="result"
                            choices={[
                                { value: 'passed', label: 'passed: nothing came off' },
                                { value: 'failed', label: 'failed: this becomes a stop' },
                            ]}
                        />
                    </div>
                </div>
            )}
            <div className="flex justify-end gap-2">
                <Button onClick={onLeave}>Leave it</Button>
                <Button type="submit" tone="act">
                    Keep
                </Button>
            </div>
        </form>
    )
}
