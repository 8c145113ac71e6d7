import { useOwnTools, type Source } from '../devices/own';
import { useMemo, useReducer, useState } from 'react';
import { microphone } from '../devices/tuner/microphone';
import type { Practice, Retuning } from '../generated/formats';
import { ask } from '../server/api';
import { useAct } from '../server/useAct';
import { useAsked } from '../server/useAsked';
import { pitchLabel } from '../units/pitch';
import { formatGauge } from '../units/units';
import { useUnits } from '../units/useUnits';
import { fieldClass } from '../ui/classes';
import { toast } from '../ui/toasts';
import { TypedInput } from '../ui/TypedInput';
import { CentsLanes } from './CentsLanes';
import { centsOf, typedCents } from '../units/cents';
import { listenedFor } from './heard';
import { PracticeSettling } from './PracticeSettling';
import { passesWords, shownCents } from './rounds';
import { isKnown, roundsAfter, startOf, TOLERANCE, worstOf, type Standing } from './round';
import { firstSource } from './sources';
import { StringTurn } from './StringTurn';
import { TuneOptions } from './TuneOptions';
import { useEar } from './useEar';
import { HowItGives } from './HowItGives';
import { LeftAlone } from './LeftAlone';
import { RoundStart } from './RoundStart';
import { useDrifts } from './useDrifts';
import { usePlucked } from './usePlucked';
import { usePractice } from './usePractice';
import { usePracticeSettling } from './usePracticeSettling';
import { readSigned } from '../units/typed';
import { instrumentsCompliance } from '../generated/addresses/instruments';
import { apiRetunings } from '../generated/addresses/places';
import type { TunePage as TuningKnown } from '../generated/pages';

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
    const practice = usePractice(document, tuning, seed);
    const plucked = usePlucked(document, tuning, practice);
    const settles = usePracticeSettling(document, tuning, practice.act);
    const { act, busy, problem } = useAct();
    const drifts = useDrifts(job, source !== 'practice', present, act);

    const order = (orders.find(({ value }) => value === orderBy)?.positions ?? []).filter((each) => !left.has(each));
    const off = readSigned(offset) ?? 0;
    const asking = round?.start ?? present;
    // A round goes on by what was known when it began: what is learned meanwhile is for the next.
    const { observations: observed, rounds: readRounds } = round?.by ?? read;
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
        plucked.end();
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
    const begin = () => {
        go({ do: 'begin', planned: retuning?.compliance_um_per_n ?? 0 });
        if (!drifts.kept) {
            drifts.keep();
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
    const keep = () =>
        act(async () => {
            await ask(instrumentsCompliance(set.instrumentId), {
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
                values={{ orderBy, seed, offset, a4, ceiling, rested: drifts.rested }}
                keepsDrifts={drifts.keeps}
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
                        drifts.setRested(changed.rested);
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
                <LeftAlone
                    positions={strings.map((string) => string.position)}
                    left={left}
                    mayStay={known && !landed && mayStay.length < order.length ? mayStay : []}
                    after={retuning?.after ?? []}
                    onLeave={(each, alone) => go({ do: 'leave', position: each, alone })}
                />
            )}
            <section aria-label="This round" className="mt-5 border-t border-ink pt-4">
                {round === null ? (
                    <RoundStart
                        source={source}
                        learning={learning === null ? null : (order[0] ?? null)}
                        known={known}
                        landed={landed}
                        someLeft={left.size > 0}
                        worst={worst}
                        passes={passesWords(retuning, floats)}
                        live={source === 'microphone' && ear.listening ? live : null}
                        offCents={off}
                        busy={busy}
                        ready={known && !landed && order.length > 0}
                        onStrum={strum}
                        onLearn={known && !landed && (retuning?.observations_counted ?? 0) === 0 ? learnFirst : null}
                        onKeep={landed && drifts.keeps ? { keep: drifts.keep, kept: drifts.kept } : null}
                        onBegin={begin}
                    />
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
                            around={plucked.around}
                            onAround={plucked.setAround}
                            source={source}
                            offCents={off}
                            busy={busy}
                            onTurn={turn}
                            onPluck={() => act(() => plucked.pluck(position, ear.open))}
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
                <HowItGives
                    retuning={retuning}
                    floats={floats}
                    instrument={set.instrument}
                    busy={busy}
                    onKeep={learned && source !== 'practice' ? keep : null}
                    practice={source === 'practice' ? { reveal: () => practice.read(true), settling: settles.settling } : null}
                />
            )}
        </div>
    );
}
