// One picture of each main view, from the demo workshop, at the size of a small laptop, a tablet and a phone.
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { chromium } from '@playwright/test';
import { withServer } from '../benchmarks/server.mjs';
import { chromiumOptions } from '../tests/chromium.mjs';

const folder = fileURLToPath(new URL('../docs/screenshots/', import.meta.url));

/** From a set by its name to something done with its instrument. */
async function openFromBench(page, name, what) {
    const { sets } = await (await page.request.get(new URL(`/search?for=${encodeURIComponent(name)}`, page.url()).href)).json();
    await page.goto(new URL(`/sets/${sets[0].id}/${what}`, page.url()).href);
    await page.locator('h1').first().waitFor();
}

/** Goes on with a job, a string at once, to the next string that goes on. */
async function stringOf(page, instrument) {
    await page.getByRole('link', { name: instrument }).first().click();
    await page.getByRole('button', { name: 'A string at once' }).click();
    while ((await page.getByRole('main').getByText('end', { exact: true }).count()) === 0) {
        const before = await page.getByRole('main').innerText();
        await page.keyboard.press('Space');
        await page.waitForFunction((text) => document.getElementById('main').innerText !== text, before);
    }
}

/** [file, address, what to do first, width, height, look] */
const views = [
    ['bench', '/', null, 1280, 800, 'light'],
    [
        'start',
        '/start',
        async (page) => {
            await page.getByRole('textbox', { name: 'The instrument' }).fill('five-string bass 34 in');
            await page.getByRole('textbox', { name: 'What it should become' }).fill('F♯ standard');
            await page.getByText('F sharp standard (').waitFor();
        },
        1280,
        800,
        'dark',
    ],
    [
        'solve',
        '/',
        (page) =>
            page
                .getByRole('button', { name: 'Choose gauges', exact: true })
                .click()
                .then(() => page.getByRole('button', { name: 'Take best set' }).waitFor()),
        1280,
        800,
        'light',
    ],
    ['sets', '/sets', null, 1280, 800, 'light'],
    ['instruments', '/instruments', null, 1280, 800, 'light'],
    [
        'instrument',
        '/instruments',
        (page) =>
            page
                .getByRole('link', { name: 'Smack', exact: true })
                .click()
                .then(() => page.getByRole('img').first().waitFor()),
        1280,
        800,
        'light',
    ],
    [
        'plays',
        '/instruments',
        async (page) => {
            await page.getByRole('link', { name: 'Curlew', exact: true }).click();
            await page.getByRole('tab', { name: 'How it plays' }).click();
            await page.getByRole('img', { name: /^How far each fret is off/ }).waitFor();
        },
        1280,
        800,
        'light',
    ],
    [
        'reach',
        '/instruments',
        async (page) => {
            await page.getByRole('link', { name: 'Harbour', exact: true }).click();
            await page.getByRole('tab', { name: 'How low, how high' }).click();
            await page.getByRole('img', { name: /^Pitch against gauge/ }).waitFor();
        },
        1280,
        800,
        'light',
    ],
    [
        'strings',
        '/strings',
        async (page) => {
            await page.getByRole('searchbox', { name: 'Find' }).fill('wound 46');
            await page.getByRole('button', { name: 'Bright wound 46' }).click();
            await page.getByRole('img', { name: 'The string cut across, to scale' }).waitFor();
        },
        1280,
        800,
        'light',
    ],
    [
        'order',
        '/strings/orders',
        async (page) => {
            await page.getByRole('button', { name: 'Order for designs…' }).click();
            await page.getByRole('combobox', { name: 'Order for' }).fill('ketch, e');
            await page.getByRole('option', { name: 'Ketch, E standard' }).click();
            await page.getByRole('spinbutton', { name: 'Sets of Ketch, E standard' }).fill('3');
            await page.getByText('with single strings only').waitFor();
        },
        1280,
        800,
        'light',
    ],
    [
        'tune',
        '/',
        async (page) => {
            await openFromBench(page, 'Curlew, D standard', 'tune?practice');
            await page.getByRole('button', { name: 'Strum: hear all' }).click();
            await page.getByRole('button', { name: 'Learn how it gives first' }).click();
            await page.getByText('measured here').waitFor();
            await page.getByRole('button', { name: 'Begin the round' }).click();
            await page.getByRole('button', { name: 'Bring it there' }).click();
            await page.getByText('There.').waitFor();
            await page.getByRole('button', { name: /next string/ }).click();
        },
        1280,
        800,
        'light',
    ],
    [
        'intonate',
        '/',
        async (page) => {
            await openFromBench(page, 'Harbour, down to C', 'intonate?practice');
            await page.getByRole('button', { name: 'Play all, open and stopped' }).click();
            await page.locator('[data-figure="key"]').waitFor();
        },
        1280,
        800,
        'light',
    ],
    ['jobs', '/jobs', null, 1280, 800, 'light'],
    ['job', '/jobs', (page) => stringOf(page, 'Curlew'), 1280, 800, 'light'],
    ['log', '/log', null, 1280, 800, 'light'],
    [
        'workshop',
        '/workshop',
        async (page) => {
            await page.getByLabel('Name of the workshop').fill('Saltmarsh Strings');
            await page.getByLabel('Address').fill('2 Slip Lane\nEstuary Quay');
        },
        1280,
        800,
        'light',
    ],
    ['log-life', '/log/life', (page) => page.getByRole('img').first().waitFor(), 1280, 800, 'light'],
    [
        'log-instrument',
        '/instruments',
        async (page) => {
            await page.getByRole('link', { name: 'Curlew', exact: true }).click();
            await page.getByRole('tab', { name: 'Log', exact: true }).click();
            await page.getByRole('region', { name: 'Through time' }).getByRole('img').waitFor();
        },
        1280,
        800,
        'light',
    ],
    [
        'measured',
        '/strings/measured',
        async (page) => {
            const measure = async (gauge, mass) => {
                await page.getByRole('textbox', { name: /^Gauge/ }).fill(gauge);
                await page.getByRole('textbox', { name: 'Mass, g' }).fill(mass);
                await page.getByRole('textbox', { name: 'Length, mm' }).fill('1000');
                await page.getByRole('button', { name: 'Keep the sample' }).click();
                await page.getByRole('button', { name: `Set aside the sample of ${gauge}` }).waitFor();
            };
            await measure('26', '2.31');
            await measure('36', '4.31');
            await measure('46', '6.90');
        },
        1280,
        800,
        'light',
    ],
];

await withServer(8937, async (base) => {
    const browser = await chromium.launch(chromiumOptions);
    for (const [file, address, prepare, width, height, colorScheme] of views) {
        const page = await browser.newPage({ viewport: { width, height }, colorScheme, reducedMotion: 'reduce' });
        // As for somebody who was here before.
        await page.addInitScript(() => localStorage.setItem('lira.first-visit', 'read'));
        await page.goto(base + address);
        await page.locator('h1').first().waitFor();
        await prepare?.(page);
        await page.evaluate(() => document.fonts.ready);
        // The line that says a page is on its way is none of the page.
        await page.locator('#nprogress').waitFor({ state: 'detached' });
        await page.screenshot({ path: join(folder, `${file}.png`) });
        await page.close();
    }
    await browser.close();
});
