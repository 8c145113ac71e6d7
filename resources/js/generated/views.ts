// Made from the view classes of app by bin/generate-views.php. Change those, not this file.
import type { Baseline, Construction, FittingPlan, FittingStep, Kind, Material, NeckSetup, SetDocument } from './formats';

/** A set as one takes it along: in one line, with its price and the packets that come nearest. */
export interface Answer {
    /** Every gauge, string 1 first. */
    line: string;
    /** The same with what it is for, to be shared. */
    text: string;
    /** Null while no supplier is known. */
    price: Price | null;
    /** Nearest first. */
    packets: Packet[];
}

/** A job on a set, before it is begun. */
export interface Begin {
    set: { id: number; name: string };
    instrument: { id: number; name: string };
    owner: string;
    /** What may be on the instrument now. */
    presents: Choice[];
    /** Schools by aspect, way by way. */
    ways: Record<string, Record<string, string>>;
    way: string;
    /** By aspect. */
    schools: Record<string, string>;
    left_handed: boolean;
    /** Jobs on the instrument that are not finished. */
    open: { id: number; name: string }[];
    /** Which strings are asked for; none for all. */
    some: number[];
    preview: Preview;
}

/** Where strings broke. */
export interface Broke {
    /** Post, nut, fret, saddle, ball or elsewhere. */
    place: string;
    /** The same in words. */
    label: string;
    /** Position and how many of it. */
    strings: number[][];
    count: number;
    /** Empty where they are too few. */
    suspicion: string;
}

/** What changes of a string. */
export interface Change {
    code: string;
    words: string[];
}

/** Something that can be chosen. */
export interface Choice {
    value: string;
    label: string;
}

/** How far the model is taken to be off at a gauge. */
export interface Correction {
    gauge_in: number;
    /** Of what strings weigh to what the model says. */
    factor: number;
    /** How far that may be off, relative, 95 %. */
    uncertainty: number;
}

/** So many of a string. */
export interface Counted {
    construction: Construction;
    material: Material;
    /** Outer diameter, nanometres. */
    gauge_nm: number;
    count: number;
}

/** How many last so long, as it is reckoned. */
export interface Curve {
    hours: number;
    /** Of such strings that last so long. */
    share: number;
    /** Where that lies in 8 of 10 such cases. */
    low: number;
    high: number;
}

/** A device or a program that was let in. */
export interface Device {
    id: number;
    name: string;
    /** Device or program. */
    kind: string;
    right: 'nobody' | 'look' | 'bench' | 'all';
    /** When it was let in, ISO 8601. */
    since: string;
    /** About when it last asked for something, ISO 8601; null where it never did. */
    seen: string | null;
}

/** What a list would change. */
export interface Difference {
    added: number;
    changed: number;
    same: number;
    gone: number;
    /** The first of them. */
    changes: Change[];
    /** The first of them. */
    gone_codes: string[];
}

/** Everything of one string that lies in the drawer. */
export interface DrawerString {
    construction: Construction;
    material: Material;
    /** Outer diameter, nanometres. */
    gauge_nm: number;
    quantity: number;
    /** Of these for orders. */
    kept: number;
    /** How many there should be. */
    least: number | null;
    lots: Lot[];
}

/** Something that is due on an instrument. */
export interface Due {
    /** By which it is known as long as it is the same. */
    key: string;
    /** Strings, show, care or job. */
    what: string;
    /** What it is seen to and put off under. */
    rule: string;
    /** Its id. */
    instrument: number;
    name: string;
    owner: string;
    /** Where its last job was; empty where nobody said. */
    bench: string;
    /** What is to be done, in words. */
    do: string;
    /** In words, with what that rests on. */
    why: string;
    /** Empty where nothing can be hurt. */
    caution: string;
    /** A date, ISO 8601. */
    on: string;
    /** At the earliest; null where it is one day. */
    from: string | null;
    /** At the latest; null where it is one day. */
    to: string | null;
    /** The day it was put off to; null where it was not. */
    put_off: string | null;
    /** Empty where it was not. */
    put_off_why: string;
    /** Its id; null where it is none. */
    job: number | null;
    /** Positions; empty where it is not about some strings. */
    strings: number[];
    /** Its id, of what is on the instrument; null where nobody put it on here. */
    set: number | null;
}

