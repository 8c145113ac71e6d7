/** Every room of the browser's side, each with those it may use: only such as stand above it, so that there is no way round in a circle. */
export const SCREEN_NEIGHBOURS: Record<string, string[]> = {
    generated: [],
    server: ['generated'],
    units: ['generated'],
    ui: ['generated', 'server'],
    documents: ['generated', 'server', 'units', 'ui'],
    devices: ['generated', 'units', 'ui'],
    frame: ['generated', 'server', 'units', 'ui'],
    bench: ['generated', 'server', 'units', 'ui', 'documents', 'devices', 'frame'],
    log: ['generated', 'server', 'units', 'ui', 'documents', 'frame'],
    instruments: ['generated', 'server', 'units', 'ui', 'documents', 'devices', 'log'],
    strings: ['generated', 'server', 'units', 'ui', 'devices', 'frame'],
    events: ['generated', 'server'],
    tuning: ['generated', 'server', 'units', 'ui', 'devices', 'bench', 'events'],
    jobs: ['generated', 'server', 'units', 'ui', 'devices', 'frame', 'log', 'instruments', 'events', 'tuning'],
    workshop: ['generated', 'server', 'units', 'ui', 'devices', 'frame', 'jobs'],
};
