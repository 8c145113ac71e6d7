import { readFile } from 'node:fs/promises';
import {
    expect,
    expectAccessible,
    expectPaper,
    lane,
    mark,
    ofSet,
    openOwnSet,
    openSet,
    pitch,
    saved,
    tension,
    test,
    total,
} from './lira';

test('the first start shows a set half done, with every figure there', async ({ page }) => {
    await page.goto('/');
    await expect(page).toHaveURL(/\/bench\/\d+$/);
    await expect(page.getByRole('textbox', { name: 'Name of the set' })).toHaveValue('Harbour, down to C');
    await expect(tension(page, 1)).toHaveValue('62 N');
    await expect(lane(page, 1)).toContainText('feels the same');
    await expect(lane(page, 4)).toContainText('a little slacker');
    await expect(total(page)).toHaveText('391 N');
    await expectAccessible(page);
});

test('the main job by pointer: finish the half-done set, keep it, come back to it', async ({ page }) => {
    await openSet(page, 'Harbour, down to C');

    // String 4: drag its mark to the tick of gauge 30.
    const drawing = lane(page, 4).locator('[data-drawing]');
    const tick = drawing.getByText('30', { exact: true });
    const from = await mark(page, 4).boundingBox();
    const to = await tick.boundingBox();
    if (from === null || to === null) {
        throw new Error('The mark and the tick are drawn');
    }
    await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
    await page.mouse.down();
    await page.mouse.move(to.x + to.width / 2, from.y + from.height / 2, { steps: 12 });
    await page.mouse.up();
    await expect(mark(page, 4)).toHaveAttribute('aria-valuetext', /^30 wound, 76 N, \+6 %, a little tighter$/);

    // String 5: a click on its tick. String 6: the step beside the figures.
    await lane(page, 5).locator('[data-drawing]').getByText('40', { exact: true }).click();
    await expect(mark(page, 5)).toHaveAttribute('aria-valuetext', /^40 wound, 75 N/);
    await lane(page, 6).click({ position: { x: 20, y: 20 } });
    await page.getByRole('button', { name: 'Gauge of string 6: next heavier' }).click();
    await expect(mark(page, 6)).toHaveAttribute('aria-valuetext', /^51 wound/);
    await page.getByRole('button', { name: 'Gauge of string 6: next heavier' }).click();
    await expect(mark(page, 6)).toHaveAttribute('aria-valuetext', /^52 wound, 71 N, ±0 %/);
    await expect(total(page)).toHaveText('413 N');
    await expect(page.getByRole('region', { name: 'Whole instrument' })).toContainText('+3 % on 400 N');

    await page.getByRole('textbox', { name: 'Name of the set' }).fill('Harbour, finished');
    await page.getByRole('textbox', { name: 'Name of the set' }).press('Enter');
    await expect(saved(page)).toBeVisible();
    await ofSet(page, /^Versions/);
    await page.getByRole('textbox', { name: 'Keep it as it stands, as' }).fill('As ordered');
    await page.getByRole('button', { name: 'Keep', exact: true }).click();
    await expect(page.getByRole('dialog')).toContainText('As ordered');
    await expectAccessible(page);
    await page.keyboard.press('Escape');

    // Away, and back: from the list and after a reload it is what was left.
    await page.getByRole('link', { name: 'Sets', exact: true }).click();
    await page.getByRole('link', { name: 'Harbour, finished' }).click();
    await expect(mark(page, 6)).toHaveAttribute('aria-valuetext', /^52 wound/);
    await page.reload();
    await expect(total(page)).toHaveText('413 N');
});

test('the same by keyboard alone', async ({ page }) => {
    await openSet(page, 'Curlew, E standard');
    await expect(tension(page, 3)).toHaveValue(/\d+ N/);
    const before = await tension(page, 3).inputValue();

    await page.getByRole('slider', { name: 'Gauge of string 1, E4' }).focus();
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('ArrowDown');
    await expect(mark(page, 3)).toBeFocused();
    await page.keyboard.press('ArrowRight');
    await expect(mark(page, 3)).toHaveAttribute('aria-valuetext', /^18 plain/);
    await expect(tension(page, 3)).not.toHaveValue(before);
    await page.keyboard.press('PageDown');
    await expect(pitch(page, 3)).toHaveValue('G♭3');
    await page.keyboard.press('PageUp');
    await page.keyboard.press('ArrowLeft');
    await expect(mark(page, 3)).toHaveAttribute('aria-valuetext', /^17 plain/);
    await expect(tension(page, 3)).toHaveValue(before);

    // Undo goes back step by step, redo forward again.
    await page.keyboard.press('Control+z');
    await expect(mark(page, 3)).toHaveAttribute('aria-valuetext', /^18 plain/);
    await page.keyboard.press('Control+Shift+z');
    await expect(mark(page, 3)).toHaveAttribute('aria-valuetext', /^17 plain/);
    await page.keyboard.press('Control+s');
    await expect(saved(page)).toBeVisible();
    await page.keyboard.press('?');
    await expect(page.getByRole('dialog', { name: 'Keys that work here' })).toBeVisible();
    await expectAccessible(page);
});

