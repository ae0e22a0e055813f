import { useQuery } from '@tanstack/react-query'
import { type ReactNode, useDeferredValue, useState } from 'react'
import { Button } from '@/design/Button'
import { classes } from '@/design/classes'
import { Dialog } from '@/design/Dialog'
import { inWords } from '@/design/duration'
import { Select, TextField } from '@/design/Field'
import { RetryNotice } from '@/design/Notice'
import { benchQuery } from '@/features/bench/api'
import { type Library, type Plan, type Step, techniqueOf } from '@/features/build'
import { type Brief, type Drafted, type DraftWish, draftQuery, patternsQuery } from '../api'
import type { PlanEdit } from '../state/edits'
import { type PlanState, previewQuery, stampOf } from '../state/usePlan'
import { Budgets, TRACES } from './Budgets'
import { AMBITIONS, choicesOf, DRIVINGS, POSES, SCENES, SCHEMES, SEASONS, WEATHERS } from './briefWords'
import { Compare, DAY } from './Compare'
import { DraftSteps } from './DraftSteps'
import { Patterns } from './Patterns'
import { Seen, seenOf } from './Seen'

type Edit = (edits: PlanEdit[], label?: string) => Promise<boolean>
type Props = {
    open: boolean
    onOpenChange: (open: boolean) => void
    state: PlanState
    library: Library
    edit: Edit
    /** Steps that alone are to be drafted anew; none: the plan. */
    anew: readonly Step[]
    /** Told the last step of the plan that was laid down. */
    onLaid: (last: string | null) => void
}

const THUMB = { width: 690, height: 130 }
const VIEWS = ['left', 'top'] as const
/** Pixels of a window below which one view is all that has room, and what of it is not the picture. */
const NARROW = 768
const MARGIN = 80

const counted = (count: number, what: string) => `${count} ${what}${count === 1 ? '' : 's'}`

/** As much of the vehicle as the window has room for. */
const thumbFor = (wide: number) =>
    wide < NARROW ? { ...THUMB, width: wide - MARGIN, views: VIEWS.slice(0, 1) } : { ...THUMB, views: VIEWS }

/** 0 to 255 of a colour in six digits, near enough to tell dark ones from light ones. */
const depthOf = (colour: string): number =>
    [1, 3, 5].reduce((sum, at) => sum + Number.parseInt(colour.slice(at, at + 2), 16), 0) / 3

/** What a scheme begins with beside its own colour: told apart from it at a glance. */
const [BROWN, SAND, GREEN] = ['#4a3830', '#b99b66', '#566043']
const secondTo = (base: string): string => (depthOf(base) < 64 ? SAND : BROWN)
const thirdTo = (base: string): string => (depthOf(base) > 128 || depthOf(base) < 64 ? GREEN : SAND)

/** Scenes that one story may have. */
const MOST_SCENES = 4

/** What a newcomer does not have to say: each of it may be changed at once. */
const firstBrief = (plan: Plan): Brief =>
    plan.build.brief ?? {
        base: '#566043',
        scheme: 'plain',
        more: [],
        season: 'summer',
        weather: 'dry',
        driving: 'road',
        hasMarkings: true,
        ambition: 'weeks',
        isExpressive: null,
        pose: 'level',
        scenes: [],
        overrules: [],
    }

/** The part of the work and the zones of steps that are to be drafted anew; of none, all of the plan. */
function asFarAs(steps: readonly Step[], library: Library): Pick<DraftWish, 'part' | 'zones'> {
    const parts = steps.flatMap((step) => techniqueOf(library, step.technique).part ?? [])
    return {
        part: parts.length > 0 && new Set(parts).size === 1 ? (parts[0] ?? null) : null,
        zones: [...new Set(steps.flatMap((step) => step.zones))],
    }
}