/** The line in the gauge that the samples of a family give. */
export interface FamilyCorrection {
    /** Thin to thick, over the gauges that were weighed and a little beyond. */
    line: Correction[];
    /** That it is made from. */
    samples: number;
}

/** How far strings that wear alike are through their life. */
export interface FamilyLife {
    /** Which strings they are. */
    label: string;
    coated: boolean;
    /** On this instrument. */
    positions: number[];
    /** The same in words. */
    which: string;
    since: string;
    /** Since they were fitted, as they count. */
    played_h: number;
    /** One string in ten is gone by then. */
    p10_h: number;
    /** One in five. */
    p20_h: number;
    /** Half of them. */
    p50_h: number;
    /** Nine in ten. */
    p90_h: number;
    /** So many strings that ended. */
    learned_from: number;
    /** Of so many changes of strings. */
    changes: number;
    /** Used of the hours by which half are gone. */
    share: number;
    /** A date, ISO 8601; null where nobody knows how much it is played. */
    due_on: string | null;
    /** At the earliest. */
    due_from: string | null;
    /** At the latest; null where that is years away. */
    due_to: string | null;
    /** The year before which they are not due, where that is years away. */
    not_before: number | null;
}

/** A page of the jobs that are finished. */
export interface Finished {
    /** The last finished first. */
    rows: JobRow[];
    /** Of all that were looked for. */
    count: number;
    /** From 1. */
    page: number;
    pages: number;
}

/** Something that happened to an instrument. */
export interface Happened {
    /** Measured, saddles, care, put-off, show or note. */
    what: string;
    /** A date, ISO 8601. */
    on: string;
    words: string;
    /** Of care, by which it is taken back; null where it is none. */
    entry: number | null;
}

/** By how much a height will change with what the strings pull; millimetres, in its 95 % range. */
export interface Height {
    low: number;
    estimate: number;
    high: number;
    /** So many jobs on this instrument. */
    learned_from: number;
}

/** How soon strings of a make hold. */
export interface Holds {
    /** Whose list they are of. */
    make: string;
    material: string;
    /** Mean. */
    rounds: number;
    /** From when they were brought to pitch, mean; null where nobody waited. */
    hours: number | null;
    /** It rests on. */
    jobs: number;
}

/** The titles and first rows of a list, and how its columns are or could be mapped. */
export interface ImportPreview {
    id: number;
    /** The name of the file. */
    original: string;
    encoding: string;
    delimiter: string;
    header: string[];
    rows: string[][];
    /** Whether its columns are mapped as they were for the last list with these titles. */
    remembered: boolean;
    mapping: Mapping;
}

/** How far a list is, and what it would change. */
export interface ImportProgress {
    id: number;
    status: 'uploaded' | 'checking' | 'checked' | 'written';
    /** Of it that is checked. */
    share: number;
    rows: number;
    good: number;
    rejected: number;
    /** The first of them. */
    rejects: Reject[];
    /** Once all is checked. */
    difference: Difference | null;
}

/** How long the strings of an instrument have been played, and how long they will be. */
export interface InstrumentLife {
    /** As somebody said. */
    hours_a_week: number | null;
    /** As the log of the last weeks shows. */
    logged_a_week: number | null;
    /** Of what is on it. */
    families: FamilyLife[];
    /** The last first. */
    last: Play[];
    /** Where it lives, as care rules know it; empty where nobody said. */
    place: string;
}

/** An instrument in the list of all. */
export interface InstrumentSummary {
    id: number;
    name: string;
    kind: string;
    owner: string;
    strings: number;
    /** Of the first string and the last. */
    lengths_mm: [number, number];
    sets: number;
    /** The set last designed for it. */
    last: { id: number; name: string } | null;
}

