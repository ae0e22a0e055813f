import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { afterEach, describe, expect, it, vi } from 'vitest'
import DraftDialog from '@/features/plan/draft/DraftDialog'
import { library, product, serverKnows, show, state, step } from './kit'

const traces = [
    { trace: 'chips', amount: 0.3, reason: 'Boots and tools.', isOverruled: false },
    { trace: 'mud', amount: 0, reason: 'Nothing throws mud as high as that.', isOverruled: false },
]
const draft = {
    version: 1,
    steps: [
        {
            id: 'prime-1',
            technique: 'Prime',
            stage: 'ground',
            product: 'Grey primer',
            colour: '#7c7d7b',
            zones: ['hull'],
            why: 'One skin with grip.',
            isNew: true,
            isLocked: false,
            takenBack: 'never',
            minutes: 30,
        },
        {
            id: 'dry-pigment-1',
            technique: 'Dry pigment',
            stage: 'dust',
            product: 'Dust',
            colour: '#b39b74',
            zones: ['hull'],
            why: 'Thickest low down.',
            isNew: true,
            isLocked: false,
            takenBack: 'always',
            minutes: 20,
        },
    ],
    handsOn: 50,
    lasts: 600,
    stops: 0,
    risks: 0,
    notes: 1,
    solvents: ['odourless spirit'],
    purchases: [{ jar: product('dust', 'Dust', { colour: '#b39b74' }), role: 'Dry pigment' }],
    budgets: [{ zone: 'hull', traces }],
    contradictions: ['Snow lies in no summer: another season, or another ground.'],
    left: [],
    remains: [],
    effort: null,
    room: null,
    inWeek: { ends: '2026-12-09T20:00:00Z', sessions: 9 },
    edits: [{ edit: 'insert-step' }],
}
const school = { name: 'School B', creed: '', answers: {}, severities: {} }
const schools = { ...library, schools: [...library.schools, { ...school, code: 'b' }] }
const first = state([])
const path = `POST /builds/${first.id}/draft`
const knows = (asked: unknown[] = []) =>
    serverKnows({
        [path]: (body: unknown) => {
            asked.push(body)
            return draft
        },
    })
const open = (edit = vi.fn().mockResolvedValue(true), onLaid = vi.fn(), at = first) => {
    show(<DraftDialog open onOpenChange={vi.fn()} state={at} library={schools} edit={edit} anew={[]} onLaid={onLaid} />)
    return { edit, onLaid }
}
afterEach(() => vi.restoreAllMocks())

