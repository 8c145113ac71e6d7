import { add, hollow, hum, pluckOf, RATE, room, rumble, speech } from '../unit/scenes';
import { HARBOUR, hearing, NO_STRING } from './heard';
import { chooseOption, expect, expectAccessible, openOwnSet, test } from './lira';

const FLOATING = {
    name: 'Harbour',
    kind: 'electric-guitar',
    scale: { type: 'single', length_mm: 686 },
    hardware: { anchor: 'vibrato', posts: { type: 'standard', diameter_mm: 6 } },
};

async function openTune(page: import('@playwright/test').Page, command = 'Tune it…'): Promise<void> {
    await page.getByRole('button', { name: 'More for this set' }).click();
    await page.getByRole('menuitem', { name: command }).click();
    await expect(page.getByRole('heading', { name: 'Tune Harbour' })).toBeVisible();
}

test('a simulated floating bridge is brought to its pitch in one pass', async ({ page }) => {
    await openOwnSet(page, 'Harbour, floating', { instrument: FLOATING });
    await openTune(page, 'Practise tuning it…');
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Options' }).click();
    await page.getByRole('spinbutton', { name: 'Instrument no.' }).fill('7');
    const lane = (position: number) => page.getByRole('button', { name: new RegExp(`^String ${position} `) });
    await expect(lane(6)).toHaveAccessibleName(/not heard yet/);
    await page.getByRole('button', { name: 'Strum: hear all' }).click();
    await expect(lane(6)).toHaveAccessibleName(/-?\d+ cents|−\d+ cents/);
    await page.getByRole('checkbox', { name: 'never more than a semitone above' }).uncheck();
    await page.getByRole('button', { name: 'Learn how it gives first' }).click();
    await expect(page.getByText(/measured here ± \d/)).toBeVisible();
    await page.getByRole('button', { name: 'Begin the round' }).click();
    await expectAccessible(page);
    for (let position = 6; position >= 1; position--) {
        await expect(lane(position)).toHaveAttribute('aria-current', 'step');
        await page.getByRole('button', { name: 'Bring it there' }).click();
        await expect(page.getByText('There.')).toBeVisible();
        await page.getByRole('button', { name: /^It stands there/ }).click();
    }
    await expect(page.getByText('All stand within 3 cents: nothing is left to do.')).toBeVisible();
    await page.getByRole('button', { name: 'What did it keep to itself?' }).click();
    await expect(page.getByText(/Nothing of this is kept/)).toBeVisible();

    // Its strings are new: stretched they drift, and a night takes its part.
    await page.getByRole('button', { name: 'Stretch them all' }).click();
    const settling = page.getByRole('region', { name: 'Settling' });
    await expect(settling.getByRole('row', { name: /^6 C2/ })).toContainText(/more, (perhaps \d+, )?next about \d+/);
    await page.getByRole('button', { name: 'Leave it a night' }).click();
    await expect(settling.getByRole('row', { name: /^1 C4/ })).toContainText('left alone');
    await page.getByRole('button', { name: 'What did it keep to itself?' }).click();
    await expect(page.getByText(/A round left 0\.\d\d/)).toBeVisible();
    await expectAccessible(page);
});

test('what another tuner shows is typed, in cents or hertz', async ({ page }) => {
    await openOwnSet(page, 'Harbour, typed');
    await openTune(page);
    await expect(page.getByRole('combobox', { name: 'Heard by' })).toContainText('another tuner, typed');
    const fields = ['1, C4', '2, G3', '3, E♭3', '4, B♭2', '5, F2'].map((name) => page.getByRole('textbox', { name }));
    for (const field of fields) {
        await field.fill('-20');
        await field.press('Enter');
    }
    const last = page.getByRole('textbox', { name: '6, C2' });
    await last.fill('64.65 Hz');
    await last.press('Enter');
    await expect(last).toHaveValue('−20.1');
    await expect(
        page.getByText(/The furthest is 20 cents away. One round\.|The furthest is 20 cents away. Likely one round/),
    ).toBeVisible();
    await page.getByRole('button', { name: 'Begin the round' }).click();
    await expect(page.locator('[data-figure="key"]')).toHaveText(/^\+\d/);
    await page.getByRole('textbox', { name: 'Where it stands now' }).fill('4');
    await page.getByRole('textbox', { name: 'Where it stands now' }).press('Enter');
    await expect(page.getByRole('button', { name: /^String 6 C2 now \+4/ })).toBeVisible();
    await expectAccessible(page);
});

