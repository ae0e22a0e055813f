import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { afterEach, describe, expect, it, vi } from 'vitest'
import JarsDialog from '@/features/plan/jars/JarsDialog'
import { Supplies } from '@/features/shelf'
import { sayLack, sayMl } from '@/features/shelf/millilitres'
import { library, plan, product, serverKnows, show, step } from './kit'

const supply = (name: string, shortage: string, changes = {}) => ({
    jar: product(name.toLowerCase(), name, { colour: '#566043' }),
    needMl: 14.2,
    leftMl: 9.5,
    price: null,
    goesOffOn: null,
    isWithdrawn: false,
    shortage,
    builds: [{ build: 'b1', name: 'Ostrel', ml: 14.2 }],
    ...changes,
})
const take = (jar: string, changes = {}) => ({
    build: 'b1',
    buildName: 'Ostrel',
    step: `s-${jar}`,
    number: 3,
    technique: 'Spray a colour',
    jar,
    jarMl: 2.5,
    thinner: 'water',
    thinnerMl: 1.7,
    lostMl: 1,
    ...changes,
})
afterEach(() => vi.restoreAllMocks())

describe('what the plans need', () => {
    it('puts what is lacking first, and says by how much', async () => {
        serverKnows({
            'GET /supplies': {
                jars: [
                    supply('Green', 'enough'),
                    supply('Matte', 'too-little'),
                    supply('Buff', 'not-there', { leftMl: null }),
                ],
                takes: [take('green'), take('matte', { thinner: null, thinnerMl: 0 })],
                mixes: [],
            },
        })
        show(<Supplies />)
        const buy = await screen.findByRole('region', { name: '2 jars to buy or to top up' })
        const rows = within(buy).getAllByRole('row').slice(1)
        expect(rows.map((row) => row.textContent)).toEqual([
            expect.stringMatching(/^Buff.*14 ml–not on your shelf$/),
            expect.stringMatching(/^Matte.*too little4.7 ml more$/),
            expect.stringMatching(/^Green.*enough$/),
        ])
        const prepare = screen.getByRole('region', { name: 'To prepare, in the order of work' })
        expect(within(prepare).getByText('and 1.7 ml water')).toBeVisible()
        expect(within(prepare).getAllByRole('listitem')).toHaveLength(2)
    })
    it('is narrowed to one build, with its own share', async () => {
        const both = [
            { build: 'b1', name: 'Ostrel', ml: 4.2 },
            { build: 'b2', name: 'Brae', ml: 10 },
        ]
        serverKnows({
            'GET /supplies': {
                jars: [supply('Green', 'enough', { builds: both }), supply('Buff', 'enough')],
                takes: [take('green'), take('green', { build: 'b2', buildName: 'Brae', step: 'x' })],
                mixes: [],
            },
        })
        show(<Supplies />)
        await userEvent.selectOptions(await screen.findByLabelText('For'), 'Brae')
        const rows = within(screen.getByRole('region', { name: /Nothing to buy/ })).getAllByRole('row')
        expect(rows).toHaveLength(2)
        expect(rows[1]).toHaveTextContent('10 ml')
    })
    it('says a mix in drops, and takes more for several sets', async () => {
        const parts = [
            { name: 'Fir', parts: 3 },
            { name: 'White', parts: 1 },
        ]
        const answer = { jars: [supply('Green', 'enough')], takes: [take('green')], mixes: [{ jar: 'green', parts }] }
        const asked = serverKnows({ 'GET /supplies': answer, 'GET /supplies?build=b1&sets=5': answer })
        show(<Supplies />)
        // 2.5 ml of it, in drops of a twentieth.
        expect(await screen.findByText('39 drops Fir, 13 drops White')).toBeVisible()
        await userEvent.selectOptions(screen.getByLabelText('For'), 'Ostrel')
        await userEvent.selectOptions(screen.getByLabelText('Sets at once'), '5')
        await waitFor(() => expect(asked).toContain('GET /supplies?build=b1&sets=5'))
    })
    it('says so when nothing is left to do, and offers to ask again when the answer fails', async () => {
        serverKnows({ 'GET /supplies': { jars: [], takes: [], mixes: [] } })
        const { unmount } = show(<Supplies />)
        expect(await screen.findByText(/Nothing is left to do that takes paint/)).toBeVisible()
        unmount()
        vi.restoreAllMocks()
        serverKnows({})
        show(<Supplies />)
        expect(await screen.findByText(/Nobody knows/)).toBeVisible()
    })
    it('writes amounts as exactly as anybody measures', () => {
        expect([0.02, 0.44, 9.96, 12.4].map(sayMl)).toEqual(['0.1 ml', '0.4 ml', '10.0 ml', '12 ml'])
        expect(sayLack(undefined)).toBeNull()
        expect(sayLack(supply('Matte', 'too-little') as never)).toBe('The plans take 14 ml, and 9.5 ml are left.')
    })
})

describe('the jars of a plan', () => {
    const lacking = { jars: [supply('Green', 'too-little', { jar: product('green', 'Green') })], takes: [], mixes: [] }
    const open = (own: object[]) => {
        serverKnows({ 'GET /jars': { jars: own, mixed: [], poured: [] }, 'GET /supplies': lacking })
        show(<JarsDialog open onOpenChange={vi.fn()} plan={plan([step('a')])} library={library} edit={vi.fn()} />)
    }
    it('say what is lacking in them', async () => {
        open([product('green', 'Green')])
        expect(await screen.findByText('The plans take 14 ml, and 9.5 ml are left.')).toBeVisible()
    })
    it('say nothing of it to whoever keeps no shelf', async () => {
        open([])
        await waitFor(() => expect(fetch).toHaveBeenCalledTimes(2))
        await new Promise((done) => setTimeout(done, 50))
        expect(screen.queryByText(/The plans take/)).toBeNull()
    })
})
