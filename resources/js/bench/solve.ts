import type { ChosenString, RankedSet, SetDocument, StringOfSet, Style, Target } from '../lib/formats';
import { tensionIn, type Units } from '../lib/units';
import type { Edit } from './edits';

/** What one aims at, as it is being chosen; tensions as typed, in the reader's unit. */
export interface Aim {
    profile: Target['profile'];
    percent: string;
    tension: string;
    first: string;
    last: string;
    total: string;
    woundFrom: string;
    tunings: string;
    keep: number[];
    style: Required<Pick<Style, 'attack' | 'pick' | 'angle' | 'place' | 'bending'>>;
}

const USUAL_STYLE: Aim['style'] = { attack: 'medium', pick: 'medium', angle: 'flat', place: 'studio', bending: 'none' };

/** Begins where the design stands: its own target if it has one, else as the baseline feels, or its mean tension. */
export function aimOf(document: SetDocument, tensionsN: number[], units: Units): Aim {
    const target = document.target;
    const mean = tensionsN.reduce((sum, tension) => sum + tension, 0) / Math.max(1, tensionsN.length);
    const shown = (newtons: number) => tensionIn(newtons, units).toFixed(units.tension === 'N' ? 0 : 1);
    const firstWound = Math.min(
        ...document.strings.filter((string) => string.construction !== 'plain').map((string) => string.position),
    );
    const given = target?.tension_n;
    return {
        profile: target?.profile ?? (document.baseline ? 'baseline' : 'equal'),
        percent: String(Math.round((target?.ratio ?? 1) * 100)),
        tension: shown(target?.profile === 'equal' && typeof given === 'number' ? given : mean),
        first: shown(typeof given === 'object' && !Array.isArray(given) ? given.first : mean),
        last: shown(typeof given === 'object' && !Array.isArray(given) ? given.last : mean),
        total: shown(target?.profile === 'total' && typeof given === 'number' ? given : mean * tensionsN.length),
        woundFrom: String(target?.wound_from ?? (Number.isFinite(firstWound) ? firstWound : 'any')),
        tunings: String(target?.tunings ?? 'worst'),
        keep: target?.keep ?? [],
        style: { ...USUAL_STYLE, ...target?.style },
    };
}

/** The target as documents say it, or what is wrong with a figure. */
export function targetOf(aim: Aim, units: Units): { target: Target; wrong: null } | { target: null; wrong: string } {
    const newtons = (typed: string): number => Number(typed.replace(',', '.')) / tensionIn(1, units);
    const figures: Record<Target['profile'], number[]> = {
        baseline: [Number(aim.percent.replace(',', '.')) / 100],
        equal: [newtons(aim.tension)],
        progressive: [newtons(aim.first), newtons(aim.last)],
        total: [newtons(aim.total)],
        'per-string': [],
    };
    const [first = 0, last = 0] = figures[aim.profile];
    if (figures[aim.profile].some((figure) => !Number.isFinite(figure) || figure <= 0)) {
        return { target: null, wrong: 'Type what to aim at as a number above 0.' };
    }
    const target: Target = {
        profile: aim.profile,
        ...(aim.profile === 'baseline' ? { ratio: first } : {}),
        ...(aim.profile === 'equal' || aim.profile === 'total' ? { tension_n: first } : {}),
        ...(aim.profile === 'progressive' ? { tension_n: { first, last } } : {}),
        ...(aim.woundFrom === 'any' ? {} : { wound_from: Number(aim.woundFrom), plain_to: Number(aim.woundFrom) - 1 }),
        tunings: aim.tunings === 'worst' || aim.tunings === 'mean' ? aim.tunings : Number(aim.tunings),
        style: aim.style,
        ...(aim.keep.length > 0 ? { keep: aim.keep } : {}),
    };
    return { target, wrong: null };
}

function asString(present: StringOfSet, { construction, material, gauge_in, density }: ChosenString): StringOfSet {
    const { gauge_in: _in, gauge_mm: _mm, core: _core, wraps: _wraps, density: _density, ...rest } = present;
    return { ...rest, construction, material, gauge_in, ...(density ? { density } : {}) };
}

/** Takes a solution: its strings and the target it was chosen for; strings that were to be kept stay as they are. */
export function taken(solution: RankedSet, target: Target): Edit {
    return (document) => ({
        ...document,
        target: { ...document.target, ...target },
        strings: document.strings.map((string) => {
            const chosen = solution.strings.find(({ position }) => position === string.position);
            return chosen === undefined || target.keep?.includes(string.position) === true ? string : asString(string, chosen);
        }),
    });
}
