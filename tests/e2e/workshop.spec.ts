import { readFile } from 'node:fs/promises';
import { add, pluckOf, room, SETS } from '../unit/scenes';
import { hearing, NO_STRING } from './heard';
import { chooseOption, expect, expectAccessible, openSet, test, toast } from './lira';
import { OwnServer } from './ownServer';

test('what the workshop is called and takes as usual is kept, and used', async ({ page, provoked }) => {
    provoked.push(/422/);
    await page.goto('/sets');
    await page.getByRole('link', { name: 'Workshop', exact: true }).click();
    await page.getByLabel('Name of the workshop').fill('Saltmarsh Strings');
    await page.getByLabel('Address').fill('2 Slip Lane\nEstuary Quay');
    await page.getByLabel('Currency of a new supplier').fill('sek');
    await page.getByLabel('A parcel comes in, days').fill('soon');
    await page.getByLabel('A finger’s thickness, mm').fill('2');
    await page.getByRole('button', { name: 'Keep it' }).click();
    await expect(page.getByText('Give in how many days a parcel usually comes, 0 to 365.')).toBeVisible();
    await expect(page.getByText('Give how thick a finger is, 8 to 35 mm, or leave it empty.')).toBeVisible();
    await page.getByLabel('A parcel comes in, days').fill('6');
    await page.getByLabel('A finger’s thickness, mm').fill('17.5');
    await page.getByRole('button', { name: 'Keep it' }).click();
    await expect(toast(page, 'Kept.')).toBeVisible();
    await page.reload();
    await expect(page.getByLabel('Address')).toHaveValue('2 Slip Lane\nEstuary Quay');
    await expect(page.getByLabel('A finger’s thickness, mm')).toHaveValue('17.5');
    await expectAccessible(page);

    await page.goto('/strings/suppliers');
    await page.getByRole('button', { name: 'New supplier' }).click();
    await expect(page.getByRole('textbox', { name: 'Currency' })).toHaveValue('SEK');
    await expect(page.getByRole('textbox', { name: 'A parcel comes in, days' })).toHaveValue('6');
    await page.keyboard.press('Escape');

    // Left empty again it is learned.
    await page.goto('/workshop');
    await page.getByLabel('A finger’s thickness, mm').fill('');
    await page.getByRole('button', { name: 'Keep it' }).click();
    await expect(toast(page, 'Kept.')).toBeVisible();
    await page.reload();
    await expect(page.getByLabel('A finger’s thickness, mm')).toHaveValue('');
});

test('how one reads, hears and measures on this device is said in one place', async ({ page }) => {
    await page.goto('/workshop');
    await chooseOption(page, 'Tension', 'Pounds-force');
    await chooseOption(page, 'Dates', 'Dec 3, 2026');
    await chooseOption(page, 'Keys that are single letters', 'Off');
    await chooseOption(page, 'Sound of the strings on the Bench', 'On');
    await chooseOption(page, 'Strings are heard by', 'a simulated instrument');
    await page.getByLabel('This tuner is off by, cents').fill('+1.5');
    await expect(page.getByRole('button', { name: /^Units:/ })).toContainText('lbf');
    await page.reload();
    await expect(page.getByRole('combobox', { name: 'Tension' })).toHaveText('Pounds-force');
    await expect(page.getByRole('combobox', { name: 'Sound of the strings on the Bench' })).toHaveText('On');
    await page.goto('/workshop/copies');
    await expect(page.getByText(/was made/)).toBeVisible();
    await page.goto('/jobs');
    await expect(page.getByRole('main')).toContainText(/[A-Z][a-z]{2} \d+, 202\d/);
    await openSet(page, 'Curlew, D standard');
    await expect(page.locator('[data-figure="total"]')).toContainText('lbf');
    await page.keyboard.press('s');
    await expect(page.getByRole('dialog')).toHaveCount(0);
    await page.goto(`${page.url().replace('/bench/', '/sets/')}/tune`);
    await expect(page.getByRole('combobox', { name: 'Heard by' })).toHaveText('a simulated instrument');
    await chooseOption(page, 'Heard by', 'another tuner, typed');
    await page.getByRole('button', { name: 'Options' }).click();
    await expect(page.getByLabel('This tuner is off by, cents')).toHaveValue('+1.5');
});

