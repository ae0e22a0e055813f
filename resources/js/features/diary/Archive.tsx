import { useMutation, useQueryClient } from '@tanstack/react-query'
import { FolderDown, FolderUp } from 'lucide-react'
import { useRef } from 'react'
import { send } from '@/app/http'
import { takenInSchema } from '@/contract'
import { Button } from '@/design/Button'
import { classes } from '@/design/classes'

/** All that one keeps here as one file, and one's own file from elsewhere. */
export function Archive() {
    const file = useRef<HTMLInputElement>(null)
    const queries = useQueryClient()
    const takeIn = useMutation({
        mutationFn: (archive: Blob) => send('POST', '/archive', takenInSchema, archive),
        onSuccess: () => queries.invalidateQueries(),
    })
    return (
        <section aria-labelledby="archive" className="no-print mt-6 rounded-plate border border-line bg-panel p-3">
            <h2 id="archive" className="font-semibold">
                Your own copy
            </h2>
            <p className="mb-2 text-soft">
                Plans with their logs, shelf, mixes, patterns, schools, week, room and photographs in one file, which
                you can keep, and take into another account. What is there already stays as it is.
            </p>
            <div className="flex flex-wrap items-center gap-2">
                <a
                    href="/api/archive"
                    className={classes(
                        'inline-flex min-h-8 items-center gap-1.5 rounded-plate border border-rule px-2.5',
                        'bg-sheet font-medium hover:bg-press pointer-coarse:min-h-11',
                    )}
                >
                    <FolderDown className="size-4" aria-hidden /> Save everything as a file
                </a>
                <Button disabled={takeIn.isPending} onClick={() => file.current?.click()}>
                    <FolderUp className="size-4" aria-hidden />
                    {takeIn.isPending ? 'Reading it …' : 'Take such a file in'}
                </Button>
                <input
                    ref={file}
                    type="file"
                    accept=".zip,application/zip"
                    aria-label="An archive to take in"
                    className="sr-only"
                    tabIndex={-1}
                    onChange={(event) => {
                        const chosen = event.target.files?.[0]
                        event.target.value = ''
                        if (chosen !== undefined) takeIn.mutate(new Blob([chosen], { type: 'application/zip' }))
                    }}
                />
            </div>
            {takeIn.isError && (
                <p role="alert" className="mt-2 text-stop">
                    {takeIn.error.message}
                </p>
            )}
            {takeIn.isSuccess && (
                <p role="status" className="mt-2">
                    {saidOf(takeIn.data.new)}
                </p>
            )}
        </section>
    )
}

function saidOf(counts: Record<string, number>): string {
    const said = Object.entries(counts)
        .filter(([, count]) => count > 0)
        .map(([what, count]) => `${count} ${count === 1 ? what.slice(0, what === 'mixes' ? -2 : -1) : what}`)
    return said.length === 0 ? 'All of it was here already.' : `Taken in: ${said.join(', ')}.`
}
