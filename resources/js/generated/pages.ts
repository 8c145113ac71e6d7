// Made from the pages of app/Http/Pages by bin/generate-views.php. Change those, not this file.
import type { Construction, DrawnFit, Evaluation, Instrument, JobEvent, Kind, Material, SetDocument } from './formats';
import type { Begin, Broke, Choice, Device, DrawerString, Due, Holds, InstrumentLife, InstrumentSummary, JobParts, JobRow, KeptMoves, KindChoice, ListedFamily, Lives, NamedPool, OnIt, OnItNow, Order, Photograph, Pool, SaddleString, SampleFamily, SavedSet, School, SetSummary, Share, Show, Supplier, Tunable, TunedString, Version, Wanted, WorkshopYear } from './views';

/** An instrument whose label was read: what goes on with it. */
export interface AtHandPage {
    instrument: { id: number; name: string; kind: string; strings: number; owner: string };
    /** What is on it now, as far as jobs tell. */
    onIt: OnIt | null;
    /** When its strings are due again; null where nobody knows. */
    due: string | null;
    /** What goes on with it; null where none is open. */
    job: { id: number; name: string; do: string; bench: string } | null;
}

/** What the Bench needs to draw a set at once, without asking again. */
export interface BenchPage {
    set: SavedSet;
    evaluation: Evaluation;
    /** Newest first. */
    versions: Version[];
    /** Every pitch by its note number, spelt with sharps and with flats. */
    pitches: [string, string][];
    /** What tunings of so many strings are called, by their note numbers. */
    tuningNames: Record<string, string>;
    pools: NamedPool[];
    /** The pool it is chosen from; none for what is usually sold. */
    pool: number | null;
    /** What is on its instrument now, as far as jobs tell. */
    onIt: OnItNow | null;
}

/** What is done to instruments, how often and why. */
export interface CarePage {
    shipped: { key: string; name: string; reason: string; caution: string; rhythm: string }[];
    own: { key: string; name: string; reason: string; caution: string; rhythm: string; id: number; kinds: string[]; owner: string; fingerboard: string; place: string }[];
    kinds: Choice[];
    fingerboards: Choice[];
    places: Choice[];
    /** What an hour counts as. */
    exposure: { heat: number; salt: number; sweat: number };
    /** Before a show strings are due when one in so many of such strings has gone. */
    beforeShow: number;
    zone: string;
}

/** Copies of the workshop, and what lies where. */
export interface CopiesPage {
    /** The newest first. */
    kept: { name: string; bytes: number; on: string }[];
    folder: string;
    own_folder: boolean;
    made_at: string | null;
    space: { what: string; bytes: number }[];
    /** On the disk of the database. */
    free: number;
    /** Whether a copy can be brought back from here. */
    served: boolean;
    demo: boolean;
    /** Whether a demo can be put in. */
    empty: boolean;
}

/** Who may come in over the shop’s network. */
export interface DevicesPage {
    devices: Device[];
    shares: Share[];
    /** SHA-256 of the certificate that devices are shown, null where nothing answers them, and of who vouches for it. */
    prints: { shown: string | null; authority: string | null };
    /** Whether it can be turned on and off from here; where devices reach it, and why it could not be done as it was wanted. */
    network: { switch: boolean; address: string | null; fault: string | null };
    /** The device that looks; null at the machine itself. */
    here: number | null;
}

/** What lies in the drawer. */
export interface DrawerPage {
    contents: DrawerString[];
}

/** The door for a device that is not known. */
export interface EnterPage {
    known: boolean;
    /** SHA-256 of who vouches for the certificate. */
    authority: string | null;
}

/** What went wrong, in a sentence. */
export interface ErrorPage {
    /** Of HTTP. */
    status: number;
    message: string;
    /** In which somebody reads. */
    units: { length: string; gauge: string; tension: string };
}

/** What one may want, and where it is. */
export interface HelpPage {
    /** Of words that are explained. */
    groups: string[];
}

/** One instrument, or a new one. */
export interface InstrumentPage {
    /** Null for one that is not kept yet. */
    instrument: { id: number; revision: number; strings: number; document: Instrument } | null;
    kinds: KindChoice[];
    /** Those designed for it. */
    sets: { id: number; name: string }[];
    photographs: Photograph[];
    /** Hours on its strings, and how long they last; null for one that is not kept yet. */
    life: InstrumentLife | null;
    /** What is on it now, as far as jobs tell. */
    onIt: OnIt | null;
    /** Jobs on it that are not finished. */
    open: { id: number; name: string }[];
}

/** The list of instruments. */
export interface InstrumentsPage {
    instruments: InstrumentSummary[];
    /** Whether those are listed that were put away. */
    away: boolean;
    /** How many those are. */
    putAway: number;
}

/** Each saddle moved once. */
export interface IntonatePage {
    set: { id: number; name: string; instrument: string; instrumentId: number };
    document: SetDocument;
    tuning: number;
    strings: SaddleString[];
    learned: { share: number; strings: number } | null;
    screw_mm: number | null;
    saddles: 'each' | 'loose' | 'fixed';
    /** The open job that put these strings on, and when they hold, as far as that is known. */
    job: { id: number; holds_at: string | null } | null;
    /** The last first. */
    earlier: KeptMoves[];
}

/** A job: where it stands, and what happened. */
export interface JobPage {
    /** The last event that is in it. */
    last: number;
    /** The moment of its last change. */
    touched: string;
    /** What time it is here. */
    now: string;
    state: JobParts;
    events: (JobEvent & { order: number })[];
    fit: DrawnFit;
}

/** The list of jobs. */
export interface JobsPage {
    /** Open ones, then the last finished. */
    jobs: JobRow[];
    /** How many are finished. */
    finished: number;
    /** By which it is told whether any is otherwise by now. */
    as_of: string;
}

