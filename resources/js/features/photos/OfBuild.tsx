import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Button } from '@/design/Button'
import { Dialog } from '@/design/Dialog'
import { keepBuildPhoto, ownPhotosQuery, photosQuery } from './api'
import { BesideEachOther } from './BesideEachOther'
import { PhotoShelf } from './PhotoShelf'

type Props = {
    build: string
    of: 'step' | 'zone'
    id: string
    title: string
    label?: string
    name: string
    none: string
    /** How each step and zone is called, by id. */
    nameOf: (of: 'step' | 'zone', id: string) => string
}

/** Photographs of a step as it was done, or of a zone as it ought to look, and any two of the build side by side. */
export function OfBuild({ build, of, id, title, name, none, nameOf, label = title }: Props) {
    const queries = useQueryClient()
    const photos = useQuery(photosQuery(build))
    const [isBeside, setBeside] = useState(false)
    const [isWide, setWide] = useState(false)
    const others = useQuery({ ...ownPhotosQuery, enabled: isBeside && isWide })
    const all = photos.data ?? []
    const own = all
        .filter((photo) => photo.of === of && photo.id === id)
        .map(({ photo, taken, width, height }) => ({ id: photo, taken, width, height }))
    return (
        <>
            <PhotoShelf
                title={title}
                label={label}
                name={name}
                none={none}
                photos={own}
                keep={(picture) => keepBuildPhoto(build, of, id, picture)}
                onChanged={() => queries.invalidateQueries({ queryKey: photosQuery(build).queryKey })}
            >
                {all.length > 1 && own.length > 0 && <Button onClick={() => setBeside(true)}>Before and after</Button>}
            </PhotoShelf>
            {isBeside && (
                <Dialog
                    open
                    onOpenChange={setBeside}
                    width="max-w-5xl"
                    title="Before and after"
                    description="Two photographs of this build, one over the other."
                >
                    <label className="mb-2 flex min-h-8 items-center gap-1.5 pointer-coarse:min-h-11">
                        <input type="checkbox" checked={isWide} onChange={(event) => setWide(event.target.checked)} />
                        Of my other builds as well
                    </label>
                    <BesideEachOther
                        photos={[
                            ...all.map((photo) => ({
                                id: photo.photo,
                                taken: photo.taken,
                                name: nameOf(photo.of, photo.id),
                            })),
                            ...(isWide ? (others.data ?? []) : []).filter((photo) => photo.build !== build),
                        ]}
                        last={own.at(-1)?.id ?? ''}
                    />
                </Dialog>
            )}
        </>
    )
}
