// @vitest-environment happy-dom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, test, vi } from 'vitest';
import { stoppedAt } from '../../resources/js/devices/tuner/heard';
import type { DrawnFit, NeckSetup, PluckedTone } from '../../resources/js/generated/formats';
import type { Playing, SideOfString } from '../../resources/js/generated/views';
import { asked, FIRST_LOOK, underToggled } from '../../resources/js/instruments/playing/asked';
import { centsWords, marksOf, offset, outOf, reachOf, readAt, worstOf } from '../../resources/js/instruments/playing/cents';
import { ActionPart, needsOf } from '../../resources/js/instruments/playing/ActionPart';
import { Looks } from '../../resources/js/instruments/playing/Looks';
import { NeckFigures } from '../../resources/js/instruments/playing/NeckFigures';
import { isMeant, semitonesTo } from '../../resources/js/instruments/playing/useFretEar';
import { NeckAtEnd } from '../../resources/js/jobs/step/NeckAtEnd';
import { centsOf, stopped } from '../../resources/js/instruments/playing/useNeckHeard';

vi.mock('../../resources/js/units/useUnits', () => ({ useUnits: () => ({ length: 'mm', gauge: 'thou', tension: 'N' }) }));

afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
});

type String = NeckSetup['strings'][number];

const exact = (cents: number) => ({ low: cents, estimate: cents, high: cents });

/** A string with so many cents at its frets, from fret 1. */
const string = (position: number, cents: number[], more: Partial<String> = {}): String => ({
    position,
    setback_mm: 1,
    found: false,
    frets: cents.map((each, index) => ({ fret: index + 1, cents: exact(each) })),
    best: null,
    best_with_nut: null,
    clean_action_12_mm: null,
    cents_per_kelvin: null,
    ...more,
});

const neckOf = (...strings: String[]): NeckSetup => ({ format: 'lira-setup', version: 1, frets: 3, assumed: [], strings });

const plays = (neck: NeckSetup, more: Partial<Playing> = {}) => ({
    neck,
    before: null,
    before_name: '',
    tunings: ['E'],
    mm: { action: 1.8, nut: 0.35, relief: 0.2 },
    frets: [],
    read: [],
    warmth: [],
    sides: [],
    chords: [],
    scale: [],
    open: [],
    action: { soft: ['soft'], medium: ['medium'], hard: ['hard'] },
    ...more,
});

describe('the map of a neck', () => {
    test('a mark lies before its fret, in the middle, on its own string', () => {
        const fit = { strings: [{ start_mm: [0, 10], scale_end_mm: [600, 20] }] } as unknown as DrawnFit;
        const side: SideOfString = {
            position: 1,
            start: [0, 0],
            peg_mm: 0,
            full_mm: 600,
            frets: [
                [30, 0],
                [60, 0],
                [90, 0],
            ],
            saddle: [601, 3],
            needed: null,
        };
        const marks = marksOf(fit, neckOf(string(1, [1, 2, 3])), [side]);
        expect(marks.map(({ at }) => at)).toEqual([15, 45, 75]);
        expect(marks[1]?.across).toBeCloseTo(10.75);
        // A short string begins at its peg, and is drawn from there.
        const short = marksOf(fit, neckOf(string(1, [1])), [{ ...side, peg_mm: 15 }]);
        expect(short[0]?.at).toBe(0);
    });

    test('a fret is out only where even its least is', () => {
        expect(outOf({ low: 8.1, estimate: 9, high: 12 })).toBe(true);
        expect(outOf({ low: 8, estimate: 9, high: 12 })).toBe(false);
        expect(outOf({ low: -12, estimate: -9, high: -8.1 })).toBe(true);
        expect(outOf({ low: -12, estimate: -9, high: 2 })).toBe(false);
    });

    test('its scale has room for all that is spoken of, and for what was read', () => {
        expect(reachOf([neckOf(string(1, [3.6]))])).toBe(4);
        expect(reachOf([neckOf(string(1, [3.7]))])).toBe(8);
        expect(reachOf([neckOf(string(1, [1])), neckOf(string(1, [-7.5]))])).toBe(15);
        expect(reachOf([neckOf(string(1, [400]))])).toBe(15);
        // Beyond the fifteenth fret nobody speaks of it.
        expect(reachOf([neckOf(string(1, [...Array.from({ length: 15 }, () => 1), 30]))])).toBe(4);
        const read = {
            nut_height_mm: null,
            nut_readings: 0,
            share: 0.5,
            share_strings: 0,
            odd_frets: [],
            strings: [{ position: 1, frets: [{ fret: 2, cents: -7 }] }],
        };
        expect(reachOf([{ ...neckOf(string(1, [1])), read }])).toBe(8);
        expect(readAt({ ...neckOf(string(1, [1])), read }, { position: 1, fret: 2 })).toBe(-7);
        expect(readAt({ ...neckOf(string(1, [1])), read }, { position: 2, fret: 2 })).toBeNull();
        expect(offset(2, 4)).toBe(0.5);
        expect(offset(-9, 4)).toBe(-1);
    });

    test('the worst of each string is the furthest off, flat or sharp', () => {
        const worst = worstOf(neckOf(string(1, [1, -2, 1.5]), string(2, []), string(3, [3, 1])));
        expect([worst.get(1)?.fret, worst.get(2), worst.get(3)?.fret]).toEqual([2, undefined, 1]);
    });

    test('cents have their sign, and none where they are none', () => {
        expect([centsWords(2.04), centsWords(-0.36), centsWords(0.04), centsWords(-0.04)]).toEqual([
            '+2.0',
            '−0.4',
            '0.0',
            '0.0',
        ]);
    });

    test('all of it stands in figures, too, what is out in bold', () => {
        render(<NeckFigures neck={neckOf(string(1, [1.2, -9]), string(2, [0.3]))} />);
        expect(screen.getByText('−9.0').className).toContain('text-caution');
        expect(screen.getByText('+1.2').className).not.toContain('text-caution');
        expect(screen.getAllByRole('columnheader', { hidden: true }).map((each) => each.textContent)).toEqual([
            'String',
            '1',
            '2',
        ]);
    });
});

