import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import { createLane, type Lane } from '../../resources/js/events/lane';
import { taking, planOf, type JobState } from '../../resources/js/events/known';
import type { JobParts as Parts } from '../../resources/js/generated/views';
import { forgetKeeper, newUuid, theKeeper, type Keeper } from '../../resources/js/server/keeper';
import { createSender, whyHeld } from '../../resources/js/server/sender';
import { NotOurs, Refused, Unreachable } from '../../resources/js/server/api';

interface Sent {
    now: string;
    since?: number;
    events: { id: string; kind: string; sequence: number; device: string; seen: number | null; data: object }[];
}

type Way = 'took' | 'page' | 'redirect' | 'empty' | 'gone' | 'strange' | { status: number; body?: unknown };

/** A network that answers as it is told to, in turn; the last way goes on. */
function answering(...ways: Way[]): Sent[] {
    const sent: Sent[] = [];
    vi.stubGlobal('fetch', (_: string, { body }: { body: string }) => {
        const asked = JSON.parse(body) as Sent;
        sent.push(asked);
        const way = ways.length > 1 ? ways.shift() : ways[0];
        const json = (value: unknown, status = 200) => Promise.resolve(new Response(JSON.stringify(value), { status }));
        switch (way) {
            case 'took':
                return json({ took: asked.events.map(({ id }) => id), now: '2026-03-01T10:00:00Z', behind_s: 0 });
            case 'page':
                return Promise.resolve(new Response('<p>Accept the terms</p>'));
            case 'redirect':
                return Promise.resolve(Object.defineProperty(new Response('{}'), 'redirected', { value: true }));
            case 'empty':
                return Promise.resolve(new Response(null, { status: 204 }));
            case 'strange':
                return json({ ok: true });
            case 'gone':
            case undefined:
                return Promise.reject(new TypeError('Failed to fetch'));
            default:
                return json(way.body ?? '<p>No</p>', way.status);
        }
    });
    return sent;
}

const refusing = (index: number, message: string) => ({
    status: 422,
    body: { format: 'lira-error', errors: [{ path: `/events/${index}/data/text`, message }] },
});

let lane: Lane;
const kept = async () => (await (await theKeeper()).of('job:7')).map(({ id }) => id);
const own = () => lane.state.getState().own;
const passing = (ms: number) => vi.advanceTimersByTimeAsync(ms);

beforeEach(() => {
    vi.useFakeTimers();
    forgetKeeper();
    vi.stubGlobal('document', { cookie: 'XSRF-TOKEN=t' });
    vi.stubGlobal('navigator', { userAgent: 'unit tablet: Android' });
    vi.stubGlobal('localStorage', { getItem: () => null, removeItem: () => undefined });
    lane = createLane(7, theKeeper());
});

afterEach(() => {
    vi.useRealTimers();
    vi.unstubAllGlobals();
});

