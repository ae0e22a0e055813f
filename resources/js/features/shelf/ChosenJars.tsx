import { useMutation } from '@tanstack/react-query'
import { useState } from 'react'
import { Button } from '@/design/Button'
import { TextField } from '@/design/Field'
import { throwAwayJar } from '@/features/build'
import { keepStock, type Standing, type Stock, stockOf } from './api'

type Props = {
    jars: readonly Standing[]
    onNone: () => void
    /** Told which jars are off the shelf now, and which were changed by that, so that all can be put back. */
    onGone: (gone: readonly Standing[], changed?: readonly Standing[]) => void
    onSaved: () => Promise<void>
}

/** What is done to several jars at once. */
export function ChosenJars({ jars, onNone, onGone, onSaved }: Props) {
    const [opened, setOpened] = useState('')
    const [keeps, setKeeps] = useState('')
    const families = new Set(jars.map(({ jar }) => jar.family))
    const each = useMutation({
        mutationFn: async (change: Partial<Stock>) => {
            for (const one of jars) await keepStock(one.jar.id, { ...stockOf(one), ...change })
        },
        onSettled: onSaved,
    })
    const away = useMutation({
        mutationFn: async (gone: readonly Standing[]) => {
            for (const one of gone) await throwAwayJar(one.jar.id)
            return gone
        },
        onSuccess: (gone) => {
            onGone(gone)
            onNone()
        },
        onSettled: onSaved,
    })
    const merge = useMutation({
        mutationFn: async () => {
            const [first, ...others] = jars
            if (first === undefined) return
            await keepStock(first.jar.id, merged(first, others))
            for (const one of others) await throwAwayJar(one.jar.id)
            onGone(others, [first])
        },
        onSuccess: onNone,
        onSettled: onSaved,
    })
    const isBusy = each.isPending || away.isPending || merge.isPending
    const error = each.error ?? away.error ?? merge.error
    const months = Number(keeps)
    const isMonths = keeps !== '' && Number.isInteger(months) && months >= 1 && months <= 600
    return (
        <section
            aria-label="The chosen jars"
            className="mb-2 flex flex-wrap items-end gap-3 rounded-plate border border-rule bg-panel p-2"
        >
            <p className="min-h-8 content-center font-medium">
                {jars.length} {jars.length === 1 ? 'jar' : 'jars'} chosen
            </p>
            <div className="w-40">
                <TextField
                    label="Opened on"
                    type="date"
                    value={opened}
                    onChange={(event) => setOpened(event.target.value)}
                />
            </div>
            <Button disabled={isBusy || opened === ''} onClick={() => each.mutate({ openedOn: opened })}>
                Set it
            </Button>
            <div className="w-28">
                <TextField
                    label="Keeps, months"
                    inputMode="numeric"
                    value={keeps}
                    onChange={(event) => setKeeps(event.target.value)}
                />
            </div>
            <Button disabled={isBusy || !isMonths} onClick={() => each.mutate({ keepsMonths: months })}>
                Set them
            </Button>
            <Button
                disabled={isBusy || jars.length < 2 || families.size > 1}
                title={families.size > 1 ? 'Jars of different families are not the same jar.' : undefined}
                onClick={() => merge.mutate()}
            >
                They are one jar
            </Button>
            <Button disabled={isBusy} onClick={() => away.mutate(jars)}>
                Off the shelf
            </Button>
            <Button tone="quiet" onClick={onNone}>
                Choose none
            </Button>
            {error !== null && (
                <p role="alert" className="w-full text-stop">
                    {error.message}
                </p>
            )}
        </section>
    )
}

/** The first jar with what is left in all of them; opened since the oldest was, for that goes off first. */
export function merged(first: Standing, others: readonly Standing[]): Stock {
    const all = [first, ...others]
    const known = all.flatMap(({ leftMl }) => leftMl ?? [])
    const days = all.flatMap(({ openedOn }) => openedOn ?? []).toSorted()
    return {
        leftMl: known.length === 0 ? null : Math.round(10 * known.reduce((sum, ml) => sum + ml, 0)) / 10,
        price: first.price ?? others.find(({ price }) => price !== null)?.price ?? null,
        openedOn: days[0] ?? null,
        keepsMonths: first.keepsMonths ?? others.find(({ keepsMonths }) => keepsMonths !== null)?.keepsMonths ?? null,
        thinner: first.thinner || (others.find(({ thinner }) => thinner !== '')?.thinner ?? ''),
        thinnedOn: all.flatMap(({ thinnedOn }) => thinnedOn ?? []).toSorted()[0] ?? null,
        signs: [...new Set(all.flatMap(({ signs }) => signs))],
        holdsMl: first.holdsMl ?? others.find(({ holdsMl }) => holdsMl !== null)?.holdsMl ?? null,
        role: first.role ?? others.find(({ role }) => role !== null)?.role ?? null,
        isWithdrawn: all.every(({ isWithdrawn }) => isWithdrawn),
        note: [...new Set(all.map(({ note }) => note).filter((note) => note !== ''))].join('; ').slice(0, 500),
    }
}