describe('what a neck is looked at with', () => {
    const set = JSON.stringify({
        name: 'x',
        instrument: { setup: { action_12_mm: 1.5 } },
        tunings: [{}, { capo: 2 }],
    });
    const ask = (...given: [Partial<typeof FIRST_LOOK>, Parameters<typeof asked>[2]?]) =>
        JSON.parse(asked(set, { ...FIRST_LOOK, ...given[0] }, given[1])) as { ask: Record<string, unknown>; warmer_k: number };

    test('at first as it is, ten degrees warmer', () => {
        expect(ask({}).ask).toEqual({ set: JSON.parse(set) as unknown, tuning: 0, saddles: 'found' });
        expect(ask({}).warmer_k).toBe(10);
    });

    test('with another relief, and a capo over some strings', () => {
        const { ask: asked } = ask({ relief: 0.3, capo: 2, under: [1, 2], ends: 'nut' });
        expect(asked).toMatchObject({
            saddles: 'nut',
            capo: { fret: 2, positions: [1, 2] },
            set: { instrument: { setup: { action_12_mm: 1.5, relief_mm: 0.3 } } },
        });
        expect(ask({ capo: 3 }).ask['capo']).toEqual({ fret: 3 });
    });

    test('a tuning that the set has not is its last, and what was read below its capo is left out', () => {
        const read = [
            { id: 4, position: 1, fret: 1, open_hz: 100, fretted_hz: 106 },
            { id: 5, position: 1, fret: 3, open_hz: 100, fretted_hz: 119 },
        ];
        expect(ask({ tuning: 7 }, read).ask['tuning']).toBe(1);
        expect(ask({ tuning: 7 }, read).ask['readings']).toEqual([{ position: 1, fret: 3, open_hz: 100, fretted_hz: 119 }]);
        expect(ask({}, read).ask['readings']).toHaveLength(2);
    });

    test('strings are taken from under a capo one by one; none under it is all again', () => {
        expect(underToggled([], 2, 3)).toEqual([1, 3]);
        expect(underToggled([1, 3], 2, 3)).toEqual([]);
        expect(underToggled([1, 3], 1, 3)).toEqual([3]);
        expect(underToggled([3], 3, 3)).toEqual([]);
    });

    test('saddles are as found only where one was found', () => {
        const shown = (found: boolean) => {
            cleanup();
            render(<Looks looked={FIRST_LOOK} onLook={() => undefined} plays={plays(neckOf(string(1, [1], { found })))} />);
            return screen.getByRole('combobox', { name: 'Ends of the strings' }).textContent;
        };
        expect(shown(true)).toBe('Saddles as found');
        expect(shown(false)).toBe('Saddles at their best');
    });
});

