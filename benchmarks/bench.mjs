// How soon the Bench answers in the browser, with the demo set and a pool of 120 gauges: from the key to the painted
// figures of the server's answer, over 200 steps; and how many frames a second a drag gets.
// Usage: node benchmarks/bench.mjs
import { chromium } from '@playwright/test';
import { chromiumOptions } from '../tests/chromium.mjs';
import { spread, withServer } from './server.mjs';

const STEPS = 200;
/** So many steps up before as many down, at another pitch. */
const RUN = 50;
const DRAG_MOVES = 240;
const RESTED = 60;
const REST_MS = 500;
const plain = Array.from({ length: 40 }, (_, index) => Number((0.006 + index * 0.0005).toFixed(4)));
const wound = Array.from({ length: 80 }, (_, index) => Number((0.016 + index * 0.001).toFixed(3)));
const list = [
    'code,construction,material,gauge',
    ...plain.map((inches, index) => `P${index},plain,music-wire,${inches * 1000}`),
    ...wound.map((inches, index) => `W${index},round-wound,nickel-plated-steel,${inches * 1000}`),
].join('\n');

/** In the page: brings the gauges in as a supplier's list, and chooses from them on the Bench. */
async function choosePool(csv) {
    const token = () => decodeURIComponent(document.cookie.split('XSRF-TOKEN=')[1].split(';')[0]);
    const send = async (method, address, body) => {
        const file = body instanceof FormData;
        const response = await fetch(address, {
            method,
            headers: {
                Accept: 'application/json',
                'X-XSRF-TOKEN': token(),
                ...(file ? {} : { 'Content-Type': 'application/json' }),
            },
            body: file ? body : JSON.stringify(body ?? {}),
        });
        if (!response.ok) {
            throw new Error(`${address}: ${await response.text()}`);
        }
        return response.json();
    };
    const supplier = await send('POST', '/strings/suppliers', {
        name: 'Fathom lines',
        currency: 'EUR',
        shipping_cents: 0,
        lead_days: 1,
    });
    const form = new FormData();
    form.append('file', new File([csv], 'list.csv', { type: 'text/csv' }));
    const { id, mapping } = await send('POST', `/strings/suppliers/${supplier.id}/imports`, form);
    await send('PUT', `/strings/imports/${id}`, { ...mapping, units: {}, whole: false });
    while ((await send('POST', `/strings/imports/${id}/check`)).status !== 'checked');
    await send('POST', `/strings/imports/${id}/write`);
    const pool = await send('POST', '/strings/pools', { name: 'Measured for speed', rule: { suppliers: [supplier.id] } });
    const set = Number(location.pathname.split('/').pop());
    await send('PUT', `/sets/${set}/pool`, { pool: pool.id, seen: null });
}

