// Made from docs/formats by bin/generate-types.mjs. Change the schemas, not this file.

export type Kind =
    | 'electric-guitar'
    | 'acoustic-guitar'
    | 'resonator-guitar'
    | 'tenor-guitar'
    | 'lap-steel'
    | 'classical-guitar'
    | 'bass'
    | 'acoustic-bass'
    | 'elastomer-bass'
    | 'banjo'
    | 'mandolin'
    | 'octave-mandolin'
    | 'ukulele'
    | 'other';
/**
 * How long the open strings are, before compensation.
 */
export type Scale = SingleScale | HalfScale | Multiscale | EachLength;
export type Anchor =
    | 'bridge-pins'
    | 'pinless'
    | 'string-through'
    | 'top-loading'
    | 'stop-tailpiece'
    | 'over-wrapped'
    | 'vibrato'
    | 'locking-saddle'
    | 'tie-block'
    | 'loop-end'
    | 'slotted-elastomer';
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
 * What holds the string behind the saddle.
 */
export type StringEnd = 'ball' | 'loop' | 'bare';
/**
 * @minItems 1
 * @maxItems 14
 */
export type Strings = StringOfSet[];
/**
 * The usual gauges for this kind of instrument, or a list of constructions with their gauges and of single strings.
 */
export type Pool = 'standard' | (PoolGroup | PoolString)[];
/**
 * How sharp a plucked note starts, and how sharp it still is some tenths of a second later; cents.
 */
export type Attack = {
    start: AttackCents;
    after: AttackCents;
} | null;
/**
 * A whole tone at the 12th fret; null where it cannot be bent that far.
 */
export type WholeToneBend = {
    displacement_mm: Interval;
    force_n: Interval;
} | null;
/**
 * The highest pitch below the share of the breaking load that calls for caution: if its core is as thin as it may be, as it is taken to be, as thick.
 */
export type HighestSafePitch = {
    low: string | null;
    estimate: string | null;
    high: string | null;
} | null;
export type Findings = Finding[];
/**
 * x and y in millimetres.
 *
 * @minItems 2
 * @maxItems 2
 */
export type Point = number[];
export type Bound = 'flaps' | 'dull' | 'intonation' | 'breaks' | 'hard' | 'overload';
/**
 * Something that happened in a job, as the device noted it on which it was said. Events are only ever added. What has a default may be left out.
 */
export type JobEvent =
    | EventDid
    | EventBack
    | EventRests
    | EventSchools
    | EventAgain
    | EventShortened
    | EventChose
    | EventTurned
    | EventMeasured
    | EventDied
    | EventDrifted
    | EventNoted
    | EventBench
    | EventAgreed
    | EventUndone
    | EventFinished
    | EventReopened;

