import { expect, expectAccessible, lane, mark, openOwnSet, pitch, saved, tension, test } from './lira';

test('all strings, the lowest string or one are tuned up and down, by menu and by keys', async ({ page }) => {
    await openOwnSet(page, 'Retuned');
    await page.getByRole('button', { name: 'Retune' }).click();
    await expectAccessible(page);
    await page.getByRole('menuitem', { name: 'All strings a tone down' }).click();
    await expect(pitch(page, 1)).toHaveValue('B♭3');
    await expect(pitch(page, 6)).toHaveValue('B♭1');
    await mark(page, 1).focus();
    await page.keyboard.press('Shift+PageUp');
    await expect(pitch(page, 6)).toHaveValue('B1');
    await page.keyboard.press('d');
    await expect(pitch(page, 6)).toHaveValue('A1');
    await expect(pitch(page, 5)).toHaveValue('E2');
    await page.keyboard.press('Control+z');
    await page.keyboard.press('Control+z');
    await page.keyboard.press('Control+z');
    await expect(pitch(page, 6)).toHaveValue('C2');
    await expect(page.getByRole('button', { name: 'C standard', exact: true })).toBeVisible();
});

test('one set serves several tunings: each is shown, the marks span them all', async ({ page }) => {
    await openOwnSet(page, 'For two tunings');
    await page.getByRole('button', { name: '+ tuning' }).click();
    await page.getByRole('combobox', { name: 'Name or notes of a tuning' }).fill('A1 F2 Bb2 Eb3 G3 C4');
    await page.getByRole('option', { name: /As typed/ }).click();
    await expect(pitch(page, 6)).toHaveValue('A1');
    await expect(page.getByRole('button', { name: 'A F B♭ E♭ G C', exact: true })).toHaveAttribute('aria-pressed', 'true');
    await expect(tension(page, 6)).toHaveValue('50 N');
    await expect(page.getByText('across the tunings')).toBeVisible();
    await expectAccessible(page);

    await page.getByRole('button', { name: 'C standard', exact: true }).click();
    await expect(tension(page, 6)).toHaveValue('71 N');
    await mark(page, 6).focus();
    await page.keyboard.press('n');
    await expect(tension(page, 6)).toHaveValue('50 N');
    await expect(lane(page, 6)).toContainText('slacker');

    // Three of them still leave the tools in one line.
    await page.getByRole('button', { name: '+ tuning' }).click();
    await page.getByRole('combobox', { name: 'Name or notes of a tuning' }).fill('open C');
    await page
        .getByRole('option', { name: /Open C/ })
        .first()
        .click();
    const top = async (name: string) => (await page.getByRole('button', { name, exact: true }).boundingBox())?.y ?? 0;
    await expect(page.getByRole('button', { name: 'Open C', exact: true })).toHaveAttribute('aria-pressed', 'true');
    expect(Math.abs((await top('Choose gauges')) - (await top('Open C')))).toBeLessThan(8);
    await page.getByRole('button', { name: 'Retune' }).click();
    await page.getByRole('menuitem', { name: 'Remove Open C' }).click();
    await expect(page.getByRole('button', { name: 'A F B♭ E♭ G C', exact: true })).toHaveAttribute('aria-pressed', 'true');

    await page.getByRole('button', { name: 'Retune' }).click();
    await page.getByRole('menuitem', { name: 'Remove A F B♭ E♭ G C' }).click();
    await expect(page.getByText('across the tunings')).toHaveCount(0);
    await expect(tension(page, 6)).toHaveValue('71 N');
});

test('an own tuning is kept, chosen again and forgotten', async ({ page }) => {
    await openOwnSet(page, 'Own tuning');
    await pitch(page, 6).fill('D2');
    await pitch(page, 6).press('Enter');
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: 'Choose tuning…' }).click();
    const field = page.getByRole('combobox', { name: 'Name or notes of a tuning' });
    await field.fill('Mudflat');
    await page.getByRole('button', { name: 'Keep the present tuning' }).click();
    await expect(page.getByText('Kept “Mudflat” among your own tunings.', { exact: true })).toBeVisible();
    await field.fill('mudfl');
    await expect(page.getByRole('option', { name: /Mudflat/ })).toContainText('D2 F2');
    await field.press('Enter');
    await expect(page.getByRole('button', { name: 'Mudflat', exact: true })).toBeVisible();
    await expect(saved(page)).toBeVisible();
    await page.getByRole('button', { name: 'Choose tuning…' }).click();
    await field.fill('mudfl');
    await page.getByRole('button', { name: 'Forget “Mudflat”' }).click();
    await expect(page.getByRole('option', { name: /Mudflat/ })).toHaveCount(0);
});
