import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { Route, Routes, useNavigate } from 'react-router'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { MixCard } from '@/features/mix'
import TableDialog from '@/features/shelf/TableDialog'
import { product, serverKnows, show } from './kit'

const mix = {
    id: 'm1',
    name: 'Faded hull',
    note: 'Two thin coats',
    made: '2026-11-20T10:00:00Z',
    parts: [
        { jar: product('fir', 'Fir', { colour: '#3f5a37' }), parts: 3, of: [{ name: 'Sap', parts: 2 }] },
        { jar: product('buff', 'Buff', { colour: '#b59c6b' }), parts: 1, of: [] },
    ],
    share: 0.5,
    retarder: 0.05,
    flow: 0,
    jar: 'mix-m1',
    photos: [{ id: 'p1', width: 1200, height: 900, taken: '2026-11-21T10:00:00Z' }],
    usedIn: [
        {
            build: 'b',
            buildName: 'Ostrel',
            step: 's',
            number: 7,
            technique: 'Spray a colour',
            zones: ['turret'],
            isDone: true,
        },
    ],
    history: [
        {
            until: '2026-11-24T10:00:00Z',
            parts: [{ jar: product('fir', 'Fir', { colour: '#3f5a37' }), parts: 9, of: [] }],
            share: 1,
            retarder: 0,
            flow: 0,
            wanted: null,
            colour: '#3f5a37',
        },
    ],
    wanted: null,
    colour: '#607050',
}

function At({ path }: { path: string }) {
    const go = useNavigate()
    return (
        <Routes>
            <Route
                path="/"
                element={
                    <button type="button" onClick={() => void go(path)}>
                        go
                    </button>
                }
            />
            <Route path="/mixes/:mix/card" element={<MixCard />} />
        </Routes>
    )
}
afterEach(() => vi.restoreAllMocks())

describe('the card of a mix', () => {
    it('says how many drops go into the cup that is chosen', async () => {
        serverKnows({ 'GET /mixes': { mixes: [mix] } })
        show(<At path="/mixes/m1/card" />)
        await userEvent.click(screen.getByRole('button', { name: 'go' }))
        expect(await screen.findByRole('heading', { name: 'Faded hull' })).toBeVisible()
        expect(screen.getByRole('row', { name: /Fir ?2 Sap 3 39/ })).toBeVisible()
        await userEvent.click(screen.getByRole('button', { name: '2 ml' }))
        expect(screen.getByRole('row', { name: /Fir ?2 Sap 3 15/ })).toBeVisible()
        expect(screen.getByText('1 paint to 1 thinner: 1.0 ml of thinner.')).toBeVisible()
        expect(screen.getByText('Two thin coats')).toBeVisible()
        expect(screen.getByText('1 drop of retarder.')).toBeVisible()
        expect(screen.getByText(/step 7: Spray a colour/)).toBeVisible()
        expect(screen.getByText('9 Fir')).toBeVisible()
    })
    it('says so when the mix is gone', async () => {
        serverKnows({ 'GET /mixes': { mixes: [] } })
        show(<At path="/mixes/m1/card" />)
        await userEvent.click(screen.getByRole('button', { name: 'go' }))
        expect(await screen.findByText(/not kept any more/)).toBeVisible()
    })
})

describe('a file of one’s own', () => {
    const choose = async (text: string) => {
        const taken = vi.fn().mockResolvedValue(undefined)
        show(<TableDialog open onOpenChange={vi.fn()} onTaken={taken} />)
        await userEvent.upload(
            screen.getByLabelText('File'),
            new File([text], 'shelf.json', { type: 'application/json' }),
        )
        return taken
    }
    it('is told in numbers, and taken whole', async () => {
        const asked = serverKnows({ 'POST /shelf/file': { jars: 2, mixes: 1 } })
        const taken = await choose(JSON.stringify({ jars: [{}, {}], mixes: [{}] }))
        expect(await screen.findByText(/2 jars and 1 mix\./)).toBeVisible()
        await userEvent.click(screen.getByRole('button', { name: 'Take all of it' }))
        await vi.waitFor(() => expect(taken).toHaveBeenCalled())
        expect(asked).toContain('POST /shelf/file')
    })
    it('is not taken where it cannot be read', async () => {
        serverKnows({})
        const taken = await choose('{ "jars": [')
        expect(await screen.findByRole('alert')).toHaveTextContent('no JSON file that can be read')
        expect(taken).not.toHaveBeenCalled()
    })
})
