import { readFile } from 'node:fs/promises';
import type { Page } from '@playwright/test';
import { expect, expectAccessible, expectPaper, openSet, test, total } from './lira';

/** Saves, and waits until the server has it. */
async function savedInstrument(page: Page) {
    const kept = page.waitForResponse((response) => response.request().method() === 'PUT' && response.ok());
    await page.getByRole('button', { name: 'Save' }).click();
    await kept;
}

test('an instrument is added, measured in another way, and strung', async ({ page }) => {
    await page.goto('/instruments');
    await expectAccessible(page);
    await page.getByRole('link', { name: 'New instrument' }).click();
    await page.getByRole('textbox', { name: 'Name' }).fill('Plover');
    await page.getByRole('combobox', { name: 'Kind' }).click();
    await page.getByRole('option', { name: 'acoustic guitar', exact: true }).click();
    await page.getByRole('combobox', { name: 'Scale' }).click();
    await page.getByRole('option', { name: 'Nut to 12th fret, doubled' }).click();
    await page.getByRole('textbox', { name: 'Nut to 12th fret' }).fill('12 3/4 in');
    await expect(page.getByRole('img', { name: /^Where to measure the scale/ })).toContainText('323.9 mm');
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Add instrument' }).click();
    await expect(page.getByRole('heading', { name: 'Plover', level: 1 })).toBeVisible();
    // At a glance: what it is, and what to measure next.
    await expect(page.getByText('Acoustic guitar, 6 strings, 647.7 mm')).toBeVisible();
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Measure action' }).click();
    await expect(page.getByRole('textbox', { name: /Above the 12th fret/ })).toBeFocused();
    await page.getByRole('link', { name: 'All instruments' }).click();
    await expect(page.getByRole('row', { name: /Plover/ })).toContainText('647.7 mm');

    await page.getByRole('link', { name: 'Sets', exact: true }).click();
    await page.getByRole('link', { name: 'New set' }).click();
    await page.getByRole('textbox', { name: 'The instrument' }).fill('Plover');
    await expect(page.getByText('Acoustic guitar, 6 strings, 647.7 mm')).toBeVisible();
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Choose the strings' }).click();
    await expect(page.getByRole('textbox', { name: 'Name of the set' })).toHaveValue('Plover, E standard');
    await expect(total(page)).toHaveText(/^72\d N$/);
});

test('a wrong length is told at its field and nothing is saved', async ({ page, provoked }) => {
    provoked.push(/422/);
    await page.goto('/instruments');
    await page.getByRole('link', { name: 'Sandpiper', exact: true }).click();
    await page.getByRole('tab', { name: 'Measure' }).click();
    const length = page.getByRole('textbox', { name: 'Scale length' });
    await length.fill('long');
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByText('“long” is not a length')).toBeVisible();
    await length.fill('12');
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByText('outside 100 to 2000 mm')).toBeVisible();
    await page.getByRole('link', { name: 'All instruments' }).click();
    await expect(page.getByRole('dialog', { name: '“Sandpiper” is not saved' })).toBeVisible();
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Leave without saving' }).click();
    await expect(page.getByRole('row', { name: /Sandpiper/ })).toContainText('670 mm to 501.9 mm');
});

test('what is put away comes back with undo', async ({ page }) => {
    await page.goto('/sets');
    await page.getByRole('button', { name: 'More for Teal, re-entrant C' }).click();
    await page.getByRole('menuitem', { name: 'Put away' }).click();
    await expect(page.getByRole('link', { name: 'Teal, re-entrant C' })).toHaveCount(0);
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByRole('link', { name: 'Teal, re-entrant C' })).toBeVisible();
    await page.getByRole('searchbox', { name: 'Find a set' }).fill('ukulele low');
    await expect(page.getByRole('checkbox', { name: /^Tick (?!every)/ })).toHaveCount(1);
    await expectAccessible(page);
});

