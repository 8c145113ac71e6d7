import type { BrowserContext, Page, Route } from '@playwright/test';
import { expect, expectAccessible, keptHere, lane, mark, openOwnSet, pitch, saved, tension, test, toast } from './lira';
import { OwnServer } from './ownServer';

const told = (page: Page, words: string | RegExp) => page.getByRole('status').filter({ hasText: words });

/** The gauge on a lane, to know it again; its figures may still be on their way. */
async function gaugeOf(page: Page, position: number): Promise<RegExp> {
    const text = (await mark(page, position).getAttribute('aria-valuetext')) ?? '';
    return new RegExp(`^${text.split(',')[0] ?? ''},`);
}

/** The page goes without a last word. */
async function crash(browser: BrowserContext, page: Page): Promise<void> {
    const session = await browser.newCDPSession(page);
    const gone = page.waitForEvent('crash');
    session.send('Page.crash').catch(() => undefined);
    await gone;
    await page.close();
}

const SAVING = /\/sets\/\d+$/;

/** Lets no save of a design through, not even a last one of a page that goes. */
async function withoutSaving(browser: BrowserContext, answer: (route: Route) => Promise<void>): Promise<void> {
    await browser.route(SAVING, (route) => (route.request().method() === 'PUT' ? answer(route) : route.continue()));
}

test('changes that were not saved are offered after a crash, taken up, and saved then', async ({ page, context, provoked }) => {
    provoked.push(/Failed to load resource/);
    await openOwnSet(page, 'Reloaded');
    await withoutSaving(context, (route) => route.abort());
    await mark(page, 2).focus();
    await page.keyboard.press('ArrowRight');
    await expect(told(page, 'Your changes are kept in this browser')).toBeVisible();
    const changed = await gaugeOf(page, 2);
    const address = page.url();
    // As in a crash: the page goes without a last word.
    await page.evaluate(() =>
        window.addEventListener('pagehide', (event) => event.stopImmediatePropagation(), { capture: true }),
    );
    await crash(context, page);
    const again = await context.newPage();
    await again.goto(address);
    await expect(told(again, /Changes to this set from \d\d:\d\d were not saved/)).toBeVisible();
    await expect(mark(again, 2)).not.toHaveAttribute('aria-valuetext', changed);
    await expectAccessible(again);
    await context.unroute(SAVING);
    await again.getByRole('button', { name: 'Take them up' }).click();
    await expect(mark(again, 2)).toHaveAttribute('aria-valuetext', changed);
    await expect(saved(again)).toBeVisible();
    await again.reload();
    await expect(mark(again, 2)).toHaveAttribute('aria-valuetext', changed);
    await expect(told(again, 'were not saved')).toHaveCount(0);
});

test('what was left in this very tab is offered until one decides, however often it is reloaded', async ({ page }) => {
    await openOwnSet(page, 'Undecided');
    // As a tab that a browser brings back after a crash: what its page had kept is there before the new one begins.
    await page.addInitScript(() => {
        const kept = sessionStorage.getItem('kept by the page before');
        if (kept !== null) {
            sessionStorage.removeItem('kept by the page before');
            const unsaved = JSON.parse(kept) as { set: number; tab: string };
            localStorage.setItem(`lira.unsaved.${unsaved.set}.${unsaved.tab}`, kept);
        }
    });
    await page.evaluate(async () => {
        const set = Number(window.location.pathname.split('/').pop());
        const now = (await (await fetch(`/sets/${set}`)).json()) as { revision: number; document: object };
        const kept = { ...now, set, at: new Date(Date.now() - 60_000).toISOString(), tab: sessionStorage.getItem('lira.tab') };
        sessionStorage.setItem(
            'kept by the page before',
            JSON.stringify({ ...kept, document: { ...now.document, notes: 'Not saved' } }),
        );
    });
    for (let reloads = 0; reloads < 3; reloads++) {
        await page.reload();
        await expect(told(page, /Changes to this set from \d\d:\d\d were not saved/)).toBeVisible();
    }
    await page.getByRole('button', { name: 'Take them up' }).click();
    await expect(page.getByRole('textbox', { name: 'Notes' })).toHaveValue('Not saved');
    await expect(saved(page)).toBeVisible();
    await page.reload();
    await expect(page.getByRole('textbox', { name: 'Notes' })).toHaveValue('Not saved');
    await expect(told(page, 'were not saved')).toHaveCount(0);
});

