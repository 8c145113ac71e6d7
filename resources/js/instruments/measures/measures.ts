import type { Instrument, Problem } from '../../generated/formats';
import {
    ANCHORS,
    BRIDGE_HOLDS,
    BUILT_FOR,
    FINGERBOARDS,
    NECK_JOINTS,
    NUT_HOLDS,
    PICKUPS,
    POST_LAYOUTS,
    POST_TYPES,
    TRUSS_RODS,
} from '../../generated/words';
import { figureAsRead, resolutionMm } from './resolution';
import { rateIn, tensionIn, type Units } from '../../units/units';
import { readLength, readTension, readSigned } from '../../units/typed';
import { home } from '../../generated/addresses/places';
import type { Usual as UsualOfKind } from '../../generated/views';

/** What is usual on an instrument: as on others of its kind, or as little as is known of every one. */
export type Usual = Omit<UsualOfKind, 'anchor' | 'built_for'> & {
    anchor: UsualOfKind['anchor'] | null;
    built_for: UsualOfKind['built_for'] | null;
};

/** One thing that is measured on an instrument: where it stands in the document, how it is read, where to measure it. */
export interface Measure {
    /** Below the instrument, such as `hardware/posts/diameter_mm`. */
    path: string;
    label: string;
    /** The letter that the drawing beside it gives it. */
    letter?: string;
    quantity: 'length' | 'tension' | 'degrees' | 'count' | 'rate' | 'ratio' | 'counts';
    /** One for all strings, or one for each, from string 1. */
    each?: boolean;
    /** What is taken where it was not measured; lengths in millimetres. */
    assumed?: string | ((usual: Usual, strings: number) => string);
}

export interface Group {
    name: string;
    /** The word that is explained where its head is pressed. */
    word: string;
    /** What it is good for. */
    tells: string;
    drawing: 'headstock' | 'nut' | 'neck' | 'bridge' | 'action' | null;
    measures: Measure[];
}

export const GROUPS: Group[] = [
    {
        name: 'Headstock and posts',
        word: 'post',
        tells: 'how many turns go round a post, whether the hole is wide enough, and how steeply the strings leave the nut',
        drawing: 'headstock',
        measures: [
            { path: 'hardware/posts/distance_mm', letter: 'a', label: 'Nut to post', quantity: 'length', each: true },
            { path: 'hardware/posts/hole_height_mm', letter: 'b', label: 'Height of the hole', quantity: 'length' },
            {
                path: 'hardware/posts/diameter_mm',
                letter: 'c',
                label: 'Post',
                quantity: 'length',
                assumed: (usual) => String(usual.posts.diameter_mm),
            },
            { path: 'hardware/posts/hole_diameter_mm', letter: 'd', label: 'Hole', quantity: 'length' },
            { path: 'hardware/posts/room_below_hole_mm', letter: 'e', label: 'Room below the hole', quantity: 'length' },
            { path: 'hardware/headstock/nut_height_mm', letter: 'f', label: 'Nut slots above the face', quantity: 'length' },
            { path: 'hardware/headstock/tilt_deg', letter: 'g', label: 'Tilt', quantity: 'degrees', assumed: '0' },
            { path: 'hardware/posts/height_mm', letter: 'h', label: 'Height of the post', quantity: 'length' },
            {
                path: 'hardware/posts/spacing_mm',
                label: 'Post to post',
                quantity: 'length',
                assumed: (usual) => String(usual.posts.spacing_mm),
            },
            { path: 'hardware/posts/socket_mm', label: 'Depth of a slotted post’s socket', quantity: 'length', assumed: '12' },
            { path: 'hardware/posts/rows_apart_mm', label: 'Row to row, if on both sides', quantity: 'length', assumed: '42' },
        ],
    },
    {
        name: 'Nut',
        word: 'nut',
        tells: 'whether each string sits in its slot, neither pinched nor rattling',
        drawing: 'nut',
        measures: [
            { path: 'hardware/nut/slots_mm', letter: 'a', label: 'Width of the slots', quantity: 'length', each: true },
            {
                path: 'hardware/nut/spread_mm',
                letter: 'b',
                label: 'First string to last',
                quantity: 'length',
                assumed: (usual, strings) => String(Number((usual.nut_gap_mm * (strings - 1)).toFixed(1))),
            },
        ],
    },
    {
        name: 'Neck',
        word: 'relief',
        tells: 'where the frets are drawn, whether the relief can be set, and what may touch the board while the strings are off',
        drawing: 'neck',
        measures: [
            { path: 'neck/frets', letter: 'a', label: 'Frets', quantity: 'count', assumed: (usual) => String(usual.frets) },
            {
                path: 'neck/straight_fret',
                letter: 'b',
                label: 'Fret that stands square, if fanned',
                quantity: 'count',
                assumed: '12',
            },
            { path: 'courses', label: 'Strings in each course, from string 1', quantity: 'counts' },
        ],
    },
    {
        name: 'Bridge and saddle',
        word: 'saddle',
        tells: 'whether it will intonate, how the string bears on the saddle, and how long a string must be',
        drawing: 'bridge',
        measures: [
            {
                path: 'hardware/saddle/travel_mm',
                letter: 'a',
                label: 'Saddle at its furthest back, past the scale',
                quantity: 'length',
                each: true,
            },
            { path: 'hardware/saddle/drop_mm', letter: 'b', label: 'Down to the anchor', quantity: 'length' },
            { path: 'hardware/saddle/anchor_distance_mm', letter: 'c', label: 'Back to the anchor', quantity: 'length' },
            { path: 'hardware/saddle/beyond_mm', letter: 'd', label: 'String beyond the saddle', quantity: 'length' },
            {
                path: 'hardware/saddle/spread_mm',
                label: 'First string to last',
                quantity: 'length',
                assumed: (usual, strings) => String(Number((usual.saddle_gap_mm * (strings - 1)).toFixed(1))),
            },
            { path: 'hardware/saddle/screw_pitch_mm', label: 'Saddle, per turn of its screw', quantity: 'length' },
            {
                path: 'setup/extra_length_mm',
                label: 'Beyond nut and saddle, stretching along',
                quantity: 'length',
                assumed: '0',
            },
            { path: 'hardware/saddle/over_wrap_rise_mm', label: 'Lifted by wrapping over', quantity: 'length', assumed: '0' },
        ],
    },
    {
        name: 'Action',
        word: 'action',
        tells: 'how far back the saddle belongs, how sharp a hard attack starts',
        drawing: 'action',
        measures: [
            {
                path: 'setup/action_12_mm',
                letter: 'a',
                label: 'Above the 12th fret',
                quantity: 'length',
                assumed: (usual) => String(usual.action_12_mm),
            },
            {
                path: 'setup/nut_height_mm',
                letter: 'b',
                label: 'Above the frets at the nut',
                quantity: 'length',
                assumed: (usual) => String(usual.nut_height_mm),
            },
            { path: 'setup/pick_from_saddle_mm', letter: 'c', label: 'Pick to saddle', quantity: 'length', assumed: '120' },
        ],
    },
    {
        name: 'What it bears',
        word: 'total',
        tells: 'whether a heavier set is too much for it, and how a floating vibrato is balanced',
        drawing: null,
        measures: [
            { path: 'hardware/max_total_tension_n', label: 'Greatest total, if it is known', quantity: 'tension' },
            { path: 'hardware/springs/count', label: 'Springs of the vibrato', quantity: 'count' },
            { path: 'hardware/springs/rate_n_per_mm', label: 'One spring', quantity: 'rate' },
            {
                path: 'hardware/springs/lever',
                label: 'Strings’ height ÷ springs’ arm, from the pivot',
                quantity: 'ratio',
                assumed: '0.3',
            },
        ],
    },
];

