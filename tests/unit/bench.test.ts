import { describe, expect, test } from 'vitest';
import { axisDomain, createAxis } from '../../resources/js/units/axis';
import { createBenchStore } from '../../resources/js/bench/design/benchStore';
import * as edits from '../../resources/js/bench/design/edits';
import { nearestTo, neighbour, type Choice } from '../../resources/js/bench/lanes/gauges';
import type { SetDocument } from '../../resources/js/generated/formats';

const document: SetDocument = {
    format: 'lira-set',
    version: 1,
    name: 'Dinghy',
    instrument: { name: 'Dinghy', kind: 'other', scale: { type: 'single', length_mm: 500 } },
    tunings: [{ name: 'Two', pitches: ['A3', 'E3'] }],
    strings: [
        {
            position: 2,
            construction: 'round-wound',
            material: 'pure-nickel',
            gauge_in: 0.03,
            core: { shape: 'hex', material: 'music-wire', size_in: 0.014 },
        },
        { position: 1, construction: 'plain', material: 'music-wire', gauge_mm: 0.3, colour: 'kept' },
    ],
};

describe('edits', () => {
    test('find a string by its position and leave the rest alone', () => {
        const next = edits.gauge(1, { gauge_in: 0.012 })(document);
        expect(next.strings[1]).toEqual({
            position: 1,
            construction: 'plain',
            material: 'music-wire',
            gauge_in: 0.012,
            colour: 'kept',
        });
        expect(next.strings[0]).toBe(document.strings[0]);
        expect(document.strings[1]?.gauge_mm).toBe(0.3);
    });

    test('ends and made lengths are said of one string, or the same of all, and taken back', () => {
        const said = edits.madeLength([1], 940)(edits.end([1], 'loop')(document));
        expect(said.strings.map(({ end, length_mm }) => [end, length_mm])).toEqual([
            [undefined, undefined],
            ['loop', 940],
        ]);
        const all = edits.sameEnds(1)(said);
        expect(all.strings.map(({ end, length_mm }) => [end, length_mm])).toEqual([
            ['loop', 940],
            ['loop', 940],
        ]);
        expect(edits.madeLength([1, 2], null)(edits.end([1, 2], null)(all))).toEqual(document);
    });

    test('another gauge is another string: what was known of its inside goes', () => {
        expect(edits.gauge(2, { gauge_in: 0.032 })(document).strings[0]).not.toHaveProperty('core');
        expect(edits.material(2, 'stainless-steel')(document).strings[0]).not.toHaveProperty('core');
        expect(edits.construction(2, 'plain')(document).strings[0]).toMatchObject({
            construction: 'plain',
            material: 'music-wire',
            gauge_in: 0.03,
        });
    });

    test('a changed pitch takes the tuning’s name, since it is that tuning no more', () => {
        expect(edits.pitch(0, 2, 'D3')(document).tunings[0]).toEqual({ name: '', pitches: ['A3', 'D3'] });
    });

    test('the last tuning stays', () => {
        expect(edits.removeTuning(0)(document)).toBe(document);
        expect(edits.removeTuning(1)(edits.addTuning(0)(document)).tunings).toHaveLength(1);
    });
});

describe('the bench store', () => {
    test('undo and redo go step by step, and a new edit ends the way forward', () => {
        const store = createBenchStore(document, { instrumentId: 1, poolId: null });
        const names = () => store.getState().document.name;
        store.getState().edit(edits.rename('A'));
        store.getState().edit(edits.rename('B'));
        store.getState().undo();
        expect(names()).toBe('A');
        store.getState().redo();
        expect(names()).toBe('B');
        store.getState().undo();
        store.getState().edit(edits.rename('C'));
        store.getState().redo();
        expect(names()).toBe('C');
        store.getState().undo();
        store.getState().undo();
        store.getState().undo();
        expect(store.getState().document).toBe(document);
    });

    test('what was redone can be undone again, and so many steps are remembered as one may want back', () => {
        const store = createBenchStore(document, { instrumentId: 1, poolId: null });
        const { edit, undo, redo } = store.getState();
        for (let step = 1; step <= 150; step++) {
            edit(edits.rename(`Step ${step}`));
        }
        for (let step = 0; step < 3; step++) {
            undo();
            undo();
            redo();
            redo();
        }
        expect(store.getState().document.name).toBe('Step 150');
        undo();
        redo();
        undo();
        expect(store.getState().document.name).toBe('Step 149');
        for (let step = 149; step > 0; step--) {
            undo();
        }
        expect(store.getState().document).toBe(document);
    });

    test('a whole drag is one step, and one that changes nothing is none', () => {
        const store = createBenchStore(document, { instrumentId: 1, poolId: null });
        store.getState().beginGesture();
        for (const gauge of [0.012, 0.013, 0.014]) {
            store.getState().edit(edits.gauge(1, { gauge_in: gauge }));
        }
        store.getState().endGesture();
        expect(store.getState().past).toHaveLength(1);
        store.getState().undo();
        expect(store.getState().document).toBe(document);
        store.getState().beginGesture();
        store.getState().endGesture();
        expect(store.getState().past).toHaveLength(0);
    });

    test('a tuning that is undone is not shown any more', () => {
        const store = createBenchStore(document, { instrumentId: 1, poolId: null });
        store.getState().edit(edits.addTuning(0));
        store.getState().showTuning(1);
        store.getState().undo();
        expect(store.getState().tuning).toBe(0);
    });
});

describe('the axis and its gauges', () => {
    const units = { length: 'mm', gauge: 'thou', tension: 'lbf' } as const;

    test('pixels and newtons turn into each other', () => {
        const axis = createAxis([10, 30], 400, units);
        expect(axis.newtonsAt(axis.x(88))).toBeCloseTo(88, 9);
        expect(axis.x(20 * 4.4482216152605)).toBeCloseTo(200, 9);
        expect(axis.marks.filter((mark) => mark.long).map((mark) => mark.value)).toEqual([10, 15, 20, 25, 30]);
    });

    test('the domain is round and holds every tension', () => {
        const [low, high] = axisDomain([61, 74, 50], { ...units, tension: 'N' });
        expect([low, high]).toEqual([30, 100]);
        expect(axisDomain([3, 3], { ...units, tension: 'N' })[1]).toBeGreaterThan(4);
    });

    test('one string far from all others does not squeeze them: the axis ends at three times their median', () => {
        expect(axisDomain([60, 70, 80, 180], { ...units, tension: 'N' })[1]).toBe(240);
        const [, high] = axisDomain([60, 70, 80, 2000], { ...units, tension: 'N' });
        // 3 · 75 N and a third more, on the next 20.
        expect(high).toBe(300);
    });

    test('the neighbour is the next of the same make, whatever the order of the pool', () => {
        const choice = (gauge_in: number, tensionN: number): Choice => ({
            construction: 'plain',
            material: 'music-wire',
            gauge_in,
            tensionN,
            safe_n: 300,
        });
        const pool = [
            choice(0.013, 80),
            choice(0.01, 50),
            { ...choice(0.0125, 70), material: 'nylon' as const },
            choice(0.012, 68),
        ];
        const string = { position: 1, construction: 'plain', material: 'music-wire', gauge_in: 0.012 } as const;
        expect(neighbour(pool, string, 1)?.gauge_in).toBe(0.013);
        expect(neighbour(pool, string, -1)?.gauge_in).toBe(0.01);
        expect(neighbour(pool, { ...string, gauge_in: 0.013 }, 1)).toBeUndefined();
        expect(nearestTo(pool, 73)?.tensionN).toBe(70);
        expect(nearestTo([], 73)).toBeUndefined();
    });
});