/** From what a vehicle has been through to a plan: the story on the left, what follows from it on the right. */
export default function DraftDialog({ open, onOpenChange, state, library, edit, anew, onLaid }: Props) {
    const { plan } = state
    return (
        <Dialog
            open={open}
            onOpenChange={onOpenChange}
            width="max-w-6xl"
            title="From its story to a plan"
            description={
                plan.steps.length === 0
                    ? 'Every answer has a usual one already; change what you know better.'
                    : 'The draft takes the place of the steps that are there. One undo brings them back.'
            }
        >
            {state.log.length > 0 ? (
                <p className="p-6 text-center">
                    Work on this plan has begun. A draft would not know what is done already.
                </p>
            ) : (
                <Story
                    state={state}
                    library={library}
                    edit={edit}
                    anew={anew}
                    onLaid={onLaid}
                    onDone={() => onOpenChange(false)}
                />
            )}
        </Dialog>
    )
}

function Story({
    state,
    library,
    edit,
    anew,
    onLaid,
    onDone,
}: Omit<Props, 'open' | 'onOpenChange'> & { onDone: () => void }) {
    const { plan } = state
    const [wish, setWish] = useState<DraftWish>({
        brief: firstBrief(plan),
        serviceMonths: plan.build.serviceMonths ?? 6,
        terrain: plan.build.terrain ?? 'dry-earth',
        school: null,
        ...asFarAs(anew, library),
        answers: {},
        asItStands: false,
        inWeek: false,
        from: null,
    })
    const asked = useDeferredValue(wish)
    const draft = useQuery(draftQuery(state.id, stampOf(state), asked))
    const tell = (some: Partial<Brief>) => setWish({ ...wish, brief: { ...wish.brief, ...some } })
    const isStale = draft.isPlaceholderData || asked !== wish
    const [isCompared, setCompared] = useState(false)
    const take = async (taken: Drafted, besides: PlanEdit[] = taken.room?.edits ?? []) => {
        if (!(await edit([...taken.edits, ...besides], 'Draft the plan'))) return
        onLaid(taken.steps.at(-1)?.id ?? null)
        onDone()
    }
    if (isCompared) {
        return <Compare state={state} library={library} wish={wish} onBack={() => setCompared(false)} onTake={take} />
    }
    return (
        <div className="grid items-start gap-5 md:grid-cols-[17rem_1fr]">
            <Questions state={state} wish={wish} library={library} onWish={setWish} tell={tell} />
            <div className="min-w-0" aria-live="polite" aria-busy={isStale}>
                {draft.isError ? (
                    <RetryNotice error={draft.error} onRetry={() => void draft.refetch()} />
                ) : draft.data === undefined ? (
                    <p className="p-10 text-center text-soft">Drafting…</p>
                ) : (
                    <Outcome
                        wish={asked}
                        draft={draft.data}
                        state={state}
                        isStale={isStale}
                        overrules={wish.brief.overrules}
                        onOverrule={(overrules) => tell({ overrules })}
                        onTake={(besides) => take(draft.data, besides)}
                        onCompare={() => setCompared(true)}
                    />
                )}
            </div>
        </div>
    )
}

type QuestionsProps = {
    wish: DraftWish
    library: Library
    state: PlanState
    onWish: (wish: DraftWish) => void
    tell: (some: Partial<Brief>) => void
}

