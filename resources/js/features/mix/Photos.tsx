import { useQueryClient } from '@tanstack/react-query'
import type { SavedMix } from '@/contract'
import { keepMixPhoto, PhotoShelf } from '@/features/photos'
import { keptQuery } from './api'

/** What a mix looked like when it was dry, taken at the bench. */
export function Photos({ mix }: { mix: SavedMix }) {
    const queries = useQueryClient()
    return (
        <PhotoShelf
            title="Photographs"
            heading="h2"
            name={mix.name}
            none="None yet: a stroke of it, dry, beside a white card says more than a name."
            photos={mix.photos}
            keep={(picture) => keepMixPhoto(mix.id, picture)}
            onChanged={() => queries.invalidateQueries({ queryKey: keptQuery.queryKey })}
            className="no-print mx-auto mt-4 max-w-xl"
        />
    )
}