/** A job as it is now. */
export interface Job {
    id: number;
    /** The last event that it knows of. */
    last: number;
    name: string;
    /** It puts on. */
    set: number | null;
    instrument: number;
    instrument_name: string;
    /** What was on the instrument. */
    before: string | null;
    owner: string;
    reason: 'dull' | 'broken' | 'corroded' | 'show' | 'season' | 'conversion' | 'other';
    bench: string;
    /** Whose schools it began with: usual, workshop, owner, last or own. */
    way: string;
    /** The day. */
    promised: string | null;
    left_handed: boolean;
    from_drawer: boolean;
    status: 'open' | 'finished';
    /** The moment, ISO 8601. */
    finished: string | null;
    /** The job whose strings are on now, where this one is finished and these are not its own. */
    later: Later | null;
    strings: JobString[];
    /** Positions of strings that are not there. */
    missing: number[];
    schools: School[];
    /** String 1 first. */
    settling: Settling[];
    photographs: JobPhotograph[];
    /** What all strings pulled before. */
    before_n: number;
    /** And will pull once they are tuned. */
    after_n: number;
    /** As it is foretold. */
    relief: Height;
    /** At the 12th fret, as it is foretold. */
    action: Height;
    /** Who did something in it, the first first: people, or devices on which nobody was named. */
    by: string[];
    /** Somebody was at it. */
    minutes: number;
    /** Before which its strings will not have settled; null where none is, or they have. */
    show: ShowSoon | null;
}

/** A job in parts that change by themselves. */
export interface JobParts {
    job: Job;
    plan: Omit<FittingPlan, 'steps'>;
    /** By their keys. */
    steps: Record<string, Omit<FittingStep, 'number' | 'pull_after_n'>>;
    /** Keys in the order of the plan, each with what all strings pull after it. */
    order: [string, number][];
    /** Keys of what is done over once a string changes. */
    rounds: string[];
}

/** A photograph that was taken in a job. */
export interface JobPhotograph {
    id: number;
    /** Before or after. */
    moment: string;
    caption: string;
}

/** A job in the list, by what it wants next. */
export interface JobRow {
    id: number;
    name: string;
    instrument: string;
    owner: string;
    reason: 'dull' | 'broken' | 'corroded' | 'show' | 'season' | 'conversion' | 'other';
    bench: string;
    status: 'open' | 'finished';
    done: number;
    total: number;
    /** What is done next, in a few words. */
    next: string;
    /** It is left alone until then, ISO 8601. */
    until: string | null;
    /** Positions of strings that are not there. */
    missing: number[];
    /** Whether nothing can be done before one of them is there. */
    blocked: boolean;
    /** Whether all of them are ordered. */
    ordered: boolean;
    /** The day on which the last of them should come. */
    due: string | null;
    /** The day. */
    promised: string | null;
    /** When somebody last did something, ISO 8601. */
    touched: string;
    /** The moment, ISO 8601. */
    finished: string | null;
}

/** One string of a job: which it is, and where it comes from. */
export interface JobString {
    position: number;
    /** As documents write it. */
    pitch: string;
    /** The pitch of the one that was there before; null where nothing was. */
    before: string | null;
    /** What it sounds at its pitch. */
    hz: number;
    /** As its inharmonicity; null where that is not known. */
    stiffness: Stiffness | null;
    construction: Construction;
    material: Material;
    /** Outer diameter, nanometres. */
    gauge_nm: number;
    /** That its packet may bear. */
    codes: string[];
    /** Whether labels with notches were printed for the packets of its set. */
    labelled: boolean;
    /** Kept, used, missing, here (brought along), or free (the drawer is not asked). */
    from: string;
    /** It is of. */
    lot: string | null;
    /** Of its ball end, as it was noted with the lot; empty where it was not. */
    ball_colour: string;
    /** So many more lie in the drawer, kept for nobody. */
    free: number;
    /** Kept for it. */
    spares: number;
    /** Whether it is on the order list. */
    wanted: boolean;
}

/** Saddles as they were moved once. */
export interface KeptMoves {
    at: string;
    set: string;
    tuning: string;
    strings: { position: number; pitch: string; setback_mm: number; moved_mm: number; found_cents: number | null; left_cents: number | null }[];
}

/** A kind of instrument with what one of it usually has. */
export interface KindChoice {
    value: Kind;
    label: string;
    usual: Usual;
}

