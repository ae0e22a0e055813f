// Keeps the program itself at hand, so that the bench opens without a network. What people own is never kept here:
// requests to the server's API are not touched.
const SHELL = 'ulvrach-shell'
const PAGE = '/work'
const MANIFEST = '/build/manifest.json'
const BUILT = '/build/'

/** All files of the program as it was built last; those of an older one go. */
async function renew() {
    const cache = await caches.open(SHELL)
    const answer = await fetch(MANIFEST, { cache: 'no-cache' })
    if (!answer.ok) return
    const entries = Object.values(await answer.json())
    const files = new Set(entries.flatMap(({ file, css = [], assets = [] }) => [file, ...css, ...assets]))
    const wanted = [...files].map((file) => BUILT + file)
    const kept = await cache.keys()
    const known = new Set(kept.map(({ url }) => new URL(url).pathname))
    await cache.addAll(wanted.filter((file) => !known.has(file)))
    const page = await fetch(PAGE, { credentials: 'same-origin' })
    if (page.ok) await cache.put(PAGE, page)
    for (const request of kept) {
        const path = new URL(request.url).pathname
        if (path.startsWith(BUILT) && !wanted.includes(path)) await cache.delete(request)
    }
    if (!known.has('/mark.svg')) await cache.add('/mark.svg')
}

self.addEventListener('install', (event) => {
    self.skipWaiting()
    event.waitUntil(renew())
})

self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()))

self.addEventListener('message', (event) => {
    if (event.data === 'renew') event.waitUntil(renew().catch(() => undefined))
})

self.addEventListener('fetch', (event) => {
    const { request } = event
    const { origin, pathname } = new URL(request.url)
    if (request.method !== 'GET' || origin !== self.location.origin || pathname.startsWith('/api/')) return
    if (request.mode === 'navigate') {
        event.respondWith(fetch(request).catch(async () => (await caches.match(PAGE)) ?? Response.error()))
    } else if (pathname.startsWith(BUILT) || pathname === '/mark.svg') {
        event.respondWith(caches.match(request, { ignoreVary: true }).then((kept) => kept ?? fetch(request)))
    }
})