test('from one tuning to another, one string left alone, to another reference', async ({ page }) => {
    await openOwnSet(page, 'Harbour, retuned', {
        instrument: FLOATING,
        tunings: [
            { name: 'C standard', pitches: ['C4', 'G3', 'Eb3', 'Bb2', 'F2', 'C2'] },
            { name: 'Drop B flat', pitches: ['C4', 'G3', 'Eb3', 'Bb2', 'F2', 'Bb1'] },
        ],
    });
    await openTune(page);
    await chooseOption(page, 'Heard by', 'another tuner, typed');
    await chooseOption(page, 'It stands in', 'Drop B flat');
    await expect(page.getByRole('textbox', { name: '6, C2' })).toHaveValue('−200.0');
    await expect(page.getByText(/The furthest is 200 cents away/)).toBeVisible();
    await page.getByRole('checkbox', { name: 'Leave string 1 alone' }).check();
    await expect(page.getByText(/string 1 will end at −\d/)).toBeVisible();
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Options' }).click();
    await page.getByRole('textbox', { name: 'A4, Hz' }).fill('442');
    await page.getByRole('textbox', { name: 'A4, Hz' }).press('Enter');
    await expect(page.getByRole('textbox', { name: '2, G3' })).toHaveValue('−7.9');
    // In practice nobody knows where it stands before it was heard, whatever tuning it comes from.
    await page.goto(`${page.url().replace(/\?.*$/, '')}?tuning=0&from=1&practice=1`);
    await expect(page.getByText(/nothing of it is kept\. Strum it, to hear where it stands/)).toBeVisible();
});

test('to a tuning that the set does not have, for now: what keeps its pitch may be left alone', async ({ page }) => {
    await openOwnSet(page, 'Harbour, for now', { instrument: { ...FLOATING, hardware: {} } });
    await openTune(page);
    await chooseOption(page, 'To', 'another tuning…');
    const dialog = page.getByRole('dialog', { name: 'To which tuning?' });
    await expectAccessible(page);
    await dialog.getByRole('combobox').fill('Bb F Bb Eb G C');
    await dialog.getByRole('option', { name: /^Drop B flat/ }).click();
    await expect(page.getByRole('combobox', { name: 'To' })).toContainText('Drop B flat');
    await expect(page.getByRole('textbox', { name: /^6, B♭/ })).toHaveValue('200.0');
    await page.getByRole('button', { name: /^Strings .*5 may be left alone: they will stay within 3 cents/ }).click();
    await expect(page.getByRole('checkbox', { name: 'Leave string 5 alone' })).toBeChecked();
    await page.getByRole('button', { name: 'Begin the round' }).click();
    // What is not left alone has its turn, string 6 first.
    await expect(page.getByRole('button', { name: /^String 6 / })).toHaveAttribute('aria-current', 'step');
    await expectAccessible(page);
    // The set stays as it was, and its own tuning is chosen again.
    await page.goto(page.url().replace(/\?.*$/, ''));
    await page.getByRole('combobox', { name: 'To' }).click();
    await expect(page.getByRole('option')).toHaveCount(2);
});

test('a microphone that may not be used is told kindly', async ({ page }) => {
    await openOwnSet(page, 'Harbour, without a microphone');
    await openTune(page);
    await chooseOption(page, 'Heard by', 'the microphone');
    await expect(page.getByRole('alert')).toContainText('or type what another tuner shows');
    await expectAccessible(page);
});

