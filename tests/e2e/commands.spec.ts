import type { Page } from '@playwright/test';
import { expect, expectAccessible, lane, mark, ofSet, openOwnSet, openSet, saved, tabTo, tension, test, total } from './lira';

async function openPalette(page: Page): Promise<void> {
    await page.keyboard.press('Control+k');
    await expect(page.getByRole('dialog', { name: 'Do or open something' }).getByRole('combobox')).toBeFocused();
}

test('by keyboard alone: from the strings one knows to a set for another tuning, kept', async ({ page }) => {
    await page.goto('/');
    await expect(total(page)).toHaveText(/N$/);
    // To the instrument and its strings, by name.
    await openPalette(page);
    await expectAccessible(page);
    await page.keyboard.type('Curlew, E');
    await expect(page.getByRole('option', { name: 'Curlew, E standard' }).first()).toBeVisible();
    await page.keyboard.press('Enter');
    await expect(page.getByRole('textbox', { name: 'Name of the set' })).toHaveValue('Curlew, E standard');

    // A copy of it to work on; what is on it now is what feels right.
    await openPalette(page);
    await page.keyboard.type('dupl');
    await expect(page.getByRole('option', { name: /^Duplicate/ })).toHaveAttribute('aria-selected', 'true');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('textbox', { name: 'Name of the set' })).not.toHaveValue('Curlew, E standard');
    await page.keyboard.press('b');
    const felt = page.getByRole('dialog', { name: 'What feels right now' });
    await tabTo(page, felt.getByRole('button', { name: 'From this set as it stands' }));
    await page.keyboard.press('Enter');
    await tabTo(page, felt.getByRole('button', { name: 'Measure from these' }));
    await page.keyboard.press('Enter');
    await expect(felt).toHaveCount(0);

    // The new tuning, and the gauges for it.
    await page.keyboard.press('t');
    await expect(page.getByRole('combobox', { name: 'Name or notes of a tuning' })).toBeFocused();
    await page.keyboard.type('C standard');
    await expect(page.getByRole('option').first()).toContainText('C standard');
    await page.keyboard.press('Enter');
    await expect(lane(page, 6)).toContainText('much slacker');
    await page.keyboard.press('s');
    const solve = page.getByRole('dialog', { name: 'Choose gauges' });
    await expect(solve.getByRole('button', { name: 'Take best set' })).toBeVisible();
    await tabTo(page, solve.getByRole('button', { name: 'Take best set' }));
    await page.keyboard.press('Enter');
    await expect(solve).toHaveCount(0);
    await expect(lane(page, 6)).toContainText(/same|a little/);

    // One string by hand, kept as a version.
    await tabTo(page, mark(page, 1));
    await page.keyboard.press('ArrowRight');
    await page.keyboard.press('ArrowDown');
    await expect(mark(page, 2)).toBeFocused();
    await page.keyboard.press('v');
    await expect(page.getByRole('textbox', { name: 'Keep it as it stands, as' })).toBeFocused();
    await page.keyboard.type('Down to C');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('dialog', { name: 'Versions' })).toContainText('Down to C');
    await page.keyboard.press('Escape');
    await expect(saved(page)).toBeVisible();
});

test('every command is in the palette with its key, and the keys that work are listed', async ({ page }) => {
    await openOwnSet(page, 'Commanded');
    await page.getByRole('button', { name: 'More for this set' }).click();
    await page.getByRole('menuitem', { name: 'Keys that work here' }).click();
    const keys = page.getByRole('dialog', { name: 'Keys that work here' });
    await expect(keys).toContainText('Ctrl Shift Z');
    await expectAccessible(page);
    await page.keyboard.press('Escape');
    await mark(page, 3).focus();
    await openPalette(page);
    await page.keyboard.type('lock it');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('button', { name: 'String 3, locked: more' })).toBeVisible();
    await openPalette(page);
    await page.keyboard.type('no such thing at all');
    await expect(page.getByText('Nothing is called “no such thing at all” here')).toBeVisible();
});