/** The job that put on what is on an instrument now. */
export interface Later {
    id: number;
    name: string;
}

/** A string in a line, as it is listed. */
export interface Listed {
    id: number;
    supplier_id: number;
    code: string;
    name: string;
    construction: Construction;
    material: Material;
    /** Outer diameter, nanometres. */
    gauge_nm: number;
    /** As the list says it. */
    kg_per_m: number | null;
    cents: number | null;
    box_of: number | null;
    box_cents: number | null;
    end: 'ball' | 'loop' | 'bare' | null;
    /** How many lie there. */
    drawer: number;
}

/** A family of strings that is listed. */
export interface ListedFamily {
    /** Its key. */
    family: string;
    construction: Construction;
    material: Material;
}

/** Some of the strings that were looked for. */
export interface ListedPage {
    /** That were found. */
    total: number;
    rows: Listed[];
}

/** What is learned of strings that wear alike. */
export interface Lives {
    label: string;
    coated: boolean;
    /** Whose or which they are, where they are parted; else nothing. */
    part: string;
    /** So many were dull, corroded or broke. */
    ended: number;
    /** So many are on, or were changed early. */
    running: number;
    /** Of so many changes of strings any ended. */
    changes: number;
    /** So many strings that ended, were each on an instrument of its own. */
    counts_as: number;
    /** How alike they end: 1 by chance alone, 6 nearly all at once. */
    shape: number;
    /** Half of them last so long as long as nothing is known. */
    usual_h: number;
    /** One string in ten is gone by then. */
    p10_h: number;
    /** One in five. */
    p20_h: number;
    /** Half of them. */
    p50_h: number;
    /** Nine in ten. */
    p90_h: number;
    /** Where the hours by which half are gone lie in 8 of 10 such cases. */
    median_low_h: number;
    median_high_h: number;
    /** Whether what was seen stays within the band over two thirds of its length. */
    alike: boolean;
    /** As it was seen. */
    steps: Step[];
    /** As it is reckoned. */
    curve: Curve[];
    /** Of one string, cents an hour, by currency. */
    costs: Record<string, number>;
}

/** Strings that came into the drawer together. */
export interface Lot {
    id: number;
    name: string;
    end: 'ball' | 'loop' | 'bare' | null;
    quantity: number;
    /** Of these for orders. */
    kept: number;
    /** What one cost. */
    cents: number | null;
    note: string;
    /** The day. */
    since: string;
    /** Of its ball ends; empty where they have none of their own. */
    ball_colour: string;
}

/** Which column says what, in which unit. */
export interface Mapping {
    /** By field. */
    columns: Record<string, number>;
    /** By field. */
    units: Record<string, string>;
    /** Where no column says it. */
    construction: string | null;
    /** Where no column says it. */
    material: string | null;
}

/** What was measured in a job. */
export interface MeasuredThen {
    /** A date, ISO 8601. */
    on: string;
    moment: string;
    action_mm: number | null;
    relief_mm: number | null;
}

/** What the model says of a gauge. */
export interface Modelled {
    gauge_in: number;
    /** At rest. */
    kg_per_m: number;
    /** How far that may be off while nothing is measured, relative, 95 %. */
    tolerance: number;
}

/** What happened to a lot. */
export interface Movement {
    change: number;
    kind: 'added' | 'used' | 'counted' | 'returned';
    note: string;
    /** The moment, ISO 8601. */
    at: string;
}

/** A pool to choose. */
export interface NamedPool {
    id: number;
    name: string;
}

/** A string that was read open and stopped at a fret. */
export interface NeckReading {
    id: number;
    position: number;
    fret: number;
    open_hz: number;
    fretted_hz: number;
}

/** What is on an instrument now. */
export interface OnIt {
    /** That put it there. */
    job: number;
    name: string;
    /** The moment, ISO 8601. */
    since: string;
    /** As it is designed now, if it still is there. */
    set: number | null;
}

/** What is on an instrument now, as a set beside it is measured by. */
export interface OnItNow {
    name: string;
    /** As it is designed now, if it still is there. */
    set: number | null;
    /** The moment, ISO 8601. */
    since: string;
    /** How it felt when that was finished; empty where it was not said. */
    felt: string;
    baseline: Baseline;
}

