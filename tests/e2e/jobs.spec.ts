import { execFileSync } from 'node:child_process';
import { writeFile } from 'node:fs/promises';
import { chromium, type Browser, type Locator, type Page } from '@playwright/test';
import { chromiumOptions } from '../chromium.mjs';
import { chooseOption, expect, expectAccessible, openOwnSet, openSet, setClock, tabTo, test, testNow, toast } from './lira';

/** The way on, whatever it is called at this step. */
const wayOn = (page: Page): Locator => page.locator('main button.rounded-float.bg-ink');
const step = (page: Page): Locator => page.getByText(/^(step \d+ of \d+|all \d+ steps done|finished)$/);
const main = (page: Page): Locator => page.getByRole('main');
const figure = (page: Page): Locator => page.locator('[data-figure="key"]');

/** From the set on the bench to its job's first step, everything as it is offered. */
async function begin(page: Page): Promise<void> {
    await page.getByRole('button', { name: 'More for this set' }).click();
    await page.getByRole('menuitem', { name: 'Put it on: begin a job…' }).click();
    await page.getByRole('button', { name: 'Begin', exact: true }).click();
    await expect(step(page)).toHaveText(/^step 1 of/);
}

/** Goes on, by whichever way, until something is seen. */
async function goOn(page: Page, goal: Locator, press: () => Promise<void> = () => wayOn(page).click()): Promise<number> {
    for (let steps = 0; steps < 90; steps++) {
        if (await goal.isVisible()) {
            return steps;
        }
        const before = await main(page).innerText();
        await ((await skip(page).isVisible()) ? skipRest(page) : press());
        await expect.poll(() => main(page).innerText()).not.toBe(before);
    }
    throw new Error('It is not come to');
}

const skip = (page: Page): Locator => page.getByRole('button', { name: 'Skip the rest…' });

/** A rest is skipped by two acts, by whatever hand. */
async function skipRest(page: Page): Promise<void> {
    await tabTo(page, skip(page));
    await page.keyboard.press('Enter');
    await tabTo(page, page.getByRole('dialog').getByRole('button', { name: 'Skip the rest', exact: true }));
    await page.keyboard.press('Enter');
}

const sent = (page: Page) => expect(main(page)).toHaveAttribute('data-unsent', '0');

test('a whole job by pointer: from the set to an instrument that knows what is on it', async ({ page }) => {
    await openOwnSet(page, 'Harbour, by pointer');
    await page.getByRole('button', { name: 'More for this set' }).click();
    await page.getByRole('menuitem', { name: 'Put it on: begin a job…' }).click();
    await expect(page.getByRole('heading', { name: 'Put “Harbour, by pointer” on Harbour' })).toBeVisible();
    await page.getByRole('textbox', { name: 'Owner or customer' }).fill('Ines Hallam');
    await page.getByRole('combobox', { name: 'Bench' }).fill('Window');
    await chooseOption(page, 'Order', 'from the lowest');
    await expect(page.getByText('Asked for.')).toBeVisible();
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Begin', exact: true }).click();

    await expect(main(page)).toContainText('On a table, its neck supported');
    await expectAccessible(page);
    await wayOn(page).click();
    await page.getByRole('textbox', { name: /^Action/ }).fill('1.9');
    await page.getByRole('textbox', { name: /^Relief/ }).fill('lots');
    await page.getByRole('textbox', { name: /^Relief/ }).press('Enter');
    await expect(page.getByText('“lots” is no figure for it')).toBeVisible();
    await page.getByRole('textbox', { name: /^Relief/ }).fill('0.2');
    await page.getByRole('textbox', { name: /^Relief/ }).press('Enter');
    await page
        .getByLabel('Photograph from before')
        .setInputFiles({ name: 'before.png', mimeType: 'image/png', buffer: Buffer.from(PIXEL, 'base64') });
    await expect(page.getByRole('img', { name: 'Before Harbour, by pointer' })).toBeVisible();

    await goOn(page, page.getByText('Take the packet of string 6'));
    await expect(figure(page)).toHaveText('C2 · 52');
    await expect(page.getByRole('listitem').filter({ hasText: 'off' }).first()).toBeVisible();
    await expectAccessible(page);
    await goOn(page, main(page).getByText('Let back', { exact: true }));
    await expect(figure(page)).toHaveText('1¼ posts');
    await expect(page.getByRole('img', { name: /Post 6, turns anticlockwise/ })).toBeVisible();
    await expectAccessible(page);
    await goOn(page, page.getByText('Leave it for 30 min'));
    await wayOn(page).click();
    await expect(page.getByRole('timer')).toContainText('Look again');
    // What rests holds nothing up.
    await page.getByRole('link', { name: 'Jobs' }).click();
    const row = page.getByRole('region', { name: 'Rests' }).getByRole('listitem').filter({ hasText: 'Ines Hallam' });
    await expect(row).toContainText('Let it settle: look again');
    await expectAccessible(page);
    await row.getByRole('link').click();
    await expect(page.getByRole('timer')).toContainText('Look again');
    await goOn(page, page.getByText('All of it is done'));
    await page.getByRole('textbox', { name: 'How does it feel?' }).fill('As Curlew in D.');
    await expect(page.getByRole('row', { name: /Action at the 12th/ })).toContainText('1.90 mm');
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Finish the job' }).click();
    await expect(step(page)).toHaveText('finished');

    await page.getByRole('link', { name: 'The instrument' }).click();
    await expect(page.getByRole('region', { name: 'On it now' })).toContainText('On it now: Harbour, by pointer');
    await openSet(page, 'Harbour, by pointer');
    await page.getByRole('button', { name: /measured from/ }).click();
    await expect(page.getByRole('menuitem').first()).toContainText('Harbour, by pointer: on it since');
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: 'More for this set' }).click();
    await page.getByRole('menuitem', { name: 'Put it on: begin a job…' }).click();
    await expect(page.getByRole('combobox', { name: 'On it now' })).toContainText('Harbour, by pointer, put on');
});

