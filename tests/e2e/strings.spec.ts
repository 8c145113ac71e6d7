import { expect, expectAccessible, expectPaper, lane, openSet, tension, test } from './lira';

const LIST = [
    'SKU;Title;Winding;Alloy;Gauge;Each;Box of;Box price',
    'SB-09;Slack 9;plain;tinned steel;9;0,90;10;7,50',
    'SB-095;"Slack',
    '9 and a half";plain;steel;9 1/2;0,90;;',
    'SB-46;Slack 46;round wound;nickel plated;1,17 mm;2,20;;',
    'SB-XX;Odd;plain;steel;thick;1;;',
    'SB-46;Again;wound;nickel;46;2;;',
].join('\r\n');

test('a supplier’s list is mapped, checked row by row, taken and found again; a newer one tells what it changes', async ({
    page,
    provoked,
}) => {
    provoked.push(/422/);
    await page.goto('/strings/suppliers');
    await page.getByRole('button', { name: 'New supplier' }).click();
    await page.getByRole('textbox', { name: 'Name' }).fill('Gullwing Wire');
    await page.getByRole('button', { name: 'Add supplier' }).click();
    await expect(page.getByText('There is a supplier of that name')).toBeVisible();
    await page.getByRole('textbox', { name: 'Name' }).fill('Sandbar Strings');
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Add supplier' }).click();

    const begin = async (name: string, text: string) => {
        await page.getByRole('button', { name: 'Bring in a list of Sandbar Strings' }).click();
        await page.getByLabel('List to bring in').setInputFiles({ name, mimeType: 'text/csv', buffer: Buffer.from(text) });
    };
    await begin('picture.csv', '\u0089PNG\u0000\u0000');
    await expect(page.getByRole('alert')).toContainText('not text but a file of another program');
    await page
        .getByLabel('List to bring in')
        .setInputFiles({ name: 'sandbar.csv', mimeType: 'text/csv', buffer: Buffer.from(LIST) });
    await expect(page.getByText('8 columns separated by semicolons')).toBeVisible();
    await expectAccessible(page);
    await page.getByRole('combobox', { name: 'Gauge (needed)' }).click();
    await page.getByRole('option', { name: 'not in the list' }).click();
    await page.getByRole('button', { name: 'Check every row' }).click();
    await expect(page.getByRole('alert')).toContainText('Say which column has the gauge');
    await page.getByRole('combobox', { name: 'Gauge (needed)' }).click();
    await page.getByRole('option', { name: 'Gauge', exact: true }).click();
    await page.getByRole('button', { name: 'Check every row' }).click();
    const rejected = page.getByRole('region', { name: 'Rows that cannot be taken' });
    await expect(rejected).toContainText('line 6“thick” is not a gauge.');
    await expect(rejected).toContainText('“SB-46” stands already in line 5');
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Take 3 strings' }).click();
    await expect(page.getByRole('row', { name: /Sandbar Strings/ })).toContainText('3');

    // The next list has the same titles: its columns are known, and only what changes is told.
    await begin('sandbar-spring.csv', LIST.replace('0,90;10', '1,10;10').split('\r\n').slice(0, 4).join('\r\n'));
    await expect(page.getByText('taken as they were the last time')).toBeVisible();
    await page.getByRole('checkbox', { name: /This is all they sell/ }).check();
    await page.getByRole('button', { name: 'Check every row' }).click();
    const changes = page.getByRole('region', { name: 'What changes' });
    await expect(changes).toContainText('1 changed, 1 as before, 1 no longer listed.');
    await expect(changes).toContainText('SB-09: price 0.90 → 1.10');
    await page.getByRole('button', { name: 'Leave it' }).click();
    await expect(page.getByRole('row', { name: /Sandbar Strings/ })).toContainText('3');

    await page.getByRole('button', { name: 'Packaged sets of Sandbar Strings' }).click();
    const sets = page.getByRole('textbox', { name: 'Packaged sets' });
    await sets.fill('SB-S,Slack pair,2.60,SB-09,SB-47');
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByText('Line 1: no string is listed as “SB-47”.')).toBeVisible();
    await sets.fill('SB-S,Slack pair,2.60,SB-09,SB-46');
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByRole('dialog')).toHaveCount(0);

    await page.getByRole('link', { name: 'All strings' }).click();
    await page.getByRole('searchbox', { name: 'Find' }).fill('sandbar');
    await expect(page.getByText('3 strings', { exact: true })).toBeVisible();
    await page.getByRole('textbox', { name: /^From, thou/ }).fill('9.5');
    await expect(page.getByText('2 strings', { exact: true })).toBeVisible();
    await page.getByRole('textbox', { name: /^To, thou/ }).fill('.24 mm');
    await expect(page.getByText('0 strings', { exact: true })).toBeVisible();
});

