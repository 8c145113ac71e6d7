import { expect, test } from 'vitest';
import type { Hearing } from '../../resources/js/devices/tuner/listened';
import { centsWords, hearingWords, isOdd, knobWords, listenedFor, stoppedAt } from '../../resources/js/devices/tuner/heard';
import { typedCents } from '../../resources/js/units/cents';

const string = (position: number, sure = true): Hearing => ({ kind: 'string', position, fret: 0, hz: 110, cents: 4, sure });
const words = (heard: Hearing | null, wanted: number | null = null) =>
    hearingWords(heard, ({ cents, sure }) => `${cents}${sure ? '' : '?'}`, wanted);

test('what is heard is said, and what is no string is said instead of a figure', () => {
    expect([words(null), words({ kind: 'silence' }), words(string(5)), words(string(5, false))]).toEqual([
        'Nothing sounds.',
        'Nothing sounds.',
        '4',
        '4?',
    ]);
    expect(words({ kind: 'beginning' })).toBe('Listening…');
    expect(words({ kind: 'between', positions: [3, 4] })).toContain('String 3 or 4?');
    expect(words({ kind: 'harmonic', position: 6, every: 3 })).toContain('harmonic of string 6: every third partial');
    expect(words({ kind: 'hum', hz: 50 })).toBe('Hum at 50 Hz.');
    expect(words({ kind: 'noise' })).toBe('Too much else sounds.');
    expect(words(string(5), 6)).toBe('That sounds like string 5, not string 6. Is it the right tuner?');
});

test('what is wrong is said louder, what only has not begun is not', () => {
    const odd: Hearing[] = [{ kind: 'harmonic', position: 6, every: 2 }, { kind: 'hum', hz: 60 }, string(5)];
    expect(odd.map((heard) => isOdd(heard, 6))).toEqual([true, true, true]);
    expect([isOdd(string(6), 6), isOdd(string(5), null), isOdd({ kind: 'noise' }, 6), isOdd(null, 6)]).toEqual([
        false,
        false,
        false,
        false,
    ]);
});

test('a string is listened for from where it stands; stopped at the 12th it is an octave up and four times as stiff', () => {
    const stiffness = { low: 1e-4, estimate: 2e-4, high: 3e-4 };
    expect(listenedFor({ position: 2, hz: 110, stiffness }, -12)).toEqual({
        position: 2,
        hz: 110,
        stiffness,
        about: -12,
        touched: true,
    });
    expect(listenedFor({ position: 2, hz: 110, stiffness: null }, null).stiffness.high).toBeLessThan(1e-4);
    expect(stoppedAt({ position: 2, hz: 110, stiffness }, 12)).toEqual({
        position: 2,
        hz: 220,
        stiffness: { low: 4e-4, estimate: 8e-4, high: 12e-4 },
        fret: 12,
    });
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