test('ten sounds through the microphone: strings are known by themselves, and what is none is said', async ({ page }, info) => {
    await openOwnSet(page, 'Harbour, heard');
    await openTune(page);
    const string = (position: number) => HARBOUR[position - 1] ?? NO_STRING;
    const one = pluckOf(string(1), 3);
    const two = pluckOf(string(2), 1);
    const three = pluckOf(string(3), 2);
    const five = pluckOf(string(5), 4);
    const six = pluckOf(string(6), 5);
    // One after the other, each from quiet; it begins anew once it is over.
    const sounds = [
        hum(50, -30, 1.6),
        six.sound,
        pluckOf(string(4), 7, 2).sound,
        five.sound,
        speech(3, -26, 2),
        hollow(three.sound, three.hz, -26),
        pluckOf(string(4), 9, 3).sound,
        two.sound,
        rumble(2, -34, 1.5),
        one.sound,
    ];
    const all = room(1, sounds.length * 2.7);
    sounds.forEach((sound, index) => add(all, faded(sound), 0.5 + 2.7 * index));
    const listening = await hearing(all, info.outputPath('strings.wav'));
    const tablet = await listening.newPage({ viewport: { width: 1280, height: 800 } });
    await tablet.goto(page.url());
    await chooseOption(tablet, 'Heard by', 'the microphone');
    const said = tablet.getByRole('status');
    await expect(said.filter({ hasText: 'Hum at 50 Hz.' })).toBeVisible({ timeout: 60_000 });
    await expect(said.filter({ hasText: /harmonic of string 4/ })).toBeVisible({ timeout: 60_000 });
    await expect(said.filter({ hasText: 'Too much else sounds.' })).toBeVisible({ timeout: 60_000 });
    const shown = (position: number, hz: number) => {
        const [name, pitch] = string(position);
        const cents = Math.round(1200 * Math.log2(hz / pitch));
        const near = [cents - 1, cents, cents + 1].map((each) =>
            each === 0 ? '0' : `${each > 0 ? '\\+' : '−'}${Math.abs(each)}`,
        );
        return tablet.getByRole('button', {
            name: new RegExp(`^String ${position} ${name} (in tune )?now (${near.join('|')})( |$)`),
        });
    };
    for (const [position, { hz }] of [
        [1, one],
        [2, two],
        [3, three],
        [5, five],
        [6, six],
    ] as const) {
        await expect(shown(position, hz)).toBeVisible({ timeout: 60_000 });
    }
    // Of the fourth harmonics alone were heard.
    await expect(tablet.getByRole('button', { name: /^String 4 B♭2 not heard yet/ })).toBeVisible();
    await listening.close();
});

/** Without the knock of a sound that is cut off. */
function faded(sound: Float32Array): Float32Array {
    const fade = Math.round(0.1 * RATE);
    return sound.map((sample, at) => sample * Math.min(1, (sound.length - at) / fade));
}

test('a saddle is moved once, by so many turns, and is as near as readings can tell', async ({ page, provoked }) => {
    provoked.push(/422/);
    await openOwnSet(page, 'Harbour, intonated', {
        instrument: { ...FLOATING, hardware: { ...FLOATING.hardware, saddle: { travel_mm: 7, screw_pitch_mm: 0.5 } } },
    });
    await page.getByRole('button', { name: 'More for this set' }).click();
    await page.getByRole('menuitem', { name: 'Practise intonating it…' }).click();
    await expect(page.getByRole('heading', { name: 'Intonate Harbour' })).toBeVisible();
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Play all, open and stopped' }).click();
    await expect(page.locator('[data-figure="key"]')).toHaveText(/turns?$/);
    await expectAccessible(page);
    const words = page.getByText(/cents (sharp|flat) at the 12th/);
    for (let move = 0; move < 2 && (await page.getByRole('button', { name: 'Moved: read it again' }).isVisible()); move++) {
        const before = await words.innerText();
        await page.getByRole('button', { name: 'Moved: read it again' }).click();
        await expect(words).not.toHaveText(before);
    }
    await expect(page.getByText('That is as near as two readings can tell: leave it.')).toBeVisible();

    // From another tuner: the middle of three, and a saddle that has no way left.
    await chooseOption(page, 'Heard by', 'another tuner, typed');
    const fill = async (name: RegExp, typed: string) => {
        await page.getByRole('textbox', { name }).fill(typed);
        await page.getByRole('textbox', { name }).press('Enter');
    };
    await fill(/^Nut to saddle/, '688');
    await fill(/^Open/, '65.41');
    await fill(/^At the 12th/, '132.6 132.5 133.9');
    await expect(page.getByText(/2\d\.\d cents sharp at the 12th/)).toBeVisible();
    await expect(page.getByText(/It can go back by 5.0 mm only/)).toBeVisible();
    // What was found is where the next time starts from.
    const keep = page.getByRole('button', { name: 'Keep where saddle 6 stands' });
    await expect(keep).toBeHidden();
    await fill(/^At the 12th/, '130.82');
    await keep.click();
    await expect(page.getByText(/^Kept with .*: the next time starts from there/)).toBeVisible();
    await page.reload();
    await chooseOption(page, 'Heard by', 'another tuner, typed');
    await expect(page.getByRole('textbox', { name: /^Nut to saddle/ })).toHaveValue('688');
    await fill(/^Open/, '65.41');
    await fill(/^At the 12th/, '132.5');
    await fill(/^Nut to saddle/, '300');
    await expect(page.getByRole('alert')).toContainText('far from its scale');
    await expectAccessible(page);
});

