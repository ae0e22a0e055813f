import {
    type BenchConditions,
    type BuildFacts,
    type Library,
    type Plan,
    type Product,
    type SchoolChoice,
    type Step,
    type Technique,
    techniqueOf,
    type Zone,
} from '@/features/build'

/** Changes to a plan in the open edit format; the server applies and checks them. */
export type PlanEdit =
    | { edit: 'insert-step'; step: Step; at: number }
    | { edit: 'remove-step'; id: string }
    | { edit: 'move-step'; id: string; to: number }
    | { edit: 'replace-step'; step: Step }
    | { edit: 'put-product'; product: Product }
    | { edit: 'put-zone'; zone: Zone }
    | { edit: 'remove-zone'; id: string }
    | { edit: 'describe-build'; build: BuildFacts }
    | { edit: 'set-school'; school: SchoolChoice }
    | { edit: 'set-bench'; bench: BenchConditions }

export function newId(prefix: string): string {
    return `${prefix.slice(0, 28)}-${crypto.getRandomValues(new Uint32Array(1))[0]?.toString(36) ?? '0'}`.slice(0, 40)
}

/** Products that a technique takes: the plan's own first, then those of the starter shelf that the plan does not have. */
export function fittingProducts(
    plan: Plan,
    library: Library,
    technique: Technique,
): { own: Product[]; starter: Product[] } {
    const fits = (product: Product) => technique.families.includes(product.family)
    const have = new Set(plan.products.map((product) => product.id))
    return {
        own: plan.products.filter(fits),
        starter: library.starterShelf.filter((product) => fits(product) && !have.has(product.id)),
    }
}

/** The edits that add a technique after a place in the plan, with everything a modeller would take for granted. */
export function addStep(
    plan: Plan,
    library: Library,
    code: string,
    after: number,
    zones: readonly string[],
): { edits: PlanEdit[]; id: string } {
    const technique = techniqueOf(library, code)
    const product = productFor(plan, library, technique)
    const step = fitted(
        {
            id: newId(code),
            technique: code,
            product: product?.id ?? null,
            zones: [...zones],
            coats: 1,
            application: 'brush',
            thinner: null,
            cleanUp: null,
            waitMinutes: null,
            done: null,
            note: '',
            accepted: [],
        },
        technique,
        product,
    )
    const edits: PlanEdit[] = []
    if (product !== undefined && !plan.products.includes(product)) edits.push({ edit: 'put-product', product })
    edits.push({ edit: 'insert-step', step, at: after + 1 })
    return { edits, id: step.id }
}

/** What the plan already takes for such work, else what one begins it with. */
function productFor(plan: Plan, library: Library, technique: Technique): Product | undefined {
    const { own, starter } = fittingProducts(plan, library, technique)
    const before =
        plan.steps.findLast((step) => step.technique === technique.code) ??
        plan.steps.findLast((step) => techniqueOf(library, step.technique).usual === technique.usual)
    return (
        own.find((product) => product.id === before?.product) ??
        [...own, ...starter].find((product) => product.id === technique.usual) ??
        own[0] ??
        starter[0]
    )
}

/** A step with the technique's own coats, application and clean-up. */
function fitted(step: Step, technique: Technique, product: Product | undefined): Step {
    const cleanUp =
        technique.cleanUp === null
            ? null
            : {
                  carrier: product?.family === 'clay-wash' ? 'water' : 'odourless-spirit',
                  scrubbed: false,
                  afterMinutes: technique.cleanUp.earliest + 10,
              }
    return {
        ...step,
        product: technique.families.length === 0 ? null : (product?.id ?? null),
        coats: technique.coats,
        application: technique.application,
        thinner: null,
        cleanUp,
    }
}

export function changeTechnique(plan: Plan, library: Library, step: Step, code: string): PlanEdit[] {
    const technique = techniqueOf(library, code)
    const kept = fittingProducts(plan, library, technique).own.find(
        (product) => product.id === step.product && (technique.kind !== 'clear-coat' || product.colour === null),
    )
    const product = kept ?? productFor(plan, library, technique)
    const edits: PlanEdit[] = []
    if (product !== undefined && !plan.products.includes(product)) edits.push({ edit: 'put-product', product })
    edits.push({ edit: 'replace-step', step: fitted({ ...step, technique: code }, technique, product) })
    return edits
}

/** Puts a step on these zones, or takes it off if it is on all of them. */
export function toggleZones(plan: Plan, step: Step, zones: readonly string[]): PlanEdit {
    const on = new Set(step.zones)
    const isOnAll = zones.every((zone) => on.has(zone))
    for (const zone of zones) {
        if (isOnAll) on.delete(zone)
        else on.add(zone)
    }
    return {
        edit: 'replace-step',
        step: { ...step, zones: plan.zones.map((zone) => zone.id).filter((id) => on.has(id)) },
    }
}

/** "2026-11-24T19:30:00Z", the form that plan files use. */
export function momentOf(date: Date): string {
    return `${date.toISOString().slice(0, 16)}:00Z`
}

/** Places on either side of the hand that a dragged step may well be taken to next. */
const NEAR = 3

export const moveTo = (id: string, to: number): PlanEdit[] => [{ edit: 'move-step', id, to }]

/** The moves to the places around one, nearest first. */
export function movesAround(plan: Plan, id: string, to: number): PlanEdit[][] {
    const places = Array.from(
        { length: 2 * NEAR },
        (_, count) => to + (count % 2 === 0 ? -1 : 1) * (1 + Math.floor(count / 2)),
    )
    return places.filter((place) => place >= 0 && place < plan.steps.length).map((place) => moveTo(id, place))
}