test('a reload in the middle of a change loses nothing of it', async ({ page }) => {
    await openOwnSet(page, 'Reloaded at once');
    await mark(page, 2).focus();
    await page.keyboard.press('ArrowRight');
    const changed = await gaugeOf(page, 2);
    await page.reload();
    await expect(mark(page, 2)).toHaveAttribute('aria-valuetext', changed);
    await expect(saved(page)).toBeVisible();
    await expect(told(page, 'were not saved')).toHaveCount(0);
    await mark(page, 2).focus();
    await page.keyboard.press('ArrowRight');
    await expect(page.getByRole('button', { name: 'Undo' })).toBeEnabled();
    await expect(saved(page)).toBeVisible();
});

test('of a set that is not open the changes are told elsewhere, and can be kept as a new one', async ({
    page,
    context,
    provoked,
}) => {
    provoked.push(/Failed to load resource/);
    await openOwnSet(page, 'Left behind');
    await withoutSaving(context, (route) => route.abort());
    await page.getByRole('textbox', { name: 'Notes' }).fill('Typed, and not even left yet');
    await expect.poll(() => keptHere(page)).toContain('not even left yet');
    await page.evaluate(() =>
        window.addEventListener('pagehide', (event) => event.stopImmediatePropagation(), { capture: true }),
    );
    await crash(context, page);
    const other = await context.newPage();
    await other.goto('/instruments');
    await expect(told(other, 'Changes to “Left behind” from')).toBeVisible();
    await other.getByRole('button', { name: 'Keep them as a new set' }).click();
    await expect(other.getByRole('textbox', { name: 'Name of the set' })).toHaveValue('Left behind, kept');
    await expect(other.getByRole('textbox', { name: 'Notes' })).toHaveValue('Typed, and not even left yet');
    await expect(told(other, 'were not saved')).toHaveCount(0);
});

test('a server that cannot save just now is named, and tried again until it can', async ({ page, context, provoked }) => {
    provoked.push(/503/);
    await openOwnSet(page, 'Busy');
    await withoutSaving(context, (route) =>
        route.fulfill({
            status: 503,
            contentType: 'application/json',
            body: JSON.stringify({ format: 'lira-error', errors: [{ path: '', message: 'The database is busy.' }] }),
        }),
    );
    await mark(page, 1).focus();
    await page.keyboard.press('ArrowRight');
    await expect(told(page, 'Not saved yet: The database is busy.')).toBeVisible();
    await expect(told(page, 'does not answer')).toHaveCount(0);
    await expectAccessible(page);
    await context.unroute(SAVING);
    await expect(saved(page)).toBeVisible();
    await expect(told(page, 'The database is busy')).toHaveCount(0);
});

test('what is typed and cannot be used stays out of the design, on every field of the Bench', async ({ page, provoked }) => {
    provoked.push(/422/);
    await openOwnSet(page, 'Mistyped');
    await pitch(page, 1).fill('X9');
    await pitch(page, 1).press('Enter');
    await expect(lane(page, 1).getByRole('alert')).toBeVisible();
    await expect(pitch(page, 1)).toHaveValue('C4');
    const a4 = page.getByRole('textbox', { name: 'A4' });
    await a4.fill('4000');
    await a4.press('Enter');
    await expect(
        page
            .getByRole('alert')
            .filter({ hasText: /4000|A4/ })
            .first(),
    ).toBeVisible();
    await expect(a4).toHaveValue('440');
    const capo = page.getByRole('textbox', { name: 'Capo on fret' });
    await capo.fill('40');
    await capo.press('Enter');
    await expect(page.getByRole('alert').filter({ hasText: 'fret 1 to 12' })).toBeVisible();
    await expect(capo).toHaveValue('');
    // Saving goes on all the while.
    await mark(page, 3).focus();
    await page.keyboard.press('ArrowRight');
    await expect(page.getByRole('button', { name: 'Undo' })).toBeEnabled();
    await expect(saved(page)).toBeVisible();
    await pitch(page, 1).fill('d');
    await pitch(page, 1).press('Enter');
    await expect(pitch(page, 1)).toHaveValue('D4');
    await expect(lane(page, 1).getByRole('alert')).toHaveCount(0);
});

test('a dialog whose script cannot be fetched says so in its place, and opens once it can', async ({ page, provoked }) => {
    provoked.push(/404/, /Failed to fetch dynamically imported module/);
    await page.route(/\/assets\/SolveDialog-[^/]+\.js/, (route) => route.fulfill({ status: 404, body: '' }));
    await openOwnSet(page, 'Without a part');
    await page.getByRole('button', { name: 'Choose gauges', exact: true }).click();
    const missing = page.getByRole('dialog', { name: 'This part could not be fetched' });
    await expect(missing).toBeVisible();
    await expectAccessible(page);
    await missing.getByRole('button', { name: 'Leave it' }).click();
    await expect(missing).toHaveCount(0);
    // The rest goes on.
    await mark(page, 1).focus();
    await page.keyboard.press('ArrowRight');
    await expect(saved(page)).toBeVisible();
    await page.getByRole('button', { name: 'Choose gauges', exact: true }).click();
    await page.unroute(/\/assets\/SolveDialog-[^/]+\.js/);
    await missing.getByRole('button', { name: 'Try again' }).click();
    await expect(page.getByRole('dialog', { name: 'Choose gauges' })).toBeVisible();
});

