import { describe, expect, test } from 'vitest';
import { anythingSaid, baselineOf, said, tryingOf } from '../../resources/js/bench/baseline/trying';
import { createBenchStore } from '../../resources/js/bench/design/benchStore';
import { keysLabel, pressedKeys } from '../../resources/js/frame/commands/commands';
import { aimedAt } from '../../resources/js/bench/choosing/solve';
import { askedOf, usualWish } from '../../resources/js/bench/convert/conversion';
import * as edits from '../../resources/js/bench/design/edits';
import { staysFitting } from '../../resources/js/units/axis';
import { ticksOf } from '../../resources/js/bench/lanes/ticks';
import { findingFigure } from '../../resources/js/units/findingFigure';
import { addTone, strummed } from '../../resources/js/devices/pluck';
import type { SetDocument } from '../../resources/js/generated/formats';
import type { PitchLadder } from '../../resources/js/units/pitch';

const units = { length: 'mm', gauge: 'thou', tension: 'N' } as const;
const flats = ['C', 'Db', 'D', 'Eb', 'E', 'F', 'Gb', 'G', 'Ab', 'A', 'Bb', 'B'];
const sharps = ['C', 'C#', 'D', 'D#', 'E', 'F', 'F#', 'G', 'G#', 'A', 'A#', 'B'];
const ladder: PitchLadder = [2, 3].flatMap((octave) =>
    flats.map((flat, index): [string, string] => [`${sharps[index] ?? ''}${octave}`, `${flat}${octave}`]),
);
const document: SetDocument = {
    format: 'lira-set',
    version: 1,
    name: 'Two strings',
    instrument: { name: 'Plank', kind: 'electric-guitar', scale: { type: 'single', length_mm: 650 } },
    tunings: [{ name: 'Fourths', pitches: ['D3', 'A2'] }],
    strings: [
        { position: 1, construction: 'plain', material: 'music-wire', gauge_in: 0.018 },
        { position: 2, construction: 'round-wound', material: 'nickel-plated-steel', gauge_in: 0.03 },
    ],
};

describe('edits', () => {
    test('a locked string refuses gauge, construction and material, and gives way once unlocked', () => {
        const locked = edits.hold(2, 'locked')(document);
        expect(edits.gauge(2, { gauge_in: 0.032 })(locked)).toBe(locked);
        expect(edits.construction(2, 'flatwound')(locked)).toBe(locked);
        expect(edits.material(2, 'pure-nickel')(locked)).toBe(locked);
        expect(edits.gauge(2, { gauge_in: 0.032 })(edits.hold(2, null)(locked)).strings[1]?.gauge_in).toBe(0.032);
        expect(edits.hold(2, null)(locked)).toEqual(document);
    });

    test('what was measured of a string, and where its saddle stood, does not hold for another gauge, make or material', () => {
        const known: SetDocument = {
            ...document,
            strings: document.strings.map((string) => ({
                ...string,
                core: { mm: 0.4, shape: 'round', material: 'music-wire' },
                density: { kg_per_m: 0.002, source: 'measured' },
                saddle_setback_mm: 2.4,
                length_mm: 1000,
                end: 'ball',
            })),
        };
        for (const edit of [
            edits.gauge(2, { gauge_in: 0.032 }),
            edits.construction(2, 'flatwound'),
            edits.material(2, 'pure-nickel'),
            edits.wholeSet([{ position: 2, construction: 'round-wound', material: 'pure-nickel', gauge_in: 0.032 }]),
        ]) {
            const [first, second] = edit(known).strings;
            expect(
                Object.keys(second ?? {}).filter((key) => ['core', 'density', 'saddle_setback_mm', 'wraps'].includes(key)),
            ).toEqual([]);
            // What holds for the place of the string stays, and so does every other string.
            expect(second).toMatchObject({ length_mm: 1000, end: 'ball' });
            expect(first).toEqual(known.strings[0]);
        }
    });

    test('strings are transposed together, or not at all where one would leave the ladder', () => {
        const tuning = { pitches: ['D3', 'A2'] };
        expect(edits.transposed(tuning, [1, 2], -2, ladder)).toEqual(['C3', 'G2']);
        expect(edits.transposed(tuning, [2], -2, ladder)).toEqual(['D3', 'G2']);
        expect(edits.transposed(tuning, [1, 2], -12, ladder)).toBeNull();
    });

    test('a capo leaves what sounds, or what the hand does, as it was', () => {
        const present = { name: 'Low', pitches: ['D3', 'A2'] };
        const before = { ...document, tunings: [present] };
        const moved = (fret: number, keeps: 'shapes' | 'pitches' | undefined, from = before) =>
            edits.capo(0, from.tunings[0] ?? present, fret, keeps, ladder)?.(from).tunings[0];
        expect(moved(2, 'pitches')).toEqual({ ...present, capo: 2, capo_keeps: 'pitches' });
        const risen = { name: 'Low, capo 2', pitches: ['E3', 'B2'], capo: 2, capo_keeps: 'shapes' as const };
        expect(moved(2, 'shapes')).toEqual(risen);
        expect(moved(0, 'shapes', { ...document, tunings: [risen] })).toEqual({ ...present, capo_keeps: 'shapes' });
        expect(moved(0, undefined)).toEqual(present);
        expect(edits.capo(0, present, 12, 'shapes', ladder)).toBeNull();

        const meant = edits.capoMeant(0, risen, 'pitches', ladder);
        expect(meant?.({ ...document, tunings: [risen] }).tunings[0]).toEqual({ ...present, capo: 2, capo_keeps: 'pitches' });
        expect(edits.capoMeant(0, { ...present, capo: 2 }, 'shapes', ladder)?.(before).tunings[0]).toMatchObject({
            name: 'Low, capo 2',
            pitches: ['E3', 'B2'],
        });
    });

    test('a baseline that goes takes an aim at it along', () => {
        const aimed = aimedAt({ profile: 'baseline' })(edits.baseline(document)(document));
        expect(edits.baseline(null)(aimed)).toEqual(document);
        expect(edits.baseline(null)(aimedAt({ profile: 'equal', tension_n: 70 })(aimed)).target?.profile).toBe('equal');
    });

    test('a baseline is the strings as worn: what holds for choosing others stays behind', () => {
        const held = edits.only(1, 'plain')(edits.hold(2, 'locked')(document));
        expect(edits.baseline(held)(document).baseline?.strings).toEqual(document.strings);
    });
});

