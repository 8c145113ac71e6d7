import { expect, expectAccessible, test, total } from './lira';

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
    await expect(page.getByRole('row', { name: /Plover/ })).toContainText('647.7 mm');

    await page.getByRole('link', { name: 'Sets', exact: true }).click();
    await page.getByRole('button', { name: 'New set' }).click();
    await page.getByRole('combobox', { name: 'Instrument' }).click();
    await page.getByRole('option', { name: 'Plover' }).click();
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Put it on the Bench' }).click();
    await expect(page.getByRole('textbox', { name: 'Name of the set' })).toHaveValue('Plover, E standard');
    await expect(total(page)).toHaveText(/^6\d\d N$/);
});

test('a wrong length is told at its field and nothing is saved', async ({ page, provoked }) => {
    provoked.push(/422/);
    await page.goto('/instruments');
    await page.getByRole('link', { name: 'Sandpiper', exact: true }).click();
    const length = page.getByRole('textbox', { name: 'Scale length' });
    await length.fill('long');
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByText('“long” is not a length')).toBeVisible();
    await length.fill('12');
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByText('outside 100 to 2000 mm')).toBeVisible();
    await page.getByRole('button', { name: 'Cancel' }).click();
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
    await expect(page.getByRole('row')).toHaveCount(2);
    await expectAccessible(page);
});

test('an instrument is measured, a set tried on, what is wrong read, cured and gone', async ({ page, provoked }) => {
    provoked.push(/422/);
    await page.goto('/instruments');
    await page.getByRole('link', { name: 'New instrument' }).click();
    await page.getByRole('textbox', { name: 'Name' }).fill('Lapwing');
    await page.getByRole('combobox', { name: 'Strings held by' }).click();
    await page.getByRole('option', { name: 'through the body' }).click();
    const slots = page.getByRole('textbox', { name: /Width of the slots/ });
    await slots.fill('0.30 0.38 0.48 0.70 0.95');
    await page.getByRole('textbox', { name: /Saddle can still go back/ }).fill('5 mm');
    await page.getByRole('textbox', { name: /Height of the hole/ }).fill('7');
    await page.getByRole('button', { name: '+ tree' }).click();
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Add instrument' }).click();
    await expect(slots).toBeFocused();
    await expect(page.getByText('from string 1; there are 5')).toBeVisible();
    await slots.fill('0.30 0.38 0.48 0.70 0.95 1.20');
    await page.getByRole('button', { name: 'Add instrument' }).click();
    await expect(page.getByRole('row', { name: /Lapwing/ })).toContainText('648 mm');

    await page.getByRole('link', { name: 'Sets', exact: true }).click();
    await page.getByRole('button', { name: 'New set' }).click();
    await page.getByRole('combobox', { name: 'Instrument' }).click();
    await page.getByRole('option', { name: 'Lapwing' }).click();
    await page.getByRole('button', { name: 'Put it on the Bench' }).click();
    await expect(total(page)).toHaveText(/N$/);
    const findings = page.getByRole('region', { name: 'Findings' });
    await expect(findings).not.toContainText('slot 6');
    await page.getByRole('textbox', { name: 'Gauge of string 6, typed' }).fill('56');
    await page.getByRole('textbox', { name: 'Gauge of string 6, typed' }).press('Enter');
    await expect(findings).toContainText(/slot.*6|string 6.*slot/i);
    await expect(findings.getByRole('heading', { name: 'To a qualified repairer' })).toBeVisible();

    const report = page.waitForEvent('popup');
    await page.getByRole('button', { name: 'More for this set' }).click();
    await page.getByRole('menuitem', { name: 'Does it fit? (to print)' }).click();
    await expect.poll(async () => (await report).url()).toMatch(/\/sets\/\d+\/fit$/);

    // The slot is cut, and measured again.
    await page.getByRole('link', { name: 'Lapwing' }).click();
    await expect(slots).toHaveValue('0.3 0.38 0.48 0.7 0.95 1.2');
    await slots.fill('0.30 0.38 0.48 0.70 0.95 1.50');
    await page.getByRole('button', { name: 'Save' }).click();
    await page.getByRole('link', { name: 'Bench', exact: true }).click();
    await expect(total(page)).toHaveText(/N$/);
    await expect(findings).not.toContainText(/slot.*6|string 6.*slot/i);
});

test('an instrument is duplicated, and the list leads to the set last designed for each', async ({ page }) => {
    await page.goto('/instruments');
    await expect(page.getByRole('row', { name: /Wherry/ })).toContainText('Wherry, in fifths');
    await page.getByRole('searchbox', { name: 'Find an instrument' }).fill('wherry');
    await page.getByRole('button', { name: 'More for Wherry' }).click();
    await page.getByRole('menuitem', { name: 'Duplicate' }).click();
    await expect(page.getByRole('textbox', { name: 'Name', exact: true })).toHaveValue('Wherry, copy');
    await expect(page.getByRole('textbox', { name: /^. ?Hole, mm/ })).toHaveValue('3');
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Cancel' }).click();
    await page.getByRole('button', { name: 'More for Wherry, copy' }).click();
    await page.getByRole('menuitem', { name: 'Put away' }).click();
    await expect(page.getByRole('link', { name: 'Wherry, copy' })).toHaveCount(0);
    await page.getByRole('link', { name: 'Wherry, in fifths' }).click();
    await expect(total(page)).toHaveText(/N$/);
});
