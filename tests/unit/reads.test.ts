import { expect, test } from 'vitest';
import { readingsTyped } from '../../resources/js/devices/tuner/shown';
import { canBeMeant } from '../../resources/js/tuning/reads';

const near = (typed: string, hz: number, expected: number[]) => {
    const read = readingsTyped(typed, hz);
    expect(read).toHaveLength(expected.length);
    read?.forEach((each, index) => expect(each).toBeCloseTo(expected[index] ?? NaN, 6));
};
const cents = (hz: number, by: number) => hz * 2 ** (by / 1200);

test('what a tuner shows is read in hertz or cents, one or several', () => {
    near('164.9', 164.81, [164.9]);
    near('132.6 132.5 133.9', 130.81, [132.6, 132.5, 133.9]);
    near('+8', 164.81, [cents(164.81, 8)]);
    near('−3,5 c', 164.81, [cents(164.81, -3.5)]);
    near('8 cents; 7 ct', 164.81, [cents(164.81, 8), cents(164.81, 7)]);
    // Far below the note it can only be cents.
    near('8', 164.81, [cents(164.81, 8)]);
    near('165 Hz', 164.81, [165]);
    near('', 164.81, []);
});

test('what is no reading is not dropped without a word', () => {
    for (const typed of ['sharp', '164.9 or so', '-5 Hz', '0 hz', '8x']) {
        expect(readingsTyped(typed, 164.81), typed).toBeNull();
    }
});

test('a move that nobody makes is asked about', () => {
    expect(canBeMeant(-3.2)).toBe(true);
    expect(canBeMeant(100)).toBe(false);
    expect(canBeMeant(12, true)).toBe(true);
    expect(canBeMeant(-100, true)).toBe(false);
});