test('a loose bridge gets one place and one slant, and what was done stands there the next time', async ({ page }) => {
    await openOwnSet(page, 'Harbour, loose', { instrument: { ...FLOATING, hardware: { bridge: 'loose' } } });
    await page.getByRole('button', { name: 'More for this set' }).click();
    await page.getByRole('menuitem', { name: 'Practise intonating it…' }).click();
    await expect(page.getByRole('combobox', { name: 'What moves' })).toContainText('a loose bridge, in one piece');
    await expect(page.getByText('Nothing was kept yet.')).toBeVisible();
    await page.getByRole('button', { name: 'Play all, open and stopped' }).click();
    await expect(
        page.getByText(/Move the bridge, at string 1 .* mm (back|forward), at string 6 .* mm (back|forward)\./),
    ).toBeVisible();
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Moved: read them again' }).click();
    await expect(page.getByText(/^The bridge stands as near as these readings can tell/)).toBeVisible();
    await page.getByRole('button', { name: 'What did it keep to itself?' }).click();
    await expect(page.getByText(/Yours are within .* mm of that, string \d the furthest/)).toBeVisible();

    // Read with another tuner: the first and the last string tell the slant.
    await chooseOption(page, 'Heard by', 'another tuner, typed');
    const fill = async (name: RegExp, typed: string) => {
        await page.getByRole('textbox', { name }).fill(typed);
        await page.getByRole('textbox', { name }).press('Enter');
    };
    const read = async (position: number, length: string, open: string, stopped: string) => {
        await page.getByRole('button', { name: new RegExp(`^String ${position} `) }).click();
        await fill(/^Nut to saddle/, length);
        await fill(/^Open/, open);
        await fill(/^At the 12th/, stopped);
    };
    await read(6, '688', '65.41', '131.2');
    await expect(page.getByText(/read one on the other side, too, for its slant/)).toBeVisible();
    await read(1, '687', '261.63', '523.26');
    await expect(page.getByText(/at string 1 not at all, at string 6 2\.0 mm back/)).toBeVisible();
    await page.getByRole('button', { name: 'Moved: read them again' }).click();
    await expect(page.getByRole('button', { name: /^String 6 .*stands 4\.0 mm behind/ })).toBeVisible();
    await read(6, '690', '65.41', '130.82');
    await read(1, '687', '261.63', '523.26');
    await page.getByRole('button', { name: 'Keep where these saddles stand' }).click();
    const earlier = page.getByRole('region', { name: 'Earlier on this instrument' });
    await expect(earlier.getByRole('listitem').filter({ hasText: /^6 C2/ })).toContainText(
        '2.0 mm back, at 4.0 mm (5.0 cents sharp, then true)',
    );
    await expectAccessible(page);

    // Glued on, nothing of it is moved by hand.
    await chooseOption(page, 'What moves', 'nothing by hand: a glued bridge');
    await read(6, '688', '65.41', '131.2');
    await expect(page.getByText(/is for a qualified repairer/)).toBeVisible();
    await expect(page.getByRole('button', { name: 'Moved: read them again' })).toBeHidden();
});

test('the front door leads from an instrument to its tuning, its saddles and practice', async ({ page }) => {
    await page.goto('/');
    await page.getByRole('navigation', { name: 'Places' }).getByRole('link', { name: 'Tune' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Tune');
    await page.getByRole('searchbox', { name: 'Find an instrument' }).fill('curlew');
    const rows = page.getByRole('list', { name: 'Instruments to tune' }).getByRole('listitem');
    await expect(rows).toHaveCount(1);
    await expect(rows).toContainText('on it: Curlew, E standard');
    await expectAccessible(page);
    await page.getByRole('link', { name: 'By another tuner: tune Curlew' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Tune Curlew');
    await expect(page.getByRole('combobox', { name: 'Heard by' })).toHaveText('another tuner, typed');
    // What another tuner shows is typed in the lanes.
    const first = page.getByRole('group', { name: /^String 1, E4/ });
    await first.getByRole('textbox').fill('+1');
    await page.keyboard.press('Enter');
    await expect(first).toContainText('in tune');
    await expect(first).toHaveAccessibleName('String 1, E4: +1 cents, in tune');
    await expectAccessible(page);
    await page.goBack();
    await page.getByRole('link', { name: 'Practise on Curlew' }).click();
    await expect(page.getByRole('combobox', { name: 'Heard by' })).toHaveText('a simulated instrument');
});
