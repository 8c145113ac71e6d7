// How long the Bench takes to open in a fresh browser, until its figures can be read, until they can be changed, and what its scripts
// weigh.
// Usage: node benchmarks/first-load.mjs
import { readFile, readdir } from 'node:fs/promises';
import { gzipSync } from 'node:zlib';
import { chromium } from '@playwright/test';
import { chromiumOptions } from '../tests/chromium.mjs';
import { notesWhenKeyed, notesWhenPainted, spread, withServer } from './server.mjs';

const LOADS = 15;
const assets = new URL('../public/build/', import.meta.url);

await withServer(8928, async (base) => {
    const times = [];
    const keyed = [];
    const read = [];
    const fetched = new Set();
    for (let load = 0; load < LOADS; load++) {
        const browser = await chromium.launch(chromiumOptions);
        const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
        page.on('response', (response) => fetched.add(new URL(response.url()).pathname));
        await notesWhenPainted(page);
        await notesWhenKeyed(page);
        await page.goto(`${base}/bench`);
        times.push(await page.evaluate(() => window.painted));
        keyed.push(await page.evaluate(() => window.keyed));
        // The page comes with its figures in it: they are in what is painted first.
        read.push(await page.evaluate(() => performance.getEntriesByName('first-contentful-paint')[0].startTime));
        await browser.close();
    }
    const say = (what, { median, p95 }) =>
        console.log(`Bench, ${what}: median ${median.toFixed(0)} ms, p95 ${p95.toFixed(0)} ms over ${LOADS} cold loads`);
    say('from navigation to figures that can be read', spread(read));
    say('from navigation to the lanes with their figures', spread(times));
    say('from navigation to a key that changes a string', spread(keyed));

    const weigh = async (ending) => {
        let bytes = 0;
        for (const path of fetched) {
            if (path.endsWith(ending)) {
                bytes += gzipSync(await readFile(new URL(path.replace(/^\/build\//, ''), assets))).length;
            }
        }
        return (bytes / 1000).toFixed(1);
    };
    console.log(`Scripts fetched by the Bench: ${await weigh('.js')} kB gzipped; styles ${await weigh('.css')} kB`);
    console.log(`Files in the build: ${(await readdir(new URL('assets/', assets))).length}`);
});
