import { zodResolver } from '@hookform/resolvers/zod'
import { useForm } from 'react-hook-form'
import { z } from 'zod'
import type { Trial as AnsweredTrial } from '@/contract'
import { Button } from '@/design/Button'
import { Select, TextArea, TextField } from '@/design/Field'

type Trial = NonNullable<AnsweredTrial>

const wholeNumber = 'A whole number up to 1000.'
const formSchema = z
    .object({
        isTried: z.boolean(),
        reason: z.string().trim().max(1000),
        where: z.string().trim().max(200),
        rubs: z.coerce.number(wholeNumber).int(wholeNumber).min(0, wholeNumber).max(1000, wholeNumber),
        result: z.enum(['passed', 'failed']),
    })
    .superRefine(({ isTried, reason, where }, check) => {
        if (!isTried && reason === '')
            check.addIssue({
                code: 'custom',
                path: ['reason'],
                message: 'Say why, for the one who reads the plan next year.',
            })
        if (isTried && where === '') check.addIssue({ code: 'custom', path: ['where'], message: 'Where was it tried?' })
    })

type FormProps = {
    needsTrial: boolean
    onLeave: () => void
    onSave: (said: { reason: string; trial: Pick<Trial, 'where' | 'rubs' | 'passed'> | null }) => Promise<void>
}

/** Why a rule is broken, or what a test patch has shown. */
export default function AcceptForm({ needsTrial, onLeave, onSave }: FormProps) {
    const { register, handleSubmit, watch, formState } = useForm({
        resolver: zodResolver(formSchema),
        defaultValues: { isTried: needsTrial, reason: '', where: '', rubs: 10, result: 'passed' as const },
    })
    const isTried = watch('isTried')
    const { errors } = formState
    return (
        <form
            noValidate
            className="mt-2 flex flex-col gap-2 rounded-plate border border-line bg-panel p-2"
            onSubmit={handleSubmit(({ reason, where, rubs, result }) =>
                onSave({ reason, trial: isTried ? { where, rubs, passed: result === 'passed' } : null }),
            )}
        >
            <TextArea
                label={isTried ? 'Remark' : 'Why'}
                rows={2}
                maxLength={1000}
                fault={errors.reason?.message}
                {...register('reason')}
            />
            {!needsTrial && (
                <label className="flex min-h-8 items-center gap-1.5 pointer-coarse:min-h-11">
                    <input type="checkbox" {...register('isTried')} /> It was tried on a test patch
                </label>
            )}
            {isTried && (
                <div className="grid grid-cols-[1fr_4.5rem] gap-2">
                    <TextField
                        label="Where"
                        maxLength={200}
                        placeholder="underside of the hull"
                        fault={errors.where?.message}
                        {...register('where')}
                    />
                    <TextField label="Rubs" inputMode="numeric" fault={errors.rubs?.message} {...register('rubs')} />
                    <div className="col-span-2">
                        <Select
                            label="Result"
                            choices={[
                                { value: 'passed', label: 'passed: nothing came off' },
                                { value: 'failed', label: 'failed: this becomes a stop' },
                            ]}
                            {...register('result')}
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
