import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Button } from '@/design/Button'
import { Dialog } from '@/design/Dialog'
import { keepBuildPhoto, photosQuery } from './api'
import { BesideEachOther } from './BesideEachOther'
import { PhotoShelf } from './PhotoShelf'

type Props = {
    build: string
    of: 'step' | 'zone'
    id: string
    title: string
    name: string
    none: string
    /** How each step and zone is called, by id. */
    nameOf: (of: 'step' | 'zone', id: string) => string
}

/** Photographs of a step as it was done, or of a zone as it ought to look, and any two of the build side by side. */
export function OfBuild({ build, of, id, title, name, none, nameOf }: Props) {
    const queries = useQueryClient()
    const photos = useQuery(photosQuery(build))
    const [isBeside, setBeside] = useState(false)
    const all = photos.data ?? []
    const own = all
        .filter((photo) => photo.of === of && photo.id === id)
        .map(({ photo, taken, width, height }) => ({ id: photo, taken, width, height }))
    return (
        <>
            <PhotoShelf
                title={title}
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
                    <BesideEachOther
                        photos={all.map((photo) => ({
                            id: photo.photo,
                            taken: photo.taken,
                            name: nameOf(photo.of, photo.id),
                        }))}
                        last={own.at(-1)?.id ?? ''}
                    />
                </Dialog>
            )}
        </>
    )
}
