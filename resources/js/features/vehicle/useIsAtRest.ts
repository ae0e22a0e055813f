import { useEffect, useState } from 'react'

/** Milliseconds after which a page that has come up is taken to be looked at. */
const REST = 500

/** Whether a page stands: small pictures are drawn then, for whoever only passes through needs none. */
export function useIsAtRest(): boolean {
    const [isAtRest, setAtRest] = useState(false)
    useEffect(() => {
        const timer = setTimeout(() => setAtRest(true), REST)
        return () => clearTimeout(timer)
    }, [])
    return isAtRest
}