test('a string is looked at, put in the drawer, taken out, counted and missed', async ({ page, provoked }) => {
    provoked.push(/409/, /422/);
    await page.goto('/strings');
    await page.getByRole('searchbox', { name: 'Find' }).fill('bright wound 52');
    await page.getByRole('button', { name: 'Bright wound 52' }).click();
    const sheet = page.getByRole('complementary', { name: 'The string' });
    await expect(sheet.getByRole('img', { name: 'The string cut across, to scale' })).toContainText('1.321 mm');
    await expect(sheet).toContainText('said by the supplier');
    await expect(sheet.getByRole('region', { name: 'What it suits' })).toContainText(/ to .*feels usual/);
    await expectAccessible(page);
    await sheet.getByRole('button', { name: 'Put in the drawer…' }).click();
    await sheet.getByRole('textbox', { name: 'How many' }).fill('3');
    await sheet.getByRole('textbox', { name: 'Note' }).fill('for the spring');
    await sheet.getByRole('button', { name: 'Put in', exact: true }).click();
    await expect(page.getByRole('row', { name: /Bright wound 52/ })).toContainText(/3$/);

    await page.getByRole('link', { name: 'Drawer', exact: true }).click();
    const row = page.getByRole('row', { name: /× Bright wound 52/ });
    await expect(row).toContainText('3 × Bright wound 52');
    await row.getByRole('textbox').fill('4');
    await row.getByRole('textbox').press('Enter');
    await expect(row).toContainText('runs low');
    await expectAccessible(page);
    await row.getByRole('button', { name: 'Take from Bright wound 52' }).click();
    await page.getByRole('textbox', { name: 'How many' }).fill('5');
    await page.getByRole('button', { name: 'Take out' }).click();
    await expect(page.getByRole('alert')).toContainText('There are only 3, not 5');
    await page.getByRole('textbox', { name: 'How many' }).fill('2');
    await page.getByRole('textbox', { name: 'For what' }).fill('Harbour');
    await page.getByRole('button', { name: 'Take out' }).click();
    await expect(row).toContainText('1 × Bright wound 52');
    await row.getByRole('button', { name: 'Count Bright wound 52' }).click();
    await page.getByRole('textbox', { name: 'There are' }).fill('2');
    await page.getByRole('button', { name: 'Set to what was counted' }).click();
    await expect(page.getByText('Say why it differs')).toBeVisible();
    await page.getByRole('textbox', { name: 'Why it differs' }).fill('found one');
    await page.getByRole('button', { name: 'Set to what was counted' }).click();
    await expect(row).toContainText('2 × Bright wound 52');
    await row.getByRole('button', { name: 'History of Bright wound 52' }).click();
    await expect(page.getByRole('dialog')).toContainText('found one');
    await expect(page.getByRole('dialog')).toContainText('Harbour');
    await page.keyboard.press('Escape');
    await page.getByRole('checkbox', { name: /Only what runs low/ }).check();
    await expect(row).toBeVisible();
});