test('a gauge that is typed asks the server once, and so does a pitch', async ({ page }) => {
    await openOwnSet(page, 'Asked once');
    interface Asked {
        design: { strings: { gauge_in: number }[]; tunings: { pitches: string[] }[] };
    }
    // What the next step would be is asked besides, while the hand rests.
    const asked: Asked['design'][] = [];
    page.on('request', (request) => {
        if (request.url().endsWith('/api/v1/bench/evaluations')) {
            const { design } = JSON.parse(request.postData() ?? '') as Asked;
            if (design.strings[0]?.gauge_in === 0.0125) {
                asked.push(design);
            }
        }
    });
    const before = await tension(page, 1).inputValue();
    await page.getByRole('textbox', { name: 'Gauge of string 1, typed' }).fill('0.0125 in');
    await page.keyboard.press('Enter');
    await expect(tension(page, 1)).not.toHaveValue(before);
    await expect(saved(page)).toBeVisible();
    expect(asked).toHaveLength(1);
    const typed = await tension(page, 1).inputValue();
    await pitch(page, 1).fill('B3');
    await page.keyboard.press('Enter');
    await expect(tension(page, 1)).not.toHaveValue(typed);
    await expect(saved(page)).toBeVisible();
    expect(asked.filter(({ tunings }) => tunings[0]?.pitches[0] === 'B3')).toHaveLength(1);
});

test('typed gauges and pitches take any unit, and wrong ones are told where they stand', async ({ page, provoked }) => {
    provoked.push(/422/);
    await openSet(page, 'Curlew, E standard');
    const gauge = page.getByRole('textbox', { name: 'Gauge of string 1, typed' });
    for (const [typed, read] of [
        ['0.28 mm', '11.02'],
        ['.011', '11'],
        ['0.0105 in', '10.5'],
        ['10', '10'],
    ] as const) {
        await gauge.fill(typed);
        await gauge.press('Enter');
        await expect(gauge).toHaveValue(read);
    }
    await gauge.fill('thick');
    await gauge.press('Enter');
    await expect(lane(page, 1).getByRole('alert')).toContainText('is not a gauge');
    await gauge.fill('0');
    await gauge.press('Enter');
    await expect(lane(page, 1).getByRole('alert')).toContainText('is not a gauge');
    await gauge.fill('900');
    await gauge.press('Enter');
    await expect(lane(page, 1).getByRole('alert')).toContainText('cannot be a gauge: strings are 0.05 to 6 mm');
    // What cannot be used never becomes part of the design, which stays saved as it was.
    await expect(gauge).toHaveValue('10');
    await expect(saved(page)).toBeVisible();

    await pitch(page, 2).fill('X3');
    await pitch(page, 2).press('Enter');
    await expect(lane(page, 2).getByRole('alert')).toContainText('“X3” is not a pitch');
    await expect(pitch(page, 2)).toHaveValue('B3');
    await expect(saved(page)).toBeVisible();
    await pitch(page, 2).fill('a');
    await pitch(page, 2).press('Enter');
    await expect(pitch(page, 2)).toHaveValue('A3');
    // As other languages spell it.
    await pitch(page, 2).fill('H3');
    await pitch(page, 2).press('Enter');
    await expect(pitch(page, 2)).toHaveValue('B3');
    await pitch(page, 2).fill('bb3');
    await pitch(page, 2).press('Enter');
    await expect(pitch(page, 2)).toHaveValue('B♭3');
    await expect(lane(page, 2).getByRole('alert')).toHaveCount(0);
    // The name that was made follows the notes, there and back.
    const name = page.getByRole('textbox', { name: 'Name of the set' });
    await expect(name).toHaveValue('Curlew, E A D G B♭ E');
    await pitch(page, 2).fill('B3');
    await pitch(page, 2).press('Enter');
    await expect(name).toHaveValue('Curlew, E standard');
    await expect(saved(page)).toBeVisible();
});

