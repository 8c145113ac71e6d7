/** How Debian's Chromium without a window of its own is started for tests, pictures and measurements: without a sandbox, a graphics card or the network. */
export const chromiumOptions = {
    executablePath: '/usr/bin/chromium-headless-shell',
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