/** An order that was placed. */
export interface Order {
    id: number;
    supplier: string;
    /** What it is for. */
    name: string;
    /** Strings of the drawer that are kept for what was placed with it. */
    kept: number;
    status: 'draft' | 'on its way' | 'arrived' | 'done';
    currency: string;
    shipping_cents: number;
    /** The day. */
    due_on: string | null;
    /** The day. */
    since: string;
    total_cents: number;
    lines: PlacedLine[];
}

/** One thing of an order that is planned. */
export interface OrderLine {
    kind: 'single' | 'box' | 'set';
    code: string;
    name: string;
    /** How many one of it has. */
    strings: number;
    count: number;
    /** Price of one of it. */
    cents: number;
}

/** What it would cost otherwise. */
export interface OtherWay {
    /** In words. */
    what: string;
    cents: number;
}

/** A packaged set beside a design, as it comes. */
export interface Packet {
    name: string;
    /** Its gauges in one line. */
    line: string;
    /** What it comes nearest by. */
    nearest: 'strings' | 'total' | 'both';
    /** How far the string that differs most is off, as a share of its tension. */
    most_share: number;
    /** How much more all pull together, as a share. */
    total_share: number;
    /** What is another than in the design, a phrase for each string. */
    differs: string[];
    /** Null where it has no price. */
    cents: number | null;
    currency: string;
}

/** A set, from when it was put on to when the next one was. */
export interface Period {
    /** That put it on; null where none did. */
    job: number | null;
    name: string;
    /** ISO 8601. */
    from: string;
    /** Null while it is on. */
    to: string | null;
    /** Why it came off. */
    reason: string;
    /** It did, as they count; null where nothing tells. */
    hours: number | null;
    /** Of all its strings; null where that is not known. */
    pull_n: number | null;
    /** Empty where nobody said. */
    felt: string;
    /** Positions of strings that broke. */
    broke: number[];
}

/** A photograph of an instrument. */
export interface Photograph {
    id: number;
    revision: number;
    caption: string;
    width: number;
    height: number;
}

/** One thing of an order that was placed. */
export interface PlacedLine {
    id: number;
    kind: 'single' | 'box' | 'set';
    code: string;
    name: string;
    /** How many one of it has. */
    strings: number;
    count: number;
    /** Price of one of it. */
    cents: number;
    /** That arrived and wait to be put into the drawer. */
    sent: number;
    /** That are in the drawer. */
    received: number;
}

/** What to take from the drawer and what to order where. */
export interface Plan {
    /** Strings. */
    needed: number;
    drawer: Taken[];
    /** That nobody lists. */
    missing: Counted[];
    orders: PlannedOrder[];
    total_cents: number;
    /** It is paid in. */
    currency: string;
    /** That could be chosen. */
    currencies: string[];
    /** Whether no other basket costs less. */
    proven: boolean;
    /** No basket costs less than this. */
    at_least_cents: number;
    /** Strings that come along and are not needed. */
    over: number;
    otherwise: OtherWay[];
}

/** What would be ordered from one supplier. */
export interface PlannedOrder {
    supplier: string;
    currency: string;
    lead_days: number;
    goods_cents: number;
    shipping_cents: number;
    lines: OrderLine[];
}

/** A string that a job would need. */
export interface PlannedString {
    position: number;
    /** As documents write it. */
    pitch: string;
    construction: Construction;
    material: Material;
    /** Outer diameter, nanometres. */
    gauge_nm: number;
    /** So many lie in the drawer, kept for nobody. */
    free: number;
}

/** An instrument was played. */
export interface Play {
    id: number;
    /** A date, ISO 8601. */
    on: string;
    hours: number;
    heat: boolean;
    salt: boolean;
    sweat: boolean;
}

