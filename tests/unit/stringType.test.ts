import { describe, expect, it } from 'vitest';
import { gaugeInches, gaugeNanometres, sameFamily, sameType, typeKey, typeOf } from '../../resources/js/units/stringType';

const plain = { construction: 'plain', material: 'music-wire' } as const;

describe('which string it is', () => {
    it('is the same however its gauge is written', () => {
        const inches = typeOf({ ...plain, gauge_in: 0.0105 });
        expect(inches.gauge_nm).toBe(266_700);
        expect(sameType(inches, typeOf({ ...plain, gauge_mm: 0.2667 }))).toBe(true);
        expect(sameType(inches, typeOf({ ...plain, gauge_mm: 0.266701 }))).toBe(false);
    });

    it('comes back to the inches that were written, for every thousandth and half of one', () => {
        for (let half = 12; half <= 400; half++) {
            const written = Number((half / 2000).toFixed(4));
            expect(gaugeInches({ gauge_nm: gaugeNanometres({ gauge_in: written }) })).toBe(written);
        }
    });

    it('has a key that differs where any of the three does', () => {
        const types = [
            typeOf({ ...plain, gauge_in: 0.011 }),
            typeOf({ ...plain, gauge_in: 0.012 }),
            typeOf({ construction: 'plain', material: 'nylon', gauge_in: 0.011 }),
            typeOf({ construction: 'round-wound', material: 'pure-nickel', gauge_in: 0.011 }),
        ];
        expect(new Set(types.map(typeKey)).size).toBe(types.length);
        expect(types.map((type) => sameFamily(type, plain))).toEqual([true, true, false, false]);
    });
});