test('a pool is made, chosen on the Bench, and the lanes show and weigh what its supplier sells', async ({ page }) => {
    await page.goto('/strings/pools');
    await page.getByRole('button', { name: 'New pool' }).click();
    await page.getByRole('textbox', { name: 'Name' }).fill('Stainless, whole gauges');
    await page.getByRole('checkbox', { name: 'wound, stainless steel' }).check();
    await page.getByRole('checkbox', { name: 'plain steel', exact: true }).check();
    await page.getByRole('checkbox', { name: 'With half gauges, such as 9.5' }).uncheck();
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Make the pool' }).click();
    await expect(page.getByText('every supplier; wound, stainless steel · plain steel; no half gauges')).toBeVisible();

    await openSet(page, 'Curlew, E standard');
    const before = await tension(page, 6).inputValue();
    await page.getByRole('button', { name: /^Gauges: what is usually sold/ }).click();
    await page.getByRole('menuitem', { name: 'Stainless, whole gauges' }).click();
    await expect(page.getByRole('button', { name: /^Gauges: Stainless, whole gauges/ })).toBeVisible();
    await lane(page, 6).getByRole('slider').focus();
    await page.getByRole('complementary', { name: 'String 6' }).getByRole('combobox', { name: 'Wrap' }).click();
    await page.getByRole('option', { name: 'stainless steel' }).click();
    await expect(tension(page, 6)).not.toHaveValue(before);
    await lane(page, 6).getByRole('slider').focus();
    await page.keyboard.press('ArrowRight');
    // What the supplier says of its mass comes along.
    await expect(page.getByRole('complementary', { name: 'String 6' })).toContainText('From a supplier’s list');
    await page.getByRole('button', { name: /^Gauges: Stainless/ }).click();
    await page.getByRole('menuitem', { name: 'What is usually sold' }).click();
    await expect(page.getByRole('button', { name: /^Gauges: what is usually sold/ })).toBeVisible();
});

test('a finished design becomes an order that is sent, arrives and fills the drawer', async ({ page }) => {
    // A design of its own, as other tests change those of the demo.
    const design = {
        format: 'lira-set',
        version: 1,
        name: 'Skiff, fourths',
        instrument: { name: 'Skiff', kind: 'bass', scale: { type: 'single', length_mm: 864 } },
        tunings: [{ name: 'Fourths', pitches: ['G2', 'D2', 'A1', 'E1'] }],
        strings: [0.045, 0.065, 0.085, 0.105].map((gauge_in, index) => ({
            position: index + 1,
            construction: 'round-wound',
            material: 'nickel-plated-steel',
            gauge_in,
        })),
    };
    await page.goto('/sets');
    await page
        .getByLabel('Set document to import')
        .setInputFiles({ name: 'skiff.json', mimeType: 'application/json', buffer: Buffer.from(JSON.stringify(design)) });
    await expect(page.getByRole('textbox', { name: 'Name of the set' })).toHaveValue('Skiff, fourths');
    await page.getByRole('button', { name: 'More for this set' }).click();
    await page.getByRole('menuitem', { name: 'Order its strings…' }).click();
    const plan = page.getByRole('dialog', { name: 'Order for sets' });
    await expect(plan.getByRole('region', { name: 'From the drawer' })).toContainText('1 × Sounding 105');
    const fathom = plan.getByRole('region', { name: 'Fathom Bass Strings' });
    await expect(fathom).toContainText('Sounding 45');
    await expect(plan).toContainText('No other mix of singles, boxes, packaged sets and parcels costs less.');
    await plan.getByRole('spinbutton', { name: 'Sets of Skiff, fourths' }).fill('3');
    await expect(fathom).toContainText('× Sounding four, set of 4');
    await expect(plan).toContainText('with single strings only');
    await expectAccessible(page);
    await plan.getByRole('combobox', { name: 'And for' }).fill('eider');
    await plan.getByRole('option', { name: 'Eider, elastomer' }).click();
    await expect(plan.getByRole('region', { name: 'Nobody lists' })).toContainText('polyurethane');
    await plan.getByRole('button', { name: 'Leave out Eider, elastomer' }).click();
    await expect(plan.getByRole('region', { name: 'Nobody lists' })).toHaveCount(0);
    await plan.getByRole('button', { name: 'Keep these orders' }).click();

    const order = page.getByRole('region', { name: /^Order \d+$/ }).first();
    await expect(order).toContainText('not sent yet');
    await expectAccessible(page);
    await order.getByRole('button', { name: 'Send to the simulated supplier' }).click();
    await expect(order).toContainText(/on its way, due on \d{1,2} \w{3} \d{4}/);
    await order.getByRole('button', { name: 'The parcel is here' }).click();
    await expect(order).toContainText('arrived: see what came whole');
    // One of the sets came torn: it stays on its way until the next parcel.
    const whole = order.getByRole('spinbutton', { name: /How many of Sounding four came whole/ });
    await whole.fill('0');
    await order.getByRole('button', { name: 'Put it in the drawer' }).click();
    await expect(order).toContainText('on its way');
    await order.getByRole('button', { name: 'The parcel is here' }).click();
    await order.getByRole('button', { name: 'Put it in the drawer' }).click();
    await expect(order).toContainText('all in the drawer');
    await page.getByRole('link', { name: 'Drawer', exact: true }).click();
    await expect(page.getByRole('row', { name: /× Sounding 45/ })).toContainText('Skiff, fourths');
});

