import { describe, expect, test } from 'vitest';
import { familyOfTyped } from '../../resources/js/bench/design/typedFamily';
import { withNames } from '../../resources/js/bench/design/names';
import type { PoolGauge, SetDocument } from '../../resources/js/generated/formats';
import type { PitchLadder } from '../../resources/js/units/pitch';
import { otherUnitOf, readGauge, readLength, readNumber, readSigned, readTension } from '../../resources/js/units/typed';
import type { Units } from '../../resources/js/units/units';
import spellings from '../fixtures/spellings.json';

const MM_PER_THOU = 0.0254;

// The core reads the same table: tests/Core/Typed/SpellingsTest.php.
describe('the table of spellings', () => {
    test.each(spellings.gauges as [string, Units['gauge'], number | null, string | null][])(
        'gauge “%s” in %s',
        (typed, gauge, thousandths, made) => {
            const read = readGauge(typed, { gauge });
            if (thousandths === null) {
                expect(read).toBeNull();
                return;
            }
            const { gauge: value } = read ?? { gauge: { gauge_in: NaN } };
            const inThousandths = 'gauge_in' in value ? value.gauge_in * 1000 : value.gauge_mm / MM_PER_THOU;
            expect(inThousandths).toBeCloseTo(thousandths, 9);
            expect(read?.made).toBe(made);
        },
    );

    test.each(spellings.lengths as [string, Units['length'], number | null][])('length “%s” in %s', (typed, length, mm) => {
        if (mm === null) {
            expect(readLength(typed, { length })).toBeNull();
        } else {
            expect(readLength(typed, { length })).toBeCloseTo(mm, 9);
        }
    });

    test.each(spellings.tensions as [string, Units['tension'], number | null][])(
        'tension “%s” in %s',
        (typed, tension, newtons) => {
            if (newtons === null) {
                expect(readTension(typed, { tension })).toBeNull();
            } else {
                expect(readTension(typed, { tension })).toBeCloseTo(newtons, 9);
            }
        },
    );
});

describe('figures', () => {
    test('gauges keep the unit they were typed in, to the last digit', () => {
        expect(readGauge('10,5', { gauge: 'thou' })?.gauge).toEqual({ gauge_in: 0.0105 });
        expect(readGauge('0.28 mm', { gauge: 'thou' })?.gauge).toEqual({ gauge_mm: 0.28 });
        expect(readGauge('26w', { gauge: 'thou' })?.gauge).toEqual({ gauge_in: 0.026 });
    });

    test.each([
        ['3', 3],
        ['3,5', 3.5],
        ['1½', 1.5],
        ['three', null],
        ['', null],
    ] as const)('number “%s”', (typed, value) => expect(readNumber(typed)).toBe(value));

    test('signs below 0 are read either way', () => {
        expect(['-3', '−3', '+3', '3', '--3'].map(readSigned)).toEqual([-3, -3, 3, 3, null]);
    });

    test('a scale that can only be meant in the other unit is asked about', () => {
        expect(otherUnitOf('25.5', { length: 'mm' })).toEqual({ words: '25.5 in', mm: 647.7 });
        expect(otherUnitOf('648', { length: 'in' })).toEqual({ words: '648 mm', mm: 648 });
        expect(otherUnitOf('648', { length: 'mm' })).toBeNull();
        expect(otherUnitOf('25.5 in', { length: 'mm' })).toBeNull();
        expect(otherUnitOf('1', { length: 'mm' })).toBeNull();
    });
});

describe('what a string becomes by a typed gauge', () => {
    const plain = { construction: 'plain', material: 'music-wire' } as const;
    const bronze = { construction: 'round-wound', material: 'phosphor-bronze' } as const;
    const gauges = (family: typeof plain | typeof bronze, ...thou: number[]) =>
        thou.map((each) => ({ ...family, gauge_in: each / 1000 }) as PoolGauge);
    const pool = [...gauges(plain, 9, 17, 26), ...gauges(bronze, 17, 56)];
    const become = (present: typeof plain | typeof bronze, typed: string) => {
        const read = readGauge(typed, { gauge: 'thou' });
        return read && familyOfTyped(present, read.gauge, read.made, [plain, bronze], pool);
    };

    test('it stays what it is as long as there are such strings', () => {
        expect(become(plain, '22')).toEqual(plain);
        expect(become(bronze, '22')).toEqual(bronze);
    });

    test('where no plain string is so thick it is wound, as the others of the set', () => {
        expect(become(plain, '42')).toEqual(bronze);
        expect(become(bronze, '10')).toEqual(plain);
    });

    test('beyond every gauge there is it stays', () => {
        expect(become(plain, '120')).toEqual(plain);
    });

    test('it is made as it says', () => {
        expect(become(plain, '26w')).toEqual(bronze);
        expect(become(bronze, '17p')).toEqual(plain);
        expect(become(bronze, '45 flat')).toEqual({ construction: 'flatwound', material: 'phosphor-bronze' });
    });
});

describe('names that follow', () => {
    const ladder: PitchLadder = Array.from({ length: 128 }, (_, note) => {
        const octave = Math.floor(note / 12) - 1;
        const sharp = ['C', 'C#', 'D', 'D#', 'E', 'F', 'F#', 'G', 'G#', 'A', 'A#', 'B'][note % 12] ?? '';
        const flat = ['C', 'Db', 'D', 'Eb', 'E', 'F', 'Gb', 'G', 'Ab', 'A', 'Bb', 'B'][note % 12] ?? '';
        return [`${sharp}${octave}`, `${flat}${octave}`];
    });
    const named = withNames(ladder, { '43 38': 'High two', '41 36': 'Low two' });
    const document = (name: string, tuning: string, pitches: string[]) =>
        ({ name, instrument: { name: 'Ketch' }, tunings: [{ name: tuning, pitches }] }) as unknown as SetDocument;
    const before = document('Ketch, High two', 'High two', ['G2', 'D2']);

    test('notes that are a tuning carry its name, and a name that was made follows it', () => {
        const after = named(before, document('Ketch, High two', '', ['F2', 'C2']));
        expect(after.tunings[0]?.name).toBe('Low two');
        expect(after.name).toBe('Ketch, Low two');
    });

    test('notes without a name are called by themselves', () => {
        expect(named(before, document('Ketch, High two', '', ['F#2', 'C2'])).name).toBe('Ketch, C F♯');
    });

    test('a name that was typed stays', () => {
        const mine = document('For the harbour', 'High two', ['G2', 'D2']);
        expect(named(mine, document('For the harbour', '', ['F2', 'C2'])).name).toBe('For the harbour');
    });
});
