import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { defineConfig } from '@playwright/test';
import { chromiumOptions } from './tests/chromium.mjs';

// Said once, by the process that starts the servers; those that run the tests are given it with their environment. The day is the
// tests' own, whatever day it is, and the ports are free ones, so that two checkouts can be tested at once.
const { day } = JSON.parse(readFileSync('tests/clock.json', 'utf8')) as { day: string };
process.env['LIRA_TEST_CLOCK_S'] ??= String(Math.round((Date.parse(day) - Date.now()) / 1000));
process.env['LIRA_E2E_PORTS'] ??= execFileSync(process.execPath, ['bin/free-ports.mjs', '3'], { encoding: 'utf8' }).trim();
const [port, emptyPort] = process.env['LIRA_E2E_PORTS'].split(' ').map(Number);

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
    webServer: [
        { port, options: '--database var/e2e/lira.sqlite' },
        { port: emptyPort, options: '--database var/e2e/empty.sqlite --empty' },
    ].map((server) => ({
        // What is built is built once, before.
        command: `rm -f var/e2e/${server.port === port ? 'lira' : 'empty'}.sqlite* && bin/start --port ${server.port} ${server.options}`,
        url: `http://127.0.0.1:${server.port}/api/v1/ok`,
        reuseExistingServer: false,
        timeout: 180_000,
        gracefulShutdown: { signal: 'SIGTERM' as const, timeout: 5000 },
    })),
});