test('recorded from nothing, a set is tried on, what is wrong is read where it is wrong, cured and gone', async ({
    page,
    provoked,
}) => {
    provoked.push(/422/);
    await page.goto('/instruments');
    await page.getByRole('link', { name: 'New instrument' }).click();
    await page.getByRole('textbox', { name: 'Name' }).fill('Lapwing');
    await page.getByRole('textbox', { name: 'Owner or customer' }).fill('Ada Brack');
    await page.getByRole('combobox', { name: 'Strings held by' }).click();
    await page.getByRole('option', { name: 'through the body' }).click();
    const slots = page.getByRole('textbox', { name: /Width of the slots/ });
    await slots.fill('0.30 0.38 0.48 0.70 0.95');
    await page.getByRole('textbox', { name: /Saddle at its furthest back/ }).fill('5 mm');
    await page.getByRole('textbox', { name: /Height of the hole/ }).fill('7');
    await page.getByRole('button', { name: '+ tree' }).click();
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Add instrument' }).click();
    await expect(slots).toBeFocused();
    await expect(page.getByText('from string 1; there are 5')).toBeVisible();
    await slots.fill('0.30 0.38 0.48 0.70 0.95 1.00');

    // Tried on before it is even kept.
    await page.getByRole('tab', { name: 'Try a set on' }).click();
    const found = page.getByRole('region', { name: 'What was found' });
    await expect(found).toContainText('Nut slot 6 is 1.00 mm');
    await expect(found.getByRole('heading', { name: 'To a qualified repairer' })).toBeVisible();
    await expect(page.getByRole('img', { name: /headstock, neck and bridge to scale/ })).toBeVisible();
    const nut = page.getByRole('region', { name: 'Nut slots' });
    await expect(nut.getByRole('listitem').nth(5)).toContainText(/sits 0\.\d+ mm high/);
    await expect(nut.locator('[data-flag]')).toHaveCount(1);
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Measure the angle behind the saddle' }).click();
    await expect(page.getByRole('textbox', { name: /Saddle at its furthest back/ })).toBeFocused();

    await page.getByRole('button', { name: 'Add instrument' }).click();
    await expect(page.getByRole('heading', { name: 'Lapwing', level: 1 })).toBeVisible();
    await page.getByRole('tab', { name: 'Measure' }).click();
    await expect(slots).toHaveValue('0.30 0.38 0.48 0.70 0.95 1.00');

    // The slot is cut, and measured again.
    await slots.fill('0.30 0.38 0.48 0.70 0.95 1.20');
    await page.getByRole('tab', { name: 'Try a set on' }).click();
    await expect(found).not.toContainText('Nut slot 6');
    await expect(nut.getByRole('listitem').nth(5)).toContainText(/has 0\.\d+ mm of play/);
    await expect(nut.locator('[data-flag]')).toHaveCount(0);
    await savedInstrument(page);
    await page.reload();
    await expect(found).toBeVisible();
    await expect(nut.getByRole('listitem').nth(5)).toContainText(/has 0\.\d+ mm of play/);
});

test('another set is tried on by its name, string by string, and its fit report opens', async ({ page }) => {
    await page.goto('/instruments');
    await page.getByRole('link', { name: 'Ketch', exact: true }).click();
    await page.getByRole('tab', { name: 'Try a set on' }).click();
    const found = page.getByRole('region', { name: 'What was found' });
    await expect(found).toContainText(/String 3 needs|Nut slot 3/);
    await page.getByRole('button', { name: 'String 4', exact: true }).click();
    await expect(page.getByRole('img', { name: 'String 4 from post to nut, from the side' })).toBeVisible();
    await expectPaper(page, /\/sets\/\d+\/fit$/, () => page.getByRole('link', { name: 'Fit report (to print)' }).click());

    await page.getByRole('combobox', { name: 'Set tried on' }).click();
    await page.getByRole('option', { name: 'Another set, by name…' }).click();
    await page.getByRole('combobox', { name: 'Sets of 4 strings' }).fill('wherry');
    await expect(page.getByRole('option', { name: 'Wherry, in fifths' })).toBeVisible();
    await page.getByRole('combobox', { name: 'Sets of 4 strings' }).press('Enter');
    await expect(page.getByRole('region', { name: 'All strings together' })).toContainText('Bass in fifths');
    await page.getByRole('combobox', { name: 'Set tried on' }).click();
    await page.getByRole('option', { name: 'What is usual on a bass' }).click();
    await expect(page.getByRole('region', { name: 'All strings together' })).toContainText('Bass E standard');
});

