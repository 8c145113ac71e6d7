import { useMemo, useReducer, useState } from 'react';
import { useOwnTools, type Source } from '../devices/own';
import { microphone } from '../devices/tuner/microphone';
import type { Practice, Retuning, SetDocument } from '../generated/formats';
import { apiRetunings } from '../generated/addresses/places';
import type { TunePage } from '../generated/pages';
import { useAct } from '../server/useAct';
import { useAsked } from '../server/useAsked';
import { centsOf } from '../units/cents';
import { readSigned } from '../units/typed';
import { listenedFor } from '../devices/tuner/heard';
import { isKnown, roundsAfter, startOf, TOLERANCE, worstOf, type Rounds, type Standing } from './round';
import { firstSource } from './sources';
import type { TuneValues } from './TuneOptions';
import { useDrifts } from './useDrifts';
import { useEar } from '../devices/tuner/useEar';
import { usePlucked } from './usePlucked';
import { usePractice } from './usePractice';
import { usePracticeSettling } from './usePracticeSettling';

const CEILING = 100;
/** How far readings spread that were heard here, and such as somebody read off another tuner. */
const HEARD_SD_CENTS = 0.5;
const TYPED_SD_CENTS = 2;

export const standingOf = (read: Practice): Standing => read.strings.map(({ cents }) => cents);

/** Where strings stand that were tuned to something else, cents; not known where that is not. */
export function standsIn(hz: number[] | undefined, strings: { hz: number }[]): Standing {
    return strings.map((string, index) => (hz?.[index] === undefined ? null : centsOf(hz[index], string.hz)));
}

/** Tuned to another reference, all of it stands so much higher or lower. */
function useReference({ document: designed, strings: tuned, tuning }: TunePage) {
    const usualA4 = designed.tunings[tuning]?.a4_hz ?? 440;
    const [a4, setA4] = useState(usualA4);
    const { document, strings } = useMemo(
        () => ({
            document: {
                ...designed,
                tunings: designed.tunings.map((each, index) => (index === tuning ? { ...each, a4_hz: a4 } : each)),
            },
            strings: tuned.map((string) => ({ ...string, hz: (string.hz * a4) / usualA4 })),
        }),
        [designed, tuned, tuning, a4, usualA4],
    );
    return { a4, setA4, document, strings };
}

interface Asking {
    document: SetDocument;
    tuning: number;
    state: Rounds;
    /** The strings that are tuned, in their order. */
    order: number[];
    ceiling: boolean;
    source: Source;
}

/** What the core makes of where all stand: where each is left in its turn, and whether they have landed. */
function useNextSteps({ document, tuning, state, order, ceiling, source }: Asking) {
    const { present, round, read } = state;
    const asking = round?.start ?? present;
    // A round goes on by what was known when it began: what is learned meanwhile is for the next.
    const { observations, rounds } = round?.by ?? read;
    const { data: retuning, isPlaceholderData: isOlder } = useAsked<Retuning>(
        apiRetunings,
        asking.some((cents) => cents === null)
            ? null
            : JSON.stringify({
                  set: document,
                  tuning,
                  present_cents: asking,
                  order,
                  ceiling_cents: ceiling ? CEILING : null,
                  tolerance_cents: TOLERANCE,
                  ...(observations.length > 0 ? { observations } : {}),
                  ...(rounds.length > 0 ? { rounds } : {}),
                  reading_sd_cents: source === 'typed' ? TYPED_SD_CENTS : HEARD_SD_CENTS,
              }),
    );
    const steps = round === null ? [] : (retuning?.steps ?? []);
    const position = round === null ? null : (order[round.at] ?? null);
    const known = isKnown(state);
    const landed = known && round === null && !isOlder && retuning?.landed === true;
    return {
        retuning,
        steps,
        position,
        step: steps.find((each) => each.position === position),
        known,
        worst: worstOf(state),
        landed,
        mayStay: retuning?.may_stay ?? [],
        may: round === null && known && !landed && !isOlder ? (retuning?.left ?? []) : [],
    };
}

/** A set on its way to a tuning: by what it is heard, where its strings stand, what comes next. */
export function useTuning(known: TunePage) {
    const { tuning, orders, from, job, tunings } = known;
    const [source, setSource] = useState<Source>(firstSource);
    const [values, setValues] = useState(() => ({
        orderBy: known.order,
        seed: 1,
        offset: useOwnTools.getState().offset,
        ceiling: true,
    }));
    const { a4, setA4, document, strings } = useReference(known);
    const [state, go] = useReducer(roundsAfter, null, () =>
        startOf(standsIn(from === null || source === 'practice' ? undefined : tunings[from]?.hz, known.strings)),
    );
    const { present, left } = state;
    const practice = usePractice(document, tuning, values.seed);
    const plucked = usePlucked(document, tuning, practice);
    const settles = usePracticeSettling(document, tuning, practice.act);
    const { act, busy, problem } = useAct();
    const drifts = useDrifts(job, source !== 'practice', present, act);
    const order = (orders.find(({ value }) => value === values.orderBy)?.positions ?? []).filter((each) => !left.has(each));
    const next = useNextSteps({ document, tuning, state, order, ceiling: values.ceiling, source });
    const off = readSigned(values.offset) ?? 0;
    const hear = (at: number, cents: number) => go({ do: 'hear', position: at, cents: cents - off, first: order[0] });
    /** What is heard goes to the string that is tuned, or to the one that it must be. */
    const ear = useEar(
        strings.map((string, index) => listenedFor(string, present[index] ?? null)),
        next.position,
        ({ position: at, cents }) => {
            // In its turn only that string counts: another is said, not written down.
            if (source !== 'practice' && (next.position === null || next.position === at)) {
                hear(at, cents);
            }
        },
    );
    const choose = (chosen: Source) => {
        ear.close();
        plucked.end();
        setSource(chosen);
        go({ do: 'anew' });
        settles.forget();
        if (chosen === 'microphone') {
            void ear.open(microphone());
        }
    };
    const change = ({ a4: reference, rested, ...changed }: Partial<TuneValues>) => {
        setValues((before) => ({ ...before, ...changed }));
        if (rested !== undefined) {
            drifts.setRested(rested);
        }
        if (changed.seed !== undefined) {
            choose('practice');
        }
        if (reference !== undefined) {
            setA4(reference);
            go({ do: 'stand', present: present.map((cents) => (cents === null ? null : cents + centsOf(a4, reference))) });
        }
    };
    const chosen: TuneValues = { ...values, a4, rested: drifts.rested };
    return {
        source,
        choose,
        chosen,
        change,
        state,
        go,
        strings,
        order,
        next,
        off,
        hear,
        ear,
        practice,
        plucked,
        settles,
        act,
        busy,
        problem,
        drifts,
    };
}

export type TuningNow = ReturnType<typeof useTuning>;
