import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { expect, expectAccessible, test, toast } from './lira';

/** Most things somebody may have to do, from three answers to the line that is taken to a shop. */
const MOST_ACTIONS = 6;

/** What is typed, and the line of gauges that stands there then. */
const WISHES: [instrument: string, present: string, wish: string, line: string][] = [
    ['electric guitar', '10-46 in E', 'C standard', '12.5 16 21 33w 45w 58w'],
    ['bass', '45-105', 'drop A', '60 85 115 140'],
    ['five-string bass', '45-130', 'A standard', '50 75 95 120 140'],
    ['acoustic guitar', '12-53', 'DADGAD', '13.5 18 24w 32w 42w 60w'],
    ['acoustic guitar', '12-53', 'half a step down', '12.5 17 25w 34w 45w 56w'],
    ['baritone 27 in', '', 'B', '13 17 24 36w 46w 62w'],
    ['12-string', '', 'D standard', '11 11 15.5 15.5 9 26w 13.5 34w 20w 44w 30w 53w'],
    ['ukulele', '', 'low G', '20 25 31 26w'],
    ['banjo', '', 'double C', '10 10.5 13 22w 10'],
    ['seven string fanned 25.5 to 27 in', '10-59', 'drop A', '10 13 17 26w 36w 46w 66w'],
    ['classical guitar', '', 'D standard', '31 36 43 32w 38w 48w'],
    ['bass', '50-110', '40-100', '40 60 80 100'],
];

const along = (page: Page) => page.getByRole('region', { name: 'To take along' });
const line = (page: Page) => along(page).locator('[data-figure=line]');
const door = (page: Page, name: string) => page.getByRole('button', { name, exact: true });

for (const [instrument, present, wish, gauges] of WISHES) {
    test(`${instrument}, ${present === '' ? 'as usual' : present}, ${wish}: a line to take along and three doors`, async ({
        page,
    }) => {
        let actions = 0;
        const does = async (act: Promise<void>) => {
            actions++;
            await act;
        };
        await page.goto('/start');
        await expect(page.getByRole('textbox', { name: 'The instrument' })).toBeFocused();
        for (const typed of [instrument, present, wish]) {
            if (typed !== '') {
                await does(page.keyboard.type(typed));
            }
            await does(page.keyboard.press('Enter'));
        }

        await expect(line(page)).toHaveText(gauges);
        expect(actions).toBeLessThanOrEqual(MOST_ACTIONS);
        await expect(along(page)).toContainText('Nearest');
        for (const name of ['Buy', 'Fit', 'Tune']) {
            await expect(door(page, name)).toBeVisible();
        }
    });
}

test('the line is copied, shared as text, and follows every step of a gauge', async ({ page, context }) => {
    await context.grantPermissions(['clipboard-read', 'clipboard-write']);
    await page.goto('/start');
    await page.getByRole('textbox', { name: 'The instrument' }).fill('electric guitar');
    await page.getByRole('textbox', { name: 'What it should become' }).fill('D standard');
    await page.getByRole('button', { name: 'Choose the strings' }).click();
    await expect(line(page)).toHaveText('11 14.5 19 29w 40w 52w');
    await expectAccessible(page);

    await along(page).getByRole('button', { name: 'Copy' }).click();
    await expect(toast(page, 'The line of gauges is copied.')).toBeVisible();
    expect(await page.evaluate(() => navigator.clipboard.readText())).toBe('11 14.5 19 29w 40w 52w');
    await page.evaluate(() => Object.defineProperty(navigator, 'share', { value: undefined, configurable: true }));
    await page.getByRole('button', { name: 'Share…' }).click();
    await page.getByRole('dialog').getByRole('button', { name: 'As text' }).click();
    // Behind the dialog the region of notifications is out of reach; what it says is read out beside it.
    await expect(page.getByText(/copied as text/).first()).toBeVisible();
    expect(await page.evaluate(() => navigator.clipboard.readText())).toMatch(
        /D standard\n11 14\.5 19 29w 40w 52w\nElectric guitar/,
    );
    const [picture] = await Promise.all([
        page.waitForEvent('download'),
        page.getByRole('dialog').getByRole('button', { name: 'As a picture' }).click(),
    ]);
    expect(picture.suggestedFilename()).toMatch(/d-standard\.png$/);
    const png = readFileSync(await picture.path());
    expect(png.subarray(0, 8)).toEqual(Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]));
    expect(png.readUInt32BE(16)).toBe(2 * 1080);
    const [file] = await Promise.all([
        page.waitForEvent('download'),
        page.getByRole('dialog').getByRole('button', { name: 'As a document' }).click(),
    ]);
    const exported = readFileSync(await file.path(), 'utf8');
    expect((JSON.parse(exported) as { strings: unknown[] }).strings).toHaveLength(6);
    await page.getByRole('dialog').getByRole('button', { name: 'Close' }).click();
    await expect(page.getByRole('dialog')).toHaveCount(0);

    await page.getByRole('button', { name: 'Gauge of string 1: next heavier' }).click();
    await expect(line(page)).toHaveText('11.5 14.5 19 29w 40w 52w');
    await along(page).getByRole('button', { name: 'what differs' }).click();
    await expect(along(page)).toContainText(/string 1: .* instead of 11\.5/);
});

test('the three doors lead where they say', async ({ page }) => {
    await page.goto('/start');
    await page.getByRole('textbox', { name: 'The instrument' }).fill('electric guitar');
    await page.getByRole('textbox', { name: 'What it should become' }).fill('tens');
    await page.getByRole('button', { name: 'Choose the strings' }).click();
    await expect(line(page)).toHaveText('10 13 17 26w 36w 46w');
    const bench = page.url();
    await door(page, 'Buy').click();
    await expect(page).toHaveURL(/\/strings\/orders\?set=\d+/);
    await page.goto(bench);
    await door(page, 'Fit').click();
    await expect(page).toHaveURL(/\/jobs\/new\?set=\d+/);
    await page.goto(bench);
    await door(page, 'Tune').click();
    await expect(page).toHaveURL(/\/sets\/\d+\/tune/);
});

test('a misspelt word is put right with a tap, and one of the workshop’s is asked for', async ({ page }) => {
    await page.goto('/start');
    const instrument = page.getByRole('textbox', { name: 'The instrument' });
    await instrument.fill('acustic guitar');
    await page.getByRole('button', { name: 'acoustic guitar', exact: true }).first().click();
    await expect(instrument).toHaveValue('acoustic guitar');
    await expect(page.getByText('Acoustic guitar, 6 strings, 645 mm')).toBeVisible();

    // By any part of its name; what is on it is what a job put there.
    await instrument.fill('curlew');
    await expect(page.getByText(/^Curlew: Electric guitar, 6 strings/)).toBeVisible();
    await page.getByRole('textbox', { name: 'What it should become' }).fill('lwer');
    await page.getByRole('button', { name: 'a little looser', exact: true }).first().click();
    await expect(page.getByText(/5 % looser than now/)).toBeVisible();
    await expectAccessible(page);
});
