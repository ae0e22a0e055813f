import { useQuery } from '@tanstack/react-query'
import { ArrowLeft, ArrowRight, CloudOff, Moon, Sun, X } from 'lucide-react'
import { type PointerEvent, useEffect, useEffectEvent, useMemo, useRef, useState } from 'react'
import { Link, Navigate, useSearchParams } from 'react-router'
import { sessionQuery } from '@/app/session'
import { currentTheme, keepTheme } from '@/app/theme'
import { classes } from '@/design/classes'
import { RetryNotice } from '@/design/Notice'
import { type Entry, entryOf, type LogEntry } from '@/features/build'
import { Before, Leaving } from './Around'
import { askToTell, useAlarm, useAwake, useNow } from './alarm'
import type { Card, Subject } from './api'
import { CardView } from './CardView'
import { Clocks } from './Clocks'
import { firstOf, likesOf, nextPress, readyFor, sittingOf, wetCardOf, withFirst } from './desk'
import { Large } from './Large'
import { Minutes } from './Minutes'
import { More } from './More'
import { Otherwise } from './Otherwise'
import { Outbox } from './Outbox'
import { keptDesk } from './outbox'
import { keepProgram } from './program'
import { type AtWork, useDesk } from './useDesk'
import { Wrong } from './Wrong'

/** Pixels across which a finger has to go. */
const SWIPE = 60

/** The bench while one works at it. Opens without a network, for whoever was signed in on this device last. */
export function Work() {
    const session = useQuery({ ...sessionQuery, retry: false })
    const [last, setLast] = useState<string | null | undefined>(undefined)
    useEffect(() => {
        document.title = 'At the bench · Ulvrach'
        keepProgram()
        void keptDesk().then((kept) => setLast(kept?.user ?? null))
    }, [])
    if (session.data?.user === null) return <Navigate to="/sign-in" replace state={{ from: '/work' }} />
    const user = session.data?.user?.email ?? (session.isError ? last : undefined)
    if (user === undefined) return <p className="p-8 text-soft">Opening the bench…</p>
    if (user === null) {
        return (
            <main className="mx-auto max-w-lg p-8">
                <p>Nobody has worked at this device since it was locked. Sign in once the server can be reached.</p>
                <RetryNotice
                    error={session.error ?? new Error('The server cannot be reached.')}
                    onRetry={() => void session.refetch()}
                />
            </main>
        )
    }
    return <Bench user={user} />
}

function Bench({ user }: { user: string }) {
    const work = useDesk(user)
    useAwake()
    if (work.desk === null) {
        return work.error === null ? (
            <p className="p-8 text-soft">Looking at your week…</p>
        ) : (
            <main className="mx-auto max-w-lg p-8">
                <RetryNotice error={work.error} onRetry={work.again} />
            </main>
        )
    }
    return <Hands work={work} desk={work.desk} />
}

/** What is before the hands: a card, or what stands before the first and after the last of them. */
type Place = { at: 'before' } | { at: 'card'; key: string } | { at: 'leaving' }

const keyOf = ({ build, step }: { build: string; step: string }) => `${build} ${step}`

