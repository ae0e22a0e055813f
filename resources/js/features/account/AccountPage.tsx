import { queryOptions, useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { FolderDown } from 'lucide-react'
import { type ReactNode, useState } from 'react'
import { useForm } from 'react-hook-form'
import { getJson, send } from '@/app/http'
import { sayRefusal } from '@/app/refusal'
import { sessionQuery, useDeleteAccount } from '@/app/session'
import { type Account, accountSchema } from '@/contract'
import { Button } from '@/design/Button'
import { classes } from '@/design/classes'
import { Dialog } from '@/design/Dialog'
import { onWallClock } from '@/design/duration'
import { TextField } from '@/design/Field'
import { RetryNotice } from '@/design/Notice'

const accountQuery = queryOptions({
    queryKey: ['account'],
    queryFn: ({ signal }) => getJson('/account', accountSchema, signal),
})

/** One's own account: its password, where it is open, and its end. */
export function AccountPage() {
    const session = useQuery(sessionQuery)
    const account = useQuery(accountQuery)
    const user = session.data?.user
    return (
        <main className="min-h-0 flex-1 overflow-y-auto">
            <div className="mx-auto flex max-w-3xl flex-col gap-6 p-4 sm:p-6">
                <header>
                    <h1 className="wide text-2xl font-bold">Your account</h1>
                    {user != null && (
                        <p className="text-soft">
                            {user.name}, {user.email}
                        </p>
                    )}
                </header>
                <Section id="password" title="Password">
                    <PasswordForm />
                </Section>
                <Section id="places" title="Where you are signed in">
                    {account.isError && <RetryNotice error={account.error} onRetry={() => void account.refetch()} />}
                    {account.isPending && <p className="text-soft">Looking it up…</p>}
                    {account.isSuccess && <Places sessions={account.data.sessions} />}
                </Section>
                <Section id="end" title="Delete this account">
                    <End />
                </Section>
            </div>
        </main>
    )
}

function Section({ id, title, children }: { id: string; title: string; children: ReactNode }) {
    return (
        <section aria-labelledby={id} className="rounded-plate border border-line bg-panel p-4">
            <h2 id={id} className="mb-2 font-semibold">
                {title}
            </h2>
            {children}
        </section>
    )
}

type Passwords = { current: string; password: string }

function PasswordForm() {
    const queries = useQueryClient()
    const change = useMutation({
        mutationFn: (typed: Passwords) => send('PUT', '/account/password', accountSchema, typed),
        onSuccess: (account) => queries.setQueryData(accountQuery.queryKey, account),
    })
    const { register, handleSubmit, setError, reset, formState } = useForm<Passwords>({
        defaultValues: { current: '', password: '' },
    })
    const fault = (field: keyof Passwords) => formState.errors[field]?.message
    const keep = handleSubmit(async (typed) => {
        try {
            await change.mutateAsync(typed)
            reset()
        } catch (error) {
            sayRefusal(error, { current: 'current', password: 'password' }, setError)
        }
    })
    return (
        <form noValidate className="flex max-w-sm flex-col gap-3" onSubmit={keep}>
            <TextField
                label="Password until now"
                type="password"
                autoComplete="current-password"
                {...register('current')}
                fault={fault('current')}
            />
            <TextField
                label="New password"
                type="password"
                autoComplete="new-password"
                hint="Ten characters or more. Everywhere else you will be signed out."
                {...register('password')}
                fault={fault('password')}
            />
            <RootFault message={formState.errors.root?.message} />
            <div className="flex flex-wrap items-center gap-3">
                <Button type="submit" tone="act" disabled={change.isPending}>
                    Change the password
                </Button>
                {change.isSuccess && !formState.isDirty && (
                    <p role="status">Changed. You are signed in here and nowhere else.</p>
                )}
            </div>
        </form>
    )
}

function RootFault({ message }: { message: string | undefined }) {
    return message === undefined ? null : (
        <p role="alert" className="text-stop">
            {message}
        </p>
    )
}

function Places({ sessions }: { sessions: Account['sessions'] }) {
    const queries = useQueryClient()
    const end = useMutation({
        mutationFn: (key: string) => send('DELETE', `/account/sessions/${key}`, accountSchema),
        onSuccess: (account) => queries.setQueryData(accountQuery.queryKey, account),
    })
    return (
        <>
            <ul className="divide-y divide-line">
                {sessions.map(({ key, device, lastSeen, isThis }) => (
                    <li key={key} className="flex min-h-11 items-center gap-3 py-1">
                        <span className="flex-1">
                            On {device}
                            <span className="block text-fine text-soft">
                                {isThis ? 'the one in your hands' : `last used ${onWallClock(new Date(lastSeen))}`}
                            </span>
                        </span>
                        {!isThis && (
                            <Button
                                aria-label={`Sign out on ${device}, last used ${onWallClock(new Date(lastSeen))}`}
                                disabled={end.isPending}
                                onClick={() => end.mutate(key)}
                            >
                                Sign out there
                            </Button>
                        )}
                    </li>
                ))}
            </ul>
            <RootFault message={end.error?.message} />
        </>
    )
}

function End() {
    const [isAsking, setAsking] = useState(false)
    return (
        <>
            <p className="mb-3 text-soft">
                Builds, logs, shelf, mixes, trials and photographs go with it, and nothing brings them back.
            </p>
            <div className="flex flex-wrap gap-2">
                <a
                    href="/api/archive"
                    className={classes(
                        'inline-flex min-h-8 items-center gap-1.5 rounded-plate border border-rule px-2.5',
                        'bg-sheet font-medium hover:bg-press pointer-coarse:min-h-11',
                    )}
                >
                    <FolderDown className="size-4" aria-hidden /> Save everything as a file first
                </a>
                <Button tone="danger" onClick={() => setAsking(true)}>
                    Delete the account…
                </Button>
            </div>
            <Dialog
                open={isAsking}
                onOpenChange={setAsking}
                title="Delete the account and all that is in it?"
                description="Your password is the second word. There is no way back."
            >
                <EndForm onStay={() => setAsking(false)} />
            </Dialog>
        </>
    )
}

function EndForm({ onStay }: { onStay: () => void }) {
    const end = useDeleteAccount()
    const { register, handleSubmit, setError, formState } = useForm<{ current: string }>({
        defaultValues: { current: '' },
    })
    const remove = handleSubmit(async ({ current }) => {
        try {
            await end.mutateAsync(current)
        } catch (error) {
            sayRefusal(error, { current: 'current' }, setError)
        }
    })
    return (
        <form noValidate className="flex flex-col gap-3" onSubmit={remove}>
            <TextField
                label="Your password"
                type="password"
                autoComplete="current-password"
                {...register('current')}
                fault={formState.errors.current?.message}
            />
            <RootFault message={formState.errors.root?.message} />
            <div className="flex gap-2">
                <Button type="submit" tone="danger" disabled={end.isPending}>
                    Delete it for good
                </Button>
                <Button onClick={onStay}>Keep it</Button>
            </div>
        </form>
    )
}
