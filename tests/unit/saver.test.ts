import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import { createBenchStore, type BenchStore } from '../../resources/js/bench/design/benchStore';
import * as edits from '../../resources/js/bench/design/edits';
import { createSaver, type Saver } from '../../resources/js/bench/saving/saver';
import { theKeeper, forgetKeeper } from '../../resources/js/server/keeper';
import { leftUnsaved } from '../../resources/js/bench/saving/unsaved';
import type { SavedSet } from '../../resources/js/generated/views';
import type { SetDocument } from '../../resources/js/generated/formats';

const DOCUMENT: SetDocument = {
    format: 'lira-set',
    version: 1,
    name: 'Kept',
    instrument: { name: 'Harbour', kind: 'electric-guitar', scale: { type: 'single', length_mm: 686 } },
    tunings: [{ pitches: ['C4'] }],
    strings: [{ position: 1, construction: 'plain', material: 'music-wire', gauge_in: 0.011 }],
};

interface Sent {
    revision: number;
    document: SetDocument;
}

/** A server that answers each save as it is told to, in turn; the last way goes on. */
function answering(...ways: ('saved' | 'gone' | number)[]): Sent[] {
    const sent: Sent[] = [];
    vi.stubGlobal('fetch', (_: string, { body }: { body: string }) => {
        const asked = JSON.parse(body) as Sent;
        const way = ways.length > 1 ? ways.shift() : ways[0];
        sent.push(asked);
        if (way === 'gone') {
            return Promise.reject(new TypeError('Failed to fetch'));
        }
        const answer =
            way === 'saved'
                ? { id: 7, revision: asked.revision + 1, instrumentId: 1, savedAt: '', document: asked.document }
                : { format: 'lira-error', errors: [{ path: '', message: `told ${String(way)}` }] };
        return Promise.resolve(new Response(JSON.stringify(answer), { status: typeof way === 'number' ? way : 200 }));
    });
    return sent;
}

let kept: Map<string, string>;
let bench: BenchStore;
let saver: Saver;

/** What is kept on this device; what was begun to be kept is waited for. */
const inBrowser = async () => {
    await vi.advanceTimersByTimeAsync(0);
    return (await (await theKeeper()).starting<Sent & { set: number }>('set:')).map(({ body }) => body);
};
const rename = (name: string) => bench.getState().edit(edits.rename(name));

beforeEach(() => {
    vi.useFakeTimers();
    forgetKeeper();
    kept = new Map();
    // As browsers have it: what is kept are also the properties of the object itself.
    vi.stubGlobal(
        'localStorage',
        new Proxy(
            {},
            {
                get: (_, name: string) =>
                    ({
                        setItem: (key: string, value: string) => kept.set(key, value),
                        getItem: (key: string) => kept.get(key) ?? null,
                        removeItem: (key: string) => kept.delete(key),
                    })[name],
                ownKeys: () => [...kept.keys()],
                getOwnPropertyDescriptor: () => ({ enumerable: true, configurable: true }),
            },
        ),
    );
    vi.stubGlobal('document', { cookie: 'XSRF-TOKEN=t' });
    vi.stubGlobal('navigator', { userAgent: 'unit' });
    bench = createBenchStore(DOCUMENT, { instrumentId: 1, poolId: null });
    const set: SavedSet = { id: 7, revision: 3, instrumentId: 1, savedAt: '2026-02-14T10:00:00Z', document: DOCUMENT };
    saver = createSaver(set, bench);
    saver.watch();
});

afterEach(() => {
    vi.useRealTimers();
    vi.unstubAllGlobals();
});

