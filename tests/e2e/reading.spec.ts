import type { Page } from '@playwright/test';
import { expect, openOwnSet, test } from './lira';

/** Chooses inches and pounds, as somebody does. */
async function readImperial(page: Page): Promise<void> {
    await page.getByRole('button', { name: /^Units/ }).click();
    await page.getByRole('menuitemradio', { name: 'Pounds-force' }).click();
    await page.getByRole('menuitemradio', { name: 'Inches' }).click();
    await page.keyboard.press('Escape');
}

const tight = {
    instrument: {
        name: 'Petrel, close slots',
        kind: 'electric-guitar',
        scale: { type: 'single', length_mm: 686 },
        hardware: { max_total_tension_n: 300, nut: { slots_mm: [0.2, 0.4, 0.5, 0.8, 1.1, 1.2] } },
    },
};

test('what is found is said in the units one reads, and changes with them at once', async ({ page }) => {
    await openOwnSet(page, 'Read in pounds', tight);
    const findings = page.getByRole('region', { name: 'Findings' });
    await expect(findings).toContainText(/All strings together pull \d+ N; this instrument may bear 300 N/);
    await expect(findings).toContainText('Nut slot 1 is 0.20 mm and the string 0.28 mm');
    await readImperial(page);
    await expect(findings).toContainText(/All strings together pull [\d.]+ lbf; this instrument may bear 67\.4 lbf/);
    await expect(findings).toContainText('Nut slot 1 is 0.0079 in and the string 0.0110 in');
    await expect(findings).not.toContainText(/\d (mm|N)\b/);

    await page.getByRole('button', { name: 'Convert…' }).click();
    const dialog = page.getByRole('dialog', { name: 'Convert' });
    await expect(dialog).toContainText(/string 6 only [\d.]+ lbf/);
    await expect(dialog.getByRole('listitem').filter({ hasText: /\d (mm|N)\b/ })).toHaveCount(0);
    await dialog.getByRole('button', { name: 'Put it on the Bench' }).click();
    await expect(page.getByRole('textbox', { name: 'Notes' })).toHaveValue(/string 6 only [\d.]+ lbf/);
});

test('so it is where a set is tried on an instrument', async ({ page }) => {
    await openOwnSet(page, 'Tried on in inches', {
        instrument: { ...tight.instrument, name: 'Petrel, to try' },
    });
    await readImperial(page);
    await page.goto('/instruments');
    await page.getByRole('link', { name: 'Petrel, to try', exact: true }).first().click();
    await page.getByRole('tab', { name: 'Try a set on' }).click();
    await expect(page.getByText('Nut slot 1 is 0.0079 in and the string 0.0110 in')).toBeVisible();
});
