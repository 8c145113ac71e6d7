import { describe, expect, test } from 'vitest';
import { DEVICES, readingMm, readingText, seeded } from '../../resources/js/devices/reading';
import { boxAround, flagsAt, path, placedFlags, viewOf, type Flag } from '../../resources/js/instruments/drawings/geometry';
import { matching } from '../../resources/js/instruments/matching';
import type { InstrumentSummary as Summary } from '../../resources/js/generated/views';
import { figureAsRead, resolutionMm } from '../../resources/js/instruments/measures/resolution';
import { boundHz, labelled, ORDER, pitchRange, runs } from '../../resources/js/instruments/reach/chart';
import { apart, withRoom } from '../../resources/js/instruments/room';
import type { Finding, GaugeReach, Mark } from '../../resources/js/generated/formats';

const metric = { length: 'mm', gauge: 'thou', tension: 'N' } as const;
const imperial = { length: 'in', gauge: 'thou', tension: 'lbf' } as const;

describe('readings keep their resolution', () => {
    test.each([
        ['0.40', metric, 0.01],
        ['0.40 mm', imperial, 0.01],
        ['6', metric, 1],
        ['.0155', imperial, 0.00254],
        ['25 1/2 in', metric, 12.7],
        ['64.8 cm', metric, 1],
    ] as const)('%s is read to its last digit', (typed, units, expected) => {
        expect(resolutionMm(typed, units)).toBeCloseTo(expected, 6);
    });

    test('what is no length has none', () => {
        expect(resolutionMm('high', metric)).toBeNull();
        expect(resolutionMm('', metric)).toBeNull();
    });

    test('a figure is shown with the digits of its reading, in another unit with as many as that earns', () => {
        expect(figureAsRead(0.4, 0.01, metric)).toBe('0.40');
        expect(figureAsRead(6, 1, metric)).toBe('6');
        expect(figureAsRead(6, undefined, metric)).toBe('6');
        expect(figureAsRead(0.4, 0.01, imperial)).toBe('0.0157');
        expect(figureAsRead(0.3937, 0.00254, metric)).toBe('0.394');
        expect(figureAsRead(25.4 / 64, 25.4 / 64, imperial)).toBe('0.0156');
    });
});

describe('a simulated calliper', () => {
    test('reads whole steps of its resolution, spread around what it holds, and repeats with its seed', () => {
        const device = DEVICES.calliper;
        const readings = Array.from(
            { length: 4000 },
            (
                (random) => () =>
                    readingMm(device, 1.234, random)
            )(seeded(7)),
        );
        for (const reading of readings) {
            expect(Math.abs(reading / device.resolutionMm - Math.round(reading / device.resolutionMm))).toBeLessThan(1e-6);
        }
        const mean = readings.reduce((sum, each) => sum + each, 0) / readings.length;
        const spread = Math.sqrt(readings.reduce((sum, each) => sum + (each - mean) ** 2, 0) / readings.length);
        expect(mean).toBeCloseTo(1.234, 2);
        // The steps themselves add a twelfth of their square.
        expect(spread).toBeCloseTo(Math.hypot(device.spreadMm, device.resolutionMm / Math.sqrt(12)), 3);
        const again = seeded(7);
        expect(readingMm(device, 1.234, again)).toBe(readings[0]);
    });

    test('never reads less than nothing or more than it opens', () => {
        const random = seeded(1);
        expect(Array.from({ length: 200 }, () => readingMm(DEVICES.ruler, 0, random)).every((mm) => mm >= 0)).toBe(true);
        expect(readingMm(DEVICES.calliper, 900, random)).toBe(150);
    });

    test('types every digit it shows', () => {
        expect(readingText(DEVICES.calliper, 0.4)).toBe('0.40 mm');
        expect(readingText(DEVICES.ruler, 12)).toBe('12.0 mm');
        expect(readingText(DEVICES['calliper-in'], 0.4)).toBe('0.0157 in');
    });
});