describe('what was said goes out', () => {
    test('in its order, numbered, with what is known, and is forgotten once it was taken', async () => {
        const sent = answering('took');
        lane.knowing(
            () => ({ since: 12, touched: 'then' }),
            () => undefined,
        );
        const ids = ['one', 'two', 'three'].map((text) => lane.record('noted', { text }));
        expect(own().map(({ id }) => id)).toEqual(ids);
        await passing(10);
        expect(sent.flatMap(({ events }) => events.map(({ id }) => id))).toEqual(ids);
        expect(sent.flatMap(({ events }) => events.map(({ sequence }) => sequence))).toEqual([1, 2, 3]);
        expect(sent[0]?.since).toBe(12);
        expect(sent[0]?.events[0]).toMatchObject({ kind: 'noted', seen: 12, data: { text: 'one' } });
        expect(sent[0]?.events[0]?.device).toMatch(/^tablet-[\da-f]{8}$/);
        expect([own(), await kept()]).toEqual([[], []]);
    });

    test.each([
        'page',
        'redirect',
        'empty',
        'strange',
        'gone',
        { status: 401 },
        { status: 403 },
        { status: 404 },
        { status: 422 },
    ] as Way[])('an answer that is not Lira’s holds it up and loses nothing: %j', async (way) => {
        const sent = answering(way, way, 'took');
        const id = lane.record('finished', {});
        await passing(100);
        expect(own().map((event) => [event.id, event.refused])).toEqual([[id, null]]);
        expect(lane.state.getState().held).toMatch(/answer/);
        expect(await kept()).toEqual([id]);
        await passing(10_000);
        expect(sent.length).toBe(3);
        expect([own(), lane.state.getState().held, await kept()]).toEqual([[], null, []]);
    });

    test.each([403, 419, 429, 500, 503])('Lira’s own %i holds it up in its words', async (status) => {
        answering({ status, body: { format: 'lira-error', errors: [{ path: '', message: `told ${status}` }] } }, 'took');
        lane.record('finished', {});
        await passing(100);
        expect(lane.state.getState().held).not.toBeNull();
        await passing(10_000);
        expect(own()).toEqual([]);
    });

    test('in batches, the first first, and what comes meanwhile after them', async () => {
        const sent = answering('gone', 'took');
        const ids = Array.from({ length: 120 }, (_, number) => lane.record('noted', { text: String(number) }));
        await passing(10_000);
        expect(sent.slice(1).flatMap(({ events }) => events.map(({ id }) => id))).toEqual(ids);
        expect(Math.max(...sent.map(({ events }) => events.length))).toBe(50);
    });
});

describe('what the server cannot take', () => {
    test('stays to be seen with its words, while the others go on', async () => {
        const sent = answering(refusing(1, 'Write less.'), 'took');
        const [first, second, third] = ['a', 'b', 'c'].map((text) => lane.record('noted', { text }));
        await passing(100);
        expect(own().map(({ id, refused }) => [id, refused])).toEqual([[second, 'Write less.']]);
        expect(sent.at(-1)?.events.map(({ id }) => id)).toEqual([first, third]);
        expect(await kept()).toEqual([second]);
        // It is still there after a reload.
        const again = createLane(7, theKeeper());
        await passing(10);
        expect(again.state.getState().own.map(({ refused }) => refused)).toEqual(['Write less.']);

        lane.mend(second ?? '', { text: 'b, in short' });
        await passing(100);
        expect(sent.at(-1)?.events).toMatchObject([{ id: second, data: { text: 'b, in short' } }]);
        expect([own(), await kept()]).toEqual([[], []]);
    });

    test('can be let go', async () => {
        answering(refusing(0, 'No.'), 'took');
        const id = lane.record('noted', { text: '' });
        await passing(100);
        lane.letGo(id);
        await passing(0);
        expect([own(), await kept()]).toEqual([[], []]);
    });

    test('of an error that names nothing all is held, nothing dropped', async () => {
        answering({ status: 422, body: { format: 'lira-error', errors: [{ path: '/events', message: 'Too many.' }] } });
        lane.record('noted', { text: 'x' });
        await passing(100);
        expect(lane.state.getState().held).toBe('Too many.');
        expect(own()).toHaveLength(1);
    });

    test('a job that was dropped keeps what was said of it until it is back', async () => {
        const sent = answering(
            { status: 404, body: { format: 'lira-error', errors: [{ path: '', message: 'Nothing here.' }] } },
            'took',
        );
        lane.record('noted', { text: 'x' });
        await passing(20_000);
        expect([lane.state.getState().gone, own().length, sent.length]).toEqual([true, 1, 1]);
        lane.there();
        await passing(100);
        expect(own()).toEqual([]);
    });
});

test('a browser that keeps nothing says so, and what is done goes out all the same', async () => {
    const sent = answering('took');
    lane.record('noted', { text: 'x' });
    await passing(10);
    expect(lane.state.getState().trouble).toMatch(/keeps nothing/);
    expect(sent).toHaveLength(1);
});

test('a page that goes sends what it can and keeps the rest', async () => {
    const sent = answering('gone');
    const ids = Array.from({ length: 60 }, (_, number) => lane.record('noted', { text: String(number) }));
    await passing(10);
    sent.length = 0;
    lane.leave();
    expect(sent[0]?.events.map(({ id }) => id)).toEqual(ids.slice(0, 40));
    await passing(10);
    expect(await kept()).toEqual(ids);
});

