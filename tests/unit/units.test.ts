import { describe, expect, test } from 'vitest';
import { pitchLabel, pitchName, stepped, tuningLabel, type PitchLadder } from '../../resources/js/units/pitch';
import { formatGauge, formatShare, formatTension, formatTensionChange, type Units } from '../../resources/js/units/units';

const metric: Units = { length: 'mm', gauge: 'thou', tension: 'N' };
const imperial: Units = { length: 'in', gauge: 'thou', tension: 'lbf' };
const fine: Units = { length: 'mm', gauge: 'mm', tension: 'kgf' };

describe('gauges', () => {
    test('are written without needless digits', () => {
        expect([0.011, 0.0105, 0.1].map((inches) => formatGauge(inches, metric))).toEqual(['11', '10.5', '100']);
        expect(formatGauge(0.011, fine)).toBe('0.279');
    });
});

describe('tensions', () => {
    test('show no more digits than their bounds earn', () => {
        expect(formatTension(73.26, 69.6, 76.9, metric)).toBe('73 N');
        expect(formatTension(61.71, 61.5, 61.9, metric)).toBe('61.7 N');
        expect(formatTension(73.26, 69.6, 76.9, imperial)).toBe('16 lbf');
        expect(formatTension(9.80665, 9.8, 9.81, fine)).toBe('1.00 kgf');
    });

    test('a change shows the digits that the tension earns', () => {
        expect(formatTensionChange(1.03, 60.6, 62.8, metric)).toBe('+1 N');
        expect(formatTensionChange(-0.3, 60.6, 62.8, metric)).toBe('±0 N');
        expect(formatTensionChange(-5.2, 62.7, 69.3, imperial)).toBe('−1 lbf');
        expect(formatTensionChange(-5.24, 62.7, 62.9, metric)).toBe('−5.2 N');
    });

    test('changes have a real sign', () => {
        expect([0.034, -0.07, 0.001].map(formatShare)).toEqual(['+3 %', '−7 %', '±0 %']);
    });
});

describe('pitches', () => {
    const ladder: PitchLadder = [
        ['D3', 'D3'],
        ['D#3', 'Eb3'],
        ['E3', 'E3'],
        ['F3', 'F3'],
    ];

    test('are read and shown with their signs', () => {
        expect(pitchName(' e♭3 ')).toBe('Eb3');
        expect(pitchName('f♯2')).toBe('F#2');
        expect(['Eb3', 'Ebb3', 'C#4', 'B2'].map(pitchLabel)).toEqual(['E♭3', 'E♭♭3', 'C♯4', 'B2']);
    });

    test('step along the ladder, flats staying flats', () => {
        expect(stepped(ladder, 1, 'D3')).toBe('Eb3');
        expect(stepped(ladder, 1, 'D#3')).toBe('E3');
        expect(stepped(ladder, 0, 'D#3')).toBe('D#3');
        expect(stepped(ladder, 1, 'F3')).toBeNull();
        expect(stepped(ladder, 1, 'none')).toBeNull();
        expect(stepped(ladder, 1, 'D##3')).toBe('F3');
        expect(stepped(ladder, -1, 'Fb3')).toBe('Eb3');
    });

    test('a tuning without a name is called by its notes', () => {
        expect(tuningLabel({ name: '', pitches: ['D4', 'A3', 'Gb3', 'D3'] })).toBe('D G♭ A D');
        expect(tuningLabel({ name: 'Open D', pitches: ['D4'] })).toBe('Open D');
    });
});
