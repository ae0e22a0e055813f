import '@testing-library/jest-dom/vitest'
import './language'
import { cleanup, configure } from '@testing-library/react'
import { afterEach } from 'vitest'

// For what hangs: on a busy machine a second is soon over.
configure({ asyncUtilTimeout: 10_000 })

// What Radix asks of a browser and jsdom does not have.
class NoResize {
    observe() {}
    unobserve() {}
    disconnect() {}
}
window.ResizeObserver ??= NoResize
Element.prototype.scrollIntoView ??= () => {}
Element.prototype.hasPointerCapture ??= () => false

afterEach(() => {
    cleanup()
    localStorage.clear()
})
