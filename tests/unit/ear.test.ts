import { describe, expect, test } from 'vitest';
import { Ear } from '../../resources/js/devices/tuner/ear';
import type { Hearing, Listened } from '../../resources/js/devices/tuner/listened';
import { add, hollow, hum, known, LEAD, pluckOf, RATE, room, rumble, SETS, speech, type Strung } from './scenes';

/** As much as the sound thread hands over at once. */
const BLOCK = 128;

const cents = (hz: number, of: number) => 1200 * Math.log2(hz / of);

function heard(sound: Float32Array, strings: readonly Listened[], wanted: number | null = null): (Hearing & { at: number })[] {
    const ear = new Ear(RATE);
    ear.listenFor(strings, wanted);
    const all: (Hearing & { at: number })[] = [];
    for (let at = 0; at + BLOCK <= sound.length; at += BLOCK) {
        const hearing = ear.hear(sound.subarray(at, at + BLOCK));
        if (hearing !== null) {
            all.push({ ...hearing, at: (at + BLOCK) / RATE - LEAD });
        }
    }
    return all;
}

const sure = (all: (Hearing & { at: number })[]) => all.flatMap((each) => (each.kind === 'string' && each.sure ? [each] : []));
const NOBODY: Strung = ['', 1, 1, 1, 1];
const setOf = (name: string): readonly Strung[] => SETS[name] ?? [];

/** A string of a set, plucked in a room; `around` adds what else sounds. */
function scene(name: string, index: number, seed: number, around: (sound: Float32Array) => Float32Array = (sound) => sound) {
    const strung = setOf(name)[index] ?? NOBODY;
    const pluck = pluckOf(strung, seed);
    return { all: heard(add(around(room(seed)), pluck.sound, LEAD), known(setOf(name))), hz: pluck.hz, position: index + 1 };
}

/** It is that string, soon and right, and never another. */
function expectHeard({ all, hz, position }: ReturnType<typeof scene>, withinCents = 2): void {
    const readings = sure(all);
    expect(readings[0]?.at).toBeLessThan(1.5);
    for (const reading of readings) {
        expect(reading.position).toBe(position);
        expect(Math.abs(cents(reading.hz, hz))).toBeLessThan(withinCents);
    }
}

describe('a string that is plucked', () => {
    test.each([
        ['bass', 4],
        ['bass', 2],
        ['guitar', 5],
        ['guitar', 2],
        ['guitar', 0],
        ['high', 0],
        ['nylon', 0],
        ['nylon', 5],
    ])('is known and read: %s, string %i', (name, index) => expectHeard(scene(name, index, 1)));

    test('is read through hum that was there before, and in the noise of a room', () => {
        expectHeard(scene('bass', 2, 3, (sound) => add(sound, hum(50, -40, 2.7), 0)));
        expectHeard(scene('guitar', 4, 4, (sound) => add(sound, hum(120, -40, 2.7), 0)));
        expectHeard(scene('guitar', 5, 5, (sound) => add(sound, rumble(5, -50, 2.7), 0)));
    });

    test('is read beside another that rings on', () => {
        const other = pluckOf(setOf('guitar')[3] ?? NOBODY, 60).sound.subarray(Math.round(0.3 * RATE));
        expectHeard(scene('guitar', 4, 6, (sound) => add(sound, other, 0.1, -12)));
    });

    test('is read where its fundamental is hardly there', () => {
        const [, hz] = setOf('bass')[4] ?? ['', 1];
        const pluck = pluckOf(setOf('bass')[4] ?? NOBODY, 7);
        expect(Math.abs(cents(pluck.hz, hz))).toBeLessThan(61);
        const all = heard(add(room(7), hollow(pluck.sound, pluck.hz, -26), LEAD), known(setOf('bass')));
        expectHeard({ all, hz: pluck.hz, position: 5 });
    });

    test('far from its pitch it is looked for from where it stands', () => {
        const strings = known(setOf('guitar'));
        const far: Listened[] = strings.map((each) =>
            each.position === 6 ? { ...each, hz: each.hz * 2 ** (500 / 1200), about: -500 } : each,
        );
        const pluck = pluckOf(setOf('guitar')[5] ?? NOBODY, 2);
        const readings = sure(heard(add(room(2), pluck.sound, LEAD), far));
        expect(readings[0]?.position).toBe(6);
        expect(Math.abs((readings[0]?.cents ?? 0) - cents(pluck.hz, far[5]?.hz ?? 1))).toBeLessThan(2);
    });

    test('of two alike it asks which, unless one of them has its turn', () => {
        const strings = known([setOf('guitar')[0] ?? NOBODY, setOf('guitar')[0] ?? NOBODY]);
        const pluck = pluckOf(setOf('guitar')[0] ?? NOBODY, 8);
        const sound = add(room(8), pluck.sound, LEAD);
        const asked = heard(sound, strings);
        expect(sure(asked)).toEqual([]);
        expect(asked.filter(({ kind }) => kind === 'between').length).toBeGreaterThan(5);
        expect(sure(heard(sound, strings, 2))[0]?.position).toBe(2);
    });
});