test('a tuning is picked by its notes, and units switch everywhere', async ({ page }) => {
    await openSet(page, 'Dunlin, E standard');
    await page.getByRole('button', { name: 'Choose tuning…' }).click();
    await page.getByRole('combobox', { name: 'Name or notes of a tuning' }).fill('CGCGCE');
    await expect(page.getByRole('option', { name: /As typed/ })).toContainText('C2 G2 C3 G3 C4 E4');
    await expectAccessible(page);
    await page.keyboard.press('Enter');
    await expect(pitch(page, 6)).toHaveValue('C2');
    await expect(page.getByRole('button', { name: 'Open C', exact: true })).toBeVisible();

    await page.getByRole('button', { name: /^Units/ }).click();
    await page.getByRole('menuitemradio', { name: 'Pounds-force' }).click();
    await page.getByRole('menuitemradio', { name: 'Inches' }).click();
    await page.keyboard.press('Escape');
    await expect(total(page)).toHaveText(/^\d+ lbf$/);
    await expect(saved(page)).toBeVisible();
    await page.reload();
    await expect(total(page)).toHaveText(/^\d+ lbf$/);
    await expect(page.getByText('25.394 in').first()).toBeVisible();
    await page.getByRole('button', { name: 'Choose tuning…' }).click();
    await page.getByRole('combobox', { name: 'Name or notes of a tuning' }).fill('E standard');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('textbox', { name: 'Name of the set' })).toHaveValue('Dunlin, E standard');
    await expect(saved(page)).toBeVisible();
});

test('a measured baseline can be taken from another set, and a string changed in make', async ({ page }) => {
    await openSet(page, 'Ketch, E standard');
    await page.getByRole('button', { name: 'not measured from any set yet' }).click();
    await page.getByRole('menuitem', { name: 'This set as it stands now' }).click();
    await expect(lane(page, 4)).toContainText('feels the same');
    await lane(page, 4).click({ position: { x: 20, y: 20 } });
    const panel = page.getByRole('complementary', { name: 'String 4' });
    await panel.getByRole('combobox', { name: 'Construction' }).click();
    await page.getByRole('option', { name: 'flat', exact: true }).click();
    await expect(mark(page, 4)).toHaveAttribute('aria-valuetext', /^105 flat, .*tighter$/);
    await expect(panel).toContainText('Modelled, core 30');
    await panel.getByRole('button', { name: /^Take 100, lighter/ }).click();
    await expect(mark(page, 4)).toHaveAttribute('aria-valuetext', /^100 flat/);
});

test('the gauges are chosen for what one is used to, changed for a hard hand, and undone', async ({ page, provoked }) => {
    provoked.push(/422/);
    await page.goto('/sets');
    await page.getByLabel('Set document to import').setInputFiles('docs/examples/harbour-baritone.json');
    await expect(tension(page, 6)).toHaveValue('71 N');
    await page.getByRole('textbox', { name: 'Gauge of string 6, typed' }).fill('40');
    await page.getByRole('textbox', { name: 'Gauge of string 6, typed' }).press('Enter');
    await expect(mark(page, 6)).toHaveAttribute('aria-valuetext', /^40 wound/);
    await mark(page, 6).focus();
    await page.keyboard.press('s');
    const dialog = page.getByRole('dialog', { name: 'Choose gauges' });
    const sixth = dialog
        .getByRole('row', { name: /^Best / })
        .getByRole('cell')
        .nth(5);
    await expect(sixth).toHaveText(/^52/);
    await expect(dialog).toContainText('Proven');
    await expectAccessible(page);

    await dialog.getByRole('combobox', { name: 'Attack' }).click();
    await page.getByRole('option', { name: 'hard', exact: true }).click();
    await expect(dialog.getByRole('list', { name: 'What the style does' })).toContainText('+10 %');
    await expect(sixth).toHaveText(/^55/);
    await dialog.getByRole('textbox', { name: 'Of that, %' }).fill('none');
    await expect(dialog.getByRole('alert')).toContainText('above 0');
    await dialog.getByRole('textbox', { name: 'Of that, %' }).fill('1000');
    await expect(dialog.getByRole('button', { name: 'Take best set' })).toBeVisible();
    await dialog.getByRole('textbox', { name: 'Of that, %' }).fill('100');
    await expect(sixth).toHaveText(/^55/);
    await dialog.getByRole('button', { name: 'Take best set' }).click();
    await expect(mark(page, 6)).toHaveAttribute('aria-valuetext', /^55 wound/);
    await mark(page, 6).focus();
    await page.keyboard.press('Control+z');
    await expect(mark(page, 6)).toHaveAttribute('aria-valuetext', /^40 wound/);
});

