import type {
    Candidate,
    NearestPackaged,
    RankedSet,
    SetDocument,
    StringOfSet,
    Style,
    Target,
    TargetBand,
} from '../../generated/formats';
import { tensionIn, type Units } from '../../units/units';
import type { Edit } from '../design/edits';
import { sameType, typeOf } from '../../units/stringType';
import { readTension, readShare } from '../../units/typed';

/** What one aims at, as it is being chosen; tensions as typed, in the reader's unit. */
export interface Aim {
    profile: Target['profile'];
    percent: string;
    tension: string;
    first: string;
    last: string;
    total: string;
    /** One for each string. */
    each: string[];
    /** Half the band that is near enough, in percent; empty for the usual one. */
    band: string;
    /** The greatest share of the breaking load that is allowed, in percent; empty for the usual one. */
    breakShare: string;
    woundFrom: string;
    tunings: string;
    keep: number[];
    style: Required<Pick<Style, 'attack' | 'pick' | 'angle' | 'place' | 'bending'>>;
}

/** Fewer strings in twos are no pairs but a short instrument. */
const FEWEST_IN_PAIRS = 6;

const USUAL_STYLE: Aim['style'] = { attack: 'medium', pick: 'medium', angle: 'flat', place: 'studio', bending: 'none' };

/**
 * Whether strings stand in twos, in unison or an octave apart: there a thin string follows a thick one, and what is wound goes by
 * courses.
 */
export function standInPairs({ tunings, strings }: SetDocument): boolean {
    const notes = (tunings[0]?.pitches ?? []).map((pitch) => pitch.replace(/-?\d+$/, ''));
    return (
        strings.length >= FEWEST_IN_PAIRS && strings.length % 2 === 0 && notes.every((note, index) => note === notes[index ^ 1])
    );
}

/** What is wound is asked by the string, or by the course of two where strings stand so. */
export function woundChoices(document: SetDocument): { value: string; label: string }[] {
    const pairs = standInPairs(document);
    const each = pairs ? 2 : 1;
    const count = document.strings.length / each;
    const from = Array.from({ length: count + 1 }, (_, index) => ({
        value: String(index * each + 1),
        label: index === 0 ? 'all strings' : index === count ? 'none' : `from ${pairs ? 'course' : 'string'} ${index + 1}`,
    }));
    return [
        { value: 'kept', label: 'as they are fitted' },
        { value: 'any', label: 'whichever fits' },
        ...(pairs ? from.slice(1) : from),
    ];
}

/** Begins where the design stands: its own target if it has one, else as the baseline feels, or its mean tension. */
export function aimOf(document: SetDocument, tensionsN: number[], units: Units): Aim {
    const target = document.target;
    const mean = tensionsN.reduce((sum, tension) => sum + tension, 0) / Math.max(1, tensionsN.length);
    const shown = (newtons: number) => tensionIn(newtons, units).toFixed(units.tension === 'N' ? 0 : 1);
    const given = target?.tension_n;
    return {
        profile: target?.profile ?? (document.baseline ? 'baseline' : 'equal'),
        percent: String(Math.round((target?.ratio ?? 1) * 100)),
        tension: shown(target?.profile === 'equal' && typeof given === 'number' ? given : mean),
        first: shown(typeof given === 'object' && !Array.isArray(given) ? given.first : mean),
        last: shown(typeof given === 'object' && !Array.isArray(given) ? given.last : mean),
        total: shown(target?.profile === 'total' && typeof given === 'number' ? given : mean * tensionsN.length),
        each: (target?.profile === 'per-string' && Array.isArray(given) ? given : tensionsN).map(shown),
        band: target?.band === undefined ? '' : String(Number((target.band * 100).toFixed(1))),
        breakShare: target?.limits?.break_share === undefined ? '' : String(Number((target.limits.break_share * 100).toFixed(1))),
        woundFrom: String(target?.wound_from ?? (target === undefined || target.constructions !== undefined ? 'kept' : 'any')),
        tunings: String(target?.tunings ?? 'worst'),
        // What the strings themselves say stays with them.
        keep: target?.keep ?? [],
        style: { ...USUAL_STYLE, ...target?.style },
    };
}

