import { useQuery, useQueryClient } from '@tanstack/react-query'
import { Trash2 } from 'lucide-react'
import { RadioGroup } from 'radix-ui'
import { useEffect, useState } from 'react'
import { Button } from '@/design/Button'
import { Dialog } from '@/design/Dialog'
import { Select, TextField } from '@/design/Field'
import { IconButton } from '@/design/Icon'
import { SEVERITY_WORD, SeverityMark } from '@/design/Severity'
import { type Finding, type Library, type OwnSchool, type SchoolChoice, schoolOf } from '@/features/build'
import { forgetSchool, keepSchool, ownSchoolsQuery } from '../api'
import type { PlanEdit } from '../state/edits'
import type { PlanState } from '../state/usePlan'
import { usePreview } from '../state/usePreview'

type Edit = (edits: PlanEdit[], label?: string) => Promise<boolean>
type Props = { open: boolean; onOpenChange: (open: boolean) => void; state: PlanState; library: Library; edit: Edit }

/** Whose habits judge this plan. Choosing shows at once what would be said otherwise. */
export default function SchoolDialog({ open, onOpenChange, state, library, edit }: Props) {
    return (
        <Dialog
            open={open}
            onOpenChange={onOpenChange}
            width="max-w-3xl"
            title="School"
            description={
                'Practitioners disagree; a school is one set of answers. Facts of physics and ' +
                'chemistry stay, whatever is chosen.'
            }
        >
            <Chooser
                key={state.version}
                state={state}
                library={library}
                edit={edit}
                onDone={() => onOpenChange(false)}
            />
        </Dialog>
    )
}

function Chooser({
    state,
    library,
    edit,
    onDone,
}: {
    state: PlanState
    library: Library
    edit: Edit
    onDone: () => void
}) {
    const [choice, setChoice] = useState<SchoolChoice>(state.plan.school)
    const [fault, setFault] = useState<string>()
    const queries = useQueryClient()
    const own = useQuery(ownSchoolsQuery)
    const preview = usePreview(state)
    const { ask } = preview
    useEffect(() => {
        void ask([{ edit: 'set-school', school: choice }])
    }, [ask, choice])
    const from = schoolOf(library, choice)
    const schools = [
        ...library.schools.map(({ code, name, creed }) => ({ value: code, id: null, choice: code, name, creed })),
        ...(own.data ?? []).flatMap(({ id, school }) =>
            typeof school === 'string'
                ? []
                : [
                      {
                          value: `own ${id}`,
                          id,
                          choice: school,
                          name: school.name,
                          creed: `Yours, copied from “${schoolOf(library, school)?.name ?? school.from}”.`,
                      },
                  ],
        ),
    ]
    const chosen = schools.find(
        (one) =>
            one.choice === choice ||
            (typeof one.choice !== 'string' && typeof choice !== 'string' && one.name === choice.name),
    )
    const answers = { ...from?.answers, ...(typeof choice === 'string' ? {} : choice.answers) }
    const answer = (question: string, option: string) => {
        const own: OwnSchool =
            typeof choice === 'string'
                ? { from: choice, name: `${from?.name ?? 'School'}, my way`, answers: {} }
                : choice
        const changed = { ...own.answers, [question]: option }
        if (from?.answers[question] === option) delete changed[question]
        setChoice({ ...own, answers: changed })
    }
    const save = async () => {
        if (typeof choice !== 'string') {
            if (choice.name.trim() === '') return setFault('Give your school a name.')
            try {
                await keepSchool(choice)
            } catch (error) {
                return setFault(error instanceof Error ? error.message : 'It could not be kept.')
            }
            await queries.invalidateQueries({ queryKey: ownSchoolsQuery.queryKey })
        }
        if (await edit([{ edit: 'set-school', school: choice }], 'Change the school')) onDone()
    }
    return (
        <div className="flex flex-col gap-3">
            <RadioGroup.Root
                aria-label="Schools"
                className="grid gap-1.5 sm:grid-cols-2"
                value={chosen?.value ?? ''}
                onValueChange={(value) => {
                    const picked = schools.find((one) => one.value === value)
                    if (picked !== undefined) setChoice(picked.choice)
                }}
            >
                {schools.map((school) => (
                    <SchoolCard
                        key={school.value}
                        value={school.value}
                        name={school.name}
                        creed={school.creed}
                        isChosen={school === chosen}
                        onForget={
                            school.id === null
                                ? undefined
                                : async () => {
                                      await forgetSchool(school.id)
                                      await queries.invalidateQueries({ queryKey: ownSchoolsQuery.queryKey })
                                  }
                        }
                    />
                ))}
            </RadioGroup.Root>
            <details className="rounded-plate border border-line p-2" open={typeof choice !== 'string'}>
                <summary className="cursor-pointer font-medium">
                    Its answers: change one, and it becomes your own school
                </summary>
                <div className="mt-2 grid gap-2 sm:grid-cols-2">
                    {typeof choice !== 'string' && (
                        <div className="sm:col-span-2">
                            <TextField
                                label="Name of your school"
                                maxLength={120}
                                value={choice.name}
                                fault={fault}
                                onChange={(event) => setChoice({ ...choice, name: event.target.value })}
                            />
                        </div>
                    )}
                    {library.questions.map((question) => (
                        <Select
                            key={question.code}
                            label={question.text}
                            value={answers[question.code] ?? ''}
                            choices={question.options.map((option) => ({ value: option.code, label: option.text }))}
                            onChange={(event) => answer(question.code, event.target.value)}
                        />
                    ))}
                </div>
            </details>
            <Difference before={state.verdict.findings} after={preview.shown?.verdict.findings ?? null} state={state} />
            <div className="flex justify-end gap-2">
                <Button onClick={onDone}>Leave it</Button>
                <Button tone="act" onClick={() => void save()}>
                    Follow it
                </Button>
            </div>
        </div>
    )
}

