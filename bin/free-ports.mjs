/** Prints so many ports of this machine that nobody listens at: `node bin/free-ports.mjs 3`. */
import { createServer } from 'node:net';

const servers = await Promise.all(
    Array.from(
        { length: Number(process.argv[2] ?? 1) },
        () =>
            new Promise((listening) => {
                const server = createServer();
                server.listen(0, '127.0.0.1', () => listening(server));
            }),
    ),
);
process.stdout.write(servers.map((server) => server.address().port).join(' '));
servers.forEach((server) => server.close());