test('versions tell what changed since, in words', async ({ page }) => {
    await openOwnSet(page, 'Versioned');
    await ofSet(page, /^Versions/);
    const dialog = page.getByRole('dialog', { name: 'Versions' });
    await dialog.getByRole('textbox', { name: 'Keep it as it stands, as' }).fill('At first');
    await dialog.getByRole('button', { name: 'Keep', exact: true }).click();
    await dialog.getByRole('button', { name: 'What changed since At first' }).click();
    await expect(dialog).toContainText('Nothing changed since.');
    await page.keyboard.press('Escape');

    await page.getByRole('textbox', { name: 'Gauge of string 6, typed' }).fill('54');
    await page.getByRole('textbox', { name: 'Gauge of string 6, typed' }).press('Enter');
    await page.getByRole('button', { name: 'Retune' }).click();
    await page.getByRole('menuitem', { name: 'All strings a semitone down' }).click();
    await expect(mark(page, 6)).toHaveAttribute('aria-valuetext', /^54 wound/);
    await ofSet(page, /^Versions \(1\)/);
    await dialog.getByRole('button', { name: 'What changed since At first' }).click();
    await expect(dialog.getByRole('row', { name: /^String 6/ })).toContainText(/52.*54/);
    await expect(dialog.getByRole('row', { name: /^Tuning/ })).toContainText('C standard');
    await expectAccessible(page);
    await dialog.getByRole('button', { name: 'Go back to At first' }).click();
    await expect(mark(page, 6)).toHaveAttribute('aria-valuetext', /^52 wound/);
    await mark(page, 6).focus();
    await page.keyboard.press('Control+z');
    await expect(mark(page, 6)).toHaveAttribute('aria-valuetext', /^54 wound/);
});

test('strings are heard only once somebody turned that on', async ({ page }) => {
    await page.addInitScript(() => {
        const played: number[] = [];
        Object.assign(window, { played });
        // What is given to a loudspeaker passes here.
        const copy = Reflect.get(AudioBuffer.prototype, 'copyToChannel') as (...given: unknown[]) => void;
        AudioBuffer.prototype.copyToChannel = function (samples, ...rest) {
            played.push(samples.reduce((most, sample) => Math.max(most, Math.abs(sample)), 0));
            Reflect.apply(copy, this, [samples, ...rest]);
        };
    });
    const played = () => page.evaluate(() => (window as unknown as { played: number[] }).played);
    await openOwnSet(page, 'Heard');
    await mark(page, 1).focus();
    await page.keyboard.press('p');
    await expect(page.getByText('Hearing the strings is off.', { exact: true })).toBeVisible();
    expect(await played()).toEqual([]);
    await page.getByRole('button', { name: 'Turn it on' }).click();
    await expect.poll(async () => (await played()).length).toBe(1);
    await mark(page, 1).focus();
    await page.keyboard.press('Shift+P');
    await expect.poll(async () => (await played()).length).toBe(2);
    for (const peak of await played()) {
        expect(peak).toBeGreaterThan(0.05);
        expect(peak).toBeLessThanOrEqual(0.9001);
    }
    await page.reload();
    await page.getByRole('button', { name: 'More for this set' }).click();
    await expect(page.getByRole('menuitemcheckbox', { name: 'Strings can be heard' })).toBeChecked();
    await page.getByRole('menuitemcheckbox', { name: 'Strings can be heard' }).click();
    await expect(page.getByRole('menuitem', { name: 'Hear all strings' })).toBeDisabled();
});

test('while the server does not answer the last figures stay, and new ones come once it does', async ({ page, provoked }) => {
    provoked.push(/Failed to load resource/);
    await openSet(page, 'Teal, low G');
    const before = await tension(page, 2).inputValue();
    await page.route('**/api/v1/bench/evaluations', (route) => route.abort());
    await mark(page, 2).focus();
    await page.keyboard.press('PageDown');
    await expect(page.getByRole('status').filter({ hasText: 'last figures' })).toBeVisible();
    await expect(tension(page, 2)).toHaveValue(before);
    await page.unroute('**/api/v1/bench/evaluations');
    await expect(tension(page, 2)).not.toHaveValue(before, { timeout: 20_000 });
    await expect(page.getByRole('status').filter({ hasText: 'last figures' })).toHaveCount(0);
});
