import { expect, expectAccessible, openOwnSet, test } from './lira';

test('a row of a list is one stop of Tab; arrows lead along it and from row to row', async ({ page }) => {
    await openOwnSet(page, 'Rows, first');
    await openOwnSet(page, 'Rows, second');
    await page.goto('/sets?for=Rows&order=name');
    const row = (name: string) => page.getByRole('row', { name });
    const more = (name: string) => page.getByRole('button', { name: `More for ${name}`, exact: true });
    await page.getByRole('link', { name: 'Rows, first', exact: true }).focus();
    await page.keyboard.press('Tab');
    await expect(page.getByRole('link', { name: 'Rows, second', exact: true })).toBeFocused();
    await page.keyboard.press('ArrowRight');
    await expect(row('Rows, second').getByRole('link').nth(1)).toBeFocused();
    await page.keyboard.press('ArrowRight');
    await expect(more('Rows, second')).toBeFocused();
    await page.keyboard.press('ArrowUp');
    await expect(more('Rows, first')).toBeFocused();
    for (let step = 0; step < 3; step++) {
        await page.keyboard.press('ArrowLeft');
    }
    await page.keyboard.press('Space');
    await expect(row('Rows, first').getByRole('checkbox')).toBeChecked();
    await expect(page.getByRole('toolbar', { name: 'With the ticked sets' })).toContainText('1 ticked');
    await page.keyboard.press('Space');
    // At its end a row leads nowhere.
    await page.keyboard.press('ArrowLeft');
    await expect(row('Rows, first').getByRole('checkbox')).toBeFocused();
    // What opens a menu by the arrow downwards still does.
    for (let step = 0; step < 3; step++) {
        await page.keyboard.press('ArrowRight');
    }
    await page.keyboard.press('ArrowDown');
    await expect(page.getByRole('menuitem', { name: 'Open on the Bench' })).toBeFocused();
    await page.keyboard.press('Escape');
    await expect(more('Rows, first')).toBeFocused();
    await expectAccessible(page);
});

test('hundreds of strings are one stop of Tab, and every one of them is reached by keys', async ({ page }) => {
    await page.goto('/strings');
    const rows = page.getByRole('table', { name: 'Strings' });
    await expect(rows.getByRole('row', { name: /Plain 7 / })).toBeVisible();
    await page.getByRole('checkbox', { name: 'In the drawer' }).focus();
    await page.keyboard.press('Tab');
    await expect(rows.getByRole('button').first()).toBeFocused();
    await page.keyboard.press('Tab');
    await expect(rows.locator(':focus')).toHaveCount(0);
    await page.keyboard.press('Shift+Tab');
    await page.keyboard.press('End');
    const last = Number(await rows.getAttribute('aria-rowcount'));
    expect(last).toBeGreaterThan(300);
    await expect(rows.locator(`[aria-rowindex="${last}"] button`)).toBeFocused();
    await page.keyboard.press('ArrowUp');
    await expect(rows.locator(`[aria-rowindex="${last - 1}"] button`)).toBeFocused();
    await page.keyboard.press('Home');
    await expect(rows.locator('[aria-rowindex="2"] button')).toBeFocused();
    await page.keyboard.press('PageDown');
    await page.keyboard.press('Enter');
    await expect(rows.getByRole('button', { pressed: true })).toBeFocused();
});

test('sets stand under their instruments, the last worked on first, and in one row by any column', async ({ page }) => {
    await openOwnSet(page, 'Grouped, once');
    await openOwnSet(page, 'Grouped, twice');
    await page.goto('/sets?for=Grouped');
    const heads = page.locator('main tbody th');
    const names = page.locator('main tr[data-row] a[href^="/bench/"]');
    await expect(heads).toHaveText(/electric guitar, 2 sets$/);
    await expect(names).toHaveText(['Grouped, twice', 'Grouped, once']);
    await expect(page.getByRole('columnheader', { name: 'Instrument' })).toHaveCount(0);
    await page.getByRole('button', { name: 'Set', exact: true }).click();
    await expect(heads).toHaveCount(0);
    await expect(page.getByRole('columnheader', { name: 'Instrument' })).toBeVisible();
    await expect(names).toHaveText(['Grouped, once', 'Grouped, twice']);
    await page.goBack();
    await expect(heads).toHaveCount(1);
});

test('finished jobs are found and paged through, however many there are', async ({ page }) => {
    await page.goto('/jobs');
    const finished = page.getByRole('region', { name: 'Finished' });
    const title = finished.getByRole('button', { name: /^Finished \(\d+\)/ });
    const count = Number(/\d+/.exec(await title.innerText())?.[0]);
    expect(count).toBeGreaterThan(20);
    await expect(finished.getByRole('listitem')).toHaveCount(0);
    await title.click();
    await expect(finished.getByRole('listitem')).toHaveCount(20);
    await finished.getByRole('button', { name: 'The next page' }).click();
    await expect(finished).toContainText('Page 2 of');
    await expect(page).toHaveURL(/page=2/);
    await expectAccessible(page);
    await page.getByRole('searchbox', { name: 'Find a job' }).fill('curlew');
    await expect(finished.getByRole('listitem').filter({ hasText: 'Curlew' }).first()).toBeVisible();
    await expect(finished.getByRole('listitem').filter({ hasNotText: 'Curlew' })).toHaveCount(0);
});
