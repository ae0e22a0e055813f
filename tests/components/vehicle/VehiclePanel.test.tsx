import { fireEvent, screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { useState } from 'react'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { Plan } from '@/features/build'
import type { Cursor } from '@/features/plan/state/acts'
import { indexFindings } from '@/features/plan/state/verdicts'
import { useVehicle } from '@/features/plan/zones/useVehicle'
import VehiclePanel from '@/features/plan/zones/VehiclePanel'
import { forgetGallery } from '@/features/vehicle/gallery'
import * as studio from '@/vehicle/studio'
import { finding, library, plan, serverKnows, show, step, verdict } from '../kit'

vi.mock('@/vehicle/studio')

const packed = {
    zones: ['hull-sides'],
    parts: [],
    // One point at the middle of the world, and one a metre away in each direction.
    points: btoa(String.fromCharCode(0, 0, 0, 0, 0, 0, 0xd0, 7, 0xd0, 7, 0xd0, 7)),
    triangles: '',
    zoneOf: '',
    partOf: '',
    smoothness: '',
    plates: [],
    plateOf: '',
    lines: [],
    rivets: '',
}
const square = (from: number) => `M${from} 0L${from + 9} 0L${from + 9} 9L${from} 9Z`

const toggle = vi.fn()
const togglePanel = vi.fn()
const steps = [
    step('a', { extent: { share: null, places: [], panels: ['bow'], pattern: null } }),
    step('b', { zones: ['turret'] }),
]
const panelled = (): Plan => ({
    ...plan(steps),
    zones: plan(steps).zones.map((zone) => ({
        ...zone,
        panels: [{ id: zone.id === 'hull' ? 'bow' : 'roof', name: 'Plate', neighbours: [], plate: 'plate' }],
    })),
})

function Panel({ findings = [] }: { findings?: Parameters<typeof indexFindings>[0] }) {
    const vehicle = useVehicle()
    const [cursor, setCursor] = useState<Cursor>({ step: 'a', zone: null })
    const shown = panelled()
    return (
        <VehiclePanel
            plan={shown}
            verdict={verdict(shown)}
            library={library}
            cursor={cursor}
            findings={indexFindings(findings)}
            vehicle={vehicle}
            onCursor={setCursor}
            // biome-ignore lint/suspicious/noExplicitAny: the panel uses these of all acts
            acts={{ steps: { toggle, togglePanel }, vehicle: vehicle.acts } as any}
        />
    )
}

beforeEach(() => {
    vi.clearAllMocks()
    forgetGallery()
    localStorage.clear()
    HTMLCanvasElement.prototype.getContext = vi.fn(() => null)
    vi.stubGlobal(
        'ResizeObserver',
        class {
            constructor(private readonly tell: () => void) {}
            observe() {
                this.tell()
            }
            disconnect() {}
        },
    )
    vi.mocked(studio.draw).mockResolvedValue({
        width: 40,
        height: 10,
        ink: { paths: {}, rivetsDark: '', rivetsLight: '' },
        regions: [
            { zone: 'hull', path: square(0) },
            { zone: 'turret', path: square(10) },
        ],
        panels: [
            { panel: 'bow', zone: 'hull', path: square(2) },
            { panel: 'roof', zone: 'turret', path: square(12) },
        ],
    })
    vi.mocked(studio.paint).mockImplementation(async () => ({
        width: 1,
        height: 1,
        pixels: new Uint8ClampedArray(4),
    }))
    serverKnows({ 'GET /vehicles/tank': packed })
})
const side = async () => within(await screen.findByRole('group', { name: 'The left side' }))
const lastWish = () => vi.mocked(studio.paint).mock.lastCall?.[1]

describe('the vehicle above the board', () => {
    it('is painted up to the step in hand; the slider goes through the plan', async () => {
        show(<Panel />)
        await side()
        await waitFor(() => expect(lastWish()).toMatchObject({ step: 0, isFlat: false }))
        expect(screen.getByText('After step 1, Vellow 31 island green')).toBeInTheDocument()
        fireEvent.change(screen.getByRole('slider'), { target: { value: '1' } })
        await waitFor(() => expect(lastWish()).toMatchObject({ step: 1 }))
        expect(screen.getByText(/^After step 2, /)).toBeInTheDocument()
    })
    it('goes from zone to zone by keyboard, from step to step, and puts the step there', async () => {
        show(<Panel />)
        const hull = await (await side()).findByRole('button', { name: 'Hull' })
        expect(hull).toHaveAttribute('aria-pressed', 'true')
        hull.focus()
        await userEvent.keyboard('{ArrowRight}{ArrowRight}')
        await waitFor(() => expect(document.activeElement).toHaveAttribute('data-zone', 'turret'))
        await userEvent.keyboard(' ')
        expect(toggle).toHaveBeenCalledWith(['turret'])
        await userEvent.keyboard('{ArrowDown}')
        await waitFor(() => expect(lastWish()).toMatchObject({ step: 1 }))
    })
    it('goes to a zone with the first press, and changes the step with the next', async () => {
        show(<Panel />)
        await side()
        const turret = () => document.querySelector('[data-view=left] [data-zone=turret]') ?? document.body
        await userEvent.click(turret())
        expect(toggle).not.toHaveBeenCalled()
        await userEvent.click(turret())
        expect(toggle).toHaveBeenCalledExactlyOnceWith(['turret'])
    })
    it('offers the panels of the zone in hand, once the step is on it, by hand and by keyboard', async () => {
        show(<Panel />)
        const left = await side()
        expect(left.queryByRole('button', { name: /^Panel/ })).toBeNull()
        await userEvent.click(document.querySelector('[data-view=left] [data-zone=hull]') ?? document.body)
        expect(left.getByRole('button', { name: 'Panel Plate' })).toHaveAttribute('aria-pressed', 'true')
        await userEvent.click(left.getByRole('button', { name: 'Panel Plate' }))
        left.getByRole('button', { name: 'Panel Plate' }).focus()
        await userEvent.keyboard(' ')
        expect(togglePanel.mock.calls).toEqual([['bow'], ['bow']])
        expect(toggle).not.toHaveBeenCalled()
        // The step is not on the turret: its panels are none of it.
        await userEvent.click(document.querySelector('[data-view=left] [data-zone=turret]') ?? document.body)
        expect(left.queryByRole('button', { name: /^Panel/ })).toBeNull()
    })
    it('names the zones on which something is wrong', async () => {
        show(<Panel findings={[finding({ step: 'a', zones: ['hull'], severity: 'stop' })]} />)
        expect(await (await side()).findByRole('button', { name: 'Hull, stop' })).toBeInTheDocument()
    })
    it('can do without light, and remembers how it was left', async () => {
        const { unmount } = show(<Panel />)
        await side()
        await userEvent.click(screen.getByLabelText('Without light'))
        await waitFor(() => expect(lastWish()).toMatchObject({ isFlat: true }))
        screen.getByRole('separator').focus()
        await userEvent.keyboard('{ArrowDown}')
        const height = screen.getByRole('separator').getAttribute('aria-valuenow')
        unmount()
        show(<Panel />)
        expect(await screen.findByLabelText('Without light')).toBeChecked()
        expect(screen.getByRole('separator')).toHaveAttribute('aria-valuenow', height)
    })
    it('takes all the room when asked, with its colours as flat swatches', async () => {
        show(<Panel />)
        await userEvent.click(screen.getByRole('button', { name: 'Enlarge it' }))
        expect(await screen.findByRole('list', { name: 'Colours after this step' })).toBeInTheDocument()
        expect(screen.queryByRole('separator')).not.toBeInTheDocument()
    })
    it('says that it could not be drawn, or not be fetched', async () => {
        vi.mocked(studio.paint).mockRejectedValue(new Error('broken'))
        show(<Panel />)
        expect(await screen.findAllByText('The left side could not be drawn.')).not.toHaveLength(0)
        serverKnows({})
        show(<Panel />)
        expect(await screen.findByText('Nobody knows GET /vehicles/tank')).toBeInTheDocument()
    })
})
