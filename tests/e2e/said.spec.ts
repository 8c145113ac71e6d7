import { execFileSync } from 'node:child_process';
import type { Browser, Locator, Page } from '@playwright/test';
import { inOrder, type Received } from '../../resources/js/events/log';
import { expect, expectAccessible, openOwnSet, ports, setClock, tabTo, test, testNow, toast } from './lira';
import { Network } from './proxy';

/** What is said at the bench is never dropped: with the dialogs' own defaults, on any network, by any clock. */

const wayOn = (page: Page): Locator => page.locator('main button.rounded-float.bg-ink');
const main = (page: Page): Locator => page.getByRole('main');
const step = (page: Page): Locator => page.getByText(/^(step \d+ of \d+|all \d+ steps done|finished)$/);
const press = (page: Page, name: string) => page.getByRole('button', { name, exact: true }).click();

async function begin(page: Page, name: string): Promise<number> {
    await openOwnSet(page, name);
    await press(page, 'More for this set');
    await page.getByRole('menuitem', { name: 'Put it on: begin a job…' }).click();
    await press(page, 'Begin');
    await expect(step(page)).toHaveText(/^step 1 of/);
    return Number(/jobs\/(\d+)/.exec(page.url())?.[1]);
}

/** Goes on until a part of the job is come to. */
async function goTo(page: Page, words: string | RegExp): Promise<void> {
    for (let presses = 0; presses < 90 && !(await main(page).getByText(words).first().isVisible()); presses++) {
        const before = await main(page).innerText();
        await wayOn(page).click();
        await expect.poll(() => main(page).innerText()).not.toBe(before);
    }
    await expect(main(page).getByText(words).first()).toBeVisible();
}

/** All that was said is taken, and nothing of it was refused. */
async function taken(page: Page): Promise<void> {
    await expect(main(page)).toHaveAttribute('data-unsent', '0');
    await expect(main(page)).toHaveAttribute('data-refused', '0');
}

interface Known {
    events: Received[];
    state: { job: { bench: string; owner: string; status: string } };
}

/** What the server knows of a job. */
async function known(page: Page, job: number): Promise<Known> {
    return (await (await page.request.get(`http://127.0.0.1:${ports().demo}/jobs/${job}/news?since=0`)).json()) as Known;
}

const last = (events: Received[], kind: string) => events.findLast((event) => event.kind === kind)?.data;

test('every way of a job is taken with what its dialog offers by itself', async ({ page }) => {
    const job = await begin(page, 'Harbour, as it is offered');
    await goTo(page, 'Slacken it until it flops');
    await press(page, 'What was seen');
    await press(page, 'dull');
    await expect(page.getByRole('button', { name: 'dull', exact: true })).toHaveAttribute('aria-pressed', 'true');
    await press(page, 'corroded');
    await press(page, '5');
    await page.getByRole('textbox', { name: 'or another number' }).fill('0');
    await page.keyboard.press('Tab');
    await expect(page.getByRole('dialog')).toContainText('Type turns from 0.1 to 20');
    await press(page, 'Back to the string');
    await taken(page);
    expect(last((await known(page, job)).events, 'died')).toEqual({ position: 6, how: 'corroded', where: '' });
    expect(last((await known(page, job)).events, 'turned')).toEqual({ position: 6, turns: 5 });

    await goTo(page, 'Take the packet of string 6');
    for (const [button, act, expected] of [
        ['Broke', 'Take a new one', { reason: 'broke', where: '', was: null, whole: false }],
        ['Take a spare', 'Take another one', { reason: 'spare', where: '', was: null, whole: false }],
        ['Wrong string', 'Put the right one on', { reason: 'wrong', where: '', was: null, whole: true }],
    ] as const) {
        await press(page, button);
        await page.getByRole('dialog').getByRole('button', { name: act }).click();
        await taken(page);
        expect(last((await known(page, job)).events, 'again')).toEqual({ position: 6, ...expected });
    }
    // An undo is one event more, and what it undoes stays among what was said.
    const said = (await known(page, job)).events.length;
    await toast(page, /String 6 comes off again/)
        .locator('..')
        .getByRole('button', { name: 'Undo' })
        .click();
    await expect.poll(async () => (await known(page, job)).events.length).toBe(said + 1);
    await taken(page);
    await press(page, 'Cut short');
    await page.getByRole('textbox', { name: /^Left past its post/ }).fill('38');
    await page.keyboard.press('Enter');
    await press(page, 'Go on with it');
    await press(page, 'Note');
    await page.getByRole('textbox', { name: 'Note' }).fill('Slot 6 is worn.');
    await press(page, 'Keep it');
    for (const item of ['Owner, reason, promised day…', 'Hand it to another bench…', 'Who works here…']) {
        await press(page, 'More of this job');
        await page.getByRole('menuitem', { name: item }).click();
        const dialog = page.getByRole('dialog');
        await dialog.getByRole('textbox').first().fill('');
        await dialog.getByRole('button', { name: /Keep it|Hand it over/ }).click();
        await taken(page);
    }
    const { events, state } = await known(page, job);
    expect(last(events, 'agreed')).toMatchObject({ owner: '', promised_on: null });
    expect(last(events, 'bench')).toEqual({ bench: '' });
    expect([state.job.bench, state.job.owner]).toEqual(['', '']);
});

