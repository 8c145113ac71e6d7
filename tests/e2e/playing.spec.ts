import type { Page } from '@playwright/test';
import { expect, expectAccessible, openSet, test } from './lira';

/** The neck of an instrument, with the set that it shows first. */
async function neckOf(page: Page, instrument: string) {
    await page.goto('/instruments');
    await page.getByRole('link', { name: instrument, exact: true }).click();
    await page.getByRole('tab', { name: 'How it plays' }).click();
    await expect(page.getByRole('img', { name: /^How far each fret is off/ })).toBeVisible();
}

const inTune = (page: Page) => page.getByRole('region', { name: 'In tune along the neck' });
const action = (page: Page) => page.getByRole('region', { name: 'Action' });

const choose = async (page: Page, label: string, option: string) => {
    await page.getByRole('combobox', { name: label, exact: true }).click();
    await page.getByRole('option', { name: option, exact: true }).click();
};

test('which fret is worst is answered in words, and the nut moved halves it', async ({ page }) => {
    await neckOf(page, 'Curlew');
    const worst = inTune(page).getByText(/^The worst fret up to the 15th is fret \d+ of string \d: \d+\.\d cents (sharp|flat)/);
    await expect(worst).toBeVisible();
    const before = Number(/: (\d+\.\d) cents/.exec((await worst.textContent()) ?? '')?.[1]);
    expect(before).toBeGreaterThan(2);
    await expectAccessible(page);
    await choose(page, 'Ends of the strings', 'Nut moved as well');
    const left = inTune(page).getByText(/^Nowhere up to the 15th fret is a string more than \d\.\d cents off/);
    await expect(left).toBeVisible();
    expect(Number(/than (\d\.\d) cents/.exec((await left.textContent()) ?? '')?.[1])).toBeLessThan(before / 2);
    // All of it in figures, for whoever reads.
    await page.getByText('Every fret in cents').click();
    await expect(page.getByRole('row', { name: /^1 / }).last()).toBeVisible();
    await expectAccessible(page);
});

test('a capo that is put on as tuned sharpens the strings it holds', async ({ page }) => {
    await neckOf(page, 'Curlew');
    await choose(page, 'Capo, put on as tuned', 'fret 3');
    await expect(
        inTune(page).getByText(/^The capo at fret 3 makes string \d \d\.\d cents sharper than it was tuned/),
    ).toBeVisible();
    await page.getByRole('group', { name: 'Strings under the capo' }).getByRole('button', { name: 'String 3' }).click();
    await expect(inTune(page).getByText(/^The capo at fret 3 makes string [12456] /)).toBeVisible();
    await expectAccessible(page);
    await choose(page, 'Capo, put on as tuned', 'none');
    await expect(inTune(page).getByText(/^The capo/)).toHaveCount(0);
});

test('how low it may lie hangs on the hand and the relief, and answers at once', async ({ page }) => {
    await neckOf(page, 'Curlew');
    const clean = action(page).getByText(/it is clean down to/);
    await expect(clean).toContainText('with a medium hand');
    const medium = await clean.textContent();
    await action(page).getByRole('button', { name: 'Hard' }).click();
    await expect(clean).toContainText('Picked hard');
    await action(page).getByRole('button', { name: 'Medium' }).click();
    await expect(clean).toHaveText(medium ?? '');
    // By keys, as a slider goes.
    const relief = action(page).getByRole('slider', { name: /Relief/ });
    await relief.focus();
    for (let step = 0; step < 6; step++) {
        await page.keyboard.press('ArrowRight');
    }
    await expect(clean).not.toHaveText(medium ?? '');
    await action(page).getByRole('button', { name: 'Relief as it is' }).click();
    await expect(clean).toHaveText(medium ?? '');
    // Another string is drawn from the side.
    await action(page).getByRole('button', { name: '6', exact: true }).click();
    await expect(page.getByRole('img', { name: /^String 6 from the side/ })).toBeVisible();
});

test('a stage that is warmer parts the strings', async ({ page }) => {
    await neckOf(page, 'Curlew');
    const weather = page.getByRole('region', { name: 'Weather' });
    await expect(weather.getByText(/^10 degrees warmer, string 3 is \d+\.\d cents flat/)).toBeVisible();
    await choose(page, 'The stage is', '5 °C colder');
    await expect(weather.getByText(/^5 degrees colder, string 3 is \d+\.\d cents sharp/)).toBeVisible();
    await page.goto('/instruments');
    await page.getByRole('link', { name: 'Teal', exact: true }).click();
    await page.getByRole('tab', { name: 'How it plays' }).click();
    await expect(weather.getByText(/nobody has a figure for/)).toBeVisible();
});