/** What was chosen from a list rather than measured. */
export interface Choice {
    path: string;
    label: string;
    names: Record<string, string>;
    usual?: (usual: Usual) => string | null | undefined;
    /** Whether documents say it as true or false. */
    truth?: boolean;
}

export const CHOICES: Choice[] = [
    { path: 'hardware/anchor', label: 'Strings held by', names: ANCHORS, usual: (usual) => usual.anchor },
    { path: 'hardware/bridge', label: 'Bridge', names: BRIDGE_HOLDS },
    { path: 'hardware/posts/type', label: 'At the posts', names: POST_TYPES, usual: (usual) => usual.posts.type },
    { path: 'hardware/posts/layout', label: 'Posts stand', names: POST_LAYOUTS, usual: (usual) => usual.layout },
    { path: 'hardware/nut/held', label: 'Nut held by', names: NUT_HOLDS },
    {
        path: 'hardware/nut/clamp',
        label: 'Clamps at the nut',
        names: { yes: 'yes, closed once it is tuned', no: 'none' },
        truth: true,
    },
    { path: 'hardware/built_for', label: 'Built for', names: BUILT_FOR, usual: (usual) => usual.built_for },
    { path: 'hardware/pickup', label: 'Pickup', names: PICKUPS, usual: (usual) => usual.pickup },
    { path: 'neck/fingerboard', label: 'Fingerboard', names: FINGERBOARDS },
    { path: 'neck/joint', label: 'Neck', names: NECK_JOINTS },
    { path: 'neck/truss_rod', label: 'Truss rod', names: TRUSS_RODS },
];

/** Everything as it is being typed, by path; empty where nothing was measured. */
export type MeasureDraft = Record<string, string>;

/** What is written rather than measured. */
const TEXTS = ['owner', 'notes', 'hardware/nut/material'];

const MEASURES = GROUPS.flatMap(({ measures }) => measures);

type Json = Record<string, unknown>;

const isObject = (value: unknown): value is Json => typeof value === 'object' && value !== null && !Array.isArray(value);

function valueAt(document: unknown, path: string): unknown {
    return path.split(home).reduce<unknown>((at, key) => (isObject(at) ? at[key] : undefined), document);
}

