import { useOwnTools, type Source } from '../devices/own';
import { CERTAIN } from '../devices/tuner/detector';
import type { Reading } from '../devices/tuner/source';

/** By what strings are heard at first: a simulated instrument where one came to practise, else what this device is said to have. */
export function firstSource(): Source {
    return new URLSearchParams(window.location.search).has('practice') ? 'practice' : useOwnTools.getState().source;
}

/** What sounds now, in `words` where it is sure of that. */
export function liveWords(live: Reading | null, words: (hz: number) => string): string {
    if (live === null) {
        return 'Nothing sounds.';
    }
    return live.certainty < CERTAIN ? 'Not sure.' : words(live.hz);
}
