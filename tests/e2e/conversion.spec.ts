import { expect, expectAccessible, lane, mark, openOwnSet, openSet, pitch, tension, test } from './lira';

test('a set goes onto another scale with the same feel and lands on the Bench with its reasons', async ({ page }) => {
    await openOwnSet(page, 'To convert');
    await page.getByRole('button', { name: 'Convert…' }).click();
    const dialog = page.getByRole('dialog', { name: 'Convert' });
    await expect(dialog.getByRole('row', { name: /^6 / })).toContainText('B♭1');
    await dialog.getByText('Another scale', { exact: true }).click();
    await dialog.getByRole('textbox', { name: 'Length of its scale' }).fill('wide');
    await expect(dialog.getByRole('alert')).toContainText('Type the length of the scale');
    await dialog.getByRole('textbox', { name: 'Length of its scale' }).fill('25.5 in');
    await expect(dialog.getByRole('row', { name: /^6 / })).toContainText('55 wound');
    await expectAccessible(page);
    await dialog.getByRole('button', { name: 'Put it on the Bench' }).click();

    await expect(page.getByRole('textbox', { name: 'Name of the set' })).toHaveValue(/647\.7 mm/);
    await expect(mark(page, 6)).toHaveAttribute('aria-valuetext', /^55 wound/);
    await expect(page.getByRole('button', { name: /^measured from/ })).toBeVisible();
    await expect(page.getByRole('textbox', { name: 'Notes' })).toHaveValue(/nearest to the feel/);
    await expect(page.locator('[data-target]')).toHaveCount(6);

    // The set it came from is as it was.
    await openSet(page, 'To convert');
    await expect(mark(page, 6)).toHaveAttribute('aria-valuetext', /^52 wound/);
});

test('a baritone is a longer neck and a lower tuning, asked together', async ({ page }) => {
    await openOwnSet(page, 'To a baritone');
    await page.getByRole('button', { name: 'Convert…' }).click();
    const dialog = page.getByRole('dialog', { name: 'Convert' });
    await dialog.getByText('Baritone', { exact: true }).click();
    await expect(dialog.getByRole('textbox', { name: 'Scale' })).toHaveValue('686 mm');
    await expect(dialog.getByRole('spinbutton', { name: 'Semitones lower' })).toHaveValue('5');
    await expect(dialog.getByRole('row', { name: /^6 / })).toContainText('G1');
    await dialog.getByRole('textbox', { name: 'Scale' }).fill('30 in');
    await dialog.getByRole('spinbutton', { name: 'Semitones lower' }).fill('7');
    await expect(dialog.getByRole('row', { name: /^6 / })).toContainText('F1');
    await expect(dialog.getByText('At 762 mm this neck is long enough for it.')).toBeVisible();
    await dialog.getByRole('button', { name: 'Put it on the Bench' }).click();
    await expect(page.getByRole('textbox', { name: 'Name of the set' })).toHaveValue(/762 mm, baritone/);
});

test('onto a stored instrument with as many strings', async ({ page }) => {
    await openOwnSet(page, 'To another instrument');
    await mark(page, 1).focus();
    await page.keyboard.press('c');
    const dialog = page.getByRole('dialog', { name: 'Convert' });
    await dialog.getByText('Another scale', { exact: true }).click();
    await dialog.getByRole('combobox', { name: /^or an instrument/ }).fill('curl');
    await dialog.getByRole('option', { name: 'Curlew' }).first().click();
    await expect(dialog).toContainText('Onto Curlew');
    await expect(dialog.getByRole('row', { name: /^6 / })).toContainText('wound');
    await dialog.getByRole('button', { name: 'Put it on the Bench' }).click();
    await expect(page.getByRole('textbox', { name: 'Name of the set' })).toHaveValue(/^Curlew/);
});

test('a poor candidate is told so before anything is strung', async ({ page }) => {
    await openSet(page, 'Dunlin, E standard');
    await page.getByRole('button', { name: 'Convert…' }).click();
    const dialog = page.getByRole('dialog', { name: 'Convert' });
    await dialog.getByRole('spinbutton', { name: 'Semitones lower' }).fill('12');
    const against = dialog.getByRole('region', { name: 'What speaks against it' });
    await expect(against).toContainText('poor candidate');
    await expect(against.getByRole('listitem').first()).not.toBeEmpty();
    await expectAccessible(page);
    await dialog.getByRole('spinbutton', { name: 'Semitones lower' }).fill('20');
    await expect(dialog.getByRole('alert')).toHaveText('Type 1 to 12 semitones.');
});

test('a lower string is added, and courses are strung an octave up', async ({ page }) => {
    await openOwnSet(page, 'More strings');
    await page.getByRole('button', { name: 'Convert…' }).click();
    const dialog = page.getByRole('dialog', { name: 'Convert' });
    await dialog.getByText('Octave strings', { exact: true }).click();
    await expect(dialog.getByRole('row', { name: /^6 / })).toContainText('C3');
    await dialog.getByText('A lower string', { exact: true }).click();
    await dialog.getByRole('textbox', { name: 'Pitch of the new string' }).fill('F1');
    await expect(dialog.getByRole('row', { name: /^7 / })).toContainText('new');
    await dialog.getByRole('button', { name: 'Put it on the Bench' }).click();
    await expect(pitch(page, 7)).toHaveValue('F1');
    await expect(tension(page, 7)).toHaveValue(/\d/);
});

test('one set for several tunings, chosen for the worst of them', async ({ page }) => {
    await openOwnSet(page, 'Two at once');
    await page.getByRole('button', { name: 'Convert…' }).click();
    const dialog = page.getByRole('dialog', { name: 'Convert' });
    await dialog.getByText('Several tunings', { exact: true }).click();
    await expect(dialog.getByRole('alert')).toContainText('Add the other tunings');
    await dialog.getByRole('combobox', { name: 'Name or notes of a tuning' }).fill('drop b flat');
    await dialog.getByRole('option', { name: /Drop B flat/ }).click();
    await expect(dialog.getByRole('row', { name: /^6 / })).toContainText('wound');
    await dialog.getByRole('button', { name: 'Put it on the Bench' }).click();
    await expect(page.getByRole('button', { name: 'Drop B flat', exact: true })).toBeVisible();
    await expect(page.getByText('across the tunings')).toBeVisible();
    await expect(lane(page, 6)).toContainText(/slacker|same|tighter/);
});
