import { expect, test } from 'vitest';
import type { Reading } from '../../resources/js/devices/tuner/source';
import { centsWords, knobWords, oddity, steady, whichString } from '../../resources/js/tuning/heard';
import { typedCents } from '../../resources/js/units/cents';

const PITCHES = [329.63, 246.94, 196, 146.83, 110, 82.41];
const off = (hz: number, cents: number) => hz * 2 ** (cents / 1200);
const readings = (...hz: number[]): Reading[] => hz.map((each, index) => ({ hz: each, certainty: 0.97, at: index * 23 }));

test('a pitch stands once enough readings agree, and only sure ones', () => {
    expect(steady(readings(110, 110.1, 110))).toBeNull();
    expect(steady(readings(110, 110.1, 110, 110.05, 110.1))).toBeCloseTo(110.05, 5);
    expect(steady(readings(110, 110.1, 112, 110.05, 110.1))).toBeNull();
    const unsure = readings(110, 110, 110, 110, 110).map((each, index) => (index === 2 ? { ...each, certainty: 0.5 } : each));
    expect(steady(unsure)).toBeNull();
});

test('a string is known by itself, unless none is near or two are', () => {
    expect(whichString(off(110, -180), PITCHES)).toBe(5);
    expect(whichString(off(329.63, 300), PITCHES)).toBe(1);
    expect(whichString(40, PITCHES)).toBe(0);
    // Two alike, as in a course: not to be told apart.
    expect(whichString(196, [196, 196.5])).toBe(0);
});

test('an octave, and a neighbour’s pitch, are noticed; a string on its way is not', () => {
    expect(oddity(off(82.41, 1190), 6, 0, PITCHES)).toContain('an octave above where string 6 stands');
    expect(oddity(off(82.41, -1210), 6, 0, PITCHES)).toContain('an octave below');
    expect(oddity(off(110, 20), 6, -50, PITCHES)).toContain('like string 5, not string 6');
    expect(oddity(off(82.41, -140), 6, 0, PITCHES)).toBeNull();
    expect(oddity(100, 9, 0, PITCHES)).toBeNull();
});

test('cents and hertz are read as they are typed', () => {
    expect(typedCents('−12', 110)).toBe(-12);
    expect(typedCents('+3,5 cents', 110)).toBe(3.5);
    expect(typedCents('109 Hz', 110)).toBeCloseTo(-15.81, 2);
    expect([typedCents('flat', 110), typedCents('0 Hz', 110), typedCents('9000', 110)]).toEqual([null, null, null]);
    expect([centsWords(12.4), centsWords(-0.4), centsWords(-31.6)]).toEqual(['+12', '0', '−32']);
});

test('turns of the knob are said no finer than a hand turns', () => {
    expect([knobWords(0.01), knobWords(0.05), knobWords(-0.26), knobWords(0.7), knobWords(-2.1)]).toEqual([
        'a touch',
        'about 1/20 of a turn up',
        'about 1/4 of a turn down',
        'about ¾ of a turn up',
        'about 2 turns down',
    ]);
});