function Questions({ state, wish, library, onWish, tell }: QuestionsProps) {
    const { plan } = state
    const bench = useQuery(benchQuery)
    const patterns = useQuery(patternsQuery)
    const others = [
        ...(bench.data?.filter(({ id }) => id !== state.id) ?? []),
        ...(patterns.data?.map(({ id, name }) => ({ id, name: `pattern: ${name}` })) ?? []),
    ]
    const { brief } = wish
    const parts = [...new Set(library.techniques.flatMap(({ part }) => part ?? []))]
    const hasMore = brief.scheme === 'soft-edged' || brief.scheme === 'hard-edged'
    const school = typeof plan.school === 'string' ? plan.school : ''
    return (
        <div className="flex flex-col gap-2.5">
            {others.length > 0 && (
                <Select
                    label="The steps come from"
                    value={wish.from ?? ''}
                    choices={[
                        { value: '', label: 'its story' },
                        ...others.map(({ id, name }) => ({ value: id, label: name })),
                    ]}
                    onChange={(event) => onWish({ ...wish, from: event.target.value || null, part: null })}
                />
            )}
            <Patterns state={state} />
            <Colour label="Its own colour" value={brief.base} onChange={(base) => tell({ base })} />
            <Select
                label="Its scheme"
                value={brief.scheme}
                choices={choicesOf(SCHEMES)}
                onChange={(event) => {
                    const scheme = event.target.value as Brief['scheme']
                    const isMore = scheme === 'soft-edged' || scheme === 'hard-edged'
                    tell({
                        scheme,
                        more: isMore && brief.more.length === 0 ? [secondTo(brief.base)] : isMore ? brief.more : [],
                    })
                }}
            />
            {hasMore &&
                brief.more.map((colour, place) => (
                    <Colour
                        // biome-ignore lint/suspicious/noArrayIndexKey: the second colour is the second colour
                        key={place}
                        label={place === 0 ? 'Second colour' : 'Third colour'}
                        value={colour}
                        onChange={(other) => tell({ more: brief.more.with(place, other) })}
                        onRemove={place === 0 ? undefined : () => tell({ more: brief.more.slice(0, place) })}
                    />
                ))}
            {hasMore && brief.more.length < 2 && (
                <Button
                    className="self-start text-fine"
                    onClick={() => tell({ more: [...brief.more, thirdTo(brief.base)] })}
                >
                    A third colour
                </Button>
            )}
            <div className="grid grid-cols-2 gap-2">
                <TextField
                    label="Months in service"
                    inputMode="numeric"
                    defaultValue={wish.serviceMonths ?? ''}
                    onChange={(event) => {
                        const months = Number(event.target.value)
                        if (event.target.value !== '' && Number.isInteger(months) && months >= 0 && months <= 1200)
                            onWish({ ...wish, serviceMonths: months })
                    }}
                />
                <Select
                    label="On"
                    value={wish.terrain ?? ''}
                    choices={library.terrains.map(({ code, label }) => ({ value: code, label }))}
                    onChange={(event) => onWish({ ...wish, terrain: event.target.value })}
                />
                <Select
                    label="In"
                    value={brief.season}
                    choices={choicesOf(SEASONS)}
                    onChange={(event) => tell({ season: event.target.value as Brief['season'] })}
                />
                <Select
                    label="After"
                    value={brief.weather}
                    choices={choicesOf(WEATHERS)}
                    onChange={(event) => tell({ weather: event.target.value as Brief['weather'] })}
                />
            </div>
            <Select
                label="Of late it"
                value={brief.driving}
                choices={choicesOf(DRIVINGS)}
                onChange={(event) => tell({ driving: event.target.value as Brief['driving'] })}
            />
            <Scenes scenes={brief.scenes} onChange={(scenes) => tell({ scenes })} />
            <Select
                label="Painted as this school does"
                value={wish.school ?? school}
                choices={[
                    ...(school === '' ? [{ value: '', label: 'the school of this plan' }] : []),
                    ...library.schools.map(({ code, name }) => ({ value: code, label: name })),
                ]}
                onChange={(event) => onWish({ ...wish, school: event.target.value || null })}
            />
            <Select
                label="It may take"
                value={brief.ambition}
                choices={choicesOf(AMBITIONS)}
                onChange={(event) => tell({ ambition: event.target.value as Brief['ambition'] })}
            />
            {plan.steps.length > 0 && wish.from === null && (
                <>
                    <Select
                        label="Drafted anew"
                        value={wish.part ?? ''}
                        choices={[
                            { value: '', label: 'the whole plan' },
                            ...parts.map((part) => ({ value: part, label: `only ${part.toLowerCase()}` })),
                        ]}
                        onChange={(event) => onWish({ ...wish, part: event.target.value || null })}
                    />
                    <ZonesAnew
                        zones={plan.zones}
                        chosen={wish.zones}
                        onChoose={(zones) => onWish({ ...wish, zones })}
                    />
                </>
            )}
            <Select
                label="On its base it stands"
                value={brief.pose}
                choices={choicesOf(POSES)}
                onChange={(event) => tell({ pose: event.target.value as Brief['pose'] })}
            />
            <label className="flex min-h-8 items-center gap-1.5 pointer-coarse:min-h-11">
                <input
                    type="checkbox"
                    checked={brief.hasMarkings}
                    onChange={(event) => tell({ hasMarkings: event.target.checked })}
                />
                it has markings
            </label>
        </div>
    )
}