test('what is wrong is said on the lane and in the ledger, and goes when it is cured', async ({ page }) => {
    await openSet(page, 'Dunlin, lower four an octave up');
    const findings = page.getByRole('region', { name: 'Findings' });
    await expect(findings).toContainText('G4 takes 69 % to 78 % of what string 3 can bear: it will not last as long as usual');
    await expectAccessible(page);
    await page.getByRole('button', { name: 'string 3', exact: true }).first().click();
    await expect(mark(page, 3)).toBeFocused();
    const panel = page.getByRole('complementary', { name: 'String 3' });
    await expect(panel).toContainText('of its breaking load69 to 78 %');
    await expect(panel).toContainText('highest safe pitchG♭4 to G4');
    await expect(panel).toContainText('higher pitch+300 %');
    await page.keyboard.press('PageDown');
    await page.keyboard.press('PageDown');
    await expect(pitch(page, 3)).toHaveValue('F4');
    await expect(findings).not.toContainText('string 3 can bear');
});

test('a document is imported, changed, exported and printed', async ({ page }) => {
    await page.goto('/sets');
    await page.getByLabel('Set document to import').setInputFiles('docs/examples/skerry-everything.json');
    await expect(page.getByRole('textbox', { name: 'Name of the set' })).toHaveValue('Skerry, everything a document can say');
    await expect(page.getByText('without meaning here')).toContainText('/instrument/colour');
    await expect(mark(page, 7)).toHaveAttribute('aria-valuetext', /^66 wound/);
    await page.getByRole('textbox', { name: 'Notes' }).fill('Seen on the Bench.');
    await page.getByRole('textbox', { name: 'Notes' }).blur();
    await expect(saved(page)).toBeVisible();

    await page.getByRole('button', { name: 'More for this set' }).click();
    const download = page.waitForEvent('download');
    await page.getByRole('menuitem', { name: 'Export set document' }).click();
    const exported = JSON.parse(await readFile(await (await download).path(), 'utf8')) as Record<string, unknown>;
    const given = JSON.parse(await readFile('docs/examples/skerry-everything.json', 'utf8')) as Record<string, unknown>;
    expect(exported).toEqual({ ...given, notes: 'Seen on the Bench.' });

    await expectPaper(page, /\/sets\/\d+\/sheet$/, () => ofSet(page, 'Print the sheet'));
});

test('a document that cannot be used is refused where it was given, and nothing is added', async ({ page, provoked }) => {
    provoked.push(/422/);
    await page.goto('/sets');
    const rows = page.getByRole('row');
    await expect(page.getByRole('link', { name: 'Avocet, nylon' })).toBeVisible();
    const before = await rows.count();
    const text = await readFile('docs/examples/harbour-baritone.json', 'utf8');
    const given = (name: string, body: string) =>
        page
            .getByLabel('Set document to import')
            .setInputFiles({ name, mimeType: 'application/json', buffer: Buffer.from(body) });

    await given('half.json', text.slice(0, text.length / 2));
    await expect(page.getByRole('alert')).toContainText('ends in the middle');
    await given('bad.json', text.replace('"C4"', '"K4"').replace('0.015', '0'));
    await expect(page.getByRole('alert')).toContainText('/strings/1/gauge_in');
    await expect(page.getByRole('alert')).toContainText('“K4” is not a pitch');
    await expectAccessible(page);
    await given('junk.json', 'x'.repeat(20_000_000));
    await expect(page.getByRole('alert')).toContainText('larger than 2 MB');
    await page.reload();
    await expect(rows).toHaveCount(before);
});

test('when the server does not answer, the work is kept and saved once it does', async ({ page, provoked }) => {
    provoked.push(/Failed to load resource/);
    await openSet(page, 'Wherry, in fifths');
    await page.route('**/sets/*', (route) => (route.request().method() === 'PUT' ? route.abort() : route.continue()));
    await mark(page, 1).focus();
    await page.keyboard.press('ArrowRight');
    await expect(page.getByRole('status').filter({ hasText: 'Your changes are kept in this browser' })).toBeVisible();
    await page.unroute('**/sets/*');
    await page.getByRole('button', { name: 'Try now' }).click();
    await expect(saved(page)).toBeVisible();
    await page.reload();
    await expect(mark(page, 1)).toHaveAttribute('aria-valuetext', /^45 wound/);
});

