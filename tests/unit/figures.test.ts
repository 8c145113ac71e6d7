import { describe, expect, it, test } from 'vitest';
import { notesOf } from '../../resources/js/bench/convert/conversion';
import { SENTENCES } from '../../resources/js/generated/words';
import { fixed } from '../../resources/js/units/figures';
import { filled, sentenceOf } from '../../resources/js/units/sentences';
import {
    fineLength,
    formatForce,
    formatGive,
    formatGauge,
    formatLength,
    formatShare,
    formatTension,
    type Units,
} from '../../resources/js/units/units';
import cases from '../fixtures/figures.json';

const READERS: Units[] = [
    { length: 'mm', gauge: 'thou', tension: 'N' },
    { length: 'in', gauge: 'thou', tension: 'lbf' },
    { length: 'mm', gauge: 'mm', tension: 'kgf' },
];
const [metric, imperial, fine] = READERS as [Units, Units, Units];

describe('figures are written as the server writes them', () => {
    it.each(cases.gauge as [number, string, string][])('a gauge of %f in', (inches, thou, mm) => {
        expect([formatGauge(inches, metric), formatGauge(inches, fine)]).toEqual([thou, mm]);
    });

    it.each(cases.length as [number, string, string][])('a length of %f m', (metres, mm, inches) => {
        expect([formatLength(metres * 1000, metric), formatLength(metres * 1000, imperial)]).toEqual([mm, inches]);
    });

    it.each(cases.fine as [number, number, string, string][])('a small length of %f m', (metres, decimals, mm, inches) => {
        const written = (units: Units) => fineLength(metres * 1000, units, decimals);
        expect([written(metric), written(imperial)]).toEqual([mm, inches]);
    });

    it.each(cases.tension as [number, number, string, string, string][])(
        '%f N, unsure by %f',
        (newtons, tolerance, ...expected) => {
            const written = (units: Units) => formatTension(newtons, newtons * (1 - tolerance), newtons * (1 + tolerance), units);
            expect(READERS.map(written)).toEqual(expected);
        },
    );

    it.each(cases.force as [number, string, string, string][])('%f N in a sentence', (newtons, ...expected) => {
        expect(READERS.map((units) => formatForce(newtons, units))).toEqual(expected);
    });

    it.each(cases.change as [number, string][])('a change of %f', (share, expected) => {
        expect(formatShare(share)).toBe(expected);
    });

    it.each(cases.sentences as [string, Record<string, number | string>, string[]][])('%s', (sentence, parameters, expected) => {
        expect(READERS.map((units) => filled(sentence, parameters, units))).toEqual(expected);
    });

    it('how much something gives is said by the reader’s own units', () => {
        expect(formatGive(4.3, { length: 'mm', gauge: 'thou', tension: 'N' })).toBe('4.30 µm for each newton');
        expect(formatGive(4.3, { length: 'mm', gauge: 'mm', tension: 'kgf' })).toBe('42.17 µm for each kilogram');
        expect(formatGive(4.3, { length: 'in', gauge: 'thou', tension: 'lbf' })).toBe(
            '0.75 thousandths of an inch for each pound',
        );
    });

    it('halves go away from zero as decimals have them, and there is no negative nothing', () => {
        expect([fixed(2.035, 2), fixed(-2.035, 2), fixed(1.005, 2), fixed(-0.04, 1)]).toEqual(['2.04', '-2.04', '1.01', '0.0']);
    });
});

describe('a sentence', () => {
    it('that is not known here is said as it came', () => {
        expect(sentenceOf({ code: 'from-tomorrow', message: 'As it came.', parameters: {} }, imperial)).toBe('As it came.');
    });

    it('is there for every code, with parts and places that can be read', () => {
        expect(Object.keys(SENTENCES)).toContain('too-slack');
        for (const sentence of Object.values(SENTENCES)) {
            expect(filled(sentence, {}, metric)).not.toMatch(/[{}[\]|]/);
        }
    });
});

test('what a conversion says is kept in the units of whoever converts', () => {
    const said = (code: string, parameters: Record<string, number | string>) => ({ code, message: '', parameters });
    const reasons = [said('together-pull', { tension_n: 402, before_n: 394 })];
    const doubts = [said('neck-too-short', { neck_mm: 610 })];
    expect(notesOf({ reasons, doubts }, imperial)).toBe(
        'As it was first made:\nTogether they pull 90.4 lbf instead of 88.6 lbf.\nAgainst it: 24.0 in is short for a baritone so low.',
    );
});