await withServer(8929, async (base) => {
    const browser = await chromium.launch(chromiumOptions);
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    await page.addInitScript(() => {
        const ask = window.fetch;
        const flight = { now: 0, most: 0, served: [], asked: [], answered: [] };
        Object.assign(window, { flight });
        window.fetch = async (address, options) => {
            if (!String(address).endsWith('/evaluations')) {
                return ask(address, options);
            }
            flight.most = Math.max(flight.most, ++flight.now);
            const began = performance.now();
            try {
                const response = await ask(address, options);
                flight.asked.push(options.body.length);
                flight.answered.push((await response.clone().text()).length);
                return response;
            } finally {
                flight.served.push(performance.now() - began);
                flight.now--;
            }
        };
        // From the key to the frame after the one that shows the answer's figures.
        window.expectStep = () => {
            window.stepped = new Promise((done) => {
                let began;
                addEventListener('keydown', (event) => (began = event.timeStamp), { capture: true, once: true });
                const ledger = document.querySelector('section[aria-label="Whole instrument"]');
                let asked = false;
                const watch = new MutationObserver(() => {
                    asked ||= ledger.getAttribute('aria-busy') === 'true';
                    if (asked && ledger.getAttribute('aria-busy') === 'false') {
                        watch.disconnect();
                        requestAnimationFrame(() => setTimeout(() => done(performance.now() - began)));
                    }
                });
                watch.observe(ledger, { attributes: true, attributeFilter: ['aria-busy'] });
            });
        };
    });
    await page.goto(`${base}/bench`);
    await page.locator('[data-figure="total"]').waitFor();
    await page.evaluate(choosePool, list);
    await page.reload();
    await page.locator('[data-figure="total"]').waitFor();
    const mark = (position) => page.locator(`[data-lane="${position}"] [role="slider"]`);
    const step = async (position, key) => {
        await mark(position).focus();
        // Turning to another string is not part of the step: its frame is over before the key goes down.
        await page.evaluate(() => new Promise((over) => requestAnimationFrame(() => setTimeout(over, 20))));
        await page.evaluate(() => window.expectStep());
        await page.keyboard.press(key);
        return page.evaluate(() => window.stepped);
    };

    // The first answer brings the pool of 120; the steps after it are each a design not seen before.
    await step(1, 'PageDown');
    const ticks = await page.evaluate(() => document.querySelectorAll('[data-drawing] g[style] line').length);
    const times = [];
    for (let count = 0; count < STEPS; count++) {
        const run = Math.floor(count / RUN);
        if (count > 0 && count % RUN === 0) {
            await step(1, 'PageDown');
        }
        times.push(await step((count % 6) + 1, run % 2 === 0 ? 'ArrowRight' : 'ArrowLeft'));
    }
    const { median, p95 } = spread(times);
    const served = spread(await page.evaluate(() => window.flight.served));
    console.log(`Key to painted figures: median ${median.toFixed(1)} ms, p95 ${p95.toFixed(1)} ms over ${STEPS} steps`);
    console.log(
        `Of that the request: median ${served.median.toFixed(1)} ms, p95 ${served.p95.toFixed(1)} ms; ${ticks} ticks drawn`,
    );

    // As somebody who looks before the next step: what comes next may be asked for meanwhile.
    const rested = [];
    for (let count = 0; count < RESTED; count++) {
        const position = (count % 6) + 1;
        await mark(position).focus();
        await page.waitForTimeout(REST_MS);
        await page.evaluate((at) => {
            const slider = document.querySelector(`[data-lane="${at}"] [role="slider"]`);
            const ledger = document.querySelector('section[aria-label="Whole instrument"]');
            const before = slider.getAttribute('aria-valuetext');
            window.stepped = new Promise((done) => {
                window.addEventListener(
                    'keydown',
                    () => {
                        const began = performance.now();
                        const look = () =>
                            slider.getAttribute('aria-valuetext') !== before && ledger.getAttribute('aria-busy') === 'false'
                                ? setTimeout(() => done(performance.now() - began))
                                : requestAnimationFrame(look);
                        requestAnimationFrame(look);
                    },
                    { capture: true, once: true },
                );
            });
        }, position);
        await page.keyboard.press(count < RESTED / 2 ? 'ArrowRight' : 'ArrowLeft');
        rested.push(await page.evaluate(() => window.stepped));
    }
    const after = spread(rested);
    console.log(
        `After a rest of ${REST_MS} ms: median ${after.median.toFixed(1)} ms, p95 ${after.p95.toFixed(1)} ms over ${RESTED} steps`,
    );

    const { asked, answered } = await page.evaluate(() => window.flight);
    console.log(`A question has ${spread(asked).median} bytes, its answer ${spread(answered).median}`);

    const box = await mark(4).boundingBox();
    const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
    await page.evaluate(() => {
        window.frames = [];
        const note = (now) => {
            window.frames.push(now);
            requestAnimationFrame(note);
        };
        requestAnimationFrame(note);
    });
    await page.mouse.move(x, y);
    await page.mouse.down();
    for (let move = 0; move < DRAG_MOVES; move++) {
        await page.mouse.move(x + 220 * Math.sin(move / 12), y);
    }
    const frames = await page.evaluate(() => window.frames);
    await page.mouse.up();
    const gaps = frames.slice(1).map((at, index) => at - frames[index]);
    const dragged = spread(gaps);
    const rate = (1000 * gaps.length) / (frames.at(-1) - frames[0]);
    console.log(
        `Drag: ${rate.toFixed(1)} frames a second over ${(frames.at(-1) - frames[0]).toFixed(0)} ms, frame ${dragged.median.toFixed(1)} ms in the middle, ${dragged.p95.toFixed(1)} ms at the 95th; ` +
            `${gaps.filter((gap) => gap > 25).length} of ${gaps.length} frames late`,
    );
    console.log(`Most requests in flight at once: ${await page.evaluate(() => window.flight.most)}`);
    await browser.close();
});
