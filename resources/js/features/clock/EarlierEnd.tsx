import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { Hourglass } from 'lucide-react'
import { useEffect, useState } from 'react'
import { Button } from '@/design/Button'
import { classes } from '@/design/classes'
import { isUnderWay, type Question, type Search, searchQuery, startSearch, stopSearch } from './api'
import type { Formats } from './times'

/** A thorough search in the background: how far it is, what it has found, and a way to end it. */
export function EarlierEnd({ question, format }: { question: Question; format: Formats }) {
    const queries = useQueryClient()
    const [id, setId] = useState<string | null>(null)
    const search = useQuery({ ...searchQuery(id ?? ''), enabled: id !== null })
    const keep = (state: Search) => {
        queries.setQueryData(searchQuery(state.id).queryKey, state)
        setId(state.id)
    }
    const start = useMutation({ mutationFn: () => startSearch(question), onSuccess: keep })
    const stop = useMutation({ mutationFn: stopSearch, onSuccess: keep })
    const state = id === null ? undefined : search.data
    const hasEnded = state !== undefined && !isUnderWay(state)
    useEffect(() => {
        // The clock keeps the best that was found, and gives it to whoever asks next.
        if (hasEnded) void queries.invalidateQueries({ queryKey: ['clock'] })
    }, [hasEnded, queries])

    if (state !== undefined && isUnderWay(state)) {
        return (
            <span className="flex items-center gap-2">
                <progress
                    className={classes(
                        'h-2 w-24 appearance-none [&::-moz-progress-bar]:bg-ink',
                        '[&::-webkit-progress-bar]:bg-line [&::-webkit-progress-value]:bg-ink',
                    )}
                    aria-label="Looking for an earlier end"
                    value={state.spent}
                    max={state.seconds}
                />
                <span className="text-fine text-soft" aria-live="polite">
                    {state.ends === null ? 'Looking…' : `so far ${format.both(state.ends)}`}
                </span>
                <Button onClick={() => stop.mutate(state.id)}>Stop looking</Button>
            </span>
        )
    }
    return (
        <span className="flex items-center gap-2">
            {(start.isError || search.isError) && (
                <span role="alert" className="text-fine text-stop">
                    {(start.error ?? search.error)?.message}
                </span>
            )}
            <Button onClick={() => start.mutate()} disabled={start.isPending || state?.state === 'done'}>
                <Hourglass className="size-4" aria-hidden />{' '}
                {state?.state === 'done' ? 'Looked thoroughly' : 'Look for an earlier end'}
            </Button>
        </span>
    )
}
