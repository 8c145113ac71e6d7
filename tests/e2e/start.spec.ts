import type { Page } from '@playwright/test';
import { expect, expectAccessible, lane, openSet, pitch, ports, tension, test, toast, total } from './lira';

/** A workshop with nothing in it, as the configuration starts it. */
const EMPTY = `http://127.0.0.1:${ports().empty}`;

/** Most things a beginner may have to do, from an empty workshop to the best set. */
const MOST_ACTIONS = 6;

/** Counts what somebody does: each run of typing and each key or click that goes on. */
function counted(page: Page) {
    let actions = 0;
    return {
        type: async (text: string) => {
            actions++;
            await page.keyboard.type(text);
        },
        press: async (key: string) => {
            actions++;
            await page.keyboard.press(key);
        },
        actions: () => actions,
    };
}

const gauges = (page: Page) =>
    page
        .getByRole('textbox', { name: /^Gauge of string \d+, typed$/ })
        .evaluateAll((all) => all.map((each) => Number((each as HTMLInputElement).value)));
const name = (page: Page) => page.getByRole('textbox', { name: 'Name of the set' });

/** Answers the three questions and waits for the Bench. */
async function start(page: Page, instrument: string, present: string, wish: string): Promise<void> {
    await page.goto('/start');
    await page.getByRole('textbox', { name: 'The instrument' }).fill(instrument);
    await page.getByRole('textbox', { name: 'What is on it, and how it is tuned' }).fill(present);
    await page.getByRole('textbox', { name: 'What it should become' }).fill(wish);
    await page.getByRole('button', { name: 'Choose the strings' }).click();
    await expect(total(page)).toHaveText(/N$/);
}

test('from an empty workshop a beginner stands before the best set within six actions, by keyboard alone', async ({ page }) => {
    const does = counted(page);
    await page.goto(EMPTY);
    await expect(page.getByRole('textbox', { name: 'The instrument' })).toBeFocused();
    await expectAccessible(page);
    await does.type('electric guitar 25.5');
    await does.press('Enter');
    await does.type('10-46 in E');
    await does.press('Enter');
    await does.type('C standard');
    await does.press('Enter');

    await expect(name(page)).toHaveValue('Electric guitar, C standard');
    expect(does.actions()).toBeLessThanOrEqual(MOST_ACTIONS);
    // Solved, beside what is on it now, with what it aims at and why.
    await expect(page.getByText('measured from 10–46 in E standard')).toBeVisible();
    for (const position of [1, 2, 3, 4, 5, 6]) {
        await expect(lane(page, position)).toContainText('feels the same');
    }
    await expect(page.getByRole('heading', { name: 'What it aims at' })).toBeVisible();
    await expect(page.getByRole('textbox', { name: 'Notes' })).toHaveValue(
        /Every string is the gauge that comes nearest to the feel of “10–46 in E standard”/,
    );
    // The instrument and the set are kept.
    await page.getByRole('link', { name: 'Instruments', exact: true }).click();
    await expect(page.getByRole('row', { name: /Electric guitar/ })).toContainText('647.7 mm');
});

test('an empty workshop may be looked at with the demo in it, and the demo taken out whole', async ({ page }) => {
    await page.goto(`${EMPTY}/start`);
    // What the test before made stands there: only an empty workshop is offered the demo.
    await expect(page.getByRole('button', { name: 'Or look round the demo workshop first' })).toHaveCount(0);
    await page.goto('/start');
    await expect(page.getByRole('button', { name: 'Take the demo out…' })).toBeVisible();
    await expectAccessible(page);
});

test('what is not understood is said with the nearest that is, at its question, and nothing is kept', async ({
    page,
    provoked,
}) => {
    provoked.push(/422/);
    await page.goto('/start');
    await page.getByRole('textbox', { name: 'The instrument' }).fill('electric gitar');
    await expect(page.getByText('Did you mean')).toBeVisible();
    await page.getByRole('textbox', { name: 'The instrument' }).fill('electric guitar');
    await page.getByRole('textbox', { name: 'What it should become' }).fill('C standart');
    await expect(page.getByText('Did you mean “C standard”?')).toBeVisible();
    await page.getByRole('button', { name: 'Choose the strings' }).click();
    await expect(page.getByRole('textbox', { name: 'What it should become' })).toBeFocused();
    await expect(page).toHaveURL(/\/start$/);
    await expectAccessible(page);
});

