import { useMutation, useQueryClient } from '@tanstack/react-query'
import { inWords } from '@/design/duration'
import { timetableQuery } from '@/features/build'
import { Large } from './Large'

const CHOICES = [20, 40, 90]

type Step = { build: string; step: string }

/** How long one has: leads straight to what fits into it, in the order in which it is done. */
export function Minutes({ onFits }: { onFits: (steps: Step[]) => void }) {
    const queries = useQueryClient()
    const ask = useMutation({
        mutationFn: async (minutes: number) => {
            const laid = await queries.fetchQuery({ ...timetableQuery({ spare: minutes }), retry: false })
            const until = laid.now.getTime() + minutes * 60_000
            return laid.items.filter(({ from }) => from.getTime() < until).map(({ build, step }) => ({ build, step }))
        },
        onSuccess: (steps) => {
            if (steps.length > 0) onFits(steps)
        },
    })
    return (
        <fieldset className="mx-auto mb-5 flex max-w-3xl flex-wrap items-center gap-2">
            <legend className="mb-1 text-2xl font-bold">How long have you got?</legend>
            {CHOICES.map((minutes) => (
                <Large key={minutes} disabled={ask.isPending} onClick={() => ask.mutate(minutes)}>
                    {inWords(minutes)}
                </Large>
            ))}
            <p role="status" className="basis-full text-soft empty:hidden">
                {ask.isPending && 'Looking what fits…'}
                {ask.isError &&
                    'The clock cannot be asked now. The cards stand in the order in which it last had them.'}
                {ask.data?.length === 0 &&
                    `Nothing fits into ${inWords(ask.variables ?? 0)}: ` +
                        'what comes next still dries, takes longer, or may not be done at this hour.'}
            </p>
        </fieldset>
    )
}
