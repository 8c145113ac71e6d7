import { useOwnTools, type Source } from '../devices/own';
import { useMemo, useReducer, useRef, useState } from 'react';
import type { Around } from '../devices/tuner/around';
import type { Listened } from '../devices/tuner/listened';
import { microphone } from '../devices/tuner/microphone';
import { simulatedSound, type SimulatedSound } from '../devices/tuner/simulated';
import type { Practice, Retuning, SetDocument, Sound } from '../generated/formats';
import { recordIn } from '../events/recordIn';
import { ask } from '../server/api';
import { useAct } from '../server/useAct';
import { useAsked } from '../server/useAsked';
import { pitchLabel } from '../units/pitch';
import { fixed } from '../units/figures';
import { formatGauge, formatGive } from '../units/units';
import { useUnits } from '../units/useUnits';
import { Button } from '../ui/Button';
import { fieldClass } from '../ui/classes';
import { tellFailure, toast } from '../ui/toasts';
import { TypedInput } from '../ui/TypedInput';
import { CentsLanes } from './CentsLanes';
import { centsOf, typedCents } from '../units/cents';
import { centsWords, hearingWords, isOdd, listenedFor } from './heard';
import { PracticeSettling } from './PracticeSettling';
import { Revealed } from './Revealed';
import { givesWords, passesWords, settledWords, shownCents, withoutWords } from './rounds';
import { isKnown, roundsAfter, startOf, TOLERANCE, worstOf, type Standing } from './round';
import { firstSource } from './sources';
import { StringTurn } from './StringTurn';
import { TuneOptions } from './TuneOptions';
import { useEar } from './useEar';
import { usePractice } from './usePractice';
import { usePracticeSettling } from './usePracticeSettling';
import { readSigned } from '../units/typed';