test('one string that broke is changed alone: the others stay and give the pitch', async ({ page }) => {
    await openOwnSet(page, 'Harbour, one string');
    await page.getByRole('button', { name: 'Fit', exact: true }).click();
    const fourth = page.getByRole('button', { name: 'String 4, B♭2' });
    await fourth.click();
    await expect(fourth).toHaveAttribute('aria-pressed', 'true');
    await expect(page.getByText('The others stay on, pull, and give the pitch.')).toBeVisible();
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Begin', exact: true }).click();

    await expect(main(page)).toContainText('They give the pitch');
    await goOn(page, main(page).getByText('Slacken it until it flops'));
    await goOn(page, page.getByText('Take the packet of string 4'));
    await goOn(page, main(page).getByText('Bend the tail sharply, cut at 8 mm'));
    await goOn(page, main(page).getByText('Press each string down once'));
    await goOn(page, page.getByText('All of it is done'));
    await page.getByRole('button', { name: 'Finish the job' }).click();
    await expect(step(page)).toHaveText('finished');
});

test('long names and many strings leave the plan its room beside them', async ({ page }) => {
    await page.goto('/start');
    await page.getByRole('textbox', { name: 'The instrument' }).fill('octave mandolin');
    await page.getByRole('textbox', { name: 'What it should become' }).fill('one step heavier');
    await page.getByRole('button', { name: 'Choose the strings' }).click();
    await page.getByRole('button', { name: 'Fit', exact: true }).click();
    const present = page.getByRole('combobox', { name: 'On it now' });
    await expect(present).toContainText('from which it is measured');
    const right = async (place: Locator) => {
        const box = await place.boundingBox();
        return (box?.x ?? NaN) + (box?.width ?? NaN);
    };
    const plan = (await page.getByRole('heading', { name: 'Strings', exact: true }).boundingBox())?.x ?? NaN;
    expect(await right(present)).toBeLessThan(plan);
    expect(await right(page.getByRole('button', { name: 'String 8, G2' }))).toBeLessThan(plan);
});

test('a job is begun once, however often one presses while it opens', async ({ page }) => {
    await openOwnSet(page, 'Harbour, begun once');
    await page.getByRole('button', { name: 'More for this set' }).click();
    await page.getByRole('menuitem', { name: 'Put it on: begin a job…' }).click();
    let open = () => {};
    const held = new Promise<void>((done) => (open = done));
    await page.route(/\/jobs\/\d+$/, async (route) => {
        await held;
        await route.continue();
    });
    const button = page.getByRole('button', { name: 'Begin', exact: true });
    const onItsWay = page.waitForRequest(/\/jobs\/\d+$/);
    await button.click();
    await onItsWay;
    // Long enough for it to be drawn again.
    await page.evaluate(() => new Promise((drawn) => requestAnimationFrame(() => requestAnimationFrame(drawn))));
    await expect(button).toBeDisabled();
    open();
    await expect(step(page)).toHaveText(/^step 1 of/);
});

