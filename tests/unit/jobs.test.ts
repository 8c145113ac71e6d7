import { expect, test } from 'vitest';
import type { FittingPlan, FittingStep } from '../../resources/js/generated/formats';
import type { JobRow, JobString } from '../../resources/js/generated/views';
import {
    comesNext,
    lastDone,
    nextScreen,
    pullNow,
    screensOf,
    whereabouts,
    whereWords,
    type Going,
} from '../../resources/js/jobs/frames';
import { pressClaim } from '../../resources/js/jobs/step/claims';
import { codeIn, foundBy } from '../../resources/js/jobs/packets/code';

import { byNextHand, wantOf } from '../../resources/js/jobs/words';
import { stringsWords } from '../../resources/js/units/words';
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
    lines: [key],
    brief: [key],
    done_when: null,
    figures: [],
    caution: null,
    pull_after_n: pull,
    rests_s: null,
    parts: parts.map((part) => ({
        key: part,
        lead: null,
        do: part,
        lines: [part],
        brief: [part],
        done_when: null,
        figure: null,
    })),
});

const plan = {
    strings: [
        { position: 1, alike: [] },
        { position: 2, alike: [] },
    ],
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
    const nextFrame = (of: ReadonlySet<string>) => nextScreen(plan, of, 'steps');
    expect(nextFrame(done())?.key).toBe('prepare');
    expect(nextFrame(done('prepare', 'off:2'))?.key).toBe('packet:2');
    expect(nextFrame(done('prepare', 'off:2', 'packet:2'))?.key).toBe('seat:2');
    // A part that another device skipped is done with its step.
    expect(nextFrame(done('prepare', 'off:2', 'fit:2'))?.key).toBe('tune-string:2');
    expect(nextFrame(done(...plan.steps.map(({ key }) => key)))).toBeNull();
    expect(lastDone(plan, ['prepare', 'off:2', 'packet:2', 'of-another-plan'], 'steps')).toEqual(['packet:2']);
    expect(lastDone(plan, [], 'steps')).toEqual([]);
});

test('a string that is not there is asked for before its screen, what comes before it goes on step by step', () => {
    const next = (going: Going, missing: number[], ...done: string[]) => {
        const { screen, missing: lacks } = comesNext(plan, new Set(done), going, missing);
        return [screen?.frames.map(({ key }) => key).join(' '), lacks];
    };
    expect(next('strings', [], 'prepare')).toEqual(['off:2 packet:2 seat:2 fit:2 tune-string:2', false]);
    expect(next('strings', [2], 'prepare')).toEqual(['off:2', true]);
    expect(next('strings', [1], 'prepare')).toEqual(['off:2 packet:2 seat:2 fit:2 tune-string:2', false]);
    expect(next('steps', [2], 'prepare', 'off:2')).toEqual(['packet:2', true]);
    // Once it is on, nothing of it is missing.
    expect(next('steps', [2], 'prepare', 'off:2', 'fit:2')).toEqual(['tune-string:2', false]);
    expect(comesNext(plan, new Set(plan.steps.map(({ key }) => key)), 'steps', [1])).toEqual({ screen: null, missing: false });
});

test('where one is in a job is said by steps, or by its screens', () => {
    const where = (going: Going, ...done: string[]) => {
        const of = new Set(done);
        return whereWords(plan, of, going, nextScreen(plan, of, going)?.frames[0] ?? null);
    };
    expect(where('steps')).toBe('step 1 of 8');
    expect(where('steps', 'prepare', 'off:2', 'packet:2')).toBe('step 3 of 8');
    expect(where('strings', 'prepare', 'off:2', 'packet:2')).toBe('2 of 4');
    expect(where('steps', ...plan.steps.map(({ key }) => key))).toBe('all 8 steps done');
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

const keysOf = (going: Going, of = plan) => screensOf(of, going).map(({ frames }) => frames.map(({ key }) => key).join(' '));

test('one screen a string joins what is done to it, and nothing that is asked twice or left alone', () => {
    expect(keysOf('strings')).toEqual([
        'prepare',
        'off:2 packet:2 seat:2 fit:2 tune-string:2',
        'off:1 packet:1 seat:1 fit:1 tune-string:1',
        'stretch',
    ]);
    expect(keysOf('steps')).toHaveLength(12);

    // Two at a time come off together; then each is on and at its pitch.
    const parts = (position: number) => [`packet:${position}`, `seat:${position}`, `fit:${position}`];
    const pairs = {
        strings: [
            { position: 1, alike: [2] },
            { position: 2, alike: [] },
        ],
        steps: [
            step('prepare', 'prepare', null),
            step('note-before', 'prepare', null),
            step('off:2', 'off', 2),
            step('off:1', 'off', 1),
            step('care-board', 'care', null),
            { ...step('care-oil', 'care', null), rests_s: 300 },
            step('care-wipe', 'care', null),
            step('care-look', 'care', null),
            step('fit:2', 'fit', 2, 0, parts(2)),
            step('tune-string:2', 'tune', 2),
            step('fit:1', 'fit', 1, 0, parts(1)),
            step('tune-string:1', 'tune', 1),
        ],
    } as unknown as FittingPlan;
    expect(keysOf('strings', pairs)).toEqual([
        'prepare note-before',
        'off:2 off:1',
        'care-board',
        'care-oil',
        'care-wipe care-look',
        'packet:2 seat:2 fit:2 tune-string:2',
        'packet:1',
        'seat:1 fit:1 tune-string:1',
    ]);
    // However one goes, the same is done in the same order.
    for (const of of [plan, pairs]) {
        expect(keysOf('strings', of).join(' ')).toBe(keysOf('steps', of).join(' '));
    }
    // What was done step by step is not done again; back goes all of a screen, the last first.
    const some = nextScreen(plan, new Set(['prepare', 'off:2', 'packet:2']), 'strings');
    expect(some?.frames.map(({ key }) => key)).toEqual(['seat:2', 'fit:2', 'tune-string:2']);
    expect(some?.position).toBe(2);
    expect(lastDone(plan, ['prepare', 'off:2', 'packet:2'], 'strings')).toEqual(['packet:2', 'off:2']);
});

test('a press says what is true once it is pressed', () => {
    const screens = screensOf(plan, 'strings');
    const [, string] = screens;
    if (string === undefined) {
        throw new Error('There is none');
    }
    expect(pressClaim(string, null)).toBe('2 is on, brought to pitch by hand');
    expect(pressClaim(string, -0.6)).toBe('2 is on and at its pitch');
    expect(pressClaim(string, -126)).toBe('2 is on and stands −126 cents');
    const staged = { ...string, frames: string.frames.slice(0, 4) as typeof string.frames };
    expect(pressClaim(staged, null)).toBe('2 is on and wound');
    const tuned = { ...string, frames: string.frames.slice(4) as typeof string.frames };
    expect([pressClaim(tuned, 2), pressClaim(tuned, null)]).toEqual(['2 is at its pitch', 'Done: at its pitch']);
    const said = (key: string, phase: FittingStep['phase']) =>
        pressClaim({ key, frames: [{ key, step: step(key, phase, null), part: null, number: 1 }], position: null }, null);
    expect(said('slacken-all', 'off')).toBe('Done: they are slack');
    expect(said('tune-below', 'tune')).toBe('Done: a semitone low');
    expect(said('tune-stage-2', 'tune')).toBe('Done: they stand there');
    expect(said('tune-stage-3', 'tune')).toBe('Done: all at their pitch');
});
