import { zodResolver } from '@hookform/resolvers/zod'
import { useQuery } from '@tanstack/react-query'
import { type ReactNode, useState } from 'react'
import { useForm } from 'react-hook-form'
import { Navigate, useLocation } from 'react-router'
import { z } from 'zod'
import { sayRefusal } from '@/app/refusal'
import { sessionQuery, useEnter } from '@/app/session'
import { Button } from '@/design/Button'
import { TextField } from '@/design/Field'
import { RetryNotice } from '@/design/Notice'
import { Strip } from './Strip'

type Account = { name?: string; email: string; password: string }

export function SignIn() {
    const session = useQuery(sessionQuery)
    const location = useLocation()
    const [isNew, setNew] = useState(false)
    if (session.data?.user) {
        const from: unknown = location.state?.from
        return <Navigate to={typeof from === 'string' ? from : '/'} replace />
    }
    return (
        <main className="grid min-h-dvh lg:grid-cols-[1fr_1.1fr]">
            {/* From the top, not centred: what comes in below must not move a button that is about to be pressed. */}
            <div className="flex flex-col gap-6 bg-panel p-8 pt-[max(2rem,20dvh)] lg:px-16">
                <div className="w-full max-w-sm">
                    <h1 className="wide text-3xl font-bold tracking-wide">Ulvrach</h1>
                    <p className="mt-1 text-base text-soft">
                        Lay out the whole finish before you open a jar, and see which step would harm which layer.
                    </p>
                </div>
                {session.isError && <RetryNotice error={session.error} onRetry={() => void session.refetch()} />}
                <div className="w-full max-w-sm">
                    <AccountForm key={String(isNew)} isNew={isNew}>
                        <Button tone="quiet" onClick={() => setNew(!isNew)}>
                            {isNew ? 'I have an account' : 'Make an account'}
                        </Button>
                    </AccountForm>
                </div>
                {session.data?.demo === true && <DemoDoor />}
            </div>
            <Strip />
        </main>
    )
}

const formSchema = z.object({ name: z.string().trim(), email: z.string().trim(), password: z.string() })
type Typed = z.infer<typeof formSchema>

/** The server alone says what is wrong with an account, and no more than a stranger may know. */
function AccountForm({ isNew, children }: { isNew: boolean; children: ReactNode }) {
    const enter = useEnter<Account>(isNew ? '/accounts' : '/session')
    const { register, handleSubmit, setError, resetField, formState } = useForm<Typed>({
        resolver: zodResolver(formSchema),
        defaultValues: { name: '', email: '', password: '' },
    })
    const fault = (field: keyof Typed) => formState.errors[field]?.message
    const send = handleSubmit(async ({ name, ...account }) => {
        try {
            await enter.mutateAsync(isNew ? { ...account, name } : account)
        } catch (error) {
            resetField('password')
            sayRefusal(error, { name: 'name', email: 'email', password: 'password' }, setError)
        }
    })
    return (
        <form noValidate className="flex flex-col gap-3" onSubmit={send}>
            <h2 className="font-semibold">{isNew ? 'Make an account' : 'Sign in'}</h2>
            {isNew && <TextField label="Name" autoComplete="name" {...register('name')} fault={fault('name')} />}
            <TextField
                label="E-mail address"
                type="email"
                autoComplete="username"
                {...register('email')}
                fault={fault('email')}
            />
            <TextField
                label="Password"
                type="password"
                autoComplete={isNew ? 'new-password' : 'current-password'}
                hint={isNew ? 'Ten characters or more.' : undefined}
                {...register('password')}
                fault={fault('password')}
            />
            {formState.errors.root !== undefined && (
                <p role="alert" className="text-stop">
                    {formState.errors.root.message}
                </p>
            )}
            <div className="flex items-center gap-2">
                <Button type="submit" tone="act" disabled={enter.isPending}>
                    {isNew ? 'Make it' : 'Sign in'}
                </Button>
                {children}
            </div>
        </form>
    )
}

function DemoDoor() {
    const enter = useEnter<undefined>('/session/demo')
    return (
        <div className="w-full max-w-sm border-t border-line pt-4">
            <p className="mb-2 text-soft">
                Or look round first: three builds of the island republic of Tarsholm are on the bench.
            </p>
            <Button disabled={enter.isPending} onClick={() => enter.mutate(undefined)}>
                Open the demo bench
            </Button>
            {enter.error !== null && (
                <p role="alert" className="mt-1 text-stop">
                    {enter.error.message}
                </p>
            )}
        </div>
    )
}
