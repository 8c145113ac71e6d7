// One picture of each main view, from the demo workshop, at the size of a small laptop, a tablet and a phone.
import { execFileSync } from 'node:child_process';
import { mkdtemp, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { chromium } from '@playwright/test';
import { withServer } from '../benchmarks/server.mjs';
import { chromiumOptions } from '../tests/chromium.mjs';

const folder = fileURLToPath(new URL('../docs/screenshots/', import.meta.url));

/** [file, address, what to do first, width, height, look] */
const views = [
    ['bench', '/', null, 1280, 800, 'light'],
    ['bench-dark', '/', (page) => page.getByRole('slider').nth(4).focus(), 1280, 800, 'dark'],
    ['bench-tablet', '/', null, 820, 1180, 'light'],
    ['bench-phone', '/', null, 390, 844, 'light'],
    [
        'tuning-picker',
        '/',
        (page) =>
            page
                .getByRole('button', { name: 'Choose tuning…' })
                .click()
                .then(() => page.getByRole('option').first().waitFor()),
        1280,
        800,
        'light',
    ],
    [
        'solve',
        '/',
        (page) =>
            page
                .getByRole('button', { name: 'Solve' })
                .click()
                .then(() => page.getByRole('button', { name: 'Take the best set' }).waitFor()),
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
                .getByRole('link', { name: 'Smack' })
                .click()
                .then(() => page.getByRole('img').waitFor()),
        1280,
        800,
        'light',
    ],
];

await withServer(8937, async (base) => {
    const browser = await chromium.launch(chromiumOptions);
    for (const [file, address, prepare, width, height, colorScheme] of views) {
        const page = await browser.newPage({ viewport: { width, height }, colorScheme, reducedMotion: 'reduce' });
        await page.goto(base + address);
        await page.locator('h1').first().waitFor();
        await prepare?.(page);
        await page.evaluate(() => document.fonts.ready);
        await page.screenshot({ path: join(folder, `${file}.png`) });
        await page.close();
    }
    const sheet = await browser.newContext();
    const id = (await (await sheet.request.get(base)).text()).match(/"set":\{"id":(\d+)/)?.[1] ?? '1';
    const pdf = await sheet.request.get(`${base}/sets/${id}/sheet`);
    const temporary = await mkdtemp(join(tmpdir(), 'lira-'));
    await writeFile(join(temporary, 'sheet.pdf'), await pdf.body());
    execFileSync('pdftoppm', ['-r', '70', '-png', '-singlefile', join(temporary, 'sheet.pdf'), join(folder, 'set-sheet')]);
    await rm(temporary, { recursive: true });
    await browser.close();
});
