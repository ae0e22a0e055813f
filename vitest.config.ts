import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import react from '@vitejs/plugin-react'
import { defineConfig } from 'vitest/config'

const folder = 'tests/components'
const files = readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((name) => /\.test\.tsx?$/.test(name))
    .map((name) => join(folder, name))
const holds = (file: string, words: RegExp) => words.test(readFileSync(file, 'utf8'))

/** What puts another module in the place of one, which must not be there for the files that come after it. */
const alone = files.filter((file) => holds(file, /vi\.mock\(/))
/** What needs no document, which takes longer to make than these tests. */
const plain = files.filter(
    (file) => file.endsWith('.ts') && !alone.includes(file) && !holds(file, /document|window|navigator|Storage|render/),
)
const onScreen = files.filter((file) => !alone.includes(file) && !plain.includes(file))

const screen = { environment: 'jsdom', setupFiles: ['tests/components/setup.ts'] }

export default defineConfig({
    plugins: [react()],
    define: { __DRAWING__: JSON.stringify('tests') },
    resolve: { alias: { '@': new URL('./resources/js', import.meta.url).pathname } },
    test: {
        // For what hangs, not for what is slow: a busy machine takes five times as long.
        testTimeout: 30_000,
        maxWorkers: '100%',
        projects: [
            { extends: true, test: { name: 'alone', include: alone, ...screen } },
            // Libraries are loaded once for all of these, each of which leaves them as they were.
            { extends: true, test: { name: 'on screen', include: onScreen, isolate: false, ...screen } },
            {
                extends: true,
                test: {
                    name: 'plain',
                    include: plain,
                    isolate: false,
                    setupFiles: ['tests/components/language.ts'],
                },
            },
        ],
    },
})