test('labels and a card are printed for the packets of a set', async ({ page }) => {
    await openSet(page, 'Smack, drop A');
    await page.getByRole('button', { name: 'More for this set' }).click();
    await page.getByRole('menuitem', { name: 'Labels for its packets…' }).click();
    const dialog = page.getByRole('dialog', { name: 'Labels for the packets' });
    await dialog.getByRole('combobox', { name: 'Sheet of labels' }).click();
    await page.getByRole('option', { name: 'Letter, 30 labels of 66.7 × 25.4 mm' }).click();
    await dialog.getByRole('spinbutton', { name: 'Labels used up on the first sheet' }).fill('28');
    await expectAccessible(page);
    for (const [name, address] of [
        ['Labels (to print)', /\/sets\/\d+\/labels\?stock=letter-30&skip=28$/],
        ['Card in fitting order', /\/sets\/\d+\/card\?paper=letter$/],
    ] as const) {
        await expectPaper(page, address, () => dialog.getByRole('link', { name }).click());
    }
});

test('a string is weighed with a scale that types, corrects its family, and a bad sample is set aside', async ({
    page,
    provoked,
}) => {
    provoked.push(/422/);
    await page.goto('/strings/measured');
    await expectAccessible(page);
    const form = page.getByRole('form', { name: 'Measure a string' });
    await form.getByRole('textbox', { name: /^Gauge/ }).fill('46');
    await page.getByRole('button', { name: 'Scale and weights' }).click();
    const scale = page.getByRole('complementary', { name: 'Scale and weights' });
    await expect(scale.getByRole('button', { name: 'Read', exact: true })).toBeDisabled();
    await form.getByRole('textbox', { name: 'Mass, g' }).focus();
    await scale.getByRole('textbox', { name: 'On it, g' }).fill('7.10');
    await scale.getByRole('button', { name: 'Read', exact: true }).click();
    await expect(form.getByRole('textbox', { name: 'Mass, g' })).toHaveValue(/^7\.[01]\d g$/);
    await expect(form.getByRole('textbox', { name: 'Length, mm' })).toBeFocused();
    await form.getByRole('textbox', { name: 'Length, mm' }).fill('1000');
    await expect(form).toContainText(/7\.[01]\d+ g\/m ±0\.[12] %; the model says 6\.917 g\/m, so it was \+\d\.\d % off/);
    await form.getByRole('button', { name: 'Keep the sample' }).click();
    const family = page.getByRole('region', { name: 'wound, nickel-plated steel' });
    await expect(family).toContainText('from 1 sample.');
    await expect(family.getByRole('img', { name: 'How far what was measured lies from the model, by gauge' })).toBeVisible();

    await form.getByRole('button', { name: 'Keep the sample' }).click();
    await expect(page.getByRole('alert')).toContainText('Give the gauge and every reading as a figure');
    await form.getByRole('textbox', { name: /^Gauge/ }).fill('36');
    await form.getByRole('textbox', { name: 'Mass, g' }).fill('9.90');
    await form.getByRole('textbox', { name: 'Length, mm' }).fill('1000');
    await expect(family.getByRole('status')).toContainText('Further off than such strings are');
    await expect(family.locator('[data-sample="typed"]')).toHaveCount(1);
    await form.getByRole('button', { name: 'Keep the sample' }).click();
    await expect(family).toContainText('from 2 samples.');
    await family.getByRole('button', { name: 'Set aside the sample of 36' }).click();
    await expect(family).toContainText('from 1 sample.');
    await expectAccessible(page);
    // One device at a time lies beside the form.
    await page.getByRole('button', { name: 'Calliper', exact: true }).click();
    await expect(page.getByRole('complementary', { name: 'Calliper and ruler' })).toBeVisible();
    await expect(scale).toHaveCount(0);
    await page.getByRole('button', { name: 'Calliper', exact: true }).click();
    await expect(page.getByRole('complementary', { name: 'Calliper and ruler' })).toHaveCount(0);

    // The Bench knows it now: the family's other gauges are surer.
    await openSet(page, 'Curlew, E standard');
    await lane(page, 5).getByRole('slider').focus();
    await expect(page.getByRole('complementary', { name: 'String 5' })).toContainText(/Corrected by .* from 1 measured sample/);
    await page.goto('/strings/measured');
    await family.getByRole('button', { name: 'Set aside the sample of 46' }).click();
    await expect(family).toContainText('Nothing of this family counts yet');
});

