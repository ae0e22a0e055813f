import { useMutation } from '@tanstack/react-query'
import { Camera, Trash2 } from 'lucide-react'
import type { ReactNode } from 'react'
import { classes } from '@/design/classes'
import { IconButton } from '@/design/Icon'
import { LOCALE } from '@/design/locale'
import { addressOf, type Shown, throwAwayPhoto } from './api'

const DAY = new Intl.DateTimeFormat(LOCALE, { day: 'numeric', month: 'long', year: 'numeric' })

type Props = {
    title: string
    /** What the part of the page is called where its title alone is not enough. */
    label?: string
    /** What they show, for who cannot see them. */
    name: string
    /** What is said where there is none. */
    none: string
    photos: readonly Shown[]
    keep: (picture: Blob) => Promise<unknown>
    onChanged: () => Promise<unknown>
    /** Beside the title. */
    children?: ReactNode
    /** Below the heading of the page, or of a part of it. */
    heading?: 'h2' | 'h3'
    /** Large enough for a knuckle. */
    isLarge?: boolean
    className?: string
}

/** Photographs of one thing: to be added from camera or file, looked at, and thrown away. */
export function PhotoShelf({ title, name, none, photos, keep, onChanged, children, ...more }: Props) {
    const { heading: Heading = 'h3', isLarge = false, className = '', label = title } = more
    const add = useMutation({ mutationFn: keep, onSuccess: onChanged })
    const away = useMutation({ mutationFn: throwAwayPhoto, onSettled: onChanged })
    const error = add.error ?? away.error
    return (
        <section aria-label={label} className={className}>
            <div className="flex flex-wrap items-center gap-2">
                <Heading className="wide mr-auto font-semibold">{title}</Heading>
                {children}
                <label
                    className={classes(
                        'flex min-h-8 cursor-pointer items-center gap-2 rounded-plate border border-rule px-3',
                        'hover:bg-press has-focus-visible:outline-2 pointer-coarse:min-h-11',
                        isLarge ? 'min-h-[64px] text-lg' : '',
                    )}
                >
                    <Camera className="size-4" aria-hidden />
                    {add.isPending ? 'Keeping it …' : 'Add one'}
                    <input
                        type="file"
                        accept="image/jpeg,image/png,image/webp"
                        className="sr-only"
                        disabled={add.isPending}
                        onChange={(event) => {
                            const file = event.target.files?.[0]
                            if (file !== undefined) add.mutate(file)
                            event.target.value = ''
                        }}
                    />
                </label>
            </div>
            {error !== null && (
                <p role="alert" className="mt-1 text-stop">
                    {error.message}
                </p>
            )}
            {photos.length === 0 ? (
                <p className="mt-1 text-soft">{none}</p>
            ) : (
                <ul className="mt-2 grid grid-cols-2 gap-2 sm:grid-cols-3">
                    {photos.map((photo) => (
                        <li key={photo.id} className="relative">
                            <a href={addressOf(photo.id)} target="_blank" rel="noreferrer">
                                <img
                                    src={addressOf(photo.id, 'small')}
                                    alt={`${name}, ${DAY.format(photo.taken)}`}
                                    width={photo.width}
                                    height={photo.height}
                                    loading="lazy"
                                    className="aspect-4/3 w-full rounded-plate bg-card object-cover"
                                />
                            </a>
                            <span className="flex items-center text-fine text-soft">
                                {DAY.format(photo.taken)}
                                <IconButton
                                    label={`Throw away the photograph of ${DAY.format(photo.taken)}`}
                                    onClick={() => away.mutate(photo.id)}
                                    className="ml-auto"
                                >
                                    <Trash2 className="size-4" aria-hidden />
                                </IconButton>
                            </span>
                        </li>
                    ))}
                </ul>
            )}
        </section>
    )
}