export interface Formats {
    'lira-set'?: SetDocument;
    'lira-instrument'?: InstrumentFile;
    'lira-evaluation'?: Evaluation;
    'lira-solution'?: Solution;
    'lira-conversion'?: ConvertedSet;
    'lira-sound'?: Sound;
    'lira-fit'?: DrawnFit;
    'lira-reach'?: Reach;
    'lira-plan'?: FittingPlan;
    'lira-retuning'?: Retuning;
    'lira-settling'?: SettlingAnswer;
    'lira-intonation'?: IntonationAnswer;
    'lira-relief'?: ReliefAnswer;
    'lira-life'?: LifeAnswer;
    'lira-practice'?: Practice;
    'lira-setup'?: NeckSetup;
    'lira-job-event'?: JobEvent;
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
    target?: Target;
    pool?: Pool;
    /**
     * Free text.
     */
    notes?: string;
    /**
     * What happened to the set.
     */
    history?:
        | unknown[]
        | {
              [k: string]: unknown;
          };
    limits?: FindingLimits;
    /**
     * The tension below which a string flaps; by itself a share of the baseline's lightest.
     */
    holding_tension_n?: number;
    /**
     * Measured strings; they correct the model for others of their construction and material.
     *
     * @maxItems 500
     */
    samples?: Sample[];
    conversion?: ConversionAsked;
    job?: Job;
    [k: string]: unknown;
}
export interface Instrument {
    name: string;
    kind: Kind;
    scale: Scale;
    short_strings?: ShortString[];
    hardware?: Hardware;
    setup?: Setup;
    /**
     * How many strings stand together in each course, from string 1; without it each string stands alone.
     */
    courses?: number[];
    neck?: Neck;
    /**
     * Whose instrument it is.
     */
    owner?: string;
    notes?: string;
    /**
     * How finely a length was read, by the place where it stands below the instrument, such as `hardware/posts/diameter_mm`.
     */
    resolutions_mm?: {
        [k: string]: number;
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
/**
 * What holds and guides the strings, as far as it is known. Heights are above the headstock's face.
 */
export interface Hardware {
    anchor?: Anchor;
    built_for?: 'steel' | 'nylon';
    pickup?: 'none' | 'magnetic' | 'piezo' | 'microphone';
    /**
     * The greatest total the instrument may bear.
     */
    max_total_tension_n?: number;
    posts?: Posts;
    headstock?: Headstock;
    nut?: Nut;
    trees?: StringTree[];
    saddle?: Saddle;
    springs?: Springs;
    /**
     * What keeps the bridge where it is when strings come off.
     */
    bridge?: 'fixed' | 'floating' | 'loose' | 'blocked';
    /**
     * How far the ends of the strings give, along the strings, for each newton these pull more; as usual on such an instrument if not said.
     */
    compliance_um_per_n?: number;
    /**
     * Where that comes from.
     */
    compliance_source?: 'given' | 'measured';
    /**
     * How sure that was where it was measured: one standard error.
     */
    compliance_error_um_per_n?: number;
    [k: string]: unknown;
}
export interface Posts {
    type?: 'standard' | 'locking' | 'slotted' | 'roller' | 'banjo-fifth' | 'elastomer';
    /**
     * Of the post.
     */
    diameter_mm?: number;
    /**
     * Of the hole.
     */
    hole_height_mm?: number;
    /**
     * Of the hole.
     */
    hole_diameter_mm?: number;
    /**
     * For turns below the hole.
     */
    room_below_hole_mm?: number;
    /**
     * From post to post.
     */
    spacing_mm?: number;
    /**
     * From nut to post. One for each string, string 1 first, or one for all.
     */
    distance_mm?: number | number[];
    /**
     * Of the whole post.
     */
    height_mm?: number;
    layout?: 'one-side' | 'both-sides';
    /**
     * From one row of posts to the other, where they stand on both sides.
     */
    rows_apart_mm?: number;
    /**
     * Depth of the socket of a slotted post; 12 if not said.
     */
    socket_mm?: number;
    /**
     * Turns of the knob for one of the post; 15 if not said.
     */
    gear_ratio?: number;
    [k: string]: unknown;
}
export interface Headstock {
    tilt_deg?: number;
    /**
     * Of the slots' floor above the headstock's face.
     */
    nut_height_mm?: number;
    [k: string]: unknown;
}
export interface Nut {
    /**
     * Width of each slot. One for each string, string 1 first, or one for all.
     */
    slots_mm?: number | number[];
    material?: string;
    /**
     * From the middle of the first string to that of the last.
     */
    spread_mm?: number;
    /**
     * What holds the nut.
     */
    held?: 'glued' | 'strings';
    /**
     * Whether the nut clamps its strings once they are tuned.
     */
    clamp?: boolean;
    [k: string]: unknown;
}
export interface StringTree {
    position: number;
    /**
     * Of the tree.
     */
    height_mm: number;
    /**
     * From nut to tree.
     */
    distance_mm: number;
    [k: string]: unknown;
}
export interface Saddle {
    /**
     * How far each saddle can still move back from the scale length. One for each string, string 1 first, or one for all.
     */
    travel_mm?: number | number[];
    /**
     * Travel per turn of its screw.
     */
    screw_pitch_mm?: number;
    /**
     * How far the string goes down from saddle to anchor.
     */
    drop_mm?: number;
    /**
     * From saddle to anchor.
     */
    anchor_distance_mm?: number;
    /**
     * By how much less it goes down because it is wrapped over the tailpiece.
     */
    over_wrap_rise_mm?: number;
    /**
     * String beyond the saddle, to its ball or loop.
     */
    beyond_mm?: number;
    /**
     * From the middle of the first string to that of the last.
     */
    spread_mm?: number;
    [k: string]: unknown;
}
export interface Springs {
    count: number;
    rate_n_per_mm: number;
    /**
     * The strings' height over the pivot as a share of the springs' arm; 0.30 until measured.
     */
    lever?: number;
    [k: string]: unknown;
}
export interface Setup {
    /**
     * Height of the strings above the 12th fret; the usual one of the kind if not said, 1.8 on an electric guitar, 3.3 on a classical one.
     */
    action_12_mm?: number;
    /**
     * Height of the strings above the frets’ plane at the nut; the usual one of the kind if not said, 0.35 on an electric guitar.
     */
    nut_height_mm?: number;
    /**
     * Where the pick strikes; 120 if not said.
     */
    pick_from_saddle_mm?: number;
    /**
     * Soft, medium and hard; 0.7, 1.5 and 2.2 N if not said, on basses 2, 4 and 7 N, on ukuleles 0.3, 0.7 and 1.1 N.
     *
     * @minItems 3
     * @maxItems 3
     */
    picking_n?: number[];
    /**
     * String beyond nut and saddle that stretches along; 0 if not said.
     */
    extra_length_mm?: number;
    /**
     * How far the neck is hollow between nut and 14th fret; 0.2 if not said.
     */
    relief_mm?: number;
    /**
     * The share of a string's vibration that points at the frets; 0.35 if not said.
     */
    vertical_share?: number;
    [k: string]: unknown;
}
/**
 * The neck, as far as it is known.
 */
export interface Neck {
    /**
     * How many; 0 for a fretless neck.
     */
    frets?: number;
    /**
     * The fret that stands square to the neck where frets are fanned; 12 if not given.
     */
    straight_fret?: number;
    fingerboard?: 'rosewood' | 'ebony' | 'maple' | 'other';
    joint?: 'bolted' | 'glued' | 'through';
    truss_rod?: 'one-way' | 'two-way' | 'fixed' | 'none';
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
    /**
     * The fret of a capo; the pitches are what sounds with it on.
     */
    capo?: number;
    /**
     * What stays when the capo is moved: the shapes, so that the pitches rise, or the pitches, so that the strings are tuned lower.
     */
    capo_keeps?: 'shapes' | 'pitches';
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
    /**
     * How long the string is made, from ball or loop to the end.
     */
    length_mm?: number;
    /**
     * Choosing leaves this string alone: locked against every change, or only left out of solving.
     */
    hold?: 'locked' | 'muted';
    /**
     * What this string must stay.
     */
    only?: 'plain' | 'wound';
    end?: StringEnd;
    /**
     * Where its saddle was found to play in tune, behind the scale length.
     */
    saddle_setback_mm?: number;
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
    /**
     * How these strings felt when they were tuned up and down: the later word counts.
     *
     * @maxItems 50
     */
    trials?: Trial[];
    [k: string]: unknown;
}
export interface Trial {
    /**
     * From the baseline's first tuning.
     */
    semitones: number;
    /**
     * String 1 first; empty where nothing was said.
     */
    felt: ('too-loose' | 'right' | 'too-tight' | '')[];
    [k: string]: unknown;
}
/**
 * What the solver aims at.
 */
export interface Target {
    profile: 'per-string' | 'equal' | 'progressive' | 'baseline' | 'total';
    /**
     * A list for per-string, one number for equal and total, first and last for progressive.
     */
    tension_n?: number | number[] | ProgressiveTensions;
    /**
     * All of the baseline's tensions times this.
     */
    ratio?: number;
    /**
     * Where the set serves several tunings: the worst of them, their mean, or the one with this index.
     */
    tunings?: ('worst' | 'mean') | number;
    style?: Style;
    /**
     * Half the band around the target, as a share; if not said what was tried out, or 0.04.
     */
    band?: number;
    pool?: Pool;
    /**
     * The lightest position that may be wound.
     */
    wound_from?: number;
    /**
     * What each string must be, string 1 first, or kept: as in the baseline (without one, as is usual of the kind), so that a string changes only where its own would be warned of or is not sold.
     */
    constructions?: 'kept' | ('plain' | 'wound' | null)[];
    /**
     * The heaviest position that may be plain.
     */
    plain_to?: number;
    plain_only?: number[];
    wound_only?: number[];
    /**
     * Positions that keep the string they have.
     */
    keep?: number[];
    limits?: TargetLimits;
    /**
     * Packaged sets to compare, or "standard" for those that the model makes.
     */
    sets?: 'standard' | PackagedSet[];
    /**
     * Whether a plain string may stand below a wound one, by pitch.
     */
    mixed?: boolean;
    [k: string]: unknown;
}
export interface ProgressiveTensions {
    first: number;
    last: number;
    [k: string]: unknown;
}
export interface Style {
    attack?: 'soft' | 'medium' | 'hard';
    pick?: 'fingers' | 'thin' | 'medium' | 'stiff';
    angle?: 'flat' | 'angled';
    place?: 'studio' | 'stage';
    bending?: 'none' | 'some' | 'much';
    [k: string]: unknown;
}
export interface PoolGroup {
    construction: Construction;
    material: Material;
    gauges_in?: number[];
    gauges_mm?: number[];
    [k: string]: unknown;
}
export interface PoolString {
    construction: Construction;
    material: Material;
    gauge_in?: number;
    gauge_mm?: number;
    core?: Core;
    wraps?: Wrap[];
    density?: Density;
    /**
     * How long the string is made, from ball or loop to the end.
     */
    length_mm?: number;
    [k: string]: unknown;
}
export interface TargetLimits {
    break_share?: number;
    max_total_n?: number;
    [k: string]: unknown;
}
export interface PackagedSet {
    name: string;
    /**
     * @minItems 1
     */
    strings: PoolString[];
    [k: string]: unknown;
}
/**
 * Limits by which findings are judged, where they differ from the usual ones.
 */
export interface FindingLimits {
    'shorter-life'?: number;
    'break-caution'?: number;
    'break-stop'?: number;
    'holding-share'?: number;
    'hard-share'?: number;
    'dull-inharmonicity'?: number;
    'neighbour-jump'?: number;
    'total-retune'?: number;
    'total-setup'?: number;
    'nut-angle-deg'?: number;
    'saddle-angle-deg'?: number;
    'slot-play-mm'?: number;
    'spare-length-mm'?: number;
    'nut-angle-most-deg'?: number;
    'saddle-angle-most-deg'?: number;
    'thick-for-scale'?: number;
    'fret-cents'?: number;
    'nut-gain-cents'?: number;
}
/**
 * A string weighed slack (mass_g, length_mm and what scale and ruler can tell), or sounded under a known load (load_n, frequency_hz, length_mm and how well each is known).
 */
export interface Sample {
    construction: Construction;
    material: Material;
    gauge_in?: number;
    gauge_mm?: number;
    core?: Core;
    wraps?: Wrap[];
    mass_g?: number;
    mass_resolution_g?: number;
    length_mm: number;
    length_resolution_mm: number;
    load_n?: number;
    load_resolution_n?: number;
    frequency_hz?: number;
    frequency_resolution_hz?: number;
    /**
     * Measured in the workshop that holds the set: it is put in anew whenever the set is read there.
     */
    workshop?: boolean;
    [k: string]: unknown;
}
/**
 * What the set is to be converted to, where that is asked; see lira-conversion.
 */
export interface ConversionAsked {
    to: 'lower' | 'baritone' | 'scale' | 'octave' | 'add-lower' | 'several';
    /**
     * How far down (lower, baritone, scale); 0, the same tuning, on another scale only.
     */
    semitones?: number;
    instrument?: Instrument;
    /**
     * Another length of this scale (scale, baritone).
     */
    length_mm?: number;
    /**
     * The first string that sounds an octave up (octave).
     */
    from_position?: number;
    /**
     * Of the added string (add-lower).
     */
    pitch?: string;
    tunings?: Tunings;
    [k: string]: unknown;
}
/**
 * By which schools the set is to be fitted; what is left out is as usual on such an instrument.
 */
export interface Job {
    left_handed?: boolean;
    /**
     * The positions that are changed, all where it is left out; the others stay, pull, and give the pitch.
     *
     * @minItems 1
     */
    strings?: number[];
    /**
     * How thick a finger is, where slack is said in fingers; 20 until it is known.
     */
    finger_mm?: number;
    schools?: JobSchools;
    [k: string]: unknown;
}
export interface JobSchools {
    'off-at-once'?: 'one' | 'pairs' | 'all';
    order?: 'outside-in' | 'bass-first' | 'treble-first' | 'tie-block' | 'middle-first';
    turns?: 'usual' | 'more';
    lock?: 'none' | 'over-under' | 'under-back';
    cut?: 'before' | 'after';
    leave?: 'millimetres' | 'posts' | 'fret' | 'lift';
    tune?: 'each' | 'all';
    stretch?: 'pairs' | 'thumb-and-finger' | 'lift' | 'play' | 'pre-stretch';
    feel?: 'string' | 'total' | 'equal' | 'bass-heavy';
    [k: string]: unknown;
}
/**
 * An instrument alone: the instrument of a set document with its number of strings.
 */
export interface InstrumentFile {
    format: 'lira-instrument';
    version: 1;
    strings: number;
    instrument: Instrument;
    [k: string]: unknown;
}
/**
 * What Lira computes for a set document. Tensions in newtons; low and high are the bounds that the density's tolerance gives. Where a string's core is a guess, what hangs on it is given as low, estimate and high.
 */
export interface Evaluation {
    format: 'lira-evaluation';
    version: 2;
    name: string;
    strings: EvaluatedString[];
    totals: Total[];
    zones: Zones;
    /**
     * What each string should pull, where the document says what is aimed at.
     */
    targets?: TargetBand[];
    findings: Findings;
    baseline?: EvaluatedBaseline;
    /**
     * The gauges of the pool, in the order of every string's pool_tensions_n.
     */
    pool?: PoolGauge[];
    /**
     * JSON Pointers of keys that mean nothing here; they are kept in the document.
     */
    unknown_keys?: string[];
    /**
     * The tension below which a string flaps, where it is known.
     */
    holding_tension_n?: number;
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
    /**
     * The tension, as the string is taken to pull, at which it reaches the share of its breaking load where caution begins.
     */
    safe_n: Interval | null;
    tunings: StringAtPitch[];
    /**
     * For each gauge of the pool its tension in each tuning.
     */
    pool_tensions_n?: number[][];
    fit: Fit;
    /**
     * With a baseline and a pool: in each tuning the gauges of the baseline string's make just below and just above the tension one is used to.
     */
    equivalents?: EquivalentGauges[];
    /**
     * Whether its core was given or measured, or it is plain; false where the core is looked up by the gauge, null without a modelled core.
     */
    core_known: boolean | null;
}
export interface EvaluatedDensity {
    kg_per_m: number;
    low: number;
    high: number;
    source: 'modelled' | 'supplied' | 'measured';
    state: 'rest' | 'strung';
    correction?: EvaluatedCorrection;
}
/**
 * What the line through measured samples of this family says at this gauge.
 */
export interface EvaluatedCorrection {
    factor: number;
    uncertainty: number;
    samples: number;
}
/**
 * A figure at its least, as it is taken to be, and at its greatest; three equal numbers where nothing about it is guessed.
 */
export interface Interval {
    low: number;
    estimate: number;
    high: number;
}
export interface StringAtPitch {
    pitch: string;
    note_number: number;
    frequency_hz: number;
    /**
     * From nut, or capo, to saddle.
     */
    speaking_length_mm: number;
    tension_n: number;
    tension_low_n: number;
    tension_high_n: number;
    change?: Change;
    break_share: Interval | null;
    break_frequency_hz: Interval | null;
    highest_safe_hz: Interval | null;
    lowest_holding_hz: number | null;
    inharmonicity: Interval | null;
    attack_cents: Attack;
    whole_tone_bend_12: WholeToneBend;
    saddle_setback_mm: Interval | null;
    /**
     * Whether what is foretold of its saddle is so wide that it helps nobody: measure it.
     */
    saddle_to_be_measured: boolean;
    nut_down_force_n: number | null;
    saddle_down_force_n: number | null;
    why?: Why;
    highest_safe_pitch: HighestSafePitch;
    /**
     * The lowest pitch at which it does not flap.
     */
    lowest_holding_pitch: string | null;
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
export interface AttackCents {
    soft: Interval;
    medium: Interval;
    hard: Interval;
}
/**
 * Shares of ln(tension/baseline tension); they add up exactly.
 */
export interface Why {
    scale: number;
    pitch: number;
    string: number;
}
/**
 * Turns, angles and lengths on this instrument; null where the hardware was not measured.
 */
export interface Fit {
    usual_turns: number;
    /**
     * That will really be on the post.
     */
    turns: number;
    /**
     * For the least angle behind the nut.
     */
    turns_needed: number | null;
    /**
     * What to leave beyond the straight way from nut to post.
     */
    slack_mm: number | null;
    /**
     * By how much it gets longer as it is tuned.
     */
    stretch_mm: number | null;
    /**
     * Where to cut, from the middle of the post.
     */
    cut_past_post_mm: number | null;
    /**
     * The same in spacings of the posts.
     */
    posts_past: number | null;
    /**
     * How far the slack lets the string be lifted at the 12th fret.
     */
    lift_at_12_mm: number | null;
    nut_angle_deg: number | null;
    saddle_angle_deg: number | null;
    /**
     * From what holds its end to where it is cut.
     */
    length_needed_mm: number | null;
}
export interface EquivalentGauges {
    below: EquivalentGauge | null;
    above: EquivalentGauge | null;
}
export interface EquivalentGauge {
    construction: Construction;
    material: Material;
    gauge_in: number;
    tension_n: number;
}
export interface Total {
    tuning: string;
    tension_n: number;
    low_n: number;
    high_n: number;
    change?: Change;
    treble_side_n: number;
    bass_side_n: number;
}
/**
 * Below slack_n strings flap, above hard_n they are hard on the hand: by what one is used to, or only by what is usual on the kind of instrument.
 */
export interface Zones {
    slack_n: number;
    hard_n: number;
    usual: boolean;
}
export interface TargetBand {
    position: number;
    tension_n: number;
    low_n: number;
    high_n: number;
    before_style_n: number;
    /**
     * What each answer about the playing style adds, as a share.
     */
    style: StyleContribution[];
}
export interface StyleContribution {
    aspect: string;
    answer: string;
    share: number;
    reason: string;
}
export interface Finding {
    code: string;
    severity: 'stop' | 'caution' | 'note';
    /**
     * What kind of thing cures it: another string, something one does oneself, a repairer, nothing now.
     */
    remedy: 'string' | 'adjust' | 'repairer' | 'watch';
    position: number | null;
    tuning: string | null;
    /**
     * In newtons and millimetres.
     */
    message: string;
    parameters: Parameters;
    value: number | null;
    limit: number | null;
    unit: 'N' | 'mm' | 'deg' | 'turns' | 'share' | 'change' | 'ratio' | 'cents' | 'inharmonicity' | null;
    /**
     * Why there is that limit.
     */
    reason: string | null;
}
/**
 * The figures and words of a sentence, by their names in it: SI, with the unit in the name.
 */
export interface Parameters {
    [k: string]: number | string;
}
export interface EvaluatedBaseline {
    name: string;
    strings: EvaluatedString[];
    totals: Total[];
    zones: Zones;
    holding_tension_n?: number;
}
export interface PoolGauge {
    construction: Construction;
    material: Material;
    gauge_in: number;
    /**
     * The tension at which it reaches the share of its breaking load where caution begins, even if its core is as thick as it may be.
     */
    safe_n: number | null;
    density?: Density;
}
/**
 * Up to five sets chosen for a target, best first. The objective is the sum of (ln(T/T*))² over the strings, 0.01 for each pair of neighbours whose lower-pitched string is the thinner one, and for a total 100 (ln(sum/total))².
 */
export interface Solution {
    format: 'lira-solution';
    version: 1;
    name: string;
    profile: 'per-string' | 'equal' | 'progressive' | 'baseline' | 'total';
    /**
     * Whether nothing better was left unseen.
     */
    complete: boolean;
    /**
     * No set is better than this.
     */
    bound: number;
    targets: TargetBand[];
    solutions: RankedSet[];
    /**
     * Where the constructions are kept: which strings are plain or wound now that were not, and why.
     */
    constructions?: ConstructionChange[];
    /**
     * The packaged sets that come nearest to the best solution as they come, nothing added: string by string, and by what all pull together.
     */
    packets: PacketAsItComes[];
    /**
     * Packaged sets, nearest first, with the singles that would complete each.
     */
    packaged: NearestPackaged[];
    unknown_keys?: string[];
}
export interface RankedSet {
    objective: number;
    /**
     * String 1 first; without those that nothing may be chosen for.
     */
    strings: ChosenString[];
    totals: SolutionTotal[];
    findings: Finding[];
    /**
     * Where the pool ends before a string comes near its aim, which gauge would be needed.
     */
    remarks: Remark[];
}
export interface ChosenString {
    position: number;
    construction: Construction;
    material: Material;
    gauge_in: number;
    /**
     * In each tuning.
     */
    tensions_n: number[];
    density?: Density;
    /**
     * From the target, relative, in each tuning.
     */
    deviation: number[];
    /**
     * Beside the baseline, in each tuning.
     */
    changes?: Change[];
    lighter: Candidate | null;
    heavier: Candidate | null;
}
export interface Candidate {
    construction: Construction;
    material: Material;
    gauge_in: number;
    /**
     * In each tuning.
     */
    tensions_n: number[];
    density?: Density;
}
export interface SolutionTotal {
    tuning: string;
    tension_n: number;
    change?: Change;
}
export interface Remark {
    code: string;
    message: string;
    parameters: Parameters;
}
export interface ConstructionChange {
    code: string;
    message: string;
    parameters: Parameters;
}
export interface PacketAsItComes {
    name: string;
    nearest: 'strings' | 'total' | 'both';
    /**
     * How much more all of them pull together.
     */
    total_share: number;
    strings: PacketString[];
}
export interface PacketString {
    position: number;
    construction: Construction;
    material: Material;
    gauge_in: number;
    density?: Density;
    /**
     * How much more it pulls than the chosen string, over several tunings in the mean.
     */
    share: number;
}
export interface NearestPackaged {
    name: string;
    miss: number;
    strings: PackagedString[];
    singles: SingleString[];
}
export interface PackagedString {
    position: number;
    construction: Construction;
    material: Material;
    gauge_in: number;
    /**
     * In each tuning.
     */
    tensions_n: number[];
    density?: Density;
}
export interface SingleString {
    position: number;
    why: 'missing' | 'out-of-band' | 'limit';
    construction: Construction;
    material: Material;
    gauge_in: number;
    /**
     * In each tuning.
     */
    tensions_n: number[];
    density?: Density;
}
/**
 * A set converted to another tuning, scale or number of strings: a document to go on with, why it is as it is, and what speaks against it.
 */
export interface ConvertedSet {
    format: 'lira-conversion';
    version: 2;
    name: string;
    /**
     * Why it is as it is.
     */
    reasons: Statement[];
    /**
     * Whether anything speaks against it.
     */
    poor_candidate: boolean;
    /**
     * What speaks against it.
     */
    doubts: Statement[];
    document: SetDocument;
    evaluation: Evaluation;
}
export interface Statement {
    code: string;
    /**
     * In newtons and millimetres.
     */
    message: string;
    parameters: Parameters;
}
/**
 * How the strings of a set sound when they are plucked: partials to be added up. A preview, not a recording.
 */
export interface Sound {
    format: 'lira-sound';
    version: 1;
    name: string;
    strings: SoundingString[];
}
export interface SoundingString {
    position: number;
    tunings: PluckedTone[];
}
export interface PluckedTone {
    pitch: string;
    partials: Partial[];
}
export interface Partial {
    hz: number;
    /**
     * All of a string add up to 1.
     */
    amplitude: number;
    /**
     * After so many seconds it has fallen to 1/e.
     */
    decay_s: number;
}
/**
 * How a set fits its instrument, drawn to scale. Front view: x along the neck from the nut of string 1 towards the saddle, y across it, positive on the side of string 1.
 */
export interface DrawnFit {
    format: 'lira-fit';
    version: 2;
    name: string;
    neck: NeckDrawn;
    headstock: HeadstockDrawn;
    strings: StringDrawn[];
    totals: FitTotal[];
    max_total_n: number | null;
    checks: FitCheck[];
    findings: Findings;
    marks: Mark[];
    /**
     * What was not measured and is drawn as it usually is.
     */
    assumed: string[];
}
export interface NeckDrawn {
    /**
     * The nut's line, from the side of string 1.
     */
    nut_mm: Point[];
    /**
     * The fingerboard's outline.
     */
    board_mm: Point[];
    frets_mm: Point[][];
}
export interface HeadstockDrawn {
    layout: 'one-side' | 'both-sides';
    outline_mm: Point[];
}
export interface StringDrawn {
    position: number;
    diameter_mm: number;
    construction: Construction;
    material: Material;
    gauge_in: number;
    start_mm: Point;
    scale_end_mm: Point;
    saddle_mm: Point;
    post: PostDrawn;
    seat: SlotSeat | null;
    winds: PostWinds | null;
    stand: SaddleStand | null;
    side: SideView;
}
export interface PostDrawn {
    centre_mm: Point;
    radius_mm: number;
    tangent_mm: Point;
    tree_mm: Point | null;
    turns: number;
    /**
     * What to leave beyond the straight way from nut to post.
     */
    slack_mm: number | null;
    /**
     * By how much it gets longer as it is tuned.
     */
    stretch_mm: number | null;
    /**
     * Where to cut, from the middle of the post.
     */
    cut_past_post_mm: number | null;
    /**
     * The same in spacings of the posts.
     */
    posts_past: number | null;
    /**
     * How far the slack lets the string be lifted at the 12th fret.
     */
    lift_at_12_mm: number | null;
    length_needed_mm: number | null;
}
export interface SlotSeat {
    slot_mm: number;
    /**
     * Of the string above the slot's floor.
     */
    bottom_mm: number;
    play_mm: number;
}
export interface PostWinds {
    diameter_mm: number;
    height_mm: number;
    hole_height_mm: number;
    hole_diameter_mm: number | null;
    /**
     * The middle of each turn above the headstock's face, the uppermost first.
     */
    turns_mm: number[];
    exit_mm: number;
    /**
     * By how much the turns need more room than there is.
     */
    over_mm: number;
}
export interface SaddleStand {
    low_mm: number;
    estimate_mm: number;
    high_mm: number;
    travel_mm: number | null;
    share: number | null;
    screw_turns: number | null;
    /**
     * Whether that is so wide that it helps nobody: measure it.
     */
    to_be_measured: boolean;
}
/**
 * From the side: x along the neck from the nut, y upwards from the slot's floor.
 */
export interface SideView {
    post_mm: Point | null;
    tree_mm: Point | null;
    face_near_mm: Point | null;
    face_far_mm: Point | null;
    saddle_mm: Point;
    anchor_mm: Point | null;
    nut_angle_deg: number | null;
    saddle_angle_deg: number | null;
}
export interface FitTotal {
    tuning: string;
    tension_n: number;
    baseline_n: number | null;
}
export interface FitCheck {
    position: number;
    aspect: 'nut-slot' | 'post-hole' | 'nut-angle' | 'saddle-travel' | 'saddle-angle' | 'length';
    string: number | null;
    instrument: number | null;
    /**
     * Null where the instrument was not measured there.
     */
    fine: boolean | null;
}
export interface Mark {
    /**
     * Its place in the findings, from 0.
     */
    finding: number;
    place: 'post' | 'behind-nut' | 'nut' | 'string' | 'neck' | 'saddle' | 'behind-saddle' | 'anchor';
    position: number | null;
    at_mm: Point;
}
/**
 * How low and how high each string of an instrument can go with gauges that can be bought, in the first tuning.
 */
export interface Reach {
    format: 'lira-reach';
    version: 2;
    name: string;
    tuning: string;
    whole: WholeReaches;
    strings: StringReach[];
}
/**
 * How far the whole tuning can be moved; null where a string has no good gauge.
 */
export interface WholeReaches {
    down: WholeReach | null;
    up: WholeReach | null;
}
export interface WholeReach {
    /**
     * How far the tuning can go; negative where it is already beyond.
     */
    semitones: number;
    /**
     * The string that stops it first.
     */
    position: number;
    bound: Bound;
}
export interface StringReach {
    position: number;
    speaking_length_mm: number;
    pitch: string;
    frequency_hz: number;
    string: ReachString;
    lowest: ReachExtreme | null;
    highest: ReachExtreme | null;
    families: ReachFamily[];
}
export interface ReachString {
    construction: Construction;
    material: Material;
    gauge_in: number;
}
export interface ReachExtreme {
    pitch: string | null;
    frequency_hz: number;
    bound: Bound;
    construction: Construction;
    material: Material;
    gauge_in: number;
}
export interface ReachFamily {
    construction: Construction;
    material: Material;
    gauges: GaugeReach[];
}
/**
 * The pitch below which it flaps, is dull, does not intonate; above which it breaks, is hard on the hand, overloads the instrument; null where that is not known or never limits.
 */
export interface GaugeReach {
    gauge_in: number;
    /**
     * Whether it goes through its post.
     */
    fits: boolean;
    /**
     * Whether there is any pitch at which it is good.
     */
    serves: boolean;
    /**
     * The lowest pitch at which it is good.
     */
    low_pitch: string | null;
    low_bound: Bound;
    /**
     * The highest pitch at which it is good.
     */
    high_pitch: string | null;
    high_bound: Bound;
    flaps_hz: number | null;
    dull_hz: number | null;
    intonation_hz: number | null;
    breaks_hz: number | null;
    hard_hz: number | null;
    overload_hz: number | null;
}
/**
 * How to fit a set on its instrument, step by step, from what is on it now (the document's baseline).
 */
export interface FittingPlan {
    format: 'lira-plan';
    version: 1;
    name: string;
    schools: SchoolChosen[];
    /**
     * What stood in for what nobody measured or recorded: usual of such an instrument.
     */
    assumed: Assumed[];
    strings: StringPlanned[];
    /**
     * @minItems 1
     */
    steps: FittingStep[];
    unknown_keys?: string[];
}
/**
 * By which way of several a part of the work is done, and why.
 */
export interface SchoolChosen {
    aspect: string;
    chosen: string;
    reason: string;
    others: string[];
}
export interface Assumed {
    what: string;
    value: number | string;
}
/**
 * How one string goes on its post; null what hangs on hardware that was not measured.
 */
export interface StringPlanned {
    position: number;
    /**
     * That will really be on the post.
     */
    turns: number;
    /**
     * To leave beyond the straight way from nut to post.
     */
    slack_mm: number | null;
    /**
     * From the post's middle.
     */
    cut_past_post_mm: number | null;
    /**
     * The same in spacings of the posts; null beyond the last of its row.
     */
    posts_past: number | null;
    /**
     * The same folded back, where no post stands there.
     */
    fold_back_mm: number | null;
    lift_at_12_mm: number | null;
    stretch_mm: number | null;
    /**
     * Seen along the post from its top; along a roller from its hole, outwards towards its button; null where turns go to no side of their own.
     */
    winds: 'clockwise' | 'anticlockwise' | 'outwards' | 'inwards' | null;
    length_needed_mm: number | null;
    /**
     * Other strings that are easily taken for it: nearly as thick, but not the same string.
     */
    alike: number[];
    /**
     * What holds it behind the saddle.
     */
    anchor:
        | 'bridge-pins'
        | 'pinless'
        | 'string-through'
        | 'top-loading'
        | 'stop-tailpiece'
        | 'over-wrapped'
        | 'vibrato'
        | 'locking-saddle'
        | 'tie-block'
        | 'loop-end'
        | 'slotted-elastomer';
    /**
     * The string under whose loop a tied end goes; null for its own, or where nothing is tied.
     */
    tied_under: number | null;
    /**
     * What it is wound on.
     */
    post: 'standard' | 'locking' | 'slotted' | 'roller' | 'banjo-fifth' | 'elastomer';
    tail: TailCut;
}
/**
 * The step in which its end behind the post is cut (of gut: sealed), and what stays of it.
 */
export interface TailCut {
    step: string;
    mm: number;
}
export interface FittingStep {
    number: number;
    /**
     * The same for the same thing to do, whichever the schools.
     */
    key: string;
    phase: 'prepare' | 'off' | 'care' | 'fit' | 'tune' | 'settle' | 'intonate' | 'finish';
    position: number | null;
    do: string;
    /**
     * The same in lines of at most eight words.
     *
     * @minItems 1
     */
    lines: string[];
    /**
     * As much of it as is needed by who knows the work.
     *
     * @minItems 1
     */
    brief: string[];
    done_when: string | null;
    figures: FittingFigure[];
    /**
     * Said once, at the step it concerns.
     */
    caution: string | null;
    /**
     * Of all strings together once the step is done.
     */
    pull_after_n: number;
    /**
     * How long it is left alone before it counts as done.
     */
    rests_s: number | null;
    /**
     * What is done with one look each, the last with the step's own key; none where it is done in one.
     */
    parts: FittingPart[];
}
export interface FittingFigure {
    name: 'turns' | 'slack_mm' | 'cut_past_post_mm' | 'length_needed_mm';
    value: number;
    /**
     * In the words of the school.
     */
    said: string;
    /**
     * As it is, whatever the school.
     */
    plain: string;
}
export interface FittingPart {
    key: string;
    /**
     * What its figure is of.
     */
    lead: string | null;
    do: string;
    /**
     * The same in lines of at most eight words.
     *
     * @minItems 1
     */
    lines: string[];
    /**
     * As much of it as is needed by who knows the work.
     *
     * @minItems 1
     */
    brief: string[];
    done_when: string | null;
    figure: FittingFigure | null;
}
/**
 * Where to leave each string when its turn comes, what the pass may leave, and how many it takes.
 */
export interface Retuning {
    format: 'lira-retuning';
    version: 1;
    /**
     * How far the ends of the strings give.
     */
    compliance_um_per_n: number;
    source: 'assumed' | 'given' | 'measured';
    /**
     * Of what was read: of the readings, with a tenth for what friction hides and what the strings’ own stiffness leaves open.
     */
    standard_error_um_per_n: number | null;
    /**
     * Of the turns and rounds given, how many moved a string by half a semitone or more, and tell of the others.
     */
    observations_counted: number;
    /**
     * Whether what was observed is sure enough to be kept with the instrument: its standard error is under a third of it.
     */
    learned: boolean;
    /**
     * Whether what was learned before is left out, since a round that was planned by it left more than what is usual would have.
     */
    dropped: boolean;
    /**
     * Whether every string of the order stands within the tolerance already.
     */
    landed: boolean;
    /**
     * Strings of the order that stand within the tolerance, and will after this round if none of them is turned.
     */
    may_stay: number[];
    /**
     * What part of the way this pass goes, so that no string is asked above the ceiling.
     */
    share: number;
    /**
     * Whether even the smallest part, 1/64, asks some string above the ceiling.
     */
    stuck: boolean;
    /**
     * How many it takes if all is as it is taken to be; null where 9 do not suffice.
     */
    passes: number | null;
    /**
     * The most it takes on an instrument at the ends of what it may be; null where 9 do not suffice.
     */
    passes_most: number | null;
    /**
     * How far from its pitch each string may stand after this pass, at the furthest.
     */
    left: StringLeft[];
    steps: RetuningStep[];
    /**
     * Where each string would stand had each been tuned to its pitch in its turn.
     */
    without: StringStanding[];
    /**
     * How often one would go round, each string brought to its pitch in turn, until all stand within the tolerance.
     */
    without_rounds: number;
    /**
     * Where each stands once this pass is over.
     */
    after: StringStanding[];
    unknown_keys?: string[];
}
export interface StringLeft {
    position: number;
    /**
     * Cents, at the lowest.
     */
    low: number;
    /**
     * And at the highest.
     */
    high: number;
}
export interface RetuningStep {
    position: number;
    /**
     * From its pitch.
     */
    target_cents: number;
    hz: number;
    tension_n: number;
    /**
     * Of its knob in all, positive tightens; null where it is slack.
     */
    knob_turns: number | null;
}
export interface StringStanding {
    position: number;
    cents: number;
}
/**
 * How far new strings are from holding.
 */
export interface SettlingAnswer {
    format: 'lira-settling';
    version: 1;
    strings: StringSettling[];
    unknown_keys?: string[];
}
export interface StringSettling {
    position: number;
    /**
     * What a round leaves of the drift before.
     */
    ratio: number;
    /**
     * Rounds still needed, as likely more as fewer; null where nothing was read.
     */
    rounds_left: number | null;
    /**
     * Rounds that suffice in 9 cases of 10; null where nothing was read, or where none do: then something slips.
     */
    rounds_most: number | null;
    next_drift_cents: number | null;
    /**
     * Of creep, for each tenfold of time.
     */
    cents_per_decade: number | null;
    creep_holds_after_s: number | null;
    /**
     * Null while rounds are left or something is not known.
     */
    holds_after_s: number | null;
}
/**
 * How far each saddle has to move, or all of a bridge that is one piece; positive away from the nut.
 */
export interface IntonationAnswer {
    format: 'lira-intonation';
    version: 1;
    /**
     * What can be moved: each string's saddle, a loose bridge in one piece, or nothing by hand.
     */
    saddles: 'each' | 'loose' | 'fixed';
    strings: StringIntonation[];
    bridge: BridgeMove | null;
    unknown_keys?: string[];
}
export interface StringIntonation {
    position: number;
    error_cents: number;
    move_mm: number;
    /**
     * Of the saddle's screw; null without its thread.
     */
    turns: number | null;
    /**
     * That two readings leave, one standard deviation: a smaller move is not worth it.
     */
    uncertainty_mm: number;
    /**
     * So far from the move at most the place lies in 95 of 100 cases.
     */
    within_mm: number;
    /**
     * Whether the readings are sure enough of it.
     */
    worth_it: boolean;
}
/**
 * The place and slant of a bridge in one piece.
 */
export interface BridgeMove {
    /**
     * At the first string.
     */
    first_mm: number;
    /**
     * At the last string.
     */
    last_mm: number;
    /**
     * Whether strings enough were read to know its slant.
     */
    slants: boolean;
    /**
     * Whether the readings are sure enough of any of it.
     */
    worth_it: boolean;
    strings: UnderString[];
}
export interface UnderString {
    position: number;
    /**
     * By how much it moves under this string.
     */
    move_mm: number;
    /**
     * How sharp the stopped note is left; null where it was not read.
     */
    left_cents: number | null;
}
/**
 * How relief, and the action at the 12th fret, follow the pull of all strings.
 */
export interface ReliefAnswer {
    format: 'lira-relief';
    version: 1;
    mm_per_n: number;
    forecast_mm: ReliefForecast | null;
    learned_from: number;
    action: ActionForecast;
    unknown_keys?: string[];
}
/**
 * By how much it changes, in its 95 % range.
 */
export interface ReliefForecast {
    low: number;
    estimate: number;
    high: number;
}
export interface ActionForecast {
    mm_per_n: number;
    forecast_mm: ReliefForecast | null;
    learned_from: number;
}
/**
 * How long strings of a kind last, hours played.
 */
export interface LifeAnswer {
    format: 'lira-life';
    version: 2;
    life_h: OneLife;
    median_h: MedianLife;
    /**
     * How alike they end: 1 by chance alone, 6 nearly all at once.
     */
    shape: number;
    /**
     * So many strings that ended, were each on an instrument of its own.
     */
    counts_as: number;
    /**
     * So many strings that ended.
     */
    learned_from: number;
    /**
     * Of so many changes of strings any ended.
     */
    changes: number;
    unknown_keys?: string[];
}
/**
 * Of one string: the hours by which it is gone with that chance.
 */
export interface OneLife {
    /**
     * One in ten is gone by then.
     */
    p10: number;
    /**
     * One in five.
     */
    p20: number;
    /**
     * Half of them.
     */
    p50: number;
    /**
     * Nine in ten.
     */
    p90: number;
}
/**
 * The hours by which half of them are gone: an estimate, and where that lies in 8 of 10 cases.
 */
export interface MedianLife {
    /**
     * The lower end.
     */
    low: number;
    /**
     * As it is taken to be.
     */
    estimate: number;
    /**
     * The upper end.
     */
    high: number;
}
/**
 * What is read of an instrument that is not there.
 */
export interface Practice {
    format: 'lira-practice';
    version: 1;
    strings: PracticeString[];
    hidden: PracticeHidden | null;
    unknown_keys?: string[];
}
export interface PracticeString {
    position: number;
    /**
     * From its pitch, as it is read.
     */
    cents: number;
    hz: number;
    /**
     * Of the note at the 12th fret.
     */
    stopped_error_cents: number;
}
/**
 * What it kept to itself.
 */
export interface PracticeHidden {
    compliance_um_per_n: number;
    strings: PracticeHiddenString[];
}
export interface PracticeHiddenString {
    position: number;
    ratio: number;
    first_drift_cents: number;
    creep_factor: number;
    setback_mm: number;
}
/**
 * How a set plays on its instrument, in one tuning: every fret of the neck, the lowest clean action, what warmth does. Cents against equal temperament from the open string, positive is sharp.
 */
export interface NeckSetup {
    format: 'lira-setup';
    version: 1;
    /**
     * How many the neck has; 0 for a fretless one.
     */
    frets: number;
    /**
     * What stood in for what nobody measured: usual of such an instrument. A nut that was not measured may stand 0.15 mm lower or higher; low and high say what that leaves.
     */
    assumed: ('action_12_mm' | 'nut_height_mm' | 'relief_mm' | 'frets')[];
    strings: NeckString[];
    read?: NeckReadings;
    unknown_keys?: string[];
}
export interface NeckString {
    position: number;
    /**
     * Where its saddle is taken to stand behind the scale length; null where nobody knows how it stretches.
     */
    setback_mm: number | null;
    /**
     * Whether it was found there.
     */
    found: boolean;
    /**
     * None where nobody knows how it stretches.
     */
    frets: NeckFret[];
    best: BestSaddle | null;
    best_with_nut: BestEnds | null;
    clean_action_12_mm: CleanActions | null;
    /**
     * Of warming; negative goes flat. Null of polymers: nobody has a figure.
     */
    cents_per_kelvin: number | null;
}
export interface NeckFret {
    fret: number;
    cents: Interval;
}
/**
 * Where the sum of the squared errors of its first fifteen frets is least, and what is left.
 */
export interface BestSaddle {
    setback_mm: number;
    rms_cents: number;
}
export interface BestEnds {
    setback_mm: number;
    /**
     * Towards the saddle.
     */
    nut_mm: number;
    rms_cents: number;
}
/**
 * The lowest action at the 12th fret that no picking makes buzz.
 */
export interface CleanActions {
    soft: CleanAction;
    medium: CleanAction;
    hard: CleanAction;
}
export interface CleanAction {
    mm: number;
    stopped_at: number;
    over_fret: number;
}
/**
 * What stopped pitches say.
 */
export interface NeckReadings {
    nut_height_mm: Interval | null;
    nut_readings: number;
    /**
     * Of what clamped ends would add that really came; half before anything was read.
     */
    share: number;
    share_strings: number;
    /**
     * Frets that stand 4 cents or more off what their two neighbours leave for them, on two strings or more: worn, high or misplaced.
     */
    odd_frets: OddFret[];
    strings: ReadString[];
}
export interface OddFret {
    fret: number;
    cents: number;
    /**
     * @minItems 1
     */
    positions: number[];
}
export interface ReadString {
    position: number;
    frets: ReadFret[];
}
export interface ReadFret {
    fret: number;
    cents: number;
}
/**
 * A step, or a part of one, was done.
 */
export interface EventDid {
    /**
     * Its name, made where it happened, by which what comes twice is known: a UUID, small letters.
     */
    id: string;
    /**
     * The device on which it was said.
     */
    device: string;
    /**
     * Its number among all that this device said, growing.
     */
    sequence?: number | null;
    /**
     * The last event of the job, in the order of their receipt, that the device knew of then; 0 for none.
     */
    seen?: number | null;
    /**
     * Who did it, where that is known, up to 200 characters.
     */
    by?: string | null;
    /**
     * When it happened, by the device’s clock.
     */
    at: string;
    kind: 'did';
    data: {
        /**
         * Which step of the plan, or part of one, by its key.
         */
        key: string;
        /**
         * How far from its pitch the tuner read it, cents, -2400 to 2400; not given where it was brought there by hand.
         */
        cents?: number | null;
    };
}
/**
 * It was gone back to.
 */
export interface EventBack {
    /**
     * Its name, made where it happened, by which what comes twice is known: a UUID, small letters.
     */
    id: string;
    /**
     * The device on which it was said.
     */
    device: string;
    /**
     * Its number among all that this device said, growing.
     */
    sequence?: number | null;
    /**
     * The last event of the job, in the order of their receipt, that the device knew of then; 0 for none.
     */
    seen?: number | null;
    /**
     * Who did it, where that is known, up to 200 characters.
     */
    by?: string | null;
    /**
     * When it happened, by the device’s clock.
     */
    at: string;
    kind: 'back';
    data: {
        /**
         * Which step of the plan, or part of one, by its key.
         */
        key: string;
    };
}
/**
 * It is left alone until some time.
 */
export interface EventRests {
    /**
     * Its name, made where it happened, by which what comes twice is known: a UUID, small letters.
     */
    id: string;
    /**
     * The device on which it was said.
     */
    device: string;
    /**
     * Its number among all that this device said, growing.
     */
    sequence?: number | null;
    /**
     * The last event of the job, in the order of their receipt, that the device knew of then; 0 for none.
     */
    seen?: number | null;
    /**
     * Who did it, where that is known, up to 200 characters.
     */
    by?: string | null;
    /**
     * When it happened, by the device’s clock.
     */
    at: string;
    kind: 'rests';
    data: {
        /**
         * Which step of the plan, or part of one, by its key.
         */
        key: string;
        /**
         * Until when, by the clock of its device.
         */
        until: string;
    };
}
/**
 * The rest of it goes by other schools.
 */
export interface EventSchools {
    /**
     * Its name, made where it happened, by which what comes twice is known: a UUID, small letters.
     */
    id: string;
    /**
     * The device on which it was said.
     */
    device: string;
    /**
     * Its number among all that this device said, growing.
     */
    sequence?: number | null;
    /**
     * The last event of the job, in the order of their receipt, that the device knew of then; 0 for none.
     */
    seen?: number | null;
    /**
     * Who did it, where that is known, up to 200 characters.
     */
    by?: string | null;
    /**
     * When it happened, by the device’s clock.
     */
    at: string;
    kind: 'schools';
    data: {
        schools: JobSchools;
    };
}
/**
 * A string has to come off again, and another one on.
 */
export interface EventAgain {
    /**
     * Its name, made where it happened, by which what comes twice is known: a UUID, small letters.
     */
    id: string;
    /**
     * The device on which it was said.
     */
    device: string;
    /**
     * Its number among all that this device said, growing.
     */
    sequence?: number | null;
    /**
     * The last event of the job, in the order of their receipt, that the device knew of then; 0 for none.
     */
    seen?: number | null;
    /**
     * Who did it, where that is known, up to 200 characters.
     */
    by?: string | null;
    /**
     * When it happened, by the device’s clock.
     */
    at: string;
    kind: 'again';
    data: {
        /**
         * Which string it is, 1 to 14.
         */
        position: number;
        /**
         * Why it cannot stay.
         */
        reason: 'cut-short' | 'broke' | 'wrong' | 'spare';
        /**
         * Where it broke; empty where nobody said.
         */
        where?: '' | 'ball' | 'saddle' | 'fret' | 'nut' | 'post' | 'elsewhere';
        /**
         * Whose string had gone on by mistake, 1 to 14; null for none of this set.
         */
        was?: number | null;
        /**
         * Whether it is whole and goes back into its packet.
         */
        whole?: boolean;
    };
}
/**
 * A string was cut short and still holds.
 */
export interface EventShortened {
    /**
     * Its name, made where it happened, by which what comes twice is known: a UUID, small letters.
     */
    id: string;
    /**
     * The device on which it was said.
     */
    device: string;
    /**
     * Its number among all that this device said, growing.
     */
    sequence?: number | null;
    /**
     * The last event of the job, in the order of their receipt, that the device knew of then; 0 for none.
     */
    seen?: number | null;
    /**
     * Who did it, where that is known, up to 200 characters.
     */
    by?: string | null;
    /**
     * When it happened, by the device’s clock.
     */
    at: string;
    kind: 'shortened';
    data: {
        /**
         * Which string it is, 1 to 14.
         */
        position: number;
        /**
         * What is left past its post, millimetres, up to 2000.
         */
        left_mm: number;
        /**
         * Turns around its post, up to 20.
         */
        turns: number;
    };
}
/**
 * Where a string comes from was settled.
 */
export interface EventChose {
    /**
     * Its name, made where it happened, by which what comes twice is known: a UUID, small letters.
     */
    id: string;
    /**
     * The device on which it was said.
     */
    device: string;
    /**
     * Its number among all that this device said, growing.
     */
    sequence?: number | null;
    /**
     * The last event of the job, in the order of their receipt, that the device knew of then; 0 for none.
     */
    seen?: number | null;
    /**
     * Who did it, where that is known, up to 200 characters.
     */
    by?: string | null;
    /**
     * When it happened, by the device’s clock.
     */
    at: string;
    kind: 'chose';
    data: {
        /**
         * Which string it is, 1 to 14.
         */
        position: number;
        /**
         * The lot in the drawer, by its number; null for none of the drawer.
         */
        lot?: number | null;
    };
}
/**
 * How many turns a string really gave.
 */
export interface EventTurned {
    /**
     * Its name, made where it happened, by which what comes twice is known: a UUID, small letters.
     */
    id: string;
    /**
     * The device on which it was said.
     */
    device: string;
    /**
     * Its number among all that this device said, growing.
     */
    sequence?: number | null;
    /**
     * The last event of the job, in the order of their receipt, that the device knew of then; 0 for none.
     */
    seen?: number | null;
    /**
     * Who did it, where that is known, up to 200 characters.
     */
    by?: string | null;
    /**
     * When it happened, by the device’s clock.
     */
    at: string;
    kind: 'turned';
    data: {
        /**
         * Which string it is, 1 to 14.
         */
        position: number;
        /**
         * Turns around its post, up to 20.
         */
        turns: number;
    };
}
/**
 * Action, relief and the bridge’s place were measured.
 */
export interface EventMeasured {
    /**
     * Its name, made where it happened, by which what comes twice is known: a UUID, small letters.
     */
    id: string;
    /**
     * The device on which it was said.
     */
    device: string;
    /**
     * Its number among all that this device said, growing.
     */
    sequence?: number | null;
    /**
     * The last event of the job, in the order of their receipt, that the device knew of then; 0 for none.
     */
    seen?: number | null;
    /**
     * Who did it, where that is known, up to 200 characters.
     */
    by?: string | null;
    /**
     * When it happened, by the device’s clock.
     */
    at: string;
    kind: 'measured';
    data: {
        /**
         * Whether before or after.
         */
        when: 'before' | 'after';
        /**
         * Action at the 12th fret, millimetres, 0 to 20.
         */
        action_12_mm?: number | null;
        /**
         * Relief, millimetres, -5 to 10; negative where the neck bends back.
         */
        relief_mm?: number | null;
        /**
         * The bridge’s place, millimetres from the nut, up to 2000.
         */
        bridge_mm?: number | null;
        /**
         * Whether the rod or the bridge’s height was turned in between.
         */
        adjusted?: boolean;
    };
}
/**
 * How a string that came off had ended, and where.
 */
export interface EventDied {
    /**
     * Its name, made where it happened, by which what comes twice is known: a UUID, small letters.
     */
    id: string;
    /**
     * The device on which it was said.
     */
    device: string;
    /**
     * Its number among all that this device said, growing.
     */
    sequence?: number | null;
    /**
     * The last event of the job, in the order of their receipt, that the device knew of then; 0 for none.
     */
    seen?: number | null;
    /**
     * Who did it, where that is known, up to 200 characters.
     */
    by?: string | null;
    /**
     * When it happened, by the device’s clock.
     */
    at: string;
    kind: 'died';
    data: {
        /**
         * Which string it is, 1 to 14.
         */
        position: number;
        /**
         * How it ended.
         */
        how: 'dull' | 'corroded' | 'broken';
        /**
         * Where it broke; empty where nobody said.
         */
        where?: '' | 'ball' | 'saddle' | 'fret' | 'nut' | 'post' | 'elsewhere';
    };
}
/**
 * How far each string had drifted before it was tuned again.
 */
export interface EventDrifted {
    /**
     * Its name, made where it happened, by which what comes twice is known: a UUID, small letters.
     */
    id: string;
    /**
     * The device on which it was said.
     */
    device: string;
    /**
     * Its number among all that this device said, growing.
     */
    sequence?: number | null;
    /**
     * The last event of the job, in the order of their receipt, that the device knew of then; 0 for none.
     */
    seen?: number | null;
    /**
     * Who did it, where that is known, up to 200 characters.
     */
    by?: string | null;
    /**
     * When it happened, by the device’s clock.
     */
    at: string;
    kind: 'drifted';
    data: {
        /**
         * Whether it had been left alone since it was tuned; else it had been stretched.
         */
        rested?: boolean;
        /**
         * Cents for each string, string 1 first, flat negative, -3000 to 3000; null where none was read.
         *
         * @maxItems 14
         */
        cents: (number | null)[];
    };
}
/**
 * Something worth keeping.
 */
export interface EventNoted {
    /**
     * Its name, made where it happened, by which what comes twice is known: a UUID, small letters.
     */
    id: string;
    /**
     * The device on which it was said.
     */
    device: string;
    /**
     * Its number among all that this device said, growing.
     */
    sequence?: number | null;
    /**
     * The last event of the job, in the order of their receipt, that the device knew of then; 0 for none.
     */
    seen?: number | null;
    /**
     * Who did it, where that is known, up to 200 characters.
     */
    by?: string | null;
    /**
     * When it happened, by the device’s clock.
     */
    at: string;
    kind: 'noted';
    data: {
        /**
         * What is noted, up to 2000 characters.
         */
        text: string;
        /**
         * The string it is about, 1 to 14; null for none.
         */
        position?: number | null;
    };
}
/**
 * It was handed to another bench.
 */
export interface EventBench {
    /**
     * Its name, made where it happened, by which what comes twice is known: a UUID, small letters.
     */
    id: string;
    /**
     * The device on which it was said.
     */
    device: string;
    /**
     * Its number among all that this device said, growing.
     */
    sequence?: number | null;
    /**
     * The last event of the job, in the order of their receipt, that the device knew of then; 0 for none.
     */
    seen?: number | null;
    /**
     * Who did it, where that is known, up to 200 characters.
     */
    by?: string | null;
    /**
     * When it happened, by the device’s clock.
     */
    at: string;
    kind: 'bench';
    data: {
        /**
         * Which bench, up to 60 characters; empty for none.
         */
        bench?: string;
    };
}
/**
 * Who it is for, why, and until when.
 */
export interface EventAgreed {
    /**
     * Its name, made where it happened, by which what comes twice is known: a UUID, small letters.
     */
    id: string;
    /**
     * The device on which it was said.
     */
    device: string;
    /**
     * Its number among all that this device said, growing.
     */
    sequence?: number | null;
    /**
     * The last event of the job, in the order of their receipt, that the device knew of then; 0 for none.
     */
    seen?: number | null;
    /**
     * Who did it, where that is known, up to 200 characters.
     */
    by?: string | null;
    /**
     * When it happened, by the device’s clock.
     */
    at: string;
    kind: 'agreed';
    data: {
        /**
         * Who it is for, up to 200 characters; empty where nobody is named.
         */
        owner?: string;
        /**
         * Why the strings are changed.
         */
        reason: 'dull' | 'broken' | 'corroded' | 'show' | 'season' | 'conversion' | 'other';
        /**
         * The day it is promised for, such as 2026-12-03; null for none.
         */
        promised_on?: string | null;
    };
}
/**
 * Something of this was a slip and never was. An undo can be undone.
 */
export interface EventUndone {
    /**
     * Its name, made where it happened, by which what comes twice is known: a UUID, small letters.
     */
    id: string;
    /**
     * The device on which it was said.
     */
    device: string;
    /**
     * Its number among all that this device said, growing.
     */
    sequence?: number | null;
    /**
     * The last event of the job, in the order of their receipt, that the device knew of then; 0 for none.
     */
    seen?: number | null;
    /**
     * Who did it, where that is known, up to 200 characters.
     */
    by?: string | null;
    /**
     * When it happened, by the device’s clock.
     */
    at: string;
    kind: 'undone';
    data: {
        /**
         * Which event, by its id.
         */
        event: string;
    };
}
/**
 * All of it is done.
 */
export interface EventFinished {
    /**
     * Its name, made where it happened, by which what comes twice is known: a UUID, small letters.
     */
    id: string;
    /**
     * The device on which it was said.
     */
    device: string;
    /**
     * Its number among all that this device said, growing.
     */
    sequence?: number | null;
    /**
     * The last event of the job, in the order of their receipt, that the device knew of then; 0 for none.
     */
    seen?: number | null;
    /**
     * Who did it, where that is known, up to 200 characters.
     */
    by?: string | null;
    /**
     * When it happened, by the device’s clock.
     */
    at: string;
    kind: 'finished';
    data: {
        /**
         * How it feels, up to 2000 characters; empty where nobody said.
         */
        felt?: string;
        /**
         * Whether its strings are coated.
         */
        coated?: boolean;
    };
}
/**
 * It is not finished after all.
 */
export interface EventReopened {
    /**
     * Its name, made where it happened, by which what comes twice is known: a UUID, small letters.
     */
    id: string;
    /**
     * The device on which it was said.
     */
    device: string;
    /**
     * Its number among all that this device said, growing.
     */
    sequence?: number | null;
    /**
     * The last event of the job, in the order of their receipt, that the device knew of then; 0 for none.
     */
    seen?: number | null;
    /**
     * Who did it, where that is known, up to 200 characters.
     */
    by?: string | null;
    /**
     * When it happened, by the device’s clock.
     */
    at: string;
    kind: 'reopened';
    data: {
        /**
         * Whose strings are on the instrument now, where a later job has put its own on: these of this job, or those.
         */
        on?: 'these' | 'those';
    };
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
    solution?: Solution1;
}
export interface Problem {
    /**
     * JSON Pointer into the input; empty for the whole of it.
     */
    path: string;
    message: string;
}
/**
 * Up to five sets chosen for a target, best first. The objective is the sum of (ln(T/T*))² over the strings, 0.01 for each pair of neighbours whose lower-pitched string is the thinner one, and for a total 100 (ln(sum/total))².
 */
export interface Solution1 {
    format: 'lira-solution';
    version: 1;
    name: string;
    profile: 'per-string' | 'equal' | 'progressive' | 'baseline' | 'total';
    /**
     * Whether nothing better was left unseen.
     */
    complete: boolean;
    /**
     * No set is better than this.
     */
    bound: number;
    targets: TargetBand[];
    solutions: RankedSet[];
    /**
     * Where the constructions are kept: which strings are plain or wound now that were not, and why.
     */
    constructions?: ConstructionChange[];
    /**
     * The packaged sets that come nearest to the best solution as they come, nothing added: string by string, and by what all pull together.
     */
    packets: PacketAsItComes[];
    /**
     * Packaged sets, nearest first, with the singles that would complete each.
     */
    packaged: NearestPackaged[];
    unknown_keys?: string[];
}
