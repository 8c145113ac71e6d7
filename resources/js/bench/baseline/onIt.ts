import type { Baseline } from '../../generated/formats';

/** What is on the set's instrument now: what the last finished job put there. */
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
