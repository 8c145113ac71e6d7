import { spawn, type ChildProcess } from 'node:child_process';
import { rm } from 'node:fs/promises';
import { resolve } from 'node:path';
import { ports } from './lira';

/** A server that a test starts and stops itself, with a workshop of its own. */
export class OwnServer {
    readonly address = `http://127.0.0.1:${ports().own}`;

    private constructor(
        private readonly database: string,
        private readonly options: string[],
        private process: ChildProcess,
    ) {}

    /** Begins a new workshop. */
    static async begin(name: string, options: string[] = ['--empty']): Promise<OwnServer> {
        const stem = resolve(`var/e2e/${process.env['TEST_PARALLEL_INDEX'] ?? 0}/${name}`);
        for (const left of ['.sqlite', '-files', '-copies']) {
            await rm(stem + left, { force: true, recursive: true });
        }
        const database = `${stem}.sqlite`;
        return new OwnServer(database, options, await OwnServer.serve(database, options));
    }

    private static async serve(database: string, options: string[]): Promise<ChildProcess> {
        const server = spawn('php', ['artisan', 'lira:serve', `--port=${ports().own}`, ...options], {
            env: { ...process.env, DB_DATABASE: database },
            stdio: ['ignore', 'pipe', 'inherit'],
        });
        await new Promise<void>((ready, fail) => {
            server.stdout.on('data', (text) => String(text).includes('Lira is at') && ready());
            server.on('exit', () => fail(new Error('it ended early')));
        });
        return server;
    }

    async startAgain(): Promise<void> {
        this.process = await OwnServer.serve(this.database, this.options);
    }

    async stop(): Promise<void> {
        const server = this.process;
        server.removeAllListeners('exit');
        if (server.exitCode !== null || server.signalCode !== null) {
            return;
        }
        const gone = new Promise((ended) => server.on('exit', ended));
        server.kill('SIGTERM');
        await gone;
    }
}
