/** Has the browser keep the program, so that the bench opens without a network. It says nothing where it will not. */
export function keepProgram(): void {
    if (!('serviceWorker' in navigator) || import.meta.env.DEV) return
    navigator.serviceWorker
        .register('/sw.js')
        .then(({ active }) => active?.postMessage('renew'))
        .catch(() => undefined)
}
