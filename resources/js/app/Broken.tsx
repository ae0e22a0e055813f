import { Link, useRouteError } from 'react-router'
import { Button } from '@/design/Button'

/** The page itself failed. What was saved is on the server. */
export function Broken() {
    const error = useRouteError()
    return (
        <main className="mx-auto max-w-lg p-8">
            <h1 className="wide text-xl font-semibold">This page broke</h1>
            <p className="mt-2 text-soft">
                Everything that was saved is still there. {error instanceof Error && <span>({error.message})</span>}
            </p>
            <Button className="mt-4" tone="act" onClick={() => window.location.reload()}>
                Load it again
            </Button>
        </main>
    )
}

export function NotHere() {
    return (
        <main className="mx-auto max-w-lg p-8">
            <h1 className="wide text-xl font-semibold">Nothing is here</h1>
            <p className="mt-2 text-soft">The address may be mistyped, or the build is gone or somebody else's.</p>
            <Link className="mt-4 inline-block underline" to="/">
                Back to the bench
            </Link>
        </main>
    )
}
