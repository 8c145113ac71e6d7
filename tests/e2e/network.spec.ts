import { execFileSync, spawn, type ChildProcess } from 'node:child_process';
import { rmSync } from 'node:fs';
import type { Browser, BrowserContext, Page } from '@playwright/test';
import jsQR from 'jsqr';
import { expectForEveryone } from './forEveryone';
import { chooseOption, expect, expectAccessible, ports, setClock, test } from './lira';

/** The shop's network: a tablet is let in by a square, works a job, and is sent away. */

const DAY_MS = 86_400_000;

interface Served {
    machine: string;
    network: string;
    end: () => Promise<void>;
}

/** Lira as `bin/start` serves it, on ports of this test's own; with `--network` where that is asked for. */
async function serve(name: string, network = true): Promise<Served> {
    const database = `var/e2e/${name}.sqlite`;
    for (const left of [database, `${database}-wal`, `${database}-shm`, `var/e2e/${name}-files`, `var/e2e/${name}-copies`]) {
        rmSync(left, { recursive: true, force: true });
    }
    const { own } = ports();
    const free = execFileSync(globalThis.process.execPath, ['bin/free-ports.mjs', '1'], { encoding: 'utf8' }).trim();
    const process = spawn(
        'php',
        ['artisan', 'lira:serve', `--port=${own}`, ...(network ? ['--network'] : []), `--network-port=${free}`],
        {
            env: { ...globalThis.process.env, DB_DATABASE: database },
            stdio: ['ignore', 'pipe', 'pipe'],
        },
    );
    const address = await said(process, network ? /network it is at (https:\S+):/ : /Lira is at (http:\S+)/);
    return {
        machine: `http://127.0.0.1:${own}`,
        network: network ? address : '',
        end: () =>
            new Promise((ended) => {
                process.once('exit', () => ended());
                process.kill('SIGTERM');
            }),
    };
}

function said(process: ChildProcess, words: RegExp): Promise<string> {
    return new Promise((found, fail) => {
        let all = '';
        const hear = (piece: Buffer) => {
            all += piece.toString();
            const match = words.exec(all)?.[1];
            if (match !== undefined) {
                found(match);
            }
        };
        process.stdout?.on('data', hear);
        process.stderr?.on('data', hear);
        process.once('exit', () => fail(new Error(`It ended: ${all}`)));
    });
}

/** A device of the network that goes on where it is asked about the certificate. */
async function tablet(browser: Browser, viewport: { width: number; height: number }, clockMs = 0): Promise<BrowserContext> {
    const context = await browser.newContext({ viewport, ignoreHTTPSErrors: true, reducedMotion: 'reduce' });
    await setClock(context, clockMs);
    return context;
}

