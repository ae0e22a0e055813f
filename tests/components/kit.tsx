import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { render } from '@testing-library/react'
import type { ReactNode } from 'react'
import { MemoryRouter } from 'react-router'
import { vi } from 'vitest'
import type { Entry, Finding, Library, Plan, Product, Step, Verdict } from '@/features/build'
import type { PlanState } from '@/features/plan/state/usePlan'

/** Draws what needs queries and an address. */
/** @param address under which it is looked at, where that matters */
export function show(ui: ReactNode, address = '/') {
    const queries = new QueryClient({ defaultOptions: { queries: { retry: false }, mutations: { retry: false } } })
    const within = ({ children }: { children: ReactNode }) => (
        <MemoryRouter initialEntries={[address]}>
            <QueryClientProvider client={queries}>{children}</QueryClientProvider>
        </MemoryRouter>
    )
    return { queries, ...render(ui, { wrapper: within }) }
}

/** Answers requests in order of the list; pictures of vehicles, which come when they come, are not among them. */
export function serverAnswers(...answers: { status?: number; body: unknown }[]) {
    const queue = [...answers]
    return vi.spyOn(globalThis, 'fetch').mockImplementation(async (input) => {
        if (String(input).includes('/vehicles/')) return new Response('{}', { status: 404 })
        const next = queue.length > 1 ? queue.shift() : queue[0]
        if (next === undefined) throw new TypeError('no more answers')
        return new Response(JSON.stringify(next.body), { status: next.status ?? 200 })
    })
}

/** Answers by what is asked, as in "POST /clock"; functions are called anew. Returns what was asked, in order. */
export function serverKnows(answers: Record<string, unknown>): string[] {
    const asked: string[] = []
    vi.spyOn(globalThis, 'fetch').mockImplementation(async (input, init) => {
        const question = `${init?.method ?? 'GET'} ${String(input).replace('/api', '')}`
        asked.push(question)
        const answer = answers[question]
        if (answer === undefined)
            return new Response(JSON.stringify({ message: `Nobody knows ${question}` }), { status: 404 })
        return new Response(
            JSON.stringify(
                typeof answer === 'function'
                    ? // A file is no JSON: what is answered does not depend on it.
                      answer(init?.body instanceof Blob ? null : JSON.parse(String(init?.body ?? 'null')))
                    : answer,
            ),
        )
    })
    return asked
}

const air = (temperatureC: number, humidityPercent: number) => ({
    day: { temperatureC, humidityPercent },
    night: { temperatureC: temperatureC - 3, humidityPercent: humidityPercent + 5 },
})
export const room = {
    reading: null,
    season: 'winter',
    isKept: true,
    profile: {
        seasons: { winter: air(19, 40), spring: air(20, 50), summer: air(24, 60), autumn: air(20, 55) },
        night: [1380, 360],
        counts: true,
    },
}

export const step = (id: string, changes: Partial<Step> = {}): Step => ({
    id,
    technique: 'spray-colour',
    product: 'green',
    zones: ['hull'],
    coats: 2,
    load: null,
    extent: null,
    merge: null,
    sitting: null,
    amount: null,
    thinnerShare: null,
    application: 'airbrush',
    thinner: null,
    cleanUp: [],
    waitMinutes: null,
    note: '',
    accepted: [],
    locked: false,
    ...changes,
})

export const product = (id: string, name: string, changes: Partial<Product> = {}): Product => ({
    id,
    name,
    family: 'waterborne-acrylic',
    carrier: 'water',
    sheen: 'matte',
    colour: null,
    opacity: null,
    metallic: false,
    times: null,
    ...changes,
})

export const plan = (steps: Step[]): Plan => ({
    format: 'ulvrach-plan',
    version: 2,
    build: {
        name: 'Ostrel',
        vehicle: '',
        kind: 'tank',
        scale: 35,
        story: '',
        serviceMonths: null,
        terrain: null,
        due: null,
        form: null,
        brief: null,
    },
    school: 'sealed-steps',
    bench: { temperatureC: 20, humidityPercent: 50, movingAir: false, cabinetC: null },
    zones: ['hull', 'turret', 'tracks'].map((id) => ({
        id,
        name: id === 'hull' ? 'Hull' : id === 'turret' ? 'Turret' : 'Tracks',
        kind: id === 'hull' ? 'hull-sides' : id,
        areaCm2: 80,
        substrate: 'polystyrene',
        depicts: 'steel',
        traffic: 'light',
        sheltered: false,
        panels: [],
    })),
    products: [product('green', 'Vellow 31 island green', { colour: '#566043' })],
    steps,
})

export const finding = (changes: Partial<Finding> = {}): Finding => ({
    key: 'too-early.b.12345678',
    code: 'too-early',
    severity: 'stop',
    step: 'b',
    zones: ['hull'],
    happens: 'It starts 25 min before the lacquer of step 1 is recoatable.',
    why: 'Dry to the touch and safe to coat over are different times.',
    title: 'What lies below is not ready',
    kind: 'fact',
    isCertain: false,
    hasPicture: false,
    accepted: null,
    ...changes,
})

