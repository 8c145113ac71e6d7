import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { defineConfig } from '@playwright/test';
import { chromiumOptions } from './tests/chromium.mjs';

// Said once, by the process that starts the servers; those that run the tests are given it with their environment. The day is the
// tests' own, whatever day it is, and the ports are free ones, so that two checkouts can be tested at once.
const { day } = JSON.parse(readFileSync('tests/clock.json', 'utf8')) as { day: string };
process.env['LIRA_TEST_CLOCK_S'] ??= String(Math.round((Date.parse(day) - Date.now()) / 1000));
/**
 * Each worker has a demo workshop and an empty one of its own, and a port to serve at itself. One beside all other checks keeps two cores
 * busy; LIRA_E2E_WORKERS says more where there are more.
 */
const WORKERS = Number(process.env['LIRA_E2E_WORKERS'] ?? 1);
if (process.env['LIRA_E2E_PORTS'] === undefined) {
    // What is built is built once, before the servers start.
    execFileSync('bin/build', { stdio: 'ignore' });
    process.env['LIRA_E2E_PORTS'] = execFileSync(process.execPath, ['bin/free-ports.mjs', String(3 * WORKERS)], {
        encoding: 'utf8',
    }).trim();
}
const ports = (process.env['LIRA_E2E_PORTS'] ?? '').split(' ').map(Number);

export default defineConfig({
    testDir: 'tests/e2e',
    outputDir: 'test-results',
    // One server and one database to each: the tests of a file follow each other.
    workers: WORKERS,
    fullyParallel: false,
    forbidOnly: process.env['CI'] !== undefined,
    retries: 0,
    reporter: 'list',
    // Values are waited for, however slow the machine; what never comes fails all the same.
    timeout: 360_000,
    expect: { timeout: 30_000 },
    use: {
        viewport: { width: 1280, height: 800 },
        colorScheme: 'light',
        reducedMotion: 'reduce',
        screenshot: 'only-on-failure',
        launchOptions: chromiumOptions,
    },
    webServer: Array.from({ length: WORKERS }, (_, worker) => [
        { port: ports[3 * worker], database: `var/e2e/${worker}/lira.sqlite`, more: '' },
        { port: ports[3 * worker + 1], database: `var/e2e/${worker}/empty.sqlite`, more: '--empty' },
    ])
        .flat()
        .map(({ port, database, more }) => ({
            command: `rm -rf ${database}* ${database.replace('.sqlite', '-files')} ${database.replace('.sqlite', '-copies')} && mkdir -p var/e2e/0 var/e2e/1 && bin/start --no-build --port ${port} --database ${database} ${more}`,
            url: `http://127.0.0.1:${port}/api/v1/ok`,
            reuseExistingServer: false,
            timeout: 180_000,
            gracefulShutdown: { signal: 'SIGTERM' as const, timeout: 5000 },
        })),
});
