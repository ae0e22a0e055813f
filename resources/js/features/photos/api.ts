import { queryOptions } from '@tanstack/react-query'
import { z } from 'zod'
import { getJson, send } from '@/app/http'
import { type BuildPhotos, buildPhotosSchema, ownPhotosSchema, photoSchema } from '@/contract'

export type BuildPhoto = BuildPhotos['photos'][number]
export type Shown = { id: string; taken: Date; width: number; height: number }

export const photosQuery = (build: string) =>
    queryOptions({
        queryKey: ['photos', build],
        queryFn: async ({ signal }): Promise<BuildPhoto[]> =>
            (await getJson(`/builds/${build}/photos`, buildPhotosSchema, signal)).photos,
    })

/** Of all builds, the oldest first. */
export const ownPhotosQuery = queryOptions({
    queryKey: ['photos'],
    queryFn: async ({ signal }) => (await getJson('/photos', ownPhotosSchema, signal)).photos,
})

/** Of a step as it was done, or of a zone as it ought to look. With an id of its own, sent twice it is kept once. */
export const keepBuildPhoto = (build: string, of: 'step' | 'zone', id: string, picture: Blob, photo?: string) =>
    send(
        'POST',
        `/builds/${build}/photos?of=${of}&id=${id}${photo === undefined ? '' : `&photo=${photo}`}`,
        photoSchema,
        picture,
    )

export const keepMixPhoto = (mix: string, picture: Blob) => send('POST', `/mixes/${mix}/photos`, photoSchema, picture)

export const throwAwayPhoto = (photo: string) => send('DELETE', `/photos/${photo}`, z.null())

/** Where the bytes of a photograph are; small is enough to be looked at among others. */
export const addressOf = (id: string, size: 'small' | 'large' = 'large') =>
    `/api/photos/${id}${size === 'small' ? '?size=small' : ''}`
