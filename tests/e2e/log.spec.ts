import type { Page } from '@playwright/test';
import { chooseOption, expect, expectAccessible, openOwnSet, openSet, test, testNow, toast } from './lira';

const day = (later: number): string => new Date(testNow() + later * 86_400_000).toISOString().slice(0, 10);

/** Goes to a page of the Log as somebody would. */
async function openLog(page: Page, place: string): Promise<void> {
    await page.goto('/sets');
    await page.getByRole('navigation', { name: 'Places' }).getByRole('link', { name: 'Log' }).click();
    await page.getByRole('navigation', { name: 'Log' }).getByRole('link', { name: place }).click();
}

test('a tap after playing: hours on the strings, and the day they are due', async ({ page, provoked }) => {
    provoked.push(/422/);
    await page.goto('/instruments');
    await page.getByRole('link', { name: 'Sandpiper' }).first().click();
    await expect(page.getByRole('region', { name: 'On it now' })).toContainText(/due about \d+ \w+ 20\d\d/);
    await page.getByRole('tab', { name: 'Log', exact: true }).click();
    const hours = page.getByRole('region', { name: 'Hours on its strings' });
    await expect(hours).toContainText('Strings 1 to 5, steel and nickel: 11 h. Half of such strings are gone by about');
    await expectAccessible(page);

    await hours.getByRole('checkbox', { name: 'in salt air' }).check();
    await hours.getByRole('button', { name: '2 h', exact: true }).click();
    await expect(toast(page, 'Kept: 2 h today, in salt air.')).toBeVisible();
    // An hour in salt air counts as one and two thirds.
    await expect(hours).toContainText('nickel: 14 h.');
    await page.getByRole('button', { name: 'Undo', exact: true }).click();
    await expect(hours).toContainText('nickel: 11 h.');

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
    await expect(page.getByRole('tab', { name: 'Log', exact: true })).toHaveAttribute('aria-selected', 'true');
    await expectAccessible(page);
});

test('what is due is seen to with a way back, put off with a reason, and subscribed to', async ({ page, provoked }) => {
    provoked.push(/422/);
    await openLog(page, 'What is due');
    const rows = page.getByRole('listitem').filter({ has: page.getByRole('button', { name: /^Seen to/ }) });
    await expect(page.getByRole('region', { name: 'Door bench' })).toBeVisible();
    await expectAccessible(page);
    const [first] = await rows.getByRole('button', { name: /^Seen to/ }).all();
    const name = (await first?.getAttribute('aria-label')) ?? '';
    const seen = page.getByRole('button', { name, exact: true });
    await seen.click();
    await expect(seen).toHaveCount(0);
    await page.getByRole('button', { name: 'Undo', exact: true }).click();
    await expect(seen).toBeVisible();

    await page.getByRole('button', { name: name.replace('Seen to', 'Put off'), exact: true }).click();
    const dialog = page.getByRole('dialog', { name: 'Put it off' });
    await dialog.getByLabel('Until').fill(day(5));
    await dialog.getByRole('button', { name: 'Put it off' }).click();
    await expect(dialog).toContainText('Say why it is put off');
    await dialog.getByLabel('Why').fill('It is away for some days.');
    await expectAccessible(page);
    await dialog.getByRole('button', { name: 'Put it off' }).click();
    await expect(page.getByText('It is away for some days.')).toBeVisible();

    await chooseOption(page, 'Bench', 'Window bench');
    await expect(page.getByRole('region', { name: 'Door bench' })).toHaveCount(0);
    await expect(page.getByRole('link', { name: 'Print' })).toHaveAttribute('href', '/log/week?weeks=1&bench=Window');
    await chooseOption(page, 'How far ahead', 'A quarter');
    await expect(page).toHaveURL(/weeks=13/);

    await page.getByRole('button', { name: 'Calendar' }).click();
    await page.getByRole('menuitem', { name: 'Subscribe to it…' }).click();
    const subscribe = page.getByRole('dialog', { name: 'Subscribe to the calendar' });
    const address = await subscribe.getByLabel('Address').inputValue();
    const calendar = await page.request.get(address);
    expect(await calendar.text()).toContain('BEGIN:VEVENT');
    await expectAccessible(page);
    await subscribe.getByRole('button', { name: 'Make a new one' }).click();
    await expect(subscribe.getByLabel('Address')).not.toHaveValue(address);
    expect((await page.request.get(address)).status()).toBe(404);
});