test('a baritone on a longer neck', async ({ page }) => {
    await start(page, 'electric guitar 25.5 in', '10-46 in E standard', 'B standard at 27 in');
    await expect(name(page)).toHaveValue(/685\.8 mm, Baritone B|, B standard|Baritone B/);
    await expect(pitch(page, 6)).toHaveValue('B1');
    const [first = 0, , , , , last = 0] = await gauges(page);
    expect(first).toBeGreaterThan(10);
    expect(last).toBeGreaterThan(46);
    await expect(lane(page, 6)).toContainText('feels the same');
    await expect(page.getByRole('textbox', { name: 'Notes' })).toHaveValue(/the same feel takes lighter gauges/);
});

test('a five-string bass down to F♯0', async ({ page }) => {
    await start(page, 'five-string bass 35 in', '', 'down to F#0');
    await expect(pitch(page, 5)).toHaveValue('F♯0');
    const all = await gauges(page);
    expect(all).toHaveLength(5);
    expect(all[4]).toBeGreaterThan(130);
    await expect(tension(page, 5)).toHaveValue(/\d/);
});

test('octave stringing changes the four lower strings and says never to tune the old ones up', async ({ page }) => {
    await start(page, 'electric guitar 25.5 in', '10-46', 'octave stringing');
    await expect(pitch(page, 3)).toHaveValue('G4');
    const all = await gauges(page);
    expect(all.slice(0, 2)).toEqual([10, 13]);
    expect(Math.max(...all.slice(2))).toBeLessThan(30);
    await expect(page.getByRole('textbox', { name: 'Notes' })).toHaveValue(/never tuned up/);
});

test('one set for three tunings shows its span over all of them', async ({ page }) => {
    await start(page, 'electric guitar', '10-46 in E', 'E standard, drop D and DADGAD');
    const tunings = page.getByRole('group', { name: 'Tunings this set serves' });
    for (const tuning of ['E standard', 'Drop D', 'DADGAD']) {
        await expect(tunings.getByRole('button', { name: tuning, exact: true })).toBeVisible();
    }
    await page.getByRole('button', { name: 'Choose gauges', exact: true }).click();
    const dialog = page.getByRole('dialog', { name: 'Choose gauges' });
    // Both ends of what it does over the tunings, not one of them.
    await expect(dialog.getByRole('button', { name: /for string 6,.*[+−±]\d+\/[+−±]\d+ % from the aim/ }).first()).toBeVisible();
    await expectAccessible(page);
    await dialog.getByRole('button', { name: 'Close' }).click();
    await expect(dialog).toHaveCount(0);
    await expect(page.getByRole('button', { name: 'Choose gauges', exact: true })).toBeFocused();
});

test('a twelve-string is tuned by the names of its courses', async ({ page }) => {
    await start(page, '12-string acoustic guitar', '', 'D A D G A D');
    await expect(name(page)).toHaveValue('Twelve-string acoustic guitar, DADGAD');
    await expect(pitch(page, 12)).toHaveValue('D2');
    await expect(pitch(page, 11)).toHaveValue('D3');
    await expect(pitch(page, 1)).toHaveValue('D4');
});

test('from an instrument to a set for it, from what is on it now', async ({ page }) => {
    await page.goto('/instruments');
    await page.getByRole('link', { name: 'Curlew', exact: true }).click();
    await page.getByRole('link', { name: 'Design a set for it' }).click();
    await expect(page.getByRole('textbox', { name: 'The instrument' })).toHaveValue('Curlew');
    await expect(page.getByText(/^As usual: .* in /).first()).toBeVisible();
    await page.getByRole('textbox', { name: 'What it should become' }).fill('a fourth lower');
    await page.getByRole('button', { name: 'Choose the strings' }).click();
    await expect(name(page)).toHaveValue(/^Curlew, /);
    await page.getByRole('link', { name: 'Curlew', exact: true }).click();
    await page.getByRole('link', { name: /^Its \d+ sets$/ }).click();
    await expect(page.getByRole('row', { name: /Curlew/ }).first()).toBeVisible();
    await expect(page).toHaveURL(/\/sets\?instrument=\d+$/);
});

