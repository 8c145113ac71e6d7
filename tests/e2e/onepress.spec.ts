import type { Locator, Page } from '@playwright/test';
import { add, pluckOf, room } from '../unit/scenes';
import { expect, expectAccessible, openOwnSet, ports, setClock, test } from './lira';
import { HARBOUR, hearing, NO_STRING } from './heard';

/** A string is one look and one press: by keys, a pedal and a thumb, on whatever is strung. */

const wayOn = (page: Page): Locator => page.locator('main button.rounded-float.bg-ink');
const main = (page: Page): Locator => page.getByRole('main');

async function begin(page: Page, choose: () => Promise<void> = () => Promise.resolve()): Promise<void> {
    await page.getByRole('button', { name: 'More for this set' }).click();
    await page.getByRole('menuitem', { name: 'Put it on: begin a job…' }).click();
    await choose();
    await page.getByRole('button', { name: 'Begin', exact: true }).click();
    await page.getByRole('button', { name: 'A string at once' }).click();
    await expect(page.getByRole('button', { name: 'Step by step' })).toBeVisible();
}

/** What is read at arm's length stands above the buttons, in lines of at most eight words. */
async function expectReadable(page: Page): Promise<void> {
    const buttons = (await page.locator('footer').boundingBox())?.y ?? NaN;
    for (const line of await page.locator('main [data-line]').all()) {
        const words = await line.innerText();
        expect(words.split(/\s+/).length, words).toBeLessThanOrEqual(8);
        const box = await line.boundingBox();
        expect((box?.y ?? NaN) + (box?.height ?? NaN), words).toBeLessThanOrEqual(buttons);
    }
}

/** Presses until all that is left is to let it settle; what was on the button each time, and what to do then. */
async function toSettling(page: Page, press: () => Promise<void>): Promise<{ claims: string[]; lines: string[][] }> {
    const [claims, lines]: [string[], string[][]] = [[], []];
    while (!(await main(page).getByText('Two or three rounds').isVisible())) {
        await expectReadable(page);
        const [claim, before] = [await wayOn(page).innerText(), await main(page).innerText()];
        claims.push(claim);
        lines.push(await page.locator('main [data-line]').allInnerTexts());
        await press();
        await expect.poll(() => main(page).innerText()).not.toBe(before);
        expect(claims.length).toBeLessThan(40);
    }
    return { claims, lines };
}

const strings = (of: [number, string, string][]) =>
    of.map(([gauge_in, construction, material], index) => ({ position: index + 1, construction, material, gauge_in }));

const instrument = (kind: string, length_mm: number, more: object = {}) => ({
    instrument: { name: 'Harbour', kind, scale: { type: 'single', length_mm }, ...more },
});

test('six strings that are known take at most fourteen presses by keys, and say no more than was done', async ({ page }) => {
    await openOwnSet(page, 'Harbour, at once by keys');
    await begin(page);
    const { claims, lines } = await toSettling(page, () => page.keyboard.press('Space'));
    expect(claims).toEqual([
        'All is ready',
        'Strings 1 and 6 are off',
        'Done',
        '6 is on, brought to pitch by hand',
        '1 is on, brought to pitch by hand',
        'Strings 2 and 5 are off',
        '5 is on, brought to pitch by hand',
        '2 is on, brought to pitch by hand',
        'Strings 3 and 4 are off',
        '4 is on, brought to pitch by hand',
        '3 is on, brought to pitch by hand',
        'Done: none has moved',
    ]);
    expect(lines[3]).toContain('pull it straight, mark it at the post');
    // Back takes back a whole string, and nothing else; the same device goes on so next time.
    await page.keyboard.press('Backspace');
    await page.keyboard.press('Backspace');
    await expect(wayOn(page)).toHaveText('3 is on, brought to pitch by hand');
    await expect(page.getByRole('img', { name: /let back before it/ })).toBeVisible();
    await expectAccessible(page);
    await page.reload();
    await expect(wayOn(page)).toHaveText('3 is on, brought to pitch by hand');
    await page.getByRole('button', { name: 'Step by step' }).click();
    await expect(main(page)).toContainText('Take the packet of string 3');
    await wayOn(page).click();
    // What was done step by step is not asked again.
    await page.getByRole('button', { name: 'A string at once' }).click();
    await expect(wayOn(page)).toHaveText('3 is on, brought to pitch by hand');
});

test('one string that broke takes five presses by a pedal, the others stay', async ({ page }) => {
    await openOwnSet(page, 'Harbour, one at once');
    await begin(page, () => page.getByRole('button', { name: 'String 4, B♭2' }).click());
    const { claims, lines } = await toSettling(page, () => page.keyboard.press('PageDown'));
    expect(claims).toEqual([
        'All is ready',
        'Done: it is off',
        'Done',
        '4 is on, brought to pitch by hand',
        'Done: none has moved',
    ]);
    expect(lines[0]).toContain('They give the pitch');
});