/** How a set plays on an instrument, in figures and in words. */
export interface Playing {
    neck: NeckSetup;
    /** The set that is on it, or that one is used to. */
    before: NeckSetup | null;
    before_name: string;
    /** Of the set, by their names. */
    tunings: string[];
    /** What it was reckoned with. */
    mm: { action: number; nut: number; relief: number };
    /** Where it is out of tune. */
    frets: string[];
    /** How low its strings may lie. */
    action: { soft: string[]; medium: string[]; hard: string[] };
    /** What warmth does. */
    warmth: string[];
    /** What stopped pitches said. */
    read: string[];
    /** From the side, string 1 first. */
    sides: SideOfString[];
    /** At the nut, lowest string first. */
    chords: { name: string; stops: Stop[] }[];
    /** Of an octave. */
    scale: Stop[];
    /** What each string sounds open, and how stiff it is. */
    open: { position: number; hz: number; stiffness: { low: number; estimate: number; high: number } | null }[];
}

/** A named pool. */
export interface Pool {
    id: number;
    revision: number;
    name: string;
    rule: PoolRule;
    /** How many it has now. */
    gauges: number;
}

/** What is in a pool. */
export interface PoolRule {
    /** By id; empty for all. */
    suppliers: number[];
    /** Construction and material; empty for all. */
    families: string[];
    /** Whether half thousandths are in it. */
    half_gauges: boolean;
    /** Whether only what lies there. */
    drawer: boolean;
}

/** What a job would be. */
export interface Preview {
    steps: number;
    /** What all strings pull now, newtons. */
    before_n: number;
    /** And would pull. */
    after_n: number;
    schools: School[];
    strings: PlannedString[];
    /** What stands in for what nobody measured on the instrument. */
    assumed: string[];
    /** Before which they will not have settled. */
    show: ShowSoon | null;
}

/** What the strings of a set cost where they are sold. */
export interface Price {
    /** Of all that is bought, shipping included. */
    cents: number;
    currency: string;
    /** Strings that lie in the drawer. */
    from_drawer: number;
    /** Where it is bought. */
    suppliers: string[];
    /** Gauges that nobody lists, in the reader’s unit. */
    missing: string[];
}

/** A row that was not taken. */
export interface Reject {
    line: number;
    reason: string;
}

/** A string as it is listened for, to move its saddle. */
export interface SaddleString {
    position: number;
    pitch: string;
    hz: number;
    /** Its inharmonicity; null where that is not known. */
    stiffness: { low: number; estimate: number; high: number } | null;
    scale_mm: number;
    setback_mm: { low: number; estimate: number; high: number } | null;
    /** Where it starts along the neck; 0 at the nut. */
    starts_at_fret: number;
    /** How far from the scale length its saddle goes back. */
    travel_mm: number | null;
    /** Where its saddle was left the last time, behind the scale length. */
    found_mm: number | null;
    /** Where this instrument’s saddles, as they were found, let it be expected. */
    expected_mm: number | null;
}

/** What a sample comes to, beside the model. */
export interface Sample {
    /** None before it is kept. */
    id: number | null;
    construction: Construction;
    material: Material;
    /** Outer diameter, nanometres. */
    gauge_nm: number;
    /** Of instrument it is made for. */
    kind: Kind;
    /** Otherwise sounded. */
    weighed: boolean;
    /** At rest. */
    kg_per_m: number;
    /** Relative. */
    tolerance: number;
    modelled_kg_per_m: number | null;
    /** Measured to modelled. */
    ratio: number | null;
    /** The size of its core, where that was bared. */
    core_mm: number | null;
    note: string;
    /** Whether it counts no more. */
    set_aside: boolean;
}

/** The samples of one family of strings. */
export interface SampleFamily {
    construction: Construction;
    material: Material;
    /** Of instrument, in words. */
    kind: string;
    samples: Sample[];
    /** Thin to thick, over the gauges that are usually sold; none of what has no model. */
    model: Modelled[];
    /** None where none counts. */
    correction: FamilyCorrection | null;
}

/** A set as it is kept. */
export interface SavedSet {
    id: number;
    revision: number;
    instrumentId: number;
    savedAt: string;
    document: SetDocument;
}

/** By which way of several a part of the work is done. */
export interface School {
    aspect: string;
    label: string;
    chosen: string;
    /** A sentence. */
    reason: string;
    choices: Choice[];
}