test('a page that cannot be opened is told where everything is told, and opens on another try', async ({ page, provoked }) => {
    provoked.push(/Failed to load resource/, /500/);
    await openOwnSet(page, 'Still here');
    await page.route('**/instruments', (route) => route.abort());
    await page.getByRole('link', { name: 'Instruments', exact: true }).click();
    await expect(told(page, 'The page could not be opened: Lira’s server does not answer')).toBeVisible();
    await expect(page.getByRole('textbox', { name: 'Name of the set' })).toHaveValue('Still here');
    await page.unroute('**/instruments');
    await page.getByRole('button', { name: 'Try again' }).click();
    await expect(page.getByRole('heading', { name: 'Instruments' })).toBeVisible();
    await expect(told(page, 'could not be opened')).toHaveCount(0);

    // No raw answer in a frame, whatever it was.
    await page.route('**/sets', (route) => route.fulfill({ status: 500, contentType: 'text/html', body: '<h1>Whoops</h1>' }));
    await page.getByRole('link', { name: 'Sets', exact: true }).click();
    await expect(told(page, 'The page could not be opened: Something went wrong on Lira’s side')).toBeVisible();
    await expect(page.getByText('Whoops')).toHaveCount(0);
    await expectAccessible(page);
    await page.unroute('**/sets');
    await page.getByRole('button', { name: 'Try again' }).click();
    await expect(page.getByRole('heading', { name: 'Sets' })).toBeVisible();
});

test('when the server goes away and comes back, every screen says so and then no more', async ({ page, provoked }) => {
    provoked.push(/Failed to load resource/);
    await page.goto('/strings');
    await expect(page.getByRole('searchbox', { name: 'Find' })).toBeVisible();
    await page.route('**/*', (route) => route.abort());
    await page.getByRole('searchbox', { name: 'Find' }).fill('nylon');
    await expect(told(page, 'What you see is as it was last')).toBeVisible();
    await page.unroute('**/*');
    await expect(told(page, 'does not answer')).toHaveCount(0);
});

test('what comes after the lanes is fetched again until the server gives it, and the lanes go on', async ({ page, provoked }) => {
    provoked.push(/Failed to load resource/);
    await page.route(/\/StringPanel-[^/]*\.js/, (route) => route.abort());
    await openOwnSet(page, 'Panel to come');
    await mark(page, 1).focus();
    await page.keyboard.press('ArrowRight');
    await expect(mark(page, 1)).toHaveAttribute('aria-valuetext', /^1[12](\.5)? plain/);
    const panel = page.getByRole('complementary', { name: /^String 1/ });
    await expect(panel).toHaveCount(0);
    await page.unroute(/\/StringPanel-[^/]*\.js/);
    await expect(panel).toBeVisible();
});

test('a server that is stopped and started again finds everything and takes what was changed meanwhile', async ({
    page,
    provoked,
}) => {
    provoked.push(/Failed to load resource/);
    const server = await OwnServer.begin('other');
    try {
        await page.goto(`${server.address}/sets`);
        await page.getByLabel('Set document to import').setInputFiles('docs/examples/harbour-baritone.json');
        await expect(tension(page, 6)).toHaveValue(/\d/);
        await server.stop();
        await mark(page, 2).focus();
        await page.keyboard.press('ArrowRight');
        await expect(told(page, 'Your changes are kept in this browser')).toBeVisible();
        const changed = await gaugeOf(page, 2);
        await page.getByRole('link', { name: 'Instruments', exact: true }).click();
        await expect(toast(page, 'The last changes are not saved, so this set stays open.')).toBeVisible();
        await server.startAgain();
        await expect(saved(page)).toBeVisible({ timeout: 30_000 });
        await expect(told(page, 'does not answer')).toHaveCount(0);
        await page.reload();
        await expect(mark(page, 2)).toHaveAttribute('aria-valuetext', changed);
    } finally {
        await server.stop();
    }
});

