import { useState } from 'react';
import type { Practice, SetDocument, SettlingAnswer } from '../generated/formats';
import { useAsked } from '../server/useAsked';
import type { PracticeAction } from './usePractice';
import type { Standing } from './round';
import { apiSettlings } from '../generated/addresses/places';

interface StringFound {
    position: number;
    drifts_cents: number[];
    readings: { tuned_s: number; read_s: number; cents: number }[];
}

/**
 * The settling of an instrument that is not there: what its strings drift by when they are stretched or left alone, and what the core
 * foretells from that.
 */
export function usePracticeSettling(set: SetDocument, tuning: number, act: (action: PracticeAction) => Promise<Practice>) {
    const [found, setFound] = useState<StringFound[]>([]);
    const [clock, setClock] = useState(0);
    const { data } = useAsked<SettlingAnswer>(
        apiSettlings,
        found.length === 0 ? null : JSON.stringify({ set, tuning, strings: found }),
    );
    /** Stretches all, or leaves them alone for so long; `before` is where they stood. */
    const drift = async (before: Standing, seconds: number | null): Promise<Practice> => {
        const answered = await act(seconds === null ? { do: 'pull' } : { do: 'wait', seconds });
        const later = clock + (seconds ?? 0);
        setFound((all) =>
            answered.strings.map(({ position, cents }, index) => {
                const known = all[index] ?? { position, drifts_cents: [], readings: [] };
                const by = cents - (before[index] ?? cents);
                return seconds === null
                    ? { ...known, drifts_cents: [...known.drifts_cents, by] }
                    : { ...known, readings: [...known.readings, { tuned_s: clock, read_s: later, cents: by }] };
            }),
        );
        setClock(later);
        return answered;
    };
    const forget = () => {
        setFound([]);
        setClock(0);
    };
    return { found, settling: found.length === 0 ? null : (data?.strings ?? null), drift, forget };
}