/** A string, cut through: diameters in millimetres. */
export interface Section {
    /** None for polyurethane. */
    core: SectionCore | null;
    /** Inside out. */
    layers_mm: number[];
    outer_mm: number;
}

/** A core, cut through. */
export interface SectionCore {
    shape: 'round' | 'hex' | 'multifilament';
    size_mm: number;
}

/** A set in the list of all. */
export interface SetSummary {
    id: number;
    name: string;
    instrument: string;
    instrumentId: number;
    kind: string;
    strings: number;
    tunings: string[];
    gauges_nm: number[];
    savedAt: string;
}

/** How far a new string is from holding. */
export interface Settling {
    position: number;
    /** Of each round of stretching, cents. */
    drifts: number[];
    /** Each time it had been left alone, cents. */
    rested: number[];
    /** As likely more as fewer; null before anything was read. */
    rounds_left: number | null;
    /** That suffice in nine cases of ten; null before anything was read, or where none do. */
    rounds_most: number | null;
    /** A positive number. */
    next_drift_cents: number | null;
    /** After the last round; null while rounds are left or something is not known. */
    holds_after_s: number | null;
    /** ISO 8601; null where that is not known. */
    holds_at: string | null;
}

/** An address that was given to somebody, and stands. */
export interface Share {
    id: number;
    what: 'sheet' | 'fit' | 'plan' | 'year';
    /** What it is of: a set's or an instrument's name. */
    of: string;
    year: number | null;
    /** The whole of it; null while Lira answers no network. */
    address: string | null;
    /** ISO 8601. */
    ends: string;
    /** About when it was last opened, ISO 8601; null where it never was. */
    opened: string | null;
}

/** All there is to say about one string that can be ordered. */
export interface Sheet {
    id: number;
    supplier_id: number;
    code: string;
    name: string;
    /** Its name. */
    supplier: string;
    currency: string;
    cents: number | null;
    box_of: number | null;
    box_cents: number | null;
    construction: Construction;
    material: Material;
    /** Outer diameter, nanometres. */
    gauge_nm: number;
    length_mm: number | null;
    end: 'ball' | 'loop' | 'bare' | null;
    /** Of instrument it is made for, in words. */
    kind: string;
    section: Section | null;
    density: SheetDensity | null;
    suits: Suits | null;
    uses: Use[];
}

/** What a string weighs by its length: what is taken, and what the model says beside it. */
export interface SheetDensity {
    kg_per_m: number;
    /** Relative. */
    tolerance: number;
    source: 'modelled' | 'supplied' | 'measured';
    modelled_kg_per_m: number | null;
    /** By how much the list differs from the model, relative. */
    off: number | null;
}

/** A time at which somebody plays, as it is said there. */
export interface Show {
    id: number;
    name: string;
    place: string;
    /** A date, ISO 8601. */
    on: string;
    /** Such as 20:30. */
    at: string;
    hours: number;
    heat: boolean;
    salt: boolean;
    sweat: boolean;
    /** Ids. */
    instruments: number[];
}

/** A show at which new strings will not have settled. */
export interface ShowSoon {
    name: string;
    /** ISO 8601. */
    at: string;
}

/** One string over its frets, from the side: millimetres along from the nut, and over the straight line of the frets. */
export interface SideOfString {
    position: number;
    /** Where it begins to sound. */
    start: [number, number];
    /** Along, where the string itself begins. */
    peg_mm: number;
    /** Along, where the scale ends. */
    full_mm: number;
    /** The top of each, fret 1 first. */
    frets: [number, number][];
    /** As its action puts it. */
    saddle: [number, number];
    /** How high the saddle stands at the lowest clean action. */
    needed: { soft: number; medium: number; hard: number } | null;
}

/** Where strings ended. */
export interface Step {
    hours: number;
    /** That goes on after it. */
    share: number;
    /** So many were known to have lasted so long. */
    of: number;
}

/** How stiff a string is, as its inharmonicity, by which it is told from others by ear. */
export interface Stiffness {
    low: number;
    estimate: number;
    high: number;
}

