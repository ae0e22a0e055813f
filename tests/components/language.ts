// Tests read dates as one person would write them, wherever they run.
Object.defineProperty(globalThis, 'navigator', { value: globalThis.navigator ?? {}, configurable: true })
Object.defineProperty(navigator, 'language', { value: 'en-GB', configurable: true })
