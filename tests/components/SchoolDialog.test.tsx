import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { afterEach, describe, expect, it, vi } from 'vitest'
import SchoolDialog from '@/features/plan/dialogs/SchoolDialog'
import { finding, library, plan, show, state, step, verdict } from './kit'

const schools = [
    { code: 'sealed-steps', name: 'Sealed steps', creed: 'Seal it.', answers: { dust: 'pigments' }, severities: {} },
    { code: 'bare-matte', name: 'Bare matte', creed: 'Leave it.', answers: { dust: 'sprayed' }, severities: {} },
]
const questions = [
    {
        code: 'dust',
        text: 'What is dust made of?',
        options: [
            { code: 'pigments', text: 'Pigments' },
            { code: 'sprayed', text: 'A sprayed veil' },
        ],
    },
]
const wash = finding({ code: 'wash-on-matte', severity: 'risk', happens: 'The wash stains.' })

/** The server judges by what is asked: the matte school only notes the wash. */
function judges() {
    return vi.spyOn(globalThis, 'fetch').mockImplementation(async (path, init) => {
        const body = typeof init?.body === 'string' ? JSON.parse(init.body) : {}
        if (String(path).endsWith('/schools')) {
            return new Response(JSON.stringify(init?.method === 'POST' ? { id: 1, school: body } : { schools: [] }))
        }
        const one = plan([step('a'), step('b')])
        const isMatte = body.edits?.[0]?.school === 'bare-matte'
        return new Response(
            JSON.stringify({ plan: one, verdict: verdict(one, isMatte ? [{ ...wash, severity: 'note' }] : [wash]) }),
        )
    })
}
function open() {
    const edit = vi.fn().mockResolvedValue(true)
    show(
        <SchoolDialog
            open
            onOpenChange={vi.fn()}
            state={state([step('a'), step('b')], [wash])}
            library={{ ...library, schools, questions }}
            edit={edit}
        />,
    )
    return edit
}
afterEach(() => vi.restoreAllMocks())

describe('choosing a school', () => {
    it('follows the arrow keys', async () => {
        judges()
        open()
        await userEvent.click(screen.getByRole('radio', { name: /Sealed steps/ }))
        // The key is held for a moment, as fingers do.
        await userEvent.keyboard('{ArrowDown>}')
        expect(await screen.findByText('1 finding changes:')).toBeVisible()
        expect(screen.getByRole('radio', { name: /Bare matte/ })).toHaveFocus()
        expect(screen.getByRole('radio', { name: /Bare matte/ })).toBeChecked()
    })
    it('says at once what it would judge otherwise', async () => {
        judges()
        const edit = open()
        expect(await screen.findByText('No finding changes.')).toBeVisible()
        await userEvent.click(screen.getByRole('radio', { name: /Bare matte/ }))
        expect(await screen.findByText('1 finding changes:')).toBeVisible()
        expect(screen.getByText(/risk becomes note/)).toBeVisible()
        await userEvent.click(screen.getByRole('button', { name: 'Follow it' }))
        expect(edit).toHaveBeenCalledWith([{ edit: 'set-school', school: 'bare-matte' }], 'Change the school')
    })
    it('becomes one’s own when an answer is changed, and wants a name', async () => {
        const fetch = judges()
        const edit = open()
        await userEvent.click(screen.getByText(/^Its answers/))
        await userEvent.selectOptions(screen.getByLabelText('What is dust made of?'), 'A sprayed veil')
        const name = screen.getByLabelText('Name of your school')
        expect(name).toHaveValue('Sealed steps, my way')
        await userEvent.clear(name)
        await userEvent.click(screen.getByRole('button', { name: 'Follow it' }))
        expect(screen.getByRole('alert')).toHaveTextContent('Give your school a name.')
        await userEvent.type(name, 'Veiled')
        await userEvent.click(screen.getByRole('button', { name: 'Follow it' }))
        const school = { from: 'sealed-steps', name: 'Veiled', answers: { dust: 'sprayed' } }
        expect(edit).toHaveBeenCalledWith([{ edit: 'set-school', school }], 'Change the school')
        expect(
            fetch.mock.calls.some(([path, init]) => path === '/api/schools' && init?.body === JSON.stringify(school)),
        ).toBe(true)
    })
})
