import type { Hearing, Listened } from './listened';

/** Whatever hears strings: a stream of what is heard, look by look. */
export interface TunerSource {
    start: (hear: (hearing: Hearing) => void) => Promise<void>;
    /** What may sound from now on; `wanted` is the string whose turn it is. */
    listenFor: (strings: readonly Listened[], wanted: number | null) => void;
    stop: () => void;
}