test('in a second tab the later writer is told and can keep both', async ({ page, context, provoked }) => {
    provoked.push(/409/);
    await openSet(page, 'Avocet, nylon');
    const other = await context.newPage();
    await other.goto(page.url());
    await mark(other, 1).focus();
    await other.keyboard.press('ArrowRight');
    await expect(saved(other)).toBeVisible();
    await expect(mark(other, 1)).toHaveAttribute('aria-valuetext', /^29 plain/);
    await other.close();

    await mark(page, 2).focus();
    await page.keyboard.press('ArrowRight');
    await expect(page.getByRole('status').filter({ hasText: 'changed elsewhere' })).toBeVisible();
    await page.getByRole('button', { name: 'Keep mine as new' }).click();
    await expect(page.getByRole('textbox', { name: 'Name of the set' })).toHaveValue('Avocet, nylon, kept');
    await expect(mark(page, 2)).toHaveAttribute('aria-valuetext', /^33 plain/);
});

test('going back in history shows what was saved, not what was first opened', async ({ page }) => {
    await openSet(page, 'Teal, low G');
    await mark(page, 1).focus();
    await page.keyboard.press('ArrowRight');
    await expect(mark(page, 1)).toHaveAttribute('aria-valuetext', /^23 plain/);
    await page.getByRole('link', { name: 'Instruments' }).click();
    await expect(page.getByRole('heading', { name: 'Instruments' })).toBeVisible();
    await page.goBack();
    await expect(mark(page, 1)).toHaveAttribute('aria-valuetext', /^23 plain/);
    await mark(page, 1).focus();
    await page.keyboard.press('ArrowRight');
    await expect(saved(page)).toBeVisible();
});

for (const look of ['light', 'dark'] as const) {
    for (const [width, height] of [
        [1280, 800],
        [820, 1180],
        [390, 844],
    ] as const) {
        test(`the Bench holds together at ${width}×${height}, ${look}`, async ({ page }) => {
            await page.emulateMedia({ colorScheme: look });
            await page.setViewportSize({ width, height });
            await openSet(page, 'Smack, drop A');
            await expect(tension(page, 7)).toHaveValue(/\d/);
            // What stays at the foot covers nothing at the end of the page.
            await page.evaluate(() => window.scrollTo(0, document.documentElement.scrollHeight));
            await expectAccessible(page);
            const overflow = await page.evaluate(
                () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
            );
            expect(overflow).toBeLessThanOrEqual(0);
        });
    }
}

test('keys that are pressed before the page’s scripts have come are taken, kept and can be undone', async ({ page }) => {
    await openOwnSet(page, 'First keys');
    const text = (position: number) => mark(page, position).getAttribute('aria-valuetext');
    const [second, third] = [await text(2), await text(3)];
    const gate = { open: () => undefined as unknown };
    const held = new Promise((done) => {
        gate.open = () => {
            done(null);
        };
    });
    await page.route('**/BenchPage-*.js', async (route) => {
        await held;
        await route.continue();
    });
    await page.reload({ waitUntil: 'commit' });
    const first = page.getByRole('slider', { name: 'Gauge of string 2', exact: true });
    await first.focus();
    await page.keyboard.press('ArrowRight');
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('ArrowLeft');
    await page.keyboard.press('ArrowLeft');
    // Still the frame: lanes have names of their own.
    await expect(page.getByRole('slider', { name: 'Gauge of string 3', exact: true })).toHaveText('17 plain');
    gate.open();
    await expect(mark(page, 3)).toBeFocused();
    await expect(mark(page, 2)).toHaveAttribute('aria-valuetext', /^15\.5 plain/);
    await expect(mark(page, 3)).toHaveAttribute('aria-valuetext', /^17 plain/);
    await page.keyboard.press('ArrowRight');
    await expect(mark(page, 3)).toHaveAttribute('aria-valuetext', /^18 plain/);
    await expect(saved(page)).toBeVisible();
    for (let step = 0; step < 4; step++) {
        await page.keyboard.press('Control+z');
    }
    await expect(mark(page, 2)).toHaveAttribute('aria-valuetext', second ?? '');
    await expect(mark(page, 3)).toHaveAttribute('aria-valuetext', third ?? '');
});