export function measureDraft(document: Instrument | null, units: Units): MeasureDraft {
    const draft: MeasureDraft = {};
    for (const { path, quantity } of MEASURES) {
        const value = valueAt(document, path);
        const resolution = document?.resolutions_mm?.[path];
        const shown = (figure: unknown) => (typeof figure === 'number' ? shownFigure(figure, quantity, units, resolution) : '');
        draft[path] = Array.isArray(value) ? value.map(shown).join(' ') : shown(value);
    }
    for (const path of [...CHOICES.map((choice) => choice.path), ...TEXTS]) {
        const value = valueAt(document, path);
        draft[path] = typeof value === 'string' ? value : typeof value === 'boolean' ? (value ? 'yes' : 'no') : '';
    }
    return draft;
}

function shownFigure(value: number, quantity: Measure['quantity'], units: Units, resolution?: number): string {
    switch (quantity) {
        case 'length':
            return figureAsRead(value, resolution, units);
        case 'tension':
            return String(Number(tensionIn(value, units).toPrecision(5)));
        case 'rate':
            return String(Number(rateIn(value, units).toPrecision(5)));
        default:
            return String(value);
    }
}

function figureOf(typed: string, quantity: Measure['quantity'], units: Units): number | null {
    if (quantity === 'length') {
        return /^[0.,]+$/.test(typed) ? 0 : readLength(typed, units);
    }
    if (quantity === 'tension') {
        return readTension(typed, units);
    }
    if (quantity === 'rate') {
        const typedRate = readSigned(typed);
        return typedRate === null ? null : Number((typedRate / rateIn(1, units)).toPrecision(6));
    }
    return readSigned(typed.replace(/\s*(°|deg)\s*$/i, ''));
}

/** Figures for each string stand apart by spaces or semicolons; a unit belongs to the figure before it. */
function parts(typed: string): string[] {
    return typed
        .trim()
        .split(/\s*;\s*|\s+(?=[-\d.,])/)
        .filter((part) => part !== '');
}

/** The document with what was typed; whatever else it says stays. Problems carry paths below the instrument. */
export function measured(
    document: Instrument,
    draft: MeasureDraft,
    strings: number,
    units: Units,
): { document: Instrument; problems: Problem[] } {
    const problems: Problem[] = [];
    const before = measureDraft(document, units);
    let next: Json = { ...document };
    for (const { path, quantity, each = false, label } of MEASURES) {
        const typed = draft[path]?.trim() ?? '';
        if (typed === before[path]) {
            // What was not touched stays to the last digit, however it is shown.
            continue;
        }
        // A fraction of an inch is one figure, not two.
        const many = (each && !typed.includes(home)) || quantity === 'counts';
        const figures = many ? parts(typed) : typed === '' ? [] : [typed];
        const values = figures.map((figure) => figureOf(figure, quantity, units));
        if (values.some((value) => value === null)) {
            problems.push({ path: `/${path}`, message: `“${typed}” is not a figure for it. ${HOW[quantity](units)}` });
        } else if (quantity === 'counts') {
            next = withValue(next, [path], values.length === 0 || values.every((value) => value === 1) ? undefined : values);
        } else if (values.length > 1 && values.length !== strings) {
            problems.push({
                path: `/${path}`,
                message: `Give one figure for all strings or ${strings}, from string 1; there are ${values.length}. (${label})`,
            });
        } else {
            next = withValue(next, path.split(home), values.length > 1 ? values : values[0]);
            const resolutions = quantity === 'length' ? figures.map((figure) => resolutionMm(figure, units) ?? 0) : [];
            const coarsest = Math.max(0, ...resolutions);
            next = withValue(next, ['resolutions_mm', path], coarsest > 0 ? coarsest : undefined);
        }
    }
    for (const { path, truth = false } of [
        ...CHOICES,
        ...TEXTS.map((text): { path: string; truth?: boolean } => ({ path: text })),
    ]) {
        const chosen = draft[path]?.trim() ?? '';
        next = withValue(next, path.split(home), chosen === '' ? undefined : truth ? chosen === 'yes' : chosen);
    }
    return { document: next as unknown as Instrument, problems };
}

const HOW: Record<Measure['quantity'], (units: Units) => string> = {
    length: (units) => `Type it in ${units.length}, or with its unit: 3.2 mm, 0.126 in.`,
    tension: (units) => `Type it in ${units.tension}, or with its unit: 700 N, 157 lbf.`,
    degrees: () => 'Type degrees, such as 13.',
    count: () => 'Type a number, such as 3.',
    rate: (units) => `Type ${units.tension} per ${units.length}, such as ${Number(rateIn(3.5, units).toPrecision(2))}.`,
    ratio: () => 'Type one height divided by the other, such as 0.3.',
    counts: () => 'Type how many strings each course has, such as 2 2 2 2.',
};

/** A value put at its place; parts of a document that hold nothing any more go. */
function withValue(object: Json, [key = '', ...rest]: string[], value: unknown): Json {
    const present = object[key];
    const changed = rest.length === 0 ? value : withValue(isObject(present) ? present : {}, rest, value);
    const { [key]: _old, ...others } = object;
    const nothing = changed === undefined || (isObject(changed) && Object.keys(changed).length === 0);
    return nothing ? others : { ...object, [key]: changed };
}
