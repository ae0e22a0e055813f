import { useQuery, useQueryClient } from '@tanstack/react-query'
import { ZoomIn } from 'lucide-react'
import { Suspense, useEffect, useMemo, useState } from 'react'
import type { Finish } from '@/contract'
import { inWords, onWallClock } from '@/design/duration'
import { later } from '@/design/later'
import { Swatch } from '@/design/Swatch'
import { sayUntil } from '@/design/spans'
import { WhenDone } from '@/features/closeup'
import { PhotoShelf, photosQuery } from '@/features/photos'
import { plainFinish, plainMark } from '@/features/vehicle'
import type { Card, Desk } from './api'
import { dropsOf } from './desk'
import { Large } from './Large'
import { dismiss, type WaitingPhoto } from './outbox'
import { Rounds } from './Rounds'
import type { AtWork } from './useDesk'

const VehicleThumb = later(() => import('@/features/vehicle/VehicleThumb'))

const LIT = '#c4581c'
const UNLIT = '#d6d4cd'
const PICTURE = { width: 560, height: 150 }
/** Pixels of a window below which one view is all that has room. */
const NARROW = 640
const VIEWS = ['left', 'top'] as const

type Album = Pick<AtWork, 'photos' | 'photograph'>
type Props = {
    card: Card
    build: Desk['builds'][number] | undefined
    desk: Pick<Desk, 'mixes' | 'timeZone'>
    work: Album
    now: Date
    /** It is laid, or wetted, once more. */
    onRound: () => void
}

/** One step, to be read at arm's length: what, with what, where, how; and under it what the hands should know. */
export function CardView({ card, build, desk, work, now, onRound }: Props) {
    const drops = dropsOf(card.jar?.id ?? '', card.take?.jarMl ?? 0, desk.mixes)
    const finish = useMemo(() => (build === undefined ? null : lit(build.finish, card.zones)), [build, card.zones])
    const isNarrow = window.innerWidth < NARROW
    return (
        <article className="mx-auto flex max-w-3xl flex-col gap-4 text-lg leading-snug" aria-label={card.technique}>
            <Timing card={card} timeZone={desk.timeZone} now={now} />
            <Rounds card={card} onRound={onRound} />
            <div>
                <h2 className="wide text-4xl font-bold max-sm:text-3xl">{card.technique}</h2>
                {card.jar !== null && (
                    <p className="mt-2 flex items-center gap-3 text-2xl font-semibold">
                        <Swatch
                            colour={card.jar.colour}
                            sheen={card.jar.sheen}
                            coverage="whole"
                            className="size-10 shrink-0 border border-rule"
                        />
                        {card.jar.name}
                    </p>
                )}
                <p className="mt-2 text-xl">{card.where.join(', ')}</p>
            </div>
            {finish !== null && build !== undefined && (
                <div className="rounded-plate bg-stage p-2" aria-hidden="true">
                    <Suspense fallback={<div style={{ height: PICTURE.height }} />}>
                        <VehicleThumb
                            vehicle={build}
                            name={build.name}
                            finish={finish}
                            views={isNarrow ? VIEWS.slice(0, 1) : VIEWS}
                            width={isNarrow ? window.innerWidth - 64 : PICTURE.width}
                            height={PICTURE.height}
                        />
                    </Suspense>
                </div>
            )}
            {build !== undefined && <Look card={card} build={build} />}
            <ul className="flex flex-col gap-1 text-xl">
                {drops !== '' && <li className="font-semibold">{drops}</li>}
                {card.how.map((line) => (
                    <li key={line}>{line}</li>
                ))}
                {card.cleanUp.map(({ says }) => (
                    <li key={says}>Then {says}.</li>
                ))}
            </ul>
            {card.note !== '' && <p className="border-l-4 border-rule pl-3">{card.note}</p>}
            {card.lookFirst.length > 0 && (
                <Block title="Look first: there is no way back" items={card.lookFirst} isGrave />
            )}
            <div className="grid gap-4 sm:grid-cols-2">
                <Block title="It is right when" items={card.signs} />
                <Block
                    title="Careful"
                    items={[
                        ...card.cautions,
                        ...card.habits.filter(({ moment }) => moment === 'while').map(({ text }) => text),
                    ]}
                />
                <Block title="Have ready" items={card.tools} />
                <Block
                    title="What goes wrong otherwise"
                    items={card.habits.map(({ text, otherwise }) => `${otherwise} (${text})`)}
                />
            </div>
            <CardPhotos card={card} work={work} />
            {card.hazards.length > 0 && (
                <section className="border-l-4 border-risk pl-3">
                    {card.hazards.map(({ code, title, advice }) => (
                        <p key={code}>
                            <strong>{title}.</strong> {advice}
                        </p>
                    ))}
                    <p className="text-base text-soft">Label, safety data sheet and local rules come first.</p>
                </section>
            )}
        </article>
    )
}

