import { expect, expectAccessible, test } from './lira';

test('a row of a list is one stop of Tab; arrows lead along it and from row to row', async ({ page }) => {
    // Other tests change sets: by name they stand together.
    await page.goto('/sets?for=Curlew,+standard&order=name');
    const row = (name: string) => page.getByRole('row', { name });
    const first = page.getByRole('link', { name: 'Curlew, D standard', exact: true });
    await first.focus();
    await page.keyboard.press('Tab');
    await expect(page.getByRole('link', { name: 'Curlew, E standard', exact: true })).toBeFocused();
    await page.keyboard.press('ArrowRight');
    await expect(row('Curlew, E standard').getByRole('link', { name: 'Curlew', exact: true })).toBeFocused();
    await page.keyboard.press('ArrowRight');
    await expect(page.getByRole('button', { name: 'More for Curlew, E standard' })).toBeFocused();
    await page.keyboard.press('ArrowUp');
    await expect(page.getByRole('button', { name: 'More for Curlew, D standard' })).toBeFocused();
    for (let step = 0; step < 3; step++) {
        await page.keyboard.press('ArrowLeft');
    }
    await page.keyboard.press('Space');
    await expect(row('Curlew, D standard').getByRole('checkbox')).toBeChecked();
    await expect(page.getByRole('toolbar', { name: 'With the ticked sets' })).toContainText('1 ticked');
    await page.keyboard.press('Space');
    // At its end a row leads nowhere.
    await page.keyboard.press('ArrowLeft');
    await expect(row('Curlew, D standard').getByRole('checkbox')).toBeFocused();
    // What opens a menu by the arrow downwards still does.
    for (let step = 0; step < 3; step++) {
        await page.keyboard.press('ArrowRight');
    }
    await page.keyboard.press('ArrowDown');
    await expect(page.getByRole('menuitem', { name: 'Open on the Bench' })).toBeFocused();
    await page.keyboard.press('Escape');
    await expect(page.getByRole('button', { name: 'More for Curlew, D standard' })).toBeFocused();
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
    await page.goto('/sets');
    const heads = page.locator('main tbody th');
    await expect(heads.filter({ hasText: 'Curlew' })).toContainText('electric guitar, 2 sets');
    await expect(page.getByRole('columnheader', { name: 'Instrument' })).toHaveCount(0);
    await page.getByRole('button', { name: 'Gauges', exact: true }).click();
    await expect(heads).toHaveCount(0);
    await expect(page.getByRole('columnheader', { name: 'Instrument' })).toBeVisible();
    await page.goBack();
    await expect(heads.filter({ hasText: 'Curlew' })).toHaveCount(1);
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
