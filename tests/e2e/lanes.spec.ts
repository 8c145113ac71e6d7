import { expect, expectAccessible, lane, mark, openOwnSet, pitch, saved, tension, test, total } from './lira';

test('a tension is typed in any unit and the nearest gauge of its kind is taken', async ({ page }) => {
    await openOwnSet(page, 'Typed tensions');
    await tension(page, 4).fill('19.2 lbf');
    await tension(page, 4).press('Enter');
    await expect(mark(page, 4)).toHaveAttribute('aria-valuetext', /^32 wound, 86 N/);
    await tension(page, 4).fill('64');
    await tension(page, 4).press('Enter');
    await expect(mark(page, 4)).toHaveAttribute('aria-valuetext', /^28 wound, 66 N/);

    await tension(page, 1).fill('much');
    await tension(page, 1).press('Enter');
    await expect(lane(page, 1).getByRole('alert')).toContainText('“much” is not a tension');
    await tension(page, 1).fill('900 N');
    await tension(page, 1).press('Enter');
    await expect(lane(page, 1).getByRole('alert')).toContainText('Nothing of this kind pulls that');
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(tension(page, 1)).toHaveValue('62 N');
});

test('a pitch is typed by its name or as a frequency', async ({ page, provoked }) => {
    provoked.push(/422/);
    await openOwnSet(page, 'Typed pitches');
    await pitch(page, 6).fill('73.6 Hz');
    await pitch(page, 6).press('Enter');
    await expect(pitch(page, 6)).toHaveValue('D2');
    await pitch(page, 5).fill('3 Hz');
    await pitch(page, 5).press('Enter');
    await expect(lane(page, 5).getByRole('alert')).toContainText('3 Hz lies outside');
    await pitch(page, 5).fill('g2');
    await pitch(page, 5).press('Enter');
    await expect(pitch(page, 5)).toHaveValue('G2');
    await expect(lane(page, 5).getByRole('alert')).toHaveCount(0);
});

test('a locked string stays as it is, whatever is tried, and one that must stay plain is offered nothing else', async ({
    page,
}) => {
    await openOwnSet(page, 'Locked');
    await page.getByRole('button', { name: 'String 5: more' }).click();
    await page.getByRole('menuitemcheckbox', { name: /^Locked/ }).click();
    await expectAccessible(page);
    await page.keyboard.press('Escape');
    await expect(mark(page, 5)).toHaveAttribute('aria-disabled', 'true');
    await mark(page, 5).focus();
    await page.keyboard.press('ArrowRight');
    await expect(lane(page, 5).getByRole('alert')).toContainText('Locked');
    await lane(page, 5).locator('[data-drawing]').getByText('46', { exact: true }).click();
    await expect(mark(page, 5)).toHaveAttribute('aria-valuetext', /^40 wound/);

    // Solving leaves it alone too: half of what one is used to would else be far thinner strings.
    await page.keyboard.press('s');
    const dialog = page.getByRole('dialog', { name: 'Choose gauges' });
    await expect(dialog.getByRole('checkbox', { name: '5' })).toBeDisabled();
    await dialog.getByRole('textbox', { name: 'Of that, %' }).fill('75');
    await expect(
        dialog
            .getByRole('row', { name: /^Best / })
            .getByRole('cell')
            .nth(3),
    ).not.toHaveText(/^30/);
    await dialog.getByRole('button', { name: 'Take best set' }).click();
    await expect(mark(page, 4)).not.toHaveAttribute('aria-valuetext', /^30 wound/);
    await expect(mark(page, 5)).toHaveAttribute('aria-valuetext', /^40 wound/);

    await mark(page, 3).focus();
    await expect(
        lane(page, 3)
            .locator('[data-drawing]')
            .getByText(/ wound$/)
            .first(),
    ).toBeVisible();
    await page.getByRole('button', { name: 'String 3: more' }).click();
    await page.getByRole('menuitemradio', { name: 'Plain only' }).click();
    await page.keyboard.press('Escape');
    await expect(
        lane(page, 3)
            .locator('[data-drawing]')
            .getByText(/ wound$/),
    ).toHaveCount(0);
    await expect(saved(page)).toBeVisible();
    await page.reload();
    await expect(page.getByRole('button', { name: 'String 3, plain only: more' })).toBeVisible();
    await expect(page.getByRole('button', { name: 'String 5, locked: more' })).toBeVisible();
});

