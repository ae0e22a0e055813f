import { useSyncExternalStore } from 'react'

const query = () => window.matchMedia?.('(max-width: 767px)')

/** Whether the page is as narrow as on a phone: a board of columns is of no use there. */
export function useIsNarrow(): boolean {
    return useSyncExternalStore(
        (notify) => {
            const media = query()
            media?.addEventListener('change', notify)
            return () => media?.removeEventListener('change', notify)
        },
        () => query()?.matches ?? false,
    )
}
