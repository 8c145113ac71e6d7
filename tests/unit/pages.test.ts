import { expect, test } from 'vitest';
import { pageOf } from '../../resources/js/ui/Pages';

test('every row of a long list stands on just one page, and what the address asks beyond it is the nearest there is', () => {
    const all = Array.from({ length: 101 }, (_, index) => index);
    const { pages } = pageOf(all, 1);
    const parts = Array.from({ length: pages }, (_, index) => pageOf(all, index + 1).rows);
    expect(parts.flat()).toEqual(all);
    expect(pageOf(all, pages + 7)).toEqual(pageOf(all, pages));
    for (const wrong of [0, -3, NaN]) {
        expect(pageOf(all, wrong)).toEqual(pageOf(all, 1));
    }
    expect(pageOf([], 1)).toEqual({ rows: [], page: 1, pages: 1 });
});