describe('what is no open string', () => {
    test.each([
        [2, 'guitar', 5],
        [3, 'guitar', 5],
        [4, 'bass', 0],
        [2, 'bass', 1],
    ] as const)('a harmonic at the 1/%i of a string is said and never written down: %s, string %i', (every, name, index) => {
        const pluck = pluckOf(setOf(name)[index] ?? NOBODY, 0, every);
        const all = heard(add(room(9), pluck.sound, LEAD), known(setOf(name)));
        expect(sure(all)).toEqual([]);
        expect(all.filter((each) => each.kind === 'harmonic' || each.kind === 'between').length).toBeGreaterThan(3);
    });

    test.each([
        [50, 'bass'],
        [60, 'bass'],
        [100, 'guitar'],
        [120, 'guitar'],
    ])('hum of %i Hz that begins while one listens is said as such: %s', (mains, name) => {
        const all = heard(add(room(1, 5), hum(mains, -26, 4), 0.9), known(setOf(name)));
        expect(sure(all)).toEqual([]);
        expect(all.flatMap((each) => (each.kind === 'hum' ? [each.hz] : []))).toContain(
            mains === 100 ? 50 : mains === 120 ? 60 : mains,
        );
    });

    test('speech, a noisy room and silence are no strings', () => {
        for (const seed of [1, 2, 3]) {
            expect(sure(heard(add(room(seed, 5), speech(seed, -26, 4), 0.8), known(setOf('guitar'))))).toEqual([]);
            expect(sure(heard(rumble(seed, -30, 4), known(setOf('bass'))))).toEqual([]);
        }
        const silent = heard(new Float32Array(2 * RATE), known(setOf('guitar')));
        expect(new Set(silent.map(({ kind }) => kind))).toEqual(new Set(['silence']));
        expect(silent.length).toBeGreaterThan(2 * 20);
    });

    test('a harmonic of few partials that lies on another string’s pitch is not written down as that string', () => {
        for (const [index, seed, every] of [
            [4, 0, 3],
            [5, 2, 3],
            [5, 2, 4],
        ] as const) {
            const pluck = pluckOf(setOf('nylon')[index] ?? NOBODY, seed, every);
            expect(sure(heard(add(room(seed), pluck.sound, LEAD), known(setOf('nylon'))))).toEqual([]);
        }
    });

    test('a harmonic that is not listened for may be a stopped string', () => {
        const stopped = known(setOf('guitar')).map(({ position, hz, stiffness }) => ({
            position,
            hz: 2 * hz,
            stiffness: { low: 4 * stiffness.low, estimate: 4 * stiffness.estimate, high: 4 * stiffness.high },
            fret: 12,
        }));
        const [, hz, stiffness, rings, dull] = setOf('guitar')[4] ?? NOBODY;
        const pluck = pluckOf(['A3', 2 * hz, 4 * stiffness, rings / 2, dull], 3);
        const [reading] = sure(heard(add(room(3), pluck.sound, LEAD), stopped, 5));
        expect([reading?.position, reading?.fret]).toEqual([5, 12]);
        expect(Math.abs(cents(reading?.hz ?? 1, pluck.hz))).toBeLessThan(2);
    });
});
