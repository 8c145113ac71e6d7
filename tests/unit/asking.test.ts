import { describe, expect, test } from 'vitest';
import { completed, poolQuestion, question } from '../../resources/js/bench/design/question';
import type { Evaluation, SetDocument } from '../../resources/js/generated/formats';
import { oneAtATime } from '../../resources/js/server/oneAtATime';

describe('one question at a time', () => {
    function open<T>() {
        let settle: { done: (value: T) => void; fail: (error: Error) => void } | undefined;
        const promise = new Promise<T>((done, fail) => (settle = { done, fail }));
        return { promise, done: (value: T) => settle?.done(value), fail: (error: Error) => settle?.fail(error) };
    }

    test('the first starts at once, of those that wait only the ones still wanted', async () => {
        const inTurn = oneAtATime();
        const started: string[] = [];
        const first = open<string>();
        const overtaken = new AbortController();
        const task = (name: string, promise: Promise<string>) => () => {
            started.push(name);
            return promise;
        };
        const one = inTurn(task('one', first.promise), new AbortController().signal);
        const two = inTurn(task('two', Promise.resolve('2')), overtaken.signal);
        const three = inTurn(task('three', Promise.resolve('3')), new AbortController().signal);
        expect(started).toEqual(['one']);
        overtaken.abort();
        first.done('1');
        await expect(one).resolves.toBe('1');
        await expect(two).rejects.toThrow(/abort/i);
        await expect(three).resolves.toBe('3');
        expect(started).toEqual(['one', 'three']);
    });

    test('after a failure the next has its turn', async () => {
        const inTurn = oneAtATime();
        const { signal } = new AbortController();
        await expect(inTurn(() => Promise.reject(new Error('no answer')), signal)).rejects.toThrow('no answer');
        await expect(inTurn(() => Promise.resolve('answer'), signal)).resolves.toBe('answer');
    });
});

describe('what is asked', () => {
    const joined = { instrumentId: 3, poolId: 5 };
    const document: SetDocument = {
        format: 'lira-set',
        version: 1,
        name: 'Harbour',
        notes: 'Light',
        instrument: { name: 'Harbour', kind: 'electric-guitar', scale: { type: 'single', length_mm: 686 } },
        tunings: [{ pitches: ['C4'] }],
        strings: [{ position: 1, construction: 'plain', material: 'music-wire', gauge_in: 0.011 }],
    };

    test('a name and notes ask nothing new; a gauge asks for no new pool, a pitch does', () => {
        expect(question({ ...document, name: 'Other', notes: '' }, joined)).toBe(question(document, joined));
        const thicker = { ...document, strings: document.strings.map((string) => ({ ...string, gauge_in: 0.012 })) };
        expect(question(thicker, joined)).not.toBe(question(document, joined));
        expect(poolQuestion(thicker)).toBe(poolQuestion(document));
        expect(poolQuestion({ ...document, tunings: [{ pitches: ['D4'] }] })).not.toBe(poolQuestion(document));
        const wound = {
            ...document,
            strings: document.strings.map((string) => ({ ...string, construction: 'round-wound' as const })),
        };
        expect(poolQuestion(wound)).not.toBe(poolQuestion(document));
    });

    test('an answer without a pool keeps the pool of the one before, and whatever is the same is the same object', () => {
        const string = (gauge_in: number, pool?: number[][]) =>
            ({ position: 1, gauge_in, ...(pool ? { pool_tensions_n: pool } : {}) }) as Evaluation['strings'][number];
        const answer = (gauge_in: number, pool?: number[][]) =>
            ({
                totals: [{ tension_n: 60 }],
                strings: [string(gauge_in, pool), string(0.02, pool)],
                ...(pool ? { pool: [{ gauge_in: 0.01 }] } : {}),
            }) as Evaluation;
        const before = answer(0.011, [[50]]);
        const after = completed(answer(0.012), before);
        expect(after.strings[0]).toMatchObject({ gauge_in: 0.012, pool_tensions_n: [[50]] });
        expect(after.strings[1]).toBe(before.strings[1]);
        expect(after.pool).toBe(before.pool);
        expect(after.totals).toBe(before.totals);
        expect(completed(answer(0.012, [[55]]), before).strings[0]?.pool_tensions_n).toEqual([[55]]);
    });

    test('a lean answer keeps the baseline and the equivalents it came without, and a full one replaces them', () => {
        const answer = (tension_n: number, besides: object = {}, ofString: object = {}) =>
            ({ totals: [{ tension_n }], strings: [{ position: 1, ...ofString }], ...besides }) as unknown as Evaluation;
        const equivalents = [{ tuning: 'C', below: { gauge_in: 0.011 } }];
        const before = answer(60, { pool: [], baseline: { name: 'Light' } }, { equivalents });
        const lean = completed(answer(61), before);
        expect(lean.baseline).toBe(before.baseline);
        expect(lean.strings[0]).toBe(before.strings[0]);
        expect(lean.totals).toEqual([{ tension_n: 61 }]);
        const full = completed(answer(61, { pool: [], baseline: { name: 'Heavy' } }, { equivalents: [] }), before);
        expect(full.baseline).toEqual({ name: 'Heavy' });
        expect(full.strings[0]).toEqual({ position: 1, equivalents: [] });
        const without = completed(answer(61, { pool: [] }), before);
        expect(without.baseline).toBeUndefined();
    });

    test('a lean question says so and names no pool; a full one names it', () => {
        expect(JSON.parse(question(document, joined, {}, 'lean'))).toMatchObject({ instrument_id: 3, lean: true });
        expect(JSON.parse(question(document, joined, {}, 'lean'))).not.toHaveProperty('pool_id');
        expect(JSON.parse(question(document, joined, {}, 'gauges'))).toMatchObject({ instrument_id: 3, pool_id: 5 });
        expect(JSON.parse(question(document, { ...joined, poolId: null }, {}, 'gauges'))).toHaveProperty('pool_id', null);
        expect(JSON.parse(question(document, joined))).not.toHaveProperty('design.instrument');
    });
});