/** A string stopped at a fret. */
export interface Stop {
    position: number;
    /** As the neck counts them. */
    fret: number;
    /** Above the string's own tone. */
    semitones: number;
}

/** What pitches a string suits on a length. */
export interface Suits {
    low: string | null;
    usual: string | null;
    high: string | null;
    low_hz: number;
    high_hz: number;
    /** Whether it may break before it is hard on the hand. */
    breaks: boolean;
}

/** A supplier, and how much is listed there. */
export interface Supplier {
    id: number;
    revision: number;
    name: string;
    /** Three letters. */
    currency: string;
    /** Of one parcel. */
    shipping_cents: number;
    /** From what sum on parcels are free. */
    free_from_cents: number | null;
    lead_days: number;
    /** Listed. */
    strings: number;
}

/** So many of a lot of the drawer. */
export interface Taken {
    /** Of the lot. */
    name: string;
    construction: Construction;
    material: Material;
    /** Outer diameter, nanometres. */
    gauge_nm: number;
    count: number;
}

/** A photograph and when it was taken. */
export interface Then {
    id: number;
    caption: string;
    /** A date, ISO 8601. */
    on: string;
    moment: string;
    job: string;
}

/** An instrument through time. */
export interface TimeLine {
    /** The first first. */
    periods: Period[];
    /** In which it was played. */
    weeks: WeekHours[];
    /** The first first. */
    measured: MeasuredThen[];
    /** The last first. */
    happened: Happened[];
    /** Where its strings broke. */
    broke: Broke[];
    /** The first first. */
    photographs: Then[];
    /** It has. */
    strings: number;
}

/** An instrument that can be tuned, and the set on it. */
export interface Tunable {
    id: number;
    name: string;
    /** Empty where nobody is named. */
    owner: string;
    strings: number;
    /** That is on it, or was last designed for it. */
    set: number;
    set_name: string;
    /** Whether a job put it there. */
    known: boolean;
    /** When it was last worked on, ISO 8601. */
    last: string;
}

/** A string as it is listened for, to tune it. */
export interface TunedString {
    position: number;
    pitch: string;
    hz: number;
    /** Its inharmonicity; null where that is not known. */
    stiffness: { low: number; estimate: number; high: number } | null;
    gauge_in: number;
}

/** Where a string is used. */
export interface Use {
    /** Of the set. */
    id: number;
    /** Of the set. */
    name: string;
    position: number;
}

/** What an instrument of a kind usually has. */
export interface Usual {
    strings: number;
    length_mm: number;
    short_strings: { position: number; starts_at_fret: number }[];
    frets: number;
    anchor: 'bridge-pins' | 'pinless' | 'string-through' | 'top-loading' | 'stop-tailpiece' | 'over-wrapped' | 'vibrato' | 'locking-saddle' | 'tie-block' | 'loop-end' | 'slotted-elastomer';
    built_for: 'steel' | 'nylon';
    pickup: 'none' | 'magnetic' | 'piezo' | 'microphone';
    posts: { type: 'standard' | 'locking' | 'slotted' | 'roller' | 'banjo-fifth' | 'elastomer'; diameter_mm: number; spacing_mm: number };
    layout: 'one-side' | 'both-sides';
    nut_gap_mm: number;
    saddle_gap_mm: number;
    action_12_mm: number;
    nut_height_mm: number;
}

/** A version that was kept under a name. */
export interface Version {
    id: number;
    name: string;
    keptAt: string;
}

/** A string on the order list. */
export interface Wanted {
    id: number;
    construction: Construction;
    material: Material;
    /** Outer diameter, nanometres. */
    gauge_nm: number;
    count: number;
    /** What it is for. */
    note: string;
    /** That waits for it. */
    job: number | null;
    /** So many lie in the drawer by now. */
    free: number;
}

/** Hours that were played in a week. */
export interface WeekHours {
    /** Its Monday, ISO 8601. */
    week: string;
    hours: number;
}

/** All that was done here in a year. */
export interface WorkshopYear {
    year: number;
    /** What and how much. */
    sums: [string, string][];
    used: { what: string; family: string; count: number; hours: string }[];
    instruments: { name: string; owner: string; jobs: number; minutes: string }[];
}
