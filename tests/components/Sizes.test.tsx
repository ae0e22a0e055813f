import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import { Sizes, sayMm } from '@/features/almanac/Sizes'
import { show } from './kit'

const sizes = [
    { code: 'chip', what: 'Paint chips', leastMm: 2, mostMm: 25, note: 'Larger ones are bare patches.' },
    { code: 'band', what: 'Bands of camouflage', leastMm: 2000, mostMm: 4000, note: 'Wider on the hull.' },
]

describe('sizes at a scale', () => {
    it('divides what is measured on the vehicle by the scale that is chosen', async () => {
        show(<Sizes sizes={sizes} search="" />)
        expect(screen.getByRole('row', { name: /Paint chips.* 2–25 mm 0.06–0.71 mm/ })).toBeVisible()
        await userEvent.selectOptions(screen.getByLabelText('Scale'), '1:72')
        expect(screen.getByRole('row', { name: /Paint chips.* 2–25 mm 0.03–0.35 mm/ })).toBeVisible()
        expect(screen.getByRole('img', { name: /1:72/ })).toBeVisible()
    })
    it('draws a bar in true size, and says where it would not fit', () => {
        const { container } = show(<Sizes sizes={sizes} search="" />)
        const [least, most] = [...container.querySelectorAll('td rect')].map((rect) =>
            Number(rect.getAttribute('width')),
        )
        expect([least, most].sort()).toEqual([2 / 35, 25 / 35])
        expect(screen.getByText('longer than this column')).toBeVisible()
    })
    it('is narrowed by words', () => {
        show(<Sizes sizes={sizes} search="camouflage" />)
        expect(screen.queryByText('Paint chips')).toBeNull()
    })
    it('is as exact as it can be made', () => {
        expect([0.057, 2.94, 25.7].map(sayMm)).toEqual(['0.06', '2.9', '26'])
    })
})
