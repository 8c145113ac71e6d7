// How soon a step of a job answers: from the key to the next step in a frame, and how long the server takes to keep it,
// through a whole job of the demo. Usage: node benchmarks/job.mjs
import { chromium } from '@playwright/test';
import { chromiumOptions } from '../tests/chromium.mjs';
import { spread, withServer } from './server.mjs';

const MOST = 80;

await withServer(8930, async (base) => {
    const browser = await chromium.launch(chromiumOptions);
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    const { sets } = await (await page.request.get(`${base}/search?for=Harbour`)).json();
    await page.goto(`${base}/jobs/new?set=${sets[0].id}`);
    await page.getByRole('button', { name: 'Begin', exact: true }).click();
    await page.locator('main button.bg-ink').waitFor();
    await page.evaluate(() => {
        window.steps = [];
        window.addEventListener(
            'keydown',
            () => {
                const pressed = performance.now();
                const watch = new MutationObserver(() => {
                    watch.disconnect();
                    requestAnimationFrame(() => setTimeout(() => window.steps.push(performance.now() - pressed)));
                });
                watch.observe(document.getElementById('main'), { childList: true, subtree: true, characterData: true });
            },
            true,
        );
    });
    // Somebody reads the first step before doing it: by then the page has come to rest.
    await page.evaluate(() => new Promise((rest) => requestIdleCallback(rest)));
    const rest = page.getByRole('button', { name: 'Skip the rest…' });
    for (let step = 1; step <= MOST && (await page.getByText('All of it is done').count()) === 0; step++) {
        if (await rest.isVisible()) {
            // By two acts, which are not measured.
            await rest.click();
            await page.getByRole('dialog').getByRole('button', { name: 'Skip the rest', exact: true }).click();
            await rest.waitFor({ state: 'hidden' });
            continue;
        }
        const before = await page.evaluate(() => window.steps.length);
        await page.keyboard.press('Space');
        await page.waitForFunction((count) => window.steps.length > count, before);
    }
    await page.waitForFunction(() => document.body.textContent?.includes('not sent yet') === false);
    const kept = await page.evaluate(() =>
        performance
            .getEntriesByType('resource')
            .filter(({ name }) => name.endsWith('/events'))
            .map(({ duration }) => duration),
    );
    const painted = await page.evaluate(() => window.steps);
    const words = (times) => {
        const { median, p95 } = spread(times);
        return `${times.length} times, median ${median.toFixed(0)} ms, 95 % within ${p95.toFixed(0)} ms, longest ${Math.max(...times).toFixed(0)} ms`;
    };
    console.log(`Key to the next step painted: ${words(painted)}`);
    console.log(`A step kept by the server: ${words(kept)}`);
    await browser.close();
});