test('the microphone is tried where it is chosen, and says what it hears', async ({ page }, info) => {
    await page.goto('/workshop');
    await page.getByRole('button', { name: 'Try the microphone' }).click();
    await expect(page.getByRole('status').filter({ hasText: /microphone/i })).toBeVisible();
    await expect(page.getByRole('button', { name: 'Try the microphone' })).toBeVisible();

    const six = pluckOf(SETS['guitar']?.[5] ?? NO_STRING, 3);
    const all = room(1, 4);
    add(all, six.sound, 1.5);
    const listening = await hearing(all, info.outputPath('string.wav'));
    const tablet = await listening.newPage({ viewport: { width: 1280, height: 800 } });
    await tablet.goto(page.url());
    await tablet.getByRole('button', { name: 'Try the microphone' }).click();
    await expect(tablet.getByText('Pluck a string of a guitar or a bass in standard tuning…')).toBeVisible();
    await expect(tablet.getByText(/^It hears E2, [+−]?\d+ cents\.$/)).toBeVisible({ timeout: 60_000 });
    await tablet.getByRole('button', { name: 'Enough' }).click();
    await expect(tablet.getByText(/^It hears/)).toHaveCount(0);
    await listening.close();
});

test('the workshop’s way is where a job begins', async ({ page }) => {
    await page.goto('/workshop/ways');
    await chooseOption(page, 'Leave', 'fingers under the string at the 12th fret');
    await expect(toast(page, 'Kept as the workshop’s way.')).toBeVisible();
    await page.reload();
    await expect(page.getByRole('combobox', { name: 'Leave' })).toHaveText('fingers under the string at the 12th fret');
    await expectAccessible(page);
    await openSet(page, 'Curlew, D standard');
    await page.getByRole('button', { name: 'More for this set' }).click();
    await page.getByRole('menuitem', { name: 'Put it on: begin a job…' }).click();
    const leave = page.getByRole('combobox', { name: 'Leave' });
    await expect(leave).toHaveText('fingers under the string at the 12th fret');
    await chooseOption(page, 'Whose way', 'As is usual on such an instrument');
    await expect(leave).toHaveText('so many posts past its own');
    await chooseOption(page, 'Whose way', 'The workshop’s way');
    await expect(leave).toHaveText('fingers under the string at the 12th fret');
    await page.goto('/workshop/ways');
    await page.getByRole('button', { name: 'All as usual' }).click();
    await expect(page.getByRole('combobox', { name: 'Leave' })).toHaveText('as usual on the instrument');
    await page.reload();
    await expect(page.getByRole('combobox', { name: 'Leave' })).toHaveText('as usual on the instrument');
});

test('an owner gets another name, two become one, and all of theirs goes along', async ({ page }) => {
    await page.goto('/workshop/owners');
    const owners = page.getByRole('list', { name: 'Owners' });
    const [first = '', second = ''] = await owners.getByRole('strong').allInnerTexts();
    await owners.getByRole('link', { name: first }).click();
    const theirs = page.getByRole('region', { name: first });
    const instrument = await theirs.getByRole('link').nth(1).innerText();
    await theirs.getByRole('button', { name: 'Rename or merge…' }).click();
    const dialog = page.getByRole('dialog', { name: `Another name for ${first}` });
    await dialog.getByLabel('Name').fill('Sable Quayle-Marsh');
    await dialog.getByRole('button', { name: 'Rename' }).click();
    await expect(page.getByRole('region', { name: 'Sable Quayle-Marsh' })).toContainText(instrument);
    await expect(owners.getByRole('link', { name: first })).toHaveCount(0);
    await expectAccessible(page);

    await page.getByRole('button', { name: 'Rename or merge…' }).click();
    await page.getByRole('dialog').getByLabel('Name').fill(second);
    await expect(page.getByRole('dialog')).toContainText('cannot be told apart again');
    await page.getByRole('button', { name: 'Make them one' }).click();
    await expect(page.getByRole('region', { name: second })).toContainText(instrument);
    await expect(owners.getByRole('link', { name: 'Sable Quayle-Marsh' })).toHaveCount(0);
});