test('a whole job by keyboard alone, and back', async ({ page }) => {
    await openOwnSet(page, 'Harbour, by keyboard');
    await page.getByRole('heading', { level: 1 }).press('Escape');
    await page.locator('body').press('j');
    await expect(page.getByRole('heading', { name: /by keyboard/ })).toBeVisible();
    await tabTo(page, page.getByRole('button', { name: 'Begin', exact: true }));
    await page.keyboard.press('Enter');
    await expect(step(page)).toHaveText(/^step 1 of/);
    const space = () => page.keyboard.press('Space');
    await goOn(page, page.getByText('Take the packet of string 6'), space);
    const at = await step(page).innerText();
    await page.keyboard.press('Backspace');
    await expect(page.getByText('Take the packet of string 6')).toHaveCount(0);
    await page.keyboard.press('PageDown');
    await expect(step(page)).toHaveText(at);
    await goOn(page, page.getByText('All of it is done'), space);
    await tabTo(page, page.getByRole('textbox', { name: 'How does it feel?' }));
    await page.keyboard.type('Even. ');
    await tabTo(page, page.getByRole('button', { name: 'Finish the job' }));
    await page.keyboard.press('Enter');
    await expect(step(page)).toHaveText('finished');
});

test('a whole job by touch on a tablet', async ({ browser }) => {
    const context = await browser.newContext({ viewport: { width: 820, height: 1180 }, hasTouch: true });
    await setClock(context);
    const page = await context.newPage();
    await openOwnSet(page, 'Harbour, by touch');
    await page.getByRole('button', { name: 'More for this set' }).tap();
    await page.getByRole('menuitem', { name: 'Put it on: begin a job…' }).tap();
    await page.getByRole('button', { name: 'Begin', exact: true }).tap();
    await expect(step(page)).toHaveText(/^step 1 of/);
    // Two taps at one place within a moment are one that bounced: a thumb comes back from elsewhere.
    const tap = async () => {
        await page.getByRole('heading', { level: 1 }).tap();
        await wayOn(page).tap();
    };
    await goOn(page, page.getByText('Take the packet of string 6'), tap);
    const box = await wayOn(page).boundingBox();
    expect(box?.height ?? 0).toBeGreaterThan(1180 / 5);
    await expectAccessible(page);
    await goOn(page, page.getByText('All of it is done'), tap);
    await page.getByRole('heading', { level: 1 }).tap();
    await page.getByRole('button', { name: 'Finish the job' }).tap();
    await expect(step(page)).toHaveText('finished');
    await expectAccessible(page);
    await context.close();
});

test('reloaded in the middle it goes on where it was', async ({ page }) => {
    await openOwnSet(page, 'Harbour, reloaded');
    await begin(page);
    await goOn(page, page.getByText('Take the packet of string 6'));
    await wayOn(page).click();
    await expect(main(page)).toContainText('From the back, its ball in the cup');
    await sent(page);
    const at = await step(page).innerText();
    await page.reload();
    await expect(step(page)).toHaveText(at);
    await expect(main(page)).toContainText('From the back, its ball in the cup');
});

