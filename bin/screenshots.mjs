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
    [
        'convert',
        '/',
        async (page) => {
            await page.getByRole('button', { name: 'Convert…' }).click();
            await page.getByRole('spinbutton', { name: 'Semitones lower' }).fill('5');
            await page.getByText('5 semitones lower, a string').waitFor();
        },
        1280,
        800,
        'light',
    ],
    [
        'baseline',
        '/',
        async (page) => {
            await page.getByRole('slider').first().focus();
            await page.keyboard.press('b');
            await page.getByRole('button', { name: 'A semitone up' }).click();
            for (const [position, word] of ['right', 'right', 'right', 'right', 'too tight', 'too tight'].entries()) {
                const feels = page.getByRole('group', { name: `String ${position + 1} feels` });
                await feels.getByRole('button', { name: word, exact: true }).click();
            }
            await page.waitForLoadState('networkidle');
        },
        1280,
        800,
        'light',
    ],
    [
        'bench-aims',
        '/sets',
        async (page) => {
            await page.getByRole('link', { name: 'Smack, drop A' }).click();
            await page.locator('[data-target]').first().waitFor();
        },
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
        'try-on',
        '/instruments',
        async (page) => {
            await page.getByRole('link', { name: 'Ketch', exact: true }).click();
            await page.getByRole('tab', { name: 'Try a set on' }).click();
            await page.getByRole('region', { name: 'What was found' }).waitFor();
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
        'list-import',
        '/strings/suppliers',
        async (page) => {
            await page.getByRole('button', { name: 'Bring in a list of Gullwing Wire' }).click();
            const rows = [
                'Code;Title;Winding;Alloy;Gauge;Each',
                'GW1-090;Bright 9;plain;steel;9 1/2;0,90',
                'GW9-1;New 46;round;nickel;1,17 mm;2,20',
            ];
            await page
                .getByLabel('List to bring in')
                .setInputFiles({ name: 'spring.csv', mimeType: 'text/csv', buffer: Buffer.from(rows.join('\n')) });
            await page.getByRole('button', { name: 'Check every row' }).waitFor();
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
    const found = await (await sheet.request.get(`${base}/search?for=Ketch%20fourth`)).json();
    const fit = await sheet.request.get(`${base}/sets/${found.sets[0].id}/fit`);
    await writeFile(join(temporary, 'fit.pdf'), await fit.body());
    execFileSync('pdftoppm', ['-r', '70', '-png', '-singlefile', join(temporary, 'fit.pdf'), join(folder, 'fit-report')]);
    await rm(temporary, { recursive: true });
    await browser.close();
});
