import '@testing-library/jest-dom/vitest'
import { cleanup } from '@testing-library/react'
import { afterEach } from 'vitest'

// What Radix asks of a browser and jsdom does not have.
class NoResize {
    observe() {}
    unobserve() {}
    disconnect() {}
}
window.ResizeObserver ??= NoResize
Element.prototype.scrollIntoView ??= () => {}
Element.prototype.hasPointerCapture ??= () => false

// Tests read dates as one person would write them.
Object.defineProperty(navigator, 'language', { value: 'en-GB' })

afterEach(() => {
    cleanup()
    localStorage.clear()
})