test('a string whose end its instrument cannot hold is told, and where', async ({ page }) => {
    await openSet(page, 'Sandpiper, open D');
    const panel = page.getByRole('complementary', { name: 'String 1' });
    await panel.getByRole('combobox', { name: 'End' }).click();
    await page.getByRole('option', { name: 'a ball' }).click();
    await panel.getByRole('button', { name: 'The same for all strings' }).click();
    const findings = page.getByRole('region', { name: 'Findings' });
    await expect(findings).toContainText('String 5 has a ball end and this instrument has hooks for loops');
    await panel.getByRole('combobox', { name: 'End' }).click();
    await page.getByRole('option', { name: 'a loop' }).click();
    await panel.getByRole('button', { name: 'The same for all strings' }).click();
    await expect(findings).not.toContainText('it cannot be held');
    await panel.getByRole('textbox', { name: /^Made so long/ }).fill('70 cm');
    await panel.getByRole('textbox', { name: /^Made so long/ }).press('Enter');
    await expect(findings).toContainText('String 1 is made 700 mm long');
    await expectAccessible(page);
});

test('how low and how high an instrument can go is read off a chart and in words', async ({ page }) => {
    await page.goto('/instruments');
    await page.getByRole('button', { name: 'More for Smack' }).click();
    await page.getByRole('menuitem', { name: 'How low, how high' }).click();
    const off = page.getByRole('region', { name: 'How low and how high' });
    await expect(off).toContainText('string 7 stops it: the saddle’s travel runs out below that');
    await expect(off.getByRole('row')).toHaveCount(8);
    const chart = page.getByRole('img', { name: 'Pitch against gauge for string 7' });
    await expect(chart).toContainText('will not intonate');
    await expect(chart).toContainText('breaks');
    await page.getByText('Every gauge in words').click();
    await expect(page.getByText(/^68 is good at no pitch|^68 is good from/)).toBeVisible();
    await expectAccessible(page);
    await page.getByRole('combobox', { name: 'String', exact: true }).click();
    await page.getByRole('option', { name: '1, E4' }).click();
    await expect(page.getByRole('img', { name: 'Pitch against gauge for string 1' })).toBeVisible();

    // With more room behind the saddle the chart answers at once.
    await page.getByRole('tab', { name: 'Measure' }).click();
    await page.getByRole('textbox', { name: /Saddle at its furthest back/ }).fill('9');
    await page.getByRole('tab', { name: 'How low, how high' }).click();
    await expect(off).toContainText('The whole tuning can go');
    await expect(off).not.toContainText('string 7 stops it: the saddle’s travel');
});

test('a calliper types its readings into one field after the other and keeps their digits', async ({ page }) => {
    await page.goto('/instruments');
    await page.getByRole('link', { name: 'Wherry', exact: true }).click();
    await page.getByRole('tab', { name: 'Measure' }).click();
    const slots = page.getByRole('textbox', { name: /Width of the slots/ });
    const spread = page.getByRole('region', { name: 'Nut', exact: true }).getByRole('textbox', { name: /First string to last/ });
    await page.getByRole('button', { name: 'Calliper and ruler' }).click();
    const panel = page.getByRole('complementary', { name: 'Calliper and ruler' });
    await expect(panel.getByRole('button', { name: 'Read', exact: true })).toBeDisabled();
    await slots.fill('');
    for (const held of ['1.2', '1.8', '2.6', '3.6']) {
        await panel.getByRole('textbox', { name: 'Held, mm' }).fill(held);
        await panel.getByRole('button', { name: 'Read', exact: true }).click();
    }
    await expect(slots).toHaveValue(/^1\.[12]\d mm 1\.[78]\d mm 2\.[56]\d mm 3\.[56]\d mm$/);
    // The fourth was the last string's: the next field is waiting.
    await expect(spread).toBeFocused();
    await expectAccessible(page);
    await slots.fill('1.20 1.80 2.60 3.60');
    await savedInstrument(page);
    await page.reload();
    await expect(slots).toHaveValue('1.20 1.80 2.60 3.60');
});

