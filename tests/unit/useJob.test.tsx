// @vitest-environment happy-dom
import { act, cleanup, renderHook } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import { type JobState, useJob } from '../../resources/js/jobs/useJob';
import { forgetKeeper } from '../../resources/js/server/keeper';

const NOW = '2026-03-01T10:00:00Z';

/** A job of two steps that the server knows, by how much of it is done. */
function known(last: number, ...done: string[]): JobState {
    return {
        last,
        touched: `touched ${last}`,
        now: NOW,
        state: {
            job: { id: 7, strings: [], notes: [], rests: [] },
            plan: { schools: {} },
            steps: { one: { key: 'one', parts: [] }, two: { key: 'two', parts: [] } },
            order: [
                ['one', 0],
                ['two', 0],
            ],
            rounds: [],
        },
        events: done.map((key, index) => ({
            id: `event-${key}`,
            order: index + 1,
            sequence: index + 1,
            seen: 0,
            device: 'tablet-1',
            at: NOW,
            kind: 'did',
            data: { key },
        })),
    } as unknown as JobState;
}

interface Asked {
    address: string;
    body: { events: { id: string; kind: string }[] } | null;
    answer: (value: unknown, status?: number) => void;
    fail: () => void;
}
let asked: Asked[];
const askedFor = (part: string) => asked.filter(({ address }) => address.includes(part));
/** Lets what was answered arrive, and so much time pass. */
const passing = (ms = 0) => act(() => vi.advanceTimersByTimeAsync(ms));
let id = 100;

function open(given = known(1, 'one')) {
    id += 1;
    const state = { ...given, state: { ...given.state, job: { ...given.state.job, id } } };
    return renderHook(() => useJob(state));
}

beforeEach(() => {
    vi.useFakeTimers();
    forgetKeeper();
    asked = [];
    vi.stubGlobal(
        'fetch',
        (address: string, init?: { body?: string }) =>
            new Promise<Response>((done, failed) => {
                asked.push({
                    address,
                    body: init?.body === undefined ? null : (JSON.parse(init.body) as Asked['body']),
                    answer: (value, status = 200) => done(new Response(JSON.stringify(value), { status })),
                    fail: () => failed(new TypeError('Failed to fetch')),
                });
            }),
    );
});
afterEach(() => {
    cleanup();
    vi.useRealTimers();
    vi.unstubAllGlobals();
});

describe('a job on this device', () => {
    test('looks for news at once, then every two seconds, and takes what others did', async () => {
        const { result } = open();
        await passing();
        expect(askedFor('/news')[0]?.address).toContain('since=1');
        askedFor('/news')[0]?.answer({ same: true, now: NOW });
        await passing(1999);
        expect(askedFor('/news').length).toBe(1);
        await passing(2);
        const news = askedFor('/news')[1];
        news?.answer({ ...known(2), events: [{ ...known(2, 'two').events[0], order: 2 }] });
        await passing();
        expect([...result.current.progress.done.keys()]).toEqual(['one', 'two']);
        await passing(2000);
        expect(askedFor('/news')[2]?.address).toContain('since=2');
    });

    test('what is done stands at once, goes out, and asks for no news until it was taken', async () => {
        const { result } = open();
        await passing();
        askedFor('/news')[0]?.answer({ same: true, now: NOW });
        await passing();
        act(() => void result.current.record('did', { key: 'two' }));
        expect([...result.current.progress.done.keys()]).toEqual(['one', 'two']);
        expect(result.current.unsent.map(({ kind }) => kind)).toEqual(['did']);
        await passing(10);
        const sent = askedFor('/events')[0];
        expect(sent?.body?.events.map(({ kind }) => kind)).toEqual(['did']);
        await passing(5000);
        expect(askedFor('/news').length).toBe(1);
        const event = sent?.body?.events[0];
        sent?.answer({ ...known(2), took: [event?.id], behind_s: 0, events: [{ ...event, order: 2, at: NOW }] });
        await passing(10);
        expect([result.current.unsent, [...result.current.progress.done.keys()]]).toEqual([[], ['one', 'two']]);
    });

    test('news that were asked for before something was taken here change nothing any more', async () => {
        const { result } = open();
        await passing();
        const early = askedFor('/news')[0];
        act(() => void result.current.record('did', { key: 'two' }));
        await passing(10);
        const sent = askedFor('/events')[0];
        const event = sent?.body?.events[0];
        sent?.answer({ ...known(2), took: [event?.id], behind_s: 0, events: [{ ...event, order: 2, at: NOW }] });
        await passing(10);
        early?.answer({ ...known(1, 'one') });
        await passing(10);
        expect([...result.current.progress.done.keys()]).toEqual(['one', 'two']);
    });

    test('a job that Lira does not know any more is told as gone; a server that does not answer is asked again', async () => {
        const { result } = open();
        await passing();
        askedFor('/news')[0]?.fail();
        await passing(2000);
        // Somebody else’s page of that number says nothing of the job.
        askedFor('/news')[1]?.answer('not here', 404);
        await passing(2000);
        expect(result.current.gone).toBe(false);
        askedFor('/news')[2]?.answer({ format: 'lira-error', errors: [{ path: '', message: 'There is no such job.' }] }, 404);
        await passing();
        expect(result.current.gone).toBe(true);
    });

    test('nothing is asked while nobody looks at the page, nor once it was left', async () => {
        const { unmount } = open();
        await passing();
        askedFor('/news')[0]?.answer({ same: true, now: NOW });
        await passing();
        const visible = vi.spyOn(document, 'visibilityState', 'get').mockReturnValue('hidden');
        await passing(10_000);
        expect(askedFor('/news').length).toBe(1);
        visible.mockReturnValue('visible');
        await passing(2000);
        expect(askedFor('/news').length).toBe(2);
        askedFor('/news')[1]?.answer({ same: true, now: NOW });
        unmount();
        await passing(10_000);
        expect(askedFor('/news').length).toBe(2);
        visible.mockRestore();
    });
});
