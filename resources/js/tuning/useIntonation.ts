import { useRef, useState } from 'react';
import type { Source } from '../devices/own';
import { microphone } from '../devices/tuner/microphone';
import { apiIntonations } from '../generated/addresses/places';
import { setsSaddles } from '../generated/addresses/sets';
import type { IntonationAnswer } from '../generated/formats';
import type { IntonatePage } from '../generated/pages';
import { ask } from '../server/api';
import { withAsked } from '../server/asked';
import { useAct } from '../server/useAct';
import { useAsked } from '../server/useAsked';
import { listenedFor, stoppedAt } from '../devices/tuner/heard';
import { FRET, heardIn, movedBy, readingOf, TIMES, unreadOf, type Read } from './reads';
import { firstSource } from './sources';
import { useEar } from '../devices/tuner/useEar';
import { usePractice } from './usePractice';

const ONE_PLUCK_MS = 2000;

/** What was read of each string, by typing or by ear. */
function useReads(strings: IntonatePage['strings']) {
    const [source, setSource] = useState<Source>(firstSource);
    const [current, setCurrent] = useState(strings.length);
    const [reads, setReads] = useState<Read[]>(() => unreadOf(strings, firstSource()));
    const [listening, setListening] = useState<'open' | 'stopped'>('open');
    const [kept, setKept] = useState(false);
    const change = (position: number, changed: Partial<Read>) => {
        setKept(false);
        setReads((all) => all.map((read, index) => (index === position - 1 ? { ...read, ...changed } : read)));
    };
    const heardAt = useRef(0);
    // Stopped, a string sounds as its own harmonic would: only what is listened for may sound.
    const ear = useEar(
        strings.map((each) => (listening === 'stopped' ? stoppedAt(each, FRET) : listenedFor(each, null))),
        current,
        ({ position, hz }) => {
            const read = reads[current - 1];
            // One pluck is one reading, however long it rings.
            const again = performance.now() - heardAt.current > ONE_PLUCK_MS;
            if (read === undefined || position !== current || !again) {
                return;
            }
            if (listening === 'open') {
                change(current, { open: hz });
            } else if (read.stopped.length < TIMES) {
                heardAt.current = performance.now();
                change(current, { stopped: [...read.stopped, hz] });
            }
        },
    );
    const choose = (chosen: Source) => {
        ear.close();
        setSource(chosen);
        setReads(unreadOf(strings, chosen));
        if (chosen === 'microphone') {
            void ear.open(microphone());
        }
    };
    return { source, choose, current, setCurrent, reads, setReads, change, listening, setListening, kept, setKept, ear };
}

/** What the core makes of the readings: where each saddle belongs, or all of a bridge in one piece. */
function useAnswers({ document, tuning, screw_mm: screw }: IntonatePage, saddles: IntonatePage['saddles'], reads: Read[]) {
    const readings = reads.flatMap((read, index) => readingOf(index + 1, read) ?? []);
    const { data, error } = useAsked<IntonationAnswer>(
        apiIntonations,
        readings.length === 0
            ? null
            : JSON.stringify({ set: document, tuning, saddles, readings, ...(screw === null ? {} : { thread_pitch_mm: screw }) }),
    );
    const answerOf = (position: number) =>
        readings.some((reading) => reading.position === position)
            ? data?.strings.find((string) => string.position === position)
            : undefined;
    const bridge = data?.bridge ?? null;
    const underOf = (position: number) => bridge?.strings.find((under) => under.position === position)?.move_mm ?? null;
    return {
        readings,
        error,
        bridge,
        answerOf,
        moveOf: (position: number) => (saddles === 'each' ? (answerOf(position)?.move_mm ?? null) : underOf(position)),
        // Only a saddle that was measured and stands right tells of the next ones; of one piece all stand as right as they can.
        right: readings.filter(({ position }) => {
            const each = answerOf(position);
            const stands =
                saddles === 'each' ? each !== undefined && !each.worth_it : saddles === 'fixed' || bridge?.worth_it === false;
            return reads[position - 1]?.measured === true && stands;
        }),
    };
}

/** Saddles on their way to where they belong: what is read, what it comes to, what is moved and kept. */
export function useIntonation(known: IntonatePage, onKept: () => void) {
    const { set, document, tuning, strings } = known;
    const heard = useReads(strings);
    const { source, current, reads, setReads, setKept } = heard;
    const [saddles, setSaddles] = useState(known.saddles);
    const practice = usePractice(document, tuning, 1);
    const { act, busy, problem } = useAct();
    const answers = useAnswers(known, saddles, reads);
    const { readings, answerOf, moveOf, right } = answers;
    const keep = () =>
        act(async () => {
            const found: Record<string, number> = {};
            const led: Record<string, Record<string, number | null>> = {};
            for (const { position, nut_to_saddle_mm: at } of right) {
                const left = answerOf(position)?.error_cents ?? null;
                found[position] = at - (strings[position - 1]?.scale_mm ?? at);
                led[position] = {
                    moved_mm: reads[position - 1]?.movedMm ?? 0,
                    found_cents: reads[position - 1]?.foundCents ?? left,
                    left_cents: left,
                };
            }
            await ask(withAsked(setsSaddles(set.id), { tuning }), { method: 'PUT', body: { setback_mm: found, readings: led } });
            setKept(true);
            onKept();
        });
    /** Moves the saddle of this string, or all of a bridge in one piece; what is simulated is heard again at once. */
    const move = () => {
        const moving = saddles === 'each' ? [current] : strings.map(({ position }) => position);
        const after = reads.map((each, index) => {
            const mm = moving.includes(index + 1) ? moveOf(index + 1) : null;
            return mm === null ? each : movedBy(each, mm, answerOf(index + 1)?.error_cents ?? null);
        });
        setKept(false);
        if (source !== 'practice') {
            setReads(after);
            return;
        }
        act(async () => {
            const actions = moving.map((position) => ({ do: 'saddle' as const, position, mm: moveOf(position) ?? 0 }));
            const answered = await practice.act(...actions);
            const was = new Set(readings.map(({ position }) => position));
            const anew = (position: number) => moving.includes(position) && was.has(position);
            setReads(after.map((each, index) => (anew(index + 1) ? heardIn(answered, index, each) : each)));
        });
    };
    /** All strings of the simulated instrument are played. */
    const play = () =>
        act(async () => {
            const answered = await practice.read();
            setReads((all) => all.map((each, index) => heardIn(answered, index, each)));
        });
    return { ...heard, ...answers, saddles, setSaddles, practice, busy, problem, keep, move, play };
}

export type IntonationNow = ReturnType<typeof useIntonation>;
