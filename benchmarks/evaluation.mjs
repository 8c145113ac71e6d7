// How long the evaluation endpoint takes beside a route that only answers "ok": median and p95 of 300 calls each,
// taken in turns so that whatever else the machine does falls on both alike. Usage: node benchmarks/evaluation.mjs
import { readFile } from 'node:fs/promises';
import { spread, withServer } from './server.mjs';

const CALLS = 300;
const WARM_UP = 30;
const example = JSON.parse(await readFile(new URL('../docs/examples/harbour-baritone.json', import.meta.url), 'utf8'));
const post = (body) => ({ method: 'POST', headers: { 'Content-Type': 'application/json' }, body: JSON.stringify(body) });
const routes = {
    'bare route': ['/api/v1/ok', {}],
    'evaluation, six strings': ['/api/v1/evaluations', post(example)],
    'the same with the standard pool': ['/api/v1/evaluations', post({ ...example, pool: 'standard' })],
};

await withServer(8927, async (base) => {
    const times = Object.fromEntries(Object.keys(routes).map((name) => [name, []]));
    for (let call = 0; call < CALLS + WARM_UP; call++) {
        for (const [name, [path, options]] of Object.entries(routes)) {
            const start = performance.now();
            const response = await fetch(base + path, options);
            await response.arrayBuffer();
            if (!response.ok) {
                throw new Error(`${path} answered ${response.status}`);
            }
            if (call >= WARM_UP) {
                times[name].push(performance.now() - start);
            }
        }
    }
    const bare = spread(times['bare route']).median;
    for (const [name, all] of Object.entries(times)) {
        const { median, p95 } = spread(all);
        console.log(
            `${name.padEnd(32)} median ${median.toFixed(2)} ms   p95 ${p95.toFixed(2)} ms   ${(median / bare).toFixed(2)} × bare`,
        );
    }
});
