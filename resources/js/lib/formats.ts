// Made from docs/formats by bin/generate-types.mjs. Change the schemas, not this file.

export type Kind =
    | 'electric-guitar'
    | 'acoustic-guitar'
    | 'classical-guitar'
    | 'bass'
    | 'acoustic-bass'
    | 'elastomer-bass'
    | 'banjo'
    | 'ukulele'
    | 'other';
/**
 * How long the open strings are, before compensation.
 */
export type Scale = SingleScale | HalfScale | Multiscale | EachLength;
/**
 * @minItems 1
 * @maxItems 12
 */
export type Tunings = Tuning[];
export type Construction = 'plain' | 'round-wound' | 'half-round' | 'flatwound' | 'tape-wound';
export type Material =
    | 'music-wire'
    | 'nickel-plated-steel'
    | 'pure-nickel'
    | 'stainless-steel'
    | 'phosphor-bronze'
    | 'bronze-80-20'
    | 'silver-plated-copper'
    | 'nylon'
    | 'nylon-multifilament'
    | 'fluorocarbon'
    | 'synthetic-gut'
    | 'nylon-tape'
    | 'polyurethane';
/**
 * @minItems 1
 * @maxItems 14
 */
export type Strings = StringOfSet[];

export interface Formats {
    'lira-set'?: SetDocument;
    'lira-evaluation'?: Evaluation;
    'lira-error'?: LiraError;
}
/**
 * Everything there is to say about a string set on an instrument. SI quantities with the unit in the key. String 1 is on the thinnest side.
 */
export interface SetDocument {
    format: 'lira-set';
    version: 1;
    name: string;
    instrument: Instrument;
    tunings: Tunings;
    strings: Strings;
    baseline?: Baseline;
    /**
     * What the solver aims at.
     */
    target?: {
        [k: string]: unknown;
    };
    /**
     * Gauges whose tensions are wanted beside the set's own: the usual ones for this kind of instrument, or a list.
     */
    pool?: 'standard' | PoolGroup[];
    /**
     * Free text.
     */
    notes?: string;
    /**
     * What happened to the set.
     */
    history?: {
        [k: string]: unknown;
    };
    [k: string]: unknown;
}
export interface Instrument {
    name: string;
    kind: Kind;
    scale: Scale;
    short_strings?: ShortString[];
    hardware?: {
        [k: string]: unknown;
    };
    setup?: {
        [k: string]: unknown;
    };
    [k: string]: unknown;
}
export interface SingleScale {
    type: 'single';
    length_mm: number;
    [k: string]: unknown;
}
export interface HalfScale {
    type: 'half';
    nut_to_twelfth_mm: number;
    [k: string]: unknown;
}
export interface Multiscale {
    type: 'multiscale';
    treble_mm: number;
    bass_mm: number;
    [k: string]: unknown;
}
export interface EachLength {
    type: 'each';
    /**
     * @minItems 1
     */
    lengths_mm: number[];
    [k: string]: unknown;
}
export interface ShortString {
    position: number;
    starts_at_fret: number;
    [k: string]: unknown;
}
export interface Tuning {
    name?: string;
    a4_hz?: number;
    /**
     * Scientific pitch names, string 1 first.
     *
     * @minItems 1
     * @maxItems 14
     */
    pitches: string[];
    cents?: number[];
    [k: string]: unknown;
}
export interface StringOfSet {
    position: number;
    construction: Construction;
    material: Material;
    gauge_in?: number;
    gauge_mm?: number;
    core?: Core;
    wraps?: Wrap[];
    density?: Density;
    [k: string]: unknown;
}
export interface Core {
    shape: 'round' | 'hex' | 'multifilament';
    material: Material;
    size_in?: number;
    size_mm?: number;
    [k: string]: unknown;
}
/**
 * One layer, inside out: round (size, optional pitch), ribbon (thickness, width) or ground (size, depth).
 */
export interface Wrap {
    shape: 'round' | 'ribbon' | 'ground';
    material: Material;
    size_in?: number;
    size_mm?: number;
    pitch_in?: number;
    pitch_mm?: number;
    thickness_in?: number;
    thickness_mm?: number;
    width_in?: number;
    width_mm?: number;
    depth_in?: number;
    depth_mm?: number;
    [k: string]: unknown;
}
export interface Density {
    kg_per_m?: number;
    source: 'modelled' | 'supplied' | 'measured';
    state?: 'rest' | 'strung';
    tolerance?: number;
    [k: string]: unknown;
}
/**
 * The set that feels right, on its own instrument and in its own tuning.
 */
export interface Baseline {
    name?: string;
    instrument: Instrument;
    tunings: Tunings;
    strings: Strings;
    [k: string]: unknown;
}
export interface PoolGroup {
    construction: Construction;
    material: Material;
    gauges_in?: number[];
    gauges_mm?: number[];
    [k: string]: unknown;
}
/**
 * What Lira computes for a set document. Tensions in newtons; low and high are the bounds that the density's tolerance gives.
 */
export interface Evaluation {
    format: 'lira-evaluation';
    version: 1;
    name: string;
    strings: EvaluatedString[];
    totals: Total[];
    findings: Finding[];
    baseline?: EvaluatedBaseline;
    /**
     * The gauges of the pool, in the order of every string's pool_tensions_n.
     */
    pool?: PoolGauge[];
    /**
     * JSON Pointers of keys that mean nothing here; they are kept in the document.
     */
    unknown_keys?: string[];
}
export interface EvaluatedString {
    position: number;
    speaking_length_mm: number;
    construction: Construction;
    material: Material;
    gauge_in: number;
    density: EvaluatedDensity;
    outer_diameter_mm: number;
    core_diameter_mm: number | null;
    stiffness_ea_n: number | null;
    bending_ei_nm2: number | null;
    tunings: StringAtPitch[];
    /**
     * For each gauge of the pool its tension in each tuning.
     */
    pool_tensions_n?: number[][];
}
export interface EvaluatedDensity {
    kg_per_m: number;
    low: number;
    high: number;
    source: 'modelled' | 'supplied' | 'measured';
    state: 'rest' | 'strung';
}
export interface StringAtPitch {
    pitch: string;
    note_number: number;
    frequency_hz: number;
    tension_n: number;
    tension_low_n: number;
    tension_high_n: number;
    change?: Change;
}
/**
 * Beside the baseline's first tuning: share is relative, words say how it feels, same_low_n to same_high_n is what feels the same.
 */
export interface Change {
    baseline_n: number;
    tension_n: number;
    share: number;
    words: string;
    same_low_n: number;
    same_high_n: number;
}
export interface Total {
    tuning: string;
    tension_n: number;
    low_n: number;
    high_n: number;
    change?: Change;
}
export interface Finding {
    code: string;
    severity: 'stop' | 'caution' | 'note';
    position?: number | null;
    tuning?: string | null;
    message: string;
    value?: number | null;
    limit?: number | null;
}
export interface EvaluatedBaseline {
    name: string;
    strings: EvaluatedString[];
    totals: Total[];
}
export interface PoolGauge {
    construction: Construction;
    material: Material;
    gauge_in: number;
}
/**
 * Why some input was not taken. Nothing was changed.
 */
export interface LiraError {
    format: 'lira-error';
    /**
     * @minItems 1
     */
    errors: Problem[];
}
export interface Problem {
    /**
     * JSON Pointer into the input; empty for the whole of it.
     */
    path: string;
    message: string;
}