type CardProps = {
    value: string
    name: string
    creed: string
    isChosen: boolean
    onForget: (() => Promise<void>) | undefined
}

function SchoolCard({ value, name, creed, isChosen, onForget }: CardProps) {
    return (
        <div className={`flex rounded-plate border ${isChosen ? 'border-ink bg-sheet' : 'border-line'}`}>
            <RadioGroup.Item value={value} className="min-h-11 flex-1 px-2 py-1.5 text-left hover:bg-press">
                <span className="block font-medium">{name}</span>
                <span className="block text-fine text-soft">{creed}</span>
            </RadioGroup.Item>
            {onForget !== undefined && (
                <IconButton label={`Forget ${name}`} onClick={() => void onForget()}>
                    <Trash2 className="size-4" aria-hidden />
                </IconButton>
            )}
        </div>
    )
}

/** What the school would say otherwise: findings that go, come or change their gravity. */
function Difference({
    before,
    after,
    state,
}: {
    before: readonly Finding[]
    after: readonly Finding[] | null
    state: PlanState
}) {
    if (after === null) return <p className="text-soft">Judging the plan by it…</p>
    const place = (finding: Finding) => `${finding.step} ${finding.code} ${finding.zones.join()}`
    const was = new Map(before.map((finding) => [place(finding), finding]))
    const is = new Map(after.map((finding) => [place(finding), finding]))
    const changes = [
        ...after.filter((finding) => was.get(place(finding))?.severity !== finding.severity),
        ...before.filter((finding) => !is.has(place(finding))),
    ]
    return (
        <div aria-live="polite" className="rounded-plate border border-line bg-sheet p-2">
            <p className="font-medium">
                {changes.length === 0
                    ? 'No finding changes.'
                    : `${changes.length} ${changes.length === 1 ? 'finding changes' : 'findings change'}:`}
            </p>
            <ul className="mt-1 flex max-h-48 flex-col gap-1 overflow-y-auto">
                {changes.map((finding) => {
                    const old = was.get(place(finding))
                    const now = is.get(place(finding))
                    return (
                        <li key={place(finding)} className="flex items-start gap-1.5">
                            <SeverityMark severity={(now ?? finding).severity} className="mt-0.5 size-4" />
                            <span className="flex-1">
                                Step {state.plan.steps.findIndex((step) => step.id === finding.step) + 1}:{' '}
                                {finding.happens} <span className="text-soft">{sayChange(old, now)}</span>
                            </span>
                        </li>
                    )
                })}
            </ul>
        </div>
    )
}

function sayChange(old: Finding | undefined, now: Finding | undefined): string {
    if (now === undefined) return '(goes)'
    if (old === undefined) return '(new)'
    const [was, is] = [old, now].map(({ severity }) => SEVERITY_WORD[severity].toLowerCase())
    return `(${was} becomes ${is})`
}
