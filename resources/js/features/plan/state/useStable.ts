import { useLayoutEffect, useRef, useState } from 'react'

/**
 * The same functions for as long as the component lives, each doing what the newest of its name would: what is handed
 * them need not be drawn again because they were made anew. For events only, not for use while rendering.
 */
export function useStable<T extends { [name in keyof T]: (...args: never[]) => unknown }>(functions: T): T {
    const newest = useRef(functions)
    useLayoutEffect(() => {
        newest.current = functions
    })
    const [stable] = useState(() => {
        const forwarding: Partial<T> = {}
        for (const name in functions) {
            forwarding[name] = ((...args: never[]) => newest.current[name](...args)) as T[typeof name]
        }
        return forwarding as T
    })
    return stable
}
