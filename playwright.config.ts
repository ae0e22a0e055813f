import { defineConfig } from '@playwright/test'

/** bin/test starts the application with demo data for each of two workers, and says where. */
export default defineConfig({
    testDir: 'tests/browser',
    workers: 2,
    retries: 0,
    // For what hangs, not for what is slow: speed is measured by bin/bench, and a busy machine can stand still for half
    // a minute.
    timeout: 120_000,
    expect: { timeout: 30_000 },
    reporter: [['list']],
    outputDir: 'test-results',
    use: {
        baseURL: process.env.ULVRACH_URL ?? 'http://127.0.0.1:8480',
        viewport: { width: 1280, height: 800 },
        reducedMotion: 'reduce',
        locale: 'en-GB',
        trace: 'off',
        launchOptions: {
            executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
            args: [
                '--no-sandbox',
                '--disable-gpu',
                '--disable-quic',
                '--no-first-run',
                '--disable-background-networking',
                '--disable-component-update',
                '--disable-sync',
            ],
        },
    },
})
