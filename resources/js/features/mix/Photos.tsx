import { useMutation, useQueryClient } from '@tanstack/react-query'
import { Camera, Trash2 } from 'lucide-react'
import type { SavedMix } from '@/contract'
import { classes } from '@/design/classes'
import { IconButton } from '@/design/Icon'
import { LOCALE } from '@/design/locale'
import { keepPhoto, keptQuery, throwAwayPhoto } from './api'

const DAY = new Intl.DateTimeFormat(LOCALE, { day: 'numeric', month: 'long', year: 'numeric' })

/** What a mix looked like when it was dry, taken at the bench. */
export function Photos({ mix }: { mix: SavedMix }) {
    const queries = useQueryClient()
    const refresh = () => queries.invalidateQueries({ queryKey: keptQuery.queryKey })
    const keep = useMutation({ mutationFn: (picture: Blob) => keepPhoto(mix.id, picture), onSuccess: refresh })
    const away = useMutation({ mutationFn: throwAwayPhoto, onSettled: refresh })
    const error = keep.error ?? away.error
    return (
        <section aria-label="Photographs" className="no-print mx-auto mt-4 max-w-xl">
            <div className="flex items-center gap-3">
                <h2 className="wide font-semibold">Photographs</h2>
                <label
                    className={classes(
                        'ml-auto flex min-h-8 cursor-pointer items-center gap-2 rounded-plate border border-rule px-3',
                        'hover:bg-press has-focus-visible:outline-2 pointer-coarse:min-h-11',
                    )}
                >
                    <Camera className="size-4" aria-hidden />
                    {keep.isPending ? 'Keeping it …' : 'Add one'}
                    <input
                        type="file"
                        accept="image/jpeg,image/png,image/webp"
                        className="sr-only"
                        disabled={keep.isPending}
                        onChange={(event) => {
                            const file = event.target.files?.[0]
                            if (file !== undefined) keep.mutate(file)
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
            {mix.photos.length === 0 ? (
                <p className="mt-1 text-soft">
                    None yet: a stroke of it, dry, beside a white card says more than a name.
                </p>
            ) : (
                <ul className="mt-2 grid grid-cols-2 gap-2 sm:grid-cols-3">
                    {mix.photos.map((photo) => (
                        <li key={photo.id} className="relative">
                            <a href={`/api/photos/${photo.id}`} target="_blank" rel="noreferrer">
                                <img
                                    src={`/api/photos/${photo.id}?size=small`}
                                    alt={`${mix.name}, ${DAY.format(photo.taken)}`}
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
