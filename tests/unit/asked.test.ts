import { expect, test } from 'vitest';
import { withAsked } from '../../resources/js/server/asked';

test('an address says what is asked of it, and nothing of what is not', () => {
    expect(withAsked('/sets')).toBe('/sets');
    expect(withAsked('/sets', { away: null, instrument: undefined })).toBe('/sets');
    expect(withAsked('/sets', { away: 1, instrument: 0, bench: '' })).toBe('/sets?away=1&instrument=0&bench=');
});

test('what may stand in no address is written so that it is read back', () => {
    const names = 'Mara & Jo = 2 #1, ½';
    const address = new URL(withAsked('/workshop/owners', { owner: names }), 'http://localhost');
    expect(address.searchParams.get('owner')).toBe(names);
    expect(
        withAsked(
            '/sets',
            new URLSearchParams([
                ['a', '1'],
                ['a', '2'],
                ['b', ''],
            ]),
        ),
    ).toBe('/sets?a=1&a=2&b=');
});
