// The network's door beside the machine's own: how soon a page stands that was never opened before, through either in turns, and how soon
// eight devices that were let in are answered while all of them work. Usage: node benchmarks/network.mjs
import { readFile } from 'node:fs/promises';
import { chromium, request } from '@playwright/test';
import { chromiumOptions } from '../tests/chromium.mjs';
import { notesWhenPainted, spread, withServer } from './server.mjs';

const LOADS = 11;
const DEVICES = 8;
const WORK_S = 60;
const OUT = 8944;

const token = async (door) => {
    const { cookies } = await door.storageState();
    return { 'X-XSRF-TOKEN': decodeURIComponent(cookies.find(({ name }) => name === 'XSRF-TOKEN')?.value ?? '') };
};
const send = async (door, method, path, data) => {
    const answer = await door.fetch(path, { method, data, headers: { Accept: 'application/json', ...(await token(door)) } });
    if (!answer.ok()) {
        throw new Error(`${method} ${path}: ${answer.status()} ${await answer.text()}`);
    }
    return answer.json();
};

/** A device that is let in as somebody lets it in: a square, the words, a press. */
async function letIn(machine, network, name) {
    const { id, address } = await send(machine, 'POST', '/workshop/invitations', { name, right: 'all' });
    const device = await request.newContext({ baseURL: network, ignoreHTTPSErrors: true });
    await device.get('/enter');
    await send(device, 'POST', '/enter', { secret: address.split('#')[1] });
    await send(machine, 'PUT', `/workshop/invitations/${id}`);
    await send(device, 'POST', '/enter/standing');
    return device;
}

/** What somebody does at a bench for a while: each thing with how long it took. */
async function work(device, number, job, design, took) {
    // The same each time, and other for each device.
    let seed = 7 * number + 1;
    const chance = () => (seed = (seed * 16807) % 2147483647) / 2147483647;
    const until = Date.now() + 1000 * WORK_S;
    const timed = async (what, act) => {
        const from = performance.now();
        await act();
        took[what].push(performance.now() - from);
    };
    let polled = 0;
    for (let sequence = 1; Date.now() < until;) {
        await new Promise((rest) => setTimeout(rest, 200 + 600 * chance()));
        if (Date.now() - polled > 2000) {
            polled = Date.now();
            await timed('asks what is new', () => device.get('/jobs/changed'));
        } else if (chance() < 0.5) {
            await timed('a step of a gauge', () => send(device, 'POST', '/api/v1/evaluations', design));
        } else if (chance() < 0.7) {
            const event = {
                id: crypto.randomUUID(),
                device: `device-${number}`,
                sequence: sequence++,
                seen: 0,
                at: new Date().toISOString().replace(/\.\d+/, ''),
                kind: 'noted',
                data: { text: `Note ${sequence}`, position: null },
            };
            await timed('a press in a job kept', () => send(device, 'POST', `/jobs/${job}/events`, { events: [event] }));
        } else {
            await timed('a page', () => device.get(`/jobs/${job}`));
        }
    }
}

await withServer(
    8943,
    async (base) => {
        const machine = await request.newContext({ baseURL: base });
        await machine.get('/workshop/devices');
        const { address } = await (await machine.get('/workshop/network')).json();
        const first = await letIn(machine, address, 'First');
        const state = await first.storageState();

        const cold = { [base]: [], [address]: [] };
        for (let load = 0; load < LOADS; load++) {
            for (const at of load % 2 === 0 ? [base, address] : [address, base]) {
                const browser = await chromium.launch(chromiumOptions);
                const context = await browser.newContext({
                    viewport: { width: 1280, height: 800 },
                    ignoreHTTPSErrors: true,
                    ...(at === address ? { storageState: state } : {}),
                });
                const page = await context.newPage();
                await notesWhenPainted(page);
                await page.goto(`${at}/bench`);
                cold[at].push(await page.evaluate(() => window.painted));
                await browser.close();
            }
        }
        for (const [at, times] of Object.entries(cold)) {
            const { median, p95 } = spread(times);
            console.log(
                `Bench, cold, ${at === base ? 'the machine’s door' : 'the network’s'}: median ${median.toFixed(0)} ms, p95 ${p95.toFixed(0)} ms over ${LOADS} in turns`,
            );
        }

        const design = JSON.parse(await readFile(new URL('../docs/examples/harbour-baritone.json', import.meta.url), 'utf8'));
        const job = Number(/"jobs":\[\{"id":(\d+)/.exec(await (await machine.get('/jobs')).text())?.[1]);
        const took = { 'asks what is new': [], 'a step of a gauge': [], 'a press in a job kept': [], 'a page': [] };
        const devices = [];
        for (let number = 1; number <= DEVICES; number++) {
            devices.push(await letIn(machine, address, `Device ${number}`));
        }
        await Promise.all(devices.map((device, index) => work(device, index + 1, job, design, took)));
        for (const [what, times] of Object.entries(took)) {
            const { median, p95 } = spread(times);
            console.log(
                `${DEVICES} devices, ${what}: ${times.length} times, median ${median.toFixed(0)} ms, p95 ${p95.toFixed(0)} ms, longest ${Math.max(...times).toFixed(0)} ms`,
            );
        }
    },
    ['--network', '--network-port', String(OUT)],
);
