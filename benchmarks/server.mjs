// Starts the server as bin/start does, on a database of its own, and stops it again.
import { spawn } from 'node:child_process';
import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
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

/** Median and 95th percentile, in milliseconds. */
export function spread(times) {
    const sorted = [...times].sort((a, b) => a - b);
    const at = (share) => sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))];
    return { median: at(0.5), p95: at(0.95) };
}