/** An entry of the log; without an id of its own it takes one from what it says. */
export const entry = (kind: Entry['kind'], step: string, changes: Partial<Entry> = {}): Entry => ({
    id: `${kind}-${step}`,
    kind,
    at: '2026-11-20T20:00:00Z',
    step,
    asItWas: null,
    corrects: null,
    text: '',
    trial: null,
    air: null,
    ...changes,
})

export const verdict = (plan: Plan, findings: Finding[] = [], log: Entry[] = []): Verdict => ({
    summary: { stops: 0, risks: 0, notes: 0, accepted: 0, lastsMinutes: 100 },
    clockZero: null,
    findings,
    steps: plan.steps.map((one, index) => ({
        id: one.id,
        done: log.find((said) => said.kind === 'finished' && said.step === one.id)?.at ?? null,
        ready: index * 100,
        planned: index * 100,
        start: index * 100,
        end: index * 100 + 40,
        handsOn: 20,
        closes: null,
        heldBy: null,
        windows: [
            {
                kind: 'next-coat',
                action: 'The next coat',
                soonest: index * 100 + 70,
                opens: index * 100 + 70,
                bestUntil: null,
                closes: null,
            },
        ],
        layer: {
            kind: 'colour',
            sprayed: true,
            film: 'waterborne acrylic',
            coverage: 'whole',
            sheen: 'matte',
            colour: '#566043',
            laid: index * 100 + 40,
            touchDry: index * 100 + 60,
            recoatable: index * 100 + 70,
            solventProof: index * 100 + 1480,
            soonest: {
                touchDry: index * 100 + 50,
                recoatable: index * 100 + 70,
                solventProof: index * 100 + 1240,
            },
        },
        into: [],
    })),
    zones: plan.zones.map((zone) => ({
        id: zone.id,
        sheen: 'matte',
        layers: plan.steps
            .filter((one) => one.zones.includes(zone.id))
            .map((one) => ({ step: one.id, broken: false, exposed: true })),
    })),
    finish: { belongs: [], panels: [], paints: [], marks: [] },
    sittings: [],
    contradictions: [],
})

export const state = (steps: Step[], findings: Finding[] = [], version = 1, log: Entry[] = []): PlanState => {
    const one = plan(steps)
    return {
        id: 'build-1',
        version,
        plan: one,
        verdict: verdict(one, findings, log),
        log,
        undo: null,
        redo: null,
        films: [],
        isSaved: true,
    }
}

const technique = (code: string, name: string, changes: Partial<Library['techniques'][number]> = {}) => ({
    code,
    name,
    kind: 'colour',
    stage: 'colour',
    part: 'Colour',
    families: ['waterborne-acrylic'],
    application: 'airbrush',
    coverage: 'whole',
    coats: 2,
    hasAmount: false,
    purpose: 'Base tone in thin coats.',
    words: [],
    cleanUp: null,
    ...changes,
})

export const library: Library = {
    techniques: [
        technique('spray-colour', 'Spray a colour'),
        technique('clear-coat', 'Clear coat', { kind: 'clear-coat', stage: 'seal', part: null }),
        technique('enamel-wash', 'Enamel wash', {
            kind: 'wash',
            stage: 'tint',
            part: 'Tints and washes',
            families: ['enamel'],
            application: 'brush',
            coverage: 'partial',
            coats: 1,
            cleanUp: { earliest: 20, bestUntil: 240, latest: 1440, sign: 'dull' },
        }),
        technique('dry-pigment', 'Dry pigment', {
            kind: 'pigment',
            stage: 'dust',
            part: 'Dust and mud',
            families: ['dry-pigment'],
            application: 'dry',
            coverage: 'grain',
            coats: 1,
            hasAmount: true,
        }),
    ],
    families: [{ code: 'waterborne-acrylic', label: 'waterborne acrylic', carrier: 'water', isMixed: true }],
    carriers: [{ code: 'water', label: 'water' }],
    substrates: [],
    materials: [],
    zoneKinds: [
        { code: 'hull-sides', label: 'Hull sides', group: 'body' },
        { code: 'turret', label: 'Turret', group: 'body' },
        { code: 'tracks', label: 'Tracks', group: 'running gear' },
    ],
    terrains: [],
    questions: [],
    rules: [],
    vehicleKinds: [
        {
            code: 'tank',
            label: 'Medium tank',
            measures: [
                {
                    code: 'hull-length',
                    label: 'length of the hull',
                    unit: 'mm',
                    least: 4800,
                    usual: 5900,
                    greatest: 6800,
                },
                { code: 'skirts', label: 'skirts beside the tracks', unit: 'option', least: 0, usual: 0, greatest: 1 },
            ],
        },
    ],
    schools: [{ code: 'sealed-steps', name: 'Sealed steps', creed: '', answers: {}, severities: {} }],
    starterShelf: [
        product('clear-gloss', 'Gloss clear', { sheen: 'gloss' }),
        product('wash-brown', 'Dark wash', {
            family: 'enamel',
            carrier: 'odourless-spirit',
            sheen: null,
            colour: '#3b2f24',
        }),
    ],
}