test('many hands at once take no more from a lot than there is', async ({ page, provoked }) => {
    provoked.push(/409/);
    await page.goto('/strings');
    await page.getByRole('searchbox', { name: 'Find' }).fill('still flats 30');
    await page.getByRole('button', { name: 'Still flats 30' }).click();
    await page.getByRole('button', { name: 'Put in the drawer…' }).click();
    await page.getByRole('textbox', { name: 'How many' }).fill('5');
    const kept = page.waitForResponse((response) => response.url().endsWith('/strings/drawer/lots') && response.ok());
    await page.getByRole('button', { name: 'Put in', exact: true }).click();
    const { id } = (await (await kept).json()) as { id: number };
    const answers = await page.evaluate(async (lot) => {
        const token = decodeURIComponent(/XSRF-TOKEN=([^;]+)/.exec(document.cookie)?.[1] ?? '');
        const take = () =>
            fetch(`/strings/drawer/lots/${lot}/take`, {
                method: 'POST',
                headers: { 'Content-Type': 'application/json', Accept: 'application/json', 'X-XSRF-TOKEN': token },
                body: JSON.stringify({ quantity: 1, note: 'at once' }),
            }).then(({ status }) => status);
        return Promise.all(Array.from({ length: 12 }, take));
    }, id);
    expect(answers.filter((status) => status === 200)).toHaveLength(5);
    expect(answers.filter((status) => status === 409)).toHaveLength(7);
    await page.getByRole('link', { name: 'Drawer', exact: true }).click();
    await expect(page.getByRole('row', { name: /× Still flats 30/ })).toContainText('0 × Still flats 30');
    await page.getByRole('button', { name: 'History of Still flats 30' }).click();
    await expect(page.getByRole('dialog').getByRole('listitem')).toHaveCount(6);
});