test('a gesture that is dropped leaves no trace, and undo in the middle of one drops it', () => {
    const store = createBenchStore(document, { instrumentId: 1, poolId: null });
    const { edit, beginGesture, dropGesture, undo } = store.getState();
    edit(edits.rename('Named'));
    beginGesture();
    edit(edits.gauge(1, { gauge_in: 0.02 }));
    dropGesture();
    expect(store.getState()).toMatchObject({ document: { name: 'Named', strings: document.strings }, gesture: null });
    expect(store.getState().past).toHaveLength(1);
    beginGesture();
    edit(edits.gauge(1, { gauge_in: 0.02 }));
    undo();
    expect(store.getState().document.name).toBe('Named');
    undo();
    expect(store.getState().document).toBe(document);
});

describe('trying strings by hand', () => {
    test('what was said is told from where the strings are tuned in the end', () => {
        const loose = said(tryingOf(document), [1, 2], 'too-loose');
        const up = said({ ...loose, semitones: 2 }, [1, 2], 'right');
        const finished = said(up, [2], 'too-tight');
        expect(baselineOf(finished, ladder)).toMatchObject({
            name: 'Two strings',
            tunings: [{ name: '', pitches: ['E3', 'B2'] }],
            trials: [
                { semitones: -2, felt: ['too-loose', 'too-loose'] },
                { semitones: 0, felt: ['right', 'too-tight'] },
            ],
        });
    });

    test('the same word again is unsaid; nothing said makes no trials', () => {
        const once = said(tryingOf(document), [1], 'right');
        expect(anythingSaid(once)).toBe(true);
        const unsaid = said(once, [1], 'right');
        expect(anythingSaid(unsaid)).toBe(false);
        expect(baselineOf(unsaid, ladder)).not.toHaveProperty('trials');
        expect(baselineOf({ ...unsaid, semitones: -7 }, ladder)?.tunings[0]?.pitches).toEqual(['G2', 'D2']);
        expect(baselineOf({ ...unsaid, semitones: -12 }, ladder)).toBeNull();
    });
});

test('a conversion is asked for once all of it is said', () => {
    const wish = usualWish(document.tunings, 650, ladder, units);
    expect(wish.pitch).toBe('E2');
    expect(askedOf({ ...wish, semitones: '5' }, units).asked).toEqual({ to: 'lower', semitones: 5 });
    expect(askedOf({ ...wish, to: 'baritone', semitones: '2.5' }, units).missing).toContain('1 to 12');
    expect(askedOf({ ...wish, to: 'scale', length: '27 in' }, units).asked).toEqual({
        to: 'scale',
        length_mm: 685.8,
        semitones: 0,
    });
    expect(askedOf({ ...wish, to: 'baritone' }, units).asked).toEqual({ to: 'baritone', length_mm: 685.8, semitones: 5 });
    expect(askedOf({ ...wish, to: 'scale', length: 'long' }, units).missing).toContain('length of the scale');
    expect(askedOf({ ...wish, to: 'several' }, units).missing).toContain('other tunings');
    expect(askedOf({ ...wish, to: 'add-lower', pitch: '' }, units).missing).toContain('such as B1');
});

