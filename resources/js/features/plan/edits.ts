import type {
    BenchConditions,
    BuildFacts,
    Library,
    Plan,
    Product,
    SchoolChoice,
    Step,
    Technique,
    Zone,
} from '@/features/build'

/** Changes to a plan in the open edit format; the server applies and checks them. */
export type PlanEdit =
    | { edit: 'add-step'; id: string; technique: string; at: number; zones: string[] }
    | { edit: 'change-technique'; id: string; technique: string }
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

/**
 * Products that a technique takes: the plan's own first, then those of the starter shelf that the plan does not have.
 */
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

/** The edit that adds a technique after a place in the plan; the server completes it with what suits the work. */
export function addStep(code: string, after: number, zones: readonly string[]): { edits: PlanEdit[]; id: string } {
    const id = newId(code)
    return { edits: [{ edit: 'add-step', id, technique: code, at: after + 1, zones: [...zones] }], id }
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