describe('drawings', () => {
    const view = viewOf({ left: -100, right: 700, top: -50, bottom: 50 }, 828, { x: 14, y: 30 });

    test('are to scale, alike in both directions', () => {
        expect(view.scale).toBe(1);
        expect([view.x(-100), view.x(700), view.y(-50), view.height]).toEqual([14, 814, 30, 160]);
        expect(
            path(
                [
                    [0, 0],
                    [10, 5],
                ],
                view,
                true,
            ),
        ).toBe('M114.00 80.00 L124.00 85.00 Z');
        expect(path([], view)).toBe('');
        expect(viewOf({ left: 0, right: 1, top: 0, bottom: 1 }, 500, { x: 0, y: 0 }, 3).scale).toBe(3);
        expect(
            boxAround([
                [1, 5],
                [-2, 3],
            ]),
        ).toEqual({ left: -2, right: 1, top: 3, bottom: 5 });
    });

    test('flags stand apart, on the side of their place, inside the drawing', () => {
        const flag = (number: number, at_mm: [number, number]): Flag => ({
            number,
            finding: { code: 'dull' } as Finding,
            mark: { finding: number - 1, place: 'nut', position: number, at_mm },
        });
        const many = Array.from({ length: 30 }, (_, index) => flag(index + 1, [-100, index % 2 === 0 ? -20 : 20]));
        const placed = placedFlags(many, view, 18);
        for (const { at, place } of placed) {
            expect(at.y < view.height / 2).toBe(place.y < view.height / 2);
            expect(at.x).toBeGreaterThanOrEqual(11);
            expect(at.x).toBeLessThanOrEqual(view.width - 11);
        }
        const rows = placed.map(({ at }) => `${at.y} ${Math.round(at.x / 18)}`);
        expect(new Set(rows).size).toBe(rows.length);
    });

    test('a flag of the whole instrument is on every string', () => {
        const mark: Mark = { finding: 0, place: 'behind-saddle', position: null, at_mm: [0, 0] };
        const flags = [{ number: 1, finding: { code: 'saddle-angle' } as Finding, mark }];
        expect(flagsAt(flags, ['behind-saddle'], 4)).toHaveLength(1);
        expect(flagsAt(flags, ['nut'], 4)).toHaveLength(0);
    });
});

describe('pitch against gauge', () => {
    const gauge = (gauge_in: number, more: Partial<GaugeReach> = {}): GaugeReach => ({
        gauge_in,
        fits: true,
        serves: true,
        low_pitch: 'A1',
        low_bound: 'flaps',
        high_pitch: 'A3',
        high_bound: 'hard',
        flaps_hz: 55,
        dull_hz: null,
        intonation_hz: null,
        breaks_hz: 300,
        hard_hz: 220,
        overload_hz: null,
        ...more,
    });

    test('the range holds every bound and what is tuned to', () => {
        const [low, high] = pitchRange([gauge(0.046)], 30);
        expect(low).toBeLessThan(30);
        expect(high).toBeGreaterThan(300);
        expect(ORDER.map((bound) => boundHz(gauge(0.046), bound))).toEqual([220, 55, null, null, null, 300]);
    });

    test('a region breaks off where its bound is not known', () => {
        const gauges = [gauge(0.01, { dull_hz: 20 }), gauge(0.02), gauge(0.03, { dull_hz: 30 }), gauge(0.04, { dull_hz: 40 })];
        expect(runs(gauges, 'dull').map((run) => run.map(({ hertz }) => hertz))).toEqual([[20], [30, 40]]);
        expect(runs(gauges, 'overload')).toEqual([]);
    });

    test('its name stands where it ends the range and has most room', () => {
        const gauges = [gauge(0.02, { flaps_hz: 40 }), gauge(0.03, { flaps_hz: 80 }), gauge(0.04, { low_bound: 'dull' })];
        expect(labelled(gauges, 'flaps', [20, 400])?.gauge_in).toBe(0.03);
        expect(labelled(gauges, 'overload', [20, 400])).toBeNull();
    });

    test('names never stand on each other and stay where they can', () => {
        const label = (x: number, y: number) => ({ x, y, width: 60, height: 20 });
        const placed = apart([label(100, 100), label(120, 105), label(300, 100), label(100, 90)]);
        expect(placed[0]).toEqual(label(100, 100));
        expect(placed[2]).toEqual(label(300, 100));
        for (const [index, one] of placed.entries()) {
            for (const other of placed.slice(index + 1)) {
                expect(Math.abs(one.x - other.x) >= 60 || Math.abs(one.y - other.y) >= 20).toBe(true);
            }
        }
    });

    test('figures are written where there is room', () => {
        expect([...withRoom([0, 10, 35, 60, 80, 300], 30, 290)]).toEqual([0, 2, 4]);
    });
});

test('instruments are found by words, kind and owner together', () => {
    const one = (name: string, kind: string, owner: string): Summary => ({
        id: 1,
        name,
        kind,
        owner,
        strings: 6,
        lengths_mm: [650, 650],
        sets: 0,
        last: null,
    });
    const all = [
        one('Dunlin', 'acoustic guitar', 'Ansel'),
        one('Avocet', 'classical guitar', 'Ansel'),
        one('Teal', 'ukulele', ''),
    ];
    const names = (words: string, kind: string | null = null, owner: string | null = null) =>
        matching(all, { words, kind, owner }).map(({ name }) => name);
    expect(names('GUITAR  ans')).toEqual(['Dunlin', 'Avocet']);
    expect(names('', 'ukulele')).toEqual(['Teal']);
    expect(names('a', null, 'Ansel')).toEqual(['Dunlin', 'Avocet']);
    expect(names('dunlin', 'ukulele')).toEqual([]);
});
