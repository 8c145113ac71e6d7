import { describe, expect, test } from 'vitest';
import { GROUPS, measured, measureDraft } from '../../resources/js/instruments/measures/measures';
import type { Instrument } from '../../resources/js/generated/formats';

const metric = { length: 'mm', gauge: 'thou', tension: 'N' } as const;
const imperial = { length: 'in', gauge: 'thou', tension: 'lbf' } as const;
const plank: Instrument = {
    name: 'Plank',
    kind: 'electric-guitar',
    scale: { type: 'single', length_mm: 650 },
    hardware: {
        anchor: 'vibrato',
        posts: { diameter_mm: 6, colour: 'kept' },
        nut: { slots_mm: [0.3, 0.4, 0.5] },
        springs: { count: 3, rate_n_per_mm: 3.5 },
        max_total_tension_n: 700,
    },
};

describe('what was measured on an instrument', () => {
    test('comes back as it was, with what else the document says', () => {
        const { document, problems } = measured(plank, measureDraft(plank, metric), 3, metric);
        expect(problems).toEqual([]);
        expect(document).toEqual(plank);
    });

    test('is typed in any unit, one for all strings or one for each', () => {
        const draft = {
            ...measureDraft(plank, imperial),
            'hardware/posts/diameter_mm': 'a quarter',
            'hardware/nut/slots_mm': '0.012 0.016 in 0.5 mm',
            'hardware/saddle/travel_mm': '0',
            'hardware/headstock/tilt_deg': '-13,5°',
            'setup/action_12_mm': '2 mm',
            'hardware/max_total_tension_n': '160',
            'hardware/springs/rate_n_per_mm': '16',
        };
        const { document, problems } = measured(plank, draft, 3, imperial);
        expect(problems.map(({ path }) => path)).toEqual(['/hardware/posts/diameter_mm']);
        expect(document.hardware?.nut?.slots_mm).toEqual([0.3048, 0.4064, 0.5]);
        expect(document.hardware?.saddle?.travel_mm).toBe(0);
        expect(document.hardware?.headstock?.tilt_deg).toBe(-13.5);
        expect(document.setup).toEqual({ action_12_mm: 2 });
        expect(document.hardware?.max_total_tension_n).toBeCloseTo(711.715, 2);
        expect(measureDraft(plank, imperial)['hardware/springs/rate_n_per_mm']).toBe('19.986');
        expect(document.hardware?.springs?.rate_n_per_mm).toBeCloseTo(2.802, 3);
    });

    test('what is emptied goes, and takes parts that hold nothing along', () => {
        const draft = { ...measureDraft(plank, metric), 'hardware/nut/slots_mm': ' ', 'hardware/anchor': '' };
        const { document } = measured(plank, draft, 3, metric);
        expect(document.hardware).not.toHaveProperty('nut');
        expect(document.hardware).not.toHaveProperty('anchor');
        const bare: Instrument = { name: 'Bare', kind: 'other', scale: { type: 'single', length_mm: 500 } };
        expect(measured(bare, measureDraft(bare, metric), 3, metric).document).toEqual(bare);
    });

    test('what is no figure, or for too few strings, is told at its place', () => {
        const draft = {
            ...measureDraft(plank, metric),
            'hardware/nut/slots_mm': '0.3 0.4',
            'hardware/posts/hole_height_mm': 'high',
            'hardware/springs/count': 'some',
            'hardware/springs/lever': 'a third',
        };
        const { problems } = measured(plank, draft, 3, metric);
        expect(Object.fromEntries(problems.map(({ path, message }) => [path, message]))).toEqual({
            '/hardware/nut/slots_mm': expect.stringContaining('or 3, from string 1; there are 2') as string,
            '/hardware/posts/hole_height_mm': expect.stringContaining('“high” is not a figure') as string,
            '/hardware/springs/lever': expect.stringContaining('such as 0.3') as string,
            '/hardware/springs/count': expect.stringContaining('such as 3') as string,
        });
    });

    test('keeps how finely it was read, and what was not touched to the last digit', () => {
        const fine: Instrument = { ...plank, hardware: { ...plank.hardware, nut: { slots_mm: [0.3123, 0.4, 0.5] } } };
        const shown = measureDraft(fine, imperial);
        const { document } = measured(fine, { ...shown, 'hardware/posts/hole_diameter_mm': '2.00 mm' }, 3, imperial);
        expect(document.hardware?.nut?.slots_mm).toEqual([0.3123, 0.4, 0.5]);
        expect(document.resolutions_mm).toEqual({ 'hardware/posts/hole_diameter_mm': 0.01 });
        expect(measureDraft(document, metric)['hardware/posts/hole_diameter_mm']).toBe('2.00');
        // The coarsest of readings for each string counts, and what is emptied is read no more.
        const each = measured(
            document,
            { ...measureDraft(document, metric), 'hardware/nut/slots_mm': '0.30 0.4 0.50' },
            3,
            metric,
        );
        expect(each.document.resolutions_mm).toMatchObject({ 'hardware/nut/slots_mm': 0.1 });
        const emptied = measured(
            document,
            { ...measureDraft(document, metric), 'hardware/posts/hole_diameter_mm': '' },
            3,
            metric,
        );
        expect(emptied.document).not.toHaveProperty('resolutions_mm');
    });

    test('courses, neck and owner go to their places; single strings need no courses', () => {
        const typed = {
            ...measureDraft(plank, metric),
            courses: '2 1',
            'neck/frets': '24',
            owner: ' Ada Brack ',
            'neck/truss_rod': 'none',
        };
        const { document, problems } = measured(plank, typed, 3, metric);
        expect(problems).toEqual([]);
        expect(document.courses).toEqual([2, 1]);
        expect(document.neck).toEqual({ frets: 24, truss_rod: 'none' });
        expect(document.owner).toBe('Ada Brack');
        expect(
            measured(document, { ...measureDraft(document, metric), courses: '1 1 1' }, 3, metric).document,
        ).not.toHaveProperty('courses');
        expect(measured(plank, { ...typed, courses: 'two' }, 3, metric).problems[0]?.path).toBe('/courses');
    });

    test('every place is measured once', () => {
        const paths = GROUPS.flatMap(({ measures }) => measures.map(({ path }) => path));
        expect(new Set(paths).size).toBe(paths.length);
    });
});