/** A picture of the model from close with this step done, for whoever wants to know where to stop. */
function Look({ card, build }: { card: Card; build: Desk['builds'][number] }) {
    const [shown, setShown] = useState<string | null>(null)
    const zone = card.zones[0]
    if (zone === undefined) return null
    const isShown = shown === card.step
    return (
        <div className="flex flex-col gap-2">
            <div>
                <Large isPressed={isShown} onClick={() => setShown(isShown ? null : card.step)}>
                    <ZoomIn className="size-5" aria-hidden /> How it should look
                </Large>
            </div>
            {isShown && (
                <Suspense fallback={null}>
                    <WhenDone
                        build={build.id}
                        name={build.name}
                        vehicle={build}
                        stamp={JSON.stringify([card.technique, card.jar?.name, build.finish.marks.length])}
                        zone={zone}
                        step={card.step}
                    />
                </Suspense>
            )}
        </div>
    )
}

/** What is locked in is photographed first; what is done, whenever one likes, with a network or without. */
function CardPhotos({ card, work }: { card: Card; work: Album }) {
    const queries = useQueryClient()
    const photos = useQuery(photosQuery(card.build))
    const own = (photos.data ?? [])
        .filter((photo) => photo.of === 'step' && photo.id === card.step)
        .map(({ photo, taken, width, height }) => ({ id: photo, taken, width, height }))
    const waiting = work.photos.filter(({ build, step }) => build === card.build && step === card.step)
    return (
        <div>
            <PhotoShelf
                title="Photographs"
                name={card.technique}
                none={
                    waiting.length > 0
                        ? ''
                        : card.lookFirst.length > 0
                          ? 'Not photographed yet: after this step, what lies there now is locked in.'
                          : 'Not photographed yet.'
                }
                photos={own}
                keep={(picture) => work.photograph(card.build, card.step, picture)}
                onChanged={() => queries.invalidateQueries({ queryKey: photosQuery(card.build).queryKey })}
                isLarge
            />
            {waiting.length > 0 && (
                <ul aria-label="Photographs that wait" className="mt-2 grid grid-cols-2 gap-2 sm:grid-cols-3">
                    {waiting.map((one) => (
                        <WaitingPicture key={one.id} photo={one} />
                    ))}
                </ul>
            )}
        </div>
    )
}

/** On this device alone, until the server can be reached. */
function WaitingPicture({ photo }: { photo: WaitingPhoto }) {
    const [address, setAddress] = useState<string>()
    useEffect(() => {
        const made = URL.createObjectURL(photo.picture)
        setAddress(made)
        return () => URL.revokeObjectURL(made)
    }, [photo.picture])
    return (
        <li>
            <img src={address} alt="" className="aspect-4/3 w-full rounded-plate bg-card object-cover opacity-80" />
            {photo.refusal === null ? (
                <span className="text-base text-soft">Waits to be sent; it is on this device.</span>
            ) : (
                <span role="alert" className="flex flex-col gap-1 text-base text-stop">
                    {photo.refusal}
                    <Large onClick={() => void dismiss(photo.id)}>Let it go</Large>
                </span>
            )}
        </li>
    )
}

/** Whether it can be done now, and until when. */
function Timing({ card, timeZone, now }: { card: Card; timeZone: string; now: Date }) {
    const { opensAt, closesAt, begunAt, waitsFor, handsOn } = card
    const minutes = (to: Date) => inWords(Math.max(1, Math.abs(to.getTime() - now.getTime()) / 60_000))
    const until = opensAt === null ? null : sayUntil({ soonest: card.opensSoonest ?? opensAt, sure: opensAt }, now)
    const isEarly = until !== null
    const isLate = closesAt !== null && closesAt < now
    return (
        <p className={isLate ? 'text-xl font-semibold text-stop' : isEarly ? 'text-xl' : 'text-xl text-soft'}>
            {isLate
                ? `Its time was over ${minutes(closesAt)} ago.`
                : isEarly
                  ? `Ready ${until}${waitsFor === null ? '' : `: the ${waitsFor}`}.`
                  : closesAt === null
                    ? `${inWords(handsOn)} of work.`
                    : `${inWords(handsOn)} of work; begin it within ${minutes(closesAt)}.`}
            {begunAt !== null && ` Begun ${onWallClock(begunAt, timeZone)}.`}
            {card.laidAt !== null && ` On since ${onWallClock(card.laidAt, timeZone)}.`}
        </p>
    )
}

function Block({ title, items, isGrave = false }: { title: string; items: readonly string[]; isGrave?: boolean }) {
    if (items.length === 0) return null
    return (
        <section className={isGrave ? 'border-l-4 border-stop pl-3' : ''}>
            <h3 className="text-base font-semibold text-soft">{title}</h3>
            <ul className="mt-1 flex flex-col gap-1">
                {items.map((item) => (
                    <li key={item}>{item}</li>
                ))}
            </ul>
        </section>
    )
}

/** The zones in hand in one strong colour, all others pale. */
function lit({ belongs }: Finish, zones: readonly string[]): Finish {
    const all = [...new Set(belongs.flatMap(({ zone }) => zone ?? []))]
    return plainFinish(belongs, [
        plainMark('coat', all, UNLIT),
        ...(zones.length === 0 ? [] : [plainMark('coat', zones, LIT)]),
    ])
}