/** What is known of a set on its instrument, to tune it. */
export interface TuningKnown {
    set: { id: number; name: string; instrument: string; instrumentId: number };
    document: SetDocument;
    tuning: number;
    strings: {
        position: number;
        pitch: string;
        hz: number;
        gauge_in: number;
        /** How stiff it is, as its inharmonicity; null where that is not known. */
        stiffness: Listened['stiffness'] | null;
    }[];
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

const CEILING = 100;
/** How far readings spread that were heard here, and such as somebody read off another tuner. */
const HEARD_SD_CENTS = 0.5;
const TYPED_SD_CENTS = 2;

const standingOf = (read: Practice): Standing => read.strings.map(({ cents }) => cents);

/** Where strings stand that were tuned to something else, cents; not known where that is not. */
function standsIn(hz: number[] | undefined, strings: { hz: number }[]): Standing {
    return strings.map((string, index) => (hz?.[index] === undefined ? null : centsOf(hz[index], string.hz)));
}

/** A set brought to its tuning in one pass: where each string stands, where to leave it in its turn, so that all land together. */
export function Tuning({
    set,
    document: designed,
    tuning,
    strings: tuned,
    floats,
    orders,
    order: usualOrder,
    kept: keptNames,
    from,
    job,
    tunings,
}: TuningKnown) {
    const units = useUnits();
    const [source, setSource] = useState<Source>(firstSource);
    const [seed, setSeed] = useState(1);
    const [orderBy, setOrderBy] = useState(usualOrder);
    const [ceiling, setCeiling] = useState(true);
    const [offset, setOffset] = useState(() => useOwnTools.getState().offset);
    const usualA4 = designed.tunings[tuning]?.a4_hz ?? 440;
    const [a4, setA4] = useState(usualA4);
    // Tuned to another reference, all of it stands so much higher or lower.
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
    const [state, go] = useReducer(roundsAfter, null, () =>
        startOf(standsIn(from === null || source === 'practice' ? undefined : tunings[from]?.hz, tuned)),
    );
    const { present, earlier, left, round, learning, read } = state;
    const [kept, setKept] = useState<Standing | null>(null);
    const [rounds, setRounds] = useState(job?.round ?? 1);
    const [rested, setRested] = useState(job?.seated ?? false);
    const sound = useRef<SimulatedSound | null>(null);
    const [around, setAround] = useState<Around>('quiet');
    const practice = usePractice(document, tuning, seed);
    const settles = usePracticeSettling(document, tuning, practice.act);
    const { act, busy, problem } = useAct();

    const order = (orders.find(({ value }) => value === orderBy)?.positions ?? []).filter((each) => !left.has(each));
    const off = readSigned(offset) ?? 0;
    const asking = round?.start ?? present;
    // A round goes on by what was known when it began: what is learned meanwhile is for the next.
    const { observations: observed, rounds: readRounds } = round?.by ?? read;
    const { data: retuning, isPlaceholderData: isOlder } = useAsked<Retuning>(
        '/api/v1/retunings',
        asking.some((cents) => cents === null)
            ? null
            : JSON.stringify({
                  set: document,
                  tuning,
                  present_cents: asking,
                  order,
                  ceiling_cents: ceiling ? CEILING : null,
                  tolerance_cents: TOLERANCE,
                  ...(observed.length > 0 ? { observations: observed } : {}),
                  ...(readRounds.length > 0 ? { rounds: readRounds } : {}),
                  reading_sd_cents: source === 'typed' ? TYPED_SD_CENTS : HEARD_SD_CENTS,
              }),
    );
    const mayStay = retuning?.may_stay ?? [];
    const steps = round === null ? [] : (retuning?.steps ?? []);
    const position = round === null ? null : (order[round.at] ?? null);
    const step = steps.find((each) => each.position === position);
    const now = position === null ? null : (present[position - 1] ?? null);
    const [known, worst] = [isKnown(state), worstOf(state)];
    const landed = known && round === null && !isOlder && retuning?.landed === true;
    const learned = retuning?.learned === true;
    const may = round === null && known && !landed && !isOlder ? (retuning?.left ?? []) : [];

    const hear = (at: number, cents: number) => go({ do: 'hear', position: at, cents, first: order[0] });
    /** What is heard goes to the string that is tuned, or to the one that it must be. */
    const ear = useEar(
        strings.map((string, index) => listenedFor(string, present[index] ?? null)),
        position,
        ({ position: at, cents }) => {
            // In its turn only that string counts: another is said, not written down.
            if (source !== 'practice' && (position === null || position === at)) {
                hear(at, cents - off);
            }
        },
    );
    const take = (read: Practice) => {
        go({ do: 'stand', present: standingOf(read) });
    };
    const strum = () => act(async () => take(await practice.read()));

    const { live } = ear;
    const choose = (chosen: string) => {
        ear.close();
        sound.current = null;
        setSource(chosen as Source);
        go({ do: 'anew' });
        settles.forget();
        if (chosen === 'microphone') {
            void ear.open(microphone());
        }
    };
    const next = () => {
        if (round === null || position === null) {
            return;
        }
        const over = round.at + 1 >= order.length;
        go({ do: 'next', of: order.length, known: source === 'practice', position, cents: step?.target_cents ?? 0 });
        if (over && source === 'practice') {
            strum();
        }
    };
    const keepsDrifts = job?.tuned === true && source !== 'practice';
    /** What new strings had drifted by before they are tuned again tells when they hold. */
    const keepDrifts = () => {
        if (job === null || !keepsDrifts) {
            return;
        }
        const cents = [...present];
        act(async () => {
            const { id, sent } = await recordIn(job.id, 'drifted', { cents, rested });
            const where = sent ? 'Kept with the job' : 'Kept on this device for the job, until Lira answers';
            toast(rested ? `${where}: what it drifted by.` : `${where} as round ${rounds}.`, {
                action: { label: 'Undo', run: () => void recordIn(job.id, 'undone', { event: id }).catch(tellFailure) },
            });
            setKept(present);
            setRounds(rested ? rounds : rounds + 1);
        });
    };
    const begin = () => {
        go({ do: 'begin', planned: retuning?.compliance_um_per_n ?? 0 });
        if (kept !== present) {
            keepDrifts();
        }
    };
    const turn = (by: { turns: number } | { cents: number }) => {
        if (position === null) {
            return;
        }
        act(async () => {
            const read =
                'turns' in by
                    ? await practice.act({ do: 'turn', position, turns: by.turns })
                    : await practice.act({ do: 'tune', position, cents: by.cents });
            go({ do: 'turned', position, after: standingOf(read) });
        });
    };
    const learnFirst = () => {
        const [first] = order;
        if (first === undefined || !known) {
            return;
        }
        if (source !== 'practice') {
            go({ do: 'learn' });
            return;
        }
        act(async () => {
            const read = await practice.act({ do: 'tune', position: first, cents: (present[first - 1] ?? 0) - 100 });
            go({ do: 'turned', position: first, after: standingOf(read) });
        });
    };
    const pluck = () =>
        act(async () => {
            const playing = sound.current ?? (await ear.open(simulatedSound()));
            playing?.stand(around);
            sound.current = playing;
            const at = position ?? order[0] ?? 1;
            const answer = await ask<Sound>('/api/v1/sounds', { method: 'POST', body: document });
            const tone = answer.strings.find((each) => each.position === at)?.tunings[tuning];
            const read = practice.practice ?? (await practice.read());
            const cents = read.strings.find((each) => each.position === at)?.cents ?? 0;
            const ringing = answer.strings.flatMap((each) =>
                Math.abs(each.position - at) === 1 && each.tunings[tuning] !== undefined ? [each.tunings[tuning]] : [],
            );
            if (tone !== undefined) {
                playing?.pluck(tone, 2 ** (cents / 1200), ringing);
            }
        });
    const keep = () =>
        act(async () => {
            await ask(`/instruments/${set.instrumentId}/compliance`, {
                method: 'PUT',
                body: { um_per_n: retuning?.compliance_um_per_n, error_um_per_n: retuning?.standard_error_um_per_n },
            });
            toast(`Kept with ${set.instrument}: rounds land nearer from now on.`);
        });
    const typedField = (at: number) => {
        const string = strings[at - 1];
        return (
            string !== undefined && (
                <TypedInput
                    className={`${fieldClass} text-right text-lg`}
                    aria-label={`${at}, ${pitchLabel(string.pitch)}`}
                    placeholder="−12 or 81.6 Hz"
                    shown={shownCents(present[at - 1] ?? null)}
                    onTake={(typed) => {
                        const cents = typedCents(typed, string.hz);
                        if (cents !== null) {
                            hear(at, cents - off);
                        }
                    }}
                />
            )
        );
    };
    return (
        <div className="min-w-0">
            <TuneOptions
                set={set}
                orders={orders}
                designed={designed}
                tuning={tuning}
                tunings={tunings}
                kept={keptNames}
                from={from}
                source={source}
                busy={round !== null}
                values={{ orderBy, seed, offset, a4, ceiling, rested }}
                keepsDrifts={keepsDrifts}
                onSource={choose}
                onChange={({ a4: reference, ...changed }) => {
                    if (changed.orderBy !== undefined) {
                        setOrderBy(changed.orderBy);
                    }
                    if (changed.offset !== undefined) {
                        setOffset(changed.offset);
                    }
                    if (changed.ceiling !== undefined) {
                        setCeiling(changed.ceiling);
                    }
                    if (changed.rested !== undefined) {
                        setRested(changed.rested);
                    }
                    if (changed.seed !== undefined) {
                        setSeed(changed.seed);
                        choose('practice');
                    }
                    if (reference !== undefined) {
                        setA4(reference);
                        go({
                            do: 'stand',
                            present: present.map((cents) => (cents === null ? null : cents + centsOf(a4, reference))),
                        });
                    }
                }}
                onStandsIn={(index) => go({ do: 'stand', present: standsIn(tunings[index]?.hz, strings) })}
            />
            {(ear.problem ?? problem) != null && (
                <p role="alert" className="mt-3 border-l-4 border-l-stop pl-3 text-stop">
                    {ear.problem ?? problem}
                </p>
            )}
            <div className="mt-5">
                <CentsLanes
                    strings={strings.map((string) => ({ ...string, gauge: formatGauge(string.gauge_in, units) }))}
                    present={present}
                    earlier={earlier}
                    steps={steps}
                    may={may}
                    current={position}
                    tolerance={TOLERANCE}
                    onChoose={(chosen) => go({ do: 'choose', at: order.indexOf(chosen) })}
                    {...(source === 'typed' && round === null ? { field: typedField } : {})}
                />
                <p className="mt-2 text-sm text-ink-soft">
                    Filled: where it is. Between the notches: in tune, within {TOLERANCE} cents. Triangle: where to leave it in
                    this round, so that the strings still to come pull it to its pitch.
                    {may.length > 0 && ' Bar: where this round may leave it, at the furthest.'} Grey: earlier rounds.
                </p>
            </div>
            {round === null && (
                <fieldset className="mt-3 flex flex-wrap items-center gap-x-4 gap-y-1">
                    <legend className="float-left mr-3 text-sm text-ink-soft">Left alone</legend>
                    {strings.map(({ position: each }) => (
                        <label key={each} className="flex min-h-target items-center gap-1.5">
                            <input
                                type="checkbox"
                                aria-label={`Leave string ${each} alone`}
                                checked={left.has(each)}
                                onChange={(event) => go({ do: 'leave', position: each, alone: event.target.checked })}
                            />
                            {each}
                        </label>
                    ))}
                    {known && !landed && mayStay.length > 0 && mayStay.length < order.length && (
                        <Button
                            look="quiet"
                            onClick={() => mayStay.forEach((each) => go({ do: 'leave', position: each, alone: true }))}
                        >
                            {mayStay.length === 1
                                ? `String ${mayStay[0]} may be left alone: it will stay`
                                : `Strings ${mayStay.join(', ')} may be left alone: they will stay`}{' '}
                            within {TOLERANCE} cents
                        </Button>
                    )}
                    {left.size > 0 && retuning !== undefined && (
                        <span className="text-sm text-ink-soft">
                            {retuning.after
                                .filter(({ position: each }) => left.has(each))
                                .map(({ position: each, cents }) => `string ${each} will end at ${centsWords(cents)}`)
                                .join(', ')}
                        </span>
                    )}
                </fieldset>
            )}
            <section aria-label="This round" className="mt-5 border-t border-ink pt-4">
                {round === null ? (
                    <div className="flex flex-wrap items-center gap-x-5 gap-y-3">
                        <p className="min-w-0 flex-1 basis-80 text-xl" aria-live="polite">
                            {learning !== null
                                ? `Turn string ${order[0]} down by about a semitone, then let all be heard again.`
                                : landed
                                  ? `All${left.size > 0 ? ' that are not left alone' : ''} stand within ${TOLERANCE} cents: nothing is left to do.`
                                  : known
                                    ? `The furthest is ${fixed(worst, 0)} cents away. ${passesWords(retuning, floats)}`
                                    : source === 'practice'
                                      ? 'This is practice, and nothing of it is kept. Strum it, to hear where it stands.'
                                      : source === 'microphone'
                                        ? 'Pluck one string after the other: each is known by itself.'
                                        : 'Type where each string stands.'}
                        </p>
                        {source === 'microphone' && ear.listening && (
                            <p
                                role="status"
                                className={
                                    isOdd(live, null)
                                        ? 'basis-full text-lg font-semibold text-caution'
                                        : 'basis-full text-lg text-ink-soft'
                                }
                            >
                                {hearingWords(
                                    live,
                                    (string) =>
                                        `String ${string.position}: ${centsWords(string.cents - off)} cents${string.sure ? '' : ', not sure yet'}.`,
                                )}
                            </p>
                        )}
                        {source === 'practice' && (
                            <Button large onClick={strum} disabled={busy}>
                                Strum: hear all
                            </Button>
                        )}
                        {known && !landed && (retuning?.observations_counted ?? 0) === 0 && (
                            <Button large onClick={learnFirst} disabled={busy}>
                                Learn how it gives first
                            </Button>
                        )}
                        {landed && keepsDrifts && (
                            <Button large disabled={busy || kept === present} onClick={keepDrifts}>
                                Keep that with the job
                            </Button>
                        )}
                        <Button large look="strong" disabled={!known || landed || busy || order.length === 0} onClick={begin}>
                            Begin the round
                        </Button>
                    </div>
                ) : (
                    step !== undefined &&
                    position !== null && (
                        <StringTurn
                            step={step}
                            string={strings[position - 1] ?? { pitch: '', hz: 1 }}
                            now={now}
                            untouched={now === round.start[position - 1]}
                            toCome={order.slice(round.at + 1)}
                            heard={source === 'microphone' || ear.listening ? live : null}
                            around={around}
                            onAround={(chosen) => {
                                setAround(chosen);
                                sound.current?.stand(chosen);
                            }}
                            source={source}
                            offCents={off}
                            busy={busy}
                            onTurn={turn}
                            onPluck={pluck}
                            onTyped={(cents) => hear(position, cents - off)}
                            onNext={next}
                        />
                    )
                )}
            </section>
            {source === 'practice' && round === null && (landed || settles.found.length > 0) && (
                <PracticeSettling
                    strings={strings}
                    found={settles.found}
                    settling={settles.settling}
                    busy={busy}
                    onDrift={(seconds) => act(async () => take(await settles.drift(present, seconds)))}
                />
            )}
            {retuning !== undefined && (
                <section aria-label="How it gives" className="mt-6 max-w-3xl text-ink-soft">
                    <p>
                        {floats ? 'Its bridge floats. ' : ''}
                        As one string is tuned, neck and bridge give a little and the others fall: by{' '}
                        {formatGive(retuning.compliance_um_per_n, units)}, {givesWords(retuning, learned)}{' '}
                        {withoutWords(retuning)}
                    </p>
                    <p className="mt-2 flex flex-wrap gap-2">
                        {learned && source !== 'practice' && (
                            <Button onClick={keep} disabled={busy}>
                                Keep that with {set.instrument}
                            </Button>
                        )}
                    </p>
                    {source === 'practice' && (
                        <Revealed ask={() => practice.read(true)}>
                            {(hidden) =>
                                `It gave ${formatGive(hidden.compliance_um_per_n, units)}; taken was ${formatGive(retuning.compliance_um_per_n, units)}.${settledWords(hidden, settles.settling)}`
                            }
                        </Revealed>
                    )}
                </section>
            )}
        </div>
    );
}
