// How long Sets takes to open with twenty sets and with a thousand, in a browser that has its scripts: from the press on its link to the
// painted rows, in turns. Usage: node benchmarks/lists.mjs
import { readFile } from 'node:fs/promises';
import { chromium } from '@playwright/test';
import { chromiumOptions } from '../tests/chromium.mjs';
import { spread, withServer } from './server.mjs';

const OPENINGS = 25;
const example = JSON.parse(await readFile(new URL('../docs/examples/harbour-baritone.json', import.meta.url), 'utf8'));

/** In the page: brings in so many sets. */
async function bringIn({ count, document }) {
    const token = decodeURIComponent(globalThis.document.cookie.split('XSRF-TOKEN=')[1].split(';')[0]);
    for (let number = 1; number <= count; number++) {
        const response = await fetch('/sets/import', {
            method: 'POST',
            headers: { Accept: 'application/json', 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token },
            body: JSON.stringify({ ...document, name: `Set ${number}` }),
        });
        if (!response.ok) {
            throw new Error(await response.text());
        }
    }
}

await withServer(
    8930,
    async (few) => {
        await withServer(
            8931,
            async (many) => {
                const browser = await chromium.launch(chromiumOptions);
                const pages = [];
                for (const [address, count] of [
                    [few, 20],
                    [many, 1000],
                ]) {
                    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
                    await page.goto(`${address}/strings`);
                    await page.evaluate(bringIn, { count, document: example });
                    pages.push({ page, count, times: [] });
                }
                for (let opening = 0; opening <= OPENINGS; opening++) {
                    for (const { page, times } of pages) {
                        await page.getByRole('link', { name: 'Strings', exact: true }).click();
                        await page.getByRole('heading', { name: 'Strings' }).waitFor();
                        const time = await page.evaluate(
                            () =>
                                new Promise((done) => {
                                    const began = performance.now();
                                    const watch = new MutationObserver(() => {
                                        if (document.querySelector('main tbody a[href^="/bench/"]') !== null) {
                                            watch.disconnect();
                                            requestAnimationFrame(() => setTimeout(() => done(performance.now() - began)));
                                        }
                                    });
                                    watch.observe(document.body, { childList: true, subtree: true });
                                    document.querySelector('nav a[href="/sets"]').click();
                                }),
                        );
                        // The first brings the page's script.
                        if (opening > 0) {
                            times.push(time);
                        }
                    }
                }
                await browser.close();
                for (const { count, times } of pages) {
                    const { median, p95 } = spread(times);
                    console.log(
                        `Sets with ${String(count).padStart(4)}: median ${median.toFixed(0)} ms, p95 ${p95.toFixed(0)} ms over ${OPENINGS} openings`,
                    );
                }
            },
            ['--empty'],
        );
    },
    ['--empty'],
);
