import { defineConfig } from '@playwright/test';
import { chromiumOptions } from './tests/chromium.mjs';

const port = 8917;

export default defineConfig({
    testDir: 'tests/e2e',
    outputDir: 'test-results',
    // One server and one database: the tests follow each other.
    workers: 1,
    fullyParallel: false,
    forbidOnly: process.env['CI'] !== undefined,
    retries: 0,
    reporter: 'list',
    // Values are waited for, however slow the machine; what never comes fails all the same.
    timeout: 360_000,
    expect: { timeout: 30_000 },
    use: {
        baseURL: `http://127.0.0.1:${port}`,
        viewport: { width: 1280, height: 800 },
        colorScheme: 'light',
        reducedMotion: 'reduce',
        screenshot: 'only-on-failure',
        launchOptions: chromiumOptions,
    },
    webServer: {
        command: `rm -rf var/e2e && bin/start --port ${port} --database var/e2e/lira.sqlite`,
        url: `http://127.0.0.1:${port}/api/v1/ok`,
        reuseExistingServer: false,
        timeout: 120_000,
        gracefulShutdown: { signal: 'SIGTERM', timeout: 5000 },
    },
});
