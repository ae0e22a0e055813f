import {
    BookOpen,
    CircleHelp,
    Download,
    Droplet,
    Layers,
    Plus,
    Redo2,
    Settings2,
    Truck,
    Undo2,
    Wrench,
} from 'lucide-react'
import { Button } from '@/design/Button'
import { inWords } from '@/design/duration'
import { IconButton, iconLink } from '@/design/Icon'
import { VerdictLine } from '@/design/Severity'
import { type BuildState, type Library, schoolOf, type Verdict } from '@/features/build'
import type { Acts } from '../state/acts'
import { FILTERS, type Filter, type View } from '../state/view'

/** The head of the plan: how it stands, and what can be done with it as a whole. */
type Props = {
    state: BuildState
    verdict: Verdict
    library: Library
    saving: boolean
    acts: Acts
    view: View
    hasVehicle: boolean
}

const FILTER_WORD: Record<Filter, string> = {
    all: 'every step',
    stop: 'stops only',
    risk: 'risks only',
    note: 'notes only',
    accepted: 'accepted only',
}

export function PlanBar({ state, verdict, library, saving, acts, view, hasVehicle }: Props) {
    const { build, steps, school } = state.plan
    const schoolName =
        typeof school === 'string' ? (schoolOf(library, school)?.name ?? school).toLowerCase() : school.name
    return (
        <div className="no-print flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-line bg-panel px-3 py-1.5">
            <h1 className="wide min-w-40 flex-1 truncate text-base font-semibold" title={build.name}>
                {build.name} <span className="font-normal text-soft">1:{build.scale}</span>
            </h1>
            <div aria-live="polite" className="flex items-center gap-3">
                {steps.length > 0 && <VerdictLine counts={verdict.summary} />}
                {verdict.summary.stops > 0 && (
                    <Button onClick={() => acts.open('repair')} aria-keyshortcuts="r">
                        <Wrench className="size-4" aria-hidden /> Make it sound
                    </Button>
                )}
                {steps.length > 0 && (
                    <span className="text-soft max-2xl:hidden">{inWords(verdict.summary.lastsMinutes)} in all</span>
                )}
            </div>
            <span className="flex items-center gap-1 text-fine">
                <select
                    aria-label="Show"
                    value={view.filter}
                    onChange={(event) =>
                        acts.findings.filter(FILTERS.find((filter) => filter === event.target.value) ?? 'all')
                    }
                    className="min-h-8 rounded-plate border border-line bg-sheet px-1 pointer-coarse:min-h-11"
                >
                    {FILTERS.map((filter) => (
                        <option key={filter} value={filter}>
                            {FILTER_WORD[filter]}
                        </option>
                    ))}
                </select>
                <Button className="max-w-56" tone="quiet" onClick={() => acts.open('school')}>
                    <span className="truncate">School: {schoolName}</span>
                </Button>
            </span>
            <span className="flex max-w-full flex-wrap items-center gap-0.5">
                <span className="w-12 text-right text-fine text-soft max-md:empty:hidden">
                    {saving ? 'saving …' : ''}
                </span>
                <IconButton
                    label={state.undo === null ? 'Nothing to undo' : `Undo: ${state.undo}`}
                    disabled={state.undo === null}
                    onClick={acts.history.undo}
                >
                    <Undo2 className="size-4" aria-hidden />
                </IconButton>
                <IconButton
                    label={state.redo === null ? 'Nothing to redo' : `Redo: ${state.redo}`}
                    disabled={state.redo === null}
                    onClick={acts.history.redo}
                >
                    <Redo2 className="size-4" aria-hidden />
                </IconButton>
                <IconButton label="The vehicle" aria-pressed={hasVehicle} onClick={acts.vehicle.toggle}>
                    <Truck className="size-4" aria-hidden />
                </IconButton>
                <IconButton label="Draft the plan from its story" onClick={() => acts.open('draft')}>
                    <BookOpen className="size-4" aria-hidden />
                </IconButton>
                <IconButton label="Zones" onClick={() => acts.open('zones')}>
                    <Layers className="size-4" aria-hidden />
                </IconButton>
                <IconButton label="Jars" onClick={() => acts.open('jars')}>
                    <Droplet className="size-4" aria-hidden />
                </IconButton>
                <IconButton label="Build, story and room" onClick={() => acts.open('build')}>
                    <Settings2 className="size-4" aria-hidden />
                </IconButton>
                <a href={`/api/builds/${state.id}/plan-file`} download {...iconLink('Export the plan file')}>
                    <Download className="size-4" aria-hidden />
                </a>
                <IconButton label="Keys and signs" onClick={() => acts.open('keys')}>
                    <CircleHelp className="size-4" aria-hidden />
                </IconButton>
                <Button
                    tone="act"
                    className="ml-1 max-md:ml-0 max-md:w-full"
                    onClick={() => acts.open('add')}
                    aria-keyshortcuts="a"
                >
                    <Plus className="size-4" aria-hidden /> Add a step
                </Button>
            </span>
        </div>
    )
}