/** Scenes in the order in which they came: what a later one brings is there again. */
function Scenes({ scenes, onChange }: { scenes: Brief['scenes']; onChange: (scenes: Brief['scenes']) => void }) {
    const codes = Object.keys(SCENES) as Brief['scenes']
    return (
        <details open={scenes.length > 0}>
            <summary className="cursor-pointer pointer-coarse:min-h-11">
                {scenes.length === 0
                    ? 'A scene: on parade, left for years …'
                    : `Scene: ${scenes.map((one) => SCENES[one]).join(', then ')}`}
            </summary>
            <fieldset className="mt-1 flex flex-wrap gap-1">
                <legend className="sr-only">Scenes, in the order in which they came</legend>
                {codes.map((code) => {
                    const isChosen = scenes.includes(code)
                    return (
                        <Button
                            key={code}
                            tone={isChosen ? 'act' : 'plain'}
                            aria-pressed={isChosen}
                            disabled={!isChosen && scenes.length >= MOST_SCENES}
                            onClick={() =>
                                onChange(isChosen ? scenes.filter((one) => one !== code) : [...scenes, code])
                            }
                        >
                            {SCENES[code]}
                        </Button>
                    )
                })}
            </fieldset>
        </details>
    )
}

type ZonesAnewProps = {
    zones: Plan['zones']
    chosen: readonly string[]
    onChoose: (zones: string[]) => void
}

/** Which zones are drafted anew; as long as none is chosen, all of them are. */
function ZonesAnew({ zones, chosen, onChoose }: ZonesAnewProps) {
    const names = zones.filter(({ id }) => chosen.includes(id)).map(({ name }) => name)
    return (
        <details>
            <summary className="cursor-pointer pointer-coarse:min-h-11">
                {names.length === 0 ? 'On all zones' : `Only on ${names.join(', ')}`}
            </summary>
            <fieldset className="mt-1 grid max-h-44 grid-cols-2 overflow-y-auto rounded-plate border border-line p-1.5">
                <legend className="sr-only">Zones that are drafted anew</legend>
                {zones.map(({ id, name }) => (
                    <label key={id} className="flex min-h-7 items-center gap-1.5 text-fine pointer-coarse:min-h-11">
                        <input
                            type="checkbox"
                            checked={chosen.includes(id)}
                            onChange={(event) =>
                                onChoose(event.target.checked ? [...chosen, id] : chosen.filter((zone) => zone !== id))
                            }
                        />
                        {name}
                    </label>
                ))}
            </fieldset>
        </details>
    )
}

type ColourProps = {
    label: string
    value: string
    onChange: (value: string) => void
    onRemove?: (() => void) | undefined
}

function Colour({ label, value, onChange, onRemove }: ColourProps) {
    return (
        <div className="flex items-end gap-2">
            <label className="flex flex-1 flex-col gap-0.5">
                <span className="text-fine text-soft">{label}</span>
                <input
                    type="color"
                    value={value}
                    onChange={(event) => onChange(event.target.value)}
                    className="h-10 w-full pointer-coarse:h-12"
                />
            </label>
            {onRemove !== undefined && (
                <Button tone="quiet" onClick={onRemove}>
                    without it
                </Button>
            )}
        </div>
    )
}

const HEADLINE = 'text-base font-semibold'

type OutcomeProps = {
    draft: Drafted
    wish: DraftWish
    state: PlanState
    isStale: boolean
    overrules: Brief['overrules']
    onOverrule: (overrules: Brief['overrules']) => void
    /** Told what is changed besides. */
    onTake: (besides: PlanEdit[]) => Promise<void>
    onCompare: () => void
}