test.describe('without a connection', () => {
    test.use({ provoked: [/ERR_INTERNET_DISCONNECTED|Failed to fetch|net::/] });

    test('three steps are kept and sent later, and a second device has lost none of its own', async ({
        page,
        context,
        browser,
    }) => {
        await openOwnSet(page, 'Harbour, offline');
        await begin(page);
        await wayOn(page).click();
        await expect(step(page)).toHaveText(/^step 2/);
        await sent(page);
        const other = await secondDevice(browser, page.url());
        await expect(step(other)).toHaveText(/^step 2/);

        await context.setOffline(true);
        for (const number of [3, 4, 5]) {
            await wayOn(page).click();
            await expect(step(page)).toHaveText(new RegExp(`^step ${number} of`));
        }
        await expect(page.getByText('3 not sent yet')).toBeVisible();
        await expect(page.getByText(/server does not answer/)).toBeVisible();
        await expect(step(other)).toHaveText(/^step 2/);
        await other.getByRole('button', { name: 'Note', exact: true }).click();
        await other.getByRole('textbox', { name: 'Note' }).fill('Slot 3 is worn.');
        await other.getByRole('button', { name: 'Keep it' }).click();

        await context.setOffline(false);
        await sent(page);
        await expect(step(other)).toHaveText(/^step 5/);
        await page.getByRole('button', { name: 'More of this job' }).click();
        await page.getByRole('menuitem', { name: 'Before, after, and what happened…' }).click();
        await expect(page.getByRole('region', { name: 'What happened' })).toContainText('Slot 3 is worn.');
        await expectAccessible(page);
        await other.context().close();
    });

    test('what was not sent yet survives a reload', async ({ page, context }) => {
        await openOwnSet(page, 'Harbour, offline and reloaded');
        await begin(page);
        await sent(page);
        // The server answers pages, but not this.
        await page.route('**/events', (route) => route.abort());
        await wayOn(page).click();
        await wayOn(page).click();
        await expect(page.getByText('2 not sent yet')).toBeVisible();
        await page.reload();
        await expect(step(page)).toHaveText(/^step 3/);
        await page.unroute('**/events');
        await sent(page);
        await page.reload();
        await expect(step(page)).toHaveText(/^step 3/);
        await context.clearCookies();
    });
});

test('two devices on one job see each other’s steps', async ({ page, browser, provoked }) => {
    // A page that was just asking for news is told that the job it has dropped is not there.
    provoked.push(/404/);
    await openOwnSet(page, 'Harbour, two devices');
    await begin(page);
    await sent(page);
    const other = await secondDevice(browser, page.url());
    await wayOn(page).click();
    await expect(step(other)).toHaveText(/^step 2/);
    await wayOn(other).click();
    await expect(step(page)).toHaveText(/^step 3/);
    await other.getByRole('button', { name: 'Back', exact: true }).click();
    await expect(step(page)).toHaveText(/^step 2/);
    await page.getByRole('button', { name: 'More of this job' }).click();
    await page.getByRole('menuitem', { name: 'Change the way…' }).click();
    await expectAccessible(page);
    await chooseOption(page, 'Off at once', 'one string at a time');
    await page.getByRole('button', { name: 'Go on', exact: true }).click();
    await expect(other.getByText('One string at a time. Asked for.')).toBeVisible();
    await page.getByRole('button', { name: 'More of this job' }).click();
    await page.getByRole('menuitem', { name: 'Drop this job' }).click();
    await expect(other.getByText('This job was dropped elsewhere')).toBeVisible();
    await page.getByRole('button', { name: 'Undo' }).first().click();
    await expect(step(page)).toHaveText(/^step 2/);
    await other.context().close();
});

test('cut short: what holds goes on, what does not takes a new string', async ({ page }) => {
    await openOwnSet(page, 'Harbour, cut short');
    await begin(page);
    await goOn(page, main(page).getByText('Let back', { exact: true }));
    const cutShort = async (left: string) => {
        await page.getByRole('button', { name: 'Cut short' }).click();
        await page.getByRole('textbox', { name: /^Left past its post/ }).fill(left);
        await page.keyboard.press('Enter');
    };
    await cutShort('38');
    await expect(page.getByRole('dialog')).toContainText('enough. Go on.');
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Go on with it' }).click();
    await expect(page.getByText('It was cut short: wind what it gives.')).toBeVisible();
    await cutShort('12');
    await expect(page.getByRole('dialog')).toContainText('Never splice a string: take a new one.');
    await page.getByRole('button', { name: 'Take a new one' }).click();
    await expect(main(page)).toContainText('Take off what is there of it');
    await wayOn(page).click();
    await expect(main(page)).toContainText('Take the packet of string 6');
    await page.getByRole('button', { name: 'Broke' }).click();
    await chooseOption(page, 'Where', 'at its post');
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Take a new one' }).click();
    await page.getByRole('button', { name: 'More of this job' }).click();
    await page.getByRole('menuitem', { name: 'Before, after, and what happened…' }).click();
    await expect(page.getByRole('region', { name: 'What happened' })).toContainText('String 6 was cut too short.');
    await expect(page.getByRole('region', { name: 'What happened' })).toContainText('String 6 broke at the post.');
});

