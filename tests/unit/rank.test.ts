import { describe, expect, test } from 'vitest';
import { nearness, rank } from '../../resources/js/frame/commands/rank';

describe('what is typed finds what it means', () => {
    test('a whole word counts more than its beginning, that more than letters inside, and the name more than what is said besides', () => {
        const typed = 'nut';
        const order = [
            rank('Nut slots', typed),
            rank('Nuts and bolts', typed),
            rank('Slots', typed, ['nut']),
            rank('Minutes', typed),
            rank('Slots', typed, ['minutes']),
        ];
        expect(order).toEqual([...order].sort((one, other) => other - one));
        expect(new Set(order).size).toBe(order.length);
        expect(order.at(-1)).toBeGreaterThan(0);
    });

    test('every word has to be there, in any order and whatever parts them', () => {
        expect(rank('Curlew, E standard', 'Curlew, E')).toBe(1);
        expect(rank('Curlew, E standard', 'standard curlew')).toBe(1);
        expect(rank('Curlew, D standard', 'Curlew, E')).toBeLessThan(1);
        expect(rank('Curlew, E standard', 'curlew open')).toBe(0);
        expect(rank('Sets', 'designs list', ['designs list import'])).toBeGreaterThan(0);
        expect(rank('Anything', '')).toBe(1);
    });

    test('a word that nothing has comes nearest to the one that is spelt most like it', () => {
        expect(nearness('Bridge', 'brigde')).toBeGreaterThanOrEqual(0.4);
        expect(nearness('Instruments', 'instrumnets')).toBeGreaterThan(nearness('Instruments', 'strings'));
        expect(nearness('Copies', 'bakcup', ['backup'])).toBeGreaterThanOrEqual(0.4);
        expect(nearness('Bench', 'xqzxqz')).toBe(0);
    });
});
