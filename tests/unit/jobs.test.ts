import { expect, test } from 'vitest';
import type { FittingPlan, FittingStep } from '../../resources/js/generated/formats';
import type { JobRow, JobString } from '../../resources/js/generated/views';
import { lastDone, nextFrame, pullNow, whereabouts } from '../../resources/js/jobs/frames';
import { codeIn, foundBy } from '../../resources/js/jobs/packets/code';

import { byNextHand, stringsWords, wantOf } from '../../resources/js/jobs/words';
import { spanWords } from '../../resources/js/units/times';

const step = (
    key: string,
    phase: FittingStep['phase'],
    position: number | null,
    pull = 0,
    parts: string[] = [],
): FittingStep => ({
    number: 1,
    key,
    phase,
    position,
    do: key,
    done_when: null,
    figures: [],
    caution: null,
    pull_after_n: pull,
    rests_s: null,
    parts: parts.map((part) => ({ key: part, lead: null, do: part, done_when: null, figure: null })),
});

const plan = {
    steps: [
        step('prepare', 'prepare', null, 150),
        step('off:2', 'off', 2, 80),
        step('fit:2', 'fit', 2, 80, ['packet:2', 'seat:2', 'fit:2']),
        step('tune-string:2', 'tune', 2, 160),
        step('off:1', 'off', 1, 90),
        step('fit:1', 'fit', 1, 90, ['packet:1', 'seat:1', 'fit:1']),
        step('tune-string:1', 'tune', 1, 170),
        step('stretch', 'settle', null, 170),
    ],
} as unknown as FittingPlan;

test('a step is gone through part by part, and back to the last that was done', () => {
    const done = (...keys: string[]) => new Set(keys);
    expect(nextFrame(plan, done())?.key).toBe('prepare');
    expect(nextFrame(plan, done('prepare', 'off:2'))?.key).toBe('packet:2');
    expect(nextFrame(plan, done('prepare', 'off:2', 'packet:2'))?.key).toBe('seat:2');
    // A part that another device skipped is done with its step.
    expect(nextFrame(plan, done('prepare', 'off:2', 'fit:2'))?.key).toBe('tune-string:2');
    expect(nextFrame(plan, done(...plan.steps.map(({ key }) => key)))).toBeNull();
    expect(lastDone(plan, ['prepare', 'off:2', 'packet:2', 'of-another-plan'])).toBe('packet:2');
    expect(lastDone(plan, [])).toBeNull();
});

test('each string stands where what was done left it, and the pull with it', () => {
    const done = new Set(['prepare', 'off:2', 'packet:2']);
    expect([1, 2].map((position) => whereabouts(plan, done, position))).toEqual(['old', 'off']);
    done.add('fit:2');
    expect(whereabouts(plan, done, 2)).toBe('slack');
    done.add('tune-string:2');
    expect(whereabouts(plan, done, 2)).toBe('pitch');
    expect(pullNow(plan, done, 150)).toBe(160);
    expect(pullNow(plan, new Set(), 150)).toBe(150);
});

test('a code is the end of an address, typed in any case; whose packet it is follows from it', () => {
    expect(codeIn('http://127.0.0.1:8000/packets/s17-4')).toBe('S17-4');
    expect(codeIn(' L12 ')).toBe('L12');
    expect([codeIn('17-4'), codeIn('S17'), codeIn('')]).toEqual([null, null, null]);
    const strings = [
        { position: 1, codes: ['S5-1'] },
        { position: 2, codes: ['S5-2', 'L9'] },
    ] as unknown as JobString[];
    expect(foundBy('S5-2', 2, strings)).toEqual({ is: 'right' });
    expect(foundBy('l9', 2, strings)).toEqual({ is: 'right' });
    expect(foundBy('S5-1', 2, strings)).toEqual({ is: 'wrong', position: 1 });
    expect(foundBy('S6-2', 2, strings)).toEqual({ is: 'stranger' });
    expect(foundBy('second', 2, strings)).toEqual({ is: 'none' });
});

test('jobs stand by what wants a hand next, and the clock moves them', () => {
    const now = Date.parse('2026-03-01T10:00:00Z');
    const row = (id: number, more: Partial<JobRow>): JobRow =>
        ({
            id,
            status: 'open',
            blocked: false,
            until: null,
            promised: null,
            touched: '2026-03-01T09:00:00Z',
            finished: null,
            missing: [],
            ...more,
        }) as JobRow;
    const rows = [
        row(1, { status: 'finished', finished: '2026-02-20T10:00:00Z' }),
        row(2, { blocked: true, missing: [4] }),
        row(3, { until: '2026-03-01T12:00:00Z' }),
        row(4, {}),
        row(5, { promised: '2026-03-02' }),
        row(6, { until: '2026-03-01T11:00:00Z' }),
    ];
    expect(byNextHand(rows, now).map(({ id }) => id)).toEqual([5, 4, 6, 3, 2, 1]);
    // Once it has rested it wants a hand, too.
    expect(wantOf(row(6, { until: '2026-03-01T11:00:00Z' }), now + 3_600_001)).toBe('hand');
});

test('spans and strings in words', () => {
    expect([spanWords(61_000), spanWords(90 * 60_000), spanWords(5 * 3_600_000), spanWords(3 * 86_400_000)]).toEqual([
        '2 min',
        '90 min',
        '5 h',
        '3 days',
    ]);
    expect([stringsWords([4]), stringsWords([3, 4]), stringsWords([1, 2, 6])]).toEqual([
        'string 4',
        'strings 3 and 4',
        'strings 1, 2 and 6',
    ]);
});
