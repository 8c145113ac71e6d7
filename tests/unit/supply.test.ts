import type { DrawerString, Plan } from '../../resources/js/generated/views';
import { describe, expect, test } from 'vitest';
import { stepped, seeded } from '../../resources/js/devices/reading';
import { differenceWords, fileWords } from '../../resources/js/strings/lists/importing';
import { isLow, shownKinds } from '../../resources/js/strings/drawer/lots';
import { percentOff, readFigure, readingsOf } from '../../resources/js/strings/measured/sample';
import { lineWords, planWords } from '../../resources/js/strings/orders';
import { NO_FILTERS, price, queryOf } from '../../resources/js/strings/supply';

describe('looking for strings', () => {
    test('only what was said is asked for, gauges in inches', () => {
        const inches = (typed: string) => (typed === '' ? null : Number(typed) / 1000);
        expect(queryOf(NO_FILTERS, inches)).toBe('');
        expect(queryOf({ ...NO_FILTERS, words: ' flat 46 ', from: '40', drawer: true, order: 'price' }, inches)).toBe(
            'for=flat+46&from=0.04&order=price&drawer=1',
        );
        expect(price(195, 'EUR')).toBe('1.95 EUR');
        expect(price(null, 'EUR')).toBe('–');
    });
});

describe('a list on its way in', () => {
    test('says what it is and what it would change', () => {
        const preview = {
            id: 1,
            original: 'a.csv',
            encoding: 'UTF-8',
            delimiter: '\t',
            header: ['a', 'b'],
            rows: [],
            remembered: false,
        };
        const mapping = { columns: {}, units: {}, construction: null, material: null };
        expect(fileWords({ ...preview, mapping })).toBe('2 columns separated by tabs, written in UTF-8');
        const none = { added: 0, changed: 0, same: 0, gone: 0, changes: [], gone_codes: [] };
        expect(differenceWords({ ...none, added: 2, gone: 1 })).toBe('2 new, 1 no longer listed.');
        expect(differenceWords(none)).toBe('Nothing can be taken from it.');
    });
});

describe('the drawer', () => {
    const kind = (quantity: number, least: number | null, note = '', kept = 0): DrawerString => ({
        construction: 'plain',
        material: 'music-wire',
        gauge_nm: 279_400,
        quantity,
        kept,
        least,
        lots: [{ id: 1, name: 'Bright 11', end: null, quantity, kept, cents: null, note, since: '2026-01-01', ball_colour: '' }],
    });

    test('tells what runs low, and finds by lots and notes', () => {
        expect([isLow(kind(2, 3)), isLow(kind(3, 3)), isLow(kind(0, null)), isLow(kind(3, 3, '', 1))]).toEqual([
            true,
            false,
            false,
            true,
        ]);
        const all = [kind(2, 3, 'from the tour'), kind(9, null)];
        expect(shownKinds(all, 'TOUR', false, () => 'x')).toEqual([all[0]]);
        expect(shownKinds(all, '', true, () => 'x')).toEqual([all[0]]);
        expect(shownKinds(all, 'bright y', false, () => 'y')).toHaveLength(2);
    });
});

describe('measuring a string', () => {
    test('a figure carries what its last digit stands for', () => {
        expect(readFigure('6.80 g')).toEqual({ value: 6.8, resolution: 0.01 });
        expect(readFigure('1000')).toEqual({ value: 1000, resolution: 1 });
        expect(readFigure('9,4')?.resolution).toBeCloseTo(0.1, 12);
        expect(readFigure('2.00 kg')?.value).toBeCloseTo(19.6133, 9);
        expect([readFigure('heavy'), readFigure(''), readFigure('0')]).toEqual([null, null, null]);
    });

    test('readings are whole or none', () => {
        const draft = { method: 'weighed' as const, mass: '6.80', length: '1000', load: '', frequency: '' };
        expect(readingsOf(draft)).toEqual({ length_mm: 1000, length_resolution_mm: 1, mass_g: 6.8, mass_resolution_g: 0.01 });
        expect(readingsOf({ ...draft, length: '' })).toBeNull();
        expect(readingsOf({ ...draft, method: 'sounded', load: '94.1' })).toBeNull();
        expect(readingsOf({ ...draft, method: 'sounded', load: '94.1', frequency: '98.0' })).toMatchObject({
            load_n: 94.1,
            frequency_hz: 98,
            frequency_resolution_hz: 0.1,
        });
        expect([percentOff(1.013), percentOff(0.98)]).toEqual(['+1.3 %', '−2.0 %']);
    });

    test('a simulated scale shows whole steps around what lies on it', () => {
        const random = seeded(3);
        const shown = Array.from({ length: 500 }, () => stepped(6.804, 0.01, 0.008, random));
        expect(shown.every((value) => Math.abs(value * 100 - Math.round(value * 100)) < 1e-6)).toBe(true);
        expect(shown.reduce((sum, value) => sum + value, 0) / shown.length).toBeCloseTo(6.804, 2);
    });
});

describe('an order', () => {
    const plan: Plan = {
        needed: 12,
        drawer: [],
        missing: [],
        orders: [],
        total_cents: 10_000,
        currency: 'EUR',
        currencies: ['EUR'],
        at_least_cents: 9500,
        proven: true,
        over: 1,
        otherwise: [
            { what: 'with single strings only', cents: 11_710 },
            { what: 'all from Fathom', cents: 10_000 },
        ],
    };

    test('says what it is and why', () => {
        expect(lineWords({ kind: 'box', code: 'x', name: 'Bright 10', strings: 10, count: 2, cents: 1 })).toBe(
            '2 × Bright 10, box of 10',
        );
        expect(planWords(plan)).toEqual([
            'No other mix of singles, boxes, packaged sets and parcels costs less.',
            'It would cost 117.10 EUR with single strings only: 17.10 EUR more.',
            '1 more than needed come along and go into the drawer.',
        ]);
        expect(planWords({ ...plan, proven: false, over: 0, otherwise: [] })).toEqual([
            'This is the cheapest that was found in the time there is; none costs less than 95.00 EUR.',
        ]);
    });
});