test.describe('everything from everywhere', () => {
    test('the palette finds strings by gauge, jobs, orders and commands on any page, and makes a new set', async ({ page }) => {
        await page.goto('/log');
        await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
        await page.keyboard.press('Control+k');
        const palette = page.getByRole('dialog', { name: 'Do or open something' });
        await expect(palette.getByRole('combobox')).toBeFocused();
        await page.keyboard.type('46w');
        await expect(palette.getByRole('option', { name: /^46 wound/ }).first()).toBeVisible();
        await expectAccessible(page);
        await page.keyboard.press('Enter');
        await expect(page).toHaveURL(/\/strings\?string=\d+$/);
        await expect(page.getByRole('complementary', { name: 'The string' })).toContainText('46');
        await page.keyboard.press('Control+k');
        await page.keyboard.type('new set');
        await expect(palette.getByRole('option', { name: /^New set/ })).toHaveAttribute('aria-selected', 'true');
        await page.keyboard.press('Enter');
        await expect(page).toHaveURL(/\/start$/);
    });

    test('whatever a page can do is found by its name, what belongs to one thing of many once it is sought', async ({ page }) => {
        await page.goto('/strings/suppliers');
        await expect(page.getByRole('table')).toBeVisible();
        await page.keyboard.press('Control+k');
        const palette = page.getByRole('dialog', { name: 'Do or open something' });
        await expect(palette.getByRole('option', { name: 'New supplier' })).toBeVisible();
        await expect(palette.getByRole('option', { name: /^Bring in a list of/ })).toHaveCount(0);
        await page.keyboard.type('list of marram');
        await expect(palette.getByRole('option', { name: /^Bring in a list of Marram/ })).toHaveAttribute(
            'aria-selected',
            'true',
        );
        await page.keyboard.press('Enter');
        await expect(page.getByRole('dialog', { name: /^Bring in a list of Marram/ })).toBeVisible();
        await page.keyboard.press('Escape');

        await page.goto('/jobs');
        await page.getByRole('main').getByRole('link', { name: 'Curlew' }).first().click();
        await expect(page).toHaveURL(/\/jobs\/\d+/);
        await expect(page.getByRole('button', { name: 'More of this job' })).toBeVisible();
        await page.keyboard.press('Control+k');
        await page.keyboard.type('another bench');
        await expect(palette.getByRole('option', { name: 'Hand it to another bench…' })).toHaveAttribute('aria-selected', 'true');
        await page.keyboard.press('Enter');
        await expect(page.getByRole('dialog', { name: 'Hand it to another bench' })).toBeVisible();
    });

    test('lists are found and ordered by their address', async ({ page }) => {
        await page.goto('/strings/drawer?order=-there');
        const amounts = () => page.getByRole('row').locator('td:first-of-type').allInnerTexts();
        await expect(page.getByRole('columnheader', { name: 'There are' })).toHaveAttribute('aria-sort', 'descending');
        const shown = (await amounts()).map((text) => parseInt(text, 10));
        expect(shown.length).toBeGreaterThan(3);
        expect(shown).toEqual([...shown].sort((a, b) => b - a));
        await page.getByRole('button', { name: 'String', exact: true }).click();
        await expect(page).toHaveURL(/order=gauge$/);
        await page.getByRole('checkbox', { name: /^Only what runs low/ }).check();
        await expect(page).toHaveURL(/low=1/);
        await page.goBack();
        await expect(page.getByRole('checkbox', { name: /^Only what runs low/ })).not.toBeChecked();

        await page.goto('/jobs?for=sandpiper');
        const jobs = page.getByRole('main').getByRole('listitem');
        await expect(jobs.first()).toContainText('Sandpiper');
        await expect(jobs.filter({ hasText: 'Smack' })).toHaveCount(0);
        await page.getByRole('searchbox', { name: 'Find a job' }).fill('nobody');
        await page.getByRole('button', { name: /^Show all \d+$/ }).click();
        await expect(jobs.filter({ hasText: 'Smack' }).first()).toBeVisible();
    });

    test.describe('while the palette is still on its way', () => {
        /** Holds back what draws it; gives the way to let it come. */
        const held = async (page: Page) => {
            let release = () => {};
            const asked = new Promise<void>((resolve) => (release = resolve));
            await page.route(/\/Palette-[^/]*\.js/, async (route) => {
                await asked;
                await route.continue();
            });
            await openSet(page, 'Harbour, down to C');
            await page.keyboard.press('Control+k');
            return release;
        };

        test('what is typed is not lost, and does nothing else', async ({ page }) => {
            const release = await held(page);
            await page.keyboard.type('words explx');
            await page.keyboard.press('Backspace');
            await page.keyboard.press('Enter');
            await expect(page.getByRole('dialog')).toHaveCount(0);
            release();
            await expect(page).toHaveURL(/\/words$/);
        });

        test('what is typed on goes behind it', async ({ page }) => {
            const release = await held(page);
            await page.keyboard.type('words');
            release();
            const field = page.getByRole('dialog').getByRole('combobox');
            await expect(field).toBeFocused();
            await page.keyboard.type(' expl');
            await expect(field).toHaveValue('words expl');
            await expect(page.getByRole('option', { name: 'Words explained' })).toHaveAttribute('aria-selected', 'true');
        });
    });

    test('on the Bench the palette takes a tuning and a set as they are typed', async ({ page }) => {
        await start(page, 'electric guitar', '9-42', 'E standard');
        await page.keyboard.press('Control+k');
        await page.keyboard.type('half a step down');
        await expect(page.getByRole('option', { name: 'Tune to E flat standard' })).toHaveAttribute('aria-selected', 'true');
        await page.keyboard.press('Enter');
        // Notes that are a tuning carry its name, and the name that was made follows.
        await expect(name(page)).toHaveValue(/, E flat standard$/);
        await page.keyboard.press('Control+k');
        await page.keyboard.type('10-46');
        await expect(page.getByRole('option', { name: 'Put 10-46 on it' })).toBeVisible();
        await page.getByRole('option', { name: 'Put 10-46 on it' }).click();
        await expect(toast(page, 'Took the whole set. Undo brings the other back.')).toBeVisible();
        expect(await gauges(page)).toEqual([10, 13, 17, 26, 36, 46]);
    });

    test('single-letter keys can be switched off, and everything else goes on working', async ({ page }) => {
        await openSet(page, 'Harbour, down to C');
        await page.keyboard.press('?');
        const keys = page.getByRole('dialog', { name: 'Keys that work here' });
        await expect(keys).toContainText('Choose gauges');
        await expectAccessible(page);
        await keys.getByRole('checkbox').uncheck();
        await expect(keys).not.toContainText('Choose gauges');
        await page.keyboard.press('Escape');
        await expect(keys).toHaveCount(0);
        await page.keyboard.press('s');
        await page.keyboard.press('Control+k');
        await expect(page.getByRole('dialog')).toHaveCount(1);
        await expect(page.getByRole('dialog', { name: 'Do or open something' })).toBeVisible();
        await page.keyboard.type('single-letter');
        await expect(page.getByRole('option', { name: 'Switch single-letter keys on' })).toHaveAttribute('aria-selected', 'true');
        await page.keyboard.press('Enter');
        await expect(page.getByRole('dialog')).toHaveCount(0);
        await expect.poll(() => page.evaluate(() => document.cookie)).toContain('lira_letters=on');
        await page.keyboard.press('s');
        await expect(page.getByRole('dialog', { name: 'Choose gauges' })).toBeVisible();
    });

    test('sets are ticked, put away together, found again and brought back; sorting and filters stand in the address', async ({
        page,
    }) => {
        for (const tuning of ['drop D', 'open G']) {
            await start(page, 'ukulele 17 in', '', tuning === 'drop D' ? 'low G' : 'D');
        }
        await page.goto('/sets');
        await page.getByRole('searchbox', { name: 'Find a set' }).fill('ukulele');
        await expect(page).toHaveURL(/for=ukulele/);
        await page.getByRole('button', { name: 'Set', exact: true }).click();
        await expect(page.getByRole('columnheader', { name: 'Set', exact: true })).toHaveAttribute('aria-sort', 'ascending');
        await expect(page).toHaveURL(/order=name/);
        await page.goBack();
        await expect(page).not.toHaveURL(/order=name/);
        const rows = page.getByRole('row', { name: /431\.8 mm|Ukulele, / }).filter({ has: page.getByRole('checkbox') });
        const [first, second] = [rows.nth(0).getByRole('checkbox'), rows.nth(1).getByRole('checkbox')];
        await first.check();
        await second.check();
        await expectAccessible(page);
        await page.getByRole('toolbar', { name: 'With the ticked sets' }).getByRole('button', { name: 'Put away' }).click();
        await expect(toast(page, '2 sets were put away.')).toBeVisible();
        // The focus is somewhere on the page, not lost.
        expect(await page.evaluate(() => document.activeElement === document.body)).toBe(false);
        await page.getByRole('link', { name: /put away$/ }).click();
        await expect(page.getByRole('heading', { name: 'Sets put away', level: 1 })).toBeVisible();
        await expectAccessible(page);
        await page
            .getByRole('button', { name: /^Bring back Ukulele/ })
            .first()
            .click();
        await expect(toast(page, /brought back\.$/)).toBeVisible();
    });

    test('what was put away says so at its own address and comes back', async ({ page, provoked }) => {
        provoked.push(/404/);
        await start(page, 'ukulele 17 in', '', 'low G');
        const address = page.url();
        await page.getByRole('button', { name: 'More for this set' }).click();
        await page.getByRole('menuitem', { name: 'Put away' }).click();
        await expect(page).toHaveURL(/\/sets$/);
        await page.goto(address);
        await expect(page.getByText('This set was put away.')).toBeVisible();
        await expectAccessible(page);
        await page.getByRole('button', { name: 'Bring it back' }).click();
        await expect(total(page)).toHaveText(/N$/);
        await page.goto('/no/such/place');
        await page.getByRole('button', { name: 'Find something…' }).click();
        await expect(page.getByRole('dialog', { name: 'Do or open something' })).toBeVisible();
    });
});

