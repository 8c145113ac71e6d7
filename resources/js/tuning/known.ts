import type { Listened } from '../devices/tuner/listened';
import type { SetDocument } from '../generated/formats';

/** A set on its instrument. */
export interface SetKnown {
    set: { id: number; name: string; instrument: string; instrumentId: number };
    document: SetDocument;
    tuning: number;
}

/** One of its strings, as it is listened for. */
export interface StringKnown {
    position: number;
    pitch: string;
    hz: number;
    /** How stiff it is, as its inharmonicity; null where that is not known. */
    stiffness: Listened['stiffness'] | null;
}

/** What is known of a set on its instrument, to tune it. */
export interface TuningKnown extends SetKnown {
    strings: (StringKnown & { gauge_in: number })[];
    floats: boolean;
    /** In which strings may be tuned, and which it is by its school. */
    orders: { value: string; label: string; positions: number[] }[];
    order: string;
    /** The names of the tunings that the set has. */
    kept: string[];
    /** The tuning that its strings stand in; null where nothing is known of it. */
    from: number | null;
    /** The job whose strings these are: what is heard of them is kept with it. */
    job: { id: number; round: number; tuned: boolean; seated: boolean } | null;
    /** Every tuning of the set with what its strings sound, hertz. */
    tunings: { name: string; hz: number[] }[];
}