test('a slip is taken back, and a wrong string comes off whole', async ({ page }) => {
    await openOwnSet(page, 'Harbour, slips');
    await begin(page);
    await goOn(page, page.getByText('Take the packet of string 1'));
    await page.getByRole('button', { name: 'Wrong string' }).click();
    await chooseOption(page, 'String', '6, C2');
    await chooseOption(page, 'Whose string is on there', '5, F2');
    await expectAccessible(page);
    const told = page.waitForRequest((request) => request.postData()?.includes('"again"') === true);
    await page.getByRole('button', { name: 'Put the right one on' }).click();
    const { events } = (await told).postDataJSON() as { events: { kind: string; data: object }[] };
    expect(events.find(({ kind }) => kind === 'again')?.data).toMatchObject({
        position: 6,
        reason: 'wrong',
        was: 5,
        whole: true,
    });
    await expect(main(page)).toContainText('Back into its own packet');
    await page.getByRole('button', { name: 'Undo' }).first().click();
    await expect(main(page)).toContainText('Take the packet of string 1');
    await page.getByRole('button', { name: 'More of this job' }).click();
    await page.getByRole('menuitem', { name: 'Owner, reason, promised day…' }).click();
    await page.getByRole('textbox', { name: 'Owner or customer' }).fill('Ines Hallam');
    await page.getByLabel('Promised for').fill('2031-05-02');
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Keep it' }).click();
    await sent(page);
    await page.getByRole('button', { name: 'More of this job' }).click();
    await page.getByRole('menuitem', { name: 'Hand it to another bench…' }).click();
    await page.getByRole('textbox', { name: 'Bench' }).fill('Attic');
    await page.getByRole('button', { name: 'Hand it over' }).click();
    await sent(page);
    await page.getByRole('button', { name: 'More of this job' }).click();
    await page.getByRole('menuitem', { name: 'Who works here…' }).click();
    await page.getByRole('textbox', { name: 'Name' }).fill('Tobias');
    await page.getByRole('button', { name: 'Keep it' }).click();
    await page.getByRole('button', { name: 'Note', exact: true }).click();
    await page.getByRole('textbox', { name: 'Note' }).fill('Nut slot 2 filed.');
    await page.getByRole('button', { name: 'Keep it' }).click();
    await sent(page);
    await page.getByRole('button', { name: 'More of this job' }).click();
    await page.getByRole('menuitem', { name: 'Before, after, and what happened…' }).click();
    await expect(page.getByRole('dialog')).toContainText('by Tobias');
    await page.keyboard.press('Escape');
    await page.getByRole('link', { name: 'Jobs' }).click();
    await expect(page.getByRole('listitem').filter({ hasText: 'Ines Hallam · Attic' })).toContainText('promised Fri 2 May');
});

test('no packet is taken for another: a wrong code is refused, and neighbours nearly alike are asked twice', async ({ page }) => {
    await openSet(page, 'Sandpiper, open G');
    const set = /bench\/(\d+)/.exec(page.url())?.[1] ?? '';
    await begin(page);
    await goOn(page, page.getByText(/Take the packet of string 1/));
    // Packets that bear no label of Lira's have no notches; once labels were printed they have.
    await expect(page.getByRole('main')).not.toContainText('notch');
    const bench = await page.context().newPage();
    await bench.goto(`/bench/${set}`);
    await bench.getByRole('button', { name: 'More for this set' }).click();
    await bench.getByRole('menuitem', { name: 'Labels for its packets…' }).click();
    const printed = bench.waitForEvent('popup');
    await bench.getByRole('link', { name: 'Labels (to print)' }).click();
    await (await printed).close();
    await bench.close();
    await page.reload();
    await expect(page.getByRole('main')).toContainText('one notch, plain steel');
    const code = page.getByRole('textbox', { name: 'Packet’s code' });
    await code.fill(`S${set}-3`);
    await page.getByRole('button', { name: 'Check' }).click();
    await expect(page.getByRole('alert')).toContainText(
        'That is string 3, B3 11. Put it back: string 1 is wanted, D4 10, one notch.'.replace(
            'string 3, B3 11',
            'string 3, G3 13',
        ),
    );
    await code.fill('S9999-1');
    await page.getByRole('button', { name: 'Check' }).click();
    await expect(page.getByRole('alert')).toContainText('for another job');
    await expectAccessible(page);
    // A scanner that is a keyboard types the whole address of the label.
    await code.fill('');
    await page.getByRole('heading', { level: 1 }).click();
    await page.keyboard.type(`http://127.0.0.1/packets/S${set}-1`);
    await page.keyboard.press('Enter');
    await expect(page.getByText('Look once more: which is in your hand?')).toBeVisible();
    await expectAccessible(page);
    await page.getByRole('button', { name: /string 2/ }).click();
    await expect(page.getByRole('alert')).toContainText('That is string 2');
    await wayOn(page).click();
    await page.getByRole('button', { name: /^10 string 1/ }).click();
    await expect(page.getByText('Look once more')).toHaveCount(0);
    await expect(main(page)).toContainText('Done: it holds');
});