describe('lanes', () => {
    test('ticks that would break are marked, the chosen one is always labelled', () => {
        const axis = { x: (newtons: number) => newtons, newtonsAt: (x: number) => x, width: 200, marks: [] };
        const choice = (gauge_in: number, tensionN: number, safe_n: number) =>
            ({ construction: 'plain', material: 'music-wire', gauge_in, tensionN, safe_n }) as const;
        const pool = [choice(0.01, 50, 60), choice(0.0105, 56, 66), choice(0.011, 75, 70), choice(0.02, 300, 400)];
        const ticks = ticksOf(pool, axis, pool[1], units, '');
        expect(ticks.map(({ x, breaks }) => [x, breaks])).toEqual([
            [50, false],
            [56, false],
            [75, true],
        ]);
        expect(ticks.map(({ label }) => label)).toEqual([null, '10.5', null]);
    });

    test('the axis holds still while everything stands well on it', () => {
        expect(staysFitting([40, 100], [50, 110], [60, 85], units)).toBe(true);
        expect(staysFitting([40, 100], [50, 110], [60, 97], units)).toBe(false);
        expect(staysFitting([40, 100], [30, 90], [42, 80], units)).toBe(false);
        expect(staysFitting([0, 200], [20, 60], [25, 45], units)).toBe(false);
    });
});

test('what a finding measured is read in its own unit', () => {
    expect(findingFigure(88.96, 'N', { ...units, tension: 'lbf' })).toBe('20.0 lbf');
    expect(findingFigure(0.254, 'mm', units)).toBe('0.25 mm');
    expect(findingFigure(0.254, 'mm', { ...units, length: 'in' })).toBe('0.01 in');
    expect(findingFigure(0.731, 'share', units)).toBe('73 %');
    expect(findingFigure(-0.061, 'change', units)).toBe('−6 %');
    expect(findingFigure(9.94, 'deg', units)).toBe('9.9°');
});

describe('keys', () => {
    const key = (pressed: Partial<KeyboardEvent>) =>
        pressedKeys({ key: '', ctrlKey: false, metaKey: false, shiftKey: false, altKey: false, ...pressed });

    test('are written alike on every keyboard', () => {
        expect(key({ key: 'Z', ctrlKey: true, shiftKey: true })).toBe('mod+shift+z');
        expect(key({ key: 's', metaKey: true })).toBe('mod+s');
        expect(key({ key: '?', shiftKey: true })).toBe('?');
        expect(key({ key: '?' })).toBe('?');
        expect(key({ key: 'PageUp', shiftKey: true })).toBe('shift+pageup');
        expect(keysLabel('mod+shift+z')).toBe('Ctrl Shift Z');
        expect(keysLabel('shift+pagedown')).toBe('Shift Page Down');
    });
});

describe('sound', () => {
    const tone = {
        pitch: 'A2',
        partials: [
            { hz: 110, amplitude: 0.7, decay_s: 0.5 },
            { hz: 30_000, amplitude: 0.3, decay_s: 1 },
        ],
    };

    test('each partial is a sine that dies away; what lies beyond the rate is left out', () => {
        const rate = 8000;
        const samples = new Float32Array(4000);
        addTone(samples, tone, rate, 0, 1);
        for (const at of [1, 7, 300, 3999]) {
            const expected = 0.7 * Math.exp(-at / (0.5 * rate)) * Math.sin((2 * Math.PI * 110 * at) / rate);
            expect(samples[at]).toBeCloseTo(expected, 5);
        }
    });

    test('a strum begins string after string, never overdriven, and ends in silence', () => {
        const loud = { pitch: 'A2', partials: [{ hz: 110, amplitude: 1, decay_s: 5 }] };
        const samples = strummed([loud, loud, loud], 8000, 1, 0.1);
        expect(samples).toHaveLength(8000 * 1.2);
        expect(samples.reduce((most, each) => Math.max(most, Math.abs(each)), 0)).toBeCloseTo(0.9, 5);
        expect(Math.abs(samples.at(-1) ?? 1)).toBeLessThan(0.003);
    });
});
