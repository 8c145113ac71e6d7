import { expect, expectAccessible, test, toast } from './lira';

test('a tap after playing: hours on the strings, and the day they are due', async ({ page, provoked }) => {
    provoked.push(/422/);
    await page.goto('/instruments');
    await page.getByRole('link', { name: 'Sandpiper' }).first().click();
    await expect(page.getByRole('region', { name: 'On it now' })).toContainText(/due about \d+ \w+ 20\d\d/);
    await page.getByRole('tab', { name: 'Hours' }).click();
    const hours = page.getByRole('region', { name: 'Hours on its strings' });
    await expect(hours).toContainText(/Strings 1 to 5, steel and nickel: 11 h of about/);
    await expectAccessible(page);

    await hours.getByRole('checkbox', { name: 'in salt air' }).check();
    await hours.getByRole('button', { name: '2 h', exact: true }).click();
    await expect(toast(page, 'Kept: 2 h today, in salt air.')).toBeVisible();
    // An hour in salt air counts as one and two thirds.
    await expect(hours).toContainText('14 h of about');
    await page.getByRole('button', { name: 'Undo', exact: true }).click();
    await expect(hours).toContainText('11 h of about');

    const usual = hours.getByRole('textbox', { name: 'Usually, hours a week' });
    const due = async () => /Due about (.*?) \(/.exec(await hours.innerText())?.[1] ?? '';
    const before = await due();
    await usual.fill('many');
    await usual.press('Enter');
    await expect(hours.getByText(/Give hours a week, 0 to 168/)).toBeVisible();
    await usual.fill('0,5');
    await usual.press('Enter');
    await expect.poll(due).not.toBe(before);
    await usual.fill('');
    await usual.press('Enter');
    await expect.poll(due).toBe(before);
    // It stays where one was.
    await page.reload();
    await expect(page.getByRole('tab', { name: 'Hours' })).toHaveAttribute('aria-selected', 'true');
    await expectAccessible(page);
});
