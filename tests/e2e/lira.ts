import { readFile } from 'node:fs/promises';
import { test as base, expect, type BrowserContext, type Locator, type Page } from '@playwright/test';
import { violations, WCAG } from './axe';

const aheadMs = 1000 * Number(process.env['LIRA_TEST_CLOCK_S'] ?? 0);

/** What time it is on the day of the tests. */
export const testNow = (): number => Date.now() + aheadMs;

/** The ports of this worker's servers: of the demo workshop, of the empty one, and one that a test may serve on itself. */
export function ports(): { demo: number; empty: number; own: number } {
    const worker = Number(process.env['TEST_PARALLEL_INDEX'] ?? 0);
    const [demo = 0, empty = 0, own = 0] = (process.env['LIRA_E2E_PORTS'] ?? '')
        .split(' ')
        .map(Number)
        .slice(3 * worker);
    return { demo, empty, own };
}

/** Sets the clock of a browser to the day of the tests, or so far off it. It goes on as any clock does. */
export async function setClock(context: BrowserContext, offMs = 0): Promise<void> {
    await context.addInitScript((ms) => {
        const Real = Date;
        globalThis.Date = class extends Real {
            constructor(...given: []) {
                super(...((given as unknown[]).length === 0 ? ([Real.now() + ms] as unknown as []) : given));
            }
            static override now(): number {
                return Real.now() + ms;
            }
        } as unknown as DateConstructor;
    }, aheadMs + offMs);
    // What is shown to who comes for the first time was read, but for the test of it.
    await context.addInitScript(() => {
        try {
            localStorage.setItem('lira.first-visit', localStorage.getItem('lira.first-visit') ?? 'read');
        } catch {
            // A page that keeps nothing.
        }
    });
}

/** Every test fails on a console error or an uncaught exception, unless it says which it provokes. */
export const test = base.extend<{ provoked: RegExp[]; quiet: undefined }>({
    baseURL: async ({}, give) => {
        await give(`http://127.0.0.1:${ports().demo}`);
    },
    context: async ({ context }, give) => {
        await setClock(context);
        await give(context);
    },
    provoked: async ({}, give) => {
        await give([]);
    },
    quiet: [
        async ({ page, provoked }, give) => {
            const errors: string[] = [];
            page.on('console', (message) => {
                if (message.type() === 'error' && !provoked.some((known) => known.test(message.text()))) {
                    errors.push(message.text());
                }
            });
            page.on('pageerror', (error) => errors.push(error.message));
            await give(undefined);
            expect(errors).toEqual([]);
        },
        { auto: true },
    ],
});

export { expect };

export const lane = (page: Page, position: number): Locator =>
    page.getByRole('group', { name: `String ${position}`, exact: true });
export const mark = (page: Page, position: number): Locator => lane(page, position).getByRole('slider');
export const pitch = (page: Page, position: number): Locator =>
    page.getByRole('textbox', { name: `Pitch of string ${position}`, exact: true });
export const tension = (page: Page, position: number): Locator => lane(page, position).locator('[data-figure="tension"]');
export const total = (page: Page): Locator => page.locator('[data-figure="total"]');
export const saved = (page: Page): Locator => page.getByRole('status').filter({ hasText: /Saved \d/ });

/** What a toast says where it stands; the same words are also read out, once, elsewhere on the page. */
export const toast = (page: Page, words: string | RegExp): Locator =>
    page.getByRole('region', { name: /^Notifications/ }).getByText(words);

/** What a page's device keeps until the server has taken it, as text. */
export function keptHere(page: Page): Promise<string> {
    return page.evaluate(
        () =>
            new Promise<string>((kept, fail) => {
                const opening = indexedDB.open('lira');
                opening.onerror = () => fail(new Error('Nothing is kept here'));
                opening.onsuccess = () => {
                    const all = opening.result.transaction('parcels').objectStore('parcels').getAll();
                    all.onerror = () => fail(new Error('It cannot be read'));
                    all.onsuccess = () => {
                        opening.result.close();
                        kept(JSON.stringify(all.result));
                    };
                };
            }),
    );
}

/** What is to be printed opens beside the page, at its address and as a PDF. */
export async function expectPaper(page: Page, address: RegExp, press: () => Promise<void>): Promise<void> {
    const [answer] = await Promise.all([
        page.context().waitForEvent('response', (response) => address.test(response.url())),
        page.waitForEvent('popup'),
        press(),
    ]);
    expect([answer.status(), answer.headers()['content-type']]).toEqual([200, 'application/pdf']);
}

/** Opens a demo set from the list, as somebody would. */
export async function openSet(page: Page, name: string): Promise<void> {
    // Other tests make sets: by then it may stand on another page of the list.
    await page.goto(`/sets?${new URLSearchParams({ for: name }).toString()}`);
    await page.getByRole('link', { name, exact: true }).click();
    await expect(page.getByRole('textbox', { name: 'Name of the set' })).toHaveValue(name);
}

/** Puts a set of a test's own on the bench: the baritone of the examples under another name. */
export async function openOwnSet(page: Page, name: string, changed: Record<string, unknown> = {}): Promise<void> {
    const document = JSON.parse(await readFile('docs/examples/harbour-baritone.json', 'utf8')) as Record<string, unknown>;
    const body = JSON.stringify({ ...document, ...changed, name });
    await page.goto('/sets');
    await page
        .getByLabel('Set document to import')
        .setInputFiles({ name: 'set.json', mimeType: 'application/json', buffer: Buffer.from(body) });
    await expect(page.getByRole('textbox', { name: 'Name of the set' })).toHaveValue(name);
    await expect(tension(page, ((changed['strings'] ?? document['strings']) as unknown[]).length)).toHaveValue(/\d/);
}

/** Presses Tab until something has the focus, as somebody without a pointer gets there. */
export async function tabTo(page: Page, goal: Locator): Promise<void> {
    for (let presses = 0; presses < 120; presses++) {
        if (await goal.evaluate((element) => element === document.activeElement)) {
            return;
        }
        await page.keyboard.press('Tab');
    }
    throw new Error('The Tab key does not lead there');
}

/** Does one of the things in the menu of the set that is on the Bench. */
export async function ofSet(page: Page, item: string | RegExp): Promise<void> {
    await page.getByRole('button', { name: 'More for this set' }).click();
    await page.getByRole('menuitem', { name: item }).click();
}

/** Takes one of a list. */
export async function chooseOption(page: Page, field: string, option: string): Promise<void> {
    await page.getByRole('combobox', { name: field, exact: true }).click();
    await page.getByRole('option', { name: option, exact: true }).click();
}

export async function expectAccessible(page: Page): Promise<void> {
    expect(await violations(page, { type: 'tag', values: [...WCAG, 'best-practice'] })).toEqual([]);
}