test('ticks stand where their gauges pull: they slide with pitch, reference and capo', async ({ page }) => {
    await openOwnSet(page, 'Sliding ticks', { baseline: undefined });
    const tick = (gauge: string) => lane(page, 1).locator('[data-drawing]').getByText(gauge, { exact: true });
    const at = async (gauge: string) => (await tick(gauge).boundingBox())?.x ?? Number.NaN;
    const before = await at('11');
    await mark(page, 1).focus();
    await page.keyboard.press('PageUp');
    await expect(tension(page, 1)).toHaveValue('69 N');
    expect(await at('11')).toBeGreaterThan(before + 20);
    await page.keyboard.press('PageDown');
    await expect(tension(page, 1)).toHaveValue('62 N');

    // Asked once what a capo leaves: what sounds, so that the strings are tuned lower and pull less, or what the hand does.
    await page.getByRole('textbox', { name: 'Capo on fret' }).fill('2');
    await page.getByRole('textbox', { name: 'Capo on fret' }).press('Enter');
    await page
        .getByRole('dialog')
        .getByRole('button', { name: /^The pitches/ })
        .click();
    await expect(tension(page, 1)).toHaveValue('49 N');
    await expect(page.getByText('sounds on 611 mm')).toBeVisible();
    await page.getByRole('button', { name: 'The pitches stay: change to the shapes' }).click();
    await expect(tension(page, 1)).toHaveValue('62 N');
    await expect(pitch(page, 1)).toHaveValue('D4');
    await page.getByRole('textbox', { name: 'Capo on fret' }).fill('4');
    await page.getByRole('textbox', { name: 'Capo on fret' }).press('Enter');
    await expect(pitch(page, 1)).toHaveValue('E4');
    await expect(tension(page, 1)).toHaveValue('62 N');
    await page.getByRole('textbox', { name: 'Capo on fret' }).fill('');
    await page.getByRole('textbox', { name: 'Capo on fret' }).press('Enter');
    await expect(tension(page, 1)).toHaveValue('62 N');
    await page.getByRole('textbox', { name: /^A4/ }).fill('432');
    await page.getByRole('textbox', { name: /^A4/ }).press('Enter');
    await expect(tension(page, 1)).toHaveValue('59 N');
});

test('where it flaps, is hard or may break is told in words and by hatching', async ({ page }) => {
    await openOwnSet(page, 'Zones');
    await expect(lane(page, 1).locator('[data-zone="slack"]')).toBeVisible();
    await expect(lane(page, 1).locator('[data-zone="breaks"]')).toHaveCount(0);
    await pitch(page, 1).fill('A4');
    await pitch(page, 1).press('Enter');
    await expect(page.getByRole('region', { name: 'Findings' })).toContainText('string 1');
    await expect(lane(page, 1).locator('[data-zone="breaks"]')).toBeVisible();
    await expect(lane(page, 1).locator('[data-drawing]')).toContainText('may break');
    await expectAccessible(page);

    // Each finding opens to its figure, its limit and the reason.
    const findings = page.getByRole('region', { name: 'Findings' });
    await expect(findings.getByRole('heading', { name: 'Choose another string' })).toBeVisible();
    await findings.getByRole('button', { name: /^Why: .*string 1 can bear/ }).click();
    await expect(findings).toContainText(/Here \d+ %, the limit \d+ %/);
    await findings.getByRole('button', { name: 'string 1', exact: true }).first().click();
    await expect(mark(page, 1)).toBeFocused();
    await expect(total(page)).toHaveText(/N$/);
});

test.describe('by touch', () => {
    test.use({ hasTouch: true, viewport: { width: 820, height: 1180 } });

    test('a tap on a gauge takes it, a slip of the finger over the lanes changes nothing, the mark is dragged', async ({
        page,
    }) => {
        await openOwnSet(page, 'Touched');
        const drawing = lane(page, 4).locator('[data-drawing]');
        await drawing.getByText('34', { exact: true }).tap();
        await expect(mark(page, 4)).toHaveAttribute('aria-valuetext', /^34 wound/);

        const finger = await page.context().newCDPSession(page);
        const touch = async (type: 'touchStart' | 'touchMove' | 'touchEnd' | 'touchCancel', x = 0, y = 0) =>
            finger.send('Input.dispatchTouchEvent', {
                type,
                touchPoints: type === 'touchStart' || type === 'touchMove' ? [{ x, y }] : [],
            });
        const box = async () => {
            const found = await mark(page, 4).boundingBox();
            if (found === null) {
                throw new Error('The mark is drawn');
            }
            return { x: found.x + found.width / 2, y: found.y + found.height / 2 };
        };
        const area = await drawing.boundingBox();
        const from = await box();

        // A finger laid down far from the mark and moved away takes no gauge.
        const away = (area?.x ?? 0) + 40;
        await touch('touchStart', away, from.y);
        await touch('touchMove', away + 60, from.y);
        await touch('touchEnd');
        await expect(mark(page, 4)).toHaveAttribute('aria-valuetext', /^34 wound/);

        await touch('touchStart', from.x, from.y);
        for (let step = 1; step <= 8; step++) {
            await touch('touchMove', from.x - step * 12, from.y);
        }
        await touch('touchEnd');
        await expect(mark(page, 4)).not.toHaveAttribute('aria-valuetext', /^34 wound/);
        await page.getByRole('button', { name: 'Undo' }).click();
        await expect(mark(page, 4)).toHaveAttribute('aria-valuetext', /^34 wound/);

        // A drag that is broken off leaves everything as it was.
        await touch('touchStart', from.x, from.y);
        await touch('touchMove', from.x - 90, from.y);
        await expect(mark(page, 4)).not.toHaveAttribute('aria-valuetext', /^34 wound/);
        await touch('touchCancel');
        await expect(mark(page, 4)).toHaveAttribute('aria-valuetext', /^34 wound/);
    });
});
