import { renderHook } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it, vi } from 'vitest'
import { useWhileHeld } from '@/features/plan/state/usePlanKeys'

it('calls while a key is held: when it goes down, and again for each change in between', async () => {
    const call = vi.fn()
    const hook = renderHook(({ state }) => useWhileHeld('Alt', state, () => call(state)), {
        initialProps: { state: 1 },
    })
    hook.rerender({ state: 2 })
    expect(call).not.toHaveBeenCalled()
    const user = userEvent.setup()
    await user.keyboard('{Alt>}')
    hook.rerender({ state: 2 })
    hook.rerender({ state: 3 })
    expect(call.mock.calls).toEqual([[2], [3]])
    await user.keyboard('{/Alt}')
    hook.rerender({ state: 4 })
    await user.keyboard('{Shift>}')
    expect(call).toHaveBeenCalledTimes(2)
    await user.keyboard('{/Shift}{Alt>}')
    window.dispatchEvent(new Event('blur'))
    hook.rerender({ state: 5 })
    expect(call).toHaveBeenCalledTimes(3)
})
