import type { Page } from '@playwright/test';
import { expect, openSet } from './lira';

const click =
    (name: string | RegExp, role: 'button' | 'link' | 'tab' | 'menuitem' = 'button') =>
    (page: Page) =>
        // Other tests empty a lot, or finish a job: the first that can be pressed.
        page.getByRole(role, { name, exact: true, disabled: false }).first().click();
const key = (pressed: string) => (page: Page) => page.keyboard.press(pressed);
const command = (name: string) => async (page: Page) => {
    await page.keyboard.press('Control+k');
    await page.getByRole('dialog').getByRole('combobox').fill(name);
    await page.getByRole('option', { name }).first().click();
};
const more = (menu: string | RegExp, item: string | RegExp) => async (page: Page) => {
    await click(menu)(page);
    await click(item, 'menuitem')(page);
};

type Step = (page: Page) => Promise<unknown>;

export interface View {
    /** An address, or how one gets there. */
    at: string | Step;
    /** Other sides of the page, one after the other. */
    sides?: Record<string, Step>;
    /** What opens over it, each opened by itself. */
    opens?: Record<string, Step>;
    /** What the browser complains of there. */
    provokes?: RegExp[];
}

const jobOf =
    (instrument: string): Step =>
    async (page) => {
        await page.goto('/jobs');
        await page
            .getByRole('link', { name: new RegExp(`^${instrument}`) })
            .first()
            .click();
        await expect(page).toHaveURL(/\/jobs\/\d+/);
    };
const instrument =
    (name: string): Step =>
    async (page) => {
        await page.goto('/instruments');
        await page.getByRole('link', { name, exact: true }).click();
        await expect(page.getByRole('tab').first()).toBeVisible();
    };

/** Every view there is, its other sides, and what opens over it. */
export const VIEWS: Record<string, View> = {
    Start: { at: '/start' },
    Bench: {
        at: (page) => openSet(page, 'Smack, drop A'),
        opens: {
            'choosing gauges': key('s'),
            converting: key('c'),
            'what feels right': key('b'),
            'earlier sets': command('Earlier sets on this instrument…'),
            'a tuning': key('t'),
            versions: key('v'),
            labels: command('Labels for its packets…'),
            sharing: command('Share it: as text, a picture, a page, an address…'),
            palette: key('Control+k'),
            keys: key('?'),
            'what a capo keeps': async (page) => {
                await page.getByRole('textbox', { name: 'Capo on fret' }).fill('2');
                await page.keyboard.press('Enter');
            },
        },
    },
    'Bench of courses': { at: (page) => openSet(page, 'Turnstone, octave courses') },
    Sets: { at: '/sets' },
    'Sets put away': { at: '/sets?away=1' },
    Instruments: { at: '/instruments' },
    Instrument: {
        at: instrument('Ketch'),
        sides: {
            'what was measured': click('Measure', 'tab'),
            'a set tried on': click('Try a set on', 'tab'),
            'how it plays': click('How it plays', 'tab'),
            reach: click('How low, how high', 'tab'),
            log: click('Log', 'tab'),
        },
    },
    'New instrument': { at: '/instruments/new' },
    Strings: {
        at: '/strings',
        sides: {
            'one string': async (page) => {
                await page.getByRole('searchbox', { name: 'Find' }).fill('wound 46');
                await page.getByRole('button', { name: 'Bright wound 46' }).click();
                await expect(page.getByRole('img', { name: 'The string cut across, to scale' })).toBeVisible();
            },
        },
    },
    Drawer: {
        at: '/strings/drawer',
        opens: { 'taking some': click(/^Take from /), 'counting a lot': click(/^Count /), 'its history': click(/^History of /) },
    },
    Orders: { at: '/strings/orders', opens: { 'an order for designs': click('Order for designs…') } },
    Pools: { at: '/strings/pools', opens: { 'a new pool': click('New pool') } },
    Suppliers: {
        at: '/strings/suppliers',
        opens: {
            'a new supplier': click('New supplier'),
            'a list': click(/^Bring in a list of /),
            'packaged sets': click(/^Packaged sets of /),
        },
    },
    'Measured strings': { at: '/strings/measured' },
    Jobs: { at: '/jobs' },
    'New job': { at: '/jobs/new' },
    Job: {
        at: jobOf('Curlew'),
        opens: {
            schools: more(/^More/, 'Change the way…'),
            'what was agreed': more(/^More/, 'Owner, reason, promised day…'),
            'another bench': more(/^More/, 'Hand it to another bench…'),
            'its record': more(/^More/, 'Before, after, and what happened…'),
            'a note': click('Note'),
            'what was seen': click('What was seen'),
            'cut short': click('Cut short'),
            'one that broke': click('Broke'),
            'a wrong string': click('Wrong string'),
            'a spare': click('Take a spare'),
        },
    },
    'The door of tuning': { at: '/tune' },
    Tuning: {
        at: async (page) => {
            await openSet(page, 'Curlew, D standard');
            await page.goto(`${page.url().replace('/bench/', '/sets/')}/tune?practice`);
        },
        opens: {
            'another tuning': async (page) => {
                await page.getByRole('combobox', { name: 'To', exact: true }).click();
                await page.getByRole('option', { name: 'another tuning…' }).click();
            },
        },
    },
    Intonation: {
        at: async (page) => {
            await openSet(page, 'Harbour, down to C');
            await page.goto(`${page.url().replace('/bench/', '/sets/')}/intonate?practice`);
        },
    },
    Log: { at: '/log', opens: { 'putting off': click(/^Put off: /) } },
    Shows: { at: '/log/shows', opens: { 'a show': click('Add a show'), 'shows of a calendar': click('Bring in…') } },
    'How long strings last': { at: '/log/life' },
    Care: { at: '/workshop/care', opens: { 'a rule': click('Add a rule') } },
    Years: { at: '/log/years' },
    Workshop: { at: '/workshop' },
    'Ways of working': { at: '/workshop/ways' },
    Owners: {
        at: async (page) => {
            await page.goto('/workshop/owners');
            await page.getByRole('list', { name: 'Owners' }).getByRole('link').first().click();
        },
        opens: { 'another name': click('Rename or merge…') },
    },
    Devices: { at: '/workshop/devices', opens: { 'a token': click('A token for a program…') } },
    'Coming in': { at: '/enter' },
    Packet: { at: '/packets/S1-1' },
    'An instrument at hand': { at: '/instruments/1/at-hand' },
    Copies: { at: '/workshop/copies', opens: { 'the demo out': click('Take the demo out…') } },
    Help: { at: '/workshop/help' },
    Words: { at: '/words' },
    'No such page': { at: '/no/such/place', provokes: [/404/] },
};

/** Goes to a view, and waits until it stands. */
export async function goTo(page: Page, { at }: View): Promise<void> {
    await (typeof at === 'string' ? page.goto(at) : at(page));
    await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible();
    await page.waitForLoadState('networkidle');
}