test('what an earlier version kept is taken up, and an id is a UUID', async () => {
    const older = [{ uuid: newUuid(), kind: 'did', data: { key: 'prepare' }, at: '2026-01-01T00:00:00Z' }];
    let there: string | null = JSON.stringify(older);
    vi.stubGlobal('localStorage', {
        getItem: (key: string) => (key === 'lira.job.7.unsent' ? there : null),
        removeItem: () => (there = null),
    });
    forgetKeeper();
    const sent = answering('took');
    const again = createLane(7, theKeeper());
    await again.send();
    expect(sent[0]?.events).toMatchObject([{ id: older[0]?.uuid, kind: 'did' }]);
    expect(there).toBeNull();
    expect(newUuid()).toMatch(/^[\da-f]{8}-[\da-f]{4}-4[\da-f]{3}-[89ab][\da-f]{3}-[\da-f]{12}$/);
});

test('a full device keeps on this page what it cannot store, and says so', async () => {
    const memory = await theKeeper();
    const full: Keeper = { ...memory, trouble: () => 'There is no room left on this device.' };
    const sent = answering('took');
    const tight = createLane(8, Promise.resolve(full));
    tight.record('noted', { text: 'x' });
    await passing(10);
    expect(tight.state.getState().trouble).toMatch(/no room/);
    expect(sent).toHaveLength(1);
});

test('why nothing goes out is told from what is of one thing only', () => {
    const ours = (status: number) => new Refused(status, [{ path: '', message: 'words' }]);
    const others = (status: number) => new Refused(status, [{ path: '', message: 'words' }], undefined, false);
    expect([422, 409, 404].map((status) => whyHeld(ours(status)))).toEqual([null, null, null]);
    expect([401, 403, 419, 429, 500].every((status) => whyHeld(ours(status)) !== null)).toBe(true);
    expect([422, 409, 404, 403].every((status) => whyHeld(others(status)) !== null)).toBe(true);
    expect([new NotOurs(), new Unreachable()].every((failure) => whyHeld(failure) !== null)).toBe(true);
});

test('a sender that is stopped by a refusal does not try the same for ever', async () => {
    let tries = 0;
    const sender = createSender(
        () => 'the same',
        () => {
            tries++;
            return Promise.reject(new Refused(409, [{ path: '', message: 'Changed elsewhere.' }]));
        },
        () => Promise.resolve(false),
    );
    await sender.send();
    await passing(60_000);
    expect(tries).toBe(1);
});

test('an answer with what changed makes of what is known what the server knows', () => {
    const parts = {
        job: { id: 1, minutes: 3, missing: [2] },
        plan: { format: 'lira-plan' },
        steps: { 'off:1': { key: 'off:1', do: 'a' }, 'fit:1': { key: 'fit:1', do: 'b' } },
        order: [
            ['off:1', 100],
            ['fit:1', 100],
        ],
        rounds: [],
    } as unknown as Parts;
    const known: JobState = { last: 4, touched: 'a', now: '', state: parts, events: [] };
    const event = { id: 'x', order: 5 } as unknown as JobState['events'][number];
    const next = taking(known, {
        last: 5,
        touched: 'b',
        now: '',
        events: [event],
        patch: [
            { op: 'replace', path: '/job/minutes', value: 4 },
            { op: 'remove', path: '/job/missing/0' },
            { op: 'replace', path: '/order/0/1', value: 90 },
        ],
    });
    expect(next.state.job).toMatchObject({ minutes: 4, missing: [] });
    expect(planOf(next.state).steps.map(({ key, number, pull_after_n }) => [key, number, pull_after_n])).toEqual([
        ['off:1', 1, 90],
        ['fit:1', 2, 100],
    ]);
    expect([known.state.job.minutes, next.events]).toEqual([3, [event]]);
    // What is older than that changes nothing.
    expect(taking(next, { ...known, events: [] })).toBe(next);
});
