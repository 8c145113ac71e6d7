import { createServer, request, type IncomingMessage, type Server, type ServerResponse } from 'node:http';
import type { AddressInfo } from 'node:net';

/** What may come between a device and Lira. */
const WAYS = ['page', 'redirect', 'empty', 'forbidden', 'sign-in', 'slow', 'cut', 'cut after', 'busy', 'through'] as const;
export type Way = (typeof WAYS)[number];

const PORTAL = '<!doctype html><title>Guest network</title><p>Accept the terms of use to go on.</p>';

/** A network of a test's own: passes everything on, but what belongs to jobs fares as it is told, or by chance from a seed. */
export class Network {
    /** Every id that a device tried to send, as often as it did. */
    readonly posted: string[] = [];
    /** How often each way was met. */
    readonly met = new Map<Way, number>();
    private readonly server: Server;
    private state: number;

    private constructor(
        private readonly port: number,
        seed: number,
        public way: Way | 'by chance',
    ) {
        this.state = seed;
        this.server = createServer((asked, answer) => void this.pass(asked, answer));
    }

    static async before(port: number, seed: number, way: Way | 'by chance' = 'by chance'): Promise<Network> {
        const network = new Network(port, seed, way);
        await new Promise<void>((listening) => network.server.listen(0, '127.0.0.1', listening));
        return network;
    }

    get address(): string {
        return `http://127.0.0.1:${(this.server.address() as AddressInfo).port}`;
    }

    async end(): Promise<void> {
        this.server.closeAllConnections();
        await new Promise((closed) => this.server.close(closed));
    }

    /** The next way: half of what is sent comes through. */
    private drawn(): Way {
        if (this.way !== 'by chance') {
            return this.way;
        }
        // A linear congruence is chance enough.
        this.state = (this.state * 1_103_515_245 + 12_345) % 2_147_483_648;
        const at = (this.state / 2_147_483_648) * 2;
        return at >= 1 ? 'through' : (WAYS[Math.floor(at * WAYS.length)] ?? 'through');
    }

    private async pass(asked: IncomingMessage, answer: ServerResponse): Promise<void> {
        const parts: Buffer[] = [];
        for await (const part of asked) {
            parts.push(part as Buffer);
        }
        const body = Buffer.concat(parts);
        const address = asked.url ?? '/';
        if (address === '/portal') {
            answer.writeHead(200, { 'Content-Type': 'text/html' }).end(PORTAL);
            return;
        }
        const post = asked.method === 'POST' && /^\/jobs\/\d+\/events$/.test(address);
        if (post) {
            const { events } = JSON.parse(body.toString()) as { events: { id: string }[] };
            this.posted.push(...events.map(({ id }) => id));
        }
        const way = post || /^\/jobs\/\d+\/news/.test(address) ? this.drawn() : 'through';
        this.met.set(way, (this.met.get(way) ?? 0) + 1);
        switch (way) {
            case 'page':
                answer.writeHead(200, { 'Content-Type': 'text/html' }).end(PORTAL);
                return;
            case 'redirect':
                answer.writeHead(302, { Location: '/portal' }).end();
                return;
            case 'empty':
                answer.writeHead(204).end();
                return;
            case 'forbidden':
                answer.writeHead(403, { 'Content-Type': 'text/html' }).end(PORTAL);
                return;
            case 'sign-in':
                answer.writeHead(401, { 'Content-Type': 'application/json' }).end('{"message":"Sign in."}');
                return;
            case 'busy':
                answer.writeHead(503, { 'Content-Type': 'text/plain' }).end('busy');
                return;
            case 'cut':
                asked.socket.destroy();
                return;
            case 'slow':
                await new Promise((go) => setTimeout(go, 150));
                break;
            case 'cut after':
            case 'through':
                break;
        }
        const on = request(
            { host: '127.0.0.1', port: this.port, path: address, method: asked.method, headers: asked.headers },
            (reply) => {
                if (way === 'cut after') {
                    // It was taken, and nobody hears of it.
                    reply.resume().on('end', () => asked.socket.destroy());
                    return;
                }
                answer.writeHead(reply.statusCode ?? 502, reply.headers);
                reply.pipe(answer);
            },
        );
        on.on('error', () => asked.socket.destroy());
        on.end(body);
    }
}