function Outcome({ draft, wish, state, isStale, overrules, onOverrule, onTake, onCompare }: OutcomeProps) {
    const after = useQuery({ ...previewQuery(state.id, stampOf(state), draft.edits), enabled: !isStale })
    // Laid into one's week once the steps stand there.
    const laid = useQuery({
        ...draftQuery(state.id, stampOf(state), { ...wish, inWeek: true }),
        enabled: !isStale,
    })
    const inWeek = isStale || laid.isPlaceholderData ? undefined : laid.data?.inWeek
    const [shown, setShown] = useState<'steps' | 'budgets'>('steps')
    const [isTaking, setTaking] = useState(false)
    const [isKinder, setKinder] = useState(true)
    const grave = draft.stops + draft.risks
    return (
        <div className={classes('flex flex-col gap-3', isStale ? 'opacity-60' : '')}>
            <Seen after={seenOf(after.data)} {...thumbFor(window.innerWidth)} />
            <div className="flex flex-wrap items-center gap-3">
                <p className="flex-1">
                    {inWeek != null && (
                        <span className={`block ${HEADLINE}`}>
                            {counted(inWeek.sessions, 'session')} at the bench, finished {DAY.format(inWeek.ends)}.
                        </span>
                    )}
                    <span className={inWeek == null ? HEADLINE : ''}>{counted(draft.steps.length, 'step')}</span>,{' '}
                    {inWords(draft.handsOn)} of work within {inWords(draft.lasts)} of drying.{' '}
                    {draft.effort !== null && `${draft.effort} `}
                    {grave > 0
                        ? `${counted(draft.stops, 'stop')} and ${counted(draft.risks, 'risk')} are left.`
                        : draft.notes > 0
                          ? `No stop and no risk; ${counted(draft.notes, 'note')} to read on the board.`
                          : 'Nothing speaks against it.'}
                </p>
                <Button onClick={onCompare}>Beside others</Button>
                <Button
                    tone="act"
                    disabled={isStale || isTaking}
                    onClick={async () => {
                        setTaking(true)
                        await onTake(isKinder && draft.room !== null ? draft.room.edits : [])
                        setTaking(false)
                    }}
                >
                    {isTaking ? 'Laying it down …' : 'Lay it down'}
                </Button>
            </div>
            {draft.room !== null && (
                <Aside>
                    {draft.room.happens} The draft is for a room with {draft.room.plan}.
                    <label className="flex min-h-8 items-center gap-1.5 pointer-coarse:min-h-11">
                        <input
                            type="checkbox"
                            checked={isKinder}
                            onChange={(event) => setKinder(event.target.checked)}
                        />
                        plan with {draft.room.plan}
                    </label>
                </Aside>
            )}
            {[
                ...draft.contradictions,
                ...draft.remains.map((one) => `Not solved: ${one}`),
                ...draft.left.map((one) => `Left out: ${one}`),
            ].map((one) => (
                <Aside key={one}>{one}</Aside>
            ))}
            {draft.purchases.length > 0 && (
                <details className="text-fine text-soft">
                    <summary className="cursor-pointer pointer-coarse:min-h-11">
                        {draft.purchases.length} {draft.purchases.length === 1 ? 'jar is' : 'jars are'} not on your
                        shelf
                    </summary>
                    {draft.purchases.map(({ jar, role }) => `${jar.name} (${role.toLowerCase()})`).join(', ')}.
                </details>
            )}
            <div className="flex gap-1">
                {(['steps', 'budgets'] as const).map((one) => (
                    <Button
                        key={one}
                        className="text-fine"
                        tone={shown === one ? 'act' : 'plain'}
                        aria-pressed={shown === one}
                        onClick={() => setShown(one)}
                    >
                        {one === 'steps' ? 'The steps' : 'How much of what, where'}
                    </Button>
                ))}
            </div>
            {shown === 'budgets' ? (
                <Budgets
                    budgets={draft.budgets}
                    plan={state.plan}
                    finish={after.data?.verdict.finish ?? null}
                    overrules={overrules}
                    onOverrule={onOverrule}
                    traces={TRACES}
                />
            ) : (
                <DraftSteps steps={draft.steps} zones={state.plan.zones} />
            )}
        </div>
    )
}

function Aside({ children }: { children: ReactNode }) {
    return <div className="border-l-4 border-risk pl-2">{children}</div>
}