test.describe('on a phone', () => {
    test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

    test('Back closes a dialog first, and leaves the page after', async ({ page }) => {
        await openSet(page, 'Harbour, down to C');
        const address = page.url();
        await page.getByRole('button', { name: 'Choose gauges', exact: true }).tap();
        await expect(page.getByRole('dialog', { name: 'Choose gauges' })).toBeVisible();
        await page.goBack();
        await expect(page.getByRole('dialog')).toHaveCount(0);
        expect(page.url()).toBe(address);
        await expect(total(page)).toHaveText(/N$/);
        await page.goBack();
        await expect(page).toHaveURL(/\/sets/);
    });
});

test.describe('on a phone, a string', () => {
    test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

    test('opens its figures right under its lane, and they go along to the next one', async ({ page }) => {
        await openSet(page, 'Harbour, down to C');
        const panel = page.getByRole('complementary', { name: /^String \d$/ });
        await expect(panel).toHaveCount(0);
        await page.getByRole('button', { name: 'More of string 1' }).tap();
        await expect(panel).toHaveAccessibleName('String 1');
        const under = async (position: number) => {
            const [above, own] = await Promise.all([lane(page, position).boundingBox(), panel.boundingBox()]);
            return Math.round((own?.y ?? 0) - (above?.y ?? 0) - (above?.height ?? 0));
        };
        expect(await under(1)).toBeLessThanOrEqual(1);
        await expectAccessible(page);
        await page.getByRole('textbox', { name: 'Pitch of string 4', exact: true }).tap();
        await expect(panel).toHaveAccessibleName('String 4');
        expect(await under(4)).toBeLessThanOrEqual(1);
        await page.getByRole('button', { name: 'Less of string 4' }).tap();
        await expect(panel).toHaveCount(0);
    });
});

