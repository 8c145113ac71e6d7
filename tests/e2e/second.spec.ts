import { expect, expectAccessible, test } from './lira';

/** The paths beside the main one: nothing there, something wrong, taken already. */
test.describe('strings', () => {
    test('what nobody lists is told in words, and everything is there again without them', async ({ page }) => {
        await page.goto('/strings');
        const words = page.getByRole('searchbox').first();
        await words.fill('unobtainium');
        await expect(page.getByText('0 strings', { exact: true })).toBeVisible();
        await expectAccessible(page);
        await words.fill('');
        await expect(page.getByText(/^[1-9]\d* strings$/)).toBeVisible();
    });

    test('no more is taken from a lot than there is, and nothing is lost by trying', async ({ page, provoked }) => {
        provoked.push(/409|422/);
        await page.goto('/strings/drawer');
        const row = page.getByRole('listitem').filter({ hasText: 'Sounding 105' }).first();
        await row.getByRole('button', { name: /^Take/ }).first().click();
        const dialog = page.getByRole('dialog', { name: 'Take strings out' });
        await dialog.getByLabel('How many').fill('5000');
        await dialog.getByRole('button', { name: 'Take out' }).click();
        await expect(dialog.getByRole('alert')).toContainText(/There (is|are) (only )?\d|not so many|only/i);
        await dialog.getByLabel('How many').fill('0');
        await dialog.getByRole('button', { name: 'Take out' }).click();
        await expect(dialog).toContainText('1 or more');
        await page.keyboard.press('Escape');
        await expect(row).toContainText('Sounding 105');
    });

    test('a pool needs a name of its own', async ({ page, provoked }) => {
        provoked.push(/422/);
        await page.goto('/strings/pools');
        await page.getByRole('button', { name: /^New pool/ }).click();
        const dialog = page.getByRole('dialog');
        await dialog.getByRole('button', { name: 'Make the pool' }).click();
        await expect(dialog).toContainText('Give the pool a name');
        await dialog.getByLabel('Name').fill('What lies in the drawer');
        await dialog.getByRole('button', { name: 'Make the pool' }).click();
        await expect(dialog).toContainText('There is a pool of that name');
        await page.keyboard.press('Escape');
    });

    test('a sample without its readings is not kept, and says what it needs', async ({ page }) => {
        await page.goto('/strings/measured');
        await page.getByRole('button', { name: /^Keep/ }).first().click();
        await expect(page.getByRole('alert').first()).toContainText('Give the gauge and every reading as a figure');
    });

    test('a file that is no list is refused, and nothing comes in', async ({ page, provoked }) => {
        provoked.push(/422/);
        await page.goto('/strings/suppliers');
        const before = await page.getByRole('main').innerText();
        await page
            .getByRole('button', { name: /^Bring in/ })
            .first()
            .click();
        const dialog = page.getByRole('dialog');
        await dialog.locator('input[type="file"]').setInputFiles({
            name: 'picture.csv',
            mimeType: 'text/csv',
            buffer: Buffer.from([0xff, 0xd8, 0xff, 0xe0, 0, 1, 2, 3, 0, 0]),
        });
        await expect(dialog.getByRole('alert')).not.toBeEmpty();
        await page.keyboard.press('Escape');
        expect(await page.getByRole('main').innerText()).toBe(before);
    });
});

test('a set that is not there, and a place that is none, say so and lead back', async ({ page, provoked }) => {
    provoked.push(/404/);
    for (const address of ['/bench/987654', '/instruments/987654', '/nowhere']) {
        await page.goto(address);
        await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
        await expectAccessible(page);
        await page
            .getByRole('link', { name: /Sets|Bench|Instruments/ })
            .first()
            .click();
        await expect(page).not.toHaveURL(new RegExp(`${address}$`));
    }
});

test('nothing by that name is told in every list that is sought in', async ({ page }) => {
    for (const [address, label] of [
        ['/sets', 'Find a set'],
        ['/instruments', 'Find an instrument'],
    ] as const) {
        await page.goto(address);
        await page.getByRole('searchbox', { name: label }).fill('no such thing at all');
        await expect(page.getByRole('main')).toContainText(/No (set|instrument)|Nothing/);
        await page.getByRole('searchbox', { name: label }).fill('');
        await expect(page.getByRole('main').getByRole('link').first()).toBeVisible();
    }
});
