import { router } from '@inertiajs/react';
import { useRef, useState } from 'react';
import { microphone } from '../devices/tuner/microphone';
import type { IntonationAnswer, Practice } from '../generated/formats';
import { ask } from '../server/api';
import { useAct } from '../server/useAct';
import { useAsked } from '../server/useAsked';
import { useClock } from '../server/useClock';
import { momentWords } from '../units/times';
import { fineLength, lengthFigure } from '../units/units';
import { useUnits } from '../units/useUnits';
import { Button } from '../ui/Button';
import { Field } from '../ui/Field';
import { Select } from '../ui/Select';
import { BridgePanel } from './BridgePanel';
import { EarlierMoves } from './EarlierMoves';
import { listenedFor, stoppedAtTwelfth } from './heard';
import { FRET, movedBy, type Read, readingOf, TIMES, unread } from './reads';
import { Revealed } from './Revealed';
import { SaddleAnswer } from './SaddleAnswer';
import { SaddleReading } from './SaddleReading';
import { SaddleLanes } from './SaddleLanes';
import { SOURCES, type Source } from '../devices/own';
import { firstSource } from './sources';
import { useEar } from './useEar';
import { usePractice } from './usePractice';
import { apiIntonations } from '../generated/addresses/places';
import { setsSaddles } from '../generated/addresses/sets';
import { withAsked } from '../server/asked';
import type { IntonatePage as IntonationKnown } from '../generated/pages';

const MINUTE_MS = 60_000;
const ONE_PLUCK_MS = 2000;
const MOVED = [
    { value: 'each', label: 'a saddle for each string' },
    { value: 'loose', label: 'a loose bridge, in one piece' },
    { value: 'fixed', label: 'nothing by hand: a glued bridge' },
] as const;

