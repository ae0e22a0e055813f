import { useQuery } from '@tanstack/react-query'
import { LogOut, Moon, Sun, UserRound, WifiOff } from 'lucide-react'
import { Suspense, useState, useSyncExternalStore } from 'react'
import { Link, Navigate, NavLink, Outlet, useLocation } from 'react-router'
import { classes } from '@/design/classes'
import { IconButton } from '@/design/Icon'
import { later } from '@/design/later'
import { RetryNotice } from '@/design/Notice'
import { useIsNarrow } from '@/design/useIsNarrow'
import { More } from './More'
import { sessionQuery, useSignOut } from './session'
import { currentTheme, keepTheme } from './theme'

// It may ring on every page, but not in the first second.
const Alarm = later(async () => ({ default: (await import('@/features/remind')).Alarm }))

export function Opening() {
    return <p className="p-8 text-soft">Opening the bench…</p>
}

/** Where one can go; what is needed with paint on the hands comes first on phones. */
const PLACES = [
    { to: '/', name: 'Bench', isOnPhones: true },
    { to: '/clock', name: 'Clock', isOnPhones: true },
    { to: '/shelf', name: 'Shelf', isOnPhones: true },
    { to: '/mixes', name: 'Mixes', isOnPhones: true },
    { to: '/trials', name: 'Trials', isOnPhones: false },
    { to: '/diary', name: 'Diary', isOnPhones: true },
    { to: '/almanac', name: 'Almanac', isOnPhones: false },
] as const

/** The frame of every screen behind the door. */
export function Shell() {
    const session = useQuery(sessionQuery)
    const location = useLocation()
    const isNarrow = useIsNarrow()
    if (session.isPending) {
        return <Opening />
    }
    if (session.isError) {
        return (
            <main className="mx-auto max-w-lg p-8">
                <RetryNotice error={session.error} onRetry={() => void session.refetch()} />
            </main>
        )
    }
    if (session.data.user === null) {
        return <Navigate to="/sign-in" replace state={{ from: location.pathname }} />
    }
    return (
        <div className="flex h-dvh flex-col">
            <header
                className={classes(
                    'no-print flex h-11 shrink-0 items-center gap-3 border-b border-rule bg-panel px-3',
                    'max-sm:gap-1 max-sm:px-1.5',
                )}
            >
                <Link
                    to="/"
                    aria-label="Ulvrach"
                    className="wide flex shrink-0 items-center gap-2 font-semibold tracking-wide"
                >
                    <img src="/mark.svg" alt="" className="size-6" />
                    <span className="max-sm:hidden">Ulvrach</span>
                </Link>
                <nav
                    aria-label="Main"
                    className="flex min-w-0 flex-1 items-center gap-1 max-sm:gap-0 max-sm:overflow-x-auto"
                >
                    {PLACES.filter((place) => !isNarrow || place.isOnPhones).map(({ to, name }) => (
                        <Place key={to} to={to} name={name} />
                    ))}
                </nav>
                <OfflineMark isShort={isNarrow} />
                {isNarrow ? (
                    <More>
                        {PLACES.filter((place) => !place.isOnPhones).map(({ to, name }) => (
                            <div key={to} className="grid">
                                <Place to={to} name={name} />
                            </div>
                        ))}
                        <div className="flex justify-between border-t border-line pt-1">
                            <ThemeButton />
                            <SignOutButton name={session.data.user.name} />
                        </div>
                    </More>
                ) : (
                    <>
                        <ThemeButton />
                        <SignOutButton name={session.data.user.name} />
                    </>
                )}
            </header>
            <Outlet />
            <Suspense fallback={null}>
                <Alarm />
            </Suspense>
        </div>
    )
}

function Place({ to, name }: { to: string; name: string }) {
    return (
        <NavLink
            to={to}
            end
            className={classes(
                'inline-flex min-h-8 items-center rounded-plate px-2.5 text-soft hover:bg-press max-sm:px-1.5',
                'aria-[current=page]:font-semibold aria-[current=page]:text-ink',
                'pointer-coarse:min-h-11',
            )}
        >
            {name}
        </NavLink>
    )
}

function subscribeOnline(notify: () => void): () => void {
    window.addEventListener('online', notify)
    window.addEventListener('offline', notify)
    return () => {
        window.removeEventListener('online', notify)
        window.removeEventListener('offline', notify)
    }
}

function OfflineMark({ isShort }: { isShort: boolean }) {
    const online = useSyncExternalStore(subscribeOnline, () => navigator.onLine)
    return online ? null : (
        <span role="status" className="flex items-center gap-1 rounded-plate bg-risk-wash px-2 py-1 text-fine">
            <WifiOff className="size-4 shrink-0" aria-hidden />
            {isShort ? 'Offline' : 'Offline: what is on screen stays, changes wait'}
        </span>
    )
}

function ThemeButton() {
    const [theme, setTheme] = useState(currentTheme)
    const other = theme === 'light' ? 'dark' : 'light'
    return (
        <IconButton
            label={`Switch to ${other}`}
            onClick={() => {
                keepTheme(other)
                setTheme(other)
            }}
        >
            {theme === 'light' ? <Moon className="size-4" aria-hidden /> : <Sun className="size-4" aria-hidden />}
        </IconButton>
    )
}

function SignOutButton({ name }: { name: string }) {
    const signOut = useSignOut()
    return (
        <span className="flex items-center gap-2">
            <NavLink
                to="/account"
                aria-label={`Your account, ${name}`}
                className={classes(
                    'inline-flex min-h-8 items-center gap-1.5 rounded-plate px-1.5 text-soft hover:bg-press',
                    'aria-[current=page]:text-ink pointer-coarse:min-h-11',
                )}
            >
                <UserRound className="size-4 lg:hidden" aria-hidden />
                <span className="max-w-40 truncate max-lg:hidden">{name}</span>
            </NavLink>
            <IconButton label="Sign out" disabled={signOut.isPending} onClick={() => signOut.mutate()}>
                <LogOut className="size-4" aria-hidden />
            </IconButton>
        </span>
    )
}