test('of two who change one pool or one supplier the later is told and can keep both', async ({ page, context, provoked }) => {
    provoked.push(/409/);
    await page.goto('/strings/pools');
    await page.getByRole('button', { name: 'New pool' }).click();
    await page.getByRole('textbox', { name: 'Name' }).fill('Shared');
    await page.getByRole('button', { name: 'Make the pool' }).click();
    await page.getByRole('button', { name: 'Change Shared' }).click();
    const other = await context.newPage();
    await other.goto('/strings/pools');
    await other.getByRole('button', { name: 'Change Shared' }).click();
    await other.getByRole('checkbox', { name: 'Only what lies in the drawer' }).check();
    await other.getByRole('button', { name: 'Save' }).click();
    await expect(other.getByRole('listitem').filter({ hasText: 'Shared' })).toContainText('only what is in the drawer');
    await other.close();

    await page.getByRole('checkbox', { name: /With half gauges/ }).uncheck();
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByRole('alert')).toContainText('“Shared” was changed elsewhere');
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Keep mine as a new one' }).click();
    await expect(page.getByRole('listitem').filter({ hasText: 'Shared, mine' })).toContainText('no half gauges');
    await expect(page.getByRole('listitem').filter({ hasText: /^Shared(?!,)/ })).toContainText('only what is in the drawer');
    await page.getByRole('button', { name: 'Remove Shared, mine' }).click();
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByRole('heading', { name: 'Shared, mine' })).toBeVisible();
});

test('of two who measure one instrument the later is told, and keeps both', async ({ page, context, provoked }) => {
    provoked.push(/409/);
    await openOwnSet(page, 'On a shared instrument', {
        instrument: { name: 'Wherry, shared', kind: 'electric-guitar', scale: { type: 'single', length_mm: 686 } },
    });
    const measured = (on: Page) => on.getByRole('tab', { name: 'Measure' }).click();
    await page.getByRole('link', { name: 'Wherry, shared' }).click();
    await measured(page);
    await expect(page).toHaveURL(/view=measure/);
    const owner = page.getByRole('textbox', { name: 'Owner or customer' });
    await expect(owner).toHaveValue('');
    const other = await context.newPage();
    await other.goto(page.url());
    await other.getByRole('textbox', { name: 'Owner or customer' }).fill('Avery');
    await other.getByRole('button', { name: 'Save', exact: true }).click();
    await expect(toast(other, '“Wherry, shared” is saved.')).toBeVisible();
    await other.close();

    await owner.fill('Robin');
    await page.getByRole('button', { name: 'Save', exact: true }).click();
    await expect(page.getByRole('alert')).toContainText('“Wherry, shared” was changed elsewhere');
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Keep mine as a new instrument' }).click();
    await expect(page.getByRole('heading', { name: 'Wherry, shared, mine' })).toBeVisible();
    await measured(page);
    await expect(owner).toHaveValue('Robin');
    await page.goto('/instruments');
    await page.getByRole('link', { name: 'Wherry, shared', exact: true }).click();
    await measured(page);
    await expect(owner).toHaveValue('Avery');
});

test('packaged sets that two have typed stand one below the other', async ({ page, context, provoked }) => {
    provoked.push(/409/);
    const open = async (on: Page) => {
        await on.goto('/strings/suppliers');
        await on
            .getByRole('row', { name: /Marram String Works/ })
            .getByRole('button', { name: /sets/i })
            .click();
        const text = on.getByRole('textbox', { name: 'Packaged sets' });
        await expect(text).toHaveValue(/,/);
        return text;
    };
    const mine = await open(page);
    const listed = await mine.inputValue();
    const first = (listed.split('\n')[0] ?? '').split(',');
    const another = (code: string) => [code, code, '9.90', ...first.slice(3)].join(',');
    const other = await context.newPage();
    const theirs = await open(other);
    await theirs.fill(`${listed.trimEnd()}\n${another('THEIRS')}`);
    await other.getByRole('button', { name: 'Save' }).click();
    await expect(toast(other, /packaged sets of Marram String Works are listed/)).toBeVisible();
    await other.close();

    await mine.fill(`${listed.trimEnd()}\n${another('MINE')}`);
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByRole('alert')).toContainText('was changed elsewhere');
    await page.getByRole('button', { name: 'Put theirs below mine' }).click();
    await expect(mine).toHaveValue(/MINE,[^]*\nTHEIRS,/);
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(toast(page, /packaged sets of Marram String Works are listed/)).toBeVisible();
    await expect(await open(page)).toHaveValue(/MINE,[^]*THEIRS,|THEIRS,[^]*MINE,/);
});