function Hands({ work, desk }: { work: AtWork; desk: NonNullable<AtWork['desk']> }) {
    // What fits into the minutes that one has, before the rest.
    const [fitting, setFitting] = useState<readonly { build: string; step: string }[]>([])
    const cards = useMemo(() => withFirst(desk.cards, fitting), [desk.cards, fitting])
    const now = useNow()
    const { news, hear } = useAlarm(desk.clocks)
    const [address] = useSearchParams()
    const [asked, setAsked] = useState(address.get('build'))
    const [place, setPlace] = useState<Place>(() => {
        const first = firstOf(cards, asked)
        return first === undefined ? { at: 'before' } : { at: 'card', key: keyOf(first) }
    })
    // A build that is newer than the desk on this device comes with what the server says.
    const late = asked !== null && place.at === 'before' ? firstOf(cards, asked) : undefined
    if (late !== undefined) {
        setAsked(null)
        setPlace({ at: 'card', key: keyOf(late) })
    }
    const [last, setLast] = useState<{ says: string; said: { build: string; entry: LogEntry }[] } | null>(null)
    const [panel, setPanel] = useState<'more' | 'otherwise' | Subject | null>(null)
    const found = place.at === 'card' ? cards.findIndex((card) => keyOf(card) === place.key) : -1
    // A card that is done gives way to the one that came after it, which stands in its place then.
    const [shownAt, setShownAt] = useState(0)
    const at = place.at === 'before' ? -1 : place.at === 'leaving' ? cards.length : found >= 0 ? found : shownAt
    const card = cards[at]
    const go = (to: number) => {
        setPanel(null)
        setAsked(null)
        const wanted = cards[to]
        setShownAt(Math.max(0, to))
        setPlace(
            to < 0 ? { at: 'before' } : wanted === undefined ? { at: 'leaving' } : { at: 'card', key: keyOf(wanted) },
        )
    }
    const log = (said: Pick<Card, 'build' | 'step'>, kind: Entry['kind'], says: string, more: Partial<Entry> = {}) =>
        logAll([said], kind, says, more)
    const logAll = async (
        cards: readonly Pick<Card, 'build' | 'step'>[],
        kind: Entry['kind'],
        says: string,
        more: Partial<Entry> = {},
    ) => {
        const said = cards.map(({ build, step }) => ({ build, entry: entryOf(kind, step, more) }))
        // From here on there is something to tell of.
        if (kind === 'laid' || kind === 'finished') askToTell()
        if (kind === 'finished' || kind === 'skipped') go(at)
        setPanel(null)
        setLast({ says, said })
        for (const { build, entry } of said) await work.log(build, entry)
    }
    const takeBack = async () => {
        if (last === null) return
        setLast(null)
        for (const { build, entry } of last.said) {
            const step = entry.step ?? ''
            // What is still to do after all comes back before the hands.
            setPlace({ at: 'card', key: keyOf({ build, step }) })
            await work.log(build, entryOf('withdrawn', step, { corrects: entry.id }))
        }
    }
    const likes = card === undefined ? [] : likesOf(card, cards)
    const act = () => {
        if (card === undefined) go(at + 1)
        else void log(card, nextPress(card).kind, nextPress(card).says)
    }
    useKeys({ back: () => go(at - 1), on: () => go(at + 1), act, isOff: panel !== null })
    const swipe = useSwipe({ back: () => go(Math.max(-1, at - 1)), on: () => go(at + 1) })
    const sitting = sittingOf(cards, desk.session)
    const build = desk.builds.find(({ id }) => id === card?.build)
    const without = desk.builds.find(({ id }) => id === asked)

    return (
        <div className="flex h-dvh flex-col text-base" data-at={at}>
            <Head
                title={
                    card === undefined
                        ? at < 0
                            ? 'Before you begin'
                            : 'Before you leave'
                        : `${build?.name ?? 'A build'}, step ${card.number} of ${card.of}`
                }
                work={work}
            />
            <div className="flex min-h-0 flex-1 flex-col lg:flex-row">
                <main className="min-h-0 flex-1 touch-pan-y overflow-y-auto p-4" {...swipe}>
                    {card !== undefined ? (
                        <CardView
                            card={card}
                            build={build}
                            desk={desk}
                            work={work}
                            now={now}
                            onRound={() => void log(card, 'laid', `Round ${(card.rounds ?? 0) + 1}`)}
                        />
                    ) : at < 0 ? (
                        <>
                            {without !== undefined && (
                                <p className="mb-3 text-lg">
                                    Nothing of {without.name} can be done now.{' '}
                                    <Link to={`/builds/${without.id}`} className="underline">
                                        Its plan says why
                                    </Link>
                                    .
                                </p>
                            )}
                            <Minutes
                                onFits={(steps) => {
                                    setFitting(steps)
                                    const [first] = withFirst(desk.cards, steps)
                                    if (first !== undefined) setPlace({ at: 'card', key: keyOf(first) })
                                }}
                            />
                            <Before
                                ready={readyFor(sitting, desk.mixes)}
                                cards={sitting}
                                minutes={desk.session?.minutes ?? null}
                            />
                        </>
                    ) : (
                        <Leaving desk={desk} now={now} />
                    )}
                </main>
                <aside
                    aria-label="Clocks"
                    className={classes(
                        'max-h-56 shrink-0 overflow-y-auto border-line p-3 max-lg:border-t',
                        'lg:max-h-none lg:w-96 lg:border-l',
                    )}
                >
                    <Clocks
                        desk={desk}
                        now={now}
                        onWrong={setPanel}
                        onReady={(clock, line, sign) =>
                            void work.log(clock.build, entryOf('ready', clock.step, { text: `${line.says}: ${sign}` }))
                        }
                        onNotYet={(clock, line) =>
                            void work.log(clock.build, entryOf('note', clock.step, { text: `Not yet: ${line.says}` }))
                        }
                    />
                </aside>
            </div>
            <div role="alert" className="flex flex-col empty:hidden">
                {news.map(({ id, text, ...of }) => (
                    <div
                        key={id}
                        className="flex flex-wrap items-center gap-2 border-t border-risk bg-risk-wash p-2 pl-4"
                    >
                        <p className="flex-1 text-lg font-semibold">{text}</p>
                        <ToClean
                            card={wetCardOf(of, cards)}
                            onGo={(wet) => {
                                hear(id)
                                go(cards.indexOf(wet))
                            }}
                            onClean={(wet) => {
                                hear(id)
                                void log(wet, 'finished', 'Cleaned and done')
                            }}
                        />
                        <Large onClick={() => hear(id)}>Heard</Large>
                    </div>
                ))}
            </div>
            <Outbox waiting={work.waiting} />
            {last !== null && (
                <p role="status" className="flex items-center gap-3 border-t border-line bg-panel p-1 pl-4">
                    <span className="flex-1">{last.says}: written down.</span>
                    <Large onClick={() => void takeBack()}>That was wrong</Large>
                </p>
            )}
            {panel === 'more' && card !== undefined && (
                <More
                    card={card}
                    onLog={(kind, says, more) => void log(card, kind, says, more)}
                    onWrong={() => setPanel({ ...card, name: card.jar?.name ?? card.technique })}
                    onOtherwise={() => setPanel('otherwise')}
                    likes={likes}
                    onAll={() => void logAll([card, ...likes], 'finished', `Done on ${likes.length + 1}`)}
                />
            )}
            {panel === 'otherwise' && card !== undefined && (
                <Otherwise
                    card={card}
                    onLog={(kind, says, more) => void log(card, kind, says, more)}
                    onClose={() => setPanel(null)}
                />
            )}
            {panel !== null && typeof panel !== 'string' && (
                <Wrong
                    key={keyOf(panel)}
                    of={panel}
                    now={now}
                    onLog={(kind, says, more) => void log(panel, kind, says, more)}
                    onClose={() => setPanel(null)}
                />
            )}
            <nav
                aria-label="Steps"
                className="grid grid-cols-[64px_1fr_1fr_1fr_64px] gap-2 border-t border-rule p-2 max-sm:gap-1"
            >
                <Large label="Before" disabled={at < 0} onClick={() => go(at - 1)}>
                    <ArrowLeft className="size-7" aria-hidden />
                </Large>
                {card === undefined ? (
                    <span className="col-span-3 grid">
                        {at < 0 && cards.length > 0 && (
                            <Large isMain onClick={() => go(0)}>
                                To the first step
                            </Large>
                        )}
                    </span>
                ) : (
                    <>
                        <span className={classes('grid', nextPress(card).kind === 'finished' ? 'col-span-2' : '')}>
                            <Large isMain onClick={act}>
                                {nextPress(card).says}
                            </Large>
                        </span>
                        {nextPress(card).kind !== 'finished' && (
                            <Large onClick={() => void log(card, 'finished', 'Done')}>Done</Large>
                        )}
                        <Large isPressed={panel !== null} onClick={() => setPanel(panel === null ? 'more' : null)}>
                            More
                        </Large>
                    </>
                )}
                <Large label="Next" disabled={at >= cards.length} onClick={() => go(at + 1)}>
                    <ArrowRight className="size-7" aria-hidden />
                </Large>
            </nav>
        </div>
    )
}