test('all off and tuned together: a string is on and wound, and pitch has its own press', async ({ page }) => {
    await openOwnSet(page, 'Harbour, all at once');
    await begin(page, async () => {
        await page.getByRole('combobox', { name: 'Off at once', exact: true }).click();
        await page.getByRole('option', { name: 'all, slackened evenly' }).click();
        await expect(page.getByText('The neck takes its load back evenly.')).toBeVisible();
    });
    const { claims } = await toSettling(page, () => page.keyboard.press('PageDown'));
    expect(claims.filter((claim) => claim.endsWith('is on and wound'))).toHaveLength(6);
    expect(claims).toContain('Strings 1, 2, 3, 4, 5 and 6 are off');
    expect(claims.at(-1)).toBe('Done: all at their pitch');
    expect(claims.length).toBeLessThanOrEqual(14);
});

for (const { what, changed, shows, presses } of [
    {
        what: 'a banjo',
        // A first and a fifth that look alike are asked for twice.
        presses: 14,
        shows: ['loop on its hook, under the keeper', 'pull it straight, mark it at the post'],
        changed: {
            ...instrument('banjo', 670, { short_strings: [{ position: 5, starts_at_fret: 5 }] }),
            tunings: [{ name: 'Open G', a4_hz: 440, pitches: ['D4', 'B3', 'G3', 'D3', 'G4'] }],
            strings: strings([
                [0.01, 'plain', 'music-wire'],
                [0.012, 'plain', 'music-wire'],
                [0.016, 'plain', 'music-wire'],
                [0.023, 'round-wound', 'phosphor-bronze'],
                [0.009, 'plain', 'music-wire'],
            ]),
        },
    },
    {
        what: 'nylon with ties',
        presses: 16,
        shows: ['two passes, tail under string 2', 'one pass, tail under string 5'],
        changed: {
            ...instrument('classical-guitar', 650),
            tunings: [{ name: 'E standard', a4_hz: 440, pitches: ['E4', 'B3', 'G3', 'D3', 'A2', 'E2'] }],
            strings: strings([
                [0.028, 'plain', 'nylon'],
                [0.032, 'plain', 'nylon'],
                [0.04, 'plain', 'nylon'],
                [0.029, 'round-wound', 'silver-plated-copper'],
                [0.035, 'round-wound', 'silver-plated-copper'],
                [0.043, 'round-wound', 'silver-plated-copper'],
            ]),
        },
    },
    {
        what: 'elastomer',
        presses: 12,
        shows: ['end seated, stretched hard'],
        changed: {
            ...instrument('elastomer-bass', 535),
            tunings: [{ name: 'Bass', a4_hz: 440, pitches: ['G2', 'D2', 'A1', 'E1'] }],
            strings: strings([
                [0.1, 'plain', 'polyurethane'],
                [0.13, 'plain', 'polyurethane'],
                [0.17, 'plain', 'polyurethane'],
                [0.22, 'plain', 'polyurethane'],
            ]),
        },
    },
]) {
    test(`${what} by touch, on a tablet and a phone: one press a string`, async ({ browser }) => {
        const context = await browser.newContext({ viewport: { width: 820, height: 1180 }, hasTouch: true });
        await setClock(context);
        const page = await context.newPage();
        await openOwnSet(page, `Harbour, ${what} at once`, { baseline: undefined, ...changed });
        await begin(page);
        const { lines, claims } = await toSettling(page, async () => {
            // Two taps at one place within a moment are one that bounced: a thumb comes back from elsewhere.
            await page.getByRole('heading', { level: 1 }).tap();
            await wayOn(page).tap();
            const { width } = page.viewportSize() ?? { width: 0 };
            await page.setViewportSize(width === 820 ? { width: 390, height: 844 } : { width: 820, height: 1180 });
        });
        expect(claims.length).toBeLessThanOrEqual(presses);
        expect(lines.flat()).toEqual(expect.arrayContaining(shows));
        await context.close();
    });
}

test('with the tuner listening, the press says the pitch as it was read', async ({ page }, info) => {
    await openOwnSet(page, 'Harbour, at once heard');
    await begin(page);
    const { sound } = pluckOf(HARBOUR[5] ?? NO_STRING, 5);
    const all = room(1, 6);
    add(all, sound, 0.5);
    const listening = await hearing(all, info.outputPath('six.wav'));
    const tablet = await listening.newPage({ viewport: { width: 1280, height: 800 } });
    await tablet.goto(page.url());
    await tablet.getByRole('button', { name: 'A string at once' }).click();
    for (const claim of ['All is ready', 'Strings 1 and 6 are off', 'Done']) {
        await expect(wayOn(tablet)).toHaveText(claim);
        await wayOn(tablet).press('Space');
    }
    await expect(wayOn(tablet)).toHaveText('6 is on, brought to pitch by hand');
    await tablet.getByRole('button', { name: 'Listen', exact: true }).click();
    await expect(wayOn(tablet)).toHaveText(/^6 is on and (at its pitch|stands [+−]\d+ cents)$/, { timeout: 60_000 });
    await wayOn(tablet).press('Space');
    await expect(main(tablet)).toHaveAttribute('data-unsent', '0');
    const job = /jobs\/(\d+)/.exec(page.url())?.[1];
    const { events } = (await (await page.request.get(`http://127.0.0.1:${ports().demo}/jobs/${job}/news?since=0`)).json()) as {
        events: { kind: string; data: { key: string; cents?: number } }[];
    };
    const tuned = events.findLast(({ data }) => data.key === 'tune-string:6');
    expect(tuned?.data.cents).toEqual(expect.any(Number));
    expect(events.filter(({ data }) => data.cents !== undefined)).toHaveLength(1);
    await listening.close();
});
