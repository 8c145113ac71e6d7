import { execFileSync, spawn, type ChildProcess } from 'node:child_process';
import { rmSync } from 'node:fs';
import type { Browser, BrowserContext, Page } from '@playwright/test';
import jsQR from 'jsqr';
import { expect, expectAccessible, ports, setClock, test } from './lira';

/** The shop's network: a tablet is let in by a square, works a job, and is sent away. */

interface Served {
    machine: string;
    network: string;
    end: () => Promise<void>;
}

/** Lira as `bin/start --network` serves it, on ports of this test's own. */
async function serve(name: string): Promise<Served> {
    const database = `var/e2e/${name}.sqlite`;
    for (const left of [database, `${database}-wal`, `${database}-shm`, `var/e2e/${name}-files`, `var/e2e/${name}-copies`]) {
        rmSync(left, { recursive: true, force: true });
    }
    const { own } = ports();
    const free = execFileSync(globalThis.process.execPath, ['bin/free-ports.mjs', '1'], { encoding: 'utf8' }).trim();
    const process = spawn('php', ['artisan', 'lira:serve', `--port=${own}`, '--network', `--network-port=${free}`], {
        env: { ...globalThis.process.env, DB_DATABASE: database },
        stdio: ['ignore', 'pipe', 'pipe'],
    });
    const network = await said(process, /network it is at (https:\S+):/);
    return {
        machine: `http://127.0.0.1:${own}`,
        network,
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
async function tablet(browser: Browser, viewport: { width: number; height: number }): Promise<BrowserContext> {
    const context = await browser.newContext({ viewport, ignoreHTTPSErrors: true, reducedMotion: 'reduce' });
    await setClock(context);
    return context;
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
            await page.getByRole('button', { name: 'Let a device in…' }).click();
            await page.getByRole('textbox', { name: 'Its name' }).fill('Tablet at the window');
            await page.getByRole('button', { name: 'Show the square' }).click();
            await expect(page.getByRole('img', { name: /^Square/ })).toBeVisible();
            await expectAccessible(page);
            const address = await page.getByRole('dialog').locator('.select-all').innerText();
            expect(await decoded(page)).toBe(address);

            const shop = await tablet(browser, { width: 820, height: 1180 });
            const device = await shop.newPage();
            await device.goto(`${served.network}/jobs`);
            await expect(device.getByText('This device is not let in yet')).toBeVisible();
            await device.goto('about:blank');
            await device.goto(address);
            await expect(words(device)).toHaveText(/^\w+ \w+ \w+$/);
            await expect(device).toHaveURL(`${served.network}/enter`);
            expect(await device.evaluate(() => [isSecureContext, 'mediaDevices' in navigator, 'wakeLock' in navigator])).toEqual([
                true,
                true,
                true,
            ]);
            await expectAccessible(device);
            await expect(words(page)).toHaveText(await words(device).innerText());
            await expectAccessible(page);
            await page.getByRole('button', { name: 'The same: let it in' }).click();
            await expect(device).toHaveURL(/\/bench\//);
            await expect(page.getByRole('list', { name: 'Devices' })).toContainText('Tablet at the window');

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
});