test('a packet is scanned with the camera', async ({ page, baseURL }, info) => {
    await openOwnSet(page, 'Harbour, scanned');
    const set = /bench\/(\d+)/.exec(page.url())?.[1] ?? '';
    await begin(page);
    await goOn(page, page.getByText('Take the packet of string 6'));
    await sent(page);
    const film = info.outputPath('packet.y4m');
    await writeFile(film, filmOf(`${baseURL}/packets/S${set}-6`));
    const seeing = await chromium.launch({
        ...chromiumOptions,
        args: [
            ...chromiumOptions.args,
            '--use-fake-ui-for-media-stream',
            '--use-fake-device-for-media-stream',
            `--use-file-for-fake-video-capture=${film}`,
        ],
    });
    const tablet = await seeing.newPage({ viewport: { width: 820, height: 1180 } });
    await setClock(tablet.context());
    await tablet.goto(page.url());
    await tablet.getByRole('button', { name: 'Scan it' }).click();
    await expect(main(tablet)).toContainText('From the back, its ball in the cup');
    await expect(tablet.getByRole('dialog')).toHaveCount(0);
    await sent(tablet);
    await seeing.close();
    // Without a camera the code is typed.
    await expect(main(page)).toContainText('From the back, its ball in the cup');
    await page.getByRole('button', { name: 'Back', exact: true }).click();
    await page.getByRole('button', { name: 'Scan it' }).click();
    await expect(page.getByRole('alert')).toContainText('There is no camera here');
    await expectAccessible(page);
});

test('strings come from the drawer: kept, used, missing and ordered', async ({ page }) => {
    const made = (position: number, gauge: number, wound = false) => ({
        position,
        construction: wound ? 'round-wound' : 'plain',
        material: wound ? 'nickel-plated-steel' : 'music-wire',
        gauge_in: gauge / 1000,
    });
    await openOwnSet(page, 'Harbour, from the drawer', {
        strings: [made(1, 11), made(2, 13), made(3, 17), made(4, 26, true), made(5, 36, true), made(6, 51, true)],
    });
    await page.getByRole('button', { name: 'More for this set' }).click();
    await page.getByRole('menuitem', { name: 'Put it on: begin a job…' }).click();
    await expect(page.getByRole('radio', { name: 'from the drawer' })).toBeChecked();
    const strings = page.getByRole('region', { name: 'Strings' });
    await expect(strings.getByRole('row', { name: /^4/ })).toContainText('3 there');
    await expect(strings.getByRole('row', { name: /^6/ })).toContainText('none there');
    await expect(page.getByText('String 6 is not in the drawer. The job can begin; the others go on first.')).toBeVisible();
    await page.getByRole('button', { name: 'Begin', exact: true }).click();
    await goOn(page, page.getByText('Take the packet of string 4'));
    await expect(main(page)).toContainText('from the drawer: Bright wound 26');
    await goOn(page, page.getByText('String 6 is not here'));
    await expectAccessible(page);
    const job = page.url();
    await page.getByRole('button', { name: 'Put it on the order list' }).click();
    await page.getByRole('link', { name: 'It is on the order list' }).click();
    const list = page.getByRole('region', { name: 'Order list' });
    await expect(list).toContainText('string 6 for Harbour, from the drawer');
    await expectAccessible(page);
    await list.getByRole('button', { name: 'Order these…' }).click();
    await expect(page.getByRole('checkbox', { name: 'What is on the order list, too' })).toBeChecked();
    await expect(page.getByRole('button', { name: 'Keep these orders' })).toBeEnabled();
    await expectAccessible(page);
    await page.keyboard.press('Escape');

    await page.goto('/strings/drawer');
    await expect(page.getByRole('listitem').filter({ hasText: 'Bright wound 26' })).toContainText('2 × Bright wound 26');
    await page.getByRole('button', { name: 'History of Bright wound 26' }).click();
    await expect(page.getByRole('dialog')).toContainText('string 4 for Harbour, from the drawer');
    await page.goto(job);
    await page.getByRole('button', { name: 'It is here after all' }).click();
    await expect(page.getByText('String 6 is not here')).toHaveCount(0);
    await goOn(page, page.getByText('All of it is done'));
});

