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
    await expect(page.getByRole('img', { name: 'Where to measure' })).toContainText('323.9 mm');
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
    await page.getByRole('link', { name: 'Sandpiper' }).click();
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