/** Lets a device in that may work at the bench, as both sides see it; each dialog on every size. */
async function letIn(page: Page, shop: BrowserContext, { network }: Served): Promise<Page> {
    await page.getByRole('button', { name: 'Let a device in…' }).click();
    await page.getByRole('textbox', { name: 'Its name' }).fill('Tablet at the window');
    await expectForEveryone(page, 'Letting a device in', '[role="dialog"]');
    await page.getByRole('button', { name: 'Show the square' }).click();
    await expect(page.getByRole('img', { name: /^Square/ })).toBeVisible();
    await expectForEveryone(page, 'The square', '[role="dialog"]');
    const address = await page.getByRole('dialog').locator('.select-all').innerText();
    expect(await decoded(page)).toBe(address);

    const device = await shop.newPage();
    await device.goto(`${network}/jobs`);
    await expect(device.getByText('This device is not let in yet')).toBeVisible();
    await device.goto('about:blank');
    await device.goto(address);
    await expect(words(device)).toHaveText(/^\w+ \w+ \w+$/);
    await expect(device).toHaveURL(`${network}/enter`);
    expect(await device.evaluate(() => [isSecureContext, 'mediaDevices' in navigator, 'wakeLock' in navigator])).toEqual([
        true,
        true,
        true,
    ]);
    await expectAccessible(device);
    await expect(words(page)).toHaveText(await words(device).innerText());
    await expectForEveryone(page, 'The words', '[role="dialog"]');
    await page.getByRole('button', { name: 'The same: let it in' }).click();
    await expect(device).toHaveURL(/\/bench\//);
    await expect(page.getByRole('list', { name: 'Devices' })).toContainText('Tablet at the window');
    return device;
}

const words = (page: Page) => page.locator('[data-figure="words"]');

/** What the square holds, as a camera reads it. */
async function decoded(page: Page): Promise<string> {
    const { pixels, side } = await page.getByRole('img', { name: /^Square/ }).evaluate((picture: HTMLImageElement) => {
        const canvas = document.createElement('canvas');
        canvas.width = canvas.height = picture.naturalWidth;
        const drawn = canvas.getContext('2d');
        drawn?.drawImage(picture, 0, 0);
        return { pixels: [...(drawn?.getImageData(0, 0, canvas.width, canvas.height).data ?? [])], side: canvas.width };
    });
    return jsQR(new Uint8ClampedArray(pixels), side, side)?.data ?? '';
}

/** What the square on the label of a set's first packet holds. */
async function squareOfLabel(page: Page, { machine }: Served): Promise<string> {
    const set = /\/bench\/(\d+)/.exec((await page.request.get(`${machine}/`)).url())?.[1] ?? '';
    const pdf = await (await page.request.get(`${machine}/sets/${set}/labels?stock=a4-24`)).body();
    const dots = 300;
    // The first label of the sheet, 70 × 37 mm.
    const [width, height] = [Math.round((70 / 25.4) * dots), Math.round((37.5 / 25.4) * dots)];
    const grey = execFileSync(
        'pdftoppm',
        ['-gray', '-r', String(dots), '-f', '1', '-l', '1', '-x', '0', '-y', '0', '-W', String(width), '-H', String(height), '-'],
        { input: pdf, maxBuffer: 50e6 },
    ).subarray(-width * height);
    const pixels = new Uint8ClampedArray(4 * width * height);
    grey.forEach((value, at) => pixels.set([value, value, value, 255], 4 * at));
    return jsQR(pixels, width, height)?.data ?? '';
}

test.describe('over the shop’s network', () => {
    test.use({ provoked: [/Failed to load resource/] });

    test('a tablet is let in by a square, works a job, and is sent away in the middle without losing anything', async ({
        page,
        browser,
    }) => {
        const served = await serve('network');
        try {
            await page.goto(`${served.machine}/workshop/devices`);
            await expect(page.getByText(`reach Lira at ${served.network}`)).toBeVisible();
            await expectAccessible(page);
            const shop = await tablet(browser, { width: 820, height: 1180 });
            const device = await letIn(page, shop, served);

            // What is printed at the machine leads a phone to the string, over the network.
            const packet = await squareOfLabel(page, served);
            expect(packet).toMatch(new RegExp(`^${served.network}/packets/S\\d+-1$`));
            const phone = await shop.newPage();
            await phone.setViewportSize({ width: 390, height: 844 });
            await phone.goto(packet);
            await expect(phone.getByRole('heading', { level: 1 })).toHaveText('String 1 of 6, Harbour');
            await expectAccessible(phone);
            await phone.getByRole('link', { name: /Begin a job with this set|Go on with its job/ }).click();
            await expect(phone).toHaveURL(/\/jobs\//);
            await phone.close();

            // At the bench it may work, and no more: what it may not is said.
            await device.goto(`${served.network}/jobs`);
            await device
                .getByRole('link', { name: /Curlew/ })
                .first()
                .click();
            const main = device.getByRole('main');
            const step = device.getByText(/^step \d+ of \d+$/);
            const at = await step.innerText();
            await main.locator('button.rounded-float.bg-ink').click();
            await expect(step).not.toHaveText(at);
            await expect(main).toHaveAttribute('data-unsent', '0');

            // Sent away: the next request is refused, and what was pressed stays on the device.
            await page.getByRole('button', { name: 'Send Tablet at the window away' }).click();
            await expect(page.getByText('None yet.')).toBeVisible();
            await main.locator('button.rounded-float.bg-ink').click();
            await expect(main).not.toHaveAttribute('data-unsent', '0');
            await expect(main).toHaveAttribute('data-refused', '0');
            await expect(main.getByText(/not let in any more/)).toBeVisible();
            await shop.close();
        } finally {
            await served.end();
        }
    });

    test('the network is answered from Workshop; somebody outside is shown one page, until it is taken back', async ({
        page,
        browser,
    }) => {
        const served = await serve('switched', false);
        try {
            await page.goto(`${served.machine}/workshop/devices`);
            await expectForEveryone(page, 'Devices, on this machine alone');
            await page.getByRole('button', { name: 'Answer the shop’s network' }).click();
            const reach = page.getByText(/reach Lira at https:/);
            await expect(reach).toBeVisible();
            served.network = /https:\/\/[^,]+/.exec(await reach.innerText())?.[0] ?? '';
            await expectForEveryone(page, 'Devices, in the network');

            await page.goto(`${served.machine}/sets`);
            await page.getByRole('button', { name: 'More for Harbour, down to C' }).click();
            await page.getByRole('menuitem', { name: 'Share it…' }).click();
            const dialog = page.getByRole('dialog');
            await chooseOption(page, 'Which page', 'Whether it fits the instrument');
            await dialog.getByRole('button', { name: 'Make an address' }).click();
            const address = dialog.locator('[data-figure="address"]');
            await expect(address).toHaveText(new RegExp(`^${served.network}/shared/`));
            await expectForEveryone(page, 'An address', '[role="dialog"]');
            expect(await decoded(page)).toBe(await address.innerText());
            const given = await address.innerText();

            const owner = await tablet(browser, { width: 390, height: 844 });
            const shown = await owner.newPage();
            await shown.goto(given);
            await expect(shown.getByRole('heading', { level: 1 })).toHaveText('Does it fit?');
            await expect(shown.getByText('Harbour').first()).toBeVisible();
            await expect(shown.getByRole('link')).toHaveCount(0);
            expect(await owner.cookies()).toEqual([]);
            // Nothing runs on it, so it is looked at where something may.
            const looked = await owner.newPage();
            await looked.setContent(await (await owner.request.get(given)).text());
            await expectAccessible(looked);
            await shown.goto(`${served.network}/sets`);
            await expect(shown.getByText('This device is not let in yet')).toBeVisible();

            await page.goto(`${served.machine}/workshop/devices`);
            await expect(page.getByRole('list', { name: 'Addresses' })).toContainText(
                /Harbour, down to C, whether it fits.*last opened/,
            );
            await page.getByRole('button', { name: 'Take back Harbour, down to C, whether it fits' }).click();
            await expect(page.getByText('None stands just now.')).toBeVisible();
            await shown.goto(given);
            await expect(shown.getByRole('heading', { level: 1 })).toHaveText('Nothing is shown under this address any more');
            await owner.close();

            await page.getByRole('button', { name: 'Answer this machine alone' }).click();
            await expect(page.getByText('Lira answers on this machine alone. Once')).toBeVisible();
        } finally {
            await served.end();
        }
    });

    test('a tablet whose clock is a day behind works, goes out of reach and comes back; it is narrowed to looking', async ({
        page,
        browser,
    }) => {
        const served = await serve('behind');
        try {
            await page.goto(`${served.machine}/workshop/devices`);
            const shop = await tablet(browser, { width: 820, height: 1180 }, -DAY_MS);
            const device = await letIn(page, shop, served);
            await device.goto(`${served.network}/jobs`);
            await device
                .getByRole('link', { name: /Curlew/ })
                .first()
                .click();
            const main = device.getByRole('main');
            const step = device.getByText(/^step \d+ of \d+$/);
            const press = async () => {
                const at = await step.innerText();
                await main.locator('button.rounded-float.bg-ink').click();
                await expect(step).not.toHaveText(at);
            };
            await press();
            await expect(main).toHaveAttribute('data-unsent', '0');
            const job = new URL(device.url()).pathname;

            // Out of reach of the network: it goes on, and what was pressed is brought along afterwards.
            await shop.setOffline(true);
            await press();
            await expect(main).not.toHaveAttribute('data-unsent', '0');
            const at = await step.innerText();
            await shop.setOffline(false);
            await expect(main).toHaveAttribute('data-unsent', '0', { timeout: 20_000 });
            await expect(main).toHaveAttribute('data-refused', '0');
            await page.goto(served.machine + job);
            await expect(page.getByText(at, { exact: true })).toBeVisible();

            await page.goto(`${served.machine}/workshop/devices`);
            await page.getByRole('button', { name: 'Change Tablet at the window' }).click();
            await expectForEveryone(page, 'Changing a device', '[role="dialog"]');
            await chooseOption(page, 'What it may do', 'Look, and change nothing');
            await page.getByRole('button', { name: 'Keep it' }).click();
            await expect(page.getByRole('list', { name: 'Devices' })).toContainText('may look');
            await device.reload();
            await expect(device.getByText('This device may look: nothing is changed from here.')).toBeVisible();
            await shop.close();
        } finally {
            await served.end();
        }
    });
});
