import { describe, expect, test } from 'vitest';
import { builtOf, knownOf, nextToMeasure } from '../../resources/js/instruments/measures/known';
import { GROUPS, type Usual } from '../../resources/js/instruments/measures/measures';

const MM = { length: 'mm', gauge: 'thou', tension: 'N' } as const;
const usual: Usual = {
    strings: 6,
    length_mm: 648,
    short_strings: [],
    frets: 22,
    anchor: 'bridge-pins',
    built_for: null,
    pickup: 'magnetic',
    posts: { type: 'standard', diameter_mm: 6, spacing_mm: 26 },
    layout: 'one-side',
    nut_gap_mm: 7,
    saddle_gap_mm: 10.5,
    action_12_mm: 1.8,
    nut_height_mm: 0.4,
};
const group = (name: string) => {
    const found = GROUPS.find((each) => each.name === name);
    if (found === undefined) {
        throw new Error(name);
    }
    return found;
};

describe('an instrument at a glance', () => {
    test('what was measured stands as it was typed, the usual as assumed, and the rest is left out', () => {
        const known = knownOf(
            group('Headstock and posts'),
            { 'hardware/posts/diameter_mm': '5.5', 'hardware/headstock/tilt_deg': '14' },
            usual,
            6,
            MM,
        );
        expect(known).toContainEqual({ label: 'Post', value: '5.5 mm', assumed: false });
        expect(known).toContainEqual({ label: 'Tilt', value: '14°', assumed: false });
        expect(known).toContainEqual({ label: 'Post to post', value: '26 mm', assumed: true });
        expect(known.map(({ label }) => label)).not.toContain('Nut to post');
    });

    test('how it is built is what was chosen, or what its kind usually has', () => {
        const built = builtOf({ 'hardware/pickup': 'piezo' }, usual);
        expect(built.find(({ label }) => label === 'Pickup')).toMatchObject({ assumed: false });
        expect(built.find(({ label }) => label === 'Strings held by')).toMatchObject({ assumed: true });
        expect(built.find(({ label }) => label === 'Truss rod')).toBeUndefined();
    });

    test('what to measure next is what nobody measured yet, by what it is worth; nothing once half of each is known', () => {
        expect(nextToMeasure({}).map(({ name }) => name)).toEqual(['Action', 'Nut', 'Headstock and posts']);
        const action = Object.fromEntries(group('Action').measures.map(({ path }) => [path, '2']));
        expect(nextToMeasure(action).map(({ name }) => name)).toEqual(['Nut', 'Headstock and posts', 'Bridge and saddle']);
        // One that was begun comes after those that were not.
        const begun = { ...action, 'hardware/posts/diameter_mm': '6' };
        expect(nextToMeasure(begun).map(({ name }) => name)).toEqual(['Nut', 'Bridge and saddle', 'Neck']);
        const all = Object.fromEntries(GROUPS.flatMap(({ measures }) => measures.map(({ path }) => [path, '1'])));
        expect(nextToMeasure(all)).toEqual([]);
    });
});
