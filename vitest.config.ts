import react from '@vitejs/plugin-react'
import { defineConfig } from 'vitest/config'

export default defineConfig({
    plugins: [react()],
    resolve: { alias: { '@': new URL('./resources/js', import.meta.url).pathname } },
    test: {
        environment: 'jsdom',
        include: ['tests/components/**/*.test.{ts,tsx}'],
        setupFiles: ['tests/components/setup.ts'],
        // For what hangs, not for what is slow: a busy machine takes five times as long.
        testTimeout: 30_000,
    },
})