test('a copy is taken away, and brings the workshop back as it was; what is none is refused', async ({ page, provoked }) => {
    provoked.push(/422/, /Failed to load resource/);
    const server = await OwnServer.begin('copies');
    try {
        await page.goto(`${server.address}/sets`);
        await page.getByLabel('Set document to import').setInputFiles('docs/examples/harbour-baritone.json');
        await expect(page.getByRole('textbox', { name: 'Name of the set' })).toHaveValue(/\w/);
        const name = await page.getByRole('textbox', { name: 'Name of the set' }).inputValue();

        await page.goto(`${server.address}/workshop/copies`);
        const leaves = page.waitForEvent('download');
        await page.getByRole('link', { name: 'Take a copy away' }).click();
        const copy = await (await leaves).path();
        await page.getByRole('button', { name: 'Make one now' }).click();
        await expect(page.getByRole('list', { name: 'Copies' }).getByRole('listitem')).toHaveCount(1);
        await expectAccessible(page);

        await page.goto(`${server.address}/sets`);
        await page.getByLabel('Set document to import').setInputFiles('docs/examples/wherry-down-a-tone.json');
        await expect(page.getByRole('textbox', { name: 'Name of the set' })).not.toHaveValue(name);

        await page.goto(`${server.address}/workshop/copies`);
        const file = page.getByLabel('A copy to bring back');
        const dialog = page.getByRole('dialog', { name: 'Bring a copy back' });
        await file.setInputFiles('docs/examples/harbour-baritone.json');
        await expect(dialog).toContainText('is no zip, or a damaged one');
        await dialog.getByRole('button', { name: 'Leave it' }).click();
        await file.setInputFiles({ name: 'kept.zip', mimeType: 'application/zip', buffer: await readFile(copy) });
        await expect(dialog).toContainText('It is whole');
        await expect(dialog.getByText('Sets', { exact: true }).locator('..')).toContainText('1');
        await expectAccessible(page);
        await dialog.getByRole('button', { name: 'Bring it back' }).click();
        await expect(dialog).toContainText('The workshop is as it was then.');
        await expect(dialog).toContainText('copies-2');
        await dialog.getByRole('button', { name: 'Go on with it' }).click();
        await expect(page.getByRole('textbox', { name: 'Name of the set' })).toHaveValue(name);
        await page.goto(`${server.address}/sets`);
        await expect(page.getByRole('link', { name })).toBeVisible();
        await expect(page.getByRole('link', { name: /^Wherry/ })).toHaveCount(0);

        // The one of the day brings it back, too.
        await page.goto(`${server.address}/workshop/copies`);
        await page.getByRole('button', { name: /^Bring back… / }).click();
        await dialog.getByRole('button', { name: 'Bring it back' }).click();
        await dialog.getByRole('button', { name: 'Go on with it' }).click();
        await expect(page.getByRole('textbox', { name: 'Name of the set' })).toHaveValue(name);
    } finally {
        await server.stop();
    }
});

test('what goes with the demo is said first, and what was changed of it stays', async ({ page }) => {
    const server = await OwnServer.begin('demo-out', []);
    try {
        await page.goto(`${server.address}/sets`);
        await page.getByRole('link', { name: 'Curlew, D standard' }).click();
        await page.getByRole('textbox', { name: 'Name of the set' }).fill('Curlew, mine now');
        await page.keyboard.press('Enter');
        await expect(page.getByRole('status').filter({ hasText: /Saved \d/ })).toBeVisible();
        await page.goto(`${server.address}/start`);
        await page.getByRole('button', { name: 'Take the demo out…' }).click();
        const dialog = page.getByRole('dialog', { name: 'Take the demo out' });
        await expect(dialog.getByRole('region', { name: 'Goes' })).toContainText('Ketch');
        await expect(dialog.getByRole('region', { name: 'Stays, of the demo' })).toContainText('Curlew, mine now');
        await expectAccessible(page);
        await page.keyboard.press('Escape');
        await page.goto(`${server.address}/sets`);
        await expect(page.getByRole('link', { name: 'Smack, drop A' })).toBeVisible();

        await page.goto(`${server.address}/workshop/copies`);
        await page.getByRole('button', { name: 'Take the demo out…' }).click();
        await dialog.getByRole('button', { name: 'Take it out' }).click();
        await expect(
            toast(page, /^The demo is gone\. What you touched or need stays\. A copy with it is kept in /),
        ).toBeVisible();
        await page.goto(`${server.address}/sets`);
        await expect(page.getByRole('link', { name: 'Curlew, mine now' })).toBeVisible();
        await expect(page.getByRole('link', { name: 'Smack, drop A' })).toHaveCount(0);
    } finally {
        await server.stop();
    }
});