describe('a design is kept saved', () => {
    test('a moment after the last change, once for all of them', async () => {
        const sent = answering('saved');
        rename('One');
        await vi.advanceTimersByTimeAsync(400);
        rename('Two');
        expect(sent).toHaveLength(0);
        expect(await inBrowser()).toMatchObject([{ set: 7, revision: 3, document: { name: 'Two' } }]);
        await vi.advanceTimersByTimeAsync(700);
        expect(sent).toMatchObject([{ revision: 3, document: { name: 'Two' } }]);
        expect(saver.state.getState().is).toBe('saved');
        expect(await inBrowser()).toEqual([]);
        rename('Three');
        await saver.flush();
        expect(sent[1]).toMatchObject({ revision: 4, document: { name: 'Three' } });
    });

    test('again and again while nothing answers, and stays in the browser until it is acknowledged', async () => {
        const sent = answering('gone', 'gone', 'saved');
        rename('One');
        await vi.advanceTimersByTimeAsync(700);
        expect(saver.state.getState().is).toBe('offline');
        expect(await inBrowser()).toMatchObject([{ document: { name: 'One' } }]);
        rename('Two');
        await vi.advanceTimersByTimeAsync(5000);
        expect(sent.map(({ document }) => document.name)).toEqual(['One', 'Two', 'Two']);
        expect([saver.state.getState().is, saver.pending(), await inBrowser()]).toEqual(['saved', false, []]);
    });

    test.each([
        [503, 'failed', true],
        [507, 'failed', true],
        [500, 'failed', true],
        [419, 'failed', true],
        [409, 'conflict', false],
        [422, 'refused', false],
    ] as const)('an answer of %i is told as %s in the server’s words', async (status, is, again) => {
        const sent = answering(status);
        rename('One');
        await vi.advanceTimersByTimeAsync(700);
        expect(saver.state.getState()).toEqual({ is, message: `told ${status}` });
        expect(await inBrowser()).toHaveLength(1);
        await vi.advanceTimersByTimeAsync(10_000);
        expect(sent.length > 1).toBe(again);
    });

    test('what was refused and is undone is saved as it was', async () => {
        answering(422);
        rename('One');
        await vi.advanceTimersByTimeAsync(700);
        bench.getState().undo();
        expect([saver.state.getState().is, saver.pending(), await inBrowser()]).toEqual(['saved', false, []]);
    });

    test('after a conflict nothing is written over, and what is let be is forgotten', async () => {
        const sent = answering(409);
        rename('One');
        await vi.advanceTimersByTimeAsync(700);
        rename('Two');
        await vi.advanceTimersByTimeAsync(60_000);
        expect(sent).toHaveLength(1);
        saver.letBe();
        expect([saver.pending(), await inBrowser()]).toEqual([false, []]);
    });

    test('while something is dragged it is kept now and then, and saved when it is let go', async () => {
        const sent = answering('saved');
        bench.getState().beginGesture();
        rename('Dragged');
        expect(await inBrowser()).toEqual([]);
        await vi.advanceTimersByTimeAsync(2000);
        expect(sent).toEqual([]);
        expect(await inBrowser()).toMatchObject([{ document: { name: 'Dragged' } }]);
        bench.getState().endGesture();
        await vi.advanceTimersByTimeAsync(700);
        expect(sent).toHaveLength(1);
        expect(await inBrowser()).toEqual([]);
    });

    test('a last breath that does not arrive leaves what is kept, and after a conflict there is none', async () => {
        const gone = answering('gone');
        rename('One');
        saver.leave();
        await vi.advanceTimersByTimeAsync(0);
        expect(gone).toHaveLength(1);
        expect(await inBrowser()).toMatchObject([{ document: { name: 'One' } }]);

        const sent = answering(409);
        await saver.flush();
        expect(saver.state.getState().is).toBe('conflict');
        saver.leave();
        await vi.advanceTimersByTimeAsync(0);
        expect(sent).toHaveLength(1);
        expect(await inBrowser()).toHaveLength(1);
        // A page is not offered what is its own.
        expect(await leftUnsaved()).toEqual([]);
    });

    test('a page that answers in Lira’s place saves nothing', async () => {
        vi.stubGlobal('fetch', () => Promise.resolve(new Response('<p>Accept the terms</p>')));
        rename('One');
        await vi.advanceTimersByTimeAsync(700);
        expect(saver.state.getState()).toMatchObject({ is: 'failed' });
        expect(await inBrowser()).toHaveLength(1);
        answering('saved');
        await vi.advanceTimersByTimeAsync(5000);
        expect([saver.state.getState().is, await inBrowser()]).toEqual(['saved', []]);
    });

    test('a page that goes sends what is left with its last breath', async () => {
        const sent = answering('saved');
        rename('One');
        saver.leave();
        await vi.advanceTimersByTimeAsync(0);
        expect(sent).toMatchObject([{ document: { name: 'One' } }]);
        expect(await inBrowser()).toEqual([]);
    });
});

test('what pages that are gone have left is found, the newest first; what is no such thing is passed over', async () => {
    const left = (tab: string, at: string) => JSON.stringify({ set: 7, revision: 1, at, tab, document: DOCUMENT });
    kept.set('lira.unsaved.7.a', left('a', '2026-02-14T10:00:00Z'));
    kept.set('lira.unsaved.7.b', left('b', '2026-02-14T11:00:00Z'));
    kept.set('lira.unsaved.7.now', left('now', new Date().toISOString()));
    kept.set('lira.unsaved.7.broken', '{"set": 7');
    kept.set('something.else', 'x');

    expect((await leftUnsaved()).map(({ tab }) => tab)).toEqual(['b', 'a']);
    // Taken over from where an earlier version kept it, and no more there.
    expect([...kept.keys()]).toEqual(['something.else']);
});
