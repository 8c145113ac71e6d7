import { describe, expect, test } from 'vitest';
import { question } from '../../resources/js/bench/design/question';
import { aimOf, taken, targetOf, woundChoices } from '../../resources/js/bench/choosing/solve';
import type { RankedSet, SetDocument } from '../../resources/js/generated/formats';

const document: SetDocument = {
    format: 'lira-set',
    version: 1,
    name: 'Dinghy',
    instrument: { name: 'Dinghy', kind: 'other', scale: { type: 'single', length_mm: 500 } },
    tunings: [{ name: 'Two', pitches: ['A3', 'E3'] }],
    strings: [
        { position: 1, construction: 'plain', material: 'music-wire', gauge_mm: 0.3, lot: 'S-14' },
        {
            position: 2,
            construction: 'round-wound',
            material: 'pure-nickel',
            gauge_in: 0.03,
            core: { shape: 'hex', material: 'music-wire', size_in: 0.014 },
        },
    ],
};
const pounds = { length: 'in', gauge: 'thou', tension: 'lbf' } as const;
const newtons = { length: 'mm', gauge: 'thou', tension: 'N' } as const;

describe('what is aimed at', () => {
    test('begins at the mean tension where there is no baseline, its strings made as they are fitted', () => {
        expect(aimOf(document, [60, 80], newtons)).toMatchObject({
            profile: 'equal',
            tension: '70',
            total: '140',
            woundFrom: 'kept',
            tunings: 'worst',
        });
    });

    test('begins where the document aims', () => {
        const aimed = {
            ...document,
            target: {
                profile: 'progressive' as const,
                tension_n: { first: 60, last: 80 },
                tunings: 0,
                keep: [2],
                style: { attack: 'hard' as const },
            },
        };
        const aim = aimOf(aimed, [60, 80], newtons);
        expect(aim).toMatchObject({ profile: 'progressive', first: '60', last: '80', tunings: '0', keep: [2] });
        expect(aim.style).toEqual({ attack: 'hard', pick: 'medium', angle: 'flat', place: 'studio', bending: 'none' });
    });

    test('becomes a target in newtons', () => {
        const aim = { ...aimOf(document, [60, 80], pounds), tension: '16,5' };
        const { target } = targetOf(aim, pounds);
        expect(target?.tension_n).toBeCloseTo(16.5 * 4.4482216152605, 9);
        expect(target).toMatchObject({ profile: 'equal', constructions: 'kept', tunings: 'worst' });
        expect(target).not.toHaveProperty('wound_from');
        expect(targetOf({ ...aim, woundFrom: '2' }, pounds).target).toMatchObject({ wound_from: 2, plain_to: 1 });
        expect(targetOf({ ...aim, woundFrom: 'any', tunings: '0' }, pounds).target).not.toHaveProperty('wound_from');
        expect(targetOf({ ...aim, tunings: '0' }, pounds).target?.tunings).toBe(0);
        expect(targetOf({ ...aim, profile: 'baseline', percent: '95' }, pounds).target?.ratio).toBeCloseTo(0.95, 12);
    });

    test('asks what is wound by courses where strings stand in twos, and lets thin ones of a course stay plain', () => {
        const pitches = ['E4', 'E4', 'B3', 'B3', 'G4', 'G3', 'D4', 'D3'];
        const strings = pitches.map((_, index) => ({
            position: index + 1,
            construction: index > 5 && index % 2 === 1 ? ('round-wound' as const) : ('plain' as const),
            material: 'music-wire' as const,
            gauge_in: 0.012,
        }));
        const pairs = { ...document, tunings: [{ name: '', pitches }], strings };
        expect(woundChoices(pairs).map(({ label }) => label)).toEqual([
            'as they are fitted',
            'whichever fits',
            'from course 2',
            'from course 3',
            'from course 4',
            'none',
        ]);
        const aim = aimOf(pairs, [60], newtons);
        expect(aim.woundFrom).toBe('kept');
        const { target } = targetOf({ ...aim, woundFrom: '5' }, newtons, true);
        expect(target).toMatchObject({ wound_from: 5 });
        expect(target).not.toHaveProperty('plain_to');
        expect(woundChoices(document).map(({ label }) => label)).toEqual([
            'as they are fitted',
            'whichever fits',
            'all strings',
            'from string 2',
            'none',
        ]);
    });

    test.each(['', 'much', '0', '-5'])('“%s” is nothing to aim at', (tension) => {
        expect(targetOf({ ...aimOf(document, [60, 80], newtons), tension }, newtons).wrong).toContain('above 0');
    });
});

test('a taken set replaces the strings, keeps what is to be kept and what documents carry along', () => {
    const chosen = { tensions_n: [70], deviation: [0], lighter: null, heavier: null };
    const density = { kg_per_m: 0.004, source: 'supplied' as const };
    const solution: RankedSet = {
        objective: 0,
        totals: [],
        findings: [],
        remarks: [],
        strings: [
            { position: 1, construction: 'plain', material: 'music-wire', gauge_in: 0.012, ...chosen },
            { position: 2, construction: 'round-wound', material: 'nickel-plated-steel', gauge_in: 0.032, density, ...chosen },
        ],
    };
    const target = { profile: 'equal' as const, tension_n: 70 };
    const next = taken(solution, target)({ ...document, target: { profile: 'total', sets: [] } });
    expect(next.strings[0]).toEqual({ position: 1, construction: 'plain', material: 'music-wire', gauge_in: 0.012, lot: 'S-14' });
    expect(next.strings[1]).toEqual({
        position: 2,
        construction: 'round-wound',
        material: 'nickel-plated-steel',
        gauge_in: 0.032,
        density,
    });
    expect(next.target).toEqual({ profile: 'equal', tension_n: 70, sets: [] });
    expect(taken(solution, { ...target, keep: [2] })(document).strings[1]).toBe(document.strings[1]);
});

test('a question carries all that figures depend on and the server does not have, and does not change with a name', () => {
    const joined = { instrumentId: 3, poolId: 5 };
    const asked = question(
        { ...document, samples: [], limits: { 'nut-angle-deg': 4 }, holding_tension_n: 40, notes: 'x' },
        joined,
        {},
        'gauges',
    );
    const sent = JSON.parse(asked) as { design: object };
    expect(sent).toMatchObject({
        instrument_id: 3,
        pool_id: 5,
        design: { limits: { 'nut-angle-deg': 4 }, holding_tension_n: 40, samples: [] },
    });
    expect(Object.keys(sent.design)).not.toContain('instrument');
    expect(JSON.parse(question(document, joined))).not.toHaveProperty('pool_id');
    expect(question({ ...document, name: 'Other', notes: 'y', target: { profile: 'equal' } }, joined)).toBe(
        question(document, joined),
    );
});