test('a show is typed, changed and dropped; a calendar and a list come in', async ({ page, provoked }) => {
    provoked.push(/422/);
    await openLog(page, 'Shows');
    await page.getByRole('button', { name: 'Add a show' }).click();
    const dialog = page.getByRole('dialog', { name: 'Add a show' });
    await dialog.getByLabel('Name').fill('Evening at the weir');
    await dialog.getByLabel('Day').fill(day(20));
    await dialog.getByLabel('Begins').fill('21:15');
    await dialog.getByLabel('Hours played').fill('1,5');
    await dialog.getByRole('checkbox', { name: 'in heat' }).check();
    await dialog.getByRole('checkbox', { name: /^Ketch/ }).check();
    await expectAccessible(page);
    await dialog.getByRole('button', { name: 'Add it' }).click();
    const coming = page.getByRole('region', { name: 'To come' });
    const row = coming.getByRole('row').filter({ hasText: 'Evening at the weir' });
    await expect(row).toContainText('21:15');
    await expect(row).toContainText('Ketch');
    await expect(row).toContainText('1.5 h, in heat');
    await row.getByRole('button', { name: 'Change Evening at the weir' }).click();
    const change = page.getByRole('dialog', { name: 'Change the show' });
    await change.getByLabel('Place').fill('Weir house');
    await change.getByRole('button', { name: 'Save' }).click();
    await expect(row).toContainText('Weir house');
    await row.getByRole('button', { name: 'Drop Evening at the weir' }).click();
    await expect(row).toHaveCount(0);
    await page.getByRole('button', { name: 'Undo', exact: true }).click();
    await expect(row).toBeVisible();

    const bring = page.getByRole('dialog', { name: 'Bring in shows' });
    const bringIn = async (name: string, text: string) => {
        await bring.getByLabel('File').setInputFiles({ name, mimeType: 'text/plain', buffer: Buffer.from(text) });
        await bring.getByRole('button', { name: 'Bring in' }).click();
    };
    await page.getByRole('button', { name: 'Bring in…' }).click();
    await bringIn('shows.csv', 'date,name\nsoon,Nowhere\n');
    await expect(bring).toContainText('Line 2: “soon” is no date.');
    await bring.getByRole('checkbox', { name: /^Wherry/ }).check();
    await expectAccessible(page);
    const begins = day(30).replaceAll('-', '');
    await bringIn(
        'diary.ics',
        `BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//Diary//EN\r\nBEGIN:VEVENT\r\nUID:lock@diary\r\nDTSTAMP:20260101T000000Z\r\nDTSTART:${begins}T200000Z\r\nDTEND:${begins}T220000Z\r\nSUMMARY:At the lock\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n`,
    );
    await expect(toast(page, '1 added, 0 changed, 0 as before.')).toBeVisible();
    await expect(coming.getByRole('row').filter({ hasText: 'At the lock' })).toContainText('Wherry');
    await expectAccessible(page);
});

test('what is learned is drawn with what it rests on, for all or an owner', async ({ page }) => {
    await openLog(page, 'How long they last');
    const steel = page.getByRole('region', { name: 'steel and nickel', exact: true });
    await expect(
        steel.getByRole('img', { name: /strings half are gone by about \d+ hours, one in ten by \d+, nine in ten by \d+/ }),
    ).toBeVisible();
    await expect(steel).toContainText(/^steel and nickelAbout \d+ h, most between \d+ h and \d+ h\./i);
    await expect(steel.getByText(/Learned from \d+ that ended/)).toBeHidden();
    await steel.getByText('What it is learned from').click();
    await expect(steel.getByText(/Learned from \d+ that ended/)).toBeVisible();
    await expect(page.getByRole('region', { name: 'Where they break' })).toContainText('at the saddle');
    await expect(page.getByRole('region', { name: 'Until they hold' })).toContainText('Marram String Works');
    await expectAccessible(page);
    const all = await steel.innerText();
    await chooseOption(page, 'Whose', 'Tobias Fenn');
    await expect(page).toHaveURL(/owner=Tobias/);
    await expect(steel).not.toHaveText(all);
});

test('an own care rule is due where it suits, and what an hour counts as is kept', async ({ page, provoked }) => {
    provoked.push(/422/);
    await page.goto('/workshop');
    await page.getByRole('link', { name: 'Care', exact: true }).click();
    await page.getByRole('button', { name: 'Add a rule' }).click();
    const dialog = page.getByRole('dialog', { name: 'Add a rule' });
    await dialog.getByLabel('What is to be done').fill('Dust the vents');
    await dialog.getByLabel('Weeks').fill('2');
    await chooseOption(page, 'Where it lives', 'by the sea');
    await expectAccessible(page);
    await dialog.getByRole('button', { name: 'Add it' }).click();
    await expect(page.getByRole('region', { name: 'Your own rules' })).toContainText('Dust the vents, every 2 weeks; by the sea');
    await openLog(page, 'What is due');
    await expect(page.getByRole('button', { name: 'Seen to: Wherry, Dust the vents' })).toBeVisible();
    await page.goto('/log/care');
    await expect(page).toHaveURL(/\/workshop\/care$/);
    await page.getByRole('button', { name: 'Remove Dust the vents' }).click();
    await expect(page.getByRole('region', { name: 'Your own rules' })).toContainText('None yet');

    const settings = page.getByRole('region', { name: 'What an hour counts as' });
    await settings.getByLabel('An hour in heat').fill('0,2');
    await settings.getByRole('button', { name: 'Keep' }).click();
    await expect(settings).toContainText('Give what an hour counts as, 1 to 10 hours.');
    await settings.getByLabel('An hour in heat').fill('1,5');
    await settings.getByRole('button', { name: 'Keep' }).click();
    await expect(toast(page, /^Kept\. Everything is reckoned/)).toBeVisible();
    await page.reload();
    await expect(settings.getByLabel('An hour in heat')).toHaveValue('1.5');
    await expectAccessible(page);
});