describe('the action', () => {
    const action = (mm: number) => ({
        soft: { mm: mm - 0.5, stopped_at: 1, over_fret: 2 },
        medium: { mm, stopped_at: 1, over_fret: 2 },
        hard: { mm: mm + 1, stopped_at: 1, over_fret: 2 },
    });

    test('what strings need is set against what they have', () => {
        const neck = neckOf(
            string(1, [1], { clean_action_12_mm: action(1.5) }),
            string(2, [1], { clean_action_12_mm: action(2.1) }),
            string(3, [1]),
        );
        expect(needsOf(plays(neck), 'hard')).toEqual([
            { position: 1, mm: 2.5, over: 2 },
            { position: 2, mm: 3.1, over: 2 },
        ]);
        const chosen: number[] = [];
        const hands: string[] = [];
        render(
            <ActionPart
                plays={plays(neck)}
                position={2}
                onPosition={(one) => chosen.push(one)}
                hand="medium"
                onHand={(one) => hands.push(one)}
                looked={FIRST_LOOK}
                onLook={() => undefined}
            />,
        );
        expect(screen.getByText('medium')).toBeTruthy();
        expect(screen.getByText('0.30 mm')).toBeTruthy();
        expect(screen.getByText('−0.30 mm')).toBeTruthy();
        fireEvent.click(screen.getByRole('button', { name: '1' }));
        fireEvent.click(screen.getByRole('button', { name: 'Hard' }));
        expect([chosen, hands]).toEqual([[1], ['hard']]);
    });

    test('the slider of relief says what it stands at, and lets go of it', () => {
        const looks: unknown[] = [];
        const neck = neckOf(string(1, [1], { clean_action_12_mm: action(1.5) }));
        render(
            <ActionPart
                plays={plays(neck)}
                position={1}
                onPosition={() => undefined}
                hand="soft"
                onHand={() => undefined}
                looked={{ ...FIRST_LOOK, relief: 0.3 }}
                onLook={(change) => looks.push(change)}
            />,
        );
        const slider = screen.getByRole('slider', { name: /Relief/ });
        expect(slider.getAttribute('aria-valuetext')).toBe('0.30 mm');
        fireEvent.change(slider, { target: { value: '0.1' } });
        fireEvent.click(screen.getByRole('button', { name: 'Relief as it is' }));
        expect(looks).toEqual([{ relief: 0.1 }, { relief: null }]);
    });
});

describe('a neck as it is heard', () => {
    const tone: PluckedTone = {
        pitch: 'A2',
        partials: [
            { hz: 110, amplitude: 1, decay_s: 1 },
            { hz: 220, amplitude: 0.5, decay_s: 1 },
        ],
    };

    test('a stop is its string, so many semitones and cents higher', () => {
        expect(stopped(tone, 12, 0).partials.map(({ hz }) => hz)).toEqual([220, 440]);
        expect(stopped(tone, 0, 1200).partials[0]?.hz).toBeCloseTo(220);
        expect(stopped(tone, 3, 5).partials[0]?.amplitude).toBe(1);
    });

    test('it is as far off as its fret; the open string is what it was tuned to', () => {
        const neck = neckOf(string(1, [2.5, 1]));
        expect([
            centsOf(neck, { position: 1, fret: 1 }),
            centsOf(neck, { position: 1, fret: 0 }),
            centsOf(neck, { position: 4, fret: 1 }),
        ]).toEqual([2.5, 0, 0]);
    });

    test('what rang before is not taken for the fret that is listened for', () => {
        const read = { open: 100, stopped: null };
        expect(isMeant('stopped', 100, read, 99, 1)).toBe(false);
        expect(isMeant('stopped', 106, read, 99, 1)).toBe(true);
        expect(isMeant('stopped', 112.2, read, 99, 1)).toBe(false);
        expect(isMeant('open', 80, read, 99, 1)).toBe(true);
        // Nothing open was read: its own pitch stands in.
        expect(isMeant('stopped', 105, { open: null, stopped: null }, 99, 1)).toBe(true);
    });

    test('a fret of a short string is counted from its peg', () => {
        const drone = string(5, []);
        drone.frets = [6, 7, 8].map((fret) => ({ fret, cents: exact(0) }));
        const neck = neckOf(string(1, [1]), string(2, []), string(3, []), string(4, []), drone);
        expect([semitonesTo(neck, 5, 6), semitonesTo(neck, 5, 8), semitonesTo(neck, 1, 3), semitonesTo(neck, 2, 3)]).toEqual([
            1, 3, 3, 3,
        ]);
    });

    test('a tuner listens for it where it is stopped, stiffer the shorter it is', () => {
        const at = stoppedAt({ position: 2, hz: 100, stiffness: { low: 1, estimate: 2, high: 3 } }, 6);
        expect(at.hz).toBeCloseTo(141.42, 2);
        expect([at.stiffness.low, at.stiffness.estimate, at.stiffness.high, at.fret]).toEqual([2, 4, 6, 6]);
        expect(stoppedAt({ position: 2, hz: 100, stiffness: null }, 12).stiffness.estimate).toBeCloseTo(4e-6, 12);
    });
});

describe('at the end of a job', () => {
    const atEnd = (says: string[], finished: boolean) => {
        vi.stubGlobal('fetch', () => Promise.resolve(Response.json({ says })));
        render(
            <QueryClientProvider client={new QueryClient()}>
                <NeckAtEnd job={7} finished={finished} />
            </QueryClientProvider>,
        );
    };

    test('what is to be set is said before it leaves the bench', async () => {
        atEnd(['String 2 buzzes.'], false);
        expect(await screen.findByText('String 2 buzzes.')).toBeTruthy();
        expect(screen.getByRole('heading').textContent).toBe('Before it leaves the bench');
    });

    test('and once it has left, how it plays', async () => {
        atEnd(['String 2 buzzes.'], true);
        expect((await screen.findByRole('heading')).textContent).toBe('How it plays');
    });
});