test('what a tuner shows stands on the map and is still there tomorrow', async ({ page, provoked }) => {
    provoked.push(/422/);
    await neckOf(page, 'Sandpiper');
    const reading = page.getByRole('region', { name: 'Read by a tuner' });
    await expect(reading.getByRole('button', { name: 'Keep this reading' })).toBeDisabled();
    // The drone begins at its fifth fret.
    await reading.getByRole('textbox', { name: 'Fret 6, Hz or cents' }).fill('+0');
    await reading.getByRole('textbox', { name: 'Fret 6, Hz or cents' }).press('Tab');
    await reading.getByRole('textbox', { name: 'Open, Hz or cents' }).fill('+0');
    await reading.getByRole('textbox', { name: 'Open, Hz or cents' }).press('Tab');
    await reading.getByRole('button', { name: 'Keep this reading' }).click();
    await expect(reading.getByText('1 reading of string 5.')).toBeVisible();
    await reading.getByRole('button', { name: 'Forget them' }).click();
    await expect(reading.getByText(/reading of string/)).toHaveCount(0);
    await choose(page, 'String', '4');
    const take = async (fret: number, cents: string) => {
        const field = reading.getByRole('textbox', { name: `Fret ${fret}, Hz or cents` });
        await field.fill(cents);
        await field.press('Tab');
        await reading.getByRole('button', { name: 'Keep this reading' }).click();
    };
    await reading.getByRole('textbox', { name: 'Open, Hz or cents' }).fill('+0');
    await reading.getByRole('textbox', { name: 'Open, Hz or cents' }).press('Tab');
    await take(1, '+9');
    await expect(reading.getByText('1 reading of string 4.')).toBeVisible();
    await expect(reading.getByText(/^From 1 reading at the first frets the strings lie \d\.\d\d mm high/)).toBeVisible();
    // The next fret is offered, the open string still stands.
    await take(2, '+4');
    await expect(reading.getByText('2 readings of string 4.')).toBeVisible();
    await expectAccessible(page);
    await page.reload();
    await choose(page, 'String', '4');
    await expect(reading.getByText('2 readings of string 4.')).toBeVisible();
    // Another fret than was said is refused where it stands, and nothing is kept.
    await reading.getByRole('textbox', { name: 'Open, Hz or cents' }).fill('+0');
    await reading.getByRole('textbox', { name: 'Open, Hz or cents' }).press('Tab');
    await take(1, '+180');
    await expect(reading.getByRole('alert')).toContainText('more than a semitone off its fret');
    await expect(reading.getByText('2 readings of string 4.')).toBeVisible();
    await reading.getByRole('button', { name: 'Forget them' }).click();
    await expect(reading.getByText(/reading of string|readings of string/)).toHaveCount(0);
});

test('a simulated neck is heard, open and stopped', async ({ page }) => {
    await neckOf(page, 'Ketch');
    const reading = page.getByRole('region', { name: 'Read by a tuner' });
    await choose(page, 'Heard by', 'a simulated instrument');
    await choose(page, 'String', '2');
    await reading.getByRole('button', { name: 'Pluck Open' }).click();
    await expect(reading.getByRole('textbox', { name: 'Open, Hz or cents' })).toHaveValue(/^\d+\.\d\d$/);
    const open = Number(await reading.getByRole('textbox', { name: 'Open, Hz or cents' }).inputValue());
    await reading.getByRole('button', { name: 'Pluck Fret 1' }).click();
    await expect(reading.getByRole('textbox', { name: 'Fret 1, Hz or cents' })).toHaveValue(/^\d+\.\d\d$/);
    const stopped = Number(await reading.getByRole('textbox', { name: 'Fret 1, Hz or cents' }).inputValue());
    // A semitone, and the little that its nut adds.
    expect(stopped / open).toBeGreaterThan(2 ** (0.98 / 12));
    expect(stopped / open).toBeLessThan(2 ** (1.12 / 12));
    await reading.getByRole('button', { name: 'Keep this reading' }).click();
    await expect(reading.getByText('1 reading of string 2.')).toBeVisible();
    await reading.getByRole('button', { name: 'Forget them' }).click();
    await expect(reading.getByText(/reading of string/)).toHaveCount(0);
});

test('its chords are heard as this neck sounds them, and in equal temperament', async ({ page }) => {
    await page.addInitScript(() => {
        const nodes = AudioBufferSourceNode.prototype as unknown as Record<
            string,
            (this: AudioBufferSourceNode, ...when: unknown[]) => void
        >;
        const start = nodes['start'];
        const played: number[][] = [];
        (globalThis as unknown as { played: number[][] }).played = played;
        nodes['start'] = function (...when) {
            played.push(Array.from(this.buffer?.getChannelData(0).slice(20_000, 20_050) ?? []));
            start?.apply(this, when);
        };
    });
    await neckOf(page, 'Curlew');
    const played = () => page.evaluate(() => (globalThis as unknown as { played: number[][] }).played);
    const heard = page.getByRole('region', { name: 'Heard' });
    await heard.getByRole('button', { name: 'as this neck sounds it' }).first().click();
    await expect.poll(async () => (await played()).length).toBe(1);
    await heard.getByRole('button', { name: 'in equal temperament' }).first().click();
    await expect.poll(async () => (await played()).length).toBe(2);
    const [neck, equal] = await played();
    expect(neck).not.toEqual(equal);
    await heard.getByRole('button', { name: 'Scale as this neck sounds it' }).click();
    await expect.poll(async () => (await played()).length).toBe(3);
});

test('from the Bench one comes to how that set plays', async ({ page }) => {
    await openSet(page, 'Curlew, D standard');
    await page.getByRole('button', { name: 'Neck', exact: true }).click();
    await expect(page.getByRole('tab', { name: 'How it plays' })).toHaveAttribute('aria-selected', 'true');
    await expect(page.getByRole('combobox', { name: 'Set tried on' })).toHaveText('Curlew, D standard');
    await expect(
        inTune(page)
            .getByText(/fret \d+ of string/)
            .first(),
    ).toBeVisible();
});
