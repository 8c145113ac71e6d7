// @vitest-environment happy-dom
import { cleanup, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, test } from 'vitest';
import { showsMayBreak } from '../../resources/js/bench/lanes/zones';
import { Spectrum } from '../../resources/js/devices/tuner/spectrum';
import type { Evaluation } from '../../resources/js/generated/formats';
import type { ImportProgress } from '../../resources/js/generated/views';
import { figureAsRead } from '../../resources/js/instruments/measures/resolution';
import { Notches } from '../../resources/js/jobs/packets/Notches';
import { CheckedList } from '../../resources/js/strings/lists/CheckedList';
import { createAxis, staysFitting } from '../../resources/js/units/axis';

const SI = { length: 'mm', gauge: 'thou', tension: 'N' } as const;

afterEach(cleanup);

describe('the tension axis', () => {
    test('ten short marks go from one long one to the next', () => {
        const { marks, x } = createAxis([40, 120], 850, SI);
        const long = marks.filter((mark) => mark.long).map(({ value }) => value);
        const [first = 0, second = 0] = long;
        expect(long.length).toBeGreaterThan(3);
        expect(marks.filter(({ value }) => value >= first && value < second)).toHaveLength(10);
        expect(marks.map((mark) => mark.x)).toEqual(marks.map(({ value }) => x(value)));
    });

    test('it holds still while all stand well inside it, and use a fair part of it', () => {
        expect(staysFitting([40, 120], [45, 115], [60, 90], SI)).toBe(true);
        expect(staysFitting([40, 120], [45, 115], [45, 90], SI)).toBe(false);
        expect(staysFitting([0, 120], [5, 115], [5, 90], SI)).toBe(true);
        expect(staysFitting([40, 120], [45, 115], [60, 113], SI)).toBe(false);
        expect(staysFitting([40, 120], [60, 100], [70, 90], SI)).toBe(false);
    });

    test('a line from which a string may break is shown only where it is seen, and before it breaks whatever its core', () => {
        const axis = createAxis([40, 120], 800, SI);
        const with_ = (safe: { low: number; estimate: number; high: number } | null) =>
            ({ strings: [{ safe_n: null }, { safe_n: safe }] }) as unknown as Evaluation;
        expect(showsMayBreak(with_({ low: 80, estimate: 90, high: 100 }), axis)).toBe(true);
        expect(showsMayBreak(with_({ low: 80, estimate: 90, high: 100 }), null)).toBe(false);
        expect(showsMayBreak(with_({ low: 100, estimate: 100, high: 100 }), axis)).toBe(false);
        expect(showsMayBreak(with_({ low: 300, estimate: 310, high: 320 }), axis)).toBe(false);
        expect(showsMayBreak(with_(null), axis)).toBe(false);
    });
});

describe('figures as they were read', () => {
    test('as fine as they were read, up to four digits; what is finer is written as usual', () => {
        expect(figureAsRead(0.123456, 0.000001, SI)).toBe('0.123');
        expect(figureAsRead(0.4, 0.01, SI)).toBe('0.40');
    });
});

describe('a list that was checked', () => {
    const progress = (changed: number, gone: number): ImportProgress =>
        ({
            id: 1,
            status: 'checked',
            share: 1,
            rows: 50,
            good: 50,
            rejected: 0,
            rejects: [],
            difference: {
                new: 0,
                same: 0,
                changed,
                gone,
                changes: [{ code: 'MS-010', words: ['price'] }],
                gone_codes: ['MS-009', 'MS-008'],
            },
        }) as unknown as ImportProgress;

    test('it says how many more changed and are gone than it names', () => {
        render(<CheckedList progress={progress(4, 7)} />);
        expect(screen.getByText('and 3 more')).toBeTruthy();
        expect(screen.getByText(/No longer listed: MS-009, MS-008 and 5 more/)).toBeTruthy();
    });

    test('where all are named it says no more', () => {
        render(<CheckedList progress={progress(1, 2)} />);
        expect(screen.queryByText(/ more$/)).toBeNull();
    });
});

describe('notches of a packet', () => {
    test('as many as the string’s number, beside each other', () => {
        const { container } = render(<Notches count={5} />);
        const bars = [...container.querySelectorAll('rect')].map((bar) => [
            Number(bar.getAttribute('x')),
            Number(bar.getAttribute('width')),
        ]);
        expect(bars).toHaveLength(5);
        const [step = 0] = bars[1] ?? [];
        expect(bars.map(([x]) => x)).toEqual([0, 1, 2, 3, 4].map((each) => each * step));
        expect(step).toBeGreaterThan(bars[0]?.[1] ?? 0);
    });
});

describe('peaks of a spectrum', () => {
    test('the highest are kept, from low to high', () => {
        const spectrum = new Spectrum(4096, 48_000);
        const magnitudes = new Float64Array(spectrum.bins);
        // Fifty peaks, each higher than the last.
        for (let peak = 0; peak < 50; peak++) {
            magnitudes[100 + 12 * peak] = 50 + peak;
        }
        const found = spectrum.peaks(magnitudes, null);
        expect(found).toHaveLength(40);
        expect(found.map(({ height }) => Math.round(height))).toEqual(Array.from({ length: 40 }, (_, index) => 60 + index));
    });
});