type ToCleanProps = { card: Card | undefined; onGo: (card: Card) => void; onClean: (card: Card) => void }

/** What an alarm of something wet leads to: its card, or the word that it is clean. */
function ToClean({ card, onGo, onClean }: ToCleanProps) {
    if (card === undefined) return null
    return (
        <>
            <Large isMain onClick={() => onGo(card)}>
                Clean it now
            </Large>
            <Large onClick={() => onClean(card)}>It is clean</Large>
        </>
    )
}

function Head({ title, work }: { title: string; work: AtWork }) {
    const [theme, setTheme] = useState(currentTheme)
    const other = theme === 'light' ? 'dark' : 'light'
    return (
        <header className="flex items-center gap-2 border-b border-rule bg-panel pl-4">
            <h1 className="min-w-0 flex-1 truncate text-lg font-semibold">{title}</h1>
            {work.isAlone && (
                <span role="status" className="flex items-center gap-1.5 rounded-plate bg-risk-wash px-2 py-1">
                    <CloudOff className="size-5" aria-hidden /> Without the server: all is kept here
                </span>
            )}
            <Large
                label={`Switch to ${other}`}
                onClick={() => {
                    keepTheme(other)
                    setTheme(other)
                }}
            >
                {theme === 'light' ? <Moon className="size-6" aria-hidden /> : <Sun className="size-6" aria-hidden />}
            </Large>
            <Link to="/" aria-label="Leave the bench" className="grid size-[64px] place-items-center hover:bg-press">
                <X className="size-7" aria-hidden />
            </Link>
        </header>
    )
}