async function secondDevice(browser: Browser, address: string): Promise<Page> {
    const tablet = await browser.newContext({ viewport: { width: 820, height: 1180 } });
    await setClock(tablet);
    const other = await tablet.newPage();
    await other.goto(address);
    return other;
}

/** A film of one picture, in which a square code stands. */
function filmOf(text: string): Buffer {
    const script = `require 'vendor/autoload.php'; echo json_encode(App\\Paper\\QrCode::modules($argv[1]));`;
    const modules = JSON.parse(execFileSync('php', ['-r', script, text], { encoding: 'utf8' })) as boolean[][];
    const [width, height, module] = [640, 480, 10];
    const light = Buffer.alloc(width * height, 235);
    modules.forEach((row, y) =>
        row.forEach((dark, x) => {
            for (let line = 0; dark && line < module; line++) {
                const at = (40 + y * module + line) * width + 100 + x * module;
                light.fill(16, at, at + module);
            }
        }),
    );
    const frame = Buffer.concat([Buffer.from('FRAME\n'), light, Buffer.alloc((width * height) / 2, 128)]);
    return Buffer.concat([Buffer.from(`YUV4MPEG2 W${width} H${height} F10:1 Ip A1:1 C420mpeg2\n`), frame, frame]);
}

const PIXEL = 'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==';

test('a pass that lands and the saddles’ places stand in their steps, above the way on', async ({ page }) => {
    await openOwnSet(page, 'Harbour, all in the job');
    await begin(page);
    await goOn(page, main(page).getByText('Go round again, from below'));
    await page.getByRole('button', { name: 'In one pass that lands…' }).click();
    await expect(page.getByRole('combobox', { name: 'Heard by' })).toBeVisible();
    for (const name of ['1, C4', '2, G3', '3, E♭3', '4, B♭2', '5, F2', '6, C2']) {
        await page.getByRole('textbox', { name }).fill('-40');
        await page.getByRole('textbox', { name }).press('Enter');
    }
    await expect(page.getByText(/The furthest is 40 cents away/)).toBeVisible();
    await expect(page.getByRole('button', { name: 'Begin the round' })).toBeEnabled();
    await expectAccessible(page);

    await goOn(page, main(page).getByText('Compare open and fretted at the 12th'));
    await page.getByRole('textbox', { name: /^Open/ }).fill('0 c');
    await page.getByRole('textbox', { name: /^Open/ }).press('Enter');
    await page.getByRole('textbox', { name: /^At the 12th fret/ }).fill('sharp');
    await page.getByRole('textbox', { name: /^At the 12th fret/ }).press('Enter');
    await expect(page.getByText('“sharp” is no reading')).toBeVisible();
    await page.getByRole('textbox', { name: /^At the 12th fret/ }).fill('+8 +9 +7');
    await page.getByRole('textbox', { name: /^At the 12th fret/ }).press('Enter');
    await expect(page.getByText('8.0 cents sharp at the 12th.')).toBeVisible();
    await expectAccessible(page);
    await expect(wayOn(page)).toBeInViewport();
    // A whole octave off, nobody turns a screw before it was read once more.
    await page.getByRole('textbox', { name: /^At the 12th fret/ }).fill('+300 c');
    await page.getByRole('textbox', { name: /^At the 12th fret/ }).press('Enter');
    await expect(page.getByText('No saddle is so far off.')).toBeVisible();
    await expect(page.getByRole('button', { name: 'It is meant: moved, read it again' })).toBeVisible();
    await wayOn(page).click();
    await expect(main(page)).toContainText('Keep the packets’ labels');
});