test('an order that is dropped gives back what was kept for it, and comes back with Undo', async ({ page }) => {
    await openOwnSet(page, 'Ordered and dropped', {
        instrument: { name: 'Dinghy', kind: 'electric-guitar', scale: { type: 'single', length_mm: 648 } },
        tunings: [{ name: 'High', pitches: ['E4', 'B3', 'G3', 'D3', 'A2', 'E2'] }],
        strings: [0.01, 0.013, 0.017, 0.026, 0.036, 0.046].map((gauge_in, index) => ({
            position: index + 1,
            construction: index < 3 ? 'plain' : 'round-wound',
            material: index < 3 ? 'music-wire' : 'nickel-plated-steel',
            gauge_in,
        })),
    });
    await expect(tension(page, 1)).toHaveValue(/\d/);
    await page.getByRole('button', { name: 'More for this set' }).click();
    await page.getByRole('menuitem', { name: 'Order its strings…' }).click();
    const plan = page.getByRole('dialog', { name: 'Order for sets' });
    await plan.getByRole('spinbutton', { name: 'Sets of Ordered and dropped' }).fill('9');
    await plan.getByRole('button', { name: 'Keep these orders' }).dblclick();
    const order = page.getByRole('region', { name: /^Order \d+$/ }).first();
    await expect(order).toContainText(/strings of the drawer are kept for it/);
    const orders = await page
        .getByRole('region', { name: /^Order \d+$/ })
        .filter({ hasText: 'Ordered and dropped' })
        .count();
    expect(orders).toBeLessThanOrEqual(3);
    await expectAccessible(page);
    await page.getByRole('link', { name: 'Drawer', exact: true }).click();
    await expect(page.getByText(/kept for orders/).first()).toBeVisible();
    await page.getByRole('link', { name: 'Orders', exact: true }).click();
    for (let left = orders; left > 0; left--) {
        await order.getByRole('button', { name: 'Drop it' }).click();
        await expect(page.getByRole('region', { name: /^Order \d+$/ }).filter({ hasText: 'Ordered and dropped' })).toHaveCount(
            left - 1,
        );
    }
    await page.getByRole('button', { name: 'Undo' }).last().click();
    await expect(page.getByRole('region', { name: /^Order \d+$/ }).filter({ hasText: 'Ordered and dropped' })).toHaveCount(1);
    await expect(order).toContainText(/kept for it/);
});

test('Back closes a dialog before it leaves the page, and what was closed otherwise is passed over', async ({ page }) => {
    await openOwnSet(page, 'Back from a dialog');
    const dialog = page.getByRole('dialog', { name: 'Choose gauges' });
    await page.getByRole('button', { name: 'Choose gauges', exact: true }).click();
    await expect(dialog).toBeVisible();
    await page.goBack();
    await expect(dialog).toHaveCount(0);
    await expect(page.getByRole('button', { name: 'Choose gauges', exact: true })).toBeFocused();
    await expect(page.getByRole('textbox', { name: 'Name of the set' })).toHaveValue('Back from a dialog');
    await page.getByRole('button', { name: 'Choose gauges', exact: true }).click();
    await expect(dialog).toBeVisible();
    await page.keyboard.press('Escape');
    await expect(dialog).toHaveCount(0);
    await page.goBack();
    await expect(page.getByRole('heading', { name: 'Sets' })).toBeVisible();
});

test('a list is chosen from by its first letter or by an arrow before what draws it is fetched', async ({ page }) => {
    await openOwnSet(page, 'A list by keys');
    const panel = page.getByRole('complementary', { name: 'String 1' });
    const end = panel.getByRole('combobox', { name: 'End' });
    const held: (() => void)[] = [];
    let holds = true;
    await page.route(/\/assets\/SelectParts-[^/]+\.js/, async (route) => {
        if (holds) {
            await new Promise<void>((go) => held.push(go));
        }
        await route.continue();
    });
    await page.reload();
    await end.focus();
    await expect(end).toHaveText('not said');
    await end.press('a');
    await expect.poll(() => held.length).toBe(1);
    holds = false;
    held.forEach((go) => go());
    await expect(end).toHaveText('a ball end');
    await expect(end).toBeFocused();
    await expect(saved(page)).toBeVisible();
    await page.reload();
    await expect(end).toHaveText('a ball end');
    await end.focus();
    await end.press('ArrowDown');
    await expect(page.getByRole('option', { name: 'a ball end', exact: true })).toBeFocused();
    await page.keyboard.press('ArrowDown');
    await expect(page.getByRole('option', { name: 'a loop end', exact: true })).toBeFocused();
    await page.keyboard.press('Enter');
    await expect(end).toHaveText('a loop end');
    await expect(end).toBeFocused();
});
