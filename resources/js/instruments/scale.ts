import type { Instrument, Problem, Scale, ShortString } from '../generated/formats';
import { lengthFigure, type Units } from '../units/units';
import { readLength } from '../units/typed';

/** A scale as it is being typed: every field as text, so that nothing typed is lost when the way of measuring changes. */
export interface ScaleDraft {
    type: Scale['type'];
    length: string;
    half: string;
    treble: string;
    bass: string;
    each: string[];
    shortPosition: string;
    shortFret: string;
}

export function scaleDraft(
    document: Pick<Instrument, 'scale' | 'short_strings'> | null,
    usualMm: number,
    units: Units,
): ScaleDraft {
    const figure = (mm: number) => lengthFigure(mm, units);
    const scale = document?.scale ?? { type: 'single' as const, length_mm: usualMm };
    const short = document?.short_strings?.[0];
    const draft: ScaleDraft = {
        type: scale.type,
        length: figure(usualMm),
        half: figure(usualMm / 2),
        treble: figure(usualMm),
        bass: figure(usualMm),
        each: [],
        shortPosition: short === undefined ? '' : String(short.position),
        shortFret: short === undefined ? '' : String(short.starts_at_fret),
    };
    switch (scale.type) {
        case 'single':
            return { ...draft, length: figure(scale.length_mm) };
        case 'half':
            return { ...draft, half: figure(scale.nut_to_twelfth_mm) };
        case 'multiscale':
            return { ...draft, treble: figure(scale.treble_mm), bass: figure(scale.bass_mm) };
        case 'each':
            return { ...draft, each: scale.lengths_mm.map(figure) };
    }
}

interface Read {
    scale: Scale | null;
    shortStrings: ShortString[];
    problems: Problem[];
}

/** What was typed, as documents say it. The server judges the values; here only what is no length at all is told. */
export function readScale(draft: ScaleDraft, strings: number, units: Units): Read {
    const problems: Problem[] = [];
    const length = (typed: string, path: string): number => {
        const mm = readLength(typed, units);
        if (mm === null) {
            problems.push({
                path,
                message: `“${typed}” is not a length. Type it in ${units.length}, or with its unit: 648 mm, 25 1/2 in.`,
            });
        }
        return mm ?? 0;
    };
    const scale = ((): Scale => {
        switch (draft.type) {
            case 'single':
                return { type: 'single', length_mm: length(draft.length, '/scale/length_mm') };
            case 'half':
                return { type: 'half', nut_to_twelfth_mm: length(draft.half, '/scale/nut_to_twelfth_mm') };
            case 'multiscale':
                return {
                    type: 'multiscale',
                    treble_mm: length(draft.treble, '/scale/treble_mm'),
                    bass_mm: length(draft.bass, '/scale/bass_mm'),
                };
            case 'each':
                return {
                    type: 'each',
                    lengths_mm: Array.from({ length: strings }, (_, index) =>
                        length(draft.each[index] ?? draft.length, `/scale/lengths_mm/${index}`),
                    ),
                };
        }
    })();
    const shortStrings: ShortString[] = [];
    if (draft.shortPosition.trim() !== '' || draft.shortFret.trim() !== '') {
        shortStrings.push({ position: Number(draft.shortPosition), starts_at_fret: Number(draft.shortFret) });
    }
    return { scale: problems.length === 0 ? scale : null, shortStrings, problems };
}