describe('the draft', () => {
    it('is there before anything is answered, says why each step is there, and is laid with one press', async () => {
        knows()
        const { edit, onLaid } = open()
        const steps = within(await screen.findByRole('list', { name: 'The steps of the draft' }))
        expect(steps.getByText('One skin with grip.')).toBeVisible()
        expect(screen.getByText(/No stop and no risk; 1 note to read/)).toBeVisible()
        expect(screen.getByText('Snow lies in no summer: another season, or another ground.')).toBeVisible()
        expect(screen.getByText('1 jar is not on your shelf')).toBeVisible()
        expect(await screen.findByText('9 sessions at the bench, finished Wed 9 Dec.')).toBeVisible()
        await userEvent.click(screen.getByRole('button', { name: 'Lay it down' }))
        expect(edit).toHaveBeenCalledWith(draft.edits, 'Draft the plan')
        await waitFor(() => expect(onLaid).toHaveBeenCalledWith('dry-pigment-1'))
    })
    it('is for a kinder room where the own one lets nothing dry, and changes that only if wished', async () => {
        const room = { happens: 'At 5 °C acrylic dries to a poor film.', plan: '18 °C', edits: [{ edit: 'set-bench' }] }
        const remains = ['Step 9: In one go the last is reached too late.']
        serverKnows({ [path]: () => ({ ...draft, room, remains, risks: 1 }) })
        const { edit } = open()
        expect(await screen.findByText(/At 5 °C acrylic dries to a poor film/)).toBeVisible()
        expect(screen.getByText(`Not solved: ${remains[0]}`)).toBeVisible()
        expect(screen.getByText(/0 stops and 1 risk are left/)).toBeVisible()
        await userEvent.click(screen.getByRole('button', { name: 'Lay it down' }))
        expect(edit).toHaveBeenCalledWith([...draft.edits, ...room.edits], 'Draft the plan')
        await userEvent.click(screen.getByRole('checkbox', { name: 'plan with 18 °C' }))
        await userEvent.click(screen.getByRole('button', { name: 'Lay it down' }))
        expect(edit).toHaveBeenLastCalledWith(draft.edits, 'Draft the plan')
    })
    it('says where it takes longer than was asked for, or is ready sooner', async () => {
        serverKnows({
            [path]: () => ({ ...draft, inWeek: null, effort: 'A few evenings are 6 to 10 hours; this 17.' }),
        })
        open()
        expect(await screen.findByText(/A few evenings are 6 to 10 hours; this 17\./)).toBeVisible()
        expect(screen.queryByText(/at the bench, finished/)).toBeNull()
    })
    it('follows the story as it is told', async () => {
        const asked: { brief: Record<string, unknown>; serviceMonths: number }[] = []
        knows(asked)
        open()
        await screen.findByRole('list', { name: 'The steps of the draft' })
        expect(asked[0]?.brief).toMatchObject({ scheme: 'plain', ambition: 'weeks', more: [] })
        await userEvent.selectOptions(screen.getByLabelText('Its scheme'), 'several, with hard edges')
        await userEvent.selectOptions(screen.getByLabelText('After'), 'rain')
        await userEvent.clear(screen.getByLabelText('Months in service'))
        await userEvent.type(screen.getByLabelText('Months in service'), '20')
        await waitFor(() => expect(asked.at(-1)?.serviceMonths).toBe(20))
        expect(asked.at(-1)?.brief).toMatchObject({ scheme: 'hard-edged', weather: 'wet', more: ['#4a3830'] })
        await userEvent.click(screen.getByRole('button', { name: 'A third colour' }))
        await waitFor(() => expect(asked.at(-1)?.brief.more).toHaveLength(2))
        await userEvent.selectOptions(screen.getByLabelText('Its scheme'), 'one colour')
        await waitFor(() => expect(asked.at(-1)?.brief).toMatchObject({ scheme: 'plain', more: [] }))
    })
    it('tells scenes in the order in which they are pressed, and takes them back', async () => {
        const asked: { brief: Record<string, unknown> }[] = []
        knows(asked)
        open()
        await userEvent.click(await screen.findByText('A scene: on parade, left for years …'))
        await userEvent.click(screen.getByRole('button', { name: 'on parade' }))
        await userEvent.click(screen.getByRole('button', { name: 'days of rain' }))
        await waitFor(() => expect(asked.at(-1)?.brief).toMatchObject({ scenes: ['parade', 'days-of-rain'] }))
        expect(screen.getByText('Scene: on parade, then days of rain')).toBeVisible()
        await userEvent.click(screen.getByRole('button', { name: 'on parade', pressed: true }))
        await waitFor(() => expect(asked.at(-1)?.brief).toMatchObject({ scenes: ['days-of-rain'] }))
    })
    it('lets the modeller say how much of what is where', async () => {
        const asked: { brief: { overrules: unknown[] } }[] = []
        knows(asked)
        open()
        await userEvent.click(await screen.findByRole('button', { name: 'How much of what, where' }))
        await userEvent.click(screen.getByRole('button', { name: /, chips: 30 %/ }))
        await waitFor(() =>
            expect(asked.at(-1)?.brief.overrules).toEqual([{ zone: 'hull', trace: 'chips', amount: 0 }]),
        )
        for (let press = 0; press < 4; press++)
            await userEvent.click(screen.getByRole('button', { name: /, chips: 30 %/ }))
        await waitFor(() => expect(asked.at(-1)?.brief.overrules).toMatchObject([{ amount: 1 }]))
        // After all it goes back to what the story says, which has been answered already.
        const before = asked.length
        await userEvent.click(screen.getByRole('button', { name: /, chips: 30 %/ }))
        await waitFor(() => expect(screen.getByRole('button', { name: 'Lay it down' })).toBeEnabled())
        expect(asked).toHaveLength(before)
    })
    it('stands beside what other schools would do, with what is only here and only there', async () => {
        const [prime, dust] = draft.steps
        serverKnows({
            [path]: (body: { school: string | null }) =>
                body.school === 'b' ? { ...draft, steps: [prime, { ...dust, technique: 'Mud' }], solvents: [] } : draft,
        })
        const { edit } = open()
        await userEvent.click(await screen.findByRole('button', { name: 'Beside others' }))
        const other = within(await screen.findByRole('region', { name: 'School B' }))
        expect(await other.findByText('Only here: mud.')).toBeVisible()
        expect(other.getByText('Not here: dry pigment.')).toBeVisible()
        expect(other.getByText('nothing but water')).toBeVisible()
        expect(other.getByText('Sessions').nextSibling).toHaveTextContent('9')
        await userEvent.click(other.getByRole('button', { name: 'Lay this one down' }))
        await waitFor(() => expect(edit).toHaveBeenCalled())
    })
    it('shows what follows from one choice alone, step by step', async () => {
        const asked: { answers: Record<string, string>; school: string | null }[] = []
        const [prime, dust] = draft.steps
        const options = [
            { code: 'gloss', text: 'Gloss' },
            { code: 'satin', text: 'Satin' },
        ]
        const questions = [{ code: 'sheen', text: 'Under washes?', options }]
        serverKnows({
            [path]: (body: { answers: Record<string, string>; school: string | null }) => {
                asked.push(body)
                const isSatin = body.answers.sheen === 'satin'
                return isSatin ? { ...draft, steps: [prime, { ...dust, product: 'Ash' }] } : draft
            },
        })
        show(
            <DraftDialog
                open
                onOpenChange={vi.fn()}
                state={first}
                library={{ ...schools, questions }}
                edit={vi.fn()}
                anew={[]}
                onLaid={vi.fn()}
            />,
        )
        await userEvent.click(await screen.findByRole('button', { name: 'Beside others' }))
        await userEvent.selectOptions(screen.getByLabelText('What follows from'), 'Under washes?')
        const satin = within(await screen.findByRole('region', { name: 'Satin' }))
        expect(await satin.findByText('Otherwise: dry pigment with Ash on one zone.')).toBeVisible()
        expect(satin.getByText('1 of 2')).toBeVisible()
        expect(asked.at(-1)).toMatchObject({ answers: { sheen: 'satin' }, school: null })
    })
    it('is held against the plan as it stands, and drafts only what is asked for anew', async () => {
        const asked: { zones: string[]; asItStands: boolean }[] = []
        serverKnows({
            [path]: (body: { zones: string[]; asItStands: boolean }) => {
                asked.push(body)
                return draft
            },
        })
        open(vi.fn(), vi.fn(), state([step('a')]))
        await screen.findByRole('list', { name: 'The steps of the draft' })
        await userEvent.click(screen.getByText('On all zones'))
        await userEvent.click(screen.getByRole('checkbox', { name: 'Hull' }))
        await waitFor(() => expect(asked.at(-1)?.zones).toEqual(['hull']))
        expect(screen.getByText('Only on Hull')).toBeVisible()
        await userEvent.click(await screen.findByRole('button', { name: 'Beside others' }))
        const standing = within(await screen.findByRole('region', { name: 'As it stands' }))
        expect(standing.queryByRole('button', { name: 'Lay this one down' })).toBeNull()
        await waitFor(() => expect(asked.some(({ asItStands }) => asItStands)).toBe(true))
    })
    it('drafts anew what was chosen on the board: their part of the work, on their zones', async () => {
        const asked: { zones: string[]; part: string | null }[] = []
        knows(asked)
        const chosen = [{ ...step('a'), zones: ['turret'] }]
        const library = {
            ...schools,
            techniques: schools.techniques.map((one) => ({ ...one, part: 'Tints and washes' })),
        }
        show(
            <DraftDialog
                open
                onOpenChange={vi.fn()}
                state={state(chosen)}
                library={library}
                edit={vi.fn()}
                anew={chosen}
                onLaid={vi.fn()}
            />,
        )
        await screen.findByRole('list', { name: 'The steps of the draft' })
        expect(asked.at(-1)).toMatchObject({ part: 'Tints and washes', zones: ['turret'] })
    })
    it('keeps the plan as a pattern, and takes steps from one', async () => {
        const asked: { from: string | null }[] = []
        const kept: unknown[] = []
        const known = [{ id: 'p', name: 'Quick' }]
        serverKnows({
            [path]: (body: { from: string | null }) => {
                asked.push(body)
                return draft
            },
            'GET /builds': { builds: [] },
            'GET /patterns': () => ({ patterns: known }),
            [`POST /builds/${first.id}/pattern`]: (body: { name: string }) => {
                kept.push(body)
                known.push({ id: 'q', name: body.name })
                return { id: 'q', name: body.name }
            },
            'DELETE /patterns/p': null,
        })
        open(vi.fn(), vi.fn(), state([step('a')]))
        await userEvent.selectOptions(await screen.findByLabelText('The steps come from'), 'pattern: Quick')
        await waitFor(() => expect(asked.at(-1)?.from).toBe('p'))
        await userEvent.click(screen.getByText('Own patterns'))
        await userEvent.clear(screen.getByLabelText('Keep this plan as'))
        await userEvent.type(screen.getByLabelText('Keep this plan as'), 'Coast')
        await userEvent.click(screen.getByRole('button', { name: 'Keep as a pattern' }))
        expect(await screen.findByText(/^Kept\./)).toBeVisible()
        expect(kept).toEqual([{ name: 'Coast' }])
        const list = within(screen.getByRole('list', { name: 'Own patterns' }))
        expect(await list.findByText('Coast')).toBeVisible()
    })
    it('drafts from the story, and asks for no other build where there is none', async () => {
        const asked: { from: string | null }[] = []
        serverKnows({
            [path]: (body: { from: string | null }) => {
                asked.push(body)
                return draft
            },
            'GET /builds': { builds: [] },
        })
        open()
        await screen.findByRole('list', { name: 'The steps of the draft' })
        expect(asked[0]?.from).toBeNull()
        expect(screen.queryByLabelText('The steps come from')).toBeNull()
    })
    it('says what the server has against the story', async () => {
        serverKnows({})
        open()
        expect(await screen.findByText(/Nobody knows/)).toBeVisible()
    })
    it('is not offered over work that has begun', () => {
        knows()
        open(vi.fn(), vi.fn(), { ...state([step('a')]), log: [{ id: 'x' }] } as never)
        expect(screen.getByText(/Work on this plan has begun/)).toBeVisible()
    })
})