test('a dialog that was left gives the focus back to itself, and one key too many skips no rest', async ({ page }) => {
    await begin(page, 'Harbour, one key too many');
    await goTo(page, 'Take the packet of string 6');
    const at = await main(page).innerText();
    await tabTo(page, page.getByRole('button', { name: 'Broke', exact: true }));
    await page.keyboard.press('Enter');
    await expect(page.getByRole('dialog', { name: 'It broke' })).toBeVisible();
    await page.keyboard.press('Escape');
    await expect(page.getByRole('button', { name: 'Broke', exact: true })).toBeFocused();
    await page.keyboard.press('Enter');
    await expect(page.getByRole('dialog', { name: 'It broke' })).toBeVisible();
    await page.keyboard.press('Escape');
    await taken(page);
    expect(await main(page).innerText()).toBe(at);

    // A key that is held down does one step.
    await wayOn(page).focus();
    await page.keyboard.down('Enter');
    await page.keyboard.down('Enter');
    await page.keyboard.down('Enter');
    await page.keyboard.up('Enter');
    await expect(main(page)).toContainText('From the back, its ball in the cup');
    await goTo(page, /^Leave it for/);
    await page.keyboard.press('Enter');
    await expect(page.getByRole('timer')).toContainText('Look again');
    const resting = await step(page).innerText();
    await press(page, 'Skip the rest…');
    await expect(page.getByRole('dialog')).toContainText('moves again');
    await expectAccessible(page);
    await page.keyboard.press('Enter');
    await expect(page.getByRole('dialog')).toHaveCount(0);
    await expect(step(page)).toHaveText(resting);
    await expect(page.getByRole('timer')).toContainText('Look again');
    // The way on leads to other jobs: the rest stands.
    await wayOn(page).click();
    await expect(page).toHaveURL(/\/jobs$/);
    await page.goBack();
    await expect(page.getByRole('timer')).toContainText('Look again');
});

test.describe('on a network that answers in Lira’s place', () => {
    test.use({ provoked: [/Failed to load resource|net::|ERR_/] });

    test('nothing is lost, it is said why nothing goes out, and it all arrives once it can', async ({ page }) => {
        const network = await Network.before(ports().demo, 1, 'through');
        const job = await begin(page, 'Harbour, in a guest network');
        await taken(page);
        await page.goto(`${network.address}/jobs/${job}`);
        await expect(step(page)).toHaveText(/^step 1 of/);
        network.way = 'page';
        for (const number of [2, 3, 4]) {
            await wayOn(page).click();
            await expect(step(page)).toHaveText(new RegExp(`^step ${number} of`));
        }
        await expect(page.getByText('3 not sent yet')).toBeVisible();
        await expect(page.getByText(/answers in its place: a network that wants you to sign in/)).toBeVisible();
        await expectAccessible(page);
        for (const way of ['redirect', 'empty', 'forbidden', 'sign-in', 'busy', 'cut'] as const) {
            const before = network.met.get(way) ?? 0;
            network.way = way;
            await expect.poll(() => (network.met.get(way) ?? 0) - before).toBeGreaterThan(0);
            await expect(main(page)).toHaveAttribute('data-unsent', '3');
        }
        network.way = 'cut after';
        await expect.poll(async () => (await known(page, job)).events.length).toBe(3);
        network.way = 'through';
        await taken(page);
        expect((await known(page, job)).events.map(({ kind }) => kind)).toEqual(['did', 'did', 'did']);
        await network.end();
    });

    test('two hundred steps on two devices: both ends are equal, and equal to what the core makes of them', async ({
        page,
        browser,
    }) => {
        const networks = await Promise.all([11, 23].map((seed) => Network.before(ports().demo, seed, 'through')));
        const job = await begin(page, 'Harbour, on two bad networks');
        await taken(page);
        const devices = await Promise.all(networks.map((network) => deviceIn(browser, `${network.address}/jobs/${job}`)));
        networks.forEach((network) => (network.way = 'by chance'));
        let presses = 0;
        while (presses < 200) {
            for (const device of devices) {
                // Now and then one goes back; where it rests or nothing is left, too. What is pressed is what was read: the other one's
                // steps may come in between, and then it is another press that leads elsewhere.
                const goesOn =
                    presses % 5 !== 4 &&
                    (await wayOn(device).evaluate((button) => {
                        if (!(button instanceof HTMLElement)) {
                            return false;
                        }
                        const leads =
                            /^(Done|It is|Leave|Put)/.test(button.innerText) && !document.querySelector('[role="timer"]');
                        if (leads) {
                            button.click();
                        }
                        return leads;
                    }));
                const back = device.getByRole('button', { name: 'Back', exact: true });
                if (!goesOn && (await back.isEnabled())) {
                    await back.click();
                }
                presses++;
            }
        }
        networks.forEach((network) => (network.way = 'through'));
        for (const device of devices) {
            await taken(device);
        }
        const { events } = await known(page, job);
        const ids = new Set(events.map(({ id }) => id));
        expect(ids.size).toBe(events.length);
        const said = new Set(networks.flatMap(({ posted }) => posted));
        expect([...said].filter((id) => !ids.has(id))).toEqual([]);
        expect(said.size).toBeGreaterThan(120);
        // Both say the same, and the core says it of the same log.
        await expect
            .poll(async () => {
                const [one, other] = await Promise.all(devices.map((device) => main(device).innerText()));
                return one === other;
            })
            .toBe(true);
        expect(new Set(events.map(({ device }) => device)).size).toBe(2);
        expect(inOrder(events).map(({ id }) => id)).toEqual(orderByCore(events));
        await Promise.all([...networks.map((network) => network.end()), ...devices.map((device) => device.context().close())]);
    });
});

