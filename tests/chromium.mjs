/** How Debian's Chromium is started for tests, pictures and measurements: without a sandbox, a graphics card or the network. */
export const chromiumOptions = {
    executablePath: '/usr/bin/chromium',
    args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
    ],
};