test.describe('where no script is allowed', () => {
    test.use({ javaScriptEnabled: false });

    test('the set that was on the bench can be read', async ({ page }) => {
        await page.goto('/bench');
        await expect(page.getByRole('heading', { level: 1 })).not.toBeEmpty();
        await expect(page.getByRole('table')).toContainText(/261\.6 Hz|329\.6 Hz|\d Hz/);
        await expect(page.getByText(/^Whole instrument \d+ N$/)).toBeVisible();
    });
});

test('a word says what it means where it stands, by key as by pointer, and all of them stand on a page', async ({ page }) => {
    await openSet(page, 'Harbour, down to C');
    const word = page
        .getByRole('button', { name: 'What it aims at' })
        .or(page.getByRole('button', { name: 'Where the number comes from' }))
        .first();
    await word.focus();
    await page.keyboard.press('Enter');
    const meaning = page.getByRole('dialog', { name: /^What “.*” means$/ });
    await expect(meaning).toContainText(/string|pull/);
    await expectAccessible(page);
    await page.keyboard.press('Escape');
    await expect(meaning).toHaveCount(0);
    await word.click();
    await meaning.getByRole('link', { name: 'All words' }).click();
    await expect(page.getByRole('heading', { name: 'Words', level: 1 })).toBeVisible();
    await page.getByRole('searchbox', { name: 'Find a word' }).fill('octave');
    await expect(page.getByRole('definition').filter({ hasText: 'the old ones would break' })).toBeVisible();
    await expect(page.getByText('What the strings leave the headstock over')).toHaveCount(0);
    await expectAccessible(page);
});

test('who comes for the first time is shown three things, once', async ({ page }) => {
    await page.goto('/bench');
    await expect(page.getByRole('region', { name: 'Here for the first time' })).toHaveCount(0);
    await page.evaluate(() => localStorage.setItem('lira.first-visit', 'new'));
    await page.reload();
    const shown = page.getByRole('region', { name: 'Here for the first time' });
    await expect(shown.getByRole('listitem')).toHaveCount(3);
    await expectAccessible(page);
    await shown.getByRole('button', { name: 'Got it' }).click();
    await expect(shown).toHaveCount(0);
    await page.reload();
    await expect(page.getByRole('textbox', { name: 'Name of the set' })).toBeVisible();
    await expect(shown).toHaveCount(0);
});