/** Somebody else wants more room on a page's device than there is: the browser looks how much that is. */
function asksForRoom(page: Page, letters: number): Promise<string> {
    return page.evaluate(
        (size) =>
            new Promise<string>((done, failed) => {
                const opening = indexedDB.open('others', 1);
                opening.onupgradeneeded = () => opening.result.createObjectStore('things', { autoIncrement: true });
                opening.onerror = () => failed(new Error('It cannot be opened'));
                opening.onsuccess = () => {
                    const writing = opening.result.transaction('things', 'readwrite');
                    writing.objectStore('things').add('x'.repeat(size));
                    writing.oncomplete = () => done('fits');
                    writing.onabort = () => done(writing.error?.name ?? '');
                };
            }),
        letters,
    );
}

test('a device whose room is used up says so and sends at once', async ({ page, browser }) => {
    const job = await begin(page, 'Harbour, without room');
    await taken(page);
    const kinds = async () => (await known(page, job)).events.map(({ kind }) => kind);
    const full = await browser.newContext();
    await setClock(full);
    const tablet = await full.newPage();
    const devtools = await full.newCDPSession(tablet);
    const { origin } = new URL(page.url());
    await devtools.send('Storage.overrideQuotaForOrigin', { origin, quotaSize: 400_000 });
    await tablet.goto(page.url());
    await wayOn(tablet).click();
    await taken(tablet);
    await devtools.send('Storage.overrideQuotaForOrigin', { origin, quotaSize: 1 });
    expect(await asksForRoom(tablet, 500_000)).toBe('QuotaExceededError');
    await wayOn(tablet).click();
    await expect(step(tablet)).toHaveText(/^step 3 of/);
    await expect(tablet.getByText(/no room left on this device/)).toBeVisible();
    await expectAccessible(tablet);
    await taken(tablet);
    expect(await kinds()).toEqual(['did', 'did']);

    // Where there was none from the beginning, nothing is kept, and all of it arrives as well.
    await tablet.close();
    const none = await full.newPage();
    await (await full.newCDPSession(none)).send('Storage.overrideQuotaForOrigin', { origin, quotaSize: 1 });
    await (await full.newCDPSession(none)).send('Storage.clearDataForOrigin', { origin, storageTypes: 'indexeddb' });
    await none.goto(page.url());
    await wayOn(none).click();
    await expect(none.getByText(/This browser keeps nothing for Lira/)).toBeVisible();
    await taken(none);
    expect(await kinds()).toEqual(['did', 'did', 'did']);
    await full.close();
});

test('a device that is a day behind says so, and its steps stand at their time', async ({ page, browser }) => {
    const job = await begin(page, 'Harbour, a day behind');
    await taken(page);
    const behind = await browser.newContext({ viewport: { width: 820, height: 1180 } });
    await setClock(behind, -86_400_000);
    const device = await behind.newPage();
    await device.goto(page.url());
    await expect(device.getByText('This device’s clock is 24 h behind.')).toBeVisible();
    await expectAccessible(device);
    await wayOn(device).click();
    await taken(device);
    const [event] = (await known(page, job)).events;
    expect(Math.abs(Date.parse(event?.at ?? '') - testNow())).toBeLessThan(600_000);
    await expect(step(page)).toHaveText(/^step 2/);
    await behind.close();
});

async function deviceIn(browser: Browser, address: string): Promise<Page> {
    const context = await browser.newContext({ viewport: { width: 1100, height: 800 } });
    await setClock(context);
    const device = await context.newPage();
    await device.goto(address);
    await expect(step(device)).toHaveText(/^step 1 of/);
    return device;
}

/** The ids of events in the order that the core gives them. */
function orderByCore(events: Received[]): string[] {
    const script = `require 'vendor/autoload.php';
        echo json_encode(array_map(fn ($event) => $event->id, Tests\\Core\\Job\\EventLogs::log(json_decode(stream_get_contents(STDIN)))->events));`;
    return JSON.parse(execFileSync('php', ['-r', script], { input: JSON.stringify(events), encoding: 'utf8' })) as string[];
}