test('rounds are kept from the tuner, what it drifts by tells when it holds, and it says so when it has rested', async ({
    page,
}) => {
    await page.clock.install({ time: testNow() });
    await openOwnSet(page, 'Harbour, settling');
    await begin(page);
    const rounds = page.getByRole('region', { name: 'Rounds' });
    await goOn(page, rounds);
    await expectAccessible(page);
    const row = (position: number) => rounds.getByRole('listitem').nth(position - 1);
    await rounds.getByRole('textbox', { name: 'Drift of string 1, cents' }).fill('lots');
    await expect(rounds.getByRole('alert')).toContainText('in cents, such as −20');
    for (let position = 1; position <= 6; position++) {
        await rounds.getByRole('textbox', { name: `Drift of string ${position}, cents` }).fill('-24');
    }
    await rounds.getByRole('button', { name: 'Keep this round' }).click();
    await expect(row(1)).toContainText('−24');
    await expect(row(1)).toContainText(/\d more, perhaps \d+, next about 10/);
    await sent(page);

    // The next one is read with the tuner, on its own page.
    await rounds.getByRole('link', { name: 'Tune it with the tuner' }).click();
    await expect(page.getByRole('combobox', { name: 'Heard by' })).toContainText('another tuner, typed');
    await expect(page.getByRole('combobox', { name: 'Since it was tuned it was' })).toContainText('stretched');
    for (const name of ['1, C4', '2, G3', '3, E♭3', '4, B♭2', '5, F2', '6, C2']) {
        await page.getByRole('textbox', { name }).fill('-2');
        await page.getByRole('textbox', { name }).press('Enter');
    }
    await expect(page.getByText('All stand within 3 cents: nothing is left to do.')).toBeVisible();
    await page.getByRole('button', { name: 'Keep that with the job' }).click();
    await expect(toast(page, 'Kept with the job as round 2.')).toBeVisible();
    await page.getByRole('link', { name: 'Back to the job' }).click();
    await expect(row(6)).toContainText('−24, −2');
    await expect(row(6)).toContainText('holds after 20 min');
    await expect(rounds.getByText(/^It holds \d\d:\d\d, in (19|20) min\.$/)).toBeVisible();
    // Seated, what it drifts by from now on is creep.
    await expect(rounds.getByRole('radio', { name: 'left alone, or played' })).toBeChecked();
    await rounds.getByRole('textbox', { name: 'Drift of string 6, cents' }).fill('-1');
    await rounds.getByRole('button', { name: 'Keep what it drifted' }).click();
    await expect(row(6)).toContainText('−24, −2; left alone −1');
    await sent(page);
    // Before it holds, intonation says so.
    const job = page.url();
    await page.goto(
        (await rounds.getByRole('link', { name: 'Tune it with the tuner' }).getAttribute('href'))?.replace(
            /tune.*/,
            'intonate',
        ) ?? '',
    );
    await expect(page.getByText(/^Its new strings hold \d\d:\d\d\. What is read before will move\.$/)).toBeVisible();
    await page.getByRole('link', { name: 'Back to the job' }).click();
    await expect(page).toHaveURL(job);

    await goOn(page, page.getByRole('button', { name: /^Leave it for/ }));
    await wayOn(page).click();
    await expect(page.getByRole('timer')).toContainText('Look again');
    await sent(page);
    await page.goto('/sets');
    await expect(page.getByRole('heading', { name: 'Sets', level: 1 })).toBeVisible();
    const told = toast(page, 'Harbour has rested: it may be looked at again.');
    await expect(told).toBeHidden();
    await page.clock.fastForward('00:21:00');
    await expect(told).toBeVisible();
    await page.getByRole('button', { name: 'Open', exact: true }).click();
    // By the server it has not: a clock that is ahead is said, and goes for nothing.
    await expect(page.getByText('This device’s clock is 21 min ahead.')).toBeVisible();
    await expect(page.getByRole('timer')).toContainText('Look again');
});
