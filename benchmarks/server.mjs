// Starts the server as bin/start does, on a database of its own, and stops it again.
import { spawn } from 'node:child_process';
import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Worker } from 'node:worker_threads';
import { fileURLToPath } from 'node:url';

const root = fileURLToPath(new URL('..', import.meta.url));

/** @param more further options of bin/start, such as --empty */
export async function withServer(port, measure, more = []) {
    const folder = await mkdtemp(join(tmpdir(), 'lira-'));
    const server = spawn('bin/start', ['--port', String(port), '--database', join(folder, 'bench.sqlite'), ...more], {
        cwd: root,
        stdio: ['ignore', 'pipe', 'inherit'],
    });
    try {
        await new Promise((ready, fail) => {
            server.stdout.on('data', (text) => String(text).includes('Lira is at') && ready());
            server.on('exit', () => fail(new Error('bin/start ended early')));
        });
        return await measure(`http://127.0.0.1:${port}`);
    } finally {
        server.removeAllListeners('exit');
        server.kill('SIGTERM');
        await new Promise((gone) => server.on('exit', gone));
        await rm(folder, { recursive: true, force: true });
    }
}

/** The page itself notes when the Bench's figures are in a frame (`window.painted`): asking it again and again from outside slows it. */
export async function notesWhenPainted(page) {
    await page.addInitScript(() => {
        window.painted = new Promise((done) => {
            const watch = new MutationObserver(() => {
                if (document.querySelector('[data-figure="total"]') !== null) {
                    watch.disconnect();
                    requestAnimationFrame(() => setTimeout(() => done(performance.now())));
                }
            });
            watch.observe(document, { childList: true, subtree: true });
        });
    });
}

/** The page itself presses a key on the first string, again and again until its gauge is another (`window.keyed`). */
export async function notesWhenKeyed(page) {
    await page.addInitScript(() => {
        window.keyed = new Promise((done) => {
            let watch = null;
            const press = () => {
                const string = document.querySelector('[data-lane="1"] [role="slider"]');
                if (string !== null && watch === null) {
                    watch = new MutationObserver(() => {
                        watch.disconnect();
                        done(performance.now());
                    });
                    watch.observe(string, { attributes: true, attributeFilter: ['aria-valuetext'] });
                }
                string?.dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowRight', bubbles: true, cancelable: true }));
                setTimeout(press, 2);
            };
            press();
        });
    });
}

/** Median and 95th percentile, in milliseconds. */
export function spread(times) {
    const sorted = [...times].sort((a, b) => a - b);
    const at = (share) => sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))];
    return { median: at(0.5), p95: at(0.95) };
}

/**
 * Watches the machine beside a measurement: a sleep of 5 ms that took 100 more, a small write that the disk kept for 100. Answers a function
 * that ends the watch and gives what was seen, each with when it began and ended (milliseconds since 1970).
 */
export async function machinePauses() {
    const folder = await mkdtemp(join(tmpdir(), 'lira-watch-'));
    const watching = new Worker(
        `
        const { parentPort, workerData } = require('node:worker_threads');
        const { openSync, writeSync, fsyncSync, closeSync } = require('node:fs');
        const cell = new Int32Array(new SharedArrayBuffer(4));
        const seen = [];
        const note = (kind, from, usual) => Date.now() - from > usual + 100 && seen.push({ kind, from, to: Date.now() });
        const file = openSync(workerData, 'w');
        let round = 0;
        parentPort.on('message', () => { closeSync(file); parentPort.postMessage(seen); parentPort.close(); });
        (function watch() {
            const from = Date.now();
            Atomics.wait(cell, 0, 0, 5);
            note('a sleep', from, 5);
            if (round++ % 40 === 0) {
                const began = Date.now();
                writeSync(file, 'x', 0);
                fsyncSync(file);
                note('a write', began, 0);
            }
            setImmediate(watch);
        })();
        `,
        { eval: true, workerData: join(folder, 'watch') },
    );
    return async () => {
        const seen = new Promise((answer) => watching.once('message', answer));
        watching.postMessage('stop');
        const pauses = await seen;
        await watching.terminate();
        await rm(folder, { recursive: true, force: true });
        return pauses;
    };
}
