import { readFileSync } from 'node:fs';
import { expect, expectAccessible, test } from './lira';

/** Plain words find what they mean, wherever one is. */

const { words, misspelt } = JSON.parse(readFileSync('tests/fixtures/find.json', 'utf8')) as {
    words: Record<string, string>;
    misspelt: Record<string, string>;
};

/** So many lines are seen without going on. */
const SEEN = 8;

test(`${Object.keys(words).length} plain words find what they mean`, async ({ page }) => {
    await page.goto('/jobs');
    await page.getByRole('button', { name: 'Find Ctrl K' }).click();
    const field = page.getByRole('dialog').getByRole('combobox');
    const options = page.getByRole('dialog').getByRole('option');
    const missed: string[] = [];
    for (const [word, meant] of Object.entries(words)) {
        const answered = page.waitForResponse((response) => response.url().includes('/search?'));
        await field.fill(word);
        await answered;
        const seen = async () => (await options.allInnerTexts()).slice(0, SEEN);
        try {
            await expect
                .poll(async () => (await seen()).some((each) => new RegExp(meant).test(each)), { timeout: 3000 })
                .toBe(true);
        } catch {
            missed.push(`${word}: ${(await seen()).join(' | ')}`);
        }
    }
    expect(missed).toEqual([]);
});

test('what cannot be found is said, with what is near', async ({ page }) => {
    await page.goto('/jobs');
    await page.getByRole('button', { name: 'Find Ctrl K' }).click();
    const field = page.getByRole('dialog').getByRole('combobox');
    for (const [word, meant] of Object.entries(misspelt).filter(([, each]) => each !== '')) {
        await field.fill(word);
        await expect(page.getByRole('status').filter({ hasText: `Nothing is called “${word}”` })).toBeVisible();
        await expect(page.getByRole('option', { name: meant }).first()).toBeVisible();
    }
    await field.fill('xqzxqz');
    await expect(page.getByText('Nothing is called “xqzxqz” here')).toBeVisible();
    await expect(page.getByRole('option')).toHaveCount(0);
    await expectAccessible(page);
});

test('what is read otherwise changes at once, and a word leads to a dialog of the last set', async ({ page }) => {
    await page.goto('/bench');
    await expect(page.locator('[data-figure="total"]')).toContainText('N');
    await page.goto('/jobs');
    const find = async (words: string, option: RegExp) => {
        await page.getByRole('button', { name: 'Find Ctrl K' }).click();
        await page.getByRole('dialog').getByRole('combobox').fill(words);
        await page.getByRole('option', { name: option }).first().click();
    };
    await find('pounds', /Tension in pounds/);
    await find('label', /Labels and a card/);
    await expect(page.getByRole('dialog', { name: 'Labels for the packets' })).toBeVisible();
    await page.getByRole('dialog').getByRole('button', { name: 'Close' }).click();
    await expect(page.locator('[data-figure="total"]')).toContainText('lbf');
    await page.goto('/jobs');
    await find('newtons', /Tension in newtons/);
    await find('10-46', /Begin a set with 10-46/);
    await expect(page.getByRole('textbox', { name: 'What it should become' })).toHaveValue('10-46');
});
