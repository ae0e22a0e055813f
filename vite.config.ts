import { createHash } from 'node:crypto'
import { readdirSync, readFileSync } from 'node:fs'
import tailwindcss from '@tailwindcss/vite'
import react from '@vitejs/plugin-react'
import laravel from 'laravel-vite-plugin'
import { defineConfig } from 'vite'

/** Tells the code that draws vehicles from any other version of it: pictures are kept from visit to visit. */
function drawingVersion(): string {
    const folder = 'resources/js/vehicle'
    const hash = createHash('sha1')
    for (const file of readdirSync(folder).sort()) hash.update(readFileSync(`${folder}/${file}`))
    return hash.digest('hex').slice(0, 12)
}

export default defineConfig({
    plugins: [laravel({ input: ['resources/js/main.tsx'], refresh: true }), react(), tailwindcss()],
    define: { __DRAWING__: JSON.stringify(drawingVersion()) },
    build: { target: 'es2022' },
    resolve: { alias: { '@': '/resources/js' } },
})