/** Each saddle moved once: open against the 12th fret, and from that how far, which way, how many turns of its screw. */
export function Intonation({
    set,
    document,
    tuning,
    strings,
    learned,
    screw_mm: screw,
    saddles: usual,
    job,
    earlier,
    onKept = () => router.reload({ only: ['earlier', 'learned'] }),
}: IntonationKnown & { onKept?: () => void }) {
    const units = useUnits();
    const [source, setSource] = useState<Source>(firstSource);
    const [current, setCurrent] = useState(strings.length);
    const [reads, setReads] = useState<Read[]>(() => unreadOf(strings, firstSource()));
    const [saddles, setSaddles] = useState(usual);
    const [listening, setListening] = useState<'open' | 'stopped'>('open');
    const practice = usePractice(document, tuning, 1);
    const clock = useClock(MINUTE_MS);
    const [kept, setKept] = useState(false);
    const { act, busy, problem } = useAct();
    const change = (position: number, changed: Partial<Read>) => {
        setKept(false);
        setReads((all) => all.map((read, index) => (index === position - 1 ? { ...read, ...changed } : read)));
    };
    const heardAt = useRef(0);
    // Stopped, a string sounds as its own harmonic would: only what is listened for may sound.
    const ear = useEar(
        strings.map((each) => (listening === 'stopped' ? stoppedAtTwelfth(each) : listenedFor(each, null))),
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
    const moveOf = (position: number) => (saddles === 'each' ? (answerOf(position)?.move_mm ?? null) : underOf(position));
    // Only a saddle that was measured and stands right tells of the next ones; of one piece all stand as right as they can.
    const right = readings.filter(({ position }) => {
        const each = answerOf(position);
        const stands =
            saddles === 'each' ? each !== undefined && !each.worth_it : saddles === 'fixed' || bridge?.worth_it === false;
        return reads[position - 1]?.measured === true && stands;
    });
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
    const string = strings[current - 1];
    const read = reads[current - 1];
    const answer = answerOf(current);
    // What was measured is how far it goes behind the scale length.
    const left = string?.travel_mm == null || read === undefined ? null : string.travel_mm - (read.nutToSaddle - string.scale_mm);
    const fret = FRET + (string?.starts_at_fret ?? 0);
    const hearPractice = (answered: Practice) => setReads((all) => all.map((each, index) => heardIn(answered, index, each)));
    /** Moves the saddle of this string, or all of a bridge in one piece; what is simulated is heard again at once. */
    const moved = () => {
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
            setReads(
                after.map((each, index) =>
                    moving.includes(index + 1) && was.has(index + 1) ? heardIn(answered, index, each) : each,
                ),
            );
        });
    };
    const choose = (chosen: string) => {
        ear.close();
        setSource(chosen as Source);
        setReads(unreadOf(strings, chosen as Source));
        if (chosen === 'microphone') {
            void ear.open(microphone());
        }
    };
    return (
        <div className="min-w-0">
            <p className="mt-3 max-w-prose text-ink-soft">
                Only once the strings hold.{' '}
                {saddles === 'each'
                    ? 'Slacken a string before its saddle’s screw is turned.'
                    : 'One piece: what is found is one place and one slant for all of it.'}{' '}
                Press as you play; the middle of three readings counts.
                {source === 'practice' && ' This is practice: nothing of it is kept.'}
            </p>
            {job !== null && source !== 'practice' && (job.holds_at === null || Date.parse(job.holds_at) > clock) && (
                <p className="mt-2 max-w-prose border-l-4 border-l-caution pl-3 text-caution">
                    {job.holds_at === null
                        ? 'Its new strings are not known to hold yet: the rounds in its job tell. What is read now will move.'
                        : `Its new strings hold ${momentWords(job.holds_at, clock)}. What is read before will move.`}
                </p>
            )}
            <div className="mt-4 flex flex-wrap gap-x-5 gap-y-3">
                <div className="w-72">
                    <Field label="Heard by">
                        <Select value={source} choices={SOURCES} onChange={choose} />
                    </Field>
                </div>
                <div className="w-72">
                    <Field label="What moves">
                        <Select
                            value={saddles}
                            choices={[...MOVED]}
                            onChange={(chosen) => setSaddles(chosen as typeof saddles)}
                        />
                    </Field>
                </div>
            </div>
            {(ear.problem ?? problem ?? error?.message) != null && (
                <p role="alert" className="mt-3 border-l-4 border-l-stop pl-3 text-stop">
                    {ear.problem ?? problem ?? error?.message}
                </p>
            )}
            <div className="mt-5">
                <SaddleLanes
                    strings={strings.map((each, index) => ({
                        position: each.position,
                        pitch: each.pitch,
                        low: each.setback_mm?.low ?? 0,
                        estimate: each.setback_mm?.estimate ?? 0,
                        high: each.setback_mm?.high ?? 0,
                        now: (reads[index]?.nutToSaddle ?? each.scale_mm) - each.scale_mm,
                        move: moveOf(each.position),
                        own: saddles === 'each' ? null : (answerOf(each.position)?.move_mm ?? null),
                        travel: each.travel_mm,
                    }))}
                    current={current}
                    onChoose={setCurrent}
                />
                <p className="mt-2 text-sm text-ink-soft">
                    Bar: where it stands. Shaded: where it was foretold. Triangle: where it belongs.
                    {saddles === 'each' ? ' Dashed: as far as it goes.' : ' Ring: where this string alone would have it.'}
                    {learned !== null &&
                        ` Of ${learned.strings} found before, saddles of this instrument stood ${Math.round(100 * learned.share)} % of the way into what was foretold.`}
                </p>
            </div>
            {source !== 'practice' && (right.length > 0 || kept) && (
                <p className="mt-3 flex flex-wrap items-center gap-3">
                    <Button disabled={busy || kept} onClick={keep}>
                        Keep where {right.length === 1 ? `saddle ${right[0]?.position} stands` : 'these saddles stand'}
                    </Button>
                    <span role="status" className="text-ink-soft">
                        {kept ? `Kept with ${set.name}: the next time starts from there.` : ''}
                    </span>
                </p>
            )}
            {string !== undefined && read !== undefined && (
                <section
                    aria-label={`String ${current}`}
                    className="mt-5 grid gap-x-8 gap-y-4 border-t border-ink pt-4 lg:grid-cols-[minmax(0,24rem)_minmax(0,1fr)]"
                >
                    <SaddleReading
                        key={current}
                        string={string}
                        read={read}
                        fret={fret}
                        source={source}
                        live={ear.live}
                        listening={listening}
                        onListen={setListening}
                        busy={busy}
                        onChange={(changed) => change(current, changed)}
                        onPlay={() => act(async () => hearPractice(await practice.read()))}
                    />
                    <div aria-live="polite">
                        <SaddleAnswer
                            pitch={string.pitch}
                            fret={fret}
                            answer={answer}
                            alone={saddles === 'each'}
                            left={left}
                            busy={busy}
                            onMoved={moved}
                        />
                        {bridge !== null && (
                            <BridgePanel
                                bridge={bridge}
                                loose={saddles === 'loose'}
                                read={readings.length}
                                strings={strings.length}
                                busy={busy}
                                onMoved={moved}
                            />
                        )}
                    </div>
                </section>
            )}
            {source === 'practice' && practice.practice !== null && (
                <Revealed ask={() => practice.read(true)}>
                    {(hidden) => {
                        const away = hidden.strings.map(({ position, setback_mm: mm }, index) => ({
                            position,
                            mm: (reads[index]?.nutToSaddle ?? 0) - (strings[index]?.scale_mm ?? 0) - mm,
                        }));
                        const worst = away.reduce((most, each) => (Math.abs(each.mm) > Math.abs(most.mm) ? each : most));
                        return `In tune its saddles stand ${hidden.strings.map(({ setback_mm: mm }) => lengthFigure(Number(mm.toFixed(2)), units)).join(', ')} ${units.length} behind the scale length, from string 1. Yours are within ${fineLength(Math.abs(worst.mm), units, 2)} of that, string ${worst.position} the furthest.`;
                    }}
                </Revealed>
            )}
            <EarlierMoves earlier={earlier} />
        </div>
    );
}

/** A real saddle is taken to stand where it was left, or foretold, until it is measured; a simulated one at the scale length. */
function unreadOf(strings: IntonationKnown['strings'], source: Source): Read[] {
    return strings.map(({ scale_mm: scale, setback_mm: setback, found_mm: found, expected_mm: expected }) =>
        source === 'practice'
            ? unread(scale, false)
            : unread(scale + (found ?? expected ?? setback?.estimate ?? 0), found !== null),
    );
}

/** A string of the simulated instrument, heard open and stopped. */
function heardIn({ strings }: Practice, index: number, read: Read): Read {
    const heard = strings[index];
    return heard === undefined
        ? read
        : { ...read, open: heard.hz, stopped: [heard.hz * 2 * 2 ** (heard.stopped_error_cents / 1200)] };
}