/** The target as documents say it, or what is wrong with a figure. */
export function targetOf(
    aim: Aim,
    units: Units,
    /** Strings stand in twos: the thin ones of any course may stay plain. */
    pairs = false,
): { target: Target; wrong: null } | { target: null; wrong: string } {
    const newtons = (typed: string): number => readTension(typed, units) ?? NaN;
    const figures: Record<Target['profile'], number[]> = {
        baseline: [readShare(aim.percent) ?? NaN],
        equal: [newtons(aim.tension)],
        progressive: [newtons(aim.first), newtons(aim.last)],
        total: [newtons(aim.total)],
        'per-string': aim.each.map(newtons),
    };
    const [first = 0, last = 0] = figures[aim.profile];
    if (figures[aim.profile].some((figure) => !Number.isFinite(figure) || figure <= 0)) {
        return { target: null, wrong: 'Type what to aim at as a number above 0.' };
    }
    const shareOf = (typed: string): number | null => (typed.trim() === '' ? null : (readShare(typed) ?? NaN));
    const band = shareOf(aim.band);
    if (band !== null && !(band > 0 && band <= 0.5)) {
        return { target: null, wrong: 'Type how near is near enough, from 0 to 50 %, or leave it empty.' };
    }
    const breakShare = shareOf(aim.breakShare);
    if (breakShare !== null && !(breakShare >= 0.05 && breakShare <= 1)) {
        return { target: null, wrong: 'Type what strings may take of their breaking load, from 5 to 100 %, or leave it empty.' };
    }
    const target: Target = {
        profile: aim.profile,
        ...(aim.profile === 'baseline' ? { ratio: first } : {}),
        ...(aim.profile === 'equal' || aim.profile === 'total' ? { tension_n: first } : {}),
        ...(aim.profile === 'per-string' ? { tension_n: figures['per-string'] } : {}),
        ...(band === null ? {} : { band }),
        ...(breakShare === null ? {} : { limits: { break_share: breakShare } }),
        ...(aim.profile === 'progressive' ? { tension_n: { first, last } } : {}),
        ...(aim.woundFrom === 'kept' ? { constructions: 'kept' as const } : {}),
        ...(Number.isNaN(Number(aim.woundFrom)) ? {} : { wound_from: Number(aim.woundFrom) }),
        ...(Number.isNaN(Number(aim.woundFrom)) || pairs ? {} : { plain_to: Number(aim.woundFrom) - 1 }),
        tunings: aim.tunings === 'worst' || aim.tunings === 'mean' ? aim.tunings : Number(aim.tunings),
        style: aim.style,
        ...(aim.keep.length > 0 ? { keep: aim.keep } : {}),
    };
    return { target, wrong: null };
}

type Taken = Pick<Candidate, 'construction' | 'material' | 'gauge_in' | 'density'> & { position: number };

function asString(present: StringOfSet, { construction, material, gauge_in, density }: Taken): StringOfSet {
    const { gauge_in: _in, gauge_mm: _mm, core: _core, wraps: _wraps, density: _density, ...rest } = present;
    return { ...rest, construction, material, gauge_in, ...(density ? { density } : {}) };
}

/** Takes strings into the set; those that are locked or were to be kept stay as they are. */
function takenStrings(chosen: Taken[], target: Target): Edit {
    return (document) => ({
        ...document,
        strings: document.strings.map((string) => {
            const taken = chosen.find(({ position }) => position === string.position);
            const kept = string.hold === 'locked' || target.keep?.includes(string.position) === true;
            return taken === undefined || kept ? string : asString(string, taken);
        }),
    });
}

/** Keeps what is aimed at with the set, so that the lanes show it. What other documents said of it stays. */
export function aimedAt(target: Target): Edit {
    return (document) => {
        const {
            tension_n: _tension,
            ratio: _ratio,
            band: _band,
            wound_from: _from,
            plain_to: _to,
            constructions: _constructions,
            keep: _keep,
            limits: before,
            ...rest
        } = document.target ?? target;
        const { break_share: _share, ...kept } = before ?? {};
        const limits = { ...kept, ...target.limits };
        return { ...document, target: { ...rest, ...target, ...(Object.keys(limits).length === 0 ? {} : { limits }) } };
    };
}

/** Takes a solution, or only some of its strings, and the target it was chosen for. */
export function taken(solution: Pick<RankedSet, 'strings'>, target: Target, only?: number): Edit {
    const chosen = solution.strings.filter(({ position }) => only === undefined || position === only);
    return (document) => aimedAt(target)(takenStrings(chosen, target)(document));
}

/** Takes a packaged set with the singles that complete it. */
export function takenPackaged({ strings, singles }: Pick<NearestPackaged, 'strings' | 'singles'>, target: Target): Edit {
    return (document) => aimedAt(target)(takenStrings([...strings, ...singles], target)(document));
}

interface StyleShare {
    aspect: string;
    answer: string;
    reason: string;
    least: number;
    most: number;
}

/** What each answer about the playing style adds, over all strings. */
export function styleShares(targets: TargetBand[]): StyleShare[] {
    const shares = new Map<string, StyleShare>();
    for (const { aspect, answer, reason, share } of targets.flatMap(({ style }) => style)) {
        const known = shares.get(aspect) ?? { aspect, answer, reason, least: share, most: share };
        shares.set(aspect, { ...known, least: Math.min(known.least, share), most: Math.max(known.most, share) });
    }
    return [...shares.values()];
}

/** How far a packaged set misses what is aimed at, per string, as a share: the root of the mean square. */
export function missPerString({ miss, strings, singles }: NearestPackaged): number {
    return Math.expm1(Math.sqrt(miss / Math.max(1, strings.length + singles.length)));
}

/** Whether a set has this very string at this place. */
export function isSame(chosen: Taken, present: StringOfSet | undefined): boolean {
    return present !== undefined && sameType(typeOf(chosen), typeOf(present));
}