/** Arrows go on and back; any other key of the middle of the keyboard does what is most likely wanted. */
function useKeys({ back, on, act, isOff }: { back: () => void; on: () => void; act: () => void; isOff: boolean }) {
    const press = useEffectEvent((event: KeyboardEvent) => {
        const isElsewhere = event.target instanceof HTMLElement && event.target.closest('input, textarea, button, a')
        if (event.ctrlKey || event.metaKey || event.altKey || event.repeat || isOff) return
        if (event.key === 'ArrowLeft') back()
        else if (event.key === 'ArrowRight') on()
        else if (!isElsewhere && (event.key === ' ' || event.key === 'Enter' || event.key.length === 1)) act()
        else return
        event.preventDefault()
    })
    useEffect(() => {
        const onKey = (event: KeyboardEvent) => press(event)
        window.addEventListener('keydown', onKey)
        return () => window.removeEventListener('keydown', onKey)
    }, [])
}

function useSwipe({ back, on }: { back: () => void; on: () => void }) {
    const from = useRef<{ x: number; y: number } | null>(null)
    return {
        onPointerDown: (event: PointerEvent) => {
            from.current = event.pointerType === 'mouse' ? null : { x: event.clientX, y: event.clientY }
        },
        onPointerUp: (event: PointerEvent) => {
            const start = from.current
            from.current = null
            if (start === null) return
            const [across, down] = [event.clientX - start.x, event.clientY - start.y]
            if (Math.abs(across) < SWIPE || Math.abs(across) < 1.5 * Math.abs(down)) return
            if (across > 0) back()
            else on()
        },
    }
}