test('an instrument’s log draws it through time, where its strings broke, and leads on', async ({ page }) => {
    await page.goto('/instruments');
    await page.getByRole('link', { name: 'Curlew' }).first().click();
    await page.getByRole('tab', { name: 'Log', exact: true }).click();
    const line = page.getByRole('region', { name: 'Through time' });
    await expect(line.getByRole('img')).toBeVisible();
    const sets = await line.locator('rect').count();
    await line.getByRole('button', { name: 'Three months' }).click();
    await expect.poll(() => line.locator('rect').count()).toBeLessThan(sets);
    const broke = page.getByRole('region', { name: 'Where its strings broke' });
    await expect(broke.getByRole('img', { name: /\d+ broke at the saddle/ })).toBeVisible();
    await expect(broke).toContainText('A sharp saddle');
    await expect(page.getByRole('region', { name: 'What was on it' })).toContainText(/Curlew, E standard.* to now/);
    await expect(page.getByRole('link', { name: 'Print this year of it' })).toHaveAttribute('href', /\/years\/20\d\d$/);
    await expectAccessible(page);

    const hours = page.getByRole('region', { name: 'Hours on its strings' });
    const usual = await hours.innerText();
    await hours.getByRole('checkbox', { name: /^coated/ }).click();
    await expect(hours).toContainText('steel and nickel, coated');
    await hours.getByRole('checkbox', { name: /^coated/ }).click();
    await expect(hours).toHaveText(usual, { useInnerText: true });
    await chooseOption(page, 'It lives', 'a heated room');
    await page.reload();
    await expect(hours.getByRole('combobox', { name: 'It lives' })).toHaveText('a heated room');
});

test('a year of the workshop adds up, and everything goes out as tables', async ({ page }) => {
    await openLog(page, 'Years');
    const sums = page.getByRole('region', { name: /^The workshop in 20/ });
    await expect(sums).toContainText(/Strings put on\s*\d+/);
    const now = await sums.innerText();
    const before = String(new Date(testNow()).getFullYear() - 1);
    await chooseOption(page, 'Year', before);
    await expect(page.getByRole('region', { name: `The workshop in ${before}` })).toBeVisible();
    await expect(page.getByRole('region', { name: /^The workshop in 20/ })).not.toHaveText(now);
    await expect(page.getByRole('link', { name: 'Print the year' })).toHaveAttribute('href', `/log/years/${before}`);
    const download = page.waitForEvent('download');
    await page.getByRole('link', { name: 'all in one file' }).click();
    expect((await download).suggestedFilename()).toBe('lira-log.zip');
    await expectAccessible(page);
});

test('the Bench looks back at the last sets, and one of them is compared with', async ({ page }) => {
    await openSet(page, 'Curlew, D standard');
    await page.getByRole('button', { name: 'the last sets on it' }).click();
    const dialog = page.getByRole('dialog', { name: 'The last sets on it' });
    await expect(dialog.getByRole('columnheader')).toHaveCount(5);
    await expect(dialog.getByRole('row').filter({ hasText: 'all' })).toContainText(/\([+−]\d+ %\)/);
    await expectAccessible(page);
    await dialog.getByRole('button', { name: 'Compare with it' }).first().click();
    await expect(page.getByRole('button', { name: /Curlew, E standard/ })).toBeVisible();
});

test('how an old string had ended is told in a tap as it comes off', async ({ page }) => {
    await openOwnSet(page, 'Harbour, one broke');
    await page.getByRole('heading', { level: 1 }).press('Escape');
    await page.locator('body').press('j');
    await page.getByRole('button', { name: 'Begin', exact: true }).click();
    const saddle = page.getByRole('group', { name: /How the old one had ended/ }).getByRole('button', { name: 'at the saddle' });
    const off = page.locator('main').getByText('Slacken it until it flops');
    for (let steps = 0; steps < 6 && !(await off.isVisible()); steps++) {
        const at = await page.getByText(/^step \d+ of/).innerText();
        await page.keyboard.press('Space');
        await expect(page.getByText(at, { exact: true })).toHaveCount(0);
    }
    const seen = page.getByRole('button', { name: 'What was seen' });
    await seen.click();
    await saddle.click();
    await expect(saddle).toHaveAttribute('aria-pressed', 'true');
    await expect(page.locator('main')).toHaveAttribute('data-unsent', '0');
    await page.reload();
    await seen.click();
    await expect(saddle).toHaveAttribute('aria-pressed', 'true');
    await expectAccessible(page);
});