test('photographs are kept, named, removed and brought back', async ({ page, provoked }) => {
    provoked.push(/422/);
    await page.goto('/instruments');
    await page.getByRole('link', { name: 'Teal', exact: true }).click();
    await page.getByRole('tab', { name: 'Measure' }).click();
    const picture = await page.screenshot({ clip: { x: 0, y: 0, width: 300, height: 200 } });
    const photographs = page.getByRole('region', { name: 'Photographs' });
    const add = page.getByLabel('Photographs to add');
    await add.setInputFiles({ name: 'notes.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('not a picture') });
    await expect(photographs.getByRole('alert')).toContainText('“notes.jpg” is not a JPEG, PNG or WebP picture');
    await add.setInputFiles({ name: 'bridge.png', mimeType: 'image/png', buffer: picture });
    const words = photographs.getByRole('textbox', { name: 'What the photograph shows' });
    await words.fill('The bridge, as it came in');
    await words.press('Enter');
    const image = photographs.getByRole('img', { name: 'The bridge, as it came in' });
    await expect(image).toBeVisible();
    await expect.poll(() => image.evaluate((element) => (element as HTMLImageElement).naturalWidth)).toBe(300);
    await photographs.getByRole('button', { name: 'Remove The bridge, as it came in' }).click();
    await expect(image).toHaveCount(0);
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(image).toBeVisible();
    await page.reload();
    await expect(image).toBeVisible();
    await expectAccessible(page);
});

test('an instrument goes out as a file and comes in again; what cannot be read is told', async ({ page, provoked }) => {
    provoked.push(/422/);
    await page.goto('/instruments');
    await page.getByRole('button', { name: 'More for Avocet' }).click();
    const download = page.waitForEvent('download');
    await page.getByRole('menuitem', { name: 'Export' }).click();
    const file = await (await download).path();
    const text = await readFile(file, 'utf8');
    const given = page.getByLabel('Instrument or set document to import');
    await given.setInputFiles({ name: 'half.json', mimeType: 'application/json', buffer: Buffer.from(text.slice(0, 90)) });
    await expect(page.getByRole('alert')).toContainText('ends in the middle');
    await given.setInputFiles({
        name: 'avocet.json',
        mimeType: 'application/json',
        buffer: Buffer.from(text.replace('"Avocet"', '"Avocet the second"')),
    });
    await expect(page.getByRole('heading', { name: 'Avocet the second', level: 1 })).toBeVisible();
    await expect(page.getByText('; Ansel Thwaite')).toBeVisible();
    await page.getByRole('tab', { name: 'Measure' }).click();

    await page.getByRole('link', { name: 'All instruments' }).click();
    await page.getByRole('combobox', { name: 'Owner' }).click();
    await page.getByRole('option', { name: 'Ansel Thwaite' }).click();
    await expect(page.getByRole('row')).toHaveCount(4);
    await page.getByRole('combobox', { name: 'Kind' }).click();
    await page.getByRole('option', { name: 'classical guitar' }).click();
    await expect(page.getByRole('row')).toHaveCount(3);
    await page.getByRole('button', { name: 'More for Avocet the second' }).click();
    await page.getByRole('menuitem', { name: 'Put away' }).click();
    await expect(page.getByRole('row')).toHaveCount(2);
    await page.getByRole('link', { name: '1 put away' }).click();
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Bring back Avocet the second' }).click();
    await expect(page.getByRole('row')).toHaveCount(1);
    await page.getByRole('link', { name: 'Back to the instruments in use' }).click();
    await expect(page.getByRole('row', { name: /Avocet the second/ })).toBeVisible();
});

test('an instrument is duplicated, and the list leads to the set last designed for each', async ({ page }) => {
    await page.goto('/instruments');
    await expect(page.getByRole('row', { name: /Wherry/ })).toContainText('Wherry, in fifths');
    await page.getByRole('searchbox', { name: 'Find an instrument' }).fill('wherry');
    await page.getByRole('button', { name: 'More for Wherry' }).click();
    await page.getByRole('menuitem', { name: 'Duplicate' }).click();
    await page.getByRole('tab', { name: 'Measure' }).click();
    await expect(page.getByRole('textbox', { name: 'Name', exact: true })).toHaveValue('Wherry, copy');
    await expect(page.getByRole('textbox', { name: /^. ?Hole, mm/ })).toHaveValue('3.00');
    await expectAccessible(page);
    await page.getByRole('link', { name: 'All instruments' }).click();
    await page.getByRole('button', { name: 'More for Wherry, copy' }).click();
    await page.getByRole('menuitem', { name: 'Put away' }).click();
    await expect(page.getByRole('link', { name: 'Wherry, copy' })).toHaveCount(0);
    await page.getByRole('link', { name: 'Wherry, in fifths' }).click();
    await expect(total(page)).toHaveText(/N$/);
});