/** How long strings last. */
export interface LifePage {
    lives: Lives[];
    broke: Broke[];
    holds: Holds[];
    /** Null for all; empty for what is nobody’s. */
    owner: string | null;
    place: string | null;
    /** By what each family is parted; null where it is not. */
    part: string | null;
    parts: Choice[];
    owners: string[];
    places: Choice[];
}

/** Strings weighed or sounded here. */
export interface MeasuredPage {
    families: SampleFamily[];
    kinds: { value: Kind; label: string }[];
}

/** Where a job is begun. */
export interface NewJobPage {
    /** With the set that it puts on. */
    begin: Begin | null;
    /** An instrument whose set is still to be chosen. */
    instrument: { name: string; sets: { id: number; name: string }[] } | null;
    /** What a job is most likely begun for; null where a set or an instrument is chosen. */
    offers: { due: Due[]; designed: { id: number; name: string; instrument: string }[]; open: JobRow[] } | null;
    benches: string[];
}

/** Orders, and what is to be ordered. */
export interface OrdersPage {
    orders: Order[];
    /** What is on the order list. */
    wanted: Wanted[];
    /** Designs that an order is begun for. */
    begin: { id: number; name: string }[];
}

/** Whose instruments are here. */
export interface OwnersPage {
    /** By name. */
    owners: { name: string; instruments: number; jobs: number; open: number; rules: number; way: boolean }[];
    /** With all of theirs. */
    chosen: { name: string; instruments: { id: number; name: string; strings: number }[]; jobs: { id: number; name: string; instrument: string; on: string | null }[]; rules: string[]; care: number } | null;
}

/** A packet whose label was read. */
export interface PacketPage {
    code: string;
    set: { id: number; name: string };
    instrument: { id: number; name: string };
    string: { position: number; pitch: string; construction: Construction; material: Material; gauge_nm: number };
    /** So many strings the set has. */
    of: number;
    /** Where more of it lie. */
    lots: { name: string; quantity: number; note: string }[];
    /** What goes on with it; null where none is open. */
    job: { id: number; do: string } | null;
}

/** Named selections of strings. */
export interface PoolsPage {
    pools: Pool[];
    families: ListedFamily[];
    suppliers: Supplier[];
}

/** Something that was put away, and how it is brought back. */
export interface PutAwayPage {
    what: 'set' | 'instrument' | 'job';
    name: string;
    /** Where it is brought back. */
    unarchive: string;
    /** Where it stands then. */
    address: string;
    list: string;
}

/** The list of sets. */
export interface SetsPage {
    /** Those of the first page, or all of them where the address looks for some. */
    sets: SetSummary[];
    /** How many there are. */
    count: number;
    /** Whether those are listed that were put away. */
    away: boolean;
    /** How many those are. */
    putAway: number;
}

/** Shows that come, and that were. */
export interface ShowsPage {
    coming: Show[];
    past: Show[];
    instruments: { id: number; name: string; owner: string }[];
    /** Null until somebody said it. */
    zone: string | null;
}

/** Where a set is begun from what somebody has. */
export interface StartPage {
    /** Those of the workshop, the last changed first. */
    instruments: { id: number; name: string }[];
    /** The one that is to be designed for. */
    chosen: { id: number; name: string } | null;
    /** Whether there is nothing at all yet. */
    empty: boolean;
    /** Whether the demo workshop is in it. */
    demo: boolean;
}

/** All strings that suppliers list. */
export interface StringsPage {
    suppliers: Supplier[];
}

/** Suppliers and their lists. */
export interface SuppliersPage {
    suppliers: Supplier[];
    /** Of a supplier that is new. */
    usual: { currency: string; lead_days: number };
}

/** Which instrument is tuned, and with what on it. */
export interface TuneDoorPage {
    instruments: Tunable[];
}

/** An instrument brought from where its strings stand to a tuning. */
export interface TunePage {
    set: { id: number; name: string; instrument: string; instrumentId: number };
    document: SetDocument;
    tuning: number;
    /** The names of the tunings that the set has. */
    kept: string[];
    /** The tuning that its strings stand in; null where nothing is known of it. */
    from: number | null;
    strings: TunedString[];
    /** Every tuning of the set with what its strings sound, hertz. */
    tunings: { name: string; hz: number[] }[];
    /** In which strings may be tuned. */
    orders: { value: string; label: string; positions: number[] }[];
    /** Which it is by its school. */
    order: string;
    /** The job whose strings these are: what is heard of them is kept with it. */
    job: { id: number; round: number; tuned: boolean; seated: boolean } | null;
    floats: boolean;
}

/** The schools that the workshop goes by. */
export interface WaysPage {
    schools: School[];
    /** Who has a way of their own. */
    owners: string[];
}

/** What is due. */
export interface WeekPage {
    due: Due[];
    /** So far ahead it is looked. */
    weeks: number;
    /** A date, ISO 8601. */
    today: string;
    /** Where calendars can read it. */
    feed: string;
    /** How many there are. */
    instruments: number;
}

/** What the words mean. */
export interface WordsPage {
    /** Meanings by their words, group by group. */
    groups: Record<string, Record<string, string>>;
}

/** What this workshop is called and takes as usual. */
export interface WorkshopPage {
    settings: { name: string; address: string; currency: string; lead_days: number; finger_mm: number | null; revision: number };
    /** What turns that were counted say of the fingers here. */
    learned: { mm: number; strings: number } | null;
}

/** A year of the workshop. */
export interface YearsPage {
    /** The last first. */
    years: number[];
    year: WorkshopYear | null;
    instruments: { id: number; name: string }[];
    tables: { name: string; says: string }[];
}
