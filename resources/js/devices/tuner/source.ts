/** One reading of a sounding string. */
export interface Reading {
    hz: number;
    /** 0 to 1; from `CERTAIN` on it counts. */
    certainty: number;
    /** When, milliseconds of the page's clock. */
    at: number;
}

/** Whatever hears strings: a stream of readings, null where nothing sounds. */
export interface TunerSource {
    start: (hear: (reading: Reading | null) => void) => Promise<void>;
    stop: () => void;
}
